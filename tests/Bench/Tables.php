<?php

declare(strict_types=1);

namespace Tests\Bench;

use Facebook\WebDriver\WebDriverKeys;
use Symfony\Component\Process\Process;
use Tests\Browser\Support\Browser;
use Tests\Support\RunningServer;
use Tests\Support\Waiting;

/** A timetable of 200 rows of 12: a column sized, letters typed into a cell, and 2,400 cells painted, against the bare rasteriser. */
final readonly class Tables
{
    private const ROWS = 200;

    private const COLUMNS = 12;

    private const TYPED = 24;

    public string $document;

    public string $sheet;

    private string $table;

    public function __construct(private RunningServer $server)
    {
        $made = $server->call('POST', 'documents', ['name' => 'A timetable', 'sheet' => ['width' => 1400, 'height' => 7000]]);
        $this->document = $made['id'];
        $this->sheet = $made['sheets'][0]['id'];
        $words = array_map(static fn (int $row): array => array_map(static fn (int $column): string => match (true) {
            $column === 0 => "Sailing $row",
            $column < 6 => sprintf('%02d:%02d', $row % 24, ($row * 7 + $column * 13) % 60),
            default => sprintf('%d.%02d', $row * $column % 300, $row * 13 % 100),
        }, range(0, self::COLUMNS - 1)), range(1, self::ROWS));
        $this->table = $this->command('make-table', [], ['words' => $words, 'x' => 50, 'y' => 50, 'w' => 1200, 'preset' => 'lined'])['report']['selection'][0];
    }

    /**
     * @param  list<string>  $items
     * @param  array<string, mixed>  $params
     * @return array<string, mixed>
     */
    private function command(string $command, array $items, array $params): array
    {
        return $this->server->call('POST', "sheets/$this->sheet/commands", ['command' => $command, 'items' => $items, 'params' => $params]);
    }

    /** @return array<string, array{callable(int): array{string, string, mixed}, float}> requests by name, and at most how many times the floor they may take */
    public function requests(): array
    {
        $send = fn (string $command, array $params): array => ['POST', "sheets/$this->sheet/commands", ['command' => $command, 'items' => [$this->table], 'params' => $params]];

        return [
            'a column of 200 × 12 cells is sized' => [static fn (int $i): array => $send('set-tracks', ['axis' => 'x', 'tracks' => [2], 'size' => 100 + abs($i) % 2]), 6.0],
        ];
    }

    /** @return list<float> ms from Enter behind what was typed into a cell until it is painted */
    public function typing(Browser $browser): array
    {
        $browser->visit("/d/$this->document/$this->sheet");
        $browser->waitForSheet();
        $browser->run('document.querySelector("[role=treeitem]").click()');
        $browser->run('document.querySelector(".plane").focus()');
        $browser->keys(WebDriverKeys::ENTER);
        Waiting::until(static fn (): bool => (bool) $browser->run('return document.activeElement?.matches("textarea.cell")'), 'the cell to be chosen');

        return array_map(floatval(...), (array) $browser->driver->executeAsyncScript(<<<'JS'
            const [count, done] = arguments;
            const field = document.querySelector('textarea.cell'), times = [];
            const painted = () => document.querySelector('[data-item]');
            const next = () => {
                if (times.length === count) return done(times);
                const was = performance.now();
                field.value = `Boat ${times.length}`;
                field.dispatchEvent(new InputEvent('input', { bubbles: true }));
                requestAnimationFrame(() => requestAnimationFrame(() => {
                    times.push(performance.now() - was);
                    field.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true, cancelable: true }));
                    setTimeout(next, 250);
                }));
            };
            next();
            JS, [self::TYPED]));
    }

    /** @return array{float, float} ms that the server takes to paint the sheet, and that the rasteriser alone takes for the same drawing */
    public function painting(string $address): array
    {
        $svg = tempnam(sys_get_temp_dir(), 'allsquare-table');
        file_put_contents($svg, (string) file_get_contents("$address/api/sheets/$this->sheet/render.svg"));
        [$ours, $bare] = [INF, INF];
        for ($i = 0; $i < 5; $i++) {
            $began = hrtime(true);
            file_get_contents("$address/api/sheets/$this->sheet/render.png");
            $ours = min($ours, (hrtime(true) - $began) / 1e6);
            $began = hrtime(true);
            (new Process(['rsvg-convert', '--unlimited', '-o', "$svg.png", $svg]))->mustRun();
            $bare = min($bare, (hrtime(true) - $began) / 1e6);
        }
        array_map(unlink(...), [$svg, "$svg.png"]);

        return [$ours, $bare];
    }
}
