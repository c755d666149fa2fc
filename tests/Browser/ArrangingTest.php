<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Waiting;

/** What a designer does with the bench, from nothing to a squared sheet. */
final class ArrangingTest extends BrowserTestCase
{
    protected const DEMO = false;

    public function test_a_log_page_a_block_of_berths_and_a_tide_dial_as_series(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet] = $this->openEmpty(800, 1100);

        // Seventeen ruled lines from one, then twenty-two in the same extent.
        $this->add($sheet, 'line', 60, 100, 680, 0, 'Rule');
        $this->reload();
        $this->chooseAll();
        $browser->press('Repeat…');
        $browser->press('steps');
        $browser->fill('[name="steps dx"]', '0', '');
        $browser->fill('[name="steps dy"]', '42', '');
        $browser->fill('[name="steps count"]', '17', '');
        $browser->press('Repeat');
        $browser->waitForStatus('Repeated "Rule": 17 in all, 42 down from one to the next, as a series');
        $browser->click('label:has(input[type=checkbox])');
        $browser->fill('[name="series count"]', '22');
        $browser->waitForStatus('22 in all, 32 down from one to the next (was 17 in all, 42 down from one to the next)');
        $rules = $this->boundsOf($sheet, 'Rule');
        self::assertCount(22, $rules);
        self::assertSame([100, 772], [(int) $rules[0]['y'], (int) end($rules)['y']]);
        $browser->press('Undo');
        $browser->waitForStatus('Undone: Changed');
        self::assertCount(17, $this->boundsOf($sheet, 'Rule'));

        // A block of berth numbers counting up from one text.
        ['sheet' => $sheet] = $this->openEmpty();
        $this->add($sheet, 'text', 40, 40, 60, 24, 'Berth 01', ['text' => 'Berth 01']);
        $this->reload();
        $this->chooseAll();
        $browser->press('Repeat…');
        foreach (['block columns' => '5', 'block rows' => '6', 'block across' => '12', 'block down' => '8'] as $name => $value) {
            $browser->fill("[name=\"$name\"]", $value, '');
        }
        $browser->click('.repeat > label:nth-of-type(2) input');
        $browser->press('Repeat');
        $browser->waitForStatus('5 × 6, gaps 12 across and 8 down');
        $texts = array_column(array_column(array_filter($this->items($sheet), static fn (array $item): bool => $item['kind'] === 'text'), 'fields'), 'text');
        self::assertSame(['Berth 01', 'Berth 06', 'Berth 30'], [$texts[0], $texts[5], $texts[29]]);

        // Long and short ticks of a tide dial.
        ['sheet' => $sheet] = $this->openEmpty();
        $this->add($sheet, 'box', 10, 10, 2, 8, 'Short');
        $this->add($sheet, 'box', 30, 10, 2, 20, 'Long');
        $this->reload();
        $this->chooseAll();
        $browser->press('Repeat…');
        $browser->press('ring');
        $browser->press('outward');
        foreach (['ring count' => '96', 'ring radius' => '200', 'ring every' => '4'] as $name => $value) {
            $browser->fill("[name=\"$name\"]", $value, '');
        }
        $browser->press('Repeat');
        $browser->waitForStatus('96 places all round, radius 200');
        self::assertCount(24, $this->boundsOf($sheet, 'Long'));
        self::assertCount(72, $this->boundsOf($sheet, 'Short'));
    }

    public function test_gaps_grounds_insets_and_the_pad(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet, 'document' => $document] = $this->openEmpty(900, 600);

        // Eight fare cards, two by four, brought to gaps of 18.
        foreach (range(0, 7) as $i) {
            $this->add($sheet, 'box', 40 + $i % 4 * 143 + $i, 60 + intdiv($i, 4) * 92 + $i % 3, 120, 70, "Fare, $i");
        }
        $this->reload();
        $this->chooseAll();
        $browser->fill('.space [name=columns]', '4', '');
        $browser->fill('.space [name=gap]', '18', '');
        $browser->press('Block');
        $browser->waitForStatus('Laid out 8 fares: 4 × 2, gaps 18 across and 18 down');
        self::assertSame([40, 178, 316, 454], array_map(static fn (array $b): int => (int) $b['x'], array_slice($this->boundsOf($sheet, 'Fare'), 0, 4)));

        // Each of the four columns by itself. What would happen is shown before anything is pressed, and is gone when the pointer leaves.
        $browser->fill('.space [name=gap]', '30', '');
        $before = $this->items($sheet);
        [$x, $y] = $browser->run('const r = document.querySelector("[aria-label=\'Set gaps down\']").getBoundingClientRect(); return [Math.round(r.x + 9), Math.round(r.y + 9)];');
        $browser->pointer($x, $y)->perform();
        $browser->waitForStatus('If pressed: Set the gaps of 8 fares down to 30 in 4 columns');
        self::assertCount(4, $browser->run('return [...document.querySelectorAll(".ghosts polygon")].map((p) => p.getAttribute("points"))'));
        $browser->pointer($x, $y - 300)->perform();
        Waiting::until(static fn (): bool => $browser->run('return document.querySelectorAll(".ghosts polygon").length') === 0, 'the ghosts to go');
        self::assertSame($before, $this->items($sheet));

        // Four rings one inside the other, moved as one to the middle of the sheet.
        ['sheet' => $sheet] = $this->openEmpty(800, 600);
        foreach ([100, 70, 40, 10] as $i => $size) {
            $this->add($sheet, 'round', 20 + $i * 15, 20 + $i * 15, $size, $size, "Ring, $i");
        }
        $this->reload();
        $this->chooseAll();
        $browser->press('as one');
        $browser->run('const s = document.querySelector("[aria-label=\'Align to\']"); s.value = "sheet"; s.dispatchEvent(new Event("change"));');
        $browser->click('.align [aria-label="Align as"] button:nth-of-type(2)');
        Waiting::until(static fn (): bool => str_contains($browser->see('.align h3')->getText(), 'the 4 as one to the sheet'), 'the sentence');
        $browser->press('Align both ways: centre');
        $browser->waitForStatus('Aligned 4 rings by centres both ways to the sheet as one');
        self::assertSame([[350, 250], [365, 265], [380, 280], [395, 295]], array_map(static fn (array $b): array => [(int) $b['x'], (int) $b['y']], $this->boundsOf($sheet, 'Ring')));

        // Ten icons each centred on its own disc by one key.
        ['sheet' => $sheet] = $this->openEmpty(1000, 300);
        foreach (range(0, 9) as $i) {
            $this->add($sheet, 'round', 20 + $i * 90, 100 + $i % 3, 60, 60, "Disc, $i");
            $this->add($sheet, 'box', 31 + $i * 90, 109, 24, 30, "Icon, $i");
        }
        $this->reload();
        $browser->clickSheet(500, 260);
        $icons = array_map(fn (int $i): string => $this->item($sheet, "Icon, $i")['id'], range(0, 9));
        foreach ($icons as $id) {
            $browser->run('document.querySelector(`[data-row="${arguments[0]}"]`).dispatchEvent(new MouseEvent("click", {bubbles: true, ctrlKey: true}));', $id);
        }
        $this->waitForSelected('10 icons');
        $browser->run('const s = document.querySelector("[aria-label=\'Align to\']"); s.value = "ground"; s.dispatchEvent(new Event("change"));');
        $browser->run('document.querySelector(".plane").focus()');
        $browser->keys('5');
        $browser->waitForStatus('Aligned 10 icons by centres both ways to what each lies on');
        foreach (range(0, 9) as $i) {
            [$disc, $icon] = [$this->item($sheet, "Disc, $i")['bounds'], $this->item($sheet, "Icon, $i")['bounds']];
            self::assertEquals([$disc['x'] + 30, $disc['y'] + 30], [$icon['x'] + 12, $icon['y'] + 15]);
        }

        // The same 36 px inset on all sides of a picture's frame.
        ['sheet' => $sheet] = $this->openEmpty(800, 600);
        $this->add($sheet, 'box', 100, 50, 400, 300, 'Frame');
        $this->add($sheet, 'box', 130, 90, 300, 200, 'Picture');
        $this->reload();
        $browser->clickSheet(280, 190);
        $this->waitForSelected('Picture');
        Waiting::until(static fn (): bool => str_contains($browser->see('.place')->getText(), 'on "Frame"'), 'the ground to be named');
        $browser->fill('.space [name=inset]', '36', '');
        $browser->click('.by-size input');
        $browser->press('Inset');
        $browser->waitForStatus('Inset "Picture" by 36 px in "Frame", by sizing');
        self::assertEquals(['x' => 136, 'y' => 86, 'w' => 328, 'h' => 228], $this->item($sheet, 'Picture')['bounds']);
        Waiting::until(static fn (): bool => $browser->run('return document.querySelector("[name=\'clear left\']").value') === '36', 'the clearance to be shown');
        $browser->fill('[name="clear left"]', '20');
        $browser->waitForStatus('20 px from "Frame" on the left (was 36), by sizing');
        self::assertEquals(['x' => 120, 'w' => 344], array_intersect_key($this->item($sheet, 'Picture')['bounds'], ['x' => 0, 'w' => 0]));
    }

    public function test_again_and_the_history(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet] = $this->openEmpty(900, 600);

        // Nine portholes in a row: one, a copy that is moved, and seven times again.
        $this->add($sheet, 'round', 20, 20, 40, 40, 'Porthole');
        $this->reload();
        $this->chooseAll();
        $browser->keys([WebDriverKeys::CONTROL, 'd', WebDriverKeys::NULL]);
        $browser->waitForStatus('Copied "Porthole"');
        $browser->fill('input[name=x]', '76');
        $browser->waitForStatus('x 76');
        $browser->press('Undo');
        $browser->waitForStatus('Undone');
        $browser->run('document.querySelector(".plane").focus()');
        $right = WebDriverKeys::ARROW_RIGHT;
        $browser->keys([WebDriverKeys::SHIFT, str_repeat($right, 5), WebDriverKeys::NULL, str_repeat($right, 6)]);
        Waiting::until(fn (): bool => max(array_column($this->boundsOf($sheet, 'Porthole'), 'x')) === 76, 'the copy to stand at 76');
        foreach (range(3, 9) as $count) {
            $browser->keys('.');
            Waiting::until(fn (): bool => count($this->items($sheet)) === $count, "$count portholes");
        }
        $lefts = array_column($this->boundsOf($sheet, 'Porthole'), 'x');
        sort($lefts);
        self::assertEquals(array_map(static fn (int $i): int => 20 + 56 * $i, range(0, 8)), $lefts);

        // The arrows were one line, which can be gone back to and forward from.
        $browser->press('History');
        Waiting::until(static fn (): bool => str_contains($browser->see('.history')->getText(), 'Moved "Porthole" 56 px right'), 'the run of arrows as one line');
        self::assertSame(1, substr_count($browser->see('.history')->getText(), 'Moved'));
        $browser->press('Before the first change');
        $browser->waitForStatus('Back before the first change');
        self::assertCount(0, $this->items($sheet));
        Waiting::until(static fn (): bool => $browser->run('return document.querySelector(".history .current")?.textContent.trim()') === 'Before the first change', 'the history to be read again');
        $browser->run('document.querySelector(".history button").click()');
        $browser->waitForStatus('Now at: Copied');
        self::assertCount(9, $this->items($sheet));
        $browser->press('History');
    }

    public function test_copying_turning_and_contents_by_hand(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet] = $this->openEmpty(800, 600);
        $this->add($sheet, 'box', 100, 100, 80, 60, 'Hull');
        $this->add($sheet, 'round', 500, 100, 80, 80, 'Lamp');
        $this->reload();

        // A copy by dragging with Alt: what is held at release counts, and is said at the pointer.
        [$x, $y] = $browser->onScreen(140, 130);
        [$toX] = $browser->onScreen(340, 130);
        $browser->pointer($x, $y)->clickAndHold()->moveByOffset(30, 0)->perform();
        $browser->driver->action()->keyDown(null, WebDriverKeys::ALT)->moveByOffset($toX - $x - 30, 0)->perform();
        Waiting::until(static fn (): bool => str_contains($browser->see('.words')->getText(), 'copy'), 'the pointer to say copy');
        $browser->driver->action()->release()->keyUp(null, WebDriverKeys::ALT)->perform();
        $browser->waitForStatus('Copied "Hull"');
        self::assertCount(2, $this->boundsOf($sheet, 'Hull'));
        $lefts = array_column($this->boundsOf($sheet, 'Hull'), 'x');
        self::assertSame(100, (int) min($lefts));
        self::assertEqualsWithDelta(300, max($lefts), 2);

        // Turned by its handle to steps of 15 degrees, then by typing.
        $grip = $browser->run('const r = document.querySelector("[data-handle=turn]").getBoundingClientRect(); return [Math.round(r.x + r.width / 2), Math.round(r.y + r.height / 2)];');
        $browser->pointer(...$grip)->clickAndHold()->perform();
        $browser->driver->action()->keyDown(null, WebDriverKeys::SHIFT)->moveByOffset(40, 60)->release()->keyUp(null, WebDriverKeys::SHIFT)->perform();
        $browser->waitForStatus('Turned "Hull" to');
        $angles = array_column(array_filter($this->items($sheet), static fn (array $item): bool => $item['name'] === 'Hull' && $item['angle'] != 0), 'angle');
        self::assertCount(1, $angles);
        self::assertSame(0.0, fmod((float) $angles[0], 15));
        $browser->fill('input[name=angle]', '350');
        $browser->waitForStatus('to -10°');

        // Copied and pasted where it was, onto another sheet.
        $browser->run('document.querySelector(".plane").focus()');
        $clip = $browser->run('const data = new DataTransfer(); document.querySelector(".plane").dispatchEvent(new ClipboardEvent("copy", {clipboardData: data, bubbles: true, cancelable: true})); return data.getData("text/plain");');
        self::assertStringContainsString('allsquare-excerpt', $clip);
        ['sheet' => $other] = $this->openEmpty();
        $browser->run('const data = new DataTransfer(); data.setData("text/plain", arguments[0]); document.querySelector(".plane").dispatchEvent(new ClipboardEvent("paste", {clipboardData: data, bubbles: true, cancelable: true}));', $clip);
        $browser->waitForStatus('Pasted "Hull"');
        self::assertEquals(-10, $this->item($other, 'Hull')['angle']);
        $browser->run('const data = new DataTransfer(); data.setData("text/plain", "a shopping list"); document.querySelector(".plane").dispatchEvent(new ClipboardEvent("paste", {clipboardData: data, bubbles: true, cancelable: true}));');
        $browser->waitForStatus('was not copied from a sheet');

        // All of a kind, the others, and into a group by dragging in Contents.
        $this->add($other, 'box', 10, 10, 50, 50, 'Crate, a');
        $this->add($other, 'box', 90, 10, 50, 50, 'Crate, b');
        $this->reload();
        $browser->clickSheet(35, 35);
        $browser->run('document.querySelector(".plane").focus()');
        $browser->keys('S');
        $this->waitForSelected('2 crates');
        $browser->keys([WebDriverKeys::CONTROL, 'i', WebDriverKeys::NULL]);
        $this->waitForSelected('Hull');
        $browser->keys([WebDriverKeys::CONTROL, 'i', WebDriverKeys::NULL]);
        $browser->keys([WebDriverKeys::CONTROL, 'g', WebDriverKeys::NULL]);
        $browser->waitForStatus('Grouped 2 crates');
        [$hull, $group] = [$this->item($other, 'Hull')['id'], $this->item($other, 'Group')['id']];
        $browser->run('
            const [from, to] = [...arguments].map((id) => document.querySelector(`[data-row="${id}"]`));
            const data = new DataTransfer();
            const r = to.getBoundingClientRect();
            const tell = (node, type) => node.dispatchEvent(new DragEvent(type, {bubbles: true, cancelable: true, dataTransfer: data, clientX: r.x + 60, clientY: r.y + r.height / 2}));
            tell(from, "dragstart"); tell(to, "dragover"); tell(to, "drop"); tell(from, "dragend");
        ', $hull, $group);
        $browser->waitForStatus('Put "Hull" into "Group"');
        self::assertSame($group, $this->item($other, 'Hull')['parent']);
    }
}
