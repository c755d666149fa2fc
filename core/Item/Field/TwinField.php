<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Field;

use AllSquare\Core\Item\Twin;

/** By what an item is one with others on other sheets of its document. Every kind has it; commands of their own set it. */
final readonly class TwinField extends Field
{
    public function __construct()
    {
        parent::__construct('twin', 'the running head or foot', '', '', FieldGroup::Geometry, null, isOwn: true, isSet: false);
    }

    public function type(): string
    {
        return 'hidden';
    }

    public function schema(): array
    {
        return [
            'type' => ['object', 'null'],
            'description' => 'by what it is one with others on other sheets of the document',
            'required' => ['key', 'zone'],
            'additionalProperties' => false,
            'properties' => ['key' => ['type' => 'string', 'minLength' => 1, 'maxLength' => 40], 'zone' => ['enum' => Twin::ZONES]],
        ];
    }

    public function read(mixed $stored): ?Twin
    {
        return $stored instanceof Twin ? $stored : Twin::read($stored);
    }

    public function stored(mixed $value): mixed
    {
        return $value instanceof Twin ? $value->jsonSerialize() : null;
    }

    public function said(mixed $value): string
    {
        return $value instanceof Twin ? $value->zone : 'none';
    }
}
