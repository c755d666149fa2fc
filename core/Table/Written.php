<?php

declare(strict_types=1);

namespace AllSquare\Core\Table;

use Closure;
use WeakMap;

/** Tables as they are stored, for as long as they are there: one is compared, written and answered in turn. */
final class Written
{
    /** @var WeakMap<TableData, array<string, mixed>>|null */
    private static ?WeakMap $kept = null;

    /**
     * @param  Closure(): array<string, mixed>  $write
     * @return array<string, mixed>
     */
    public static function of(TableData $table, Closure $write): array
    {
        /** @var WeakMap<TableData, array<string, mixed>> $kept */
        $kept = self::$kept ??= new WeakMap;

        return $kept[$table] ??= $write();
    }
}
