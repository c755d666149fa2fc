<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Waiting;

/** What is measured is what is painted: the page against the figures of the server. */
final class SameEverywhereTest extends BrowserTestCase
{
    private const SCRIPT = '
        const sheet = document.querySelector(".layer .sheet").getScreenCTM();
        return [...document.querySelectorAll(".layer [data-item]")].map((node) => {
            const shape = node.querySelector(":scope > rect, :scope > ellipse, :scope > path, :scope > g path");
            if (!shape || node.querySelector("[data-item]")) return null;
            const boxes = [...node.querySelectorAll("rect, ellipse, path")].map((part) => {
                const b = part.getBBox(), m = part.getScreenCTM();
                const points = [[b.x, b.y], [b.x + b.width, b.y], [b.x, b.y + b.height], [b.x + b.width, b.y + b.height]]
                    .map(([x, y]) => [(x * m.a + y * m.c + m.e - sheet.e) / sheet.a, (x * m.b + y * m.d + m.f - sheet.f) / sheet.d]);
                return [Math.min(...points.map((p) => p[0])), Math.min(...points.map((p) => p[1])), Math.max(...points.map((p) => p[0])), Math.max(...points.map((p) => p[1]))];
            });
            return [node.dataset.item, Math.min(...boxes.map((b) => b[0])), Math.min(...boxes.map((b) => b[1])), Math.max(...boxes.map((b) => b[2])), Math.max(...boxes.map((b) => b[3]))];
        }).filter(Boolean);
    ';

    public function test_every_item_of_the_demo_lies_in_the_page_where_it_was_measured(): void
    {
        foreach (['Kiosk', 'Kiosk, phone', 'Boarding card'] as $name) {
            ['sheet' => $sheet] = $this->openDemo($name);
            $items = array_column($this->items($sheet), null, 'id');
            $painted = $this->browser->run(self::SCRIPT);
            self::assertGreaterThan(15, count($painted), $name);
            foreach ($painted as [$id, $left, $top, $right, $bottom]) {
                $item = $items[$id];
                if ($item['kind'] !== 'text' && $item['angle'] % 90 !== 0) {
                    continue;
                }
                // Letters are measured by their ink; shapes by their bounds, since getBBox leaves outlines out.
                $box = $item['kind'] === 'text' ? $item['ink'] : $item['bounds'];
                foreach ([[$box['x'], $left], [$box['y'], $top], [$box['x'] + $box['w'], $right], [$box['y'] + $box['h'], $bottom]] as [$measured, $seen]) {
                    self::assertEqualsWithDelta($measured, $seen, 0.06, "$name: {$item['name']}");
                }
            }
        }
    }

    public function test_a_move_looks_the_same_before_and_after_the_answer(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet, 'document' => $document] = $this->openDemo('Boarding card');
        $badge = $this->item($sheet, 'Harbour badge')['id'];
        $this->server->call('POST', "sheets/$sheet/commands", ['command' => 'set', 'items' => [$badge], 'params' => ['angle' => 17]]);
        $browser->visit("/d/$document/$sheet");
        $browser->waitForSheet();
        // The sun inside the turned badge, moved by keys; read at once, and again when all is answered.
        $browser->clickSheet(576, 160, double: true);
        Waiting::until(static fn (): bool => str_contains($browser->see('.place h3')->getText(), 'Sun'), 'the sun in the badge to be selected');
        $before = $this->place($this->item($sheet, 'Sun')['id']);
        $browser->keys(WebDriverKeys::ARROW_RIGHT);
        $browser->keys(WebDriverKeys::ARROW_RIGHT);
        $browser->keys([WebDriverKeys::SHIFT, WebDriverKeys::ARROW_UP, WebDriverKeys::NULL]);
        $soon = $this->place($this->item($sheet, 'Sun')['id']);
        $browser->waitForSheet();
        $after = $this->place($this->item($sheet, 'Sun')['id']);
        $zoom = (float) $browser->run('return document.querySelector(".layer .sheet").getScreenCTM().a');
        self::assertEqualsWithDelta($before[0] + 2 * $zoom, $after[0], 0.05);
        self::assertEqualsWithDelta($before[1] - 10 * $zoom, $after[1], 0.05);
        self::assertEqualsWithDelta($soon[0], $after[0], 0.05, 'nothing jumps when the answer comes');
        self::assertEqualsWithDelta($soon[1], $after[1], 0.05);
    }

    public function test_the_fields_show_what_the_server_has_and_from_the_zero(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet] = $this->openDemo('Kiosk');
        $this->server->call('POST', "sheets/$sheet/commands", ['command' => 'set-zero', 'items' => [], 'params' => ['x' => 64, 'y' => 200]]);
        $browser->waitForStatus('This sheet was changed from elsewhere');
        $browser->clickSheet(500, 430);
        $field = static fn (string $name): string => (string) $browser->see("input[name=$name]")->getAttribute('value');
        self::assertSame(['294', '0', '270', '236'], array_map($field, ['x', 'y', 'w', 'h']));
        $browser->run('const s = document.querySelector("[aria-label=\'x and y are those of the\']"); s.value = "bottom-right"; s.dispatchEvent(new Event("change"));');
        self::assertSame(['564', '236'], array_map($field, ['x', 'y']));
        $browser->fill('input[name=w]', '200');
        $browser->waitForStatus('w 200');
        self::assertEquals(['x' => 428, 'y' => 200, 'w' => 200, 'h' => 236], $this->cards($sheet)[1], 'the bottom right corner stayed');
    }

    public function test_mixed_values_are_overwritten_for_all(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet] = $this->openDemo();
        $browser->drag(20, 186, 1260, 452);
        $browser->press('each');
        self::assertSame('mixed', $browser->see('input[name=y]')->getAttribute('placeholder'));
        self::assertSame('270', $browser->see('input[name=w]')->getAttribute('value'));
        $browser->fill('input[name=y]', '220');
        $browser->waitForStatus('Placed 4 cards each: y 220');
        self::assertSame([220, 220, 220, 220], array_column($this->cards($sheet), 'y'));
    }

    /** @return array{float, float} where an item lies in the page */
    private function place(string $id): array
    {
        return $this->browser->run('const b = document.querySelector(`[data-item="${arguments[0]}"]`).getBoundingClientRect(); return [b.x, b.y];', $id);
    }
}
