<?php

declare(strict_types=1);

namespace Tests\Core\Measure;

use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Geometry\Side;
use AllSquare\Core\Measure\Distance;
use PHPUnit\Framework\TestCase;

final class DistanceTest extends TestCase
{
    public function test_between_two_boxes_whichever_comes_first(): void
    {
        [$a, $b] = [new Rect(0.0, 0.0, 40.0, 20.0), new Rect(43.0, 24.0, 10.0, 60.0)];
        foreach ([[$a, $b], [$b, $a]] as [$one, $other]) {
            self::assertSame(['across' => 3.0, 'down' => 4.0, 'nearest' => 5.0, 'centres' => 52.154], Distance::between($one, $other)->toArray());
        }
        self::assertSame(['across' => 0.0, 'down' => 4.0, 'nearest' => 4.0, 'centres' => 46.328], Distance::between($a, new Rect(30.0, 24.0, 9.0, 60.0))->toArray());
    }

    public function test_to_an_edge_of_the_sheet_across_or_down_only(): void
    {
        [$box, $sheet] = [new Rect(30.0, 20.0, 40.0, 10.0), new Rect(0.0, 0.0, 200.0, 100.0)];
        foreach (['left' => [30.0, 0.0, 50.0], 'right' => [130.0, 0.0, 150.0], 'top' => [0.0, 20.0, 25.0], 'bottom' => [0.0, 70.0, 75.0]] as $side => [$across, $down, $centres]) {
            self::assertSame(['across' => $across, 'down' => $down, 'nearest' => max($across, $down), 'centres' => $centres], Distance::toEdge($box, $sheet, Side::from($side))->toArray(), $side);
        }
    }
}
