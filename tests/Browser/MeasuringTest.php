<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Waiting;

final class MeasuringTest extends BrowserTestCase
{
    protected const DEMO = false;

    public function test_distances_by_pointing_are_kept_and_follow_their_items(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet] = $this->openEmpty(800, 600);
        $this->add($sheet, 'box', 100, 100, 80, 60, 'Quay', ['fill' => '#23465c']);
        $this->add($sheet, 'box', 400, 100, 80, 60, 'Ferry', ['fill' => '#b98a83']);
        $this->reload();
        $browser->click('.plane');
        $browser->keys('m');
        $browser->clickSheet(140, 130);
        $figures = static fn (): array => (array) $browser->run('return [...document.querySelectorAll(".measures .measure text")].map((one) => one.textContent.trim())');
        [$x, $y] = $browser->onScreen(440, 130);
        $browser->pointer($x, $y)->perform();
        Waiting::until(static fn (): bool => $figures() === ['220', 'centres 300'], 'across and between centres');
        $browser->pointer($x, $y)->click()->perform();
        $browser->waitForStatus('Kept 220 px across from "Quay" to "Ferry"');

        // From a thing to the edges of the sheet, by pointing at empty space.
        [$x, $y] = $browser->onScreen(700, 130);
        $browser->pointer($x, $y)->perform();
        Waiting::until(static fn (): bool => array_slice($figures(), 1) === ['400', '320', '100', '440'], 'the four edges of the sheet');
        $browser->pointer($x, $y)->click()->perform();
        $browser->waitForStatus('Kept 320 px across from "Ferry" to the right edge of the sheet');
        $browser->keys(WebDriverKeys::ESCAPE);
        $browser->clickSheet(440, 130);
        $this->waitForSelected('Ferry');
        $browser->keys([WebDriverKeys::SHIFT, WebDriverKeys::ARROW_RIGHT, WebDriverKeys::NULL]);
        $browser->waitForStatus('Moved "Ferry" 10 px right');
        self::assertSame(['230', '310'], $figures());
        $browser->keys(WebDriverKeys::DELETE);
        $browser->waitForStatus('Deleted "Ferry"');
        Waiting::until(static fn (): bool => $browser->run('return document.querySelectorAll(".measures .measure").length') === 0, 'the dimensions to go with it');
        $browser->press('Undo');
        $browser->waitForStatus('Undone: Deleted');
        Waiting::until(static fn (): bool => implode(' ', $figures()) === '230 310', 'the dimensions to come back');
        $browser->press('Guides');
        $browser->press('remove all');
        $browser->waitForStatus('Took 2 dimensions off the sheet');
    }

    public function test_the_ledger_counts_lights_up_and_mends(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet] = $this->openEmpty(800, 600);
        foreach ([40, 164, 291, 412, 536] as $i => $x) {
            $this->add($sheet, 'box', $x, 60, 100, 80, "Card, $i", ['fill' => '#23465c']);
        }
        $this->reload();
        $well = static fn (): string => (string) $browser->run('return document.querySelector(".well.gaps").textContent.replace(/\s+/g, " ")');
        Waiting::until(static fn (): bool => str_contains($well(), '4 on the sheet') && str_contains($well(), '24×4'), 'the gaps to be counted');
        // What is expected to be 24 counts with it, and is told apart on the sheet.
        $browser->press('24×4: show the gaps of 24 across');
        self::assertSame(4, $browser->run('return document.querySelectorAll(".lit").length'));
        self::assertSame(2, $browser->run('return document.querySelectorAll(".lit.odd").length'));

        // Insets stand apart.
        $browser->press('Insets');
        Waiting::until(static fn (): bool => str_contains($well(), '12 on the sheet') && str_contains($well(), '60×5'), 'the insets to be counted');
        $browser->press('60×5: show the insets of 60 down');
        self::assertSame(5, $browser->run('return document.querySelectorAll(".lit").length'));
        $browser->press('Gaps');

        // What bringing would do is shown before it is pressed.
        $fix = $browser->named('bring 27 to 24');
        $browser->driver->action()->moveToElement($fix)->perform();
        Waiting::until(static fn (): bool => str_contains($browser->status(), 'If pressed: Brought 1 gap to 24 (was 27)'), 'what pressing would do');
        Waiting::until(static fn (): bool => $browser->run('return document.querySelectorAll(".ghosts polygon, .ghosts rect").length') === 1, 'a ghost of the one that is off');
        $browser->press('mend all 2');
        $browser->waitForStatus('Brought 2 gaps to 24 (were 21 to 27)');
        Waiting::until(static fn (): bool => ! str_contains($well(), 'bring'), 'the gaps to be counted anew');
        self::assertSame([40, 164, 288, 412, 536], array_column($this->boundsOf($sheet, 'Card'), 'x'));

        // Of a selection only what lies among it.
        $browser->clickSheet(90, 100);
        $browser->driver->action()->keyDown(null, WebDriverKeys::SHIFT)->perform();
        $browser->clickSheet(214, 100);
        $browser->driver->action()->keyUp(null, WebDriverKeys::SHIFT)->perform();
        Waiting::until(static fn (): bool => str_contains($well(), '1 among 2 selected'), 'the gap between the two');
    }

    public function test_gauge_blocks_say_how_well_they_fit(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet] = $this->openEmpty(800, 600);
        $this->add($sheet, 'box', 100, 100, 100, 300, 'Quay', ['fill' => '#23465c']);
        $this->add($sheet, 'box', 230, 100, 100, 300, 'Ferry', ['fill' => '#b98a83']);
        $this->reload();
        $browser->click('.plane');
        $browser->keys('u');
        $block = static fn (): string => (string) $browser->run('const one = document.querySelector("[data-gauge]"); return one ? one.getAttribute("class") + " " + one.querySelector("text").textContent.trim() : ""');
        self::assertStringStartsWith('free 24', $block());
        $at = $browser->run('const box = document.querySelector("[data-gauge] .body").getBoundingClientRect(); return [box.x + box.width / 2, box.y + box.height / 2].map(Math.round)');
        [$x, $y] = $browser->onScreen(213, 250);
        $browser->pointer(...$at)->clickAndHold()->moveByOffset(-20, 0)->perform();
        Waiting::until(static fn (): bool => $browser->run('return document.querySelectorAll(".sights").length') > 0, 'what it can snap to');
        $browser->pointer($x, $y)->perform();
        $browser->driver->action()->release()->perform();
        Waiting::until(static fn (): bool => str_starts_with($block(), 'off +6, ×1.25'), 'the room to be 30, 6 too much');
        self::assertStringContainsString('200', (string) $browser->run('return JSON.stringify(JSON.parse(localStorage.getItem("allsquare-gauges")))'), 'it snapped to the quay');

        // By number it becomes the unit of spacing of the sheet, and fits.
        $browser->fill('[name="unit of spacing"]', '30');
        $browser->waitForStatus('Set unit of spacing');
        Waiting::until(static fn (): bool => str_starts_with($block(), 'fits 30'), 'the block to fit');
        self::assertSame(30, $this->server->call('GET', "sheets/$sheet")['sheet']['unit_of_spacing']);
        self::assertStringNotContainsString('gauge', (string) file_get_contents("{$this->server->address}/api/sheets/$sheet/render.svg"));
        $browser->click('.plane');
        $browser->keys('u');
        self::assertSame('', $block());
    }
}
