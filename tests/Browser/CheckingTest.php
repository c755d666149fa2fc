<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Waiting;

/** The sheet says how many things are out of square, why, and is put right from there. */
final class CheckingTest extends BrowserTestCase
{
    /** Five cards in a row, one of them 3 px low, the last 4 px too far to the right. */
    private function row(): string
    {
        ['sheet' => $sheet] = $this->openEmpty(800, 400);
        foreach ([40, 164, 288, 412, 540] as $i => $x) {
            $this->add($sheet, 'box', $x, $i === 1 ? 103 : 100, 100, 80, "Card $i");
        }
        $this->reload();

        return $sheet;
    }

    /** @phpstan-impure */
    private function stamp(): string
    {
        return trim((string) $this->browser->run('return document.querySelector(".stamp")?.textContent ?? ""'));
    }

    private function waitForStamp(string $words): void
    {
        Waiting::until(fn (): bool => $this->stamp() === $words, "the stamp to read \"$words\", not \"{$this->stamp()}\"");
    }

    /** @phpstan-impure */
    private function drawn(string $css): int
    {
        return (int) $this->browser->run('return document.querySelectorAll(arguments[0]).length', $css);
    }

    /** @return list<array{float, float}> */
    private function places(string $sheet): array
    {
        return array_map(static fn (array $box): array => [$box['x'], $box['y']], $this->boundsOf($sheet, 'Card'));
    }

    public function test_the_stamp_counts_and_the_drawer_puts_right_one_then_all(): void
    {
        $sheet = $this->row();
        $this->waitForStamp('2 out of square');
        $this->browser->click('.stamp');
        $this->browser->see('.finding');
        self::assertSame(2, $this->drawn('.findings circle'));
        $says = (string) $this->browser->run('return document.querySelector(".finding .says").innerText');
        self::assertStringContainsString('"Card 1" stands 3 px below its row', $says);
        self::assertStringContainsString('Top 103; the 4 others 100. Moves up 3 px.', $says);
        $this->browser->run('document.querySelector(".finding .fix").dispatchEvent(new PointerEvent("pointerenter"))');
        Waiting::until(fn (): bool => $this->drawn('.ghosts *') > 0, 'a ghost of what would move');
        $this->browser->click('.finding .fix');
        $this->waitForStamp('1 out of square');
        self::assertEquals([164, 100], $this->places($sheet)[1]);
        $this->browser->keys([WebDriverKeys::CONTROL, 'z', WebDriverKeys::NULL]);
        $this->waitForStamp('2 out of square');
        $this->browser->press('Put all 2 right');
        $this->waitForStamp('All square');
        self::assertEquals([[40, 100], [164, 100], [288, 100], [412, 100], [536, 100]], $this->places($sheet));
        self::assertStringContainsString('Put 2 findings right: nearly in line (1), odd gaps (1)', $this->browser->status());
        $this->browser->see('.check .empty');
        self::assertSame(0, $this->drawn('.findings circle'));
    }

    public function test_keys_go_from_one_to_the_next_and_enter_puts_right(): void
    {
        $sheet = $this->row();
        $this->waitForStamp('2 out of square');
        $this->browser->keys(WebDriverKeys::F8);
        Waiting::until(fn (): bool => str_contains((string) $this->browser->run('return document.activeElement.getAttribute("aria-label") ?? ""'), 'Fix: "Card 1"'), 'the first finding to have the focus');
        self::assertSame(1, $this->drawn('.finding.lit'));
        $this->waitForSelected('Card 1');
        $this->browser->keys(WebDriverKeys::F8);
        Waiting::until(fn (): bool => str_contains((string) $this->browser->run('return document.activeElement.getAttribute("aria-label") ?? ""'), 'Fix: 28 px'), 'the second finding to have the focus');
        $this->browser->driver->action()->keyDown(null, WebDriverKeys::SHIFT)->sendKeys(null, WebDriverKeys::F8)->keyUp(null, WebDriverKeys::SHIFT)->perform();
        Waiting::until(fn (): bool => str_contains((string) $this->browser->run('return document.activeElement.getAttribute("aria-label") ?? ""'), 'Fix: "Card 1"'), 'the first finding to have the focus again');
        $this->browser->keys(WebDriverKeys::ENTER);
        $this->waitForStamp('1 out of square');
        self::assertEquals([164, 100], $this->places($sheet)[1]);
    }

    public function test_what_is_meant_to_be_so_is_ignored_with_a_reason_and_a_check_can_be_switched_off(): void
    {
        $this->row();
        $this->waitForStamp('2 out of square');
        $this->browser->click('.stamp');
        $this->browser->see('.finding');
        $this->browser->click('.finding .acts .link');
        $this->browser->fill('.why input', 'it is pressed');
        $this->waitForStamp('1 out of square');
        $this->browser->see('.ignored');
        self::assertStringContainsString('“it is pressed”', (string) $this->browser->run('return document.querySelector(".ignored").innerText'));
        $this->browser->press('Look again');
        $this->waitForStamp('2 out of square');
        $this->browser->press('Show what is looked for');
        $this->browser->run('[...document.querySelectorAll(".check .settings label")].find((one) => one.innerText.includes("Odd gaps")).querySelector("input").click()');
        $this->waitForStamp('1 out of square');
        $this->browser->run('[...document.querySelectorAll(".check header label input")][0].click()');
        Waiting::until(fn (): bool => $this->drawn('.findings circle:not([r="8"])') === 0, 'the marks to be gone');
    }
}
