<?php

declare(strict_types=1);

namespace AllSquare\Core\Snap;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Rect;

/** What is dragged: its box before, and which parts of it the drag moves. */
final readonly class Dragged
{
    /**
     * @param  Rect  $box  of all that is dragged, together, before the drag
     * @param  list<SnapPart>  $across  the parts that move across
     * @param  list<SnapPart>  $down  and down
     * @param  float|null  $baseline  its first line of letters, px
     * @param  bool  $sizes  whether it is sized rather than moved
     * @param  bool  $whole  whether it is brought to whole pixels
     */
    private function __construct(public Rect $box, public array $across, public array $down, public ?float $baseline, public bool $sizes, public bool $whole)
    {
    }

    public static function moved(Rect $box, bool $whole, ?float $baseline = null): self
    {
        $parts = [SnapPart::Lead, SnapPart::Centre, SnapPart::Trail];

        return new self($box, $parts, $baseline === null ? $parts : [...$parts, SnapPart::Baseline], $baseline, false, $whole);
    }

    /** @param  string  $handle  one of the eight, such as "left" or "bottom-right" */
    public static function sized(Rect $box, string $handle, bool $whole): self
    {
        return new self(
            $box,
            str_contains($handle, 'left') ? [SnapPart::Lead] : (str_contains($handle, 'right') ? [SnapPart::Trail] : []),
            str_contains($handle, 'top') ? [SnapPart::Lead] : (str_contains($handle, 'bottom') ? [SnapPart::Trail] : []),
            null,
            true,
            $whole,
        );
    }

    /** @return list<SnapPart> */
    public function parts(Axis $axis): array
    {
        return $axis === Axis::X ? $this->across : $this->down;
    }

    /** Where a part lies before the drag, px. */
    public function at(Axis $axis, SnapPart $part): float
    {
        return match ($part) {
            SnapPart::Lead => $axis->lead($this->box),
            SnapPart::Centre => $axis->centre($this->box),
            SnapPart::Trail => $axis->trail($this->box),
            SnapPart::Baseline => $this->baseline ?? $axis->trail($this->box),
        };
    }

    /** The box after it was dragged so far. */
    public function after(float $dx, float $dy): Rect
    {
        if (! $this->sizes) {
            return $this->box->moved($dx, $dy);
        }
        $left = $this->box->x + (in_array(SnapPart::Lead, $this->across, true) ? $dx : 0.0);
        $right = $this->box->right() + (in_array(SnapPart::Trail, $this->across, true) ? $dx : 0.0);
        $top = $this->box->y + (in_array(SnapPart::Lead, $this->down, true) ? $dy : 0.0);
        $bottom = $this->box->bottom() + (in_array(SnapPart::Trail, $this->down, true) ? $dy : 0.0);

        return Rect::between(min($left, $right), min($top, $bottom), max($left, $right), max($top, $bottom));
    }

    /** @return array<string, mixed> as the API gives it */
    public function toArray(): array
    {
        return [
            'box' => $this->box->toArray(),
            'baseline' => $this->baseline,
            'whole' => $this->whole,
            'sizes' => $this->sizes,
            'parts' => ['x' => array_column($this->across, 'value'), 'y' => array_column($this->down, 'value')],
        ];
    }
}
