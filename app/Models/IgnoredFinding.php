<?php

declare(strict_types=1);

namespace App\Models;

use AllSquare\Core\Sheet\Belonging;
use AllSquare\Core\Sheet\IgnoredFinding as CoreFinding;
use Illuminate\Database\Eloquent\Model;
use InvalidArgumentException;
use stdClass;

/** The row of a finding that is ignored. */
final class IgnoredFinding extends Model implements StoresBelonging
{
    public $timestamps = false;

    public $incrementing = false;

    protected $keyType = 'string';

    public static function fromRow(stdClass $row): CoreFinding
    {
        return new CoreFinding($row->id, $row->kind, $row->about, array_values(array_filter((array) json_decode($row->items, true, flags: JSON_THROW_ON_ERROR), is_string(...))), $row->fingerprint, $row->reason);
    }

    public static function columns(Belonging $one): array
    {
        return $one instanceof CoreFinding
            ? ['kind' => $one->kind, 'about' => $one->about, 'items' => json_encode($one->items, JSON_THROW_ON_ERROR), 'fingerprint' => $one->fingerprint, 'reason' => $one->reason]
            : throw new InvalidArgumentException('That is stored elsewhere.');
    }
}
