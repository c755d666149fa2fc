<?php

declare(strict_types=1);

namespace AllSquare\Core\Arrange;

use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Traits\HasWords;
use AllSquare\Core\Item\Traits\MasksOthers;
use AllSquare\Core\Item\Traits\ShowsAsOne;
use AllSquare\Core\Measure\Boxes;
use AllSquare\Core\Measure\Ground;
use AllSquare\Core\Sheet\Draft;

/** Things that lie in one place, each with those that lie on it and in it, as they stand before anything is moved. */
final readonly class Clusters
{
    private Boxes $boxes;

    private Ground $ground;

    public function __construct(private Draft $draft)
    {
        $this->boxes = new Boxes($draft->tree, $draft->fonts);
        $this->ground = new Ground($draft->tree, $this->boxes);
    }

    /**
     * @param  string|null  $parent  what they lie in; null for the sheet itself
     * @param  Rect|null  $within  those that do not meet it are left out
     * @return list<Cluster>
     */
    public function in(?string $parent, ?Rect $within = null): array
    {
        $clusters = $on = [];
        foreach ($this->draft->tree->children($parent) as $item) {
            if ($item->hidden || ($item->twin()?->runs() ?? false) || $this->boxes->showsNothing($item->id)) {
                continue;
            }
            $box = $this->boxes->bounds($item->id);
            if ($within === null || $box->meets($within)) {
                $clusters[$item->id] = new Cluster($item, $box);
                $clusters[$item->id]->held = $this->isLaidOut($item) ? $this->in($item->id) : [];
                $on[$item->id] = $this->sibling($this->ground->of([$item->id], $box), $parent);
            }
        }
        $roots = [];
        foreach ($clusters as $id => $cluster) {
            $beneath = $on[$id] !== null && $on[$id] !== $id ? $clusters[$on[$id]] ?? null : null;
            if ($beneath === null) {
                $roots[] = $cluster;
            } else {
                $beneath->on[] = $cluster;
            }
        }

        return $roots;
    }

    /** Whether what lies in it is laid out with it: in a tray that is no rail, or in a group with something to read. What is only drawn is sized as it is. */
    private function isLaidOut(Item $item): bool
    {
        if (! $item->holdsItems() || $item->rail() !== null || $item->angle !== 0.0 || $item->kind instanceof ShowsAsOne || $item->kind instanceof MasksOthers || $item->keepsNumbers()) {
            return false;
        }

        return ! $item->isFramedByItems() || array_filter($this->draft->tree->descendants($item->id), static fn (Item $one): bool => $one->kind instanceof HasWords || $one->rail() !== null) !== [];
    }

    /** What of those that lie in the same place it is, or lies in. */
    private function sibling(?Item $item, ?string $parent): ?string
    {
        foreach ($item === null ? [] : [$item, ...$this->draft->tree->ancestors($item->id)] as $one) {
            if ($one->parent === $parent) {
                return $one->id;
            }
        }

        return null;
    }
}
