<?php

declare(strict_types=1);

namespace Tests\Core\Item;

use AllSquare\Core\Geometry\Rect;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Support\Scene;

/** What lies in a tray follows by its pins when the tray is sized (RULES 13). */
final class PinsTest extends TestCase
{
    /** @return iterable<string, array{string, array{float, float}}> */
    public static function pins(): iterable
    {
        yield 'start' => ['start', [20.0, 80.0]];
        yield 'centre' => ['centre', [45.0, 80.0]];
        yield 'end' => ['end', [70.0, 80.0]];
        yield 'stretch' => ['stretch', [20.0, 130.0]];
    }

    /** @param  array{float, float}  $expected */
    #[DataProvider('pins')]
    public function test_a_thing_keeps_what_is_pinned(string $pin, array $expected): void
    {
        $scene = self::pinned($pin);
        $scene->run('resize', ['tray'], ['handle' => 'bottom-right', 'dx' => 50, 'dy' => 50]);
        self::assertEquals(new Rect(100.0, 100.0, 350.0, 170.0), $scene->bounds('tray'));
        self::assertEquals(new Rect($expected[0], $expected[0], $expected[1], $expected[1]), $scene->items['a']->frame, 'in the space of the tray');
    }

    public function test_a_tray_that_is_stretched_brings_along_what_is_pinned_in_it(): void
    {
        $scene = self::pinned('stretch')->put('inner', 10, 50, 60, 60, ['parent' => 'tray', 'kind' => 'tray'])->put('deep', 5, 5, 20, 20, ['parent' => 'inner']);
        $scene->run('set-pins', ['inner'], ['across' => 'stretch']);
        $scene->run('set-pins', ['deep'], ['across' => 'end']);
        $scene->run('resize', ['tray'], ['handle' => 'right', 'dx' => 30, 'dy' => 0]);
        self::assertSame([90.0, 35.0, 110.0], [$scene->items['inner']->frame->w, $scene->items['deep']->frame->x, $scene->items['a']->frame->w]);
    }

    public function test_what_was_moved_by_the_same_command_stands_where_it_was_put(): void
    {
        $scene = self::pinned('end')->put('b', 500, 100, 100, 120);
        $group = $scene->run('group', ['tray', 'b'])->report->selection[0];
        $scene->run('resize', [$group], ['handle' => 'right', 'dx' => 500, 'dy' => 0]);
        self::assertEquals([new Rect(0.0, 0.0, 600.0, 120.0), 40.0, 160.0], [new Rect(0.0, 0.0, $scene->items['tray']->frame->w, $scene->items['tray']->frame->h), $scene->items['a']->frame->x, $scene->items['a']->frame->w], 'scaled with the group');
    }

    /** Sized one way and back by odd numbers, on whole pixels: everything is where it was. */
    public function test_one_way_and_back_nothing_has_moved(): void
    {
        $chance = new Randomizer(new Mt19937(15));
        $pins = ['start', 'centre', 'end', 'stretch'];
        for ($tried = 0; $tried < 200; $tried++) {
            $scene = self::scene();
            $scene->run('set-pins', ['a'], ['across' => $pins[$chance->getInt(0, 3)], 'down' => $pins[$chance->getInt(0, 3)]]);
            $before = $scene->items['a']->frame;
            [$dx, $dy] = [$chance->getInt(-70, 90), $chance->getInt(-40, 90)];
            $scene->run('resize', ['tray'], ['handle' => 'bottom-right', 'dx' => $dx, 'dy' => $dy]);
            $scene->run('resize', ['tray'], ['handle' => 'bottom-right', 'dx' => -$dx, 'dy' => -$dy]);
            self::assertEquals($before, $scene->items['a']->frame, "$dx, $dy");
        }
        self::assertSame(200, $tried);
    }

    public function test_what_is_turned_is_not_stretched_but_keeps_its_centre(): void
    {
        $scene = self::scene();
        $scene->run('turn', ['a'], ['by' => 30]);
        $scene->run('set-pins', ['a'], ['across' => 'stretch']);
        $before = $scene->items['a']->frame;
        $scene->run('resize', ['tray'], ['handle' => 'right', 'dx' => 40, 'dy' => 0]);
        self::assertEqualsWithDelta([$before->x + 20.0, $before->w], [$scene->items['a']->frame->x, $scene->items['a']->frame->w], 0.001);
    }

    private static function scene(): Scene
    {
        return Scene::of()->put('tray', 100, 100, 300, 120, ['kind' => 'tray'])->put('a', 20, 20, 80, 80, ['parent' => 'tray']);
    }

    private static function pinned(string $pin): Scene
    {
        $scene = self::scene();
        $scene->run('set-pins', ['a'], ['across' => $pin, 'down' => $pin]);

        return $scene;
    }
}
