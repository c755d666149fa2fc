<?php

declare(strict_types=1);

namespace Tests\Core\Sheet;

use AllSquare\Core\Arrange\GroupFit;
use AllSquare\Core\Geometry\NinePoint;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Naming;
use AllSquare\Core\Sheet\Tree;
use AllSquare\Core\UnknownItem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Scene;

/** How items hang together. */
final class TreeTest extends TestCase
{
    private function tree(): Tree
    {
        return new Tree(Scene::of()
            ->put('g', 0, 0, 0, 0, ['kind' => 'group', 'rank' => 20])
            ->put('inner', 0, 0, 0, 0, ['kind' => 'group', 'parent' => 'g', 'rank' => 10, 'locked' => true])
            ->put('a', 0, 0, 10, 10, ['parent' => 'inner', 'rank' => 5])
            ->put('b', 0, 0, 10, 10, ['parent' => 'g', 'rank' => 1, 'hidden' => true])
            ->put('z', 0, 0, 10, 10, ['rank' => 7])
            ->items);
    }

    public function test_painting_order_is_back_to_front_each_group_before_what_is_in_it(): void
    {
        self::assertSame(['z', 'g', 'b', 'inner', 'a'], $this->tree()->inOrder());
    }

    public function test_ancestors_and_descendants(): void
    {
        $tree = $this->tree();
        self::assertSame(['inner', 'g'], array_column($tree->ancestors('a'), 'id'));
        self::assertSame(['b', 'inner', 'a'], array_column($tree->descendants('g'), 'id'));
        self::assertTrue($tree->isWithin('a', 'g'));
        self::assertFalse($tree->isWithin('g', 'a'));
        self::assertFalse($tree->isWithin('z', 'g'));
    }

    public function test_locked_and_hidden_are_inherited(): void
    {
        $tree = $this->tree();
        self::assertSame([true, true, false, false], array_map($tree->isLocked(...), ['a', 'inner', 'b', 'z']));
        self::assertSame([false, true, false], array_map($tree->isHidden(...), ['a', 'b', 'z']));
    }

    public function test_what_is_not_there_is_unknown(): void
    {
        $this->expectException(UnknownItem::class);
        $this->tree()->item('nope');
    }

    public function test_a_group_gets_another_frame_without_anything_moving(): void
    {
        $scene = Scene::of()->put('g', 50, 60, 100, 80, ['kind' => 'group', 'angle' => 30]);
        $group = $scene->items['g']->with(['origin' => new Point(5, 7)]);
        $refitted = GroupFit::reframed($group, new Rect(12.5, -3, 41.3, 99));
        foreach ([[0, 0], [100, 50], [-33, 12]] as [$x, $y]) {
            $was = $group->toParent()->apply(new Point($x, $y));
            $is = $refitted->toParent()->apply(new Point($x, $y));
            self::assertEqualsWithDelta($was->x, $is->x, 1e-6);
            self::assertEqualsWithDelta($was->y, $is->y, 1e-6);
        }
        self::assertSame([41.3, 99.0], [$refitted->frame->w, $refitted->frame->h]);
        self::assertTrue(GroupFit::reframed($refitted, new Rect(-8, 0.5, 30, 31))->sharesSpaceWith($refitted));
        self::assertFalse($refitted->turnedTo(31)->sharesSpaceWith($refitted));
        self::assertFalse($group->with(['origin' => $group->origin->plus(new Point(4e-7, 0))])->sharesSpaceWith($group), 'that is enough to round a box inside another way');
    }

    public function test_any_of_the_nine_points_can_be_held_while_an_item_is_sized(): void
    {
        foreach ([0.0, 30.0, 90.0, -135.0] as $angle) {
            $item = Scene::of()->put('a', 100, 100, 80, 40, ['angle' => $angle])->items['a'];
            foreach (NinePoint::cases() as $held) {
                $sized = $item->sized(120, 70, $held);
                $point = static fn ($of): Point => $of->toParent()->apply(new Point($of->frame->w * $held->across(), $of->frame->h * $held->down()));
                self::assertEqualsWithDelta($point($item)->x, $point($sized)->x, 0.001, "$held->value at $angle");
                self::assertEqualsWithDelta($point($item)->y, $point($sized)->y, 0.001, "$held->value at $angle");
            }
        }
    }

    /** @return iterable<string, array{string, string|null}> name and what is wrong with it */
    public static function names(): iterable
    {
        yield 'plain' => ['Pier 3', null];
        yield 'blanks around it' => ['  Pier 3 ', null];
        yield 'as long as may be' => [str_repeat('é', 200), null];
        yield 'empty' => ['', 'cannot be empty'];
        yield 'blanks' => ["\t ", 'cannot be empty'];
        yield 'too long' => [str_repeat('n', 201), '200 characters at most; this one has 201'];
        yield 'two lines' => ["a\nb", 'one line'];
    }

    #[DataProvider('names')]
    public function test_names(string $name, ?string $wrong): void
    {
        if ($wrong !== null) {
            $this->expectExceptionMessage($wrong);
        }
        self::assertSame(trim($name), Naming::checked($name));
    }

    public function test_a_text_is_called_by_how_it_begins(): void
    {
        $name = static fn (string $words): string => Naming::ofItem(Scene::of()->put('t', 0, 0, 9, 9, ['kind' => 'text', 'text' => $words])->items['t']);
        self::assertSame('Where to today?', $name("  Where\nto   today? "));
        self::assertSame('Bell here', $name("Bell\x07here"));
        self::assertSame(40, mb_strlen($name(str_repeat('long ', 30))));
        self::assertSame('Text', $name(" \n"));
    }
}
