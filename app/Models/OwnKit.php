<?php

declare(strict_types=1);

namespace App\Models;

use AllSquare\Core\Sheet\Belonging;
use AllSquare\Core\Sheet\OwnKit as CoreKit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;
use InvalidArgumentException;
use stdClass;

/**
 * The row of a kit that a document has of its own.
 *
 * @property string $id
 * @property string $document_id
 * @property string $name
 */
final class OwnKit extends Model implements StoresBelonging
{
    public $timestamps = false;

    public $incrementing = false;

    protected $table = 'kits';

    protected $keyType = 'string';

    public static function fromRow(stdClass $row): CoreKit
    {
        return new CoreKit($row->id, $row->name, json_decode($row->items, true, flags: JSON_THROW_ON_ERROR));
    }

    /** @return list<stdClass> id, name, document, document_name, and the sheet of its document by which it is seen, of those of all documents */
    public static function everywhere(): array
    {
        return array_values(DB::table('kits')
            ->join('documents', 'documents.id', '=', 'kits.document_id')
            ->select('kits.id', 'kits.name', 'kits.document_id as document', 'documents.name as document_name')
            ->selectRaw('(select s.id from sheets s where s.document_id = kits.document_id order by s.position limit 1) as sheet')
            ->orderBy('documents.name')->orderByRaw('lower(kits.name)')->orderBy('kits.id')
            ->get()->all());
    }

    public static function columns(Belonging $one): array
    {
        return $one instanceof CoreKit
            ? ['name' => $one->name, 'items' => json_encode($one->items, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION)]
            : throw new InvalidArgumentException('That is stored elsewhere.');
    }
}
