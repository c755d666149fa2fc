<?php

declare(strict_types=1);

namespace App\Demo;

/** A sheet of 24 icons for the ferries, each on a field of 48 x 48, six in a row, cut into slices that follow them. */
final readonly class IconSheet
{
    private const INK = '#24485a';

    private const SUN = '#e9b949';

    /**
     * What each is drawn of, in its field: b is a box (x, y, w, h, radius), r a round (x, y, w, h), l a line (from x, y to
     * x, y). A colour behind it fills; without one, it is drawn by its outline.
     */
    private const ICONS = [
        'ferry' => ['b 8 28 32 8 3 ink', 'b 14 18 20 8 2', 'b 22 8 6 8 1 sun', 'l 4 42 44 42'],
        'anchor' => ['r 20 4 8 8', 'l 24 12 24 42', 'l 14 20 34 20', 'l 10 32 24 42', 'l 38 32 24 42'],
        'ticket' => ['b 6 14 36 20 3', 'l 30 14 30 34', 'l 12 21 24 21', 'l 12 27 20 27'],
        'gate' => ['b 8 8 6 34 1 ink', 'b 34 8 6 34 1 ink', 'l 14 18 34 18', 'l 14 28 34 28'],
        'clock' => ['r 6 6 36 36', 'l 24 14 24 24', 'l 24 24 32 29', 'r 22 22 4 4 sun'],
        'map' => ['b 6 8 36 32 2', 'l 18 8 18 40', 'l 30 8 30 40', 'r 20 16 8 8 sun'],
        'bicycle' => ['r 4 22 16 16', 'r 28 22 16 16', 'l 12 30 22 18', 'l 22 18 36 30', 'l 18 16 26 16'],
        'dog' => ['b 12 22 22 10 5 ink', 'r 30 12 12 12', 'l 15 32 15 42', 'l 31 32 31 42', 'l 12 24 6 16'],
        'car' => ['b 6 22 36 12 4 ink', 'b 14 12 20 12 4', 'r 10 30 10 10 sun', 'r 28 30 10 10 sun'],
        'luggage' => ['b 10 16 28 24 3', 'b 18 8 12 8 2', 'l 18 16 18 40', 'l 30 16 30 40'],
        'seat' => ['b 10 6 8 24 3 ink', 'b 10 28 26 8 3 ink', 'l 16 36 16 44', 'l 32 36 32 44'],
        'lifebuoy' => ['r 6 6 36 36', 'r 16 16 16 16 sun', 'l 11 11 18 18', 'l 37 11 30 18', 'l 11 37 18 30', 'l 37 37 30 30'],
        'lighthouse' => ['b 19 16 10 26 1 ink', 'b 17 8 14 7 2 sun', 'l 4 10 14 12', 'l 44 10 34 12', 'l 10 43 38 43'],
        'wave' => ['l 4 16 14 10', 'l 14 10 24 16', 'l 24 16 34 10', 'l 34 10 44 16', 'l 4 30 14 24', 'l 14 24 24 30', 'l 24 30 34 24', 'l 34 24 44 30'],
        'sun' => ['r 15 15 18 18 sun', 'l 24 4 24 10', 'l 24 38 24 44', 'l 4 24 10 24', 'l 38 24 44 24', 'l 10 10 14 14', 'l 34 34 38 38', 'l 38 10 34 14', 'l 14 34 10 38'],
        'wind' => ['l 6 16 36 16', 'l 12 24 44 24', 'l 6 32 30 32', 'r 34 9 8 8 sun'],
        'cup' => ['b 10 18 22 20 4', 'r 30 21 10 10', 'l 16 6 16 13', 'l 24 6 24 13'],
        'stairs' => ['b 6 34 12 8 1 ink', 'b 18 26 12 16 1 ink', 'b 30 18 12 24 1 ink', 'l 8 26 32 8'],
        'lift' => ['b 10 6 28 36 2', 'l 24 6 24 42', 'l 15 24 19 18', 'l 29 18 33 24'],
        'flag' => ['l 12 4 12 44', 'b 12 6 26 16 1 sun'],
        'bell' => ['b 14 12 20 22 9 ink', 'l 8 35 40 35', 'r 20 36 8 8 sun', 'l 24 6 24 12'],
        'phone' => ['b 14 4 20 40 4', 'l 14 34 34 34', 'r 22 36 4 4 ink'],
        'card' => ['b 4 12 40 26 4', 'b 4 18 40 6 0 ink', 'l 10 31 20 31'],
        'tick' => ['r 4 4 40 40 sun', 'l 14 24 21 32', 'l 21 32 34 16'],
    ];

    public function __construct(private SheetScript $script)
    {
    }

    public function draw(): void
    {
        $script = $this->script;
        $script->run('set-sheet', [], ['margins' => ['left' => 40, 'top' => 40, 'right' => 40, 'bottom' => 40], 'unit_of_spacing' => 40, 'whole_pixels' => false]);
        $groups = [];
        foreach (array_keys(self::ICONS) as $i => $name) {
            $groups[] = $this->icon($name, 40 + $i % 6 * 88, 40 + intdiv($i, 6) * 88);
        }
        $script->run('add-slice', $groups, ['name' => 'icons/{item}', 'follow' => true, 'only' => true, 'background' => 'transparent']);
    }

    private function icon(string $name, float $x, float $y): string
    {
        // A clear field gives every icon the same bounds, whatever is drawn in it.
        $items = [$this->script->run('add-item', [], ['kind' => 'box', 'name' => 'Field', 'x' => $x, 'y' => $y, 'w' => 48, 'h' => 48, 'fill' => null])[0]];
        foreach (self::ICONS[$name] as $part) {
            $items[] = $this->part($part, $x, $y);
        }

        return $this->script->group($name, $items);
    }

    private function part(string $part, float $x, float $y): string
    {
        $words = explode(' ', $part);
        $figures = array_map(floatval(...), array_values(array_filter($words, is_numeric(...))));
        $fill = match (end($words)) {
            'ink' => self::INK,
            'sun' => self::SUN,
            default => null,
        };
        [$a, $b, $c, $d] = $figures;
        $line = ['outline' => ['colour' => self::INK, 'weight' => 3]];
        if ($words[0] === 'l') {
            // A line's frame lies about its middle, before it is turned.
            [$length, $angle] = [hypot($c - $a, $d - $b), rad2deg(atan2($d - $b, $c - $a))];

            return $this->script->run('add-item', [], ['kind' => 'line', 'name' => 'Stroke', 'x' => $x + ($a + $c - $length) / 2, 'y' => $y + ($b + $d) / 2, 'w' => $length, 'angle' => $angle, ...$line])[0];
        }
        $look = $fill === null ? ['fill' => null, ...$line] : ['fill' => $fill];

        return $this->script->run('add-item', [], $words[0] === 'r'
            ? ['kind' => 'round', 'name' => 'Round', 'x' => $x + $a, 'y' => $y + $b, 'w' => $c, 'h' => $d, ...$look]
            : ['kind' => 'box', 'name' => 'Box', 'x' => $x + $a, 'y' => $y + $b, 'w' => $c, 'h' => $d, 'radius' => $figures[4] ?? 0.0, ...$look])[0];
    }
}
