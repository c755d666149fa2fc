<?php

declare(strict_types=1);

namespace Tests\Core\Properties;

use AllSquare\Core\Arrange\Distribution;
use AllSquare\Core\Arrange\Mover;
use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Measure\Boxes;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Tree;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Fonts;
use Tests\Core\Support\RandomScene;
use Tests\Core\Support\Scene;

/** What the rules promise for every sheet, tried on sheets by chance. A failing seed is printed. */
final class ArrangingTest extends TestCase
{
    private const SHEETS = 120;

    /** Turned items are stored to 1/1000 px on axes that are not the sheet's. */
    private const TURNED = 0.004;

    public function test_aligning_twice_is_aligning_once(): void
    {
        foreach (RandomScene::seeds(self::SHEETS) as $seed) {
            $random = new RandomScene($seed);
            $ids = $random->some(2);
            $params = ['edge' => $random->pick(['left', 'centre', 'right', 'top', 'middle', 'bottom']), 'to' => $random->pick(['selection', 'sheet'])];
            if ($random->maybe(30)) {
                $params['as'] = 'one';
            }
            if (! $this->done($random->scene, 'align', $ids, $params)) {
                continue;
            }
            $once = $this->allBounds($random->scene);
            $this->done($random->scene, 'align', $ids, $params);
            $this->assertSameBounds($once, $random->scene, "seed $seed: ".json_encode($params));
        }
    }

    public function test_distributing_keeps_order_and_extent_and_its_gaps_are_equal(): void
    {
        $tried = 0;
        foreach (RandomScene::seeds(self::SHEETS) as $seed) {
            $random = new RandomScene($seed);
            $axis = $random->pick(Axis::cases());
            $ids = $random->some(3);
            $draft = $random->scene->draft();
            $before = (new Distribution(new Mover($draft), $axis, $draft->tree->inOrder()));
            try {
                $done = $random->scene->run('distribute', $ids, ['axis' => $axis->value]);
            } catch (Refusal) {
                continue;
            }
            $tried++;
            $free = array_values(array_filter($this->named($draft->tree, $ids), static fn (string $id): bool => ! $draft->tree->isLocked($id) && ! (new Boxes($draft->tree, Fonts::library()))->showsNothing($id)));
            $ordered = $before->ordered($free);
            $sizes = array_map(fn (string $id): float => $axis->size($random->scene->bounds($id)), $ordered);
            $gaps = $done->report->details['gaps'];
            $message = "seed $seed";
            foreach ([0, count($ordered) - 1] as $outer) {
                self::assertEqualsWithDelta($axis->lead((new Boxes($draft->tree, Fonts::library()))->bounds($ordered[$outer])), $axis->lead($random->scene->bounds($ordered[$outer])), self::TURNED, "$message: the outer two stay");
            }
            $average = array_sum($gaps) / count($gaps);
            if (min($sizes) + $average >= 1) {
                $leads = array_map(fn (string $id): float => $axis->lead($random->scene->bounds($id)), $ordered);
                $sorted = $leads;
                sort($sorted);
                self::assertSame($sorted, $leads, "$message: the order is kept");
            }
            $whole = $random->scene->sheet->wholePixels;
            $allWhole = array_filter([...$sizes, ...$gaps], static fn (float $v): bool => ! Length::isWhole($v)) === [];
            if ($allWhole || ! $whole) {
                self::assertLessThanOrEqual($whole ? 1.0 : self::TURNED, round(max($gaps) - min($gaps), 9), "$message: gaps are equal");
            }
        }
        self::assertTrue($tried > 0 || getenv('ALLSQUARE_SEED') !== false, 'some sheets could be spaced');
    }

    public function test_placing_puts_the_bounds_where_they_were_asked_to_be(): void
    {
        $tried = 0;
        foreach (RandomScene::seeds(self::SHEETS) as $seed) {
            $random = new RandomScene($seed);
            $id = $random->pick($random->items())->id;
            $before = $random->scene->bounds($id);
            if (! $this->done($random->scene, 'place', [$id], ['x' => 120, 'y' => -7])) {
                continue;
            }
            $after = $random->scene->bounds($id);
            self::assertEqualsWithDelta(120, $after->x, self::TURNED, "seed $seed");
            self::assertEqualsWithDelta(-7, $after->y, self::TURNED, "seed $seed");
            self::assertEqualsWithDelta($before->w, $after->w, self::TURNED, "seed $seed");
            $tried++;
        }
        self::assertGreaterThan(getenv('ALLSQUARE_SEED') === false ? self::SHEETS / 4 : 0, $tried, 'most could be done');
    }

    public function test_sizing_what_stands_upright_gives_exactly_that_size(): void
    {
        $tried = 0;
        foreach (RandomScene::seeds(self::SHEETS) as $seed) {
            $random = new RandomScene($seed);
            $id = $random->pick($random->items())->id;
            $box = $random->scene->bounds($id);
            if (! $random->scene->boxes()->standsUpright($id) || $box->w < 1 || $this->holdsTurned($random->scene, $id)) {
                continue;
            }
            if (! $this->done($random->scene, 'place', [$id], ['w' => 333])) {
                continue;
            }
            self::assertEqualsWithDelta(333, $random->scene->bounds($id)->w, 0.003, "seed $seed");
            self::assertEqualsWithDelta($box->h, $random->scene->bounds($id)->h, 0.003, "seed $seed");
            $tried++;
        }
        self::assertGreaterThan(getenv('ALLSQUARE_SEED') === false ? self::SHEETS / 4 : 0, $tried, 'most could be done');
    }

    public function test_grouping_and_ungrouping_move_nothing(): void
    {
        foreach (RandomScene::seeds(self::SHEETS) as $seed) {
            $random = new RandomScene($seed);
            $before = $this->allBounds($random->scene);
            $ids = $random->some(2);
            try {
                $group = $random->scene->run('group', $ids)->report->selection[0];
                $this->assertSameBounds(array_intersect_key($before, $this->leaves($random->scene)), $random->scene, "seed $seed: grouped");
                $random->scene->run('ungroup', [$group]);
            } catch (Refusal) {
                continue;
            }
            $this->assertSameBounds(array_intersect_key($before, $this->leaves($random->scene)), $random->scene, "seed $seed: ungrouped");
        }
    }

    public function test_a_change_taken_back_gives_the_same_items(): void
    {
        $commands = [
            ['align', ['edge' => 'middle']], ['distribute', ['axis' => 'y']], ['move-by', ['dx' => 3.5, 'dy' => -2]], ['place', ['x' => 5, 'w' => 70]],
            ['resize', ['handle' => 'bottom-right', 'dx' => 11, 'dy' => 7]], ['group', []], ['ungroup', []], ['duplicate', ['dx' => 4]], ['delete', []],
            ['order', ['to' => 'back']], ['set', ['angle' => 33]], ['set', ['hidden' => true]],
        ];
        foreach (RandomScene::seeds(self::SHEETS) as $seed) {
            $random = new RandomScene($seed);
            $states = [$random->scene->items];
            $changes = [];
            foreach (range(1, 6) as $_) {
                [$command, $params] = $random->pick($commands);
                try {
                    $changes[] = $random->scene->run($command, $random->some(3), $params)->change;
                    $states[] = $random->scene->items;
                } catch (Refusal) {
                    continue;
                }
            }
            foreach (array_reverse($changes, true) as $i => $change) {
                $items = $states[$i + 1];
                foreach ($change->items as $id => [$was, $is]) {
                    self::assertEquals($items[$id] ?? null, $is, "seed $seed: the change says what is there");
                    if ($was === null) {
                        unset($items[$id]);
                    } else {
                        $items[$id] = $was;
                    }
                }
                ksort($items);
                ksort($states[$i]);
                self::assertEquals($states[$i], $items, "seed $seed, step $i");
            }
        }
    }

    /**
     * @param  list<string>  $ids
     * @param  array<string, mixed>  $params
     */
    private function done(Scene $scene, string $command, array $ids, array $params): bool
    {
        try {
            $scene->run($command, $ids, $params);

            return true;
        } catch (Refusal) {
            return false;
        }
    }

    /** @return array<string, array{x: float, y: float, w: float, h: float}> */
    private function allBounds(Scene $scene): array
    {
        $boxes = $scene->boxes();

        return array_map(static fn ($item): array => $boxes->bounds($item->id)->toArray(), $scene->items);
    }

    /** @param  array<string, array{x: float, y: float, w: float, h: float}>  $expected */
    private function assertSameBounds(array $expected, Scene $scene, string $message): void
    {
        $boxes = $scene->boxes();
        foreach ($expected as $id => $box) {
            foreach ($boxes->bounds((string) $id)->toArray() as $side => $value) {
                self::assertEqualsWithDelta($box[$side], $value, self::TURNED, "$message: $id $side");
            }
        }
        self::assertNotSame([], $expected, "$message: something is compared");
    }

    /** @return array<string, true> */
    private function leaves(Scene $scene): array
    {
        return array_fill_keys(array_keys(array_filter($scene->items, static fn ($item): bool => ! $item->holdsItems())), true);
    }

    /**
     * @param  list<string>  $ids
     * @return list<string> without those named together with their ancestor
     */
    private function named(Tree $tree, array $ids): array
    {
        return array_values(array_filter($ids, static fn (string $id): bool => array_intersect(array_column($tree->ancestors($id), 'id'), $ids) === []));
    }

    private function holdsTurned(Scene $scene, string $id): bool
    {
        $tree = new Tree($scene->items);
        foreach ($tree->descendants($id) as $inside) {
            if (! $scene->boxes()->standsUpright($inside->id)) {
                return true;
            }
        }

        return false;
    }
}
