<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Text;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Field\ChoiceField;
use AllSquare\Core\Item\Field\FieldGroup;
use AllSquare\Core\Item\Field\Fields;
use AllSquare\Core\Item\Field\FontField;
use AllSquare\Core\Item\Field\FontWeightField;
use AllSquare\Core\Item\Field\NumberField;
use AllSquare\Core\Item\Field\WordsField;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Kind;
use AllSquare\Core\Item\Look\Look;
use AllSquare\Core\Item\Painting\Painter;
use AllSquare\Core\Item\Tool;
use AllSquare\Core\Item\Traits\FollowsItsWords;
use AllSquare\Core\Item\Traits\HasBaseline;
use AllSquare\Core\Item\Traits\HasWords;
use AllSquare\Core\Text\FontLibrary;
use AllSquare\Core\Text\Paragraphs;

/**
 * A text in one style.
 *
 * `grow` says what follows the words: `both` sides, only `down` (it wraps at its width), or `none`.
 */
final class TextKind implements FollowsItsWords, HasBaseline, HasWords, Kind
{
    private Fields $fields;

    public function name(): string
    {
        return 'text';
    }

    public function noun(int $count): string
    {
        return $count === 1 ? 'text' : 'texts';
    }

    public function icon(): string
    {
        return 'M3 3h8M7 3v8';
    }

    public function tool(): Tool
    {
        return new Tool(7, 'Text', 'Click where it begins, or drag how wide it may be. Enter begins one in the middle', 'M5 5h12M11 5v13', 0.0, 0.0, 'typed');
    }

    public function fields(): Fields
    {
        return $this->fields ??= new Fields(
            new WordsField('text', 20_000),
            new FontField('font', 'overpass'),
            new FontWeightField('weight', 400),
            NumberField::length('size', 'the size of the letters', 'Type', 'size', FieldGroup::Words, 16.0, 1.0, 2000.0, 'of the letters, px', scales: true),
            NumberField::factor('line_height', 'the line height', 'Type', 'line height', FieldGroup::Words, 1.3, 0.1, 10.0, 'a factor of the size'),
            new ChoiceField('align', 'the alignment of the lines', 'Type', 'lines stand', FieldGroup::Words, ['start' => 'left', 'centre' => 'centre', 'end' => 'right']),
            new ChoiceField('grow', 'what follows the words', 'Type', 'frame', FieldGroup::Words, ['both' => 'follows its words', 'down' => 'grows down', 'none' => 'stays'], 'what of a text\'s frame follows its words', isOffered: false),
            Look::lettersField('#20302d'),
            Look::shadowField(),
            Look::opacityField(),
        );
    }

    public function painter(FontLibrary $fonts): Painter
    {
        return new TextPainter($fonts);
    }

    public function words(Item $item): string
    {
        return $item->word('text');
    }

    public function saying(Item $item, string $words): Item
    {
        return $item->withFields(['text' => $words]);
    }

    public function missing(Item $item, FontLibrary $fonts): array
    {
        return Paragraphs::missing($item->word('text'), (new TextFrame($fonts))->style($item)->font);
    }

    public function baseline(array $fields, FontLibrary $fonts): float
    {
        return (new TextFrame($fonts))->styleOf($fields)->baseline();
    }

    public function fitted(Item $item, bool $whole, FontLibrary $fonts): Item
    {
        return $item->fields['grow'] === 'none' ? $item : (new TextFrame($fonts))->fitted($item, $whole);
    }

    public function sized(Item $was, Item $is, bool $exact): Item
    {
        $grow = match (true) {
            $is->fields['grow'] === 'none', ! Length::same($was->frame->h, $is->frame->h), $exact && ! Length::same($was->frame->w, $is->frame->w) => 'none',
            ! Length::same($was->frame->w, $is->frame->w) => 'down',
            default => $is->fields['grow'],
        };

        return $is->withFields(['grow' => $grow]);
    }

    public function standsBy(array $fields): ?float
    {
        return $fields['grow'] === 'both' ? match ($fields['align']) {
            'centre' => 0.5,
            'end' => 1.0,
            default => 0.0,
        } : null;
    }

    /** A frame of nothing would show nothing: then it follows the words. */
    public function drawn(Item $item, Rect $frame, array $given): Item
    {
        return $item->withFields($given + ['grow' => $frame->h > 0 ? 'none' : ($frame->w > 0 ? 'down' : 'both')]);
    }
}
