<?php

declare(strict_types=1);

namespace Tests\Core\Measure;

use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\By;
use AllSquare\Core\Measure\Derivation;
use AllSquare\Core\Measure\Ground;
use AllSquare\Core\Sheet\Tree;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Fonts;
use Tests\Core\Support\Scene;

/** Bounds, upright frames and grounds. */
final class BoxesTest extends TestCase
{
    public function test_bounds_are_the_upright_box_round_the_turned_frame(): void
    {
        $scene = Scene::of()->put('a', 100, 100, 100, 50, ['angle' => 90]);
        self::assertEquals(new Rect(125, 75, 50, 100), $scene->bounds('a'));
        $scene->put('b', 0, 0, 100, 100, ['angle' => 45]);
        $diagonal = 100 * sqrt(2);
        self::assertEqualsWithDelta($diagonal, $scene->bounds('b')->w, 0.001);
        self::assertEqualsWithDelta(50 - $diagonal / 2, $scene->bounds('b')->x, 0.001);
    }

    public function test_the_upright_frame_has_the_same_centre_and_no_angle(): void
    {
        $scene = Scene::of()->put('a', 100, 100, 100, 50, ['angle' => 33]);
        self::assertEquals(new Rect(100, 100, 100, 50), $scene->boxes()->box('a', By::Upright));
    }

    public function test_a_line_has_a_length_and_no_height_at_any_angle(): void
    {
        $scene = Scene::of()->put('a', 100, 100, 100, 0, ['kind' => 'line', 'angle' => 90]);
        self::assertEquals(new Rect(150, 50, 0, 100), $scene->bounds('a'));
        self::assertEquals(new Rect(149.5, 50, 1, 100), $scene->boxes()->ink('a'), 'its ink has its weight');
    }

    public function test_a_group_has_the_bounds_of_its_visible_children_through_every_turn(): void
    {
        $scene = Scene::of()
            ->put('outer', 0, 0, 0, 0, ['kind' => 'group', 'angle' => 90])
            ->put('inner', 0, 0, 0, 0, ['kind' => 'group', 'angle' => -90, 'parent' => 'outer'])
            ->put('a', 10, 20, 30, 40, ['parent' => 'inner'])
            ->put('b', 400, 400, 30, 40, ['parent' => 'inner', 'hidden' => true])
            ->fitted();
        self::assertSame([30.0, 40.0], [$scene->bounds('a')->w, $scene->bounds('a')->h], 'turned there and back');
        self::assertEquals($scene->bounds('a'), $scene->bounds('outer'));
        self::assertEquals($scene->bounds('a'), $scene->bounds('inner'));
    }

    public function test_a_group_of_hidden_children_has_its_frame_and_is_left_out(): void
    {
        $scene = Scene::of()
            ->put('g', 0, 0, 0, 0, ['kind' => 'group'])
            ->put('a', 10, 20, 30, 40, ['parent' => 'g'])
            ->put('b', 200, 20, 30, 40)
            ->fitted();
        $scene->run('set', ['a'], ['hidden' => true]);
        self::assertEquals(new Rect(10, 20, 30, 40), $scene->bounds('g'));
        self::assertTrue($scene->boxes()->showsNothing('g'));
        $done = $scene->run('align', ['g', 'b'], ['edge' => 'right', 'to' => 'sheet']);
        self::assertSame(['b'], array_column($done->report->details['moved'], 'id'));
        self::assertSame(10.0, $scene->bounds('g')->x);
        self::assertSame(1250.0, $scene->bounds('b')->x);
    }

    public function test_the_ground_is_the_smallest_visible_thing_beneath_that_holds_it(): void
    {
        $scene = Scene::of()
            ->put('floor', 0, 0, 500, 500)
            ->put('mat', 100, 100, 200, 200)
            ->put('veil', 90, 90, 150, 150, ['hidden' => true])
            ->put('cup', 120, 120, 50, 50)
            ->put('lid', 110, 110, 80, 80);
        $tree = new Tree($scene->items);
        $ground = new Ground($tree, $scene->boxes());
        self::assertSame('mat', $ground->of(['cup'], $scene->bounds('cup'))?->id, 'not the lid, which lies above, nor the hidden veil');
        self::assertSame('floor', $ground->of(['mat'], $scene->bounds('mat'))?->id);
        self::assertNull($ground->of(['floor'], $scene->bounds('floor')), 'the sheet');
        self::assertSame('mat', $ground->of(['cup', 'lid'], $scene->bounds('cup')->union($scene->bounds('lid')))?->id);
    }

    public function test_neither_a_group_around_it_nor_anything_in_it_is_its_ground(): void
    {
        $scene = Scene::of()
            ->put('g', 0, 0, 0, 0, ['kind' => 'group'])
            ->put('plate', 0, 0, 100, 100, ['parent' => 'g'])
            ->put('word', 10, 10, 20, 20, ['parent' => 'g'])
            ->fitted();
        $ground = new Ground(new Tree($scene->items), $scene->boxes());
        self::assertSame('plate', $ground->of(['word'], $scene->bounds('word'))?->id);
        self::assertNull($ground->of(['g'], $scene->bounds('g')));
    }

    public function test_what_may_look_different_after_a_change(): void
    {
        $scene = Scene::of()
            ->put('g', 0, 0, 0, 0, ['kind' => 'group'])
            ->put('a', 0, 0, 10, 10, ['parent' => 'g'])
            ->put('b', 20, 0, 10, 10, ['parent' => 'g'])
            ->put('z', 50, 50, 10, 10)
            ->fitted();
        $tree = new Tree($scene->items);
        self::assertEqualsCanonicalizing(['a', 'g'], Derivation::affected($tree, ['a']));
        self::assertEqualsCanonicalizing(['a', 'b', 'g'], Derivation::affected($tree, ['g']));
        self::assertEqualsCanonicalizing(['g'], Derivation::affected($tree, ['g'], ['g']), 'a group that was only refitted leaves what is in it alone');
        $derived = (new Derivation($tree, Fonts::library()))->of('a');
        self::assertNotNull($derived->painting);
        self::assertNull((new Derivation($tree, Fonts::library()))->of('a', $derived->paintHash)->painting, 'a known painting is not painted again');
    }
}
