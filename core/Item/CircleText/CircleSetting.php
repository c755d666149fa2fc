<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\CircleText;

use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Text\PlacedPiece;
use AllSquare\Core\Item\Text\Typesetting;
use AllSquare\Core\Text\Setting\Piece;
use AllSquare\Core\Text\Setting\Setter;
use AllSquare\Core\Text\Setting\StyledText;

/**
 * Stands letters on a circle: each is turned about the middle of its advance, which lies on the circle. Where the words are spread by
 * letters, there is as much more room between any two; by words, their middles are as far from each other, the whole way round if the
 * arc is all of it.
 */
final readonly class CircleSetting
{
    public function __construct(private Typesetting $setting)
    {
    }

    public function styled(Item $item): StyledText
    {
        return StyledText::plain((string) preg_replace('/\s+/u', ' ', trim($item->word('text'))), $this->setting->letters($item->fields));
    }

    /** @return list<PlacedPiece> one for each letter */
    public function pieces(Item $item): array
    {
        $line = Setter::set($this->styled($item), INF, false)->lines[0]->pieces[0] ?? null;
        if ($line === null) {
            return [];
        }
        $radius = max(0.001, $item->frame->w / 2);
        $inside = $item->fields['side'] === 'inside';
        $placed = [];
        foreach ($this->places($item, $line, $radius) as $i => $along) {
            $angle = $item->number('middle') + rad2deg($along / $radius) * ($inside ? -1 : 1);
            $half = $line->style->advance($line->codePoints[$i]) * $line->style->scale() / 2;
            $turn = $inside ? $angle + 180.0 : $angle;
            $foot = (new Point(0.0, -$radius))->turned($angle)->plus(new Point($radius, $radius));
            $at = $foot->plus((new Point(-$half + $line->style->inset($line->codePoints[$i]) * $line->style->scale(), 0.0))->turned($turn));
            $placed[] = new PlacedPiece(new Piece($line->style, 0.0, 2 * $half, [$line->codePoints[$i]], [0.0], [$line->characters[$i]]), $at, $turn);
        }

        return $placed;
    }

    /**
     * Where the middle of each letter stands, px along the circle from the middle of the words.
     *
     * @return array<int, float>
     */
    private function places(Item $item, Piece $line, float $radius): array
    {
        $scale = $line->style->scale();
        $middles = $widths = [];
        foreach ($line->codePoints as $i => $codePoint) {
            $widths[$i] = $line->style->advance($codePoint) * $scale;
            $middles[$i] = ($line->places[$i] - $line->style->inset($codePoint)) * $scale + $widths[$i] / 2;
        }
        $count = count($middles);
        $width = $middles[$count - 1] + $widths[$count - 1] / 2;
        $spread = is_numeric($item->fields['spread']) ? deg2rad((float) $item->fields['spread']) * $radius : null;
        $middles = array_map(static fn (float $middle): float => $middle - $width / 2, $middles);
        if ($spread === null) {
            return $middles;
        }
        if ($item->fields['spread_by'] === 'words') {
            return self::spreadWords($line, $middles, $widths, $spread, abs((float) $item->number('spread')) >= 360.0);
        }
        $more = $count < 2 ? 0.0 : ($spread - $width) / ($count - 1);

        return array_map(static fn (float $middle, int $i): float => $middle + $more * ($i - ($count - 1) / 2), $middles, array_keys($middles));
    }

    /**
     * @param  array<int, float>  $middles
     * @param  array<int, float>  $widths
     * @return array<int, float> none for blanks
     */
    private static function spreadWords(Piece $line, array $middles, array $widths, float $spread, bool $isAll): array
    {
        $words = [[]];
        foreach ($line->codePoints as $i => $codePoint) {
            $codePoint === 0x20 ? $words[] = [] : $words[count($words) - 1][] = $i;
        }
        $words = array_values(array_filter($words));
        $steps = $isAll ? count($words) : count($words) - 1;
        $places = [];
        foreach ($words as $k => $letters) {
            [$first, $last] = [$letters[0], $letters[count($letters) - 1]];
            $middle = ($middles[$first] - $widths[$first] / 2 + $middles[$last] + $widths[$last] / 2) / 2;
            // All the way round, the first word stands where the middle is said to be.
            $to = $steps < 1 ? 0.0 : $k * $spread / $steps - ($isAll ? 0.0 : $spread / 2);
            foreach ($letters as $i) {
                $places[$i] = $middles[$i] - $middle + $to;
            }
        }

        return $places;
    }
}
