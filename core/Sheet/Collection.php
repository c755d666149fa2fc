<?php

declare(strict_types=1);

namespace AllSquare\Core\Sheet;

use AllSquare\Core\Equality;
use AllSquare\Core\UnknownItem;

/**
 * Things of one sort that belong to a sheet and are not items, while a command works on them.
 *
 * @template T of object
 */
final class Collection
{
    /** @var array<string, T> by id */
    private readonly array $before;

    /**
     * @param  array<string, T>  $things  by id
     * @param  string  $sort  what one is called in an error
     */
    public function __construct(private array $things, private readonly string $sort)
    {
        $this->before = $things;
    }

    /** @return array<string, T> by id */
    public function all(): array
    {
        return $this->things;
    }

    /**
     * @return T
     *
     * @throws UnknownItem
     */
    public function get(string $id): object
    {
        return $this->things[$id] ?? throw UnknownItem::named($id, $this->sort);
    }

    /** @param  T  $thing */
    public function put(string $id, object $thing): void
    {
        $this->things[$id] = $thing;
    }

    /** @throws UnknownItem */
    public function remove(string $id): void
    {
        $this->get($id);
        unset($this->things[$id]);
    }

    /** @return array<string, array{T|null, T|null}> before and after, of those that are not as they were */
    public function changes(): array
    {
        return self::differences($this->before, $this->things);
    }

    /**
     * @template U of object
     *
     * @param  array<string, U>  $before
     * @param  array<string, U>  $after
     * @return array<string, array{U|null, U|null}>
     */
    public static function differences(array $before, array $after): array
    {
        $found = [];
        foreach ($before + $after as $id => $_) {
            $was = $before[$id] ?? null;
            $is = $after[$id] ?? null;
            if (! Equality::of($was, $is)) {
                $found[$id] = [$was, $is];
            }
        }

        return $found;
    }
}
