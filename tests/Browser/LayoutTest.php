<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Waiting;

/** The desk at every width that is promised: nothing cut off, nothing overlapping, everything legible. */
final class LayoutTest extends BrowserTestCase
{
    protected const DEMO = false;

    /** Fields whose figure, of six characters or fewer, is wider than they are (longer ones end in an ellipsis); buttons and sentences that are cut off without a sign of it. */
    private const CUT_OFF = '
        const shown = (one) => one.getClientRects().length > 0;
        const fields = [...document.querySelectorAll(".bench input, .side input")].filter((one) => shown(one) && one.type !== "checkbox" && (one.value.length < 7 || getComputedStyle(one).textOverflow !== "ellipsis") && one.scrollWidth > one.clientWidth);
        const words = [...document.querySelectorAll(".bench button, .bench h3, .top button, .status button")].filter((one) => shown(one) && one.scrollWidth > one.clientWidth + 1 && getComputedStyle(one).textOverflow !== "ellipsis");
        return [...fields, ...words].map((one) => (one.name || one.textContent.trim() || one.className) + ": " + (one.value ?? "") + " " + one.scrollWidth + " in " + one.clientWidth);
    ';

    /** What can be pressed or typed into, and lies on something else that can. */
    private const OVERLAPPING = '
        const all = [...document.querySelectorAll(".bench button, .bench input, .bench select, .bench label.field")].filter((one) => one.getClientRects().length > 0 && !one.closest(".figure"));
        const found = [];
        for (const a of all) for (const b of all) {
            if (a === b || a.contains(b) || b.contains(a) || found.length > 5) continue;
            const [p, q] = [a.getBoundingClientRect(), b.getBoundingClientRect()];
            const across = Math.min(p.right, q.right) - Math.max(p.left, q.left);
            const down = Math.min(p.bottom, q.bottom) - Math.max(p.top, q.top);
            if (across > 1 && down > 1) found.push(`${a.name || a.textContent.trim()} on ${b.name || b.textContent.trim()}`);
        }
        return found;
    ';

    /** Everything of the bench lies within the page. */
    private const OUTSIDE = '
        return [...document.querySelectorAll(".bench button, .bench input, .bench select, .status > *, .top button")]
            .filter((one) => { const r = one.getBoundingClientRect(); return r.width > 0 && (r.left < 0 || r.right > innerWidth + 0.5 || r.bottom > innerHeight + 0.5); })
            .map((one) => one.name || one.textContent.trim() || one.className);
    ';

    private const SIZES = ['the smallest' => [1024, 700], 'usual' => [1280, 800], 'wider' => [1600, 900], 'the widest' => [2560, 1300]];

    /** Looks at the desk as it is now at every size. */
    private function look(string $state): void
    {
        foreach (self::SIZES as $size => [$width, $height]) {
            $this->browser->resize($width, $height);
            Waiting::until(fn (): bool => (int) $this->browser->run('return innerWidth') === $width, 'the page to have its size');
            foreach (['cut off' => self::CUT_OFF, 'overlapping' => self::OVERLAPPING, 'outside the page' => self::OUTSIDE] as $what => $script) {
                // Type is fitted once the page has told the fields how wide they are.
                $wrong = fn (): array => (array) $this->browser->run($script);
                Waiting::until(fn (): bool => $wrong() === [], fn (): string => "nothing to be $what ($size, $state), there is ".implode('; ', $wrong()), 5);
                self::assertSame([], $wrong());
            }
        }
        $this->browser->resize(1280, 800);
        Waiting::until(fn (): bool => (int) $this->browser->run('return innerWidth') === 1280, 'the page to have its usual size again');
        // The sheet goes to its place once the page has told the desk how large it is.
        $was = null;
        Waiting::until(function () use (&$was): bool {
            [$before, $was] = [$was, $this->browser->run('return new Promise((rest) => requestAnimationFrame(() => requestAnimationFrame(() => rest(document.querySelector("rect.sheet").getBoundingClientRect().toJSON()))))')];

            return $before === $was;
        }, 'the sheet to rest');
    }

    public function test_nothing_is_cut_off_and_nothing_overlaps(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet] = $this->openEmpty(2400, 1600);
        $this->add($sheet, 'box', 1034.562, 1011.007, 747.788, 333.125, 'Pontoon', ['angle' => 12.345]);
        $this->add($sheet, 'box', 200, 100, 120, 80, 'Crate, a');
        $this->add($sheet, 'box', 400, 130, 121, 80, 'Crate, b');
        $this->add($sheet, 'box', 700, 90, 122, 80, 'Crate, c');
        $this->reload();
        $this->look('nothing selected');
        $browser->clickSheet(1400, 1180);
        $this->waitForSelected('Pontoon');
        Waiting::until(static fn (): bool => $browser->run('return document.querySelector("[name=\'clear left\']").value') !== '', 'the clearances');
        $this->look('one turned item');
        $this->chooseAll();
        $this->waitForSelected('4 boxes');
        $this->look('several');
        $browser->press('each');
        $this->look('each of several');
        $browser->press('History');
        $browser->see('.history');
        $this->look('with a drawer');
    }

    public function test_points_and_looks_fit_too(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet] = $this->openEmpty(2400, 1600);
        $this->add($sheet, 'path', 1000.5, 700.25, 0, 0, 'Road round the harbour', ['subpaths' => 'M0 0L1234.567 0L1234.567 321.987']);
        $this->reload();
        $browser->clickSheet(1600, 700);
        $this->waitForSelected('Road');
        $browser->keys(WebDriverKeys::ENTER);
        $browser->see('[data-point]');
        $browser->clickSheet(1600, 700);
        $this->waitForSelected('2 points of Road');
        $this->look('a part of a path');
        $browser->press('Look');
        $browser->see('.open-drawer');
        $this->look('with the drawer');
    }

    public function test_the_numbers_of_a_series_fit_too(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet] = $this->openEmpty(2400, 1600);
        $tick = $this->add($sheet, 'box', 10, 10, 4, 20, 'Tick')['id'];
        $this->server->call('POST', "sheets/$sheet/commands", ['command' => 'ring', 'items' => [$tick], 'params' => ['cx' => 1200, 'cy' => 800, 'radius' => 620.125, 'count' => 96, 'start' => 12.5, 'facing' => 'outward', 'series' => true]]);
        $this->reload();
        $this->chooseAll();
        $browser->see('[name="series radius"]');
        $this->look('a series');
    }
}
