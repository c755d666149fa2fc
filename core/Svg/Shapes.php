<?php

declare(strict_types=1);

namespace AllSquare\Core\Svg;

use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Path\Path;
use AllSquare\Core\Path\PathData;
use AllSquare\Core\Path\Subpath;
use AllSquare\Core\Refusal;

/** The basic shapes of SVG as paths in user space (SVG 2, section 10). */
final readonly class Shapes
{
    public const NAMES = ['path', 'rect', 'circle', 'ellipse', 'line', 'polyline', 'polygon'];

    public function __construct(private Lengths $lengths)
    {
    }

    /**
     * @param  array<string, string>  $said
     * @return Path|null null where nothing would be seen
     */
    public function path(string $name, array $said, float $fontSize): ?Path
    {
        $length = fn (string $attribute, string $along): float => $this->length($said, $attribute, $along, $fontSize);

        return match ($name) {
            'path' => self::data($said['d'] ?? ''),
            'rect' => $this->rect($said, $fontSize),
            'circle', 'ellipse' => $this->ellipse($name, $said, $fontSize),
            'line' => new Path([Subpath::ofCorners([new Point($length('x1', 'x'), $length('y1', 'y')), new Point($length('x2', 'x'), $length('y2', 'y'))], false)]),
            default => self::corners($said['points'] ?? '', $name === 'polygon'),
        };
    }

    /**
     * @param  array<string, string>  $said
     * @return array{float, float, float, float, float, float} x, y, w, h and both radii, px
     */
    public function box(array $said, float $fontSize): array
    {
        $length = fn (string $attribute, string $along): float => $this->length($said, $attribute, $along, $fontSize);
        [$w, $h] = [$length('width', 'x'), $length('height', 'y')];
        $rx = $this->lengths->read($said['rx'] ?? '', 'x', $fontSize);
        $ry = $this->lengths->read($said['ry'] ?? '', 'y', $fontSize);

        return [$length('x', 'x'), $length('y', 'y'), $w, $h, min($w / 2, max(0.0, $rx ?? $ry ?? 0.0)), min($h / 2, max(0.0, $ry ?? $rx ?? 0.0))];
    }

    /**
     * @param  array<string, string>  $said
     * @return array{float, float, float, float} both places of the centre and both radii, px
     */
    public function oval(string $name, array $said, float $fontSize): array
    {
        $length = fn (string $attribute, string $along): float => $this->length($said, $attribute, $along, $fontSize);
        [$rx, $ry] = $name === 'circle' ? [$length('r', 'o'), $length('r', 'o')] : [
            $this->lengths->read($said['rx'] ?? $said['ry'] ?? '', 'x', $fontSize) ?? 0.0,
            $this->lengths->read($said['ry'] ?? $said['rx'] ?? '', 'y', $fontSize) ?? 0.0,
        ];

        return [$length('cx', 'x'), $length('cy', 'y'), $rx, $ry];
    }

    /** @param  array<string, string>  $said */
    private function rect(array $said, float $fontSize): ?Path
    {
        [$x, $y, $w, $h, $rx, $ry] = $this->box($said, $fontSize);
        if ($w <= 0.0 || $h <= 0.0) {
            return null;
        }
        [$right, $bottom] = [$x + $w, $y + $h];
        if ($rx <= 0.0 || $ry <= 0.0) {
            return new Path([Subpath::ofCorners([new Point($x, $y), new Point($right, $y), new Point($right, $bottom), new Point($x, $bottom)], true)]);
        }
        $arc = static fn (float $toX, float $toY): string => sprintf('A%.9F %.9F 0 0 1 %.9F %.9F', $rx, $ry, $toX, $toY);

        return PathData::read(sprintf('M%.9F %.9FH%.9F', $x + $rx, $y, $right - $rx).$arc($right, $y + $ry).sprintf('V%.9F', $bottom - $ry).$arc($right - $rx, $bottom).sprintf('H%.9F', $x + $rx).$arc($x, $bottom - $ry).sprintf('V%.9F', $y + $ry).$arc($x + $rx, $y).'Z');
    }

    /** @param  array<string, string>  $said */
    private function ellipse(string $name, array $said, float $fontSize): ?Path
    {
        [$cx, $cy, $rx, $ry] = $this->oval($name, $said, $fontSize);

        return $rx <= 0.0 || $ry <= 0.0 ? null : PathData::read(sprintf('M%1$.9F %2$.9FA%3$.9F %4$.9F 0 0 1 %5$.9F %6$.9FA%3$.9F %4$.9F 0 0 1 %7$.9F %2$.9FA%3$.9F %4$.9F 0 0 1 %5$.9F %8$.9FA%3$.9F %4$.9F 0 0 1 %1$.9F %2$.9FZ', $cx + $rx, $cy, $rx, $ry, $cx, $cy + $ry, $cx - $rx, $cy - $ry));
    }

    private static function corners(string $text, bool $closed): ?Path
    {
        preg_match_all('/[-+]?(?:\d+\.?\d*|\.\d+)(?:[eE][-+]?\d+)?/', $text, $figures);
        $points = [];
        foreach (array_chunk(array_map(floatval(...), $figures[0]), 2) as $pair) {
            if (count($pair) === 2) {
                $points[] = new Point($pair[0], $pair[1]);
            }
        }

        if ($closed && count($points) > 2 && $points[0]->x === $points[count($points) - 1]->x && $points[0]->y === $points[count($points) - 1]->y) {
            array_pop($points);
        }

        return count($points) < 2 ? null : new Path([Subpath::ofCorners($points, $closed)]);
    }

    /** As far as it can be read: what follows a mistake is not painted (SVG 2, section 9.5.4). */
    private static function data(string $data): ?Path
    {
        if (trim($data) === '' || $data === 'none') {
            return null;
        }
        try {
            $path = PathData::read($data);
        } catch (Refusal) {
            return null;
        }

        return $path->countPoints() < 2 ? null : $path;
    }

    /** @param  array<string, string>  $said */
    private function length(array $said, string $attribute, string $along, float $fontSize): float
    {
        return $this->lengths->read($said[$attribute] ?? '', $along, $fontSize) ?? 0.0;
    }
}
