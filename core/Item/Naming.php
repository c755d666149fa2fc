<?php

declare(strict_types=1);

namespace AllSquare\Core\Item;

use AllSquare\Core\Refusal;

/** What things may be called: something, in one line, of 200 characters at most. */
final class Naming
{
    public const LONGEST = 200;

    /** @throws Refusal when it is empty, too long or holds control characters */
    public static function checked(string $name, string $field = 'name'): string
    {
        $name = trim($name);
        if ($name === '') {
            throw Refusal::because('A name cannot be empty.', $field);
        }
        if (mb_strlen($name) > self::LONGEST) {
            throw Refusal::because(sprintf('A name has %d characters at most; this one has %s.', self::LONGEST, number_format(mb_strlen($name))), $field);
        }
        if (preg_match('/\p{Cc}/u', $name) === 1) {
            throw Refusal::because('A name is one line, without control characters.', $field);
        }

        return $name;
    }

    /**
     * The name in data that come from a file.
     *
     * @param  array<string, mixed>  $data
     *
     * @throws Refusal
     */
    public static function given(array $data): string
    {
        return self::checked(is_string($data['name'] ?? null) ? $data['name'] : '');
    }

    /** What an item is called when nobody said: the beginning of its words, or its kind. */
    public static function ofItem(string $kind, string $text): string
    {
        $line = trim((string) preg_replace('/\s+/u', ' ', $text));

        return $line === '' ? ucfirst($kind) : mb_strimwidth($line, 0, 40, '…');
    }
}
