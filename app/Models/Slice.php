<?php

declare(strict_types=1);

namespace App\Models;

use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Sheet\Belonging;
use AllSquare\Core\Sheet\Cut;
use AllSquare\Core\Sheet\Slice as CoreSlice;
use Illuminate\Database\Eloquent\Model;
use InvalidArgumentException;
use stdClass;

/** The row of a slice. */
final class Slice extends Model implements StoresBelonging
{
    public $timestamps = false;

    public $incrementing = false;

    protected $keyType = 'string';

    public static function fromRow(stdClass $row): CoreSlice
    {
        return new CoreSlice(
            $row->id, (int) $row->rank, $row->name, new Rect((float) $row->x, (float) $row->y, (float) $row->w, (float) $row->h),
            $row->cut === null ? new Cut : Cut::fromArray(json_decode($row->cut, true, flags: JSON_THROW_ON_ERROR)),
        );
    }

    public static function columns(Belonging $one): array
    {
        return $one instanceof CoreSlice
            ? ['rank' => $one->rank, 'name' => $one->name, ...$one->box->toArray(), 'cut' => json_encode($one->cut->toArray(), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION)]
            : throw new InvalidArgumentException('That is stored elsewhere.');
    }
}
