<?php

declare(strict_types=1);

namespace AllSquare\Core\Arrange;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Pin;
use AllSquare\Core\Item\Pins;
use AllSquare\Core\Rail\Across;
use AllSquare\Core\Rail\Along;
use AllSquare\Core\Rail\Berth;
use AllSquare\Core\Rail\Padding;
use AllSquare\Core\Rail\RailRules;
use AllSquare\Core\Sheet\Draft;

/** What rails and pins say, in a mirror: the same things lie at the same distances from the other side. */
final readonly class RailMirror
{
    public function __construct(private Draft $draft)
    {
    }

    /** Things in a rail stand in the opposite order where it is mirrored along its direction; of one that wraps the lines stay. */
    public function rail(Item $rail, RailRules $rules, Axis $axis): void
    {
        $children = $this->draft->tree->children($rail->id);
        $isAlong = $axis === $rules->direction;
        $turns = $isAlong && ! $rules->wrap;
        $more = $turns && $children !== [] ? $children[0]->berth()->before : 0.0;
        $swapped = self::swapped($rules->padding, $axis, $more);
        $this->draft->put($this->draft->item($rail->id)->withFields(['rail' => new RailRules(
            $rules->direction, $rules->gap, $swapped,
            $isAlong ? $rules->across : self::otherAcross($rules->across),
            $isAlong ? self::otherAlong($rules->along) : $rules->along,
            $rules->wrap, $rules->width, $rules->height,
        )]));
        $befores = array_map(static fn (Item $child): float => $child->berth()->before, $children);
        $ranks = array_map(static fn (Item $child): int => $child->rank, $children);
        foreach ($children as $i => $child) {
            $was = $child->berth();
            $berth = new Berth($turns ? $befores[$i + 1] ?? 0.0 : $was->before, $isAlong ? $was->aside : Length::round(-$was->aside), $was->share, $was->over);
            $this->draft->put($this->draft->item($child->id)->with(['rank' => $turns ? $ranks[count($ranks) - 1 - $i] : $child->rank])->withFields(['berth' => $berth->toArray() === [] ? null : $berth]));
        }
    }

    public function pins(Item $child, Axis $axis): void
    {
        $pins = $child->pins();
        $other = static fn (Pin $pin): Pin => match ($pin) {
            Pin::Start => Pin::End,
            Pin::End => Pin::Start,
            Pin::Centre, Pin::Stretch => $pin,
        };
        $is = $axis === Axis::X ? new Pins($other($pins->across), $pins->down) : new Pins($pins->across, $other($pins->down));
        $this->draft->put($child->withFields(['pins' => $is->isPlain() ? null : $is]));
    }

    /** @param  float  $more  px that lay before the first thing besides */
    private static function swapped(Padding $padding, Axis $axis, float $more): Padding
    {
        return $axis === Axis::X
            ? new Padding($padding->right, $padding->top, max(0.0, Length::round($padding->left + $more)), $padding->bottom)
            : new Padding($padding->left, $padding->bottom, $padding->right, max(0.0, Length::round($padding->top + $more)));
    }

    private static function otherAcross(Across $across): Across
    {
        return match ($across) {
            Across::Start => Across::End,
            Across::End => Across::Start,
            Across::Centre, Across::Stretch => $across,
        };
    }

    private static function otherAlong(Along $along): Along
    {
        return match ($along) {
            Along::Start => Along::End,
            Along::End => Along::Start,
            Along::Centre, Along::Between => $along,
        };
    }
}
