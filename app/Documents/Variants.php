<?php

declare(strict_types=1);

namespace App\Documents;

use AllSquare\Core\Item\Naming;
use AllSquare\Core\Refusal;
use App\Models\Document;
use App\Models\Sheet;
use Illuminate\Support\Facades\DB;
use LogicException;

/** Other arrangements of a sheet, or of some things on it, kept beside it until one is chosen. */
final readonly class Variants
{
    public function __construct(private SheetBook $book, private SheetCopier $copier)
    {
    }

    /**
     * A copy right after its source. Its things are known to be the same, whatever is done to them.
     *
     * @param  list<string>  $items  those that it is about; none for the whole sheet
     */
    public function add(Sheet $sheet, ?string $name, array $items): Sheet
    {
        $document = $this->documentOf($sheet);
        $added = null;
        $this->book->change($document, function () use ($document, $sheet, $name, $items, &$added): array {
            $this->book->refuseMore($document);
            $sheet = $this->book->present($sheet);
            if (DB::table('items')->where('sheet_id', $sheet->id)->whereIn('id', $items)->count() < count(array_unique($items))) {
                throw Refusal::because('Not all of these lie on the sheet.', 'items');
            }
            $named = $name === null ? $this->book->freeName($document, $sheet->name, ', variant') : Naming::checked($name);
            $added = $this->copier->copy($sheet, $named);
            $added->forceFill(['variant' => ['of' => $sheet->id, 'items' => $items]])->save();
            $order = $document->sheets()->pluck('id')->all();
            array_splice($order, (int) array_search($sheet->id, $order, true) + 1, 0, [$added->id]);

            return [$added->id, 'add-variant', sprintf('Made "%s", a variant of "%s"', $named, $sheet->name), [
                ['sheets', $added->id, ['removed' => 1], ['removed' => 0]],
                ...SheetBook::positions($order),
            ]];
        });

        return $added?->refresh() ?? throw new LogicException('A variant is made, or it is refused.');
    }

    /** Puts the other one away, and takes its name and place where this was made as its variant. One line of the history. */
    public function choose(Sheet $sheet, string $over): Sheet
    {
        $document = $this->documentOf($sheet);
        $this->book->change($document, function () use ($document, $sheet, $over): array {
            $sheet = $this->book->present($sheet);
            $other = $document->sheets()->where('id', '!=', $sheet->id)->find($over) ?? throw Refusal::because('There is no such sheet in this document.', 'over');
            $isVariant = ($sheet->variant['of'] ?? null) === $other->id;
            $order = array_values(array_diff($document->sheets()->pluck('id')->all(), [$other->id]));
            $name = $isVariant ? [['sheets', $sheet->id, ['name' => $sheet->name, 'variant' => $sheet->getRawOriginal('variant')], ['name' => $other->name, 'variant' => null]]] : [];

            return [$sheet->id, 'choose-variant', sprintf('Chose "%s" and put "%s" away', $sheet->name, $other->name), [
                ['sheets', $other->id, ['removed' => 0], ['removed' => 1]],
                ...$name,
                ...SheetBook::positions($order),
            ]];
        });

        return $sheet->refresh();
    }

    private function documentOf(Sheet $sheet): Document
    {
        return Document::query()->findOrFail($sheet->document_id);
    }
}
