<?php

declare(strict_types=1);

namespace AllSquare\Core\Format;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Look\Colour;
use AllSquare\Core\Item\Traits\HasCells;
use AllSquare\Core\Table\CellAlign;
use AllSquare\Core\Table\CellStand;
use AllSquare\Core\Table\PlacedCell;
use AllSquare\Core\Table\Rule;
use AllSquare\Core\Table\TableData;
use AllSquare\Core\Table\TableLayout;
use AllSquare\Core\Text\FontLibrary;
use DOMDocument;
use DOMElement;

/**
 * A table as HTML (HTML Living Standard, section 4.9) with the widths of its columns and its looks as CSS, such that a browser lays it out
 * as it is painted. Header, totals and heads are said as what they are, so that it can be heard as well as seen.
 */
final class TableHtml
{
    private readonly TableLayout $layout;

    private readonly TableData $table;

    /** @var array<string, string> classes of cells, by their declarations */
    private array $classes = [];

    /** @param  string  $class  by which its rules find it */
    public function __construct(private readonly Item $item, FontLibrary $fonts, private readonly string $class = 'table')
    {
        assert($item->kind instanceof HasCells);
        $this->layout = $item->kind->layout($item, $fonts);
        $this->table = $this->layout->table;
    }

    /** @param  bool  $isPlain  whether it is to be heard or read alone, without widths and looks */
    public function html(bool $isPlain = false): string
    {
        $page = new DOMDocument('1.0', 'UTF-8');
        $table = $page->createElement('table');
        $page->appendChild($table);
        if ($isPlain) {
            $table->appendChild($page->createElement('caption'))->appendChild($page->createTextNode($this->item->name));
        } else {
            // A caption that is not seen would still push rows apart.
            $table->setAttribute('class', $this->class);
            $table->setAttribute('aria-label', $this->item->name);
            $columns = $table->appendChild($page->createElement('colgroup'));
            foreach ($this->layout->widths as $width) {
                $column = $page->createElement('col');
                $column->setAttribute('style', 'width: '.self::px($width));
                $columns->appendChild($column);
            }
        }
        $placed = [];
        foreach ($isPlain ? [] : $this->layout->placed() as $cell) {
            $placed[$cell->row][$cell->column] = $cell;
        }
        $rows = count($this->table->rows);
        foreach (['thead' => [0, $this->table->header], 'tbody' => [$this->table->header, $rows - $this->table->total], 'tfoot' => [$rows - $this->table->total, $rows]] as $name => [$from, $to]) {
            if ($from < $to) {
                $part = $table->appendChild($page->createElement($name));
                for ($r = $from; $r < $to; $r++) {
                    $part->appendChild($this->row($page, $r, $placed[$r] ?? [], $isPlain));
                }
            }
        }

        $html = (string) $page->saveHTML($table);

        return $isPlain || $this->table->brackets->shape === 'none' ? $html : "<div class=\"$this->class-brackets\">$html</div>";
    }

    /** The looks of what html() gave. */
    public function css(): string
    {
        $table = $this->table;
        $reach = $table->brackets->reach();
        $ground = $this->item->fields['box_fill'] ?? null;
        $css = $this->rule(".$this->class", [
            'box-sizing' => 'border-box', 'table-layout' => 'fixed',
            // Spacing goes round the cells in HTML, and between them here.
            'width' => self::px($this->layout->w - 2 * $reach + 2 * $table->gaps[0]), 'border-collapse' => 'separate',
            'border-spacing' => self::px($table->gaps[0]).' '.self::px($table->gaps[1]),
            'margin' => '0 '.self::px($reach - $table->gaps[0]),
        ] + ($ground instanceof Colour ? ['background' => $ground->css()] : []));
        $css .= $this->rule(".$this->class th, .$this->class td", ['box-sizing' => 'border-box', 'padding' => '0', 'font-weight' => '400', 'text-align' => 'left', 'overflow-wrap' => 'break-word', 'border' => '0 solid', 'white-space' => 'pre-wrap']);
        foreach ($this->brackets() as $which => $declarations) {
            $css .= $this->rule(".$this->class-brackets$which", $declarations);
        }
        if ($this->classes === []) {
            $this->html();
        }
        foreach ($this->classes as $declarations => $class) {
            $css .= ".$this->class .$class {\n$declarations}\n";
        }

        return $css;
    }

    /** @param  array<int, PlacedCell>  $placed  by column */
    private function row(DOMDocument $page, int $r, array $placed, bool $isPlain): DOMElement
    {
        $row = $page->createElement('tr');
        $isPlain || $row->setAttribute('style', 'height: '.self::px($this->layout->heights[$r]));
        foreach ($this->table->cells[$r] as $c => $cell) {
            if ($this->layout->isCovered($r, $c)) {
                continue;
            }
            $part = $this->table->part($r, $c);
            $isHead = $part === 'header' || $c < $this->table->heads;
            $is = $page->createElement($isHead ? 'th' : 'td');
            $isHead && $is->setAttribute('scope', $part === 'header' ? ($cell->columns > 1 ? 'colgroup' : 'col') : 'row');
            foreach (['colspan' => min($cell->columns, count($this->table->columns) - $c), 'rowspan' => min($cell->rows, count($this->table->rows) - $r)] as $name => $count) {
                $count > 1 && $is->setAttribute($name, (string) $count);
            }
            if (! $isPlain) {
                $declarations = implode('', array_map(static fn (string $name, string $value): string => "    $name: $value;\n", array_keys($of = $this->looks($r, $c, $placed[$c] ?? null)), $of));
                $is->setAttribute('class', $this->classes[$declarations] ??= 'c'.(count($this->classes) + 1));
            }
            foreach (explode("\n", $cell->text) as $i => $line) {
                $i === 0 || $is->appendChild($page->createElement('br'));
                $is->appendChild($page->createTextNode($line));
            }
            $row->appendChild($is);
        }

        return $row;
    }

    /** @return array<string, string> */
    private function looks(int $row, int $column, ?PlacedCell $placed): array
    {
        $style = $this->layout->styles->of($row, $column);
        $letters = $style->letters;
        $box = $this->layout->box($row, $column);
        $borders = $this->borders($row, $column, $box);
        [$top, $right, $bottom, $left] = $style->padding;
        $align = $style->align;
        if ($align === CellAlign::Decimal) {
            // Where it stands to the hair is known: it ends as far from the right edge as it is painted.
            $align = CellAlign::End;
            $right = $placed === null ? $right : $box->right() - $placed->lefts[0] - $placed->lines[0]->width;
            $left = 0.0;
        }
        if ($style->stand === CellStand::Baseline && $placed !== null) {
            $top = $placed->baseline - $letters->above($style->lineHeight) - $box->y;
        }
        $fill = $letters->paint ?? $this->item->fields['fill'] ?? null;
        $ground = $style->ground === null ? null : Colour::read($style->ground)?->css();
        $paddings = [];
        foreach ([$top, $right, $bottom, $left] as $side => $padding) {
            $paddings[] = self::px(max(0.0, $padding - $borders[$side][0]));
        }
        $sides = ['top', 'right', 'bottom', 'left'];
        $drawn = [];
        foreach ($borders as $side => [$weight, $rule]) {
            $drawn += $rule === null || $weight <= 0.0 ? [] : ["border-$sides[$side]" => self::px($weight).' '.($rule->dash === [] ? 'solid' : 'dashed').' '.(Colour::read($rule->colour)?->css() ?? 'none')];
        }

        return [
            'padding' => implode(' ', $paddings),
            'font' => ($letters->font->italic ? 'italic ' : '')."{$letters->font->weight} ".self::px($letters->size).'/'.Length::text($style->lineHeight).' "'.$letters->font->family.'"',
            'text-align' => match ($align) {
                CellAlign::Centre => 'center',
                CellAlign::End => 'right',
                default => 'left',
            },
            'vertical-align' => match ($style->stand) {
                CellStand::Top, CellStand::Baseline => 'top',
                CellStand::Middle => 'middle',
                CellStand::Bottom => 'bottom',
            },
        ] + ($fill instanceof Colour ? ['color' => $fill->css()] : [])
            + ($style->align === CellAlign::Decimal ? ['white-space' => 'pre'] : [])
            + ($ground === null ? [] : ['background' => $ground])
            + ($letters->tracking === 0.0 ? [] : ['letter-spacing' => self::px($letters->tracking * $letters->size / 1000)])
            + ($letters->upper ? ['text-transform' => 'uppercase'] : [])
            + ($letters->even ? ['font-variant-numeric' => 'tabular-nums'] : [])
            + ($letters->underline ? ['text-decoration' => 'underline'] : [])
            + $drawn;
    }

    /**
     * Rules as the borders of cells, each half on one side of the edge, as whole pixels fall.
     *
     * @return array{array{float, Rule|null}, array{float, Rule|null}, array{float, Rule|null}, array{float, Rule|null}} weight and rule, clockwise from the top
     */
    private function borders(int $row, int $column, Rect $box): array
    {
        $table = $this->table;
        $cell = $table->cells[$row][$column];
        [$below, $beside] = [$row + $cell->rows, $column + $cell->columns];
        [$rows, $columns] = [count($table->rows), count($table->columns)];
        $lead = static fn (?Rule $rule): float => $rule === null ? 0.0 : (Length::isWhole($rule->weight) ? ceil($rule->weight / 2) : $rule->weight / 2);
        $trail = static fn (?Rule $rule): float => $rule === null ? 0.0 : $rule->weight - $lead($rule);
        $outside = $table->rules['outside'] ?? null;
        $across = fn (int $at): ?Rule => match (true) {
            $at === $table->header && isset($table->rules['header']) => $table->rules['header'],
            $table->total > 0 && $at === $rows - $table->total && isset($table->rules['total']) => $table->rules['total'],
            default => $table->rules['across'] ?? null,
        };
        $down = $table->rules['down'] ?? null;
        $is = static fn (float $weight, ?Rule $rule): array => [$weight, $rule];

        return [
            $row === 0 ? $is($outside->weight ?? 0.0, $outside) : $is($trail($across($row)), $across($row)),
            $beside >= $columns ? $is($outside->weight ?? 0.0, $outside) : $is($lead($down), $down),
            $below >= $rows ? $is($outside->weight ?? 0.0, $outside) : $is($lead($across($below)), $across($below)),
            $column === 0 ? $is($outside->weight ?? 0.0, $outside) : $is($trail($down), $down),
        ];
    }

    /** @return array<string, array<string, string>> */
    private function brackets(): array
    {
        $is = $this->table->brackets;
        if ($is->shape === 'none') {
            return [];
        }
        $fill = $this->item->fields['fill'] ?? null;
        $line = self::px($is->weight).' solid '.($fill instanceof Colour ? $fill->css() : 'currentColor');
        $both = ['content' => '""', 'position' => 'absolute', 'box-sizing' => 'border-box', 'top' => '0', 'bottom' => '0', 'width' => self::px($is->shape === 'bars' ? $is->weight : $is->width)];
        $ends = $is->shape === 'square' ? ['border-top' => $line, 'border-bottom' => $line] : [];
        $round = static fn (string $corners): array => $is->shape === 'round' ? ['border-radius' => $corners] : [];

        return [
            '' => ['position' => 'relative', 'width' => self::px($this->layout->w)],
            '::before' => $both + ['left' => '0', 'border-left' => $line] + $ends + $round('100% 0 0 100% / 50% 0 0 50%'),
            '::after' => $both + ['right' => '0', 'border-right' => $line] + $ends + $round('0 100% 100% 0 / 0 50% 50% 0'),
        ];
    }

    /** @param  array<string, string>  $declarations */
    private function rule(string $selector, array $declarations): string
    {
        return "$selector {\n".implode('', array_map(static fn (string $name, string $value): string => "    $name: $value;\n", array_keys($declarations), $declarations))."}\n";
    }

    private static function px(float $length): string
    {
        return abs($length) < 0.0005 ? '0' : Length::text($length).'px';
    }
}
