<?php

declare(strict_types=1);

namespace Tests\Core\Command;

use AllSquare\Core\Item\Look\Look;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Margins;
use AllSquare\Core\Sheet\Tree;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Scene;

/** Blocks, rings and steps, as copies and as series. */
final class SeriesTest extends TestCase
{
    /** @return list<string> */
    private function members(Scene $scene, string $group): array
    {
        return array_column((new Tree($scene->items))->children($group), 'id');
    }

    /** @return list<string> */
    private function texts(Scene $scene, string $group): array
    {
        return array_map(static fn (string $id): string => $scene->items[$id]->word('text'), $this->members($scene, $group));
    }

    public function test_a_log_page_of_17_ruled_lines_made_22_in_the_same_extent(): void
    {
        $scene = Scene::of(800, 1100)->put('rule', 60, 100, 680, 0, ['kind' => 'line']);
        $page = $scene->run('step-repeat', ['rule'], ['dx' => 0, 'dy' => 42, 'count' => 16, 'series' => true])->report->selection[0];
        self::assertCount(17, $this->members($scene, $page));
        self::assertSame(100.0 + 16 * 42, $scene->bounds($page)->bottom());
        $done = $scene->run('set-series', [$page], ['count' => 22, 'extent' => 'keep']);
        $tops = $scene->tops(...$this->members($scene, $page));
        self::assertCount(22, $tops);
        self::assertSame([100.0, 772.0], [$tops[0], $tops[21]]);
        $gaps = array_map(static fn (float $a, float $b): float => $b - $a, array_slice($tops, 0, -1), array_slice($tops, 1));
        self::assertSame([32.0], array_values(array_unique($gaps)));
        self::assertStringContainsString('22 in all, 32 down from one to the next (was 17 in all, 42 down from one to the next)', $done->report->summary);
        $scene->run('set-series', [$page], ['dy' => 30]);
        self::assertSame(100.0 + 21 * 30, $scene->bounds($page)->bottom());
    }

    public function test_a_block_of_berth_numbers_counting_up_from_one_text(): void
    {
        $scene = Scene::of()->put('berth', 40, 60, 50, 26, ['kind' => 'text', 'text' => 'Berth 01', 'grow' => 'none', 'name' => 'Berth 01']);
        $block = $scene->run('block', ['berth'], ['columns' => 5, 'rows' => 6, 'column_gap' => 8, 'row_gap' => 4, 'copies' => 'fill', 'count_up' => true, 'series' => true])->report->selection[0];
        $texts = $this->texts($scene, $block);
        self::assertSame(['Berth 01', 'Berth 02', 'Berth 06', 'Berth 30'], [$texts[0], $texts[1], $texts[5], $texts[29]]);
        self::assertSame('Berth 30', $scene->items[$this->members($scene, $block)[29]]->name);
        self::assertEquals(['x' => 40.0, 'y' => 60.0, 'w' => 5 * 50 + 4 * 8.0, 'h' => 6 * 26 + 5 * 4.0], $scene->bounds($block)->toArray());
        $scene->run('set-series', [$block], ['rows' => 7]);
        self::assertSame('Berth 35', $this->texts($scene, $block)[34]);
        $scene->run('set-series', [$block], ['columns' => 3, 'rows' => 4, 'column_gap' => '10']);
        self::assertCount(12, $this->members($scene, $block));
        self::assertSame(3 * 50 + 2 * 10.0, $scene->bounds($block)->w);
    }

    public function test_copies_take_a_list(): void
    {
        $scene = Scene::of()->put('port', 0, 0, 80, 20, ['kind' => 'text', 'text' => 'Port', 'name' => 'Port', 'grow' => 'none']);
        $done = $scene->run('step-repeat', ['port'], ['dx' => 0, 'dy' => 30, 'count' => 2, 'list' => "Skerry\nHolm\nNess"]);
        self::assertSame(['Skerry', 'Holm', 'Ness'], array_map(static fn (string $id): string => $scene->items[$id]->word('text'), $done->report->details['members']));
        self::assertSame('Holm', $scene->items[$done->report->details['members'][1]]->name);
    }

    public function test_cells_fit_their_column_and_row(): void
    {
        $scene = Scene::of()->put('a', 10, 10, 40, 20)->put('b', 100, 10, 80, 30)->put('c', 10, 60, 60, 10)->put('d', 90, 60, 20, 10);
        $scene->run('block', ['a', 'b', 'c', 'd'], ['columns' => 2, 'column_gap' => 5, 'row_gap' => 5, 'cell' => 'fit', 'place' => 'right']);
        self::assertSame([30.0, 75.0, 10.0, 135.0], $scene->lefts('a', 'b', 'c', 'd'));
        self::assertSame([15.0, 10.0, 45.0, 45.0], $scene->tops('a', 'b', 'c', 'd'));
    }

    public function test_a_block_within_its_extent(): void
    {
        $scene = Scene::of()->put('a', 0, 0, 40, 40)->put('b', 50, 0, 40, 40)->put('c', 200, 0, 40, 40);
        $scene->run('block', ['a', 'b', 'c'], ['columns' => 3, 'extent' => 'keep']);
        self::assertSame([0.0, 100.0, 200.0], $scene->lefts('a', 'b', 'c'));
    }

    public function test_a_tide_dial_of_24_long_and_72_short_ticks(): void
    {
        $scene = Scene::of()->put('short', 398, 100, 2, 8)->put('long', 420, 100, 2, 20);
        $ring = $scene->run('ring', ['short', 'long'], ['cx' => 400, 'cy' => 300, 'radius' => 200, 'count' => 96, 'every' => 4, 'facing' => 'outward', 'series' => true])->report->selection[0];
        $heights = array_count_values(array_map(static fn (string $id): string => (string) $scene->items[$id]->frame->h, $this->members($scene, $ring)));
        self::assertSame(['20' => 24, '8' => 72], $heights);
        foreach ($this->members($scene, $ring) as $i => $id) {
            $centre = $scene->boxes()->bounds($id)->centre();
            self::assertEqualsWithDelta(200.0, hypot($centre->x - 400, $centre->y - 300), 0.002);
            self::assertEqualsWithDelta(0.0, fmod($scene->items[$id]->angle - $i * 3.75 + 720, 360), 1e-6);
        }
    }

    public function test_a_part_of_a_ring_ends_on_its_sweep(): void
    {
        $scene = Scene::of()->put('a', 0, 0, 10, 10);
        $done = $scene->run('ring', ['a'], ['cx' => 100, 'cy' => 100, 'radius' => 50, 'count' => 3, 'start' => 90, 'sweep' => 180]);
        $centres = array_map(static fn (string $id): array => array_values((array) $scene->bounds($id)->centre()), $done->report->details['members']);
        self::assertEqualsWithDelta([[150, 100], [100, 150], [50, 100]], $centres, 0.001);
    }

    public function test_steps_go_on_until_the_margin(): void
    {
        $scene = Scene::of(500, 300)->put('post', 20, 20, 30, 100);
        $scene->sheet = $scene->sheet->with(['margins' => new Margins(right: 40)]);
        $done = $scene->run('step-repeat', ['post'], ['dx' => 50, 'dy' => 0, 'until' => 'margins']);
        self::assertCount(8, $done->report->details['copies']);
        self::assertLessThanOrEqual(460.0, max(array_map(static fn (string $id): float => $scene->bounds($id)->right(), $done->report->details['copies'])));
        self::assertSame($done->report->details['copies'], $done->report->selection);
    }

    public function test_inset_copies_share_the_centre(): void
    {
        $scene = Scene::of()->put('buoy', 100, 100, 120, 80);
        $done = $scene->run('step-repeat', ['buoy'], ['dx' => 0, 'dy' => 0, 'inset' => 15, 'count' => 2]);
        self::assertEquals(['x' => 130.0, 'y' => 130.0, 'w' => 60.0, 'h' => 20.0], $scene->bounds($done->report->details['copies'][1])->toArray());
    }

    public function test_an_edit_of_one_members_look_goes_to_all_of_its_kind(): void
    {
        $scene = Scene::of()->put('a', 0, 0, 10, 10)->put('b', 20, 0, 10, 10, ['kind' => 'round']);
        $group = $scene->run('block', ['a', 'b'], ['columns' => 2, 'rows' => 3, 'copies' => 'fill', 'series' => true])->report->selection[0];
        $members = $this->members($scene, $group);
        $done = $scene->run('set', [$members[2]], ['fill' => '#123456']);
        $fills = array_map(static fn (string $id): string => Look::fill($scene->items[$id])?->stored(), $members);
        self::assertSame(['#123456', '#7fa7b0', '#123456', '#7fa7b0', '#123456', '#7fa7b0'], $fills);
        self::assertStringContainsString('and 2 more of the series', $done->report->summary);
    }

    public function test_a_sized_series_keeps_its_numbers_and_a_mirrored_or_taken_apart_one_is_none(): void
    {
        $scene = Scene::of()->put('a', 0, 0, 40, 40);
        $group = $scene->run('block', ['a'], ['columns' => 3, 'rows' => 2, 'column_gap' => 10, 'row_gap' => 10, 'copies' => 'fill', 'series' => true])->report->selection[0];
        $scene->run('place', [$group], ['w' => 280, 'h' => 180]);
        self::assertSame(20.0, $scene->items[$group]->fields['series']['column_gap']);
        $scene->run('set-series', [$group], ['rows' => 3]);
        self::assertEquals(['x' => 0.0, 'y' => 0.0, 'w' => 280.0, 'h' => 280.0], $scene->bounds($group)->toArray());
        $scene->run('mirror', [$group], ['axis' => 'x']);
        self::assertNull($scene->items[$group]->fields['series']);
    }

    /** @return array<string, array{string, array<string, mixed>, string}> */
    public static function refused(): array
    {
        return [
            'a ring of 100,000' => ['ring', ['cx' => 0, 'cy' => 0, 'radius' => 10, 'count' => 100_000], '2,000 copies at most'],
            'a block of 2,000 by 2,000' => ['block', ['columns' => 2000, 'rows' => 2000, 'copies' => 'fill'], '2,000 copies at most'],
            'never reaching the margin' => ['step-repeat', ['dx' => 0, 'dy' => 0, 'until' => 'margins'], 'never reach a margin'],
            'taking too long to reach it' => ['step-repeat', ['dx' => 0.001, 'dy' => 0, 'until' => 'margins'], 'more than 2,000 copies'],
            'already past it' => ['step-repeat', ['dx' => 5000, 'dy' => 0, 'until' => 'margins'], 'already lie past the margin'],
            'neither count nor until' => ['step-repeat', ['dx' => 10, 'dy' => 0], 'how many copies or until where'],
            'insets that leave nothing' => ['step-repeat', ['dx' => 0, 'dy' => 0, 'inset' => 20, 'count' => 5], 'only one copy has anything left'],
            'every other with one item' => ['ring', ['cx' => 0, 'cy' => 0, 'radius' => 10, 'count' => 8, 'every' => 2], 'select two'],
            'no series' => ['set-series', ['count' => 4], 'is no series'],
        ];
    }

    /** @param  array<string, mixed>  $params */
    #[DataProvider('refused')]
    public function test_what_cannot_be_done_is_said_and_changes_nothing(string $command, array $params, string $said): void
    {
        $scene = Scene::of()->put('a', 100, 100, 60, 60);
        $before = $scene->items;
        try {
            $scene->run($command, ['a'], $params);
            self::fail('It was done.');
        } catch (Refusal $refusal) {
            self::assertStringContainsString($said, $refusal->getMessage());
            self::assertEquals($before, $scene->items);
        }
    }

    public function test_a_number_that_another_kind_of_series_has_is_refused(): void
    {
        $scene = Scene::of()->put('a', 0, 0, 10, 10);
        $group = $scene->run('step-repeat', ['a'], ['dx' => 20, 'dy' => 0, 'count' => 3, 'series' => true])->report->selection[0];
        $this->expectExceptionMessage('A row of steps has no radius.');
        $scene->run('set-series', [$group], ['radius' => 4]);
    }
}
