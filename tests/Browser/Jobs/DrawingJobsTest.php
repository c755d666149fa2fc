<?php

declare(strict_types=1);

namespace Tests\Browser\Jobs;

/** Icons, badges and plans, drawn exactly. */
final class DrawingJobsTest extends JobTestCase
{
    public function test_a_compass_icon(): void
    {
        $hand = $this->hand;
        $first = $this->begin('Square post');
        $hand->step('A disc of 600 with a gradient, in the middle')->draw('Round', 240, 240, 800, 800, 'Shift')->fields('x', '240', '240', '600', '600')->press('Look')->choose('Sort of fill', 'radial gradient')->says('Set fill');
        $hand->step('A short and a long mark, seventy-two of them round the disc, every sixth long')->draw('Box', 40, 40, 50, 60)->fields('x', '40', '40', '4', '20')->field('Fill colour', '#20302d')
            ->draw('Box', 90, 40, 100, 84)->fields('x', '90', '40', '6', '44')->field('Fill colour', '#20302d')->press('Look')->drag(20, 20, 140, 130)->selected('2 boxes')
            ->press('Repeat…')->press('ring')->press('outward')->fill('ring count', '72')->fill('ring radius', '260')->field('ring every', '6')->says('72 places all round');
        $marks = $this->boundsOf($first, 'Box');
        self::assertCount(72, $marks);
        self::assertCount(12, array_filter(array_column(array_column(array_filter($this->items($first), static fn (array $item): bool => $item['kind'] === 'box'), 'frame'), 'h'), static fn ($h): bool => (float) $h === 44.0));
        $hand->step('A pointer of two triangles, turned as one')->draw('Polygon', 500, 340, 580, 540)->fields('x', '510', '340', '60', '200')->press('Look')->field('sides', '3')->press('Look')
            ->key('Ctrl+D')->says('Copied')->press('Mirror down')->fields('x', '510', '540')->key('Escape');
        self::assertSame([[510.0, 340.0, 60.0, 200.0], [510.0, 540.0, 60.0, 200.0]], array_map(static fn (array $b): array => array_map(floatval(...), array_values($b)), $this->boundsOf($first, 'Polygon')));
        $hand->key('Escape')->row('Polygon')->key('Escape')->at(540, 660)->at(540, 420, 'Shift')->selected('2 polygons')->key('Ctrl+G')->field('angle', '30')->says('Turned')->rename('Group', 'Pointer');
        self::assertEqualsWithDelta(30, $this->item($first, 'Pointer')['angle'] ?: array_values(array_filter($this->items($first), static fn (array $item): bool => $item['kind'] === 'polygon'))[0]['angle'], 0.001);
        $hand->step('All of it one icon, at the same place on another sheet')->key('Escape')->key('Ctrl+A')->key('Ctrl+G')->rename('Group', 'compass')->key('Escape')->key('Ctrl+X');
        $here = $this->items($first);
        self::assertSame([], $here);
        $hand->press('Add a sheet')->press('Add sheet');
        $sheet = $this->opened();
        $hand->key('Ctrl+Shift+V')->says('Pasted');
        self::assertSame([240.0, 240.0, 600.0, 600.0], $this->place($sheet, 'compass'));
        $hand->step('Cut, and handed over in three sizes')->key('Ctrl+K')->key('Ctrl+Enter')->press('3x');
        $zip = $this->archive();
        self::assertSame([[600, 600], [1200, 1200], [1800, 1800]], [self::pixels($zip, 'compass.png'), self::pixels($zip, 'compass@2x.png'), self::pixels($zip, 'compass@3x.png')]);
        $this->done(6, 'A compass icon');
    }

    public function test_a_round_seal(): void
    {
        $hand = $this->hand;
        $sheet = $this->begin('Square post');
        $hand->step('A round of 400 with an outline, a second one inside it')->draw('Round', 80, 80, 460, 460, 'Shift')->fields('x', '80', '80', '400', '400')->press('Look')->field('Outline colour', '#17614f')->field('weight', '6');
        $hand->key('Escape')->key('Ctrl+D')->says('Copied')->fields('w', '280', '280')->key('Escape')->at(460, 280, 'Shift')->selected('2 rounds')->key('5')->says('Aligned');
        $hand->step('Words above and below along the ring')->key('Escape')->at(100, 280)->selected('Round')->key('Shift+T')->field('circle words', 'Merrow Sound Ferries')->field('circle radius', '160')
            ->press('One on the other side')->field('circle words', 'since the first tide');
        self::assertSame([280.0, 280.0], array_map(fn (string $name): float => $this->place($sheet, $name)[0] + $this->place($sheet, $name)[2] / 2, ['Merrow Sound Ferries', 'since the first tide']));
        $hand->step('A name across, in the middle')->write(200, 270, 'MERROW')->key('Escape')->at(225, 278)->selected('MERROW')->press('Type')->field('size', '40')->press('Type')->key('5')->says('Aligned');
        [$x, , $w] = $this->place($sheet, 'MERROW');
        self::assertEqualsWithDelta(280, $x + $w / 2, 0.5);
        $hand->step('One seal of all of it, and a second one beside it')->key('Ctrl+A')->key('Ctrl+G')->rename('Group', 'seal')->key('Escape')->drag(110, 300, 560, 300, 'Alt', 'Shift')->says('Copied')
            ->key('Ctrl+A')->selected('2 ')->field('gap', '40')->press('Set gaps across')->says('Set the gap');
        [$first, $second] = $this->boundsOf($sheet, 'seal');
        self::assertEquals([$first['x'] + $first['w'] + 40, $first['y'], $first['w']], [$second['x'], $second['y'], $second['w']]);
        $hand->step('Both cut and handed over')->key('Ctrl+K')->key('Ctrl+Enter');
        self::assertSame([[400, 400], [400, 400]], [self::pixels($zip = $this->archive(), 'seal.png'), self::pixels($zip, 'seal 2.png')]);
        $this->done(10, 'A round seal');
    }

    public function test_a_harbour_plan(): void
    {
        $hand = $this->hand;
        $sheet = $this->begin('Screen');
        $hand->step('The water, locked')->draw('Box', 0, 560, 1280, 800)->press('Look')->field('Fill colour', '#cfe0e6')->key('Ctrl+L')->says('Locked');
        $hand->step('Two roads by hand, then 24 wide, one level and one upright')->draw('Line', 60, 300, 1200, 320)->draw('Line', 620, 40, 640, 540)->key('Escape')->drag(40, 20, 1240, 550)->selected('2 lines')
            ->field('weight', '24')->says('Set')->press('Look')->key('Escape')->at(200, 302)->selected('Line')->field('angle', '0')->says('Turned')->key('Escape')->at(637, 460)->selected('Line')->field('angle', '90')->says('Turned')->key('Escape');
        self::assertEquals([0, 90], array_values(array_map(static fn (array $item): float => (float) $item['angle'], array_filter($this->items($sheet), static fn (array $item): bool => $item['kind'] === 'line'))));
        $hand->step('Twelve buildings beside the sheet')->draw('Box', 1320, 60, 1370, 110)->fields('x', '1320', '60', '40', '40')->press('Repeat…')->fields('block columns', '4', '3', '10', '10')->says('4 × 3')->press('Break up')->selected('12 boxes');
        $hand->step('Onto the sheet, half as large again')->drag(1340, 80, 100, 80)->field('w', 'w * 1.5')->says('w 285');
        $hand->field('h', 'h * 1.5')->says('h 210');
        self::assertEquals([60, 60], [$this->boundsOf($sheet, 'Box')[1]['w'], $this->boundsOf($sheet, 'Box')[1]['h']]);
        $hand->step('One put down on another by mistake; the overlap found and ended')->key('Escape')->key('Escape')->drag(100, 80, 128, 80)->says('Moved')->click('.stamp');
        $hand->click('[aria-label^=\'Fix: "Box" overlaps\']')->says('Put 1 finding right');
        $found = array_column($this->server->call('GET', "sheets/$sheet/findings")['kinds'], 'findings', 'kind');
        self::assertSame([], $found['overlap'] ?? []);
        $hand->step('Handed over as PDF')->key('Ctrl+Enter')->choose('Whole sheets as PDF', 'this one as PDF');
        self::assertContains('Sheet 1.pdf', self::names($this->archive()));
        $this->done(7, 'A harbour plan');
    }
}
