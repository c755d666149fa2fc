<?php

declare(strict_types=1);

namespace App\Sheets;

use AllSquare\Core\Measure\Derivation;
use AllSquare\Core\Sheet\Tree;
use AllSquare\Core\Text\FontLibrary;
use App\Models\Item;
use Illuminate\Support\Facades\DB;
use stdClass;

/** Keeps the derived columns of items true, and says which items look different for it. */
final readonly class Deriver
{
    public function __construct(private FontLibrary $fonts, private SheetLoader $loader)
    {
    }

    /**
     * Computes again what follows from these items, and writes it unless this is a dry run.
     *
     * @param  Tree  $tree  as it is now, with the whole branches of these items
     * @param  list<string>  $touched  ids whose base columns have changed
     * @param  list<string>  $also  ids of other items that may look different for it
     * @return list<stdClass> the rows that are not as they were, in tree order; with `svg` only where that changed
     */
    public function derive(Tree $tree, array $touched, bool $write, array $also = []): array
    {
        $derivation = new Derivation($tree, $this->fonts);
        $affected = $derivation->affected([...$touched, ...array_filter($also, $tree->has(...))]);
        $stored = $this->loader->derived($affected);
        $isTouched = array_flip($touched);
        $rows = [];
        foreach ($affected as $id) {
            $was = $stored[$id] ?? null;
            $columns = ItemRows::derivedColumns($derivation->of($id, $was?->paint_hash));
            $differs = $was === null || array_diff_assoc($columns, (array) $was) !== [];
            if ($write && $differs) {
                DB::table('items')->where('id', $id)->update($columns);
            }
            if ($differs || isset($isTouched[$id])) {
                $rows[$id] = (object) ['id' => $id, ...ItemRows::columns($tree->item($id)), ...$columns];
            }
        }
        if (count($rows) > 1) {
            $order = array_flip($tree->inOrder());
            uksort($rows, static fn (string $a, string $b): int => $order[$a] <=> $order[$b]);
        }

        return array_values($rows);
    }

    /** All derived columns of a sheet computed anew, whatever is stored. */
    public function rebuild(string $sheet): int
    {
        $tree = new Tree($this->loader->everything($sheet));
        Item::query()->toBase()->where('sheet_id', $sheet)->update(['paint_hash' => '']);
        $this->derive($tree, array_map(strval(...), array_keys($tree->all())), write: true);

        return count($tree->all());
    }
}
