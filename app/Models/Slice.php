<?php

declare(strict_types=1);

namespace App\Models;

use AllSquare\Core\Sheet\Slice as CoreSlice;
use Illuminate\Database\Eloquent\Model;

/** The row of a slice. The loader reads it as a plain list. */
final class Slice extends Model
{
    public $timestamps = false;

    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    /** @return array<string, mixed> */
    public static function columns(CoreSlice $slice): array
    {
        return ['rank' => $slice->rank, 'name' => $slice->name, ...$slice->box->toArray(), 'cut' => json_encode($slice->cut->toArray(), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION)];
    }
}
