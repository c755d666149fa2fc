<?php

declare(strict_types=1);

namespace AllSquare\Core\Series;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Text\FontLibrary;

/** All kinds of layouts, and how groups keep them. */
final class Layouts
{
    /** least and most of the numbers of all kinds: counts, lengths in px, degrees */
    private const BOUNDS = [
        'count' => [1, Draft::MOST_ITEMS], 'columns' => [1, Draft::MOST_ITEMS], 'rows' => [1, Draft::MOST_ITEMS], 'originals' => [1, Draft::MOST_ITEMS], 'every' => [0, Draft::MOST_ITEMS],
        'x' => self::PLACE, 'y' => self::PLACE, 'cx' => self::PLACE, 'cy' => self::PLACE, 'dx' => self::PLACE, 'dy' => self::PLACE, 'inset' => self::PLACE,
        'column_gap' => self::PLACE, 'row_gap' => self::PLACE, 'width' => [0, Length::LIMIT], 'height' => [0, Length::LIMIT], 'radius' => [0, Length::LIMIT],
        'angle' => self::DEGREES, 'start' => self::DEGREES, 'sweep' => self::DEGREES,
    ];

    private const PLACE = [-Length::LIMIT, Length::LIMIT];

    private const DEGREES = [-100_000, 100_000];

    /**
     * The layout that a group keeps, for as many members as it has now.
     *
     * @throws Refusal when the group is no series
     */
    public static function of(Item $group, int $members): Layout
    {
        $kept = self::kept($group) ?? throw Refusal::because("\"$group->name\" is no series. Select a block, a ring or a row of steps that was made as one.", 'items');

        return self::named((new LayoutNumbers($kept))->word('kind', ''))::fromArray([...$kept, 'count' => $members]);
    }

    public static function isSeries(Item $item): bool
    {
        return self::kept($item) !== null;
    }

    /** What copies in it are called and say. */
    public static function counting(Item $group): Counting
    {
        return self::countingOf(self::kept($group) ?? []);
    }

    /** @param  array<mixed>  $kept */
    private static function countingOf(array $kept): Counting
    {
        $list = is_array($kept['list'] ?? null) ? array_values(array_filter($kept['list'], is_string(...))) : [];

        return new Counting(($kept['count_up'] ?? null) === true, $list);
    }

    /** @return array<string, mixed> as a group keeps it */
    public static function stored(Layout $layout, Counting $counting): array
    {
        return [...$layout->toArray(), 'count_up' => $counting->up] + ($counting->list === [] ? [] : ['list' => $counting->list]);
    }

    /**
     * An item that comes from outside, with the numbers of a series that it may keep checked.
     *
     * @throws Refusal when they are of no series, or beyond what one can have
     */
    public static function checked(Item $item, FontLibrary $fonts): Item
    {
        $kept = self::kept($item);

        return $kept === null ? $item : $item->withFields(['series' => self::read($kept, $fonts)]);
    }

    /**
     * The numbers of a series that come from outside, in a file or on the clipboard.
     *
     * @param  array<mixed>  $given
     * @return array<string, mixed> those that a group keeps
     *
     * @throws Refusal when they are of no series, or beyond what one can have
     */
    private static function read(array $given, FontLibrary $fonts): array
    {
        $given = array_filter($given, is_string(...), ARRAY_FILTER_USE_KEY);
        $fields = new LayoutNumbers($given);
        foreach (self::BOUNDS as $name => [$least, $most]) {
            $number = $fields->optional($name);
            if ($number !== null && ($number < $least || $number > $most)) {
                throw Refusal::because(sprintf('A series in it has a number that cannot be: "%s" is from %s to %s.', str_replace('_', ' ', $name), number_format($least), number_format($most)), 'series');
            }
        }
        $counting = self::countingOf($given);
        if (count($counting->list) > Aside::MOST || count($fields->numbers('angles')) > Aside::MOST) {
            throw Refusal::because('A series in it has a list of more than 2,000 entries.', 'series');
        }
        $layout = self::named($fields->word('kind', ''))::fromArray([...$given, 'count' => max(1, $fields->count('count'))]);

        return Aside::read($given, $fonts)->kept(self::stored($layout, $counting));
    }

    /** The group with its numbers scaled as what is in it was; one that they cannot say any more is a plain group. */
    public static function scaled(Item $group, float $across, float $down, Point $about): Item
    {
        $kept = self::kept($group);
        if ($kept === null) {
            return $group;
        }
        $layout = self::of($group, (new LayoutNumbers($kept))->count('count'))->scaled($across, $down, $about);

        return $group->withFields(['series' => $layout === null ? null : self::stored($layout, self::counting($group))]);
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
        $kept = $group->fields['series'] ?? null;

        // @phpstan-ignore return.type (kept by this class under names)
        return is_array($kept) ? $kept : null;
    }
}
