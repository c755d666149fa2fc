<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Field;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Rail\Berth;

/** The numbers that an item has of its own in the rail that it lies in. Every kind has them; a command of its own sets them. */
final readonly class BerthField extends Field
{
    public function __construct()
    {
        parent::__construct('berth', 'the berth', '', '', FieldGroup::Geometry, null, isOwn: true, isSet: false);
    }

    public function type(): string
    {
        return 'hidden';
    }

    public function schema(): array
    {
        $length = ['type' => 'number', 'minimum' => -RailField::MOST, 'maximum' => RailField::MOST];

        return [
            'type' => ['object', 'null'],
            'description' => 'its own numbers in the rail that it lies in',
            'additionalProperties' => false,
            'properties' => [
                'before' => $length + ['description' => 'px added to the gap before it'],
                'aside' => $length + ['description' => 'px by which it is shifted across'],
                'share' => ['type' => 'number', 'minimum' => 0, 'maximum' => 1_000, 'description' => 'parts it takes of what is left'],
                'over' => ['type' => 'integer', 'minimum' => -1_000, 'maximum' => 1_000, 'description' => 'by how much it is lifted in the order of painting'],
            ],
        ];
    }

    public function read(mixed $stored): ?Berth
    {
        $read = $stored instanceof Berth ? $stored : Berth::read(is_array($stored) ? $stored : []);

        return $read->toArray() === [] ? null : $read;
    }

    public function stored(mixed $value): mixed
    {
        return $value instanceof Berth ? $value->toArray() : null;
    }

    public function scaled(mixed $value, float $factor): mixed
    {
        return $value instanceof Berth ? new Berth(Length::round($value->before * $factor), Length::round($value->aside * $factor), $value->share, $value->over) : $value;
    }

    public function said(mixed $value): string
    {
        return $value instanceof Berth ? 'of its own' : 'none';
    }
}
