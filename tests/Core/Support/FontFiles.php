<?php

declare(strict_types=1);

namespace Tests\Core\Support;

use AllSquare\Core\Text\Reading\Sfnt;

/** Font files for tests: those that ship, and damaged ones made of them. */
final class FontFiles
{
    public static function woff(string $key): string
    {
        $family = (string) preg_replace('/-\d00(-italic)?$/', '', $key);

        return (string) file_get_contents(dirname(__DIR__, 3)."/resources/fonts/$family/$key.woff");
    }

    /**
     * The same font as TrueType.
     *
     * @param  array<string, string|null>  $changed  tables that are others; null takes one out
     */
    public static function trueType(string $key, array $changed = [], string $kind = "\0\1\0\0"): string
    {
        $tables = array_map(static fn ($table): string => $table->data, Sfnt::read(self::woff($key))->tables);
        $tables = array_filter([...$tables, ...$changed], is_string(...));
        ksort($tables);
        $at = 12 + 16 * count($tables);
        $directory = $body = '';
        foreach ($tables as $tag => $data) {
            $directory .= $tag.pack('NNN', 0, $at + strlen($body), strlen($data));
            $body .= str_pad($data, (int) (ceil(strlen($data) / 4) * 4), "\0");
        }

        return $kind.pack('nnnn', count($tables), 0, 0, 0).$directory.$body;
    }
}
