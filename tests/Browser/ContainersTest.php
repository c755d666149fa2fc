<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Waiting;

/** Masks, what Contents says of what is not seen, the head and foot of all sheets, room, and a page at several widths. */
final class ContainersTest extends BrowserTestCase
{
    protected const DEMO = false;

    public function test_inside_a_mask_the_hidden_part_is_seen_faintly_and_contents_says_what_is_not_seen(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet] = $this->openEmpty();
        $this->add($sheet, 'box', 100, 100, 200, 60, 'Words');
        $this->add($sheet, 'round', 120, 60, 120, 140, 'Moon');
        $this->add($sheet, 'box', 420, 100, 30, 30, 'Under');
        $this->add($sheet, 'box', 400, 90, 90, 90, 'Plate', ['fill' => '#dcebe4']);
        $this->add($sheet, 'box', 900, 90, 30, 30, 'Beside');
        $this->reload();
        $browser->drag(60, 40, 340, 240);
        $this->waitForSelected('2 ');
        $browser->keys('M');
        $browser->waitForStatus('Masked');
        $mask = $this->item($sheet, 'Mask')['id'];
        $faint = fn (): string => (string) $browser->run('const all = document.querySelector(`[data-item="${arguments[0]}"] > .cut-off`); return all ? getComputedStyle(all).display : "none"', $mask);
        Waiting::until(static fn (): bool => $faint() === 'none', 'it to be as it is seen');
        $browser->clickSheet(160, 130, double: true);
        $this->waitForSelected('Words');
        Waiting::until(static fn (): bool => $faint() === 'inline', 'the hidden part to be shown');
        // What is cut off can be taken hold of there.
        $browser->clickSheet(280, 130);
        $this->waitForSelected('Words');
        $signs = fn (): array => (array) $browser->run('return Object.fromEntries([...document.querySelectorAll("[data-row]")].map((row) => [row.querySelector(".name").textContent, row.querySelector("[data-sign]")?.dataset.sign ?? ""]))');
        self::assertEquals(['Mask' => '', 'Words' => 'masked', 'Moon' => 'mask', 'Under' => 'covered', 'Plate' => '', 'Beside' => 'off'], $signs());
        $browser->keys(WebDriverKeys::ESCAPE);
        $this->waitForSelected('Mask');
        $browser->driver->action()->keyDown(null, WebDriverKeys::CONTROL)->keyDown(null, WebDriverKeys::SHIFT)->sendKeys(null, 'g')->keyUp(null, WebDriverKeys::SHIFT)->keyUp(null, WebDriverKeys::CONTROL)->perform();
        Waiting::until(fn (): bool => ! in_array('Mask', array_column($this->items($sheet), 'name'), true), 'the mask to be released');
        self::assertSame('', $signs()['Words']);
    }

    public function test_a_thing_in_a_tray_follows_by_what_is_pinned(): void
    {
        ['sheet' => $sheet] = $this->openEmpty();
        $tray = $this->add($sheet, 'tray', 100, 100, 300, 200, 'Tray');
        $this->add($sheet, 'box', 20, 20, 60, 40, 'Button', ['parent' => $tray['id']]);
        $this->reload();
        $this->browser->clickSheet(150, 140, double: true);
        $this->waitForSelected('Button');
        $this->browser->run('const s = document.querySelector("select[aria-label=\'What is pinned across\']"); s.value = "end"; s.dispatchEvent(new Event("change"))');
        $this->browser->waitForStatus('their right edges stay');
        $this->server->call('POST', "sheets/$sheet/commands", ['command' => 'resize', 'items' => [$tray['id']], 'params' => ['handle' => 'right', 'dx' => 50, 'dy' => 0]]);
        self::assertEquals(170, $this->item($sheet, 'Button')['bounds']['x']);
    }

    public function test_what_is_let_go_in_the_foot_belongs_to_it_on_all_sheets(): void
    {
        $browser = $this->browser;
        ['document' => $document, 'sheet' => $sheet] = $this->openEmpty();
        $other = $this->server->call('POST', "documents/$document/sheets", ['name' => 'Back', 'width' => 400, 'height' => 900])['id'];
        $foot = $this->add($sheet, 'box', 0, 560, 800, 40, 'Foot', ['fill' => '#24485a']);
        $this->add($sheet, 'box', 300, 300, 60, 20, 'Page');
        $this->reload();
        $browser->clickSheet(500, 580);
        $this->waitForSelected('Foot');
        $browser->driver->action()->contextClick()->perform();
        $browser->driver->action()->moveToElement($browser->named('Trays, rails and tables', 'span'))->perform();
        $browser->press('Show on every sheet', 'span');
        $browser->waitForStatus('run along the foot of every sheet');
        self::assertEquals([0, 860, 400, 40], array_values($this->item($other, 'Foot')['bounds']), 'as wide as that one');
        [$x, $y] = $browser->onScreen(330, 310);
        [$toX, $toY] = $browser->onScreen(330, 582);
        $browser->pointer($x, $y)->clickAndHold()->moveByOffset($toX - $x, $toY - $y)->perform();
        Waiting::until(static fn (): bool => str_contains((string) $browser->run('return document.querySelector(".words.num")?.textContent ?? ""'), 'belongs to the foot on all sheets'), 'it to be said where it belongs');
        $browser->driver->action()->release()->perform();
        Waiting::until(fn (): bool => in_array('Page', array_column($this->items($other), 'name'), true), 'it to be on the other sheet');

        // This sheet goes without, the other does not.
        $browser->click('.tab.on .more');
        $browser->press('Go without head and foot here', 'span');
        Waiting::until(fn (): bool => $this->item($sheet, 'Foot')['hidden'], 'it to go without');
        self::assertFalse($this->item($other, 'Foot')['hidden']);
    }

    public function test_room_is_made_and_the_foot_rides_along(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet] = $this->openEmpty();
        $foot = $this->add($sheet, 'box', 0, 560, 800, 40, 'Foot');
        $this->add($sheet, 'box', 100, 100, 60, 40, 'Above');
        $this->add($sheet, 'box', 100, 200, 60, 40, 'Below');
        $this->server->call('POST', "sheets/$sheet/commands", ['command' => 'make-running', 'items' => [$foot['id']], 'params' => ['zone' => 'foot']]);
        $this->reload();
        $browser->run('document.querySelector(".plane").focus()');
        $browser->keys('l');
        $browser->see('.well.space .room');
        $browser->run('document.querySelector(".well.space .room input[type=checkbox]").click()');
        [$x, $y] = $browser->onScreen(500, 200);
        [, $toY] = $browser->onScreen(500, 240);
        $browser->pointer($x, $y)->clickAndHold()->moveByOffset(0, $toY - $y)->release()->perform();
        Waiting::until(fn (): bool => $this->item($sheet, 'Below')['bounds']['y'] > 230, 'room to be made');
        $by = $this->item($sheet, 'Below')['bounds']['y'] - 200;
        self::assertEquals([100, 560 + $by, 600 + $by], [$this->item($sheet, 'Above')['bounds']['y'], $this->item($sheet, 'Foot')['bounds']['y'], $this->server->call('GET', "sheets/$sheet")['sheet']['height']]);
    }

    public function test_a_page_is_shown_at_another_width_beside_it_and_both_are_worked_on(): void
    {
        $browser = $this->browser;
        ['document' => $document, 'sheet' => $sheet] = $this->openEmpty(1000, 500);
        foreach ([0, 1, 2] as $i) {
            $this->add($sheet, 'box', 40 + 310 * $i, 40, 290, 120, "Card $i");
        }
        $this->reload();
        $browser->click('.tab.on .more');
        $browser->press('Another width…', 'span');
        $browser->fill('[role=dialog] input', '0', '');
        Waiting::until(static fn (): bool => str_contains($browser->see('[role=dialog]')->getText(), 'from 1 to 30,000 px wide'), 'it to be said what a width is');
        $browser->fill('[role=dialog] input', '390');
        Waiting::until(fn (): bool => count($this->server->call('GET', "documents/$document")['sheets']) === 2, 'the page to be there at 390');
        $narrow = $this->server->call('GET', "documents/$document")['sheets'][1]['id'];
        Waiting::until(static fn (): bool => str_contains((string) $browser->run('return location.pathname'), $narrow), 'the new width to be shown');

        // Taken back, one is where one was; and done again.
        $browser->press('Undo');
        Waiting::until(static fn (): bool => str_contains((string) $browser->run('return location.pathname'), $sheet), 'the page itself to be shown again');
        $browser->waitForSheet();
        $browser->press('Redo');
        Waiting::until(static fn (): bool => str_contains((string) $browser->run('return location.pathname'), $narrow), 'the new width to be shown again');
        $browser->waitForSheet();

        // The wide one stands beside it, at the left, with what is selected outlined; a click there goes to it.
        $browser->see('.tag.num');
        Waiting::until(static fn (): bool => $browser->run('return document.querySelectorAll(".beside [data-item]").length') === 3, 'the other width to be painted');
        $browser->clickSheet(60, 60);
        $this->waitForSelected('Card 0');
        Waiting::until(static fn (): bool => $browser->run('return document.querySelectorAll(".twins polygon").length') === 1, 'it to be outlined there');
        $this->server->call('POST', "sheets/$narrow/commands", ['command' => 'set', 'items' => [$this->item($narrow, 'Card 0')['id']], 'params' => ['fill' => '#17614f']]);
        self::assertSame('#17614f', $this->item($sheet, 'Card 0')['fields']['fill']);
        $zoom = $browser->run('return document.querySelector("footer").textContent.match(/[\d.]+ %/)[0]');
        $browser->clickSheet(-400, 480);
        Waiting::until(static fn (): bool => str_contains((string) $browser->run('return location.pathname'), $sheet), 'the wide one to be shown');
        Waiting::until(static fn (): bool => str_contains((string) $browser->run('return document.querySelector(".tab.on")?.textContent ?? ""'), '1000'), 'its tab to be the one that is open');
        self::assertSame($zoom, $browser->run('return document.querySelector("footer").textContent.match(/[\d.]+ %/)[0]'), 'where it stood');
        $browser->click('.tab.on .more');
        $browser->press('Let it stand by itself', 'span');
        Waiting::until(fn (): bool => $this->server->call('GET', "sheets/$sheet")['sheet']['page'] === null, 'it to stand by itself');
        Waiting::until(static fn (): bool => $browser->run('return document.querySelectorAll(".tag.num").length') === 0, 'the other width to go');
    }
}
