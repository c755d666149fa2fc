<?php

declare(strict_types=1);

namespace Tests\Core\Properties;

use AllSquare\Core\Arrange\Pairs;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Tree;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\RandomScene;
use Tests\Core\Support\Scene;

/** What the rules of the bench promise for every sheet, tried on sheets by chance. A failing seed is printed. */
final class BenchTest extends TestCase
{
    private const SHEETS = 60;

    /** Turned items are stored to 1/1000 px on axes that are not the sheet's. */
    private const TURNED = 0.004;

    /**
     * Where the contents of a group use up the tolerance, the group can follow the next time only: of a thousand sheets some three. These
     * seeds are always the same.
     */
    public function test_squaring_up_twice_moves_nothing(): void
    {
        $tried = 0;
        foreach (range(1, 4 * self::SHEETS) as $seed) {
            $random = new RandomScene($seed);
            $ids = $random->some(2);
            $params = match ($random->number(0, 4)) {
                0 => ['gap' => $random->number(0, 40)],
                1 => ['extent' => 'keep'],
                default => [],
            };
            try {
                $random->scene->run('square-up', $ids, $params);
            } catch (Refusal) {
                continue;
            }
            $tried++;
            $again = $random->scene->run('square-up', $ids, $params);
            foreach ($again->report->details['moved'] as $move) {
                self::assertLessThan(self::TURNED, max(abs($move['dx']), abs($move['dy'])), "seed $seed: ".json_encode($params).json_encode($move));
            }
        }
        self::assertGreaterThan(2 * self::SHEETS, $tried);
    }

    /** Sheets on which something lies in line with what is turned, and so at a place that is known to some thousandths; on five of them something moves. */
    public function test_beside_what_is_turned_nothing_moves_again(): void
    {
        $tried = 0;
        foreach ([141, 374, 408, 532, 559, 603, 1252] as $seed) {
            $random = new RandomScene($seed);
            $ids = $random->some(2);
            $tried += $random->scene->run('square-up', $ids)->change->isEmpty() ? 0 : 1;
            foreach ($random->scene->run('square-up', $ids)->report->details['moved'] as $move) {
                self::assertLessThan(self::TURNED, max(abs($move['dx']), abs($move['dy'])), "seed $seed: ".json_encode($move));
            }
        }
        self::assertSame(5, $tried);
    }

    public function test_squaring_up_moves_nothing_further_than_the_tolerance(): void
    {
        $tried = 0;
        foreach (RandomScene::seeds(self::SHEETS) as $seed) {
            $random = new RandomScene($seed);
            $ids = $random->some(2);
            $tolerance = $random->number(1, 20);
            $boxes = array_map(static fn (string $id): Rect => $random->scene->bounds($id), array_combine(array_keys($random->scene->items), array_map(strval(...), array_keys($random->scene->items))));
            try {
                $random->scene->run('square-up', $ids, ['tolerance' => $tolerance]);
            } catch (Refusal) {
                continue;
            }
            foreach ($boxes as $id => $was) {
                $is = $random->scene->bounds((string) $id);
                self::assertLessThanOrEqual($tolerance + self::TURNED, max(abs($is->x - $was->x), abs($is->y - $was->y)), "seed $seed: $id");
                $tried++;
            }
        }
        self::assertGreaterThan(5 * self::SHEETS, $tried);
    }

    public function test_a_group_turned_by_360_single_degrees_brings_every_child_back(): void
    {
        foreach (RandomScene::seeds(12) as $seed) {
            $random = new RandomScene($seed);
            $scene = $random->scene;
            $groups = array_filter($scene->items, static fn (Item $item): bool => $item->holdsItems() && ! $item->locked && $item->parent === null);
            $id = (string) array_key_first($groups);
            if ($id === '') {
                continue;
            }
            $inside = array_column((new Tree($scene->items))->descendants($id), null, 'id');
            $boxes = array_map(static fn (string $child): Rect => $scene->bounds($child), array_combine(array_keys($inside), array_keys($inside)));
            for ($degree = 0; $degree < 360; $degree++) {
                $scene->run('turn', [$id], ['by' => 1]);
            }
            foreach ($inside as $child => $was) {
                self::assertEquals($was, $scene->items[$child], "seed $seed: $child in its own space");
                foreach ($boxes[$child]->toArray() as $side => $value) {
                    self::assertEqualsWithDelta($value, $scene->bounds((string) $child)->toArray()[$side], self::TURNED, "seed $seed: $child on the sheet");
                }
            }
        }
    }

    public function test_pairs_use_each_partner_once(): void
    {
        foreach (RandomScene::seeds(self::SHEETS) as $seed) {
            $random = new RandomScene($seed);
            $ids = array_keys($random->scene->items);
            $boxes = array_map(static fn (string $id): Rect => $random->scene->bounds($id), array_combine($ids, $ids));
            $half = intdiv(count($boxes), 2);
            [$items, $anchors] = [array_slice($boxes, 0, $half, true), array_slice($boxes, $half, null, true)];
            $pairs = Pairs::of($items, $anchors);
            self::assertCount(count($pairs), array_unique($pairs), "seed $seed");
            self::assertCount(min(count($items), count($anchors)), $pairs, "seed $seed");
        }
    }

    public function test_an_inset_by_sizing_leaves_four_equal_distances(): void
    {
        foreach (RandomScene::seeds(self::SHEETS) as $seed) {
            $random = new RandomScene($seed);
            $inset = $random->number(0, 30);
            // Under everything a ground that certainly holds it.
            $scene = Scene::of()
                ->put('ground', 0, 0, $random->number(420, 900), $random->number(420, 900))
                ->put('it', $random->number(110, 200), $random->number(110, 200), $random->number(5, 200), $random->number(5, 200), ['angle' => $random->pick([0, 90, 180])]);
            $scene->run('inset', ['it'], ['value' => $inset, 'by_size' => true]);
            [$box, $ground] = [$scene->bounds('it'), $scene->bounds('ground')];
            self::assertEqualsWithDelta(array_fill(0, 4, (float) $inset), [$box->x - $ground->x, $box->y - $ground->y, $ground->right() - $box->right(), $ground->bottom() - $box->bottom()], 0.0005, "seed $seed");
        }
    }

    public function test_a_series_edited_up_and_back_is_the_same_bytes(): void
    {
        $tried = 0;
        foreach (RandomScene::seeds(self::SHEETS) as $seed) {
            $random = new RandomScene($seed);
            $scene = $random->scene;
            try {
                [$command, $params] = $this->anySeries($random);
                $group = $scene->run($command, $random->some(), $params + ['series' => true])->report->selection[0];
                if ($random->maybe(50)) {
                    $scene->run('turn', [$group], ['by' => $random->number(-80, 80)]);
                }
                $members = count((new Tree($scene->items))->children($group));
                $scene->run('set-series', [$group], ['count_up' => false]);
            } catch (Refusal) {
                continue;
            }
            $tried++;
            $once = $scene->items;
            $frames = $this->frames($scene, $group);
            $scene->run('set-series', [$group], ['count' => $members + $random->number(1, 9)]);
            self::assertGreaterThan($members, count((new Tree($scene->items))->children($group)), "seed $seed");
            $scene->run('set-series', [$group], ['count' => $members]);
            $others = array_filter($once, static fn (Item $item): bool => serialize($item) !== serialize($scene->items[$item->id] ?? null));
            self::assertSame([], array_keys($others), "seed $seed: $command up and back");
            self::assertSame(count($once), count($scene->items), "seed $seed: $command up and back");
            $series = $scene->items[$group]->fields['series'];
            $scene->run('set-series', [$group], ['count' => max($series['originals'] ?? count($series['angles']), intdiv($members, 2))]);
            $scene->run('set-series', [$group], ['count' => $members]);
            self::assertSame($frames, $this->frames($scene, $group), "seed $seed: $command down and back");
        }
        self::assertGreaterThan(self::SHEETS / 2, $tried);
    }

    public function test_mirrored_twice_everything_is_back(): void
    {
        foreach (RandomScene::seeds(self::SHEETS) as $seed) {
            $random = new RandomScene($seed);
            $ids = $random->some();
            $axis = $random->pick(['x', 'y']);
            $before = array_map(static fn (Item $item): Rect => $random->scene->bounds($item->id), $random->scene->items);
            try {
                $random->scene->run('mirror', $ids, ['axis' => $axis]);
            } catch (Refusal) {
                continue;
            }
            $random->scene->run('mirror', $ids, ['axis' => $axis]);
            foreach ($before as $id => $box) {
                self::assertEqualsWithDelta($box->toArray(), $random->scene->bounds((string) $id)->toArray(), self::TURNED, "seed $seed: $id");
            }
        }
    }

    public function test_set_gap_gives_just_that_gap(): void
    {
        foreach (RandomScene::seeds(self::SHEETS) as $seed) {
            $random = new RandomScene($seed);
            $gap = $random->number(-20, 60);
            try {
                $done = $random->scene->run('set-gap', $random->some(2), ['axis' => $random->pick(['x', 'y']), 'gap' => $gap, 'hold' => $random->pick(['first', 'last', 'centre'])]);
            } catch (Refusal) {
                continue;
            }
            $isWhole = array_filter($random->scene->items, static fn (Item $item): bool => floor($item->frame->w) !== $item->frame->w || floor($item->frame->h) !== $item->frame->h || fmod($item->angle, 90) !== 0.0) === [];
            foreach ($done->report->details['gaps'] as $is) {
                self::assertEqualsWithDelta($gap, $is, $isWhole ? self::TURNED : 1.0, "seed $seed");
            }
        }
    }

    /** @return array{string, array<string, mixed>} */
    private function anySeries(RandomScene $random): array
    {
        return match ($random->number(0, 2)) {
            0 => ['block', ['columns' => $random->number(1, 5), 'rows' => $random->number(2, 6), 'column_gap' => $random->number(-5, 30), 'row_gap' => $random->number(0, 30), 'copies' => 'fill', 'cell' => $random->pick(['uniform', 'fit']), 'place' => $random->pick(['top-left', 'centre'])]],
            1 => ['ring', ['cx' => 300, 'cy' => 200, 'radius' => $random->number(10, 300), 'count' => $random->number(9, 40), 'facing' => $random->pick(['upright', 'outward', 'inward']), 'sweep' => $random->pick([360, 90, -200])]],
            default => ['step-repeat', ['dx' => $random->number(-40, 40), 'dy' => $random->number(1, 40), 'angle' => $random->pick([0, 0, 5]), 'count' => $random->number(1, 9)]],
        };
    }

    /** @return list<mixed> where the members stand, whatever their ids */
    private function frames(Scene $scene, string $group): array
    {
        return array_map(static fn (Item $item): array => [$item->kind->name(), $item->frame->toArray(), $item->angle], (new Tree($scene->items))->descendants($group));
    }
}
