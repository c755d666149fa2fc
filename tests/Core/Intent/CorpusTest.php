<?php

declare(strict_types=1);

namespace Tests\Core\Intent;

use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Intent\OddGaps;
use AllSquare\Core\Measure\EdgeGap;
use AllSquare\Core\Measure\Gap;
use AllSquare\Core\Measure\Ledger;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Scene;

/** What the engine has to make of layouts as people make them. `bin/bench intent` prints the figures by kind. */
final class CorpusTest extends TestCase
{
    private const SEEDS = 12;

    /** of square layouts, by kind: 512 in all */
    private const SQUARE = 32;

    public function test_what_is_square_stays_and_nothing_in_it_is_odd(): void
    {
        $tried = 0;
        foreach (Corpus::KINDS as $kind) {
            for ($seed = 1; $seed <= self::SQUARE; $seed++) {
                $scene = Corpus::square($kind, $seed);
                $meant = Scores::meant($scene);
                self::assertSame([], $meant[0]->changes(), "$kind $seed");
                $ledger = OddGaps::in(Ledger::of(Scores::plan($scene), $scene->sheet->box()), $meant);
                self::assertSame([], array_filter([...$ledger->gaps, ...$ledger->insets], static fn (Gap|EdgeGap $one): bool => $one->odd), "$kind $seed");
                $tried++;
            }
        }
        self::assertGreaterThanOrEqual(500, $tried);
    }

    /** @return array<string, array{int, float, float, float, float}> px, and the least share that is back, of what is possible, aligned, and equal again */
    public static function disturbances(): array
    {
        return ['1 px' => [1, 0.90, 0.95, 0.98, 0.97], '2 px' => [2, 0.85, 0.90, 0.98, 0.97], '4 px' => [4, 0.66, 0.80, 0.95, 0.92], '6 px' => [6, 0.52, 0.75, 0.90, 0.80]];
    }

    #[DataProvider('disturbances')]
    public function test_what_was_disturbed_comes_back(int $px, float $back, float $ofPossible, float $aligned, float $equal): void
    {
        $all = new Scores;
        $possible = new Scores;
        foreach (Corpus::KINDS as $kind) {
            $own = new Scores;
            for ($seed = 1; $seed <= self::SEEDS; $seed++) {
                $true = Corpus::square($kind, $seed);
                $disturbed = Corpus::disturbed($kind, $seed, $px);
                $were = Scores::boxes($disturbed);
                $are = Scores::meant($disturbed)[0]->boxes;
                $all->add($true, $were, $are, $px);
                $own->add($true, $were, $are, $px);
                $possible->add($true, $were, Possible::boxes($true, $were, $px, Corpus::unit($kind, $seed)), $px);
            }
            self::assertGreaterThanOrEqual($px <= 2 ? 0.55 : 0.25, $own->share('back'), "$kind back");
        }
        self::assertGreaterThanOrEqual($back, $all->share('back'), 'back at their place');
        self::assertGreaterThanOrEqual($ofPossible, $all->share('back') / $possible->share('back'), 'of what is possible');
        self::assertGreaterThanOrEqual($aligned, $all->share('aligned'), 'alignments that hold again');
        self::assertGreaterThanOrEqual($equal, $all->share('equal'), 'equal gaps that are equal again');
        self::assertLessThan(0.02, $all->share('new'), 'alignments that were not meant');
        self::assertSame(0.0, $all->share('far'), 'further than the tolerance');
        self::assertLessThan(0.001, $all->share('torn'), 'torn away');
        self::assertGreaterThan(1_500, $all->tried('back'));
    }

    public function test_one_thing_that_is_off_comes_back_and_the_others_stay(): void
    {
        $scores = new Scores;
        foreach (Corpus::KINDS as $kind) {
            for ($seed = 1; $seed <= self::SEEDS; $seed++) {
                (new PutOff($kind, $seed))->count(1, $scores);
            }
        }
        self::assertGreaterThanOrEqual(0.92, $scores->share('mended'), 'what was off is back');
        self::assertGreaterThanOrEqual(0.99, $scores->share('stayed'), 'the others stay');
        self::assertGreaterThan(150, $scores->tried('mended'));
    }

    public function test_odd_gaps_are_those_beside_what_was_put_off(): void
    {
        $scores = new Scores;
        foreach (Corpus::KINDS as $kind) {
            for ($seed = 1; $seed <= self::SEEDS; $seed++) {
                foreach ([1, 2, 3] as $count) {
                    (new PutOff($kind, $seed))->count($count, $scores);
                }
            }
        }
        self::assertGreaterThanOrEqual(0.92, $scores->share('precision'));
        self::assertGreaterThanOrEqual(0.92, $scores->share('recall'));
        self::assertGreaterThan(500, $scores->tried('recall'));
    }

    public function test_where_the_first_of_a_row_is_off_it_moves_and_not_the_others(): void
    {
        $scene = Scene::of()->put('a', 44, 100, 80, 60)->put('b', 140, 100, 80, 60)->put('c', 240, 100, 80, 60)->put('d', 340, 100, 80, 60);
        $meant = Scores::meant($scene)[0];
        self::assertSame([40.0, 140.0, 240.0, 340.0], array_map(static fn (Rect $box): float => $box->x, $meant->boxes));
    }

    public function test_the_layout_of_the_rules(): void
    {
        $scene = Scene::of();
        foreach ([[63, 81, 65, 209], [249, 79, 248, 206], [431, 80, 432, 210]] as $i => [$x, $y, $left, $top]) {
            $scene->put("box$i", $x, $y, 160, 120)->put("caption$i", $left, $top, 100, 20);
        }
        $scene->run('square-up', array_map(strval(...), array_keys($scene->items)));
        self::assertSame([64.0, 248.0, 432.0], $scene->lefts('box0', 'box1', 'box2'));
        self::assertSame([64.0, 248.0, 432.0], $scene->lefts('caption0', 'caption1', 'caption2'));
        self::assertSame([80.0, 80.0, 80.0, 208.0, 208.0, 208.0], $scene->tops('box0', 'box1', 'box2', 'caption0', 'caption1', 'caption2'));
    }

    public function test_boxes_of_different_widths_at_equal_steps_stay(): void
    {
        $scene = Scene::of();
        foreach ([80, 40, 60, 70] as $i => $w) {
            $scene->put("b$i", $i * 100, 40, $w, 30)->put("c$i", $i * 100, 90, $w, 30);
        }
        self::assertSame([], Scores::meant($scene)[0]->changes());
    }
}
