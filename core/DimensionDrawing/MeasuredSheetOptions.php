<?php

declare(strict_types=1);

namespace AllSquare\Core\DimensionDrawing;

use AllSquare\Core\Item\By;

/** What of a sheet is to be measured. */
final readonly class MeasuredSheetOptions
{
    /**
     * @param  list<string>|null  $items  ids of a selection; null for everything at one level
     * @param  string|null  $level  id of the group whose children those are; null for the sheet
     * @param  list<MeasureKind>  $kinds
     */
    public function __construct(public ?array $items = null, public ?string $level = null, public array $kinds = [MeasureKind::Size, MeasureKind::Gap, MeasureKind::Margin], public By $by = By::Frame)
    {
    }

    public function wants(MeasureKind $kind): bool
    {
        return in_array($kind, $this->kinds, true);
    }
}
