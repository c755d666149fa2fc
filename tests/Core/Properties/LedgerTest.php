<?php

declare(strict_types=1);

namespace Tests\Core\Properties;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\By;
use AllSquare\Core\Measure\EdgeGap;
use AllSquare\Core\Measure\Gap;
use AllSquare\Core\Measure\Ledger;
use AllSquare\Core\Measure\Planning;
use AllSquare\Core\Sheet\Placed;
use AllSquare\Core\Sheet\Plan;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\RandomScene;
use Tests\Core\Support\Scene;

/** The ledger of any sheet is what a slow, plain count by the definition in RULES 6 finds. */
final class LedgerTest extends TestCase
{
    /** @return iterable<string, array{Plan, int}> */
    public static function plans(): iterable
    {
        foreach (RandomScene::seeds(60) as $seed) {
            $random = new RandomScene($seed);
            yield "scene $seed" => [self::plan($random->scene), $seed];
            yield "crowd $seed" => [self::plan(self::crowd($random)), $seed];
        }
    }

    #[DataProvider('plans')]
    public function test_gaps_are_those_of_the_definition(Plan $plan, int $seed): void
    {
        $found = array_map(self::key(...), Ledger::of($plan, new Rect(0.0, 0.0, 1280.0, 800.0))->gaps);
        $plain = self::plainGaps($plan);
        sort($found);
        sort($plain);
        self::assertSame($plain, $found, "seed $seed");
    }

    #[DataProvider('plans')]
    public function test_insets_are_those_of_the_definition(Plan $plan, int $seed): void
    {
        $sheet = new Rect(0.0, 0.0, 1280.0, 800.0);
        $found = array_map(static fn (EdgeGap $inset): string => "$inset->item {$inset->side->value} ".($inset->ground ?? 'sheet')." $inset->size", Ledger::of($plan, $sheet)->insets);
        $plain = self::plainInsets($plan, $sheet);
        sort($found);
        sort($plain);
        self::assertSame($plain, $found, "seed $seed");
    }

    /** Boxes on a coarse lattice: many touch, lie in each other, on each other, or are of no height. */
    private static function crowd(RandomScene $random): Scene
    {
        $scene = Scene::of();
        foreach (range(1, 26) as $i) {
            $parent = $i > 8 && $random->maybe(40) ? 'group' : null;
            $scene->put("b$i", 20 * $random->number(0, 30), 20 * $random->number(0, 20), 20 * $random->number(0, $random->maybe(15) ? 30 : 5), 20 * $random->number(0, $random->maybe(15) ? 20 : 4), ['parent' => $parent, 'hidden' => $random->maybe(5)]);
        }
        $scene->put('group', 0, 0, 0, 0, ['kind' => 'group']);

        return $scene->fitted();
    }

    private static function plan(Scene $scene): Plan
    {
        return Planning::of($scene->draft()->tree, $scene->boxes(), By::Frame);
    }

    private static function key(Gap $gap): string
    {
        return "{$gap->axis->value} $gap->a $gap->b $gap->size";
    }

    /** @return list<string> */
    private static function plainGaps(Plan $plan): array
    {
        $gaps = [];
        foreach (Axis::cases() as $axis) {
            $across = $axis === Axis::X ? Axis::Y : Axis::X;
            foreach ($plan->placed as $a) {
                foreach ($plan->placed as $b) {
                    $gap = $axis->lead($b->box) - $axis->trail($a->box);
                    $from = max($across->lead($a->box), $across->lead($b->box));
                    $to = min($across->trail($a->box), $across->trail($b->box));
                    if ($a === $b || $a->parent !== $b->parent || $gap <= -Length::SAME || $to - $from <= Length::SAME) {
                        continue;
                    }
                    $blocking = array_filter($plan->placed, static fn (Placed $c): bool => $c !== $a && $c !== $b && $c->parent === $a->parent
                        && $axis->lead($c->box) < $axis->lead($b->box) - Length::SAME && $axis->trail($c->box) > $axis->trail($a->box) + Length::SAME
                        && min($to, $across->trail($c->box)) - max($from, $across->lead($c->box)) > Length::SAME
                        && ! ($c->box->contains($a->box) && $c->box->contains($b->box)));
                    if ($gap < Length::SAME || $blocking === []) {
                        $gaps[] = "{$axis->value} $a->id $b->id ".Length::round(max(0.0, $gap));
                    }
                }
            }
        }

        return $gaps;
    }

    /** @return list<string> */
    private static function plainInsets(Plan $plan, Rect $sheet): array
    {
        $insets = [];
        foreach ($plan->placed as $i => $a) {
            $ground = null;
            foreach ($plan->placed as $j => $under) {
                $isBelow = $plan->ends[$j] < $i && $under->isGround && $under->box->contains($a->box);
                if ($isBelow && ($ground === null || $under->box->area() <= $ground->box->area())) {
                    $ground = $under;
                }
            }
            $around = $ground->box ?? $sheet;
            if ($ground === null && ! $sheet->meets($a->box)) {
                continue;
            }
            $siblings = array_filter($plan->placed, static fn (Placed $c): bool => $c !== $a && $c->parent === $a->parent && ! $c->box->contains($a->box));
            $sides = [
                'left' => [$a->box->x - $around->x, static fn (Rect $c): bool => $c->x < $a->box->x - Length::SAME && $c->right() > $around->x + Length::SAME, Axis::Y],
                'right' => [$around->right() - $a->box->right(), static fn (Rect $c): bool => $c->right() > $a->box->right() + Length::SAME && $c->x < $around->right() - Length::SAME, Axis::Y],
                'top' => [$a->box->y - $around->y, static fn (Rect $c): bool => $c->y < $a->box->y - Length::SAME && $c->bottom() > $around->y + Length::SAME, Axis::X],
                'bottom' => [$around->bottom() - $a->box->bottom(), static fn (Rect $c): bool => $c->bottom() > $a->box->bottom() + Length::SAME && $c->y < $around->bottom() - Length::SAME, Axis::X],
            ];
            foreach ($sides as $side => [$size, $lies, $across]) {
                $between = array_filter($siblings, static fn (Placed $c): bool => $lies($c->box) && min($across->trail($a->box), $across->trail($c->box)) - max($across->lead($a->box), $across->lead($c->box)) > Length::SAME);
                if ($size > -Length::SAME && ($size < Length::SAME || $between === [])) {
                    $insets[] = "$a->id $side ".($ground->id ?? 'sheet').' '.Length::round(max(0.0, $size));
                }
            }
        }

        return $insets;
    }
}
