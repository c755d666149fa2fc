<?php

declare(strict_types=1);

namespace App\Export;

use AllSquare\Core\Refusal;

/** How much is exported at once. */
final readonly class ExportLimits
{
    public function __construct(private int $files, private int $megapixels)
    {
    }

    /**
     * @param  list<SliceFile>  $files
     *
     * @throws Refusal with the limit and with what was asked for
     */
    public function refuseMore(array $files): void
    {
        $pixels = array_sum(array_map(static fn (SliceFile $file): int => $file->pixels[0] * $file->pixels[1], $files));
        if (count($files) > $this->files) {
            throw Refusal::because(sprintf('At once, %d files are made at most; this would be %d. Hand over fewer slices or scales at a time.', $this->files, count($files)), 'slices');
        }
        if ($pixels > $this->megapixels * 1_000_000) {
            throw Refusal::because(sprintf('At once, %d megapixels are painted at most; this would be %s. Hand over fewer slices or smaller scales at a time.', $this->megapixels, number_format($pixels / 1_000_000, 1)), 'scales');
        }
    }
}
