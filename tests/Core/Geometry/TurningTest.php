<?php

declare(strict_types=1);

namespace Tests\Core\Geometry;

use AllSquare\Core\Geometry\Angle;
use AllSquare\Core\Geometry\Matrix;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use PHPUnit\Framework\TestCase;

final class TurningTest extends TestCase
{
    public function test_angles_are_kept_above_minus_180_up_to_180(): void
    {
        self::assertSame([-10.0, 180.0, 180.0, 0.0, 0.5, -179.5], array_map(Angle::keep(...), [350, -180, 540, 720, 360.5, 180.5]));
    }

    public function test_quarters_turn_exactly(): void
    {
        self::assertSame([0.0, -1.0, 0.0, 1.0], array_map(Angle::cos(...), [90, 180, 270, 360]));
        $box = Matrix::turnAbout(new Point(50, 25), 90)->bounds(new Rect(0, 0, 100, 50));
        self::assertEquals(new Rect(25, -25, 50, 100), $box);
    }

    public function test_the_inverse_brings_every_point_back(): void
    {
        $matrix = Matrix::turnAbout(new Point(3, 4), 17)->after(Matrix::shift(10, -20))->after(Matrix::turnAbout(new Point(1, 1), -130));
        $back = $matrix->inverse()->apply($matrix->apply(new Point(12.5, -7)));
        self::assertEqualsWithDelta(12.5, $back->x, 1e-9);
        self::assertEqualsWithDelta(-7, $back->y, 1e-9);
    }

    public function test_chaining_is_doing_one_after_the_other(): void
    {
        $inner = Matrix::turnAbout(new Point(5, 5), 30);
        $outer = Matrix::shift(7, 8)->after(Matrix::turnAbout(new Point(0, 0), 60));
        $point = new Point(2, 9);
        self::assertEqualsWithDelta($outer->apply($inner->apply($point))->x, $outer->after($inner)->apply($point)->x, 1e-9);
        self::assertEqualsWithDelta($outer->apply($inner->apply($point))->y, $outer->after($inner)->apply($point)->y, 1e-9);
    }
}
