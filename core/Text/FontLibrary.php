<?php

declare(strict_types=1);

namespace AllSquare\Core\Text;

use AllSquare\Core\Refusal;
use RuntimeException;

/** The fonts that ship with the application, as compiled by FontCompiler. Each is read when first asked for. */
final class FontLibrary
{
    /** @var array<string, array<int, array{key: string, hash: string}>> */
    private readonly array $families;

    /** @var array<string, Font> */
    private array $fonts = [];

    /** @throws RuntimeException when nothing has been compiled into that folder */
    public function __construct(private readonly string $folder)
    {
        $index = is_file("$folder/index.php") ? require "$folder/index.php" : null;
        if (! is_array($index) || $index['version'] !== FontCompiler::VERSION) {
            throw new RuntimeException('The fonts have not been compiled. Run: php artisan allsquare:compile');
        }
        /** @var array<string, array<int, array{key: string, hash: string}>> $families */
        $families = $index['families'];
        $this->families = $families;
    }

    /** @return array<string, list<int>> the weights of each family */
    public function families(): array
    {
        return array_map(static fn (array $weights): array => array_keys($weights), $this->families);
    }

    /** @return array<string, string> what the outlines of each font are known by, so that they are fetched once */
    public function hashes(): array
    {
        $hashes = [];
        foreach ($this->families as $weights) {
            foreach ($weights as $font) {
                $hashes[$font['key']] = $font['hash'];
            }
        }

        return $hashes;
    }

    /**
     * @param  int  $weight  100 to 900; the nearest weight that the family has is taken, the bolder of two
     *
     * @throws Refusal when there is no such family
     */
    public function font(string $family, int $weight): Font
    {
        $weights = $this->families[$family]
            ?? throw Refusal::because(sprintf('There is no font "%s". There are: %s.', mb_strimwidth($family, 0, 40, '…'), implode(', ', array_keys($this->families))), 'font');
        $nearest = array_key_first($weights);
        foreach (array_keys($weights) as $has) {
            if (abs($has - $weight) <= abs($nearest - $weight)) {
                $nearest = $has;
            }
        }
        $key = $weights[$nearest]['key'] ?? '';

        return $this->fonts[$key] ??= $this->read($key);
    }

    /** @return array<int, string> path data by code point; blanks have none */
    public function outlines(string $key): array
    {
        if (! isset($this->hashes()[$key])) {
            throw Refusal::because('There is no such font.');
        }

        /** @var array<int, string> $outlines */
        $outlines = require "{$this->folder}/$key.outlines.php";

        return $outlines;
    }

    private function read(string $key): Font
    {
        /** @var array{family: string, weight: int, unitsPerEm: int, ascent: int, descent: int, advances: array<int, int>, boxes: array<int, array{float, float, float, float}>} $metrics */
        $metrics = require "{$this->folder}/$key.metrics.php";

        return new Font($key, ...$metrics);
    }
}
