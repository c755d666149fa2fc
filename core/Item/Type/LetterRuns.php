<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Type;

use AllSquare\Core\Equality;
use JsonSerializable;

/** The letters of a text that are set otherwise than it, in order; none over another, and none beside one that is set alike. */
final readonly class LetterRuns implements JsonSerializable
{
    /** @param  list<Run>  $runs */
    private function __construct(public array $runs)
    {
    }

    /** @param  list<Run>  $runs  in any order; of two over each other, what the later one says counts */
    public static function of(array $runs): self
    {
        $made = new self([]);
        foreach ($runs as $run) {
            $made = $made->with($run->from, $run->to, $run->styles);
        }

        return $made;
    }

    /**
     * With some letters set otherwise.
     *
     * @param  array<string, mixed>  $styles  by name
     */
    public function with(int $from, int $to, array $styles): self
    {
        $changed = [];
        foreach ($this->between($from, $to) as [$start, $end, $has]) {
            $changed[] = new Run($start, $end, $start >= $from && $end <= $to ? [...$has, ...$styles] : $has);
        }

        return self::joined($changed);
    }

    /** @param  list<string>  $names  of what all letters have as their text has it */
    public function without(array $names): self
    {
        return self::joined(array_map(static fn (Run $run): Run => new Run($run->from, $run->to, array_diff_key($run->styles, array_flip($names))), $this->runs));
    }

    /** For other words: what stayed at the beginning and at the end keeps its style, what is new has that of the letter before it. */
    public function following(string $was, string $is, ?int $caret = null): self
    {
        $edit = Edit::between($was, $is, $caret);
        $moved = [];
        foreach ($this->runs as $run) {
            $moved[] = new Run($edit->start($run->from), $edit->end($run->to), $run->styles);
        }

        return self::joined($moved)->within(mb_strlen($is));
    }

    public function within(int $length): self
    {
        return self::joined(array_map(static fn (Run $run): Run => new Run(min($run->from, $length), min($run->to, $length), $run->styles), $this->runs));
    }

    /**
     * What is the same as in the whole text is not said again.
     *
     * @param  array<string, mixed>  $fields  of the text
     */
    public function besides(array $fields): self
    {
        return self::joined(array_map(static fn (Run $run): Run => new Run($run->from, $run->to, array_filter($run->styles, static fn (mixed $value, string $name): bool => ! array_key_exists($name, $fields) ? $value !== 0.0 : ! Equality::of($value, $fields[$name]), ARRAY_FILTER_USE_BOTH)), $this->runs));
    }

    /** @return list<array<string, mixed>> as it is stored */
    public function stored(): array
    {
        $fields = TypeFields::ofRuns();

        return array_map(static fn (Run $run): array => ['from' => $run->from, 'to' => $run->to, ...self::each($run->styles, static fn (string $name, mixed $value): mixed => $fields[$name]->stored($value))], $this->runs);
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
        $fields = TypeFields::ofRuns();
        $runs = [];
        foreach (is_array($stored) ? $stored : [] as $one) {
            if (is_array($one) && is_int($one['from'] ?? null) && is_int($one['to'] ?? null)) {
                $styles = [];
                foreach (array_intersect_key($fields, $one) as $name => $field) {
                    $styles[$name] = $field->read($one[$name]);
                }
                $runs[] = new Run(max(0, $one['from']), $one['to'], $styles);
            }
        }

        return self::of($runs);
    }

    public function scaled(float $factor): self
    {
        $fields = TypeFields::ofRuns();

        return new self(array_map(static fn (Run $run): Run => new Run($run->from, $run->to, self::each($run->styles, static fn (string $name, mixed $value): mixed => $fields[$name]->scaled($value, $factor))), $this->runs));
    }

    /**
     * These and what is between and around them, cut at two places.
     *
     * @return list<array{int, int, array<string, mixed>}>
     */
    private function between(int $from, int $to): array
    {
        $cuts = [$from, $to];
        foreach ($this->runs as $run) {
            array_push($cuts, $run->from, $run->to);
        }
        $cuts = array_values(array_unique($cuts));
        sort($cuts);
        $parts = [];
        $k = 0;
        for ($i = 0, $n = count($cuts) - 1; $i < $n; $i++) {
            while (isset($this->runs[$k]) && $this->runs[$k]->to <= $cuts[$i]) {
                $k++;
            }
            $in = isset($this->runs[$k]) && $this->runs[$k]->from <= $cuts[$i];
            $parts[] = [$cuts[$i], $cuts[$i + 1], $in ? $this->runs[$k]->styles : []];
        }

        return $parts;
    }

    /**
     * @param  array<string, mixed>  $styles
     * @param  callable(string, mixed): mixed  $to
     * @return array<string, mixed>
     */
    private static function each(array $styles, callable $to): array
    {
        foreach ($styles as $name => $value) {
            $styles[$name] = $to($name, $value);
        }

        return $styles;
    }

    /** @param  list<Run>  $runs  in order, none over another */
    private static function joined(array $runs): self
    {
        $joined = [];
        foreach ($runs as $run) {
            if ($run->from >= $run->to || $run->styles === []) {
                continue;
            }
            $styles = $run->styles;
            ksort($styles);
            $last = array_key_last($joined);
            if ($last !== null && $joined[$last]->to === $run->from && $joined[$last]->styles == $styles) {
                $joined[$last] = new Run($joined[$last]->from, $run->to, $styles);
            } else {
                $joined[] = new Run($run->from, $run->to, $styles);
            }
        }

        return new self(array_values($joined));
    }
}
