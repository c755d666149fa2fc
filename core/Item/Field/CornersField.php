<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Field;

use AllSquare\Core\Geometry\Length;

/** A radius for each corner, clockwise from the top left, in px; or none, where one radius is that of all. */
final readonly class CornersField extends Field
{
    private const MOST = 10_000.0;

    /** @param  string  $insteadOf  the field of the one radius of all, which says nothing while this is set */
    public function __construct(string $name, private string $insteadOf)
    {
        parent::__construct($name, 'the radii of the corners', 'Corners', 'each its own', FieldGroup::Look, null);
    }

    public function type(): string
    {
        return 'corners';
    }

    public function schema(): array
    {
        return [
            'type' => ['array', 'null'],
            'minItems' => 4,
            'maxItems' => 4,
            'items' => ['type' => 'number', 'minimum' => 0, 'maximum' => (int) self::MOST],
            'description' => 'of each corner, clockwise from the top left, px; null where radius is that of all',
        ];
    }

    /** @return array{float, float, float, float}|null */
    public function read(mixed $stored): ?array
    {
        return self::of($stored);
    }

    /** @return array{float, float, float, float}|null */
    public static function of(mixed $stored): ?array
    {
        if (! is_array($stored) || count($stored) !== 4 || array_filter($stored, is_numeric(...)) !== $stored) {
            return null;
        }
        [$topLeft, $topRight, $bottomRight, $bottomLeft] = array_map(floatval(...), array_values($stored));

        return [$topLeft, $topRight, $bottomRight, $bottomLeft];
    }

    public function scaled(mixed $value, float $factor): mixed
    {
        return array_map(static fn (float $radius): float => min(self::MOST, Length::round($radius * $factor)), self::of($value) ?? []) ?: null;
    }

    public function said(mixed $value): string
    {
        return implode(' ', array_map(Length::text(...), self::of($value) ?? [])) ?: 'none';
    }

    public function toAnswer(): array
    {
        return parent::toAnswer() + ['least' => 0.0, 'most' => self::MOST, 'none' => true, 'instead_of' => $this->insteadOf];
    }
}
