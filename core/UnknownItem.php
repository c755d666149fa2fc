<?php

declare(strict_types=1);

namespace AllSquare\Core;

/** An item or a slice was named that is not on the sheet. */
final class UnknownItem extends Refusal
{
    public static function named(string $id, string $what = 'item'): self
    {
        return new self(sprintf('There is no %s "%s" on this sheet.', $what, mb_strimwidth($id, 0, 40, '…')), 'items');
    }
}
