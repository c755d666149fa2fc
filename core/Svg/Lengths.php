<?php

declare(strict_types=1);

namespace AllSquare\Core\Svg;

/** Lengths of SVG as px of its user space (SVG 2, section 8.9; CSS Values 4, section 6). */
final readonly class Lengths
{
    private const UNITS = ['' => 1.0, 'px' => 1.0, 'pt' => 96 / 72, 'pc' => 16.0, 'mm' => 96 / 25.4, 'cm' => 96 / 2.54, 'q' => 96 / 101.6, 'in' => 96.0];

    /**
     * @param  float  $width  of the part that is seen, px: what a share of it is a share of
     */
    public function __construct(public float $width, public float $height)
    {
    }

    /**
     * @param  string  $along  x, y, or o for what lies along neither
     * @param  float  $fontSize  px
     * @return float|null null where it is none
     */
    public function read(string $text, string $along, float $fontSize = 16.0): ?float
    {
        if (preg_match('/^\s*([-+]?(?:\d+\.?\d*|\.\d+)(?:[eE][-+]?\d+)?)\s*(%|[a-z]*)\s*$/i', $text, $found) !== 1) {
            return null;
        }
        $number = (float) $found[1];
        $unit = strtolower($found[2]);

        return match (true) {
            isset(self::UNITS[$unit]) => $number * self::UNITS[$unit],
            $unit === 'em' => $number * $fontSize,
            $unit === 'rem' => $number * 16.0,
            $unit === 'ex', $unit === 'ch' => $number * $fontSize / 2,
            $unit === '%' => $number / 100 * match ($along) {
                'x' => $this->width,
                'y' => $this->height,
                default => hypot($this->width, $this->height) / M_SQRT2,
            },
            default => null,
        };
    }
}
