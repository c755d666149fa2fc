<?php

declare(strict_types=1);

namespace App\Demo;

use App\Icons\IconSet;

/** What goes into an icon set: a compass, a round seal with words along its ring, four steps in small rounds, four faces that overlap. */
final readonly class EmblemSheets
{
    private const INK = '#20302d';

    private const SEA = '#24485a';

    public function __construct(private IconSet $icons)
    {
    }

    /** A disc with a gradient, seventy-two marks, every sixth long, and a pointer of two triangles turned as one; cut in three sizes. */
    public function compass(SheetScript $script): void
    {
        $disc = $script->round('Disc', 140, 140, 800, null);
        $script->run('set', [$disc], ['fill' => ['gradient' => 'radial', 'stops' => [['at' => 0, 'colour' => '#fffefb'], ['at' => 1, 'colour' => '#b9d3d8']]], 'outline' => ['colour' => self::SEA, 'weight' => 12, 'side' => 'inside']]);
        $marks = [$script->box('Short mark', 0, 0, 4, 28, ['fill' => self::INK]), $script->box('Long mark', 20, 0, 8, 60, ['fill' => self::INK])];
        $ring = $script->run('ring', $marks, ['cx' => 540, 'cy' => 540, 'radius' => 340, 'count' => 72, 'every' => 6, 'facing' => 'outward', 'series' => true]);
        $pointer = [];
        foreach (['North' => ['#a83a24', 0, 280], 'South' => [self::SEA, 180, 540]] as $name => [$fill, $angle, $y]) {
            $pointer[] = $script->path($name, 500, $y, $angle === 0 ? 'M0 260L40 0L80 260Z' : 'M0 0L40 260L80 0Z', ['fill' => $fill]);
        }
        $needle = $script->group('Pointer', $pointer);
        $script->run('turn', [$needle], ['angle' => 30]);
        $icon = $script->group('compass', [$disc, ...array_slice($ring, 0, 1), $needle]);
        $script->run('add-slice', [$icon], ['follow' => true]);
    }

    /** Words above and below along the ring, a name across, two outlines; a second one beside it. */
    public function seal(SheetScript $script): void
    {
        $outer = $script->round('Disc', 80, 80, 400, '#fbf9f3', self::SEA, 8);
        $inner = $script->round('Ring', 140, 140, 280, null, self::SEA, 3);
        $above = $script->run('text-on-circle', [$outer], ['text' => 'MERROW SOUND FERRIES'])[0];
        $script->run('set', [$above], ['size' => 30, 'weight' => 700, 'tracking' => 60, 'circle' => 157, 'fill' => self::SEA]);
        $below = $script->run('text-on-circle', [$above], [])[0];
        $script->run('set', [$below], ['text' => 'since the first tide', 'circle' => 180]);
        $name = $script->text('MERROW', 180, 254, 48, 700, self::SEA, ['line_height' => 1.1]);
        $script->run('align', [$name], ['edge' => 'centre', 'and' => 'middle', 'to' => 'anchor', 'anchor' => $inner]);
        $seal = $script->group('seal', [$outer, $inner, $above, $below, $name]);
        $script->run('step-repeat', [$seal], ['dx' => 480, 'dy' => 0, 'count' => 1]);
    }

    /** Bars with an arrow head cut out, a shadow, a number that counts up and an icon in a small round. */
    public function steps(SheetScript $script): void
    {
        $steps = [];
        foreach (['ticket', 'qr-code', 'ship', 'map-pin'] as $i => $word) {
            $x = 60 + 280 * $i;
            $bar = $script->box('Bar', $x, 80, 240, 72, ['fill' => '#dcebe4', 'shadow' => [['colour' => '#20302d40', 'dx' => 0, 'dy' => 3, 'blur' => 6]]]);
            $head = $script->run('add-item', [], ['kind' => 'polygon', 'sides' => 3, 'name' => 'Head', 'x' => $x, 'y' => 80, 'w' => 72, 'h' => 72, 'angle' => 90])[0];
            $bar = $script->run('combine', [$bar, $head], ['how' => 'cut', 'anchor' => $bar])[0];
            $round = $script->round('Round', $x + 72, 92, 48, self::SEA);
            $icon = $script->run('add-icons', [$round], ['icons' => $this->icons->search($word, 1)['icons'], 'size' => 24]);
            $words = $script->text('Step '.($i + 1), $x + 136, 80, 20, 700, self::INK, ['line_height' => 1.5]);
            $script->run('align', [$words], ['edge' => 'middle', 'to' => 'anchor', 'anchor' => $round]);
            $steps[] = $script->group('Step '.($i + 1), [$bar, $round, ...$icon, $words]);
        }
        $script->run('set-gap', $steps, ['axis' => 'x', 'gap' => 40]);
    }

    /** Each 20 over the one before, the third on top without another order. */
    public function faces(SheetScript $script): void
    {
        $faces = [];
        foreach ([['AM', '#7fa7b0'], ['JT', '#c7b07b'], ['RS', '#b98c84'], ['OK', '#94a97c']] as $i => [$initials, $fill]) {
            $round = $script->round("Round, $initials", 60 + 100 * $i, 60, 120, $fill, '#fffefb', 6);
            $words = $script->text($initials, 60 + 100 * $i, 60, 36, 700, self::INK, ['line_height' => 1.2]);
            $script->run('align', [$words], ['edge' => 'centre', 'and' => 'middle', 'to' => 'anchor', 'anchor' => $round]);
            $faces[] = $script->group("Face, $initials", [$round, $words]);
        }
        $script->run('make-rail', $faces, ['name' => 'Faces']);
        $script->run('set', [$faces[2]], ['berth' => ['over' => 1]]);
    }
}
