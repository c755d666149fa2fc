<?php

declare(strict_types=1);

namespace App\Models;

use AllSquare\Core\Sheet\Belonging;
use stdClass;

/** The model of a table whose rows are what belongs to a sheet, or to its document, besides items. It is named as the class of the core is. */
interface StoresBelonging
{
    public static function fromRow(stdClass $row): Belonging;

    /** @return array<string, mixed> the columns of its row but for its id, and what it belongs to */
    public static function columns(Belonging $one): array;
}
