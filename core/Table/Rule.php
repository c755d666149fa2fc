<?php

declare(strict_types=1);

namespace AllSquare\Core\Table;

/** A line that is drawn in a table. */
final readonly class Rule
{
    public const MOST = 100.0;

    /**
     * @param  float  $weight  px, more than 0
     * @param  mixed  $colour  as it is stored
     * @param  list<float>  $dash  px of dashes and gaps in turn; none for an unbroken line
     */
    public function __construct(public float $weight, public mixed $colour, public array $dash = [])
    {
    }

    public static function read(mixed $stored): ?self
    {
        if (! is_array($stored) || ! is_numeric($stored['weight'] ?? null) || $stored['weight'] <= 0 || ! isset($stored['colour'])) {
            return null;
        }
        $dash = is_array($stored['dash'] ?? null) ? array_map(floatval(...), array_values(array_filter($stored['dash'], is_numeric(...)))) : [];

        return new self(min(self::MOST, (float) $stored['weight']), $stored['colour'], $dash);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['weight' => $this->weight, 'colour' => $this->colour] + ($this->dash === [] ? [] : ['dash' => $this->dash]);
    }
}
