<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Waiting;

/** The desk: drawing, typing, dragging, Contents, tabs. */
final class DeskTest extends BrowserTestCase
{
    public function test_things_are_drawn_typed_sized_and_moved(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet] = $this->openEmpty();
        $browser->press('Box');
        $browser->drag(100, 100, 300, 220);
        $browser->waitForStatus('Drew "Box"');
        $box = $this->item($sheet, 'Box')['frame'];
        self::assertEqualsWithDelta(200, $box['w'], 2);
        self::assertEqualsWithDelta(120, $box['h'], 2);

        $browser->press('Text');
        $browser->clickSheet(400, 100);
        $browser->see('textarea.editor')->sendKeys('Pier 3');
        $browser->clickSheet(700, 500);
        $browser->waitForStatus('Drew "Pier 3"');
        $browser->clickSheet(405, 110, double: true);
        $browser->see('textarea.editor')->sendKeys('Pier 4'.WebDriverKeys::ESCAPE);
        $browser->waitForStatus('Changed the words of "Pier 4"');
        self::assertSame('Pier 4', $this->item($sheet, 'Pier 4')['fields']['text']);
        self::assertGreaterThan(0, $browser->run('return document.querySelectorAll(".layer [data-item] path[d]").length'), 'letters are painted as outlines');

        $browser->press('Line');
        $browser->drag(100, 400, 400, 400);
        $browser->waitForStatus('Drew "Line"');
        self::assertEquals([0, 0], [$this->item($sheet, 'Line')['angle'], $this->item($sheet, 'Line')['frame']['h']]);

        // Dragging the box, giving a drag back by Escape, and sizing by a handle.
        $browser->drag(200, 160, 250, 200);
        $browser->waitForStatus('Moved "Box"');
        $moved = $this->item($sheet, 'Box')['frame'];
        self::assertEqualsWithDelta($box['x'] + 50, $moved['x'], 2);
        [$x, $y] = $browser->onScreen(250, 200);
        $browser->pointer($x, $y)->clickAndHold()->moveByOffset(40, 40)->perform();
        $browser->keys(WebDriverKeys::ESCAPE);
        $browser->pointer($x, $y)->release()->perform();
        self::assertSame($moved, $this->item($sheet, 'Box')['frame']);
        [$x, $y] = $browser->onScreen($moved['x'] + $moved['w'], $moved['y'] + $moved['h']);
        $browser->pointer($x + 3, $y + 3)->clickAndHold()->moveByOffset(15, 10)->moveByOffset(15, 10)->release()->perform();
        $browser->waitForStatus('Sized "Box"');
        self::assertGreaterThan($moved['w'] + 20, $this->item($sheet, 'Box')['frame']['w']);
    }

    public function test_selecting_adding_entering_groups_and_the_keys(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet] = $this->openDemo();
        $browser->clickSheet(100, 430);
        [$x, $y] = $browser->onScreen(700, 420);
        $browser->driver->action()->keyDown(null, WebDriverKeys::SHIFT)->perform();
        $browser->pointer($x, $y)->click()->perform();
        $browser->driver->action()->keyUp(null, WebDriverKeys::SHIFT)->perform();
        self::assertStringContainsString('2 cards', $browser->see('.place h3')->getText());

        $browser->clickSheet(200, 355, double: true);
        self::assertStringContainsString('Skerry Point', $browser->see('.place h3')->getText());
        $browser->keys(WebDriverKeys::ESCAPE);
        Waiting::until(static fn (): bool => str_contains($browser->see('.place h3')->getText(), 'Card, Skerry Point'), 'the group to be selected again');

        $browser->keys([WebDriverKeys::CONTROL, 'd', WebDriverKeys::NULL]);
        $browser->waitForStatus('Copied "Card, Skerry Point"');
        $browser->keys(WebDriverKeys::DELETE);
        $browser->waitForStatus('Deleted "Card, Skerry Point"');
        self::assertCount(4, $this->cards($sheet));
        $browser->keys([WebDriverKeys::CONTROL, 'z', WebDriverKeys::NULL]);
        $browser->waitForStatus('Undone: Deleted');
        self::assertCount(5, $this->cards($sheet));
        $browser->keys('?');
        self::assertStringContainsString('undo, redo', $browser->see('[role=dialog] .columns')->getText());
    }

    public function test_contents_lock_hide_rename_and_reorder(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet] = $this->openDemo();
        $foot = $this->item($sheet, 'Foot')['id'];
        $browser->clickSheet(800, 780);
        $browser->click("[data-row='$foot']");
        $browser->clickOver("[data-row='$foot']", "[data-row='$foot'] [aria-label=Lock]");
        $browser->waitForStatus('Locked "Foot"');
        $browser->fill('input[name=x]', '5');
        self::assertSame('"Foot" is locked. Unlock first.', $browser->waitForStatus('is locked'));
        self::assertEquals(0, $this->item($sheet, 'Foot')['frame']['x']);
        $browser->clickOver("[data-row='$foot']", "[data-row='$foot'] [aria-label=Hide]");
        $browser->waitForStatus('Hid "Foot"');
        $browser->doubleClick(static fn (): WebDriverActions => $browser->driver->action()->moveToElement($browser->see("[data-row='$foot'] .name")));
        $browser->see('.contents .text-field')->sendKeys('Sill'.WebDriverKeys::ENTER);
        $browser->waitForStatus('Renamed "Foot" to "Sill"');

        $names = static fn (): array => array_map(static fn ($row): string => $row->getText(), $browser->driver->findElements(WebDriverBy::cssSelector('.contents .name')));
        $before = $names();
        $pay = $this->item($sheet, 'Pay')['id'];
        $gates = $this->item($sheet, 'Gates close 5 minutes before each cross…')['id'];
        // ChromeDriver does not begin native drags by itself, so the page is told of one as the browser would.
        $browser->run('
            const data = new DataTransfer();
            const [from, to] = [...arguments].map((id) => document.querySelector(`[data-row="${id}"]`));
            const tell = (row, type) => row.dispatchEvent(new DragEvent(type, {bubbles: true, cancelable: true, dataTransfer: data}));
            tell(from, "dragstart"); tell(to, "dragover"); tell(to, "drop"); tell(from, "dragend");
        ', $pay, $gates);
        $browser->waitForStatus('Put "Pay"');
        self::assertNotSame($before, $names());
    }

    public function test_figures_that_cannot_be_read_are_explained_and_kept(): void
    {
        $browser = $this->browser;
        $this->openDemo();
        $browser->clickSheet(500, 430);
        $browser->fill('input[name=w]', '2,5');
        $browser->waitForStatus('decimals take a point');
        self::assertSame('2,5', $browser->see('input[name=w]')->getAttribute('value'), 'what was typed is still there');
        $browser->see('input[name=w]')->sendKeys(WebDriverKeys::ESCAPE);
        self::assertSame('270', $browser->see('input[name=w]')->getAttribute('value'));
        $browser->see('input[name=x]')->click();
        $browser->keys(WebDriverKeys::ARROW_UP);
        $browser->waitForStatus('x 354');
    }

    public function test_sheets_are_tabs_and_undo_follows_to_another(): void
    {
        $browser = $this->browser;
        ['document' => $document] = $this->openDemo('Kiosk');
        $sheets = count($this->server->call('GET', "documents/$document")['sheets']);
        $new = 'Sheet '.($sheets + 1);
        $browser->press('Add a sheet');
        $browser->see('[role=dialog] .main');
        $browser->press('Add sheet');
        Waiting::until(static fn (): bool => str_contains($browser->see('.tab.on')->getText(), $new), 'the new sheet');
        $browser->waitForSheet();
        self::assertStringContainsString('Nothing on this sheet yet', $browser->see('.contents .empty')->getText());
        $browser->press('Box');
        $browser->drag(100, 100, 300, 220);
        $browser->waitForStatus('Drew "Box"');
        $browser->press('Kiosk');
        Waiting::until(static fn (): bool => str_contains($browser->see('.tab.on')->getText(), 'Kiosk'), 'the first sheet');
        $browser->waitForSheet();
        $browser->press('Undo');
        Waiting::until(static fn (): bool => str_contains($browser->see('.tab.on')->getText(), $new), 'undo to go to the sheet it changed');
        $browser->press('Undo');
        Waiting::until(fn (): bool => count($this->server->call('GET', "documents/$document")['sheets']) === $sheets, 'the sheet to be taken back');
    }

    public function test_the_shelf_deletes_with_undo_and_begins_new_documents(): void
    {
        $browser = $this->browser;
        $browser->visit('/');
        $browser->press('What to do with Merrow Sound Ferries');
        $browser->see('.p-menu');
        $browser->driver->findElement(WebDriverBy::xpath('//*[contains(@class,"p-menu-item-label") and text()="Delete"]'))->click();
        self::assertStringContainsString('The shelf is empty', $browser->see('.bare')->getText());
        $browser->press('Undo');
        $browser->see('.standing');
        $browser->driver->findElement(WebDriverBy::xpath('//button[.//b[text()="A5"]]'))->click();
        $browser->waitForSheet();
        self::assertStringContainsString('148 × 210 mm', $browser->see('.tab.on')->getText());
    }

    public function test_with_many_sheets_the_current_one_and_the_plus_are_seen(): void
    {
        $browser = $this->browser;
        ['document' => $document] = $this->openEmpty();
        foreach (range(2, 24) as $i) {
            $made = $this->server->call('POST', "documents/$document/sheets", ['name' => $i === 24 ? str_repeat('Timetable of the northern line ', 5) : "Stage $i", 'width' => 100, 'height' => 100]);
        }
        $browser->visit("/d/$document/{$made['id']}");
        $browser->waitForSheet();
        $inside = 'const box = document.querySelector(arguments[0]).getBoundingClientRect(); return box.left >= 0 && box.right <= innerWidth && box.width > 20';
        Waiting::until(static fn (): bool => $browser->run($inside, '.tab.on .name') === true, 'the current tab to be seen');
        foreach (['.add.all', '.add:not(.all)', '.tab.on .more'] as $css) {
            self::assertTrue($browser->run($inside, $css), $css);
        }
        $browser->click('.add.all');
        Waiting::until(static fn (): bool => $browser->run('return document.querySelectorAll(".sheet-list [role=menuitem]").length') === 24, 'the list of all');
        $browser->run('[...document.querySelectorAll(".sheet-list a")].find((one) => one.textContent.includes("Stage 7")).click()');
        Waiting::until(static fn (): bool => str_contains((string) $browser->run('return document.querySelector(".tab.on .name").textContent'), 'Stage 7'), 'another sheet');
    }

    public function test_the_desk_is_dark_where_it_is_wished(): void
    {
        $browser = $this->browser;
        $this->openEmpty();
        $darkness = static fn (): bool => (int) $browser->run('return parseInt(getComputedStyle(document.querySelector(".bench")).backgroundColor.match(/\\d+/)[0])') < 100;
        self::assertFalse($darkness());
        foreach (['light desk' => false, 'dark desk' => true] as $said => $dark) {
            $browser->run('[...document.querySelectorAll("button")].find((one) => one.ariaLabel?.startsWith("Desk:")).click()');
            $browser->waitForStatus("Light or dark: $said");
            Waiting::until(static fn (): bool => $darkness() === $dark, $said);
        }
        $this->reload();
        self::assertTrue($darkness(), 'and stays so');
        self::assertSame('rgb(255, 255, 255)', $browser->run('return getComputedStyle(document.querySelector("rect.sheet")).fill'));
    }

    public function test_what_was_deleted_elsewhere_is_named(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet, 'document' => $document] = $this->openEmpty();
        $sign = $this->add($sheet, 'box', 100, 100, 80, 40, 'Sign');
        $this->reload();
        $this->chooseAll();
        $this->waitForSelected('Sign');
        $this->server->call('POST', "sheets/$sheet/commands", ['command' => 'delete', 'items' => [$sign['id']]]);
        $browser->keys(WebDriverKeys::ARROW_RIGHT);
        $browser->waitForStatus('"Sign" was deleted in another window.');
        $this->server->call('DELETE', "documents/$document");
        $browser->keys('j');
        $browser->keys(WebDriverKeys::ENTER);
        Waiting::until(static fn (): bool => str_contains((string) $browser->run('return document.body.textContent'), 'The document "Trial" was deleted in another window.'), 'the document to be named');
    }

    public function test_a_locked_thing_is_unlocked_from_its_menu(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet] = $this->openEmpty();
        $sign = $this->add($sheet, 'box', 100, 100, 80, 40, 'Sign');
        $this->server->call('POST', "sheets/$sheet/commands", ['command' => 'set', 'items' => [$sign['id']], 'params' => ['locked' => true]]);
        $this->reload();
        [$x, $y] = $browser->onScreen(140, 120);
        $browser->pointer($x, $y)->contextClick()->perform();
        $browser->run('const wait = () => { const one = [...document.querySelectorAll("a.entry")].find((each) => each.textContent.includes("Unlock \\"Sign\\"")); one ? one.click() : setTimeout(wait, 20); }; wait();');
        $browser->waitForStatus('Unlocked "Sign"');
        self::assertFalse($this->item($sheet, 'Sign')['locked']);
    }

    public function test_what_was_picked_beneath_is_what_a_drag_moves(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet] = $this->openEmpty();
        $this->add($sheet, 'box', 100, 100, 200, 200, 'Floor');
        $this->add($sheet, 'box', 150, 150, 60, 60, 'Table');
        $this->reload();
        [$x, $y] = $browser->onScreen(180, 180);
        $browser->pointer($x, $y)->contextClick()->perform();
        Waiting::until(static fn (): bool => $browser->run('const one = [...document.querySelectorAll("a.entry")].find((each) => each.textContent.includes("Lying here")); one?.click(); const floor = [...document.querySelectorAll("a.entry")].find((each) => each.textContent.trim().startsWith("Floor")); floor?.click(); return Boolean(floor)') === true, 'the list of what lies here');
        $this->waitForSelected('Floor');
        $browser->drag(180, 180, 220, 180);
        $browser->waitForStatus('Moved "Floor"');
        self::assertEquals(150, $this->item($sheet, 'Table')['bounds']['x']);
    }
}
