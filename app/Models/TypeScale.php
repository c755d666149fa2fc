<?php

declare(strict_types=1);

namespace App\Models;

use AllSquare\Core\Sheet\Belonging;
use AllSquare\Core\Sheet\TypeScale as CoreScale;
use Illuminate\Database\Eloquent\Model;
use InvalidArgumentException;
use stdClass;

/** The row of the scale of sizes that a document offers. */
final class TypeScale extends Model implements StoresBelonging
{
    public $timestamps = false;

    public $incrementing = false;

    protected $table = 'scales';

    protected $keyType = 'string';

    public static function fromRow(stdClass $row): CoreScale
    {
        return new CoreScale($row->id, (float) $row->base, (float) $row->ratio, (bool) $row->whole);
    }

    public static function columns(Belonging $one): array
    {
        return $one instanceof CoreScale
            ? ['base' => $one->base, 'ratio' => $one->ratio, 'whole' => (int) $one->whole]
            : throw new InvalidArgumentException('That is stored elsewhere.');
    }
}
