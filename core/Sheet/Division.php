<?php

declare(strict_types=1);

namespace AllSquare\Core\Sheet;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Refusal;

/** A number of equal columns or rows with a gutter between them: how an extent is divided (RULES 9). */
final readonly class Division
{
    public const MOST = 200;

    /** No column and no row is narrower than this, px. */
    private const LEAST = 1.0;

    /**
     * @param  int  $count  1 to 200
     * @param  float  $gutter  px, 0 or more
     */
    public function __construct(public int $count, public float $gutter)
    {
    }

    /** How wide each is between two margins, px; it may come out as less than nothing. */
    public function size(float $from, float $to): float
    {
        return ($to - $from - ($this->count - 1) * $this->gutter) / $this->count;
    }

    /**
     * Where the columns or rows lie, px.
     *
     * @param  bool  $whole  whether both edges of each are brought to whole pixels
     * @return list<array{float, float}> the edges of each, ascending; the last ends on the margin
     */
    public function spans(float $from, float $to, bool $whole): array
    {
        $size = $this->size($from, $to);
        $kept = $whole ? Length::whole(...) : Length::round(...);
        $spans = [];
        for ($i = 0; $i < $this->count; $i++) {
            $start = $from + $i * ($size + $this->gutter);
            $spans[] = [$kept($start), $kept($i === $this->count - 1 ? $to : $start + $size)];
        }

        return $spans;
    }

    /** Whether each is 1 px or more between two margins. */
    public function fits(float $from, float $to): bool
    {
        return $this->size($from, $to) >= self::LEAST;
    }

    /**
     * @param  string  $what  "column" or "row"
     *
     * @throws Refusal when each would be narrower than 1 px
     */
    public function mustFit(float $from, float $to, string $what): void
    {
        if (! $this->fits($from, $to)) {
            $gutters = ($this->count - 1) * $this->gutter;
            throw Refusal::because(sprintf(
                '%d %ss do not fit: margins and gutters leave %s px of %s, and each needs 1 px at least.',
                $this->count,
                $what,
                Length::text($to - $from - $gutters),
                Length::text($to - $from),
            ), "{$what}s");
        }
    }

    /**
     * The nearest settings that make the size whole: equal margins, the two margins by themselves, the gutter.
     *
     * @param  float  $extent  the whole side of the sheet, px
     * @return list<array{what: string, leading: float, trailing: float, gutter: float, size: float}> of each the nearest one, where there is one
     */
    public function proposals(float $extent, float $leading, float $trailing): array
    {
        $found = [];
        $offer = function (string $what, float $lead, float $trail, float $gutter) use (&$found, $extent): bool {
            $size = (new self($this->count, $gutter))->size($lead, $extent - $trail);
            if ($lead < 0 || $trail < 0 || $gutter < 0 || $size < self::LEAST || ! Length::isWhole($size)) {
                return false;
            }
            $found[] = ['what' => $what, 'leading' => $lead, 'trailing' => $trail, 'gutter' => $gutter, 'size' => Length::round($size)];

            return true;
        };
        $this->nearest(($leading + $trailing) / 2, fn (float $margin): bool => $offer('margins', $margin, $margin, $this->gutter));
        $total = Length::whole($leading + $trailing);
        $this->nearest($total, fn (float $sum): bool => $offer('leading and trailing', ...[...self::shared($leading, $sum), $this->gutter]));
        if ($this->count > 1) {
            $this->nearest($this->gutter, fn (float $gutter): bool => $offer('gutter', $leading, $trailing, $gutter));
        }

        return $found;
    }

    /**
     * Two whole margins with that sum, each as near to half of what is added as can be.
     *
     * @return array{float, float}
     */
    private static function shared(float $leading, float $sum): array
    {
        $lead = min(max(0.0, Length::whole($leading)), $sum);

        return [$lead, $sum - $lead];
    }

    /**
     * Tries whole figures from the nearest outwards, the smaller first of two equally near, until one is taken.
     *
     * @param  callable(float): bool  $take
     */
    private function nearest(float $wanted, callable $take): void
    {
        $below = floor($wanted);
        $above = $below + 1;
        // What divides by the count comes again after that many steps at most.
        for ($step = 0; $step <= 4 * $this->count + 2; $step++) {
            if ($wanted - $below <= $above - $wanted) {
                if ($take($below--)) {
                    return;
                }
            } elseif ($take($above++)) {
                return;
            }
        }
    }
}
