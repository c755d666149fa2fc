<?php

declare(strict_types=1);

namespace AllSquare\Core\Rail;

use AllSquare\Core\Geometry\Axis;
use Closure;

/** A thing in a rail, or a rail with what lies in it, as far as the laying out of it asks. */
final readonly class Member
{
    /**
     * @param  float  $w  px it is wide by itself
     * @param  float  $h  px it is high by itself
     * @param  RailRules|null  $rules  of a rail
     * @param  list<Member>  $inside  of a rail, in their order
     * @param  Berth  $berth  its own numbers in the rail that it lies in
     * @param  Closure(float): float|null  $height  px it is high at a width, where its words wrap
     * @param  bool  $isRigid  whether it stays as large as it is: what is turned, or as large as what it holds
     */
    public function __construct(public string $id, public float $w, public float $h, public ?RailRules $rules = null, public array $inside = [], public Berth $berth = new Berth, public ?Closure $height = null, public bool $isRigid = false)
    {
    }

    /** How many parts it takes of what is left along a rail; 0 for none. */
    public function share(Axis $along): float
    {
        return $this->rules?->sizing($along) === Sizing::Share ? ($this->berth->share > 0.0 ? $this->berth->share : 1.0) : ($this->rules === null && ! $this->isRigid ? $this->berth->share : 0.0);
    }

    /** Whether its size along an axis is its own, whatever lies in it or around it. */
    public function isFixed(Axis $axis): bool
    {
        return $this->rules?->sizing($axis) === Sizing::Fixed;
    }

    /** Whether its size across a rail is what there is room for. */
    public function isStretched(Axis $axis, Across $across): bool
    {
        return match (true) {
            $this->rules !== null => ! $this->isFixed($axis) && ($across === Across::Stretch || $this->rules->sizing($axis) === Sizing::Share),
            // Words stand at the top of what they have, so that how high it is does not show.
            $axis === Axis::Y && $this->height !== null => false,
            default => $across === Across::Stretch && ! $this->isRigid,
        };
    }

    /** @return float px of its frame, which holds its padding at least */
    public function size(Axis $axis): float
    {
        return $this->atLeast($axis, $axis === Axis::X ? $this->w : $this->h);
    }

    /** A size, or as much as its padding takes. */
    public function atLeast(Axis $axis, float $size): float
    {
        return max($size, $this->rules?->padding->both($axis) ?? 0.0);
    }
}
