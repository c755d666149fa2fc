<?php

declare(strict_types=1);

namespace Tests\Browser\Jobs;

/** Things in masks, trays and rails. */
final class ContainerJobsTest extends JobTestCase
{
    public function test_a_page_of_kits_in_trays(): void
    {
        $hand = $this->hand;
        $sheet = $this->begin('Screen');
        $hand->step('Two cards out of the kits, side by side')->press('Kits')->click('.kits [data-cell][title="Card"]')->says('Card')->fields('x', '60', '80')->click('.kits [data-cell][title="Card"]')->says('Card')->fields('x', '420', '80')->key('Escape');
        self::assertEquals([[60, 80], [420, 80]], array_map(static fn (array $b): array => [$b['x'], $b['y']], $this->boundsOf($sheet, 'Card')));
        $hand->step('A picture in each, then another in the first')->press('Pictures')->enter(200, 150)->selected('Picture')->click('.kits [data-cell]')->says('Picture')->key('Escape')->enter(560, 150)->selected('Picture')->click('.kits [data-cell]:nth-of-type(2)')->says('Picture');
        $pictures = fn (): array => array_values(array_map(static fn (array $item): ?string => $item['fields']['picture'], array_filter($this->items($sheet), static fn (array $item): bool => $item['kind'] === 'picture')));
        $first = $pictures();
        self::assertCount(2, array_unique(array_filter($first)));
        $hand->key('Escape')->enter(200, 150)->selected('Picture')->click('.kits [data-cell]:nth-of-type(3)')->says('Swapped');
        self::assertNotSame($first[0], $pictures()[0]);
        self::assertSame($first[1], $pictures()[1]);
        $hand->step('Other words in the second')->key('Escape')->enter(480, 268)->selected('Title')->key('Enter')->key('Ctrl+A')->type('Night crossing')->key('Escape')->says('Changed the words');
        $hand->step('A strip to put things on, with a box on it, moved with it')->press('Others than Polygon')->press('Tray', 'span')->drag(60, 480, 700, 560)->says('Drew "Tray"')->draw('Box', 80, 500, 140, 540)->says('Drew "Box"');
        $strip = $this->place($sheet, 'Tray');
        $box = $this->place($sheet, 'Box');
        self::assertSame($this->item($sheet, 'Tray')['id'], $this->item($sheet, 'Box')['parent']);
        $hand->key('Escape')->key('Escape')->at(600, 520)->selected('Tray')->key('Shift+Down', 2)->says('Moved "Tray"');
        self::assertSame([[$strip[0], $strip[1] + 20], [$box[0], $box[1] + 20]], [array_slice($this->place($sheet, 'Tray'), 0, 2), array_slice($this->place($sheet, 'Box'), 0, 2)]);
        $hand->step('A button of exactly 200 by 80, nudged by 1 and by 10')->key('Escape')->draw('Box', 800, 480, 960, 560)->fields('x', '800', '480', '200', '80')->key('Escape')->key('Right')->key('Shift+Right')->key('Up')->says('Moved');
        self::assertContains([811, 479, 200, 80], array_map(array_values(...), $this->boundsOf($sheet, 'Box')));
        $hand->step('The cards cut and handed over')->drag(30, 50, 740, 370)->selected('2 groups')->key('Ctrl+K')->key('Ctrl+Enter');
        self::assertSame([288, 264], self::pixels($this->archive(), 'Card.png'));
        $this->done(5, 'A page of kits in trays');
    }

    public function test_words_behind_a_mask(): void
    {
        $hand = $this->hand;
        $sheet = $this->begin('Phone');
        $hand->step('A button of 200 by 80, and words longer than it')->draw('Box', 60, 200, 250, 270)->fields('x', '60', '200', '200', '80')
            ->write(90, 235, 'All aboard for Gannet Isle')->key('Escape');
        $hand->step('A second box over it, and the words masked by it')->draw('Box', 60, 300, 250, 370)->fields('x', '60', '200', '200', '80')->key('Escape')
            ->row('All aboard for Gannet Isle', 'Ctrl')->selected('2 ')->key('Escape')->key('Shift+M')->says('Masked');
        self::assertSame([60.0, 200.0, 200.0, 80.0], $this->place($sheet, 'Mask'));
        $before = $this->place($sheet, 'All aboard for Gannet Isle');
        $hand->step('The words slid 40 to the left inside')->enter(160, 245)->selected('All aboard')->key('Shift+Left', 4)->says('px left');
        self::assertSame([$before[0] - 40, $before[1]], array_slice($this->place($sheet, 'All aboard for Gannet Isle'), 0, 2));
        self::assertSame([60.0, 200.0, 200.0, 80.0], $this->place($sheet, 'Mask'));
        $hand->step('Released, looked at, and taken back')->key('Escape')->key('Ctrl+Shift+G')->says('Ungrouped');
        self::assertNotContains('Mask', array_column($this->items($sheet), 'name'));
        $hand->key('Ctrl+Z')->says('Undone');
        $hand->step('Cut and handed over')->row('Mask')->key('Ctrl+K')->key('Ctrl+Enter');
        $zip = $this->archive();
        self::assertSame([200, 80], self::pixels($zip, 'Mask.png'));
        $this->done(13, 'Words behind a mask');
    }

    public function test_a_row_of_pictures_that_runs_out_of_its_frame(): void
    {
        $hand = $this->hand;
        $sheet = $this->begin('Screen');
        $hand->step('A tray of 600 by 200')->press('Others than Polygon')->press('Tray', 'span')->drag(60, 100, 650, 290)->fields('x', '60', '100', '600', '200')->key('Escape')->key('Escape');
        $hand->step('A picture out of the library into it, 160 by 120')->press('Kits')->press('Pictures')->click('.kits [data-cell]')->fields('x', '700', '400', '160', '120')->key('Escape')
            ->drag(780, 460, 162, 202)->says('into "Tray"')->fields('x', '80', '140');
        $hand->step('Copied along to five, out of the tray')->press('Repeat…')->fields('block columns', '5', '1', '16', '8')->says('5 × 1');
        $tray = $this->item($sheet, 'Tray')['id'];
        $within = fn (): array => array_column(array_filter($this->items($sheet), static fn (array $item): bool => $item['parent'] === $tray), 'name');
        self::assertSame(['Block'], $within(), 'all of it belongs to the tray');
        self::assertEquals([80, 256, 432, 608, 784], array_column($this->boundsOf($sheet, 'Ferry'), 'x'));
        $hand->step('Cut off at the frame, shown again, the gaps made 24, and cut off')->key('Shift+X')->says('Tray')->key('Shift+X')->says('Tray')->field('series column_gap', '24')->says('gaps 24')
            ->key('Escape')->key('Shift+X');
        self::assertEquals([80, 264, 448, 632, 816], array_column($this->boundsOf($sheet, 'Ferry'), 'x'));
        self::assertTrue($this->item($sheet, 'Tray')['fields']['clip']);
        $hand->step('The tray cut and handed over')->key('Escape')->key('Escape')->at(70, 290)->selected('Tray')->key('Ctrl+K')->key('Ctrl+Enter');
        self::assertSame([600, 200], self::pixels($this->archive(), 'Tray.png'));
        $this->done(14, 'A row of pictures that runs out of its frame');
    }

    public function test_notes_in_rails(): void
    {
        $hand = $this->hand;
        $sheet = $this->begin('Screen');
        $hand->step('Four notes, one below the other')->draw('Box', 60, 80, 340, 140)->fields('x', '60', '80', '300', '60')->press('Repeat…')->fields('block columns', '1', '4', '8', '16')->says('1 × 4')->press('Break up');
        $hand->step('A rail of them')->key('w')->says('a column with gaps of 16');
        $ys = fn (): array => array_column($this->boundsOf($sheet, 'Box'), 'y');
        self::assertEquals([80, 156, 232, 308], $ys());
        $made = array_column(array_values(array_filter($this->items($sheet), static fn (array $item): bool => $item['kind'] === 'box')), 'id');
        $hand->step('The first to the third place')->enter(200, 110)->key('Down', 2)->says('one forward');
        $order = fn (): array => array_column(array_values(array_filter($this->items($sheet), static fn (array $item): bool => $item['kind'] === 'box')), 'id');
        $moved = $order();
        self::assertSame([$made[1], $made[2], $made[0], $made[3]], $moved);
        $hand->step('The last copied, the one before it deleted')->key('Escape')->enter(200, 340)->key('Ctrl+D')->says('Copied')->key('Escape')->enter(200, 260)->key('Delete')->says('Deleted');
        self::assertEquals([80, 156, 232, 308], $ys());
        $hand->step('One drawn in between')->key('Escape')->key('Escape')->draw('Box', 70, 143, 340, 153)->says('Drew');
        self::assertCount(5, $ys());
        self::assertNotContains($order()[1], $moved, 'between the first and the second');
        $hand->step('One gap alone made wider by dragging, one by number, one typed for all')->key('Escape')->key('Escape')->at(200, 300)->selected('Rail')->drag(200, 256, 200, 268)->says('before')->enter(200, 300)->field('berth before', '24')->key('Escape')->key('Escape')->field('rail gap', '20');
        self::assertEquals([80, 160, 196, 300, 380], $ys());
        $hand->step('Two tags in a row that grow as one types')->key('Escape')->key('Escape')->write(500, 100, 'Tide')->write(560, 100, 'Wind')->key('Escape')->drag(480, 80, 640, 130)->selected('2 ')->key('w')->says('a row');
        [$tideX, , $tideW] = $this->place($sheet, 'Tide');
        $gap = $this->place($sheet, 'Wind')[0] - $tideX - $tideW;
        $hand->enter(510, 108)->enter(510, 108)->key('End')->type(' at noon')->key('Escape')->says('Tide at noon');
        [$x, , $w] = $this->place($sheet, 'Tide at noon');
        self::assertGreaterThan($tideW + 20, $w);
        self::assertEqualsWithDelta($x + $w + $gap, $this->place($sheet, 'Wind')[0], 0.001);
        $hand->step('The row turned into a column')->key('Escape')->press('column')->says('column');
        self::assertSame($x, $this->place($sheet, 'Wind')[0]);
        $hand->step('Everything cut and handed over')->key('Ctrl+A')->key('Ctrl+K')->key('Ctrl+Enter');
        self::assertContains('Rail.png', self::names($this->archive()));
        $this->done(15, 'Notes in rails');
    }
}
