<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Arrange\GapMender;
use AllSquare\Core\Arrange\Mover;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Intent\Intent;
use AllSquare\Core\Intent\Meant;
use AllSquare\Core\Intent\OddGaps;
use AllSquare\Core\Intent\PutRight;
use AllSquare\Core\Intent\Wish;
use AllSquare\Core\Item\By;
use AllSquare\Core\Measure\EdgeGap;
use AllSquare\Core\Measure\Gap;
use AllSquare\Core\Measure\Ledger;
use AllSquare\Core\Measure\Planning;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Moves;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Scope;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Figures;
use AllSquare\Core\Sheet\Guide;

/**
 * Brings gaps and insets to what is expected of them (RULES 6 and 14), or to a given size: those that are named, else all odd
 * ones of the items named, else of the sheet. To what is expected, what is off moves back to its place. To another size,
 * what comes after a gap moves, with the rest of its row and with all that lies on these; an inset is brought by sizing.
 *
 * @phpstan-type Wanted array{of: Gap|EdgeGap, to: float}
 */
final readonly class MendGaps implements Command
{
    /** @param  list<array<mixed>>|null  $named */
    private function __construct(private ?array $named, private By $by)
    {
    }

    public static function name(): string
    {
        return 'mend-gaps';
    }

    public static function from(Params $params): self
    {
        $gaps = $params->value('gaps');

        return new self(is_array($gaps) ? array_values(array_filter($gaps, is_array(...))) : null, $params->choice('by', By::class) ?? By::Frame);
    }

    public function needs(): Needs
    {
        return new Needs(Scope::Whole, sorts: [Guide::class]);
    }

    public function run(Draft $draft, array $items): Report
    {
        $plan = Planning::before($draft, $this->by);
        $meant = (new Intent($draft->sheet(), $plan, $draft->of(Guide::class)->all(), Wish::of($draft->sheet(), by: $this->by)))->ofSheet();
        $ledger = OddGaps::in(Ledger::of($plan, $draft->sheet()->box()), $meant);
        $wanted = $this->named === null ? self::odd($items === [] ? $ledger : $ledger->among($items)) : array_map(fn (array $one): array => $this->find($draft, $ledger, $one), $this->named);
        if ($wanted === []) {
            return new Report('No gap is odd', $items);
        }
        $moved = $this->putRight($draft, $meant, array_column(array_filter($wanted, static fn (array $one): bool => $one['to'] === $one['of']->expected), 'of'));
        $mender = new GapMender($draft, $plan, $ledger, $this->by);
        $done = $left = [];
        foreach ($wanted as $one) {
            $why = $one['to'] === $one['of']->expected ? null : ($one['of'] instanceof Gap ? $mender->gap($one['of'], $one['to']) : $mender->inset($one['of'], $one['to']));
            if ($why === null) {
                $done[] = $one;
            } else {
                $left[] = ['id' => $one['of'] instanceof Gap ? $one['of']->b : $one['of']->item, 'why' => $why];
            }
        }
        if ($done === []) {
            throw Refusal::because($left[0]['why'], 'gaps');
        }

        return new Report(self::summary($done).($left === [] ? '' : '; '.count($left).' stayed'), $items, ['moved' => Moves::of($draft, [...$moved, ...$mender->moved()])->listed()] + ($left === [] ? [] : ['left_out' => $left]));
    }

    /**
     * Brings what is off back to its place: what stands on either side of odd gaps, with what goes along.
     *
     * @param  list<Gap|EdgeGap>  $odd
     * @param  list<Meant>  $meant
     * @return list<string> ids of what was moved
     */
    private function putRight(Draft $draft, array $meant, array $odd): array
    {
        $ends = [];
        foreach ($odd as $one) {
            $ends += $one instanceof Gap ? [$one->a => true, $one->b => true] : [$one->item => true, (string) $one->ground => true];
        }
        $put = new PutRight($draft, new Mover($draft, $this->by));
        $moved = [];
        foreach ($meant as $level) {
            $moved += $put->put($level, $level->along($ends));
        }

        return array_map(strval(...), array_keys($moved));
    }

    /** @return list<Wanted> */
    private static function odd(Ledger $ledger): array
    {
        $wanted = [];
        foreach ([...$ledger->gaps, ...$ledger->insets] as $one) {
            if ($one->expected !== null) {
                $wanted[] = ['of' => $one, 'to' => $one->expected];
            }
        }

        return $wanted;
    }

    /**
     * @param  array<mixed>  $named
     * @return Wanted
     */
    private function find(Draft $draft, Ledger $ledger, array $named): array
    {
        foreach (isset($named['side']) ? $ledger->insets : $ledger->gaps as $one) {
            $is = $one instanceof Gap
                ? $one->axis->value === ($named['axis'] ?? null) && $one->a === ($named['a'] ?? null) && $one->b === ($named['b'] ?? null)
                : $one->item === ($named['item'] ?? null) && $one->side->value === $named['side'];
            if ($is) {
                $to = $named['to'] ?? $one->expected;
                $axis = $one instanceof Gap ? $one->axis : $one->side->axis();

                return ['of' => $one, 'to' => is_string($to) || is_int($to) || is_float($to)
                    ? (new Figures($draft))->size(is_string($to) ? $to : (float) $to, $axis, 'gaps')
                    : throw Refusal::because('That gap is as the others are. Say what it is to be.', 'gaps')];
            }
        }
        throw Refusal::because('There is no such gap: what was named does not stand next to each other, or something lies between.', 'gaps');
    }

    /** @param  non-empty-list<Wanted>  $done */
    private static function summary(array $done): string
    {
        $count = count($done);
        $to = array_values(array_unique(array_column($done, 'to')));
        $were = array_map(static fn (array $one): float => $one['of']->size, $done);
        $range = min($were) === max($were) ? 'was '.Spoken::length($were[0]) : 'were '.Spoken::length(min($were)).' to '.Spoken::length(max($were));

        return sprintf('Brought %s to %s (%s)', $count === 1 ? '1 gap' : "$count gaps", count($to) === 1 ? Spoken::length($to[0]) : 'what the others are', $count > 1 && min($were) === max($were) ? str_replace('was', 'were', $range) : $range);
    }
}
