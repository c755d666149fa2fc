<?php

declare(strict_types=1);

namespace App\Demo;

/** What Merrow Sound prints: a log page, a banner across a picture, a worksheet of matrices in brackets. */
final readonly class PrintSheets
{
    private const INK = '#20302d';

    private const SEA = '#24485a';

    private const SOFT = '#55635e';

    /** A page to be written on: heading, six boxes, a round of three, seventeen dotted rules in one extent. */
    public function log(SheetScript $script): void
    {
        $script->run('set-sheet', [], ['margins' => ['left' => 60, 'top' => 60, 'right' => 60, 'bottom' => 60]]);
        $texts = [
            $script->text('Log of the Skerry', 60, 60, 40, 700, self::INK, ['line_height' => 1.2]),
            $script->text('Harbour Road to Gannet Isle', 60, 116, 20, 400, self::SOFT, ['line_height' => 1.2]),
        ];
        $script->run('align', $texts, ['edge' => 'centre', 'to' => 'sheet']);
        $box = $script->box('Crossing', 60, 200, 120, 48, ['fill' => null, 'outline' => ['colour' => self::SEA, 'weight' => 2, 'side' => 'inside']]);
        $script->run('block', [$box], ['columns' => 2, 'rows' => 3, 'column_gap' => 8, 'row_gap' => 8, 'copies' => 'fill', 'series' => true]);
        foreach ([160 => '#dfeaeb', 104 => '#9fc0c8', 48 => self::SEA] as $size => $fill) {
            $script->round("Stamp, $size", 660 - $size / 2, 280 - $size / 2, $size, $fill);
        }
        $rule = $script->line('Rule', 60, 420, 680, self::SEA, 2);
        $script->run('set', [$rule], ['outline' => ['colour' => self::SEA, 'weight' => 2, 'dash' => [0, 6], 'ends' => 'round']]);
        $script->run('step-repeat', [$rule], ['dx' => 0, 'dy' => 38, 'count' => 16, 'series' => true]);
    }

    /** Three bars with striped backs, the last one notched, turned as one before a picture that fills the sheet. */
    public function banner(SheetScript $script, string $picture): void
    {
        $script->run('add-item', [], ['kind' => 'picture', 'name' => 'Ferry at dusk', 'x' => 0, 'y' => 0, 'w' => 1280, 'h' => 800, 'picture' => $picture]);
        $inside = [];
        foreach (['Night', 'crossings', 'all summer'] as $i => $words) {
            $y = 220 + $i * 120;
            foreach ([12 => ['pattern' => 'stripes', 'pitch' => 12, 'angle' => 45, 'colour' => '#fffefb'], 0 => self::SEA] as $aside => $fill) {
                $bar = $script->box($aside === 0 ? "Bar, $words" : "Back, $words", 320 + $aside, $y + $aside, 640, 96, ['fill' => $fill]);
                if ($i === 2) {
                    $notch = $script->run('add-item', [], ['kind' => 'polygon', 'sides' => 3, 'name' => 'Notch', 'x' => 872 + $aside, 'y' => $y + $aside, 'w' => 96, 'h' => 96, 'angle' => -90])[0];
                    $bar = $script->run('combine', [$bar, $notch], ['how' => 'cut', 'anchor' => $bar])[0];
                }
                $inside[] = $bar;
            }
            $inside[] = $script->text($words, 352, $y + 12, 60, 700, '#fffefb', ['line_height' => 1.2]);
        }
        $banner = $script->group('Banner', $inside);
        $script->run('turn', [$banner], ['angle' => -10]);
        $script->run('align', [$banner], ['edge' => 'centre', 'and' => 'middle', 'to' => 'sheet']);
    }

    /** Minutes between the piers, and the same with a tail wind; ten by ten below. */
    public function matrices(SheetScript $script): void
    {
        $title = $script->text('Minutes from pier to pier', 80, 56, 30, 700, self::INK, ['line_height' => 1.2]);
        $script->run('align', [$title], ['edge' => 'centre', 'to' => 'sheet']);
        $calm = [[0, 12, 50, 70], [12, 0, 40, 62], [50, 40, 0, 25], [70, 62, 25, 0]];
        $made = [];
        foreach ([[220, 1.0], [592, 0.8]] as $i => [$x, $share]) {
            $numbers = array_map(static fn (array $row): array => array_map(static fn (int $minutes): int => (int) round($minutes * $share), $row), $calm);
            $made[] = $this->matrix($script, $i === 0 ? 'Calm' : 'With the wind', $numbers, 56, $x, 128);
        }
        $script->run('align', $made, ['edge' => 'centre', 'to' => 'sheet', 'as' => 'one']);
        $far = array_map(static fn (int $row): array => array_map(static fn (int $column): int => abs($row - $column) * 5, range(0, 9)), range(0, 9));
        $script->run('align', [$this->matrix($script, 'Ten berths', $far, 36, 320, 416)], ['edge' => 'centre', 'to' => 'sheet']);
    }

    /** @param  list<list<int>>  $numbers */
    private function matrix(SheetScript $script, string $name, array $numbers, int $cell, float $x, float $y): string
    {
        [$made] = $script->run('make-table', [], ['numbers' => implode("\n", array_map(static fn (array $row): string => implode(' ', $row), $numbers)), 'brackets' => 'square', 'cell' => $cell, 'name' => $name]);

        return $script->run('place', [$made], ['x' => $x, 'y' => $y])[0];
    }
}
