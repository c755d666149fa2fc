<?php

declare(strict_types=1);

namespace App\Models;

use AllSquare\Core\Item\By;
use AllSquare\Core\Sheet\Belonging;
use AllSquare\Core\Sheet\Dimension as CoreDimension;
use Illuminate\Database\Eloquent\Model;
use InvalidArgumentException;
use stdClass;

/** The row of a dimension. */
final class Dimension extends Model implements StoresBelonging
{
    public $timestamps = false;

    public $incrementing = false;

    protected $keyType = 'string';

    public static function fromRow(stdClass $row): CoreDimension
    {
        return new CoreDimension($row->id, $row->a, $row->b, $row->axis, By::from($row->by));
    }

    public static function columns(Belonging $one): array
    {
        return $one instanceof CoreDimension
            ? ['a' => $one->a, 'b' => $one->b, 'axis' => $one->axis, 'by' => $one->by->value]
            : throw new InvalidArgumentException('That is stored elsewhere.');
    }
}
