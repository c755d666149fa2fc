<?php

declare(strict_types=1);

namespace Tests\Http;

use AllSquare\Core\Geometry\Length;
use GdImage;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What is cut out is what is painted: a slice's px are those of the whole sheet painted at its size and cropped. */
final class SlicePixelsTest extends HttpTestCase
{
    public function test_a_slice_has_the_pixels_of_the_whole_sheet_cropped(): void
    {
        $random = new Randomizer(new Mt19937(5));
        ['sheet' => $sheet] = $this->begin(230, 170);
        $this->command($sheet, 'set-sheet', [], ['whole_pixels' => false, 'background' => '#f2efe4']);
        foreach (range(1, 14) as $i) {
            $at = ['x' => $random->getInt(-200, 2000) / 10, 'y' => $random->getInt(-200, 1500) / 10];
            $this->command($sheet, 'add-item', [], match ($i % 3) {
                0 => ['kind' => 'text', 'text' => "Quay $i\nto Skerry", 'size' => 13.7, ...$at],
                1 => ['kind' => 'round', 'w' => 40.3, 'h' => 22.9, 'angle' => $random->getInt(-170, 170), 'opacity' => 0.6, 'outline' => ['colour' => '#24485a', 'weight' => 1.5], ...$at],
                default => ['kind' => 'box', 'w' => 33.1, 'h' => 27.7, 'radius' => 5, 'angle' => $random->getInt(-170, 170), ...$at],
            })->assertOk();
        }
        foreach (['1', '2', '1.5', '0.7', '3.3'] as $scale) {
            $whole = $this->png("/api/sheets/$sheet/render.png?scale=$scale");
            self::assertSame([(int) Length::whole(230 * (float) $scale), (int) Length::whole(170 * (float) $scale)], [imagesx($whole), imagesy($whole)]);
            foreach (range(1, 4) as $_) {
                [$x, $y] = [$random->getInt(0, 1500) / 10, $random->getInt(0, 1000) / 10];
                [$w, $h] = [$random->getInt(1, 700) / 10, $random->getInt(1, 600) / 10];
                $slice = $this->command($sheet, 'add-slice', [], ['x' => $x, 'y' => $y, 'w' => $w, 'h' => $h])->json('report.slices.0');
                $cut = $this->png("/api/sheets/$sheet/render.png?scale=$scale&slice=$slice");
                $place = "$w x $h at $x, $y, $scale x";
                self::assertSame([max(1, (int) Length::whole($w * (float) $scale)), max(1, (int) Length::whole($h * (float) $scale))], [imagesx($cut), imagesy($cut)], $place);
                self::assertSame(0, self::differing($cut, $whole, (int) Length::whole($x * (float) $scale), (int) Length::whole($y * (float) $scale)), $place);
            }
        }
    }

    private static function differing(GdImage $cut, GdImage $whole, int $left, int $top): int
    {
        $differing = 0;
        for ($y = 0; $y < min(imagesy($cut), imagesy($whole) - $top); $y++) {
            for ($x = 0; $x < min(imagesx($cut), imagesx($whole) - $left); $x++) {
                $differing += imagecolorat($cut, $x, $y) === imagecolorat($whole, $left + $x, $top + $y) ? 0 : 1;
            }
        }

        return $differing;
    }

    private function png(string $address): GdImage
    {
        $picture = imagecreatefromstring((string) $this->get($address)->assertOk()->getContent());
        self::assertNotFalse($picture);

        return $picture;
    }
}
