<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Type;

use AllSquare\Core\Item\Field\ChoiceField;
use AllSquare\Core\Item\Field\Field;
use AllSquare\Core\Item\Field\FieldGroup;
use AllSquare\Core\Item\Field\FontField;
use AllSquare\Core\Item\Field\FontWeightField;
use AllSquare\Core\Item\Field\KeyField;
use AllSquare\Core\Item\Field\NumberField;
use AllSquare\Core\Item\Field\SwitchField;
use AllSquare\Core\Item\Look\Look;

/** How letters and paragraphs are set (RULES 17): the fields that say it of a whole text, and those that say it of a part. */
final class TypeFields
{
    /** px that letters can be large */
    public const LEAST = 1.0;

    public const MOST = 2_000.0;

    /** @var array<string, Field>|null */
    private static ?array $ofRuns = null;

    /** @var array<string, Field>|null */
    private static ?array $ofParagraphs = null;

    /** @return array<string, Field> what letters have, by name; all but the shift and the fill are also those of a whole text */
    public static function ofRuns(): array
    {
        return self::$ofRuns ??= array_column([
            ...self::letters(),
            NumberField::signed('shift', 'the shift of the letters', 'Type', 'shift', FieldGroup::Words, -1000.0, 1000.0, 'px above the baseline'),
            Look::lettersField('#20302d'),
        ], null, 'name');
    }

    /** @return array<string, Field> what paragraphs have, by name */
    public static function ofParagraphs(): array
    {
        return self::$ofParagraphs ??= array_column(self::paragraphs(), null, 'name');
    }

    public static function style(): Field
    {
        return new KeyField('style', 'the style', 'by its key, the style of the document that a whole text is set in, or none');
    }

    /** @return list<Field> */
    public static function letters(): array
    {
        return [
            new FontField('font', 'overpass'),
            new FontWeightField('weight', 400),
            new SwitchField('italic', 'the slant', 'Type', 'italic', FieldGroup::Words, 'whether the letters are italic, where the family has them'),
            NumberField::length('size', 'the size of the letters', 'Type', 'size', FieldGroup::Words, 16.0, self::LEAST, self::MOST, 'of the letters, px', scales: true),
            NumberField::signed('tracking', 'the tracking', 'Type', 'tracking', FieldGroup::Words, -500.0, 5000.0, 'thousandths of an em behind every letter but the last of a line', scales: false),
            new SwitchField('capitals', 'the capitals', 'Type', 'capitals', FieldGroup::Words, 'whether all letters are set as capitals'),
            new SwitchField('even_figures', 'the figures', 'Type', 'even figures', FieldGroup::Words, 'whether all figures are of one width'),
            new SwitchField('underline', 'the underline', 'Type', 'underline', FieldGroup::Words, 'whether a line is drawn under the letters'),
        ];
    }

    /** @return list<Field> */
    public static function paragraphs(): array
    {
        return [
            NumberField::factor('line_height', 'the line height', 'Paragraphs', 'line height', FieldGroup::Words, 1.3, 0.1, 10.0, 'a factor of the size'),
            new ChoiceField('align', 'the alignment of the lines', 'Paragraphs', 'lines stand', FieldGroup::Words, ['start' => 'left', 'centre' => 'centre', 'end' => 'right', 'both' => 'both sides']),
            NumberField::signed('space_before', 'the space before paragraphs', 'Paragraphs', 'before', FieldGroup::Words, 0.0, 10_000.0, 'px above a paragraph; none above the first'),
            NumberField::signed('space_after', 'the space after paragraphs', 'Paragraphs', 'after', FieldGroup::Words, 0.0, 10_000.0, 'px below a paragraph; none below the last'),
            NumberField::signed('indent', 'the first indent', 'Paragraphs', 'first indent', FieldGroup::Words, -10_000.0, 10_000.0, 'px before the first line of a paragraph'),
            new ChoiceField('list', 'the list', 'Paragraphs', 'list', FieldGroup::Words, ['none' => 'none', 'bullets' => 'bullets', 'numbers' => 'numbers'], 'what stands before each paragraph'),
        ];
    }
}
