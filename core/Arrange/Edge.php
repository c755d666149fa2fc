<?php

declare(strict_types=1);

namespace AllSquare\Core\Arrange;

use AllSquare\Core\Geometry\Axis;

/** What is brought onto one line: an edge, a centre, or the first or the last baseline. */
enum Edge: string
{
    case Left = 'left';
    case Centre = 'centre';
    case Right = 'right';
    case Top = 'top';
    case Middle = 'middle';
    case Bottom = 'bottom';
    case Baseline = 'baseline';
    case LastBaseline = 'last-baseline';

    public function axis(): Axis
    {
        return match ($this) {
            self::Left, self::Centre, self::Right => Axis::X,
            self::Top, self::Middle, self::Bottom, self::Baseline, self::LastBaseline => Axis::Y,
        };
    }

    /** How far along a box its line lies: 0, 0.5 or 1; of a box without letters, its baseline is its bottom. */
    public function along(): float
    {
        return match ($this) {
            self::Left, self::Top => 0.0,
            self::Centre, self::Middle => 0.5,
            self::Right, self::Bottom, self::Baseline, self::LastBaseline => 1.0,
        };
    }

    public function isBaseline(): bool
    {
        return $this === self::Baseline || $this === self::LastBaseline;
    }

    public function isCentre(): bool
    {
        return $this === self::Centre || $this === self::Middle;
    }

    /** @param  non-empty-list<self>  $edges  one, or one across and one down */
    public static function named(array $edges): string
    {
        $both = array_filter($edges, static fn (self $edge): bool => $edge->isCentre());

        return count($both) === 2 ? 'centres both ways' : implode(' and ', array_map(static fn (self $edge): string => $edge->words(), $edges));
    }

    /** As in "Aligned 3 cards by their ..." */
    public function words(): string
    {
        return match ($this) {
            self::Left => 'left edges',
            self::Centre => 'centres across',
            self::Right => 'right edges',
            self::Top => 'tops',
            self::Middle => 'middles',
            self::Bottom => 'bottoms',
            self::Baseline => 'baselines',
            self::LastBaseline => 'last baselines',
        };
    }
}
