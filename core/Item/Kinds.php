<?php

declare(strict_types=1);

namespace AllSquare\Core\Item;

use AllSquare\Core\Item\Field\Field;
use AllSquare\Core\Item\Traits\Combines;
use AllSquare\Core\Item\Traits\CutsOff;
use AllSquare\Core\Item\Traits\GoesWhenEmpty;
use AllSquare\Core\Item\Traits\HasCells;
use AllSquare\Core\Item\Traits\HasPoints;
use AllSquare\Core\Item\Traits\InSvg;
use AllSquare\Core\Item\Traits\LaysOut;
use AllSquare\Core\Item\Traits\MasksOthers;
use AllSquare\Core\Item\Traits\OnCircle;
use AllSquare\Core\Item\Traits\PaintsNothing;
use AllSquare\Core\Refusal;
use LogicException;

/** All kinds of items, by name: one folder beside this file each. */
final class Kinds
{
    /** @var array<string, Kind>|null */
    private static ?array $all = null;

    /** @var array<string, Field>|null */
    private static ?array $fields = null;

    /** @return array<string, Kind> */
    public static function all(): array
    {
        if (self::$all === null) {
            self::$all = [];
            foreach (scandir(__DIR__) ?: [] as $folder) {
                $class = __NAMESPACE__."\\$folder\\{$folder}Kind";
                if (is_file(__DIR__."/$folder/{$folder}Kind.php") && is_a($class, Kind::class, true)) {
                    $kind = new $class;
                    self::$all[$kind->name()] = $kind;
                }
            }
        }

        return self::$all;
    }

    /** @throws Refusal when there is no such kind */
    public static function named(string $name): Kind
    {
        return self::all()[$name]
            ?? throw Refusal::because(sprintf('There is no kind of item "%s".', mb_strimwidth($name, 0, 40, '…')), 'kind');
    }

    /** What items are put into when they are grouped. */
    public static function ofGroups(): Kind
    {
        foreach (self::all() as $kind) {
            if ($kind instanceof GoesWhenEmpty && $kind instanceof PaintsNothing) {
                return $kind;
            }
        }
        throw new LogicException('No kind holds items together.');
    }

    /** What shapes become when they are combined. */
    public static function ofCombined(): Kind
    {
        foreach (self::all() as $kind) {
            if ($kind instanceof Combines) {
                return $kind;
            }
        }
        throw new LogicException('No kind combines shapes.');
    }

    /** The one whose letters stand on circles. */
    public static function onCircles(): Kind
    {
        foreach (self::all() as $kind) {
            if ($kind instanceof OnCircle) {
                return $kind;
            }
        }
        throw new LogicException('No kind stands on circles.');
    }

    /** What things are put into that is to have a frame and a look of its own. */
    public static function ofTrays(): Kind
    {
        foreach (self::all() as $kind) {
            if ($kind instanceof CutsOff && $kind instanceof LaysOut) {
                return $kind;
            }
        }
        throw new LogicException('No kind has things lie in it and cuts them off.');
    }

    /** What things are put into of which one masks the others. */
    public static function ofMasks(): Kind
    {
        foreach (self::all() as $kind) {
            if ($kind instanceof MasksOthers) {
                return $kind;
            }
        }
        throw new LogicException('No kind masks what is in it.');
    }

    /** What is made of columns, rows and cells. */
    public static function ofTables(): Kind&HasCells
    {
        foreach (self::all() as $kind) {
            if ($kind instanceof HasCells) {
                return $kind;
            }
        }
        throw new LogicException('No kind has cells.');
    }

    /** What an element of SVG becomes. */
    public static function ofSvg(string $element): Kind
    {
        foreach (self::all() as $kind) {
            if ($kind instanceof InSvg && in_array($element, $kind->svgElements(), true)) {
                return $kind;
            }
        }
        throw new LogicException("No kind is a $element of SVG.");
    }

    /** What shapes are turned into to be edited point by point. */
    public static function ofPaths(): Kind
    {
        foreach (self::all() as $kind) {
            if ($kind instanceof HasPoints) {
                return $kind;
            }
        }
        throw new LogicException('No kind is nothing but its points.');
    }

    /** @return array<string, Kind> those that are drawn by hand, in the order of their tools */
    public static function drawn(): array
    {
        $drawn = array_filter(self::all(), static fn (Kind $kind): bool => $kind->tool() !== null);
        uasort($drawn, static fn (Kind $a, Kind $b): int => $a->tool()?->order <=> $b->tool()?->order);

        return $drawn;
    }

    /** @return array<string, Field> every field of any kind, by name; kinds that share a field mean the same by it */
    public static function fields(): array
    {
        if (self::$fields === null) {
            self::$fields = [];
            foreach (self::all() as $kind) {
                foreach ($kind->fields() as $name => $field) {
                    self::$fields[$name] ??= $field;
                }
            }
        }

        return self::$fields;
    }

    /** @return list<string> what a kind can be asked, as the API says it: holds-items */
    public static function traits(Kind $kind): array
    {
        $traits = [];
        foreach (class_implements($kind) as $interface) {
            if (str_starts_with($interface, __NAMESPACE__.'\\Traits\\')) {
                $traits[] = strtolower((string) preg_replace('/(?<!^)[A-Z]/', '-$0', substr($interface, strlen(__NAMESPACE__.'\\Traits\\'))));
            }
        }
        sort($traits);

        return $traits;
    }

    /** @return array<string, mixed> a kind as GET /api/kinds gives it */
    public static function toAnswer(Kind $kind): array
    {
        return [
            'name' => $kind->name(),
            'noun' => $kind->noun(1),
            'nouns' => $kind->noun(2),
            'icon' => $kind->icon(),
            'tool' => $kind->tool()?->toAnswer(),
            'traits' => self::traits($kind),
            'fields' => array_map(static fn (Field $field): array => $field->toAnswer(), array_values(iterator_to_array($kind->fields()))),
        ];
    }
}
