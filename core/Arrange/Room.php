<?php

declare(strict_types=1);

namespace AllSquare\Core\Arrange;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Measure\Boxes;
use AllSquare\Core\Sheet\Draft;

/** Room at a line right across the sheet, or right down it (RULES 13): what lies past it moves, and what straddles it does as is wished. */
final readonly class Room
{
    /** What things lie on the sheet itself are done with: by how they lie to the line. */
    public const STRADDLING = ['stay', 'move', 'stretch'];

    private Boxes $boxes;

    public function __construct(private Draft $draft, private Axis $axis)
    {
        $this->boxes = new Boxes($draft->tree, $draft->fonts);
    }

    /** The line at which the row of an item begins, or its column: the first leading edge of what shares more than half of its own extent with it. */
    public function lineOf(string $id): float
    {
        $own = $this->boxes->bounds($id);
        [$lead, $trail] = [$this->axis->lead($own), $this->axis->trail($own)];
        $edges = [$lead];
        foreach ($this->things() as $item) {
            $box = $this->boxes->bounds($item->id);
            $shared = min($trail, $this->axis->trail($box)) - max($lead, $this->axis->lead($box));
            if ($shared > $this->axis->size($box) / 2) {
                $edges[] = $this->axis->lead($box);
            }
        }

        return min($edges);
    }

    /**
     * @param  float  $line  px of the sheet
     * @return array{past: list<string>, straddling: list<string>, locked: list<string>} ids of things on the sheet itself
     */
    public function at(float $line): array
    {
        $found = ['past' => [], 'straddling' => [], 'locked' => []];
        foreach ($this->things() as $item) {
            $box = $this->boxes->bounds($item->id);
            $isPast = $this->axis->lead($box) > $line - Length::SAME;
            if (! $isPast && $this->axis->trail($box) < $line + Length::SAME) {
                continue;
            }
            $found[match (true) {
                $item->locked || $item->reference => 'locked',
                $isPast => 'past',
                default => 'straddling',
            }][] = $item->id;
        }

        return $found;
    }

    /** By a distance, as it is given: nothing is brought to whole pixels that was not there before. */
    public function move(string $id, float $by): void
    {
        $item = $this->draft->item($id);
        $this->draft->put($item->inFrame($this->axis === Axis::X
            ? new Rect(Length::round($item->frame->x + $by), $item->frame->y, $item->frame->w, $item->frame->h)
            : new Rect($item->frame->x, Length::round($item->frame->y + $by), $item->frame->w, $item->frame->h)));
    }

    /** Longer by a distance, its leading edge staying; what cannot be, since it is turned or as large as what it holds, stays as it is. */
    public function stretch(string $id, float $by): bool
    {
        $item = $this->draft->item($id);
        $box = $this->boxes->bounds($id);
        $size = Length::round($this->axis->size($box) + $by);
        if ($item->angle !== 0.0 || $item->isFramedByItems() || $size <= 0.0 || ($item->isFlat() && $this->axis === Axis::Y)) {
            return false;
        }
        (new Sizer($this->draft))->toBounds($id, $this->axis === Axis::X ? new Rect($box->x, $box->y, $size, $box->h) : new Rect($box->x, $box->y, $box->w, $size));

        return true;
    }

    /** @return list<Item> what lies on the sheet itself and is seen; what runs along its head or foot keeps to its edge */
    private function things(): array
    {
        return array_values(array_filter($this->draft->tree->children(null), fn (Item $item): bool => ! $item->hidden && ! ($item->twin()?->runs() ?? false) && ! $this->boxes->showsNothing($item->id)));
    }
}
