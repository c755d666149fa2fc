<?php

declare(strict_types=1);

namespace App\Export;

use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Paint\Contrast;
use App\Tools\Rasteriser;
use GdImage;
use RuntimeException;

/** Contrast by the painted colours: a part of a sheet with a text, and the same without it, pixel by pixel. */
final readonly class PaintedContrast
{
    /** Of a text that is larger than this many pixels a smaller picture is looked at. */
    private const MOST_PIXELS = 160_000;

    public function __construct(private Rasteriser $rasteriser)
    {
    }

    /** @return float|null the least that is found; null where no letter is seen */
    public function of(SheetPicture $picture, string $id, Rect $ink): ?float
    {
        $factor = min(2.0, sqrt(self::MOST_PIXELS / max(1.0, $ink->w * $ink->h)));
        $pixels = [max(1, (int) ceil($ink->w * $factor)), max(1, (int) ceil($ink->h * $factor))];
        $ground = $picture->sheet->background ?? '#ffffff';
        $with = $this->painted($picture->svg($ink, $factor, $pixels, $ground));
        $without = $this->painted($picture->without($id)->svg($ink, $factor, $pixels, $ground));
        $alone = $this->painted($picture->svg($ink, $factor, $pixels, null, [$id]));
        $least = null;
        foreach ($this->letters($alone, $pixels) as [$x, $y]) {
            $ratio = Contrast::ratio(self::colour($with, $x, $y), self::colour($without, $x, $y));
            $least = min($least ?? $ratio, $ratio);
        }

        return $least;
    }

    private function painted(string $svg): GdImage
    {
        return imagecreatefromstring($this->rasteriser->png($svg)) ?: throw new RuntimeException('The picture cannot be read.');
    }

    /**
     * @param  array{int, int}  $pixels
     * @return list<array{int, int}> the pixels that lie wholly in letters, or as much as any does
     */
    private function letters(GdImage $alone, array $pixels): array
    {
        $found = [];
        for ($y = 0; $y < $pixels[1]; $y++) {
            for ($x = 0; $x < $pixels[0]; $x++) {
                $covered = 127 - ((int) imagecolorat($alone, $x, $y) >> 24 & 0x7F);
                if ($covered > 0) {
                    $found[$covered][] = [$x, $y];
                }
            }
        }
        krsort($found);

        return reset($found) ?: [];
    }

    /** @return array{int, int, int} */
    private static function colour(GdImage $picture, int $x, int $y): array
    {
        $of = (int) imagecolorat($picture, $x, $y);

        return [($of >> 16) & 0xFF, ($of >> 8) & 0xFF, $of & 0xFF];
    }
}
