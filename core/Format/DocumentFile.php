<?php

declare(strict_types=1);

namespace AllSquare\Core\Format;

use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\ItemData;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Dimension;
use AllSquare\Core\Sheet\Guide;
use AllSquare\Core\Sheet\NamedGrid;
use AllSquare\Core\Sheet\Preset;
use AllSquare\Core\Sheet\Slice;
use AllSquare\Core\Sheet\Tree;

/**
 * A document as a JSON file (schema/document-file.json). It holds everything it uses; its fonts are those that ship with the
 * application. The same document is always the same bytes: ids are numbers in painting order, nothing is dated.
 */
final class DocumentFile
{
    public const FORMAT = 'allsquare-document';

    /** more than groups can lie in each other, also where they did before there was a bound */
    private const DEPTH = 4096;

    private const FLAGS = JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES;

    public static function write(DocumentContent $document): string
    {
        return json_encode([
            'format' => self::FORMAT,
            'version' => Editions::CURRENT,
            'name' => $document->name,
            'sheets' => array_map(self::sheet(...), $document->sheets),
            'grids' => array_map(static fn (NamedGrid $grid): array => ['name' => $grid->name, ...$grid->toArray()], $document->grids),
            'presets' => array_map(static fn (Preset $preset): array => ['name' => $preset->name, ...$preset->settings->toArray()], $document->presets),
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

    /** @return array<string, mixed> */
    private static function sheet(SheetContent $content): array
    {
        $sheet = $content->sheet;
        $tree = new Tree($content->items);
        /** @var array<string, string> $ids the numbers in the file by the ids of the items */
        $ids = [];
        foreach ($tree->inOrder() as $i => $id) {
            $ids[$id] = (string) ($i + 1);
        }

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
            'items' => self::items($tree, null, $ids),
            'guides' => array_map(static fn (Guide $guide): array => ['axis' => $guide->axis->value, 'at' => $guide->at, ...($guide->locked ? ['locked' => true] : [])], $content->guides),
            'dimensions' => array_map(static fn (Dimension $dimension): array => [
                'a' => $ids[$dimension->a] ?? $dimension->a, 'b' => $ids[$dimension->b] ?? $dimension->b, 'axis' => $dimension->axis, 'by' => $dimension->by->value,
            ], $content->dimensions),
            'slices' => array_map(static fn (Slice $slice): array => self::slice($slice, $ids), $content->slices),
        ];
    }

    /**
     * @param  array<string, string>  $ids
     * @return list<array<string, mixed>>
     */
    private static function items(Tree $tree, ?string $parent, array $ids): array
    {
        return array_map(static function (Item $item) use ($tree, $ids): array {
            $inside = self::items($tree, $item->id, $ids);

            return ['id' => $ids[$item->id], ...ItemData::write($item), ...($inside === [] ? [] : ['items' => $inside])];
        }, array_values($tree->children($parent)));
    }

    /**
     * @param  array<string, string>  $ids
     * @return array<string, mixed>
     */
    private static function slice(Slice $slice, array $ids): array
    {
        $cut = $slice->cut->toArray();
        $cut['items'] = array_values(array_filter(array_map(static fn (string $id): ?string => $ids[$id] ?? null, $slice->cut->items)));

        return ['name' => $slice->name, ...$slice->box->toArray(), ...array_filter($cut, static fn (mixed $value): bool => ! in_array($value, [null, false, [], 0.0], true))];
    }
}
