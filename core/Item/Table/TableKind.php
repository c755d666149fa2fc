<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Table;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\NinePoint;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Field\FieldGroup;
use AllSquare\Core\Item\Field\Fields;
use AllSquare\Core\Item\Field\NumberField;
use AllSquare\Core\Item\Field\TableField;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Kind;
use AllSquare\Core\Item\Look\Look;
use AllSquare\Core\Item\Painting\Painter;
use AllSquare\Core\Item\Tool;
use AllSquare\Core\Item\Traits\FitsItsFrame;
use AllSquare\Core\Item\Traits\HasCells;
use AllSquare\Core\Item\Type\TypeFields;
use AllSquare\Core\Table\TableData;
use AllSquare\Core\Table\TableLayout;
use AllSquare\Core\Table\TablePresets;
use AllSquare\Core\Table\Track;
use AllSquare\Core\Table\TrackSizing;
use AllSquare\Core\Text\FontLibrary;

/** A table (RULES 19): its frame is the sum of its columns and rows, which share it where they are said to. */
final class TableKind implements FitsItsFrame, HasCells, Kind
{
    /** px that a column and a row of a drawn table are about as large as */
    private const COLUMN = 120.0;

    private const ROW = 32.0;

    private Fields $fields;

    public function name(): string
    {
        return 'table';
    }

    public function noun(int $count): string
    {
        return $count === 1 ? 'table' : 'tables';
    }

    public function icon(): string
    {
        return 'M2 3h10v8H2zM2 5.500h10M5.500 3v8';
    }

    public function tool(): Tool
    {
        return new Tool(12, 'Table', 'Drag from corner to corner: the larger, the more columns and rows. Enter puts one in the middle', 'M3 4.500h16v13H3zM3 9h16M3 13.500h16M9 4.500v13', 480.0, 192.0);
    }

    public function fields(): Fields
    {
        return $this->fields ??= new Fields(
            new TableField,
            ...TypeFields::letters(),
            ...[
                NumberField::factor('line_height', 'the line height', 'Paragraphs', 'line height', FieldGroup::Words, 1.3, 0.1, 10.0, 'a factor of the size'),
                Look::lettersField('#20302d'),
                Look::boxFillField(),
                Look::shadowField(),
                Look::opacityField(),
            ],
        );
    }

    public function painter(FontLibrary $fonts): Painter
    {
        return new TablePainter($fonts);
    }

    public function table(Item $item): TableData
    {
        return TableSetting::of($item);
    }

    public function withTable(Item $item, TableData $table): Item
    {
        return $item->withFields(['table' => $table]);
    }

    public function layout(Item $item, FontLibrary $fonts): TableLayout
    {
        return TableSetting::layout($item, $fonts);
    }

    public function fitted(Item $item, bool $whole, FontLibrary $fonts): Item
    {
        $table = TableSetting::of($item);
        $item = $table->whole === $whole ? $item : $this->withTable($item, $table->with(['whole' => $whole]));
        $layout = TableSetting::layout($item, $fonts);

        return Length::same($layout->w, $item->frame->w) && Length::same($layout->h, $item->frame->h) ? $item : $item->sized($layout->w, $layout->h, NinePoint::TopLeft);
    }

    /** Columns and rows that share the frame take it; where none do, all of them grow or shrink alike, and are fixed from then on. */
    public function sized(Item $was, Item $is, bool $exact, FontLibrary $fonts): Item
    {
        $table = TableSetting::of($is);
        $layout = TableSetting::layout($was, $fonts);
        $reach = 2 * $table->brackets->reach();
        $changes = [];
        if (! Length::same($was->frame->w, $is->frame->w)) {
            $changes['columns'] = self::scaled($table->columns, $layout->widths, $is->frame->w - $reach - (count($table->columns) - 1) * $table->gaps[0], $table->whole);
        }
        if (! Length::same($was->frame->h, $is->frame->h)) {
            $changes['rows'] = self::scaled($table->rows, $layout->heights, $is->frame->h - (count($table->rows) - 1) * $table->gaps[1], $table->whole);
        }

        return $changes === [] ? $is : $this->withTable($is, $table->with($changes));
    }

    public function drawn(Item $item, Rect $frame, array $given): Item
    {
        if (isset($given['table']) || $frame->w <= 0.0) {
            return $item;
        }
        $table = TableData::empty(max(1, min(40, (int) round($frame->w / self::COLUMN))), max(1, min(200, (int) round($frame->h / self::ROW))));
        $rows = array_fill(0, count($table->rows), Track::share());

        return $this->withTable($item, TablePresets::put('lined', $table->with(['rows' => $rows, 'header' => count($rows) > 1 ? 1 : 0])));
    }

    /**
     * @param  non-empty-list<Track>  $tracks
     * @param  non-empty-list<float>  $sizes  px
     * @return non-empty-list<Track>
     */
    private static function scaled(array $tracks, array $sizes, float $extent, bool $whole): array
    {
        foreach ($tracks as $track) {
            if ($track->sizing === TrackSizing::Share) {
                return $tracks;
            }
        }
        $sum = array_sum($sizes);
        $settled = static fn (float $v): float => $whole ? Length::whole($v) : Length::round($v);
        $before = 0.0;
        $scaled = [];
        foreach ($tracks as $i => $track) {
            $after = $before + $sizes[$i];
            $size = $settled($extent * $after / $sum) - $settled($extent * $before / $sum);
            $scaled[] = $track->sized(TrackSizing::Fixed, max($whole ? 1.0 : 0.001, Length::round($size)));
            $before = $after;
        }

        return $scaled;
    }
}
