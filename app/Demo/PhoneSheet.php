<?php

declare(strict_types=1);

namespace App\Demo;

/** The same kiosk at the width of a phone, 390 x 844. */
final readonly class PhoneSheet
{
    private const CROSSINGS = [
        ['Skerry Point', '35 min, every hour', '#7fa7b0'],
        ['Harbour Road', '12 min, every 20 min', '#c9b27a'],
        ['Long Strand', '50 min, 4 a day', '#b98c86'],
        ['Gannet Isle', '70 min, 2 a day', '#94a878'],
    ];

    public function __construct(private SheetScript $script)
    {
    }

    public function draw(): void
    {
        $script = $this->script;
        $strip = $script->box('Top strip', 0, 0, 390, 64, ['fill' => '#24485a']);
        $name = $script->text('Merrow Sound Ferries', 24, 0, 22, 700, '#ffffff');
        $script->run('align', [$name], ['edge' => 'middle', 'anchor' => $strip]);
        $script->text('Where to today?', 24, 88, 32, 700, '#20302d', ['line_height' => 1.25]);
        foreach (self::CROSSINGS as $i => [$place, $times, $colour]) {
            $y = 152 + $i * 144;
            $script->group("Crossing, $place", [
                $script->box('Ground', 24, $y, 342, 128, ['fill' => '#f2efe4', 'radius' => 8]),
                $script->box('View', 36, $y + 12, 104, 104, ['fill' => $colour, 'radius' => 4]),
                $script->round('Sun', 100, $y + 24, 24, '#fbf3dc'),
                $script->text($place, 156, $y + 32, 22, 700),
                $script->text($times, 156, $y + 68, 15, 400, '#4a5a56'),
            ]);
        }
        // Where the page is cut into pieces.
        foreach ([64, 144, 732] as $at) {
            $script->run('add-guide', [], ['axis' => 'y', 'at' => $at]);
        }
        $button = $script->box('Button, tickets', 24, 756, 342, 64, ['fill' => '#24485a', 'radius' => 8]);
        $word = $script->text('Buy tickets', 0, 0, 22, 700, '#ffffff');
        foreach (['centre', 'middle'] as $edge) {
            $script->run('align', [$word], ['edge' => $edge, 'anchor' => $button]);
        }
    }
}
