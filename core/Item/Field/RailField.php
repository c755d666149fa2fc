<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Field;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Rail\Across;
use AllSquare\Core\Rail\Along;
use AllSquare\Core\Rail\RailRules;
use AllSquare\Core\Rail\Sizing;

/** How what lies in an item is laid out, or nothing where each thing lies where it was put. A command of its own sets it. */
final readonly class RailField extends Field
{
    public const MOST = 100_000;

    public function __construct()
    {
        parent::__construct('rail', 'the rail', '', '', FieldGroup::Geometry, null, isSet: false);
    }

    public function type(): string
    {
        return 'hidden';
    }

    public function schema(): array
    {
        $length = ['type' => 'number', 'minimum' => 0, 'maximum' => self::MOST];
        $of = static fn (array $cases): array => ['enum' => array_column($cases, 'value')];

        return [
            'type' => ['object', 'null'],
            'description' => 'how it lays out what lies in it; null where it does not',
            'additionalProperties' => false,
            'properties' => [
                'direction' => ['enum' => ['row', 'column']],
                'gap' => ['type' => 'number', 'minimum' => -self::MOST, 'maximum' => self::MOST, 'description' => 'px between things, and between lines'],
                'padding' => ['type' => 'object', 'additionalProperties' => false, 'properties' => ['left' => $length, 'top' => $length, 'right' => $length, 'bottom' => $length]],
                'across' => $of(Across::cases()),
                'along' => $of(Along::cases()),
                'wrap' => ['type' => 'boolean'],
                'width' => $of(Sizing::cases()),
                'height' => $of(Sizing::cases()),
            ],
        ];
    }

    public function read(mixed $stored): ?RailRules
    {
        return $stored instanceof RailRules ? $stored : (is_array($stored) ? RailRules::read($stored) : null);
    }

    public function stored(mixed $value): mixed
    {
        return $value instanceof RailRules ? $value->toArray() : null;
    }

    public function scaled(mixed $value, float $factor): mixed
    {
        if (! $value instanceof RailRules) {
            return $value;
        }
        $scaled = static fn (float $length): float => max(-(float) self::MOST, min((float) self::MOST, Length::round($length * $factor)));

        return RailRules::read(['gap' => $scaled($value->gap), 'padding' => array_map($scaled, $value->padding->toArray())] + $value->toArray());
    }

    public function said(mixed $value): string
    {
        return $value instanceof RailRules ? 'a rail' : 'none';
    }
}
