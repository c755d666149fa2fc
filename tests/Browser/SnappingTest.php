<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\Waiting;

final class SnappingTest extends BrowserTestCase
{
    protected const DEMO = false;

    /** Drags items in the page, one after another: what stood beside the pointer, what the fields say then, what is stored. */
    private const DRAGS = <<<'JS'
        const [sheet, drags, done] = arguments;
        const plane = document.querySelector('.plane');
        plane.setPointerCapture = () => {};
        const told = (type, x, y) => plane.dispatchEvent(new PointerEvent(type, {clientX: x, clientY: y, pointerId: 1, button: 0, buttons: 1, bubbles: true}));
        const frame = () => new Promise((next) => requestAnimationFrame(next));
        const until = async (so) => { for (let i = 0; i < 1200 && !so(); i++) await frame(); };
        const asked = () => performance.getEntriesByType('resource').filter((one) => one.name.endsWith('/snap')).length;
        const places = async () => (await (await fetch(`/api/sheets/${sheet}`)).json()).items.map((item) => item.bounds);
        (async () => {
            const seen = [];
            let boxes = await places();
            for (const [i, byX, byY] of drags) {
                const box = boxes[i];
                const m = document.querySelector('.layer .sheet').getScreenCTM();
                const [x, y] = [(box.x + box.w / 2) * m.a + m.e, (box.y + box.h / 2) * m.d + m.f].map(Math.round);
                const [dx, dy] = [Math.max(-box.x, Math.min(900 - box.x, byX)) * m.a, Math.max(-box.y, Math.min(600 - box.y, byY)) * m.d].map(Math.round);
                const before = asked();
                told('pointerdown', x, y);
                told('pointermove', x + 4, y + 4);
                await until(() => asked() > before);
                told('pointermove', x + dx, y + dy);
                await frame(); await frame();
                const words = document.querySelector('.words')?.textContent ?? '';
                told('pointerup', x + dx, y + dy);
                await frame();
                await until(() => document.querySelector('.status .saved').textContent.trim() === 'saved');
                await frame(); await frame();
                boxes = await places();
                const field = (name) => document.querySelector(`input[name=${name}]`).value;
                seen.push({words, fields: `${field('x')} ${field('y')}`, stored: boxes.map((one) => `${one.x} ${one.y}`)});
            }
            done(seen);
        })();
        JS;

    public function test_the_browser_picks_what_the_server_settles(): void
    {
        $chance = new Randomizer(new Mt19937($seed = random_int(1, 1_000_000)));
        // A small window is painted faster.
        $this->browser->resize(1024, 480);
        ['sheet' => $sheet] = $this->openEmpty(1000, 700);
        for ($i = 0; $i < 24; $i++) {
            $fraction = $i % 5 === 0 ? 0.25 * $chance->getInt(0, 3) : 0.0;
            $this->add($sheet, $i % 4 === 0 ? 'round' : 'box', 30 + ($i % 6) * 160 + $chance->getInt(0, 20), 40 + intdiv($i, 6) * 160 + $chance->getInt(0, 20) + $fraction, $chance->getInt(30, 90), $chance->getInt(30, 90), "Buoy $i", ['fill' => '#b98a83']);
        }
        $this->server->call('POST', "sheets/$sheet/commands", ['command' => 'add-guide', 'params' => ['axis' => 'x', 'at' => 333]]);
        // A guide that is locked is not taken hold of, and things snap to it all the same.
        $this->server->call('POST', "sheets/$sheet/commands", ['command' => 'lock-guides']);
        $this->server->call('POST', "sheets/$sheet/commands", ['command' => 'set-grid', 'params' => ['columns' => ['count' => 5, 'gutter' => 14, 'left' => 20, 'right' => 20], 'module' => 8]]);
        $this->reload();
        $this->browser->click('.plane');
        $this->browser->keys('c');
        $this->browser->driver->manage()->timeouts()->setScriptTimeout(110);
        $this->browser->run('performance.setResourceTimingBufferSize(100000)');
        $drags = array_map(static fn (): array => [$chance->getInt(0, 23), $chance->getInt(-300, 300), $chance->getInt(-200, 200)], range(1, 120));
        $snapped = 0;
        foreach (array_chunk($drags, 60) as $some) {
            foreach ((array) $this->browser->driver->executeAsyncScript(self::DRAGS, [$sheet, $some]) as $i => $seen) {
                self::assertSame(1, preg_match('/x (-?[\d.]+)  y (-?[\d.]+)/', $seen['words'], $shown), "seed $seed, drag $i: {$seen['words']}");
                self::assertSame("$shown[1] $shown[2]", $seen['fields'], "seed $seed, drag $i: shown while it was dragged, and settled");
                self::assertContains($seen['fields'], $seen['stored'], "seed $seed, drag $i");
                $snapped++;
            }
        }
        self::assertSame(120, $snapped);
    }

    public function test_sight_lines_switches_and_the_key_that_suspends(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet] = $this->openEmpty(800, 600);
        $this->add($sheet, 'box', 100, 100, 80, 40, 'Quay', ['fill' => '#23465c']);
        $this->add($sheet, 'box', 400, 300, 60, 60, 'Ferry', ['fill' => '#b98a83']);
        $this->reload();
        $hold = function (int $dx, int $dy) use ($browser): void {
            [$x, $y] = $browser->onScreen(430, 330);
            $browser->pointer($x, $y)->clickAndHold()->moveByOffset(9, 9)->perform();
            Waiting::until(static fn (): bool => $browser->run('return document.querySelectorAll(".sights").length') > 0, 'the lines that can be met');
            [$x, $y] = $browser->onScreen(430 + $dx, 330 + $dy);
            $browser->pointer($x, $y)->perform();
        };
        $drop = static fn () => $browser->driver->action()->release()->perform();

        $hold(-297, 30);
        Waiting::until(static fn (): bool => str_contains((string) $browser->run('return document.querySelector(".words")?.textContent ?? ""'), 'x 100'), 'the left edges on one line');
        self::assertGreaterThan(0, $browser->run('return document.querySelectorAll(".sights > line").length'), 'a sight line');
        self::assertGreaterThan(1, $browser->run('return document.querySelectorAll(".sights .measure.soft").length'), 'the room on its sides');
        $drop();
        Waiting::until(fn (): bool => $this->item($sheet, 'Ferry')['bounds']['x'] === 100, 'the ferry at the quay');
        $browser->press('Undo');
        $browser->waitForStatus('Undone');

        // Each kind by itself, and all of it.
        $browser->press('What things snap to');
        $browser->named('edges of others', 'label')->click();
        $browser->named('centres of others', 'label')->click();
        $browser->keys(WebDriverKeys::ESCAPE);
        $browser->drag(430, 330, 133, 360);
        $browser->waitForStatus('Moved "Ferry"');
        self::assertSame(103, $this->item($sheet, 'Ferry')['bounds']['x']);
        $browser->press('Undo');
        $browser->waitForStatus('Undone');
        $browser->run('localStorage.removeItem("allsquare-snap")');
        $this->reload();
        $browser->press('snapping on');
        $browser->drag(430, 330, 133, 360);
        $browser->waitForStatus('Moved "Ferry"');
        self::assertSame(103, $this->item($sheet, 'Ferry')['bounds']['x']);
        $browser->press('Undo');
        $browser->waitForStatus('Undone');
        $browser->press('snapping off');

        // Held, Ctrl suspends it, and the pointer says so.
        $browser->driver->getKeyboard()->pressKey(WebDriverKeys::SHIFT);
        $browser->driver->getKeyboard()->releaseKey(WebDriverKeys::SHIFT);
        $browser->clickSheet(430, 330);
        $hold(-297, 30);
        $browser->driver->action()->keyDown(null, WebDriverKeys::CONTROL)->perform();
        Waiting::until(static fn (): bool => str_contains((string) $browser->run('return document.querySelector(".words")?.textContent ?? ""'), 'free  x 103'), 'what the key does to be said');
        $drop();
        $browser->driver->action()->keyUp(null, WebDriverKeys::CONTROL)->perform();
        $browser->waitForStatus('Moved "Ferry" 297 px left and 30 px down');
    }

    public function test_drawing_and_sizing_snap_and_name_equal_sizes(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet] = $this->openEmpty(800, 600);
        $this->add($sheet, 'box', 100, 100, 137, 40, 'Quay', ['fill' => '#23465c']);
        $this->add($sheet, 'box', 400, 300, 60, 60, 'Ferry', ['fill' => '#b98a83']);
        $this->reload();
        $browser->clickSheet(430, 330);
        [$x, $y] = $browser->onScreen(460, 330);
        $browser->pointer($x + 4, $y)->clickAndHold()->moveByOffset(5, 0)->perform();
        Waiting::until(static fn (): bool => $browser->run('return document.querySelectorAll(".sights").length') > 0, 'the sizes that can be met');
        [$x] = $browser->onScreen(535, 330);
        $browser->pointer($x + 4, $y)->perform();
        Waiting::until(static fn (): bool => str_contains((string) $browser->run('return document.querySelector(".sizes")?.textContent ?? ""'), 'as wide as Quay: 137'), 'the equal size to be named');
        $browser->driver->action()->release()->perform();
        $browser->waitForStatus('Sized "Ferry" to 137 × 60');
        $browser->press('Box');
        [$x, $y] = $browser->onScreen(102, 158);
        $browser->pointer($x, $y)->clickAndHold()->moveByOffset(20, 20)->perform();
        Waiting::until(static fn (): bool => $browser->run('return document.querySelectorAll(".sights").length') > 0, 'the edges that can be met');
        [$x2, $y2] = $browser->onScreen(239, 297);
        $browser->pointer($x2, $y2)->perform();
        $browser->driver->action()->release()->perform();
        $browser->waitForStatus('Drew "Box" at 100, 158: 137 × 142');
        $drawn = current(array_filter($this->items($sheet), static fn (array $item): bool => ! in_array($item['name'], ['Quay', 'Ferry'], true)));
        self::assertEquals(['x' => 100, 'y' => 158, 'w' => 137, 'h' => 142], $drawn['bounds'] ?? null);
    }
}
