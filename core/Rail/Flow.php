<?php

declare(strict_types=1);

namespace AllSquare\Core\Rail;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Rect;

/**
 * Lays rails out, one in another: places and sizes are those of CSS Flexible Box Layout Level 1 (section 9) for the same values,
 * in which nothing shrinks (`flex-shrink: 0`, `min-width: 0`, `min-height: 0`) and a share is `flex: n 0 0px`.
 *
 * A share counts where the size that is shared out is known without it: in a rail that is fixed along that axis or has a share
 * itself. Elsewhere it is as large as what lies in it.
 */
final class Flow
{
    /** px by which a line may be too long and still hold what is in it: what is left of sums that binary numbers cannot hold */
    private const HAIR = 1e-6;

    /** @var array<string, Rect> in the space of the rail that each lies in, by id */
    private array $placed = [];

    /** @var array<string, float> heights that are known, by id and width */
    private array $heights = [];

    private function __construct()
    {
    }

    /**
     * @param  Member  $root  a rail that lies in none
     * @return array<string, Rect> px from the top left of the rail that each lies in, by id; of the root its size, at 0, 0
     */
    public static function of(Member $root): array
    {
        $rules = $root->rules ?? new RailRules;
        $root = self::counted($root, $rules->width !== Sizing::Content, $rules->height !== Sizing::Content);
        $flow = new self;
        $w = $flow->isKnown($root, Axis::X) ? $root->size(Axis::X) : $flow->widest($root);
        $h = $flow->lay($root, $w, $flow->isKnown($root, Axis::Y) ? $root->size(Axis::Y) : null, true);

        return [$root->id => new Rect(0.0, 0.0, $w, $h)] + $flow->placed;
    }

    /** With the shares that count; the others are as large as what lies in them. */
    private static function counted(Member $member, bool $isWide, bool $isHigh): Member
    {
        $rules = $member->rules;
        if ($rules === null) {
            return $member;
        }
        $inside = [];
        foreach ($member->inside as $held) {
            $known = [];
            foreach ([Axis::X, Axis::Y] as $axis) {
                $hasRoom = ($axis === Axis::X ? $isWide : $isHigh) && ($axis === $rules->direction || ! $rules->wrap);
                $sizing = $held->rules?->sizing($axis);
                if ($sizing === Sizing::Share && ! $hasRoom && $axis === $rules->direction) {
                    $held = new Member($held->id, $held->w, $held->h, $held->rules?->sized($axis, Sizing::Content), $held->inside, $held->berth, $held->height);
                    $sizing = Sizing::Content;
                } elseif ($held->rules === null && $held->berth->share > 0.0 && $axis === $rules->direction && ! $hasRoom) {
                    $held = new Member($held->id, $held->w, $held->h, null, [], new Berth($held->berth->before, $held->berth->aside, 0.0, $held->berth->over), $held->height, $held->isRigid);
                }
                $known[] = $sizing === Sizing::Fixed || ($sizing === Sizing::Share && $hasRoom);
            }
            $inside[] = self::counted($held, $known[0], $known[1]);
        }

        return new Member($member->id, $member->w, $member->h, $rules, $inside, $member->berth, $member->height);
    }

    /** Whether the size of the root is that of its frame. */
    private function isKnown(Member $root, Axis $axis): bool
    {
        return $root->rules?->sizing($axis) !== Sizing::Content;
    }

    /** How wide it is where it has all the room it wants (max-content). */
    private function widest(Member $member): float
    {
        $rules = $member->rules;
        if ($rules === null || $member->isFixed(Axis::X)) {
            return $member->size(Axis::X);
        }
        $widths = array_map($this->widest(...), $member->inside);
        if ($rules->direction === Axis::X) {
            return $this->sum($member, $widths) + $rules->padding->both(Axis::X);
        }

        return max([0.0, ...$widths]) + $rules->padding->both(Axis::X);
    }

    /** How wide it is at least (min-content): of what wraps, as wide as the widest thing in it. */
    private function narrowest(Member $member): float
    {
        $rules = $member->rules;
        if ($rules === null || $member->isFixed(Axis::X)) {
            return $member->size(Axis::X);
        }
        $widths = array_map($this->narrowest(...), $member->inside);
        if ($rules->direction === Axis::X && ! $rules->wrap) {
            return $this->sum($member, $widths) + $rules->padding->both(Axis::X);
        }
        $widths = array_map(static fn (Member $held, float $width): float => $width + ($rules->direction === Axis::X ? $held->berth->before : 0.0), $member->inside, $widths);

        return max([0.0, ...$widths]) + $rules->padding->both(Axis::X);
    }

    /**
     * Sizes along a rail with what lies between.
     *
     * @param  list<float>  $sizes
     */
    private function sum(Member $rail, array $sizes): float
    {
        $gap = $rail->rules->gap ?? 0.0;

        return max(0.0, array_sum($sizes) + array_sum(array_map(static fn (Member $held): float => $held->berth->before, $rail->inside)) + $gap * max(0, count($sizes) - 1));
    }

    private function heightAt(Member $member, float $w): float
    {
        if ($member->rules === null) {
            return $member->height === null ? $member->h : ($member->height)($w);
        }

        return $member->isFixed(Axis::Y) ? $member->size(Axis::Y) : $this->heights[$member->id.' '.$w] ??= $this->lay($member, $w, null, false);
    }

    /**
     * Lays out what lies in a rail.
     *
     * @param  float|null  $h  px; null for as high as what lies in it
     * @param  bool  $keeps  whether places are kept; else only the height is asked
     * @return float px it is high
     */
    private function lay(Member $rail, float $w, ?float $h, bool $keeps): float
    {
        $rules = $rail->rules ?? new RailRules;
        [$along, $across] = [$rules->direction, $rules->direction->across()];
        $room = [
            Axis::X->value => max(0.0, $w - $rules->padding->both(Axis::X)),
            Axis::Y->value => $h === null ? null : max(0.0, $h - $rules->padding->both(Axis::Y)),
        ];
        $lines = $this->lines($rail, $rules, $room);
        $thick = $this->thicknesses($lines, $rules, $room[$across->value]);
        $shift = $this->shift($rules->across, $room[$across->value], array_sum($thick) + $rules->gap * max(0, count($lines) - 1), $rules->wrap);
        $longest = max([0.0, ...array_map(static fn (Line $line): float => $line->length($rules->gap), $lines)]);
        $place = $rules->padding->lead($across) + $shift;
        foreach ($lines as $i => $line) {
            $this->place($line, $rules, $room[$along->value] ?? $longest, $place, $thick[$i], $keeps);
            $place += $thick[$i] + $rules->gap;
        }
        $content = $along === Axis::Y ? $longest : max(0.0, array_sum($thick) + $rules->gap * max(0, count($lines) - 1));

        return $h ?? $content + $rules->padding->both(Axis::Y);
    }

    /**
     * What lies in a rail by lines, with its size along it and what it is across by itself.
     *
     * @param  array{x: float, y: float|null}  $room
     * @return list<Line>
     */
    private function lines(Member $rail, RailRules $rules, array $room): array
    {
        $length = $room[$rules->direction->value];
        $lines = [new Line];
        foreach ($rail->inside as $held) {
            $share = $held->share($rules->direction);
            $width = $rules->direction === Axis::X ? ($share > 0.0 ? $held->atLeast(Axis::X, 0.0) : $this->widest($held)) : $this->widthIn($held, $rules, $room['x']);
            $size = $share > 0.0 ? $held->atLeast($rules->direction, 0.0) : ($rules->direction === Axis::X ? $width : $this->heightAt($held, $width));
            $line = $lines[count($lines) - 1];
            if ($rules->wrap && $length !== null && $line->members !== [] && $line->length($rules->gap) + $rules->gap + $held->berth->before + $size > $length + self::HAIR) {
                $lines[] = $line = new Line;
            }
            $line->add($held, $size, $width, $share);
        }
        foreach ($lines as $line) {
            $length === null || $line->shareOut($length, $rules->gap);
            if ($rules->direction === Axis::X) {
                $line->across = array_map($this->heightAt(...), $line->members, $line->sizes);
            }
        }

        return $lines;
    }

    /** How wide something is in a column. */
    private function widthIn(Member $held, RailRules $rules, float $room): float
    {
        if ($held->rules === null) {
            return $held->isStretched(Axis::X, $rules->across) && ! $rules->wrap ? $room : $held->w;
        }

        return match (true) {
            $held->isFixed(Axis::X) => $held->size(Axis::X),
            ! $rules->wrap && ($rules->across === Across::Stretch || $held->rules->width === Sizing::Share) => $held->atLeast(Axis::X, $room),
            default => min(max($this->narrowest($held), $room), $this->widest($held)),
        };
    }

    /**
     * @param  list<Line>  $lines
     * @return list<float> px across, of each line
     */
    private function thicknesses(array $lines, RailRules $rules, ?float $room): array
    {
        if (! $rules->wrap && $room !== null) {
            return [$room];
        }
        $thick = array_map(static fn (Line $line): float => max([0.0, ...$line->across]), $lines);
        $left = $room === null ? 0.0 : $room - array_sum($thick) - $rules->gap * max(0, count($lines) - 1);
        if ($rules->across === Across::Stretch && $left > 0.0) {
            return array_map(static fn (float $one): float => $one + $left / count($lines), $thick);
        }

        return $thick;
    }

    /** From the leading edge of the room to the first of several lines. */
    private function shift(Across $across, ?float $room, float $taken, bool $wraps): float
    {
        return $room === null || ! $wraps ? 0.0 : match ($across) {
            Across::Start, Across::Stretch => 0.0,
            Across::Centre => ($room - $taken) / 2,
            Across::End => $room - $taken,
        };
    }

    private function place(Line $line, RailRules $rules, float $room, float $edge, float $thick, bool $keeps): void
    {
        [$along, $across] = [$rules->direction, $rules->direction->across()];
        $left = $room - $line->length($rules->gap);
        $count = count($line->members);
        [$at, $between] = match ($rules->along) {
            Along::Start => [0.0, 0.0],
            Along::Centre => [$left / 2, 0.0],
            Along::End => [$left, 0.0],
            Along::Between => [0.0, $left > 0.0 && $count > 1 ? $left / ($count - 1) : 0.0],
        };
        $at += $rules->padding->lead($along);
        foreach ($line->members as $i => $held) {
            $at += $held->berth->before;
            $size = $line->sizes[$i];
            $isStretched = $held->isStretched($across, $rules->across);
            $own = $isStretched ? $held->atLeast($across, $thick) : $line->across[$i];
            $aside = $held->berth->aside + match (true) {
                $isStretched, $rules->across === Across::Start, $rules->across === Across::Stretch => 0.0,
                $rules->across === Across::Centre => ($thick - $own) / 2,
                default => $thick - $own,
            };
            if ($keeps) {
                $box = $along === Axis::X ? new Rect($at, $edge + $aside, $size, $own) : new Rect($edge + $aside, $at, $own, $size);
                $this->placed[$held->id] = $box;
                $held->rules === null || $this->lay($held, $box->w, $box->h, true);
            }
            $at += $size + $rules->gap + $between;
        }
    }
}
