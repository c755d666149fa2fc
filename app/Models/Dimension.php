<?php

declare(strict_types=1);

namespace App\Models;

use AllSquare\Core\Sheet\Dimension as CoreDimension;
use Illuminate\Database\Eloquent\Model;

/**
 * The row of a dimension.
 *
 * @property string $id
 * @property string $a
 * @property string $b
 * @property string $axis
 * @property string $by
 */
final class Dimension extends Model
{
    public $timestamps = false;

    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    /** @return array<string, mixed> */
    public static function columns(CoreDimension $dimension): array
    {
        return ['a' => $dimension->a, 'b' => $dimension->b, 'axis' => $dimension->axis, 'by' => $dimension->by->value];
    }
}
