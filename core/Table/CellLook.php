<?php

declare(strict_types=1);

namespace AllSquare\Core\Table;

/**
 * How a cell looks, where that is said of it: by itself, by its row, its column, or the part of the table that it is in. Whatever is
 * not said is left to the larger whole.
 *
 * Colours are kept as they are stored, since those who paint know more of them.
 */
final readonly class CellLook
{
    public const LETTERS = ['font', 'weight', 'italic', 'size', 'tracking', 'capitals', 'even_figures', 'underline', 'fill'];

    public const NAMES = [...self::LETTERS, 'line_height', 'align', 'stand', 'padding', 'ground'];

    /** @param  array<string, mixed>  $values  by name, of NAMES; `padding` in px clockwise from the top */
    public function __construct(public array $values = [])
    {
    }

    public function isEmpty(): bool
    {
        return $this->values === [];
    }

    /** @param  array<string, mixed>  $given  null takes back what was said */
    public function with(array $given): self
    {
        $values = [];
        foreach ([...$this->values, ...$given] as $name => $value) {
            if ($value !== null) {
                $values[$name] = $value;
            }
        }
        ksort($values);

        return new self($values);
    }

    public static function read(mixed $stored): self
    {
        if (! is_array($stored) || $stored === []) {
            return new self;
        }
        $values = [];
        foreach (self::NAMES as $name) {
            $value = $stored[$name] ?? null;
            $isGood = match ($name) {
                'font' => is_string($value),
                'weight', 'size', 'tracking', 'line_height' => is_int($value) || is_float($value),
                'italic', 'capitals', 'even_figures', 'underline' => is_bool($value),
                'align' => is_string($value) && CellAlign::tryFrom($value) !== null,
                'stand' => is_string($value) && CellStand::tryFrom($value) !== null,
                'padding' => is_array($value) && count($value) === 4,
                default => is_string($value) || is_array($value),
            };
            if ($isGood) {
                $values[$name] = $value;
            }
        }
        ksort($values);

        return new self($values);
    }
}
