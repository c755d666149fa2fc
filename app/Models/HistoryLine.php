<?php

declare(strict_types=1);

namespace App\Models;

use App\Storage\Patch;
use Illuminate\Database\Eloquent\Model;

/**
 * One change of a document: what it was called, what was selected, and the patch that undoes and redoes it.
 *
 * @property int $id
 * @property string $document_id
 * @property string $sheet_id
 * @property string $command
 * @property string $label
 * @property array<string, mixed> $params
 * @property array<string, mixed> $report
 * @property list<string> $selected_before
 * @property list<string> $selected_after
 * @property string $patch
 * @property int $revision
 * @property bool $undone
 * @property string $unit
 * @property string|null $run
 * @property string $created_at
 */
final class HistoryLine extends Model
{
    public const UPDATED_AT = null;

    public $timestamps = false;

    protected $table = 'history';

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = [
        'params' => 'array',
        'report' => 'array',
        'selected_before' => 'array',
        'selected_after' => 'array',
        'undone' => 'bool',
    ];

    public function changes(): Patch
    {
        return Patch::unpack($this->patch);
    }
}
