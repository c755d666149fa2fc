<?php

declare(strict_types=1);

namespace AllSquare\Core\Intent;

/** Two things whose distance along an axis may be meant: a gap from one to the next, or an inset of one in the other. */
final class Relation
{
    public const GAP = 'gap';

    public const INSET = 'inset';

    private ?string $type = null;

    /**
     * @param  bool  $fromEnd  from where a ends; else from where it begins
     * @param  bool  $toEnd  to where b ends; else to where it begins
     * @param  string  $sort  distances of one sort are compared with each other
     */
    private function __construct(public readonly int $a, public readonly int $b, public readonly bool $fromEnd, public readonly bool $toEnd, public readonly string $sort)
    {
    }

    /** From where a ends to where b begins. */
    public static function gap(int $a, int $b): self
    {
        return new self($a, $b, true, false, self::GAP);
    }

    /** How far b, which lies in a, begins past where a begins. */
    public static function insetBefore(int $a, int $b): self
    {
        return new self($a, $b, false, false, self::INSET);
    }

    /** How far a ends past where b ends, which lies in it. */
    public static function insetAfter(int $a, int $b): self
    {
        return new self($b, $a, true, true, self::INSET);
    }

    /** What it comes to as things lie now, px. */
    public function size(Things $things, Bodies $bodies): float
    {
        return $bodies->place($this->b) - $bodies->place($this->a) - $this->rest($things);
    }

    /** Makes it that size from now on. */
    public function hold(Things $things, Bodies $bodies, float $size): bool
    {
        return $bodies->join($this->a, $this->b, $size + $this->rest($things));
    }

    /** From the leading edge of a to that of b, beyond its size, px. */
    public function rest(Things $things): float
    {
        return ($this->fromEnd ? $things->sizes[$this->a] : 0.0) - ($this->toEnd ? $things->sizes[$this->b] : 0.0);
    }

    /** What is the same for relations that were made alike; of things at one place or another it stays. */
    public function type(Things $things): string
    {
        return $this->type ??= $things->types[$this->a].($this->fromEnd ? ' end, ' : ' start, ').$things->types[$this->b].($this->toEnd ? ' end' : ' start');
    }
}
