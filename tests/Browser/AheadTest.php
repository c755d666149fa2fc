<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Waiting;

/** What is said and shown before anything is done, and what helps to judge the page. */
final class AheadTest extends BrowserTestCase
{
    /** @phpstan-impure */
    private function guideLines(): int
    {
        return (int) $this->browser->run('return document.querySelectorAll("svg.guides line").length');
    }

    /** @phpstan-impure */
    private function ghosts(): int
    {
        return (int) $this->browser->run('return document.querySelectorAll(".ghosts polygon").length');
    }

    public function test_ghosts_come_with_the_focus_too_and_leave_no_trace(): void
    {
        $browser = $this->browser;
        ['document' => $document, 'sheet' => $sheet] = $this->openDemo();
        $before = $this->items($sheet);
        $browser->drag(20, 186, 1260, 452);
        $this->waitForSelected('4 cards');
        $browser->run('const b = [...document.querySelectorAll("button")].find((one) => one.textContent.trim() === "Inset"); b.focus();');
        $browser->keys(WebDriverKeys::TAB);
        $browser->waitForStatus('If pressed: Squared up 4 cards: 1 row at 200, gaps of 24 (3), and what is in 4 groups; 3 moved, at most 5 px');
        Waiting::until(fn (): bool => $this->ghosts() === 3, 'ghosts of the three that would move');
        $browser->keys(WebDriverKeys::ESCAPE);
        $browser->run('document.activeElement.blur()');
        Waiting::until(fn (): bool => $this->ghosts() === 0, 'the ghosts to go');
        self::assertSame($before, $this->items($sheet));
        self::assertSame([], $this->server->call('GET', "documents/$document/history")['lines']);
    }

    public function test_what_cannot_be_done_is_said_before_it_is_tried(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet] = $this->openEmpty(300, 200);
        foreach ([0, 90, 180] as $i => $x) {
            $this->add($sheet, 'box', $x, 20, 110, 40, "Plank, $i");
        }
        $this->reload();
        $this->chooseAll();
        $browser->run('const s = document.querySelector("[aria-label=\'Space within\']"); s.value = "sheet"; s.dispatchEvent(new Event("change"));');
        $browser->driver->action()->moveToElement($browser->see('[aria-label="Even out across"]'))->perform();
        $browser->waitForStatus('Not possible: It does not fit across: needs 330, has 300');
        self::assertSame(0, $this->ghosts());
    }

    public function test_what_repeating_would_give_follows_the_numbers_as_they_are_typed(): void
    {
        $browser = $this->browser;
        $sheet = $this->openToRepeat();
        $browser->waitForStatus('If pressed: Laid out "Berth": 3 × 2');
        Waiting::until(fn (): bool => $this->ghosts() === 6, 'ghosts of all six places');
        $browser->fill('[name="block columns"]', '4', '');
        $browser->waitForStatus('If pressed: Laid out "Berth": 4 × 2');
        $browser->press('steps');
        $browser->fill('[name="steps dx"]', '0', '');
        $browser->fill('[name="steps dy"]', '0', '');
        $browser->fill('[name="steps inset"]', '20', '');
        Waiting::until(static fn (): bool => str_contains($browser->see('.repeat .said')->getText(), 'nothing is left of the first copy'), 'the reason to be said');
        $browser->keys(WebDriverKeys::ESCAPE);
        Waiting::until(fn (): bool => $this->ghosts() === 0, 'the ghosts to go');
        self::assertCount(1, $this->items($sheet));
    }

    public function test_guides_are_typed_moved_aligned_to_hidden_and_removed(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet] = $this->openEmpty();
        $this->add($sheet, 'box', 100, 100, 80, 40, 'Sign');
        $this->reload();
        $guides = fn (): array => array_map(static fn (array $guide): array => [$guide['axis'], $guide['at']], $this->server->call('GET', "sheets/$sheet")['guides']);
        $browser->press('Guides');
        $browser->see('.guides .empty');
        $browser->fill('.guides section:nth-of-type(1) .add input', '2in');
        $browser->waitForStatus('Put the vertical guide at x 192');
        $browser->fill('.guides section:nth-of-type(2) .add input', '50%');
        $browser->waitForStatus('Put the horizontal guide at y 300');
        self::assertEquals([['x', 192], ['y', 300]], $guides());
        $browser->fill('.guides section:nth-of-type(1) .add input', '1,5');
        $browser->waitForStatus('decimals take a point');
        self::assertCount(2, $guides());

        $browser->fill('.guides section:nth-of-type(1) li input', '240');
        $browser->waitForStatus('Moved the vertical guide at x 192 to 240');
        $browser->clickSheet(140, 120);
        $this->waitForSelected('Sign');
        $guide = $this->server->call('GET', "sheets/$sheet")['guides'][0]['id'];
        $browser->run('const s = document.querySelector("[aria-label=\'Align to\']"); const o = [...s.options].find((one) => one.value.includes(arguments[0]) || one.textContent.includes("240")); s.value = o.value; s.dispatchEvent(new Event("change"));', $guide);
        $browser->press('Align left edges');
        $browser->waitForStatus('Aligned "Sign" by left edges to the vertical guide at x 240');
        self::assertEquals(240, $this->item($sheet, 'Sign')['bounds']['x']);

        $browser->run('document.querySelector(".plane").focus()');
        self::assertSame(2, $this->guideLines());
        $browser->keys('g');
        Waiting::until(fn (): bool => $this->guideLines() === 0, 'the guides to be hidden');
        $browser->keys('g');
        Waiting::until(fn (): bool => $this->guideLines() === 2, 'the guides to be shown');
        $browser->press('Remove all');
        $browser->waitForStatus('Removed 2 guides');
        $browser->press('Undo');
        $browser->waitForStatus('Undone: Removed 2 guides');
        self::assertEquals([['x', 240], ['y', 300]], $guides());
    }

    public function test_keys_press_the_pad_and_put_aids_away(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet] = $this->openEmpty(800, 600);
        $this->add($sheet, 'box', 100, 100, 80, 40, 'Sign');
        $this->reload();
        $this->chooseAll();
        foreach (['7' => [0, 0], '9' => [720, 0], '3' => [720, 560], '1' => [0, 560], '5' => [360, 280], '8' => [360, 0], '4' => [0, 280]] as $key => [$x, $y]) {
            $browser->run('document.querySelector(".plane").focus()');
            $browser->keys((string) $key);
            Waiting::until(function () use ($sheet, $x, $y): bool {
                $box = $this->item($sheet, 'Sign')['bounds'];

                return [(int) $box['x'], (int) $box['y']] === [$x, $y];
            }, "key $key to put it at $x, $y");
        }
        $count = static fn (string $css): int => (int) $browser->run('return [...document.querySelectorAll(arguments[0])].filter((one) => one.getClientRects().length > 0).length', $css);
        foreach (['h' => '.stage.bare', 'o' => '.layer.outlines'] as $key => $css) {
            $browser->keys($key);
            Waiting::until(static fn (): bool => $count($css) > 0, "$key to switch $css on");
            $browser->keys($key);
            Waiting::until(static fn (): bool => $count($css) === 0, "$key to switch $css off");
        }
        foreach (['b' => '.bench', 's' => '.side'] as $key => $css) {
            $browser->keys($key);
            Waiting::until(static fn (): bool => $count($css) === 0, "$key to fold $css");
            $browser->keys($key);
            Waiting::until(static fn (): bool => $count($css) === 1, "$key to unfold $css");
        }
        $browser->keys('?');
        self::assertStringContainsString('align both ways, as the keys lie on a number pad', $browser->see('[role=dialog] .columns')->getText());
    }

    public function test_ghosts_stay_while_the_gaps_of_another_selection_are_counted(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet] = $this->openEmpty(800, 600);
        foreach ([40, 164, 291, 412, 536] as $i => $x) {
            $this->add($sheet, 'box', $x, 60 + $i, 100, 80, "Card, $i", ['fill' => '#23465c']);
        }
        $this->reload();
        Waiting::until(static fn (): bool => (bool) $browser->run('return [...document.querySelectorAll(".fix")].some((one) => one.textContent.includes("bring 27 to 24"))'), 'what would mend the gaps of the sheet');
        // The button that mends goes as soon as only two of the cards count.
        $browser->drag(20, 40, 280, 160);
        $browser->driver->action()->moveToElement($browser->named('Align tops'))->perform();
        $browser->waitForStatus('If pressed: Aligned 2 cards');
        Waiting::until(static fn (): bool => str_contains($browser->see('.well.gaps')->getText(), '1 among 2 selected') && $browser->run('return document.querySelectorAll(".fix").length') === 0, 'the gaps of the two');
        self::assertStringContainsString('If pressed: Aligned 2 cards', $browser->status());
        self::assertGreaterThan(0, $browser->run('return document.querySelectorAll(".ghosts polygon, .ghosts rect").length'));
    }
}
