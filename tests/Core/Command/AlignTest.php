<?php

declare(strict_types=1);

namespace Tests\Core\Command;

use AllSquare\Core\Geometry\Unit;
use AllSquare\Core\Refusal;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Scene;

/** The worked numbers of the rules, and who is aligned to what. */
final class AlignTest extends TestCase
{
    private function three(): Scene
    {
        return Scene::of()->put('a', 40, 0, 120, 20)->put('b', 52, 40, 90, 20)->put('c', 47, 80, 200, 20);
    }

    public function test_left_edges_to_the_selection(): void
    {
        $scene = $this->three();
        $done = $scene->run('align', ['a', 'b', 'c'], ['edge' => 'left', 'to' => 'selection']);
        self::assertSame([40.0, 40.0, 40.0], $scene->lefts('a', 'b', 'c'));
        self::assertSame('Aligned 3 boxes by left edges to each other: 2 moved, at most 12 px', $done->report->summary);
    }

    public function test_centres_stand_where_the_largest_lands_whole(): void
    {
        $scene = $this->three();
        $scene->run('align', ['a', 'b', 'c'], ['edge' => 'centre']);
        self::assertSame([84.0, 99.0, 44.0], $scene->lefts('a', 'b', 'c'));
    }

    public function test_half_a_pixel_is_said_with_the_sizes_that_centre(): void
    {
        $scene = $this->three()->put('d', 60, 120, 91, 20);
        $done = $scene->run('align', ['a', 'b', 'c', 'd'], ['edge' => 'centre']);
        self::assertSame([84.0, 99.0, 44.0, 99.0], $scene->lefts('a', 'b', 'c', 'd'));
        self::assertSame([['id' => 'd', 'at' => 99.0, 'exact' => 98.5, 'sizes' => [90.0, 92.0]]], $done->report->details['half_pixels']);
        self::assertStringContainsString('"d" is at 99, exact centre 98.5 (90 or 92 wide would centre)', $done->report->summary);
    }

    public function test_the_sizes_that_centre_are_the_nearest_whole_ones_above_nothing(): void
    {
        foreach ([[91, 90.0, 92.0], [90.5, 90.0, 92.0], [91.5, 90.0, 92.0], [1, 2.0], [3, 2.0, 4.0]] as $sizes) {
            $wide = (float) array_shift($sizes);
            $scene = Scene::of()->put('a', 44, 0, 200, 20)->put('d', 60, 120, $wide, 20);
            $told = $scene->run('align', ['a', 'd'], ['edge' => 'centre'])->report->details['half_pixels'] ?? [];
            self::assertSame($sizes, $told[0]['sizes'] ?? null, "$wide");
        }
    }

    public function test_without_whole_pixels_centres_are_exact(): void
    {
        $scene = Scene::of(200, 100, Unit::Mm)->put('a', 40, 0, 120, 20)->put('b', 52, 40, 90, 20)->put('c', 47, 80, 200, 20);
        $scene->run('align', ['a', 'b', 'c'], ['edge' => 'centre']);
        self::assertSame([83.5, 98.5, 43.5], $scene->lefts('a', 'b', 'c'));
    }

    public function test_one_locked_item_is_what_the_others_go_to(): void
    {
        $scene = $this->three()->put('d', 300, 120, 30, 20, ['locked' => true]);
        $done = $scene->run('align', ['a', 'b', 'c', 'd'], ['edge' => 'right']);
        self::assertSame([210.0, 240.0, 130.0, 300.0], $scene->lefts('a', 'b', 'c', 'd'));
        self::assertSame([['id' => 'd', 'why' => 'locked']], $done->report->details['left_out']);
    }

    public function test_a_named_anchor_stays(): void
    {
        $scene = $this->three();
        $scene->run('align', ['a', 'b', 'c'], ['edge' => 'left', 'anchor' => 'b']);
        self::assertSame([52.0, 52.0, 52.0], $scene->lefts('a', 'b', 'c'));
    }

    public function test_one_item_goes_to_its_ground(): void
    {
        $scene = Scene::of()->put('floor', 100, 100, 400, 300)->put('disc', 150, 120, 50, 50, ['kind' => 'round']);
        $scene->run('align', ['disc'], ['edge' => 'centre']);
        self::assertSame([275.0], $scene->lefts('disc'));
        $scene->run('align', ['floor'], ['edge' => 'centre']);
        self::assertSame([440.0], $scene->lefts('floor'), 'the sheet, where nothing lies beneath');
    }

    public function test_as_one_keeps_mutual_places(): void
    {
        $scene = $this->three();
        $scene->run('align', ['a', 'b', 'c'], ['edge' => 'centre', 'to' => 'sheet', 'as' => 'one']);
        // The block is 207 wide: 536.5 becomes 537.
        self::assertSame([537.0, 549.0, 544.0], $scene->lefts('a', 'b', 'c'));
    }

    public function test_by_ink_and_upright(): void
    {
        $scene = Scene::of()
            ->put('a', 10, 0, 40, 40, ['outline' => ['colour' => '#000000', 'weight' => 4.0]])
            ->put('b', 30, 50, 40, 40);
        $scene->run('align', ['a', 'b'], ['edge' => 'left', 'by' => 'ink']);
        self::assertSame([10.0, 8.0], $scene->lefts('a', 'b'));

        $scene = Scene::of()->put('a', 100, 0, 40, 40, ['angle' => 45])->put('b', 30, 50, 40, 40);
        $scene->run('align', ['a', 'b'], ['edge' => 'left', 'by' => 'upright']);
        self::assertSame(30.0, $scene->items['a']->frame->x);
    }

    public function test_locked_and_unknown(): void
    {
        $scene = $this->three()->put('d', 300, 120, 30, 20, ['locked' => true]);
        foreach ([[['d'], '"d" is locked'], [[], 'Nothing is selected'], [['x'], 'There is no item "x"']] as [$ids, $sentence]) {
            try {
                $scene->run('align', $ids, ['edge' => 'left']);
                self::fail('It was done.');
            } catch (Refusal $refusal) {
                self::assertStringContainsString($sentence, $refusal->getMessage());
            }
        }
    }

    public function test_items_of_different_parents_are_aligned_on_the_sheet(): void
    {
        $scene = Scene::of()
            ->put('group', 0, 0, 0, 0, ['kind' => 'group', 'angle' => 90])
            ->put('in', 10, 10, 40, 20, ['parent' => 'group'])
            ->put('out', 300, 200, 50, 50)
            ->fitted();
        $scene->run('align', ['in', 'out'], ['edge' => 'left', 'anchor' => 'out']);
        self::assertSame([300.0, 300.0], $scene->lefts('in', 'out'));
        self::assertSame([20.0, 40.0], [$scene->bounds('in')->w, $scene->bounds('in')->h]);
    }
}
