<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\TestCase;
use Tests\Browser\Support\Browser;
use Tests\Support\DataFolder;
use Tests\Support\RunningServer;
use Tests\Support\Waiting;

/** The real interface in headless Chromium, which is started once and comes to every test as a new visitor. */
abstract class BrowserTestCase extends TestCase
{
    /** Whether each test begins with the demo, as new, and nothing else; without it they share a server that starts empty. */
    protected const DEMO = true;

    /** of the page: at it, the zoom of a fitted sheet puts the points that tests name onto whole px of the screen */
    private const HEIGHT = 824;

    private static ?Browser $open = null;

    private static ?RunningServer $empty = null;

    private static ?RunningServer $withDemo = null;

    private static ?DataFolder $demoData = null;

    /** the demo as it is after the first start */
    private static string $demo = '';

    protected DataFolder $data;

    protected RunningServer $server;

    protected Browser $browser;

    protected function setUp(): void
    {
        if (static::DEMO) {
            $this->data = self::$demoData ??= self::folder();
            $this->server = self::$withDemo = self::freshDemo($this->data);
        } else {
            $this->server = self::$empty ??= self::lasting(new RunningServer(self::folder()->path, ['--empty']));
        }
        if (self::$open === null) {
            self::$open = new Browser($this->server->address, 1280, self::HEIGHT);
            register_shutdown_function(self::end(...));
        } else {
            self::$open->comeNewTo($this->server->address);
        }
        $this->browser = self::$open;
    }

    protected function tearDown(): void
    {
        if (static::DEMO) {
            // A test may have killed its server and started another.
            self::$withDemo = $this->server === self::$withDemo ? $this->server : self::lasting($this->server);
        }
        if ($this->status()->isError() || $this->status()->isFailure()) {
            self::end();
        }
    }

    /** The server with nothing but the demo on its shelf, and no history: opened from its file, which is the demo to the byte. */
    private static function freshDemo(DataFolder $data): RunningServer
    {
        $server = self::$withDemo;
        if ($server === null || ! $server->isRunning()) {
            $server = self::lasting(new RunningServer($data->path));
        }
        $documents = $server->call('GET', 'documents')['documents'];
        if (self::$demo === '') {
            self::$demo = (string) file_get_contents("$server->address/api/documents/{$documents[0]['id']}/file");
        }
        foreach ($documents as $document) {
            $server->call('DELETE', "documents/{$document['id']}");
        }
        $server->call('POST', 'documents/import', json_decode(self::$demo));

        return $server;
    }

    private static function folder(): DataFolder
    {
        $data = new DataFolder;
        register_shutdown_function($data->remove(...));

        return $data;
    }

    private static function lasting(RunningServer $server): RunningServer
    {
        register_shutdown_function($server->stop(...));

        return $server;
    }

    private static function end(): void
    {
        self::$open?->close();
        self::$open = null;
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

    /**
     * @param  array<string, mixed>  $more
     * @return array<string, mixed> the item that was made
     */
    protected function add(string $sheet, string $kind, float $x, float $y, float $w, float $h, string $name, array $more = []): array
    {
        return $this->server->call('POST', "sheets/$sheet/commands", ['command' => 'add-item', 'params' => ['kind' => $kind, 'x' => $x, 'y' => $y, 'w' => $w, 'name' => $name] + ($kind === 'line' ? [] : ['h' => $h]) + $more])['created'][0];
    }

    /** Shows what the server was told behind the browser's back. */
    protected function reload(): void
    {
        $this->browser->driver->navigate()->refresh();
        $this->browser->waitForSheet();
    }

    /** @return list<array<string, float>> bounds of what is called so, in the order of the stack */
    protected function boundsOf(string $sheet, string $beginning): array
    {
        return array_values(array_column(array_filter($this->items($sheet), static fn (array $item): bool => str_starts_with($item['name'], $beginning)), 'bounds'));
    }

    protected function chooseAll(): void
    {
        $this->browser->click('.plane');
        $this->browser->keys([WebDriverKeys::CONTROL, 'a', WebDriverKeys::NULL]);
    }

    /** @return string the id of a sheet with one box on it, which is about to be repeated */
    protected function openToRepeat(): string
    {
        ['sheet' => $sheet] = $this->openEmpty();
        $this->add($sheet, 'box', 40, 40, 50, 30, 'Berth');
        $this->reload();
        $this->chooseAll();
        $this->browser->press('Repeat…');

        return $sheet;
    }

    protected function waitForSelected(string $words): void
    {
        Waiting::until(fn (): bool => str_contains($this->browser->see('.place h3')->getText(), $words), "\"$words\" to be selected");
        self::assertStringContainsString($words, $this->browser->see('.place h3')->getText());
    }
}
