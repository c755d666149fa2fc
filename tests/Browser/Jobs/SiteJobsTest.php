<?php

declare(strict_types=1);

namespace Tests\Browser\Jobs;

use Tests\Support\Waiting;

/** Pages of a site. */
final class SiteJobsTest extends JobTestCase
{
    public function test_a_site_of_four_pages(): void
    {
        $hand = $this->hand;
        $first = $this->begin('Screen');
        $document = basename(dirname((string) parse_url($this->browser->driver->getCurrentURL(), PHP_URL_PATH)));
        $hand->step('A head and a foot, for every page')->draw('Box', 0, 0, 1280, 70)->fields('x', '0', '0', '1280', '72')->press('Look')->field('Fill colour', '#24485a')->menu(640, 36, 'Trays, rails and tables > Show on every sheet')->says('head')
            ->draw('Box', 0, 740, 1280, 800)->fields('x', '0', '752', '1280', '48')->menu(640, 780, 'Trays, rails and tables > Show on every sheet')->says('foot');
        $hand->step('Three more pages, each with both');
        foreach ([1, 2, 3] as $i) {
            $hand->press('Add a sheet')->press('Add sheet');
            $this->opened();
        }
        $sheets = array_column($this->server->call('GET', "documents/$document")['sheets'], 'id');
        self::assertCount(4, $sheets);
        foreach ($sheets as $sheet) {
            self::assertEquals([[0, 0, 1280, 72], [0, 752, 1280, 48]], array_map(array_values(...), $this->boundsOf($sheet, 'Box')));
        }
        $hand->step('On the last page words in a box with a padding of 10 all round')->write(100, 200, 'Timetable')->key('Escape')->press('Type');
        $before = $this->place($sheets[3], 'Timetable');
        $hand->field('all', '10')->says('padding');
        [, , $w, $h] = $this->place($sheets[3], 'Timetable');
        self::assertEqualsWithDelta([$before[2] + 20, $before[3] + 20], [$w, $h], 1);
        $hand->step('Words lined up with the words below them')->key('Escape')->write(400, 200, 'Departs')->write(560, 206, 'Arrives')->write(412, 260, '09:40')->write(548, 262, '10:25')->key('Escape')
            ->drag(380, 180, 480, 300)->selected('2 texts')->key('Alt+Left')->says('Aligned 2 texts')->drag(530, 180, 660, 300)->selected('2 texts')->key('Alt+Left')->drag(380, 180, 660, 240)->selected('2 texts')->press('Baseline')->drag(380, 250, 660, 300)->press('Baseline')->says('baselines');
        self::assertSame($this->place($sheets[3], 'Departs')[0], $this->place($sheets[3], '09:40')[0]);
        self::assertSame($this->place($sheets[3], 'Arrives')[0], $this->place($sheets[3], '10:25')[0]);
        self::assertSame($this->place($sheets[3], 'Departs')[1], $this->place($sheets[3], 'Arrives')[1]);
        $hand->step('A button, at the same place on another page')->draw('Box', 900, 600, 1100, 660)->fields('x', '980', '620', '240', '72')->key('Escape')->key('Ctrl+C')->press('Sheet 2');
        self::assertSame($sheets[1], $this->opened());
        $hand->key('Ctrl+Shift+V')->says('Pasted');
        foreach ([$sheets[1], $sheets[3]] as $sheet) {
            self::assertContains([980, 620, 240, 72], array_map(array_values(...), $this->boundsOf($sheet, 'Box')));
        }
        $hand->step('All pages in one PDF')->key('Ctrl+Enter')->choose('Whole sheets as PDF', 'all in one PDF');
        self::assertCount(1, preg_grep('~\.pdf$~', self::names($this->archive())) ?: []);
        $this->done(16, 'A site of four pages');
    }

    public function test_a_tall_page_at_two_widths(): void
    {
        $hand = $this->hand;
        $wide = $this->beginAt('Tall page', '1280', '2400');
        $document = basename(dirname((string) parse_url($this->browser->driver->getCurrentURL(), PHP_URL_PATH)));
        $hand->step('Five parts, one below the other')->draw('Box', 60, 60, 1200, 400)->fields('x', '60', '60', '1160', '400')->press('Repeat…')->fields('block columns', '1', '5', '0', '40')->says('1 × 5')->press('Break up');
        $tops = fn (string $sheet): array => array_column($this->boundsOf($sheet, 'Box'), 'y');
        self::assertEquals([60, 500, 940, 1380, 1820], $tops($wide));
        $hand->step('The same page at 390, beside it')->click('.tab.on .more')->press('Another width…', 'span')->click('[role=dialog] input')->key('Ctrl+A')->type('390')->key('Enter');
        $narrow = Waiting::until(fn (): string|false => $this->opened() === $wide ? false : $this->opened(), 'the narrow one');
        $phone = $tops($narrow);
        self::assertCount(5, $phone);
        $hand->click('.sheets .tab:not(.on)');
        Waiting::until(fn (): bool => $this->opened() === $wide, 'the wide one');
        $hand->step('All below a line moved down by 40, and back')->key('l')->at(1250, 1360)->field('room', '40')->says('moved 2 boxes 40 px down');
        self::assertEquals([60, 500, 940, 1420, 1860], $tops($wide));
        $hand->press('Close up')->says('40 px up');
        self::assertEquals([60, 500, 940, 1380, 1820], $tops($wide));
        self::assertEquals($phone, $tops($narrow), 'each width has its own places');
        $hand->step('Everything from there on selected, copied, and the copies deleted')->press('Select what is past it')->selected('2 boxes')->key('Ctrl+D')->says('Copied');
        self::assertCount(7, $tops($wide));
        $hand->key('Delete')->says('Deleted');
        self::assertEquals([60, 500, 940, 1380, 1820], $tops($wide));
        $hand->step('Both widths in one PDF')->key('Ctrl+Enter')->choose('Whole sheets as PDF', 'this page at 2 widths in one PDF');
        self::assertCount(1, preg_grep('~\.pdf$~', self::names($this->archive())) ?: []);
        $this->done(21, 'A tall page at two widths');
    }
}
