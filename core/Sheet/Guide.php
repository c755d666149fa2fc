<?php

declare(strict_types=1);

namespace AllSquare\Core\Sheet;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Item\Renaming;

/** A line right across the sheet. One of axis x stands upright at that x. */
final readonly class Guide implements Belonging
{
    /** @param  float  $at  px from the sheet's left or top */
    public function __construct(public string $id, public Axis $axis, public float $at, public bool $locked = false)
    {
    }

    public function id(): string
    {
        return $this->id;
    }

    public static function sort(): string
    {
        return 'guides';
    }

    public static function noun(): string
    {
        return 'guide';
    }

    public static function isOfDocument(): bool
    {
        return false;
    }

    public static function dependsOnItems(): bool
    {
        return false;
    }

    /** Those of axis x first, each axis from its start. */
    public function compare(Belonging $other): int
    {
        return $other instanceof self ? [$this->axis->value, $this->at, $this->id] <=> [$other->axis->value, $other->at, $other->id] : 0;
    }

    public function toAnswer(): array
    {
        return ['id' => $this->id, 'axis' => $this->axis->value, 'at' => $this->at, 'locked' => $this->locked];
    }

    public function toFile(Renaming $ids): array
    {
        return ['axis' => $this->axis->value, 'at' => $this->at] + ($this->locked ? ['locked' => true] : []);
    }

    public static function fromFile(string $id, array $data, Renaming $ids): self
    {
        $axis = is_string($data['axis'] ?? null) ? $data['axis'] : '';

        return new self($id, Axis::from($axis), is_numeric($data['at'] ?? null) ? Length::round((float) $data['at']) : 0.0, ($data['locked'] ?? null) === true);
    }

    public function renamed(string $id, Renaming $ids): self
    {
        return new self($id, $this->axis, $this->at, $this->locked);
    }

    /** As in "the vertical guide at x 120" */
    public function words(): string
    {
        return ($this->axis === Axis::X ? 'the vertical guide at x ' : 'the horizontal guide at y ').Spoken::length($this->at);
    }
}
