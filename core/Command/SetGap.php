<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Arrange\Distribution;
use AllSquare\Core\Arrange\Lanes;
use AllSquare\Core\Arrange\Mover;
use AllSquare\Core\Arrange\Sizer;
use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Item\By;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
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

/** Sets consecutive gaps to one exact value, by moving the items or by sizing them (RULES 5). */
final readonly class SetGap implements ArrangesBoxes, Command, Repeatable
{
    public static function name(): string
    {
        return 'set-gap';
    }

    private function __construct(
        private Axis $axis,
        private float|string $gap,
        private string $hold,
        private ?string $anchor,
        private bool $bySize,
        private By $by,
    ) {
    }

    public static function from(Params $params): self
    {
        $anchor = $params->word('anchor');

        return new self(
            $params->chosen('axis', Axis::class),
            $params->length('gap') ?? 0.0,
            $params->word('hold') ?? ($anchor === null ? 'first' : 'anchor'),
            $anchor,
            $params->flag('by_size'),
            $params->choice('by', By::class) ?? By::Frame,
        );
    }

    public function needs(): Needs
    {
        return new Needs(Scope::Order);
    }

    public function run(Draft $draft, array $items): Report
    {
        $selected = $this->bySize ? Selected::changeable($draft, $items) : Selected::movable($draft, $items);
        $mover = new Mover($draft, $this->by);
        $ids = array_values(array_filter($selected->free, fn (string $id): bool => ! $mover->boxes->showsNothing($id) && ! ($this->bySize && ! $mover->boxes->standsUpright($id))));
        if (count($ids) < 2) {
            throw Refusal::because('A gap lies between two items: select two at least'.($this->bySize ? ' that stand upright' : ' that can move').'.', 'items');
        }
        $gap = (new Figures($draft))->read($this->gap, $this->axis, 'gap');
        $distribution = new Distribution($mover, $this->axis, $draft->tree->inOrder());
        if ($this->hold === 'anchor') {
            $this->anchorAt($ids);
        }
        $rows = array_map($distribution->ordered(...), $this->rows($draft, $mover, $ids));
        $figures = static fn (): array => array_merge(...array_map($distribution->figures(...), $rows));
        $were = $figures();
        foreach ($rows as $row) {
            $this->bySize ? $this->size($draft, $mover, $row, $gap) : $this->move($draft, $mover, $row, $gap);
        }
        $gaps = $figures();
        $in = count($rows) === 1 ? '' : sprintf(' in %d %s', count($rows), $this->axis === Axis::X ? 'rows' : 'columns');
        $summary = sprintf('Set the gaps of %s %s to %s%s%s', Words::of($draft, array_merge(...$rows)), $this->axis->word(), Words::figures($gaps), $in, $this->bySize ? ' by sizing' : '');

        return new Report($summary.($gaps === $were ? '' : ' (were '.Words::figures($were).')').$selected->note(), $selected->ids, ['gaps' => $gaps, 'were' => $were] + $selected->leftOut());
    }

    /**
     * Several rows (or columns, for gaps down) are spaced each by itself; what stands in no row of two or more stays. Things
     * that stand in one row, or in none, are spaced together.
     *
     * @param  non-empty-list<string>  $ids
     * @return non-empty-list<non-empty-list<string>>
     */
    private function rows(Draft $draft, Mover $mover, array $ids): array
    {
        $lanes = Lanes::find($mover->boxesOf($ids), $this->axis->across(), array_flip($draft->tree->inOrder()))->lanes;
        $rows = array_values(array_filter($lanes, static fn (array $lane): bool => count($lane) > 1));

        return count($rows) > 1 ? $rows : [$ids];
    }

    /** @param  non-empty-list<string>  $ordered */
    private function move(Draft $draft, Mover $mover, array $ordered, float $gap): void
    {
        $boxes = array_map($mover->box(...), $ordered);
        $offsets = [0.0];
        foreach (array_slice($boxes, 0, -1) as $i => $box) {
            $offsets[] = $offsets[$i] + $this->axis->size($box) + $gap;
        }
        $last = count($ordered) - 1;
        $first = $this->axis->lead($boxes[0]);
        $held = match ($this->hold) {
            'last' => $last,
            'anchor' => in_array($this->anchor, $ordered, true) ? $this->anchorAt($ordered) : 0,
            default => 0,
        };
        $total = $offsets[$last] + $this->axis->size($boxes[$last]);
        $start = $this->hold === 'centre'
            ? ($first + $this->axis->trail($boxes[$last]) - $total) / 2
            : $this->axis->lead($boxes[$held]) - $offsets[$held];
        // A gap with a fraction is kept exactly; otherwise what is held is brought to the pixel first, and the gaps are whole.
        $isExact = ! Length::isWhole($gap) || ! $draft->sheet()->wholePixels || $this->by === By::Ink;
        if (! $isExact) {
            $start = $this->hold === 'centre' ? Length::whole($start) : $mover->landing($ordered[$held], $this->axis, $this->axis->lead($boxes[$held])) - $offsets[$held];
        }
        foreach ($ordered as $i => $id) {
            $to = $start + $offsets[$i];
            if ($isExact) {
                $by = $to - $this->axis->lead($boxes[$i]);
                $mover->shiftAlong($id, $this->axis, $by);
            } else {
                $mover->lead($id, $this->axis, $to);
            }
        }
    }

    /** @param  non-empty-list<string>  $ordered */
    private function anchorAt(array $ordered): int
    {
        $at = array_search($this->anchor, $ordered, true);

        return is_int($at) ? $at : throw Refusal::because('The anchor has to be one of the items that are spaced.', 'anchor');
    }

    /**
     * The outer edges stay; each item keeps its share of what the gaps leave.
     *
     * @param  non-empty-list<string>  $ordered
     */
    private function size(Draft $draft, Mover $mover, array $ordered, float $gap): void
    {
        $boxes = array_map($mover->box(...), $ordered);
        $last = count($ordered) - 1;
        $start = $this->axis->lead($boxes[0]);
        $extent = $this->axis->trail($boxes[$last]) - $start;
        $sum = array_sum(array_map($this->axis->size(...), $boxes));
        $room = $extent - $last * $gap;
        if ($room < 1 || $sum < Length::SAME) {
            throw Refusal::because(sprintf('The gaps alone need %s, and there are %s %s.', Spoken::length($last * $gap), Spoken::length($extent), $this->axis->word()), 'gap');
        }
        $whole = $draft->sheet()->wholePixels && Length::isWhole($gap);
        $kept = static fn (float $v): float => $whole ? Length::whole($v) : Length::round($v);
        $sizer = new Sizer($draft);
        $before = 0.0;
        foreach ($ordered as $i => $id) {
            $box = $boxes[$i];
            $from = $i === 0 ? $start : $kept($start + $before / $sum * $room) + $i * $gap;
            $before += $this->axis->size($box);
            $to = $i === $last ? $start + $extent : $kept($start + $before / $sum * $room) + $i * $gap;
            $target = $this->axis === Axis::X ? Rect::between($from, $box->y, $to, $box->bottom()) : Rect::between($box->x, $from, $box->right(), $to);
            $sizer->scale($id, $box, $target);
        }
    }
}
