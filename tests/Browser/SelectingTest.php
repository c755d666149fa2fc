<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Waiting;

/** Getting at what is meant: in Contents, beneath others, alike, odd, locked. */
final class SelectingTest extends BrowserTestCase
{
    protected const DEMO = false;

    /** @param  array<string, bool>  $held keys such as shiftKey */
    private function clickRow(string $id, array $held = []): void
    {
        $this->browser->run('document.querySelector(`[data-row="${arguments[0]}"]`).dispatchEvent(new MouseEvent("click", {bubbles: true, ...arguments[1]}));', $id, (object) $held);
    }

    public function test_in_contents_by_ranges_and_one_by_one(): void
    {
        ['sheet' => $sheet] = $this->openEmpty();
        foreach (range(1, 6) as $i) {
            $ids[$i] = $this->add($sheet, 'box', 20 + $i * 90, 40, 60, 60, "Crate, $i")['id'];
        }
        $this->reload();
        $this->clickRow($ids[2]);
        $this->waitForSelected('Crate, 2');
        $this->clickRow($ids[5], ['shiftKey' => true]);
        $this->waitForSelected('4 crates');
        $this->clickRow($ids[3], ['ctrlKey' => true]);
        $this->waitForSelected('3 crates');
        $this->clickRow($ids[6], ['ctrlKey' => true]);
        $this->waitForSelected('4 crates');
        $this->browser->run('document.querySelector(".plane").focus()');
        $this->browser->keys([WebDriverKeys::CONTROL, 'i', WebDriverKeys::NULL]);
        $this->waitForSelected('2 crates');
        $this->browser->keys(WebDriverKeys::ESCAPE);
        $this->waitForSelected('nothing selected');
    }

    public function test_what_lies_beneath_at_a_point_and_all_of_one_kind(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet] = $this->openEmpty();
        $this->add($sheet, 'box', 100, 100, 400, 300, 'Quay');
        $this->add($sheet, 'box', 150, 150, 200, 150, 'Deck');
        $this->add($sheet, 'round', 200, 180, 60, 60, 'Lamp');
        $this->add($sheet, 'round', 600, 180, 60, 60, 'Buoy');
        $this->reload();
        [$x, $y] = $browser->onScreen(230, 210);
        $browser->pointer($x, $y)->contextClick()->perform();
        $this->waitForSelected('Lamp');
        $browser->driver->action()->moveToElement($browser->named('Lying here', 'span'))->perform();
        $entry = Waiting::until(static fn () => array_values(array_filter(
            $browser->driver->findElements(WebDriverBy::cssSelector('.p-contextmenu-submenu .entry span')),
            static fn ($span): bool => $span->isDisplayed() && $span->getText() === 'Quay',
        ))[0] ?? false, 'the list of what lies here');
        $browser->driver->action()->moveToElement($entry)->click()->perform();
        $this->waitForSelected('Quay');

        $browser->clickSheet(630, 210);
        $this->waitForSelected('Buoy');
        $browser->keys('K');
        $browser->waitForStatus('Selected 2 of the same kind');
        $browser->keys([WebDriverKeys::CONTROL, 'i', WebDriverKeys::NULL]);
        $this->waitForSelected('2 boxes');
    }

    public function test_the_odd_one_of_mixed_values_is_one_click_away_and_all_are_overwritten(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet] = $this->openEmpty();
        foreach (range(0, 5) as $i) {
            $this->add($sheet, 'box', 20 + $i * 120, 40 + $i * 3, $i === 3 ? 143 : 144, 60, "Card, $i");
        }
        $this->reload();
        $this->chooseAll();
        $counts = Waiting::until(static fn (): ?array => (array) $browser->run('return [...document.querySelectorAll(".place .line button")].map((one) => one.textContent.trim())') ?: null, 'the widths with their counts');
        self::assertSame(['144 ×5', '143 ×1'], $counts);
        $browser->press('143 ×1');
        $this->waitForSelected('Card, 3');
        self::assertSame('143', $browser->see('input[name=w]')->getAttribute('value'));

        $this->chooseAll();
        $browser->press('each');
        Waiting::until(static fn (): bool => $browser->see('input[name=w]')->getAttribute('placeholder') === 'mixed', 'the field to say that widths are mixed');
        $browser->fill('input[name=w]', '1.5in');
        $browser->waitForStatus('Placed 6 cards each: w 144 (was w 144, 144, 144, 143, 144, 144)');
        self::assertSame([144], array_values(array_unique(array_map(intval(...), array_column($this->boundsOf($sheet, 'Card'), 'w')))));
    }

    public function test_a_locked_item_stays_and_says_why(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet] = $this->openEmpty();
        $mast = $this->add($sheet, 'box', 100, 100, 80, 200, 'Mast')['id'];
        $this->add($sheet, 'box', 300, 100, 80, 200, 'Sail');
        $this->reload();
        $browser->clickSheet(140, 200);
        $browser->keys([WebDriverKeys::CONTROL, 'l', WebDriverKeys::NULL]);
        $browser->waitForStatus('Locked "Mast"');
        $before = $this->item($sheet, 'Mast');
        foreach ([WebDriverKeys::ARROW_RIGHT, WebDriverKeys::DELETE] as $key) {
            $browser->run('document.querySelector(".plane").focus()');
            $browser->keys([WebDriverKeys::CONTROL, 'a', WebDriverKeys::NULL]);
            $this->waitForSelected('Sail');
            $this->clickRow($mast);
            $this->waitForSelected('Mast');
            $browser->run('document.querySelector(".plane").focus()');
            $browser->keys($key);
            $browser->waitForStatus('"Mast" is locked.');
        }
        $browser->drag(140, 200, 200, 260);
        self::assertSame($before, $this->item($sheet, 'Mast'));

        [$x, $y] = $browser->onScreen(600, 500);
        $browser->pointer($x, $y)->contextClick()->perform();
        $browser->driver->action()->moveToElement($browser->named('Unlock everything', 'span'))->click()->perform();
        $browser->waitForStatus('Unlocked "Mast"');
        self::assertFalse($this->item($sheet, 'Mast')['locked']);
    }

    public function test_groups_in_groups_are_entered_and_left_and_undo_brings_the_selection_back(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet] = $this->openEmpty();
        $a = $this->add($sheet, 'box', 100, 100, 60, 60, 'Oar')['id'];
        $b = $this->add($sheet, 'box', 200, 100, 60, 60, 'Thole')['id'];
        $c = $this->add($sheet, 'box', 300, 100, 60, 60, 'Thwart')['id'];
        $call = fn (string $command, array $items, array $params = []): array => $this->server->call('POST', "sheets/$sheet/commands", ['command' => $command, 'items' => $items, 'params' => (object) $params]);
        $inner = $call('group', [$a, $b])['created'][0]['id'];
        $call('set', [$inner], ['name' => 'Pair']);
        $outer = $call('group', [$inner, $c])['created'][0]['id'];
        $call('set', [$outer], ['name' => 'Boat']);
        $this->reload();
        $browser->clickSheet(130, 130);
        $this->waitForSelected('Boat');
        $browser->clickSheet(130, 130, double: true);
        $this->waitForSelected('Pair');
        $browser->clickSheet(130, 130, double: true);
        $this->waitForSelected('Oar');
        $browser->keys(WebDriverKeys::ARROW_DOWN);
        $browser->waitForStatus('Moved "Oar" 1 px down');
        $browser->keys(WebDriverKeys::ESCAPE);
        $this->waitForSelected('Pair');
        $browser->keys(WebDriverKeys::ESCAPE);
        $this->waitForSelected('Boat');
        $browser->press('Undo');
        $browser->waitForStatus('Undone: Moved "Oar"');
        $this->waitForSelected('Oar');
        $browser->driver->action()->keyDown(null, WebDriverKeys::CONTROL)->perform();
        $browser->clickSheet(330, 130);
        $browser->driver->action()->keyUp(null, WebDriverKeys::CONTROL)->perform();
        $this->waitForSelected('Thwart');
    }
}
