<?php

declare(strict_types=1);

namespace AllSquare\Core\Measure;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Traits\FollowsItsWords;
use AllSquare\Core\Item\Traits\HasBaseline;
use AllSquare\Core\Item\Traits\ShowsAsOne;
use AllSquare\Core\Sheet\Tree;
use AllSquare\Core\Text\FontLibrary;

/** The first and the last baseline of items (docs/ARCHITECTURE.md, Text). What has no text that stands upright has its bottom. */
final readonly class Baseline
{
    /** @param  bool  $isForSnapping  whether lines that things only snap to are wanted as well */
    public function __construct(private Tree $tree, private Boxes $boxes, private FontLibrary $fonts, private bool $isForSnapping = true)
    {
    }

    /**
     * How far below the top of a box of the item its first baseline lies, or its last.
     *
     * @param  bool  $whole  to whole pixels, as letters are set where every frame lies on the pixel
     * @return float px
     */
    public function below(string $id, Rect $box, bool $whole, bool $last = false): float
    {
        $line = $this->outermost($this->tree->item($id), $last) ?? $box->bottom();

        return $whole ? Length::whole($line - $box->y) : $line - $box->y;
    }

    /** @return float|null px from the top of the sheet; null for what is no text that stands upright */
    public function of(string $id): ?float
    {
        $item = $this->tree->item($id);

        return $item->holdsItems() ? null : $this->outermost($item, last: false);
    }

    /** @return float|null the edge by which an upright text stands while its width follows its words: 0 the left one, 0.5 its centre, 1 the right one */
    public function standsBy(string $id): ?float
    {
        $item = $this->tree->item($id);
        $edge = $item->kind instanceof FollowsItsWords && ! $item->flip->isDown() && Length::same(fmod($this->tree->totalAngle($id), 360.0), 0.0) ? $item->kind->standsBy($item->fields) : null;

        return $edge !== null && $item->flip->isAcross() ? 1.0 - $edge : $edge;
    }

    /** @return array<string, float> the other lines of an upright text, px from the top of the sheet, by what they are */
    public function letterLines(string $id): array
    {
        $item = $this->tree->item($id);
        if (! $this->isForSnapping || ! $item->kind instanceof HasBaseline || ! $this->standsUpright($item)) {
            return [];
        }
        $top = $this->boxes->bounds($id)->y;

        return array_map(static fn (float $line): float => $top + $line, $item->kind->letterLines($item->fields, $item->frame->w, $item->frame->h, $this->fonts));
    }

    /** @return array{x: list<float>, y: list<float>} of the columns and rows of an upright table, px of the sheet */
    public function edges(string $id): array
    {
        return ! $this->isForSnapping ? ['x' => [], 'y' => []] : TrackEdges::of($this->tree, $id, $this->boxes->bounds($id), $this->fonts);
    }

    /** @return float|null px of the sheet: of what an item holds, the highest first baseline, or the lowest last one */
    private function outermost(Item $item, bool $last): ?float
    {
        if ($item->kind instanceof ShowsAsOne) {
            return null;
        }
        if ($item->holdsItems()) {
            $lines = array_map(fn (Item $child): ?float => $child->hidden ? null : $this->outermost($child, $last), $this->tree->children($item->id));
            $lines = array_filter($lines, static fn (?float $line): bool => $line !== null);

            return $lines === [] ? null : ($last ? max($lines) : min($lines));
        }
        if (! $item->kind instanceof HasBaseline || ! $this->standsUpright($item)) {
            return null;
        }
        $lines = $last ? $item->kind->letterLines($item->fields, $item->frame->w, $item->frame->h, $this->fonts) : [];

        return $this->boxes->bounds($item->id)->y + ($lines['last baseline'] ?? $item->kind->baseline($item->fields, $item->frame->w, $item->frame->h, $this->fonts));
    }

    private function standsUpright(Item $item): bool
    {
        return ! $item->flip->isDown() && Length::same(fmod($this->tree->totalAngle($item->id), 360.0), 0.0);
    }
}
