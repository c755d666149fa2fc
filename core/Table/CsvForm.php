<?php

declare(strict_types=1);

namespace AllSquare\Core\Table;

/** How a list of values is written: comma-separated (RFC 4180) and its relations. */
final readonly class CsvForm
{
    public const SEPARATORS = [',' => 'commas', ';' => 'semicolons', "\t" => 'tabs', '|' => 'bars'];

    public const QUOTES = ['"', "'"];

    public const LINE_ENDS = ["\r\n", "\n", "\r"];

    /**
     * @param  string  $separator  between values
     * @param  string  $quote  round values that hold a separator, a quote or a line end; twice where it stands for itself
     * @param  string  $decimal  the sign before decimals
     * @param  bool  $hasHeader  whether the first row says what the columns are
     * @param  string  $lineEnd  between rows
     * @param  bool  $endsLast  whether one stands behind the last row too
     * @param  bool  $quotesAll  whether every value stands in quotes
     */
    public function __construct(
        public string $separator = ',',
        public string $quote = '"',
        public Encoding $encoding = Encoding::Utf8,
        public string $decimal = '.',
        public bool $hasHeader = false,
        public string $lineEnd = "\r\n",
        public bool $endsLast = true,
        public bool $quotesAll = false,
    ) {
    }

    /** @param  array<string, mixed>  $changes  by name */
    public function with(array $changes): self
    {
        // @phpstan-ignore argument.type (by their names, of their types)
        return new self(...[...get_object_vars($this), ...$changes]);
    }

    public static function read(mixed $stored): self
    {
        $stored = is_array($stored) ? $stored : [];
        $isOn = static fn (string $name, bool $default): bool => is_bool($stored[$name] ?? null) ? $stored[$name] : $default;

        return new self(
            self::one($stored, 'separator', array_keys(self::SEPARATORS)),
            self::one($stored, 'quote', self::QUOTES),
            is_string($stored['encoding'] ?? null) ? Encoding::tryFrom($stored['encoding']) ?? Encoding::Utf8 : Encoding::Utf8,
            self::one($stored, 'decimal', ['.', ',']),
            $isOn('header', false),
            self::one($stored, 'line_end', self::LINE_ENDS),
            $isOn('ends_last', true),
            $isOn('quotes_all', false),
        );
    }

    /** @return array<string, mixed> as it is stored and sent */
    public function toArray(): array
    {
        return [
            'separator' => $this->separator, 'quote' => $this->quote, 'encoding' => $this->encoding->value, 'decimal' => $this->decimal,
            'header' => $this->hasHeader, 'line_end' => $this->lineEnd, 'ends_last' => $this->endsLast, 'quotes_all' => $this->quotesAll,
        ];
    }

    /**
     * @param  array<mixed>  $stored
     * @param  non-empty-list<string>  $of  the first is that which it is at first
     */
    private static function one(array $stored, string $name, array $of): string
    {
        $is = $stored[$name] ?? null;

        return is_string($is) && in_array($is, $of, true) ? $is : $of[0];
    }
}
