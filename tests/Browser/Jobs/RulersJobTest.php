<?php

declare(strict_types=1);

namespace Tests\Browser\Jobs;

final class RulersJobTest extends JobTestCase
{
    public function test_six_squares_of_two_inches_by_rulers_guides_and_a_moved_zero(): void
    {
        $hand = $this->hand;
        $sheet = $this->beginAt('Six squares', '6', '8', 'in');
        $hand->step('Zero half an inch in and down, by the rulers alone')->pullZero(48, 48)->says('Put the zero at');
        $hand->step('Guides out of the rulers at 0, 2, 3, 5 in across, and 0, 2, 2.5, 4.5, 5, 7 in down');
        foreach (['x' => [0, 2, 3, 5], 'y' => [0, 2, 2.5, 4.5, 5, 7]] as $axis => $inches) {
            foreach ($inches as $inch) {
                // By hand, a little beside it.
                $hand->pullGuide($axis, 48 + $inch * 96 + 1.6);
            }
        }
        $hand->step('Six squares drawn from guide to guide');
        foreach ([0, 2.5, 5] as $y) {
            foreach ([0, 3] as $x) {
                $hand->draw('Box', 48 + $x * 96 + 2, 48 + $y * 96 + 2, 48 + ($x + 2) * 96 - 2, 48 + ($y + 2) * 96 + 1)->says('Drew');
            }
        }
        $boxes = $this->boundsOf($sheet, 'Box');
        self::assertEquals(array_merge(...array_map(static fn (int $y): array => [[48, $y, 192, 192], [336, $y, 192, 192]], [48, 288, 528])), array_map(array_values(...), $boxes));
        self::assertEquals(['x' => 48, 'y' => 48], $this->server->call('GET', "sheets/$sheet")['sheet']['zero']);
        $hand->step('The same read in centimetres')->press('Unit of the rulers: in')->press('cm', 'a');
        self::assertSame('5.08', $this->browser->see('input[name=w]')->getAttribute('value'));
        self::assertSame('7.62', $this->browser->see('input[name=x]')->getAttribute('value'));
        $hand->step('Each cut, handed over as PNG')->key('Ctrl+A')->key('Ctrl+K')->says('Cut 6 slices')->key('Ctrl+Enter');
        $zip = $this->archive();
        self::assertSame(12, count(preg_grep('~\.png$~', self::names($zip)) ?: []));
        self::assertSame([192, 192], self::pixels($zip, self::names($zip)[0]));
        $this->done(11, 'Six squares of two inches');
    }
}
