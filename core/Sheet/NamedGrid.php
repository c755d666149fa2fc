<?php

declare(strict_types=1);

namespace AllSquare\Core\Sheet;

use AllSquare\Core\Item\Naming;
use AllSquare\Core\Item\Renaming;

/** A layout grid with its margins, kept under a name for all sheets of a document. */
final readonly class NamedGrid implements Belonging
{
    public function __construct(public string $id, public string $name, public SheetGrid $grid, public Margins $margins)
    {
    }

    public function id(): string
    {
        return $this->id;
    }

    public static function sort(): string
    {
        return 'grids';
    }

    public static function noun(): string
    {
        return 'grid';
    }

    public static function isOfDocument(): bool
    {
        return true;
    }

    public static function dependsOnItems(): bool
    {
        return false;
    }

    /** By name, those of one name in the order in which they were kept. */
    public function compare(Belonging $other): int
    {
        return $other instanceof self ? strcmp($this->name, $other->name) ?: strcmp($this->id, $other->id) : 0;
    }

    public function toAnswer(): array
    {
        return ['id' => $this->id, 'name' => $this->name, ...$this->toArray()];
    }

    public function toFile(Renaming $ids): array
    {
        return ['name' => $this->name, ...$this->toArray()];
    }

    public static function fromFile(string $id, array $data, Renaming $ids): self
    {
        return self::fromArray($id, Naming::given($data), $data);
    }

    public function renamed(string $id, Renaming $ids): self
    {
        return new self($id, $this->name, $this->grid, $this->margins);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [...$this->grid->toArray(), 'margins' => $this->margins->toArray()];
    }

    /** @param  array<string, mixed>  $data  as toArray() gave it */
    public static function fromArray(string $id, string $name, array $data): self
    {
        $margins = is_array($data['margins'] ?? null) ? $data['margins'] : [];
        $side = static fn (string $of): float => is_numeric($margins[$of] ?? null) ? (float) $margins[$of] : 0.0;

        return new self($id, $name, SheetGrid::fromArray($data), new Margins($side('left'), $side('top'), $side('right'), $side('bottom')));
    }
}
