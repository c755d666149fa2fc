<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\SQLiteConnection;
use PDOException;

/**
 * Gives numbers to SQLite with the 17 digits that name a double, so that what is read is what was written, to the last bit:
 * PDO would write them with PHP's `precision`, 14 digits; the shortest text of a double is not always read back by SQLite.
 */
final class ExactConnection extends SQLiteConnection
{
    /**
     * @param  array<mixed>  $bindings
     * @return array<mixed>
     */
    public function prepareBindings(array $bindings): array
    {
        return self::exactly(parent::prepareBindings($bindings));
    }

    /** When the disk is full, SQLite has rolled back already; what failed is then what is told, not that. */
    protected function performRollBack($toLevel): void
    {
        try {
            parent::performRollBack($toLevel);
        } catch (PDOException $error) {
            if (! str_contains($error->getMessage(), 'no transaction is active')) {
                throw $error;
            }
        }
    }

    /**
     * @param  array<mixed>  $values
     * @return array<mixed> with texts in the place of floats
     */
    public static function exactly(array $values): array
    {
        return array_map(static fn (mixed $value): mixed => is_float($value) ? sprintf('%.17G', $value) : $value, $values);
    }
}
