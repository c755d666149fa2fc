<?php

declare(strict_types=1);

namespace AllSquare\Core\Geometry;

/** Whether what is painted in a frame is seen in a mirror: left and right changed places, top and bottom, or both. */
enum Flip: string
{
    case None = 'none';
    case Across = 'across';
    case Down = 'down';
    case Both = 'both';

    /** Mirrored once more, before it is turned. */
    public function mirrored(Axis $axis): self
    {
        $across = $this->isAcross() !== ($axis === Axis::X);
        $down = $this->isDown() !== ($axis === Axis::Y);

        return match (true) {
            $across && $down => self::Both,
            $across => self::Across,
            $down => self::Down,
            default => self::None,
        };
    }

    public function isAcross(): bool
    {
        return $this === self::Across || $this === self::Both;
    }

    public function isDown(): bool
    {
        return $this === self::Down || $this === self::Both;
    }

    /** Onto itself, in the mirror: a box from 0, 0 to w, h. */
    public function within(float $w, float $h): Matrix
    {
        return match ($this) {
            self::None => Matrix::identity(),
            self::Across => Matrix::shift($w, 0.0)->after(Matrix::mirror()),
            self::Down => Matrix::shift(0.0, $h)->after(Matrix::turn(180.0))->after(Matrix::mirror()),
            self::Both => Matrix::shift($w, $h)->after(Matrix::turn(180.0)),
        };
    }
}
