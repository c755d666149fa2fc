<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Field;

/** What a thing was copied from onto another sheet: by this it is known there again, however it has changed since. */
final readonly class SourceField extends Field
{
    public function __construct()
    {
        parent::__construct('source', 'what it was copied from', '', '', FieldGroup::Geometry, null, isOwn: true, isSet: false);
    }

    public function type(): string
    {
        return 'hidden';
    }

    public function schema(): array
    {
        return ['type' => ['string', 'null'], 'minLength' => 1, 'maxLength' => 40, 'description' => 'what it was copied from onto this sheet: an id, or, in a file, the number of a sheet from 1, a colon, and the id of an item on it'];
    }

    public function read(mixed $stored): ?string
    {
        return is_string($stored) && $stored !== '' ? $stored : null;
    }

    public function said(mixed $value): string
    {
        return is_string($value) ? 'a copy' : 'none';
    }
}
