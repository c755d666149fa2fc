<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Arrange\Mover;
use AllSquare\Core\Arrange\Squaring;
use AllSquare\Core\Geometry\Axis;
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
use AllSquare\Core\Sheet\Words;

/** Finds the rows and columns that were meant, and makes them exact (RULES 7). */
final readonly class SquareUp implements ArrangesBoxes, Command, Repeatable
{
    public static function name(): string
    {
        return 'square-up';
    }

    private function __construct(private float|string|null $gap, private bool $keepExtent)
    {
    }

    public static function from(Params $params): self
    {
        return new self($params->length('gap'), $params->word('extent') === 'keep');
    }

    public function needs(): Needs
    {
        return new Needs(Scope::Order);
    }

    public function run(Draft $draft, array $items): Report
    {
        $selected = Selected::movable($draft, $items);
        $mover = new Mover($draft);
        $ids = array_values(array_filter($selected->free, static fn (string $id): bool => ! $mover->boxes->showsNothing($id)));
        if (count($ids) < 2) {
            throw Refusal::because('Squaring up needs two items at least that can move.', 'items');
        }
        $gap = $this->gap === null ? null : (new Figures($draft))->read($this->gap, Axis::X, 'gap');
        $done = (new Squaring($mover, array_flip($draft->tree->inOrder()), $gap, $this->keepExtent))->run($ids);
        $moves = Moves::of($draft, $ids);
        $gaps = array_filter([
            $done->across === [] ? '' : Words::figures($done->across).' across',
            $done->down === [] ? '' : Words::figures($done->down).' down',
        ]);
        $summary = sprintf('Squared up %s: %s%s, %s', Words::of($draft, $ids), $done->words(), $gaps === [] ? '' : ', gaps '.implode(' and ', $gaps), $moves->said());

        return new Report($summary.$selected->note(), $selected->ids, [
            'moved' => $moves->listed(),
            'rows' => $done->rows,
            'columns' => $done->columns,
            'gaps_across' => $done->across,
            'gaps_down' => $done->down,
            'largest' => $moves->largest(),
        ] + $selected->leftOut());
    }
}
