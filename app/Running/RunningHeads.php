<?php

declare(strict_types=1);

namespace App\Running;

use AllSquare\Core\Arrange\Twins;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Running\Execution;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Scope;
use AllSquare\Core\Sheet\Change;
use App\Models\Sheet;
use App\Sheets\ChangeWriter;
use App\Sheets\Deriver;
use App\Sheets\SheetLoader;

/** Brings what runs along the head and the foot of every sheet of a document to a new one. */
final readonly class RunningHeads
{
    public function __construct(private SheetLoader $loader, private ChangeWriter $writer, private Deriver $deriver)
    {
    }

    public function bring(Sheet $to): void
    {
        $other = Sheet::there()->where('document_id', $to->document_id)->where('id', '!=', $to->id)->get()->sortBy('position')->first();
        if ($other === null) {
            return;
        }
        $from = $this->loader->draft($other, new Needs(Scope::Whole), []);
        $running = array_filter($from->tree->all(), static fn (Item $item): bool => $item->twin() !== null);
        $change = new Change(array_map(static fn (Item $item): array => [null, $item], $running), null);
        if (Twins::in($change) === []) {
            return;
        }
        $draft = $this->loader->draft($to, new Needs(Scope::Whole), []);
        $done = Execution::twins($from, $change, $draft);
        $this->writer->write($this->writer->patch($to, $done->change), $this->deriver->derive($draft->tree, $done->change->touched(), $done->change->formerParents(), $done->change->refitted()));
    }
}
