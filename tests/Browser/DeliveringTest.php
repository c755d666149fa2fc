<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\LocalFileDetector;
use Facebook\WebDriver\WebDriverBy;
use Tests\Support\Waiting;
use ZipArchive;

/** The end of the job as a new user does it, on the demo: icons, a page along its guides, a screen with its measures, files. */
final class DeliveringTest extends BrowserTestCase
{
    public function test_icons_in_three_sizes_and_svg_then_one_changed_and_only_that_one_made_again(): void
    {
        $browser = $this->browser;
        ['document' => $document, 'sheet' => $sheet] = $this->demo('Icons');
        $browser->visit("/d/$document/$sheet/hand-over");
        $browser->press('Phone, 1x to 3x');
        $browser->press('SVG');
        Waiting::until(static fn (): bool => str_contains($browser->see('.head')->getText(), '24 slices, 96 files'), 'the files to be counted');
        $browser->press('Make the archive');
        Waiting::until(static fn (): bool => str_contains($browser->see('[aria-label=Archives]')->getText(), '96 files,'), 'the archive to be made', 90);
        $files = $this->archive($document);
        self::assertCount(97, $files);
        self::assertSame([144, 144], array_slice((array) getimagesizefromstring($files['icons/bicycle@3x.png']), 0, 2));
        self::assertStringContainsString("viewBox='40 128 48 48'", $files['icons/bicycle.svg']);

        $box = current(array_filter($this->items($sheet), static fn (array $item): bool => $item['kind'] === 'round' && $item['fields']['fill'] === '#e9b949'));
        $this->server->call('POST', "sheets/$sheet/commands", ['command' => 'set', 'items' => [$box['id']], 'params' => ['fill' => '#c0392b']]);
        $browser->visit("/d/$document/$sheet/hand-over");
        Waiting::until(static fn (): bool => str_contains($browser->see('.head')->getText(), '24 slices, 96 files'), 'the files to be counted');
        $browser->press('Make the archive');
        Waiting::until(static fn (): bool => str_contains($browser->see('[aria-label=Archives]')->getText(), '4 changed, 92 the same'), 'only one icon to be another', 60);
    }

    public function test_a_screen_is_measured_and_handed_over_with_its_measures(): void
    {
        $browser = $this->browser;
        ['document' => $document, 'sheet' => $sheet] = $this->demo('Kiosk');
        $browser->visit("/d/$document/$sheet/hand-over");
        $browser->press('Measured sheet', 'a');
        Waiting::until(static fn (): bool => (int) $browser->run('return document.querySelector(".drawing")?.naturalWidth ?? 0') > 0, 'the drawing');
        self::assertStringContainsString('13 parts', $browser->see('aside')->getText());
        self::assertStringContainsString('.card-skerry-point {', $browser->see('aside pre')->getText());
        $browser->press('grid');
        Waiting::until(static fn (): bool => str_contains($browser->see('aside')->getText(), 'column 4'), 'the grid');
        $browser->run('const select = document.querySelector("[aria-label=\'What is measured\']"); select.selectedIndex = [...select.options].findIndex((option) => option.textContent.includes("Card, Skerry Point")); select.dispatchEvent(new Event("change"))');
        Waiting::until(static fn (): bool => str_contains($browser->see('aside')->getText(), '8 parts'), 'what is in a card');
        $pdf = (string) file_get_contents($this->server->address.$browser->named('PDF', 'a')->getAttribute('href'));
        self::assertStringStartsWith('%PDF', $pdf);
        foreach (['sizes', 'gaps', 'margins', 'grid'] as $kind) {
            $browser->press($kind);
        }
        Waiting::until(static fn (): bool => str_contains($browser->see('.trouble')->getText(), 'Choose what is to be measured.'), 'to be told');
        $browser->press('Hand over', 'a');
        $browser->click('.options label:nth-last-child(2) input');
        Waiting::until(static fn (): bool => str_contains($browser->see('[aria-label="Files in the archive"]')->getText(), 'measured/Kiosk.pdf'), 'the measured sheet to be listed');
        $browser->press('Make the archive');
        Waiting::until(static fn (): bool => str_contains($browser->see('[aria-label=Archives]')->getText(), '11 files,'), 'the archive to be made');
        self::assertArrayHasKey('measured/Kiosk.html', $this->archive($document));
    }

    public function test_a_document_is_saved_as_a_file_and_opened_again(): void
    {
        $browser = $this->browser;
        ['document' => $document] = $this->demo('Kiosk');
        $path = $this->data->path.'/merrow.allsquare.json';
        file_put_contents($path, (string) file_get_contents("{$this->server->address}/api/documents/$document/file"));
        $browser->visit('/');
        $browser->see('.standing img');
        $browser->click('[aria-label="What to do with Merrow Sound Ferries"]');
        self::assertStringEndsWith("/api/documents/$document/file", (string) $browser->named('Save as a file', 'a')->getAttribute('href'));
        $input = $browser->driver->findElement(WebDriverBy::cssSelector('[aria-label="Open files"]'));
        $input->setFileDetector(new LocalFileDetector)->sendKeys($path);
        Waiting::until(static fn (): bool => (int) $browser->run('return document.querySelectorAll(".standing").length') === 2, 'the document to stand on the shelf twice');
        file_put_contents($path, '{"format": "something else"}');
        $input->setFileDetector(new LocalFileDetector)->sendKeys($path);
        Waiting::until(static fn (): bool => str_contains((string) $browser->run('return document.body.textContent'), 'This file is not a document of All Square.'), 'to be told');
        self::assertCount(2, $this->server->call('GET', 'documents')['documents']);

        // Of many, what cannot be opened is told with the reason, and the others are.
        $paths = [$path, $this->data->path.'/harbour.svg', $this->data->path.'/notes.txt'];
        file_put_contents($paths[1], '<svg xmlns="http://www.w3.org/2000/svg" width="90" height="60"><circle cx="30" cy="30" r="20"/></svg>');
        file_put_contents($paths[2], 'no document');
        $input->sendKeys(implode("\n", $paths));
        Waiting::until(static fn (): bool => str_contains((string) $browser->run('return document.body.textContent'), '2 files could not be opened'), 'to be told of both');
        Waiting::until(static fn (): bool => str_contains((string) $browser->run('return document.body.textContent'), 'Opened "harbour" from harbour.svg.'), 'the third to be opened');
        self::assertStringContainsString('notes.txt: This is not a document file', (string) $browser->run('return document.querySelector(".failures").textContent'));
        self::assertSame('Open a folder', $browser->run('return document.querySelector("input[webkitdirectory]").ariaLabel'));
    }

    /** @return array<string, string> what is in the last archive of a document, by name */
    private function archive(string $document): array
    {
        $id = $this->server->call('GET', "documents/$document/archives")['archives'][0]['id'];
        $path = $this->data->path.'/fetched.zip';
        file_put_contents($path, (string) file_get_contents("{$this->server->address}/api/archives/$id/file"));
        $zip = new ZipArchive;
        self::assertTrue($zip->open($path));
        $files = [];
        for ($i = 0; $i < $zip->numFiles; $i++) {
            $files[(string) $zip->getNameIndex($i)] = (string) $zip->getFromIndex($i);
        }

        return $files;
    }
}
