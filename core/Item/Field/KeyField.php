<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Field;

/** The key of something that the document keeps under a name, or none. A command of its own sets it. */
final readonly class KeyField extends Field
{
    public function __construct(string $name, string $noun, private string $meaning)
    {
        parent::__construct($name, $noun, '', $name, FieldGroup::Words, null, isOwn: true, isSet: false);
    }

    public function type(): string
    {
        return 'hidden';
    }

    public function schema(): array
    {
        return ['type' => ['string', 'null'], 'pattern' => '^[0-9A-Za-z-]{1,40}$', 'description' => $this->meaning];
    }

    public function read(mixed $stored): ?string
    {
        return is_string($stored) ? $stored : null;
    }
}
