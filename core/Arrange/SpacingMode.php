<?php

declare(strict_types=1);

namespace AllSquare\Core\Arrange;

/** What is made equal when things are spaced: the gaps between them, or the steps from edge to edge. */
enum SpacingMode: string
{
    case Gaps = 'gaps';
    case Starts = 'starts';
    case Centres = 'centres';
    case Ends = 'ends';

    /** How far along an item the edge lies by which it is ordered and stepped: 0, 0.5 or 1. */
    public function along(): float
    {
        return match ($this) {
            self::Gaps, self::Starts => 0.0,
            self::Centres => 0.5,
            self::Ends => 1.0,
        };
    }

    /** As in "steps of their centres" */
    public function words(): string
    {
        return match ($this) {
            self::Gaps => 'gaps',
            self::Starts => 'steps of their starts',
            self::Centres => 'steps of their centres',
            self::Ends => 'steps of their ends',
        };
    }
}
