<?php

declare(strict_types=1);

namespace AllSquare\Core\Sheet;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Refusal;

/**
 * At which size a slice is painted: so many times its own, or to a width or a height in px. Written as the descriptors of
 * `srcset` are (HTML Living Standard, 4.8.4.2.1): "2x", "300w", "200h".
 */
final readonly class Scale
{
    public const MOST_TIMES = 16;

    private const MOST_PIXELS = 16_000;

    private function __construct(public float $value, public string $of)
    {
    }

    /**
     * @param  int|float|string  $given  2, "2", "2x", "300w" or "200h"
     *
     * @throws Refusal when it is none, or not above 0 and 16 times (16,000 px) at most
     */
    public static function read(int|float|string $given): self
    {
        if (preg_match('/^(\d+(?:\.\d+)?)([xwh])?$/', trim((string) $given), $found) !== 1) {
            throw Refusal::because(sprintf('A size reads like 2x, 300w or 200h; this is "%s".', mb_strimwidth((string) $given, 0, 20, '…')), 'scales');
        }
        [$value, $of] = [(float) $found[1], $found[2] ?? 'x'];
        if ($of === 'x' && (Length::round($value) <= 0 || $value > self::MOST_TIMES)) {
            throw Refusal::because('A scale is from 0.001 to 16.', 'scales');
        }
        if ($of !== 'x' && ($value < 1 || $value > self::MOST_PIXELS || floor($value) !== $value)) {
            throw Refusal::because('A width or height to paint to is a whole number from 1 to 16,000 px.', 'scales');
        }

        return new self($value, $of);
    }

    /**
     * @param  iterable<int|float|string>  $given
     * @return list<self> each once
     */
    public static function readAll(iterable $given): array
    {
        $scales = [];
        foreach ($given as $one) {
            $scale = self::read($one);
            $scales[$scale->text()] ??= $scale;
        }

        return array_values($scales);
    }

    public function text(): string
    {
        return Length::text($this->value).$this->of;
    }

    /** What file names have after their stem: nothing at 1x, "@2x", "-300w". */
    public function suffix(): string
    {
        return match (true) {
            $this->of !== 'x' => '-'.$this->text(),
            $this->value === 1.0 => '',
            default => '@'.$this->text(),
        };
    }

    /** How many px of the picture one px of the sheet becomes. */
    public function factor(Rect $area): float
    {
        return match ($this->of) {
            'w' => $this->value / $area->w,
            'h' => $this->value / $area->h,
            default => $this->value,
        };
    }

    /**
     * The px of an area: each side times the factor, half up, at least 1.
     *
     * @return array{int, int} width and height
     */
    public function pixels(Rect $area): array
    {
        [$w, $h] = $this->exact($area);

        return [max(1, (int) Length::whole($w)), max(1, (int) Length::whole($h))];
    }

    /** Whether the area comes to whole px, its edges on them. */
    public function isWhole(Rect $area): bool
    {
        $factor = $this->factor($area);
        foreach ([...$this->exact($area), $area->x * $factor, $area->y * $factor] as $length) {
            if (! Length::isWhole($length)) {
                return false;
            }
        }

        return true;
    }

    /** @return array{float, float} the sides before they are rounded */
    public function exact(Rect $area): array
    {
        $factor = $this->factor($area);

        return [$this->of === 'w' ? $this->value : $area->w * $factor, $this->of === 'h' ? $this->value : $area->h * $factor];
    }

    /**
     * The least whole number of px of the sheet that comes to whole px at this scale: 2 at 1.5x, 4 at 0.75x.
     *
     * @return int|null null where it is more than 64 or depends on the area
     */
    public function step(): ?int
    {
        for ($step = 1; $step <= 64 && $this->of === 'x'; $step++) {
            if (abs($this->value * $step - round($this->value * $step)) < 1e-9) {
                return $step;
            }
        }

        return null;
    }
}
