<?php

declare(strict_types=1);

namespace Tests\Browser\Jobs;

/** A page to be written on, ruled and headed. */
final class LogPageJobTest extends JobTestCase
{
    public function test_rules_boxes_rounds_and_headings_of_a_log_page(): void
    {
        $hand = $this->hand;
        $sheet = $this->beginAt('Log page', '800', '1100');
        $hand->step('A rule from 60 to 740, dotted')->draw('Line', 60, 420, 700, 420, 'Shift')->says('Drew')
            ->fields('x', '60', '420', '680')->press('Look')->field('Dashes and gaps', '1 5')->says('Set')->press('Look');
        $hand->step('Twenty of them, 30 apart, then sixteen in the same extent')->press('Repeat…')->press('steps')
            ->fields('steps dx', '0', '30', '0', '0', '20')->says('20 in all')
            ->click('.series input[type=checkbox]')->field('series count', '16')->says('16 in all, 38 down');
        $hand->step('One more copied below by hand, and brought into line with the others')->press('Break up')->key('Escape')
            ->drag(300, 990, 304, 1026, 'Alt')->says('Copied')->drag(20, 400, 780, 1060)->selected('17 ')->key('q')->key('q')->says('Squared up 17 lines');
        self::assertEquals(range(420, 420 + 16 * 38, 38), array_column($this->boundsOf($sheet, 'Line'), 'y'));
        self::assertEquals(array_fill(0, 17, [60, 680]), array_map(static fn (array $b): array => [$b['x'], $b['w']], $this->boundsOf($sheet, 'Line')));

        $hand->step('Six boxes, two by three, gaps of 14, then of 8')->draw('Box', 60, 200, 120, 240)->says('Drew')->fields('x', '60', '200', '60', '40')
            ->press('Repeat…')->press('rows and columns')->fields('block columns', '2', '3', '14', '14')->says('2 × 3, gaps 14')
            ->field('series column_gap', '8')->field('series row_gap', '8');
        self::assertEquals([[60, 200], [128, 200], [60, 248], [128, 248], [60, 296], [128, 296]], array_map(static fn (array $b): array => [$b['x'], $b['y']], $this->boundsOf($sheet, 'Box')));

        $hand->step('Three rounds about one centre')->draw('Round', 600, 180, 720, 300, 'Shift')->draw('Round', 630, 220, 700, 290, 'Shift')->draw('Round', 650, 240, 680, 270, 'Shift')
            ->drag(580, 160, 760, 330)->selected('3 ')->key('5')->says('Aligned 3 rounds');
        foreach ($this->boundsOf($sheet, 'Round') as $round) {
            // Whole pixels: what is odd beside what is even is half a pixel off.
            self::assertEqualsWithDelta([659, 240], [$round['x'] + $round['w'] / 2, $round['y'] + $round['h'] / 2], 0.5);
        }

        $hand->step('Three lines of heading, centred with each other and on the page')->write(300, 60, 'Log of the Skerry')->write(300, 100, 'Harbour Road to Gannet Isle')->write(300, 130, 'Page')
            ->drag(280, 40, 700, 170)->selected('3 ')->choose('Align to', 'the sheet')->key('Alt+Shift+Left')->says('Aligned 3 texts');
        foreach (['Log of the Skerry', 'Harbour Road to Gannet Isle', 'Page'] as $words) {
            [$x, , $w] = $this->place($sheet, $words);
            self::assertEqualsWithDelta(400, $x + $w / 2, 0.51, $words);
        }
        $hand->step('Handed over as PDF')->key('Ctrl+Enter')->choose('Whole sheets as PDF', 'this one as PDF');
        $zip = $this->archive();
        self::assertStringStartsWith('%PDF', (string) $zip->getFromName('Sheet 1.pdf'), implode(', ', self::names($zip)));
        $this->done(3, 'A log page');
    }
}
