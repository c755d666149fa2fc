<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Arrange\Copies;
use AllSquare\Core\Arrange\Lanes;
use AllSquare\Core\Arrange\Mover;
use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\NinePoint;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\RepeatsItems;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Selected;
use AllSquare\Core\Running\Traits\ArrangesBoxes;
use AllSquare\Core\Running\Traits\Repeatable;
use AllSquare\Core\Running\Traits\SelectsWhatItMade;
use AllSquare\Core\Series\BlockLayout;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Figures;

/** Lays items out in rows and columns, in reading order, with copies if wished (RULES 7). The top left stays. */
final readonly class Block implements ArrangesBoxes, Command, Repeatable, SelectsWhatItMade
{
    use RepeatsItems;

    public static function name(): string
    {
        return 'block';
    }

    public function run(Draft $draft, array $items): Report
    {
        $selected = Selected::movable($draft, $items);
        $mover = new Mover($draft);
        $boxes = $mover->boxesOf(array_values(array_filter($selected->free, static fn (string $id): bool => ! $mover->boxes->showsNothing($id))));
        $around = Rect::unionOf(array_values($boxes));
        if ($around === null) {
            throw Refusal::because('There is nothing to see among what is selected, so there is nothing to lay out.', 'items');
        }
        /** @var non-empty-list<string> $originals */
        $originals = Lanes::readingOrder($boxes, array_flip($draft->tree->inOrder()));

        return $this->repeats->report($draft, $this->layout($draft, count($originals), $around)->round($mover, $originals), $originals, $selected, 'Laid out %s');
    }

    private function layout(Draft $draft, int $items, Rect $around): BlockLayout
    {
        $columns = (int) $this->params->count('columns');
        $rows = $this->params->count('rows') ?? (int) ceil($items / $columns);
        if ($items > $columns * $rows) {
            throw Refusal::because(sprintf('%d × %d are %d places, and there are %d items.', $columns, $rows, $columns * $rows, $items), 'rows');
        }
        $keep = $this->params->word('extent') === 'keep';
        $count = $this->params->word('copies') === 'fill' ? $columns * $rows : $items;
        Copies::refuseTooMany($count - $items);

        return new BlockLayout(
            $count,
            $columns,
            $around->x,
            $around->y,
            $this->gap($draft, 'column_gap', Axis::X, $keep && $columns > 1),
            $this->gap($draft, 'row_gap', Axis::Y, $keep && $rows > 1),
            $keep && $columns > 1 && ! $this->params->has('column_gap') ? $around->w : null,
            $keep && $rows > 1 && ! $this->params->has('row_gap') ? $around->h : null,
            $this->params->word('cell') === 'fit',
            $this->params->choice('place', NinePoint::class) ?? NinePoint::TopLeft,
            $items,
        );
    }

    /** Exact where it is given; without one, the sheet's unit of spacing, or none where the extent says it. */
    private function gap(Draft $draft, string $field, Axis $axis, bool $byExtent): ?float
    {
        $given = $this->params->length($field);

        return $given !== null
            ? (new Figures($draft))->read($given, $axis, $field)
            : ($byExtent ? null : $draft->sheet()->unitOfSpacing ?? 0.0);
    }
}
