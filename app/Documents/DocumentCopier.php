<?php

declare(strict_types=1);

namespace App\Documents;

use AllSquare\Core\Item\Naming;
use AllSquare\Core\Sheet\Belongings;
use App\Models\Document;
use App\Storage\UlidSource;
use Illuminate\Support\Facades\DB;

/** Copies a document with its sheets, without its history. */
final readonly class DocumentCopier
{
    public function __construct(private SheetCopier $sheets, private UlidSource $ids)
    {
    }

    public function copy(Document $document): Document
    {
        return DB::transaction(function () use ($document): Document {
            $copy = Document::query()->create(['name' => mb_strimwidth($document->name, 0, Naming::LONGEST - 5).' copy']);
            foreach ($document->sheets()->get() as $sheet) {
                $this->sheets->copy($sheet, $sheet->name, $copy->id);
            }
            foreach (array_filter(Belongings::SORTS, static fn (string $sort): bool => $sort::isOfDocument()) as $sort) {
                $table = $sort::sort();
                foreach (DB::table($table)->where('document_id', $document->id)->orderBy('id')->get() as $row) {
                    DB::table($table)->insert([...(array) $row, 'id' => $this->ids->next(), 'document_id' => $copy->id]);
                }
            }

            return $copy;
        });
    }
}
