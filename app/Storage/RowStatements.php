<?php

declare(strict_types=1);

namespace App\Storage;

use App\Database\ExactConnection;
use Illuminate\Database\Connection;
use PDOStatement;

/**
 * Inserts, updates and deletes single rows by their id, with one prepared statement for each set of columns:
 * a command that moves a hundred items writes a hundred rows, and building each query anew would cost more than the write.
 */
final class RowStatements
{
    /** @var array<string, PDOStatement> */
    private array $prepared = [];

    public function __construct(private readonly Connection $connection)
    {
    }

    /** @param  array<string, mixed>  $columns */
    public function insert(string $table, string $id, array $columns): void
    {
        $names = array_keys($columns);
        $this->run(
            "INSERT INTO $table (id, ".implode(', ', $names).') VALUES (?'.str_repeat(', ?', count($names)).')',
            [$id, ...array_values($columns)],
        );
    }

    /** @param  array<string, mixed>  $columns */
    public function update(string $table, string $id, array $columns): void
    {
        if ($columns !== []) {
            $this->run("UPDATE $table SET ".implode(' = ?, ', array_keys($columns)).' = ? WHERE id = ?', [...array_values($columns), $id]);
        }
    }

    public function delete(string $table, string $id): void
    {
        $this->run("DELETE FROM $table WHERE id = ?", [$id]);
    }

    /** @param  list<mixed>  $values */
    private function run(string $sql, array $values): void
    {
        $this->prepared[$sql] ??= $this->connection->getPdo()->prepare($sql);
        $this->prepared[$sql]->execute(ExactConnection::exactly($values));
    }
}
