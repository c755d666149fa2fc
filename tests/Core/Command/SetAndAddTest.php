<?php

declare(strict_types=1);

namespace Tests\Core\Command;

use AllSquare\Core\Geometry\Unit;
use AllSquare\Core\Item\Look\Look;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Scale;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Scene;

/** add-item, set, set-sheet, set-zero and the slices. */
final class SetAndAddTest extends TestCase
{
    public function test_a_box_is_drawn_in_front(): void
    {
        $scene = Scene::of()->put('a', 0, 0, 10, 10);
        $done = $scene->run('add-item', [], ['kind' => 'box', 'x' => 10.4, 'y' => '50%', 'w' => '1/4in', 'h' => 7.5, 'fill' => '#ABCDEF']);
        $box = $scene->items['new-1'];
        self::assertEquals(['x' => 10.0, 'y' => 400.0, 'w' => 24.0, 'h' => 8.0], $box->frame->toArray());
        self::assertGreaterThan($scene->items['a']->rank, $box->rank);
        self::assertSame('#abcdef', Look::fill($box)?->stored());
        self::assertSame('Drew "Box" at 10, 400: 24 × 8', $done->report->summary);
    }

    public function test_a_line_is_a_length_and_an_angle(): void
    {
        $scene = Scene::of();
        $scene->run('add-item', [], ['kind' => 'line', 'x' => 0, 'y' => 50, 'w' => 100, 'angle' => 390]);
        self::assertSame([100.0, 0.0, 30.0], [$scene->items['new-1']->frame->w, $scene->items['new-1']->frame->h, $scene->items['new-1']->angle]);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function refused(): iterable
    {
        yield 'a foreign property' => [['kind' => 'line', 'w' => 5, 'radius' => 4], 'A line has no radius.'];
        yield 'no width' => [['kind' => 'box', 'h' => 5], 'How wide? Give w.'];
        yield 'a line with a height' => [['kind' => 'line', 'w' => 5, 'h' => 2], 'A line has no height'];
        yield 'a parent that holds nothing' => [['kind' => 'box', 'w' => 5, 'h' => 5, 'parent' => 'a'], '"a" cannot hold items.'];
        yield 'an unknown parent' => [['kind' => 'box', 'w' => 5, 'h' => 5, 'parent' => 'zzz'], 'There is no item "zzz"'];
        yield 'a font that is not there' => [['kind' => 'text', 'text' => 'x', 'font' => 'none'], 'There is no font "none"'];
        yield 'an empty name' => [['kind' => 'box', 'w' => 5, 'h' => 5, 'name' => '  '], 'A name cannot be empty.'];
        yield 'a negative width' => [['kind' => 'box', 'w' => -5, 'h' => 5], 'The width cannot be negative'];
    }

    /** @param  array<string, mixed>  $params */
    #[DataProvider('refused')]
    public function test_what_cannot_be_drawn(array $params, string $sentence): void
    {
        $scene = Scene::of()->put('a', 0, 0, 10, 10);
        try {
            $scene->run('add-item', [], $params);
            self::fail('It was drawn.');
        } catch (Refusal $refusal) {
            self::assertStringContainsString($sentence, $refusal->getMessage());
        }
        self::assertCount(1, $scene->items);
    }

    public function test_set_gives_all_the_same_and_names_what_has_no_such_thing(): void
    {
        $scene = Scene::of()->put('a', 0, 0, 10, 10)->put('b', 0, 0, 10, 10)->put('rule', 0, 0, 10, 0, ['kind' => 'line']);
        $done = $scene->run('set', ['a', 'b', 'rule'], ['fill' => '#112233']);
        self::assertSame('Set fill of 2 boxes to #112233', $done->report->summary);
        self::assertSame([['id' => 'rule', 'why' => 'has no fill']], $done->report->details['left_out']);
        $this->expectExceptionMessage('"rule" is a line and has no fill.');
        $scene->run('set', ['rule'], ['fill' => '#112233']);
    }

    public function test_set_frames_are_in_the_space_of_the_parent(): void
    {
        $scene = Scene::of()->put('g', 0, 0, 0, 0, ['kind' => 'group'])->put('a', 5, 5, 10, 10, ['parent' => 'g'])->put('b', 50, 5, 10, 10, ['parent' => 'g'])->fitted();
        $scene->run('move-by', ['g'], ['dx' => 100]);
        $scene->run('set', ['a'], ['x' => 6, 'w' => '2*w', 'angle' => -90]);
        self::assertSame([6.0, 20.0, -90.0], [$scene->items['a']->frame->x, $scene->items['a']->frame->w, $scene->items['a']->angle]);
    }

    public function test_what_changes_nothing_is_no_change(): void
    {
        $scene = Scene::of()->put('a', 5, 5, 10, 10);
        self::assertTrue($scene->run('set', ['a'], ['x' => 5, 'locked' => false])->change->isEmpty());
        self::assertTrue($scene->run('move-by', ['a'], ['dx' => 0])->change->isEmpty());
        self::assertTrue($scene->run('set-zero')->change->isEmpty());
    }

    public function test_what_is_off_the_pixel_is_named(): void
    {
        $scene = Scene::of()->put('a', 5, 5, 11, 10);
        $done = $scene->run('set', ['a'], ['angle' => 90]);
        self::assertSame([['id' => 'a', 'x' => 0.5, 'y' => 0.5]], $done->report->details['off_pixel'] ?? null);
    }

    public function test_a_sheet_keeps_its_typed_size_and_rounds_its_pixels(): void
    {
        $scene = Scene::of(110, 200, Unit::Mm, 250);
        self::assertSame([1083.0, 1969.0, false], [$scene->sheet->width(), $scene->sheet->height(), $scene->sheet->wholePixels]);
        $done = $scene->run('set-sheet', [], ['width' => '120mm', 'margins' => ['left' => '10mm', 'top' => 5]]);
        self::assertSame(1181.0, $scene->sheet->width());
        self::assertEqualsWithDelta(120, $scene->sheet->typedWidth, 0.001);
        self::assertSame(200.0, $scene->sheet->typedHeight);
        self::assertSame(['left' => 98.425, 'top' => 5.0, 'right' => 0.0, 'bottom' => 0.0], $scene->sheet->margins->toArray());
        self::assertSame('Sized the sheet to 1181 × 1969 px (was 1083 × 1969)', $done->report->summary);
    }

    public function test_a_group_with_something_locked_in_it_is_placed_but_not_sized(): void
    {
        $scene = Scene::of()->put('g', 0, 0, 0, 0, ['kind' => 'group', 'name' => 'Card'])->put('a', 10, 10, 20, 20, ['parent' => 'g', 'name' => 'Price', 'locked' => true])->put('b', 40, 10, 20, 20, ['parent' => 'g'])->fitted();
        $scene->run('set', ['g'], ['x' => 30]);
        self::assertSame([30.0, 60.0], $scene->lefts('a', 'b'));
        foreach (['w', 'h'] as $name) {
            try {
                $scene->run('set', ['g'], [$name => 100]);
                self::fail('It was sized.');
            } catch (Refusal $refusal) {
                self::assertSame('"Card" holds "Price", which is locked. Unlock it first.', $refusal->getMessage());
            }
        }
        self::assertSame([30.0, 60.0], $scene->lefts('a', 'b'));
    }

    public function test_sizing_a_group_moves_and_sizes_what_is_in_it(): void
    {
        $scene = Scene::of()->put('g', 0, 0, 0, 0, ['kind' => 'group'])->put('a', 10, 10, 20, 20, ['parent' => 'g'])->put('b', 40, 30, 20, 20, ['parent' => 'g', 'angle' => 90])->fitted();
        $scene->run('set', ['g'], ['w' => 100, 'h' => 20]);
        self::assertSame(['x' => 10.0, 'y' => 10.0, 'w' => 100.0, 'h' => 20.0], $scene->bounds('g')->toArray());
        self::assertSame(['x' => 10.0, 'y' => 10.0, 'w' => 40.0, 'h' => 10.0], $scene->bounds('a')->toArray());
        self::assertSame(['x' => 70.0, 'y' => 20.0, 'w' => 40.0, 'h' => 10.0], $scene->bounds('b')->toArray());
    }

    public function test_a_sheet_has_a_largest_size(): void
    {
        $this->expectExceptionMessage('A sheet is from 1 to 30,000 px wide and high; this width would be 30001 px.');
        Scene::of()->run('set-sheet', [], ['width' => 30001]);
    }

    public function test_the_zero_is_moved_and_put_back(): void
    {
        $scene = Scene::of();
        $scene->run('set-zero', [], ['x' => 64]);
        self::assertSame([64.0, 0.0], [$scene->sheet->zero->x, $scene->sheet->zero->y]);
        $scene->run('set-zero');
        self::assertSame([0.0, 0.0], [$scene->sheet->zero->x, $scene->sheet->zero->y]);
    }

    public function test_slices_are_cut_out_to_whole_pixels_with_names_of_their_own(): void
    {
        $scene = Scene::of()->put('Card', 10.5, 10, 20, 20)->put('b', 50, 10, 20, 20, ['name' => 'card']);
        $scene->run('add-slice', ['Card', 'b']);
        [$first, $second] = array_values($scene->slices);
        self::assertSame(['x' => 10.0, 'y' => 10.0, 'w' => 21.0, 'h' => 20.0], $first->box->toArray());
        self::assertSame(['Card', 'card 2'], [$first->name, $second->name]);
        self::assertSame([32, 30], Scale::read(1.5)->pixels($first->box));
        $scene->run('set-slice', [], ['slices' => [$first->id], 'w' => 'w + 9', 'name' => 'pier/card']);
        self::assertSame([30.0, 'pier/card'], [$scene->slices[$first->id]->box->w, $scene->slices[$first->id]->name]);
        $scene->run('delete-slice', [], ['slices' => [$first->id]]);
        self::assertCount(1, $scene->slices);
        $this->expectExceptionMessage('There is no slice');
        $scene->run('delete-slice', [], ['slices' => [$first->id]]);
    }

    public function test_a_slice_has_something_in_it(): void
    {
        $this->expectExceptionMessage('A slice is wider and higher than 0; here w is 0.');
        Scene::of()->run('add-slice', [], ['x' => 0, 'y' => 0, 'w' => 0, 'h' => 5]);
    }

    public function test_a_text_in_a_frame_of_nothing_follows_its_words(): void
    {
        foreach ([['w' => 0, 'h' => 0], ['w' => 0, 'h' => 0, 'grow' => 'both'], []] as $given) {
            $scene = Scene::of();
            $id = $scene->run('add-item', [], ['kind' => 'text', 'text' => 'Quay', 'x' => 5, 'y' => 5, ...$given])->report->selection[0];
            self::assertSame([38.0, 21.0], [$scene->bounds($id)->w, $scene->bounds($id)->h]);
        }
    }
}
