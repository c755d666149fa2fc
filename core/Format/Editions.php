<?php

declare(strict_types=1);

namespace AllSquare\Core\Format;

use AllSquare\Core\Item\ItemData;
use AllSquare\Core\Refusal;

/** The editions of the document file: older ones are brought up to date when they are opened, one step after the other. */
final class Editions
{
    public const CURRENT = 3;

    /**
     * @param  array<mixed>  $file  as it was read
     * @return array<mixed> the same document in the current edition
     *
     * @throws Refusal when it is no document, or one of a later edition
     */
    public static function current(array $file): array
    {
        if (($file['format'] ?? null) !== DocumentFile::FORMAT) {
            throw Refusal::because('This file is not a document of All Square.', 'format');
        }
        $version = $file['version'] ?? null;
        if (! is_int($version) || $version < 1) {
            throw Refusal::because('This file does not say which version it is.', 'version');
        }
        if ($version > self::CURRENT) {
            throw Refusal::because(sprintf('This file was written by a later version (%d; up to %d is read here). Bring All Square up to date to open it.', $version, self::CURRENT), 'version');
        }
        if ($version < 2) {
            $file = self::second($file);
        }

        if ($version < 3) {
            $file = self::third($file);
        }

        return $file;
    }

    /**
     * In the second edition the fields of its kind stood among the others of an item.
     *
     * @param  array<mixed>  $file
     * @return array<mixed>
     */
    private static function third(array $file): array
    {
        $sheets = [];
        foreach (is_array($file['sheets'] ?? null) ? $file['sheets'] : [] as $sheet) {
            if (is_array($sheet) && is_array($sheet['items'] ?? null)) {
                $sheet['items'] = self::gathered($sheet['items'], 0);
            }
            $sheets[] = $sheet;
        }

        return [...$file, 'version' => 3, 'sheets' => $sheets];
    }

    /**
     * @param  array<mixed>  $items
     * @return list<mixed>
     */
    private static function gathered(array $items, int $depth): array
    {
        return array_values(array_map(static function (mixed $item) use ($depth): mixed {
            if (! is_array($item)) {
                return $item;
            }
            $item = array_filter(ItemData::gathered(array_filter($item, is_string(...), ARRAY_FILTER_USE_KEY)), static fn (mixed $value, string $name): bool => $name !== 'fields' || $value !== [], ARRAY_FILTER_USE_BOTH);
            if (is_array($item['items'] ?? null) && $depth <= 100) {
                $item['items'] = self::gathered($item['items'], $depth + 1);
            }

            return $item;
        }, $items));
    }

    /**
     * In the first edition slices had a name and a box alone, there were no presets, and items lay in one list, each with
     * the id of its parent.
     *
     * @param  array<mixed>  $file
     * @return array<mixed>
     */
    private static function second(array $file): array
    {
        $sheets = [];
        foreach (is_array($file['sheets'] ?? null) ? $file['sheets'] : [] as $sheet) {
            if (is_array($sheet) && is_array($sheet['items'] ?? null)) {
                $sheet['items'] = self::nested($sheet['items']);
            }
            $sheets[] = $sheet;
        }

        return [...$file, 'version' => 2, 'sheets' => $sheets, 'presets' => []];
    }

    /**
     * @param  array<mixed>  $items
     * @return list<array<mixed>>
     */
    private static function nested(array $items): array
    {
        $byParent = [];
        foreach ($items as $item) {
            if (is_array($item)) {
                $parent = is_string($item['parent'] ?? null) ? $item['parent'] : '';
                unset($item['parent']);
                $byParent[$parent][] = $item;
            }
        }
        $put = static function (string $parent, int $depth) use (&$put, $byParent): array {
            return $depth > 100 ? [] : array_map(static function (array $item) use ($put, $byParent, $depth): array {
                $id = is_string($item['id'] ?? null) ? $item['id'] : '';

                return $id !== '' && isset($byParent[$id]) ? [...$item, 'items' => $put($id, $depth + 1)] : $item;
            }, $byParent[$parent] ?? []);
        };

        return $put('', 0);
    }
}
