<?php

declare(strict_types=1);

namespace AllSquare\Core\Points;

use AllSquare\Core\Geometry\Matrix;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Item\Field\PathField;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Traits\HasPoints;
use AllSquare\Core\Path\Path;
use AllSquare\Core\Path\Subpath;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Words;

/** A path of a sheet whose points are changed. */
final readonly class EditedPath
{
    private function __construct(private Draft $draft, public Item $item, private HasPoints $kind)
    {
    }

    /** @throws Refusal when it has no points, or is locked */
    public static function of(Draft $draft, string $id): self
    {
        $item = $draft->item($id);
        if (! $item->kind instanceof HasPoints) {
            throw Refusal::because(Words::quoted($item).' is a '.$item->kind->noun(1).'. Turn it into a path first: then its points can be edited.', 'points');
        }
        if ($draft->tree->isLocked($id)) {
            throw Refusal::because(Words::quoted($item).' is locked. Unlock it first.', 'points');
        }

        return new self($draft, $item, $item->kind);
    }

    public function path(): Path
    {
        return $this->kind->path($this->item);
    }

    /** @throws Refusal when there is no such run */
    public function run(int $run): Subpath
    {
        return $this->path()->subpaths[$run] ?? throw Refusal::because(Words::quoted($this->item).' has no such points any more.', 'points');
    }

    /** @throws Refusal when there is no such point */
    public function place(PointRef $ref): Point
    {
        $point = $this->run($ref->run)->points[$ref->point] ?? throw Refusal::because(Words::quoted($this->item).' has no such point any more.', 'points');

        return match ($ref->control) {
            'in' => $point->in,
            'out' => $point->out,
            default => $point->at,
        } ?? throw Refusal::because('The curve has no such control point.', 'points');
    }

    /** From the path's points to the sheet. */
    public function toSheet(): Matrix
    {
        return $this->draft->tree->toSheet($this->item->parent)->after($this->item->paintedToParent());
    }

    /** Puts the path with other points, its frame fitted to them. Nothing is left of one without a part. */
    public function put(Path $path): void
    {
        $left = new Path(array_values(array_filter($path->subpaths, static fn (Subpath $run): bool => $run->countParts() > 0)));
        if ($left->subpaths === []) {
            $this->draft->remove($this->item->id);

            return;
        }
        PathField::check($left);
        $this->draft->put($this->kind->withPath($this->item, $left)->fitted($this->draft->sheet()->wholePixels, $this->draft->fonts));
    }

    public function said(): string
    {
        return Words::quoted($this->item);
    }
}
