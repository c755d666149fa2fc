<?php

declare(strict_types=1);

namespace Tests\Core\Command;

use AllSquare\Core\Refusal;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Scene;

final class SquareUpTest extends TestCase
{
    /** @return array{Scene, list<string>} a departures board of 3 rows of 4 panels, each up to 6 px off */
    private function board(): array
    {
        $scene = Scene::of();
        $off = [[0, 0], [3, -4], [-2, 5], [6, 1], [1, 2], [-5, -3], [4, 4], [0, -6], [2, 3], [-1, -2], [5, 0], [-3, 1]];
        $ids = [];
        foreach ($off as $i => [$dx, $dy]) {
            $scene->put($ids[] = "panel$i", 60 + $i % 4 * 220 + $dx, 80 + intdiv($i, 4) * 130 + $dy, 200, 110);
        }

        return [$scene, $ids];
    }

    public function test_twelve_panels_from_a_scatter(): void
    {
        [$scene, $ids] = $this->board();
        $done = $scene->run('square-up', $ids);
        self::assertSame([60.0, 280.0, 500.0, 720.0], array_values(array_unique($scene->lefts(...$ids))));
        self::assertSame([80.0, 210.0, 340.0], array_values(array_unique($scene->tops(...$ids))));
        self::assertSame('Squared up 12 boxes: 4 columns at 60, 280, 500 and 720, 3 rows at 80, 210 and 340, gaps of 20 (17); 11 moved, at most 6 px', $done->report->summary);
        self::assertSame([], $done->report->details['alone']);
        self::assertSame(['axis' => 'x', 'edge' => 'lead', 'at' => 60.0, 'items' => ['panel0', 'panel4', 'panel8']], $done->report->details['lines'][0]);
    }

    public function test_a_second_time_moves_nothing(): void
    {
        [$scene, $ids] = $this->board();
        $scene->run('square-up', $ids);
        self::assertTrue($scene->run('square-up', $ids)->change->isEmpty());
    }

    public function test_both_ends_stay_when_the_extent_is_kept(): void
    {
        [$scene, $ids] = $this->board();
        [$left, $right] = [min($scene->lefts(...$ids)), max($scene->lefts(...$ids)) + 200];
        $scene->run('square-up', $ids, ['extent' => 'keep']);
        self::assertSame([$left, $right], [min($scene->lefts(...$ids)), max($scene->lefts(...$ids)) + 200]);
        $once = $scene->items;
        self::assertTrue($scene->run('square-up', $ids, ['extent' => 'keep'])->change->isEmpty());
        self::assertEquals($once, $scene->items);
    }

    public function test_a_gap_that_is_typed_is_the_gap(): void
    {
        [$scene, $ids] = $this->board();
        $scene->run('square-up', $ids, ['gap' => 40]);
        self::assertSame([0.0, 240.0, 480.0, 720.0], array_map(static fn (float $x): float => $x - $scene->bounds('panel0')->x, array_values(array_unique($scene->lefts(...$ids)))));
    }

    public function test_what_is_locked_stays_and_the_rest_comes_to_it(): void
    {
        $scene = Scene::of()->put('a', 101, 50, 80, 40, ['locked' => true])->put('b', 104, 120, 80, 40)->put('c', 99, 190, 80, 40);
        $done = $scene->run('square-up', ['a', 'b', 'c']);
        self::assertSame([101.0, 101.0, 101.0], $scene->lefts('a', 'b', 'c'));
        self::assertStringContainsString('1 locked stayed', $done->report->summary);
    }

    public function test_guides_and_margins_attract(): void
    {
        $scene = Scene::of()->put('a', 61, 50, 80, 40)->put('b', 67, 120, 120, 60)->put('c', 62, 230, 90, 30);
        $scene->run('add-guide', [], ['axis' => 'x', 'at' => 63]);
        $scene->run('square-up', ['a', 'b', 'c']);
        self::assertSame([63.0, 63.0, 63.0], $scene->lefts('a', 'b', 'c'));
    }

    public function test_groups_are_one_thing_from_outside_and_are_looked_into(): void
    {
        $scene = Scene::of();
        foreach ([[40, 60], [162, 63], [281, 58]] as $i => [$x, $y]) {
            $scene->put("g$i", 0, 0, 0, 0, ['kind' => 'group'])
                ->put("face$i", $x, $y, 100, 50, ['parent' => "g$i"])->put("dot$i", $x + 40 + $i, $y + 15, 20, 20, ['parent' => "g$i"]);
        }
        $scene->fitted();
        $done = $scene->run('square-up', ['g0', 'g1', 'g2']);
        foreach ([0, 1, 2] as $i) {
            self::assertSame(40.0, $scene->bounds("dot$i")->x - $scene->bounds("face$i")->x, "in group $i");
        }
        self::assertSame([60.0, 60.0, 60.0], $scene->tops('g0', 'g1', 'g2'));
        self::assertSame([40.0, 160.0, 280.0], $scene->lefts('g0', 'g1', 'g2'));
        self::assertStringContainsString('and what is in 3 groups', $done->report->summary);
        $scene->put('dot0', 83, 75, 20, 20, ['parent' => 'g0'])->fitted();
        $scene->run('square-up', ['g0']);
        self::assertSame(80.0, $scene->bounds('dot0')->x, 'of one group what is in it');
    }

    public function test_sizes_change_only_if_asked_and_by_half_the_tolerance(): void
    {
        $scene = Scene::of();
        foreach ([[100, 60], [101, 60], [99, 61], [100, 59]] as $i => [$w, $h]) {
            $scene->put("b$i", 40 + 120 * $i, 40, $w, $h);
        }
        $ids = ['b0', 'b1', 'b2', 'b3'];
        $scene->run('square-up', $ids);
        self::assertSame([101.0, 99.0], [$scene->bounds('b1')->w, $scene->bounds('b2')->w]);
        $scene->run('square-up', $ids, ['sizes' => true]);
        foreach ($ids as $id) {
            self::assertSame([100.0, 60.0], [$scene->bounds($id)->w, $scene->bounds($id)->h], $id);
        }
        self::assertSame([20.0, 20.0, 20.0], array_map(static fn (int $i): float => $scene->bounds("b$i")->x - $scene->bounds('b'.($i - 1))->right(), [1, 2, 3]));
        $scene->put('b1', 160, 40, 104, 60);
        $scene->run('square-up', $ids, ['sizes' => true]);
        self::assertSame(104.0, $scene->bounds('b1')->w, 'more than half of 6 px');
    }

    public function test_what_fits_nothing_is_left_alone_and_named(): void
    {
        [$scene, $ids] = $this->board();
        $scene->put('note', 1037, 611, 73, 41, ['kind' => 'round']);
        $done = $scene->run('square-up', [...$ids, 'note']);
        self::assertSame(['note'], $done->report->details['alone']);
        self::assertSame([1037.0, 611.0], [$scene->bounds('note')->x, $scene->bounds('note')->y]);
        self::assertStringContainsString('"note" fits nothing', $done->report->summary);
    }

    public function test_what_would_have_to_go_further_stays(): void
    {
        [$scene, $ids] = $this->board();
        $scene->put('panel5', 300, 210, 200, 110);
        $scene->run('square-up', $ids, ['tolerance' => 8]);
        self::assertSame(300.0, $scene->bounds('panel5')->x);
    }

    public function test_nonsense_is_refused_in_a_sentence(): void
    {
        [$scene, $ids] = $this->board();
        foreach ([[$ids, ['tolerance' => 0], 'above 0'], [$ids, ['tolerance' => -4], 'above 0'], [$ids, ['tolerance' => 101], 'at most 100 px'], [$ids, ['tolerance' => 1e9], 'beyond 1,000,000 px'], [['panel0'], [], 'two items at least'], [[], [], 'Nothing is selected']] as [$items, $params, $said]) {
            try {
                $scene->run('square-up', $items, $params);
                self::fail($said);
            } catch (Refusal $refusal) {
                self::assertStringContainsString($said, $refusal->getMessage());
            }
        }
        $scene->put('a', 0, 0, 10, 10, ['locked' => true])->put('b', 3, 40, 10, 10, ['locked' => true]);
        $this->expectExceptionMessage('are locked');
        $scene->run('square-up', ['a', 'b']);
    }
}
