<?php

declare(strict_types=1);

namespace Tests\Core\Item;

use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Painting\Painting;
use AllSquare\Core\Paint\SheetPainter;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Tree;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Support\Fonts;
use Tests\Core\Support\RandomScene;
use Tests\Core\Support\Scene;

/** Trays (RULES 13): a frame of their own, things in them and beyond their edges, cut off or not. */
final class TrayTest extends TestCase
{
    /**
     * A row of three pictures, the last of which reaches past the tray.
     *
     * @param  array<string, mixed>  $more
     */
    private static function scene(array $more = []): Scene
    {
        return Scene::of()->put('tray', 100, 100, 300, 120, ['kind' => 'tray', ...$more])
            ->put('a', 20, 20, 80, 80, ['parent' => 'tray'])->put('b', 120, 20, 80, 80, ['parent' => 'tray'])->put('c', 260, 20, 80, 80, ['parent' => 'tray']);
    }

    public function test_what_is_measured_of_a_thing_is_not_cut_off_and_what_is_painted_is(): void
    {
        $scene = self::scene();
        self::assertEquals(new Rect(100.0, 100.0, 340.0, 120.0), $scene->boxes()->ink('tray'));
        $scene->run('set', ['tray'], ['clip' => true]);
        self::assertEquals(new Rect(100.0, 100.0, 300.0, 120.0), $scene->boxes()->ink('tray'));
        self::assertEquals([new Rect(360.0, 120.0, 80.0, 80.0), new Rect(100.0, 100.0, 300.0, 120.0)], [$scene->bounds('c'), $scene->bounds('tray')]);
        $scene->run('set', ['tray'], ['fill' => null]);
        self::assertEquals(new Rect(120.0, 120.0, 280.0, 80.0), $scene->boxes()->ink('tray'), 'nothing but what is left of the things in it');
    }

    public function test_moving_it_rewrites_one_row(): void
    {
        $change = self::scene()->run('move-by', ['tray'], ['dx' => 12, 'dy' => -7])->change;
        self::assertSame(['tray'], array_map(strval(...), array_keys($change->items)));
    }

    public function test_it_cuts_off_with_its_own_corners_mirrored_with_it(): void
    {
        $scene = self::scene(['clip' => true, 'radii' => [40, 0, 0, 0]]);
        $drawing = static function (Scene $scene): string {
            $paintings = array_map(static fn (Item $item): Painting => $scene->painting($item->id), $scene->items);

            return (new SheetPainter(Fonts::library(), new Tree($scene->items), $paintings, []))->drawing(new Rect(0, 0, 900, 600), ['900', '600'], null);
        };
        $svg = $drawing($scene);
        self::assertMatchesRegularExpression("~<clipPath id='clip-([0-9a-f]{16})'><path d='M[^']*A40 40[^']*'/></clipPath><g clip-path='url\\(#clip-\\1\\)'>~", $svg);
        self::assertSame(1, substr_count($svg, "clip-path='url(#clip-"));
        $scene->run('mirror', ['tray'], ['axis' => 'x']);
        self::assertStringContainsString("transform='matrix(-1 0 0 1 300 0)'/></clipPath>", str_replace('translate(300 0) scale(-1 1)', 'matrix(-1 0 0 1 300 0)', $drawing($scene)));
        self::assertEquals(new Rect(300.0, 120.0, 80.0, 80.0), $scene->bounds('a'));
    }

    public function test_it_is_made_around_things_without_moving_them(): void
    {
        $tried = 0;
        foreach (RandomScene::seeds(3) as $seed) {
            $chance = new Randomizer(new Mt19937($seed));
            for ($i = 0; $i < 30; $i++) {
                $scene = Scene::of()->put('g', 50, 60, 0, 0, ['kind' => 'group', 'angle' => $chance->getInt(-3, 3) * 15]);
                foreach (['a', 'b', 'c', 'd'] as $id) {
                    $scene->put($id, $chance->getInt(0, 700), $chance->getInt(0, 500), $chance->getInt(5, 200), $chance->getInt(5, 200), ['angle' => $chance->getInt(-6, 6) * 15, 'parent' => $chance->getInt(0, 1) === 1 ? 'g' : null]);
                }
                $scene->put('e', 0, 0, 10, 10, ['parent' => 'g'])->fitted();
                $was = array_map(fn (string $id): Rect => $scene->bounds($id), ['a', 'b', 'c', 'd']);
                $inset = $chance->getInt(0, 24);
                $tray = $scene->run('make-tray', ['a', 'b', 'c', 'd'], ['inset' => $inset])->report->selection[0];
                foreach (['a', 'b', 'c', 'd'] as $k => $id) {
                    self::assertSame($tray, $scene->items[$id]->parent);
                    self::assertEqualsWithDelta($was[$k]->toArray(), $scene->bounds($id)->toArray(), 0.003, "seed $seed: \"$id\"");
                }
                if ($scene->draft()->tree->totalAngle($tray) === 0.0) {
                    $around = Rect::unionOf($was) ?? new Rect(0.0, 0.0, 0.0, 0.0);
                    self::assertEqualsWithDelta([$around->x - $inset, $around->y - $inset, $around->w + 2 * $inset, $around->h + 2 * $inset], array_values($scene->bounds($tray)->toArray()), 0.003, "seed $seed");
                }
                $scene->run('ungroup', [$tray]);
                self::assertArrayNotHasKey($tray, $scene->items);
                self::assertEqualsWithDelta($was[0]->toArray(), $scene->bounds('a')->toArray(), 0.003, "seed $seed: taken apart again");
                $tried++;
            }
        }
        self::assertGreaterThanOrEqual(30, $tried);
    }

    public function test_it_stands_where_the_foremost_of_them_stood(): void
    {
        $scene = Scene::of()->put('a', 0, 0, 10, 10)->put('b', 20, 0, 10, 10)->put('c', 40, 0, 10, 10)->put('d', 60, 0, 10, 10);
        $tray = $scene->run('make-tray', ['c', 'a'], ['name' => 'Row', 'inset' => '2*4'])->report->selection[0];
        self::assertSame(['b', 'Row', 'd'], array_map(static fn (Item $item): string => $item->name, $scene->draft()->tree->children(null)));
        self::assertSame(['a', 'c'], array_map(static fn (Item $item): string => $item->name, $scene->draft()->tree->children($tray)));
        self::assertEquals(new Rect(-8.0, -8.0, 66.0, 26.0), $scene->bounds($tray));
    }

    public function test_it_stays_when_it_is_empty_and_takes_what_is_moved_into_it(): void
    {
        $scene = self::scene()->put('d', 500, 500, 20, 20);
        $scene->run('delete', ['a', 'b', 'c']);
        self::assertArrayHasKey('tray', $scene->items);
        $scene->run('move-into', ['d'], ['parent' => 'tray', 'index' => 0]);
        self::assertSame(['tray', 500.0], [$scene->items['d']->parent, $scene->bounds('d')->x]);
        $scene->run('move-into', ['d'], ['parent' => null, 'index' => 0]);
        self::assertSame([null, 500.0], [$scene->items['d']->parent, $scene->bounds('d')->x]);
    }

    /** @return iterable<string, array{string, list<string>, array<string, mixed>, string}> */
    public static function refused(): iterable
    {
        yield 'into itself' => ['move-into', ['tray'], ['parent' => 'tray', 'index' => 0], 'itself'];
        yield 'into what lies in it' => ['move-into', ['tray'], ['parent' => 'inner', 'index' => 0], ''];
        yield 'out of nothing' => ['make-tray', ['empty'], [], 'nothing'];
        yield 'at less than no distance' => ['make-tray', ['a'], ['inset' => '-4'], 'cannot be negative'];
        yield 'of what is locked' => ['make-tray', ['locked'], [], 'locked'];
    }

    /**
     * @param  list<string>  $ids
     * @param  array<string, mixed>  $params
     */
    #[DataProvider('refused')]
    public function test_what_cannot_be_done_is_refused_and_changes_nothing(string $command, array $ids, array $params, string $reason): void
    {
        $scene = self::scene()->put('inner', 0, 0, 10, 10, ['kind' => 'tray', 'parent' => 'tray'])->put('locked', 0, 0, 9, 9, ['locked' => true])
            ->put('empty', 0, 0, 0, 0, ['kind' => 'group'])->put('unseen', 0, 0, 5, 5, ['parent' => 'empty', 'hidden' => true]);
        $was = $scene->items;
        try {
            $scene->run($command, $ids, $params);
            self::fail('It was done.');
        } catch (Refusal $refusal) {
            self::assertStringContainsString($reason, $refusal->getMessage());
        }
        self::assertEquals($was, $scene->items);
    }
}
