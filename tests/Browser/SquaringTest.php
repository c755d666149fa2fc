<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Waiting;

/** Squaring up shows what was understood before anything moves. */
final class SquaringTest extends BrowserTestCase
{
    private const SLIPS = [[0, 0], [3, -4], [-2, 5], [4, 1], [1, 2], [-5, -3], [4, 4], [0, -5], [2, 3], [-1, -2], [5, 0], [-3, 1]];

    /** Twelve panels put down by eye, and a note that belongs nowhere. */
    private function panels(): string
    {
        ['sheet' => $sheet] = $this->openEmpty(1000, 600);
        foreach (self::SLIPS as $i => [$dx, $dy]) {
            $this->add($sheet, 'box', 60 + $i % 4 * 220 + $dx, 80 + intdiv($i, 4) * 130 + $dy, 200, 110, "Panel, $i");
        }
        $this->add($sheet, 'round', 187, 513, 36, 40, 'Buoy');
        $this->reload();
        $this->chooseAll();
        $this->waitForSelected('13 items');

        return $sheet;
    }

    /** @phpstan-impure */
    private function drawn(string $css): int
    {
        return (int) $this->browser->run('return document.querySelectorAll(arguments[0]).length', $css);
    }

    private function open(): void
    {
        $this->browser->keys('q');
        $this->browser->see('.square-panel input[name=tolerance]');
        Waiting::until(fn (): bool => str_contains($this->said(), 'gaps of 20'), 'what was understood to be said');
    }

    /** @phpstan-impure */
    private function said(): string
    {
        return (string) $this->browser->run('return document.querySelector(".square-panel .said")?.textContent ?? ""');
    }

    /** @return list<array<string, mixed>> */
    private function panelsOf(string $sheet): array
    {
        return $this->boundsOf($sheet, 'Panel');
    }

    public function test_a_key_shows_lines_gaps_and_ghosts_and_enter_squares_up(): void
    {
        $browser = $this->browser;
        $sheet = $this->panels();
        $before = $this->items($sheet);
        $this->open();
        self::assertStringContainsString('4 columns at 60, 280, 500 and 720, 3 rows at 80, 210 and 340, gaps of 20 (17)', $this->said());
        $numbers = (array) $browser->run('return [...document.querySelectorAll(".understood > text")].map((one) => one.textContent)');
        foreach (['60', '280', '500', '720', '80', '210', '340'] as $place) {
            self::assertContains($place, $numbers);
        }
        self::assertSame(17, $this->drawn('.understood .gap line'));
        self::assertContains('20', $numbers);
        self::assertGreaterThanOrEqual(10, $this->drawn('.ghosts polygon'));
        self::assertSame($before, $this->items($sheet), 'nothing has moved yet');

        $browser->keys(WebDriverKeys::ENTER);
        $browser->waitForStatus('Squared up 13 items: 4 columns at 60, 280, 500 and 720');
        Waiting::until(fn (): bool => $this->drawn('.square-panel') === 0 && $this->drawn('.understood') === 0, 'the panel and the lines to go');
        self::assertCount(4, array_unique(array_column($this->panelsOf($sheet), 'x')));
        self::assertCount(3, array_unique(array_column($this->panelsOf($sheet), 'y')));
        self::assertSame(187, $this->boundsOf($sheet, 'Buoy')[0]['x']);

        // What is square has nothing left to move; and all of it is undone at once.
        $this->open();
        Waiting::until(fn (): bool => str_contains($this->said(), 'nothing moved'), 'nothing to be left');
        $browser->keys(WebDriverKeys::ESCAPE);
        Waiting::until(fn (): bool => $this->drawn('.square-panel') === 0, 'the panel to go');
        $browser->press('Undo');
        $browser->waitForStatus('Undone: Squared up');
        self::assertSame($before, $this->items($sheet));
    }

    public function test_the_tolerance_is_typed_and_turned_while_the_ghosts_follow(): void
    {
        $browser = $this->browser;
        $sheet = $this->panels();
        $this->open();
        $tolerance = static fn (): string => (string) $browser->run('return document.querySelector(".square-panel input[name=tolerance]").value');
        Waiting::until(static fn (): bool => $tolerance() === '6', 'the tolerance at first');
        $turn = static fn (int $by): mixed => $browser->run('document.querySelector(".plane").dispatchEvent(new WheelEvent("wheel", {deltaY: arguments[0], bubbles: true, cancelable: true}))', $by);
        $turn(-100);
        Waiting::until(static fn (): bool => $tolerance() === '7', 'the wheel to add a pixel');
        foreach (range(1, 5) as $_) {
            $turn(100);
        }
        Waiting::until(static fn (): bool => $tolerance() === '2', 'the wheel to take pixels away');
        Waiting::until(fn (): bool => preg_match('/at most ([\d.]+) px/', $this->said(), $found) === 1 && (float) $found[1] <= 2.0, 'what moves to stay within 2 px');

        $browser->fill('.square-panel input[name=tolerance]', '0', '');
        Waiting::until(fn (): bool => str_contains($this->said(), 'The tolerance has to be above 0 and at most 100 px.'), 'nonsense to be said');
        self::assertFalse($browser->named('Square up', 'form//button')->isEnabled());
        self::assertSame(0, $this->drawn('.understood line'));
        $browser->fill('.square-panel input[name=tolerance]', '4 + 2', '');
        Waiting::until(fn (): bool => str_contains($this->said(), '4 columns'), 'a sum to be read');
        $browser->press('Leave it');
        Waiting::until(fn (): bool => $this->drawn('.square-panel') === 0 && $this->drawn('.ghosts polygon') === 0, 'all of it to go');
        self::assertSame(63 + 220, $this->panelsOf($sheet)[1]['x']);
    }

    public function test_what_fits_nothing_is_marked_and_left_out_by_a_click(): void
    {
        $browser = $this->browser;
        $this->panels();
        $this->open();
        self::assertStringContainsString('"Buoy" fits nothing', $this->said());
        self::assertSame(1, $this->drawn('.understood .alone'));
        $browser->press('Leave Buoy out of the selection');
        $this->waitForSelected('12 panels');
        Waiting::until(fn (): bool => ! str_contains($this->said(), 'Buoy') && str_contains($this->said(), '4 columns'), 'the others to be read again');
        self::assertSame(0, $this->drawn('.understood .alone'));
        $browser->press('Square up', 'form//button');
        $browser->waitForStatus('Squared up 12 panels');
    }

    public function test_sizes_and_ends_as_ticked(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet] = $this->openEmpty(800, 400);
        foreach ([[100, 100], [203, 101], [310, 99], [417, 100]] as $i => [$x, $y]) {
            $this->add($sheet, 'box', $x, $y, [80, 81, 80, 79][$i], 60, "Stamp, $i");
        }
        $this->reload();
        $this->chooseAll();
        $browser->press('Square up');
        $browser->see('.square-panel');
        Waiting::until(fn (): bool => str_contains($this->said(), '1 row at 100'), 'the row');
        $browser->run('document.querySelectorAll(".square-panel .tick input").forEach((one) => one.click())');
        Waiting::until(fn (): bool => str_contains($this->said(), 'sized') || str_contains($this->said(), 'moved'), 'what would be');
        $browser->press('Square up', 'form//button');
        $browser->waitForStatus('Squared up 4 stamps');
        $stamps = $this->boundsOf($sheet, 'Stamp');
        self::assertSame([80, 80, 80, 80], array_column($stamps, 'w'));
        self::assertSame([100, 496], [$stamps[0]['x'], $stamps[3]['x'] + $stamps[3]['w']]);
    }

    public function test_one_thing_alone_has_nothing_to_be_squared_with(): void
    {
        ['sheet' => $sheet] = $this->openEmpty(800, 400);
        $this->add($sheet, 'box', 100, 100, 80, 60, 'Stamp');
        $this->reload();
        $this->chooseAll();
        $this->waitForSelected('Stamp');
        self::assertFalse($this->browser->named('Square up')->isEnabled());
        $this->browser->keys('q');
        self::assertSame(0, $this->drawn('.square-panel'));
    }
}
