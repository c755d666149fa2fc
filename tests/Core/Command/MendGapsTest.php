<?php

declare(strict_types=1);

namespace Tests\Core\Command;

use AllSquare\Core\Intent\Intent;
use AllSquare\Core\Intent\OddGaps;
use AllSquare\Core\Intent\Wish;
use AllSquare\Core\Item\By;
use AllSquare\Core\Measure\Baseline;
use AllSquare\Core\Measure\Ledger;
use AllSquare\Core\Measure\Planning;
use AllSquare\Core\Refusal;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Fonts;
use Tests\Core\Support\Scene;

final class MendGapsTest extends TestCase
{
    /** Five cards 100 wide in a row: gaps 24, 29, 19, 24; each has a label lying on it. */
    private static function row(): Scene
    {
        $scene = Scene::of();
        foreach ([40, 164, 293, 412, 536] as $i => $x) {
            $scene->put("card$i", $x, 60, 100, 80)->put("label$i", $x + 10, 70, 40, 12);
        }

        return $scene;
    }

    public function test_the_ledger_finds_what_is_odd(): void
    {
        $ledger = self::ledger(self::row());
        $odd = array_values(array_filter($ledger->gaps, static fn ($gap): bool => $gap->expected !== null));
        self::assertSame([['card1', 'card2', 29.0, 24.0], ['card2', 'card3', 19.0, 24.0]], array_map(static fn ($gap): array => [$gap->a, $gap->b, $gap->size, $gap->expected], $odd));
        self::assertSame([['axis' => 'x', 'size' => 24.0, 'count' => 2], ['axis' => 'x', 'size' => 19.0, 'count' => 1], ['axis' => 'x', 'size' => 29.0, 'count' => 1]], $ledger->census());
    }

    /** The third card goes up onto the line of the others; what it touches from below is not brought closer than that. */
    public function test_what_touches_is_not_odd(): void
    {
        $scene = Scene::of()->put('lid', 288, 61, 100, 40);
        foreach ([40 => 100, 164 => 100, 288 => 101, 412 => 100] as $x => $y) {
            $scene->put("card$x", $x, $y, 100, 80);
        }
        $gaps = array_values(array_filter(self::ledger($scene)->gaps, static fn ($gap): bool => $gap->a === 'lid' && $gap->b === 'card288'));
        self::assertSame([[0.0, null]], array_map(static fn ($gap): array => [$gap->size, $gap->expected], $gaps));
    }

    public function test_one_odd_gap_brings_back_what_is_off_with_what_lies_on_it(): void
    {
        $scene = self::row();
        $done = $scene->run('mend-gaps', [], ['gaps' => [['axis' => 'x', 'a' => 'card1', 'b' => 'card2']]]);
        self::assertSame([40.0, 164.0, 288.0, 412.0, 536.0], $scene->lefts('card0', 'card1', 'card2', 'card3', 'card4'));
        self::assertSame([298.0, 546.0], $scene->lefts('label2', 'label4'));
        self::assertSame('Brought 1 gap to 24 (was 29)', $done->report->summary);
    }

    public function test_a_size_of_its_own_moves_the_rest_of_the_row_with_what_lies_on_it(): void
    {
        $scene = self::row();
        $scene->run('mend-gaps', [], ['gaps' => [['axis' => 'x', 'a' => 'card1', 'b' => 'card2', 'to' => 30]]]);
        self::assertSame([40.0, 164.0, 294.0, 413.0, 537.0], $scene->lefts('card0', 'card1', 'card2', 'card3', 'card4'));
        self::assertSame([304.0, 547.0], $scene->lefts('label2', 'label4'));
    }

    public function test_all_odd_gaps_leave_nothing_odd(): void
    {
        $scene = self::row();
        $done = $scene->run('mend-gaps');
        self::assertSame('Brought 2 gaps to 24 (were 19 to 29)', $done->report->summary);
        self::assertSame([40.0, 164.0, 288.0, 412.0, 536.0], $scene->lefts('card0', 'card1', 'card2', 'card3', 'card4'));
        self::assertSame([298.0, 422.0], $scene->lefts('label2', 'label3'));
        $again = $scene->run('mend-gaps');
        self::assertTrue($again->change->isEmpty());
        self::assertSame('No gap is odd', $again->report->summary);
    }

    public function test_a_gap_is_brought_to_any_size(): void
    {
        $scene = self::row();
        $scene->run('mend-gaps', [], ['gaps' => [['axis' => 'x', 'a' => 'card0', 'b' => 'card1', 'to' => '1in/4 + 0.5']]]);
        self::assertSame(164.5, $scene->bounds('card1')->x);
    }

    public function test_what_is_locked_stays_and_the_other_side_moves(): void
    {
        $scene = self::row();
        $scene->put('card4', 536, 60, 100, 80, ['locked' => true]);
        $scene->run('mend-gaps', [], ['gaps' => [['axis' => 'x', 'a' => 'card1', 'b' => 'card2', 'to' => 22]]]);
        self::assertSame([47.0, 171.0, 293.0, 536.0], $scene->lefts('card0', 'card1', 'card2', 'card4'));
        $scene->put('card0', 47, 60, 100, 80, ['locked' => true]);
        $this->expectExceptionMessage('On both sides of that gap something is locked');
        $scene->run('mend-gaps', [], ['gaps' => [['axis' => 'x', 'a' => 'card2', 'b' => 'card3', 'to' => 40]]]);
    }

    public function test_an_inset_is_brought_to_a_size_by_sizing(): void
    {
        $scene = Scene::of()->put('frame', 100, 100, 200, 200)->put('picture', 116, 116, 160, 168);
        $scene->run('mend-gaps', [], ['gaps' => [['item' => 'picture', 'side' => 'right', 'to' => 16]]]);
        self::assertSame(168.0, $scene->bounds('picture')->w);
    }

    public function test_what_is_no_gap_is_refused(): void
    {
        $scene = self::row();
        foreach ([[['axis' => 'x', 'a' => 'card0', 'b' => 'card2'], 'There is no such gap'], [['axis' => 'x', 'a' => 'card0', 'b' => 'card1'], 'as the others are']] as [$gap, $said]) {
            try {
                $scene->run('mend-gaps', [], ['gaps' => [$gap]]);
                self::fail($said);
            } catch (Refusal $refusal) {
                self::assertStringContainsString($said, $refusal->getMessage());
            }
        }
    }

    private static function ledger(Scene $scene): Ledger
    {
        $tree = $scene->draft()->tree;
        $plan = Planning::of($tree, $scene->boxes(), By::Frame, new Baseline($tree, $scene->boxes(), Fonts::library()));

        return OddGaps::in(Ledger::of($plan, $scene->sheet->box()), (new Intent($scene->sheet, $plan, [], Wish::of($scene->sheet)))->ofSheet());
    }
}
