<?php

declare(strict_types=1);

namespace AllSquare\Core\Arrange;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Field\SidesField;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Look\Colour;
use AllSquare\Core\Item\Look\Look;
use AllSquare\Core\Item\Look\Outline;
use AllSquare\Core\Item\Traits\Closed;
use AllSquare\Core\Item\Traits\HasWords;
use AllSquare\Core\Item\Traits\SetsLines;
use AllSquare\Core\Measure\Boxes;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Words;
use AllSquare\Core\Table\Cell;
use AllSquare\Core\Table\CellLook;
use AllSquare\Core\Table\Rule;
use AllSquare\Core\Table\TableData;
use AllSquare\Core\Table\Track;

/**
 * Reads a table off items that lie in rows and columns: texts become its cells, boxes behind them what lies behind cells, lines its rules. Words stay where
 * they are.
 */
final readonly class TableOfItems
{
    private Boxes $boxes;

    public function __construct(private Draft $draft, private ?string $parent)
    {
        $this->boxes = new Boxes($draft->tree, $draft->fonts);
    }

    /**
     * @param  list<string>  $ids
     * @return array{TableData, Rect, array<string, mixed>} the table, its frame in the parent's space, and what its letters are like
     *
     * @throws Refusal when they lie otherwise, or are not what a table is made of
     */
    public function of(array $ids): array
    {
        $texts = $grounds = $lines = [];
        foreach ($this->leaves($ids) as $item) {
            $box = $this->box($item);
            match (true) {
                $item->kind instanceof SetsLines && $item->kind instanceof HasWords => $texts[] = [$item, $box],
                $item->kind instanceof Closed => $grounds[] = [$item, $box],
                Look::outline($item) !== null && min($box->w, $box->h) < 1.0 => $lines[] = [$item, $box],
                default => throw Refusal::because(Words::quoted($item).' has no place in a table: it is made of texts, boxes behind them, and lines.', 'items'),
            };
        }
        if (count($texts) < 2) {
            throw Refusal::because('Select the texts that are to be its cells, two at least.', 'items');
        }
        $all = array_column($texts, 1);
        $columns = self::spans(array_map(static fn (Rect $box): array => [$box->x, $box->right()], $all));
        $rows = self::spans(array_map(static fn (Rect $box): array => [$box->y, $box->bottom()], $all));
        [$xs, $ys] = [self::edges($columns), self::edges($rows)];
        $cells = array_fill(0, count($rows), array_fill(0, count($columns), null));
        $letters = [];
        foreach ($texts as [$item, $box]) {
            [$r, $c] = [self::place($rows, $box->y, $box->bottom()), self::place($columns, $box->x, $box->right())];
            if ($cells[$r][$c] !== null) {
                throw Refusal::because(sprintf('%s and %s would be in one cell. Select what lies in rows and columns.', Words::quoted($cells[$r][$c]), Words::quoted($item)), 'items');
            }
            $cells[$r][$c] = $item;
            $key = serialize(array_intersect_key($item->kind->fields()->stored($item->fields), array_flip([...CellLook::LETTERS, 'line_height'])));
            $letters[$key] = ($letters[$key] ?? 0) + 1;
        }
        arsort($letters);
        /** @var array<string, mixed> $common */
        $common = unserialize((string) array_key_first($letters), ['allowed_classes' => false]);
        $looks = $this->looks($cells, $xs, $ys, $common);
        $padding = self::mostFrequent(array_merge(...array_map(static fn (array $row): array => array_column($row, 'padding'), $looks)));
        $made = [];
        foreach ($cells as $r => $row) {
            $line = [];
            foreach ($row as $c => $item) {
                $look = $looks[$r][$c];
                $ground = self::ground($grounds, new Rect($xs[$c], $ys[$r], $xs[$c + 1] - $xs[$c], $ys[$r + 1] - $ys[$r]));
                $look += $ground === null ? [] : ['ground' => $ground];
                unset($look['padding']);
                $look += ($looks[$r][$c]['padding'] ?? $padding) === $padding ? [] : ['padding' => $looks[$r][$c]['padding']];
                $line[] = new Cell($item === null || ! $item->kind instanceof HasWords ? '' : $item->kind->words($item), (new CellLook)->with($look));
            }
            $made[] = $line;
        }
        $frame = Rect::between($xs[0], $ys[0], $xs[count($xs) - 1], $ys[count($ys) - 1])->rounded();
        $kind = $texts[0][0]->kind;
        $base = [];
        foreach ($common as $name => $value) {
            foreach ($kind->fields() as $field) {
                $base += $field->name === $name ? [$name => $field->read($value)] : [];
            }
        }
        $table = (new TableData(self::sizes($xs), self::sizes($ys), $made))->with(['padding' => $padding] + self::rules($lines, $xs, $ys));

        return [$table, $frame, $base];
    }

    /**
     * @param  list<string>  $ids
     * @return list<Item> what is seen, groups opened
     */
    private function leaves(array $ids): array
    {
        $leaves = [];
        foreach ($ids as $id) {
            $item = $this->draft->item($id);
            if ($item->isFramedByItems() && $item->holdsItems()) {
                array_push($leaves, ...$this->leaves(array_map(static fn (Item $child): string => $child->id, $this->draft->tree->children($id))));
            } elseif (! $this->draft->tree->isHidden($id)) {
                $leaves[] = $item;
            }
        }

        return $leaves;
    }

    private function box(Item $item): Rect
    {
        $toParent = $this->draft->tree->toSheet($this->parent)->inverse()->after($this->draft->tree->toSheet($item->parent));
        if (abs($toParent->angle + $item->angle) > 1e-6 && ! $item->isFlat()) {
            throw Refusal::because(Words::quoted($item).' is turned. Turn it upright first.', 'items');
        }

        return $this->boxes->boundsIn($item, $toParent)->rounded();
    }

    /**
     * Things that share more than half of the smaller one's extent are of one row, or column.
     *
     * @param  list<array{float, float}>  $extents
     * @return non-empty-list<array{float, float}>
     */
    private static function spans(array $extents): array
    {
        usort($extents, static fn (array $a, array $b): int => [$a[1] - $a[0], $a[0]] <=> [$b[1] - $b[0], $b[0]]);
        $spans = [];
        foreach ($extents as [$from, $to]) {
            $best = null;
            foreach ($spans as $i => [$start, $end]) {
                $shared = min($to, $end) - max($from, $start);
                if ($shared > 0.5 * max(0.001, min($to - $from, $end - $start))) {
                    $best = $best === null || $shared > $best[1] ? [$i, $shared] : $best;
                }
            }
            if ($best === null) {
                $spans[] = [$from, $to];
            } else {
                $spans[$best[0]] = [min($from, $spans[$best[0]][0]), max($to, $spans[$best[0]][1])];
            }
        }
        sort($spans);

        // @phpstan-ignore return.type (there is something)
        return $spans;
    }

    /**
     * @param  non-empty-list<array{float, float}>  $spans
     * @return non-empty-list<float> where each begins, and where the last one ends
     */
    private static function edges(array $spans): array
    {
        $edges = array_column($spans, 0);
        $edges[] = max(array_column($spans, 1));
        for ($i = 1; $i < count($edges); $i++) {
            if ($edges[$i] <= $edges[$i - 1]) {
                throw Refusal::because('These do not lie in rows and columns: some lie over each other.', 'items');
            }
        }

        return $edges;
    }

    /**
     * @param  non-empty-list<float>  $edges
     * @return non-empty-list<Track>
     */
    private static function sizes(array $edges): array
    {
        $tracks = [];
        for ($i = 1; $i < count($edges); $i++) {
            $tracks[] = Track::fixed(max(0.001, Length::round($edges[$i] - $edges[$i - 1])));
        }

        return $tracks === [] ? [Track::fixed(1.0)] : $tracks;
    }

    /** @param  non-empty-list<array{float, float}>  $spans */
    private static function place(array $spans, float $from, float $to): int
    {
        $best = [0, -INF];
        foreach ($spans as $i => [$start, $end]) {
            $shared = min($to, $end) - max($from, $start);
            $best = $shared > $best[1] ? [$i, $shared] : $best;
        }

        return $best[0];
    }

    /**
     * How each cell stands and looks, so that its words stay where they are.
     *
     * @param  array<int, array<int, Item|null>>  $cells
     * @param  non-empty-list<float>  $xs
     * @param  non-empty-list<float>  $ys
     * @param  array<string, mixed>  $common  of the letters of most
     * @return array<int, array<int, array<string, mixed>>>
     */
    private function looks(array $cells, array $xs, array $ys, array $common): array
    {
        $looks = [];
        foreach ($cells as $r => $row) {
            foreach ($row as $c => $item) {
                $looks[$r][$c] = [];
                if ($item === null) {
                    continue;
                }
                $box = $this->box($item);
                [$top, $right, $bottom, $left] = SidesField::of($item->fields['padding'] ?? null);
                $stored = $item->kind->fields()->stored($item->fields);
                $own = array_intersect_key($stored, array_flip([...CellLook::LETTERS, 'line_height']));
                $align = in_array($item->word('align'), ['centre', 'end'], true) ? $item->word('align') : 'start';
                $stand = in_array($item->word('stand'), ['middle', 'bottom'], true) ? $item->word('stand') : 'top';
                $looks[$r][$c] = array_filter($own, static fn (mixed $value, string $name): bool => $value !== ($common[$name] ?? null), ARRAY_FILTER_USE_BOTH)
                    + ($align === 'start' ? [] : ['align' => $align]) + ($stand === 'middle' ? [] : ['stand' => $stand])
                    + ['padding' => array_map(static fn (float $side): float => max(0.0, Length::round($side)), [$box->y - $ys[$r] + $top, $xs[$c + 1] - $box->right() + $right, $ys[$r + 1] - $box->bottom() + $bottom, $box->x - $xs[$c] + $left])];
            }
        }

        return $looks;
    }

    /**
     * @param  list<array{Item, Rect}>  $grounds
     * @return mixed the colour of the foremost that lies behind a cell, as it is stored
     */
    private static function ground(array $grounds, Rect $cell): mixed
    {
        $ground = null;
        foreach ($grounds as [$item, $box]) {
            $fill = Look::fill($item);
            if ($fill instanceof Colour && $box->meets($cell) && $box->within($cell)?->area() > 0.5 * $cell->area()) {
                $ground = $fill->stored();
            }
        }

        return $ground;
    }

    /**
     * @param  list<array{Item, Rect}>  $lines
     * @param  non-empty-list<float>  $xs
     * @param  non-empty-list<float>  $ys
     * @return array<string, mixed> what of TableData they say
     */
    private static function rules(array $lines, array $xs, array $ys): array
    {
        $found = ['across' => [], 'down' => []];
        foreach ($lines as [$item, $box]) {
            $outline = Look::outline($item);
            [$way, $at, $edges] = $box->w >= $box->h ? ['across', $box->centre()->y, $ys] : ['down', $box->centre()->x, $xs];
            foreach (array_slice($edges, 1, -1, true) as $i => $edge) {
                if ($outline instanceof Outline && abs($at - $edge) <= max(1.0, $outline->weight)) {
                    $found[$way][$i] = ['weight' => $outline->weight, 'colour' => $outline->fill->stored()] + ($outline->dash === [] ? [] : ['dash' => $outline->dash]);
                }
            }
        }
        $said = ['rules' => []];
        foreach ($found as $way => $at) {
            $common = $at === [] ? null : self::mostFrequent(array_values($at));
            $often = array_filter($at, static fn (array $rule): bool => $rule === $common);
            $count = count($way === 'across' ? $ys : $xs) - 2;
            if ($common !== null && count($often) > 0.5 * $count) {
                $said['rules'][$way] = Rule::read($common);
            } else {
                $often = [];
            }
            $others = $way === 'across' ? array_diff_key($at, $often) : [];
            ksort($others);
            foreach ($others as $i => $rule) {
                $isHeader = $i <= $count / 2 && ! isset($said['header']);
                $said['rules'][$isHeader ? 'header' : 'total'] = Rule::read($rule);
                $said[$isHeader ? 'header' : 'total'] = $isHeader ? $i : $count + 1 - $i;
            }
        }
        $said['rules'] = array_filter($said['rules']);
        ksort($said['rules']);

        return $said;
    }

    /**
     * @template T
     *
     * @param  list<T>  $values  one at least
     * @return T
     */
    private static function mostFrequent(array $values): mixed
    {
        $counts = array_count_values(array_map(serialize(...), $values));
        arsort($counts);

        return unserialize((string) array_key_first($counts), ['allowed_classes' => false]);
    }
}
