<?php

declare(strict_types=1);

namespace Tests\Core\Geometry;

use AllSquare\Core\Geometry\Angle;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Matrix;
use AllSquare\Core\Geometry\NinePoint;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Moves and turns of the plane, and the upright boxes of what was turned. */
final class MatrixTest extends TestCase
{
    /** @return array<string, array{float}> */
    public static function angles(): array
    {
        $angles = [0.0, 15.0, 30.0, 45.0, 89.999, 90.0, 133.7, 180.0, -0.001, -45.0, -90.0, -179.0];

        return array_combine(array_map(strval(...), $angles), array_map(static fn (float $angle): array => [$angle], $angles));
    }

    #[DataProvider('angles')]
    public function test_there_and_back_is_where_it_was(float $angle): void
    {
        $there = Matrix::turnAbout(new Point(40, -30), $angle)->after(Matrix::shift(12.5, 700));
        foreach ([[0, 0], [100, 50], [-3.25, 999]] as [$x, $y]) {
            $back = $there->inverse()->apply($there->apply(new Point($x, $y)));
            self::assertEqualsWithDelta([$x, $y], [$back->x, $back->y], 1e-9);
        }
    }

    #[DataProvider('angles')]
    public function test_one_after_the_other_is_both_at_once(float $angle): void
    {
        $inner = Matrix::turnAbout(new Point(10, 20), $angle);
        foreach ([Matrix::shift(5, -8), Matrix::turnAbout(new Point(-50, 3), 33.0), Matrix::identity()] as $outer) {
            $once = $outer->after($inner)->apply(new Point(7, 9));
            $twice = $outer->apply($inner->apply(new Point(7, 9)));
            self::assertEqualsWithDelta([$twice->x, $twice->y], [$once->x, $once->y], 1e-9);
            self::assertSame($outer->angle + $inner->angle, $outer->after($inner)->angle);
        }
    }

    #[DataProvider('angles')]
    public function test_the_box_round_a_turned_box_goes_through_its_corners(float $angle): void
    {
        $turn = Matrix::turnAbout(new Point(300, 100), $angle)->after(Matrix::shift(-20, 4));
        $box = new Rect(120, 40, 260, 90);
        $corners = array_map(static fn (NinePoint $point): Point => $turn->apply($box->at($point)), [NinePoint::TopLeft, NinePoint::TopRight, NinePoint::BottomLeft, NinePoint::BottomRight]);
        $around = Rect::around($corners);
        $bounds = $turn->bounds($box);
        self::assertEqualsWithDelta(array_values($around->toArray()), array_values($bounds->toArray()), 1e-9);
        self::assertTrue($around->rounded()->same($bounds->rounded()));
    }

    #[DataProvider('angles')]
    public function test_a_distance_keeps_its_length_and_takes_no_shift(float $angle): void
    {
        $turn = Matrix::turnAbout(new Point(300, 100), $angle)->after(Matrix::shift(-20, 4));
        $distance = $turn->applyToDistance(new Point(30, 40));
        self::assertEqualsWithDelta(50, hypot($distance->x, $distance->y), 1e-9);
    }

    public function test_quarters_are_exact(): void
    {
        foreach ([0 => [1.0, 0.0], 90 => [0.0, 1.0], 180 => [-1.0, 0.0], 270 => [0.0, -1.0], -90 => [0.0, -1.0], 450 => [0.0, 1.0]] as $angle => [$cos, $sin]) {
            self::assertSame([$cos, $sin], [Angle::cos($angle), Angle::sin($angle)]);
            self::assertTrue(Angle::isQuarter($angle));
            self::assertSame($cos === 0.0, Angle::isSideways($angle));
        }
        self::assertFalse(Angle::isQuarter(89.9));
        self::assertFalse(Angle::isSideways(180));
        $turned = Matrix::turnAbout(new Point(0, 0), 90)->apply(new Point(3, 0));
        self::assertSame([0.0, 3.0], [$turned->x, $turned->y]);
    }

    /** @return list<array{float, float}> */
    public static function kept(): array
    {
        return [[350.0, -10.0], [180.0, 180.0], [-180.0, 180.0], [540.0, 180.0], [-190.0, 170.0], [0.0004, 0.0], [359.9996, 0.0], [-179.9999, 180.0], [720.5, 0.5]];
    }

    #[DataProvider('kept')]
    public function test_angles_are_kept_within_a_half_turn(float $given, float $kept): void
    {
        self::assertSame($kept, Angle::keep($given));
    }

    /** @return list<array{float, float}> */
    public static function rounded(): array
    {
        return [[0.0005, 0.001], [-0.0005, 0.0], [0.00049, 0.0], [1.2345, 1.235], [-1.2345, -1.234], [-0.0, 0.0], [1e6, 1e6]];
    }

    #[DataProvider('rounded')]
    public function test_lengths_are_stored_to_the_thousandth_half_up(float $given, float $stored): void
    {
        self::assertSame($stored, Length::round($given));
        self::assertStringNotContainsString('-0 ', Length::text(Length::round($given)).' ');
    }

    /** @return list<array{float, float}> */
    public static function whole(): array
    {
        return [[0.5, 1.0], [-0.5, 0.0], [0.4999995, 1.0], [0.499, 0.0], [2.5, 3.0], [-2.5, -2.0], [33.333, 33.0], [-0.2, 0.0]];
    }

    #[DataProvider('whole')]
    public function test_whole_pixels_are_half_up(float $given, float $whole): void
    {
        self::assertSame($whole, Length::whole($given));
        self::assertSame($whole + 7, Length::whole($given + 7), 'moved by whole pixels it rounds alike');
    }

    public function test_boxes_that_met_still_meet_when_they_are_rounded(): void
    {
        mt_srand(7);
        for ($i = 0; $i < 2000; $i++) {
            $x = mt_rand(-1_000_000, 1_000_000) / 9973;
            $w = mt_rand(0, 1_000_000) / 9973;
            $left = new Rect($x, 0, $w, 10);
            $right = new Rect($x + $w, 0, mt_rand(0, 1000) / 7, 10);
            self::assertTrue(Length::same($left->rounded()->right(), $right->rounded()->x), "$x $w");
            self::assertEquals($left->rounded(), $left->rounded()->rounded());
        }
    }

    public function test_boxes_meet_hold_and_join(): void
    {
        $a = new Rect(0, 0, 100, 50);
        self::assertTrue($a->meets(new Rect(100, 50, 10, 10)), 'at a corner');
        self::assertFalse($a->meets(new Rect(100.1, 0, 10, 10)));
        self::assertTrue($a->contains($a));
        self::assertTrue($a->contains(new Rect(0.0004, 0, 100, 50)), 'within what counts as the same');
        self::assertFalse($a->contains(new Rect(0.001, 0, 100, 50)));
        self::assertEquals(new Rect(-5, 0, 105, 70), $a->union(new Rect(-5, 60, 10, 10)));
        self::assertNull(Rect::unionOf([]));
        self::assertSame(5000.0, $a->area());
    }
}
