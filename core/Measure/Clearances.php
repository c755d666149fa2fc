<?php

declare(strict_types=1);

namespace AllSquare\Core\Measure;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Geometry\Side;
use AllSquare\Core\Item\By;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Sheet\Tree;

/** The distances from a selection, taken as one, to what lies next on its four sides (RULES 6). */
final readonly class Clearances
{
    public Rect $box;

    /** What the selection lies on; null for the sheet. */
    public ?Item $ground;

    private Rect $groundBox;

    private Neighbours $neighbours;

    /** @param  non-empty-list<string>  $ids  items, none of them inside another */
    public function __construct(private Tree $tree, private Boxes $boxes, array $ids, Rect $sheet, private By $by = By::Frame)
    {
        $this->box = Rect::unionOf(array_map(fn (string $id): Rect => $boxes->box($id, $by), $ids)) ?? $sheet;
        $this->ground = (new Ground($tree, $boxes, $this->box))->of($ids, $this->box);
        $this->groundBox = $this->ground === null ? $sheet : $boxes->box($this->ground->id, $by);
        $this->neighbours = new Neighbours($this->siblings($ids));
    }

    public function of(Side $side): Clearance
    {
        $next = $this->neighbours->nearest($this->box, $side);

        return $next === null
            ? new Clearance($side, Length::round($side->outside($this->box, $side->of($this->groundBox))), $this->ground, true)
            : new Clearance($side, $next['size'], $this->tree->item($next['id']), false);
    }

    /**
     * What lies beside them: the other visible children of the innermost group that holds all of them.
     *
     * @param  non-empty-list<string>  $ids
     * @return array<string, Rect>
     */
    private function siblings(array $ids): array
    {
        $holding = array_fill_keys($ids, true);
        foreach ($ids as $id) {
            foreach ($this->tree->ancestors($id) as $group) {
                $holding[$group->id] = true;
            }
        }
        $boxes = [];
        foreach ($this->tree->children($this->tree->commonParent($ids)) as $item) {
            $shown = $item->hidden || $item->reference || isset($holding[$item->id]) ? null : $this->boxes->shown($item->id);
            if ($shown !== null) {
                $boxes[$item->id] = $this->by === By::Frame ? $shown : $this->boxes->box($item->id, $this->by);
            }
        }

        return $boxes;
    }
}
