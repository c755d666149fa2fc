<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Field;

use AllSquare\Core\Item\Look\Outline;
use AllSquare\Core\Refusal;
use AllSquare\Core\Text\FontLibrary;

/** An outline, or none. */
final readonly class OutlineField extends Field
{
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
        return ['type' => ['object', 'null'], 'description' => 'drawn along the edge; null for none'] + Outline::schema();
    }

    public function taken(mixed $given, FontLibrary $fonts): ?Outline
    {
        $outline = $this->read($given);
        if ($outline !== null && $outline->dash !== [] && array_sum($outline->dash) <= 0.0) {
            throw Refusal::because('Dashes and gaps that are all 0 draw nothing: give at least one of them a length.', $this->name);
        }

        return $outline;
    }

    public function read(mixed $stored): ?Outline
    {
        return Outline::read($stored);
    }

    public function stored(mixed $value): mixed
    {
        return $value instanceof Outline ? $value->stored() : null;
    }

    public function scaled(mixed $value, float $factor): mixed
    {
        return $value instanceof Outline ? $value->scaled($factor) : $value;
    }

    public function said(mixed $value): string
    {
        return $value instanceof Outline ? $value->said() : 'none';
    }

    public function nouns(): array
    {
        return [
            $this->name => $this->noun, "$this->name.colour" => 'the colour of the outline', "$this->name.weight" => 'the weight of the outline', "$this->name.dash" => 'the dashes of the outline',
            "$this->name.side" => 'the side of the outline', "$this->name.ends" => 'the ends of the outline', "$this->name.joins" => 'the joins of the outline',
        ];
    }
}
