<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Type;

use JsonSerializable;

/** The paragraphs of a text that are set otherwise than it. */
final readonly class ParagraphStyles implements JsonSerializable
{
    /** @param  array<int, array<string, mixed>>  $styles  what a paragraph has instead, by its place from 0, and by the names of TypeFields::ofParagraphs() */
    private function __construct(public array $styles)
    {
    }

    /** @param  array<int, array<string, mixed>>  $styles */
    private static function made(array $styles): self
    {
        $styles = array_filter($styles);
        ksort($styles);
        foreach ($styles as &$style) {
            ksort($style);
        }

        return new self($styles);
    }

    /**
     * With some set otherwise.
     *
     * @param  int  $from  the first of them
     * @param  int  $to  the last of them
     * @param  array<string, mixed>  $styles  by name
     */
    public function with(int $from, int $to, array $styles): self
    {
        $changed = $this->styles;
        for ($i = $from; $i <= $to; $i++) {
            $changed[$i] = [...$changed[$i] ?? [], ...$styles];
        }

        return self::made($changed);
    }

    /** @param  list<string>  $names  of what all have as their text has it */
    public function without(array $names): self
    {
        return self::made(array_map(static fn (array $style): array => array_diff_key($style, array_flip($names)), $this->styles));
    }

    /** For other words: a paragraph that was divided makes two of its style. */
    public function following(string $was, string $is, ?int $caret = null): self
    {
        $edit = Edit::between($was, $is, $caret);
        $styles = [];
        foreach ($this->styles as $at => $style) {
            if ($at <= $edit->line) {
                $styles[$at] = $style;
            } elseif ($at > $edit->line + $edit->linesWere) {
                $styles[$at + $edit->linesAre - $edit->linesWere] = $style;
            }
        }
        for ($i = 1; $i <= $edit->linesAre && isset($this->styles[$edit->line]); $i++) {
            $styles[$edit->line + $i] = $this->styles[$edit->line];
        }

        return self::made($styles)->within(substr_count($is, "\n") + 1);
    }

    public function within(int $count): self
    {
        return self::made(array_filter($this->styles, static fn (int $at): bool => $at < $count, ARRAY_FILTER_USE_KEY));
    }

    /**
     * What is the same as in the whole text is not said again.
     *
     * @param  array<string, mixed>  $fields  of the text
     */
    public function besides(array $fields): self
    {
        return self::made(array_map(static fn (array $style): array => array_filter($style, static fn (mixed $value, string $name): bool => $value !== ($fields[$name] ?? null), ARRAY_FILTER_USE_BOTH), $this->styles));
    }

    /** @return list<array<string, mixed>> as it is stored */
    public function stored(): array
    {
        $stored = [];
        foreach ($this->styles as $at => $style) {
            $stored[] = ['at' => $at, ...$style];
        }

        return $stored;
    }

    /** @return list<array<string, mixed>> */
    public function jsonSerialize(): array
    {
        return $this->stored();
    }

    /** @param  mixed  $stored  as stored() gave it */
    public static function read(mixed $stored): self
    {
        if ($stored instanceof self) {
            return $stored;
        }
        $fields = TypeFields::ofParagraphs();
        $styles = [];
        foreach (is_array($stored) ? $stored : [] as $one) {
            if (is_array($one) && is_int($one['at'] ?? null) && $one['at'] >= 0) {
                foreach (array_intersect_key($fields, $one) as $name => $field) {
                    $styles[$one['at']][$name] = $field->read($one[$name]);
                }
            }
        }

        return self::made($styles);
    }

    public function scaled(float $factor): self
    {
        $fields = TypeFields::ofParagraphs();
        $styles = [];
        foreach ($this->styles as $at => $style) {
            foreach ($style as $name => $value) {
                $styles[$at][$name] = $fields[$name]->scaled($value, $factor);
            }
        }

        return self::made($styles);
    }
}
