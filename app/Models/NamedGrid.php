<?php

declare(strict_types=1);

namespace App\Models;

use AllSquare\Core\Sheet\Belonging;
use AllSquare\Core\Sheet\NamedGrid as CoreNamedGrid;
use Illuminate\Database\Eloquent\Model;
use InvalidArgumentException;
use stdClass;

/** The row of a grid that is kept under a name for the sheets of a document. */
final class NamedGrid extends Model implements StoresBelonging
{
    public $timestamps = false;

    public $incrementing = false;

    protected $table = 'grids';

    protected $keyType = 'string';

    public static function fromRow(stdClass $row): CoreNamedGrid
    {
        return CoreNamedGrid::fromArray($row->id, $row->name, json_decode($row->grid, true, flags: JSON_THROW_ON_ERROR));
    }

    public static function columns(Belonging $one): array
    {
        return $one instanceof CoreNamedGrid
            ? ['name' => $one->name, 'grid' => json_encode($one->toArray(), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION)]
            : throw new InvalidArgumentException('That is stored elsewhere.');
    }
}
