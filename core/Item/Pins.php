<?php

declare(strict_types=1);

namespace AllSquare\Core\Item;

use AllSquare\Core\Geometry\Axis;
use JsonSerializable;

/** How a thing follows when the tray that it lies in is sized: by its left and top edge, unless it is said otherwise. */
final readonly class Pins implements JsonSerializable
{
    public function __construct(public Pin $across = Pin::Start, public Pin $down = Pin::Start)
    {
    }

    public static function read(mixed $stored): self
    {
        $pin = static fn (string $name): Pin => is_array($stored) && is_string($stored[$name] ?? null) ? Pin::tryFrom($stored[$name]) ?? Pin::Start : Pin::Start;

        return new self($pin('across'), $pin('down'));
    }

    public function along(Axis $axis): Pin
    {
        return $axis === Axis::X ? $this->across : $this->down;
    }

    public function isPlain(): bool
    {
        return $this->across === Pin::Start && $this->down === Pin::Start;
    }

    /** @return array{across: string, down: string} */
    public function jsonSerialize(): array
    {
        return ['across' => $this->across->value, 'down' => $this->down->value];
    }
}
