<?php

declare(strict_types=1);

namespace App\Models;

use AllSquare\Core\Sheet\NamedGrid as CoreGrid;
use Illuminate\Database\Eloquent\Model;

/**
 * The row of a grid that is kept under a name for the sheets of a document.
 *
 * @property string $id
 * @property string $document_id
 * @property string $name
 * @property string $grid
 */
final class NamedGrid extends Model
{
    public $timestamps = false;

    public $incrementing = false;

    protected $table = 'grids';

    protected $keyType = 'string';

    protected $guarded = [];

    public function toCore(): CoreGrid
    {
        return CoreGrid::fromArray($this->id, $this->name, json_decode($this->grid, true, flags: JSON_THROW_ON_ERROR));
    }

    /** @return array<string, mixed> */
    public static function columns(CoreGrid $grid): array
    {
        return ['name' => $grid->name, 'grid' => json_encode($grid->toArray(), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION)];
    }
}
