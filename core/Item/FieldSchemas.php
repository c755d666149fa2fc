<?php

declare(strict_types=1);

namespace AllSquare\Core\Item;

use AllSquare\Core\Geometry\Flip;
use AllSquare\Core\Item\Field\Field;
use AllSquare\Core\Item\Field\TableField;
use AllSquare\Core\Item\Look\Colour;
use AllSquare\Core\Item\Look\Gradient;
use AllSquare\Core\Item\Type\TypeFields;

/** The JSON Schema of all that the kinds of items say about their fields; the schemas of commands and files refer to it. */
final class FieldSchemas
{
    /** @return array<string, mixed> schema/fields.json */
    public static function all(): array
    {
        $fields = Kinds::fields();
        ksort($fields);
        $defs = [];
        foreach ($fields + TypeFields::ofRuns() as $field) {
            $defs["field-$field->name"] = $field->schema();
        }

        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            '$id' => 'https://allsquare.invalid/schema/fields.json',
            'title' => 'fields',
            'description' => 'Written by php artisan allsquare:schemas from the kinds of items.',
            '$defs' => [
                'kind' => ['enum' => array_keys(Kinds::all())],
                'drawn-kind' => ['enum' => array_keys(Kinds::drawn())],
                'flip' => ['enum' => array_column(Flip::cases(), 'value'), 'description' => 'whether what is painted is seen in a mirror'],
                'colour' => Colour::definition(),
                ...Gradient::definitions(),
                'rule' => TableField::ruleSchema(),
                'brackets' => TableField::bracketsSchema(),
                'list-form' => TableField::formSchema(),
                'cell-looks' => TableField::lookSchema(mayBeNone: true),
                'set-fields' => ['type' => 'object', 'properties' => self::references(array_filter($fields, static fn (Field $field): bool => $field->isSet))],
                'styles' => ['type' => 'object', 'additionalProperties' => false, 'properties' => self::references(TypeFields::ofRuns() + TypeFields::ofParagraphs()), 'description' => 'how letters are set, and the paragraphs they are in'],
                'fields' => ['type' => 'object', 'properties' => self::references($fields), 'additionalProperties' => false],
            ] + $defs,
        ];
    }

    /**
     * @param  array<string, Field>  $fields
     * @return array<string, array<string, string>>
     */
    private static function references(array $fields): array
    {
        return array_map(static fn (Field $field): array => ['$ref' => "#/\$defs/field-$field->name"], $fields);
    }

    public static function text(): string
    {
        return json_encode(self::all(), JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE)."\n";
    }
}
