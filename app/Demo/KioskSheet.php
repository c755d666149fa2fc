<?php

declare(strict_types=1);

namespace App\Demo;

/** The ticket kiosk, 1280 x 800: four crossings 270 wide with gaps of 24 between margins of 64, fares and a pay panel. */
final readonly class KioskSheet
{
    private const CARDS = [
        ['Skerry Point', '35 min, every hour', '8.40', '#dfeaec', '#7fa7b0', '#4d7f8b'],
        ['Harbour Road', '12 min, every 20 min', '3.20', '#e9e4d2', '#c9b27a', '#a38a4e'],
        ['Long Strand', '50 min, 4 a day', '11.60', '#e7dfdf', '#b98c86', '#96625b'],
        ['Gannet Isle', '70 min, 2 a day', '14.00', '#e0e6d8', '#94a878', '#6d8452'],
    ];

    private const FARES = [['Adult', '8.40', '15.10'], ['Under 16', '4.20', '7.60'], ['Bicycle', '2.00', '3.60'], ['Dog', 'free', 'free']];

    public function __construct(private SheetScript $script)
    {
    }

    /** @return list<string> ids of the four cards */
    public function draw(): array
    {
        $script = $this->script;
        $script->run('set-sheet', [], ['margins' => ['left' => 64, 'top' => 64, 'right' => 64, 'bottom' => 64], 'unit_of_spacing' => 24]);
        $script->run('set-grid', [], ['columns' => ['count' => 4, 'gutter' => 24], 'module' => 8]);
        $this->strip();
        $script->text('Where to today?', 64, 112, 48, 700, '#20302d', ['line_height' => 1.25]);
        $cards = [];
        foreach (self::CARDS as $i => $card) {
            $cards[] = $this->card(64 + $i * 294, 200, ...$card);
        }
        $this->fares(64, 460);
        $this->pay(946, 460);
        $foot = $script->box('Foot', 0, 752, 1280, 48, ['fill' => '#f2efe4']);
        $note = $script->text('Gates close 5 minutes before each crossing', 64, 0, 14, 400, '#4a5a56');
        $script->run('align', [$note], ['edge' => 'middle', 'anchor' => $foot]);

        return $cards;
    }

    private function strip(): void
    {
        $script = $this->script;
        $strip = $script->box('Top strip', 0, 0, 1280, 80, ['fill' => '#24485a']);
        $name = $script->text('Merrow Sound Ferries', 64, 0, 24, 700, '#ffffff');
        $badge = $script->round('Harbour badge', 1176, 0, 40, '#e9b949');
        $ring = $script->round('Badge ring', 1182, 0, 28, null, '#24485a', 3);
        foreach ([$name, $badge, $ring] as $id) {
            $script->run('align', [$id], ['edge' => 'middle', 'anchor' => $strip]);
        }
        $script->run('set', [$strip], ['locked' => true]);
    }

    private function card(float $x, float $y, string $name, string $times, string $fare, string $ground, string $sky, string $land): string
    {
        $script = $this->script;

        return $script->group("Card, $name", [
            $script->box('Ground', $x, $y, 270, 236, ['fill' => $ground, 'radius' => 8]),
            $script->box('View', $x + 12, $y + 12, 246, 112, ['fill' => $sky, 'radius' => 4]),
            $script->round('Sun', $x + 202, $y + 28, 32, '#fbf3dc'),
            $script->box('Sea', $x + 12, $y + 92, 246, 32, ['fill' => $land, 'radius' => 4]),
            $script->line('Horizon', $x + 12, $y + 92, 246, '#ffffff', 2),
            $script->text($name, $x + 16, $y + 140, 24, 700),
            $script->text($times, $x + 16, $y + 178, 14, 400, '#4a5a56'),
            $script->text($fare, $x + 254, $y + 200, 20, 600, '#20302d', ['font' => 'overpass-mono', 'align' => 'end']),
        ]);
    }

    private function fares(float $x, float $y): void
    {
        $script = $this->script;
        $items = [$script->box('Panel', $x, $y, 858, 268, ['fill' => '#ffffff', 'radius' => 8, 'outline' => ['colour' => '#cfc8b4', 'weight' => 2]])];
        foreach ([['Fare', 24], ['Single', 480], ['Return', 700]] as [$head, $dx]) {
            $items[] = $script->text($head, $x + $dx, $y + 18, 18, 700);
        }
        foreach (self::FARES as $i => $row) {
            $top = $y + 60 + $i * 52;
            $items[] = $script->line('Rule', $x, $top, 858, '#cfc8b4', 1);
            foreach ([24, 480, 700] as $k => $dx) {
                $items[] = $script->text($row[$k], $x + $dx, $top + 14, 18, 400, '#20302d', $k === 0 ? [] : ['font' => 'overpass-mono']);
            }
        }
        $script->group('Fares', $items);
    }

    private function pay(float $x, float $y): void
    {
        $script = $this->script;
        $button = $script->box('Button, pay', $x + 20, $y + 184, 230, 64, ['fill' => '#24485a', 'radius' => 6]);
        $word = $script->text('Pay', $x, $y, 24, 700, '#ffffff');
        foreach (['centre', 'middle'] as $edge) {
            $script->run('align', [$word], ['edge' => $edge, 'anchor' => $button]);
        }
        $panel = $script->box('Panel, pay', $x, $y, 270, 268, ['fill' => '#f2efe4', 'radius' => 8]);
        $script->run('order', [$panel], ['to' => 'back']);
        $script->group('Pay', [
            $panel,
            $script->text('Two adults, single', $x + 20, $y + 24, 16, 400, '#4a5a56'),
            $script->text('16.80', $x + 20, $y + 60, 48, 700, '#20302d', ['font' => 'overpass-mono', 'line_height' => 1.25]),
            $script->text('Card or coins', $x + 20, $y + 140, 14, 400, '#4a5a56'),
            $button,
            $word,
        ]);
    }
}
