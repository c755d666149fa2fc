<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Waiting;

final class GridAndGuidesTest extends BrowserTestCase
{
    protected const DEMO = false;

    public function test_guides_come_out_of_the_rulers_and_are_thrown_back(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet] = $this->openEmpty(800, 600);
        $this->add($sheet, 'box', 120, 90, 100, 60, 'Quay', ['fill' => '#23465c']);
        $this->reload();
        $guides = fn (): array => array_map(static fn (array $guide): string => "{$guide['axis']} {$guide['at']}", $this->server->call('GET', "sheets/$sheet")['guides']);
        $pull = static function (string $ruler, float $x, float $y) use ($browser): void {
            [$toX, $toY] = $browser->onScreen($x, $y);
            $browser->driver->action()->moveToElement($browser->see(".ruler.$ruler"))->clickAndHold()->moveByOffset($ruler === 'x' ? 0 : 30, $ruler === 'x' ? 30 : 0)->perform();
            $browser->pointer($toX, $toY)->perform();
            Waiting::until(static fn (): bool => $browser->run('return document.querySelectorAll(".sights").length') > 0, 'what the guide can snap to');
        };
        $pull('y', 122, 300);
        self::assertStringContainsString('x 120', $browser->see('.words')->getText(), 'its figure beside it, on the edge of the quay');
        $browser->driver->action()->release()->perform();
        $browser->waitForStatus('Put the vertical guide at x 120');
        $pull('x', 300, 420);
        $browser->driver->action()->release()->perform();
        $browser->waitForStatus('Put the horizontal guide at y 420');
        self::assertSame(['x 120', 'y 420'], $guides());

        // Moved, then thrown back onto its ruler; typed, locked, removed.
        $browser->drag(300, 420, 300, 500);
        $browser->waitForStatus('Moved the horizontal guide at y 420 to ');
        $at = (float) substr($guides()[1], 2);
        [$x, $y] = $browser->onScreen(300, $at);
        [, $top] = $browser->onScreen(0, 0);
        $browser->pointer($x, $y)->clickAndHold()->moveByOffset(0, -40)->perform();
        $browser->driver->action()->moveToElement($browser->see('.ruler.x'))->perform();
        Waiting::until(static fn (): bool => str_contains((string) $browser->run('return document.querySelector(".words")?.textContent ?? ""'), 'take away'), 'what happens there to be said');
        $browser->driver->action()->release()->perform();
        $browser->waitForStatus("Deleted the horizontal guide at y $at");
        self::assertGreaterThan(0, $top);
        $browser->click('.panels [role=tab]:nth-child(2)');
        $browser->fill('[aria-label="Add a horizontal guide"]', '50%');
        $browser->waitForStatus('Put the horizontal guide at y 300');
        $browser->press('Lock all');
        $browser->waitForStatus('Locked 2 guides');
        self::assertFalse($browser->see('.guides li input')->isEnabled());
        $browser->press('Remove all');
        $browser->waitForStatus('2 locked stayed');
        $browser->press('Unlock all');
        $browser->waitForStatus('Unlocked 2 guides');
        $browser->press('Remove all');
        $browser->waitForStatus('Removed 2 guides');
        $this->chooseAll();
        $browser->press('edges');
        $browser->waitForStatus('Put 4 guides along "Quay"');
        self::assertSame(['x 120', 'x 220', 'y 90', 'y 150'], $guides());
        $browser->keys('g');
        self::assertCount(4, $guides());
    }

    public function test_the_zero_is_dragged_onto_a_corner_and_all_figures_follow_it_and_the_unit(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet] = $this->openEmpty(800, 600);
        $this->add($sheet, 'box', 120, 90, 96, 48, 'Quay', ['fill' => '#23465c']);
        $this->reload();
        $this->chooseAll();
        $zero = fn (): array => $this->server->call('GET', "sheets/$sheet")['sheet']['zero'];
        [$x, $y] = $browser->onScreen(122, 91);
        $browser->driver->action()->moveToElement($browser->see('.corner'))->clickAndHold()->moveByOffset(20, 20)->perform();
        $browser->pointer($x, $y)->perform();
        Waiting::until(static fn (): bool => str_contains((string) $browser->run('return document.querySelector(".words")?.textContent ?? ""'), 'zero at x 120  y 90'), 'the corner of the quay');
        $browser->driver->action()->release()->perform();
        $browser->waitForStatus('Put the zero at 120, 90');
        $value = static fn (string $name): string => (string) $browser->see("input[name='$name']")->getAttribute('value');
        self::assertSame(['0', '0', '96'], [$value('x'), $value('y'), $value('w')]);
        Waiting::until(static function () use ($browser, $zero): bool {
            $browser->driver->action()->moveToElement($browser->see('.corner'))->doubleClick()->perform();
            $browser->waitForSheet();

            return $zero() === ['x' => 0, 'y' => 0];
        }, 'the zero to be back');

        // In another unit: what is shown, what is typed, and what is stored.
        $browser->press('Unit of the rulers: px');
        $browser->named('mm', 'a')->click();
        Waiting::until(static fn (): bool => $value('w') === '25.4', 'millimetres');
        self::assertSame('31.75', $value('x'));
        $browser->fill('input[name=x]', '50.8');
        $browser->waitForStatus('Placed "Quay": x 50.8 (was x 31.75)');
        self::assertSame(192, $this->item($sheet, 'Quay')['bounds']['x']);
        $browser->fill('input[name=w]', '1in + 10');
        Waiting::until(fn (): bool => $this->item($sheet, 'Quay')['bounds']['w'] === 134, '25.4 and 10 mm are 133.8 px');
        $this->reload();
        $this->chooseAll();
        self::assertSame('50.8', $value('x'), 'the unit is remembered');
    }

    public function test_a_grid_says_what_it_gives_and_proposes_what_is_whole(): void
    {
        $browser = $this->browser;
        $made = $this->server->call('POST', 'documents', ['name' => 'Card', 'sheet' => ['width' => 110, 'height' => 200, 'unit' => 'mm', 'ppi' => 250]]);
        $sheet = $made['sheets'][0]['id'];
        $this->server->call('POST', "sheets/$sheet/commands", ['command' => 'set-sheet', 'params' => ['whole_pixels' => true]]);
        $this->add($sheet, 'box', 100, 400, 50, 60, 'Stamp', ['fill' => '#23465c']);
        $browser->visit("/d/{$made['id']}/$sheet");
        $browser->waitForSheet();
        $browser->run('const s = document.querySelector("select[aria-label=Unit]"); s.value = "px"; s.dispatchEvent(new Event("change"))');
        $browser->press('Guides');
        foreach (['columns' => '7', 'columns gutter' => '18', 'left' => '60', 'right' => '60', 'rows' => '11', 'rows gutter' => '18', 'top' => '60', 'bottom' => '60'] as $name => $figure) {
            $browser->fill("[name='grid $name']", $figure, '');
        }
        $panel = static fn (): string => (string) $browser->run('return document.querySelector(".grid-panel").textContent.replace(/\s+/g, " ")');
        Waiting::until(static fn (): bool => str_contains($panel(), 'columns of 122.143, remainder 1') && str_contains($panel(), 'rows of 151.727'), 'what is typed to be reckoned');
        self::assertStringContainsString('margins 57: columns of 123', $panel());
        self::assertStringContainsString('margins 64: rows of', $panel());
        $browser->press('margins 57: columns of 123');
        $browser->waitForStatus('Set the grid: 7 columns of 123, gutter 18; 11 rows of 151.727');
        Waiting::until(static fn (): bool => $browser->run('return document.querySelectorAll(".grid-lines rect.column").length') === 7, 'the columns on the sheet');
        $browser->click('.plane');
        $browser->keys('c');
        self::assertSame(0, $browser->run('return document.querySelectorAll(".grid-lines").length'));
        $browser->keys('c');

        // A span by numbers, and by dragging over the grid.
        $this->chooseAll();
        $browser->fill('[name="fit columns"]', '3-6');
        $browser->waitForStatus('Fitted "Stamp" to columns 3 to 6');
        self::assertEquals([57 + 2 * 141, 4 * 123 + 3 * 18], [$this->item($sheet, 'Stamp')['bounds']['x'], $this->item($sheet, 'Stamp')['bounds']['w']]);
        $browser->press('Drag over the grid');
        $browser->drag(100, 250, 300, 600);
        $browser->waitForStatus('Fitted "Stamp" to columns 1 to 2, rows 2 to 4');
        $browser->fill('[aria-label="Name for this grid"]', 'Boarding');
        $browser->waitForStatus('Kept the grid as "Boarding"');
        $browser->fill('[name="grid columns"]', '900', '');
        Waiting::until(static fn (): bool => str_contains($panel(), '"grid.columns.count"') || $browser->run('return document.querySelector(".grid-panel .wrong")?.textContent ?? ""') !== '', 'why that cannot be');
        self::assertFalse($browser->named('Set grid')->isEnabled());
        $browser->keys([WebDriverKeys::ESCAPE]);
    }

    public function test_a_reference_is_dimmed_let_through_and_switched_by_a_key(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet] = $this->openEmpty(800, 600);
        $this->add($sheet, 'box', 0, 0, 800, 600, 'Draft', ['fill' => '#dfeaeb']);
        $this->add($sheet, 'box', 100, 100, 200, 100, 'Stamp', ['fill' => '#17614f']);
        $this->reload();
        $browser->clickSheet(600, 500);
        $this->waitForSelected('Draft');
        $browser->keys('R');
        $browser->waitForStatus('Made "Draft" a reference');
        self::assertStringContainsString('reference', $browser->see('[data-row] .reference')->getText());
        self::assertSame('0.4', $browser->run('return getComputedStyle(document.querySelector("[data-reference]")).opacity'));
        $browser->clickSheet(600, 500);
        $this->waitForSelected('nothing selected');
        $browser->keys('r');
        self::assertSame('none', $browser->run('return getComputedStyle(document.querySelector("[data-reference]")).display'));
        $browser->keys('r');

        // The colour at a point: read as a figure, and taken.
        $this->add($sheet, 'round', 500, 400, 80, 80, 'Buoy', ['fill' => '#ffffff']);
        $this->reload();
        $browser->clickSheet(540, 440);
        $this->waitForSelected('Buoy');
        $browser->keys('i');
        [$x, $y] = $browser->onScreen(150, 150);
        $browser->pointer($x, $y)->perform();
        Waiting::until(static fn (): bool => str_contains((string) $browser->run('return document.querySelector(".words")?.textContent ?? ""'), '#17614f'), 'the colour in figures');
        $browser->pointer($x, $y)->click()->perform();
        $browser->waitForStatus('Set fill of "Buoy" to #17614f');
        $browser->keys('i');
        $browser->driver->action()->keyDown(null, WebDriverKeys::SHIFT)->perform();
        $browser->pointer($x, $y)->click()->perform();
        $browser->driver->action()->keyUp(null, WebDriverKeys::SHIFT)->perform();
        $browser->waitForStatus('Set outline of "Buoy" to #17614f 1 px');
    }
}
