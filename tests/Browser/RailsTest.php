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

    public function test_gaps_are_dragged_one_or_all_and_what_follows_slides_along(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet, 'rail' => $rail] = $this->openRow();
        $lefts = fn (): string => implode(' ', array_map(fn (string $name): float => (float) $this->item($sheet, $name)['bounds']['x'], ['One', 'Two', 'Three']));
        self::assertLefts('100 180 260', $lefts);
        $this->grip('Two', 12);
        Waiting::until(fn (): bool => str_contains((string) $browser->run('return document.querySelector(`[data-item="${arguments[0]}"]`).style.translate', $this->item($sheet, 'Three')['id']), 'px'), 'what follows to slide');
        $browser->driver->action()->release()->perform();
        self::assertLefts('100 192 272', $lefts);
        self::assertEquals(12, $this->item($sheet, 'Two')['fields']['berth']['before']);
        self::assertSame(0, $browser->run('return document.querySelectorAll(".sliding").length'));

        $browser->driver->action()->keyDown(null, WebDriverKeys::SHIFT)->perform();
        $this->grip('Three', 10);
        $browser->driver->action()->release()->perform();
        $browser->driver->action()->keyUp(null, WebDriverKeys::SHIFT)->perform();
        self::assertLefts('100 202 292', $lefts);
        self::assertEquals(30, $this->item($sheet, 'Row')['fields']['rail']['gap']);
        self::assertSame($rail, $this->item($sheet, 'One')['parent']);
    }

    public function test_arrows_change_the_place_in_a_rail_and_shift_aside(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet] = $this->openRow();
        $lefts = fn (): string => implode(' ', array_map(fn (string $name): float => (float) $this->item($sheet, $name)['bounds']['x'], ['One', 'Two', 'Three']));
        $browser->clickSheet(130, 120, double: true);
        $this->waitForSelected('One');
        $browser->keys(WebDriverKeys::ARROW_RIGHT);
        self::assertLefts('180 100 260', $lefts);
        $browser->keys(WebDriverKeys::ARROW_RIGHT);
        self::assertLefts('260 100 180', $lefts);
        $browser->keys(WebDriverKeys::ARROW_LEFT);
        self::assertLefts('180 100 260', $lefts);
        $browser->keys([WebDriverKeys::ARROW_DOWN, WebDriverKeys::ARROW_DOWN]);
        Waiting::until(fn (): bool => $this->item($sheet, 'One')['bounds']['y'] == 102, 'it to be shifted aside');
    }

    public function test_what_is_drawn_into_a_rail_takes_its_place_and_a_copy_belongs_where_it_is_let_go(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet, 'rail' => $rail] = $this->openRow();
        $browser->press('Box');
        $browser->drag(170, 105, 176, 135);
        Waiting::until(fn (): bool => count($this->items($sheet)) === 5, 'the box to be drawn');
        $drawn = array_values(array_filter($this->items($sheet), static fn (array $item): bool => $item['parent'] === $rail));
        self::assertSame(['One', 'Box', 'Two', 'Three'], array_map(static fn (array $item): string => preg_replace('/ \d+$/', '', $item['name']), $drawn), 'between those that it was drawn between');
        $this->clickAway();

        // A copy dragged out lies on the sheet; with Ctrl held as well it still belongs to the rail.
        $browser->clickSheet(130, 120, double: true);
        $this->waitForSelected('One');
        $this->copyTo([], 130, 120, 130, 320);
        Waiting::until(fn (): bool => count($this->items($sheet)) === 6, 'the copy');
        self::assertCount(5, array_filter($this->items($sheet), static fn (array $item): bool => $item['parent'] === $rail || $item['name'] === 'Row'));
        $this->clickAway();
        $browser->clickSheet(130, 120, double: true);
        $this->waitForSelected('One');
        $this->copyTo([WebDriverKeys::CONTROL], 130, 120, 130, 320);
        Waiting::until(fn (): bool => count($this->items($sheet)) === 7, 'the other copy');
        self::assertCount(5, array_filter($this->items($sheet), static fn (array $item): bool => $item['parent'] === $rail));
    }

    /** @param  list<string>  $keys  held besides Alt */
    private function copyTo(array $keys, float $fromX, float $fromY, float $toX, float $toY): void
    {
        [$x, $y] = $this->browser->onScreen($fromX, $fromY);
        [$toScreenX, $toScreenY] = $this->browser->onScreen($toX, $toY);
        $this->browser->pointer($x, $y)->clickAndHold()->perform();
        foreach ([WebDriverKeys::ALT, ...$keys] as $key) {
            $this->browser->driver->action()->keyDown(null, $key)->perform();
        }
        $this->browser->driver->action()->moveByOffset($toScreenX - $x, $toScreenY - $y)->release()->perform();
        foreach ([WebDriverKeys::ALT, ...$keys] as $key) {
            $this->browser->driver->action()->keyUp(null, $key)->perform();
        }
    }

    private function clickAway(): void
    {
        $this->browser->keys([WebDriverKeys::ESCAPE, WebDriverKeys::ESCAPE]);
        Waiting::until(fn (): bool => $this->browser->run('return document.querySelector(".place h3 span")?.textContent') === 'nothing selected', 'nothing to be selected');
    }

    /** Takes hold of the gap before something and drags it along the row. */
    private function grip(string $next, int $far): void
    {
        $grasp = sprintf('[data-gap="%s"] .grasp', $this->item($this->sheetShown(), $next)['id']);
        $this->browser->see($grasp);
        [$x, $y] = $this->browser->run('const b = document.querySelector(arguments[0]).getBoundingClientRect(); return [Math.round(b.x + b.width / 2), Math.round(b.y + b.height / 2)]', $grasp);
        [$from] = $this->browser->onScreen(0, 0);
        [$to] = $this->browser->onScreen($far, 0);
        $this->browser->pointer($x, $y)->clickAndHold()->moveByOffset($to - $from, 0)->perform();
    }

    private function sheetShown(): string
    {
        return (string) $this->browser->run('return location.pathname.split("/").at(-1)');
    }

    /** @return array{sheet: string, rail: string} a row of three boxes of 60 × 40, 20 apart, from 100, 100 on, selected */
    private function openRow(): array
    {
        ['sheet' => $sheet] = $this->openEmpty();
        $ids = array_map(fn (int $i, string $name): string => $this->add($sheet, 'box', 100 + 80 * $i, 100, 60, 40, $name)['id'], [0, 1, 2], ['One', 'Two', 'Three']);
        $rail = $this->server->call('POST', "sheets/$sheet/commands", ['command' => 'make-rail', 'items' => $ids, 'params' => ['name' => 'Row']])['report']['selection'][0];
        $this->reload();
        $this->browser->run('document.querySelector(`[data-row="${arguments[0]}"]`).click()', $rail);
        $this->waitForSelected('Row');
        $this->browser->run('document.querySelector(".plane").focus()');

        return ['sheet' => $sheet, 'rail' => $rail];
    }

    /** @param  callable(): string  $lefts */
    private static function assertLefts(string $expected, callable $lefts): void
    {
        Waiting::until(static fn (): bool => $lefts() === $expected, "the left edges to be $expected");
    }
}
