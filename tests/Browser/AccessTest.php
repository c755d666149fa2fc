<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Waiting;

/** Every screen, drawer, menu and state against WCAG 2.2 AA, as far as axe-core can tell, on the light desk and on the dark one. */
final class AccessTest extends BrowserTestCase
{
    /** What a popover lies over is of its full size again as soon as that is closed. */
    private const AXE = <<<'JS'
        const done = arguments[0];
        const isCovered = (message) => document.querySelector('.p-popover') !== null && message.includes('partially obscured');
        axe.run(document, {
            runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'],
            rules: {'target-size': {enabled: true}},
            resultTypes: ['violations'],
        }).then((found) => done(found.violations.flatMap((one) => one.nodes.map((node) => `${one.id}: ${node.target.join(' ')} ${node.html.slice(0, 120)} | ${(node.any[0] ?? node.all[0] ?? node.none[0])?.message ?? ''}`)).filter((one) => !isCovered(one))), (error) => done([String(error)]));
        JS;

    private int $looked = 0;

    /** @var array<string, string> the state in which it was first found, by what is wrong */
    private array $found = [];

    /** @return iterable<string, array{bool}> */
    public static function desks(): iterable
    {
        yield 'the light desk' => [false];
        yield 'the dark desk' => [true];
    }

    #[\PHPUnit\Framework\Attributes\DataProvider('desks')]
    public function test_everything_that_can_be_on_the_screen(bool $dark): void
    {
        $this->browser->visit('/');
        $this->browser->run('localStorage.setItem("allsquare-desk", JSON.stringify(arguments[0]))', $dark ? 'dark' : 'light');
        $this->browser->visit('/');
        $this->browser->see('.standing img');
        $this->look('the shelf');
        $this->browser->press('What to do with Merrow Sound Ferries');
        $this->browser->see('.p-menu');
        $this->look('the menu of a document');
        $this->browser->keys(WebDriverKeys::ESCAPE);
        $this->browser->click('.new .own');
        $this->browser->see('.p-dialog');
        $this->look('an exact size');
        $this->browser->keys(WebDriverKeys::ESCAPE);
        $this->browser->press('Show me');
        $this->browser->waitForSheet();
        $this->browser->see('.first-steps');
        $this->look('the desk with the guided piece and nothing selected');
        $this->browser->press('Put this away for good');
        $this->browser->run('document.querySelector(".plane").focus()');
        $this->browser->keys([WebDriverKeys::CONTROL, 'a', WebDriverKeys::NULL]);
        $this->browser->named('Align tops');
        $this->look('everything selected');
        $this->browser->press('What to do with Kiosk, before squaring');
        $this->browser->see('.p-menu');
        $this->look('the menu of a sheet');
        $this->browser->keys(WebDriverKeys::ESCAPE);
        $this->browser->clickSheet(300, 155);
        $this->browser->see('.figure');
        $this->browser->keys(WebDriverKeys::ENTER);
        $this->browser->see('.editor');
        $this->browser->see('.writing .letters path');
        $this->look('a text that is typed where it stands');
        $this->browser->keys(WebDriverKeys::ESCAPE);
        foreach (['Look', 'History'] as $drawer) {
            $this->browser->press($drawer);
            $this->browser->see('.open-drawer h3, .open-drawer h2');
            $this->look("the drawer $drawer");
        }
        $this->browser->press('History');
        $this->browser->click('.stamp');
        $this->browser->see('.finding');
        $this->browser->press('Show what is looked for');
        $this->look('the drawer of what is out of square');
        $this->browser->click('.stamp');
        $this->browser->press('Repeat…');
        $this->browser->see('.repeat-panel');
        $this->look('repeating');
        $this->browser->keys(WebDriverKeys::ESCAPE);
        $this->browser->run('document.querySelector(".plane").focus()');
        $this->browser->keys([WebDriverKeys::CONTROL, 'a', WebDriverKeys::NULL]);
        $this->browser->keys('q');
        $this->browser->see('.square-panel');
        Waiting::until(fn (): bool => $this->browser->run('return document.querySelectorAll(".understood line").length') > 10, 'what was understood');
        $this->look('squaring up');
        $this->browser->keys(WebDriverKeys::ESCAPE);
        $this->browser->press('What things snap to');
        $this->browser->see('.snap-panel');
        $this->look('snapping');
        $this->browser->keys(WebDriverKeys::ESCAPE);
        $this->browser->run('document.querySelector(".plane").focus()');
        $this->browser->keys('?');
        $this->browser->see('.p-dialog');
        $this->look('the list of keys');
        $this->browser->keys(WebDriverKeys::ESCAPE);
        [$x, $y] = $this->browser->onScreen(200, 400);
        $this->browser->pointer($x, $y)->contextClick()->perform();
        $this->browser->see('.p-contextmenu');
        $this->look('the menu of things');
        $this->browser->keys(WebDriverKeys::ESCAPE);
        foreach (['Guides', 'Slices'] as $panel) {
            $this->browser->run('[...document.querySelectorAll("[role=tab]")].find((one) => one.textContent.includes(arguments[0])).click()', $panel);
            $this->look("the panel $panel");
        }
        $this->kits();
        $this->tables();
        $this->looks();
        $this->browser->press('Hand over', 'a');
        $this->browser->see('.settings');
        $this->look('handing over');
        $path = (string) $this->browser->run('return location.pathname');
        $this->browser->visit(str_replace('/hand-over', '/measured', $path));
        $this->browser->see('.downloads');
        $this->look('the measured sheet');
        $this->browser->visit(str_replace('/hand-over', '/compare', $path));
        $this->browser->see('.list .row, .list .empty');
        $this->look('two sheets compared');
        self::assertSame(36, $this->looked);
        self::assertSame('', implode("\n", array_map(static fn (string $what, string $where): string => "$where: $what", array_keys($this->found), $this->found)));
    }

    /** What is put on the sheet ready-made, with icons chosen; a picture in the drawer; the settings of a sheet. */
    private function kits(): void
    {
        $browser = $this->browser;
        ['document' => $document, 'sheet' => $sheet] = $this->demo('Harbour fair');
        $before = (string) $browser->run('return location.pathname');
        $browser->visit("/d/$document/$sheet");
        $browser->waitForSheet();
        foreach (['Kits', 'Icons', 'Pictures'] as $sort) {
            $browser->run('[...document.querySelectorAll("[role=tab]")].find((one) => one.textContent.trim() === "Kits").click()');
            $browser->see('.sorts');
            $browser->run('[...document.querySelectorAll(".sorts button")].find((one) => one.textContent.trim() === arguments[0]).click()', $sort);
            $browser->see('[data-cell]');
            $browser->run('arguments[0] === "Icons" && document.querySelectorAll("[data-cell]").forEach((cell, i) => i < 3 && cell.dispatchEvent(new MouseEvent("click", { bubbles: true, shiftKey: true })))', $sort);
            $this->look("the panel of kits, $sort");
        }
        $browser->press('Look');
        $browser->see('.open-drawer .files');
        $this->look('the settings of a sheet');
        $browser->clickSheet(600, 100);
        $browser->see('.picture .small img');
        $this->look('a picture in the drawer');
        $browser->press('Look');
        $browser->visit($before);
        $browser->waitForSheet();
    }

    /** Points of a path, combining, and every sort of look in the drawer. */
    private function looks(): void
    {
        $browser = $this->browser;
        ['document' => $document, 'sheet' => $sheet] = $this->demo('Harbour chart');
        $before = (string) $browser->run('return location.pathname');
        $browser->visit("/d/$document/$sheet");
        $browser->waitForSheet();
        $browser->clickSheet(660, 562);
        $this->waitForSelected('Quay road');
        $browser->keys(WebDriverKeys::ENTER);
        $browser->see('[data-point]');
        $browser->keys([WebDriverKeys::PAGE_DOWN]);
        $this->waitForSelected('point 1 of Quay road');
        $this->look('the points of a path');
        $browser->keys([WebDriverKeys::ESCAPE]);
        $browser->keys([WebDriverKeys::ESCAPE]);
        $browser->keys([WebDriverKeys::CONTROL, 'a', WebDriverKeys::NULL]);
        $browser->press('Combine…');
        $browser->see('.combine-panel .ways');
        $this->look('combining');
        $browser->keys([WebDriverKeys::ESCAPE]);
        $browser->press('Look');
        $browser->see('.mixed');
        $this->look('the looks of everything');
        $browser->clickSheet(480, 340);
        $this->waitForSelected('Pier');
        $browser->see('.pattern');
        $this->look('a pattern');
        $browser->click('button[aria-label="Marks: swatches"]');
        $browser->see('.swatch-panel');
        $this->look('swatches');
        $browser->keys([WebDriverKeys::ESCAPE]);
        $browser->visit($before);
        $browser->waitForSheet();
    }

    private function tables(): void
    {
        $this->openDemo('Fares');
        $this->browser->clickSheet(430, 310, double: true);
        Waiting::until(fn (): bool => (bool) $this->browser->run('return document.activeElement?.matches("textarea.cell")'), 'the table to be worked in');
        foreach (['sizes', 'looks', 'rules'] as $about) {
            $this->browser->press($about);
            $this->look("a table worked in: $about");
        }
        $this->browser->press('Done');
        foreach (['looks', 'sizes'] as $about) {
            $this->browser->press($about);
            $this->look("a table by its numbers: $about");
        }
        $this->browser->run('const data = new DataTransfer(); data.setData("text/plain", "Pier,Gate\n4,12.50\n"); document.querySelector(".plane").dispatchEvent(new ClipboardEvent("paste", {clipboardData: data, bubbles: true, cancelable: true}));');
        $this->browser->see('[role=dialog] .list');
        $this->look('a list as it was recognised');
        $this->browser->press('Cancel');
    }

    private function look(string $state): void
    {
        Waiting::until(fn (): bool => (bool) $this->browser->run('return document.getAnimations().every((one) => one.playState !== "running")'), 'everything to stand still');
        if ($this->browser->run('return typeof axe') === 'undefined') {
            $this->browser->run((string) file_get_contents(dirname(__DIR__, 2).'/node_modules/axe-core/axe.min.js'));
        }
        /** @var list<string> $found */
        $found = $this->browser->driver->executeAsyncScript(self::AXE, []);
        foreach ($found as $one) {
            $this->found[(string) preg_replace('/ data-[\w-]+="[^"]*"|\[data-[^\]]*\]|:nth-child\(\d+\)/', '', $one)] ??= $state;
        }
        $this->looked++;
    }
}
