<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Waiting;

/** Everything that matters, without a pointer. */
final class KeyboardTest extends BrowserTestCase
{
    protected const DEMO = false;

    private int $presses = 0;

    public function test_the_thinnest_path_by_keyboard_alone_in_under_60_presses(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet] = $this->openEmpty(800, 600);
        $browser->run('document.querySelector(".plane").focus()');
        foreach (range(1, 3) as $i) {
            // To the things to place; Enter puts a box in the middle of what is seen.
            $this->press('j');
            $this->press(WebDriverKeys::ENTER);
            Waiting::until(fn (): bool => count($this->items($sheet)) === $i, "$i boxes");
            // Apart from each other, by number.
            $this->press('p');
            $this->type((string) (40 + $i * 170 + $i * $i));
            $this->press(WebDriverKeys::ENTER);
            $browser->waitForStatus('Placed "Box": x '.(40 + $i * 170 + $i * $i));
            $this->press(WebDriverKeys::ESCAPE);
        }
        // Align and even out.
        $this->press([WebDriverKeys::CONTROL, 'a', WebDriverKeys::NULL]);
        $this->press([WebDriverKeys::ALT, WebDriverKeys::ARROW_UP, WebDriverKeys::NULL]);
        $browser->waitForStatus('Aligned 3 boxes by tops');
        $this->press('e');
        $browser->waitForStatus('Spaced 3 boxes across');
        // Slice and hand over.
        $this->press([WebDriverKeys::CONTROL, 'k', WebDriverKeys::NULL]);
        $browser->waitForStatus('Cut 3 slices');
        $browser->driver->action()->keyDown(null, WebDriverKeys::CONTROL)->sendKeys(null, WebDriverKeys::ENTER)->keyUp(null, WebDriverKeys::CONTROL)->perform();
        $this->presses++;
        $browser->see('.settings');
        Waiting::until(static fn (): bool => $browser->run('return document.activeElement.matches(".btn.main:not(:disabled)")') === true, 'the main action to have the focus');
        $this->press(WebDriverKeys::ENTER);
        $document = explode('/', (string) $browser->run('return location.pathname'))[2];
        Waiting::until(fn (): bool => $this->server->call('GET', "documents/$document/archives")['archives'] !== [], 'an archive to be ordered');
        self::assertLessThan(60, $this->presses);
    }

    public function test_keys_act_on_the_sheet_only_while_it_has_the_focus(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet] = $this->openEmpty(800, 600);
        $this->add($sheet, 'box', 100, 100, 80, 40, 'Sign');
        $this->reload();
        $this->chooseAll();
        $browser->run('[...document.querySelectorAll(".drawers button")].find((one) => one.textContent.includes("Look")).focus()');
        foreach ([WebDriverKeys::DELETE, WebDriverKeys::ARROW_LEFT, '7', 'q', 'h'] as $key) {
            $browser->keys($key);
        }
        $browser->keys([WebDriverKeys::CONTROL, 'd', WebDriverKeys::NULL]);
        $browser->waitForStatus('Copied "Sign"');
        self::assertCount(2, $this->items($sheet));
        self::assertEquals(100, $this->items($sheet)[0]['bounds']['x']);
        self::assertSame(0, $browser->run('return document.querySelectorAll(".stage.bare").length'));
    }

    public function test_contents_by_keyboard(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet] = $this->openEmpty(800, 600);
        foreach (['Quay', 'Pier', 'Mole'] as $i => $name) {
            $this->add($sheet, 'box', 100 + $i * 100, 100, 80, 40, $name);
        }
        $this->reload();
        $browser->run('document.querySelector(".plane").focus()');
        $browser->keys('t');
        $browser->keys(WebDriverKeys::HOME);
        $this->waitForSelected('Mole');
        $browser->keys(WebDriverKeys::END);
        $this->waitForSelected('Quay');
        // With Ctrl the arrows are those of the desk, and what is selected stays selected.
        $browser->keys([WebDriverKeys::CONTROL, WebDriverKeys::ARROW_UP, WebDriverKeys::NULL]);
        $browser->waitForStatus('Put "Quay" one forward');
        $this->waitForSelected('Quay');
        $browser->keys(WebDriverKeys::F2);
        Waiting::until(static fn (): bool => $browser->run('return document.activeElement.matches(".contents input")') === true, 'the name to have the focus');
        $browser->keys('qh'.WebDriverKeys::ENTER);
        $browser->waitForStatus('Renamed "Quay" to "qh"');
        Waiting::until(static fn (): bool => $browser->run('return document.activeElement.matches("[role=tree]")') === true, 'the tree to have the focus again');
        $browser->keys(WebDriverKeys::DELETE);
        $browser->waitForStatus('Deleted "qh"');
        $browser->keys(WebDriverKeys::ESCAPE);
        Waiting::until(static fn (): bool => $browser->run('return document.activeElement.matches(".plane")') === true, 'the sheet to have the focus');
    }

    public function test_panels_take_the_focus_and_give_it_back(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet] = $this->openEmpty(800, 600);
        $this->add($sheet, 'box', 100, 100, 80, 40, 'Sign');
        $this->reload();
        $this->chooseAll();
        foreach (['Repeat…' => '.repeat-panel', 'What things snap to' => '.snap-panel'] as $button => $panel) {
            $browser->run('[...document.querySelectorAll("button")].find((one) => one.textContent.trim() === arguments[0] || one.ariaLabel === arguments[0]).focus()', $button);
            $browser->keys(WebDriverKeys::ENTER);
            $browser->see($panel);
            Waiting::until(static fn (): bool => $browser->run('return document.activeElement.closest(arguments[0]) !== null', $panel) === true, "the focus to be in $panel");
            $browser->keys(WebDriverKeys::ESCAPE);
            Waiting::until(static fn (): bool => $browser->run('return document.querySelector(arguments[0]) === null', $panel) === true, "$panel to close");
            $this->waitForSelected('Sign');
        }
    }

    /** @param  string|list<string>  $keys  pressed together */
    private function press(string|array $keys): void
    {
        $this->browser->keys($keys);
        $this->presses++;
    }

    private function type(string $text): void
    {
        $this->browser->keys($text);
        $this->presses += strlen($text);
    }
}
