<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Look;

/** Every sort of fill. */
final class Fills
{
    public static function read(mixed $stored): ?Fill
    {
        return match (true) {
            is_array($stored) && isset($stored['gradient']) => Gradient::read($stored),
            is_array($stored) && isset($stored['pattern']) => FillPattern::read($stored),
            default => Colour::read($stored),
        };
    }

    /** @return array<string, mixed> the JSON Schema of any of them, or of none */
    public static function schema(string $description): array
    {
        return ['description' => $description, 'anyOf' => [['type' => 'null'], Colour::schema(), ...Gradient::schemas(), FillPattern::schema()]];
    }
}
