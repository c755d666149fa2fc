<?php

declare(strict_types=1);

namespace App\Models;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Sheet\Guide as CoreGuide;
use Illuminate\Database\Eloquent\Model;

/**
 * The row of a guide.
 *
 * @property string $id
 * @property string $axis
 * @property float $at
 * @property bool $locked
 */
final class Guide extends Model
{
    public $timestamps = false;

    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['locked' => 'bool'];

    public function toCore(): CoreGuide
    {
        return new CoreGuide($this->id, Axis::from($this->axis), $this->at, $this->locked);
    }

    /** @return array<string, mixed> */
    public static function columns(CoreGuide $guide): array
    {
        return ['axis' => $guide->axis->value, 'at' => $guide->at, 'locked' => (int) $guide->locked];
    }
}
