<?php

declare(strict_types=1);

namespace AllSquare\Core\Sheet;

/** A layout grid with its margins, kept under a name for all sheets of a document. */
final readonly class NamedGrid
{
    public function __construct(public string $id, public string $name, public SheetGrid $grid, public Margins $margins)
    {
    }

    /**
     * By name, those of one name in the order in which they were kept.
     *
     * @param  array<string, NamedGrid>  $grids
     * @return list<NamedGrid>
     */
    public static function inOrder(array $grids): array
    {
        usort($grids, static fn (NamedGrid $a, NamedGrid $b): int => strcmp($a->name, $b->name) ?: strcmp($a->id, $b->id));

        return $grids;
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
