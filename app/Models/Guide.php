<?php

declare(strict_types=1);

namespace App\Models;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Sheet\Belonging;
use AllSquare\Core\Sheet\Guide as CoreGuide;
use Illuminate\Database\Eloquent\Model;
use InvalidArgumentException;
use stdClass;

/** The row of a guide. */
final class Guide extends Model implements StoresBelonging
{
    public $timestamps = false;

    public $incrementing = false;

    protected $keyType = 'string';

    public static function fromRow(stdClass $row): CoreGuide
    {
        return new CoreGuide($row->id, Axis::from($row->axis), (float) $row->at, (bool) $row->locked);
    }

    public static function columns(Belonging $one): array
    {
        return $one instanceof CoreGuide
            ? ['axis' => $one->axis->value, 'at' => $one->at, 'locked' => (int) $one->locked]
            : throw new InvalidArgumentException('That is stored elsewhere.');
    }
}
