<?php

declare(strict_types=1);

namespace App\Demo;

/** Forty sailings as one table, cut in two that stand beside each other. */
final readonly class TimetableSheet
{
    private const SAILINGS = 40;

    private const FIRST = 5 * 60 + 40;

    private const ROUTES = [['Skerry Point', 'Gannet Isle', 75], ['Gannet Isle', 'Skerry Point', 75], ['Skerry Point', 'Long Strand', 45], ['Harbour Road', 'Gannet Isle', 60], ['Long Strand', 'Skerry Point', 45]];

    private const DAYS = ['daily', 'daily', 'Mon – Fri', 'daily', 'Sat, Sun'];

    public function __construct(private SheetScript $script)
    {
    }

    public function draw(): void
    {
        $this->script->run('set-sheet', [], ['background' => '#fbf9f3', 'unit_of_spacing' => 8]);
        $this->script->text('Forty sailings a day', 48, 40, 48, 400, '#24485a', ['font' => 'abril-fatface', 'line_height' => 1.1]);
        $this->script->text('3 May to 27 September', 48, 104, 16, 400, '#55635e');
        $words = [['From', 'To', 'Leaves', 'Arrives', 'Days']];
        for ($i = 0; $i < self::SAILINGS; $i++) {
            [$from, $to, $minutes] = self::ROUTES[$i % count(self::ROUTES)];
            $leaves = self::FIRST + 25 * $i;
            $words[] = [$from, $to, self::time($leaves), self::time($leaves + $minutes), self::DAYS[$i * 3 % count(self::DAYS)]];
        }
        [$table] = $this->script->run('make-table', [], ['words' => $words, 'header' => 1, 'x' => 48, 'y' => 152, 'w' => 496, 'name' => 'Sailings', 'preset' => 'lined']);
        $this->script->run('set', [$table], ['size' => 14, 'font' => 'barlow-condensed', 'weight' => 500, 'fill' => '#20302d']);
        $this->script->run('set-table', [$table], ['padding' => [5, 8, 5, 8]]);
        $this->script->run('set-tracks', [$table], ['axis' => 'x', 'tracks' => [2, 3], 'sizing' => 'fixed', 'size' => 80]);
        $this->script->run('set-cell-looks', [$table], ['columns' => [2, 3], 'looks' => ['align' => 'end', 'even_figures' => true]]);
        $this->script->run('set-cell-looks', [$table], ['columns' => [2], 'looks' => ['weight' => 700]]);
        $this->script->run('cut-table', [$table], ['row' => 1 + self::SAILINGS / 2, 'gap' => 32]);
    }

    private static function time(int $minutes): string
    {
        return sprintf('%02d.%02d', intdiv($minutes, 60) % 24, $minutes % 60);
    }
}
