<?php

declare(strict_types=1);

namespace AllSquare\Core\Table;

use AllSquare\Core\Refusal;

/** A list of values as it was recognised: how it is written, and what is in it. */
final readonly class CsvReading
{
    private const LOOKED_AT = 60_000;

    /** @param  list<list<string>>  $rows  of one length */
    private function __construct(public CsvForm $form, public array $rows)
    {
    }

    /**
     * @param  array<string, mixed>  $wish  what of CsvForm is known already, as it is stored
     *
     * @throws Refusal when there is nothing in it, or more than a table holds
     */
    public static function of(string $bytes, array $wish = []): self
    {
        $encoding = Encoding::tryFrom(is_string($wish['encoding'] ?? null) ? $wish['encoding'] : '') ?? Encoding::of($bytes);
        $text = $encoding->decoded($bytes);
        [$separator, $quote] = self::signs($text);
        $form = CsvForm::read($wish + ['separator' => $separator, 'quote' => $quote, 'encoding' => $encoding->value, 'line_end' => self::lineEnd($text), 'ends_last' => preg_match('/[\r\n]$/D', $text) === 1]);
        $rows = Csv::read($text, $form->separator, $form->quote);
        $decimal = Numbers::decimalSign(array_merge(...array_slice($rows, 0, 500)));
        $more = ['decimal' => $decimal, 'header' => self::hasHeader($rows), 'quotes_all' => self::quotesAll($text, $form)];

        return new self(CsvForm::read($wish + $more + $form->toArray()), $rows);
    }

    /** What is known of a column: whether most of its cells below the header are numbers. */
    public function isNumeric(int $column): bool
    {
        $values = array_filter(array_column(array_slice($this->rows, $this->form->hasHeader ? 1 : 0), $column), static fn (string $value): bool => trim($value) !== '');

        return $values !== [] && count(array_filter($values, Numbers::isNumber(...))) > 0.5 * count($values);
    }

    /** @return array{string, string} the separator by which most rows are of one length, and the quote */
    private static function signs(string $text): array
    {
        $start = substr($text, 0, self::LOOKED_AT);
        $best = [0.0, ',', '"'];
        foreach (["\t", ';', '|', ','] as $separator) {
            foreach (CsvForm::QUOTES as $quote) {
                $hasQuotes = preg_match('/(?:^|['.preg_quote($separator, '/')."\r\n])\\s*$quote/", $start) === 1;
                if ($quote === "'" && ! $hasQuotes) {
                    continue;
                }
                $rows = array_slice(Csv::rows($start, $separator, $quote), 0, 60);
                $counts = array_count_values(array_map(count(...), $rows));
                unset($counts[1]);
                if ($counts === []) {
                    continue;
                }
                // The share of rows that agree; of two as good, the one that comes first, or that finds its quotes.
                $score = max($counts) / count($rows) + ($hasQuotes ? 0.001 : 0.0);
                $best = $score > $best[0] + 0.0005 ? [$score, $separator, $quote] : $best;
            }
        }

        return [$best[1], $best[2]];
    }

    private static function lineEnd(string $text): string
    {
        return match (true) {
            str_contains($text, "\r\n") => "\r\n",
            str_contains($text, "\n") => "\n",
            str_contains($text, "\r") => "\r",
            default => "\r\n",
        };
    }

    private static function quotesAll(string $text, CsvForm $form): bool
    {
        $signs = preg_quote($form->separator, '/');

        return str_starts_with($text, $form->quote) && preg_match("/(?:^|[$signs\r\n])(?!{$form->quote}|[\r\n]|$)/", substr((string) preg_replace("/{$form->quote}(?:[^{$form->quote}]|{$form->quote}{$form->quote})*{$form->quote}/", "$form->quote$form->quote", $text), 0, self::LOOKED_AT)) === 0;
    }

    /**
     * The first row says what the columns are when it is filled, has no numbers, and there is another.
     *
     * @param  list<list<string>>  $rows
     */
    private static function hasHeader(array $rows): bool
    {
        $first = array_filter($rows[0], static fn (string $value): bool => trim($value) !== '');

        return count($rows) > 1 && count($first) >= max(1, count($rows[0]) - 1) && array_filter($first, Numbers::isNumber(...)) === [];
    }
}
