<?php

declare(strict_types=1);

namespace AllSquare\Core\Path;

/** Dashes that are fitted to a run: from corner to corner they come out even, so that each corner and each end stands on a dash. */
final readonly class Dashes
{
    /** More than so many in a run are not told apart, and written as they are. */
    private const MOST = 4000;

    /** px of a dot: of a list of dashes of no length at all some renderers draw the first alone. */
    private const DOT = 0.01;

    /**
     * @param  Path  $along  the run, without what has no length
     * @param  list<float>  $lengths  px of dashes and gaps in turn, from where it begins (SVG 2, section 13.5.6)
     */
    private function __construct(public Path $along, public array $lengths)
    {
    }

    /** @param  list<float>  $dash  px of dashes and gaps in turn; not all of them 0 */
    public static function fitted(Subpath $run, array $dash): self
    {
        $along = new Path([$run]);
        // An odd number is run through twice, as SVG has it.
        $dash = count($dash) % 2 === 1 ? [...$dash, ...$dash] : $dash;
        foreach ($dash as $i => $length) {
            $dash[$i] = $i % 2 === 0 ? max(self::DOT, $length) : $length;
        }
        $period = array_sum($dash);
        $edges = self::edges($run);
        if ($edges === [] || array_sum($edges) / $period * count($dash) > self::MOST) {
            return new self($along, $dash);
        }
        $lengths = [];
        foreach ($edges as $edge) {
            $lengths = self::joined($lengths, self::between($edge, $dash, $period));
        }

        return new self($along, $lengths);
    }

    /**
     * From the middle of a dash to the middle of a dash: half of the first one, the rest, half of the first one again.
     *
     * @param  list<float>  $dash
     * @return list<float>
     */
    private static function between(float $edge, array $dash, float $period): array
    {
        $count = max(1, (int) round($edge / $period));
        // Dashes keep their lengths as far as there is room; the gaps give way.
        $marks = $gaps = 0.0;
        foreach ($dash as $i => $length) {
            $i % 2 === 0 ? $marks += $length : $gaps += $length;
        }
        $room = $edge - $count * $marks;
        [$mark, $gap] = $room > 0.0 && $gaps > 0.0 ? [1.0, $room / ($count * $gaps)] : [$edge / ($count * $period), $edge / ($count * $period)];
        $scaled = [];
        foreach ($dash as $i => $length) {
            $scaled[] = $length * ($i % 2 === 0 ? $mark : $gap);
        }
        $half = $scaled[0] / 2;
        $lengths = [$half];
        for ($i = 0; $i < $count; $i++) {
            array_push($lengths, ...array_slice($scaled, 1), ...[$i === $count - 1 ? $half : $scaled[0]]);
        }

        return $lengths;
    }

    /**
     * @param  list<float>  $before  that end with a part of a dash
     * @param  list<float>  $after  that begin with one
     * @return list<float>
     */
    private static function joined(array $before, array $after): array
    {
        if ($before === []) {
            return $after;
        }
        $last = count($before) - 1;
        $before[$last] += $after[0];

        return [...$before, ...array_slice($after, 1)];
    }

    /** @return list<float> px from corner to corner; of a run without corners its whole length */
    private static function edges(Subpath $run): array
    {
        $edges = [];
        $length = 0.0;
        $parts = $run->parts();
        foreach ($parts as $i => $part) {
            $length += $part->length();
            $next = $parts[$i + 1] ?? null;
            if ($next === null || ! self::isSmooth($part, $next)) {
                $edges[] = $length;
                $length = 0.0;
            }
        }

        return array_values(array_filter($edges, static fn (float $edge): bool => $edge > 1e-6));
    }

    private static function isSmooth(Cubic $before, Cubic $after): bool
    {
        [$in, $out] = [$before->ends(), $after->begins()];
        $across = $in->x * $out->y - $in->y * $out->x;
        $along = $in->x * $out->x + $in->y * $out->y;

        return $along > 0 && abs($across) < 1e-3 * $along;
    }
}
