<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * An archive that was ordered: what it is to hold, how far it is, and what became of it.
 *
 * @property string $id
 * @property string $document_id
 * @property string $sheet_id
 * @property string $name
 * @property array<string, mixed> $wanted
 * @property ArchiveState $state
 * @property bool $stopping
 * @property int $total
 * @property int $done
 * @property int|null $bytes
 * @property array{new: int, changed: int, same: int, gone: int}|null $differences
 * @property string|null $error
 * @property Carbon $created_at
 * @property Carbon|null $ended_at
 */
final class Archive extends Model
{
    use HasUlids;

    public const UPDATED_AT = null;

    protected $connection = 'queue';

    protected $guarded = [];

    protected $dateFormat = 'Y-m-d H:i:s.v';

    /** @var array<string, string> */
    protected $casts = ['wanted' => 'array', 'differences' => 'array', 'state' => ArchiveState::class, 'stopping' => 'bool', 'ended_at' => 'datetime'];

    public function path(): string
    {
        return config('allsquare.archives.folder')."/$this->id.zip";
    }
}
