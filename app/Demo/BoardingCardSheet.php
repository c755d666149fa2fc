<?php

declare(strict_types=1);

namespace App\Demo;

/** A boarding card, 720 x 320, with the round harbour badge. */
final readonly class BoardingCardSheet
{
    public function __construct(private SheetScript $script)
    {
    }

    public function draw(): void
    {
        $script = $this->script;
        $script->run('set-sheet', [], ['background' => '#fbf9f3']);
        $script->box('Edge', 0, 0, 16, 320, ['fill' => '#24485a']);
        $script->text('Boarding card', 48, 32, 14, 600, '#55635e');
        $script->text('Harbour Road', 48, 64, 36, 700, '#20302d', ['font' => 'bitter', 'line_height' => 1.25]);
        $script->text('to Gannet Isle', 48, 112, 36, 400, '#20302d', ['font' => 'bitter', 'line_height' => 1.25]);
        $script->line('Rule', 48, 184, 376, '#cfc8b4', 2);
        foreach ([['Gate', '3'], ['Leaves', '09:40'], ['Deck', 'B 17']] as $i => [$head, $value]) {
            $script->text($head, 48 + $i * 136, 208, 14, 400, '#55635e');
            $script->text($value, 48 + $i * 136, 232, 30, 700, '#20302d', ['font' => 'overpass-mono', 'line_height' => 1.25]);
        }
        $this->badge(576, 160);
    }

    private function badge(float $cx, float $cy): void
    {
        $script = $this->script;
        $ring = fn (string $name, float $radius, ?string $fill, ?string $line = null, float $weight = 2): string => $script->round($name, $cx - $radius, $cy - $radius, 2 * $radius, $fill, $line, $weight);
        $items = [
            $ring('Disc', 104, '#24485a'),
            $ring('Ring', 94, null, '#e9b949', 3),
            $ring('Sun', 36, '#e9b949'),
        ];
        for ($i = 0; $i < 12; $i++) {
            $ray = $script->line('Ray', $cx - 12, $cy, 24, '#e9b949', 4);
            $angle = deg2rad($i * 30);
            $script->run('set', [$ray], ['x' => round($cx - 12 + 62 * cos($angle), 3), 'y' => round($cy + 62 * sin($angle), 3), 'angle' => $i * 30]);
            $items[] = $ray;
        }
        $script->group('Harbour badge', $items);
    }
}
