<?php

declare(strict_types=1);

namespace App\Demo;

/** A table of fares with a header of two rows, prices on their decimal points and a total; beside it minutes between piers as a matrix. */
final readonly class FaresSheet
{
    private const INK = '#20302d';

    private const SEA = '#24485a';

    private const FARES = [
        ['Fare', 'Gannet Isle', '', 'Long Strand', ''],
        ['', 'single', 'return', 'single', 'return'],
        ['Grown-ups', '12.50', '21', '7.20', '12.80'],
        ['Children, 4 to 15', '6.25', '10.50', '3.60', '6.40'],
        ['Under 4', 'free', 'free', 'free', 'free'],
        ['Students and over 65', '10', '17.20', '6', '10.50'],
        ['Bicycles', '3', '5.20', '2.50', '4'],
        ['Dogs, on a lead', 'free', 'free', 'free', 'free'],
        ['Two grown-ups, two children', '37.50', '63', '21.60', '38.40'],
    ];

    private const PIERS = ['Skerry Point', 'Harbour Road', 'Long Strand', 'Gannet Isle'];

    public function __construct(private SheetScript $script)
    {
    }

    public function draw(): void
    {
        $this->script->run('set-sheet', [], ['background' => '#fbf9f3', 'unit_of_spacing' => 8]);
        $this->script->text('Fares', 48, 40, 48, 400, self::SEA, ['font' => 'abril-fatface', 'line_height' => 1.1]);
        $this->script->text('From Skerry Point, in crowns, one way and there and back', 48, 104, 16, 400, '#55635e');
        [$table] = $this->script->run('make-table', [], ['words' => self::FARES, 'header' => 2, 'total' => 1, 'x' => 48, 'y' => 152, 'w' => 624, 'name' => 'Fares', 'preset' => 'lined']);
        $table = [$table];
        $this->script->run('set', $table, ['size' => 16, 'fill' => self::INK, 'even_figures' => true]);
        $this->script->run('set-table', $table, ['heads' => 1, 'padding' => [8, 12, 8, 12], 'rules' => ['down' => null]]);
        $this->script->run('set-tracks', $table, ['axis' => 'x', 'tracks' => [0], 'sizing' => 'fixed', 'size' => 256]);
        $this->script->run('set-cell-looks', $table, ['columns' => [1, 2, 3, 4], 'looks' => ['align' => 'decimal']]);
        foreach ([1, 3] as $column) {
            $this->script->run('span-cells', $table, ['row' => 0, 'column' => $column, 'columns' => 2]);
            $this->script->run('set-cell-looks', $table, ['area' => ['row' => 0, 'column' => $column], 'looks' => ['align' => 'centre']]);
        }
        $this->script->run('span-cells', $table, ['row' => 0, 'column' => 0, 'rows' => 2]);
        $this->script->run('set-cell-looks', $table, ['area' => ['row' => 0, 'column' => 0], 'looks' => ['stand' => 'bottom']]);
        $this->script->run('set-cell-looks', $table, ['rows' => [0], 'looks' => ['fill' => self::SEA]]);
        $this->script->run('set-cell-looks', $table, ['part' => 'head', 'looks' => ['weight' => 400]]);
        $this->script->run('set-cell-looks', $table, ['part' => 'total', 'looks' => ['ground' => '#f0c96a']]);
        $this->minutes();
    }

    /** How long boats take between piers. */
    private function minutes(): void
    {
        $this->script->text('Minutes between piers', 736, 158, 20, 700, self::INK);
        [$matrix] = $this->script->run('make-table', [], ['numbers' => "0 15 45 75\n15 0 30 60\n45 30 0 40\n75 60 40 0", 'cell' => 48, 'x' => 860, 'y' => 208, 'name' => 'Minutes']);
        $this->script->run('set-cell-looks', [$matrix], ['part' => 'body', 'looks' => ['even_figures' => true]]);
        foreach (self::PIERS as $i => $pier) {
            $this->script->text($pier, 736, 208 + 48 * $i, 16, 400, self::INK, ['w' => 120, 'h' => 48, 'grow' => 'none', 'stand' => 'middle']);
        }
        $this->script->text('Boats go on time but for fog and very low tides.', 736, 424, 14, 400, '#55635e', ['w' => 336, 'line_height' => 1.5]);
    }
}
