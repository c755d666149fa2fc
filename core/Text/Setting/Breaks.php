<?php

declare(strict_types=1);

namespace AllSquare\Core\Text\Setting;

use IntlBreakIterator;

/**
 * Where a paragraph may be broken into lines: the rules of Unicode (UAX 14), as ICU has them, tailored in one thing (UAX 14, section 8) as
 * browsers do: behind `!`, `/`, `|` and `}` no break comes before another character of ASCII, so that "and/or" stays one word. What is
 * quoted may end a line before an opening bracket (rules 15a and 15b, since Unicode 15.1), whichever version ICU has.
 */
final class Breaks
{
    private const AFTER_QUOTE = '/\p{Pf}[ \t]+(?=\p{Ps})/u';

    private const BINDING = '!/|}';

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
            if (! self::isBound($paragraph, $at)) {
                $bytes[] = $at;
            }
        }
        if (strlen($paragraph) === $length) {
            return $bytes;
        }
        $bytes = self::withQuotes($paragraph, $bytes);
        $breaks = [];
        $from = $characters = 0;
        foreach ($bytes as $at) {
            $characters += mb_strlen(substr($paragraph, $from, $at - $from));
            $from = $at;
            $breaks[] = $characters;
        }

        return $breaks;
    }

    private static function isBound(string $paragraph, int $at): bool
    {
        return $at < strlen($paragraph) && str_contains(self::BINDING, $paragraph[$at - 1]) && $paragraph[$at] > ' ' && $paragraph[$at] < "\x7F";
    }

    /**
     * @param  list<int>  $bytes
     * @return list<int>
     */
    private static function withQuotes(string $paragraph, array $bytes): array
    {
        if ((int) preg_match_all(self::AFTER_QUOTE, $paragraph, $found, PREG_OFFSET_CAPTURE) === 0) {
            return $bytes;
        }
        foreach ($found[0] as [$words, $at]) {
            $bytes[] = $at + strlen($words);
        }
        $bytes = array_values(array_unique($bytes));
        sort($bytes);

        return $bytes;
    }
}
