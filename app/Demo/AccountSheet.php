<?php

declare(strict_types=1);

namespace App\Demo;

/**
 * A page of rails in rails: settings as rows in a column, tags that wrap, faces that overlap with one on top; and a row of pictures that
 * runs out of its tray, cut off. Nothing on it is placed by hand.
 */
final readonly class AccountSheet
{
    private const INK = '#20302d';

    private const SEA = '#24485a';

    private const VIEWS = ['Skerry Point' => '#7fa7b0', 'Harbour Road' => '#c9b27a', 'Long Strand' => '#b98c86', 'Gannet Isle' => '#94a878', 'Merrow Sound' => '#8a94b8'];

    public function __construct(private SheetScript $script)
    {
    }

    public function draw(): void
    {
        $script = $this->script;
        $script->run('set-sheet', [], ['background' => '#fbf9f3', 'margins' => ['left' => 64, 'right' => 64, 'top' => 0, 'bottom' => 0]]);
        $strip = $script->box('Top strip', 0, 0, 1280, 72, ['fill' => self::SEA]);
        $script->run('set-pins', [$strip], ['across' => 'stretch']);
        $name = $script->text('Merrow Sound Ferries', 64, 0, 22, 700, '#ffffff');
        $script->run('align', [$name], ['edge' => 'middle', 'anchor' => $strip]);
        $page = $this->rail('My account', [
            $this->rail('Heading', [$script->text('My account', 64, 112, 40, 700, self::INK, ['line_height' => 1.2]), $this->faces()], ['direction' => 'row', 'across' => 'centre', 'along' => 'between', 'width' => 'share', 'height' => 'content']),
            $this->settings(),
            $this->tags(),
            $script->text('Where I have been', 64, 800, 22, 700, self::INK),
            $this->views(),
        ], ['direction' => 'column', 'gap' => 32, 'width' => 'fixed', 'across' => 'stretch']);
        $script->run('place', [$page], ['x' => 64, 'y' => 112, 'w' => 1152]);
    }

    /** @param  list<string>  $items
     * @param  array<string, mixed>  $rules
     * @param  array<string, mixed>  $look
     */
    private function rail(string $name, array $items, array $rules, array $look = []): string
    {
        $direction = $rules['direction'];
        // One after the other, so that their order is that of the list.
        foreach ($items as $i => $item) {
            $this->script->run('place', [$item], $direction === 'row' ? ['x' => 64 + 400 * $i, 'y' => 200] : ['x' => 64, 'y' => 200 + 400 * $i]);
        }
        $rail = $this->script->run('make-rail', $items, ['direction' => $direction, 'name' => $name])[0];
        $this->script->run('set-berth', $items, ['before' => 0, 'aside' => 0]);
        $this->script->run('set-rail', [$rail], $rules + ['gap' => 0, 'padding' => 0]);
        $this->script->run('set', [$rail], $look + ['fill' => null]);

        return $rail;
    }

    /** Four faces, overlapping by 20 px, the third of them on top. */
    private function faces(): string
    {
        $faces = array_map(fn (string $place, string $fill): string => $this->script->round("Face, $place", 0, 0, 64, $fill, '#fbf9f3', 4), array_keys(array_slice(self::VIEWS, 0, 4)), array_values(array_slice(self::VIEWS, 0, 4)));
        $rail = $this->rail('Travelling with', $faces, ['direction' => 'row', 'gap' => -20]);
        $this->script->run('set-berth', [$faces[2]], ['over' => 1]);

        return $rail;
    }

    private function settings(): string
    {
        $rows = [];
        foreach (['Tell me about delays' => true, 'Tell me about new sailings' => true, 'Keep my usual crossing' => false, 'Send tickets by post' => false] as $words => $isOn) {
            $knob = $this->script->round('Knob', 0, 0, 22, '#ffffff');
            $switch = $this->rail('Switch', [$knob], ['direction' => 'row', 'padding' => 3, 'width' => 'fixed', 'height' => 'fixed', 'along' => $isOn ? 'end' : 'start', 'across' => 'centre'], ['fill' => $isOn ? '#17614f' : '#b9bfb6', 'radius' => 14]);
            $this->script->run('set', [$switch], ['w' => 52, 'h' => 28]);
            $rows[] = $this->rail("Row, $words", [$this->script->text($words, 0, 0, 18, 400, self::INK), $switch], ['direction' => 'row', 'along' => 'between', 'across' => 'centre', 'padding' => ['left' => 24, 'right' => 24, 'top' => 18, 'bottom' => 18], 'width' => 'share', 'height' => 'content'], ['fill' => '#ffffff', 'radius' => 8, 'outline' => ['colour' => '#e2ddcf', 'weight' => 1]]);
        }

        return $this->rail('Settings', $rows, ['direction' => 'column', 'gap' => 12, 'across' => 'stretch', 'width' => 'share', 'height' => 'content']);
    }

    private function tags(): string
    {
        $tags = array_map(fn (string $words): string => $this->script->text($words, 0, 0, 16, 600, self::SEA, ['box_fill' => '#dfeaec', 'padding' => [6, 14, 6, 14], 'radius' => 16, 'name' => $words]), ['Skerry Point', 'Weekends', 'With a bicycle', 'First sailing', 'Gannet Isle', 'Window seat', 'Return by night', 'Dog on board']);

        return $this->rail('Tags', $tags, ['direction' => 'row', 'gap' => 10, 'wrap' => true, 'width' => 'share', 'height' => 'content']);
    }

    private function views(): string
    {
        $views = [];
        foreach (self::VIEWS as $place => $fill) {
            $picture = $this->script->box('View', 0, 0, 264, 150, ['fill' => $fill, 'radius' => 6]);
            $views[] = $this->rail("View, $place", [$picture, $this->script->text($place, 0, 0, 18, 600, self::INK)], ['direction' => 'column', 'gap' => 8, 'width' => 'content', 'height' => 'content']);
        }
        $rail = $this->rail('Views', $views, ['direction' => 'row', 'gap' => 20, 'width' => 'share', 'height' => 'content']);
        $this->script->run('set', [$rail], ['clip' => true]);

        return $rail;
    }
}
