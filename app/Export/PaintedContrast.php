<?php

declare(strict_types=1);

namespace App\Export;

use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Paint\Contrast;
use GdImage;

/** Contrast by the painted colours: a part of a sheet with a text, and the same without it, pixel by pixel. */
final readonly class PaintedContrast
{
    /** Of a text that is larger than this many pixels a smaller picture is looked at. */
    private const MOST_PIXELS = 160_000;

    /** Pixels that are letters for less than this share of their colour are edges, and no letters. */
    private const LETTER = 0.7;

    public function __construct(private Rasteriser $rasteriser)
    {
    }

    /** @return float|null the least that is found; null where no letter is seen */
    public function of(SheetPicture $picture, string $id, Rect $ink): ?float
    {
        $factor = min(2.0, sqrt(self::MOST_PIXELS / max(1.0, $ink->w * $ink->h)));
        $pixels = [max(1, (int) ceil($ink->w * $factor)), max(1, (int) ceil($ink->h * $factor))];
        $paint = fn (SheetPicture $of): GdImage|false => imagecreatefromstring($this->rasteriser->png($of->svg($ink, $factor, $pixels, $of->sheet->background ?? '#ffffff')));
        [$with, $without] = [$paint($picture), $paint($picture->without($id))];
        if ($with === false || $without === false) {
            return null;
        }
        $found = [];
        for ($y = 0; $y < $pixels[1]; $y++) {
            for ($x = 0; $x < $pixels[0]; $x++) {
                [$a, $b] = [self::colour($with, $x, $y), self::colour($without, $x, $y)];
                $off = abs($a[0] - $b[0]) + abs($a[1] - $b[1]) + abs($a[2] - $b[2]);
                if ($off > 0) {
                    $found["$a[0] $a[1] $a[2] $b[0] $b[1] $b[2]"] = [$off, $a, $b];
                }
            }
        }
        if ($found === []) {
            return null;
        }
        $least = self::LETTER * max(array_column($found, 0));
        $letters = array_filter($found, static fn (array $one): bool => $one[0] >= $least);

        return min(array_map(static fn (array $one): float => Contrast::ratio($one[1], $one[2]), $letters));
    }

    /** @return array{int, int, int} */
    private static function colour(GdImage $picture, int $x, int $y): array
    {
        $of = (int) imagecolorat($picture, $x, $y);

        return [($of >> 16) & 0xFF, ($of >> 8) & 0xFF, $of & 0xFF];
    }
}
