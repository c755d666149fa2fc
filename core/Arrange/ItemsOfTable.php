<?php

declare(strict_types=1);

namespace AllSquare\Core\Arrange;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Kind;
use AllSquare\Core\Item\Kinds;
use AllSquare\Core\Item\Look\Colour;
use AllSquare\Core\Item\Look\Fill;
use AllSquare\Core\Item\Look\Fills;
use AllSquare\Core\Item\Look\Gradient;
use AllSquare\Core\Item\Look\Outline;
use AllSquare\Core\Item\Naming;
use AllSquare\Core\Item\Traits\HasCells;
use AllSquare\Core\Path\Path;
use AllSquare\Core\Path\PathData;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Table\CellAlign;
use AllSquare\Core\Table\CellLook;
use AllSquare\Core\Table\CellStand;
use AllSquare\Core\Table\PlacedCell;
use AllSquare\Core\Table\TableLayout;
use AllSquare\Core\Table\TableLines;

/** What a table is painted of, as items in a group that takes its place: boxes behind cells, rules as lines, brackets as a path, and a text for each cell that says something. */
final class ItemsOfTable
{
    private int $rank = 0;

    public function __construct(private readonly Draft $draft)
    {
    }

    /** @return list<Item> the group, and what lies in it, back to front */
    public function of(Item $table): array
    {
        assert($table->kind instanceof HasCells);
        $layout = $table->kind->layout($table, $this->draft->fonts);
        $kind = Kinds::ofGroups();
        $group = $table->with(['kind' => $kind, 'fields' => array_replace($kind->fields()->defaults, array_intersect_key($table->fields, $kind->fields()->defaults)), 'origin' => new Point(0.0, 0.0)]);
        $items = [];
        $ground = $table->fields['box_fill'] ?? null;
        if ($ground instanceof Fill) {
            $items[] = $this->box($table, new Rect(0.0, 0.0, $table->frame->w, $table->frame->h), $ground, 'Ground');
        }
        foreach ($layout->table->cells as $r => $row) {
            foreach (array_keys($row) as $c) {
                $fill = $layout->isCovered($r, $c) ? null : Fills::read($layout->styles->of($r, $c)->ground);
                $items[] = $fill === null ? null : $this->box($table, $layout->box($r, $c), $fill, 'Cell');
            }
        }
        array_push($items, ...$this->lines($table, $layout));
        foreach ($layout->placed() as $cell) {
            $items[] = $this->text($table, $cell, $layout->table->cells[$cell->row][$cell->column]->text);
        }

        return [$group, ...array_values(array_filter($items))];
    }

    private function box(Item $table, Rect $frame, Fill $fill, string $name): Item
    {
        return $this->made($table, Kinds::ofSvg('rect'), $frame, ['fill' => $fill, 'outline' => null], $name);
    }

    /** @return list<Item> rules piece by piece, and both brackets as one path */
    private function lines(Item $table, TableLayout $layout): array
    {
        $items = [];
        $lines = new TableLines($layout);
        foreach ($lines->rules() as [$rule, $data]) {
            $outline = new Outline(Colour::read($rule->colour) ?? Colour::of('#20302d'), $rule->weight, dash: $rule->dash);
            $path = PathData::read($data);
            foreach ($path->subpaths as $subpath) {
                $bounds = (new Path([$subpath]))->bounds();
                if ($bounds === null) {
                    continue;
                }
                if ($subpath->closed) {
                    $items[] = $this->made($table, Kinds::ofSvg('rect'), $bounds, ['fill' => null, 'outline' => $outline], 'Outside');

                    continue;
                }
                $length = max($bounds->w, $bounds->h);
                $at = $bounds->centre();
                $items[] = $this->made($table, Kinds::ofSvg('line'), new Rect($at->x - $length / 2, $at->y, $length, 0.0), ['outline' => $outline], 'Rule')->turnedTo($bounds->h > $bounds->w ? 90.0 : 0.0);
            }
        }
        $brackets = $lines->brackets();
        if ($brackets !== '') {
            $fill = $table->fields['fill'] ?? null;
            $path = PathData::read($brackets);
            $outline = new Outline($fill instanceof Colour || $fill instanceof Gradient ? $fill : Colour::of('#20302d'), $layout->table->brackets->weight);
            $items[] = $this->made($table, Kinds::ofPaths(), new Rect(0.0, 0.0, 0.0, 0.0), ['subpaths' => $path, 'fill' => null, 'outline' => $outline], 'Brackets')->fitted(false, $this->draft->fonts);
        }

        return $items;
    }

    /** A text in the frame of its cell, whose padding says where its words stand. */
    private function text(Item $table, PlacedCell $cell, string $words): Item
    {
        $kind = Kinds::ofSvg('text');
        $style = $cell->style;
        [$top, $right, $bottom, $left] = $style->padding;
        $isPlaced = $style->align === CellAlign::Decimal;
        $stand = $style->stand === CellStand::Baseline ? 'top' : $style->stand->value;
        $top = $style->stand === CellStand::Baseline ? $cell->baseline - $style->letters->above($style->lineHeight) - $cell->box->y : $top;
        $padding = $isPlaced ? [$top, 0.0, $bottom, $cell->lefts[0] - $cell->box->x] : [$top, $right, $bottom, $left];
        $values = $this->values($table, $cell);
        $fields = [
            'text' => $words, ...array_intersect_key($values, $kind->fields()->defaults),
            'align' => $isPlaced ? 'start' : $style->align->value, 'stand' => $stand, 'grow' => 'none',
            'padding' => array_map(static fn (float $side): float => max(0.0, Length::round($side)), $padding),
        ];

        return $this->made($table, $kind, $cell->box, $fields, Naming::line($words));
    }

    /** @return array<string, mixed> how its letters are, as a text keeps them */
    private function values(Item $table, PlacedCell $cell): array
    {
        assert($table->kind instanceof HasCells);
        $said = $table->kind->layout($table, $this->draft->fonts)->styles->values($cell->row, $cell->column);
        $values = [];
        foreach ($table->kind->fields() as $name => $field) {
            if (in_array($name, [...CellLook::LETTERS, 'line_height'], true)) {
                $values[$name] = isset($said[$name]) ? $field->read($said[$name]) : $table->fields[$name];
            }
        }

        return $values;
    }

    /** @param  array<string, mixed>  $fields */
    private function made(Item $table, Kind $kind, Rect $frame, array $fields, string $name): Item
    {
        return new Item($this->draft->nextId(), $table->id, $this->rank++ * Ranks::STEP, $kind, Naming::checked($name === '' ? 'Cell' : $name), $frame->rounded(), 0.0, false, false, array_replace($kind->fields()->defaults, $fields));
    }
}
