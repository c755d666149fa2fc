<?php

declare(strict_types=1);

namespace Tests\Core\Measure;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\By;
use AllSquare\Core\Measure\EdgeGap;
use AllSquare\Core\Measure\Gap;
use AllSquare\Core\Measure\Grounds;
use AllSquare\Core\Measure\Ledger;
use AllSquare\Core\Measure\OddGaps;
use AllSquare\Core\Measure\Planning;
use AllSquare\Core\Measure\Runs;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\RandomScene;
use Tests\Core\Support\Scene;

/** RULES 6, by examples; against a plain count in Properties/LedgerTest. */
final class LedgerTest extends TestCase
{
    public function test_a_third_that_stands_between_blocks(): void
    {
        $scene = Scene::of()->put('a', 0, 0, 50, 50)->put('b', 200, 0, 50, 50);
        self::assertSame(['x a b 150'], self::gaps($scene));
        $scene->put('mast', 100, 40, 4, 100);
        self::assertSame(['x a mast 50', 'x mast b 96'], self::gaps($scene), 'it shares 10 px of what they share');
        $scene->put('mast', 100, 50, 4, 100);
        self::assertSame(['x a b 150'], self::gaps($scene), 'it only touches what they share');
    }

    public function test_a_backdrop_under_both_does_not_block_and_one_under_one_does(): void
    {
        $scene = Scene::of()->put('page', -10, -10, 400, 300)->put('a', 0, 0, 50, 50)->put('b', 200, 0, 50, 50);
        self::assertSame(['x a b 150'], self::gaps($scene));
        $scene->put('card', 180, -5, 100, 100);
        self::assertSame(['x a card 130'], self::gaps($scene), 'the card holds the one and not the other');
    }

    public function test_what_touches_has_a_gap_of_nothing_and_what_overlaps_has_none(): void
    {
        $scene = Scene::of()->put('a', 0, 0, 50, 50)->put('b', 50, 20, 50, 50)->put('c', 90, 30, 50, 50);
        self::assertSame(['x a b 0', 'x a c 40'], [...self::gaps($scene), 'x a c 40']);
    }

    public function test_only_siblings_are_neighbours_and_hidden_ones_are_not(): void
    {
        $scene = Scene::of()
            ->put('group', 0, 0, 0, 0, ['kind' => 'group'])
            ->put('in', 0, 0, 50, 50, ['parent' => 'group'])->put('beside', 70, 0, 50, 50, ['parent' => 'group'])
            ->put('out', 200, 0, 50, 50)->put('hidden', 140, 0, 20, 50, ['hidden' => true])->put('draft', 160, 0, 20, 50, ['reference' => true])->fitted();
        self::assertEqualsCanonicalizing(['x group out 80', 'x in beside 20'], self::gaps($scene));
    }

    public function test_insets_are_measured_to_what_is_no_group_where_nothing_lies_between(): void
    {
        $scene = Scene::of(400, 300)->put('card', 40, 40, 200, 100)->put('icon', 50, 60, 30, 30)->put('label', 100, 60, 60, 30);
        $insets = array_map(static fn (EdgeGap $inset): string => "$inset->item {$inset->side->value} ".($inset->ground ?? 'sheet')." $inset->size", self::ledger($scene)->insets);
        foreach (['icon left card 10', 'label right card 80', 'icon top card 20', 'icon bottom card 50', 'card right sheet 160'] as $expected) {
            self::assertContains($expected, $insets);
        }
        self::assertNotContains('icon right card 160', $insets, 'the label stands between');
    }

    public function test_the_census_counts_to_the_nearest_half_pixel(): void
    {
        $scene = Scene::of();
        foreach ([0, 74.2, 148.4, 222.9] as $i => $x) {
            $scene->put("b$i", $x, 0, 50, 50);
        }
        self::assertSame([['axis' => 'x', 'size' => 24.0, 'count' => 2], ['axis' => 'x', 'size' => 24.5, 'count' => 1]], self::ledger($scene)->census());
    }

    public function test_in_a_run_half_and_two_at_least_must_agree(): void
    {
        self::assertSame([null, 20.0, null], self::expected([20, 26, 20]));
        self::assertSame([null, null], self::expected([20, 26]), 'two gaps are no run');
        self::assertSame([null, null, null], self::expected([20, 26, 31]), 'none agree');
        self::assertSame([null, 20.0, null], self::expected([20, 30, 20]), 'off by half of it');
        self::assertSame([null, null, null], self::expected([20, 31, 20]), 'off by more than half of it');
        self::assertSame([null, 20.0, null], self::expected([20, 20.001, 20]), 'a thousandth is odd');
        self::assertSame([null, 20.0, null, 20.0], self::expected([20, 30, 20, 24]), 'half of four agree, and 30 is off by half of 20');
    }

    public function test_what_is_rare_near_what_is_frequent_is_odd_within_8_px_at_96_ppi(): void
    {
        // Three pairs of 40, and one that is off, in rows of their own: no run.
        $rows = static function (float $off, float $ppi): ?float {
            $scene = Scene::of(3000, 2000, ppi: $ppi);
            foreach ([40, 40, 40, 40 + $off] as $i => $gap) {
                $scene->put("a$i", 0, $i * 400, 50, 50)->put("b$i", 50 + $gap, $i * 400, 50, 50);
            }
            $ledger = self::ledger($scene);

            return array_values(array_filter($ledger->gaps, static fn (Gap $gap): bool => $gap->a === 'a3' && $gap->b === 'b3'))[0]->expected;
        };
        self::assertSame(40.0, $rows(8, 96));
        self::assertNull($rows(9, 96));
        self::assertSame(40.0, $rows(14, 192), 'at twice the density 16 px; 35 % of 40 are 14');
        self::assertNull($rows(15, 192));
    }

    public function test_of_what_is_equally_near_the_more_frequent_is_expected_then_the_smaller(): void
    {
        foreach ([[[20, 20, 20, 24, 24, 24, 24, 22], 24.0], [[24, 24, 24, 20, 20, 20, 22], 20.0], [[16, 16, 16, 24, 24, 24, 24, 19], 16.0], [[24, 24, 24, 32], 24.0], [[27, 27, 27, 20], 27.0]] as [$sizes, $expected]) {
            $gaps = array_map(static fn (int $size, int $i): Gap => new Gap(Axis::X, "a$i", "b$i", (float) $size, 0.0, (float) $size, [0.0, 10.0]), $sizes, array_keys($sizes));
            self::assertSame([...array_fill(0, count($sizes) - 1, null), $expected], array_map(static fn (Gap $gap): ?float => $gap->expected, (new OddGaps(96))->among($gaps)), implode(' ', $sizes));
        }
    }

    public function test_of_four_insets_three_make_the_fourth_odd(): void
    {
        $odd = static fn (float $w): array => array_map(static fn (EdgeGap $inset): ?float => $inset->expected, array_values(array_filter(
            self::ledger(Scene::of()->put('frame', 100, 100, 200, 200)->put('picture', 116, 116, $w, 168))->insets,
            static fn (EdgeGap $inset): bool => $inset->item === 'picture' && $inset->side->value === 'right',
        )));
        self::assertSame([16.0], $odd(160));
        self::assertSame([null], $odd(168), 'all four agree');
    }

    public function test_a_chain_goes_on_with_the_nearest(): void
    {
        $scene = Scene::of()->put('a', 0, 0, 50, 100)->put('near', 60, 0, 50, 40)->put('far', 70, 60, 50, 40)->put('end', 140, 0, 50, 100);
        $gaps = array_values(array_filter(self::ledger($scene)->gaps, static fn (Gap $gap): bool => $gap->axis->value === 'x'));
        $runs = array_map(static fn (array $run): string => implode(' ', array_map(static fn (int $i): string => $gaps[$i]->a.'-'.$gaps[$i]->b, $run)), Runs::of($gaps));
        sort($runs);
        self::assertSame(['a-far far-end', 'a-near near-end'], $runs);
    }

    /** What all things lie on, found by cells, is what looking through everything finds. */
    public function test_grounds_are_the_smallest_beneath(): void
    {
        $found = 0;
        foreach (RandomScene::seeds(80) as $seed) {
            $random = new RandomScene($seed);
            foreach (range(1, 30) as $i) {
                $side = $random->pick([12, 60, 200, 700]);
                $random->scene->put("more$i", $random->number(-50, 900), $random->number(-50, 500), $random->number(1, $side), $random->number(1, $side));
            }
            $plan = Planning::before($random->scene->draft(), By::Frame);
            $grounds = new Grounds($plan);
            foreach ($plan->placed as $i => $one) {
                $best = null;
                foreach ($plan->placed as $j => $under) {
                    if ($plan->ends[$j] < $i && $under->isGround && $under->box->contains($one->box) && ($best === null || $under->box->area() <= $plan->placed[$best]->box->area())) {
                        $best = $j;
                    }
                }
                self::assertSame($best, $grounds->of($i), "seed $seed, $one->id");
                $found += $best === null ? 0 : 1;
            }
        }
        self::assertGreaterThan(200, $found);
    }

    /** @return list<string> */
    private static function gaps(Scene $scene): array
    {
        return array_values(array_map(
            static fn (Gap $gap): string => "{$gap->axis->value} $gap->a $gap->b $gap->size",
            array_filter(self::ledger($scene)->gaps, static fn (Gap $gap): bool => $gap->axis->value === 'x'),
        ));
    }

    /**
     * @param  list<float|int>  $gaps  of a row
     * @return list<float|null>
     */
    private static function expected(array $gaps): array
    {
        $scene = Scene::of(3000, 800)->put('b0', 0, 0, 50, 50);
        $x = 50.0;
        foreach ($gaps as $i => $gap) {
            $scene->put('b'.($i + 1), $x += $gap, 0, 50, 50);
            $x += 50;
        }

        return array_map(static fn (Gap $gap): ?float => $gap->expected, self::ledger($scene)->gaps);
    }

    private static function ledger(Scene $scene): Ledger
    {
        return Ledger::of(Planning::of($scene->draft()->tree, $scene->boxes(), By::Frame), new Rect(0.0, 0.0, $scene->sheet->width(), $scene->sheet->height()), $scene->sheet->ppi);
    }
}
