<?php

declare(strict_types=1);

namespace App\Sheets;

use AllSquare\Core\Geometry\Flip;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Painting\Painting;
use AllSquare\Core\Measure\Derivation;
use AllSquare\Core\Sheet\Tree;
use AllSquare\Core\Text\FontLibrary;
use App\Models\Item;
use App\Storage\ItemRows;
use stdClass;

/** Computes the derived columns of items, and says which items look different after a change. */
final readonly class Deriver
{
    public function __construct(private FontLibrary $fonts, private SheetLoader $loader, private ChangeWriter $writer)
    {
    }

    /**
     * Computes again what follows from these items.
     *
     * @param  Tree  $tree  as it is now, with the whole branches of these items
     * @param  list<string>  $touched  ids whose base columns have changed
     * @param  list<string>  $also  ids of other items that may look different for it
     * @param  list<string>  $refitted  those groups among them that only got another frame
     * @param  array<string, Point>  $moved  px that those moved which are as they were but for that, by id
     * @return list<stdClass> the rows that are not as they were, in tree order; with `painting` only where that changed
     */
    public function derive(Tree $tree, array $touched, array $also = [], array $refitted = [], array $moved = []): array
    {
        $also = array_values(array_filter($also, $tree->has(...)));
        // A group that something changed in may have been moved itself: then all that is in it lies elsewhere.
        $affected = Derivation::affected($tree, [...$touched, ...$also], [...$refitted, ...array_diff($also, $touched)]);
        $stored = $this->loader->derived($affected);
        [$inks, $shadows] = $this->loader->inks($this->inside($tree, $affected));
        foreach (array_intersect_key($moved, $stored) as $id => $by) {
            $was = self::box($stored[$id], 'ink');
            // Where shadows fall, and what is seen in a mirror, is not reckoned in its own space.
            if ($was->same(self::box($stored[$id], 'painted')) && $tree->item($id)->flip === Flip::None) {
                $inks[$id] = (int) $stored[$id]->paints === 0 ? null : $was->moved($by->x, $by->y)->rounded();
            }
        }
        $derivation = new Derivation($tree, $this->fonts, $inks, $shadows);
        $isTouched = array_flip($touched);
        $rows = $written = [];
        foreach ($affected as $id) {
            $was = $stored[$id] ?? null;
            $derived = $derivation->of($id, $was?->paint_hash, isset($moved[$id]));
            // What looks alike is written once.
            [$drawn, $painting] = $derived->painting === null ? [null, null] : $written[$derived->paintHash] ??= self::written($derived->painting);
            $columns = ItemRows::derivedColumns($derived, $painting);
            $changed = $was === null ? $columns : self::changed($columns, $was);
            if (isset($isTouched[$id]) || $changed !== []) {
                $rows[$id] = (object) ['id' => $id, ...ItemRows::shown($tree->item($id)), ...$columns, ItemRows::DRAWN => $drawn, ItemRows::CHANGED => $changed];
            }
        }
        if (count($rows) > 1) {
            $order = array_flip($tree->inOrder());
            uksort($rows, static fn (string $a, string $b): int => $order[$a] <=> $order[$b]);
        }

        return array_values($rows);
    }

    private static function box(stdClass $row, string $name): Rect
    {
        return new Rect((float) $row->{"{$name}_x"}, (float) $row->{"{$name}_y"}, (float) $row->{"{$name}_w"}, (float) $row->{"{$name}_h"});
    }

    /** @return array{array<string, mixed>, string} a painting as it is sent, and as it is stored */
    private static function written(Painting $painting): array
    {
        $drawn = $painting->toArray();

        return [$drawn, json_encode((object) $drawn, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)];
    }

    /**
     * @param  array<string, mixed>  $columns  as ItemRows::derivedColumns gives them
     * @return array<string, mixed> those that are stored otherwise
     */
    private static function changed(array $columns, stdClass $was): array
    {
        return array_filter($columns, static fn (mixed $value, string $name): bool => $value !== ($was->{$name} ?? null), ARRAY_FILTER_USE_BOTH);
    }

    /**
     * @param  list<string>  $affected
     * @return list<string> what lies directly in affected groups and is itself as it was
     */
    private function inside(Tree $tree, array $affected): array
    {
        $isAffected = array_flip($affected);
        $inside = [];
        foreach ($affected as $id) {
            foreach ($tree->children($id) as $child) {
                if (! isset($isAffected[$child->id]) && ! ($child->holdsItems() && $child->hidden)) {
                    $inside[] = $child->id;
                }
            }
        }

        return $inside;
    }

    /** All derived columns of a sheet computed anew, whatever is stored. */
    public function rebuild(string $sheet): int
    {
        // Written first, so that the lock is taken before anything is read.
        Item::query()->toBase()->where('sheet_id', $sheet)->update(['paint_hash' => '']);
        $tree = new Tree($this->loader->everything($sheet));
        $this->writer->writeDerived($this->derive($tree, array_map(strval(...), array_keys($tree->all()))));

        return count($tree->all());
    }
}
