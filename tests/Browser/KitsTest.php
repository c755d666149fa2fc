<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Waiting;

/** What is put on the sheet ready-made: kits, icons, pictures of the library; and design tokens taken from a file. */
final class KitsTest extends BrowserTestCase
{
    protected const DEMO = false;

    private function openPanel(string $sort): void
    {
        $this->browser->run('[...document.querySelectorAll("[role=tab]")].find((tab) => tab.textContent.trim() === "Kits").click()');
        $this->browser->see('.sorts');
        $this->browser->run('[...document.querySelectorAll(".sorts button")].find((sort) => sort.textContent.trim() === arguments[0]).click()', $sort);
    }

    private function search(string $words): void
    {
        $field = $this->browser->driver->findElement(WebDriverBy::cssSelector('.search input'));
        $field->clear();
        $field->sendKeys($words);
    }

    /** @return list<string> */
    private function offered(): array
    {
        return $this->browser->run('return [...document.querySelectorAll("[data-cell]")].map((cell) => cell.getAttribute("aria-label") ?? cell.title)');
    }

    private function waitForOffered(string $first): void
    {
        Waiting::until(fn (): bool => ($this->offered()[0] ?? null) === $first, "\"$first\" to be offered first");
    }

    private function read(string $css, string $words): void
    {
        Waiting::until(fn (): bool => str_contains($this->browser->see($css)->getText(), $words), "\"$words\" to be read");
    }

    /** @return array<string, mixed> where the middle of what is seen lies on the sheet */
    private function middle(): array
    {
        return $this->browser->run('const m = document.querySelector(".layer > g").getCTM(); const box = document.querySelector(".plane").getBoundingClientRect(); return { x: (box.width / 2 - m.e) / m.a, y: (box.height / 2 - m.f) / m.d }');
    }

    public function test_a_kit_is_found_put_in_the_middle_of_what_is_seen_and_dragged(): void
    {
        ['sheet' => $sheet] = $this->openEmpty();
        $this->openPanel('Kits');
        $this->waitForOffered('Card');
        Waiting::until(fn (): bool => $this->browser->run('return [...document.querySelectorAll(".seen img")].every((image) => image.complete && image.naturalWidth > 0)'), 'every kit to be seen');
        $this->search('chart');
        $this->waitForOffered('Legend');
        self::assertCount(1, $this->offered(), 'by another word for it');
        $this->browser->click('[data-cell]');
        $this->browser->waitForStatus('Put the kit "Legend" on the sheet');
        $group = array_values(array_filter($this->items($sheet), static fn (array $item): bool => $item['kind'] === 'group'))[0];
        ['x' => $x, 'y' => $y] = $this->middle();
        self::assertEqualsWithDelta($x, $group['bounds']['x'] + $group['bounds']['w'] / 2, 1.0);
        self::assertEqualsWithDelta($y, $group['bounds']['y'] + $group['bounds']['h'] / 2, 1.0);
        $this->search('zzz');
        $this->read('.kits', 'No kit is called that');
        $this->search('phone');
        $this->waitForOffered('Phone frame');
        $this->browser->run(<<<'JS'
            const data = new DataTransfer();
            document.querySelector('[data-cell]').dispatchEvent(new DragEvent('dragstart', { bubbles: true, dataTransfer: data }));
            const plane = document.querySelector('.plane');
            const box = plane.getBoundingClientRect();
            const m = document.querySelector('.layer > g').getCTM();
            const at = { bubbles: true, cancelable: true, dataTransfer: data, clientX: box.left + m.e + 300 * m.a, clientY: box.top + m.f + 280 * m.d };
            plane.dispatchEvent(new DragEvent('dragover', at));
            plane.dispatchEvent(new DragEvent('drop', at));
            JS);
        $this->browser->waitForStatus('Put the kit "Phone frame" on the sheet');
        $phone = array_values(array_filter($this->items($sheet), static fn (array $item): bool => $item['name'] === 'Phone frame'))[0];
        self::assertEqualsWithDelta(300, $phone['bounds']['x'] + $phone['bounds']['w'] / 2, 1.0);
        self::assertEqualsWithDelta(280, $phone['bounds']['y'] + $phone['bounds']['h'] / 2, 1.0);
    }

    public function test_what_is_selected_is_kept_as_a_kit_and_deleted_again(): void
    {
        ['sheet' => $sheet] = $this->openEmpty();
        $this->add($sheet, 'box', 40, 40, 200, 80, 'Ground');
        $this->add($sheet, 'round', 60, 60, 40, 40, 'Mark');
        $this->reload();
        $this->openPanel('Kits');
        $this->read('.keep button:disabled', 'Select things to keep them');
        $this->chooseAll();
        $this->browser->press('Keep 2 items as a kit');
        $this->browser->keys(['Badge', WebDriverKeys::ENTER]);
        $this->browser->waitForStatus('Kept 2 items as the kit "Badge"');
        $this->waitForOffered('Badge');
        $this->read('.list section:nth-of-type(1)', 'Of this document');
        $this->browser->click('[data-cell]');
        $this->browser->waitForStatus('Put the kit "Badge" on the sheet');
        self::assertCount(5, $this->items($sheet));
        $this->browser->run('document.querySelector("[aria-label=\'Delete the kit Badge\']").click()');
        $this->browser->waitForStatus('Deleted the kit "Badge"');
        $this->waitForOffered('Card');

        // Kept by one document, it is offered in another.
        $this->browser->press('Undo');
        $this->waitForOffered('Badge');
        ['sheet' => $other] = $this->openEmpty();
        $this->openPanel('Kits');
        $this->read('.list section:nth-of-type(2)', 'Of other documents');
        $this->search('Badge Trial');
        $this->waitForOffered('Badge, '.$this->browser->run('return document.querySelector(".tile .note").textContent'));
        $this->browser->click('[data-cell]');
        $this->browser->waitForStatus('Pasted "Badge"');
        self::assertCount(3, $this->items($other));
    }

    public function test_several_icons_come_into_several_rounds_and_arrows_walk_among_them(): void
    {
        ['sheet' => $sheet] = $this->openEmpty();
        foreach ([0, 1, 2] as $i) {
            $this->add($sheet, 'round', 100 + $i * 200, 100, 96, 96, "Round $i");
        }
        $this->reload();
        $this->openPanel('Icons');
        $this->search('ship');
        $this->waitForOffered('ship');
        $this->chooseAll();
        $this->browser->run('document.querySelectorAll("[data-cell]").forEach((cell, i) => i < 3 && cell.dispatchEvent(new MouseEvent("click", { bubbles: true, shiftKey: true })))');
        $this->browser->press('Put 3 icons into 3 rounds');
        $this->browser->waitForStatus('Put 3 icons in the middle of 3 rounds');
        $items = $this->items($sheet);
        $centres = array_map(static fn (array $item): array => [round($item['bounds']['x'] + $item['bounds']['w'] / 2, 2), round($item['bounds']['y'] + $item['bounds']['h'] / 2, 2)], array_values(array_filter($items, static fn (array $item): bool => $item['kind'] === 'path')));
        self::assertEquals([[148, 148], [348, 148], [548, 148]], $centres);

        // One of which the size is typed, by the keyboard, where nothing is selected.
        $this->browser->run('document.querySelector(".plane").focus()');
        $this->browser->keys([WebDriverKeys::ESCAPE, WebDriverKeys::ESCAPE]);
        $this->browser->driver->findElement(WebDriverBy::cssSelector("[aria-label='Size of icons, px']"))->sendKeys('48');
        $names = $this->offered();
        $this->browser->run('document.querySelector("[data-cell]").focus()');
        $this->browser->keys([WebDriverKeys::ARROW_RIGHT, WebDriverKeys::ARROW_RIGHT, WebDriverKeys::ARROW_DOWN]);
        self::assertSame($names[7], $this->browser->run('return document.activeElement.getAttribute("aria-label")'), 'five stand side by side');
        $this->browser->keys([WebDriverKeys::HOME, WebDriverKeys::ENTER]);
        $this->browser->waitForStatus('Put "Ship" on the sheet');
        $ship = array_values(array_filter($this->items($sheet), static fn (array $item): bool => $item['name'] === 'Ship' && ($item['fields']['outline']['weight'] ?? 0) === 4))[0] ?? null;
        self::assertNotNull($ship, 'at 48 px its lines are 4 px');
    }

    public function test_a_picture_of_the_library_comes_into_the_frame_that_is_empty_with_its_credit(): void
    {
        ['sheet' => $sheet] = $this->openEmpty();
        $this->add($sheet, 'picture', 100, 100, 320, 200, 'Frame');
        $this->reload();
        $this->openPanel('Pictures');
        $this->search('dusk');
        Waiting::until(fn (): bool => count($this->offered()) === 1, 'one picture to be offered');
        $this->chooseAll();
        $this->browser->click('[data-cell]');
        $this->browser->waitForStatus('Swapped the picture in "Frame"');
        self::assertCount(1, $this->items($sheet));
        $this->browser->press('Look');
        $this->read('.picture', 'Made by ');
        $this->search('elephant');
        $this->read('.pictures', 'Nothing in the library goes by that');

        // It does not answer, and does again.
        $this->browser->run('window.asked = window.fetch; window.fetch = (to, how) => String(to).includes("picture-library") ? Promise.resolve(new Response(JSON.stringify({ detail: "The picture library does not answer just now. Try again in a moment." }), { status: 503, headers: { "Content-Type": "application/problem+json" } })) : window.asked(to, how)');
        $this->search('night');
        $this->read('.pictures [role=alert]', 'does not answer just now');
        $this->browser->run('window.fetch = window.asked');
        $this->browser->click('.pictures [role=alert] button');
        Waiting::until(fn (): bool => count($this->offered()) > 1, 'pictures to be offered again');
    }

    public function test_design_tokens_are_taken_from_a_file(): void
    {
        ['sheet' => $sheet] = $this->openEmpty();
        $this->browser->press('Look');
        file_put_contents($path = sys_get_temp_dir().'/allsquare-'.getmypid().'-tokens.json', '{"color": {"$type": "color", "Spruce": {"$value": "#17614f"}}, "spacing": {"unit": {"$type": "dimension", "$value": "12px"}}}');
        register_shutdown_function(static fn () => @unlink($path));
        $this->browser->driver->findElement(WebDriverBy::cssSelector("[aria-label='File of design tokens']"))->sendKeys($path);
        $this->browser->waitForStatus('Took 1 swatch, the unit of spacing, 12 px');
        $now = $this->server->call('GET', "sheets/$sheet");
        self::assertSame(['Spruce', 12], [$now['swatches'][0]['name'], (int) $now['sheet']['unit_of_spacing']]);
        self::assertStringEndsWith('/tokens.json', (string) $this->browser->named('Save JSON', 'a')->getAttribute('href'));
    }
}
