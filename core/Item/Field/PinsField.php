<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Field;

use AllSquare\Core\Item\Pin;
use AllSquare\Core\Item\Pins;

/** How an item follows when the tray that it lies in is sized. Every kind has it; a command of its own sets it. */
final readonly class PinsField extends Field
{
    public function __construct()
    {
        parent::__construct('pins', 'the pins', '', '', FieldGroup::Geometry, null, isOwn: true, isSet: false);
    }

    public function type(): string
    {
        return 'hidden';
    }

    public function schema(): array
    {
        $pin = ['enum' => array_column(Pin::cases(), 'value')];

        return [
            'type' => ['object', 'null'],
            'description' => 'what of it keeps its distance when the tray that it lies in is sized; null for its left and top edge',
            'required' => ['across', 'down'],
            'additionalProperties' => false,
            'properties' => ['across' => $pin, 'down' => $pin],
        ];
    }

    public function read(mixed $stored): ?Pins
    {
        $read = $stored instanceof Pins ? $stored : Pins::read($stored);

        return $read->isPlain() ? null : $read;
    }

    public function stored(mixed $value): mixed
    {
        return $value instanceof Pins ? $value->jsonSerialize() : null;
    }

    public function said(mixed $value): string
    {
        return $value instanceof Pins ? "{$value->across->value} across, {$value->down->value} down" : 'start';
    }
}
