<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Item\Field\PathField;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Kinds;
use AllSquare\Core\Item\Painting\GivesPath;
use AllSquare\Core\Item\Painting\Painters;
use AllSquare\Core\Item\Traits\HasPoints;
use AllSquare\Core\Item\Traits\HasWords;
use AllSquare\Core\Item\Traits\WordsInBox;
use AllSquare\Core\Path\Path;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Selected;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Words;

/** Turns shapes and texts into paths, which look the same and can be edited point by point. */
final readonly class ToPath implements Command
{
    public static function name(): string
    {
        return 'to-path';
    }

    public static function from(Params $params): self
    {
        return new self;
    }

    public function needs(): Needs
    {
        return new Needs;
    }

    public function run(Draft $draft, array $items): Report
    {
        $selected = Selected::changeable($draft, $items);
        $painters = new Painters($draft->fonts);
        $turned = [];
        foreach ($selected->ids as $id) {
            $item = $draft->item($id);
            $painter = $painters->of($item);
            if (! $painter instanceof GivesPath || $item->kind instanceof HasPoints) {
                continue;
            }
            $path = $painter->path($item) ?? throw Refusal::because(Words::quoted($item).($item->kind instanceof HasWords ? ' says nothing' : ' has no size').', so that there is nothing to make a path of.', 'items');
            if ($item->kind instanceof WordsInBox && $item->kind->box($item) !== null) {
                throw Refusal::because(Words::quoted($item).' stands in a box: one path cannot be both. Take the fill and the outline of its box away first, or combine it with another shape.', 'items');
            }
            PathField::check($path);
            $turned[$id] = $this->path($draft, $item, $path->moved(-$item->origin->x, -$item->origin->y), $painter->rule($item));
        }
        if ($turned === []) {
            throw Refusal::because('There is nothing among what is selected that can be turned into a path.', 'items');
        }
        $said = Words::of($draft, array_map(strval(...), array_keys($turned)));
        foreach ($turned as $id => $path) {
            foreach ($draft->tree->descendants((string) $id) as $inside) {
                $draft->remove($inside->id);
            }
            $draft->put($path);
        }

        return new Report("Turned $said into ".(count($turned) === 1 ? 'a path' : 'paths'), $selected->ids);
    }

    private function path(Draft $draft, Item $item, Path $path, string $rule): Item
    {
        $kind = Kinds::ofPaths();
        $look = array_intersect_key($item->fields, array_flip(['fill', 'outline', 'shadow', 'opacity']));

        return $item->with([
            'kind' => $kind,
            'origin' => new Point(0.0, 0.0),
            'fields' => [...$kind->fields()->defaults, 'fill' => null, 'outline' => null, ...$look, 'subpaths' => $path, 'rule' => $rule],
        ])->fitted($draft->sheet()->wholePixels, $draft->fonts);
    }
}
