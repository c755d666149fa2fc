<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/** The table of items. Rows are read and written plainly (toBase) by App\Storage\ItemRows: models would cost four times as much. */
final class Item extends Model
{
    public $timestamps = false;

    public $incrementing = false;

    protected $keyType = 'string';
}
