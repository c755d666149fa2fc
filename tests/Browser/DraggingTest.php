<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Waiting;

/** Dragging with what is held, places that are taken along, and series worked on by hand. */
final class DraggingTest extends BrowserTestCase
{
    protected const DEMO = false;

    public function test_shift_holds_one_axis_and_what_is_held_at_release_counts(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet] = $this->openEmpty();
        $this->add($sheet, 'box', 100, 100, 80, 60, 'Hull');
        $this->reload();
        [$x, $y] = $browser->onScreen(140, 130);
        $browser->pointer($x, $y)->clickAndHold()->moveByOffset(60, 20)->perform();
        $browser->driver->action()->keyDown(null, WebDriverKeys::SHIFT)->moveByOffset(1, 0)->release()->perform();
        $browser->driver->action()->keyUp(null, WebDriverKeys::SHIFT)->perform();
        $browser->waitForStatus('Moved "Hull"');
        $moved = $this->item($sheet, 'Hull')['frame'];
        self::assertGreaterThan(140, $moved['x']);
        self::assertEquals(100, $moved['y'], 'held to the level');

        [$x, $y] = $browser->onScreen($moved['x'] + 40, 130);
        $browser->driver->action()->keyDown(null, WebDriverKeys::ALT)->perform();
        $browser->pointer($x, $y)->clickAndHold()->moveByOffset(50, 10)->perform();
        $browser->driver->action()->keyUp(null, WebDriverKeys::ALT)->moveByOffset(1, 0)->release()->perform();
        Waiting::until(fn (): bool => $this->item($sheet, 'Hull')['frame']['x'] > $moved['x'] + 20, 'it to be moved');
        self::assertCount(1, $this->items($sheet), 'Alt was let go before the button: no copy');
    }

    public function test_a_drag_is_given_back_by_escape_with_the_copy_it_would_have_made(): void
    {
        $browser = $this->browser;
        ['document' => $document, 'sheet' => $sheet] = $this->openEmpty();
        $this->add($sheet, 'box', 100, 100, 80, 60, 'Hull');
        $this->reload();
        $lines = count($this->server->call('GET', "documents/$document/history")['lines']);
        [$x, $y] = $browser->onScreen(140, 130);
        $browser->driver->action()->keyDown(null, WebDriverKeys::ALT)->perform();
        $browser->pointer($x, $y)->clickAndHold()->moveByOffset(50, 30)->perform();
        $browser->keys(WebDriverKeys::ESCAPE);
        $browser->driver->action()->release()->keyUp(null, WebDriverKeys::ALT)->perform();
        $browser->clickSheet(600, 500);
        $this->waitForSelected('nothing selected');
        self::assertEquals([100, 100], [$this->item($sheet, 'Hull')['frame']['x'], $this->item($sheet, 'Hull')['frame']['y']]);
        self::assertCount(1, $this->items($sheet));
        self::assertCount($lines, $this->server->call('GET', "documents/$document/history")['lines']);
    }

    public function test_sizing_about_the_centre_and_in_proportion(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet] = $this->openEmpty();
        $this->add($sheet, 'box', 200, 200, 200, 100, 'Hull');
        $this->reload();
        $browser->clickSheet(300, 250);
        $this->waitForSelected('Hull');
        $grip = $browser->run('const r = document.querySelector("[data-handle=\'bottom-right\']").getBoundingClientRect(); return [Math.round(r.x + r.width / 2), Math.round(r.y + r.height / 2)];');
        $browser->pointer(...$grip)->clickAndHold()->moveByOffset(20, 20)->perform();
        $browser->driver->action()->keyDown(null, WebDriverKeys::ALT)->keyDown(null, WebDriverKeys::SHIFT)->moveByOffset(20, 20)->release()->perform();
        $browser->driver->action()->keyUp(null, WebDriverKeys::ALT)->keyUp(null, WebDriverKeys::SHIFT)->perform();
        $browser->waitForStatus('Sized "Hull"');
        $box = $this->item($sheet, 'Hull')['bounds'];
        self::assertGreaterThan(240, $box['w']);
        self::assertEqualsWithDelta(2, $box['w'] / $box['h'], 0.02);
        self::assertEqualsWithDelta([300, 250], [$box['x'] + $box['w'] / 2, $box['y'] + $box['h'] / 2], 0.51);
    }

    public function test_a_place_is_taken_along_to_another_sheet(): void
    {
        $browser = $this->browser;
        ['document' => $document, 'sheet' => $sheet] = $this->openEmpty();
        $this->add($sheet, 'box', 123, 45, 80, 60, 'Hull');
        $second = $this->server->call('POST', "documents/$document/sheets", ['name' => 'Second', 'width' => 800, 'height' => 600])['id'];
        $this->add($second, 'round', 400, 300, 30, 20, 'Lamp');
        $this->add($second, 'round', 500, 300, 40, 20, 'Buoy');
        $this->reload();
        $browser->clickSheet(160, 70);
        $this->waitForSelected('Hull');
        $browser->press('Copy place');
        $browser->waitForStatus('123, 45');
        $browser->run('[...document.querySelectorAll("a, button")].find((one) => one.textContent.trim().startsWith("Second")).click()');
        $browser->waitForSheet();
        Waiting::until(static fn (): bool => str_contains((string) $browser->driver->getCurrentURL(), $second), 'the second sheet');
        $this->chooseAll();
        $this->waitForSelected('2 rounds');
        $places = fn (): array => array_map(fn (string $name): array => array_map(intval(...), array_values(array_slice($this->item($second, $name)['bounds'], 0, 2))), ['Lamp', 'Buoy']);
        $browser->press('Paste place');
        $browser->waitForStatus('Placed 2 rounds: x 123, y 45');
        self::assertSame([[123, 45], [223, 45]], $places(), 'as one, their places to each other kept');
        $browser->press('each');
        $browser->press('Paste place');
        $browser->waitForStatus('Placed 2 rounds each: x 123, y 45');
        self::assertSame([[123, 45], [123, 45]], $places());
        self::assertEquals(30, $this->item($second, 'Lamp')['bounds']['w'], 'its size stays');
    }

    public function test_a_series_is_edited_coloured_and_broken_up(): void
    {
        $browser = $this->browser;
        $sheet = $this->openToRepeat();
        foreach (['columns' => '4', 'rows' => '2', 'across' => '10', 'down' => '10'] as $name => $value) {
            $browser->fill("[name=\"block $name\"]", $value, '');
        }
        $browser->press('Repeat');
        $browser->waitForStatus('Laid out "Berth": 4 × 2, gaps 10 across and 10 down, as a series');
        $browser->fill('[name="series rows"]', '3');
        $browser->waitForStatus('4 × 3');
        self::assertCount(12, $this->boundsOf($sheet, 'Berth'));
        $browser->fill('[name="series column_gap"]', '1/4in');
        $browser->waitForStatus('gaps 24 across');
        $browser->fill('[name="series rows"]', 'many');
        $browser->waitForStatus('"many" cannot be read as a number.');
        self::assertCount(12, $this->boundsOf($sheet, 'Berth'));

        $browser->clickSheet(60, 50, double: true);
        $this->waitForSelected('Berth');
        $browser->press('Look');
        $browser->fill('.open-drawer [aria-label="Fill colour"]', '#a83a24');
        $browser->waitForStatus('and 11 more of the series');
        $fills = array_column(array_column(array_filter($this->items($sheet), static fn (array $item): bool => $item['kind'] === 'box'), 'fields'), 'fill');
        self::assertSame(['#a83a24'], array_values(array_unique($fills)));

        $browser->run('document.querySelector(".plane").focus()');
        $browser->keys(WebDriverKeys::ESCAPE);
        $this->waitForSelected('Block');
        $browser->press('Break up');
        $browser->waitForStatus('Ungrouped "Block"');
        self::assertCount(12, $this->items($sheet));
        $this->waitForSelected('12 ');
    }
}
