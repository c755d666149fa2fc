<?php

declare(strict_types=1);

namespace Tests\Browser\Jobs;

/** Things beside, over and against each other. */
final class ArrangingJobsTest extends JobTestCase
{
    public function test_the_same_again(): void
    {
        $hand = $this->hand;
        $sheet = $this->begin('Screen');
        $hand->step('A box, a copy 110 to the right, and five more by doing it again')->draw('Box', 60, 80, 140, 140)->says('Drew')->fields('w', '80', '60')
            ->drag(100, 110, 210, 110, 'Alt', 'Shift')->says('Copied')->key('.', 5)->says('Copied');
        $boxes = $this->boundsOf($sheet, 'Box');
        self::assertCount(7, $boxes);
        $steps = array_unique(array_map(static fn (int $i): float => (float) ($boxes[$i]['x'] - $boxes[$i - 1]['x']), range(1, 6)));
        self::assertCount(1, $steps, implode(', ', $steps));
        self::assertEqualsWithDelta(110, $steps[0], 2);
        self::assertCount(1, array_unique(array_column($boxes, 'y')));

        $hand->step('A line of text, and four more likewise')->write(60, 300, 'All aboard at Skerry Point')->key('Escape')
            ->drag(100, 305, 100, 345, 'Alt', 'Shift')->says('Copied')->key('.', 3)->says('Copied');
        $texts = $this->boundsOf($sheet, 'All aboard');
        self::assertCount(5, $texts);
        $steps = array_unique(array_map(static fn (int $i): float => (float) ($texts[$i]['y'] - $texts[$i - 1]['y']), range(1, 4)));
        self::assertCount(1, $steps, implode(', ', $steps));

        $hand->step('One box spruce, and the same for three others')->at(100, 110)->press('Look')->field('Fill colour', '#17614f')->says('Set fill')
            ->key('Escape')->drag(270, 60, 600, 160)->selected('3 boxes')->key('.')->says('3 boxes');
        $fills = array_count_values(array_map(static fn (array $item): string => (string) ($item['fields']['fill'] ?? ''), array_filter($this->items($sheet), static fn (array $item): bool => $item['kind'] === 'box')));
        self::assertSame(4, $fills['#17614f'] ?? 0, json_encode($fills) ?: '');
        $hand->step('The boxes cut and handed over')->key('Ctrl+A')->key('Ctrl+K')->key('Ctrl+Enter');
        self::assertSame([80, 60], self::pixels($this->archive(), 'Box.png'));
        $this->done(17, 'The same again');
    }

    public function test_four_faces_in_a_row(): void
    {
        $hand = $this->hand;
        $sheet = $this->begin('Phone');
        $hand->step('A round of 80')->draw('Round', 40, 200, 118, 280, 'Shift')->says('Drew')->fields('x', '40', '200', '80', '80');
        $hand->step('Four of them in a row')->press('Repeat…')->fields('block columns', '4', '1', '8', '8')->says('4 × 1')->press('Break up');
        $hand->step('A rail of them, each 20 over the one before')->key('w')->says('a row')->field('rail gap', '-20');
        $rounds = static fn (array $items): array => array_values(array_filter($items, static fn (array $item): bool => $item['kind'] === 'round'));
        $order = array_column($rounds($this->items($sheet)), 'id');
        self::assertEquals([40, 100, 160, 220], array_column(array_column($rounds($this->items($sheet)), 'bounds'), 'x'));
        $hand->step('The third on top, in the same order')->enter(200, 240)->field('berth over', '1');
        self::assertSame($order, array_column($rounds($this->items($sheet)), 'id'));
        self::assertEquals([40, 100, 160, 220], array_column(array_column($rounds($this->items($sheet)), 'bounds'), 'x'));
        $painted = (array) $this->browser->run('return [...document.querySelectorAll(".layer [data-item]")].map((one) => one.dataset.item)');
        self::assertSame([$order[0], $order[1], $order[3], $order[2]], array_values(array_intersect($painted, $order)), 'painted last');
        $hand->step('Cut as one and handed over')->key('Escape')->key('Escape')->key('Ctrl+K')->key('Ctrl+Enter');
        self::assertSame([260, 80], self::pixels($this->archive(), 'Rail.png'));
        $this->done(19, 'Four faces in a row');
    }

    public function test_two_shapes_in_their_corners(): void
    {
        $hand = $this->hand;
        $sheet = $this->begin('Screen');
        $hand->step('A box in the corner at the top left')->draw('Box', 300, 200, 500, 320)->says('Drew')->choose('Align to', 'the sheet')->key('7')->says('Aligned');
        $hand->step('A round in the one at the bottom right')->draw('Round', 700, 300, 860, 460, 'Shift')->says('Drew')->key('3')->says('Aligned');
        [, , $w, $h] = $this->place($sheet, 'Round');
        self::assertSame([0.0, 0.0], array_slice($this->place($sheet, 'Box'), 0, 2));
        self::assertSame([1280 - $w, 800 - $h], array_slice($this->place($sheet, 'Round'), 0, 2));
        $hand->step('The round against the box, their middles on one line')->key('Ctrl+A')->selected('2 ')->choose('Align to', 'one of them')->choose('Anchor', 'Box')
            ->key('Alt+Shift+Up')->says('Aligned')->at(1250, 60 + 0)->selected('Round')->field('clear left', '0')->says('0 px from "Box"')->key('Escape')->key('Ctrl+A');
        [$x, $y, $bw, $bh] = $this->place($sheet, 'Box');
        self::assertSame($x + $bw, $this->place($sheet, 'Round')[0]);
        self::assertEqualsWithDelta($y + $bh / 2 - $h / 2, $this->place($sheet, 'Round')[1], 0.5);
        $hand->step('Both locked')->key('Ctrl+L')->says('Locked 2 items');
        $kept = [$this->place($sheet, 'Box'), $this->place($sheet, 'Round')];
        $hand->step('Three more drawn, and everything there is aligned, evened out, moved and deleted')
            ->draw('Box', 100, 500, 180, 560)->draw('Box', 300, 520, 380, 580)->draw('Box', 600, 510, 680, 570)
            ->key('Ctrl+A')->key('e')->key('Alt+Up')->key('Shift+Right')->key('Delete')->says('Deleted');
        self::assertSame($kept, [$this->place($sheet, 'Box'), $this->place($sheet, 'Round')]);
        self::assertCount(2, $this->items($sheet));
        $hand->step('Handed over as PDF')->key('Ctrl+Enter')->choose('Whole sheets as PDF', 'this one as PDF');
        self::assertContains('Sheet 1.pdf', self::names($this->archive()));
        $this->done(20, 'Two shapes in their corners');
    }

    public function test_a_dashboard_of_cards(): void
    {
        $hand = $this->hand;
        $sheet = $this->begin('Screen');
        $hand->step('A card of a box and two texts, grouped and named')->draw('Box', 60, 100, 320, 260)->fields('x', '60', '100', '260', '160')
            ->write(80, 140, 'Sailings today')->write(80, 180, '38')->key('Escape')->drag(40, 80, 340, 280)->selected('3 ')->key('Ctrl+G')->says('Grouped');
        $hand->step('Three more, put down by eye')->drag(300, 240, 590, 246, 'Alt')->says('Copied')->drag(590, 240, 882, 235, 'Alt')->drag(880, 240, 1165, 250, 'Alt');
        $hand->step('Tops on one line, and evened out between margins of 60')->key('Ctrl+A')->selected('4 groups')->key('Alt+Up')->says('Aligned 4 groups')->key('Escape')
            ->field('margin left', '60')->field('margin right', '60')->key('Escape')->key('Ctrl+A')->choose('Space within', 'the margins')->key('e')->says('Spaced 4 groups across');
        self::assertEquals([[60, 100], [360, 100], [660, 100], [960, 100]], array_map(static fn (array $b): array => [$b['x'], $b['y']], $this->boundsOf($sheet, 'Group')));
        $hand->step('A mark, and a panel that covers it by mistake')->key('Escape')->draw('Round', 100, 440, 140, 480, 'Shift')->press('Look')->field('Fill colour', '#a83a24')
            ->draw('Box', 60, 400, 1220, 700)->field('Fill colour', '#dcebe4')->says('Set fill')->key('Escape')->key('Escape');
        $hand->step('What is covered is found, and brought to the front')->click('.stamp')->click('[aria-label^=\'Fix: "Round" is wholly covered\']')->says('Put 1 finding right: wholly covered');
        self::assertSame(['Box', 'Round'], array_column(array_slice(array_values(array_filter($this->items($sheet), static fn (array $item): bool => $item['parent'] === null)), -2), 'name'));
        $hand->step('Each card cut and handed over')->drag(20, 80, 1260, 280)->selected('4 groups')->key('Ctrl+K')->key('Ctrl+Enter');
        self::assertSame([260, 160], self::pixels($this->archive(), 'Group.png'));
        $this->done(18, 'A dashboard of cards');
    }
}
