<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Waiting;

/** Two arrangements of a sheet are seen together; what differs is taken over singly, and one of them is chosen. */
final class ComparingTest extends BrowserTestCase
{
    /** @return array{document: string, sheet: string, variant: string} three boxes, and a variant in which one lies lower and one is gone */
    private function two(): array
    {
        ['document' => $document, 'sheet' => $sheet] = $this->openEmpty(800, 400);
        foreach ([40, 240, 440] as $i => $x) {
            $this->add($sheet, 'box', $x, 100, 160, 90, "Card $i");
        }
        $this->reload();
        $this->browser->run('document.querySelector(".tab .more").click()');
        $this->browser->run('[...document.querySelectorAll(".p-menu-item-link")].find((one) => one.innerText.trim() === "Make a variant").click()');
        $this->browser->waitForStatus('a variant of');
        Waiting::until(fn (): bool => count($this->server->call('GET', "documents/$document")['sheets']) === 2, 'the variant');
        $variant = $this->server->call('GET', "documents/$document")['sheets'][1]['id'];
        $items = array_column($this->items($variant), 'id', 'name');
        $this->server->call('POST', "sheets/$variant/commands", ['command' => 'move-by', 'items' => [$items['Card 1']], 'params' => ['dx' => 0, 'dy' => 24]]);
        $this->server->call('POST', "sheets/$variant/commands", ['command' => 'delete', 'items' => [$items['Card 2']], 'params' => (object) []]);

        return ['document' => $document, 'sheet' => $sheet, 'variant' => $variant];
    }

    /**
     * @return list<string>
     *
     * @phpstan-impure
     */
    private function rows(): array
    {
        return (array) $this->browser->run('return [...document.querySelectorAll(".differences .says, .list .says")].map((one) => one.innerText.trim())');
    }

    private function heading(string $words): void
    {
        Waiting::until(fn (): bool => $this->browser->run('return document.querySelector(".list h1")?.innerText.trim() ?? ""') === $words, "\"$words\"");
    }

    public function test_from_the_menu_of_a_tab_to_the_choice(): void
    {
        ['document' => $document, 'sheet' => $sheet, 'variant' => $variant] = $this->two();
        $this->browser->visit("/d/$document/$variant");
        $this->browser->waitForSheet();
        $this->browser->run('document.querySelector(".tab.on .more").click()');
        $this->browser->run('[...document.querySelectorAll(".p-menu-item-link")].find((one) => one.innerText.trim() === "Compare…").click()');
        $this->heading('2 differences');
        self::assertStringEndsWith("/d/$document/$sheet/compare", (string) $this->browser->run('return location.pathname'), 'with its source at the left');
        self::assertSame(['"Card 1" moves down 24 px', '"Card 2" is gone'], $this->rows());
        self::assertSame(2, $this->browser->run('return document.querySelectorAll(".two img").length'));

        // Both are lit where it is, moved and zoomed together.
        $this->browser->click('.list .says');
        Waiting::until(fn (): bool => $this->browser->run('return document.querySelectorAll(".picture .mark").length') === 2, 'a mark on each');
        $this->browser->press('Larger');
        $places = (array) $this->browser->run('return [...document.querySelectorAll(".picture")].map((one) => one.style.transform + one.style.width)');
        self::assertSame($places[0], $places[1]);

        $this->browser->click('.list .row .btn');
        $this->heading('1 difference');
        self::assertEquals(124, array_column($this->items($sheet), 'bounds', 'name')['Card 1']['y']);
        $this->browser->keys([WebDriverKeys::CONTROL, 'z', WebDriverKeys::NULL]);
        $this->heading('2 differences');
        self::assertEquals(100, array_column($this->items($sheet), 'bounds', 'name')['Card 1']['y']);

        $this->browser->click('.either .btn.main');
        $this->browser->waitForSheet();
        self::assertSame([$variant], array_column($this->server->call('GET', "documents/$document")['sheets'], 'id'));
        $this->browser->keys([WebDriverKeys::CONTROL, 'z', WebDriverKeys::NULL]);
        Waiting::until(fn (): bool => count($this->server->call('GET', "documents/$document")['sheets']) === 2, 'both to be there again');
    }

    public function test_one_over_the_other_by_turns_and_as_it_was(): void
    {
        ['document' => $document, 'sheet' => $sheet, 'variant' => $variant] = $this->two();
        $this->browser->visit("/d/$document/$sheet/compare?with=$variant");
        $this->heading('2 differences');
        $this->browser->press('One over the other');
        Waiting::until(fn (): bool => str_contains((string) $this->browser->run('return document.querySelectorAll(".clip")[1]?.style.clipPath ?? ""'), 'inset(0px 0px 0px'), 'the other one to be cut off');
        $before = $this->browser->run('return document.querySelectorAll(".clip")[1].style.clipPath');
        $this->browser->see('input[type=range]')->sendKeys(WebDriverKeys::ARROW_RIGHT);
        Waiting::until(fn (): bool => $this->browser->run('return document.querySelectorAll(".clip")[1].style.clipPath') !== $before, 'the edge to move');
        $this->browser->press('By turns');
        Waiting::until(fn (): bool => $this->browser->run('return document.querySelectorAll(".two img").length') === 1, 'one of them');
        $seen = $this->browser->run('return document.querySelector(".two img").alt');
        $this->browser->press('The other one');
        Waiting::until(fn (): bool => $this->browser->run('return document.querySelector(".two img").alt') !== $seen, 'the other one');

        // As it was after its first line.
        $lines = $this->server->call('GET', "documents/$document/history")['lines'];
        $first = min(array_column(array_filter($lines, static fn (array $line): bool => $line['sheet'] === $sheet), 'line'));
        $this->browser->run('const s = document.querySelector(".bar select"); s.value = arguments[0]; s.dispatchEvent(new Event("change"))', "line $first");
        Waiting::until(fn (): bool => $this->rows() === ['"Card 1" is gone', '"Card 2" is gone'], 'what came later to be gone');
        self::assertCount(3, $this->items($sheet), 'looking back changes nothing');
    }
}
