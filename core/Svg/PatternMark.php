<?php

declare(strict_types=1);

namespace AllSquare\Core\Svg;

use AllSquare\Core\Geometry\Rect;

/** What is painted in a tile of a pattern: a rectangle or a round of one colour. */
final readonly class PatternMark
{
    private function __construct(public Rect $box, public string $colour, public bool $isRound)
    {
    }

    /**
     * @param  array<string, string>  $said
     * @param  Rect  $tile  its size; what lies beyond it is not seen
     * @return self|null null where it is something else
     */
    public static function read(string $name, array $said, Lengths $lengths, Rect $tile, float $opacity): ?self
    {
        $length = static fn (string $of, string $along): float => $lengths->read($said[$of] ?? '0', $along) ?? 0.0;
        $colour = static function (string $of, string $otherwise) use ($said, $opacity): ?string {
            return CssColour::read($said[$of] ?? $otherwise, $opacity * (float) ($said["$of-opacity"] ?? 1) * (float) ($said['opacity'] ?? 1));
        };
        $isStroked = ($said['stroke'] ?? 'none') !== 'none';
        $fill = ($said['fill'] ?? '#000000') === 'none' ? null : $colour('fill', '#000000');
        if ($name === 'circle' && ! $isStroked && $fill !== null) {
            [$r, $x, $y] = [$length('r', 'o'), $length('cx', 'x'), $length('cy', 'y')];
            $isInside = $x - $r >= -1e-6 && $y - $r >= -1e-6 && $x + $r <= $tile->w + 1e-6 && $y + $r <= $tile->h + 1e-6;

            return $r > 0.0 && $isInside ? new self(new Rect($x - $r, $y - $r, 2 * $r, 2 * $r), $fill, true) : null;
        }
        $box = match (true) {
            $name === 'rect' && ! $isStroked && $fill !== null && ! isset($said['rx']) && ! isset($said['ry']) => self::rect($length, $said, $tile),
            in_array($name, ['line', 'path'], true) && $isStroked && ($name === 'line' || $fill === null || ! isset($said['fill'])) => self::bar($name, $said, $length, $lengths->read($said['stroke-width'] ?? '1', 'o') ?? 1.0),
            default => null,
        };
        $seen = $box?->within(new Rect(0.0, 0.0, $tile->w, $tile->h));
        $painted = $isStroked ? $colour('stroke', 'none') : $fill;

        return $seen === null || $seen->w <= 0.0 || $seen->h <= 0.0 || $painted === null ? null : new self($seen, $painted, false);
    }

    /**
     * @param  callable(string, string): float  $length
     * @param  array<string, string>  $said
     */
    private static function rect(callable $length, array $said, Rect $tile): Rect
    {
        $side = static fn (string $name, string $along, float $of): float => str_ends_with($said[$name] ?? '', '%') ? (float) $said[$name] / 100 * $of : $length($name, $along);

        return new Rect($length('x', 'x'), $length('y', 'y'), $side('width', 'x', $tile->w), $side('height', 'y', $tile->h));
    }

    /**
     * A level or upright line, as wide as it is painted.
     *
     * @param  array<string, string>  $said
     * @param  callable(string, string): float  $length
     */
    private static function bar(string $name, array $said, callable $length, float $weight): ?Rect
    {
        $number = '(-?[\d.]+)';
        $read = match (true) {
            $name === 'line' => [null, $length('x1', 'x'), $length('y1', 'y'), $length('x2', 'x'), $length('y2', 'y')],
            preg_match("/^\s*M\s*{$number}[\s,]*{$number}\s*([LHV])\s*{$number}(?:[\s,]*{$number})?\s*$/", $said['d'] ?? '', $d) === 1 => [null, (float) $d[1], (float) $d[2], $d[3] === 'V' ? (float) $d[1] : (float) $d[4], $d[3] === 'H' ? (float) $d[2] : (float) ($d[3] === 'V' ? $d[4] : $d[5] ?? $d[2])],
            default => null,
        };
        if ($read === null) {
            return null;
        }
        [, $x1, $y1, $x2, $y2] = $read;

        return match (true) {
            abs($x1 - $x2) < 1e-9 => new Rect($x1 - $weight / 2, min($y1, $y2), $weight, abs($y1 - $y2)),
            abs($y1 - $y2) < 1e-9 => new Rect(min($x1, $x2), $y1 - $weight / 2, abs($x1 - $x2), $weight),
            default => null,
        };
    }
}
