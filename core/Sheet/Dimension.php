<?php

declare(strict_types=1);

namespace AllSquare\Core\Sheet;

use AllSquare\Core\Item\By;

/** A distance that is kept on the sheet, between two items or from an item to an edge of the sheet, and follows them. */
final readonly class Dimension
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

    /** Whether it goes when that item does. */
    public function dependsOn(string $item): bool
    {
        return $this->a === $item || $this->b === $item;
    }
}
