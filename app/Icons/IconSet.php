<?php

declare(strict_types=1);

namespace App\Icons;

use AllSquare\Core\Path\Path;
use AllSquare\Core\Path\PathData;
use AllSquare\Core\Svg\Lengths;
use AllSquare\Core\Svg\Shapes;
use DOMAttr;
use DOMDocument;
use DOMElement;
use RuntimeException;

/**
 * The icons that come with the application (Lucide, ISC licence): drawn with lines within a square of 24 px, each as one path that takes
 * colour, weight and size. They are compiled from the package that holds them, with the words by which they are found.
 *
 * @phpstan-type Icon array{names: non-empty-list<string>, words: list<string>, path: string}
 */
final class IconSet
{
    /** px of the square that they are drawn in */
    public const SIDE = 24;

    private const VERSION = 2;

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
        $tags = self::json("$package/tags.json");
        $shapes = new Shapes(new Lengths(self::SIDE, self::SIDE));
        $icons = [];
        foreach (glob("$package/icons/*.svg") ?: [] as $file) {
            $name = basename($file, '.svg');
            $path = self::path($file, $shapes);
            $words = array_values(array_filter(is_array($tags[$name] ?? null) ? $tags[$name] : [], is_string(...)));
            // Some are there under several names; the one that has words comes first.
            $icons[$path]['names'] = $words === [] ? [...$icons[$path]['names'] ?? [], $name] : [$name, ...$icons[$path]['names'] ?? []];
            $icons[$path]['words'] = [...$icons[$path]['words'] ?? [], ...$words];
        }
        unset($icons['']);
        $icons = array_map(static fn (string $path, array $icon): array => [...$icon, 'path' => $path], array_keys($icons), $icons);
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
            $best = null;
            foreach ($icon['names'] as $name) {
                $far = self::far($name, $icon['words'], $wanted);
                $best = $far !== null && ($best === null || $far < $best[0]) ? [$far, $name] : $best;
            }
            if ($best !== null) {
                $found[] = [$best[0] * 10_000 + $i, ['name' => $best[1], 'path' => $icon['path']]];
            }
        }
        usort($found, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return ['icons' => array_map(static fn (array $one): array => $one[1], array_slice($found, 0, $most)), 'count' => count($found)];
    }

    /**
     * How far words are from an icon of that name; null where one of them does not stand for it.
     *
     * @param  list<string>  $words  what else it is called
     * @param  list<string>  $wanted
     */
    private static function far(string $name, array $words, array $wanted): ?int
    {
        if ($name === implode('-', $wanted)) {
            return 0;
        }
        $parts = explode('-', $name);
        $far = count($parts);
        foreach ($wanted as $word) {
            $one = match (true) {
                $parts[0] === $word => 1,
                in_array($word, $parts, true) => 2,
                str_starts_with($name, $word) => 3,
                in_array($word, $words, true) => 4,
                array_filter($parts, static fn (string $part): bool => str_starts_with($part, $word)) !== [] => 5,
                array_filter($words, static fn (string $tag): bool => preg_match('/(^|\s|-)'.preg_quote($word, '/').'/', $tag) === 1) !== [] => 6,
                default => null,
            };
            if ($one === null) {
                return null;
            }
            $far += $one * 10;
        }

        return $far;
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

    /** @return string path data of all that is drawn in it */
    private static function path(string $file, Shapes $shapes): string
    {
        $document = new DOMDocument;
        $document->loadXML((string) file_get_contents($file), LIBXML_NONET);
        $path = new Path([]);
        foreach ($document->documentElement->childNodes ?? [] as $element) {
            if ($element instanceof DOMElement) {
                $said = array_map(static fn (DOMAttr $one): string => $one->value, iterator_to_array($element->attributes));
                $is = $shapes->path((string) $element->localName, $said, 16.0);
                $path = $is === null ? $path : $path->plus($is);
            }
        }

        return PathData::write($path, self::DIGITS);
    }

    /** @return array<mixed> */
    private static function json(string $path): array
    {
        $read = is_file($path) ? json_decode((string) file_get_contents($path), true) : null;

        return is_array($read) ? $read : throw new RuntimeException("The icons are missing: $path cannot be read. Run: npm ci");
    }
}
