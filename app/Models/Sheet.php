<?php

declare(strict_types=1);

namespace App\Models;

use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Unit;
use AllSquare\Core\Sheet\Margins;
use AllSquare\Core\Sheet\Sheet as CoreSheet;
use AllSquare\Core\Sheet\SheetGrid;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * The row of a sheet.
 *
 * @property array{of: string, items: list<string>}|null $variant  of which sheet it is another arrangement, and of which things on it
 * @property string $id
 * @property string $document_id
 * @property int $position
 * @property string $name
 * @property float $typed_width
 * @property float $typed_height
 * @property string $unit
 * @property float $ppi
 * @property bool $whole_pixels
 * @property float $margin_left
 * @property float $margin_top
 * @property float $margin_right
 * @property float $margin_bottom
 * @property string|null $background
 * @property float $zero_x
 * @property float $zero_y
 * @property float|null $unit_of_spacing
 * @property string|null $grid
 * @property string|null $page
 * @property bool $removed
 * @property int $revision
 */
final class Sheet extends Model
{
    use HasUlids;

    public $timestamps = false;

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['variant' => 'array', 'whole_pixels' => 'bool', 'removed' => 'bool', 'revision' => 'int', 'position' => 'int'];

    /**
     * Those that are there for people: a deleted sheet is kept for undo, and a deleted document until it is restored.
     *
     * @return Builder<self>
     */
    public static function there(): Builder
    {
        return self::query()->where('removed', false)->whereHas('document');
    }

    /** @return BelongsTo<Document, $this> */
    public function document(): BelongsTo
    {
        return $this->belongsTo(Document::class);
    }

    public function toCore(): CoreSheet
    {
        return new CoreSheet(
            $this->id,
            $this->name,
            $this->typed_width,
            $this->typed_height,
            Unit::from($this->unit),
            $this->ppi,
            $this->whole_pixels,
            new Margins($this->margin_left, $this->margin_top, $this->margin_right, $this->margin_bottom),
            $this->background,
            new Point($this->zero_x, $this->zero_y),
            $this->unit_of_spacing,
            $this->grid === null ? new SheetGrid : SheetGrid::fromArray(json_decode($this->grid, true, flags: JSON_THROW_ON_ERROR)),
            $this->page,
        );
    }

    /** @return array<string, mixed> the columns that commands on a sheet change */
    public static function columns(CoreSheet $sheet): array
    {
        return [
            'name' => $sheet->name,
            'typed_width' => $sheet->typedWidth,
            'typed_height' => $sheet->typedHeight,
            'unit' => $sheet->unit->value,
            'ppi' => $sheet->ppi,
            'whole_pixels' => (int) $sheet->wholePixels,
            'margin_left' => $sheet->margins->left,
            'margin_top' => $sheet->margins->top,
            'margin_right' => $sheet->margins->right,
            'margin_bottom' => $sheet->margins->bottom,
            'background' => $sheet->background,
            'zero_x' => $sheet->zero->x,
            'zero_y' => $sheet->zero->y,
            'unit_of_spacing' => $sheet->unitOfSpacing,
            'grid' => $sheet->grid->isEmpty() ? null : json_encode($sheet->grid->toArray(), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION),
            'page' => $sheet->page,
        ];
    }
}
