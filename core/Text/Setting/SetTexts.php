<?php

declare(strict_types=1);

namespace AllSquare\Core\Text\Setting;

/** Texts as they were set, so that one that is fitted, painted and measured is set once. */
final class SetTexts
{
    /** Characters of all that are kept. */
    private const MOST = 400_000;

    /** @var array<string, SetText> */
    private array $kept = [];

    private int $characters = 0;

    /** @param  string  $key  different for all that is set otherwise */
    public function get(string $key, StyledText $text, float $room, bool $wraps): SetText
    {
        if (isset($this->kept[$key])) {
            return $this->kept[$key];
        }
        $this->characters += strlen($text->words);
        if ($this->characters > self::MOST) {
            [$this->kept, $this->characters] = [[], strlen($text->words)];
        }

        return $this->kept[$key] = Setter::set($text, $room, $wraps);
    }
}
