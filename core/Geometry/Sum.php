<?php

declare(strict_types=1);

namespace AllSquare\Core\Geometry;

use AllSquare\Core\Refusal;

/**
 * Reads what is typed into a length field: numbers, units, + - * / ( ), per cent, and the item's own x y w h.
 *
 *     sum    = term (("+" | "-") term)*
 *     term   = factor (("*" | "/") factor)*
 *     factor = ("+" | "-") factor | "(" sum ")" | x | y | w | h | number "/" number unit | number unit?
 *
 * A value is a length or a plain number; a plain number that meets a length, or stands as the result, is a
 * length in the field's unit. Length times length and number over length mean nothing and are refused.
 */
final class Sum
{
    private int $at = 0;

    private function __construct(private readonly string $text, private readonly SumContext $context)
    {
    }

    /**
     * @return float pixels, not rounded, within +-1,000,000
     *
     * @throws UnreadableSum with the place of the first wrong character
     * @throws Refusal when the result is no usable length
     */
    public static function pixels(string $text, SumContext $context = new SumContext): float
    {
        $reader = new self($text, $context);
        [$value, $isLength] = $reader->sum();
        $reader->space();
        if ($reader->at < strlen($text)) {
            throw $reader->wrong($reader->peek() === ',' ? 'decimals take a point, as in 2.5' : 'this is not expected here');
        }
        $pixels = $isLength ? $value : $reader->asLength($value);
        if (! is_finite($pixels) || abs($pixels) > Length::LIMIT) {
            throw Refusal::because('"'.mb_strimwidth($text, 0, 60, '…').'" lies beyond 1,000,000 px.');
        }

        return $pixels;
    }

    /** @return array{float, bool} the value, and whether it is a length */
    private function sum(): array
    {
        [$value, $isLength] = $this->term();
        while (($sign = $this->take('+', '-')) !== null) {
            [$other, $otherIsLength] = $this->term();
            if ($isLength !== $otherIsLength) {
                $value = $isLength ? $value : $this->asLength($value);
                $other = $otherIsLength ? $other : $this->asLength($other);
                $isLength = true;
            }
            $value = $sign === '+' ? $value + $other : $value - $other;
        }

        return [$value, $isLength];
    }

    /** @return array{float, bool} */
    private function term(): array
    {
        [$value, $isLength] = $this->factor();
        while (($sign = $this->take('*', '/')) !== null) {
            $place = $this->at - 1;
            [$other, $otherIsLength] = $this->factor();
            if ($sign === '*') {
                if ($isLength && $otherIsLength) {
                    throw $this->wrong('a length times a length is not a length', $place);
                }
                $value *= $other;
                $isLength = $isLength || $otherIsLength;
            } else {
                if (! $isLength && $otherIsLength) {
                    throw $this->wrong('a number over a length is not a length', $place);
                }
                if ($other === 0.0) {
                    throw $this->wrong('nothing can be divided by 0', $place);
                }
                $value /= $other;
                $isLength = $isLength && ! $otherIsLength;
            }
        }

        return [$value, $isLength];
    }

    /** @return array{float, bool} */
    private function factor(): array
    {
        if (($sign = $this->take('+', '-')) !== null) {
            [$value, $isLength] = $this->factor();

            return [$sign === '-' ? -$value : $value, $isLength];
        }
        if ($this->take('(') !== null) {
            $value = $this->sum();
            if ($this->take(')') === null) {
                throw $this->wrong($this->at < strlen($this->text) ? 'a ) is expected here' : 'a ) is missing');
            }

            return $value;
        }
        $found = $this->match('/\G[xywh](?![a-z])/i');
        if ($found !== null) {
            $name = strtolower($found[0]);
            if (! isset($this->context->own[$name])) {
                throw $this->wrong("there is no $name to refer to here", $this->at - 1);
            }

            return [$this->context->own[$name], true];
        }

        return $this->quantity();
    }

    /** @return array{float, bool} */
    private function quantity(): array
    {
        $number = $this->number();
        $unit = $this->unit();
        if ($unit !== null) {
            return [$number * $unit, true];
        }
        $before = $this->at;
        $found = $this->take('/') === null ? null : $this->match('/\G(\d+\.?\d*|\.\d+)/');
        if ($found !== null) {
            $unit = $this->unit();
            if ($unit !== null && (float) $found[1] !== 0.0) {
                return [$number / (float) $found[1] * $unit, true];
            }
        }
        $this->at = $before;

        return [$number, false];
    }

    private function number(): float
    {
        $found = $this->match('/\G(\d+\.?\d*|\.\d+)/');
        if ($found === null) {
            throw $this->wrong($this->at >= strlen($this->text) ? 'a number is missing' : 'a number is expected here');
        }

        return (float) $found[1];
    }

    private function unit(): ?float
    {
        $before = $this->at;
        if ($this->match('/\G%/') !== null) {
            if ($this->context->whole === null) {
                throw $this->wrong('there is nothing to take a share of here', $this->at - 1);
            }

            return $this->context->whole / 100;
        }
        $found = $this->match('/\G[a-z]+/i');
        if ($found === null) {
            return null;
        }
        $unit = Unit::tryFrom(strtolower($found[0]));
        if ($unit === null) {
            $this->at = $before;
            $this->space();
            throw $this->wrong('the units are px, pt, pc, mm, cm, in and %');
        }

        return $unit->pixels($this->context->ppi);
    }

    private function asLength(float $number): float
    {
        return $number * $this->context->unit->pixels($this->context->ppi);
    }

    private function take(string ...$signs): ?string
    {
        $this->space();
        $next = $this->peek();
        if ($next === '' || ! in_array($next, $signs, true)) {
            return null;
        }
        $this->at++;

        return $next;
    }

    /**
     * What the pattern matches here, after blanks.
     *
     * @return array{string, string}|null the whole, and the first part of it or ''
     */
    private function match(string $pattern): ?array
    {
        $this->space();
        if (preg_match($pattern, $this->text, $found, 0, $this->at) !== 1) {
            return null;
        }
        $this->at += strlen($found[0]);

        return [$found[0], $found[1] ?? ''];
    }

    private function space(): void
    {
        $this->at += strspn($this->text, " \t\u{a0}", $this->at);
    }

    private function peek(): string
    {
        return $this->text[$this->at] ?? '';
    }

    private function wrong(string $why, ?int $at = null): UnreadableSum
    {
        $at ??= $this->at;
        if (($this->text[$at] ?? '') === ',') {
            $why = 'decimals take a point, as in 2.5';
        }

        return UnreadableSum::at($this->text, $at, $why);
    }
}
