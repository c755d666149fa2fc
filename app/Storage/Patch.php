<?php

declare(strict_types=1);

namespace App\Storage;

use RuntimeException;

/**
 * What a change did to rows: for each, the columns before and after. Null before is a row that was created,
 * null after one that was deleted. Derived columns are not in it; they are computed again. Of the fields of an item that was
 * there before and after, those that changed stand under `fields`, by name.
 */
final readonly class Patch
{
    private const VERSION = 2;

    /** @param  list<array{0: string, 1: string, 2: array<string, mixed>|null, 3: array<string, mixed>|null}>  $rows table, id, before, after */
    public function __construct(public array $rows)
    {
    }

    public static function unpack(string $packed): self
    {
        $data = json_decode((string) gzuncompress($packed), true, flags: JSON_THROW_ON_ERROR);
        if ($data['version'] === 1) {
            return new self(array_map(self::secondVersion(...), $data['rows']));
        }
        if ($data['version'] !== self::VERSION) {
            throw new RuntimeException("A history line has format {$data['version']}, which this version cannot read.");
        }

        return new self($data['rows']);
    }

    /**
     * In the first version all fields of an item stood in its column of JSON, whichever had changed.
     *
     * @param  array{0: string, 1: string, 2: array<string, mixed>|null, 3: array<string, mixed>|null}  $row
     * @return array{0: string, 1: string, 2: array<string, mixed>|null, 3: array<string, mixed>|null}
     */
    private static function secondVersion(array $row): array
    {
        [$table, $id, $before, $after] = $row;
        if ($table === 'items' && isset($before['props'], $after['props'])) {
            $before['fields'] = json_decode($before['props'], true, flags: JSON_THROW_ON_ERROR);
            $after['fields'] = json_decode($after['props'], true, flags: JSON_THROW_ON_ERROR);
            unset($before['props'], $after['props']);
        }

        return [$table, $id, $before, $after];
    }

    public function pack(): string
    {
        return (string) gzcompress(json_encode(['version' => self::VERSION, 'rows' => $this->rows], JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES), 1);
    }

    /** This and then the next, as one change; null where a row was made or went. */
    public function followedBy(self $next): ?self
    {
        $rows = [];
        foreach ([...$this->rows, ...$next->rows] as [$table, $id, $before, $after]) {
            if ($before === null || $after === null) {
                return null;
            }
            [, , $wasBefore, $wasAfter] = $rows["$table $id"] ?? [$table, $id, [], []];
            $rows["$table $id"] = [$table, $id, self::merged($before, $wasBefore), self::merged($wasAfter, $after)];
        }

        return new self(array_values($rows));
    }

    /**
     * @param  array<string, mixed>  $columns
     * @param  array<string, mixed>  $over  what counts where both say something
     * @return array<string, mixed>
     */
    private static function merged(array $columns, array $over): array
    {
        return isset($columns['fields'], $over['fields']) ? [...$columns, ...$over, 'fields' => [...$columns['fields'], ...$over['fields']]] : [...$columns, ...$over];
    }

    /** This and others, one after the other. */
    public function with(self ...$others): self
    {
        return new self(array_merge($this->rows, ...array_map(static fn (self $other): array => $other->rows, array_values($others))));
    }

    /**
     * What of it is about some items.
     *
     * @param  list<string>  $ids
     */
    public function ofItems(array $ids): self
    {
        return new self(array_values(array_filter($this->rows, static fn (array $row): bool => $row[0] === 'items' && in_array($row[1], $ids, true))));
    }

    /** The other way round: what undoes it. */
    public function reversed(): self
    {
        return new self(array_map(static fn (array $row): array => [$row[0], $row[1], $row[3], $row[2]], array_reverse($this->rows)));
    }

    /** @return list<string> ids of the rows of a table that are in it */
    public function ids(string $table): array
    {
        return array_values(array_map(static fn (array $row): string => $row[1], array_filter($this->rows, static fn (array $row): bool => $row[0] === $table)));
    }

    public function touches(string $table): bool
    {
        return $this->ids($table) !== [];
    }

    /**
     * The columns that differ, before and after.
     *
     * @param  array<string, mixed>  $before
     * @param  array<string, mixed>  $after
     * @return array{array<string, mixed>, array<string, mixed>}
     */
    public static function difference(array $before, array $after): array
    {
        $changed = array_filter($after, static fn (mixed $value, string $column): bool => $value !== $before[$column], ARRAY_FILTER_USE_BOTH);

        return [array_intersect_key($before, $changed), $changed];
    }
}
