<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Slice\Slice;
use AllSquare\Core\Slice\Slices;

/** Renames, moves or sizes slices. */
final readonly class SetSlice implements Command
{
    private function __construct(private Params $params)
    {
    }

    public static function name(): string
    {
        return 'set-slice';
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
        $ids = $this->params->words('slices');
        $slices = new Slices($draft);
        $name = $this->params->word('name');
        if ($name !== null && count($ids) > 1) {
            throw Refusal::because('Names are given to one slice at a time.', 'name');
        }
        foreach ($ids as $id) {
            $slice = $draft->slices->get($id);
            if ($name !== null && $slices->free($name, $id) !== trim($name)) {
                throw Refusal::because(sprintf('There is another slice "%s" on this sheet.', trim($name)), 'name');
            }
            $draft->slices->put($id, new Slice($id, $slice->rank, trim($name ?? $slice->name), Slices::checked($this->box($draft, $slice->box))));
        }
        $only = $draft->slices->get($ids[0]);

        return new Report(count($ids) > 1 ? 'Set '.count($ids).' slices' : sprintf(
            'Set slice "%s": %s × %s at %s, %s',
            $only->name,
            ...array_map(Length::text(...), [$only->box->w, $only->box->h, $only->box->x, $only->box->y]),
        ), $items);
    }

    private function box(Draft $draft, Rect $was): Rect
    {
        $figures = new Figures($draft);
        [$x, $y, $w, $h] = array_map($this->params->length(...), ['x', 'y', 'w', 'h']);

        return new Rect(
            $x === null ? $was->x : $figures->read($x, Axis::X, 'x', null, $was),
            $y === null ? $was->y : $figures->read($y, Axis::Y, 'y', null, $was),
            $w === null ? $was->w : $figures->size($w, Axis::X, 'w', null, $was),
            $h === null ? $was->h : $figures->size($h, Axis::Y, 'h', null, $was),
        );
    }
}
