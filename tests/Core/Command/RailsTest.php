<?php

declare(strict_types=1);

namespace Tests\Core\Command;

use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Intent\Intent;
use AllSquare\Core\Intent\OddGaps;
use AllSquare\Core\Intent\Wish;
use AllSquare\Core\Item\By;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Measure\Gap;
use AllSquare\Core\Measure\Ledger;
use AllSquare\Core\Measure\Planning;
use AllSquare\Core\Refusal;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Support\RandomScene;
use Tests\Core\Support\Scene;

/** Rails on the sheet (RULES 13): made without moving anything, and settled after every command that touches them. */
final class RailsTest extends TestCase
{
    /** A row of three boxes of 40 × 20, 16 px apart. */
    private static function row(): Scene
    {
        $scene = Scene::of()->put('a', 100, 100, 40, 20)->put('b', 156, 100, 40, 20)->put('c', 212, 100, 40, 20);
        $scene->run('make-rail', ['a', 'b', 'c'], ['name' => 'Row']);

        return $scene;
    }

    private static function rail(Scene $scene): string
    {
        return (string) array_key_first(array_filter($scene->items, static fn (Item $item): bool => $item->rail() !== null));
    }

    public function test_made_of_things_nothing_moves(): void
    {
        $tried = 0;
        foreach (RandomScene::seeds(4) as $seed) {
            $chance = new Randomizer(new Mt19937($seed));
            for ($i = 0; $i < 60; $i++) {
                $scene = Scene::of();
                $ids = [];
                $column = $chance->getInt(0, 1) === 1;
                for ($k = 0, $n = $chance->getInt(1, 8); $k < $n; $k++) {
                    [$along, $across] = [$chance->getInt(0, 900), $chance->getInt(0, 120)];
                    $scene->put($ids[] = "i$k", $column ? $across : $along, $column ? $along : $across, $chance->getInt(5, 150), $chance->getInt(5, 90), ['angle' => $chance->getInt(0, 3) === 0 ? $chance->getInt(-3, 3) * 30 : 0, 'kind' => ['box', 'round', 'text'][$chance->getInt(0, 2)], 'text' => 'Pier 4', 'grow' => 'none', 'hidden' => $k > 0 && $chance->getInt(0, 6) === 0]);
                }
                $was = array_map(fn (string $id): array => $scene->bounds($id)->toArray(), $ids);
                $rail = $scene->run('make-rail', $ids)->report->selection[0];
                foreach ($ids as $k => $id) {
                    self::assertEqualsWithDelta($was[$k], $scene->bounds($id)->toArray(), 0.0015, "seed $seed: \"$id\"");
                }
                $frame = $scene->items[$rail]->frame;
                $scene->run('set-rail', [$rail], ['wrap' => false]);
                self::assertEquals($frame, $scene->items[$rail]->frame, "seed $seed: laid out anew it stays");
                $tried++;
            }
        }
        self::assertGreaterThanOrEqual(60, $tried);
    }

    public function test_its_direction_its_gap_and_where_things_stand_are_read_off(): void
    {
        $scene = Scene::of()->put('a', 100, 100, 40, 20)->put('b', 156, 100, 40, 20)->put('c', 212, 106, 40, 20)->put('d', 280, 100, 40, 20);
        $said = $scene->run('make-rail', ['d', 'c', 'b', 'a'])->report->summary;
        self::assertSame('Made "Rail" a row with gaps of 16', $said);
        self::assertSame([[], ['aside' => 6.0], ['before' => 12.0]], array_map(fn (string $id): array => $scene->items[$id]->berth()->toArray(), ['b', 'c', 'd']));
        self::assertSame(['a', 'b', 'c', 'd'], array_map(static fn (Item $item): string => $item->id, $scene->draft()->tree->children(self::rail($scene))));
        self::assertNull($scene->items[self::rail($scene)]->fields['fill']);
    }

    public function test_it_closes_up_where_something_goes_and_makes_way_where_something_comes(): void
    {
        $scene = self::row();
        $scene->run('delete', ['b']);
        self::assertSame([100.0, 156.0], $scene->lefts('a', 'c'));
        self::assertSame(96.0, $scene->bounds(self::rail($scene))->w);
        $scene->put('d', 500, 500, 30, 30)->run('move-into', ['d'], ['parent' => self::rail($scene), 'index' => 1]);
        self::assertSame([100.0, 156.0, 202.0], $scene->lefts('a', 'd', 'c'));
        $scene->run('set', ['d'], ['hidden' => true]);
        self::assertSame([100.0, 156.0], $scene->lefts('a', 'c'));
        $scene->run('set', ['d'], ['hidden' => false, 'w' => 60]);
        self::assertSame([100.0, 156.0, 232.0], $scene->lefts('a', 'd', 'c'));
        self::assertSame(30.0, $scene->bounds(self::rail($scene))->h, 'as high as what is highest');
    }

    public function test_by_numbers(): void
    {
        $scene = self::row();
        $rail = self::rail($scene);
        self::assertSame('Set "Row": gaps of 24, padding 10, 10, 10, 10', $scene->run('set-rail', [$rail], ['gap' => '2*12', 'padding' => 10])->report->summary);
        self::assertSame([[110.0, 174.0, 238.0], [110.0, 110.0, 110.0]], [$scene->lefts('a', 'b', 'c'), $scene->tops('a', 'b', 'c')]);
        self::assertEquals(new Rect(100.0, 100.0, 188.0, 40.0), $scene->bounds($rail), 'its top left stays');
        $scene->run('set-rail', [$rail], ['direction' => 'column', 'padding' => ['top' => 30], 'across' => 'end']);
        self::assertSame([[110.0, 110.0, 110.0], [130.0, 174.0, 218.0]], [$scene->lefts('a', 'b', 'c'), $scene->tops('a', 'b', 'c')]);
        $scene->run('set-berth', ['b'], ['before' => 6, 'aside' => '-4']);
        self::assertSame([106.0, 180.0], [$scene->bounds('b')->x, $scene->bounds('b')->y]);
        $scene->run('set-rail', [$rail], ['across' => 'start']);
        self::assertSame([110.0, ['before' => 6.0]], [$scene->bounds('b')->x, $scene->items['b']->berth()->toArray()], 'said anew where they stand, all stand there');
        $scene->run('set-berth', ['b'], ['aside' => '-4']);
        $scene->run('end-rail', [$rail]);
        $scene->run('delete', ['a']);
        self::assertSame([106.0, 180.0], [$scene->bounds('b')->x, $scene->bounds('b')->y], 'it is laid out no more');
        self::assertSame([], $scene->items['b']->berth()->toArray());
    }

    public function test_words_that_grow_push_what_follows_up_to_the_page(): void
    {
        $scene = Scene::of()->put('t', 40, 40, 200, 30, ['kind' => 'text', 'text' => 'Round the island', 'size' => 20, 'grow' => 'down'])->put('rule', 40, 90, 200, 2)->put('foot', 40, 112, 200, 30);
        $scene->run('set', ['t'], ['text' => 'Round the island']);
        $inner = $scene->run('make-rail', ['t', 'rule'], ['direction' => 'column', 'name' => 'Words'])->report->selection[0];
        $page = $scene->run('make-rail', [$inner, 'foot'], ['direction' => 'column', 'name' => 'Page'])->report->selection[0];
        [$rule, $foot, $high] = [$scene->bounds('rule')->y, $scene->bounds('foot')->y, $scene->bounds($page)->h];
        $was = $scene->bounds('t')->h;
        $scene->run('set', ['t'], ['text' => str_repeat('Round the island in two hours, every day. ', 6)]);
        $by = $scene->bounds('t')->h - $was;
        self::assertGreaterThan(60.0, $by);
        self::assertSame([$rule + $by, $foot + $by, $high + $by], [$scene->bounds('rule')->y, $scene->bounds('foot')->y, $scene->bounds($page)->h]);
    }

    public function test_shares_on_whole_pixels_fill_the_rail_without_a_remainder(): void
    {
        $tried = 0;
        foreach (RandomScene::seeds(3) as $seed) {
            $chance = new Randomizer(new Mt19937($seed));
            for ($i = 0; $i < 40; $i++) {
                $count = $chance->getInt(1, 9);
                $scene = Scene::of()->put('rail', 10, 10, $chance->getInt(200, 900), 60, ['kind' => 'tray']);
                $ids = array_map(static fn (int $k): string => "i$k", range(1, $count));
                foreach ($ids as $k => $id) {
                    $scene->put($id, 40 * $k, 5, 20, 20, ['parent' => 'rail']);
                }
                $scene->run('make-rail', ['rail'], ['direction' => 'row']);
                $scene->run('set-rail', ['rail'], ['gap' => $chance->getInt(0, 12), 'padding' => $chance->getInt(0, 9), 'width' => 'fixed', 'across' => 'stretch']);
                $scene->run('set-berth', $ids, ['share' => 1, 'before' => 0]);
                $rules = $scene->items['rail']->rail();
                $right = $scene->bounds('rail')->right() - ($rules->padding->right ?? 0.0);
                self::assertEqualsWithDelta($right, $scene->bounds(end($ids))->right(), 0.001, "seed $seed");
                $widths = array_map(fn (string $id): float => $scene->bounds($id)->w, $ids);
                self::assertLessThanOrEqual(1.0, max($widths) - min($widths), "seed $seed");
                self::assertSame(array_map(floor(...), $widths), $widths, "seed $seed");
                $tried++;
            }
        }
        self::assertGreaterThanOrEqual(40, $tried);
    }

    public function test_a_group_round_a_rail_follows_it_and_a_turned_rail_turns_on_its_corner(): void
    {
        $scene = self::row();
        $rail = self::rail($scene);
        $group = $scene->run('group', [$rail])->report->selection[0];
        $scene->run('set-rail', [$rail], ['gap' => 40]);
        self::assertEquals(new Rect(100.0, 100.0, 200.0, 20.0), $scene->bounds($group));
        $scene->run('turn', [$group], ['by' => 90]);
        $corner = $scene->bounds('a')->right();
        $scene->run('delete', ['b']);
        self::assertEqualsWithDelta($corner, $scene->bounds('a')->right(), 0.002);
        self::assertEqualsWithDelta(120.0, $scene->bounds($group)->h, 0.002);
    }

    public function test_what_lies_in_a_rail_is_never_odd(): void
    {
        $scene = Scene::of(1280, 400);
        $ids = [];
        foreach ([0, 64, 128, 195, 256] as $i => $x) {
            $scene->put($ids[] = "i$i", 100 + $x, 100, 40, 40);
        }
        $odd = fn (): int => count(array_filter($this->ledger($scene)->gaps, static fn (Gap $gap): bool => $gap->odd));
        self::assertGreaterThan(0, $odd());
        $scene->run('make-rail', $ids);
        self::assertSame(0, $odd());
    }

    private function ledger(Scene $scene): Ledger
    {
        $plan = Planning::before($scene->draft(), By::Frame);

        return OddGaps::in(Ledger::of($plan, $scene->sheet->box()), (new Intent($scene->sheet, $plan, $scene->guides, Wish::of($scene->sheet)))->ofSheet());
    }

    public function test_any_commands_leave_rails_laid_out(): void
    {
        $tried = 0;
        foreach (RandomScene::seeds(4) as $seed) {
            $chance = new Randomizer(new Mt19937($seed));
            $scene = self::row()->put('x', 600, 100, 50, 50)->put('y', 600, 300, 50, 50);
            $rail = self::rail($scene);
            for ($i = 0; $i < 40; $i++) {
                $ids = array_values(array_filter(['a', 'b', 'c', 'x', 'y', $rail], static fn (string $id): bool => isset($scene->items[$id])));
                $id = $ids[$chance->getInt(0, count($ids) - 1)];
                try {
                    match ($chance->getInt(0, 6)) {
                        0 => $scene->run('move-by', [$id], ['dx' => $chance->getInt(-50, 50), 'dy' => $chance->getInt(-50, 50)]),
                        1 => $scene->run('set', [$id], ['w' => $chance->getInt(5, 200)]),
                        2 => $scene->run('set-rail', [$rail], [['gap' => $chance->getInt(-10, 40)], ['padding' => $chance->getInt(0, 30)], ['direction' => $chance->getInt(0, 1) === 0 ? 'row' : 'column'], ['wrap' => $chance->getInt(0, 1) === 0], ['width' => ['content', 'fixed', 'share'][$chance->getInt(0, 2)]], ['across' => ['start', 'centre', 'end', 'stretch'][$chance->getInt(0, 3)]]][$chance->getInt(0, 5)]),
                        3 => $scene->run('move-into', [$id], ['parent' => $chance->getInt(0, 1) === 0 ? $rail : null, 'index' => $chance->getInt(0, 2)]),
                        4 => $scene->run('set', [$id], ['hidden' => $chance->getInt(0, 2) === 0]),
                        5 => $scene->run('turn', [$id], ['by' => $chance->getInt(-3, 3) * 30]),
                        default => $scene->run('duplicate', [$id]),
                    };
                } catch (Refusal) {
                    continue;
                }
                if (! isset($scene->items[$rail]) || $scene->items[$rail]->rail() === null) {
                    break;
                }
                $was = $scene->items;
                $scene->run('set-rail', [$rail], ['wrap' => $scene->items[$rail]->rail()->wrap]);
                self::assertEquals($was, $scene->items, "seed $seed: laid out already");
                $tried++;
            }
        }
        self::assertGreaterThan(40, $tried);
    }

    /** @return iterable<string, array{string, list<string>, array<string, mixed>, string}> */
    public static function refused(): iterable
    {
        yield 'a rail of a rail' => ['make-rail', ['rail'], [], 'is a rail already'];
        yield 'no rail' => ['set-rail', ['x'], ['gap' => 4], 'Select a rail.'];
        yield 'nothing to change' => ['set-rail', ['rail'], [], 'Say what of the rail is to change.'];
        yield 'padding below nothing' => ['set-rail', ['rail'], ['padding' => '-3'], 'cannot be negative'];
        yield 'a place in no rail' => ['set-berth', ['x'], ['before' => 4], 'Select something that lies in a rail.'];
        yield 'no number of its own' => ['set-berth', ['a'], [], 'Say what of its place is to change.'];
        yield 'into itself' => ['move-into', ['rail'], ['parent' => 'rail'], 'cannot be put into itself'];
        yield 'a foot higher than the sheet' => ['make-running', ['tall'], ['zone' => 'foot'], 'is higher than the sheet, and so it cannot be its foot'];
        yield 'a mask of nothing' => ['mask', ['a'], [], 'Select what is to be masked'];
        yield 'at widths that there are not' => ['show-at-widths', ['x'], [], 'at one width only'];
        yield 'no rail to end' => ['end-rail', ['x'], [], 'Select a rail.'];
    }

    /**
     * @param  list<string>  $ids
     * @param  array<string, mixed>  $params
     */
    #[DataProvider('refused')]
    public function test_what_cannot_be_done_is_refused_and_changes_nothing(string $command, array $ids, array $params, string $reason): void
    {
        $scene = self::row()->put('x', 600, 100, 50, 50)->put('tall', 900, -50, 20, 2000);
        $params = array_map(static fn (mixed $value): mixed => $value === 'rail' ? self::rail($scene) : $value, $params);
        $ids = array_map(static fn (string $id): string => $id === 'rail' ? self::rail($scene) : $id, $ids);
        $was = $scene->items;
        try {
            $scene->run($command, $ids, $params);
            self::fail('It was done.');
        } catch (Refusal $refusal) {
            self::assertStringContainsString($reason, $refusal->getMessage());
        }
        self::assertEquals($was, $scene->items);
    }

    public function test_padding_that_leaves_no_room_is_refused_where_the_rail_does_not_grow(): void
    {
        $scene = self::row();
        $rail = self::rail($scene);
        $scene->run('set-rail', [$rail], ['padding' => 400]);
        $scene->run('set-rail', [$rail], ['padding' => 10]);
        $scene->run('set-rail', [$rail], ['width' => 'fixed']);
        $was = $scene->items;
        $this->expectExceptionMessage('"Row" is 172 px wide; its padding would take 200 px of that.');
        try {
            $scene->run('set-rail', [$rail], ['padding' => 100]);
        } finally {
            self::assertEquals($was, $scene->items);
        }
    }

    public function test_a_rail_holds_2000_things_at_most(): void
    {
        $scene = Scene::of()->put('rail', 0, 0, 500, 100, ['kind' => 'tray']);
        for ($i = 0; $i < 2_001; $i++) {
            $scene->put("i$i", $i, 0, 1, 1, ['parent' => 'rail']);
        }
        $this->expectExceptionMessage('A rail holds 2,000 things at most.');
        $scene->run('make-rail', ['rail']);
    }

    /** Of rails at random that do not wrap: everything lies where the mirror shows it, and is back when they are mirrored again. */
    public function test_mirrored_everything_lies_where_the_mirror_shows_it(): void
    {
        $tried = 0;
        $chance = new Randomizer(new Mt19937(1507));
        for ($i = 0; $i < 120; $i++) {
            $scene = Scene::of()->put('rail', 200, 100, 400, 300, ['kind' => 'tray']);
            foreach ($ids = ['a', 'b', 'c', 'd'] as $id) {
                $scene->put($id, 0, 0, $chance->getInt(2, 30) * 2, $chance->getInt(2, 30) * 2, ['parent' => 'rail']);
            }
            $pick = static fn (string ...$of): string => $of[$chance->getInt(0, count($of) - 1)];
            $scene->run('make-rail', ['rail'], ['direction' => $pick('row', 'column')]);
            $scene->run('set-rail', ['rail'], ['gap' => $chance->getInt(-5, 20), 'padding' => ['left' => $chance->getInt(0, 30), 'right' => $chance->getInt(0, 30), 'top' => $chance->getInt(0, 30), 'bottom' => $chance->getInt(0, 30)],
                'across' => $pick('start', 'centre', 'end'), 'along' => $pick('start', 'centre', 'end', 'between'), 'width' => 'fixed', 'height' => 'fixed']);
            $scene->run('set-berth', ['b', 'c'], ['before' => $chance->getInt(0, 12) * 2, 'aside' => $chance->getInt(-4, 4) * 2]);
            $axis = $pick('x', 'y');
            $frame = $scene->bounds('rail');
            $was = array_map($scene->bounds(...), $ids);
            $scene->run('mirror', ['rail'], ['axis' => $axis]);
            self::assertEquals($frame, $scene->bounds('rail'));
            foreach ($ids as $k => $id) {
                $mirrored = $axis === 'x' ? $was[$k]->moved($frame->x + $frame->right() - $was[$k]->x - $was[$k]->right(), 0.0) : $was[$k]->moved(0.0, $frame->y + $frame->bottom() - $was[$k]->y - $was[$k]->bottom());
                self::assertEqualsWithDelta($mirrored->toArray(), $scene->bounds($id)->toArray(), 1.001, "$i: $id, on whole pixels");
            }
            $scene->run('mirror', ['rail'], ['axis' => $axis]);
            foreach ($ids as $k => $id) {
                self::assertEqualsWithDelta($was[$k]->toArray(), $scene->bounds($id)->toArray(), 0.001, "$i: $id, again");
                $tried++;
            }
        }
        self::assertSame(480, $tried);
    }

    public function test_in_a_mirror_pins_are_of_the_other_side(): void
    {
        $scene = Scene::of()->put('tray', 100, 100, 200, 100, ['kind' => 'tray'])->put('a', 10, 10, 30, 30, ['parent' => 'tray']);
        $scene->run('mirror', ['tray'], ['axis' => 'x']);
        self::assertSame(['end', 'start'], [$scene->items['a']->pins()->across->value, $scene->items['a']->pins()->down->value]);
        $scene->run('resize', ['tray'], ['handle' => 'right', 'dx' => 50, 'dy' => 0]);
        self::assertSame(10.0, 250.0 - $scene->items['a']->frame->right());
    }
}
