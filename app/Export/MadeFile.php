<?php

declare(strict_types=1);

namespace App\Export;

use AllSquare\Core\Slice\Asset;

/** A file that was made, or taken over from an earlier archive. */
final readonly class MadeFile
{
    /**
     * @param  string  $name  in the archive
     * @param  string  $path  where it lies for now
     * @param  string  $fingerprint  of what it was made from: the same gives the same file
     * @param  bool  $isReused  taken over instead of painted
     */
    public function __construct(
        public string $name,
        public string $path,
        public int $bytes,
        public string $sha256,
        public string $fingerprint,
        public bool $isReused,
        public ?Asset $asset = null,
    ) {
    }

    public static function at(string $path, string $name, string $fingerprint, bool $isReused, ?Asset $asset = null): self
    {
        return new self($name, $path, (int) filesize($path), (string) hash_file('sha256', $path), $fingerprint, $isReused, $asset);
    }
}
