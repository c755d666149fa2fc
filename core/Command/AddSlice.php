<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Arrange\TableParts;
use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Measure\Boxes;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\CutParams;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Selected;
use AllSquare\Core\Sheet\Cut;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Figures;
use AllSquare\Core\Sheet\Guide;
use AllSquare\Core\Sheet\Slice;
use AllSquare\Core\Sheet\Words;
use AllSquare\Core\Slice\Cells;
use AllSquare\Core\Slice\NamePattern;
use AllSquare\Core\Slice\Slices;

/** Cuts slices: one given by figures; from items, each, as one, or every child of a group; along the guides or the grid's cells. */
final readonly class AddSlice implements Command
{
    private function __construct(private Params $params)
    {
    }

    public static function name(): string
    {
        return 'add-slice';
    }

    public static function from(Params $params): self
    {
        return new self($params);
    }

    public function needs(): Needs
    {
        return new Needs(sorts: $this->params->word('along') === 'guides' ? [Guide::class] : []);
    }

    public function run(Draft $draft, array $items): Report
    {
        $wanted = match (true) {
            $this->params->has('along') => $this->cells($draft),
            $items !== [] => $this->ofItems($draft, $items),
            default => [$this->typed($draft)],
        };
        if (count($wanted) > Slices::MOST) {
            throw Refusal::because(sprintf('A sheet has 1,000 slices at most; these would be %s.', number_format(count($wanted))));
        }
        $pattern = $this->params->word('name');
        $slices = new Slices($draft);
        $cuts = new CutParams($this->params, $draft);
        $made = [];
        foreach ($wanted as $i => [$box, $sources, $plain, $words]) {
            $words += ['sheet' => $draft->sheet()->name, 'w' => Length::text($box->w), 'h' => Length::text($box->h)];
            $name = $pattern === null ? $plain : (new NamePattern($pattern))->name($words, $i + 1);
            $made[] = $slices->add($name, $box, $cuts->on(new Cut($sources)));
        }
        $from = match (true) {
            $this->params->has('along') => ' along the '.($this->params->word('along') === 'guides' ? 'guides' : 'grid'),
            $items === [] => '',
            default => ' from '.Words::of($draft, Selected::of($draft, $items)->ids),
        };

        return new Report(
            count($made) === 1 ? 'Cut slice '.$made[0]->words() : 'Cut '.count($made)." slices$from",
            $items,
            ['slices' => array_map(static fn (Slice $slice): string => $slice->id, $made)],
        );
    }

    /** @return array{Rect, list<string>, string, array<string, string>} the box, what it is cut from, its name, and words for a pattern */
    private function typed(Draft $draft): array
    {
        if (count(array_filter(['x', 'y', 'w', 'h'], $this->params->has(...))) < 4) {
            throw Refusal::because('Give x, y, w and h, or select the items to cut.', 'params');
        }
        $figures = new Figures($draft);
        $box = new Rect(
            $figures->read($this->params->length('x') ?? 0.0, Axis::X, 'x'),
            $figures->read($this->params->length('y') ?? 0.0, Axis::Y, 'y'),
            $figures->size($this->params->length('w') ?? 0.0, Axis::X, 'w'),
            $figures->size($this->params->length('h') ?? 0.0, Axis::Y, 'h'),
        );

        return [$box, [], 'slice', []];
    }

    /**
     * Out to whole pixels round the bounds of each item, of all as one, or of every child of the groups among them.
     *
     * @param  list<string>  $items
     * @return list<array{Rect, list<string>, string, array<string, string>}>
     */
    private function ofItems(Draft $draft, array $items): array
    {
        $ids = Selected::of($draft, $items)->ids;
        $as = $this->params->word('as') ?? 'each';
        if ($as === 'children') {
            $ids = array_merge(...array_map(static fn (string $id): array => array_map(
                static fn (Item $child): string => $child->id,
                array_values(array_filter($draft->tree->children($id), static fn (Item $child): bool => ! $child->hidden)),
            ), $ids));
            if ($ids === []) {
                throw Refusal::because('None of these is a group with something in it.', 'items');
            }
        }
        if ($as === 'cells' || $as === 'rows') {
            return array_merge(...array_map(static fn (string $id): array => self::ofTable($draft, $id, $as === 'rows'), $ids));
        }
        $boxes = new Boxes($draft->tree, $draft->fonts);
        $named = static fn (string $id): string => $draft->item($id)->name;
        if ($as === 'one') {
            $box = Rect::unionOf(array_map($boxes->bounds(...), $ids));

            return $box === null ? [] : [[Slice::outward($box), $ids, $named($ids[0]), ['item' => $named($ids[0])]]];
        }

        return array_map(static fn (string $id): array => [Slice::outward($boxes->bounds($id)), [$id], $named($id), ['item' => $named($id)]], $ids);
    }

    /**
     * The cells of a table row by row, as they are seen, or its rows.
     *
     * @return list<array{Rect, list<string>, string, array<string, string>}>
     */
    private static function ofTable(Draft $draft, string $id, bool $rows): array
    {
        $parts = TableParts::of($draft, [$id]);
        $layout = $parts->layout();
        $toSheet = $draft->tree->toSheet($parts->item->parent)->after($parts->item->paintedToParent());
        $name = $parts->item->name;
        $wanted = [];
        foreach ($layout->table->cells as $r => $row) {
            foreach (array_keys($rows ? [0] : $row) as $c) {
                if (! $rows && $layout->isCovered($r, $c)) {
                    continue;
                }
                $box = $rows ? new Rect(0.0, $layout->tops[$r], $layout->w, $layout->heights[$r]) : $layout->box($r, $c);
                $words = ['item' => $name, 'row' => (string) ($r + 1)] + ($rows ? [] : ['column' => (string) ($c + 1)]);
                $wanted[] = [Slice::outward($toSheet->bounds($box)), [], "$name ".implode('-', array_slice($words, 1)), $words];
            }
        }

        return $wanted;
    }

    /** @return list<array{Rect, list<string>, string, array<string, string>}> */
    private function cells(Draft $draft): array
    {
        $sheet = $draft->sheet();
        $cells = $this->params->word('along') === 'guides' ? Cells::alongGuides($sheet, $draft->of(Guide::class)->all()) : Cells::ofGrid($sheet);

        return array_map(static fn (array $cell): array => [
            $cell[0], [], "$sheet->name $cell[1]-$cell[2]", ['row' => (string) $cell[1], 'column' => (string) $cell[2]],
        ], $cells->all());
    }
}
