<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Arrange\Edge;
use AllSquare\Core\Arrange\Guides;
use AllSquare\Core\Arrange\Mover;
use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\By;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Selected;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Figures;
use AllSquare\Core\Sheet\Guide;
use AllSquare\Core\Sheet\Words;

/**
 * Puts guides along the edges or the centres of items: round all of them, or round each. With an inset they lie that
 * far inside the edges, or outside where it is negative.
 */
final readonly class GuidesFromItems implements Command
{
    private const EDGES = ['left', 'right', 'top', 'bottom'];

    /** @param  list<string>  $edges */
    private function __construct(private array $edges, private float|string $inset, private bool $each, private By $by)
    {
    }

    public static function name(): string
    {
        return 'guides-from-items';
    }

    public static function from(Params $params): self
    {
        $edges = $params->words('edges');

        return new self($edges === [] ? self::EDGES : $edges, $params->length('inset') ?? 0.0, $params->word('as') === 'each', $params->choice('by', By::class) ?? By::Frame);
    }

    public function needs(): Needs
    {
        return new Needs(sorts: [Guide::class]);
    }

    public function run(Draft $draft, array $items): Report
    {
        $ids = Selected::of($draft, $items)->ids;
        $boxes = array_map((new Mover($draft, $this->by))->box(...), $ids);
        $boxes = $this->each ? $boxes : array_filter([Rect::unionOf($boxes)]);
        $guides = new Guides($draft);
        $zero = $draft->sheet()->zero;
        $made = [];
        foreach ($boxes as $box) {
            foreach ($this->edges as $name) {
                $edge = Edge::from($name);
                $axis = $edge->axis();
                $inset = (new Figures($draft))->read($this->inset, $axis, 'inset');
                // Inwards from the edge: onwards from the leading one, back from the trailing one, not at all from the centre.
                $at = $axis->lead($box) + $axis->size($box) * $edge->along() + $inset * (1 - 2 * $edge->along());
                if (! $guides->isThere($axis, $at)) {
                    $made[] = $guides->add($axis, $at - ($axis === Axis::X ? $zero->x : $zero->y))->id;
                }
            }
        }
        if ($made === [] && $ids !== []) {
            throw Refusal::because('There are guides there already.', 'edges');
        }

        return new Report('Put '.(count($made) === 1 ? '1 guide' : count($made).' guides').' along '.Words::of($draft, $ids), $items, ['guides' => $made]);
    }
}
