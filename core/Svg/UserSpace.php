<?php

declare(strict_types=1);

namespace AllSquare\Core\Svg;

use AllSquare\Core\Path\Path;

/** The space in which a part of a drawing is said (SVG 2, section 8.3): where that is, what it inherits, which item it goes into, and what it is seen through. */
final readonly class UserSpace
{
    /**
     * @param  Affine  $toParent  from user space to the space of the item that it goes into
     * @param  string|null  $parent  that item
     * @param  float  $opacity  of what it lies in, where that became no item of its own
     * @param  list<array{Path, string}>  $clips  in user space, with what counts as inside of each
     */
    public function __construct(public Affine $toParent, public Style $style, public Lengths $lengths, public ?string $parent = null, public float $opacity = 1.0, public array $clips = [])
    {
    }

    /** The same with a transform of its own. */
    public function transformed(Affine $transform): self
    {
        $back = $transform->inverse();
        $clips = $back === null ? [] : array_map(static fn (array $clip): array => [$clip[0]->mapped($back->apply(...)), $clip[1]], $this->clips);

        return new self($this->toParent->after($transform), $this->style, $this->lengths, $this->parent, $this->opacity, $clips);
    }

    public function styled(Style $style): self
    {
        return new self($this->toParent, $style, $this->lengths, $this->parent, $this->opacity, $this->clips);
    }

    public function within(Lengths $lengths): self
    {
        return new self($this->toParent, $this->style, $lengths, $this->parent, $this->opacity, $this->clips);
    }

    public function fainter(float $opacity): self
    {
        return new self($this->toParent, $this->style, $this->lengths, $this->parent, $this->opacity * $opacity, $this->clips);
    }

    public function clipped(Path $path, string $rule): self
    {
        return new self($this->toParent, $this->style, $this->lengths, $this->parent, $this->opacity, [...$this->clips, [$path, $rule]]);
    }

    /** In an item that holds what comes; $toItem is from user space to that item's space. */
    public function inside(string $item, Affine $toItem): self
    {
        return new self($toItem, $this->style, $this->lengths, $item, 1.0, $this->clips);
    }
}
