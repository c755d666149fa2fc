<?php

declare(strict_types=1);

namespace Tests\Core\Measure;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Geometry\Side;
use AllSquare\Core\Item\By;
use AllSquare\Core\Measure\Clearances;
use AllSquare\Core\Measure\Neighbours;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\RandomScene;
use Tests\Core\Support\Scene;

/** The distances to what lies next on the four sides. */
final class ClearancesTest extends TestCase
{
    /**
     * @param  non-empty-list<string>  $ids
     * @return array<string, array{string|null, float}> what lies next and how far, by side
     */
    private function around(Scene $scene, array $ids, By $by = By::Frame): array
    {
        $draft = $scene->draft();
        $clearances = new Clearances($draft->tree, $scene->boxes(), $ids, $draft->sheet()->box(), $by);
        $found = [];
        foreach (Side::cases() as $side) {
            $clearance = $clearances->of($side);
            $found[$side->value] = [$clearance->to?->id, $clearance->size];
        }

        return $found;
    }

    public function test_what_lies_next_on_each_side_and_else_the_sheet(): void
    {
        $scene = Scene::of(1000, 600)->put('a', 400, 300, 100, 50)->put('left', 250, 310, 100, 10)->put('below', 380, 380, 40, 40);
        self::assertSame(['left' => ['left', 50.0], 'top' => [null, 300.0], 'right' => [null, 500.0], 'bottom' => ['below', 30.0]], $this->around($scene, ['a']));
    }

    public function test_what_only_touches_the_row_is_no_neighbour(): void
    {
        $scene = Scene::of(1000, 600)->put('a', 400, 300, 100, 50)->put('b', 600, 350, 100, 50)->put('c', 700, 349, 100, 50);
        self::assertSame(['c', 200.0], $this->around($scene, ['a'])['right']);
    }

    public function test_something_between_blocks_unless_it_holds_both(): void
    {
        $scene = Scene::of(1000, 600)->put('back', 0, 250, 1000, 200)->put('a', 100, 300, 100, 50)->put('b', 400, 300, 100, 50)->put('c', 250, 320, 20, 20);
        self::assertSame(['c', 50.0], $this->around($scene, ['a'])['right']);
        $scene->put('c', 250, 360, 20, 20);
        self::assertSame(['b', 200.0], $this->around($scene, ['a'])['right']);
        self::assertSame(['back', 50.0], $this->around($scene, ['a'])['top'], 'the inner edge of its ground');
    }

    public function test_things_that_meet_have_a_distance_of_nothing(): void
    {
        $scene = Scene::of(1000, 600)->put('a', 100, 100, 100, 50)->put('b', 200, 100, 50, 50);
        self::assertSame(['b', 0.0], $this->around($scene, ['a'])['right']);
        self::assertSame(['a', 0.0], $this->around($scene, ['b'])['left']);
    }

    public function test_a_selection_counts_as_one_and_not_for_itself(): void
    {
        $scene = Scene::of(1000, 600)->put('a', 100, 100, 50, 50)->put('b', 300, 120, 50, 50)->put('c', 500, 140, 50, 50);
        self::assertSame(['c', 150.0], $this->around($scene, ['a', 'b'])['right']);
        self::assertSame([null, 100.0], $this->around($scene, ['a', 'b'])['left']);
    }

    public function test_hidden_things_and_groups_that_show_nothing_do_not_count(): void
    {
        $scene = Scene::of(1000, 600)->put('a', 100, 100, 50, 50)->put('b', 200, 100, 50, 50, ['hidden' => true])
            ->put('g', 0, 0, 0, 0, ['kind' => 'group'])->put('c', 260, 100, 50, 50, ['parent' => 'g', 'hidden' => true])
            ->put('d', 400, 100, 50, 50)->fitted();
        self::assertSame(['d', 250.0], $this->around($scene, ['a'])['right']);
    }

    public function test_in_a_group_its_siblings_are_what_lies_next(): void
    {
        $scene = Scene::of(1000, 600)->put('g', 0, 0, 0, 0, ['kind' => 'group'])
            ->put('a', 100, 100, 50, 50, ['parent' => 'g'])->put('b', 300, 100, 50, 50, ['parent' => 'g'])
            ->put('outside', 200, 100, 50, 50)->fitted();
        self::assertSame(['b', 150.0], $this->around($scene, ['a'])['right']);
        self::assertSame([null, 100.0], $this->around($scene, ['g'])['left'], 'a group has no inner edges');
    }

    public function test_by_ink_outlines_count(): void
    {
        $outline = ['outline' => ['colour' => '#20302d', 'weight' => 8.0]];
        $scene = Scene::of(1000, 600)->put('a', 100, 100, 50, 50, $outline)->put('b', 200, 100, 50, 50, $outline);
        self::assertSame(50.0, $this->around($scene, ['a'])['right'][1]);
        self::assertSame(42.0, $this->around($scene, ['a'], By::Ink)['right'][1]);
    }

    public function test_typing_what_is_there_already_moves_nothing(): void
    {
        foreach (RandomScene::seeds(60) as $seed) {
            $random = new RandomScene($seed);
            $free = array_values(array_filter($random->items(), fn ($item): bool => ! $random->scene->draft()->tree->isLocked($item->id) && ! $random->scene->boxes()->showsNothing($item->id)));
            if ($free === []) {
                continue;
            }
            $id = $random->pick($free)->id;
            foreach ($this->around($random->scene, [$id]) as $side => [, $size]) {
                $done = $random->scene->run('set-clearance', [$id], ['side' => $side, 'value' => $size]);
                self::assertSame([], $done->change->items, "seed $seed, $id, $side");
            }
        }
    }

    public function test_the_nearest_is_what_a_plain_count_by_the_rule_finds(): void
    {
        foreach (RandomScene::seeds(40) as $seed) {
            $random = new RandomScene($seed);
            $boxes = [];
            foreach (range(1, 14) as $i) {
                $boxes["b$i"] = new Rect($random->number(0, 20) * 10, $random->number(0, 20) * 10, $random->number(0, 8) * 10, $random->number(0, 8) * 10);
            }
            foreach ($boxes as $id => $box) {
                $others = array_diff_key($boxes, [$id => true]);
                foreach (Side::cases() as $side) {
                    self::assertSame(self::plainly($box, $others, $side), (new Neighbours($others))->nearest($box, $side)['size'] ?? null, "seed $seed, $id, {$side->value}");
                }
            }
        }
    }

    /**
     * The definition, word by word, turned so that the side is always the right one.
     *
     * @param  array<string, Rect>  $others
     */
    private static function plainly(Rect $box, array $others, Side $side): ?float
    {
        $turned = static function (Rect $r) use ($side): Rect {
            $r = $side->axis() === Axis::X ? $r : new Rect($r->y, $r->x, $r->h, $r->w);

            return $side->isLeading() ? new Rect(-$r->right(), $r->y, $r->w, $r->h) : $r;
        };
        $a = $turned($box);
        $rest = array_map($turned, $others);
        $nearest = null;
        foreach ($rest as $id => $b) {
            $top = max($a->y, $b->y);
            $bottom = min($a->bottom(), $b->bottom());
            if ($b->x < $a->right() || $bottom <= $top) {
                continue;
            }
            foreach ($rest as $other => $c) {
                $holdsBoth = $c->x <= $a->x && $c->y <= min($a->y, $b->y) && $c->right() >= $b->right() && $c->bottom() >= max($a->bottom(), $b->bottom());
                if ($b->x > $a->right() && $other !== $id && ! $holdsBoth && $c->x < $b->x && $c->right() > $a->right() && min($bottom, $c->bottom()) > max($top, $c->y)) {
                    continue 2;
                }
            }
            $nearest = min($nearest ?? INF, $b->x - $a->right());
        }

        return $nearest;
    }
}
