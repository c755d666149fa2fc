<?php

declare(strict_types=1);

namespace AllSquare\Core\Table;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;

/**
 * Where the columns, rows and cells of a table lie, px from its top left (RULES 19).
 *
 * What is fixed and what follows its content comes first; what is left of the frame goes to those that share it, each edge brought to a
 * whole pixel of its own so that rounding never adds up (RULES 5). Where that is less than they need, the frame is larger.
 */
final class TableLayout
{
    /** @var non-empty-list<float> px where each column begins */
    public readonly array $lefts;

    /** @var non-empty-list<float> px of each column */
    public readonly array $widths;

    /** @var non-empty-list<float> px where each row begins */
    public readonly array $tops;

    /** @var non-empty-list<float> px of each row */
    public readonly array $heights;

    /** px of the frame that it fills */
    public readonly float $w;

    public readonly float $h;

    /** @var array<int, array{int, int}> as TableData::covered() */
    private readonly array $covered;

    /** @var array<int, array{float, float}> by column: px before and behind its decimal signs, padding and all */
    private array $decimals = [];

    /** @var list<PlacedCell>|null once they are asked for: they are painted and measured in turn */
    private ?array $placed = null;

    /** @var array<int, float> by row: px from its top to the baseline of what stands by that */
    private array $baselines = [];

    /**
     * @param  float  $w  px that the frame is wide, which counts where columns share it
     * @param  float  $h  px that it is high, which counts where rows share it
     */
    public function __construct(public readonly TableData $table, public readonly CellStyles $styles, private readonly CellTexts $texts, float $w, float $h)
    {
        $this->covered = $table->covered();
        $reach = $table->brackets->reach();
        $this->widths = TrackSizes::of($table->columns, $this->natural(), $w - 2 * $reach, $table->gaps[0], $table->padding[1] + $table->padding[3], $table->whole);
        $this->lefts = TrackSizes::starts($this->widths, $reach, $table->gaps[0]);
        $this->heights = TrackSizes::of($table->rows, $this->high(), $h, $table->gaps[1], $table->padding[0] + $table->padding[2], $table->whole);
        $this->tops = TrackSizes::starts($this->heights, 0.0, $table->gaps[1]);
        $this->w = Length::round($this->lefts[count($this->lefts) - 1] + $this->widths[count($this->widths) - 1] + $reach);
        $this->h = Length::round($this->tops[count($this->tops) - 1] + $this->heights[count($this->heights) - 1]);
    }

    /** The same table in a frame as large, with columns and rows of other sizes. */
    public function resized(TableData $table): self
    {
        return new self($table, $this->styles, $this->texts, $this->w, $this->h);
    }

    public function hasSpans(): bool
    {
        return $this->covered !== [];
    }

    public function isCovered(int $row, int $column): bool
    {
        return isset($this->covered[$row * count($this->table->columns) + $column]);
    }

    /** @return array{int, int}|null row and column of the cell that goes across this place and others; null where none does */
    public function seenAt(int $row, int $column): ?array
    {
        return $this->covered[$row * count($this->table->columns) + $column] ?? ($this->table->cells[$row][$column]->isSpan() ? [$row, $column] : null);
    }

    /** The box of a cell, across all that it spans. */
    public function box(int $row, int $column): Rect
    {
        $cell = $this->table->cells[$row][$column];
        $right = min(count($this->widths), $column + $cell->columns) - 1;
        $bottom = min(count($this->heights), $row + $cell->rows) - 1;

        return new Rect(
            $this->lefts[$column],
            $this->tops[$row],
            Length::round($this->lefts[$right] + $this->widths[$right] - $this->lefts[$column]),
            Length::round($this->tops[$bottom] + $this->heights[$bottom] - $this->tops[$row]),
        );
    }

    /** @return array{x: list<float>, y: list<float>} px where each column and each row begins and ends, in turn */
    public function edges(): array
    {
        return ['x' => self::both($this->lefts, $this->widths), 'y' => self::both($this->tops, $this->heights)];
    }

    /** @return list<PlacedCell> all that are seen and say something */
    public function placed(): array
    {
        if ($this->placed === null) {
            $placed = [];
            foreach ($this->table->cells as $r => $row) {
                foreach ($row as $c => $cell) {
                    if ($cell->text !== '' && ! isset($this->covered[$r * count($row) + $c])) {
                        $placed[] = $this->place($r, $c);
                    }
                }
            }
            $this->placed = $placed;
        }

        return $this->placed;
    }

    /** The words of a cell where they stand. */
    public function place(int $row, int $column): PlacedCell
    {
        $cell = $this->table->cells[$row][$column];
        $style = $this->styles->of($row, $column);
        $box = $cell->isSpan() ? $this->box($row, $column) : new Rect($this->lefts[$column], $this->tops[$row], $this->widths[$column], $this->heights[$row]);
        [$top, $right, $bottom, $left] = $style->padding;
        $room = $box->w - $left - $right;
        $isDecimal = $style->align === CellAlign::Decimal && $cell->columns === 1;
        $lines = $isDecimal ? $this->texts->of($style, $cell->text) : $this->texts->within($style, $cell->text, max(0.0, $room));
        $lefts = [];
        foreach ($lines as $line) {
            $free = $room - $line->width;
            $lefts[] = $box->x + $left + match ($style->align) {
                CellAlign::Start => 0.0,
                CellAlign::Centre => $free / 2,
                CellAlign::End => $free,
                CellAlign::Decimal => $isDecimal ? $box->w - $left - ($this->decimals[$column][1] ?? $right) - $this->texts->before($style, $cell->text, $this->table->decimal) : $free,
            };
        }
        $leading = $style->letters->size * $style->lineHeight;
        $free = $box->h - $top - $bottom - $leading * count($lines);
        $first = match ($style->stand) {
            CellStand::Top => $top,
            CellStand::Middle => $top + $free / 2,
            CellStand::Bottom => $top + $free,
            CellStand::Baseline => $cell->rows === 1 && isset($this->baselines[$row]) ? $this->baselines[$row] - $style->letters->above($style->lineHeight) : $top,
        };

        return new PlacedCell($row, $column, $box, $style, $lines, $lefts, $box->y + $first + $style->letters->above($style->lineHeight), $leading);
    }

    /** How wide a cell would be with its words in one line each, padding and all, px. */
    public function naturalWidth(int $row, int $column): float
    {
        $style = $this->styles->of($row, $column);
        $widest = 0.0;
        foreach ($this->texts->of($style, $this->table->cells[$row][$column]->text) as $line) {
            $widest = max($widest, $line->width);
        }

        return $widest + $style->across();
    }

    /** @return array<int, float> by column, what those need that follow their content; and how far decimals reach */
    private function natural(): array
    {
        $natural = $spans = [];
        $columns = count($this->table->columns);
        $follows = array_map(static fn (Track $track): bool => $track->sizing === TrackSizing::Content, $this->table->columns);
        foreach ($this->table->cells as $r => $row) {
            foreach ($row as $c => $cell) {
                if (isset($this->covered[$r * $columns + $c])) {
                    continue;
                }
                $style = $this->styles->of($r, $c);
                if ($cell->columns > 1) {
                    $spans[] = [$r, $c];
                } elseif ($style->align === CellAlign::Decimal && $cell->text !== '') {
                    $before = $this->texts->before($style, $cell->text, $this->table->decimal);
                    $width = $this->texts->of($style, $cell->text)[0]->width;
                    $is = $this->decimals[$c] ?? [0.0, 0.0];
                    $this->decimals[$c] = [max($is[0], $before + $style->padding[3]), max($is[1], $width - $before + $style->padding[1])];
                } elseif ($follows[$c]) {
                    $natural[$c] = max($natural[$c] ?? 0.0, $cell->text === '' ? $style->across() : $this->naturalWidth($r, $c));
                }
            }
        }
        foreach ($this->decimals as $c => [$before, $behind]) {
            $natural[$c] = max($natural[$c] ?? 0.0, $before + $behind);
        }
        // What shares wraps.
        $natural = array_intersect_key($natural, array_filter($follows));
        foreach ($spans as [$r, $c]) {
            $this->spread($natural, $follows, $c, min($columns, $c + $this->table->cells[$r][$c]->columns), $this->naturalWidth($r, $c), $this->table->gaps[0], $this->table->columns);
        }

        return $natural;
    }

    /** @return array<int, float> by row, what those need that follow their content, or share */
    private function high(): array
    {
        $high = $reach = $spans = [];
        $rows = count($this->table->rows);
        $columns = count($this->table->columns);
        $follows = array_map(static fn (Track $track): bool => $track->sizing !== TrackSizing::Fixed, $this->table->rows);
        foreach ($this->table->cells as $r => $row) {
            foreach ($row as $c => $cell) {
                if (isset($this->covered[$r * $columns + $c])) {
                    continue;
                }
                $style = $this->styles->of($r, $c);
                $leading = $style->letters->size * $style->lineHeight;
                $lines = 1;
                if ($cell->text !== '') {
                    $right = min($columns, $c + $cell->columns) - 1;
                    $room = $this->lefts[$right] + $this->widths[$right] - $this->lefts[$c] - $style->across();
                    $lines = count($style->align === CellAlign::Decimal && $cell->columns === 1 ? $this->texts->of($style, $cell->text) : $this->texts->within($style, $cell->text, max(0.0, $room)));
                }
                if ($cell->rows > 1) {
                    $spans[] = [$r, $c, $lines * $leading + $style->down()];
                } elseif ($style->stand === CellStand::Baseline) {
                    $above = $style->padding[0] + $style->letters->above($style->lineHeight);
                    $this->baselines[$r] = max($this->baselines[$r] ?? 0.0, $above);
                    $reach[$r] = max($reach[$r] ?? 0.0, $lines * $leading + $style->down() - $above);
                } elseif ($follows[$r]) {
                    $high[$r] = max($high[$r] ?? 0.0, $lines * $leading + $style->down());
                }
            }
        }
        foreach ($this->baselines as $r => $above) {
            $high[$r] = max($high[$r] ?? 0.0, $above + ($reach[$r] ?? 0.0));
        }
        foreach ($spans as [$r, $c, $needs]) {
            $this->spread($high, $follows, $r, min($rows, $r + $this->table->cells[$r][$c]->rows), $needs, $this->table->gaps[1], $this->table->rows);
        }

        return $high;
    }

    /**
     * What goes across several and has not enough room widens the last of them that follows its content.
     *
     * @param  array<int, float>  $sizes
     * @param  list<bool>  $follows
     * @param  list<Track>  $tracks
     */
    private function spread(array &$sizes, array $follows, int $from, int $to, float $needs, float $gap, array $tracks): void
    {
        $last = null;
        $has = ($to - $from - 1) * $gap;
        for ($i = $from; $i < $to; $i++) {
            $last = $follows[$i] ? $i : $last;
            $has += $follows[$i] ? $sizes[$i] ?? 0.0 : $tracks[$i]->value;
        }
        if ($last !== null && $needs > $has) {
            $sizes[$last] = ($sizes[$last] ?? 0.0) + $needs - $has;
        }
    }

    /**
     * @param  list<float>  $starts
     * @param  list<float>  $sizes
     * @return list<float>
     */
    private static function both(array $starts, array $sizes): array
    {
        $both = [];
        foreach ($starts as $i => $start) {
            array_push($both, $start, Length::round($start + $sizes[$i]));
        }

        return $both;
    }
}
