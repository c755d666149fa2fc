<?php

declare(strict_types=1);

namespace AllSquare\Core\Item;

use AllSquare\Core\Item\Traits\HasWords;
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
    public static function ofItem(Item $item): string
    {
        $words = $item->kind instanceof HasWords ? $item->kind->words($item) : '';
        $line = self::line($words);

        return $line === '' ? ucfirst($item->kind->noun(1)) : $line;
    }

    /** The beginning of some words, as one line. */
    public static function line(string $words): string
    {
        return mb_strimwidth(trim((string) preg_replace('/[\s\p{Cc}]+/u', ' ', $words)), 0, 40, '…');
    }

    /** The item saying something else; one that was never renamed is called by its words, also when these change. */
    public static function saying(Item $item, string $words): Item
    {
        if (! $item->kind instanceof HasWords) {
            return $item;
        }

        return self::following($item, $item->kind->saying($item, $words));
    }

    /** What an item has become, called by its words if it was before. */
    public static function following(Item $was, Item $is): Item
    {
        return $was->name === self::ofItem($was) ? $is->with(['name' => self::checked(self::ofItem($is))]) : $is;
    }
}
