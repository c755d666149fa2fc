<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Text;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\NinePoint;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Text\FontLibrary;
use AllSquare\Core\Text\Paragraphs;
use AllSquare\Core\Text\TextAlign;
use AllSquare\Core\Text\TextLine;
use AllSquare\Core\Text\TextStyle;

/** How a text item is set, and the frame that its words need. */
final readonly class TextFrame
{
    public function __construct(private FontLibrary $fonts)
    {
    }

    public function style(Item $item): TextStyle
    {
        return $this->styleOf($item->fields);
    }

    /** @param  array<string, mixed>  $fields  of a text */
    public function styleOf(array $fields): TextStyle
    {
        $word = static fn (string $name): string => is_string($fields[$name] ?? null) ? $fields[$name] : '';
        $number = static fn (string $name): float => is_numeric($fields[$name] ?? null) ? (float) $fields[$name] : 0.0;

        return new TextStyle($this->fonts->font($word('font'), (int) $number('weight')), $number('size'), $number('line_height'), TextAlign::from($word('align')));
    }

    /** @return non-empty-list<TextLine> */
    public function lines(Item $item): array
    {
        return Paragraphs::set($item->word('text'), $this->style($item), $item->fields['grow'] === 'both' ? null : $item->frame->w);
    }

    /**
     * The item with the frame its words need, as far as it grows: the start, centre or end of the lines stays where it
     * stands, and the first line, in the mirror as well.
     *
     * @param  bool  $whole  whether sizes are brought to whole pixels; then they are rounded up, so that nothing is cut
     */
    public function fitted(Item $item, bool $whole): Item
    {
        $style = $this->style($item);
        $lines = $this->lines($item);
        $up = static fn (float $v): float => $whole ? ceil($v - Length::SAME) : Length::round($v);
        $w = $item->fields['grow'] === 'both'
            ? $up(max(array_map(static fn (TextLine $line): int => $line->advance, $lines)) * $style->scale())
            : $item->frame->w;
        // About its centre it grows by whole pixels on both sides, so that the centre stays where it is.
        if ($whole && $style->align === TextAlign::Centre && Length::isWhole($item->frame->w) && fmod(abs($w - $item->frame->w), 2.0) === 1.0) {
            $w += 1.0;
        }
        $before = $item->flip->isAcross() ? 1.0 - $style->align->before() : $style->align->before();
        $held = NinePoint::at($before, $item->flip->isDown() ? 1.0 : 0.0);
        $fitted = $item->sized($w, $up(count($lines) * $style->leading()), $held);

        return $whole && $item->angle === 0.0 && Length::isWhole($item->frame->x)
            ? $fitted->inFrame($fitted->frame->moved(Length::whole($fitted->frame->x) - $fitted->frame->x, 0.0))
            : $fitted;
    }
}
