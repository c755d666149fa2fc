<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Field;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Item\Look\Colour;
use AllSquare\Core\Item\Look\Outline;

/** An outline, or none. */
final readonly class OutlineField extends Field
{
    private const MOST = 1000.0;

    public function __construct(string $name, ?Outline $default)
    {
        parent::__construct($name, 'the outline', 'Outline', 'outline', FieldGroup::Look, $default);
    }

    public function type(): string
    {
        return 'outline';
    }

    public function schema(): array
    {
        return [
            'type' => ['object', 'null'],
            'description' => 'drawn astride the edge; null for none',
            'required' => ['colour', 'weight'],
            'additionalProperties' => false,
            'properties' => [
                'colour' => ['type' => 'string', 'pattern' => ColourField::SCHEMA],
                'weight' => ['type' => 'number', 'minimum' => 0, 'maximum' => (int) self::MOST, 'description' => 'px'],
            ],
        ];
    }

    public function read(mixed $stored): ?Outline
    {
        return is_array($stored) && is_string($stored['colour'] ?? null) && is_numeric($stored['weight'] ?? null)
            ? new Outline(Colour::of($stored['colour']), (float) $stored['weight'])
            : null;
    }

    public function stored(mixed $value): mixed
    {
        return $value instanceof Outline ? ['colour' => $value->colour->hex, 'weight' => $value->weight] : null;
    }

    public function scaled(mixed $value, float $factor): mixed
    {
        return $value instanceof Outline ? new Outline($value->colour, min(self::MOST, Length::round($value->weight * $factor))) : $value;
    }

    public function said(mixed $value): string
    {
        return $value instanceof Outline ? $value->colour->hex.' '.Length::text($value->weight).' px' : 'none';
    }

    public function nouns(): array
    {
        return [$this->name => $this->noun, "$this->name.colour" => 'the colour of the outline', "$this->name.weight" => 'the weight of the outline'];
    }
}
