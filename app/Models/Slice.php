<?php

declare(strict_types=1);

namespace App\Models;

use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Slice\Slice as CoreSlice;
use Illuminate\Database\Eloquent\Model;

/**
 * The row of a slice.
 *
 * @property string $id
 * @property int $rank
 * @property string $name
 * @property float $x
 * @property float $y
 * @property float $w
 * @property float $h
 */
final class Slice extends Model
{
    public $timestamps = false;

    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    public function toCore(): CoreSlice
    {
        return new CoreSlice($this->id, $this->rank, $this->name, new Rect($this->x, $this->y, $this->w, $this->h));
    }

    /** @return array<string, mixed> */
    public static function columns(CoreSlice $slice): array
    {
        return ['rank' => $slice->rank, 'name' => $slice->name, ...$slice->box->toArray()];
    }
}
