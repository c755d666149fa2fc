<?php

declare(strict_types=1);

namespace Tests\Browser\Jobs;

/** What is printed: invitations, notices, titles. */
final class PrintJobsTest extends JobTestCase
{
    public function test_a_notice_on_a_grid(): void
    {
        $hand = $this->hand;
        $sheet = $this->beginAt('Notice', '110', '200', 'mm', '250');
        $hand->step('A grid of 10 columns and 14 rows, gutter 26 px, margins 90 px')->choose('Unit', 'px')->press('Guides')->fields('grid columns', '10', '26', '90', '90')->says('Set the grid')->fields('grid rows', '14', '26', '90', '90')->says('14 rows');
        $settings = $this->server->call('GET', "sheets/$sheet")['sheet'];
        self::assertEquals([1083, 1969], [$settings['width'], $settings['height']]);
        self::assertEquals([10, 26, 14, 26, 90], [$settings['grid']['columns']['count'], $settings['grid']['columns']['gutter'], $settings['grid']['rows']['count'], $settings['grid']['rows']['gutter'], $settings['margins']['left']]);
        $hand->step('A title, tracked to the ten columns')->write(120, 520, 'NO SAILINGS')->key('Escape')->press('Type')->field('size', '110')->fields('fit columns', '1-10')->says('Fitted')->press('Track to the width')->says('Tracked "NO SAILINGS"');
        [$x, , $w] = $this->place($sheet, 'NO SAILINGS');
        self::assertEquals([90, 1083 - 180], [$x, $w]);
        $hand->step('A line below it; both one group, named title')->write(120, 700, 'between noon and four on Tuesday')->key('Escape')->field('size', '48')->fields('fit columns', '1-10')->says('Fitted')->key('Escape')->at(300, 560, 'Shift')->selected('2 texts')->key('Ctrl+G')->press('Contents')->rename('Group', 'title');
        $hand->step('The logo: two rounds, one in the middle of the other, in the corner of the margins, named logo')->draw('Round', 120, 120, 300, 300, 'Shift')->fields('w', '160', '160')->choose('Align to', 'the margins')->press('Align both ways: top left')->says('Aligned')
            ->draw('Round', 130, 130, 200, 200, 'Shift')->fields('w', '80', '80')->press('Look')->field('Fill colour', '#f0c96a')->choose('Align to', 'what it lies on')->press('Align both ways: centre')->says('Aligned')
            ->drag(60, 60, 290, 290)->selected('2 rounds')->key('Ctrl+G')->rename('Group', 'logo');
        self::assertSame([90.0, 90.0, 160.0, 160.0], $this->place($sheet, 'logo'));
        self::assertEquals([[90, 90], [130, 130]], array_map(static fn (array $b): array => [$b['x'], $b['y']], $this->boundsOf($sheet, 'Round')));
        $hand->step('The grid hidden and shown')->key('Escape')->key('c')->says('The grid is hidden')->key('c')->says('The grid is shown');
        $hand->step('Handed over as PDF and PNG')->key('Ctrl+Enter')->press('Cut the whole sheet')->press('PDF');
        $zip = $this->archive();
        self::assertSame([1083, 1969], self::pixels($zip, 'Sheet 1.png'));
        self::assertContains('Sheet 1.pdf', self::names($zip));
        $this->done(2, 'A notice on a grid');
    }

    public function test_an_invitation_in_two_arrangements(): void
    {
        $hand = $this->hand;
        $sheet = $this->begin('A5');
        $document = basename(dirname((string) parse_url($this->browser->driver->getCurrentURL(), PHP_URL_PATH)));
        $hand->step('A picture across the upper part, words crowded below it')->choose('Unit', 'px')->press('Kits')->press('Pictures')->click('.kits [data-cell]')->fields('x', '20', '20', '500', '330')->press('Contents')->key('Escape')
            ->write(40, 380, 'Harbour fair')->key('Escape')->press('Type')->field('size', '48')->write(44, 452, 'Boats, bread and brass')->write(300, 470, 'Skerry Point')->write(310, 480, '14 August');
        $hand->step('The same space of 24 all round the picture, by a gauge block')->key('Escape')->key('Escape')->field('unit of spacing', '24')->press('Gauge')->at(200, 200)->field('clear left', '24')->field('clear top', '24')->field('w', '100% - 48');
        self::assertSame([24.0, 24.0, 559.37 - 48], array_map(static fn (float $one): float => round($one, 2), array_slice($this->place($sheet, 'Ferry at noon'), 0, 3)));
        $hand->step('Title and subtitle close, place and date apart, all by the left edge of the picture')->key('Escape')->key('Escape')->drag(10, 370, 540, 515)->selected('4 texts')->press('Align left edges')->says('Aligned')
            ->field('gap', '8')->press('Set gaps down')->says('Set the gap')->field('x', '24')->key('Escape')->row('Boats, bread and brass')->row('14 August', 'Shift')->selected('3 texts')->field('gap', '24')->press('Set gaps down')->says('Set the gaps');
        $tops = array_map(fn (string $name): array => $this->place($sheet, $name), ['Harbour fair', 'Boats, bread and brass', 'Skerry Point', '14 August']);
        self::assertEqualsWithDelta([8, 24, 24], array_map(static fn (int $i): float => $tops[$i + 1][1] - $tops[$i][1] - $tops[$i][3], [0, 1, 2]), 0.002);
        self::assertSame([24.0, 24.0, 24.0, 24.0], array_column($tops, 0));
        $hand->step('A second arrangement beside it: words in the middle')->click('.tab.on .more')->press('Make a variant', 'span')->says('a variant of');
        $variant = $this->opened();
        self::assertNotSame($sheet, $variant);
        $hand->drag(10, 370, 540, 620)->selected('4 texts')->choose('Align to', 'the sheet')->press('Align centres across')->says('Aligned 4 texts');
        $hand->step('Both compared, the second chosen')->click('.tab.on .more')->press('Compare…', 'span')->press('By turns')->press('The other one')->click('.either .btn.main');
        self::assertSame($variant, $this->opened());
        self::assertSame([$variant], array_column($this->server->call('GET', "documents/$document")['sheets'], 'id'));
        foreach (array_column($tops, null) as $i => $was) {
            [$x, $y, $w] = $this->place($variant, ['Harbour fair', 'Boats, bread and brass', 'Skerry Point', '14 August'][$i]);
            self::assertEqualsWithDelta([559.37 / 2, $was[1]], [$x + $w / 2, $y], 0.01);
        }
        $hand->step('The picture bleeds off the left and the upper edge by 3 mm')->row('Ferry at noon')->fields('x', '-3mm', '-3mm')->says('Placed')->click('.by-size input')->field('clear right', '24')->says('24 px from');
        self::assertEqualsWithDelta([-11.339, -11.339, 559.37 - 24 + 11.339], array_slice($this->place($variant, 'Ferry at noon'), 0, 3), 0.005);
        $hand->step('Handed over as PDF')->key('Ctrl+Enter')->choose('Whole sheets as PDF', 'this one as PDF');
        self::assertCount(1, preg_grep('~\.pdf$~', self::names($this->archive())) ?: []);
        $this->done(1, 'An invitation');
    }

    public function test_a_title_of_loose_letters(): void
    {
        $hand = $this->hand;
        $sheet = $this->begin('Screen');
        $hand->step('Five letters of unlike heights, put down by eye')->write(200, 300, 'T')->write(260, 310, 'i')->write(320, 296, 'd')->write(390, 305, 'e')->write(450, 290, 's')->key('Escape')->drag(180, 270, 520, 340)->selected('5 texts')->press('Type')->field('size', '64')
            ->key('Escape')->at(330, 306)->selected('d')->field('size', '96')->press('Type');
        $hand->step('On one baseline, evenly spaced by what is painted, between pixels too')->press('whole pixels on')->key('Ctrl+A')->press('Baseline')->says('baselines')->choose('Which box of each counts', 'what is painted')->field('gap', '12')->press('Set gaps across')->says('Set the gap');
        $inks = array_column($this->items($sheet), 'ink');
        for ($i = 1; $i < 5; $i++) {
            self::assertEqualsWithDelta(12, $inks[$i]['x'] - $inks[$i - 1]['x'] - $inks[$i - 1]['w'], 0.002);
        }
        $baselines = array_map(static fn (array $item): float => round($item['bounds']['y'] + (float) explode(' ', (string) $item['painting']['body'][0][2][0]['transform'])[1], 3), $this->items($sheet));
        self::assertCount(1, array_unique($baselines), implode(', ', $baselines));
        $hand->step('The title turned as one')->key('Ctrl+G')->field('angle', '-6')->says('Turned');
        self::assertEquals(-6, $this->item($sheet, 'Group')['angle']);
        $hand->step('Two pictures, their bottoms on one guide')->press('Kits')->press('Pictures')->click('.kits [data-cell]')->fields('x', '60', '400', '320', '200')->key('Escape')->click('.kits [data-cell]:nth-of-type(2)')->fields('x', '440', '430', '320', '210')
            ->pullGuide('y', 702)->says('Put the horizontal guide at y 700')->at(200, 500, 'Shift')->selected('2 pictures')->choose('Align to', 'the horizontal guide at 700')->press('Align bottoms')->says('Aligned 2 pictures');
        $pictures = array_values(array_column(array_filter($this->items($sheet), static fn (array $item): bool => $item['kind'] === 'picture'), 'bounds'));
        self::assertEquals([700, 700], array_map(static fn (array $b): float => $b['y'] + $b['h'], $pictures));
        $hand->step('The whole sheet handed over')->key('Ctrl+Enter')->press('Cut the whole sheet');
        self::assertSame([1280, 800], self::pixels($this->archive(), 'Sheet 1.png'));
        $this->done(9, 'A title of loose letters');
    }
}
