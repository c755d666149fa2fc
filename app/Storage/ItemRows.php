<?php

declare(strict_types=1);

namespace App\Storage;

use AllSquare\Core\Equality;
use AllSquare\Core\Geometry\Flip;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Kind;
use AllSquare\Core\Item\Kinds;
use AllSquare\Core\Item\Traits\HoldsItems;
use AllSquare\Core\Measure\Derived;
use PDO;
use PDOStatement;
use stdClass;

/** Between rows of the table of items, items of the core, and items of the API. */
final class ItemRows
{
    /** Everything a command or a patch works with: no painting, which is long. */
    public const BASE = ['id', 'parent_id', 'rank', 'kind', 'name', 'x', 'y', 'w', 'h', 'angle', 'origin_x', 'origin_y', 'locked', 'hidden', 'reference', 'flip', 'props'];

    public const BOXES = ['bounds', 'ink', 'painted'];

    /** what a painting was written from, with rows that have just been derived: it need not be read again for an answer */
    public const DRAWN = 'drawn';

    /** the fields themselves, likewise */
    public const FIELDS = 'fields';

    /** the derived columns that are not as they are stored, likewise */
    public const CHANGED = 'changed';

    public static function toCore(stdClass $row): Item
    {
        return new Item(
            $row->id,
            $row->parent_id,
            (int) $row->rank,
            Kinds::named($row->kind),
            $row->name,
            new Rect((float) $row->x, (float) $row->y, (float) $row->w, (float) $row->h),
            (float) $row->angle,
            (bool) $row->locked,
            (bool) $row->hidden,
            Kinds::named($row->kind)->fields()->read(json_decode($row->props, true, flags: JSON_THROW_ON_ERROR)),
            new Point((float) $row->origin_x, (float) $row->origin_y),
            (bool) $row->reference,
            Flip::from($row->flip),
        );
    }

    /**
     * @param  PDOStatement  $rows  of the base columns in their order
     * @return array<string, Item> by id
     */
    public static function toCoreAll(PDOStatement $rows): array
    {
        $kinds = Kinds::all();
        $noOrigin = new Point(0.0, 0.0);
        // Many items look alike, and what is written alike is read once.
        $holds = array_map(static fn (Kind $kind): bool => $kind instanceof HoldsItems, $kinds);
        $fields = $items = [];
        while ($row = $rows->fetch(PDO::FETCH_NUM)) {
            [$id, $parent, $rank, $kind, $name, $x, $y, $w, $h, $angle, $originX, $originY, $locked, $hidden, $reference, $flip, $json] = $row;
            $items[$id] = new Item(
                $id,
                $parent,
                (int) $rank,
                $kinds[$kind],
                $name,
                new Rect((float) $x, (float) $y, (float) $w, (float) $h),
                (float) $angle,
                (bool) $locked,
                (bool) $hidden,
                $fields[$kind][$json] ??= $kinds[$kind]->fields()->read(json_decode($json, true, flags: JSON_THROW_ON_ERROR)),
                $holds[$kind] ? new Point((float) $originX, (float) $originY) : $noOrigin,
                (bool) $reference,
                $flip === 'none' ? Flip::None : Flip::from($flip),
            );
        }

        return $items;
    }

    /** @return array<string, mixed> what an answer is made of, without the id and what is derived */
    public static function shown(Item $item): array
    {
        return [...self::places($item), self::FIELDS => $item->fields];
    }

    /** @return array<string, mixed> the base columns, without the id */
    public static function columns(Item $item): array
    {
        return [
            ...self::places($item),
            'props' => self::stored($item->fields),
        ];
    }

    /** @param  array<string, mixed>  $fields */
    public static function stored(array $fields): string
    {
        return json_encode($fields, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    /** @return array<string, mixed> the base columns but the fields of the kind */
    private static function places(Item $item): array
    {
        return [
            'parent_id' => $item->parent,
            'rank' => $item->rank,
            'kind' => $item->kind->name(),
            'name' => $item->name,
            'x' => $item->frame->x,
            'y' => $item->frame->y,
            'w' => $item->frame->w,
            'h' => $item->frame->h,
            'angle' => $item->angle,
            'origin_x' => $item->origin->x,
            'origin_y' => $item->origin->y,
            'locked' => (int) $item->locked,
            'hidden' => (int) $item->hidden,
            'reference' => (int) $item->reference,
            'flip' => $item->flip->value,
        ];
    }

    /**
     * The base columns that differ, before and after. Of the fields of the kind, those that differ stand under `fields`; where the kind
     * is another, all of both.
     *
     * @return array{array<string, mixed>, array<string, mixed>}
     */
    public static function difference(Item $was, Item $is): array
    {
        if ($was->isFramedElsewhere($is)) {
            return Patch::difference($was->frame->toArray(), $is->frame->toArray());
        }
        [$before, $after] = Patch::difference(self::places($was), self::places($is));
        if ($was->kind !== $is->kind) {
            return [[...$before, 'fields' => self::plain($was->fields)], [...$after, 'fields' => self::plain($is->fields)]];
        }
        $changed = $is->fields === $was->fields ? [] : array_filter($is->fields, static fn (mixed $value, string $name): bool => ! Equality::of($value, $was->fields[$name] ?? null), ARRAY_FILTER_USE_BOTH);

        return $changed === [] ? [$before, $after] : [
            [...$before, 'fields' => self::plain(array_intersect_key($was->fields, $changed))],
            [...$after, 'fields' => self::plain($changed)],
        ];
    }

    /**
     * @param  array<string, mixed>  $fields
     * @return array<string, mixed> as JSON has them
     */
    private static function plain(array $fields): array
    {
        return json_decode(self::stored($fields), true, flags: JSON_THROW_ON_ERROR);
    }

    /**
     * @param  string|null  $painting  as it is stored, where it was made anew
     * @return array<string, mixed> the derived columns; the painting only where there is one
     */
    public static function derivedColumns(Derived $derived, ?string $painting): array
    {
        $columns = ['paint_hash' => $derived->paintHash, 'paints' => (int) $derived->paints];
        foreach (self::BOXES as $name) {
            foreach ($derived->{$name}->toArray() as $side => $value) {
                $columns["{$name}_$side"] = $value;
            }
        }

        return $painting === null ? $columns : [...$columns, 'painting' => $painting];
    }

    /** @return array<string, mixed> the derived columns of a row, or those of them that changed; the painting only where the row has it */
    public static function derivedOf(stdClass $row): array
    {
        return $row->{self::CHANGED} ?? array_diff_key((array) $row, array_flip([...self::BASE, self::DRAWN, self::FIELDS, self::CHANGED]));
    }

    /** @return list<string> the columns that an answer is made of */
    public static function answerColumns(): array
    {
        $boxes = [];
        foreach (self::BOXES as $name) {
            foreach (['x', 'y', 'w', 'h'] as $side) {
                $boxes[] = "{$name}_$side";
            }
        }

        return [...self::BASE, ...$boxes, 'painting'];
    }

    /**
     * An item as the API gives it. The fields of its kind stand by themselves; what it paints is left out where that is its ink.
     *
     * @return array<string, mixed>
     */
    public static function toAnswer(stdClass $row): array
    {
        $answer = [
            'id' => $row->id,
            'kind' => $row->kind,
            'name' => $row->name,
            'parent' => $row->parent_id,
            'order' => (int) $row->rank,
            'frame' => ['x' => $row->x, 'y' => $row->y, 'w' => $row->w, 'h' => $row->h],
            'angle' => $row->angle,
            'bounds' => ['x' => $row->bounds_x, 'y' => $row->bounds_y, 'w' => $row->bounds_w, 'h' => $row->bounds_h],
            'ink' => ['x' => $row->ink_x, 'y' => $row->ink_y, 'w' => $row->ink_w, 'h' => $row->ink_h],
            'locked' => (bool) $row->locked,
            'hidden' => (bool) $row->hidden,
            'reference' => (bool) $row->reference,
            'flip' => $row->flip,
            'fields' => isset($row->{self::FIELDS}) ? (object) $row->{self::FIELDS} : json_decode($row->props, false, flags: JSON_THROW_ON_ERROR),
        ];
        if (Kinds::named($row->kind) instanceof HoldsItems) {
            $answer['origin'] = ['x' => $row->origin_x, 'y' => $row->origin_y];
        }
        $painted = ['x' => $row->painted_x, 'y' => $row->painted_y, 'w' => $row->painted_w, 'h' => $row->painted_h];
        if ($painted !== $answer['ink']) {
            $answer['painted'] = $painted;
        }
        if (isset($row->painting)) {
            $answer['painting'] = (object) ($row->{self::DRAWN} ?? json_decode($row->painting, true, flags: JSON_THROW_ON_ERROR));
        }

        return $answer;
    }
}
