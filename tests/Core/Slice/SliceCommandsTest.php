<?php

declare(strict_types=1);

namespace Tests\Core\Slice;

use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Belongings;
use AllSquare\Core\Sheet\Slice;
use AllSquare\Core\Slice\Slices;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Scene;

/** Slices cut from items, along guides and grids, named by patterns, following, arranged and put onto whole pixels. */
final class SliceCommandsTest extends TestCase
{
    public function test_items_are_cut_each_as_one_or_by_every_child_of_a_group(): void
    {
        $scene = Scene::of()->put('g', 0, 0, 0, 0, ['kind' => 'group', 'name' => 'Icons'])
            ->put('a', 10.5, 10, 20, 20, ['parent' => 'g', 'name' => 'bell'])->put('b', 50, 10, 20, 20, ['parent' => 'g', 'name' => 'cup'])
            ->put('c', 90, 10, 20, 20, ['parent' => 'g', 'hidden' => true])->fitted();
        $scene->run('add-slice', ['g'], ['as' => 'children', 'follow' => true]);
        self::assertSame(['bell 21 × 20', 'cup 20 × 20'], self::said($scene));
        self::assertSame([['a'], ['b']], array_values(array_map(static fn (Slice $slice): array => $slice->cut->items, $scene->slices)));
        $scene->run('add-slice', ['a', 'b'], ['as' => 'one', 'name' => 'both']);
        self::assertSame('both 60 × 20', self::said($scene)[2]);
        $this->expectExceptionMessage('None of these is a group with something in it.');
        $scene->run('add-slice', ['a'], ['as' => 'children']);
    }

    public function test_a_page_is_cut_along_its_guides(): void
    {
        $scene = Scene::of(300, 200);
        foreach ([['y', 50], ['y', 150], ['x', 100], ['x', -20], ['y', 200]] as [$axis, $at]) {
            $scene->run('add-guide', [], ['axis' => $axis, 'at' => $at]);
        }
        $done = $scene->run('add-slice', [], ['along' => 'guides', 'name' => 'page/{row}-{column}']);
        self::assertSame('Cut 6 slices along the guides', $done->report->summary);
        self::assertSame(['page/1-1 100 × 50', 'page/1-2 200 × 50', 'page/2-1 100 × 100', 'page/2-2 200 × 100', 'page/3-1 100 × 50', 'page/3-2 200 × 50'], self::said($scene));
        $this->expectExceptionMessage('No guide crosses this sheet.');
        Scene::of()->run('add-slice', [], ['along' => 'guides']);
    }

    public function test_cells_are_stored_to_a_thousandth_of_a_pixel(): void
    {
        $scene = Scene::of(1280, 456.616);
        $scene->run('add-guide', [], ['axis' => 'y', 'at' => 395.384]);
        $scene->run('add-slice', [], ['along' => 'guides']);
        self::assertSame([395.384, 61.616], array_values(array_map(static fn (Slice $slice): float => $slice->box->h, $scene->slices)));
    }

    public function test_a_grid_is_cut_into_its_cells(): void
    {
        $scene = Scene::of(400, 300);
        $scene->run('set-sheet', [], ['margins' => ['left' => 20, 'top' => 10, 'right' => 20, 'bottom' => 10]]);
        $scene->run('set-grid', [], ['columns' => ['count' => 3, 'gutter' => 30]]);
        $scene->run('add-slice', [], ['along' => 'grid', 'name' => 'column {n} of {w}']);
        self::assertSame(['column 1 of 100 100 × 280', 'column 2 of 100 100 × 280', 'column 3 of 100 100 × 280'], self::said($scene));
        self::assertSame([20.0, 150.0, 280.0], array_values(array_map(static fn (Slice $slice): float => $slice->box->x, $scene->slices)));
        $this->expectExceptionMessage('This sheet has no columns or rows yet.');
        Scene::of()->run('add-slice', [], ['along' => 'grid']);
    }

    public function test_names_come_of_patterns(): void
    {
        $scene = Scene::of()->put('a', 0, 0, 5, 5, ['name' => 'bell'])->put('b', 10, 0, 5, 5, ['name' => 'cup']);
        $scene->run('add-slice', ['a', 'b'], ['name' => '{sheet}/{item}-{nn}']);
        self::assertSame(['Sheet/bell-01', 'Sheet/cup-02'], self::names($scene));
        $ids = array_keys($scene->slices);
        $scene->run('set-slice', [], ['slices' => $ids, 'name' => 'icon-{n}-{item}']);
        self::assertSame(['icon-1-bell', 'icon-2-cup'], self::names($scene));
        $scene->run('set-slice', [], ['slices' => array_reverse($ids), 'name' => 'icon-{n}-{item}']);
        self::assertSame(['icon-2-bell', 'icon-1-cup'], self::names($scene), 'names that they have themselves are free for them');
        foreach ([['same', 'Several slices cannot have one name.'], ['{colour}{n}', 'In a name, {colour} stands for nothing here. There are: {sheet}, {slice}, {item}, {w}, {h}, {n}.']] as [$name, $why]) {
            try {
                $scene->run('set-slice', [], ['slices' => $ids, 'name' => $name]);
                self::fail("$name was taken");
            } catch (Refusal $refusal) {
                self::assertStringStartsWith($why, $refusal->getMessage());
            }
        }
        self::assertSame(['icon-2-bell', 'icon-1-cup'], self::names($scene));
    }

    public function test_a_slice_follows_its_item_and_goes_with_it(): void
    {
        $scene = Scene::of()->put('g', 0, 0, 0, 0, ['kind' => 'group'])->put('a', 10, 10, 20, 20, ['parent' => 'g'])->put('b', 60, 10, 20, 20, ['parent' => 'g'])->fitted();
        $scene->run('add-slice', ['a'], ['follow' => true]);
        $id = (string) array_key_first($scene->slices);
        $box = static fn (): array => array_values($scene->slices[$id]->box->toArray());
        $scene->run('move-by', ['a'], ['dx' => 7, 'dy' => 3]);
        self::assertSame([17.0, 13.0, 20.0, 20.0], $box());
        $scene->run('move-by', ['g'], ['dx' => 100, 'dy' => 0]);
        self::assertSame([117.0, 13.0, 20.0, 20.0], $box(), 'with the group it is in');
        $scene->run('set', ['a'], ['w' => 30]);
        self::assertSame([117.0, 13.0, 30.0, 20.0], $box());
        $done = $scene->run('move-by', ['b'], ['dx' => 1, 'dy' => 0]);
        self::assertSame([], $done->change->belongings, 'what it does not follow moves it not');
        $scene->run('set-slice', [], ['slices' => [$id], 'x' => 0]);
        self::assertFalse($scene->slices[$id]->cut->follows, 'put somewhere by hand it follows no more');
        $scene->run('set-slice', [], ['slices' => [$id], 'follow' => true]);
        self::assertSame([117.0, 13.0, 30.0, 20.0], $box());
        $done = $scene->run('delete', ['a']);
        self::assertSame([$id], array_keys($done->change->belongings[Slice::class] ?? []));
        self::assertSame([], $scene->slices);
    }

    public function test_what_was_cut_from_no_item_neither_follows_nor_takes_it_alone(): void
    {
        $scene = Scene::of();
        $scene->run('add-slice', [], ['x' => 0, 'y' => 0, 'w' => 5, 'h' => 5]);
        $ids = array_keys($scene->slices);
        foreach ([['follow' => true], ['only' => true]] as $wish) {
            try {
                $scene->run('set-slice', [], ['slices' => $ids, ...$wish]);
                self::fail('it was taken');
            } catch (Refusal $refusal) {
                self::assertStringContainsString('cut from no', $refusal->getMessage());
            }
        }
    }

    public function test_slices_are_arranged_by_the_commands_that_arrange_items(): void
    {
        $scene = Scene::of()->put('item', 200, 0, 10, 10);
        foreach ([[10, 10, 40, 40], [63, 14, 30, 20], [120, 9, 20, 30]] as $i => [$x, $y, $w, $h]) {
            $scene->run('add-slice', [], ['name' => "s$i", 'x' => $x, 'y' => $y, 'w' => $w, 'h' => $h]);
        }
        $ids = array_keys($scene->slices);
        $lefts = static fn (): array => array_map(static fn (string $id): float => $scene->slices[$id]->box->x, $ids);
        $tops = static fn (): array => array_map(static fn (string $id): float => $scene->slices[$id]->box->y, $ids);
        $done = $scene->run('arrange-slices', [], ['slices' => $ids, 'command' => 'align', 'params' => ['edge' => 'top', 'to' => 'selection']]);
        self::assertSame([9.0, 9.0, 9.0], $tops());
        self::assertStringContainsString('3 slices', $done->report->summary);
        $scene->run('arrange-slices', [], ['slices' => $ids, 'command' => 'distribute', 'params' => ['axis' => 'x', 'mode' => 'gaps']]);
        self::assertSame([10.0, 70.0, 120.0], $lefts());
        $scene->run('arrange-slices', [], ['slices' => $ids, 'command' => 'set-gap', 'params' => ['axis' => 'x', 'gap' => 5]]);
        self::assertSame([10.0, 55.0, 90.0], $lefts());
        $scene->run('arrange-slices', [], ['slices' => [$ids[0]], 'command' => 'place', 'params' => ['x' => '50%', 'w' => 'w * 2']]);
        self::assertSame([640.0, 80.0], [$scene->slices[$ids[0]]->box->x, $scene->slices[$ids[0]]->box->w]);
        $scene->run('arrange-slices', [], ['slices' => [$ids[0]], 'command' => 'resize', 'params' => ['handle' => 'right', 'dx' => -10, 'dy' => 0]]);
        self::assertSame(70.0, $scene->slices[$ids[0]]->box->w);
        $scene->run('arrange-slices', [], ['slices' => [$ids[2]], 'command' => 'move-by', 'params' => ['dx' => 109, 'dy' => 0, 'snap' => ['tolerance' => 6]]]);
        self::assertSame(200.0, $scene->slices[$ids[2]]->box->x, 'snapped to the edge of an item');
        self::assertSame(200.0, $scene->bounds('item')->x);
        $this->expectExceptionMessage('Slices take: align, block,');
        $scene->run('arrange-slices', [], ['slices' => $ids, 'command' => 'delete']);
    }

    public function test_slices_are_not_copied_by_arranging_them(): void
    {
        $scene = Scene::of();
        $scene->run('add-slice', [], ['x' => 0, 'y' => 0, 'w' => 5, 'h' => 5]);
        $this->expectExceptionMessage('Slices are not copied that way.');
        $scene->run('arrange-slices', [], ['slices' => array_keys($scene->slices), 'command' => 'block', 'params' => ['columns' => 3, 'rows' => 2, 'copies' => 'fill']]);
    }

    public function test_slices_are_put_onto_whole_pixels_outward_or_to_the_nearest(): void
    {
        $scene = Scene::of();
        $scene->run('add-slice', [], ['name' => 'a', 'x' => 10.4, 'y' => 10, 'w' => 20, 'h' => 20.2]);
        $id = (string) array_key_first($scene->slices);
        $box = static fn (): array => array_values($scene->slices[$id]->box->toArray());
        $start = $scene->slices;
        $scene->run('whole-slices', [], ['towards' => 'nearest']);
        self::assertSame([10.0, 10.0, 20.0, 20.0], $box());
        $scene->slices = $start;
        $scene->run('whole-slices');
        self::assertSame([10.0, 10.0, 21.0, 21.0], $box());
        $done = $scene->run('whole-slices');
        self::assertTrue($done->change->isEmpty());
        $scene->run('whole-slices', [], ['scales' => [1.5]]);
        self::assertSame([10.0, 10.0, 22.0, 22.0], $box(), 'at 1.5x, 33 x 33');
        $scene->run('set-slice', [], ['slices' => [$id], 'scales' => ['0.25x', '1.5x']]);
        $scene->run('whole-slices', [], ['scales' => [1]]);
        self::assertSame([8.0, 8.0, 24.0, 24.0], $box(), 'its own scales count before those of the handing over');
    }

    public function test_presets_are_kept_by_name(): void
    {
        $scene = Scene::of();
        $done = $scene->run('keep-preset', [], ['name' => 'Shop', 'scales' => [1, '300w'], 'formats' => ['webp'], 'quality' => 80]);
        self::assertSame('Kept the settings for handing over as "Shop"', $done->report->summary);
        $scene->run('keep-preset', [], ['name' => 'shop', 'formats' => ['png']]);
        self::assertCount(1, $scene->presets);
        $preset = array_values($scene->presets)[0];
        self::assertSame(['scales' => ['1x'], 'formats' => ['png'], 'background' => 'sheet', 'quality' => 90, 'png' => 'true-colour', 'text' => 'outlines'], $preset->settings->toArray());
        $scene->run('delete-preset', [], ['preset' => $preset->id]);
        self::assertSame([], $scene->presets);
    }

    /** @return list<string> */
    private static function names(Scene $scene): array
    {
        return array_map(static fn (Slice $slice): string => $slice->name, Belongings::inOrder($scene->slices));
    }

    /** @return list<string> name and size of each */
    private static function said(Scene $scene): array
    {
        return array_map(static fn (Slice $slice): string => "$slice->name {$slice->box->w} × {$slice->box->h}", Belongings::inOrder($scene->slices));
    }
}
