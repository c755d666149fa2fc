<?php

declare(strict_types=1);

namespace AllSquare\Core\Sheet;

use AllSquare\Core\Geometry\Side;
use AllSquare\Core\Item\By;
use AllSquare\Core\Item\Renaming;
use AllSquare\Core\Refusal;

/** A distance that is kept on the sheet, between two items or from an item to an edge of the sheet, and follows them. */
final readonly class Dimension implements Belonging
{
    /** @var list<string> along the sheet's axes, or straight between nearest points */
    public const AXES = ['x', 'y', 'straight'];

    /**
     * @param  string  $a  id of an item
     * @param  string  $b  id of another, or a side of the sheet: left, top, right, bottom
     */
    public function __construct(public string $id, public string $a, public string $b, public string $axis, public By $by = By::Frame)
    {
    }

    public function id(): string
    {
        return $this->id;
    }

    public static function sort(): string
    {
        return 'dimensions';
    }

    public static function noun(): string
    {
        return 'dimension';
    }

    public static function isOfDocument(): bool
    {
        return false;
    }

    public static function dependsOnItems(): bool
    {
        return true;
    }

    /** In the order in which they were made. */
    public function compare(Belonging $other): int
    {
        return $other instanceof self ? strcmp($this->id, $other->id) : 0;
    }

    public function toAnswer(): array
    {
        return ['id' => $this->id, 'a' => $this->a, 'b' => $this->b, 'axis' => $this->axis, 'by' => $this->by->value];
    }

    public function toFile(Renaming $ids): array
    {
        return ['a' => $ids->of($this->a), 'b' => $ids->of($this->b), 'axis' => $this->axis, 'by' => $this->by->value];
    }

    public static function fromFile(string $id, array $data, Renaming $ids): self
    {
        $word = static fn (string $name): string => is_string($data[$name] ?? null) ? $data[$name] : '';
        [$a, $b] = [$word('a'), $word('b')];
        if (! $ids->has($a) || (Side::tryFrom($b) === null && ! $ids->has($b))) {
            throw Refusal::because('A dimension names an item that is not there.', 'dimensions');
        }

        return new self($id, $ids->of($a), Side::tryFrom($b) === null ? $ids->of($b) : $b, $word('axis'), By::tryFrom($word('by')) ?? By::Frame);
    }

    public function renamed(string $id, Renaming $ids): self
    {
        return new self($id, $ids->of($this->a), $ids->of($this->b), $this->axis, $this->by);
    }

    /** Whether it goes when that item does. */
    public function dependsOn(string $item): bool
    {
        return $this->a === $item || $this->b === $item;
    }
}
