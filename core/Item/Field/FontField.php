<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Field;

use AllSquare\Core\Text\FontLibrary;

/** A family of fonts: one that ships with the application, or one of the document's own. */
final readonly class FontField extends Field
{
    public function __construct(string $name, string $default)
    {
        parent::__construct($name, 'the font', 'Type', 'font', FieldGroup::Words, $default);
    }

    public function type(): string
    {
        return 'font';
    }

    public function schema(): array
    {
        return ['type' => 'string', 'minLength' => 1, 'maxLength' => 60, 'description' => 'a family that ships with the application, or one of the document\'s own'];
    }

    public function taken(mixed $given, FontLibrary $fonts): string
    {
        $family = $this->read($given);
        $fonts->font($family, 400);

        return $family;
    }

    public function read(mixed $stored): string
    {
        // @phpstan-ignore return.type (the default is a family)
        return is_string($stored) ? $stored : $this->default;
    }
}
