<?php

declare(strict_types=1);

namespace App\Contract;

use AllSquare\Core\Sheet\FieldName;
use Opis\JsonSchema\Errors\ValidationError;

/** What is wrong with a request, by its schema, in plain sentences. */
final class Sentences
{
    private const TYPES = ['number' => 'a number', 'integer' => 'a whole number', 'string' => 'a text', 'boolean' => 'true or false', 'array' => 'a list', 'object' => 'an object', 'null' => 'nothing'];

    private const PATTERNS = [
        'colour' => 'has to be a colour such as #1a2b3c',
        'background' => 'has to be transparent, sheet or a colour such as #1a2b3c',
        'point' => 'has to name a point of a path, such as 01ABC:0:3',
        'key' => 'has to be the key of a swatch',
        'scale' => 'has to be a multiple, a width or a height, such as 2x, 300w or 200h',
    ];

    private const COUNTED = ['columns.count' => 'column', 'rows.count' => 'row', 'columns' => 'column', 'rows' => 'row'];

    /** @return array<string, list<string>> by field */
    public static function of(ValidationError $error): array
    {
        $inner = $error->subErrors();
        if ($inner !== [] && $error->keyword() === 'anyOf') {
            $meant = self::meant($inner);

            return $meant === null ? self::said($error) : self::of($meant);
        }
        if ($inner !== []) {
            return array_merge_recursive(...array_map(self::of(...), $inner));
        }

        return self::said($error);
    }

    /**
     * Of the ways in which something can be said, the one that was meant: that of which most is right, so that what is wrong
     * lies deepest in it; null where no one is.
     *
     * @param  non-empty-array<ValidationError>  $ways
     */
    private static function meant(array $ways): ?ValidationError
    {
        $depths = array_map(self::depth(...), $ways);
        $least = min($depths);
        $deepest = array_keys($depths, max($depths), true);
        if (max($depths) > $least && count($deepest) === 1) {
            return $ways[$deepest[0]];
        }
        // Of two that fail alike, the one that has what was given.
        $objects = array_values(array_filter($ways, static fn (ValidationError $way): bool => ! in_array($way->keyword(), ['type', 'additionalProperties', 'const', 'required'], true) && ! in_array(self::leaf($way)->keyword(), ['type', 'additionalProperties', 'const', 'required', 'enum'], true)));

        return count($objects) === 1 ? $objects[0] : null;
    }

    private static function leaf(ValidationError $error): ValidationError
    {
        $inner = array_values($error->subErrors());

        return $inner === [] ? $error : self::leaf($inner[0]);
    }

    private static function depth(ValidationError $error): int
    {
        $depths = array_map(self::depth(...), $error->subErrors());

        return $depths === [] ? count($error->data()->fullPath()) : max($depths);
    }

    /** @return array<string, list<string>> */
    private static function said(ValidationError $error): array
    {
        $field = implode('.', $error->data()->fullPath());

        return [$field === '' ? 'params' : $field => [self::sentence($field, $error)]];
    }

    private static function sentence(string $field, ValidationError $error): string
    {
        $args = $error->args();
        $what = FieldName::first($field === '' ? 'params' : $field);
        $min = self::figure($args['min'] ?? null);
        $max = self::figure($args['max'] ?? null);

        $counted = self::COUNTED[$field] ?? null;

        return match ($error->keyword()) {
            'minimum' => $counted === null ? "$what has to be $min or more." : "At least $min $counted.",
            'maximum' => $counted === null ? "$what has to be $max or less." : "At most $max {$counted}s.",
            'required' => 'Missing: '.self::names($args['missing'] ?? [], $field).'.',
            'additionalProperties', 'unevaluatedProperties' => 'Not known here: '.mb_strimwidth(self::listed($args['properties'] ?? []), 0, 80, '…').'.',
            'type' => "$what has to be ".implode(' or ', self::types($args['expected'] ?? [])).', and is '.implode(' or ', self::types($args['type'] ?? [])).'.',
            'enum' => "$what has to be one of: ".self::listed(self::ofSchema($error, 'enum')).'.',
            'exclusiveMinimum' => "$what has to be more than $min.",
            'minLength', 'minItems' => $min === '1' || $min === '' ? "$what cannot be empty." : "$what needs $min entries at least.",
            'maxLength' => "$what has $max characters at most; this has ".self::figure($args['length'] ?? null).'.',
            'maxItems' => "$what has $max entries at most.",
            'minProperties' => $field === '' ? 'Say at least one thing that is to be set.' : "$what has to say what it is about.",
            'pattern' => "$what ".self::PATTERNS[str_contains($pattern = (string) ($args['pattern'] ?? ''), 'transparent') ? 'background' : (str_contains($pattern, '#') ? 'colour' : (str_contains($pattern, ':in') || str_contains($pattern, ':[0') ? 'point' : (str_starts_with($pattern, '^[0-9A-Za-z-]{') ? 'key' : 'scale')))].'.',
            'anyOf' => "$what is none of what it can be.",
            'uniqueItems' => "$what names something twice.",
            default => "$what is not what is expected.",
        };
    }

    private static function figure(mixed $value): string
    {
        return is_int($value) || is_float($value) ? rtrim(rtrim(number_format((float) $value, 3), '0'), '.') : '';
    }

    private static function ofSchema(ValidationError $error, string $keyword): mixed
    {
        $schema = $error->schema()->info()->data();

        return is_object($schema) ? $schema->{$keyword} ?? [] : [];
    }

    private static function listed(mixed $values): string
    {
        return implode(', ', array_map(static fn (mixed $v): string => is_scalar($v) ? (string) $v : 'null', (array) $values));
    }

    private static function names(mixed $fields, string $of): string
    {
        return implode(', ', array_map(static fn (mixed $name): string => FieldName::of(trim("$of.", '.').($of === '' ? '' : '.').(is_scalar($name) ? (string) $name : '')), (array) $fields));
    }

    /** @return list<string> */
    private static function types(mixed $types): array
    {
        return array_map(static fn (mixed $type): string => self::TYPES[is_scalar($type) ? (string) $type : ''] ?? 'something else', array_values((array) $types));
    }
}
