<?php

declare(strict_types=1);

namespace AllSquare\Core\Running;

use BackedEnum;
use LogicException;

/** The parameters of a command, which have been checked against its schema. */
final readonly class Params
{
    /** @param  array<string, mixed>  $values */
    public function __construct(private array $values)
    {
    }

    public function has(string $name): bool
    {
        return array_key_exists($name, $this->values);
    }

    /** @return array<string, mixed> */
    public function all(): array
    {
        return $this->values;
    }

    public function value(string $name): mixed
    {
        return $this->values[$name] ?? null;
    }

    public function word(string $name): ?string
    {
        $value = $this->value($name);

        return is_string($value) ? $value : null;
    }

    public function flag(string $name, bool $otherwise = false): bool
    {
        $value = $this->value($name);

        return is_bool($value) ? $value : $otherwise;
    }

    /** A length as it was given: px, or a sum that is yet to be read. */
    public function length(string $name): float|string|null
    {
        $value = $this->value($name);

        return is_int($value) ? (float) $value : (is_float($value) || is_string($value) ? $value : null);
    }

    public function count(string $name): ?int
    {
        $value = $this->value($name);

        return is_int($value) || (is_float($value) && floor($value) === $value) ? (int) $value : null;
    }

    public function number(string $name): ?float
    {
        $value = $this->value($name);

        return is_int($value) || is_float($value) ? (float) $value : null;
    }

    /** @return list<string> */
    public function words(string $name): array
    {
        $value = $this->value($name);

        return is_array($value) ? array_values(array_filter($value, is_string(...))) : [];
    }

    /**
     * @template T of BackedEnum
     *
     * @param  class-string<T>  $enum
     * @return T|null
     */
    public function choice(string $name, string $enum): ?BackedEnum
    {
        $word = $this->word($name);

        return $word === null ? null : $enum::tryFrom($word);
    }

    /**
     * @template T of BackedEnum
     *
     * @param  class-string<T>  $enum
     * @return T
     */
    public function chosen(string $name, string $enum): BackedEnum
    {
        return $this->choice($name, $enum) ?? throw new LogicException("$name is asked for by the schema.");
    }
}
