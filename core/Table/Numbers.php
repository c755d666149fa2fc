<?php

declare(strict_types=1);

namespace AllSquare\Core\Table;

/** What is read as a number in a cell. What was typed stays; only where it stands follows from it. */
final class Numbers
{
    /** digits in groups, apart by blanks, dots, commas or apostrophes, as ISO 80000-1 and bookkeeping have them */
    private const DIGITS = "\\d(?:[\\d .,'\u{2019}\u{A0}\u{2009}\u{202F}]*\\d)?";

    /** Whether all of it is one number: a sign, a currency or a unit may stand before it, a unit or a mark behind it. */
    public static function isNumber(string $text): bool
    {
        return preg_match('/^[^\d.,:\/]{0,5}[.,]?'.self::DIGITS.'[.,]?[^\d:\/]{0,10}$/uD', trim($text)) === 1;
    }

    /**
     * How many characters stand before the line on which decimal signs stand: before the sign itself, or behind the last figure where
     * there is none. What has no figures stands before it whole.
     *
     * @param  string  $sign  `.` or `,`
     */
    public static function before(string $text, string $sign): int
    {
        if (preg_match('/[.,]?'.self::DIGITS.'/u', $text, $found, PREG_OFFSET_CAPTURE) !== 1) {
            return mb_strlen(rtrim($text));
        }
        [$digits, $at] = [$found[0][0], $found[0][1]];
        $point = strrpos($digits, $sign);
        // A sign that comes more than once sets groups apart.
        $isDecimal = $point !== false && substr_count($digits, $sign) === 1;

        return mb_strlen(substr($text, 0, $at + ($isDecimal ? $point : strlen($digits))));
    }

    /**
     * Which sign stands before decimals in these: by numbers that have both, where the last one does, and by those whose last group is
     * not of three figures.
     *
     * @param  iterable<string>  $texts
     * @return string `.` or `,`
     */
    public static function decimalSign(iterable $texts): string
    {
        $votes = ['.' => 0, ',' => 0];
        foreach ($texts as $text) {
            if (! self::isNumber($text) || preg_match('/[.,]?'.self::DIGITS.'/u', $text, $found) !== 1) {
                continue;
            }
            [$dots, $commas] = [substr_count($found[0], '.'), substr_count($found[0], ',')];
            if ($dots > 0 && $commas > 0) {
                $votes[strrpos($found[0], '.') > strrpos($found[0], ',') ? '.' : ','] += 3;
            } elseif ($dots + $commas === 1) {
                $sign = $dots === 1 ? '.' : ',';
                $behind = strlen($found[0]) - (int) strrpos($found[0], $sign) - 1;
                $votes[$sign] += $behind === 3 ? 0 : 2;
            } elseif ($dots > 1 || $commas > 1) {
                $votes[$dots > 1 ? ',' : '.']++;
            }
        }

        return $votes[','] > $votes['.'] ? ',' : '.';
    }
}
