<?php

declare(strict_types=1);

namespace App\Models;

use AllSquare\Core\Sheet\Belonging;
use AllSquare\Core\Sheet\TypeStyle as CoreStyle;
use Illuminate\Database\Eloquent\Model;
use InvalidArgumentException;
use stdClass;

/** The row of a style of words that a document keeps under a name. */
final class TypeStyle extends Model implements StoresBelonging
{
    public $timestamps = false;

    public $incrementing = false;

    protected $table = 'styles';

    protected $keyType = 'string';

    public static function fromRow(stdClass $row): CoreStyle
    {
        return new CoreStyle($row->id, $row->key, $row->name, CoreStyle::read(json_decode($row->styles, true, flags: JSON_THROW_ON_ERROR)));
    }

    public static function columns(Belonging $one): array
    {
        return $one instanceof CoreStyle
            ? ['key' => $one->key, 'name' => $one->name, 'styles' => json_encode($one->stored(), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION)]
            : throw new InvalidArgumentException('That is stored elsewhere.');
    }
}
