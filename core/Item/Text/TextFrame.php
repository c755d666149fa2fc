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
        return $this->styleOf($item->props);
    }

    /** @param  array<string, mixed>  $props  of a text */
    public function styleOf(array $props): TextStyle
    {
        $word = static fn (string $name): string => is_string($props[$name] ?? null) ? $props[$name] : '';
        $number = static fn (string $name): float => is_numeric($props[$name] ?? null) ? (float) $props[$name] : 0.0;

        return new TextStyle($this->fonts->font($word('font'), (int) $number('weight')), $number('size'), $number('line_height'), TextAlign::from($word('align')));
    }

    /** @return non-empty-list<TextLine> */
    public function lines(Item $item): array
    {
        return Paragraphs::set($item->word('text'), $this->style($item), $item->props['grow'] === 'both' ? null : $item->frame->w);
    }

    /**
     * The item with the frame its words need, as far as it grows: the start, centre or end stays where it stands,
     * by alignment, and the top.
     *
     * @param  bool  $whole  whether sizes are brought to whole pixels; then they are rounded up, so that nothing is cut
     */
    public function fitted(Item $item, bool $whole): Item
    {
        if ($item->kind->name() !== 'text' || $item->props['grow'] === 'none') {
            return $item;
        }
        $style = $this->style($item);
        $lines = $this->lines($item);
        $up = static fn (float $v): float => $whole ? ceil($v - Length::SAME) : Length::settle($v);
        $w = $item->props['grow'] === 'both'
            ? $up(max(array_map(static fn (TextLine $line): int => $line->advance, $lines)) * $style->scale())
            : $item->frame->w;
        // About its centre it grows by whole pixels on both sides, so that the centre stays where it is.
        if ($whole && $style->align === TextAlign::Centre && Length::isWhole($item->frame->w) && fmod(abs($w - $item->frame->w), 2.0) === 1.0) {
            $w += 1.0;
        }
        $held = match ($style->align) {
            TextAlign::Start => NinePoint::TopLeft,
            TextAlign::Centre => NinePoint::Top,
            TextAlign::End => NinePoint::TopRight,
        };
        $fitted = $item->sized($w, $up(count($lines) * $style->leading()), $held);

        return $whole && $item->angle === 0.0 && Length::isWhole($item->frame->x)
            ? $fitted->inFrame($fitted->frame->moved(Length::whole($fitted->frame->x) - $fitted->frame->x, 0.0))
            : $fitted;
    }
}
