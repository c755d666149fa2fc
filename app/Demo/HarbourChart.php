<?php

declare(strict_types=1);

namespace App\Demo;

use App\Models\Item;

/** A plan of the harbour: a coast of curves, straight roads that run round buildings, and a matrix between brackets. */
final readonly class HarbourChart
{
    private const INK = '#20302d';

    private const LAND = '#ece5d2';

    private const SEA = '#cfdfe2';

    public function __construct(private SheetScript $script)
    {
    }

    public function draw(): void
    {
        $this->script->run('set-sheet', [], ['background' => self::SEA]);
        $this->sea();
        $this->land();
        $this->roads();
        $this->quay();
        $this->matrix();
        // Drawn by eye, and put right as anyone would.
        $this->script->run('square-up', Item::query()->where('sheet_id', $this->script->sheet->id)->whereNull('parent_id')->pluck('id')->all());
    }

    private function sea(): void
    {
        $this->script->path('Depth line, 10 m', 0, 240, 'M0 150C120 60 220 110 330 60C440 10 520 110 640 70L1000 120', ['outline' => ['colour' => '#5b8a96', 'weight' => 1.5, 'dash' => [8, 4], 'ends' => 'round']]);
        $this->script->path('Ferry route', 470, 40, 'M0 260L0 150C0 80 80 40 160 40L420 0', ['outline' => ['colour' => '#17614f', 'weight' => 4, 'dash' => [0, 10], 'ends' => 'round']]);
        $this->script->text('to Skerry Point', 752, 72, 16, 600, '#17614f');
        foreach ([[560, 150], [650, 96], [760, 120]] as $i => [$x, $y]) {
            $this->script->round('Buoy '.($i + 1), $x, $y, 12, '#a83a24', '#fffefb', 2);
        }
        $this->script->text('Merrow Sound', 90, 70, 40, 400, '#3d6570');
    }

    private function land(): void
    {
        $this->script->path('Land', 0, 300, 'M0 110C120 20 220 70 330 20C400 -10 430 30 440 60L520 60L520 20C600 40 640 60 700 40L1000 90V360H0Z', [
            'fill' => self::LAND, 'outline' => ['colour' => '#b9ad8c', 'weight' => 2, 'joins' => 'round'], 'shadow' => [['dx' => 0, 'dy' => 2, 'blur' => 8, 'colour' => '#20302d33']],
        ]);
    }

    /** The main road is straight and bends out of the way of the buildings. */
    private function roads(): void
    {
        $look = ['fill' => null, 'outline' => ['colour' => '#fffefb', 'weight' => 16, 'joins' => 'round', 'ends' => 'round']];
        $main = $this->script->path('Quay road', 40, 560, 'M0 0H640', $look);
        $this->script->run('bend-part', [], ['part' => "$main:0:0", 'from' => 180, 'to' => 330, 'by' => -60]);
        $this->script->path('Slip road', 480, 372, 'M0 0V188', $look);
        $this->script->path('Church lane', 120, 452, 'M0 108V0H150', ['fill' => null, 'outline' => ['colour' => '#fffefb', 'weight' => 10, 'joins' => 'miter', 'ends' => 'butt']]);
        foreach ([['Warehouse', 240, 530, 110, 60], ['Customs house', 60, 500, 44, 36], ['Church', 290, 430, 56, 40], ['Sail loft', 530, 440, 90, 44], ['Café', 530, 504, 60, 36], ['Boat shed', 400, 440, 56, 70]] as [$name, $x, $y, $w, $h]) {
            $this->script->box($name, $x, $y, $w, $h, ['fill' => '#8c7f63', 'outline' => ['colour' => '#6d624b', 'weight' => 2, 'side' => 'inside']]);
        }
    }

    private function quay(): void
    {
        $this->script->box('Pier', 462, 296, 36, 84, ['fill' => ['pattern' => 'stripes', 'pitch' => 6, 'share' => 0.7, 'angle' => 90, 'colour' => '#a98f5e', 'ground' => '#6d624b']]);
        $this->script->box('Ferry', 436, 262, 26, 60, ['fill' => '#17614f', 'radii' => [13, 13, 3, 3]]);
        $arrow = $this->script->run('add-item', [], ['kind' => 'arrow', 'name' => 'North', 'x' => 906, 'y' => 180, 'w' => 70, 'h' => 20, 'angle' => -90, 'fill' => self::INK, 'shaft' => 4, 'head' => 24])[0];
        $north = $this->script->text('N', 931, 232, 18, 700, self::INK, ['align' => 'centre', 'w' => 20]);
        $this->script->run('align', [$arrow, $north], ['edge' => 'centre', 'to' => 'anchor', 'anchor' => $arrow]);
        $this->script->group('North arrow', [$arrow, $north]);
    }

    /** Crossings by season and time of day; the right bracket is the left one in the mirror. */
    private function matrix(): void
    {
        $card = $this->script->box('Crossings', 700, 440, 270, 180, ['fill' => '#fffefb', 'radius' => 6, 'shadow' => [['dx' => 0, 'dy' => 3, 'blur' => 10, 'colour' => '#20302d40']]]);
        $this->script->text('Crossings by season and time of day', 716, 452, 13, 600, self::INK);
        $cells = [];
        foreach ([[2, 4, 4, 2], [4, 8, 8, 4], [6, 12, 12, 6], [3, 6, 6, 2]] as $row => $figures) {
            foreach ($figures as $column => $figure) {
                $cells[] = $this->script->text((string) $figure, 756 + 46 * $column, 484 + 30 * $row, 16, 400, self::INK, ['font' => 'overpass-mono', 'align' => 'end', 'w' => 24]);
            }
        }
        $block = $this->script->group('Matrix', $cells);
        $left = $this->script->path('Bracket', 732, 480, 'M8 0H0V122H8', ['fill' => null, 'outline' => ['colour' => self::INK, 'weight' => 2]]);
        [$right] = $this->script->run('duplicate', [$left], ['dx' => 190, 'dy' => 0]);
        $this->script->run('mirror', [$right], ['axis' => 'x']);
        $brackets = $this->script->group('Brackets', [$left, $right]);
        $this->script->run('align', [$block, $brackets], ['edge' => 'centre', 'and' => 'middle', 'to' => 'anchor', 'anchor' => $block, 'by' => 'ink']);
        $all = $this->script->group('Matrix in brackets', [$block, $brackets]);
        $this->script->run('align', [$card, $all], ['edge' => 'centre', 'to' => 'anchor', 'anchor' => $card]);
    }
}
