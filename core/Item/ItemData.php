<?php

declare(strict_types=1);

namespace AllSquare\Core\Item;

use AllSquare\Core\Geometry\Angle;
use AllSquare\Core\Geometry\Flip;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Traits\Flat;
use AllSquare\Core\Item\Traits\HoldsItems;
use AllSquare\Core\Refusal;
use AllSquare\Core\Text\FontLibrary;

/** Items as data, on the clipboard and in files: `kind`, `name`, `frame`, `angle`, the `origin` of a space in which items lie, and the `fields` of the kind. */
final class ItemData
{
    /**
     * @param  array<string, mixed>  $data  its shape has been checked against a schema
     *
     * @throws Refusal when it is not what its kind can be
     */
    public static function read(array $data, string $id, ?string $parent, int $rank, FontLibrary $fonts): Item
    {
        $kind = Kinds::named(is_string($data['kind'] ?? null) ? $data['kind'] : '');
        $data = self::gathered($data);
        $fields = array_intersect_key(is_array($data['fields']) ? $data['fields'] : [], $kind->fields()->defaults);
        $frame = self::lengths($data['frame'] ?? null);
        $origin = self::lengths($data['origin'] ?? null);

        return new Item(
            $id, $parent, $rank, $kind,
            Naming::checked(is_string($data['name'] ?? null) ? $data['name'] : ''),
            (new Rect($frame['x'], $frame['y'], $frame['w'], $kind instanceof Flat ? 0.0 : $frame['h']))->rounded(),
            Angle::keep(is_numeric($data['angle'] ?? null) ? (float) $data['angle'] : 0.0),
            false,
            ($data['hidden'] ?? null) === true,
            [...$kind->fields()->defaults, ...$kind->fields()->taken($fields, $fonts)],
            $kind instanceof HoldsItems ? new Point($origin['x'], $origin['y']) : new Point(0.0, 0.0),
            flip: Flip::tryFrom(is_string($data['flip'] ?? null) ? $data['flip'] : '') ?? Flip::None,
        );
    }

    /** @return array<string, mixed> without ids; what is as it is at first is left out but for the fields of its kind */
    public static function write(Item $item): array
    {
        return [
            'kind' => $item->kind->name(),
            'name' => $item->name,
            'frame' => $item->frame->toArray(),
            ...($item->angle === 0.0 ? [] : ['angle' => $item->angle]),
            ...($item->holdsItems() ? ['origin' => ['x' => $item->origin->x, 'y' => $item->origin->y]] : []),
            ...($item->locked ? ['locked' => true] : []),
            ...($item->hidden ? ['hidden' => true] : []),
            ...($item->reference ? ['reference' => true] : []),
            ...($item->flip === Flip::None ? [] : ['flip' => $item->flip->value]),
            'fields' => $item->kind->fields()->stored($item->fields),
        ];
    }

    /**
     * The data of an item with the fields of its kind in an object of their own, as they once did not stand.
     *
     * @param  array<string, mixed>  $data
     * @return array<string, mixed>
     */
    public static function gathered(array $data): array
    {
        if (array_key_exists('fields', $data)) {
            return $data;
        }
        $fields = Kinds::fields();

        return [...array_diff_key($data, $fields), 'fields' => array_intersect_key($data, $fields)];
    }

    /** @return array{x: float, y: float, w: float, h: float} */
    private static function lengths(mixed $given): array
    {
        $read = static function (string $name) use ($given): float {
            $value = is_array($given) && is_numeric($given[$name] ?? null) ? (float) $given[$name] : 0.0;

            return abs($value) <= Length::LIMIT ? $value : throw Refusal::because('That lies beyond 1,000,000 px.', 'file');
        };

        return ['x' => $read('x'), 'y' => $read('y'), 'w' => max(0.0, $read('w')), 'h' => max(0.0, $read('h'))];
    }
}
