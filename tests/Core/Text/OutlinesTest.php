<?php

declare(strict_types=1);

namespace Tests\Core\Text;

use AllSquare\Core\Geometry\Matrix;
use AllSquare\Core\Geometry\OutlineBounds;
use AllSquare\Core\Text\Reading\Outlines;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Fonts;

final class OutlinesTest extends TestCase
{
    /**
     * @param  list<array{float, float, bool}>  $points
     * @return list<list<array{x: float, y: float, on: bool}>>
     */
    private static function contour(array $points): array
    {
        return [array_map(static fn (array $p): array => ['x' => (float) $p[0], 'y' => (float) $p[1], 'on' => $p[2]], $points)];
    }

    public function test_lines_and_curves_are_relative_and_y_goes_down(): void
    {
        $square = self::contour([[0, 0, true], [0, 100, true], [100, 100, true], [100, 0, true]]);
        self::assertSame('m0 0l0 -100l100 0l0 100l-100 0z', Outlines::toPath($square));
        self::assertSame([0.0, -100.0, 100.0, 0.0], array_map(floatval(...), Outlines::box($square) ?? []));

        $arch = self::contour([[0, 0, true], [50, 100, false], [100, 0, true]]);
        self::assertSame('m0 0q50 -100 100 0l-100 0z', Outlines::toPath($arch));
        self::assertEquals([0, -50, 100, 0], Outlines::box($arch), 'the curve turns half way to its control point');
    }

    public function test_points_between_two_controls_are_implied_and_a_contour_may_begin_off_the_curve(): void
    {
        $ring = self::contour([[0, 100, false], [100, 100, false], [100, 0, false], [0, 0, false]]);
        $path = Outlines::toPath($ring);
        self::assertSame(4, substr_count($path, 'q'));
        self::assertStringStartsWith('m0 -50q', $path);
        self::assertEquals([0, -100, 100, 0], Outlines::box($ring));
    }

    public function test_nothing_is_nothing(): void
    {
        self::assertSame('', Outlines::toPath([]));
        self::assertNull(Outlines::box([]));
        self::assertSame('', Outlines::toPath(self::contour([[5, 5, true]])));
    }

    public function test_the_box_of_path_data_is_that_of_its_contours_for_every_letter(): void
    {
        $font = Fonts::library()->font('bitter', 400);
        $outlines = Fonts::library()->outlines('bitter-400');
        foreach (mb_str_split('Aagjq&8éőŁ%@') as $letter) {
            $codePoint = (int) mb_ord($letter);
            $box = $font->box($codePoint);
            $bounds = OutlineBounds::of($outlines[$codePoint], Matrix::identity());
            self::assertNotNull($box, $letter);
            self::assertNotNull($bounds, $letter);
            foreach ($box->toArray() as $side => $value) {
                self::assertEqualsWithDelta($value, $bounds->toArray()[$side], 0.6, "$letter $side");
            }
        }
    }

    public function test_turned_outlines_are_measured_by_their_curves_not_by_their_boxes(): void
    {
        // A circle of four curves stays as wide when it is turned; its box would grow.
        $circle = 'm50 0q50 0 50 50q0 50 -50 50q-50 0 -50 -50q0 -50 50 -50z';
        $upright = OutlineBounds::of($circle, Matrix::identity());
        $turned = OutlineBounds::of($circle, Matrix::turn(45.0));
        self::assertEqualsWithDelta(100, $upright->w ?? 0, 0.001);
        self::assertLessThan(108, $turned->w ?? 0);
        self::assertGreaterThan(99, $turned->w ?? 0);
    }

    public function test_blanks_have_an_advance_and_no_outline(): void
    {
        $font = Fonts::library()->font('overpass', 400);
        self::assertGreaterThan(0, $font->advance(0x20));
        self::assertNull($font->box(0x20));
        self::assertArrayNotHasKey(0x20, Fonts::library()->outlines('overpass-400'));
    }
}
