<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Waiting;

/** Slices on the desk: drawn, taken hold of, snapped, typed, aligned and spaced like items; cut along guides. */
final class SlicesOnDeskTest extends BrowserTestCase
{
    protected const DEMO = false;

    public function test_a_slice_is_drawn_dragged_by_its_edge_and_sized_by_a_handle(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet] = $this->openEmpty();
        $this->add($sheet, 'box', 300, 100, 100, 80, 'Quay');
        $this->reload();
        $this->openSlices();
        $browser->press('Draw a slice');
        $browser->drag(50, 60, 150, 140);
        $browser->waitForStatus('Cut slice "slice": 100 × 80 at 50, 60');
        // By its upper edge, nearly to the box: it meets the top of the box and its left edge.
        $browser->drag(100, 60, 348, 98);
        $browser->waitForStatus('Moved "slice" 250 px right and 40 px down');
        self::assertSame([300, 100, 100, 80], $this->sliceAt($sheet, 0));
        $browser->drag(402, 140, 450, 140);
        $browser->waitForStatus('"slice"');
        Waiting::until(fn (): bool => $this->sliceAt($sheet, 0)[2] > 100, 'the slice to be wider');
        $browser->keys([WebDriverKeys::CONTROL, 'z', WebDriverKeys::NULL]);
        Waiting::until(fn (): bool => $this->sliceAt($sheet, 0) === [300, 100, 100, 80], 'the drag to be undone');
    }

    public function test_slices_are_typed_aligned_and_spaced_on_the_bench(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet] = $this->openEmpty();
        foreach ([[50, 50], [200, 71], [420, 64]] as $i => [$x, $y]) {
            $this->slice($sheet, "piece $i", $x, $y, 80, 60);
        }
        $this->reload();
        $this->openSlices();
        $this->choose('piece 0', 'piece 1', 'piece 2');
        $this->waitForSelected('3 slices');
        $browser->driver->action()->moveToElement($browser->named('Align tops'))->perform();
        $browser->waitForStatus('If pressed: Aligned 3 slices');
        self::assertGreaterThan(0, (int) $browser->run('return document.querySelectorAll(".ghosts polygon").length'));
        $browser->press('Align tops');
        $browser->waitForStatus('Aligned 3 slices');
        $browser->press('Even out across');
        $browser->waitForStatus('Spaced 3 slices');
        self::assertSame([[50, 50, 80, 60], [235, 50, 80, 60], [420, 50, 80, 60]], array_map(fn (int $i): array => $this->sliceAt($sheet, $i), [0, 1, 2]));
        $browser->click('.plane');
        $this->choose('piece 1');
        $browser->fill('input[name=w]', '2in + 8');
        $browser->waitForStatus('Placed "piece 1": w 200');
        $browser->click('.plane');
        $this->choose('piece 1');
        $browser->run('document.querySelector(".plane").focus()');
        $browser->keys(WebDriverKeys::ARROW_LEFT);
        $browser->waitForStatus('Moved "piece 1" 1 px left');
        $browser->keys(WebDriverKeys::DELETE);
        $browser->waitForStatus('Deleted slice "piece 1"');
    }

    public function test_a_slice_of_an_item_follows_it_and_can_be_hidden_by_a_key(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet] = $this->openEmpty();
        $this->add($sheet, 'box', 100, 100, 100, 80, 'Quay');
        $this->reload();
        $browser->clickSheet(150, 140);
        $browser->keys([WebDriverKeys::CONTROL, 'k', WebDriverKeys::NULL]);
        $browser->waitForStatus('Cut slice "Quay"');
        $browser->keys([WebDriverKeys::SHIFT, WebDriverKeys::ARROW_RIGHT, WebDriverKeys::NULL]);
        $browser->waitForStatus('Moved "Quay" 10 px right');
        self::assertSame([110, 100, 100, 80], $this->sliceAt($sheet, 0));
        $count = static fn (): int => (int) $browser->run('return document.querySelectorAll(".overlay .slice").length');
        foreach ([1, 0, 1] as $shown) {
            $browser->keys('k');
            Waiting::until(static fn (): bool => $count() === $shown, "$shown slices to be shown");
        }
        self::assertSame(1, $count());
    }

    public function test_a_page_is_cut_along_its_guides_with_names_of_a_pattern(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet] = $this->openEmpty();
        foreach ([100, 400] as $at) {
            $this->server->call('POST', "sheets/$sheet/commands", ['command' => 'add-guide', 'params' => ['axis' => 'y', 'at' => $at]]);
        }
        $this->reload();
        $this->openSlices();
        $browser->fill('[aria-label="Names of new slices"]', 'page/{nn}');
        $browser->press('Other ways to cut');
        $browser->press('Along the guides', 'li');
        $browser->waitForStatus('Cut 3 slices along the guides');
        self::assertSame(['page/01', 'page/02', 'page/03'], array_column($this->server->call('GET', "sheets/$sheet")['slices'], 'name'));
        self::assertSame([0, 100, 800, 300], $this->sliceAt($sheet, 1));
        $this->choose('page/01', 'page/03');
        $browser->fill('[aria-label="Names of the slices"]', 'part-{n}');
        $browser->waitForStatus('Set 2 slices');
        self::assertSame(['part-1', 'page/02', 'part-2'], array_column($this->server->call('GET', "sheets/$sheet")['slices'], 'name'));
        $browser->press('How it is cut');
        $browser->see('.open-drawer .cut');
    }

    private function openSlices(): void
    {
        $this->browser->run('[...document.querySelectorAll("[role=tab]")].find((tab) => tab.textContent.includes("Slices")).click()');
        $this->browser->see('.slices .actions');
    }

    /** Chooses slices in their panel, the first alone, the others along with it. */
    private function choose(string ...$names): void
    {
        foreach ($names as $i => $name) {
            $this->browser->run('[...document.querySelectorAll(".slices li button")].find((row) => row.textContent.includes(arguments[0])).dispatchEvent(new MouseEvent("click", {bubbles: true, shiftKey: arguments[1]}))', $name, $i > 0);
        }
    }

    private function slice(string $sheet, string $name, float $x, float $y, float $w, float $h): void
    {
        $this->server->call('POST', "sheets/$sheet/commands", ['command' => 'add-slice', 'items' => [], 'params' => compact('name', 'x', 'y', 'w', 'h')]);
    }

    /**
     * @return list<int|float> x, y, w and h as the server has them
     *
     * @phpstan-impure
     */
    private function sliceAt(string $sheet, int $i): array
    {
        $slice = $this->server->call('GET', "sheets/$sheet")['slices'][$i];

        return [$slice['x'], $slice['y'], $slice['w'], $slice['h']];
    }
}
