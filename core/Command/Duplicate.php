<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Arrange\Mover;
use AllSquare\Core\Arrange\Ranks;
use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Item;

/** Copies items; each copy lands directly above its source. */
final readonly class Duplicate implements Command
{
    private function __construct(private float|string $dx, private float|string $dy)
    {
    }

    public static function name(): string
    {
        return 'duplicate';
    }

    public static function from(Params $params): self
    {
        return new self($params->length('dx') ?? 0.0, $params->length('dy') ?? 0.0);
    }

    public function needs(): Needs
    {
        return new Needs(Scope::Order);
    }

    public function run(Draft $draft, array $items): Report
    {
        $selected = Selected::of($draft, $items);
        $figures = new Figures($draft);
        $mover = new Mover($draft);
        $copies = [];
        foreach ($selected->ids as $id) {
            $source = $draft->item($id);
            $siblings = array_map(static fn (Item $item): string => $item->id, $draft->tree->children($source->parent));
            $copy = self::copied($draft, $source, $source->parent);
            (new Ranks($draft))->insert($source->parent, (int) array_search($id, $siblings, true) + 1, [$copy]);
            $dx = $figures->read($this->dx, Axis::X, 'dx', $source);
            $dy = $figures->read($this->dy, Axis::Y, 'dy', $source);
            $box = $mover->box($copy);
            $mover->shift(
                $copy,
                $dx === 0.0 ? 0.0 : $mover->settled($copy, $box->x + $dx) - $box->x,
                $dy === 0.0 ? 0.0 : $mover->settled($copy, $box->y + $dy) - $box->y,
            );
            $copies[] = $copy;
        }

        return new Report('Copied '.Words::of($draft, $selected->ids), $copies);
    }

    /** The id of a copy with copies of all that is in it, unlocked so that it can be put where it belongs. */
    private static function copied(Draft $draft, Item $source, ?string $parent): string
    {
        $id = $draft->nextId();
        $inside = $draft->tree->children($source->id);
        $draft->add($source->with(['id' => $id, 'parent' => $parent, 'locked' => false]));
        foreach ($inside as $child) {
            self::copied($draft, $child, $id);
        }

        return $id;
    }
}
