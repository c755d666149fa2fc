<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Measure\Boxes;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Slice\Slice;
use AllSquare\Core\Slice\Slices;

/** Cuts slices: one given by figures, or one for each item. */
final readonly class AddSlice implements Command
{
    private function __construct(private Params $params)
    {
    }

    public static function name(): string
    {
        return 'add-slice';
    }

    public static function from(Params $params): self
    {
        return new self($params);
    }

    public function needs(): Needs
    {
        return new Needs(slices: true);
    }

    public function run(Draft $draft, array $items): Report
    {
        $typed = array_intersect_key($this->params->all(), array_flip(['x', 'y', 'w', 'h']));
        if ($items === [] && count($typed) < 4) {
            throw Refusal::because('Give x, y, w and h, or select the items to cut.', 'params');
        }
        $made = $items === [] ? [$this->typed($draft)] : $this->fromItems($draft, $items);
        $summary = count($made) === 1
            ? sprintf('Cut slice "%s": %s × %s at %s, %s', $made[0]->name, ...array_map(Length::text(...), [$made[0]->box->w, $made[0]->box->h, $made[0]->box->x, $made[0]->box->y]))
            : 'Cut '.count($made).' slices from '.Words::of($draft, Selected::of($draft, $items)->ids);

        return new Report($summary, $items, ['slices' => array_map(static fn (Slice $slice): string => $slice->id, $made)]);
    }

    private function typed(Draft $draft): Slice
    {
        $figures = new Figures($draft);
        $slices = new Slices($draft);

        return $slices->add($slices->free($this->params->word('name') ?? 'slice'), Slices::checked(new Rect(
            $figures->read($this->params->length('x') ?? 0.0, Axis::X, 'x'),
            $figures->read($this->params->length('y') ?? 0.0, Axis::Y, 'y'),
            $figures->size($this->params->length('w') ?? 0.0, Axis::X, 'w'),
            $figures->size($this->params->length('h') ?? 0.0, Axis::Y, 'h'),
        )));
    }

    /**
     * One for each item, out to whole pixels round its bounds.
     *
     * @param  list<string>  $items
     * @return non-empty-list<Slice>
     */
    private function fromItems(Draft $draft, array $items): array
    {
        $boxes = new Boxes($draft->tree, $draft->fonts);
        $slices = new Slices($draft);
        $made = [];
        foreach (Selected::of($draft, $items)->ids as $id) {
            $bounds = $boxes->bounds($id);
            $made[] = $slices->add($slices->free($this->params->word('name') ?? $draft->item($id)->name), Slices::checked(Rect::between(
                floor($bounds->x + Length::SAME),
                floor($bounds->y + Length::SAME),
                ceil($bounds->right() - Length::SAME),
                ceil($bounds->bottom() - Length::SAME),
            )));
        }

        return $made === [] ? throw Refusal::because('Nothing is selected.', 'items') : $made;
    }
}
