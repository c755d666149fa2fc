<?php

declare(strict_types=1);

namespace App\Documents;

use AllSquare\Core\Arrange\PageAtWidth;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Item\Naming;
use AllSquare\Core\Item\Twin;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Scope;
use AllSquare\Core\Settle\Settlers;
use AllSquare\Core\Sheet\Draft;
use App\Models\Document;
use App\Models\Sheet;
use App\Sheets\ChangeWriter;
use App\Sheets\Deriver;
use App\Sheets\SheetLoader;
use App\Storage\UlidSource;
use LogicException;

/** The same page at several widths (RULES 13): a sheet for each, whose words, pictures and looks are one. */
final readonly class PageWidths
{
    public function __construct(private SheetBook $book, private SheetCopier $copier, private SheetLoader $loader, private ChangeWriter $writer, private Deriver $deriver, private UlidSource $ids)
    {
    }

    /**
     * A page at another width, proposed from how it lies on a sheet, right after that. One line of the history.
     *
     * @param  float  $width  px
     *
     * @throws Refusal when it is no width of a page, or the page is there at it
     */
    public function add(Sheet $sheet, float $width, ?string $name): Sheet
    {
        $document = Document::query()->findOrFail($sheet->document_id);
        $added = null;
        $this->book->change($document, function () use ($document, $sheet, $width, $name, &$added): array {
            $this->book->refuseMore($document);
            $sheet = $this->book->present($sheet);
            foreach ($sheet->page === null ? [$sheet] : $document->sheets()->where('page', $sheet->page)->get()->all() as $there) {
                if (Length::same($there->toCore()->width(), Length::whole($width))) {
                    throw Refusal::because("Sheet \"$there->name\" shows the page at that width.", 'width');
                }
            }
            $named = $name === null ? sprintf('%s %s', mb_strimwidth($sheet->name, 0, Naming::LONGEST - 10), Length::text($width)) : Naming::checked($name);
            $added = $this->copier->copy($sheet, $named);
            [$from, $to] = [$this->draft($sheet), $this->draft($added)];
            self::link($from, $to, $sheet->page ?? $this->ids->next());
            PageAtWidth::propose($to, $width);
            Settlers::settle($to);
            $done = $to->change();
            $this->writer->write($this->writer->patch($added, $done), $this->deriver->derive($to->tree, $done->touched(), $done->formerParents(), $done->refitted()));
            $order = $document->sheets()->pluck('id')->all();
            array_splice($order, (int) array_search($sheet->id, $order, true) + 1, 0, [$added->id]);

            return [$added->id, 'add-width', sprintf('Made sheet "%s" at %s px of "%s"', $named, Length::text($width), $sheet->name), [
                ['sheets', $added->id, ['removed' => 1], ['removed' => 0]],
                ...SheetBook::positions($order),
                ...$this->writer->patch($sheet, $from->change())->rows,
            ]];
        });

        return $added?->refresh() ?? throw new LogicException('A width is added, or it is refused.');
    }

    private function draft(Sheet $sheet): Draft
    {
        return $this->loader->draft($sheet, new Needs(Scope::Whole), []);
    }

    /** What lies on both, in the same order since one is a copy of the other, is one. */
    private static function link(Draft $from, Draft $to, string $page): void
    {
        $copies = $to->tree->inOrder();
        foreach ($from->tree->inOrder() as $i => $id) {
            $twin = $from->item($id)->twin() ?? new Twin($from->nextId(), 'page');
            foreach ($twin->runs() ? [] : [[$from, $id], [$to, $copies[$i]]] as [$draft, $one]) {
                $draft->put($draft->item($one)->withFields(['twin' => $twin]));
            }
        }
        foreach ([$from, $to] as $draft) {
            $draft->putSheet($draft->sheet()->with(['page' => $page]));
        }
    }
}
