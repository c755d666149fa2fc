<?php

declare(strict_types=1);

namespace App\Icons;

use AllSquare\Core\Path\Path;
use AllSquare\Core\Path\PathData;
use AllSquare\Core\Svg\Lengths;
use AllSquare\Core\Svg\Shapes;
use RuntimeException;

/**
 * The icons that come with the application (Lucide, ISC licence): drawn with lines within a square of 24 px, each as one path that takes
 * colour, weight and size. They are compiled from the package that holds them, with the words by which they are found.
 *
 * @phpstan-type Icon array{name: string, words: list<string>, path: string}
 */
final class IconSet
{
    /** px of the square that they are drawn in */
    public const SIDE = 24;

    private const VERSION = 1;

    private const DIGITS = 4;

    /** @var list<Icon>|null */
    private ?array $icons = null;

    /** @param  string  $folder  that they are compiled into */
    public function __construct(private readonly string $folder)
    {
    }

    /**
     * @param  string  $package  folder of the package
     * @return int how many
     */
    public function compile(string $package): int
    {
        $nodes = self::json("$package/icon-nodes.json");
        $tags = self::json("$package/tags.json");
        $shapes = new Shapes(new Lengths(self::SIDE, self::SIDE));
        $icons = [];
        foreach ($nodes as $name => $elements) {
            $path = new Path([]);
            foreach (is_array($elements) ? $elements : [] as $element) {
                $is = is_array($element) && is_string($element[0] ?? null) && is_array($element[1] ?? null) ? $shapes->path($element[0], array_map(strval(...), array_filter($element[1], is_scalar(...))), 16.0) : null;
                $path = $is === null ? $path : $path->plus($is);
            }
            $words = array_values(array_filter(is_array($tags[$name] ?? null) ? $tags[$name] : [], is_string(...)));
            if ($path->subpaths !== []) {
                $icons[] = ['name' => (string) $name, 'words' => $words, 'path' => PathData::write($path, self::DIGITS)];
            }
        }
        is_dir($this->folder) || mkdir($this->folder, 0o775, true);
        file_put_contents("$this->folder/icons.php", '<?php return '.var_export(['version' => self::VERSION, 'icons' => $icons], true).';');
        $this->icons = $icons;

        return count($icons);
    }

    /**
     * Those that a word stands for: by their names first, then by what else they are called.
     *
     * @return array{icons: list<array{name: string, path: string}>, count: int} as many as are asked for, and how many there are in all
     */
    public function search(string $words, int $most): array
    {
        $wanted = preg_split('/[\s-]+/', mb_strtolower(trim($words)), -1, PREG_SPLIT_NO_EMPTY) ?: [];
        $found = [];
        foreach ($this->all() as $i => $icon) {
            $far = 0;
            foreach ($wanted as $word) {
                $one = self::far($icon, $word);
                if ($one === null) {
                    continue 2;
                }
                $far += $one;
            }
            $found[] = [$icon['name'] === implode('-', $wanted) ? 0 : $far * 100_000 + substr_count($icon['name'], '-') * 10_000 + $i, $icon];
        }
        usort($found, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return ['icons' => array_map(static fn (array $one): array => ['name' => $one[1]['name'], 'path' => $one[1]['path']], array_slice($found, 0, $most)), 'count' => count($found)];
    }

    /**
     * How far a word is from an icon; null where it does not stand for it.
     *
     * @param  Icon  $icon
     */
    private static function far(array $icon, string $word): ?int
    {
        $parts = explode('-', $icon['name']);

        return match (true) {
            $parts[0] === $word => 1,
            in_array($word, $parts, true) => 2,
            str_starts_with($icon['name'], $word) => 3,
            in_array($word, $icon['words'], true) => 4,
            array_filter($parts, static fn (string $part): bool => str_starts_with($part, $word)) !== [] => 5,
            array_filter($icon['words'], static fn (string $tag): bool => preg_match('/(^|\s|-)'.preg_quote($word, '/').'/', $tag) === 1) !== [] => 6,
            default => null,
        };
    }

    /** @return list<Icon> */
    private function all(): array
    {
        if ($this->icons === null) {
            $compiled = is_file("$this->folder/icons.php") ? require "$this->folder/icons.php" : null;
            if (! is_array($compiled) || ($compiled['version'] ?? null) !== self::VERSION) {
                throw new RuntimeException('The icons have not been compiled. Run: php artisan allsquare:compile');
            }
            /** @var list<Icon> $icons */
            $icons = $compiled['icons'];
            $this->icons = $icons;
        }

        return $this->icons;
    }

    /** @return array<mixed> */
    private static function json(string $path): array
    {
        $read = is_file($path) ? json_decode((string) file_get_contents($path), true) : null;

        return is_array($read) ? $read : throw new RuntimeException("The icons are missing: $path cannot be read. Run: npm ci");
    }
}
