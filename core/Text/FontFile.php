<?php

declare(strict_types=1);

namespace AllSquare\Core\Text;

use FontLib\Font as FontReader;
use FontLib\Glyph\Outline;
use FontLib\Glyph\OutlineComposite;
use FontLib\Glyph\OutlineSimple;
use FontLib\TrueType\File;
use RuntimeException;

/**
 * Reads one TrueType or WOFF file. Slow (milliseconds to a tenth of a second), so it is done once, by the compiler.
 *
 * @phpstan-import-type Contour from Outlines
 */
final class FontFile
{
    private const SCALE = 0x0008;

    private const SCALE_XY = 0x0040;

    private const TWO_BY_TWO = 0x0080;

    /** @var array<int, Outline> */
    private readonly array $glyphs;

    private function __construct(private readonly File $file)
    {
        $this->glyphs = $file->getData('glyf');
    }

    /** @throws RuntimeException when the file is no font or has no TrueType outlines */
    public static function open(string $path): self
    {
        $file = FontReader::load($path);
        if (! $file instanceof File) {
            throw new RuntimeException("$path is no font file that can be read.");
        }
        $file->parse();

        return new self($file);
    }

    public function unitsPerEm(): int
    {
        return (int) $this->file->getData('head', 'unitsPerEm');
    }

    public function ascent(): int
    {
        return (int) $this->file->getData('hhea', 'ascent');
    }

    public function descent(): int
    {
        return -(int) $this->file->getData('hhea', 'descent');
    }

    /** @return array<int, int> glyph numbers by code point */
    public function characters(): array
    {
        return $this->file->getUnicodeCharMap();
    }

    public function advance(int $glyph): int
    {
        $widths = $this->file->getData('hmtx');

        return (int) ($widths[$glyph] ?? end($widths))[0];
    }

    /** @return list<Contour> y upwards */
    public function contours(int $glyph): array
    {
        $outline = $this->glyphs[$glyph] ?? null;
        if ($outline === null) {
            return [];
        }
        $outline->parseData();

        return match (true) {
            $outline instanceof OutlineSimple => $this->simple($outline),
            $outline instanceof OutlineComposite => $this->composed($outline),
            default => [],
        };
    }

    /** @return list<Contour> */
    private function simple(OutlineSimple $outline): array
    {
        $contours = [];
        $contour = [];
        foreach ($outline->points ?? [] as $point) {
            $contour[] = ['x' => (float) $point['x'], 'y' => (float) $point['y'], 'on' => (bool) $point['onCurve']];
            if ($point['endOfContour']) {
                $contours[] = $contour;
                $contour = [];
            }
        }

        return $contours;
    }

    /**
     * Composed glyphs (é, i with another dot) give their parts with transforms; the reader leaves the scale in
     * 1/16384 (OpenType, F2DOT14).
     *
     * @return list<Contour>
     */
    private function composed(OutlineComposite $outline): array
    {
        $contours = [];
        foreach ($outline->components as $part) {
            $unit = $part->flags & (self::SCALE | self::SCALE_XY | self::TWO_BY_TWO) ? 16384 : 1;
            [$a, $b, $c, $d] = [$part->a / $unit, $part->b / $unit, $part->c / $unit, $part->d / $unit];
            foreach ($this->contours((int) $part->glyphIndex) as $contour) {
                $contours[] = array_map(static fn (array $p): array => [
                    'x' => $a * $p['x'] + $c * $p['y'] + $part->e,
                    'y' => $b * $p['x'] + $d * $p['y'] + $part->f,
                    'on' => $p['on'],
                ], $contour);
            }
        }

        return $contours;
    }
}
