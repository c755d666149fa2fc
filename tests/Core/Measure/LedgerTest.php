<?php

declare(strict_types=1);

namespace Tests\Core\Measure;

use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\By;
use AllSquare\Core\Measure\EdgeGap;
use AllSquare\Core\Measure\Gap;
use AllSquare\Core\Measure\Grounds;
use AllSquare\Core\Measure\Ledger;
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

    private static function ledger(Scene $scene): Ledger
    {
        return Ledger::of(Planning::of($scene->draft()->tree, $scene->boxes(), By::Frame), new Rect(0.0, 0.0, $scene->sheet->width(), $scene->sheet->height()));
    }
}
