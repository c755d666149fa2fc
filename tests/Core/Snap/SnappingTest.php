<?php

declare(strict_types=1);

namespace Tests\Core\Snap;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Item\By;
use AllSquare\Core\Measure\Planning;
use AllSquare\Core\Snap\CandidateFinder;
use AllSquare\Core\Snap\Candidates;
use AllSquare\Core\Snap\Dragged;
use AllSquare\Core\Snap\Matches;
use AllSquare\Core\Snap\SnapKind;
use AllSquare\Core\Snap\Snapping;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\RandomScene;
use Tests\Core\Support\Scene;

final class SnappingTest extends TestCase
{
    public function test_the_nearest_edge_wins_and_says_what_it_met(): void
    {
        $scene = Scene::of()->put('a', 100, 100, 80, 40)->put('b', 304, 300, 60, 60);
        [$dx, $dy, $lines] = self::drag($scene, 'b', -200, 50, 6);
        self::assertSame([-204.0, 50.0], [$dx, $dy]);
        self::assertSame(['axis' => 'x', 'at' => 100.0, 'kind' => 'edge', 'from' => ['a'], 'low' => 100.0, 'high' => 410.0], $lines[0]);
    }

    public function test_tolerance_is_inclusive_and_no_more(): void
    {
        $scene = Scene::of()->put('a', 100, 100, 80, 40)->put('b', 306, 500, 50, 60);
        self::assertSame(-206.0, self::drag($scene, 'b', -200, 0, 6)[0]);
        self::assertSame(-200.0, self::drag($scene, 'b', -200, 0, 5.999)[0]);
    }

    public function test_of_two_equally_near_the_kind_decides_then_the_lower_place(): void
    {
        $scene = Scene::of()->put('a', 100, 100, 80, 40)->put('b', 300, 300, 60, 60);
        $scene->run('add-guide', [], ['axis' => 'x', 'at' => 108]);
        self::assertSame(-192.0, self::drag($scene, 'b', -196, 0, 6)[0], 'the guide at 108, not the edge at 100');
        $scene->run('remove-guides');
        $scene->put('c', 108, 700, 7, 40);
        self::assertSame(-200.0, self::drag($scene, 'b', -196, 0, 6)[0], 'the lower of two edges');
    }

    public function test_an_axis_along_which_nothing_was_dragged_is_held(): void
    {
        $scene = Scene::of()->put('a', 100, 100, 80, 40)->put('b', 303, 103, 60, 60);
        $snap = ['snap' => ['tolerance' => 6]];
        $scene->run('move-by', ['b'], ['dx' => -200, 'dy' => 0, ...$snap]);
        self::assertSame([100.0, 103.0], [$scene->bounds('b')->x, $scene->bounds('b')->y]);
        $scene->run('move-by', ['b'], ['dx' => 0, 'dy' => -1, ...$snap]);
        self::assertSame([100.0, 100.0], [$scene->bounds('b')->x, $scene->bounds('b')->y]);
    }

    public function test_kinds_are_switched_by_themselves(): void
    {
        $scene = Scene::of()->put('a', 100, 100, 80, 40)->put('b', 302, 300, 60, 60);
        self::assertSame(-200.0, self::drag($scene, 'b', -200, 0, 6, [SnapKind::Centre, SnapKind::Sheet])[0]);
        self::assertSame(-202.0, self::drag($scene, 'b', -200, 0, 6, [SnapKind::Edge])[0]);
        self::assertSame(-302.0, self::drag($scene, 'b', -299, 0, 6, [SnapKind::Sheet])[0]);
    }

    public function test_columns_margins_module_and_baselines_hold(): void
    {
        $scene = Scene::of(1000, 600)->put('b', 302, 300, 60, 60);
        $scene->run('set-grid', [], ['columns' => ['count' => 4, 'gutter' => 20, 'left' => 50, 'right' => 50], 'module' => 8, 'baseline' => 25]);
        self::assertSame(-22.0, self::drag($scene, 'b', -20, 0, 4)[0], 'to column 2, which begins at 280');
        self::assertSame(-252.0, self::drag($scene, 'b', -249, 0, 4)[0], 'to the margin at 50');
        self::assertSame(10.0, self::drag($scene, 'b', 9, 0, 4, [SnapKind::Module])[0], 'to 312, a multiple of 8');
        [, $dy, $lines] = self::drag($scene, 'b', 0, 13, 4);
        self::assertSame(15.0, $dy, 'its foot on the baseline at 375');
        self::assertContains('baseline', $lines[0]['from']);
    }

    public function test_letters_stand_on_the_baselines_of_others(): void
    {
        $scene = Scene::of()->put('a', 100, 100, 80, 40, ['kind' => 'text', 'text' => 'Fares', 'grow' => 'none', 'size' => 20.0])
            ->put('b', 300, 200, 80, 70, ['kind' => 'text', 'text' => 'Tides', 'grow' => 'none', 'size' => 28.0]);
        $draft = $scene->draft();
        $lines = array_column(Planning::before($draft, By::Frame)->placed, 'baseline', 'id');
        [, $dy] = self::drag($scene, 'b', 0, -110, 8);
        self::assertEqualsWithDelta($lines['a'] ?? 0, ($lines['b'] ?? 0) + $dy, 0.6, 'whole pixels leave less than one');
    }

    public function test_gaps_become_equal_past_a_pair_before_it_and_between(): void
    {
        $scene = Scene::of()->put('a', 100, 100, 50, 50)->put('b', 180, 100, 50, 50)->put('c', 600, 310, 40, 40);
        [$dx, , $lines] = self::drag($scene, 'c', -338, -205, 4, [SnapKind::Gap]);
        self::assertSame(-340.0, $dx, '30 past the second');
        self::assertSame(['axis' => 'x', 'kind' => 'gap', 'size' => 30.0, 'from' => ['a', 'b'], 'gaps' => [[150.0, 180.0, 125.0], [230.0, 260.0, 125.0]]], $lines[0]);
        self::assertSame(-570.0, self::drag($scene, 'c', -572, -205, 4, [SnapKind::Gap])[0], '30 before the first');
        self::assertSame(-338.0, self::drag($scene, 'c', -338, -100, 4, [SnapKind::Gap])[0], 'it does not stand in their row');
        $scene->put('b', 300, 100, 50, 50);
        [$dx, , $lines] = self::drag($scene, 'c', -393, -205, 4, [SnapKind::Gap]);
        self::assertSame(-395.0, $dx, '55 on both sides of it');
        self::assertSame([[150.0, 205.0, 125.0], [245.0, 300.0, 125.0]], $lines[0]['gaps'] ?? null);
    }

    public function test_sizes_become_the_same(): void
    {
        $scene = Scene::of()->put('a', 100, 100, 137, 50)->put('b', 500, 400, 90, 60);
        $done = $scene->run('resize', ['b'], ['handle' => 'right', 'dx' => 45, 'snap' => ['tolerance' => 4, 'kinds' => ['size']]]);
        self::assertSame(137.0, $scene->bounds('b')->w);
        self::assertSame([['axis' => 'x', 'kind' => 'size', 'size' => 137.0, 'from' => ['a']]], $done->report->details['lines']);
        $scene->run('resize', ['b'], ['handle' => 'left', 'dx' => 400, 'snap' => ['tolerance' => 400, 'kinds' => ['sheet']]]);
        self::assertSame(640.0, max($scene->bounds('b')->x, $scene->bounds('b')->right()), 'to the middle of the sheet');
    }

    public function test_neither_what_is_dragged_nor_its_groups_nor_what_is_hidden_or_a_reference_is_snapped_to(): void
    {
        $scene = Scene::of()
            ->put('group', 0, 0, 0, 0, ['kind' => 'group'])
            ->put('in', 300, 300, 40, 40, ['parent' => 'group'])->put('beside', 400, 300, 40, 40, ['parent' => 'group'])
            ->put('hidden', 101, 0, 30, 30, ['hidden' => true])->put('draft', 102, 60, 30, 30, ['reference' => true])->fitted();
        $found = self::candidates($scene, ['in'], SnapKind::cases());
        self::assertSame(['beside'], $found->ids);
        self::assertSame([], self::candidates($scene, ['group'], SnapKind::cases())->ids);
    }

    public function test_moving_by_a_command_settles_by_the_same_rule(): void
    {
        $scene = Scene::of()->put('a', 100, 100, 80, 40)->put('b', 304, 300, 60, 60)->put('c', 404, 310, 60, 60);
        $done = $scene->run('move-by', ['b', 'c'], ['dx' => -200.2, 'dy' => 0, 'snap' => ['tolerance' => 6]]);
        self::assertSame([100.0, 200.0], $scene->lefts('b', 'c'));
        self::assertSame([300.0, 310.0], $scene->tops('b', 'c'), 'where nothing was dragged nothing snaps');
        $lines = $done->report->details['lines'];
        self::assertIsArray($lines);
        self::assertSame('a', $lines[0]['from'][0]);
    }

    /** Looking at every edge and centre plainly, none is nearer than the one that was taken, and none is missed. */
    public function test_the_nearest_of_all_is_taken(): void
    {
        $snapped = $free = 0;
        foreach (RandomScene::seeds(150) as $seed) {
            $random = new RandomScene($seed);
            $id = $random->some()[0];
            if ($random->scene->draft()->tree->isHidden($id) || $random->scene->boxes()->showsNothing($id)) {
                continue;
            }
            $tolerance = (float) $random->number(1, 20);
            $dragged = Dragged::moved($random->scene->bounds($id), false);
            $candidates = self::candidates($random->scene, [$id], [SnapKind::Edge, SnapKind::Centre, SnapKind::Sheet]);
            $by = ['x' => $random->number(-400, 400) + 0.25, 'y' => $random->number(-400, 400) + 0.25];
            [$to['x'], $to['y']] = (new Snapping($candidates, $dragged, $tolerance))->snap($by['x'], $by['y']);
            foreach (Axis::cases() as $axis) {
                $ats = array_map(static fn ($line): float => $line->at, $candidates->lines($axis));
                foreach ($candidates->boxes as $box) {
                    array_push($ats, $axis->lead($box), $axis->centre($box), $axis->trail($box));
                }
                $is = $dragged->after($by['x'], $by['y']);
                $distances = [];
                foreach ([$axis->lead($is), $axis->centre($is), $axis->trail($is)] as $part) {
                    foreach ($ats as $at) {
                        $distances[] = abs($at - $part);
                    }
                }
                $least = $distances === [] ? INF : min($distances);
                $moved = abs($to[$axis->value] - $by[$axis->value]);
                self::assertEqualsWithDelta($least <= $tolerance ? $least : 0.0, $moved, 0.0021, "seed $seed, {$axis->value}");
                $least <= $tolerance ? $snapped++ : $free++;
            }
        }
        self::assertGreaterThan(10, $snapped);
        self::assertGreaterThan(10, $free);
    }

    public function test_dragged_by_a_handle_only_that_edge_goes(): void
    {
        $scene = Scene::of()->put('a', 100, 100, 80, 40)->put('b', 304, 300, 60, 60);
        $scene->run('resize', ['b'], ['handle' => 'top-left', 'dx' => -121, 'dy' => -158, 'snap' => ['tolerance' => 4, 'kinds' => ['edge']]]);
        self::assertEquals(['x' => 180, 'y' => 140, 'w' => 184, 'h' => 220], $scene->bounds('b')->toArray());
        $scene->run('resize', ['b'], ['handle' => 'right', 'dx' => -174, 'snap' => ['tolerance' => 4, 'kinds' => ['edge']]]);
        self::assertSame(180.0, $scene->bounds('b')->x, 'its own edges are nothing to snap to');
        self::assertSame(10.0, $scene->bounds('b')->w);
    }

    public function test_proportions_kept_or_about_the_centre_nothing_is_held_to_a_line(): void
    {
        foreach ([['ratio' => true], ['centre' => true]] as $way) {
            $scene = Scene::of()->put('a', 100, 100, 80, 40)->put('b', 304, 300, 60, 60);
            $done = $scene->run('resize', ['b'], ['handle' => 'left', 'dx' => -121, ...$way, 'snap' => ['tolerance' => 4]]);
            self::assertSame([], $done->report->details['lines']);
            self::assertSame(183.0, $scene->bounds('b')->x);
        }
    }

    /** Every line that is reported is true of the place, and meets what it names. */
    public function test_every_sight_line_meets_two_things(): void
    {
        $seen = 0;
        foreach (RandomScene::seeds(120) as $seed) {
            $random = new RandomScene($seed);
            $id = $random->some()[0];
            if ($random->scene->draft()->tree->isHidden($id) || $random->scene->boxes()->showsNothing($id)) {
                continue;
            }
            $dragged = Dragged::moved($random->scene->bounds($id), false);
            $candidates = self::candidates($random->scene, [$id], SnapKind::cases());
            [$dx, $dy] = (new Snapping($candidates, $dragged, 40.0))->snap($random->number(-300, 300), $random->number(-300, 300));
            $is = $dragged->after($dx, $dy);
            foreach ((new Matches($candidates, $dragged))->at($dx, $dy) as $line) {
                if (! isset($line['at'])) {
                    continue;
                }
                $axis = Axis::from($line['axis']);
                $across = $axis === Axis::X ? Axis::Y : Axis::X;
                $touches = static fn ($box): bool => min(array_map(static fn (float $at): float => abs($at - $line['at']), [$axis->lead($box), $axis->centre($box), $axis->trail($box)])) < 0.0011;
                self::assertTrue($touches($is), "seed $seed");
                self::assertLessThanOrEqual($across->lead($is) + 0.0006, $line['low']);
                self::assertGreaterThanOrEqual($across->trail($is) - 0.0006, $line['high']);
                foreach (array_intersect($line['from'], $candidates->ids) as $other) {
                    self::assertTrue($touches($random->scene->bounds($other)), "seed $seed: $other");
                    $seen++;
                }
            }
        }
        self::assertGreaterThan(20, $seen);
    }

    /**
     * @param  list<SnapKind>|null  $kinds
     * @return array{float, float, list<array<string, mixed>>}
     */
    private static function drag(Scene $scene, string $id, float $dx, float $dy, float $tolerance, ?array $kinds = null): array
    {
        $placed = array_column(Planning::before($scene->draft(), By::Frame)->placed, null, 'id')[$id];
        $dragged = Dragged::moved($placed->box, $scene->sheet->wholePixels, $placed->baseline);
        $candidates = (new CandidateFinder($scene->sheet, Planning::before($scene->draft(), By::Frame), $scene->guides))->find($kinds ?? SnapKind::cases(), [$id], $dragged);
        [$x, $y] = (new Snapping($candidates, $dragged, $tolerance))->snap($dx, $dy, $dx !== 0.0, $dy !== 0.0);

        return [$x, $y, (new Matches($candidates, $dragged))->at($x, $y)];
    }

    /**
     * @param  list<string>  $ids
     * @param  list<SnapKind>  $kinds
     */
    private static function candidates(Scene $scene, array $ids, array $kinds): Candidates
    {
        return (new CandidateFinder($scene->sheet, Planning::before($scene->draft(), By::Frame), $scene->guides))->find($kinds, $ids, Dragged::moved($scene->bounds($ids[0]), false));
    }
}
