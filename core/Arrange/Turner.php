<?php

declare(strict_types=1);

namespace AllSquare\Core\Arrange;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Matrix;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\SpaceChange;

/** Turns items about points of the sheet, and mirrors them. What is in a group keeps its own rows when the group turns. */
final readonly class Turner
{
    public function __construct(private Draft $draft)
    {
    }

    /** @param  float  $degrees  clockwise */
    public function turn(string $id, float $degrees, Point $about): void
    {
        $item = $this->draft->item($id);
        $toSheet = $this->draft->tree->toSheet($item->parent);
        $centre = $toSheet->apply($item->frame->centre());
        $moved = Matrix::turnAbout($about, $degrees)->apply($centre);
        $turned = $item->turnedTo($item->angle + $degrees);
        $this->draft->put(abs($moved->x - $centre->x) < Length::SAME && abs($moved->y - $centre->y) < Length::SAME
            ? $turned
            : $turned->inFrame(self::about($item->frame, $toSheet->inverse()->apply($moved))));
        if ($item->keepsNumbers()) {
            (new GroupFit($this->draft))->fit($id, anew: true);
        }
    }

    /**
     * Mirrors an item across a line of the sheet. Turned by a, it is turned by -a afterwards; in a group, what is in
     * it changes sides within the group. What is painted is seen in the mirror, letters too.
     *
     * @param  Axis  $axis  x: left and right change places
     * @param  float  $line  px of the sheet
     */
    public function mirror(string $id, Axis $axis, float $line): void
    {
        $item = $this->draft->item($id);
        $toSheet = $this->draft->tree->toSheet($item->parent);
        $this->draft->put($this->mirrored($item, $axis, $line, $toSheet));
        $this->inside($item, $axis);
    }

    private function mirrored(Item $item, Axis $axis, float $line, Matrix $toSpace): Item
    {
        $centre = $toSpace->apply($item->frame->centre());
        $across = $axis === Axis::X ? new Point(2 * $line - $centre->x, $centre->y) : new Point($centre->x, 2 * $line - $centre->y);

        return $item
            ->mirrored($axis)
            ->turnedTo(-($toSpace->angle + $item->angle) - $toSpace->angle)
            ->inFrame(self::about($item->frame, $toSpace->inverse()->apply($across)));
    }

    /** A mirrored and then turned group is the group turned the other way with its contents mirrored in its own space. */
    private function inside(Item $group, Axis $axis): void
    {
        if (! $group->holdsItems()) {
            return;
        }
        $line = $axis === Axis::X ? $group->origin->x + $group->frame->w / 2 : $group->origin->y + $group->frame->h / 2;
        foreach ($this->draft->tree->children($group->id) as $child) {
            $this->draft->put($this->mirrored($child, $axis, $line, Matrix::identity()));
            $this->inside($child, $axis);
        }
        $this->rules($group, $axis);
        if ($group->keepsNumbers()) {
            $this->draft->note(SpaceChange::mirrored($group->id));
        }
    }

    /** How a tray lays out what lies in it, or what follows when it is sized. */
    private function rules(Item $tray, Axis $axis): void
    {
        $mirror = new RailMirror($this->draft);
        $rules = $tray->rail();
        if ($rules !== null) {
            $mirror->rail($tray, $rules, $axis);
        } elseif (! $tray->isFramedByItems()) {
            foreach ($this->draft->tree->children($tray->id) as $child) {
                $mirror->pins($child, $axis);
            }
        }
    }

    private static function about(Rect $frame, Point $centre): Rect
    {
        return new Rect(Length::round($centre->x - $frame->w / 2), Length::round($centre->y - $frame->h / 2), $frame->w, $frame->h);
    }
}
