<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Field;

use AllSquare\Core\Text\Setting\StyledText;

/** What people wrote, as StyledText::normal() has it. Each item has its own. */
final readonly class WordsField extends Field
{
    /** Characters, which is some 10,000 words. */
    public const LONGEST = 60_000;

    public function __construct(string $name, private int $longest = self::LONGEST)
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
        return is_string($stored) ? StyledText::normal($stored) : '';
    }
}
