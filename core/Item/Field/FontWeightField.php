<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Field;

/** The weight of letters, 100 to 900 (CSS Fonts Level 4, section 2.2). */
final readonly class FontWeightField extends Field
{
    public function __construct(string $name, int $default)
    {
        parent::__construct($name, 'the weight of the letters', 'Type', 'weight', FieldGroup::Words, $default);
    }

    public function type(): string
    {
        return 'font-weight';
    }

    public function schema(): array
    {
        return ['type' => 'integer', 'minimum' => 100, 'maximum' => 900, 'description' => 'of the letters'];
    }

    public function read(mixed $stored): mixed
    {
        return is_numeric($stored) ? (int) $stored : $this->default;
    }
}
