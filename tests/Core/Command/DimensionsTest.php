<?php

declare(strict_types=1);

namespace Tests\Core\Command;

use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Measure\Distance;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Dimension;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Scene;

final class DimensionsTest extends TestCase
{
    public function test_distances_between_two_boxes(): void
    {
        self::assertSame(['across' => 30.0, 'down' => 40.0, 'nearest' => 50.0, 'centres' => 100.0], Distance::between(new Rect(0, 0, 30, 40), new Rect(60, 80, 30, 40))->toArray());
        self::assertSame(['across' => 0.0, 'down' => 10.0, 'nearest' => 10.0, 'centres' => 20.616], Distance::between(new Rect(0, 0, 30, 10), new Rect(5, 20, 30, 10))->toArray());
        self::assertSame(0.0, Distance::between(new Rect(0, 0, 30, 10), new Rect(5, 5, 5, 5))->nearest);
    }

    public function test_a_dimension_goes_with_what_it_measures_and_no_sooner(): void
    {
        $scene = Scene::of()->put('a', 40, 60, 100, 50)->put('b', 200, 60, 100, 50)->put('c', 400, 60, 100, 50);
        self::assertSame('Kept 60 px across from "a" to "b"', $scene->run('add-dimension', [], ['a' => 'a', 'b' => 'b', 'axis' => 'x'])->report->summary);
        self::assertSame('Kept 60 px down from "c" to the top edge of the sheet', $scene->run('add-dimension', [], ['a' => 'c', 'b' => 'top', 'axis' => 'y'])->report->summary);
        $scene->run('delete', ['c']);
        self::assertCount(1, $scene->dimensions);
        $scene->run('group', ['a', 'b']);
        self::assertCount(1, $scene->dimensions);
        $done = $scene->run('delete', ['b']);
        self::assertCount(0, $scene->dimensions);
        self::assertCount(1, $done->change->belongings[Dimension::class] ?? [], 'what undoing brings back');
    }

    public function test_what_makes_no_sense_is_refused(): void
    {
        $scene = Scene::of()->put('a', 40, 60, 100, 50);
        foreach ([[['a' => 'a', 'b' => 'a', 'axis' => 'x'], 'between two things'], [['a' => 'a', 'b' => 'left', 'axis' => 'y'], 'it is measured across'], [['a' => 'a', 'b' => 'zz', 'axis' => 'y'], 'There is no item']] as [$params, $said]) {
            try {
                $scene->run('add-dimension', [], $params);
                self::fail($said);
            } catch (Refusal $refusal) {
                self::assertStringContainsString($said, $refusal->getMessage());
            }
        }
    }

    public function test_a_reference_is_locked_and_out_of_every_reckoning(): void
    {
        $scene = Scene::of()->put('plan', 0, 0, 400, 400)->put('a', 20, 40, 50, 50)->put('b', 90, 40, 50, 50);
        $scene->run('set', ['plan'], ['reference' => true]);
        self::assertTrue($scene->draft()->tree->isLocked('plan'));
        $done = $scene->run('align', ['a'], ['edge' => 'left', 'to' => 'ground']);
        self::assertSame(0.0, $scene->bounds('a')->x);
        self::assertStringContainsString('sheet', $done->report->summary, 'it lies on the sheet, not on the reference');
        $scene->run('set', ['plan'], ['reference' => false]);
        self::assertFalse($scene->draft()->tree->isLocked('plan'));
        $scene->run('set', ['plan'], ['reference' => true]);
        $this->expectExceptionMessage('is locked');
        $scene->run('delete', ['plan']);
    }
}
