<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Tests\Bench\Rails;
use Tests\Support\RandomRails;
use Tests\Support\Waiting;

/** Trays and rails: laid out as the browser lays out flexible boxes, and worked on by hand. */
final class RailsTest extends BrowserTestCase
{
    protected const DEMO = false;

    private const TRIED = 400;

    public function test_rails_are_laid_out_as_the_browser_lays_out_flexible_boxes(): void
    {
        $this->openEmpty();
        $first = (int) (getenv('ALLSQUARE_SEED') ?: random_int(1, 1 << 30));
        $rails = [];
        for ($seed = $first; $seed < $first + self::TRIED; $seed++) {
            $rails[$seed] = (new RandomRails($seed))->rail();
        }
        $seen = Rails::laidOut($this->browser, array_values(array_map(RandomRails::html(...), $rails)));
        $things = 0;
        foreach (array_values($rails) as $i => $rail) {
            [$farthest, $what] = RandomRails::farthest($rail, $seen[$i]);
            self::assertLessThan(0.02, $farthest, 'seed '.($first + $i).": $what");
            $things += count($seen[$i]);
        }
        self::assertGreaterThan(5 * self::TRIED, $things);
    }

    public function test_things_are_dragged_into_a_tray_and_out_again_and_ctrl_decides_otherwise(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet] = $this->openEmpty();
        $this->add($sheet, 'tray', 300, 100, 240, 160, 'Dock');
        $this->add($sheet, 'box', 60, 120, 40, 40, 'Boat');
        $this->reload();
        $dock = $this->item($sheet, 'Dock')['id'];
        [$x, $y] = $browser->onScreen(80, 140);
        [$toX, $toY] = $browser->onScreen(360, 160);
        $browser->pointer($x, $y)->clickAndHold()->moveByOffset($toX - $x, $toY - $y)->perform();
        Waiting::until(static fn (): bool => str_contains((string) $browser->run('return document.querySelector(".ghosts rect") ? document.querySelector(".lifted, .plane").parentElement.textContent : ""'), 'into "Dock"'), 'the tray to light up and be named');
        $browser->driver->action()->release()->perform();
        Waiting::until(fn (): bool => $this->item($sheet, 'Boat')['parent'] === $dock, 'the boat to lie in the dock');
        self::assertEqualsWithDelta(340, $this->item($sheet, 'Boat')['bounds']['x'], 2);

        // Out of it with Ctrl it still belongs to it; without, it does not.
        $browser->clickSheet(360, 160, double: true);
        $this->waitForSelected('Boat');
        [$outX, $outY] = $browser->onScreen(600, 160);
        $browser->driver->action()->keyDown(null, WebDriverKeys::CONTROL)->perform();
        $browser->pointer($toX, $toY)->clickAndHold()->moveByOffset($outX - $toX, $outY - $toY)->release()->perform();
        $browser->driver->action()->keyUp(null, WebDriverKeys::CONTROL)->perform();
        Waiting::until(fn (): bool => $this->item($sheet, 'Boat')['bounds']['x'] > 500, 'the boat to lie outside');
        self::assertSame($dock, $this->item($sheet, 'Boat')['parent']);
        $browser->pointer($outX, $outY)->clickAndHold()->moveByOffset(30, 60)->release()->perform();
        Waiting::until(fn (): bool => $this->item($sheet, 'Boat')['parent'] === null, 'the boat to belong to the sheet');
    }

    public function test_a_rail_is_made_by_its_key_ordered_by_hand_and_changed_by_its_numbers(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet] = $this->openEmpty();
        foreach (['One', 'Two', 'Three'] as $i => $name) {
            $this->add($sheet, 'box', 100 + 80 * $i, 100, 60, 40, $name);
        }
        $this->reload();
        $browser->keys([WebDriverKeys::CONTROL, 'a']);
        $browser->driver->action()->keyUp(null, WebDriverKeys::CONTROL)->perform();
        $browser->keys('w');
        $browser->waitForStatus('a row with gaps of 20');
        $lefts = fn (): string => implode(' ', array_map(fn (string $name): float => (float) $this->item($sheet, $name)['bounds']['x'], ['One', 'Two', 'Three']));
        self::assertLefts('100 180 260', $lefts);

        $browser->fill('[name="rail gap"]', '32');
        self::assertLefts('100 192 284', $lefts);
        $browser->fill('[name="rail padding left"]', '10');
        self::assertLefts('110 202 294', $lefts);

        // The first is dragged past the last, and the others make way.
        $browser->clickSheet(140, 120, double: true);
        $this->waitForSelected('One');
        [$x, $y] = $browser->onScreen(140, 120);
        [$toX, $toY] = $browser->onScreen(345, 125);
        $browser->pointer($x, $y)->clickAndHold()->moveByOffset($toX - $x, $toY - $y)->perform();
        Waiting::until(static fn (): bool => (bool) $browser->run('return document.querySelector(".ghosts line") !== null'), 'the place to be shown');
        $browser->driver->action()->release()->perform();
        self::assertLefts('294 110 202', $lefts);

        $browser->fill('[name="berth before"]', '8');
        self::assertLefts('302 110 202', $lefts);
        $browser->run('document.querySelector(".plane").focus()');
        $browser->keys(WebDriverKeys::DELETE);
        Waiting::until(fn (): bool => count($this->items($sheet)) === 3, 'it to be gone');
        self::assertEquals(162, $this->items($sheet)[array_search('Rail', array_column($this->items($sheet), 'name'), true)]['frame']['w']);
    }

    /** @param  callable(): string  $lefts */
    private static function assertLefts(string $expected, callable $lefts): void
    {
        Waiting::until(static fn (): bool => $lefts() === $expected, "the left edges to be $expected");
    }
}
