<?php

declare(strict_types=1);

namespace App\Models;

use AllSquare\Core\Sheet\HandOverSettings;
use AllSquare\Core\Sheet\Preset as CorePreset;
use Illuminate\Database\Eloquent\Model;

/**
 * The row of settings for handing over that are kept under a name for the sheets of a document.
 *
 * @property string $id
 * @property string $document_id
 * @property string $name
 * @property string $settings
 */
final class Preset extends Model
{
    public $timestamps = false;

    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    public function toCore(): CorePreset
    {
        return new CorePreset($this->id, $this->name, HandOverSettings::fromArray(json_decode($this->settings, true, flags: JSON_THROW_ON_ERROR)));
    }

    /** @return array<string, mixed> */
    public static function columns(CorePreset $preset): array
    {
        return ['name' => $preset->name, 'settings' => json_encode($preset->settings->toArray(), JSON_THROW_ON_ERROR)];
    }
}
