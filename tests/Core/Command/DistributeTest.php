<?php

declare(strict_types=1);

namespace Tests\Core\Command;

use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Scene;

final class DistributeTest extends TestCase
{
    public function test_the_worked_numbers(): void
    {
        $scene = Scene::of()->put('a', 0, 0, 60, 10)->put('b', 70, 0, 60, 10)->put('c', 150, 0, 60, 10)->put('d', 280, 0, 60, 10);
        $done = $scene->run('distribute', ['d', 'b', 'a', 'c'], ['axis' => 'x']);
        self::assertSame([0.0, 93.0, 187.0, 280.0], $scene->lefts('a', 'b', 'c', 'd'));
        self::assertSame([33.0, 34.0, 33.0], $done->report->details['gaps']);
        self::assertSame(1.0, $done->report->details['remainder']);
        self::assertSame([['extent' => 339.0, 'gap' => 33.0], ['extent' => 342.0, 'gap' => 34.0]], $done->report->details['divides']);
        self::assertSame('Spaced 4 boxes across: gaps 33, 34, 33 (were 10, 20, 70); 339 would divide into gaps of 33', $done->report->summary);
    }

    public function test_things_that_do_not_fit_overlap_equally(): void
    {
        $scene = Scene::of()->put('a', 0, 0, 60, 10)->put('b', 5, 0, 60, 10)->put('c', 90, 0, 60, 10);
        $done = $scene->run('distribute', ['a', 'b', 'c'], ['axis' => 'x']);
        self::assertSame([0.0, 45.0, 90.0], $scene->lefts('a', 'b', 'c'));
        self::assertSame([180.0, 150.0], [$done->report->details['needs'], $done->report->details['has']]);
    }

    public function test_from_edge_to_edge_of_the_sheet(): void
    {
        $scene = Scene::of(400, 100)->put('a', 50, 0, 100, 10)->put('b', 260, 0, 40, 10);
        $scene->run('distribute', ['a', 'b'], ['axis' => 'x', 'within' => 'sheet']);
        self::assertSame([0.0, 360.0], $scene->lefts('a', 'b'));
    }

    public function test_down_works_alike(): void
    {
        $scene = Scene::of()->put('a', 0, 0, 10, 20)->put('b', 0, 21, 10, 20)->put('c', 0, 100, 10, 20);
        $scene->run('distribute', ['a', 'b', 'c'], ['axis' => 'y']);
        self::assertSame(50.0, $scene->bounds('b')->y);
    }

    public function test_locked_items_are_left_out_of_the_reckoning(): void
    {
        $scene = Scene::of()->put('a', 0, 0, 10, 10)->put('b', 12, 0, 10, 10)->put('c', 90, 0, 10, 10)->put('x', 40, 0, 30, 10, ['locked' => true]);
        $scene->run('distribute', ['a', 'b', 'c', 'x'], ['axis' => 'x']);
        self::assertSame([0.0, 45.0, 90.0, 40.0], $scene->lefts('a', 'b', 'c', 'x'));
    }

    public function test_two_are_too_few(): void
    {
        $this->expectExceptionMessage('Spacing needs three items at least, and only 2 can move.');
        Scene::of()->put('a', 0, 0, 10, 10)->put('b', 12, 0, 10, 10)->run('distribute', ['a', 'b'], ['axis' => 'x']);
    }

    public function test_items_exactly_on_one_another_keep_their_stacking_order(): void
    {
        $scene = Scene::of()->put('z', 0, 0, 10, 10)->put('top', 50, 0, 10, 10, ['rank' => 9000])->put('low', 50, 0, 10, 10, ['rank' => 10])->put('end', 90, 0, 10, 10);
        $scene->run('distribute', ['z', 'top', 'low', 'end'], ['axis' => 'x']);
        self::assertSame([30.0, 60.0], $scene->lefts('low', 'top'));
    }
}
