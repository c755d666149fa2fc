<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Arrange\Mover;
use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Intent\Intent;
use AllSquare\Core\Intent\Meant;
use AllSquare\Core\Intent\Pattern;
use AllSquare\Core\Intent\PutRight;
use AllSquare\Core\Intent\Telling;
use AllSquare\Core\Intent\Wish;
use AllSquare\Core\Item\By;
use AllSquare\Core\Measure\Baseline;
use AllSquare\Core\Measure\Planning;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Moves;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Scope;
use AllSquare\Core\Running\Selected;
use AllSquare\Core\Running\Traits\ArrangesBoxes;
use AllSquare\Core\Running\Traits\Repeatable;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Figures;
use AllSquare\Core\Sheet\Guide;
use AllSquare\Core\Sheet\Words;

/** Reads the layout that was meant, and makes it exact (RULES 14). */
final readonly class SquareUp implements ArrangesBoxes, Command, Repeatable
{
    private const ROUNDS = 4;

    public static function name(): string
    {
        return 'square-up';
    }

    private function __construct(private float|string|null $tolerance, private bool $sizes, private float|string|null $gap, private bool $keepsExtent)
    {
    }

    public static function from(Params $params): self
    {
        return new self($params->length('tolerance'), $params->flag('sizes'), $params->length('gap'), $params->word('extent') === 'keep');
    }

    public function needs(): Needs
    {
        return new Needs(Scope::Order, sorts: [Guide::class]);
    }

    public function run(Draft $draft, array $items): Report
    {
        $figures = new Figures($draft);
        $wish = Wish::of($draft->sheet(), $this->tolerance === null ? null : $figures->read($this->tolerance, Axis::X, 'tolerance'), $this->sizes);
        $selected = Selected::movable($draft, $items);
        $mover = new Mover($draft);
        $gap = $this->gap === null ? null : $figures->read($this->gap, Axis::X, 'gap');
        $isMoved = [];
        // Gaps that were asked for may bring other things next to each other.
        for ($round = 0; $round <= self::ROUNDS; $round++) {
            $levels = $this->levels($draft, $mover, $selected->ids, $wish, $gap);
            $moved = array_merge(...array_map((new PutRight($draft, $mover))->put(...), $levels));
            $isMoved += $moved;
            if ($moved === [] || ($gap === null && ! $this->keepsExtent)) {
                return $this->report($draft, $selected, $levels, array_map(strval(...), array_keys($isMoved)));
            }
        }
        throw Refusal::because('No rows and columns could be found that these would rest in. Square up fewer of them at a time.', 'items');
    }

    /**
     * @param  list<string>  $ids
     * @return non-empty-list<Meant>
     */
    private function levels(Draft $draft, Mover $mover, array $ids, Wish $wish, ?float $gap): array
    {
        $plan = Planning::of($draft->tree, $mover->boxes, By::Frame, new Baseline($draft->tree, $mover->boxes, $draft->fonts));
        $levels = (new Intent($draft->sheet(), $plan, $draft->of(Guide::class)->all(), $wish))->ofItems($ids);
        $last = array_pop($levels) ?? throw Refusal::because('Squaring up needs two items at least that can be seen, or a group with two items in it.', 'items');

        return [...$levels, match (true) {
            $gap !== null => $last->withGaps($gap),
            $this->keepsExtent => $last->keepingExtent($wish->whole),
            default => $last,
        }];
    }

    /**
     * @param  non-empty-list<Meant>  $levels
     * @param  list<string>  $moved
     */
    private function report(Draft $draft, Selected $selected, array $levels, array $moved): Report
    {
        $patterns = array_map(static fn (Meant $level): Pattern => $level->pattern(), $levels);
        $moves = Moves::of($draft, $moved);
        $last = end($patterns);
        $summary = sprintf('Squared up %s: %s; %s', Words::of($draft, $selected->ids), Telling::of($patterns, $draft->sheet()->zero), $moves->said());
        if ($last->alone !== []) {
            $summary .= '; '.Words::list($draft, $last->alone).(count($last->alone) === 1 ? ' fits nothing' : ' fit nothing');
        }

        return new Report($summary.$selected->note(), $selected->ids, [
            'moved' => $moves->listed(),
            'lines' => array_merge(...array_map(static fn (Pattern $pattern): array => $pattern->lines, $patterns)),
            'distances' => array_merge(...array_map(static fn (Pattern $pattern): array => $pattern->distances, $patterns)),
            'alone' => $last->alone,
            'largest' => $moves->largest(),
        ] + $selected->leftOut());
    }
}
