<?php

declare(strict_types=1);

namespace Tests\Core\Command;

use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Look\Outline;
use AllSquare\Core\Refusal;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Support\RandomScene;
use Tests\Core\Support\Scene;

/** Icons put in the middle of things, and in a row on the sheet. */
final class IconCommandsTest extends TestCase
{
    /** As the library has them: 24 px a side. */
    private const CROSS = ['name' => 'cross', 'path' => 'M4 4L20 20M20 4L4 20'];

    private const MARK = ['name' => 'pin-mark', 'path' => 'M2 12L8 18L22 4'];

    private static function outline(Item $icon): Outline
    {
        $outline = $icon->fields['outline'];
        self::assertInstanceOf(Outline::class, $outline);

        return $outline;
    }

    public function test_an_icon_stands_in_the_middle_of_each_thing_half_as_large(): void
    {
        $scene = Scene::of()->put('a', 0, 0, 48, 48)->put('b', 100, 0, 96, 200)->put('c', 300, 40, 200, 40);
        $report = $scene->run('add-icons', ['a', 'b', 'c'], ['icons' => [self::CROSS]])->report;
        self::assertSame('Put 3 icons in the middle of 3 boxes', $report->summary);
        foreach (array_map(null, ['a', 'b', 'c'], [24.0, 48.0, 20.0], $report->selection) as [$id, $side, $made]) {
            $icon = $scene->items[$made];
            self::assertEqualsWithDelta($side * 16 / 24, $icon->frame->w, 0.001, 'the drawing reaches over 16 of its 24 px');
            self::assertEqualsWithDelta([$scene->items[$id]->frame->centre()->x, $scene->items[$id]->frame->centre()->y], [$icon->frame->centre()->x, $icon->frame->centre()->y], 0.001);
            self::assertGreaterThan($scene->items[$id]->rank, $icon->rank);
            self::assertEqualsWithDelta($side / 12, self::outline($icon)->weight, 0.001, 'lines of 2 px at 24');
        }
    }

    public function test_one_icon_for_each_thing_in_their_order(): void
    {
        $scene = Scene::of()->put('a', 0, 0, 48, 48)->put('b', 100, 0, 48, 48);
        $made = $scene->run('add-icons', ['b', 'a'], ['icons' => [self::CROSS, self::MARK]])->report->selection;
        self::assertSame(['Cross', 'Pin mark'], array_map(fn (string $id): string => $scene->items[$id]->name, $made));
        self::assertSame([124.0, 24.0], array_map(fn (string $id): float => $scene->items[$id]->frame->centre()->x, $made));
    }

    public function test_an_icon_in_a_group_lies_in_the_group_and_is_turned_with_it(): void
    {
        $scene = Scene::of()->put('g', 100, 100, 0, 0, ['kind' => 'group', 'angle' => 45])->put('a', 0, 0, 40, 40, ['parent' => 'g'])->put('b', 60, 0, 40, 40, ['parent' => 'g'])->fitted();
        $was = $scene->bounds('g');
        $icon = $scene->items[$scene->run('add-icons', ['a'], ['icons' => [self::CROSS]])->report->selection[0]];
        self::assertSame('g', $icon->parent);
        self::assertEquals($was, $scene->bounds('g'), 'the group stays as it is');
        self::assertEqualsWithDelta($scene->bounds('a')->centre()->x, $scene->bounds($icon->id)->centre()->x, 0.002);
    }

    /** @return iterable<string, array{string|null, string}> */
    public static function grounds(): iterable
    {
        yield 'white' => ['#ffffff', '#20302d'];
        yield 'ink' => ['#20302d', '#ffffff'];
        yield 'a green of the ferries' => ['#17614f', '#ffffff'];
        yield 'sand' => ['#e8d9b0', '#20302d'];
        yield 'what is seen through' => ['#20302d80', '#20302d'];
        yield 'nothing' => [null, '#20302d'];
    }

    #[DataProvider('grounds')]
    public function test_an_icon_is_in_ink_or_white_whichever_stands_out(?string $fill, string $colour): void
    {
        $scene = Scene::of()->put('a', 0, 0, 48, 48, ['fill' => $fill]);
        $icon = $scene->items[$scene->run('add-icons', ['a'], ['icons' => [self::CROSS]])->report->selection[0]];
        self::assertSame($colour, $icon->kind->fields()->stored($icon->fields)['outline']['colour'] ?? null);
        $red = $scene->items[$scene->run('add-icons', ['a'], ['icons' => [self::CROSS], 'colour' => '#c0392b', 'weight' => 1.5])->report->selection[0]];
        self::assertSame(['#c0392b', 1.5], [$red->kind->fields()->stored($red->fields)['outline']['colour'] ?? null, self::outline($red)->weight]);
    }

    public function test_a_row_of_icons_stands_about_its_point_one_icon_apart(): void
    {
        $tried = 0;
        foreach (RandomScene::seeds(3) as $seed) {
            $chance = new Randomizer(new Mt19937($seed));
            for ($i = 0; $i < 60; $i++) {
                [$count, $size, $x, $y] = [$chance->getInt(1, 9), $chance->getInt(8, 96), $chance->getInt(100, 900), $chance->getInt(100, 600)];
                $scene = Scene::of();
                $made = $scene->run('add-icons', [], ['icons' => array_fill(0, $count, self::CROSS), 'size' => $size, 'at' => ['x' => $x, 'y' => $y]])->report->selection;
                $centres = array_map(fn (string $id): float => $scene->bounds($id)->centre()->x, $made);
                self::assertEqualsWithDelta($x, array_sum($centres) / $count, 0.501, "seed $seed");
                for ($k = 1; $k < $count; $k++) {
                    self::assertEqualsWithDelta(2 * $size, $centres[$k] - $centres[$k - 1], 1.0, "seed $seed: on whole px");
                }
                foreach ($made as $id) {
                    self::assertSame(0.0, fmod($scene->bounds($id)->x, 1.0), "seed $seed: on whole px");
                }
                $tried++;
            }
        }
        self::assertSame(180, $tried);
    }

    public function test_an_icon_drawn_on_other_sides_is_as_large_as_is_said(): void
    {
        $scene = Scene::of();
        $made = $scene->run('add-icons', [], ['icons' => [['name' => 'wide', 'path' => 'M0 0L48 24']], 'side' => 48, 'size' => '2*12', 'at' => ['x' => 100, 'y' => 100]])->report->selection;
        self::assertSame([24.0, 12.0], [$scene->items[$made[0]]->frame->w, $scene->items[$made[0]]->frame->h]);
    }

    public function test_what_cannot_be_done_is_refused_and_changes_nothing(): void
    {
        $scene = Scene::of()->put('a', 0, 0, 48, 48)->put('b', 100, 0, 48, 48)->put('c', 200, 0, 48, 48);
        $was = $scene->items;
        foreach ([
            [['a', 'b', 'c'], [self::CROSS, self::MARK], 'There are 2 icons for 3 things.'],
            [['a'], [], 'Choose an icon.'],
            [[], [['name' => 'empty', 'path' => '']], 'icon'],
            [[], [['name' => 'dot', 'path' => 'M0 0 Q']], ''],
        ] as [$ids, $icons, $reason]) {
            try {
                $scene->run('add-icons', $ids, ['icons' => $icons]);
                self::fail('It was done.');
            } catch (Refusal $refusal) {
                self::assertStringContainsString($reason, $refusal->getMessage());
            }
            self::assertEquals($was, $scene->items);
        }
    }
}
