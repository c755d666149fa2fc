<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Arrange\Mover;
use AllSquare\Core\Check\Check;
use AllSquare\Core\Check\Checks;
use AllSquare\Core\Check\Finding;
use AllSquare\Core\Check\Inspection;
use AllSquare\Core\Intent\Meant;
use AllSquare\Core\Intent\PutRight;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Catalogue;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Execution;
use AllSquare\Core\Running\Moves;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Scope;
use AllSquare\Core\Sheet\CheckSettings;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Guide;
use AllSquare\Core\Sheet\IgnoredFinding;
use AllSquare\Core\Sheet\Slice;
use AllSquare\Core\Sheet\TypeStyle;

/**
 * Puts findings right by their fixes, all in one step: those that are named, those of some kinds, or all whose fixes are plain. After each
 * the sheet is looked at again, as far as others have to be found anew.
 */
final readonly class Mend implements Command
{
    /** Looks after which what is left is left. */
    private const ROUNDS = 12;

    /** kinds of findings that are differences between a sheet and its intent in places alone */
    private const PLACES = ['near-line', 'odd-gap', 'odd-inset'];

    /**
     * @param  list<string>|null  $keys
     * @param  list<string>|null  $kinds
     */
    private function __construct(private ?array $keys, private ?array $kinds)
    {
    }

    public static function name(): string
    {
        return 'mend';
    }

    public static function from(Params $params): self
    {
        return new self($params->has('findings') ? $params->words('findings') : null, $params->has('kinds') ? $params->words('kinds') : null);
    }

    public function needs(): Needs
    {
        return new Needs(Scope::Whole, sorts: [Guide::class, Slice::class, TypeStyle::class, CheckSettings::class, IgnoredFinding::class]);
    }

    public function run(Draft $draft, array $items): Report
    {
        $done = $touched = $left = [];
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $before = count($done);
            $inspection = Inspection::of($draft, $this->sought());
            [$kinds, $changed] = $this->squared($draft, $inspection);
            if ($changed === []) {
                [$kinds, $changed, $left] = $this->mendedSingly($draft, $this->wanted($inspection->findings, $round === 0));
            }
            array_push($done, ...$kinds);
            $touched += $changed;
            if (count($done) === $before || $this->keys !== null) {
                break;
            }
        }
        if ($done === []) {
            throw Refusal::because($left[0]['why'] ?? 'There is nothing here that can be put right by itself.', 'findings');
        }
        $moves = Moves::of($draft, array_map(strval(...), array_keys($touched)));

        return new Report(self::said($done).'; '.$moves->said().($left === [] ? '' : '; '.count($left).' stayed'), $items, ['moved' => $moves->listed(), 'mended' => count($done)] + ($left === [] ? [] : ['left_out' => $left]));
    }

    /**
     * Where all that the intent would change is wanted, it is changed at once: one by one, each would move what the next is measured from.
     *
     * @return array{list<string>, array<string, true>} kinds of what was put right; by id, what was moved
     */
    private function squared(Draft $draft, Inspection $inspection): array
    {
        $kinds = array_values(array_intersect(array_column($inspection->findings, 'kind'), self::PLACES));
        if ($this->keys !== null || $kinds === [] || array_diff(self::PLACES, array_diff($this->sought(), $inspection->looked->settings->off)) !== []) {
            return [[], []];
        }
        $let = array_merge([], ...array_map(static fn (array $one): array => $one[1]->items, $inspection->ignored));
        $only = array_diff_key($inspection->looked->place, array_flip($let));
        $putting = new PutRight($draft, new Mover($draft));

        return [$kinds, array_replace([], ...array_map(static fn (Meant $meant): array => $putting->put($meant, $only), $inspection->looked->meant()))];
    }

    /**
     * @param  list<Finding>  $findings
     * @return array{list<string>, array<string, true>, list<array{id: string, why: string}>} kinds of what was put right; by id, what changed; what could not be
     */
    private function mendedSingly(Draft $draft, array $findings): array
    {
        $kinds = $touched = $met = $left = [];
        foreach ($findings as $finding) {
            // What was touched in this round is looked at again before it is touched once more.
            if ($finding->fixes === [] || array_intersect_key($met, array_flip($finding->items)) !== []) {
                continue;
            }
            try {
                $changed = array_fill_keys($this->mended($draft, $finding), true);
            } catch (Refusal $refusal) {
                $left[] = ['id' => $finding->items[0] ?? '', 'why' => $refusal->getMessage()];

                continue;
            }
            $met += array_flip($finding->items) + $changed;
            $touched += $changed;
            $kinds[] = $finding->kind;
        }

        return [$kinds, $touched, $left];
    }

    /** @return list<string> the kinds of findings that are looked for */
    private function sought(): array
    {
        return match (true) {
            $this->keys !== null => array_values(array_unique(array_map(static fn (string $key): string => (string) preg_replace('/-[0-9a-f]+$/', '', $key), $this->keys))),
            $this->kinds !== null => $this->kinds,
            default => array_map(strval(...), array_keys(array_filter(Checks::all(), static fn (Check $check): bool => $check->about()->isPlain))),
        };
    }

    /**
     * @param  list<Finding>  $findings
     * @return list<Finding>
     */
    private function wanted(array $findings, bool $isFirst): array
    {
        if ($this->keys === null) {
            return $findings;
        }
        $by = array_column($findings, null, 'key');
        if ($isFirst && count($this->keys) === 1 && ! isset($by[$this->keys[0]])) {
            throw Refusal::because('That is not found on this sheet any more. Look again.', 'findings');
        }

        return array_values(array_intersect_key($by, array_flip($this->keys)));
    }

    /** @return list<string> ids of what changed */
    private function mended(Draft $draft, Finding $finding): array
    {
        $changed = [];
        foreach ($finding->fixes as $fix) {
            $apart = $draft->apart();
            $done = Execution::of(Catalogue::make($fix->command, $fix->params), $apart, $fix->items);
            $draft->take($done->change);
            $changed += $done->change->items;
        }

        return array_map(strval(...), array_keys($changed));
    }

    /** @param  non-empty-list<string>  $kinds */
    private static function said(array $kinds): string
    {
        $counts = array_count_values($kinds);
        $all = Checks::all();
        $parts = array_map(static fn (string $kind, int $count): string => lcfirst($all[$kind]->about()->heading)." ($count)", array_keys($counts), $counts);

        return sprintf('Put %d %s right: %s', count($kinds), count($kinds) === 1 ? 'finding' : 'findings', implode(', ', $parts));
    }
}
