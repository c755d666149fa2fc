<?php

declare(strict_types=1);

namespace AllSquare\Core\Item;

use AllSquare\Core\Geometry\Angle;
use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Flip;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Matrix;
use AllSquare\Core\Geometry\NinePoint;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Traits\FitsItsFrame;
use AllSquare\Core\Item\Traits\Flat;
use AllSquare\Core\Item\Traits\FramedByItems;
use AllSquare\Core\Item\Traits\HoldsItems;
use AllSquare\Core\Item\Traits\KeepsNumbers;
use AllSquare\Core\Item\Traits\LaysOut;
use AllSquare\Core\Item\Traits\PaintsNothing;
use AllSquare\Core\Item\Traits\ShowsAsOne;
use AllSquare\Core\Item\Traits\Symmetric;
use AllSquare\Core\Rail\Berth;
use AllSquare\Core\Rail\RailRules;
use AllSquare\Core\Text\FontLibrary;

/**
 * One thing on a sheet, as it is stored.
 *
 * The frame is its box before turning, in its parent's space; the angle turns it about the frame's centre.
 */
final readonly class Item
{
    /**
     * @param  string|null  $parent  the group it lies in; null on the sheet itself
     * @param  int  $rank  its place among its siblings, back to front; sparse
     * @param  float  $angle  degrees clockwise in (-180, 180]
     * @param  array<string, mixed>  $fields  the properties its kind has, all of them
     * @param  Point  $origin  for a group: the point of its own space that lies at its frame's top left
     * @param  bool  $reference  whether it lies there to be compared with: locked, and never measured, snapped to or exported
     * @param  Flip  $flip  whether what it paints is seen in a mirror, within its frame and before it is turned
     */
    public function __construct(
        public string $id,
        public ?string $parent,
        public int $rank,
        public Kind $kind,
        public string $name,
        public Rect $frame,
        public float $angle,
        public bool $locked,
        public bool $hidden,
        public array $fields,
        public Point $origin = new Point(0.0, 0.0),
        public bool $reference = false,
        public Flip $flip = Flip::None,
    ) {
    }

    public function inFrame(Rect $frame): self
    {
        return new self($this->id, $this->parent, $this->rank, $this->kind, $this->name, $frame, $this->angle, $this->locked, $this->hidden, $this->fields, $this->origin, $this->reference, $this->flip);
    }

    public function turnedTo(float $degrees): self
    {
        return $this->with(['angle' => Angle::keep($degrees)]);
    }

    /** @param  array<string, mixed>  $fields */
    public function withFields(array $fields): self
    {
        return new self($this->id, $this->parent, $this->rank, $this->kind, $this->name, $this->frame, $this->angle, $this->locked, $this->hidden, [...$this->fields, ...$fields], $this->origin, $this->reference, $this->flip);
    }

    /** @param  array<string, mixed>  $changes fields of the item by name */
    public function with(array $changes): self
    {
        // @phpstan-ignore argument.type (the fields by their names, of their types)
        return new self(...[...get_object_vars($this), ...$changes]);
    }

    /** The frame with another size, one of its nine points staying where it stands in the parent's space, turned or not. */
    public function sized(float $w, float $h, NinePoint $held): self
    {
        [$w, $h] = [Length::round($w), Length::round($h)];
        $out = new Point($held->across() - 0.5, $held->down() - 0.5);
        $point = $this->frame->centre()->plus($out->times($this->frame->w, $this->frame->h)->turned($this->angle));
        $centre = $point->minus($out->times($w, $h)->turned($this->angle));

        return $this->inFrame(new Rect(Length::round($centre->x - $w / 2), Length::round($centre->y - $h / 2), $w, $h));
    }

    /** From the item's own space (0, 0 to w, h; for a group, its children's space) to its parent's. */
    public function toParent(): Matrix
    {
        $shift = Matrix::shift($this->frame->x - $this->origin->x, $this->frame->y - $this->origin->y);

        return $this->angle === 0.0 ? $shift : Matrix::turnAbout($this->frame->centre(), $this->angle)->after($shift);
    }

    /** From what it paints itself to its parent's space: as toParent(), in the mirror where it is flipped. */
    public function paintedToParent(): Matrix
    {
        return $this->flip === Flip::None ? $this->toParent() : $this->toParent()->after($this->mirror());
    }

    /** Onto its own frame, in the mirror where it is flipped. */
    public function mirror(): Matrix
    {
        return $this->flip === Flip::None ? Matrix::identity() : Matrix::shift($this->origin->x, $this->origin->y)->after($this->flip->within($this->frame->w, $this->frame->h));
    }

    /** Mirrored once more, before it is turned; what looks the same in a mirror stays as it is, and what is made of the items in it follows these. */
    public function mirrored(Axis $axis): self
    {
        return ($this->kind instanceof Symmetric && $this->kind->isSymmetric($this->fields)) || $this->kind instanceof PaintsNothing || $this->kind instanceof ShowsAsOne ? $this : $this->with(['flip' => $this->flip->mirrored($axis)]);
    }

    /** Whether another is the same but for its frame. */
    public function isFramedElsewhere(self $other): bool
    {
        return $this->fields === $other->fields && $this->kind === $other->kind && $this->parent === $other->parent && $this->rank === $other->rank && $this->name === $other->name && $this->angle === $other->angle
            && $this->flip === $other->flip && $this->locked === $other->locked && $this->hidden === $other->hidden && $this->reference === $other->reference
            && $this->origin->x === $other->origin->x && $this->origin->y === $other->origin->y;
    }

    public function holdsItems(): bool
    {
        return $this->kind instanceof HoldsItems;
    }

    /** Whether its frame is that of the items in it. */
    public function isFramedByItems(): bool
    {
        return $this->kind instanceof FramedByItems;
    }

    /** How it lays out what lies in it; null where it is no rail. */
    public function rail(): ?RailRules
    {
        return $this->kind instanceof LaysOut ? $this->kind->rail($this->fields) : null;
    }

    /** By what it is known again on copies of its sheet: what it was copied from, or itself. */
    public function knownAs(): string
    {
        $source = $this->fields['source'] ?? null;

        return is_string($source) ? $source : $this->id;
    }

    /** By what it is one with others on other sheets; null where it lies on this one alone. */
    public function twin(): ?Twin
    {
        $twin = $this->fields['twin'] ?? null;

        return $twin instanceof Twin ? $twin : null;
    }

    public function berth(): Berth
    {
        $berth = $this->fields['berth'] ?? null;

        return $berth instanceof Berth ? $berth : new Berth;
    }

    /** How it follows when the tray that it lies in is sized. */
    public function pins(): Pins
    {
        $pins = $this->fields['pins'] ?? null;

        return $pins instanceof Pins ? $pins : new Pins;
    }

    /** Whether it has a length and no height. */
    public function isFlat(): bool
    {
        return $this->kind instanceof Flat;
    }

    /**
     * With the frame that its words or points need, where it follows them.
     *
     * @param  bool  $whole  whether sizes are brought to whole pixels
     */
    public function fitted(bool $whole, FontLibrary $fonts): self
    {
        return $this->kind instanceof FitsItsFrame ? $this->kind->fitted($this, $whole, $fonts) : $this;
    }

    /** Whether what lies in it stays where it is on the sheet: its own space is placed as that of the other. */
    public function sharesSpaceWith(self $other): bool
    {
        [$a, $b] = [$this->toParent(), $other->toParent()];

        return $this->parent === $other->parent && $this->angle === $other->angle && abs($a->dx - $b->dx) < 1e-8 && abs($a->dy - $b->dy) < 1e-8;
    }

    /** Whether it keeps numbers of its own space, such as those of a series. */
    public function keepsNumbers(): bool
    {
        return $this->kind instanceof KeepsNumbers && $this->kind->keepsNumbers($this->fields);
    }

    public function number(string $prop): float
    {
        $value = $this->fields[$prop] ?? 0.0;

        return is_numeric($value) ? (float) $value : 0.0;
    }

    public function word(string $prop): string
    {
        $value = $this->fields[$prop] ?? '';

        return is_scalar($value) ? (string) $value : '';
    }
}
