<?php

declare(strict_types=1);

namespace AllSquare\Core\Check;

use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Naming;
use AllSquare\Core\Item\Traits\HasWords;
use AllSquare\Core\Sheet\Words;

/** Things that slices follow, and that have no name of their own yet. */
final class UnnamedSlices implements Check
{
    public function about(): About
    {
        return new About('unnamed', 'Names left as made');
    }

    public function find(Looked $at): iterable
    {
        foreach ($at->slices() as $slice) {
            $id = $slice->cut->items[0] ?? null;
            if ($id === null || ! $slice->cut->follows || ! isset($at->place[$id])) {
                continue;
            }
            $item = $at->tree->item($id);
            // As it was when it was made: "Box", or "Box 3".
            if (preg_match('/^'.preg_quote(ucfirst($item->kind->noun(1)), '/').'( \d+)?$/i', $item->name) !== 1) {
                continue;
            }
            $words = $this->words($at, $item);
            yield new Finding(
                'unnamed', [$id], $at->placed($id)->box, sprintf('%s is still called as it was made', Words::quoted($item)),
                'A slice that is handed over follows it: the file is called so.'.($words === null ? '' : sprintf(' What is in it says "%s".', $words)),
                null, null, $words === null ? [] : [new Fix('set', [$id], ['name' => $words])],
            );
        }
    }

    /** The first words in it. */
    private function words(Looked $at, Item $item): ?string
    {
        foreach ($at->tree->descendants($item->id) as $inside) {
            if ($inside->kind instanceof HasWords && trim($inside->kind->words($inside)) !== '') {
                return Naming::line($inside->kind->words($inside));
            }
        }

        return null;
    }
}
