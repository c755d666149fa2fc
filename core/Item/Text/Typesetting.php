<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Text;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\NinePoint;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Field\SidesField;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Type\LetterRuns;
use AllSquare\Core\Item\Type\ParagraphStyles;
use AllSquare\Core\Text\FontLibrary;
use AllSquare\Core\Text\Setting\LetterStyle;
use AllSquare\Core\Text\Setting\ParagraphStyle;
use AllSquare\Core\Text\Setting\SetText;
use AllSquare\Core\Text\Setting\StyledText;
use AllSquare\Core\Text\Setting\TextAlign;

/** How a text item is set, and the frame that its words need. */
final readonly class Typesetting
{
    /** what says how the words of a text are set, besides the room they have */
    private const SETTING = ['text', 'font', 'weight', 'italic', 'size', 'tracking', 'capitals', 'even_figures', 'underline', 'line_height', 'align', 'space_before', 'space_after', 'indent', 'list', 'grow'];

    public function __construct(private FontLibrary $fonts)
    {
    }

    /** As its words stand in its frame. */
    public function of(Item $item): SetText
    {
        return $this->set($item->fields, $item->frame->w);
    }

    /**
     * @param  array<string, mixed>  $fields  of a text
     * @param  float  $w  px of its frame
     */
    public function set(array $fields, float $w): SetText
    {
        [, $right, , $left] = SidesField::of($fields['padding']);
        $room = max(0.0, $w - $left - $right);

        return $this->fonts->setTexts->get($this->key($fields)." $room", $this->styled($fields), $room, $fields['grow'] !== 'both');
    }

    /**
     * What says how it is set, as one word.
     *
     * @param  array<string, mixed>  $fields
     */
    public function key(array $fields): string
    {
        $said = array_intersect_key($fields, array_flip(self::SETTING));

        return json_encode([...array_values($said), LetterRuns::read($fields['runs'] ?? [])->runs === [] ? 0 : $fields['runs'], $fields['paragraphs'] ?? 0], JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE);
    }

    /** @param  array<string, mixed>  $fields */
    public function letters(array $fields): LetterStyle
    {
        $number = static fn (string $name): float => is_numeric($fields[$name] ?? null) ? (float) $fields[$name] : 0.0;
        $isOn = static fn (string $name): bool => ($fields[$name] ?? false) === true;

        return new LetterStyle(
            $this->fonts->font(is_string($fields['font'] ?? null) ? $fields['font'] : '', (int) $number('weight'), $isOn('italic')),
            $number('size'),
            $number('tracking'),
            $isOn('capitals'),
            $isOn('even_figures'),
            $isOn('underline'),
            $number('shift'),
            is_object($fields['run_fill'] ?? null) ? $fields['run_fill'] : null,
        );
    }

    /** @param  array<string, mixed>  $fields */
    public function paragraph(array $fields): ParagraphStyle
    {
        $number = static fn (string $name): float => is_numeric($fields[$name] ?? null) ? (float) $fields[$name] : 0.0;
        $word = static fn (string $name): string => is_string($fields[$name] ?? null) ? $fields[$name] : '';

        return new ParagraphStyle(TextAlign::from($word('align')), $number('line_height'), $number('space_before'), $number('space_after'), $number('indent'), $word('list'));
    }

    /** @param  array<string, mixed>  $fields */
    public function styled(array $fields): StyledText
    {
        $words = is_string($fields['text']) ? $fields['text'] : '';
        $length = mb_strlen($words);
        $plain = $this->letters($fields);
        [$letters, $ends, $at] = [[], [], 0];
        foreach (LetterRuns::read($fields['runs'])->within($length)->runs as $run) {
            if ($run->from > $at) {
                [$letters[], $ends[]] = [$plain, $run->from];
            }
            $styles = $run->styles;
            $styles['run_fill'] = $styles['fill'] ?? null;
            [$letters[], $ends[], $at] = [$this->letters([...$fields, ...$styles]), $run->to, $run->to];
        }
        if ($at < $length || $letters === []) {
            [$letters[], $ends[]] = [$plain, $length];
        }
        $paragraphs = [$this->paragraph($fields)];
        $others = ParagraphStyles::read($fields['paragraphs'])->styles;
        if ($others !== []) {
            $count = substr_count($words, "\n") + 1;
            $paragraphs = array_map(fn (int $i): ParagraphStyle => isset($others[$i]) ? $this->paragraph([...$fields, ...$others[$i]]) : $paragraphs[0], range(0, $count - 1));
        }

        return new StyledText($words, $letters, $ends, $paragraphs);
    }

    /**
     * Where the first line begins, px from the top of the frame.
     *
     * @param  array<string, mixed>  $fields
     */
    public function top(array $fields, SetText $set, float $h): float
    {
        [$top, , $bottom] = SidesField::of($fields['padding']);

        return $top + ($h - $top - $bottom - $set->height) * match ($fields['stand']) {
            'middle' => 0.5,
            'bottom' => 1.0,
            default => 0.0,
        };
    }

    /**
     * Where lines begin that begin at the left, px from the left of the frame.
     *
     * @param  array<string, mixed>  $fields
     */
    public static function left(array $fields): float
    {
        return SidesField::of($fields['padding'])[3];
    }

    /**
     * The first baseline, px from the top of the frame.
     *
     * @param  array<string, mixed>  $fields
     */
    public function baseline(array $fields, float $w, float $h): float
    {
        if ($fields['stand'] === 'top' && LetterRuns::read($fields['runs'])->runs === [] && ParagraphStyles::read($fields['paragraphs'])->styles === []) {
            return SidesField::of($fields['padding'])[0] + $this->letters($fields)->above(is_numeric($fields['line_height']) ? (float) $fields['line_height'] : 1.0);
        }
        $set = $this->set($fields, $w);

        return $this->top($fields, $set, $h) + $set->firstBaseline();
    }

    /**
     * @param  array<string, mixed>  $fields
     * @return array<string, float> as HasBaseline::letterLines()
     */
    public function letterLines(array $fields, float $w, float $h): array
    {
        $letters = $this->letters($fields);
        $scale = $letters->scale();
        $first = $this->baseline($fields, $w, $h);
        $lines = ['cap height' => $first - $letters->font->capital * $scale, 'x height' => $first - $letters->font->small * $scale];
        $leading = $letters->size * (is_numeric($fields['line_height']) ? (float) $fields['line_height'] : 1.0);
        // A frame that has no room for two lines of it has one, unless some are smaller.
        if ($h > 1.5 * $leading || LetterRuns::read($fields['runs'])->runs !== []) {
            $set = $this->set($fields, $w);
            $lines += count($set->lines) > 1 ? ['last baseline' => $this->top($fields, $set, $h) + $set->lastBaseline()] : [];
        }

        return $lines;
    }

    /**
     * The item with the frame its words need, as far as it grows: the start, centre or end of the lines stays where it
     * stands, and the first line, in the mirror as well.
     *
     * @param  bool  $whole  whether sizes are brought to whole pixels; then they are rounded up, so that nothing is cut
     */
    public function fitted(Item $item, bool $whole): Item
    {
        $set = $this->of($item);
        [$top, $right, $bottom, $left] = SidesField::of($item->fields['padding']);
        $align = TextAlign::from($item->word('align'));
        $up = static fn (float $v): float => $whole ? ceil($v - Length::SAME) : Length::round($v);
        $w = $item->fields['grow'] === 'both' ? $up($set->width + $left + $right) : $item->frame->w;
        // About its centre it grows by whole pixels on both sides, so that the centre stays where it is.
        if ($whole && $align === TextAlign::Centre && Length::isWhole($item->frame->w) && fmod(abs($w - $item->frame->w), 2.0) === 1.0) {
            $w += 1.0;
        }
        $before = $item->flip->isAcross() ? 1.0 - $align->before() : $align->before();
        $held = NinePoint::at($before, $item->flip->isDown() ? 1.0 : 0.0);
        $fitted = $item->sized($w, $up($set->height + $top + $bottom), $held);

        return $whole && $item->angle === 0.0 && Length::isWhole($item->frame->x)
            ? $fitted->inFrame($fitted->frame->moved(Length::whole($fitted->frame->x) - $fitted->frame->x, 0.0))
            : $fitted;
    }

    /** The room that the words have, in the item's own space. */
    public static function room(Item $item): Rect
    {
        [$top, $right, $bottom, $left] = SidesField::of($item->fields['padding']);

        return new Rect($left, $top, max(0.0, $item->frame->w - $left - $right), max(0.0, $item->frame->h - $top - $bottom));
    }
}
