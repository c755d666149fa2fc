<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Field;

/** What people wrote. Each item has its own. */
final readonly class WordsField extends Field
{
    public function __construct(string $name, private int $longest)
    {
        parent::__construct($name, 'the words', 'Words', 'words', FieldGroup::Words, '', isOwn: true);
    }

    public function type(): string
    {
        return 'words';
    }

    public function schema(): array
    {
        return ['type' => 'string', 'maxLength' => $this->longest];
    }

    public function read(mixed $stored): string
    {
        return is_string($stored) ? $stored : '';
    }
}
