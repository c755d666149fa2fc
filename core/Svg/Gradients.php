<?php

declare(strict_types=1);

namespace AllSquare\Core\Svg;

use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Look\Colour;
use DOMElement;

/**
 * Gradients of SVG (SVG 2, section 14.2) as items have them. Along a line, where a point stands between both ends grows evenly in one
 * direction, whatever it was transformed by, so that there is always an angle and there are stops that say the same.
 */
final readonly class Gradients
{
    private const MOST_STOPS = 20;

    public function __construct(private Cascade $cascade, private References $references, private LeftOut $leftOut)
    {
    }

    /**
     * @param  Affine  $toItem  from user space to the space of the item, whose frame begins at 0, 0
     * @param  Rect  $box  of the shape in user space
     * @param  Point  $size  of the item's frame
     * @return array<string, mixed>|string|null as an item keeps it, a colour where there is one stop alone, null for none
     */
    public function read(DOMElement $element, Style $style, Lengths $lengths, Affine $toItem, Rect $box, Point $size, float $opacity): array|string|null
    {
        $chain = $this->references->chain($element, ['linearGradient', 'radialGradient']);
        $said = array_merge(...array_reverse(array_map(fn (DOMElement $one): array => $this->cascade->of($one), $chain)));
        $stops = $this->stops($chain, $style, $opacity);
        if (count($stops) < 2) {
            return $stops[0]['colour'] ?? null;
        }
        if (! in_array($said['spreadMethod'] ?? 'pad', ['pad', ''], true)) {
            $this->leftOut->add('a gradient that is repeated');
        }
        $isOfBox = ($said['gradientUnits'] ?? '') !== 'userSpaceOnUse';
        $toUser = $isOfBox ? new Affine($box->w, 0.0, 0.0, $box->h, $box->x, $box->y) : new Affine;
        $whole = $toItem->after($toUser)->after(Affine::read($said['gradientTransform'] ?? '') ?? new Affine);
        $length = static function (string $name, string $along, string $otherwise) use ($said, $lengths, $isOfBox): float {
            $text = $said[$name] ?? $otherwise;

            return $isOfBox ? (str_ends_with($text, '%') ? (float) $text / 100 : (float) $text) : $lengths->read($text, $along) ?? 0.0;
        };
        if ($element->localName === 'radialGradient') {
            $centre = new Point($length('cx', 'x', '50%'), $length('cy', 'y', '50%'));
            if (abs($length('fx', 'x', $said['cx'] ?? '50%') - $centre->x) + abs($length('fy', 'y', $said['cy'] ?? '50%') - $centre->y) > 1e-6) {
                $this->leftOut->add('the focal point of a gradient');
            }

            return $this->radial($whole, $centre, $length('r', 'o', '50%'), $size, $stops);
        }

        return self::linear($whole, new Point($length('x1', 'x', '0%'), $length('y1', 'y', '0%')), new Point($length('x2', 'x', '100%'), $length('y2', 'y', '0%')), $size, $stops);
    }

    /**
     * @param  non-empty-list<array{at: float, colour: string}>  $stops
     * @return array<string, mixed>|string
     */
    private static function linear(Affine $whole, Point $from, Point $to, Point $size, array $stops): array|string
    {
        $along = $to->minus($from);
        $back = $whole->inverse();
        $square = $along->x ** 2 + $along->y ** 2;
        if ($back === null || $square < 1e-18) {
            return $stops[count($stops) - 1]['colour'];
        }
        // Where p stands is g · p + t: what the point that it comes from is along the line.
        $g = new Point(($back->a * $along->x + $back->b * $along->y) / $square, ($back->c * $along->x + $back->d * $along->y) / $square);
        $start = $back->apply(new Point(0.0, 0.0))->minus($from);
        $t = ($start->x * $along->x + $start->y * $along->y) / $square;
        $steep = hypot($g->x, $g->y);
        $angle = round(rad2deg(atan2($g->x, -$g->y)), 6);
        [$sin, $cos] = [sin(deg2rad($angle)), cos(deg2rad($angle))];
        $half = (abs($size->x * $sin) + abs($size->y * $cos)) / 2;
        $middle = $g->x * $size->x / 2 + $g->y * $size->y / 2 + $t;
        [$first, $last] = [$middle - $steep * $half, $middle + $steep * $half];
        $extent = max($last - $first, 1e-9);

        return ['gradient' => 'linear', 'angle' => $angle < 0 ? $angle + 360.0 : $angle + 0.0, 'stops' => self::within(array_map(static fn (array $stop): array => ['at' => ($stop['at'] - $first) / $extent, 'colour' => $stop['colour']], $stops))];
    }

    /**
     * @param  non-empty-list<array{at: float, colour: string}>  $stops
     * @return array<string, mixed>|string
     */
    private function radial(Affine $whole, Point $centre, float $radius, Point $size, array $stops): array|string
    {
        $at = $whole->apply($centre);
        if ($radius <= 0.0 || $size->x <= 0.0 || $size->y <= 0.0) {
            return $stops[count($stops) - 1]['colour'];
        }
        // Here it reaches as far each way as the frame is wide and high.
        [$across, $down] = [hypot($whole->a, $whole->c) * $radius / $size->x, hypot($whole->b, $whole->d) * $radius / $size->y];
        $is = sqrt($across * $down);
        if (! $whole->isWithoutSkew() || abs($across - $down) > 0.001 * $is) {
            $this->leftOut->add('the proportion of a round gradient');
        }

        return [
            'gradient' => 'radial', 'centre' => ['x' => max(-2.0, min(3.0, round($at->x / $size->x, 6))), 'y' => max(-2.0, min(3.0, round($at->y / $size->y, 6)))],
            'radius' => max(0.01, min(5.0, round($is, 6))), 'stops' => self::within($stops),
        ];
    }

    /**
     * Between 0 and 1, with the colours that there are at both ends.
     *
     * @param  list<array{at: float, colour: string}>  $stops  by their places
     * @return list<array{at: float, colour: string}>
     */
    private static function within(array $stops): array
    {
        $stops = array_map(static fn (array $stop): array => ['at' => round($stop['at'], 6), 'colour' => $stop['colour']], $stops);
        $inside = array_values(array_filter($stops, static fn (array $stop): bool => $stop['at'] >= 0.0 && $stop['at'] <= 1.0));
        foreach ([0.0, 1.0] as $end) {
            $before = array_values(array_filter($stops, static fn (array $stop): bool => $stop['at'] < $end));
            $behind = array_values(array_filter($stops, static fn (array $stop): bool => $stop['at'] > $end));
            $isNeeded = $end === 0.0 ? $before !== [] : $behind !== [];
            if ($isNeeded && ($inside === [] || ($end === 0.0 ? $inside[0]['at'] > 0.0 : $inside[count($inside) - 1]['at'] < 1.0))) {
                $stop = ['at' => $end, 'colour' => self::between($before === [] ? $behind[0] : $before[count($before) - 1], $behind[0] ?? $before[count($before) - 1], $end)];
                $inside = $end === 0.0 ? [$stop, ...$inside] : [...$inside, $stop];
            }
        }
        if (count($inside) === 1) {
            $inside[] = $inside[0];
        }

        return array_slice($inside, 0, self::MOST_STOPS);
    }

    /**
     * @param  array{at: float, colour: string}  $a
     * @param  array{at: float, colour: string}  $b
     */
    private static function between(array $a, array $b, float $at): string
    {
        $share = $b['at'] > $a['at'] ? ($at - $a['at']) / ($b['at'] - $a['at']) : 0.0;
        $to = Colour::of($b['colour'])->channels();
        $mixed = '#';
        foreach (Colour::of($a['colour'])->channels() as $i => $from) {
            $mixed .= sprintf('%02x', (int) round($from + $share * ($to[$i] - $from)));
        }

        return Colour::of($mixed)->hex;
    }

    /**
     * @param  list<DOMElement>  $chain
     * @return list<array{at: float, colour: string}> by their places
     */
    private function stops(array $chain, Style $style, float $opacity): array
    {
        $stops = [];
        $least = 0.0;
        foreach ($chain as $element) {
            foreach ($element->childNodes as $child) {
                if ($child instanceof DOMElement && $child->localName === 'stop') {
                    $said = $this->cascade->of($child);
                    $at = str_ends_with($said['offset'] ?? '', '%') ? (float) $said['offset'] / 100 : (float) ($said['offset'] ?? 0);
                    $least = max($least, min(1.0, max(0.0, $at)));
                    $alpha = $said['stop-opacity'] ?? '1';
                    $colour = $said['stop-color'] ?? '#000000';
                    $stops[] = ['at' => $least, 'colour' => CssColour::read($colour === 'currentColor' ? $style->word('color', '#000000') : $colour, $opacity * (str_ends_with($alpha, '%') ? (float) $alpha / 100 : (float) $alpha)) ?? '#000000'];
                }
            }
            if ($stops !== []) {
                break;
            }
        }

        return $stops;
    }
}
