<?php

declare(strict_types=1);

namespace Tests\Browser\Jobs;

/** Shapes that are cut, turned, mirrored and repeated. */
final class ShapeJobsTest extends JobTestCase
{
    public function test_matrices_in_brackets(): void
    {
        $hand = $this->hand;
        $sheet = $this->begin('Screen');
        $hand->step('Four by four figures from one')->write(200, 120, '1')->key('Escape')->at(204, 128)->selected('1')->press('Repeat…')->fields('block columns', '4', '4', '30', '16')->says('4 × 4');
        [, $top, $wide, $high] = $this->place($sheet, 'Block');
        $hand->step('A bracket by hand, made straight by its points')->press('Path')->at(180, 104)->at(166, 108)->at(169, 270)->at(181, 274)->key('Escape')->says('Drew "Path"')
            ->key('Enter')->drag(140, 98, 174, 280)->key('Alt+Left')->says('aligned')->drag(210, 90, 150, 118)->key('Alt+Up')->says('aligned')->drag(210, 290, 150, 262)->key('Alt+Down')->says('aligned')->key('Escape')->key('Escape');
        $points = $this->item($sheet, 'Path')['fields']['subpaths'][0]['points'];
        self::assertSame([$points[0]['y'], $points[2]['y'], $points[1]['x']], [$points[1]['y'], $points[3]['y'], $points[2]['x']]);
        [$left, $up, $w, $h] = $this->place($sheet, 'Path');
        $gap = 200 - $left - $w;
        $hand->step('The other bracket, mirrored, on the other side at the same distance, both 3 px')->at(166, 200)->selected('Path')->key('Ctrl+D')->says('Copied')->press('Mirror across')->says('Mirrored')
            ->drag(174, 150, 402, 154)->says('Moved')->field('clear left', (string) $gap)->says("$gap px from")->key('Escape')->at(166, 200, 'Shift')->selected('2 paths')->key('Alt+Up')->says('Aligned')->press('Look')->field('weight', '3')->says('Set outline of 2 paths')->press('Look');
        foreach ($this->boundsOf($sheet, 'Path') as $i => $bracket) {
            self::assertEquals([[$left, 200 + $wide + $gap][$i], $up, $w, $h], array_values($bracket));
        }
        $hand->step('Matrix and brackets one group, in the middle of the page across')->key('Escape')->drag(120, 60, 700, 330)->selected('3 ')->key('Ctrl+G')->choose('Align to', 'the sheet')->key('Alt+Shift+Left')->says('Aligned');
        [$x, , $w] = $this->place($sheet, 'Group');
        self::assertEqualsWithDelta(640, $x + $w / 2, 0.5);
        $hand->step('Ten by ten from a list of numbers, below')->press('Others than Table')->press('Matrix of numbers…', 'span')->click('[role=dialog] textarea')->type(implode(' ', range(1, 100)))->press('Make the matrix')->says('10 × 10 cells')
            ->field('y', '360');
        $matrix = $this->item($sheet, 'Matrix');
        self::assertEquals([640, 360, 36], [$matrix['frame']['x'] + $matrix['frame']['w'] / 2, $matrix['bounds']['y'], $matrix['painting']['tracks']['x'][1] - $matrix['painting']['tracks']['x'][0]]);
        $hand->step('Both cut, handed over as SVG')->key('Escape')->key('Ctrl+A')->key('Ctrl+K')->key('Ctrl+Enter')->press('SVG');
        self::assertContains('Matrix.svg', self::names($this->archive()));
        $this->done(4, 'Matrices in brackets');
    }

    public function test_a_banner_of_three_bars(): void
    {
        $hand = $this->hand;
        $sheet = $this->begin('Screen');
        $hand->step('Three bars of 600 by 80, 110 apart')->draw('Box', 340, 200, 930, 280)->fields('x', '340', '200', '600', '80')->press('Look')->field('Fill colour', '#24485a')
            ->press('Repeat…')->press('steps')->fields('steps dx', '0', '110', '0', '0', '3')->says('3 in all')->press('Break up');
        $hand->step('The last one notched at its end')->draw('Polygon', 900, 420, 980, 500)->fields('x', '860', '420', '80', '80')->field('sides', '3')->field('angle', '-90')->says('Turned')
            ->at(400, 460, 'Shift')->selected('2 ')->press('Combine…')->choose('Anchor', 'Box')->press('Cut out')->says('Cut');
        $hand->step('A striped back behind each, 12 to the right and below')->key('Ctrl+A')->selected('3 ')->key('Ctrl+D')->says('Copied')->fields('x', 'x + 12', 'y + 12')
            ->choose('Sort of fill', 'stripes')->says('Set fill')->key('Ctrl+Shift+Down')->says('back');
        $hand->step('Words on them')->write(370, 225, 'SAIL')->write(370, 335, 'SOON')->write(370, 445, 'TODAY')->row('SAIL')->row('TODAY', 'Shift')->selected('3 texts')->field('Fill colour', '#fffefb');
        $hand->step('All of it one banner, turned by -10 degrees, in the middle of the sheet')->key('Escape')->key('Ctrl+A')->key('Ctrl+G')->says('Grouped')->field('angle', '-10')->choose('Align to', 'the sheet')->press('Align both ways: centre')->says('Aligned');
        [$x, $y, $w, $h] = $this->place($sheet, 'Group');
        self::assertEqualsWithDelta([640, 400], [$x + $w / 2, $y + $h / 2], 0.5);
        foreach (['SAIL', 'SOON', 'TODAY'] as $words) {
            self::assertEqualsWithDelta(-10, $this->turned($sheet, $words), 0.001);
        }
        $hand->step('The last words changed where they stand');
        $hand->enter(409, 541)->selected('TODAY')->key('Enter')->key('Ctrl+A')->type('NOW')->key('Escape')->says('Changed the words');
        self::assertEqualsWithDelta(-10, $this->turned($sheet, 'NOW'), 0.001);
        $hand->step('A picture behind it, to the whole sheet')->press('Kits')->press('Pictures')->click('.kits [data-cell]')->says('Drew')->menu(640, 700, 'Cover the sheet')->key('Ctrl+Shift+Down')->says('back');
        self::assertSame([0.0, 0.0, 1280.0, 800.0], $this->place($sheet, $this->items($sheet)[0]['name']));
        $hand->step('The whole sheet cut, handed over')->key('Ctrl+Enter')->press('Cut the whole sheet');
        self::assertSame([1280, 800], self::pixels($this->archive(), 'Sheet 1.png'));
        $this->done(8, 'A banner of three bars');
    }

    public function test_a_timeline_of_four_steps(): void
    {
        $hand = $this->hand;
        $sheet = $this->begin('Screen');
        $hand->step('A bar with an arrow head cut out of it, and a shadow')->draw('Box', 60, 200, 270, 260)->fields('x', '60', '200', '220', '64')->draw('Polygon', 60, 340, 120, 400)->fields('x', '60', '200', '64', '64')->press('Look')->field('sides', '3')
            ->field('angle', '90')->says('Turned')->key('Escape')->at(250, 230, 'Shift')->selected('2 ')->press('Combine…')->choose('Anchor', 'Box')->press('Cut out')->says('Cut')->field('Fill colour', '#dcebe4')->press('Add a shadow')->says('shadow');
        $hand->step('A fold under its end, darker')->press('Path')->at(250, 266)->at(279, 266)->at(250, 284)->at(250, 266)->says('Drew')->field('Fill colour', '#24485a')->press('Look');
        $hand->step('A number and a small round for an icon on it')->write(180, 222, 'Step 1')->key('Escape')->draw('Round', 120, 212, 158, 250, 'Shift')->fields('w', '40', '40');
        $hand->step('The icon, and both in the middle of the bar')->press('Kits')->press('Icons')->click('.icons [data-cell]')->says('in the middle of "Round"')->press('Contents')->row('Round')->row('Step 1', 'Ctrl')->selected('2 ')->choose('Align to', 'what each lies on')->press('Align middles')->says('Aligned');
        $hand->step('One step of it all; four, spread across and down, counted up')->key('Escape')->key('Ctrl+A')->key('Ctrl+G')->says('Grouped')->press('Repeat…')->press('steps')->click('.repeat > label:nth-of-type(2) input')->fields('steps dx', '280', '60', '0', '0', '4')->says('4 in all');
        $bars = array_values(array_column(array_filter($this->items($sheet), static fn (array $item): bool => $item['kind'] === 'combined'), 'bounds'));
        self::assertEquals([[60, 200], [340, 260], [620, 320], [900, 380]], array_map(static fn (array $b): array => [$b['x'], $b['y']], $bars));
        $texts = array_column(array_column(array_filter($this->items($sheet), static fn (array $item): bool => $item['kind'] === 'text'), 'fields'), 'text');
        self::assertSame(['Step 1', 'Step 2', 'Step 3', 'Step 4'], array_values($texts));
        foreach (array_column(array_filter($this->items($sheet), static fn (array $item): bool => $item['kind'] === 'round'), 'bounds') as $k => $round) {
            self::assertEqualsWithDelta($bars[$k]['y'] + 32, $round['y'] + 20, 0.5);
        }
        $hand->step('Laid out the other way')->field('series dx', '0')->field('series dy', '120')->says('120 down');
        $bars = array_values(array_column(array_filter($this->items($sheet), static fn (array $item): bool => $item['kind'] === 'combined'), 'bounds'));
        self::assertEquals([[60, 200], [60, 320], [60, 440], [60, 560]], array_map(static fn (array $b): array => [$b['x'], $b['y']], $bars));
        $hand->step('Cut and handed over')->key('Ctrl+K')->key('Ctrl+Enter');
        self::assertContains('Steps.png', self::names($this->archive()));
        $this->done(12, 'A timeline of four steps');
    }

    /** How far something is turned, with what it lies in, in degrees. */
    private function turned(string $sheet, string $name): float
    {
        $item = $this->item($sheet, $name);
        $all = array_column($this->items($sheet), null, 'id');
        $angle = (float) $item['angle'];
        for ($holder = $item['parent']; $holder !== null; $holder = $all[$holder]['parent']) {
            $angle += (float) $all[$holder]['angle'];
        }

        return $angle;
    }
}
