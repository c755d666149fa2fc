<?php

declare(strict_types=1);

namespace AllSquare\Core\Series;

use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\ItemData;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Text\FontLibrary;

/**
 * The originals of a series that has fewer places than originals now: kept with its numbers, so that when it grows again
 * it is as it was.
 */
final readonly class Aside
{
    public const MOST = 2_000;

    /** @param  array<int, list<array<string, mixed>>>  $originals  by their number: each with all that is in it, in tree order, `parent` being a place in that list */
    private function __construct(private array $originals)
    {
    }

    public static function of(Item $group): self
    {
        $series = $group->fields['series'] ?? null;
        $aside = is_array($series) ? $series['aside'] ?? [] : [];

        // @phpstan-ignore argument.type (kept by this class)
        return new self(is_array($aside) ? array_column($aside, 'items', 'number') : []);
    }

    /**
     * Those of a series that comes from outside.
     *
     * @param  array<mixed>  $series
     *
     * @throws Refusal when one of them is not what its kind can be
     */
    public static function read(array $series, FontLibrary $fonts): self
    {
        $originals = [];
        $count = 0;
        foreach (is_array($series['aside'] ?? null) ? $series['aside'] : [] as $one) {
            [$number, $items] = is_array($one) ? [$one['number'] ?? null, $one['items'] ?? null] : [null, null];
            $count += is_array($items) ? count($items) : 0;
            if (! is_int($number) || $number < 0 || ! is_array($items) || $items === [] || $count > self::MOST) {
                throw Refusal::because('A series in it keeps originals aside that cannot be read.', 'series');
            }
            foreach (array_values($items) as $place => $data) {
                $data = is_array($data) ? array_filter($data, is_string(...), ARRAY_FILTER_USE_KEY) : [];
                $item = Layouts::checked(ItemData::read($data, "aside-$place", null, 0, $fonts), $fonts)->with(['locked' => ($data['locked'] ?? null) === true]);
                $parent = is_int($data['parent'] ?? null) && $data['parent'] >= 0 && $data['parent'] < $place ? $data['parent'] : null;
                if (($parent === null) !== ($place === 0)) {
                    throw Refusal::because('A series in it keeps originals aside that cannot be read.', 'series');
                }
                $originals[$number][] = [...ItemData::write($item), 'rank' => is_int($data['rank'] ?? null) ? $data['rank'] : $place, 'parent' => $parent];
            }
        }

        return new self($originals);
    }

    /** @param  string  $member  as it lies in the series' own space */
    public function with(int $number, Draft $draft, string $member): self
    {
        $items = [$draft->item($member), ...$draft->tree->descendants($member)];
        $places = array_flip(array_map(static fn (Item $item): string => $item->id, $items));
        $written = array_map(static fn (Item $item): array => [...ItemData::write($item), 'rank' => $item->rank, 'parent' => $item->id === $member ? null : $places[$item->parent ?? ''] ?? null], $items);

        return new self(array_replace($this->originals, [$number => $written]));
    }

    /**
     * Puts back those that have a place again.
     *
     * @param  Draft  $plane  of the series' own space
     * @param  int  $from  the first place that is not taken
     * @return array{array<int, string>, self} their new ids by number, and what is still aside
     */
    public function returned(Draft $plane, Layout $layout, int $from): array
    {
        $ids = [];
        $left = $this->originals;
        for ($place = $from, $count = $layout->count(); $place < $count && $left !== []; $place++) {
            $number = $layout->originalAt($place);
            if (isset($left[$number])) {
                $ids[$number] = self::put($plane, $left[$number]);
                unset($left[$number]);
            }
        }

        return [$ids, new self($left)];
    }

    /**
     * @param  array<string, mixed>  $series
     * @return array<string, mixed> with what is aside
     */
    public function kept(array $series): array
    {
        $originals = $this->originals;
        ksort($originals);

        return $originals === [] ? $series : [...$series, 'aside' => array_map(static fn (int $number, array $items): array => ['number' => $number, 'items' => $items], array_keys($originals), array_values($originals))];
    }

    /** @param  list<array<string, mixed>>  $items */
    private static function put(Draft $plane, array $items): string
    {
        $ids = [];
        foreach ($items as $place => $data) {
            $parent = is_int($data['parent'] ?? null) ? $ids[$data['parent']] ?? null : null;
            $rank = is_int($data['rank'] ?? null) ? $data['rank'] : $place;
            $item = Layouts::checked(ItemData::read($data, $plane->nextId(), $parent, $rank, $plane->fonts), $plane->fonts)->with(['locked' => ($data['locked'] ?? null) === true]);
            $plane->add($item);
            $ids[$place] = $item->id;
        }

        return $ids[0];
    }
}
