<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Field;

use AllSquare\Core\Item\Type\ParagraphStyles;
use AllSquare\Core\Item\Type\TypeFields;

/** The paragraphs of a text that are set otherwise than it. Each item has its own. */
final readonly class ParagraphsField extends Field
{
    private const MOST = 2_000;

    public function __construct(string $name)
    {
        parent::__construct($name, 'the paragraphs', '', 'paragraphs', FieldGroup::Words, ParagraphStyles::read([]), isOwn: true);
    }

    public function type(): string
    {
        return 'hidden';
    }

    public function schema(): array
    {
        return [
            'description' => 'paragraphs that are set otherwise than their text, each by its place from 0; with other words they follow them',
            'type' => 'array',
            'maxItems' => self::MOST,
            'items' => [
                'type' => 'object',
                'required' => ['at'],
                'additionalProperties' => false,
                'properties' => ['at' => ['type' => 'integer', 'minimum' => 0, 'maximum' => WordsField::LONGEST]] + array_map(static fn (Field $field): array => ['$ref' => "#/\$defs/field-$field->name"], TypeFields::ofParagraphs()),
            ],
        ];
    }

    public function read(mixed $stored): ParagraphStyles
    {
        return ParagraphStyles::read($stored);
    }

    public function stored(mixed $value): mixed
    {
        return ParagraphStyles::read($value)->stored();
    }

    public function scaled(mixed $value, float $factor): mixed
    {
        return ParagraphStyles::read($value)->scaled($factor);
    }

    public function said(mixed $value): string
    {
        $count = count(ParagraphStyles::read($value)->styles);

        return $count === 0 ? 'none' : ($count === 1 ? '1 paragraph' : "$count paragraphs");
    }
}
