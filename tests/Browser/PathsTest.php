<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Waiting;

/** Paths drawn and edited on the desk, and shapes combined. */
final class PathsTest extends BrowserTestCase
{
    protected const DEMO = false;

    private string $sheet;

    private function begin(): void
    {
        ['sheet' => $this->sheet] = $this->openEmpty(800, 600);
    }

    /** @return list<array{float, float}> of the first run of the only path, px of the sheet */
    private function points(string $name = 'Path'): array
    {
        $item = $this->item($this->sheet, $name);

        return array_map(static fn (array $p): array => [$p['x'] + $item['frame']['x'], $p['y'] + $item['frame']['y']], $item['fields']['subpaths'][0]['points']);
    }

    private function move(float $x, float $y): void
    {
        $this->browser->pointer(...$this->browser->onScreen($x, $y))->perform();
    }

    private function waitFor(callable $holds, string $what): void
    {
        Waiting::until($holds, $what);
    }

    public function test_a_path_is_drawn_by_clicks_and_closed_at_its_first_point(): void
    {
        $this->begin();
        $this->browser->press('Path');
        foreach ([[100, 100], [300, 100], [300, 250], [100, 100]] as [$x, $y]) {
            $this->browser->clickSheet($x, $y);
        }
        $this->browser->waitForStatus('Drew "Path"');
        $item = $this->item($this->sheet, 'Path');
        self::assertTrue($item['fields']['subpaths'][0]['closed']);
        self::assertEqualsWithDelta([[100, 100], [300, 100], [300, 250]], $this->points(), 1.5);
    }

    public function test_the_next_part_is_typed_taken_back_and_ended(): void
    {
        $this->begin();
        $this->browser->press('Path');
        $this->browser->clickSheet(100, 100);
        $this->move(300, 110);
        $this->browser->keys('120<0'.WebDriverKeys::ENTER);
        $this->browser->keys('50 < 90'.WebDriverKeys::ENTER);
        $this->browser->keys('33.5<0'.WebDriverKeys::ENTER);
        $this->browser->keys([WebDriverKeys::BACKSPACE]);
        $this->browser->keys([WebDriverKeys::ESCAPE]);
        $this->browser->waitForStatus('Drew "Path"');
        [$first] = $this->points();
        self::assertEquals([[0, 0], [120, 0], [120, 50]], array_map(static fn (array $p): array => [$p[0] - $first[0], $p[1] - $first[1]], $this->points()));
        self::assertFalse($this->item($this->sheet, 'Path')['fields']['subpaths'][0]['closed']);
    }

    public function test_what_is_drawn_is_kept_when_another_tool_is_taken(): void
    {
        $this->begin();
        $this->browser->press('Path');
        $this->browser->clickSheet(100, 100);
        $this->browser->clickSheet(200, 160);
        $this->browser->press('Round');
        $this->browser->waitForStatus('Drew "Path"');
        self::assertSame('true', $this->browser->named('Round')->getAttribute('aria-pressed'), 'the tool that was taken stays taken');
        self::assertCount(2, $this->points());
    }

    public function test_points_are_dragged_typed_aligned_nudged_added_and_deleted(): void
    {
        $this->begin();
        $browser = $this->browser;
        $this->add($this->sheet, 'path', 100, 100, 0, 0, 'Path', ['subpaths' => 'M0 0L200 13L380 160']);
        $this->reload();
        $this->chooseAll();
        $browser->keys(WebDriverKeys::ENTER);
        $browser->see('[data-point]');
        $browser->drag(300, 113, 260, 150);
        $browser->waitForStatus('moved "point 2"');
        self::assertEqualsWithDelta([260, 150], $this->points()[1], 1.5);
        $before = $this->points()[1][0];
        $browser->keys([WebDriverKeys::ARROW_RIGHT]);
        $this->waitFor(fn (): bool => $this->points()[1][0] == $before + 1, 'the point to be nudged');
        $browser->keys([WebDriverKeys::CONTROL, 'a']);
        $browser->keys([WebDriverKeys::ALT, WebDriverKeys::ARROW_UP]);
        $browser->waitForStatus('aligned');
        self::assertSame([100.0, 100.0, 100.0], array_map(floatval(...), array_column($this->points(), 1)), 'all tops on one line');
        $browser->keys([WebDriverKeys::PAGE_DOWN]);
        $browser->fill('input[name=y]', '140');
        $this->waitFor(fn (): bool => count(array_unique(array_column($this->points(), 1))) === 2, 'the point to be placed');
        $browser->clickSheet(180, 120, double: true);
        $browser->waitForStatus('Added a point');
        self::assertCount(4, $this->points());
        $browser->keys([WebDriverKeys::DELETE]);
        $browser->waitForStatus('Deleted 1 point');
        self::assertCount(3, $this->points());
        $browser->keys([WebDriverKeys::ESCAPE]);
        $browser->keys([WebDriverKeys::ESCAPE]);
        $this->waitFor(fn (): bool => $browser->run('return document.querySelector("[data-point]") === null'), 'the points to be put away');
    }

    public function test_a_part_is_made_level_and_as_long_as_is_typed(): void
    {
        $this->begin();
        $browser = $this->browser;
        $this->add($this->sheet, 'path', 100, 100, 0, 0, 'Path', ['subpaths' => 'M0 0L200 30L380 160']);
        $this->reload();
        $this->chooseAll();
        $browser->keys(WebDriverKeys::ENTER);
        $browser->see('[data-point]');
        $browser->clickSheet(200, 115);
        $browser->press('Level');
        $browser->waitForStatus('Made 1 part of "Path" level');
        self::assertEquals([[100, 100], [300, 100], [480, 260]], $this->points());
        $browser->fill('input[name="part length"]', '2in');
        $browser->waitForStatus('192 long');
        self::assertEquals([292, 100], $this->points()[1]);
    }

    public function test_shapes_are_combined_with_a_chosen_anchor_and_released(): void
    {
        $this->begin();
        $browser = $this->browser;
        $this->add($this->sheet, 'box', 100, 100, 200, 100, 'Bar');
        $this->add($this->sheet, 'round', 250, 100, 100, 100, 'Bite');
        $before = $this->items($this->sheet);
        $this->reload();
        $this->chooseAll();
        $browser->press('Combine…');
        $browser->see('.combine-panel .ways');
        $this->waitFor(fn (): bool => $browser->run('return document.querySelector(".ghosts .anchor") !== null'), 'the anchor to be shown');
        $browser->named('Cut out');
        $browser->run('[...document.querySelectorAll(".combine-panel .ways button")].find(b => b.textContent.trim() === "Cut out").dispatchEvent(new Event("pointerenter"))');
        $this->waitFor(fn (): bool => $browser->run('return document.querySelector(".ghosts path") !== null'), 'a ghost of the outcome');
        $browser->press('Cut out');
        $browser->waitForStatus('Cut "Bite" from "Bar"');
        $made = array_values(array_filter($this->items($this->sheet), static fn (array $item): bool => $item['kind'] === 'combined'))[0];
        self::assertEquals(['x' => 100, 'y' => 100, 'w' => 200, 'h' => 100], $made['bounds']);
        $browser->keys([WebDriverKeys::ESCAPE]);
        $this->chooseAll();
        $browser->keys([WebDriverKeys::SHIFT, 'u']);
        $browser->waitForStatus('Released');
        self::assertSame(array_column($before, 'frame', 'name'), array_column($this->items($this->sheet), 'frame', 'name'));
        self::assertSame(array_column($before, 'order', 'name'), array_column($this->items($this->sheet), 'order', 'name'));
    }

    public function test_a_shape_in_a_combined_one_is_moved_on_the_sheet(): void
    {
        $this->begin();
        $browser = $this->browser;
        $bar = $this->add($this->sheet, 'box', 100, 100, 200, 100, 'Bar')['id'];
        $bite = $this->add($this->sheet, 'box', 250, 130, 100, 40, 'Bite')['id'];
        $this->server->call('POST', "sheets/$this->sheet/commands", ['command' => 'combine', 'items' => [$bar, $bite], 'params' => ['how' => 'cut']]);
        $this->reload();
        $browser->clickSheet(150, 150, double: true);
        $browser->see('.points .inside');
        $browser->drag(330, 150, 330, 170);
        $browser->waitForStatus('Moved "Bite"');
        $made = array_values(array_filter($this->items($this->sheet), static fn (array $item): bool => $item['kind'] === 'combined'))[0];
        $ys = array_column($made['fields']['outcome'][0]['points'], 'y');
        self::assertContains(150.0, array_map(floatval(...), $ys), 'the notch lies 20 px lower');
    }
}
