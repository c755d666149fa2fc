<?php

declare(strict_types=1);

namespace AllSquare\Core\Rail;

use JsonSerializable;

/** The numbers that something has of its own in the rail that it lies in. */
final readonly class Berth implements JsonSerializable
{
    /**
     * @param  float  $before  px added to the gap before it
     * @param  float  $aside  px by which it is shifted across, without anything making way
     * @param  float  $share  parts of what is left along the rail; 0 to stay as large as it is
     * @param  int  $over  by how much it is lifted in the order of painting, and in nothing else
     */
    public function __construct(public float $before = 0.0, public float $aside = 0.0, public float $share = 0.0, public int $over = 0)
    {
    }

    /** @param  array<mixed>  $stored  what is missing is 0 */
    public static function read(array $stored): self
    {
        $number = static fn (string $name): float => is_numeric($stored[$name] ?? null) ? (float) $stored[$name] : 0.0;

        return new self($number('before'), $number('aside'), max(0.0, $number('share')), (int) $number('over'));
    }

    /** @return array<string, float|int> as it is stored and sent: what is not 0 */
    public function toArray(): array
    {
        return array_filter(['before' => $this->before, 'aside' => $this->aside, 'share' => $this->share, 'over' => $this->over], static fn (float|int $value): bool => (float) $value !== 0.0);
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return $this->toArray();
    }
}
