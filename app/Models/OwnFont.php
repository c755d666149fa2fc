<?php

declare(strict_types=1);

namespace App\Models;

use AllSquare\Core\Sheet\Belonging;
use AllSquare\Core\Sheet\OwnFont as CoreFont;
use Illuminate\Database\Eloquent\Model;
use InvalidArgumentException;
use stdClass;

/** The row that says which font a document has of its own. */
final class OwnFont extends Model implements StoresBelonging
{
    public $timestamps = false;

    public $incrementing = false;

    protected $keyType = 'string';

    public static function fromRow(stdClass $row): CoreFont
    {
        return new CoreFont($row->id, $row->font, $row->family, $row->name, (int) $row->weight, (bool) $row->italic);
    }

    public static function columns(Belonging $one): array
    {
        return $one instanceof CoreFont
            ? ['font' => $one->font, 'family' => $one->family, 'name' => $one->name, 'weight' => $one->weight, 'italic' => (int) $one->italic]
            : throw new InvalidArgumentException('That is stored elsewhere.');
    }
}
