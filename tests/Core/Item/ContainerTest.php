<?php

declare(strict_types=1);

namespace Tests\Core\Item;

use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\By;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Painting\Painters;
use AllSquare\Core\Item\Painting\Painting;
use AllSquare\Core\Measure\Derivation;
use AllSquare\Core\Measure\Grounds;
use AllSquare\Core\Measure\Planning;
use AllSquare\Core\Paint\SheetPainter;
use AllSquare\Core\Sheet\Tree;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Fonts;
use Tests\Core\Support\Scene;

/** A container with a frame and a painting of its own, of a kind that there is not: it fits in everywhere a group does, by its traits alone. */
final class ContainerTest extends TestCase
{
    private static function scene(): Scene
    {
        $scene = Scene::of()->put('quay', 10, 20, 40, 30, ['parent' => 'crate'])->put('buoy', 300, 10, 20, 20, ['parent' => 'crate', 'fill' => '#a83a24']);
        $crate = new Crate;
        $scene->items = ['crate' => new Item('crate', null, -1024, $crate, 'Crate', new Rect(100, 100, 200, 120), 0.0, false, false, $crate->fields()->defaults)] + $scene->items;

        return $scene;
    }

    public function test_its_frame_is_its_own_and_what_lies_outside_it_still_belongs(): void
    {
        $scene = self::scene()->fitted();
        self::assertEquals(new Rect(100, 100, 200, 120), $scene->bounds('crate'));
        self::assertEquals(new Rect(400, 110, 20, 20), $scene->bounds('buoy'));
        self::assertEquals(new Rect(100, 100, 320, 120), $scene->boxes()->ink('crate'), 'its own ink, and that of what it holds');
        self::assertFalse($scene->boxes()->showsNothing('crate'));
    }

    public function test_what_it_holds_moves_turns_and_is_copied_with_it(): void
    {
        $scene = self::scene();
        $scene->run('move-by', ['crate'], ['dx' => 7, 'dy' => -3]);
        self::assertEquals(new Rect(117, 117, 40, 30), $scene->bounds('quay'));
        $copy = $scene->run('duplicate', ['crate'], ['dx' => 500])->report->selection[0];
        self::assertCount(2, $scene->draft()->tree->children($copy));
        $scene->run('turn', ['crate'], ['by' => 90]);
        self::assertEquals(new Rect(147, 57, 120, 200), $scene->bounds('crate'));
        self::assertEquals(new Rect(217, 67, 30, 40), $scene->bounds('quay'));
    }

    public function test_sized_by_itself_it_leaves_what_it_holds_as_a_part_of_a_whole_it_takes_it_along(): void
    {
        $scene = self::scene();
        $scene->run('place', ['crate'], ['w' => 300]);
        self::assertEquals(new Rect(110, 120, 40, 30), $scene->bounds('quay'));
        $scene = self::scene();
        $group = $scene->run('group', ['crate'])->report->selection[0];
        $scene->run('resize', [$group], ['handle' => 'bottom-right', 'dx' => 200, 'dy' => 120]);
        self::assertEquals(new Rect(100, 100, 400, 240), $scene->bounds('crate'));
        self::assertEquals(new Rect(120, 140, 80, 60), $scene->bounds('quay'));
    }

    public function test_it_stays_when_nothing_is_left_in_it_and_can_be_lain_upon(): void
    {
        $scene = self::scene()->put('crane', 150, 150, 20, 20);
        $plan = Planning::before($scene->draft(), By::Frame);
        $at = array_search('crane', array_column($plan->placed, 'id'), true);
        self::assertSame('crate', $plan->placed[(new Grounds($plan))->of((int) $at) ?? 0]->id);
        $scene->run('delete', ['quay', 'buoy']);
        self::assertArrayHasKey('crate', $scene->items);
        self::assertEquals(new Rect(100, 100, 200, 120), $scene->bounds('crate'));
        $scene->run('move-into', ['crane'], ['parent' => 'crate', 'index' => 0]);
        self::assertSame('crate', $scene->items['crane']->parent);
        self::assertEquals(new Rect(150, 150, 20, 20), $scene->bounds('crane'));
    }

    public function test_it_is_mirrored_with_what_it_holds(): void
    {
        $scene = self::scene();
        $scene->run('mirror', ['crate'], ['axis' => 'x']);
        self::assertEquals(new Rect(100, 100, 200, 120), $scene->bounds('crate'));
        self::assertEquals(new Rect(250, 120, 40, 30), $scene->bounds('quay'));
        self::assertTrue($scene->items['crate']->flip->isAcross());
    }

    public function test_it_is_painted_beneath_and_above_what_it_holds_and_anew_when_that_changes(): void
    {
        $scene = self::scene();
        $paintings = array_map(static fn (Item $item): Painting => $scene->painting($item->id), $scene->items);
        $svg = (new SheetPainter(Fonts::library(), new Tree($scene->items), $paintings, []))->drawing(new Rect(0, 0, 900, 600), ['900', '600'], null);
        $order = array_map(static fn (string $part): int => (int) strpos($svg, $part), ['#b08d57', '#dfeaec', '#a83a24', "<line id='quay'", "<line id='buoy'"]);
        $sorted = $order;
        sort($sorted);
        self::assertSame($sorted, $order);
        self::assertNotContains(0, $order);
        $hash = Painters::hash($scene->branch('crate'));
        $scene->run('set', ['quay'], ['fill' => '#000000']);
        self::assertNotSame($hash, Painters::hash($scene->branch('crate')), 'the hash knows what it holds');
        $derived = (new Derivation($scene->draft()->tree, Fonts::library()))->of('crate', $hash);
        self::assertNotNull($derived->painting);
    }
}
