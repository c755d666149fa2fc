<?php

declare(strict_types=1);

namespace AllSquare\Core\Check;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Look\Colour;
use AllSquare\Core\Item\Look\Look;
use AllSquare\Core\Item\Traits\HasPicture;
use AllSquare\Core\Item\Traits\HasPoints;
use AllSquare\Core\Item\Traits\HasWords;
use AllSquare\Core\Item\Traits\WordsInBox;
use AllSquare\Core\Paint\Contrast;
use AllSquare\Core\Sheet\Words;

/** Letters that stand out too little from the colour beneath them (WCAG 2.2, success criterion 1.4.3). */
final class LowContrast implements Check
{
    public function about(): About
    {
        return new About('contrast', 'Low contrast', limit: new Limit('at least to 1', 4.5, 1.5, 15.0));
    }

    /** What is lightened or darkened goes so far at a step. */
    private const STEPS = 40;

    public function find(Looked $at): iterable
    {
        $factor = $at->limit($this) / 4.5;
        foreach (Texts::of($at) as $item) {
            $fill = Look::fill($item);
            $ground = $fill instanceof Colour && $fill->isOpaque() ? $this->ground($at, $item) : null;
            if ($ground === null || ! $fill instanceof Colour) {
                continue;
            }
            $needed = Contrast::needed($item->number('size') * 96 / $at->sheet->ppi, $item->number('weight')) * $factor;
            $is = Contrast::ratio(self::rgb($fill), self::rgb($ground));
            if ($is >= $needed - 0.005) {
                continue;
            }
            yield new Finding(
                'contrast', [$item->id], $at->placed($item->id)->box,
                sprintf('%s stands out little', Words::quoted($item)),
                sprintf('%s on %s: %s to 1; %s to 1 is read with ease.', $fill->hex, $ground->hex, Length::digits($is, 2), Length::digits($needed, 1)),
                Length::round($is), $needed, [new Fix('set', [$item->id], ['fill' => $this->standingOut($fill, $ground, $needed)])],
            );
        }
    }

    /** The one colour that a text lies on; null where it lies on several, or on none that is known. */
    private function ground(Looked $at, Item $item): ?Colour
    {
        $own = $item->kind instanceof WordsInBox ? $item->kind->box($item) : null;
        $fill = $own === null ? null : Look::fill($own);
        if ($fill !== null) {
            return $fill instanceof Colour && $fill->isOpaque() ? $fill : null;
        }
        $found = $at->sheet->background === null ? Colour::of('#ffffff') : Colour::of($at->sheet->background);
        $box = null;
        $leaves = $at->leaves();
        foreach ($at->leavesMeeting($at->placed($item->id)->box) as $place) {
            $other = $leaves[$place];
            if ($other->id === $item->id) {
                break;
            }
            $box ??= $at->ink($item->id);
            $placed = $at->placed($other->id);
            if (! $placed->box->meets($box) || Look::paintsNothing($other) && ! $other->kind instanceof HasPicture) {
                continue;
            }
            $fill = Look::fill($other);
            $isPlain = $fill instanceof Colour && $fill->isOpaque() && $other->number('opacity') >= 1.0 && ! $placed->isTurned && ! $other->kind instanceof HasWords && ! $other->kind instanceof HasPicture && ! $other->kind instanceof HasPoints;
            if ($isPlain && $placed->box->contains($box)) {
                $found = $fill;
            } elseif (! $other->isFlat() && ! ($other->kind instanceof HasWords)) {
                // It lies on it only in part, or on more than a colour: what is painted there cannot be told by looks alone.
                $found = null;
            }
        }

        return $found;
    }

    /** @return array{int, int, int} */
    private static function rgb(Colour $colour): array
    {
        return array_slice($colour->channels(), 0, 3);
    }

    /** The same hue, darker on what is light and lighter on what is dark, as little as is enough. */
    private function standingOut(Colour $colour, Colour $ground, float $needed): string
    {
        $ends = [[0, 0, 0], [255, 255, 255]];
        usort($ends, static fn (array $a, array $b): int => Contrast::ratio($b, self::rgb($ground)) <=> Contrast::ratio($a, self::rgb($ground)));
        for ($step = 1; $step <= self::STEPS; $step++) {
            $mixed = self::mixed(self::rgb($colour), $ends[0], $step / self::STEPS);
            if (Contrast::ratio($mixed, self::rgb($ground)) >= $needed) {
                return vsprintf('#%02x%02x%02x', $mixed);
            }
        }

        return vsprintf('#%02x%02x%02x', $ends[0]);
    }

    /**
     * @param  array{int, int, int}  $is
     * @param  array{int, int, int}  $to
     * @param  float  $share  of the second, 0 to 1
     * @return array{int, int, int}
     */
    private static function mixed(array $is, array $to, float $share): array
    {
        $channel = static fn (int $k): int => (int) round($is[$k] + ($to[$k] - $is[$k]) * $share);

        return [$channel(0), $channel(1), $channel(2)];
    }
}
