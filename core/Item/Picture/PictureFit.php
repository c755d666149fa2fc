<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Picture;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;

/** How a picture lies in its frame: as large as it has to be, and with its focal point as near to the middle as can be. */
final readonly class PictureFit
{
    public const WAYS = ['cover' => 'Fills the frame', 'contain' => 'All of it', 'stretch' => 'Stretched', 'hand' => 'By hand'];

    /**
     * @param  string  $way  one of WAYS
     * @param  Point  $focus  the focal point: shares of the picture's sides
     * @param  float  $scale  px of the frame to each px of the picture, where it lies by hand
     */
    public function __construct(public string $way, public Point $focus, public float $scale)
    {
    }

    /**
     * Where the whole picture lies.
     *
     * @param  float  $pw  of the picture, px
     * @param  float  $w  of the frame, px
     * @return Rect px from the frame's top left
     */
    public function placed(float $pw, float $ph, float $w, float $h): Rect
    {
        if ($this->way === 'stretch') {
            return new Rect(0.0, 0.0, $w, $h);
        }
        $scale = $this->scale($pw, $ph, $w, $h);
        [$across, $down] = [$pw * $scale, $ph * $scale];
        if ($this->way === 'contain') {
            // Its edges are seen: they lie on whole px wherever those of the frame do.
            [$across, $down] = [max(min(1.0, $w), self::whole($w, $across)), max(min(1.0, $h), self::whole($h, $down))];

            return new Rect(self::whole($w, ($w - $across) / 2, -0.5), self::whole($h, ($h - $down) / 2, -0.5), $across, $down);
        }
        $x = $w / 2 - $this->focus->x * $across;
        $y = $h / 2 - $this->focus->y * $down;

        return $this->way === 'hand'
            ? new Rect($x, $y, $across, $down)
            : new Rect(min(0.0, max($w - $across, $x)), min(0.0, max($h - $down, $y)), $across, $down);
    }

    /** @return float px of the frame to each px of the picture, the larger of both where it is stretched */
    public function scale(float $pw, float $ph, float $w, float $h): float
    {
        return match ($this->way) {
            'contain' => min($w / $pw, $h / $ph),
            'hand' => $this->scale,
            default => max($w / $pw, $h / $ph),
        };
    }

    /** As it lies now, but by hand. */
    public function byHand(float $pw, float $ph, float $w, float $h, ?float $scale): self
    {
        $at = $this->placed($pw, $ph, $w, $h);
        $share = static fn (float $length, float $from, float $of): float => $of > 0.0 ? min(1.0, max(0.0, ($length / 2 - $from) / $of)) : 0.5;

        return new self('hand', new Point($share($w, $at->x, $at->w), $share($h, $at->y, $at->h)), $scale ?? $this->scale($pw, $ph, $w, $h));
    }

    private static function whole(float $side, float $length, float $shift = 0.0): float
    {
        return abs($side - round($side)) < 0.0005 ? Length::whole($length + $shift) : $length;
    }
}
