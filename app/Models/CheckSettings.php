<?php

declare(strict_types=1);

namespace App\Models;

use AllSquare\Core\Item\Renaming;
use AllSquare\Core\Sheet\Belonging;
use AllSquare\Core\Sheet\CheckSettings as CoreSettings;
use Illuminate\Database\Eloquent\Model;
use InvalidArgumentException;
use stdClass;

/** The row of the checks of a document. */
final class CheckSettings extends Model implements StoresBelonging
{
    public $timestamps = false;

    public $incrementing = false;

    protected $table = 'checks';

    protected $keyType = 'string';

    public static function fromRow(stdClass $row): CoreSettings
    {
        return CoreSettings::fromFile($row->id, ['off' => json_decode($row->off, true, flags: JSON_THROW_ON_ERROR), 'limits' => json_decode($row->limits, true, flags: JSON_THROW_ON_ERROR)], new Renaming([]));
    }

    public static function columns(Belonging $one): array
    {
        return $one instanceof CoreSettings
            ? ['off' => json_encode($one->off, JSON_THROW_ON_ERROR), 'limits' => json_encode((object) $one->limits, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION)]
            : throw new InvalidArgumentException('That is stored elsewhere.');
    }
}
