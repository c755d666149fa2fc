<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Arrange\Mover;
use AllSquare\Core\Arrange\Sizer;
use AllSquare\Core\Geometry\Angle;
use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\NinePoint;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Selected;
use AllSquare\Core\Running\Traits\ArrangesBoxes;
use AllSquare\Core\Running\Traits\GoesOn;
use AllSquare\Core\Running\Traits\Repeatable;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Figures;
use AllSquare\Core\Sheet\Words;

/** Places and sizes the bounds of items on the sheet, from its zero. */
final readonly class Place implements ArrangesBoxes, Command, GoesOn, Repeatable
{
    public static function name(): string
    {
        return 'place';
    }

    /** @param  array<string, float|string>  $figures those of x, y, w, h that were given */
    private function __construct(private array $figures, private NinePoint $ref, private bool $asOne)
    {
    }

    public static function from(Params $params): self
    {
        $figures = [];
        foreach (['x', 'y', 'w', 'h'] as $name) {
            $length = $params->length($name);
            if ($length !== null) {
                $figures[$name] = $length;
            }
        }

        return new self($figures, $params->choice('ref', NinePoint::class) ?? NinePoint::TopLeft, $params->word('as') === 'one');
    }

    public function needs(): Needs
    {
        return new Needs;
    }

    public function run(Draft $draft, array $items): Report
    {
        if ($this->figures === []) {
            throw Refusal::because('Give at least one of x, y, w and h.', 'params');
        }
        $selected = isset($this->figures['w']) || isset($this->figures['h'])
            ? Selected::changeable($draft, $items)
            : Selected::movable($draft, $items);
        $mover = new Mover($draft);
        $asBlock = $this->asOne && count($selected->free) > 1;
        $boxes = static function () use ($mover, $selected, $asBlock): array {
            $each = array_map($mover->box(...), $selected->free);

            return $asBlock ? array_values(array_filter([Rect::unionOf($each)])) : $each;
        };
        $before = $boxes();
        if ($asBlock) {
            $this->block($draft, $mover, $selected->free, $before[0]);
        } else {
            $sizer = new Sizer($draft);
            foreach ($selected->free as $id) {
                $this->one($draft, $mover, $sizer, $id);
            }
        }

        return new Report($this->summary($draft, $selected->free, $before, $boxes()).$selected->note(), $selected->ids, $selected->leftOut());
    }

    private function one(Draft $draft, Mover $mover, Sizer $sizer, string $id): void
    {
        $item = $draft->item($id);
        $before = $mover->box($id);
        $upright = $mover->boxes->standsUpright($id);
        // A turned item is sized along its own axes, which its bounds do not show.
        $own = $upright ? $before : new Rect($before->x, $before->y, $item->frame->w, $item->frame->h);
        $wanted = $this->wanted($draft, $own, $before, $item, $mover->isExempt($id));
        if (isset($this->figures['w']) || isset($this->figures['h'])) {
            $this->refuseHeightOfLine($item, $draft);
            $upright
                ? $sizer->toBounds($id, new Rect($wanted->x, $wanted->y, $wanted->w, $wanted->h))
                : $sizer->frame($id, $wanted->w, $wanted->h, $this->ref);
        }
        $now = $mover->box($id);
        $point = $wanted->at($this->ref);
        if (! $upright) {
            $held = $before->at($this->ref);
            $origin = $draft->sheet()->zero;
            $point = new Point(
                isset($this->figures['x']) ? $this->read($draft, 'x', Axis::X, $item, $own, $origin->x) : $held->x,
                isset($this->figures['y']) ? $this->read($draft, 'y', Axis::Y, $item, $own, $origin->y) : $held->y,
            );
        }
        $x = $point->x - $now->w * $this->ref->across();
        $y = $point->y - $now->h * $this->ref->down();
        $moves = isset($this->figures['x']) || isset($this->figures['w']);
        $falls = isset($this->figures['y']) || isset($this->figures['h']);
        $mover->shift($id, $moves ? $mover->landing($id, Axis::X, $x) - $now->x : 0.0, $falls ? $mover->landing($id, Axis::Y, $y) - $now->y : 0.0);
    }

    /** @param  list<string>  $ids */
    private function block(Draft $draft, Mover $mover, array $ids, Rect $before): void
    {
        $whole = $draft->sheet()->wholePixels;
        $wanted = $this->wanted($draft, $before, $before, null, ! $whole);
        $sizer = new Sizer($draft);
        foreach ($ids as $id) {
            if ($wanted->w === $before->w && $wanted->h === $before->h) {
                $mover->shift($id, $wanted->x - $before->x, $wanted->y - $before->y);
            } else {
                $sizer->scale($id, $before, $wanted);
            }
        }
    }

    /** The box that was asked for, its reference point where it was or where it was typed. */
    private function wanted(Draft $draft, Rect $own, Rect $bounds, ?Item $item, bool $exempt): Rect
    {
        $zero = $draft->sheet()->zero;
        $kept = static fn (float $v): float => $exempt ? $v : Length::whole($v);
        $w = isset($this->figures['w']) ? $kept($this->size($draft, 'w', Axis::X, $item, $own)) : $own->w;
        $h = isset($this->figures['h']) ? $kept($this->size($draft, 'h', Axis::Y, $item, $own)) : $own->h;
        $held = $bounds->at($this->ref);
        $x = isset($this->figures['x']) ? $this->read($draft, 'x', Axis::X, $item, $own, $zero->x) : $held->x;
        $y = isset($this->figures['y']) ? $this->read($draft, 'y', Axis::Y, $item, $own, $zero->y) : $held->y;
        $left = $x - $w * $this->ref->across();
        $top = $y - $h * $this->ref->down();

        return new Rect(
            isset($this->figures['x']) || isset($this->figures['w']) ? $kept($left) : $bounds->x,
            isset($this->figures['y']) || isset($this->figures['h']) ? $kept($top) : $bounds->y,
            $w,
            $h,
        );
    }

    private function read(Draft $draft, string $name, Axis $axis, ?Item $item, Rect $own, float $zero): float
    {
        return (new Figures($draft))->read($this->figures[$name], $axis, $name, $item, self::fromZero($draft, $own)) + $zero;
    }

    private function size(Draft $draft, string $name, Axis $axis, ?Item $item, Rect $own): float
    {
        return (new Figures($draft))->size($this->figures[$name], $axis, $name, $item, self::fromZero($draft, $own));
    }

    private static function fromZero(Draft $draft, Rect $own): Rect
    {
        return $own->moved(-$draft->sheet()->zero->x, -$draft->sheet()->zero->y);
    }

    private function refuseHeightOfLine(Item $item, Draft $draft): void
    {
        $sideways = Angle::isSideways($draft->tree->totalAngle($item->id));
        if ($item->isFlat() && isset($this->figures[$sideways ? 'w' : 'h'])) {
            throw Refusal::because(Words::quoted($item).' is a line: it has a length and an angle, and nothing across it.', $sideways ? 'w' : 'h');
        }
    }

    /**
     * @param  list<string>  $ids
     * @param  list<Rect>  $before  of each, or of all as one
     * @param  list<Rect>  $after
     */
    private function summary(Draft $draft, array $ids, array $before, array $after): string
    {
        $set = $were = [];
        foreach (array_keys($this->figures) as $name) {
            $of = static fn (Rect $box): float => self::fromZero($draft, $box)->toArray()[$name];
            $set[] = "$name ".Words::figures(array_map($of, $after));
            $were[] = "$name ".Words::figures(array_map($of, $before));
        }

        return sprintf('Placed %s%s: %s (was %s)', Words::of($draft, $ids), count($before) > 1 ? ' each' : '', implode(', ', $set), implode(', ', $were));
    }
}
