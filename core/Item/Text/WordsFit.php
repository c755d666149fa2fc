<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Text;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Type\LetterRuns;
use AllSquare\Core\Text\Setting\SetText;

/** Whether the words of a text have room in its frame, and in which size they would. */
final readonly class WordsFit
{
    private const LARGEST = 2_000.0;

    /** thousandths of an em behind each letter: from the least to the most that a text takes */
    private const STEP = 0.001;

    private const TRACKING = [-500.0, 5_000.0];

    public function __construct(private Typesetting $setting)
    {
    }

    /** @return array{lines: int, words: int}|null what has no room; null where all has */
    public function overflow(Item $item): ?array
    {
        $set = $this->setting->of($item);
        $room = Typesetting::room($item)->h;
        if ($set->height <= $room + Length::SAME) {
            return null;
        }
        $out = array_values(array_filter($set->lines, static fn ($line): bool => $line->top + $line->height > $room + Length::SAME));
        $words = $out === [] ? '' : mb_substr($item->word('text'), $out[0]->from);

        return ['lines' => count($out), 'words' => count(preg_split('/\s+/u', trim($words), flags: PREG_SPLIT_NO_EMPTY) ?: [])];
    }

    /** @param  float  $step  px */
    public function largest(Item $item, float $step): ?Item
    {
        [$fits, $not] = [0, (int) ceil(self::LARGEST / $step) + 1];
        while ($not - $fits > 1) {
            $middle = intdiv($fits + $not, 2);
            $this->fits($this->sized($item, $middle * $step)) ? $fits = $middle : $not = $middle;
        }

        return $fits * $step < 1.0 ? null : $this->sized($item, $fits * $step);
    }

    /**
     * Tracked as far apart as its longest line has room in the width of its frame, to a thousandth of a thousandth of an em.
     *
     * @return Item|null null where it has none, or where no tracking fills it, as of a single letter
     */
    public function tracked(Item $item): ?Item
    {
        [$least, $most] = self::TRACKING;
        $with = static fn (int $steps): Item => $item->withFields(['tracking' => Length::round($least + $steps * self::STEP)]);
        $width = fn (int $steps): float => $this->setting->of($with($steps)->withFields(['grow' => 'both']))->width;
        $room = Typesetting::room($item)->w + Length::SAME;
        [$fits, $not] = [0, (int) round(($most - $least) / self::STEP)];
        if ($width($fits) > $room || $width($not) <= $room) {
            return null;
        }
        while ($not - $fits > 1) {
            $middle = intdiv($fits + $not, 2);
            $width($middle) <= $room ? $fits = $middle : $not = $middle;
        }

        return $with($fits);
    }

    /** Runs that have a size of their own keep their share of it. */
    private function sized(Item $item, float $size): Item
    {
        return $item->withFields(['size' => Length::round($size), 'runs' => LetterRuns::read($item->fields['runs'])->scaled($size / $item->number('size'))]);
    }

    private function fits(Item $item): bool
    {
        $room = Typesetting::room($item);
        $set = $this->setting->of($item);

        return $set->height <= $room->h + Length::SAME && $set->width <= $room->w + Length::SAME && ! $this->isTorn($set);
    }

    /** Whether a word was broken because it was too wide. */
    private function isTorn(SetText $set): bool
    {
        return array_filter($set->lines, static fn ($line): bool => $line->isTorn) !== [];
    }
}
