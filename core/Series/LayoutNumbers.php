<?php

declare(strict_types=1);

namespace AllSquare\Core\Series;

use AllSquare\Core\Refusal;

/** The numbers of a layout by name, of the types they are kept in. */
final readonly class LayoutNumbers
{
    /** @param  array<string, mixed>  $values */
    public function __construct(private array $values)
    {
    }

    public function number(string $name, float $otherwise = 0.0): float
    {
        return $this->optional($name) ?? $otherwise;
    }

    public function optional(string $name): ?float
    {
        $value = $this->values[$name] ?? null;

        return is_numeric($value) ? (float) $value : null;
    }

    public function count(string $name, int $otherwise = 1): int
    {
        return (int) $this->number($name, (float) $otherwise);
    }

    public function word(string $name, string $otherwise): string
    {
        $value = $this->values[$name] ?? null;

        return is_string($value) ? $value : $otherwise;
    }

    /** @return list<float> */
    public function numbers(string $name): array
    {
        $value = $this->values[$name] ?? null;

        return is_array($value) ? array_values(array_map(static fn (mixed $v): float => is_numeric($v) ? (float) $v : 0.0, $value)) : [];
    }

    /**
     * @param  array<string, mixed>  $changes
     * @param  list<string>  $known
     *
     * @throws Refusal for a change that is not among the known ones
     */
    public static function refuseOthers(array $changes, array $known, string $what): void
    {
        $foreign = array_key_first(array_diff_key($changes, array_flip($known)));
        if ($foreign !== null) {
            throw Refusal::because("$what has no ".str_replace('_', ' ', $foreign).'.', $foreign);
        }
    }
}
