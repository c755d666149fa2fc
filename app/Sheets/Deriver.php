<?php

declare(strict_types=1);

namespace App\Sheets;

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
     * @return list<stdClass> the rows that are not as they were, in tree order; with `painting` only where that changed
     */
    public function derive(Tree $tree, array $touched, array $also = [], array $refitted = []): array
    {
        $also = array_values(array_filter($also, $tree->has(...)));
        // A group that something changed in may have been moved itself: then all that is in it lies elsewhere.
        $affected = Derivation::affected($tree, [...$touched, ...$also], [...$refitted, ...array_diff($also, $touched)]);
        $stored = $this->loader->derived($affected);
        $derivation = new Derivation($tree, $this->fonts, ...$this->loader->inks($this->inside($tree, $affected)));
        $isTouched = array_flip($touched);
        $rows = $written = [];
        foreach ($affected as $id) {
            $was = $stored[$id] ?? null;
            $derived = $derivation->of($id, $was?->paint_hash);
            // What looks alike is written once.
            [$drawn, $painting] = $derived->painting === null ? [null, null] : $written[$derived->paintHash] ??= self::written($derived->painting);
            $columns = ItemRows::derivedColumns($derived, $painting);
            if (isset($isTouched[$id]) || $was === null || self::differs($columns, $was)) {
                $rows[$id] = (object) ['id' => $id, ...ItemRows::columns($tree->item($id)), ...$columns, ItemRows::DRAWN => $drawn];
            }
        }
        if (count($rows) > 1) {
            $order = array_flip($tree->inOrder());
            uksort($rows, static fn (string $a, string $b): int => $order[$a] <=> $order[$b]);
        }

        return array_values($rows);
    }

    /** @return array{array<string, mixed>, string} a painting as it is sent, and as it is stored */
    private static function written(Painting $painting): array
    {
        $drawn = $painting->toArray();

        return [$drawn, json_encode((object) $drawn, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)];
    }

    /** @param  array<string, mixed>  $columns as ItemRows::derivedColumns gives them */
    private static function differs(array $columns, stdClass $was): bool
    {
        foreach ($columns as $name => $value) {
            if ($value !== ($was->{$name} ?? null)) {
                return true;
            }
        }

        return false;
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
