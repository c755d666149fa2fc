<?php

declare(strict_types=1);

namespace AllSquare\Core\Table;

/** What stands in one place of a table, as it was typed. */
final readonly class Cell
{
    /** characters */
    public const LONGEST = 5_000;

    /**
     * @param  int  $columns  that it goes across, 1 or more; what lies beneath keeps its words
     * @param  int  $rows  that it goes down
     */
    public function __construct(public string $text = '', public CellLook $look = new CellLook, public int $columns = 1, public int $rows = 1)
    {
    }

    public function saying(string $text): self
    {
        return new self($text, $this->look, $this->columns, $this->rows);
    }

    public function looking(CellLook $look): self
    {
        return new self($this->text, $look, $this->columns, $this->rows);
    }

    public function spanning(int $columns, int $rows): self
    {
        return new self($this->text, $this->look, max(1, $columns), max(1, $rows));
    }

    public function isSpan(): bool
    {
        return $this->columns > 1 || $this->rows > 1;
    }

    /** @return string|array<string, mixed> as it is stored: its words alone where there is no more to say */
    public function stored(): string|array
    {
        $more = ($this->columns > 1 ? ['columns' => $this->columns] : [])
            + ($this->rows > 1 ? ['rows' => $this->rows] : [])
            + ($this->look->values === [] ? [] : ['look' => $this->look->values]);

        return $more === [] ? $this->text : ['text' => $this->text] + $more;
    }

    public static function read(mixed $stored): self
    {
        if (is_string($stored)) {
            return new self($stored);
        }
        $stored = is_array($stored) ? $stored : [];
        $count = static fn (string $name): int => is_int($stored[$name] ?? null) ? max(1, $stored[$name]) : 1;

        return new self(is_string($stored['text'] ?? null) ? $stored['text'] : '', CellLook::read($stored['look'] ?? null), $count('columns'), $count('rows'));
    }
}
