<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Waiting;

/** The guided piece for the first minutes: it watches what is done, and is put away for good. */
final class FirstStepsTest extends BrowserTestCase
{
    private function waitForStep(string $words): void
    {
        Waiting::until(fn (): bool => $this->browser->run('return document.querySelector(".first-steps li.now b")?.textContent') === $words, "the step \"$words\"");
    }

    public function test_each_step_is_done_by_doing_it(): void
    {
        $browser = $this->browser;
        $browser->visit('/');
        $browser->click('.how .btn, .how .link');
        $browser->waitForSheet();
        $this->waitForStep('Draw a band round the four cards');
        $browser->drag(20, 186, 1260, 452);
        $this->waitForStep('Align their tops');
        $browser->keys('e');
        $browser->waitForStatus('Spaced 4 cards');
        $this->waitForStep('Align their tops');
        $browser->keys([WebDriverKeys::ALT, WebDriverKeys::ARROW_UP, WebDriverKeys::NULL]);
        $this->waitForStep('Even out the gaps');
        $browser->keys('e');
        $this->waitForStep('Read the line at the bottom');
        $browser->press('I have read it');
        $this->waitForStep('Take it all back');
        $browser->keys([WebDriverKeys::CONTROL, 'z', WebDriverKeys::NULL]);
        Waiting::until(static fn (): bool => $browser->run('return document.querySelectorAll(".first-steps li.done").length') === 5, 'all five to be done');
        $browser->press('Put this away');
        Waiting::until(static fn (): bool => $browser->run('return document.querySelector(".first-steps")') === null, 'it to go');
        $browser->visit('/');
        $browser->see('.standing');
        self::assertNull($browser->run('return document.querySelector(".how")'), 'and never to be offered again');
    }
}
