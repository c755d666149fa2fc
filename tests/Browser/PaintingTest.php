<?php

declare(strict_types=1);

namespace Tests\Browser;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Support\RandomScene;
use Tests\Support\ParamsByChance;

/** The picture on the canvas is the server's, pixel by pixel, after any commands, undos and jumps in the history. */
final class PaintingTest extends BrowserTestCase
{
    protected const DEMO = false;

    private const COMMANDS = ['group', 'ungroup', 'order', 'order', 'move-by', 'duplicate', 'delete', 'set', 'set', 'place', 'turn', 'mirror', 'align', 'group', 'move-into', 'resize'];

    /** How many of the pixels differ by more than a shade: of what the page paints, and of the drawing that is exported. */
    private const COMPARE = <<<'JS'
        const [sheet, done] = arguments;
        const paint = async (svg) => {
            const image = new Image();
            image.src = 'data:image/svg+xml;charset=utf-8,' + encodeURIComponent(svg);
            await image.decode();
            const canvas = new OffscreenCanvas(400, 300);
            const context = canvas.getContext('2d');
            context.drawImage(image, 0, 0, 400, 300);
            return context.getImageData(0, 0, 400, 300).data;
        };
        (async () => {
            const drawn = await (await fetch(`/api/sheets/${sheet}/render.svg`)).text();
            const still = document.querySelector('.layer:not(.air) g g');
            const page = `<svg xmlns="http://www.w3.org/2000/svg" width="800" height="600" viewBox="0 0 800 600"><rect width="800" height="600" fill="#ffffff"/>${new XMLSerializer().serializeToString(still)}</svg>`;
            const [a, b] = [await paint(drawn), await paint(page)];
            let off = 0;
            for (let i = 0; i < a.length; i += 4) if (Math.abs(a[i] - b[i]) + Math.abs(a[i + 1] - b[i + 1]) + Math.abs(a[i + 2] - b[i + 2]) > 90) off++;
            return off;
        })().then(done, (error) => done(String(error)));
        JS;

    private string $document = '';

    private string $sheet = '';

    public function test_whatever_is_done(): void
    {
        $compared = 0;
        foreach (RandomScene::seeds(2) as $seed) {
            $chance = new Randomizer(new Mt19937($seed));
            ['document' => $this->document, 'sheet' => $this->sheet] = $this->openEmpty(800, 600);
            foreach (['box', 'round', 'box', 'text', 'round', 'box', 'line', 'box'] as $i => $kind) {
                $this->server->call('POST', "sheets/$this->sheet/commands", ['command' => 'add-item', 'params' => [
                    'kind' => $kind, 'x' => $chance->getInt(0, 600), 'y' => $chance->getInt(0, 400), 'w' => 60 + $i * 17, ...($kind === 'line' ? [] : ['h' => 50 + $i * 9]),
                    ...($kind === 'text' ? ['text' => 'Quay'] : []), ...(in_array($kind, ['box', 'round'], true) ? ['fill' => sprintf('#%06x', $chance->getInt(0, 0xFFFFFF))] : []),
                ]]);
            }
            $this->reload();
            $this->watchFailures();
            for ($i = 0; $i < 24; $i++) {
                $command = self::COMMANDS[$chance->getInt(0, count(self::COMMANDS) - 1)];
                $ids = array_column($this->items($this->sheet), 'id');
                if ($ids === []) {
                    break;
                }
                $some = array_values(array_unique(array_map(static fn (): string => $ids[$chance->getInt(0, count($ids) - 1)], range(1, $chance->getInt(1, 3)))));
                $groups = array_column(array_filter($this->items($this->sheet), static fn (array $item): bool => $item['kind'] === 'group'), 'id');
                $params = (new ParamsByChance($chance, ['parent' => $groups, 'anchor' => $ids]))->of($command);
                $this->inPage('return desk.run(given[0], given[1], given[2])', $command, (object) $params, $some);
                $this->assertSamePicture("seed $seed, after $i: $command ".json_encode($params));
                $compared++;
            }
            foreach (range(1, 6) as $_) {
                $this->inPage('desk.travel("undo")');
                $this->assertSamePicture("seed $seed, undone");
                $compared++;
            }
            $lines = $this->server->call('GET', "documents/$this->document/history")['lines'];
            foreach ([$lines[intdiv(count($lines), 2)]['line'], $lines[0]['line']] as $line) {
                $this->inPage('desk.goTo(given[0])', $line);
                $this->assertSamePicture("seed $seed, at line $line");
                $compared++;
            }
        }
        self::assertGreaterThan(30, $compared);
    }

    public function test_grouping_what_something_stands_in_front_of(): void
    {
        ['sheet' => $this->sheet] = $this->openEmpty(800, 600);
        foreach (['#aa0000', '#00aa00', '#0000aa', '#aaaa00'] as $i => $fill) {
            $this->add($this->sheet, 'box', 100 + $i * 60, 100 + $i * 40, 120, 90, "Box, $i", ['fill' => $fill]);
        }
        $this->reload();
        $this->watchFailures();
        $ids = array_column($this->items($this->sheet), 'id');
        $this->inPage('return desk.run("group", {}, given[0])', [$ids[0], $ids[1]]);
        $this->assertSamePicture('grouped');
        self::assertSame(4, $this->browser->run('return document.querySelectorAll("[data-item] > rect").length'));
    }

    /** Whatever fails on the page from now on is kept. */
    private function watchFailures(): void
    {
        $this->browser->run('
            window.failures = [];
            addEventListener("error", (event) => window.failures.push(String(event.message)));
            addEventListener("unhandledrejection", (event) => window.failures.push(String(event.reason)));
            const tell = console.error;
            console.error = (...said) => { window.failures.push(said.map(String).join(" ")); tell(...said); };
        ');
    }

    private function assertSamePicture(string $what): void
    {
        $this->waitUntilSaved();
        $off = $this->browser->driver->executeAsyncScript(self::COMPARE, [$this->sheet]);
        self::assertIsInt($off, "$what: ".json_encode($off));
        self::assertLessThan(40, $off, "$what: pixels that differ");
        self::assertSame([], $this->browser->run('return window.failures'), "$what: nothing failed while it was painted");
    }

    private function waitUntilSaved(): void
    {
        $this->browser->driver->executeAsyncScript('const done = arguments[0]; const pinia = document.querySelector("#app").__vue_app__.config.globalProperties.$pinia; const look = () => pinia._s.get("sending").waiting === 0 ? requestAnimationFrame(() => requestAnimationFrame(() => setTimeout(done, 30))) : requestAnimationFrame(look); look();', []);
    }

    /** Runs a script with the store of the desk. */
    private function inPage(string $script, mixed ...$given): void
    {
        $this->browser->driver->executeAsyncScript(
            'const given = [...arguments]; const done = given.pop(); const desk = document.querySelector("#app").__vue_app__.config.globalProperties.$pinia._s.get("desk"); Promise.resolve((() => {'.$script.'})()).then(() => done(), (error) => done(String(error)));',
            $given,
        );
    }
}
