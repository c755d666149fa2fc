<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Arrange\Ranks;
use AllSquare\Core\Arrange\TableOfItems;
use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Kinds;
use AllSquare\Core\Item\Naming;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Scope;
use AllSquare\Core\Running\Selected;
use AllSquare\Core\Running\Traits\SelectsWhatItMade;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Figures;
use AllSquare\Core\Sheet\Words;
use AllSquare\Core\Table\Brackets;
use AllSquare\Core\Table\CellLook;
use AllSquare\Core\Table\Csv;
use AllSquare\Core\Table\CsvForm;
use AllSquare\Core\Table\Numbers;
use AllSquare\Core\Table\TableData;
use AllSquare\Core\Table\TablePresets;
use AllSquare\Core\Table\Track;
use AllSquare\Core\Text\Setting\StyledText;

/** Makes a table: of words in rows and columns, of a list of numbers as a matrix, or of items that lie in rows and columns. */
final readonly class MakeTable implements Command, SelectsWhatItMade
{
    /** px of the cells of a matrix, where nothing is said of them */
    private const CELL = 36.0;

    private function __construct(private Params $params)
    {
    }

    public static function name(): string
    {
        return 'make-table';
    }

    public static function from(Params $params): self
    {
        return new self($params);
    }

    public function needs(): Needs
    {
        return new Needs(Scope::Order);
    }

    public function run(Draft $draft, array $items): Report
    {
        if (! $this->params->has('words') && ! $this->params->has('numbers')) {
            return $this->ofItems($draft, $items);
        }
        $table = $this->params->has('numbers') ? $this->matrix($draft) : $this->ofWords($draft);
        $figures = new Figures($draft);
        $w = $this->params->length('w');
        $item = self::item($draft, null, $this->params->word('name') ?? ($this->params->has('numbers') ? 'Matrix' : 'Table'), new Rect(0.0, 0.0, $w === null ? 0.0 : $figures->size($w, Axis::X, 'w'), 0.0), $table);
        $sheet = $draft->sheet();
        $x = $this->params->length('x');
        $y = $this->params->length('y');
        $whole = static fn (float $v): float => $sheet->wholePixels ? floor($v + 0.5) : $v;
        $frame = new Rect(
            $x === null ? $whole(($sheet->width() - $item->frame->w) / 2) : $whole($figures->read($x, Axis::X, 'x', $item)),
            $y === null ? $whole(max(0.0, ($sheet->height() - $item->frame->h) / 2)) : $whole($figures->read($y, Axis::Y, 'y', $item)),
            $item->frame->w,
            $item->frame->h,
        );
        $draft->add($item->inFrame($frame->rounded()));

        return self::report($draft, $item->id, $table);
    }

    /** @param  list<string>  $items */
    private function ofItems(Draft $draft, array $items): Report
    {
        $selected = Selected::movable($draft, $items);
        if ($selected->free === []) {
            throw Refusal::because('Give words or numbers, or select what lies in rows and columns.', 'items');
        }
        $order = array_values(array_intersect($draft->tree->inOrder(), $selected->free));
        $parent = $draft->tree->commonParent($order);
        [$table, $frame, $letters] = (new TableOfItems($draft, $parent))->of($order);
        $place = (new Ranks($draft))->placeOfForemost($order, $parent);
        $item = self::item($draft, $parent, $this->params->word('name') ?? 'Table', $frame, $table, $letters);
        $draft->add($item);
        foreach ($order as $id) {
            $draft->remove($id);
        }
        (new Ranks($draft))->insert($parent, max(0, $place - count($order) + 1), [$item->id]);

        return self::report($draft, $item->id, $table);
    }

    private static function report(Draft $draft, string $id, TableData $table): Report
    {
        $item = $draft->item($id);

        return new Report(sprintf('Made %s: %d × %d cells, %s × %s', Words::quoted($item), count($table->columns), count($table->rows), Spoken::length($item->frame->w), Spoken::length($item->frame->h)), [$id]);
    }

    /** @param  array<string, mixed>  $fields  besides its cells */
    private static function item(Draft $draft, ?string $parent, string $name, Rect $frame, TableData $table, array $fields = []): Item
    {
        $kind = Kinds::ofTables();
        $item = new Item($draft->nextId(), $parent, (new Ranks($draft))->top($parent), $kind, Naming::checked($name), $frame, 0.0, false, false, array_replace($kind->fields()->defaults, $fields, ['table' => $table]));

        return $item->fitted($draft->sheet()->wholePixels, $draft->fonts);
    }

    private function ofWords(Draft $draft): TableData
    {
        $given = $this->params->value('words');
        $rows = array_map(static fn (mixed $row): array => array_map(static fn (mixed $text): string => StyledText::normal(is_string($text) ? $text : ''), is_array($row) ? array_values($row) : []), is_array($given) ? array_values($given) : []);
        $width = $rows === [] ? 0 : max(array_map(count(...), $rows));
        Csv::check(count($rows), $width);
        $rows = array_map(static fn (array $row): array => array_pad($row, $width, ''), $rows);
        assert($rows !== []);
        $form = $this->params->has('form') ? CsvForm::read($this->params->value('form')) : null;
        $header = $this->params->count('header') ?? (($form->hasHeader ?? false) ? 1 : 0);
        $total = $this->params->count('total') ?? 0;
        $decimal = $form->decimal ?? Numbers::decimalSign(array_merge(...$rows));
        $table = TableData::of($rows, $this->params->length('w') === null ? new Track : Track::share())->with(['header' => $header, 'total' => $total, 'decimal' => $decimal, 'form' => $form]);
        $columns = [];
        foreach ($table->columns as $i => $column) {
            $values = array_filter(array_map(trim(...), array_column(array_slice($rows, $header), $i)), static fn (string $value): bool => $value !== '');
            $isNumeric = $values !== [] && count(array_filter($values, Numbers::isNumber(...))) > 0.5 * count($values);
            $columns[] = $isNumeric ? $column->looking(new CellLook(['align' => 'decimal'])) : $column;
        }

        return TablePresets::put($this->params->word('preset') ?? 'lined', $table->with(['columns' => $columns]));
    }

    /** A list of numbers, row by row: as many columns as its rows have, as are asked for, or, of one long row, as there are rows. */
    private function matrix(Draft $draft): TableData
    {
        $text = trim($this->params->word('numbers') ?? '');
        $lines = preg_split('/[\r\n;]+/', $text) ?: [];
        $rows = array_map(static fn (string $line): array => preg_split('/[\s]+|,(?!\d)|(?<!\d),|(?<=\d),(?=\d+[,\s]|\d+$)/', trim($line, " \t,[]()"), -1, PREG_SPLIT_NO_EMPTY) ?: [], $lines);
        $rows = array_values(array_filter($rows, static fn (array $row): bool => $row !== []));
        $columns = $this->params->count('columns') ?? (count($rows) === 1 ? (int) ceil(sqrt(count($rows[0]))) : ($rows === [] ? 0 : max(array_map(count(...), $rows))));
        if (count($rows) === 1 || $this->params->has('columns')) {
            $rows = $columns < 1 ? [] : array_chunk(array_merge(...$rows), $columns);
        }
        Csv::check(count($rows), $columns);
        $rows = array_map(static fn (array $row): array => array_slice(array_pad($row, $columns, ''), 0, $columns), $rows);
        assert($rows !== []);
        $cell = $this->params->length('cell');
        $size = $cell === null ? self::CELL : max(1.0, (new Figures($draft))->within((new Figures($draft))->size($cell, Axis::X, 'cell'), Axis::X, 'cell', 1_000.0));
        $table = TableData::of($rows, Track::fixed($size));

        return $table->with([
            'rows' => array_fill(0, count($rows), Track::fixed($size)),
            'padding' => [0.0, 0.0, 0.0, 0.0],
            'looks' => ['body' => new CellLook(['align' => 'centre'])],
            'brackets' => Brackets::read(['shape' => $this->params->word('brackets') ?? 'square']),
            'decimal' => Numbers::decimalSign(array_merge(...$rows)),
        ]);
    }
}
