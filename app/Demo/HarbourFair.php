<?php

declare(strict_types=1);

namespace App\Demo;

use App\Icons\IconSet;
use App\Models\Item;
use App\Pictures\PictureLibrary;
use App\Pictures\PictureStore;

/** An invitation with a picture that bleeds off two edges, one inset all round the rest, and three rounds with an icon in each. */
final readonly class HarbourFair
{
    private const INK = '#20302d';

    private const SEA = '#24485a';

    private const SUN = '#e9b949';

    private const RED = '#a83a24';

    /** px from the edges, and between columns */
    private const INSET = 48;

    private const COLUMN = 216;

    public function __construct(private SheetScript $script, private IconSet $icons, private PictureStore $pictures)
    {
    }

    public function draw(): void
    {
        $this->script->run('set-sheet', [], ['background' => '#fbf9f3', 'unit_of_spacing' => 24, 'margins' => ['left' => self::INSET, 'top' => self::INSET, 'right' => self::INSET, 'bottom' => self::INSET]]);
        $this->picture();
        $this->script->text('12', self::INSET, 264, 88, 400, self::SEA, ['font' => 'abril-fatface', 'line_height' => 1]);
        $this->script->text('June', self::INSET, 360, 35, 600, self::SEA, ['font' => 'barlow-condensed', 'line_height' => 1.2]);
        $this->script->text('Merrow Sound', self::INSET, self::INSET, 18, 700, self::INK, ['tracking' => 60, 'capitals' => true, 'font' => 'overpass', 'line_height' => 1.3, 'w' => 144, 'h' => 48]);
        $this->script->text('Harbour fair', self::INSET, 480, 88, 400, self::SEA, ['font' => 'abril-fatface', 'line_height' => 1.1]);
        $this->script->text('On the quay at Skerry Point, from ten until the last boat', self::INSET, 588, 23, 400, self::INK, ['font' => 'source-serif-4', 'line_height' => 1.3]);
        $rounds = [];
        foreach ([['Boats', 'Every half hour from both piers, bicycles free', self::SEA], ['Music', 'Three bands on the after deck, from noon', self::SUN], ['Supper', 'Smoked fish and new bread until it is gone', self::RED]] as $i => [$title, $words, $colour]) {
            $x = self::INSET + $i * self::COLUMN;
            $rounds[] = $this->script->round("$title, round", $x, 672, 72, $colour);
            $this->script->text($title, $x, 768, 20, 700, self::INK, ['line_height' => 1.2]);
            $this->script->text($words, $x, 792, 16, 400, '#55635e', ['w' => 192, 'line_height' => 1.5]);
        }
        $this->script->run('add-icons', $rounds, ['icons' => array_map(fn (string $name): array => $this->icons->search($name, 1)['icons'][0], ['ship', 'music', 'fish']), 'size' => 36]);
        $this->script->line('Rule', self::INSET, 876, 624, '#cfc8b4', 1);
        $this->script->text('Merrow Sound Ferries', self::INSET, 888, 16, 600, self::SEA, ['line_height' => 1.5]);
        // Drawn by eye, and put right as anyone would.
        $this->script->run('square-up', Item::query()->where('sheet_id', $this->script->sheet->id)->whereNull('parent_id')->pluck('id')->all());
    }

    /** Off the top and the right edge. */
    private function picture(): void
    {
        $entry = (new PictureLibrary(resource_path('pictures'), true))->picture('ferry-at-dusk');
        $picture = $entry === null ? null : $this->pictures->keep($entry['svg'], $entry['name'], $entry['credit'])['picture'];
        $this->script->run('add-item', [], ['kind' => 'picture', 'name' => 'Ferry at dusk', 'x' => 240, 'y' => 0, 'w' => 480, 'h' => 432, 'picture' => $picture, 'focus_x' => 0.32, 'focus_y' => 0.6]);
    }
}
