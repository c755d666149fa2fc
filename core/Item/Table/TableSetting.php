<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Table;

use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Look\Fills;
use AllSquare\Core\Item\Text\PlacedPiece;
use AllSquare\Core\Item\Text\Typesetting;
use AllSquare\Core\Table\CellLook;
use AllSquare\Core\Table\CellStyles;
use AllSquare\Core\Table\CellTexts;
use AllSquare\Core\Table\PlacedCell;
use AllSquare\Core\Table\TableData;
use AllSquare\Core\Table\TableLayout;
use AllSquare\Core\Text\FontLibrary;
use AllSquare\Core\Text\Setting\LetterStyle;
use AllSquare\Core\Text\Setting\Setter;
use AllSquare\Core\Text\Setting\StyledText;
use WeakMap;

/** How the cells of a table item are set in its letters. */
final class TableSetting
{
    /** @var WeakMap<FontLibrary, CellTexts>|null words as they were set, by the fonts that they are set in */
    private static ?WeakMap $texts = null;

    /** @var WeakMap<TableData, array{string, TableLayout}>|null what was laid out last: a table is fitted, measured and painted in turn */
    private static ?WeakMap $last = null;

    public static function of(Item $item): TableData
    {
        $table = $item->fields['table'] ?? null;

        return $table instanceof TableData ? $table : TableData::empty(1, 1);
    }

    public static function layout(Item $item, FontLibrary $fonts): TableLayout
    {
        $table = self::of($item);
        $base = array_intersect_key($item->fields, array_flip([...array_diff(CellLook::LETTERS, ['fill']), 'line_height']));
        $key = json_encode([spl_object_id($fonts), $item->frame->w, $item->frame->h, $base], JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE);
        /** @var WeakMap<TableData, array{string, TableLayout}> $kept */
        $kept = self::$last ??= new WeakMap;
        if (! isset($kept[$table]) || $kept[$table][0] !== $key) {
            /** @var WeakMap<FontLibrary, CellTexts> $texts */
            $texts = self::$texts ??= new WeakMap;
            $texts[$fonts] ??= new CellTexts;
            $setting = new Typesetting($fonts);
            $kept[$table] = [$key, new TableLayout($table, new CellStyles($table, $base, static fn (array $values): LetterStyle => self::letters($setting, $values)), $texts[$fonts], $item->frame->w, $item->frame->h)];
        }

        return $kept[$table][1];
    }

    /** @param  array<string, mixed>  $values  of a cell, by name */
    private static function letters(Typesetting $setting, array $values): LetterStyle
    {
        return $setting->letters([...$values, 'run_fill' => isset($values['fill']) ? Fills::read($values['fill']) : null]);
    }

    /** @return list<PlacedPiece> the lines of a cell as texts have theirs */
    public static function pieces(PlacedCell $cell): array
    {
        $pieces = [];
        foreach ($cell->lines as $i => $line) {
            $piece = $line->piece ?? Setter::set(StyledText::plain($line->text, $cell->style->letters), INF, false)->lines[0]->pieces[0] ?? null;
            if ($piece !== null) {
                $pieces[] = new PlacedPiece($piece, new Point($cell->lefts[$i], $cell->baseline + $i * $cell->leading));
            }
        }

        return $pieces;
    }
}
