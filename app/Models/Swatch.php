<?php

declare(strict_types=1);

namespace App\Models;

use AllSquare\Core\Item\Look\Colour;
use AllSquare\Core\Sheet\Belonging;
use AllSquare\Core\Sheet\Swatch as CoreSwatch;
use Illuminate\Database\Eloquent\Model;
use InvalidArgumentException;
use stdClass;

/** The row of a colour that a document keeps under a name. */
final class Swatch extends Model implements StoresBelonging
{
    public $timestamps = false;

    public $incrementing = false;

    protected $keyType = 'string';

    /** @return array<string, string> the colours of a document's swatches, by their keys */
    public static function palette(string $document): array
    {
        return self::query()->where('document_id', $document)->pluck('colour', 'key')->all();
    }

    public static function fromRow(stdClass $row): CoreSwatch
    {
        return new CoreSwatch($row->id, $row->key, $row->name, Colour::of($row->colour), (bool) $row->gone);
    }

    public static function columns(Belonging $one): array
    {
        return $one instanceof CoreSwatch
            ? ['key' => $one->key, 'name' => $one->name, 'colour' => $one->colour->hex, 'gone' => (int) $one->gone]
            : throw new InvalidArgumentException('That is stored elsewhere.');
    }
}
