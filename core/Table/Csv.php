<?php

declare(strict_types=1);

namespace AllSquare\Core\Table;

use AllSquare\Core\Refusal;

/**
 * Reads and writes lists of values as RFC 4180 has them, and what is usually done otherwise: other separators and quotes, a quote in the
 * middle of a value, blanks round quotes, a last quote that is missing, rows that are not of one length.
 *
 * Values are text and stay as they were written: `=SUM(A1)` is a text that begins with an equals sign.
 */
final class Csv
{
    public const MOST_ROWS = 2_000;

    public const MOST_COLUMNS = 200;

    public const MOST_CELLS = 24_000;

    public const MOST_BYTES = 8_000_000;

    /**
     * @param  string  $text  UTF-8
     * @return list<list<string>> rows of one length, as long as the longest; empty rows at the end are left out
     *
     * @throws Refusal when it is more than a table holds, or nothing
     */
    public static function read(string $text, string $separator, string $quote = '"'): array
    {
        if (strlen($text) > self::MOST_BYTES) {
            throw Refusal::because(sprintf('The list has %s MB; a table is made of %d MB at most.', number_format(strlen($text) / 1e6, 1), self::MOST_BYTES / 1e6), 'list');
        }
        $rows = self::rows($text, $separator, $quote);
        while ($rows !== [] && implode('', $rows[array_key_last($rows)]) === '') {
            array_pop($rows);
        }
        $width = $rows === [] ? 0 : max(array_map(count(...), $rows));
        self::check(count($rows), $width);

        return array_map(static fn (array $row): array => array_pad($row, $width, ''), $rows);
    }

    /** @throws Refusal when a table does not hold so many, or there are none */
    public static function check(int $rows, int $columns): void
    {
        if ($rows === 0 || $columns === 0) {
            throw Refusal::because('There is nothing in the list.', 'list');
        }
        if ($rows > self::MOST_ROWS || $columns > self::MOST_COLUMNS || $rows * $columns > self::MOST_CELLS) {
            throw Refusal::because(sprintf(
                'The list has %s rows of %s; a table holds %s rows, %d columns and %s cells at most.',
                number_format($rows), number_format($columns), number_format(self::MOST_ROWS), self::MOST_COLUMNS, number_format(self::MOST_CELLS),
            ), 'list');
        }
    }

    /**
     * As it was written, with every row.
     *
     * @return list<list<string>>
     */
    public static function rows(string $text, string $separator, string $quote): array
    {
        $rows = [];
        $row = [];
        $at = 0;
        $length = strlen($text);
        $stops = "$separator\r\n";
        while ($at < $length) {
            $blanks = strspn($text, $separator === "\t" ? ' ' : " \t", $at);
            $value = ($text[$at + $blanks] ?? '') === $quote ? self::quoted($text, $at + $blanks, $stops, $quote) : null;
            if ($value === null) {
                $size = strcspn($text, $stops, $at);
                $value = [substr($text, $at, $size), $at + $size];
            }
            [$row[], $at] = $value;
            $stop = $text[$at] ?? "\n";
            $at += $stop === "\r" && ($text[$at + 1] ?? '') === "\n" ? 2 : 1;
            if ($stop !== $separator) {
                $rows[] = $row;
                $row = [];
            } elseif ($at >= $length) {
                $row[] = '';
            }
        }
        if ($row !== []) {
            $rows[] = $row;
        }

        return $rows;
    }

    /** @param  list<list<string>>  $rows */
    public static function write(array $rows, CsvForm $form): string
    {
        $special = "/[\r\n".preg_quote($form->separator.$form->quote, '/').']|^\s|\s$/';
        $lines = [];
        foreach ($rows as $row) {
            $values = [];
            foreach ($row as $value) {
                $values[] = $form->quotesAll || preg_match($special, $value) === 1 || ($value === '' && count($row) === 1)
                    ? $form->quote.str_replace($form->quote, $form->quote.$form->quote, $value).$form->quote
                    : $value;
            }
            $lines[] = implode($form->separator, $values);
        }
        $text = implode($form->lineEnd, $lines).($form->endsLast ? $form->lineEnd : '');
        $encoding = $form->encoding->canSay($text) ? $form->encoding : Encoding::Utf8;

        return $encoding->encoded($text);
    }

    /**
     * A value in quotes, from the first of them.
     *
     * @return array{string, int}|null it, and where what ends it stands; null where the quote is one like any other letter
     */
    private static function quoted(string $text, int $from, string $stops, string $quote): ?array
    {
        $length = strlen($text);
        $value = '';
        $at = $from + 1;
        while ($at <= $length) {
            $end = strpos($text, $quote, $at);
            if ($end === false) {
                // A last quote is missing: the value goes on to the end of its line, if any other line is to be read.
                return null;
            }
            $value .= substr($text, $at, $end - $at);
            if (($text[$end + 1] ?? '') === $quote) {
                $value .= $quote;
                $at = $end + 2;

                continue;
            }
            $behind = $end + 1 + strspn($text, ' ', $end + 1);
            if ($behind >= $length || str_contains($stops, $text[$behind])) {
                return [$value, $behind];
            }
            // A quote in the middle that was not doubled stands for itself.
            $value .= $quote;
            $at = $end + 1;
        }

        return null;
    }
}
