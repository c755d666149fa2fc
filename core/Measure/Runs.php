<?php

declare(strict_types=1);

namespace AllSquare\Core\Measure;

/**
 * Chains of neighbours along one axis (RULES 6). Where something has several neighbours on a side, the chain goes on
 * with the nearest of them; of equals with the one it shares most with, then the first.
 */
final class Runs
{
    /**
     * @param  list<Gap>  $gaps  along one axis
     * @return list<non-empty-list<int>> places of the gaps in each chain, in its order; each gap in one
     */
    public static function of(array $gaps): array
    {
        $after = $before = [];
        foreach ($gaps as $i => $gap) {
            if (! isset($after[$gap->a]) || self::precedes($gap, $gaps[$after[$gap->a]])) {
                $after[$gap->a] = $i;
            }
            if (! isset($before[$gap->b]) || self::precedes($gap, $gaps[$before[$gap->b]])) {
                $before[$gap->b] = $i;
            }
        }
        // One gap leads to the next where both are the nearest of what they meet in.
        $next = [];
        $isLed = [];
        foreach ($before as $item => $i) {
            if (isset($after[$item])) {
                $next[$i] = $after[$item];
                $isLed[$after[$item]] = true;
            }
        }
        $runs = [];
        $isIn = [];
        // Those that nothing leads to come first; what is left then goes round, as things of no size on one another may.
        foreach ([...array_keys(array_diff_key($gaps, $isLed)), ...array_keys($isLed)] as $i) {
            $run = [];
            for ($at = $i; $at !== null && ! isset($isIn[$at]); $at = $next[$at] ?? null) {
                $run[] = $at;
                $isIn[$at] = true;
            }
            if ($run !== []) {
                $runs[] = $run;
            }
        }

        return $runs;
    }

    private static function precedes(Gap $gap, Gap $other): bool
    {
        return $gap->size !== $other->size
            ? $gap->size < $other->size
            : $gap->across[1] - $gap->across[0] > $other->across[1] - $other->across[0];
    }
}
