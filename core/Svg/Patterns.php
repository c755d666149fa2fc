<?php

declare(strict_types=1);

namespace AllSquare\Core\Svg;

use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use DOMElement;

/**
 * Patterns of SVG (SVG 2, section 14.3) as items have them, where they are stripes, dots or checks: a tile with one bar across it, one
 * round in it, or two squares in opposite corners, perhaps on a ground of one colour.
 */
final readonly class Patterns
{
    private const NEAR = 1e-6;

    public function __construct(private Cascade $cascade, private References $references, private LeftOut $leftOut)
    {
    }

    /**
     * @param  Affine  $toItem  from user space to the space of the item, whose frame begins at 0, 0
     * @param  Rect  $box  of the shape in user space
     * @return array<string, mixed>|null as an item keeps it; null where it is none of ours
     */
    public function read(DOMElement $element, Lengths $lengths, Affine $toItem, Rect $box, float $opacity): ?array
    {
        $chain = $this->references->chain($element, ['pattern']);
        $said = array_merge(...array_reverse(array_map(fn (DOMElement $one): array => $this->cascade->of($one), $chain)));
        $isOfBox = ($said['patternUnits'] ?? '') !== 'userSpaceOnUse';
        $length = static function (string $name, string $along, float $of) use ($said, $lengths, $isOfBox): float {
            $text = $said[$name] ?? '0';

            return $isOfBox ? (str_ends_with($text, '%') ? (float) $text / 100 : (float) $text) * $of : $lengths->read($text, $along) ?? 0.0;
        };
        $tile = new Rect(($isOfBox ? $box->x : 0.0) + $length('x', 'x', $box->w), ($isOfBox ? $box->y : 0.0) + $length('y', 'y', $box->h), $length('width', 'x', $box->w), $length('height', 'y', $box->h));
        $whole = $toItem->after(Affine::read($said['patternTransform'] ?? '') ?? new Affine)->after(Affine::shift($tile->x, $tile->y));
        if ($tile->w <= 0.0 || $tile->h <= 0.0 || isset($said['viewBox']) || ($said['patternContentUnits'] ?? '') === 'objectBoundingBox' || ! $whole->isEven() || ! $whole->isWithoutSkew() || $whole->determinant() <= 0.0) {
            return null;
        }
        foreach ($chain as $holder) {
            $marks = $this->marks($holder, $said, $lengths, $tile, $opacity);
            if ($marks !== []) {
                return $marks === null ? null : $this->pattern($marks, $tile, $whole);
            }
        }

        return null;
    }

    /**
     * @param  array<string, string>  $said
     * @return list<PatternMark>|null what is painted in the tile, cut to it; null where something is neither a rectangle nor a round
     */
    private function marks(DOMElement $holder, array $said, Lengths $lengths, Rect $tile, float $opacity): ?array
    {
        $marks = [];
        foreach ($holder->childNodes as $child) {
            if (! $child instanceof DOMElement || in_array($child->localName, ['title', 'desc', 'metadata'], true)) {
                continue;
            }
            $own = $this->cascade->of($child) + array_intersect_key($said, array_flip(['fill', 'stroke', 'stroke-width', 'fill-opacity', 'stroke-opacity']));
            $mark = isset($own['transform']) ? null : PatternMark::read((string) $child->localName, $own, $lengths, $tile, $opacity);
            if ($mark === null) {
                return null;
            }
            $marks[] = $mark;
        }

        return $marks;
    }

    /**
     * @param  non-empty-list<PatternMark>  $marks
     * @return array<string, mixed>|null
     */
    private function pattern(array $marks, Rect $tile, Affine $whole): ?array
    {
        $covers = static fn (PatternMark $mark): bool => ! $mark->isRound && $mark->box->w >= $tile->w - self::NEAR && $mark->box->h >= $tile->h - self::NEAR;
        $ground = count($marks) > 1 && $covers($marks[0]) ? array_shift($marks) : null;
        $mark = $marks[0];
        $box = $mark->box;
        $isSquare = abs($tile->w - $tile->h) < self::NEAR;
        $turn = 0.0;
        if (count($marks) === 1 && $mark->isRound && $isSquare && abs($box->w - $box->h) < self::NEAR) {
            [$sort, $pitch, $share, $at] = ['dots', $tile->w, $box->w / $tile->w, new Point($box->x + $box->w / 2 - $tile->w / 2, $box->y + $box->h / 2 - $tile->h / 2)];
        } elseif (count($marks) === 2 && $isSquare && self::areChecks($marks[0]->box, $marks[1]->box, $tile) && $marks[0]->colour === $marks[1]->colour) {
            // Of ours, the square in the corner is not marked: if it is here, everything is one further.
            $upper = $box->y < $marks[1]->box->y ? $box : $marks[1]->box;
            [$sort, $pitch, $share, $at] = ['checks', $tile->w / 2, 0.5, new Point($upper->x < self::NEAR ? $tile->w / 2 : 0.0, 0.0)];
        } elseif (count($marks) === 1 && ! $mark->isRound && $box->h >= $tile->h - self::NEAR) {
            [$sort, $pitch, $share, $at] = ['stripes', $tile->w, $box->w / $tile->w, new Point($box->x, 0.0)];
        } elseif (count($marks) === 1 && ! $mark->isRound && $box->w >= $tile->w - self::NEAR) {
            [$sort, $pitch, $share, $at, $turn] = ['stripes', $tile->h, $box->h / $tile->h, new Point(0.0, $box->y), 90.0];
        } else {
            return null;
        }
        $angle = round(rad2deg(atan2($whole->b, $whole->a)) + $turn, 6);
        $pitch = round($pitch * $whole->scale(), 6);
        if ($pitch < 1.0 || $pitch > 1000.0 || $share < 0.02) {
            return null;
        }
        [$phase, $angle] = $this->phase($sort, $whole->apply($at), $sort === 'checks' ? 2 * $pitch : $pitch, $angle);

        return ['pattern' => $sort, 'pitch' => $pitch, 'share' => min(1.0, round($share, 6)), 'angle' => fmod($angle, 360.0), ...($phase === 0.0 ? [] : ['phase' => $phase]), 'colour' => $mark->colour, 'ground' => $ground?->colour];
    }

    /**
     * By how much the first mark is shifted from the corner of the frame, along the pattern's own axes. What is marked both ways is
     * shifted alike both ways in ours; seen from another side, checks that are not may be.
     *
     * @return array{float, float} px, and the angle that it is so at
     */
    private function phase(string $sort, Point $at, float $period, float $angle): array
    {
        $rest = static fn (float $length): float => round(fmod(fmod($length, $period) + $period + 1e-5, $period) - 1e-5, 6);
        foreach ($sort === 'checks' ? [0.0, 90.0] : [0.0] as $turn) {
            // Turned by a quarter, the other squares are marked.
            $along = $at->turned(-$angle - $turn);
            $shift = $turn === 90.0 ? $period / 2 : 0.0;
            $apart = abs($rest($along->x + $shift) - $rest($along->y));
            if ($sort === 'stripes' || min($apart, $period - $apart) <= 0.01) {
                // Checks that are shifted by one both ways are where they were.
                return [max(0.0, $sort === 'checks' ? round(fmod($rest($along->x + $shift) + 1e-5, $period / 2) - 1e-5, 6) : $rest($along->x)), $angle + $turn];
            }
        }
        $this->leftOut->add('the shift of a pattern');

        return [max(0.0, $rest($at->turned(-$angle)->x)), $angle];
    }

    private static function areChecks(Rect $a, Rect $b, Rect $tile): bool
    {
        $isHalf = static fn (Rect $one): bool => abs($one->w - $tile->w / 2) < self::NEAR && abs($one->h - $tile->h / 2) < self::NEAR;

        return $isHalf($a) && $isHalf($b) && abs(abs($a->x - $b->x) - $tile->w / 2) < self::NEAR && abs(abs($a->y - $b->y) - $tile->h / 2) < self::NEAR;
    }
}
