<?php

declare(strict_types=1);

namespace App\Documents;

use AllSquare\Core\Format\DocumentContent;
use AllSquare\Core\Format\DocumentFile;
use AllSquare\Core\Format\DocumentReader;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Belonging;
use AllSquare\Core\Sheet\Belongings;
use AllSquare\Core\Sheet\Change;
use AllSquare\Core\Sheet\SheetContent;
use AllSquare\Core\Sheet\Tree;
use AllSquare\Core\Text\FontLibrary;
use App\Contract\InvalidRequest;
use App\Contract\Schemas;
use App\Models\Document;
use App\Models\Sheet;
use App\Pictures\Mentions;
use App\Sheets\ChangeWriter;
use App\Sheets\Deriver;
use App\Sheets\SheetLoader;
use App\Storage\UlidSource;
use Illuminate\Support\Facades\DB;

/** Documents as JSON files: written, and opened as new documents. */
final readonly class DocumentFiles
{
    public function __construct(private SheetLoader $loader, private ChangeWriter $writer, private Deriver $deriver, private Schemas $schemas, private FontLibrary $fonts, private CarriedFonts $carried, private CarriedPictures $pictures, private UlidSource $ids)
    {
    }

    /** @param  bool  $alone  whether its pictures stand in it; else they lie beside it */
    public function write(Document $document, bool $alone = true): string
    {
        return DB::transaction(function () use ($document, $alone): string {
            $content = new DocumentContent(
                $document->name,
                array_values($document->sheets->map(fn (Sheet $sheet): SheetContent => new SheetContent(
                    $sheet->toCore(), $this->loader->everything($sheet->id), $this->belongings($sheet->id, ofDocument: false),
                ))->all()),
                $this->belongings($document->id, ofDocument: true),
            );

            $fonts = ['font_files' => $this->carried->of($content)];
            $file = DocumentFile::write($content, $fonts);
            $shown = Mentions::in($file);

            return $shown === [] ? $file : DocumentFile::write($content, $fonts + ['picture_files' => $this->pictures->of($shown, $alone)]);
        });
    }

    /** @return list<Belonging> */
    private function belongings(string $owner, bool $ofDocument): array
    {
        $sorts = array_filter(Belongings::SORTS, static fn (string $sort): bool => $sort::isOfDocument() === $ofDocument);

        return array_merge(...array_map(fn (string $sort): array => $this->loader->belongingTo($sort, $owner), array_values($sorts)));
    }

    /**
     * @param  callable(string): (string|null)|null  $beside  gives the file of a picture that lies beside it
     *
     * @throws InvalidRequest when it does not follow the schema
     * @throws Refusal when it is no document, or something in it cannot be; nothing of it is then kept
     */
    public function open(string $json, ?callable $beside = null): Document
    {
        $data = DocumentFile::decode($json);
        $this->schemas->check(json_decode(json_encode($data, JSON_THROW_ON_ERROR), flags: JSON_THROW_ON_ERROR), 'document-file');

        return DB::transaction(function () use ($data, $beside): Document {
            return $this->keep((new DocumentReader($this->fonts, $this->ids))->read($this->pictures->taken($this->carried->taken($data), $beside ?? static fn (): null => null)));
        });
    }

    /** Keeps a document that has just been made. */
    public function keep(DocumentContent $content): Document
    {
        return DB::transaction(function () use ($content): Document {
            $document = Document::query()->create(['name' => $content->name]);
            foreach ($content->sheets as $position => $sheet) {
                $this->store($document, $sheet, $position, $position === 0 ? $content : null);
            }

            return $document;
        });
    }

    /** @param  DocumentContent|null  $with  what belongs to the document itself, which is stored along with its first sheet */
    private function store(Document $document, SheetContent $content, int $position, ?DocumentContent $with): void
    {
        $core = $content->sheet;
        Sheet::query()->create(['id' => $core->id, 'document_id' => $document->id, 'position' => $position, ...Sheet::columns($core)]);
        $sheet = Sheet::query()->findOrFail($core->id);
        $items = [];
        foreach ($content->items as $item) {
            $items[$item->id] = [null, $item];
        }
        $belongings = [];
        foreach (Belongings::SORTS as $sort) {
            foreach ([...$content->belongings->of($sort), ...($with?->belongings->of($sort) ?? [])] as $id => $one) {
                $belongings[$sort][$id] = [null, $one];
            }
        }
        $rows = $this->deriver->derive(new Tree($content->items), array_map(strval(...), array_keys($items)));
        $this->writer->write($this->writer->patch($sheet, new Change($items, null, $belongings)), $rows);
    }
}
