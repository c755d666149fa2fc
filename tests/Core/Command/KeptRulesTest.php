<?php

declare(strict_types=1);

namespace Tests\Core\Command;

use AllSquare\Core\Geometry\Unit;
use AllSquare\Core\Item\By;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Look\Look;
use AllSquare\Core\Measure\Ledger;
use AllSquare\Core\Measure\Planning;
use AllSquare\Core\Refusal;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\RandomScene;
use Tests\Core\Support\Scene;

/** Rules that are easily kept once and broken the second time, or in one place and not in another. */
final class KeptRulesTest extends TestCase
{
    public function test_what_is_aligned_as_one_to_itself_stays(): void
    {
        foreach (['left', 'centre', 'right', 'top', 'middle', 'bottom', 'baseline'] as $edge) {
            $scene = Scene::of()->put('a', 10, 20, 30, 40)->put('t', 60, 90, 80, 40, ['kind' => 'text', 'text' => 'Quay', 'grow' => 'none']);
            self::assertTrue($scene->run('align', ['a', 't'], ['edge' => $edge, 'to' => 'selection', 'as' => 'one'])->change->isEmpty(), $edge);
        }
    }

    public function test_a_group_is_not_aligned_to_what_lies_in_it(): void
    {
        $scene = Scene::of()->put('g', 0, 0, 0, 0, ['kind' => 'group', 'name' => 'Card'])->put('a', 10, 20, 30, 40, ['parent' => 'g', 'name' => 'Price'])->put('b', 90, 20, 30, 40, ['parent' => 'g'])->put('c', 300, 0, 10, 10)->fitted();
        foreach ([['anchor' => 'a'], ['as' => 'pairs', 'anchors' => ['a', 'c']]] as $params) {
            try {
                $scene->run('align', ['g'], ['edge' => 'left', ...$params]);
                self::fail('It was aligned.');
            } catch (Refusal $refusal) {
                self::assertSame('"Price" lies in "Card" and would move along with it. Choose an anchor outside.', $refusal->getMessage());
            }
        }
    }

    public function test_by_upright_the_bounds_come_to_whole_pixels(): void
    {
        $scene = Scene::of()->put('a', 5, 40, 50, 20)->put('b', 80, 80, 31, 20, ['angle' => 90]);
        $scene->run('align', ['a', 'b'], ['edge' => 'left', 'by' => 'upright']);
        $bounds = $scene->bounds('b');
        self::assertSame(11.0, $bounds->x);
        self::assertEqualsWithDelta(5.0, $scene->boxes()->box('b', By::Upright)->x, 0.5);
        self::assertTrue($scene->run('align', ['a', 'b'], ['edge' => 'left', 'by' => 'upright'])->change->isEmpty(), 'and stay there');
    }

    public function test_a_group_is_no_ground_anywhere(): void
    {
        $scene = Scene::of(400, 300)->put('g', 0, 0, 0, 0, ['kind' => 'group'])->put('a', 0, 0, 20, 20, ['parent' => 'g'])->put('b', 380, 280, 20, 20, ['parent' => 'g'])->put('c', 100, 100, 50, 50)->fitted();
        $ledger = Ledger::of(Planning::before($scene->draft(), By::Frame), $scene->sheet->box());
        $insets = array_values(array_filter($ledger->insets, static fn ($inset): bool => $inset->item === 'c'));
        self::assertSame([null], array_values(array_unique(array_map(static fn ($inset): ?string => $inset->ground, $insets))));
        $scene->run('set-clearance', ['c'], ['side' => 'left', 'value' => 60]);
        self::assertSame(60.0, $scene->bounds('c')->x);
        $scene->run('align', ['c'], ['edge' => 'centre', 'to' => 'ground']);
        self::assertSame(175.0, $scene->bounds('c')->x);
    }

    public function test_steps_end_before_nothing_is_left(): void
    {
        $scene = Scene::of()->put('a', 100, 100, 24, 26);
        $scene->run('step-repeat', ['a'], ['inset' => 4, 'count' => 2]);
        $this->expectExceptionMessage('With an inset of 4, only 2 copies have anything left.');
        Scene::of()->put('a', 100, 100, 24, 26)->run('step-repeat', ['a'], ['inset' => 4, 'count' => 3]);
    }

    public function test_originals_of_a_series_come_back_when_it_grows_again(): void
    {
        $scene = Scene::of();
        foreach (['p0', 'p1', 'p2', 'p3'] as $i => $name) {
            $scene->put($name, $i * 50, 10, 40, 30, ['name' => $name, 'fill' => "#00000$i"]);
        }
        $block = $scene->run('block', ['p0', 'p1', 'p2', 'p3'], ['columns' => 2, 'column_gap' => 8, 'row_gap' => 8, 'series' => true])->report->selection[0];
        $looks = fn (): array => array_map(static fn (Item $item): array => [$item->name, Look::fill($item)?->stored(), $item->frame->toArray()], $scene->draft()->tree->children($block));
        $before = $looks();
        foreach ([[1, 2, 4], [3, 1, 4], [2, 4]] as $counts) {
            foreach ($counts as $count) {
                $scene->run('set-series', [$block], ['count' => $count]);
                self::assertSame(array_slice($before, 0, $count), $looks());
            }
        }
        self::assertArrayNotHasKey('aside', (array) $scene->items[$block]->fields['series']);
    }

    public function test_a_ring_of_three_originals_gets_smaller_and_grows_again(): void
    {
        $scene = Scene::of()->put('a', 0, 0, 20, 20, ['name' => 'a'])->put('b', 50, 0, 20, 20, ['name' => 'b'])->put('c', 100, 0, 20, 20, ['name' => 'c']);
        $ring = $scene->run('ring', ['a', 'b', 'c'], ['cx' => 300, 'cy' => 300, 'radius' => 100, 'count' => 6, 'series' => true])->report->selection[0];
        $names = fn (): array => array_map(static fn (Item $item): string => $item->name, $scene->draft()->tree->children($ring));
        $before = $names();
        $scene->run('set-series', [$ring], ['count' => 2]);
        $scene->run('set-series', [$ring], ['count' => 6]);
        self::assertSame($before, $names());
    }

    public function test_what_is_aside_is_kept_by_a_group_of_everything_in_it(): void
    {
        $scene = Scene::of()->put('a', 0, 0, 40, 30)->put('g', 0, 0, 0, 0, ['kind' => 'group', 'name' => 'Card'])->put('b', 50, 0, 40, 30, ['parent' => 'g', 'locked' => true])->put('c', 60, 5, 9, 9, ['parent' => 'g'])->fitted();
        $block = $scene->run('block', ['a', 'g'], ['columns' => 2, 'column_gap' => 8, 'row_gap' => 8, 'series' => true])->report->selection[0];
        $parts = fn (): array => array_map(static fn (Item $item): array => [$item->name, $item->locked, $item->frame->toArray()], $scene->draft()->tree->descendants($block));
        $before = $parts();
        $scene->items['b'] = $scene->items['b']->with(['locked' => false]);
        $before[3][1] = $before[2][1] = false;
        $scene->run('set-series', [$block], ['count' => 1]);
        $scene->run('set-series', [$block], ['count' => 2]);
        self::assertSame(array_column($before, 2), array_column($parts(), 2));
        self::assertSame(array_column($before, 0), array_column($parts(), 0));
    }

    public function test_a_grid_that_does_not_fit_any_more_has_no_columns(): void
    {
        $scene = Scene::of(400, 300)->put('a', 10, 10, 30, 30);
        $scene->run('set-grid', [], ['rows' => ['count' => 6, 'gutter' => 20]]);
        $scene->run('set-sheet', [], ['height' => 80]);
        $this->expectExceptionMessage('6 rows do not fit');
        $scene->run('fit-to-grid', ['a'], ['rows' => [2, 3]]);
    }

    public function test_a_size_in_a_unit_is_that_size(): void
    {
        $scene = Scene::of(800, 600, Unit::Px);
        $scene->run('set-sheet', [], ['unit' => 'mm', 'width' => '200mm', 'height' => '11/3in']);
        self::assertSame([200.0, 93.133333333], [$scene->sheet->typedWidth, $scene->sheet->typedHeight]);
    }

    public function test_where_no_size_would_centre_none_is_named(): void
    {
        foreach (['a' => '"Rule" is at 20, exact centre 20.25', 'c' => '"Rule" is at 21, exact centre 20.5 (19 or 21 wide would centre)'] as $anchor => $said) {
            $scene = Scene::of()->put('a', 10.25, 0, 40, 20)->put('c', 10.5, 60, 40, 20)->put('b', 90, 30, 20, 20, ['name' => 'Rule']);
            self::assertStringEndsWith($said, $scene->run('align', ['b', $anchor], ['edge' => 'centre', 'anchor' => $anchor])->report->summary);
        }
    }

    /** Its place is known to 1/1000 px, and the half of a pixel that it is to stand at rounds to either side. */
    public function test_what_is_turned_upright_and_centred_stays_where_it_came_to_stand(): void
    {
        $scene = Scene::of(1280, 800)->put('a', 1063, 453, 78.671, 119, ['angle' => 90])->put('b', 100, 40, 50, 20);
        $scene->run('align', ['a', 'b'], ['edge' => 'centre', 'to' => 'sheet']);
        $once = $scene->bounds('a')->x;
        self::assertEqualsWithDelta(580.5, $once, 0.51);
        $scene->run('align', ['a', 'b'], ['edge' => 'centre', 'to' => 'sheet']);
        self::assertSame($once, $scene->bounds('a')->x);
    }

    public function test_centred_upright_twice_is_centred_once(): void
    {
        $scene = Scene::of()->put('a', 266, 313, 238, 39, ['angle' => 90])->put('b', 406, -49, 54, 54);
        $scene->run('align', ['a', 'b'], ['edge' => 'centre', 'to' => 'selection', 'by' => 'upright']);
        self::assertSame(266.5, $scene->boxes()->box('a', By::Upright)->x);
        self::assertTrue($scene->run('align', ['a', 'b'], ['edge' => 'centre', 'to' => 'selection', 'by' => 'upright'])->change->isEmpty());
    }

    public function test_a_block_with_something_turned_in_it_is_centred_once(): void
    {
        $scene = Scene::of(1280, 800, Unit::Mm)->put('a', 12, 129, 83, 33.047, ['kind' => 'text', 'angle' => -90, 'text' => 'Harbour light', 'grow' => 'none'])->put('b', 616.938, 655.236, 110, 148, ['kind' => 'round']);
        $scene->run('align', ['a', 'b'], ['edge' => 'centre', 'to' => 'sheet', 'as' => 'one']);
        self::assertTrue($scene->run('align', ['a', 'b'], ['edge' => 'centre', 'to' => 'sheet', 'as' => 'one'])->change->isEmpty());
    }

    /** @return iterable<string, array{Scene, array<string, string>}> what random sheets have found */
    public static function closeCalls(): iterable
    {
        $off = static fn (Scene $scene): Scene => new Scene($scene->sheet->with(['wholePixels' => false]));
        yield 'centred off the pixel, something turned in it' => [
            $off(Scene::of())->put('a', 896, 848, 271, 32.653, ['kind' => 'arrow', 'angle' => -90])->put('b', -236, -39, 8, 161, ['kind' => 'round', 'angle' => 180])->put('c', -211.205, 145.04, 153, 0, ['kind' => 'round', 'angle' => -90]),
            ['edge' => 'centre', 'to' => 'selection'],
        ];
        yield 'a block off the pixel by half of 1/1000 px' => [
            $off(Scene::of(4837.795, 3023.622))->put('a', 271, 609, 88, 69)->put('b', -40, 572, 36, 133)->put('c', 960.913, 7.139, 115, 199.617),
            ['edge' => 'middle', 'to' => 'sheet', 'as' => 'one'],
        ];
        yield 'at the edge of the sheet, turned by a quarter, its height odd' => [
            $off(Scene::of())->put('a', -250.602, -56, 175.071, 195, ['angle' => -90])->put('b', 132, 895, 20, 31),
            ['edge' => 'left', 'to' => 'sheet'],
        ];
        yield 'a block by a baseline, one of it half a pixel off' => [
            Scene::of()->put('a', 748, 619, 7.44, 33, ['kind' => 'round'])->put('b', 111.892, 682, 219, 0, ['kind' => 'polygon', 'angle' => 90]),
            ['edge' => 'baseline', 'to' => 'sheet', 'as' => 'one'],
        ];
        yield 'baselines of turned things that stand upright by half a pixel' => [
            Scene::of()->put('a', 355, 330.883, 92, 188.251, ['kind' => 'text', 'text' => 'Pier', 'grow' => 'none', 'size' => 14])->put('b', 634, 783, 278, 195, ['angle' => 90])->put('c', -25, 722, 153, 187.181, ['kind' => 'round', 'angle' => 90]),
            ['edge' => 'baseline', 'to' => 'selection', 'by' => 'upright'],
        ];
    }

    /** @param  array<string, string>  $params */
    #[DataProvider('closeCalls')]
    public function test_what_is_a_hair_from_its_place_stays_there(Scene $scene, array $params): void
    {
        $ids = array_map(strval(...), array_keys($scene->items));
        $scene->run('align', $ids, $params);
        self::assertTrue($scene->run('align', $ids, $params)->change->isEmpty());
    }

    public function test_arranged_twice_is_arranged_once(): void
    {
        $tried = 0;
        foreach (RandomScene::seeds(120) as $seed) {
            $random = new RandomScene($seed);
            $params = [
                'edge' => $random->pick(['left', 'centre', 'right', 'top', 'middle', 'bottom', 'baseline']),
                'to' => $random->pick(['selection', 'sheet']), 'by' => $random->pick(['frame', 'upright']), 'as' => $random->pick(['each', 'one']),
            ];
            $some = array_values(array_filter($random->some(2), static fn (string $id): bool => $random->scene->items[$id]->parent === null && $random->scene->items[$id]->kind->name() !== 'group' && ! $random->scene->items[$id]->locked && fmod($random->scene->items[$id]->angle, 90) === 0.0));
            if (count($some) < 2) {
                continue;
            }
            $random->scene->run('align', $some, $params);
            self::assertTrue($random->scene->run('align', $some, $params)->change->isEmpty(), "seed $seed ".json_encode($params));
            $tried++;
        }
        self::assertGreaterThan(getenv('ALLSQUARE_SEED') ? -1 : 5, $tried);
    }
}
