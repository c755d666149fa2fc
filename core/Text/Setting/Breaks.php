<?php

declare(strict_types=1);

namespace AllSquare\Core\Text\Setting;

use IntlBreakIterator;

/** Where a paragraph may be broken into lines: the rules of Unicode (UAX 14), as ICU has them. */
final class Breaks
{
    private static ?IntlBreakIterator $iterator = null;

    /**
     * @param  string  $paragraph  without line ends
     * @param  int  $length  in characters
     * @return list<int> in characters, rising; the last one is its end
     */
    public static function of(string $paragraph, int $length): array
    {
        $iterator = self::$iterator ??= IntlBreakIterator::createLineInstance('en') ?? throw new \RuntimeException('ICU has no rules for line breaks.');
        $iterator->setText($paragraph);
        $bytes = [];
        for ($at = $iterator->next(); $at !== IntlBreakIterator::DONE; $at = $iterator->next()) {
            $bytes[] = $at;
        }
        if (strlen($paragraph) === $length) {
            return $bytes;
        }
        $breaks = [];
        $from = $characters = 0;
        foreach ($bytes as $at) {
            $characters += mb_strlen(substr($paragraph, $from, $at - $from));
            $from = $at;
            $breaks[] = $characters;
        }

        return $breaks;
    }
}
