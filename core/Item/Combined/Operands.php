<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Combined;

use AllSquare\Core\Item\Painting\Branch;
use AllSquare\Core\Item\Painting\GivesPath;
use AllSquare\Core\Item\Painting\Painters;
use AllSquare\Core\Path\Combining\Combination;
use AllSquare\Core\Path\Combining\How;
use AllSquare\Core\Path\Path;
use AllSquare\Core\Text\FontLibrary;

/** The shapes in a combined one. */
final readonly class Operands
{
    public function __construct(private Branch $branch, private FontLibrary $fonts)
    {
    }

    /** Changes when what comes of them does. */
    public function hash(): string
    {
        $inside = [];
        foreach ($this->shown() as $held) {
            $item = $held->item();
            $inside[] = [Painters::hash($held), $item->frame->x, $item->frame->y, $item->angle, $item->flip];
        }

        return hash('xxh64', serialize([$this->branch->item()->word('how'), $inside]));
    }

    /** In the space they lie in; hidden ones count for nothing. */
    public function combined(): Path
    {
        $painters = new Painters($this->fonts);
        $shapes = [];
        foreach ($this->shown() as $held) {
            $item = $held->item();
            $painter = $painters->of($item);
            $path = $painter instanceof GivesPath ? $painter->path($item) : null;
            $shapes[] = [($path ?? new Path([]))->mapped($item->paintedToParent()->apply(...)), $painter instanceof GivesPath ? $painter->rule($item) : 'nonzero'];
        }

        return $shapes === [] ? new Path([]) : Combination::of($shapes, How::from($this->branch->item()->word('how')));
    }

    /** @return list<Branch> */
    private function shown(): array
    {
        return array_values(array_filter([...$this->branch->inside()], static fn (Branch $held): bool => ! $held->item()->hidden));
    }
}
