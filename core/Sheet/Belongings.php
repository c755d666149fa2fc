<?php

declare(strict_types=1);

namespace AllSquare\Core\Sheet;

/** Everything of one sort or another that belongs to a sheet besides its items. */
final readonly class Belongings
{
    /** @var list<class-string<Belonging>> every sort there is */
    public const SORTS = [Slice::class, Guide::class, Dimension::class, NamedGrid::class, Preset::class, Swatch::class, TypeStyle::class, TypeScale::class, OwnFont::class, OwnKit::class, CheckSettings::class, IgnoredFinding::class];

    /** @var array<class-string<Belonging>, array<string, Belonging>> by sort and id */
    private array $all;

    /** @param  iterable<Belonging>  $all */
    public function __construct(iterable $all = [])
    {
        $bySort = [];
        foreach ($all as $one) {
            $bySort[$one::class][$one->id()] = $one;
        }
        $this->all = $bySort;
    }

    /** @return list<Belonging> */
    public function all(): array
    {
        return array_merge([], ...array_map(array_values(...), array_values($this->all)));
    }

    /**
     * @template T of Belonging
     *
     * @param  class-string<T>  $sort
     * @return array<string, T> by id
     */
    public function of(string $sort): array
    {
        // @phpstan-ignore return.type (put there by its class)
        return $this->all[$sort] ?? [];
    }

    /**
     * @template T of Belonging
     *
     * @param  iterable<T>  $some  of one sort
     * @return list<T> in the order in which they are listed
     */
    public static function inOrder(iterable $some): array
    {
        $list = is_array($some) ? array_values($some) : iterator_to_array($some, false);
        usort($list, static fn (Belonging $a, Belonging $b): int => $a->compare($b));

        return $list;
    }
}
