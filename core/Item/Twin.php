<?php

declare(strict_types=1);

namespace AllSquare\Core\Item;

use JsonSerializable;

/** By what a thing is one with others on other sheets of its document: what changes of one changes of all (RULES 13). */
final readonly class Twin implements JsonSerializable
{
    /**
     * Where on a sheet it is measured from: what runs along the head from the top edge, what runs along the foot from the bottom edge. What lies
     * on a page that there is at several widths lies at each where it does.
     */
    public const ZONES = ['head', 'foot', 'page'];

    /**
     * @param  string  $key  what all of them have in common
     * @param  string  $zone  one of ZONES
     */
    public function __construct(public string $key, public string $zone)
    {
    }

    /** Whether it lies on every sheet, at its head or its foot. */
    public function runs(): bool
    {
        return $this->zone !== 'page';
    }

    public static function read(mixed $stored): ?self
    {
        return is_array($stored) && is_string($stored['key'] ?? null) && in_array($stored['zone'] ?? null, self::ZONES, true) ? new self($stored['key'], $stored['zone']) : null;
    }

    /** @return array{key: string, zone: string} */
    public function jsonSerialize(): array
    {
        return ['key' => $this->key, 'zone' => $this->zone];
    }
}
