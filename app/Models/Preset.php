<?php

declare(strict_types=1);

namespace App\Models;

use AllSquare\Core\Sheet\Belonging;
use AllSquare\Core\Sheet\HandOverSettings;
use AllSquare\Core\Sheet\Preset as CorePreset;
use Illuminate\Database\Eloquent\Model;
use InvalidArgumentException;
use stdClass;

/** The row of settings for handing over that are kept under a name for the sheets of a document. */
final class Preset extends Model implements StoresBelonging
{
    public $timestamps = false;

    public $incrementing = false;

    protected $keyType = 'string';

    public static function fromRow(stdClass $row): CorePreset
    {
        return new CorePreset($row->id, $row->name, HandOverSettings::fromArray(json_decode($row->settings, true, flags: JSON_THROW_ON_ERROR)));
    }

    public static function columns(Belonging $one): array
    {
        return $one instanceof CorePreset
            ? ['name' => $one->name, 'settings' => json_encode($one->settings->toArray(), JSON_THROW_ON_ERROR)]
            : throw new InvalidArgumentException('That is stored elsewhere.');
    }
}
