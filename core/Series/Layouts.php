<?php

declare(strict_types=1);

namespace AllSquare\Core\Series;

use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Item;

/** All kinds of layouts, and how groups keep them. */
final class Layouts
{
    /**
     * The layout that a group keeps, for as many members as it has now.
     *
     * @throws Refusal when the group is no series
     */
    public static function of(Item $group, int $members): Layout
    {
        $kept = self::kept($group) ?? throw Refusal::because("\"$group->name\" is no series. Select a block, a ring or a row of steps that was made as one.", 'items');

        return self::named((new Fields($kept))->word('kind', ''))::fromArray([...$kept, 'count' => $members]);
    }

    public static function isSeries(Item $item): bool
    {
        return self::kept($item) !== null;
    }

    /** What copies in it are called and say. */
    public static function counting(Item $group): Counting
    {
        $kept = self::kept($group);
        $list = is_array($kept['list'] ?? null) ? array_values(array_filter($kept['list'], is_string(...))) : [];

        return new Counting(($kept['count_up'] ?? null) === true, $list);
    }

    /** @return array<string, mixed> as a group keeps it */
    public static function stored(Layout $layout, Counting $counting): array
    {
        return [...$layout->toArray(), 'count_up' => $counting->up] + ($counting->list === [] ? [] : ['list' => $counting->list]);
    }

    /** The group with its numbers scaled as what is in it was; one that they cannot say any more is a plain group. */
    public static function scaled(Item $group, float $across, float $down, Point $about): Item
    {
        $kept = self::kept($group);
        if ($kept === null) {
            return $group;
        }
        $layout = self::of($group, (new Fields($kept))->count('count'))->scaled($across, $down, $about);

        return $group->withProps(['series' => $layout === null ? null : self::stored($layout, self::counting($group))]);
    }

    /** @return class-string<Layout> */
    private static function named(string $word): string
    {
        foreach ([BlockLayout::class, RingLayout::class, StepLayout::class] as $class) {
            if ($class::word() === $word) {
                return $class;
            }
        }
        throw Refusal::because("There is no series of the kind \"$word\".", 'items');
    }

    /** @return array<string, mixed>|null */
    private static function kept(Item $group): ?array
    {
        $kept = $group->props['series'] ?? null;

        // @phpstan-ignore return.type (kept by this class under names)
        return is_array($kept) ? $kept : null;
    }
}
