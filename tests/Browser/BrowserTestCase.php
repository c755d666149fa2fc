<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\TestCase;
use Tests\Browser\Support\Browser;
use Tests\Support\DataFolder;
use Tests\Support\RunningServer;

/** The real interface in headless Chromium, on a server of its own with the demo. */
abstract class BrowserTestCase extends TestCase
{
    protected DataFolder $data;

    protected RunningServer $server;

    protected Browser $browser;

    protected function setUp(): void
    {
        $this->data = new DataFolder;
        $this->server = new RunningServer($this->data->path);
        $this->browser = new Browser($this->server->address);
    }

    protected function tearDown(): void
    {
        $this->browser->close();
        $this->server->stop();
        $this->data->remove();
    }

    /** @return array{document: string, sheet: string} ids of a sheet of the demo */
    protected function demo(string $name): array
    {
        $document = $this->server->call('GET', 'documents')['documents'][0];
        $sheet = current(array_filter($document['sheets'], static fn (array $sheet): bool => $sheet['name'] === $name));

        return ['document' => $document['id'], 'sheet' => $sheet['id']];
    }

    /** @return array{document: string, sheet: string} */
    protected function openDemo(string $name = 'Kiosk, before squaring', ?Browser $browser = null): array
    {
        $ids = $this->demo($name);
        ($browser ?? $this->browser)->visit("/d/{$ids['document']}/{$ids['sheet']}");
        ($browser ?? $this->browser)->waitForSheet();

        return $ids;
    }

    /** @return array{document: string, sheet: string} a new, empty sheet, opened */
    protected function openEmpty(float $width = 800, float $height = 600): array
    {
        $made = $this->server->call('POST', 'documents', ['name' => 'Trial', 'sheet' => ['width' => $width, 'height' => $height]]);
        $this->browser->visit("/d/{$made['id']}/{$made['sheets'][0]['id']}");
        $this->browser->waitForSheet();

        return ['document' => $made['id'], 'sheet' => $made['sheets'][0]['id']];
    }

    /** @return list<array<string, mixed>> as the server has them */
    protected function items(string $sheet): array
    {
        return $this->server->call('GET', "sheets/$sheet")['items'];
    }

    /** @return array<string, mixed> */
    protected function item(string $sheet, string $name): array
    {
        foreach ($this->items($sheet) as $item) {
            if ($item['name'] === $name) {
                return $item;
            }
        }
        self::fail("There is no item \"$name\".");
    }

    /** @return list<array<string, float>> bounds of the four cards of the kiosk, from left to right */
    protected function cards(string $sheet): array
    {
        $bounds = array_column(array_filter($this->items($sheet), static fn (array $item): bool => str_starts_with($item['name'], 'Card,')), 'bounds');
        usort($bounds, static fn (array $a, array $b): int => $a['x'] <=> $b['x']);

        return $bounds;
    }
}
