<?php

declare(strict_types=1);

namespace AllSquare\Core\Sheet;

use AllSquare\Core\UnknownItem;

/**
 * What belongs to a sheet of one sort, while a command works on it.
 *
 * @template T of Belonging
 */
final class Collection
{
    /** @var array<string, T> by id */
    private readonly array $before;

    /**
     * @param  class-string<T>  $sort
     * @param  array<string, T>  $all  by id
     */
    public function __construct(private readonly string $sort, private array $all)
    {
        $this->before = $all;
    }

    /** @return array<string, T> by id */
    public function all(): array
    {
        return $this->all;
    }

    /** @return list<T> in the order in which they are listed */
    public function inOrder(): array
    {
        return Belongings::inOrder($this->all);
    }

    /**
     * @return T
     *
     * @throws UnknownItem
     */
    public function get(string $id): Belonging
    {
        return $this->all[$id] ?? throw UnknownItem::named($id, $this->sort::noun());
    }

    /** @param  T  $one */
    public function put(Belonging $one): void
    {
        $this->all[$one->id()] = $one;
    }

    /** @throws UnknownItem */
    public function remove(string $id): void
    {
        $this->get($id);
        unset($this->all[$id]);
    }

    /** @return array<string, array{T|null, T|null}> before and after, of those that are not as they were */
    public function changes(): array
    {
        return Change::between($this->before, $this->all);
    }
}
