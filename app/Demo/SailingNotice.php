<?php

declare(strict_types=1);

namespace App\Demo;

use App\Models\Item;

/** A notice of 110 x 200 mm for the wall of a waiting room: styles, runs, lists, a dial, and a badge with words on its circle. */
final readonly class SailingNotice
{
    private const INK = '#20302d';

    private const SEA = '#24485a';

    private const SUN = '#e9b949';

    /** px from the edge: 12 mm at 150 ppi */
    private const MARGIN = 70.866;

    public function __construct(private SheetScript $script)
    {
    }

    public function draw(): void
    {
        $this->script->run('set-sheet', [], ['background' => '#fbf9f3']);
        $this->script->run('set-grid', [], ['columns' => ['count' => 4, 'gutter' => '4mm', 'left' => '12mm', 'right' => '12mm'], 'rows' => ['count' => 1, 'gutter' => 0, 'top' => '12mm', 'bottom' => '12mm'], 'baseline' => '4mm']);
        $this->script->run('set-scale', [], ['base' => 18, 'ratio' => 1.25, 'whole' => true]);
        $this->head();
        $this->times();
        $this->body();
        $this->dial(172, 1010);
        $this->badge(474, 1010);
        // Drawn by eye, and put right as anyone would.
        $this->script->run('square-up', Item::query()->where('sheet_id', $this->script->sheet->id)->whereNull('parent_id')->pluck('id')->all());
    }

    private function head(): void
    {
        $title = $this->script->text('Sailing notice', self::MARGIN, 54, 69, 400, self::SEA, ['font' => 'abril-fatface', 'line_height' => 1.1]);
        $line = $this->script->text('Skerry Point – Gannet Isle', self::MARGIN, 150, 23, 700, self::INK, ['tracking' => 60, 'capitals' => true, 'font' => 'overpass']);
        $tag = $this->script->text('From 3 May', 0, 190, 18, 600, '#fffefb', ['box_fill' => '#a83a24', 'radius' => 4, 'padding' => [5, 12, 4, 12], 'align' => 'centre']);
        $this->script->run('set', [$tag], ['x' => self::MARGIN]);
        $this->script->run('keep-style', [$title], ['name' => 'Title']);
        $this->script->run('keep-style', [$line], ['name' => 'Heading']);
    }

    private function times(): void
    {
        $look = ['font' => 'barlow-condensed', 'even_figures' => true, 'line_height' => 1.25];
        $rows = [['07.15', 'Harbour Road', 'daily'], ['09.40', 'Harbour Road, Gannet Isle', 'daily'], ['14.05', 'Gannet Isle', 'not on Mondays'], ['18.30', 'Harbour Road', 'Fridays and Saturdays']];
        foreach ($rows as $i => [$time, $to, $when]) {
            $y = 236 + 68 * $i;
            $one = $this->script->text($time, self::MARGIN, $y, 34, 700, self::SEA, $look);
            $name = $this->script->text("$to\n$when", 190, $y + 2, 18, 600, self::INK, ['font' => 'barlow-condensed', 'line_height' => 1.15, 'runs' => [['from' => mb_strlen($to) + 1, 'to' => mb_strlen("$to\n$when"), 'weight' => 400, 'italic' => true, 'fill' => '#55635e']]]);
            $rule = $this->script->line("Rule $time", self::MARGIN, $y + 62, 508, '#cfc8b4', 1);
            $this->script->run('fit-to-grid', [$rule], ['columns' => [1, 4]]);
            if ($i === 0) {
                $this->script->run('keep-style', [$one], ['name' => 'Times']);
            }
            $this->script->run('use-style', [$one], ['style' => $this->script->style('Times')]);
            $this->script->run('align', [$one, $name], ['edge' => 'baseline', 'to' => 'anchor', 'anchor' => $one]);
        }
    }

    private function body(): void
    {
        $head = $this->script->text('Before you board', self::MARGIN, 530, 23, 700, self::INK);
        $this->script->run('use-style', [$head], ['style' => $this->script->style('Heading')]);
        $words = "The boats are small and the sea is not. Be on the quay ten minutes before the time that is given, with your ticket in your hand: we leave when the tide lets us, and now and then that is early.\nTickets are sold on board. A return is good for three days.\nDogs travel free, on a lead and not on the seats.\nBicycles go on the after deck; ask the mate where.\nIn a gale from the west the last boat does not sail.";
        $italic = mb_strpos($words, 'early');
        $body = $this->script->text($words, self::MARGIN, 572, 18, 400, self::INK, [
            'w' => 508, 'font' => 'source-serif-4', 'line_height' => 1.5, 'space_after' => 6, 'align' => 'both',
            'runs' => [['from' => $italic, 'to' => $italic + 5, 'italic' => true]],
            'paragraphs' => array_map(static fn (int $at): array => ['at' => $at, 'list' => 'numbers', 'align' => 'start'], range(1, 4)),
        ]);
        $this->script->run('fit-to-grid', [$body], ['columns' => [1, 4]]);
        $this->script->run('keep-style', [$body], ['name' => 'Body']);
    }

    /** A dial of twelve hours, with long and short marks. */
    private function dial(float $cx, float $cy): void
    {
        $face = $this->script->round('Face', $cx - 101, $cy - 101, 202, '#fffefb', self::SEA, 3);
        $short = $this->script->line('Short mark', $cx - 4, $cy, 8, self::SEA, 1.5, 90);
        $long = $this->script->line('Long mark', $cx - 8, $cy, 16, self::SEA, 3, 90);
        $marks = $this->script->run('ring', [$short, $long], ['cx' => $cx, 'cy' => $cy, 'radius' => 88, 'count' => 60, 'every' => 5, 'facing' => 'outward', 'series' => true]);
        $marks = Item::query()->whereIn('id', $marks)->whereNull('parent_id')->pluck('id')->all();
        $figures = $this->script->run('add-item', [], ['kind' => 'circle-text', 'name' => 'Hours', 'text' => '12 1 2 3 4 5 6 7 8 9 10 11', 'x' => $cx - 58, 'y' => $cy - 58, 'w' => 116, 'h' => 116, 'size' => 18, 'weight' => 700, 'font' => 'barlow-condensed', 'fill' => self::INK, 'spread' => 360, 'spread_by' => 'words'])[0];
        $hand = fn (string $name, float $length, float $weight, float $angle, string $colour): string => $this->script->line($name, $cx + $length / 2 * sin(deg2rad($angle)) - $length / 2, $cy - $length / 2 * cos(deg2rad($angle)), $length, $colour, $weight, $angle - 90);
        $hands = [$hand('Hour hand', 46, 5, 217.5, self::INK), $hand('Minute hand', 66, 3, 90, self::INK)];
        $this->script->group('Dial', [$face, ...$marks, $figures, ...$hands, $this->script->round('Pin', $cx - 5, $cy - 5, 10, '#a83a24')]);
    }

    /** Words above and below on the circle, and a name across. */
    private function badge(float $cx, float $cy): void
    {
        $disc = $this->script->round('Disc', $cx - 104, $cy - 104, 208, self::SEA);
        $ring = $this->script->round('Ring', $cx - 70, $cy - 70, 140, null, self::SUN, 2);
        $above = $this->script->run('text-on-circle', [$ring], ['text' => 'Merrow Sound Ferries'])[0];
        $this->script->run('set', [$above], ['circle' => 79, 'size' => 15, 'weight' => 700, 'capitals' => true, 'tracking' => 80, 'fill' => '#fffefb']);
        $below = $this->script->run('text-on-circle', [$above], ['text' => 'since 1908'])[0];
        $this->script->run('set', [$below], ['circle' => 92]);
        $name = $this->script->text('Skerry', 0, 0, 40, 700, self::SUN, ['font' => 'caveat', 'align' => 'centre']);
        $this->script->run('align', [$disc, $name], ['edge' => 'centre', 'and' => 'middle', 'to' => 'anchor', 'anchor' => $disc, 'by' => 'ink']);
        $badge = $this->script->group('Badge', [$disc, $ring, $above, $below, $name]);
        $this->script->run('set', [$badge], ['angle' => -8]);
    }
}
