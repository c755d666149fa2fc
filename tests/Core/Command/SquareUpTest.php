<?php

declare(strict_types=1);

namespace Tests\Core\Command;

use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Scene;

final class SquareUpTest extends TestCase
{
    /** @return array{Scene, list<string>} a departures board of 3 rows of 4 panels, each up to 6 px off */
    private function board(): array
    {
        $scene = Scene::of();
        $off = [[0, 0], [3, -4], [-2, 5], [6, 1], [1, 2], [-5, -3], [4, 4], [0, -6], [2, 3], [-1, -2], [5, 0], [-3, 1]];
        $ids = [];
        foreach ($off as $i => [$dx, $dy]) {
            $scene->put($ids[] = "panel$i", 60 + $i % 4 * 220 + $dx, 80 + intdiv($i, 4) * 130 + $dy, 200, 110);
        }

        return [$scene, $ids];
    }

    public function test_twelve_panels_from_a_scatter(): void
    {
        [$scene, $ids] = $this->board();
        $done = $scene->run('square-up', $ids);
        $lefts = array_values(array_unique($scene->lefts(...$ids)));
        $tops = array_values(array_unique($scene->tops(...$ids)));
        self::assertCount(4, $lefts);
        self::assertCount(3, $tops);
        self::assertSame([60.0, 80.0], [$lefts[0], $tops[0]], 'the first stays');
        self::assertSame([4, 4, 4], $done->report->details['rows']);
        self::assertSame([3, 3, 3, 3], $done->report->details['columns']);
        self::assertCount(1, array_unique($done->report->details['gaps_across']));
        self::assertStringContainsString('3 rows of 4', $done->report->summary);
    }

    public function test_a_second_time_moves_nothing(): void
    {
        [$scene, $ids] = $this->board();
        $scene->run('square-up', $ids);
        self::assertTrue($scene->run('square-up', $ids)->change->isEmpty());
    }

    public function test_both_ends_stay_when_the_extent_is_kept(): void
    {
        [$scene, $ids] = $this->board();
        $scene->run('square-up', $ids, ['extent' => 'keep']);
        $once = $scene->items;
        self::assertTrue($scene->run('square-up', $ids, ['extent' => 'keep'])->change->isEmpty());
        self::assertEquals($once, $scene->items);
    }

    public function test_an_item_that_spans_two_rows_gets_its_top_only(): void
    {
        $scene = Scene::of()->put('tall', 0, 3, 100, 210)->put('a', 120, 0, 100, 100)->put('b', 121, 110, 100, 100)->put('c', 240, 2, 100, 100)->put('d', 240, 112, 100, 100);
        $scene->run('square-up', ['tall', 'a', 'b', 'c', 'd']);
        self::assertSame(210.0, $scene->bounds('tall')->h);
        self::assertSame($scene->tops('a'), $scene->tops('tall'));
        self::assertSame($scene->tops('a'), $scene->tops('c'));
        self::assertSame($scene->tops('b'), $scene->tops('d'));
    }
}
