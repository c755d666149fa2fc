<?php

declare(strict_types=1);

namespace AllSquare\Core\Format;

use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\ItemData;
use AllSquare\Core\Item\Renaming;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Belonging;
use AllSquare\Core\Sheet\Belongings;
use AllSquare\Core\Sheet\SheetContent;
use AllSquare\Core\Sheet\Tree;

/**
 * A document as a JSON file (schema/document-file.json). It holds everything it uses, but for the fonts that ship with the
 * application. The same document is always the same bytes: ids are numbers in painting order, nothing is dated.
 */
final class DocumentFile
{
    public const FORMAT = 'allsquare-document';

    /** more than groups can lie in each other, also where they did before there was a bound */
    private const DEPTH = 4096;

    private const FLAGS = JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES;

    /** @param  array<string, mixed>  $carried  what goes along with it */
    public static function write(DocumentContent $document, array $carried = []): string
    {
        $numbers = array_map(self::numbers(...), $document->sheets);

        return json_encode([
            'format' => self::FORMAT,
            'version' => Editions::CURRENT,
            'name' => $document->name,
            'sheets' => array_map(static fn (SheetContent $content, array $ids): array => self::sheet($content, $ids, self::sources($numbers)), $document->sheets, $numbers),
            ...self::belongings($document->belongings, new Renaming([]), ofDocument: true),
            ...array_filter($carried),
        ], self::FLAGS, self::DEPTH)."\n";
    }

    /**
     * What a file says, in the current edition; DocumentReader makes a document of it.
     *
     * @return array<mixed> as json_decode gives it, to be checked against the schema
     *
     * @throws Refusal when it is no JSON, no document, or one of a later edition
     */
    public static function decode(string $json): array
    {
        $data = json_decode($json, true, 256);
        if (! is_array($data)) {
            throw Refusal::because('This is not a document file: it cannot be read as JSON ('.lcfirst(json_last_error_msg()).').', 'file');
        }

        return Editions::current($data);
    }

    /** @return array<string, string> the numbers in the file by the ids of the items */
    private static function numbers(SheetContent $content): array
    {
        $ids = [];
        foreach ((new Tree($content->items))->inOrder() as $i => $id) {
            $ids[$id] = (string) ($i + 1);
        }

        return $ids;
    }

    /**
     * @param  array<array<string, string>>  $numbers  by sheet
     * @return array<string, string> how what something was copied from is called in the file, by its id
     */
    private static function sources(array $numbers): array
    {
        $sources = [];
        foreach (array_values($numbers) as $sheet => $ids) {
            foreach ($ids as $id => $number) {
                $sources[$id] = ($sheet + 1).":$number";
            }
        }

        return $sources;
    }

    /**
     * @param  array<string, string>  $ids
     * @param  array<string, string>  $sources
     * @return array<string, mixed>
     */
    private static function sheet(SheetContent $content, array $ids, array $sources): array
    {
        $sheet = $content->sheet;
        $tree = new Tree($content->items);

        return [
            'name' => $sheet->name,
            'width' => $sheet->typedWidth,
            'height' => $sheet->typedHeight,
            'unit' => $sheet->unit->value,
            'ppi' => $sheet->ppi,
            'whole_pixels' => $sheet->wholePixels,
            'margins' => $sheet->margins->toArray(),
            'background' => $sheet->background,
            'zero' => ['x' => $sheet->zero->x, 'y' => $sheet->zero->y],
            'unit_of_spacing' => $sheet->unitOfSpacing,
            'grid' => $sheet->grid->toArray(),
            ...($sheet->page === null ? [] : ['page' => $sheet->page]),
            'items' => self::items($tree, null, $ids, $sources),
            ...self::belongings($content->belongings, new Renaming($ids), ofDocument: false),
        ];
    }

    /**
     * @param  array<string, string>  $ids
     * @param  array<string, string>  $sources
     * @return list<array<string, mixed>>
     */
    private static function items(Tree $tree, ?string $parent, array $ids, array $sources): array
    {
        return array_map(static function (Item $item) use ($tree, $ids, $sources): array {
            $inside = self::items($tree, $item->id, $ids, $sources);
            $source = $item->knownAs() === $item->id ? null : $sources[$item->knownAs()] ?? $item->knownAs();
            $item = $item->withFields(isset($item->fields['source']) ? ['source' => $source] : []);

            return ['id' => $ids[$item->id], ...ItemData::write($item), ...($inside === [] ? [] : ['items' => $inside])];
        }, array_values($tree->children($parent)));
    }

    /** @return array<string, list<array<string, mixed>>> by sort */
    private static function belongings(Belongings $all, Renaming $ids, bool $ofDocument): array
    {
        $written = [];
        foreach (Belongings::SORTS as $sort) {
            if ($sort::isOfDocument() === $ofDocument) {
                $written[$sort::sort()] = array_map(static fn (Belonging $one): array => $one->toFile($ids), Belongings::inOrder($all->of($sort)));
            }
        }

        return $written;
    }
}
