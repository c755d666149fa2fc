<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Text;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Text\Setting\SetText;
use AllSquare\Core\Text\Setting\TextLine;

/** Where a caret stands between the letters of a text. */
final class Carets
{
    /**
     * @param  float  $left  px from the left of the frame to where lines begin
     * @param  float  $top  px from the top of the frame to the first line
     * @return list<array{from: int, to: int, top: float, height: float, baseline: float, carets: list<float>}>
     */
    public static function of(SetText $set, float $left, float $top): array
    {
        return array_map(static fn (TextLine $line): array => [
            'from' => $line->from,
            'to' => $line->to,
            'top' => Length::round($top + $line->top),
            'height' => Length::round($line->height),
            'baseline' => Length::round($top + $line->baseline),
            'carets' => self::inLine($line, $left),
        ], $set->lines);
    }

    /** @return list<float> */
    private static function inLine(TextLine $line, float $left): array
    {
        $carets = [];
        $end = $line->x;
        foreach ($line->pieces as $piece) {
            $scale = $piece->style->scale();
            foreach ($piece->characters as $i => $character) {
                if ($character >= 0) {
                    $carets[$character] ??= Length::round($left + $piece->x + ($piece->places[$i] - ($piece->style->even ? $piece->style->inset($piece->codePoints[$i]) : 0)) * $scale);
                    $end = $piece->x + $piece->width;
                }
            }
        }

        return [...array_values($carets), Length::round($left + $end)];
    }
}
