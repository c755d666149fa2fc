<?php

declare(strict_types=1);

namespace AllSquare\Core\Text;

/**
 * Compiles the shipped font files into PHP array files, which opcache keeps in memory between requests:
 * parsing a font in a request would cost up to 140 ms.
 *
 * Files are named `family/family-subset-weight-normal.woff`; a family's style is the union of its subsets.
 */
final class FontCompiler
{
    /** Raised whenever what is written changes, so that old compilations are not read. */
    public const VERSION = 1;

    /**
     * @param  string  $from  folder of families
     * @param  string  $to  folder the compiled files are written to
     * @return list<string> the keys of the fonts compiled
     */
    public function compile(string $from, string $to): array
    {
        if (! is_dir($to)) {
            mkdir($to, 0o775, true);
        }
        $index = [];
        foreach ($this->styles($from) as $family => $weights) {
            foreach ($weights as $weight => $files) {
                $key = "$family-$weight";
                [$metrics, $outlines] = $this->style($files);
                $hash = substr(hash('sha256', serialize($outlines)), 0, 12);
                $this->write("$to/$key.metrics.php", ['family' => $family, 'weight' => $weight] + $metrics);
                $this->write("$to/$key.outlines.php", $outlines);
                $index[$family][$weight] = ['key' => $key, 'hash' => $hash];
            }
        }
        $this->write("$to/index.php", ['version' => self::VERSION, 'families' => $index]);

        return array_merge(...array_map(static fn (array $w): array => array_column($w, 'key'), array_values($index)));
    }

    /** @return array<string, array<int, list<string>>> files by family and weight, latin first */
    private function styles(string $from): array
    {
        $styles = [];
        foreach (glob("$from/*/*.woff") ?: [] as $path) {
            if (preg_match('/^(.+?)-latin(-ext)?-(\d+)-normal\.woff$/', basename($path), $name) === 1) {
                $styles[$name[1]][(int) $name[3]][] = $path;
            }
        }
        foreach ($styles as &$weights) {
            ksort($weights);
            foreach ($weights as &$files) {
                usort($files, static fn (string $a, string $b): int => strlen($a) <=> strlen($b));
            }
        }
        ksort($styles);

        return $styles;
    }

    /**
     * @param  list<string>  $files
     * @return array{array{unitsPerEm: int, ascent: int, descent: int, advances: array<int, int>, boxes: array<int, array{float, float, float, float}>}, array<int, string>}
     */
    private function style(array $files): array
    {
        $unitsPerEm = $ascent = $descent = 0;
        $advances = $boxes = $outlines = [];
        foreach ($files as $i => $path) {
            $file = FontFile::open($path);
            if ($i === 0) {
                [$unitsPerEm, $ascent, $descent] = [$file->unitsPerEm(), $file->ascent(), $file->descent()];
                $missing = $this->emptyBox($unitsPerEm);
                $advances[Font::MISSING] = (int) ($unitsPerEm * 0.6);
                $outlines[Font::MISSING] = Outlines::toPath($missing);
                $boxes[Font::MISSING] = Outlines::box($missing) ?? [0.0, 0.0, 0.0, 0.0];
            }
            foreach ($file->characters() as $codePoint => $glyph) {
                if (isset($advances[$codePoint])) {
                    continue;
                }
                $contours = $file->contours($glyph);
                $advances[$codePoint] = $file->advance($glyph);
                $box = Outlines::box($contours);
                if ($box !== null) {
                    $boxes[$codePoint] = $box;
                    $outlines[$codePoint] = Outlines::toPath($contours);
                }
            }
        }
        ksort($advances);

        return [compact('unitsPerEm', 'ascent', 'descent', 'advances', 'boxes'), $outlines];
    }

    /**
     * A frame of 1/20 em: what stands for a character that the family does not have.
     *
     * @return list<list<array{x: float, y: float, on: bool}>>
     */
    private function emptyBox(int $em): array
    {
        $ring = static fn (float $inset, bool $inward): array => array_map(
            static fn (array $p): array => ['x' => $p[0] * $em, 'y' => $p[1] * $em, 'on' => true],
            (static function (array $corners) use ($inward): array {
                return $inward ? array_reverse($corners) : $corners;
            })([[0.06 + $inset, $inset], [0.06 + $inset, 0.7 - $inset], [0.54 - $inset, 0.7 - $inset], [0.54 - $inset, $inset]]),
        );

        return [$ring(0.0, false), $ring(0.05, true)];
    }

    /** @param  array<array-key, mixed>  $data */
    private function write(string $path, array $data): void
    {
        $whole = $path.'.'.getmypid();
        file_put_contents($whole, "<?php\n\nreturn ".var_export($data, true).";\n");
        rename($whole, $path);
    }
}
