<?php

declare(strict_types=1);

namespace AllSquare\Core\Text\Reading;

use AllSquare\Core\Text\Font;

/**
 * Compiles font files into PHP array files, which opcache keeps in memory between requests: reading a font in a request would cost
 * a tenth of a second.
 *
 * @phpstan-import-type Contour from Outlines
 * @phpstan-import-type FontData from Font
 */
final class FontCompiler
{
    /** Raised whenever what is written changes, so that old compilations are not read. */
    public const VERSION = 2;

    /** Characters that are never seen and take no room (Unicode, Default_Ignorable_Code_Point, as far as text here has them). */
    private const UNSEEN = [0xAD, 0x34F, 0x61C, 0x200B, 0x200C, 0x200D, 0x200E, 0x200F, 0x202A, 0x202B, 0x202C, 0x202D, 0x202E, 0x2060, 0x2061, 0x2062, 0x2063, 0x2064, 0xFE0E, 0xFE0F, 0xFEFF];

    /** How wide blanks are, in ems, where a font has none of its own (Unicode, General Punctuation). */
    private const BLANKS = [0x2000 => 1 / 2, 0x2001 => 1.0, 0x2002 => 1 / 2, 0x2003 => 1.0, 0x2004 => 1 / 3, 0x2005 => 1 / 4, 0x2006 => 1 / 6, 0x2009 => 1 / 5, 0x200A => 1 / 16, 0x205F => 4 / 18];

    /**
     * @param  string  $from  folder of families, whose files are named `family/family-weight.woff` or `family/family-weight-italic.woff`
     * @param  string  $to  folder the compiled files are written to
     * @return list<string> the keys of the fonts compiled
     */
    public function compile(string $from, string $to): array
    {
        if (! is_dir($to)) {
            mkdir($to, 0o775, true);
        }
        $index = [];
        foreach (glob("$from/*/*.woff") ?: [] as $path) {
            if (preg_match('/^(.+)-(\d00)(-italic)?$/', basename($path, '.woff'), $name) !== 1) {
                continue;
            }
            $key = $name[0];
            [$data, $outlines] = self::font(new FontFile(Sfnt::read((string) file_get_contents($path))), $name[1], (int) $name[2], isset($name[3]));
            self::write("$to/$key.metrics.php", $data);
            self::write("$to/$key.outlines.php", $outlines);
            $index[$key] = ['family' => $name[1], 'weight' => (int) $name[2], 'italic' => isset($name[3]), 'name' => $data['name'], 'hash' => substr(hash('sha256', serialize($outlines)), 0, 12)];
        }
        self::write("$to/index.php", ['version' => self::VERSION, 'fonts' => $index]);

        return array_keys($index);
    }

    /**
     * @param  string  $family  the word by which texts name it
     * @return array{FontData, array<int, string>} what setting it needs, and its outlines by code point
     *
     * @throws UnreadableFont
     */
    public static function font(FontFile $file, string $family, int $weight, bool $italic): array
    {
        $em = $file->unitsPerEm();
        $missing = self::emptyBox($em);
        $advances = [Font::MISSING => (int) ($em * 0.6)];
        $boxes = [Font::MISSING => Outlines::box($missing) ?? [0.0, 0.0, 0.0, 0.0]];
        $outlines = [Font::MISSING => Outlines::toPath($missing)];
        $glyphs = array_filter($file->characters, static fn (int $codePoint): bool => ! self::isRightToLeft($codePoint), ARRAY_FILTER_USE_KEY);
        $even = [];
        foreach ($file->evenFigures() as $codePoint => $glyph) {
            $even[$codePoint] = Font::EVEN + $codePoint;
            $glyphs[Font::EVEN + $codePoint] = $glyph;
        }
        [$marks, $composed] = [$file->marks(), $file->composed()];
        $ends = [];
        foreach ($glyphs as $codePoint => $glyph) {
            [$contours, $advance] = [[], 0];
            foreach ($composed[$glyph] ?? [$glyph] as $part) {
                foreach ($file->glyphs->contours($part) as $contour) {
                    $contours[] = $advance === 0 ? $contour : array_map(static fn (array $p): array => ['x' => $p['x'] + $advance] + $p, $contour);
                }
                $advance += isset($marks[$part]) ? 0 : $file->advance($part);
            }
            $advances[$codePoint] = $advance;
            if (isset($composed[$glyph])) {
                [$glyphs[$codePoint], $ends[$codePoint]] = [$composed[$glyph][0], $composed[$glyph][count($composed[$glyph]) - 1]];
            }
            $box = Outlines::box($contours);
            if ($box !== null) {
                $boxes[$codePoint] = $box;
                $outlines[$codePoint] = Outlines::toPath($contours);
            }
        }
        $advances += self::blanks($advances[0x20] ?? intdiv($em, 4), $em);
        foreach (self::UNSEEN as $codePoint) {
            $advances[$codePoint] = 0;
            unset($boxes[$codePoint], $outlines[$codePoint]);
        }
        // What has no width is not in the way of two letters that stand closer.
        $glyphs = array_filter($glyphs, static fn (int $codePoint): bool => $advances[$codePoint] !== 0, ARRAY_FILTER_USE_KEY);
        ksort($advances);
        [$capital, $small] = $file->heights() ?? [(int) -($boxes[0x48][1] ?? -0.7 * $em), (int) -($boxes[0x78][1] ?? -0.5 * $em)];
        [$underlineAt, $underlineWeight] = $file->underline();

        return [[
            'family' => $family, 'name' => $file->family(), 'weight' => $weight, 'italic' => $italic, 'unitsPerEm' => $em, 'ascent' => $file->ascent(), 'descent' => $file->descent(),
            'capital' => $capital, 'small' => $small, 'underlineAt' => $underlineAt, 'underlineWeight' => $underlineWeight,
            'advances' => $advances, 'boxes' => $boxes, 'glyphs' => $glyphs, 'ends' => $ends, 'even' => $even, 'pairs' => PairTables::read($file->tables, array_flip([...$glyphs, ...$ends])),
        ], $outlines];
    }

    /** Text runs from left to right here: what does not is not taken for a character that can be set. */
    private static function isRightToLeft(int $codePoint): bool
    {
        return ($codePoint >= 0x590 && $codePoint <= 0x8FF) || ($codePoint >= 0xFB1D && $codePoint <= 0xFDFF) || ($codePoint >= 0xFE70 && $codePoint <= 0xFEFC)
            || ($codePoint >= 0x10800 && $codePoint <= 0x10FFF) || ($codePoint >= 0x1E800 && $codePoint <= 0x1EFFF);
    }

    /** @return array<int, int> */
    private static function blanks(int $space, int $em): array
    {
        return [0x20 => $space, 0xA0 => $space, 0x202F => $space, 0x2007 => $space, 0x2008 => $space] + array_map(static fn (float $share): int => (int) round($share * $em), self::BLANKS);
    }

    /**
     * A frame of 1/20 em: what stands for a character that the family does not have.
     *
     * @return list<Contour>
     */
    private static function emptyBox(int $em): array
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
    private static function write(string $path, array $data): void
    {
        $whole = $path.'.'.getmypid();
        file_put_contents($whole, "<?php\n\nreturn ".var_export($data, true).";\n");
        rename($whole, $path);
    }
}
