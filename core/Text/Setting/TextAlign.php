<?php

declare(strict_types=1);

namespace AllSquare\Core\Text\Setting;

enum TextAlign: string
{
    case Start = 'start';
    case Centre = 'centre';
    case End = 'end';
    case Both = 'both';

    /** The share of the free room that lies before the line. */
    public function before(): float
    {
        return match ($this) {
            self::Start, self::Both => 0.0,
            self::Centre => 0.5,
            self::End => 1.0,
        };
    }
}
