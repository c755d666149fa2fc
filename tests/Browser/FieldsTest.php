<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Waiting;

/** What is typed into the fields of the bench. */
final class FieldsTest extends BrowserTestCase
{
    protected const DEMO = false;

    private function openSign(): string
    {
        ['sheet' => $sheet] = $this->openEmpty(800, 600);
        $this->add($sheet, 'box', 100, 100, 80, 40, 'Sign');
        $this->reload();
        $this->chooseAll();
        $this->waitForSelected('Sign');

        return $sheet;
    }

    public function test_a_sum_that_begins_with_a_sign_adds_to_what_is_there(): void
    {
        $sheet = $this->openSign();
        $this->browser->fill('input[name=x]', '+40');
        $this->browser->waitForStatus('Placed "Sign": x 140 (was x 100)');
        // Left at once, it is not applied a second time.
        $this->browser->fill('input[name=x]', '+10', WebDriverKeys::ENTER.WebDriverKeys::TAB);
        $this->browser->waitForStatus('x 150 (was x 140)');
        $this->browser->fill('input[name=w]', '*1.5');
        $this->browser->waitForStatus('w 120 (was w 80)');
        self::assertEquals(['x' => 150, 'y' => 100, 'w' => 120, 'h' => 40], $this->item($sheet, 'Sign')['bounds']);
    }

    public function test_what_cannot_be_read_is_said_in_place_and_changes_nothing(): void
    {
        $browser = $this->browser;
        $sheet = $this->openSign();
        $browser->fill('input[name=x]', '3 ferries');
        Waiting::until(static fn (): bool => $browser->run('return document.querySelector(".complaint")?.textContent ?? ""') !== '', 'a complaint beside the field');
        self::assertSame('3 ferries', $browser->run('return document.querySelector("input[name=x]").value'), 'what was typed stands there still');
        $browser->keys(WebDriverKeys::ESCAPE);
        Waiting::until(static fn (): bool => $browser->run('return document.querySelector(".complaint")') === null, 'the complaint to go with its cause');
        self::assertSame('100', $browser->run('return document.querySelector("input[name=x]").value'));
        self::assertEquals(100, $this->item($sheet, 'Sign')['bounds']['x']);
    }

    public function test_colours_are_typed_as_css_has_them(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet] = $this->openEmpty();
        $this->add($sheet, 'box', 40, 40, 100, 80, 'Berth', ['fill' => '#ffffff']);
        $this->reload();
        $this->chooseAll();
        $browser->press('Look');
        $fill = fn (): string => $this->item($sheet, 'Berth')['fields']['fill'];
        foreach (['#abc' => '#aabbcc', '17614F' => '#17614f', 'rgb(36, 72, 90)' => '#24485a', 'hsl(120 100% 25%)' => '#008000', 'rgb(0 0 0 / 50%)' => '#00000080', '#17614f40' => '#17614f40', 'SeaGreen' => '#2e8b57'] as $typed => $hex) {
            $browser->fill('[aria-label="Fill colour"]', (string) $typed);
            Waiting::until(static fn (): bool => $fill() === $hex, "$typed to be $hex");
        }
        foreach (['seagren' => '"seagren" is no colour.', 'currentColor' => '"currentColor" is no colour.'] as $typed => $said) {
            $browser->fill('[aria-label="Fill colour"]', $typed);
            Waiting::until(static fn (): bool => str_starts_with((string) $browser->run('return document.querySelector(".complaint")?.textContent ?? ""'), $said), $said);
            $browser->keys(WebDriverKeys::ESCAPE);
            Waiting::until(static fn (): bool => $browser->run('return document.querySelector(".complaint")') === null, 'it to be taken back');
        }
        self::assertSame('#2e8b57', $fill());
    }

    public function test_each_corner_of_a_box_by_its_own_number(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet] = $this->openEmpty();
        $this->add($sheet, 'box', 40, 40, 100, 80, 'Berth', ['radius' => 6]);
        $this->reload();
        $this->chooseAll();
        $browser->press('Look');
        $radii = fn (): ?array => $this->item($sheet, 'Berth')['fields']['radii'];
        $browser->press('each its own');
        $browser->waitForStatus('Set radii of "Berth" to 6 6 6 6');
        Waiting::until(static fn (): bool => $browser->run('return document.querySelectorAll("[aria-label=\'radius\']").length') === 0, 'the one radius to go');
        $browser->fill('.corners [aria-label="top right"]', '20 + 4');
        Waiting::until(static fn (): bool => $radii() == [6, 24, 6, 6], 'the corner to be 24');
        $browser->press('each its own');
        Waiting::until(static fn (): bool => $radii() === null, 'one radius for all');
        self::assertSame('6', $browser->see('[aria-label="radius"]')->getAttribute('value'));
    }

    public function test_a_look_is_copied_to_others_as_far_as_they_can_have_it(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet] = $this->openEmpty();
        $this->add($sheet, 'box', 40, 40, 100, 80, 'Berth', ['fill' => '#24485a', 'radius' => 8, 'outline' => ['colour' => '#17614f', 'weight' => 3], 'opacity' => 0.5]);
        $this->add($sheet, 'box', 200, 40, 100, 80, 'Quay');
        $this->add($sheet, 'round', 400, 40, 90, 90, 'Buoy');
        $this->reload();
        $fields = fn (string $name): array => $this->item($sheet, $name)['fields'];
        $browser->clickSheet(90, 80);
        $this->waitForSelected('Berth');
        $browser->run('document.querySelector(".plane").focus()');
        $browser->keys('y');
        $browser->waitForStatus('Copied the look of "Berth"');
        $browser->drag(190, 30, 520, 200);
        $this->waitForSelected('2 items');
        $browser->press('Look');
        $browser->press('Paste look');
        Waiting::until(static fn (): bool => $fields('Buoy')['fill'] === '#24485a' && $fields('Quay')['fill'] === '#24485a', 'both to take the fill');
        self::assertEquals([['colour' => '#17614f', 'weight' => 3], 0.5], [$fields('Buoy')['outline'], $fields('Quay')['opacity']]);
        self::assertEquals(0, $fields('Quay')['radius'], 'what a round cannot have is left alone');

        // Alone it takes all of it; once more it is undone.
        $browser->clickSheet(250, 80);
        $this->waitForSelected('Quay');
        $browser->run('document.querySelector(".plane").focus()');
        $browser->keys('Y');
        Waiting::until(static fn (): bool => $fields('Quay')['radius'] == 8, 'the corners too');
        $browser->press('Undo');
        Waiting::until(static fn (): bool => $fields('Quay')['radius'] == 0, 'them to be as they were');
    }

    public function test_a_count_that_is_none_is_no_one(): void
    {
        $browser = $this->browser;
        $sheet = $this->openSign();
        $browser->keys([WebDriverKeys::CONTROL, 'd', WebDriverKeys::NULL]);
        $browser->waitForStatus('Copied "Sign"');
        $this->chooseAll();
        foreach (['abc', '0', '1.5'] as $typed) {
            $browser->fill('input[name=columns]', $typed);
            Waiting::until(static fn (): bool => str_contains((string) $browser->run('return document.querySelector(".complaint")?.textContent ?? ""'), "\"$typed\" is no number of columns."), "\"$typed\" to be refused");
            self::assertTrue($browser->named('Block')->getAttribute('disabled') !== null, $typed);
        }
        self::assertCount(2, $this->items($sheet));
        $browser->fill('input[name=columns]', '3-1');
        $browser->waitForStatus('2 × 1');
    }

    public function test_a_run_of_presses_is_one_line_of_the_history(): void
    {
        $browser = $this->browser;
        $sheet = $this->openSign();
        $browser->run('document.querySelector("input[name=y]").focus()');
        foreach (range(1, 5) as $i) {
            $browser->keys(WebDriverKeys::ARROW_UP);
        }
        Waiting::until(fn (): bool => (float) $this->item($sheet, 'Sign')['bounds']['y'] === 105.0, 'five presses to arrive');
        $browser->press('Undo');
        $browser->waitForStatus('Undone');
        Waiting::until(fn (): bool => (float) $this->item($sheet, 'Sign')['bounds']['y'] === 100.0, 'one step back to be all five');
    }

    public function test_tooltips_show_for_who_comes_by_keyboard(): void
    {
        $browser = $this->browser;
        $this->openSign();
        $tip = static fn (): string => (string) $browser->run('return document.querySelector(".p-tooltip")?.textContent ?? ""');
        $browser->run('[...document.querySelectorAll("button")].find((one) => one.ariaLabel === "Zoom out").focus()');
        $browser->keys(WebDriverKeys::TAB);
        Waiting::until(static fn (): bool => $tip() === 'Zoom to 100 %', 'the tooltip of what has the focus');
        $browser->keys(WebDriverKeys::TAB);
        Waiting::until(static fn (): bool => $tip() === 'Closer (+)', 'that of the next');
        $browser->click('.plane');
        Waiting::until(static fn (): bool => $tip() === '', 'none');
    }
}
