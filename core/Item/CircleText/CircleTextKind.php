<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\CircleText;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\NinePoint;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Field\ChoiceField;
use AllSquare\Core\Item\Field\Field;
use AllSquare\Core\Item\Field\FieldGroup;
use AllSquare\Core\Item\Field\Fields;
use AllSquare\Core\Item\Field\NumberField;
use AllSquare\Core\Item\Field\WordsField;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Kind;
use AllSquare\Core\Item\Look\Look;
use AllSquare\Core\Item\Painting\Painter;
use AllSquare\Core\Item\Text\Typesetting;
use AllSquare\Core\Item\Tool;
use AllSquare\Core\Item\Traits\FitsItsFrame;
use AllSquare\Core\Item\Traits\HasWords;
use AllSquare\Core\Item\Traits\OnCircle;
use AllSquare\Core\Item\Type\TypeFields;
use AllSquare\Core\Text\FontLibrary;

/** A text on a circle (RULES 17): its frame is the circle, and its letters stand on it, outside or inside. */
final class CircleTextKind implements FitsItsFrame, HasWords, Kind, OnCircle
{
    private const WORDS = 'Text on a circle';

    private Fields $fields;

    public function name(): string
    {
        return 'circle-text';
    }

    public function noun(int $count): string
    {
        return $count === 1 ? 'text on a circle' : 'texts on circles';
    }

    public function icon(): string
    {
        return 'M2 9a5 5 0 0 1 10 0M7 12v-4M5.500 8h3';
    }

    public function tool(): Tool
    {
        return new Tool(10, 'On a circle', 'Drag from corner to corner of the circle. Enter puts one in the middle', 'M4 14a7 7 0 0 1 14 0M11 19v-6M8.500 13h5', 160.0, 160.0, 'ellipse', 'text');
    }

    public function fields(): Fields
    {
        return $this->fields ??= new Fields(
            new WordsField('text'),
            TypeFields::style(),
            ...array_filter(TypeFields::letters(), static fn (Field $field): bool => $field->name !== 'underline'),
            ...[
                NumberField::length('circle', 'the radius of the circle', 'Circle', 'radius', FieldGroup::Geometry, 80.0, 1.0, 100_000.0, 'of the circle that the letters stand on, px', scales: false),
                new ChoiceField('side', 'the side of the circle', 'Circle', 'letters stand', FieldGroup::Geometry, ['outside' => 'outside', 'inside' => 'inside'], 'outside, with their tops away from the centre, read clockwise; or inside, with their tops towards it'),
                NumberField::angle('middle', 'the middle of the words', 'Circle', 'middle at', 0.0, -360.0, 360.0, 'degrees clockwise from straight up'),
                NumberField::spread('spread', 'the arc that the words fill', 'Circle', 'spread over', 'degrees that they are spread over evenly; null for as far as they reach'),
                new ChoiceField('spread_by', 'what is spread', 'Circle', 'by', FieldGroup::Geometry, ['letters' => 'letters', 'words' => 'words'], 'letters, with equal room between them; or words, at equal steps from middle to middle, such as the figures of a dial'),
                Look::lettersField('#20302d'),
                Look::shadowField(),
                Look::opacityField(),
            ],
        );
    }

    public function painter(FontLibrary $fonts): Painter
    {
        return new CircleTextPainter($fonts);
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
        return (new CircleSetting(new Typesetting($fonts)))->styled($item)->missing();
    }

    /** The circle has the radius that is said, about the centre where it stands. */
    public function fitted(Item $item, bool $whole, FontLibrary $fonts): Item
    {
        $side = 2 * $item->number('circle');

        return Length::same($side, $item->frame->w) && Length::same($side, $item->frame->h) ? $item : $item->sized($side, $side, NinePoint::Centre);
    }

    /** A circle stays one: the side that was sized says how large it is. */
    public function sized(Item $was, Item $is, bool $exact, FontLibrary $fonts): Item
    {
        $changed = Length::same($was->frame->w, $is->frame->w) ? $is->frame->h : (Length::same($was->frame->h, $is->frame->h) ? $is->frame->w : min($is->frame->w, $is->frame->h));

        return $is->withFields(['circle' => max(1.0, Length::round($changed / 2))]);
    }

    public function drawn(Item $item, Rect $frame, array $given): Item
    {
        $radius = min($frame->w, $frame->h) / 2;

        return $item->withFields($given + ['text' => self::WORDS] + ($radius >= 1.0 ? ['circle' => Length::round($radius)] : []));
    }

    public function onOtherSide(Item $item): Item
    {
        $middle = $item->number('middle') + 180.0;

        return $item->withFields(['side' => $item->fields['side'] === 'outside' ? 'inside' : 'outside', 'middle' => $middle > 180.0 ? $middle - 360.0 : $middle]);
    }

    public function round(Item $item, float $radius): Item
    {
        return $item->withFields(['circle' => max(1.0, Length::round($radius))]);
    }
}
