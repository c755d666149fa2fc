<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\SamplePicture;
use Tests\Support\Waiting;

/** Pictures on the desk: chosen, dropped and pasted, swapped in place, moved under their frames. */
final class PicturesTest extends BrowserTestCase
{
    protected const DEMO = false;

    /** @return string the path of a file with that in it */
    private function file(string $name, string $bytes): string
    {
        file_put_contents($path = sys_get_temp_dir().'/allsquare-'.getmypid()."-$name", $bytes);
        register_shutdown_function(static fn () => @unlink($path));

        return $path;
    }

    /** @param  list<string>  $paths */
    private function choose(string $chooser, array $paths): void
    {
        $this->browser->driver->findElement(WebDriverBy::cssSelector("[aria-label='$chooser']"))->sendKeys(implode("\n", $paths));
    }

    /**
     * Drops or pastes files as the browser gives them.
     *
     * @param  list<array{string, string}>  $files  names and bytes
     */
    private function give(string $event, array $files, int $x, int $y): void
    {
        $this->browser->run(<<<'JS'
            const [event, files, x, y] = arguments;
            const data = new DataTransfer();
            for (const [name, bytes] of files) data.items.add(new File([Uint8Array.from(atob(bytes), (c) => c.charCodeAt(0))], name, { type: name.endsWith('.txt') ? 'text/plain' : name.endsWith('.svg') ? 'image/svg+xml' : 'image/png' }));
            const plane = document.querySelector('.plane');
            const box = plane.getBoundingClientRect();
            const at = { bubbles: true, cancelable: true, clientX: box.left + x, clientY: box.top + y };
            if (event === 'drop') {
                plane.dispatchEvent(new DragEvent('dragover', { ...at, dataTransfer: data }));
                plane.dispatchEvent(new DragEvent('drop', { ...at, dataTransfer: data }));
            } else document.dispatchEvent(new ClipboardEvent('paste', { bubbles: true, cancelable: true, clipboardData: data }));
            JS, $event, array_map(static fn (array $file): array => [$file[0], base64_encode($file[1])], $files), $x, $y);
    }

    /** @return array{float, float} where a point of the sheet is on the plane */
    private function onPlane(float $x, float $y): array
    {
        return $this->browser->run('const m = document.querySelector(".layer > g").getCTM(); return [m.e + arguments[0] * m.a, m.f + arguments[1] * m.d]', $x, $y);
    }

    public function test_pictures_are_chosen_dropped_pasted_and_swapped(): void
    {
        ['sheet' => $sheet] = $this->openEmpty();
        $this->choose('Pictures to place', [$this->file('pier.png', SamplePicture::png(300, 200))]);
        $this->browser->waitForStatus('Drew "allsquare-');
        $item = $this->items($sheet)[0];
        self::assertSame(['w' => 300, 'h' => 200], array_map(intval(...), array_intersect_key($item['frame'], ['w' => 1, 'h' => 1])), 'pixel for pixel');
        Waiting::until(fn (): bool => $this->browser->run('const image = document.querySelector(".layer image"); return image?.href.baseVal.startsWith("/api/pictures/300x200-")'), 'the picture to be shown');

        // Dropped on it, one takes its place; beside it, several stand in a row.
        [$x, $y] = $this->onPlane($item['frame']['x'] + 50, $item['frame']['y'] + 50);
        $this->give('drop', [['quay.png', SamplePicture::png(120, 120, 9)]], (int) $x, (int) $y);
        $this->browser->waitForStatus('Swapped the picture in "allsquare-');
        self::assertStringStartsWith('120x120-', $this->items($sheet)[0]['fields']['picture']);
        self::assertSame($item['frame'], $this->items($sheet)[0]['frame']);
        [$x, $y] = $this->onPlane(200, 700);
        $this->give('drop', [['a.png', SamplePicture::png(40, 30, 1)], ['b.png', SamplePicture::png(50, 30, 2)], ['c.txt', 'no picture']], (int) $x, (int) $y);
        $this->browser->waitForStatus('Pasted 2 pictures');
        $dropped = array_values(array_filter($this->items($sheet), static fn (array $item): bool => in_array($item['name'], ['a', 'b'], true)));
        self::assertSame([40.0, 50.0], array_map(static fn (array $item): float => (float) $item['frame']['w'], $dropped));
        self::assertSame(16.0, (float) $dropped[1]['frame']['x'] - $dropped[0]['frame']['x'] - 40);

        // Pasted, it goes where the pointer is, or into what is selected.
        $this->browser->run('[...document.querySelectorAll("[role=treeitem]")].find((row) => row.textContent.trim() === "a").click()');
        $this->give('paste', [['image.png', SamplePicture::png(64, 64, 3)]], 0, 0);
        $this->browser->waitForStatus('Swapped the picture in "a"');
        $this->give('paste', [['image.png', "\x89PNG nothing"]], 0, 0);
        $this->browser->waitForStatus('image.png: This is no picture that can be used.');
        self::assertCount(3, $this->items($sheet), 'nothing else was put there');
    }

    /**
     * @return list<float> where the picture that is moved lies in its frame: x, y, w and h
     *
     * @phpstan-impure
     */
    private function placed(): array
    {
        return array_map(floatval(...), $this->browser->run('const i = document.querySelector(".mover .rest"); return ["x", "y", "width", "height"].map((name) => i.getAttribute(name))'));
    }

    public function test_a_picture_is_moved_under_its_frame(): void
    {
        ['sheet' => $sheet] = $this->openEmpty();
        $this->choose('Pictures to place', [$this->file('pier.png', SamplePicture::png(200, 100))]);
        $this->browser->waitForStatus('Drew');
        $id = $this->items($sheet)[0]['id'];
        $this->server->call('POST', "sheets/$sheet/commands", ['command' => 'place', 'items' => [$id], 'params' => ['x' => 200, 'y' => 200, 'w' => 100, 'h' => 100]]);
        $this->reload();
        $this->browser->run('document.querySelector("[role=treeitem]").click(); document.querySelector(".plane").focus()');
        $this->browser->keys(WebDriverKeys::ENTER);
        $this->browser->see('.mover');
        self::assertSame([-50.0, 0.0, 200.0, 100.0], $this->placed());
        $this->browser->keys(WebDriverKeys::ARROW_RIGHT);
        $this->browser->waitForStatus('Laid');
        Waiting::until(fn (): bool => $this->placed() === [-49.0, 0.0, 200.0, 100.0], 'it to be moved by one px');
        [$x, $y] = $this->onPlane(250, 250);
        $this->browser->run(<<<'JS'
            const [x, y, zoom] = arguments;
            const plane = document.querySelector('.plane').getBoundingClientRect();
            const at = (dx, dy) => ({ bubbles: true, button: 0, pointerId: 1, clientX: plane.left + x + dx * zoom, clientY: plane.top + y + dy * zoom });
            document.querySelector('.mover .rest').dispatchEvent(new PointerEvent('pointerdown', at(0, 0)));
            window.dispatchEvent(new PointerEvent('pointermove', at(20, 10)));
            window.dispatchEvent(new PointerEvent('pointerup', at(20, 10)));
            JS, $x, $y, $this->browser->run('return document.querySelector(".layer > g").getCTM().a'));
        Waiting::until(fn (): bool => $this->placed() === [-29.0, 10.0, 200.0, 100.0], 'it to be dragged');
        $this->browser->keys(WebDriverKeys::ESCAPE);
        Waiting::until(fn (): bool => $this->browser->run('return document.querySelector(".mover") === null'), 'the moving to end');
        $fields = $this->item($sheet, $this->items($sheet)[0]['name'])['fields'];
        self::assertSame('hand', $fields['fit']);
        self::assertEqualsWithDelta([1.0, 79 / 200, 0.4], [$fields['scale'], $fields['focus_x'], $fields['focus_y']], 1e-9);
        Waiting::until(fn (): bool => $this->browser->run('return getComputedStyle(document.querySelector("[data-item]")).visibility') === 'visible', 'it to be painted again');
    }

    public function test_the_drawer_says_how_it_lies(): void
    {
        ['sheet' => $sheet] = $this->openEmpty();
        $this->choose('Pictures to place', [$this->file('pier.png', SamplePicture::png(200, 100))]);
        $this->browser->waitForStatus('Drew');
        $this->browser->press('Look');
        $text = fn (): string => (string) $this->browser->run('return document.querySelector(".picture").textContent');
        Waiting::until(fn (): bool => str_contains($text(), '200 × 100 px, shown at 100 %'), 'its pixels to be said');
        self::assertStringNotContainsString('larger than its pixels', $text());
        $this->browser->fill('.picture [aria-label="size"]', '150');
        $this->browser->waitForStatus('by hand, 150 %');
        Waiting::until(fn (): bool => str_contains($text(), 'Shown larger than its pixels.'), 'it to be said that it is coarse');
        $this->browser->press('Fill');
        $this->browser->waitForStatus('Filled the frame');
        $this->browser->fill('.picture [aria-label="across"]', '25');
        Waiting::until(fn (): bool => $this->items($sheet)[0]['fields']['focus_x'] === 0.25, 'the focal point to be kept');
        $this->browser->run('document.querySelector(".plane").focus()');
        $this->browser->keys('N');
        $this->browser->waitForStatus('each pixel one px of the sheet');
        $this->browser->press('To the sheet');
        $this->browser->waitForStatus('Covered the sheet');
        $this->choose('Picture to swap in', [$this->file('quay.png', SamplePicture::png(90, 60, 5))]);
        $this->browser->waitForStatus('Swapped the picture');
        self::assertStringStartsWith('90x60-', $this->items($sheet)[0]['fields']['picture']);
        $this->browser->press('History');
        $this->browser->press('Look');
    }

    public function test_a_drawing_becomes_things_that_can_be_edited(): void
    {
        ['sheet' => $sheet] = $this->openEmpty();
        $svg = '<svg xmlns="http://www.w3.org/2000/svg" width="100" height="60"><rect id="Quay" width="60" height="30" fill="#24485a"/><circle cx="80" cy="40" r="10" fill="gold"/><script>1</script></svg>';
        [$x, $y] = $this->onPlane(400, 300);
        $this->give('drop', [['harbour.svg', $svg]], (int) $x, (int) $y);
        $this->browser->waitForStatus('Pasted "harbour". Not taken over: a script.');
        $items = $this->items($sheet);
        self::assertSame(['harbour', 'Quay', 'Round'], array_column($items, 'name'));
        self::assertEqualsWithDelta([355.0, 275.0], [$items[0]['frame']['x'], $items[0]['frame']['y']], 1.0);
        $this->browser->run('const data = new DataTransfer(); data.setData("text/plain", arguments[0]); document.dispatchEvent(new ClipboardEvent("paste", { bubbles: true, cancelable: true, clipboardData: data }))', '<svg xmlns="http://www.w3.org/2000/svg"><rect id="Pasted" width="9" height="9"/></svg>');
        $this->browser->waitForStatus('Pasted "Pasted"');
        // Several stand side by side, in one step.
        $this->browser->press('Undo');
        $icon = static fn (string $colour): string => "<svg xmlns='http://www.w3.org/2000/svg' width='24' height='24'><rect x='2' y='4' width='20' height='16' fill='$colour'/></svg>";
        $this->give('drop', [['a.svg', $icon('red')], ['b.svg', $icon('gold')], ['c.svg', $icon('teal')]], (int) $x, (int) $y);
        $this->browser->waitForStatus('Pasted 3 boxes');
        $places = array_map(static fn (array $item): array => [$item['bounds']['x'], $item['bounds']['y']], array_values(array_filter($this->items($sheet), static fn (array $item): bool => in_array($item['name'], ['a', 'b', 'c'], true))));
        self::assertSame([40.0, 0.0], [(float) $places[1][0] - $places[0][0], (float) $places[1][1] - $places[0][1]], '24 px and a gap of 16');
        self::assertSame([0.0, 40.0], [(float) $places[2][0] - $places[0][0], (float) $places[2][1] - $places[0][1]]);
        $this->give('drop', [['none.svg', '<svg xmlns="http://www.w3.org/2000/svg"/>']], 300, 200);
        $this->browser->waitForStatus('There is nothing to be seen in none.svg.');
    }

    public function test_many_at_once_say_how_far_they_are(): void
    {
        ['sheet' => $sheet] = $this->openEmpty();
        $this->browser->run('window.told = new Set(); new MutationObserver(() => { const said = document.querySelector(".bringing")?.textContent.trim(); if (said) window.told.add(said); }).observe(document.body, { subtree: true, childList: true, characterData: true });');
        $this->give('drop', array_map(static fn (int $i): array => ["p$i.png", SamplePicture::png(60 + $i, 40, $i)], range(1, 20)), 300, 200);
        $this->browser->waitForStatus('Pasted 20 pictures');
        $told = $this->browser->run('return [...window.told]');
        self::assertContains('1 of 20: p1.png', $told);
        self::assertContains('20 of 20: p20.png', $told);
        self::assertCount(20, $this->items($sheet));
        $this->browser->keys([WebDriverKeys::CONTROL, 'z', WebDriverKeys::NULL]);
        $this->browser->waitForStatus('Undone');
        self::assertCount(0, $this->items($sheet), 'one step');
    }

    public function test_pictures_are_seen_on_the_desk_as_they_are_handed_over(): void
    {
        ['sheet' => $sheet] = $this->openEmpty(500, 360);
        $picture = $this->server->send('POST', 'pictures?name=pier.png', SamplePicture::png(240, 160), 'application/octet-stream')['picture'];
        $put = fn (float $x, float $y, float $w, float $h, array $fields): string => $this->add($sheet, 'picture', $x, $y, $w, $h, 'Picture', ['picture' => $picture, ...$fields])['id'];
        $put(10, 10, 100, 100, []);
        $put(130, 10, 100, 100, ['fit' => 'contain', 'fill' => '#dfeaec']);
        $put(250, 10, 60, 100, ['fit' => 'stretch', 'opacity' => 0.5]);
        $put(330, 10, 150, 100, ['radius' => 30, 'focus_x' => 0.9, 'outline' => ['colour' => '#20302d', 'weight' => 6]]);
        $put(40, 150, 120, 80, ['angle' => 30, 'shadow' => [['dx' => 8, 'dy' => 8, 'blur' => 0, 'spread' => 0, 'colour' => '#17614f']]]);
        $mirrored = $put(220, 150, 90, 90, []);
        $this->server->call('POST', "sheets/$sheet/commands", ['command' => 'mirror', 'items' => [$mirrored], 'params' => ['axis' => 'x']]);
        $byHand = $put(340, 150, 120, 90, []);
        $this->server->call('POST', "sheets/$sheet/commands", ['command' => 'fit-picture', 'items' => [$byHand], 'params' => ['fit' => 'hand', 'scale' => 1.7]]);
        $this->reload();
        $this->browser->run('document.querySelector(".plane").focus()');
        $this->browser->keys('0');
        Waiting::until(fn (): bool => $this->browser->run('return document.querySelectorAll(".layer image").length') === 7, 'the pictures to be there');
        $this->browser->driver->executeAsyncScript('const done = arguments[0]; Promise.all([...document.querySelectorAll(".layer image")].map((one) => { const image = new Image(); image.src = one.href.baseVal; return image.decode(); })).then(() => requestAnimationFrame(() => requestAnimationFrame(done)))');
        [$zoom, $left, $top] = $this->browser->run('const m = document.querySelector(".layer .sheet").getScreenCTM(); return [m.a, m.e, m.f]');
        $seen = imagecreatefromstring($this->browser->driver->takeScreenshot());
        $handed = imagecreatefromstring((string) file_get_contents("{$this->server->address}/api/sheets/$sheet/render.png?scale=2x"));
        assert($seen !== false && $handed !== false);
        [$compared, $colours] = [0, []];
        for ($y = 4; $y < 356; $y += 4) {
            for ($x = 4; $x < 496; $x += 4) {
                // Edges are reckoned in steps of their own: only what is of one colour around the point is compared.
                $around = array_map(static fn (array $at): int => (int) imagecolorat($handed, 2 * $x + $at[0], 2 * $y + $at[1]) & 0xFFFFFF, [[0, 0], [-5, -5], [5, -5], [-5, 5], [5, 5], [0, 6], [6, 0], [-6, 0], [0, -6]]);
                if (count(array_unique($around)) > 1) {
                    continue;
                }
                $is = (int) imagecolorat($seen, (int) floor($left + $x * $zoom), (int) floor($top + $y * $zoom)) & 0xFFFFFF;
                foreach ([16, 8, 0] as $shift) {
                    self::assertEqualsWithDelta($around[0] >> $shift & 255, $is >> $shift & 255, 3, sprintf('at %d, %d: %06x and %06x', $x, $y, $around[0], $is));
                }
                $compared++;
                $colours[$around[0]] = ($colours[$around[0]] ?? 0) + 1;
            }
        }
        self::assertGreaterThan(5_000, $compared);
        self::assertGreaterThan(8, count(array_filter($colours, static fn (int $points): bool => $points > 20)), 'of the four fields, half clear too, and of what is around them');
    }
}
