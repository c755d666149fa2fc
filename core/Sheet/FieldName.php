<?php

declare(strict_types=1);

namespace AllSquare\Core\Sheet;

use AllSquare\Core\Item\Field\Field;
use AllSquare\Core\Item\Kinds;

/** What a parameter is called in a sentence: people never see the name that it has in the API. */
final class FieldName
{
    private const SAID = [
        'x' => 'x', 'y' => 'y', 'w' => 'the width', 'h' => 'the height', 'dx' => 'the distance across', 'dy' => 'the distance down',
        'cx' => 'x of the centre', 'cy' => 'y of the centre', 'frame' => 'the frame', 'items' => 'the selection', 'params' => 'what was asked for',
        'columns.count' => 'the number of columns', 'rows.count' => 'the number of rows', 'columns.gutter' => 'the gutter between columns', 'rows.gutter' => 'the gutter between rows',
        'columns' => 'the list of columns', 'rows' => 'the list of rows', 'count' => 'the number', 'column_gap' => 'the gap between columns', 'row_gap' => 'the gap between rows',
        'ppi' => 'the resolution (ppi)', 'sweep' => 'the sweep', 'start' => 'the start angle', 'every' => 'the step between front items',
        'baseline' => 'the baseline grid', 'module' => 'the module',
        'background' => 'the background',
        'scales' => 'a size to paint at', 'formats' => 'a format', 'quality' => 'the quality', 'by' => 'the box to go by', 'as' => 'the choice between each and one',
        'a' => 'the first thing', 'b' => 'the second thing', 'to' => 'what to go to', 'at' => 'the place', 'value' => 'the value', 'gaps' => 'the gap', 'list' => 'the list of figures',
        'key' => 'the key of the request', 'run' => 'the run of the request', 'dry' => 'the wish to rehearse',
    ];

    /** @var array<string, string>|null */
    private static ?array $ofFields = null;

    /** @param  string  $path  as errors name it: "columns.count", "items.3" */
    public static function of(string $path): string
    {
        $steps = array_values(array_filter(explode('.', $path), static fn (string $step): bool => ! is_numeric($step)));
        $last = $steps === [] ? '' : $steps[count($steps) - 1];

        return self::SAID[$path] ?? self::noun(implode('.', array_slice($steps, -2))) ?? self::noun($last) ?? 'the '.str_replace(['_', '-'], ' ', $last);
    }

    private static function noun(string $name): ?string
    {
        if (self::$ofFields === null) {
            self::$ofFields = array_merge(...array_map(static fn (Field $field): array => $field->nouns(), array_values(Kinds::fields())));
        }

        return self::SAID[$name] ?? self::$ofFields[$name] ?? null;
    }

    /** As the first words of a sentence. */
    public static function first(string $path): string
    {
        return ucfirst(self::of($path));
    }
}
