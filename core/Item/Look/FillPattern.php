<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Look;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Item\Painting\Element;

/**
 * Stripes, dots or checks in the item's own axes, so that a turned strip carries them along. They are counted from the frame's
 * top left, and are lines and rectangles, which every renderer paints alike at every size.
 */
final readonly class FillPattern implements Fill
{
    private const MOST_PITCH = 1000.0;

    /** How many of them there may be across; of finer ones nothing would be seen. */
    private const MOST_LINES = 3000;

    /**
     * @param  string  $sort  stripes, dots or checks
     * @param  float  $pitch  px from one to the next
     * @param  float  $share  of the pitch that is marked
     * @param  float  $angle  degrees clockwise by which it is turned; stripes at 0 stand upright
     * @param  float  $phase  px by which the first is shifted
     * @param  Colour|null  $ground  between the marks; null for none
     */
    private function __construct(private string $sort, private float $pitch, private float $share, private float $angle, private float $phase, private Colour $colour, private ?Colour $ground)
    {
    }

    /** @param  array<mixed>  $stored */
    public static function read(array $stored): ?self
    {
        $colour = Colour::read($stored['colour'] ?? null);
        $number = static fn (string $name, float $default): float => is_numeric($stored[$name] ?? null) ? (float) $stored[$name] : $default;

        return $colour === null || ! is_string($stored['pattern'] ?? null) ? null : new self(
            $stored['pattern'], $number('pitch', 8.0), $number('share', 0.5), $number('angle', 0.0), $number('phase', 0.0), $colour, Colour::read($stored['ground'] ?? null),
        );
    }

    /** @return array<string, mixed> its JSON Schema */
    public static function schema(): array
    {
        return [
            'type' => 'object',
            'required' => ['pattern', 'pitch', 'colour'],
            'additionalProperties' => false,
            'properties' => [
                'pattern' => ['enum' => ['stripes', 'dots', 'checks']],
                'pitch' => ['type' => 'number', 'minimum' => 1, 'maximum' => (int) self::MOST_PITCH, 'description' => 'px from one to the next'],
                'share' => ['type' => 'number', 'minimum' => 0.02, 'maximum' => 1, 'description' => 'of the pitch that is marked'],
                'angle' => ['type' => 'number', 'minimum' => -360, 'maximum' => 360, 'description' => 'degrees clockwise; stripes at 0 stand upright'],
                'phase' => ['type' => 'number', 'minimum' => -(int) self::MOST_PITCH, 'maximum' => (int) self::MOST_PITCH, 'description' => 'px by which the first is shifted'],
                'colour' => Colour::schema(),
                'ground' => ['anyOf' => [['type' => 'null'], Colour::schema()]],
            ],
        ];
    }

    public function paint(float $w, float $h): Paint
    {
        return new Paint($this->ground?->css() ?? 'none', [], $w > 0 && $h > 0 ? [$this->marks($w, $h)] : []);
    }

    private function marks(float $w, float $h): Element
    {
        // Everything in the frame lies between these, seen along the pattern's own axes.
        $corners = array_map(fn (Point $p): Point => $p->turned(-$this->angle), [new Point(0.0, 0.0), new Point($w, 0.0), new Point($w, $h), new Point(0.0, $h)]);
        [$xs, $ys] = [array_map(static fn (Point $p): float => $p->x, $corners), array_map(static fn (Point $p): float => $p->y, $corners)];
        [$left, $top, $right, $bottom] = [min($xs), min($ys), max($xs), max($ys)];
        $figure = static fn (float $value): string => Length::digits($value, 4);
        $turn = $this->angle === 0.0 ? [] : ['transform' => 'rotate('.$figure($this->angle).')'];
        $mark = $this->pitch * $this->share;
        $path = '';
        if ($this->sort === 'dots') {
            // Each row is a line of round dashes of no length.
            foreach ($this->places($top - $this->pitch, $bottom + $this->pitch, $this->pitch, $this->phase + $this->pitch / 2) as $y) {
                $first = $this->places($left - $this->pitch, $right, $this->pitch, $this->phase + $this->pitch / 2)[0] ?? $left;
                $path .= 'M'.$figure($first).' '.$figure($y).'H'.$figure($right + 2 * $this->pitch);
            }

            return new Element('path', ['d' => $path, 'fill' => 'none', 'stroke' => $this->colour->css(), 'stroke-width' => $figure($mark), 'stroke-linecap' => 'round', 'stroke-dasharray' => '0 '.$figure($this->pitch)] + $turn);
        }
        // Checks are two rows of stripes of which only one is marked at a place: each is twice as far from the next.
        $pitch = $this->sort === 'checks' ? 2 * $this->pitch : $this->pitch;
        $wide = $this->sort === 'checks' ? $this->pitch : $mark;
        foreach ($this->places($left - $pitch, $right, $pitch, $this->phase) as $x) {
            $path .= 'M'.$figure($x).' '.$figure($top).'H'.$figure($x + $wide).'V'.$figure($bottom).'H'.$figure($x).'Z';
        }
        foreach ($this->sort === 'checks' ? $this->places($top - $pitch, $bottom, $pitch, $this->phase) : [] as $y) {
            $path .= 'M'.$figure($left).' '.$figure($y).'H'.$figure($right).'V'.$figure($y + $wide).'H'.$figure($left).'Z';
        }

        return new Element('path', ['d' => $path, 'fill' => $this->colour->css()] + ($this->sort === 'checks' ? ['fill-rule' => 'evenodd'] : []) + $turn);
    }

    /** @return list<float> multiples of the pitch, shifted, from one bound to the other */
    private function places(float $from, float $to, float $pitch, float $shift): array
    {
        $first = (int) ceil(($from - $shift) / $pitch - 1e-9);
        $last = min((int) floor(($to - $shift) / $pitch + 1e-9), $first + self::MOST_LINES);

        return $last < $first ? [] : array_map(static fn (int $i): float => $i * $pitch + $shift, range($first, $last));
    }

    public function isClear(): bool
    {
        return $this->colour->isClear() && ($this->ground === null || $this->ground->isClear());
    }

    public function scaled(float $factor): self
    {
        $scaled = static fn (float $length): float => max(-self::MOST_PITCH, min(self::MOST_PITCH, Length::round($length * $factor)));

        return new self($this->sort, max(1.0, $scaled($this->pitch)), $this->share, $this->angle, $scaled($this->phase), $this->colour, $this->ground);
    }

    /**
     * The same in another thing, so that its stripes run on there.
     *
     * @param  Point  $by  where that one's top left lies in the axes of this one
     * @param  float  $turn  degrees by which its axes are turned from these
     */
    public function runningOn(Point $by, float $turn = 0.0): self
    {
        $past = fmod($this->phase - $by->turned(-$this->angle)->x, $this->pitch * ($this->sort === 'checks' ? 2 : 1));

        return new self($this->sort, $this->pitch, $this->share, Length::round(fmod($this->angle - $turn, 360.0)), Length::round($past), $this->colour, $this->ground);
    }

    public function said(): string
    {
        return "$this->sort of ".Length::text($this->pitch).' px';
    }

    /** @return array<string, mixed> */
    public function stored(): array
    {
        return [
            'pattern' => $this->sort, 'pitch' => $this->pitch, 'share' => $this->share, 'angle' => $this->angle,
            ...($this->phase === 0.0 ? [] : ['phase' => $this->phase]),
            'colour' => $this->colour->stored(),
            'ground' => $this->ground?->stored(),
        ];
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return $this->stored();
    }
}
