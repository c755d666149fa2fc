<?php

declare(strict_types=1);

namespace AllSquare\Core\Table;

/** Looks of whole tables to begin with: rules, stripes, and how header and totals stand out. Sizes and alignments stay. */
final class TablePresets
{
    public const NAMES = ['lined', 'striped', 'boxed', 'plain'];

    private const INK = '#20302d';

    private const HAIRLINE = '#d3cdbd';

    private const TINT = '#eef2ee';

    private const SOFT = '#55635e';

    public static function put(string $name, TableData $table): TableData
    {
        [$rules, $zebra, $looks] = match ($name) {
            'lined' => [
                ['across' => new Rule(1.0, self::HAIRLINE), 'header' => new Rule(2.0, self::INK), 'total' => new Rule(1.0, self::INK)],
                null,
                ['header' => ['weight' => 600], 'total' => ['weight' => 600], 'head' => ['weight' => 600]],
            ],
            'striped' => [
                ['header' => new Rule(1.0, self::INK), 'total' => new Rule(1.0, self::INK)],
                self::TINT,
                ['header' => ['weight' => 600], 'total' => ['weight' => 600], 'head' => ['weight' => 600]],
            ],
            'boxed' => [
                ['outside' => new Rule(1.0, self::SOFT), 'across' => new Rule(1.0, self::HAIRLINE), 'down' => new Rule(1.0, self::HAIRLINE), 'header' => new Rule(1.0, self::SOFT), 'total' => new Rule(1.0, self::SOFT)],
                null,
                ['header' => ['weight' => 600, 'ground' => self::TINT], 'total' => ['weight' => 600, 'ground' => self::TINT], 'head' => ['weight' => 600]],
            ],
            default => [[], null, []],
        };
        ksort($rules);
        $kept = ['align', 'stand', 'padding'];
        $all = [];
        foreach (TableData::PARTS as $part) {
            $look = (new CellLook(array_intersect_key($table->looks[$part]->values ?? [], array_flip($kept))))->with($looks[$part] ?? []);
            $all += $look->isEmpty() ? [] : [$part => $look];
        }
        ksort($all);

        return $table->with(['rules' => $rules, 'zebra' => $zebra, 'looks' => $all]);
    }
}
