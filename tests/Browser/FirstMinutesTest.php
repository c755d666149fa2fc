<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\Browser;
use Tests\Support\RunningServer;
use Tests\Support\Waiting;
use ZipArchive;

/** What a newcomer does in the first minutes, from an empty browser to the sizes of the assets. */
final class FirstMinutesTest extends BrowserTestCase
{
    public function test_from_the_shelf_to_the_archive(): void
    {
        $browser = $this->browser;
        $browser->visit('/');
        $browser->click('.standing img');
        $browser->waitForSheet();
        $browser->press('Kiosk, before squaring');
        $browser->see('.tab.on .more');
        ['sheet' => $sheet, 'document' => $document] = $this->demo('Kiosk, before squaring');
        Waiting::until(fn (): bool => str_contains($browser->driver->getCurrentURL(), $sheet), 'the sheet before squaring');
        $browser->waitForSheet();

        // A rubber band round the cards, their tops on one line, their gaps equal.
        $browser->drag(20, 186, 1260, 452);
        self::assertStringContainsString('4 cards', $browser->see('.place h3')->getText());
        $browser->press('Align tops');
        $browser->waitForStatus('Aligned 4 cards by tops to each other: 3 moved, at most 9 px');
        $browser->press('Even out across');
        $browser->waitForStatus('Spaced 4 cards across: gaps 24 (were 19, 32, 21)');
        self::assertSame([[64, 196], [358, 196], [652, 196], [946, 196]], array_map(static fn (array $b): array => [$b['x'], $b['y']], $this->cards($sheet)));

        // Back and forth.
        $browser->press('Undo');
        $browser->waitForStatus('Undone: Spaced 4 cards');
        self::assertSame(353, $this->cards($sheet)[1]['x']);
        $browser->press('Redo');
        $browser->waitForStatus('Redone: Spaced 4 cards');
        self::assertSame(358, $this->cards($sheet)[1]['x']);

        // Exact figures and arrows on one card.
        $browser->clickSheet(500, 420);
        Waiting::until(static fn (): bool => str_contains($browser->see('.place h3')->getText(), 'Card, Harbour Road'), 'one card to be selected');
        $browser->fill('input[name=x]', '300 + 58.6');
        $browser->waitForStatus('Placed "Card, Harbour Road": x 359 (was x 358)');
        $browser->fill('input[name=w]', '3in');
        $browser->waitForStatus('w 288');
        self::assertEquals(['x' => 359, 'y' => 196, 'w' => 288, 'h' => 236], $this->cards($sheet)[1]);
        $browser->click('.plane');
        $browser->clickSheet(500, 420);
        $browser->keys(WebDriverKeys::ARROW_RIGHT);
        $browser->waitForStatus('Moved "Card, Harbour Road" 1 px right');
        $browser->keys([WebDriverKeys::SHIFT, WebDriverKeys::ARROW_DOWN, WebDriverKeys::NULL]);
        $browser->waitForStatus('10 px down');
        self::assertEquals([360, 206], [$this->cards($sheet)[1]['x'], $this->cards($sheet)[1]['y']]);

        // A slice of each card, and the archive.
        $browser->drag(20, 186, 1260, 452);
        $browser->press('Slices');
        $browser->press('Cut 4 slices');
        $browser->waitForStatus('Cut 4 slices from 4 cards');
        $browser->press('Hand over', 'a');
        $browser->see('.size');
        $browser->press('Web, 1x and 2x');
        $browser->press('Make the archive');
        $path = Waiting::until(static fn (): string|false => current(glob($browser->downloads.'/*.zip') ?: []), 'the archive');
        $zip = new ZipArchive;
        Waiting::until(static fn (): bool => $zip->open($path) === true, 'the whole archive');
        foreach ($this->cards($sheet) as $i => $bounds) {
            $name = ['Skerry Point', 'Harbour Road', 'Long Strand', 'Gannet Isle'][$i];
            foreach (['' => 1, '@2x' => 2] as $suffix => $scale) {
                $size = getimagesizefromstring((string) $zip->getFromName("Card, $name$suffix.png"));
                self::assertNotFalse($size, $name);
                self::assertEquals([$bounds['w'] * $scale, $bounds['h'] * $scale], [$size[0], $size[1]], "$name at $scale");
            }
        }
        self::assertSame(9, $zip->numFiles);
    }

    public function test_after_the_server_was_killed_all_is_there_and_undo_still_works(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet] = $this->openDemo();
        $browser->drag(20, 186, 1260, 452);
        $browser->press('Align tops');
        $browser->waitForStatus('Aligned 4 cards');
        $squared = $this->cards($sheet);
        $this->server->kill();

        $this->server = new RunningServer($this->data->path);
        $browser->comeNewTo($this->server->address);
        $this->openDemo();
        self::assertEquals($squared, $this->cards($sheet));
        $browser->press('Undo');
        $browser->waitForStatus('Undone: Aligned 4 cards');
        self::assertEquals([200, 203, 196, 205], array_column($this->cards($sheet), 'y'));
    }

    public function test_while_the_server_is_gone_work_waits_and_is_sent_when_it_is_back(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet] = $this->openDemo();
        $browser->clickSheet(500, 430);
        $port = $this->server->port;
        $this->server->kill();
        $browser->keys(WebDriverKeys::ARROW_RIGHT);
        $browser->keys(WebDriverKeys::ARROW_RIGHT);
        Waiting::until(static fn (): bool => str_contains((string) $browser->run('return document.querySelector(".saved").textContent'), 'not saved'), '"not saved" to be shown');
        self::assertSame('355', $browser->see('input[name=x]')->getAttribute('value'), 'the move is shown all the same');
        $this->server = new RunningServer($this->data->path, [], $port);
        $browser->waitForSheet();
        self::assertSame(355, $this->cards($sheet)[1]['x']);
    }

    public function test_two_browsers_on_one_sheet(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet] = $this->openDemo();
        $other = new Browser($this->server->address);
        try {
            $this->openDemo('Kiosk, before squaring', $other);
            $other->clickSheet(500, 430);
            // Neither looks again by itself for a moment, so that the second writes on what is no longer so.
            $other->run('Object.defineProperty(document, "hidden", {get: () => true})');
            $browser->clickSheet(500, 430);
            $browser->keys(WebDriverKeys::ARROW_RIGHT);
            $browser->waitForStatus('1 px right');
            $other->keys(WebDriverKeys::ARROW_LEFT);
            $other->waitForStatus('This sheet was changed from elsewhere');
            self::assertSame('354', $other->see('input[name=x]')->getAttribute('value'), 'it is shown as it is now');
            $other->keys(WebDriverKeys::ARROW_LEFT);
            $other->waitForStatus('1 px left');
            self::assertSame(353, $this->cards($sheet)[1]['x']);
            // The first one notices without doing anything.
            Waiting::until(static fn (): bool => $browser->see('input[name=x]')->getAttribute('value') === '353', 'the first browser to notice');
        } finally {
            $other->close();
        }
    }
}
