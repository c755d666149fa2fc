<?php

declare(strict_types=1);

namespace Tests\Bench;

use Tests\Browser\Support\Browser;
use Tests\Support\RandomRails;
use Tests\Support\RunningServer;
use Tests\Support\Waiting;

/** Rails: 2,000 of them held to the browser's flexible boxes, a text that grows in one of 200 on the sheet of 1,000, and a drag within one. */
final readonly class Rails
{
    public const TRIED = 2_000;

    private const THINGS = 200;

    private string $rail;

    /** @var list<string> ids of what lies in the rail */
    private array $things;

    public function __construct(private LargeSheet $large)
    {
        $ids = array_map(fn (int $i): string => $this->large->command('add-item', [], ['kind' => 'text', 'text' => "Sailing $i", 'x' => 3300, 'y' => 30 * $i, 'w' => 160, 'size' => 14, 'grow' => 'down'])['created'][0]['id'], range(1, self::THINGS));
        $this->rail = $large->command('make-rail', $ids, ['direction' => 'column', 'name' => 'Sailings'])['report']['selection'][0];
        $large->command('set-rail', [$this->rail], ['gap' => 8, 'padding' => 12, 'across' => 'stretch']);
        $this->things = $ids;
    }

    /** @return array<string, array{callable(int): array{string, string, mixed}, float}> requests by name, and at most how many times the floor they may take */
    public function requests(): array
    {
        $words = ['Sailing from Skerry Point', 'Sailing from Skerry Point to Gannet Isle by way of Harbour Road and Long Strand'];

        return [
            'a text grows in a rail of 200' => [fn (int $i): array => ['POST', "sheets/{$this->large->sheet}/commands", ['command' => 'set', 'items' => [$this->things[3]], 'params' => ['text' => $words[abs($i) % 2]]]], 4.0],
        ];
    }

    /** @return list<float> frame times of a drag from place to place in a rail of 40, the others making way */
    public function dragging(RunningServer $server, Browser $browser): array
    {
        $made = $server->call('POST', 'documents', ['name' => 'Rows', 'sheet' => ['width' => 900, 'height' => 700]]);
        $path = "sheets/{$made['sheets'][0]['id']}/commands";
        $ids = array_map(static fn (int $i): string => $server->call('POST', $path, ['command' => 'add-item', 'params' => ['kind' => 'box', 'x' => 20 + 20 * $i, 'y' => 200, 'w' => 12, 'h' => 300, 'name' => "Box $i"]])['created'][0]['id'], range(0, 39));
        $server->call('POST', $path, ['command' => 'make-rail', 'items' => $ids, 'params' => ['direction' => 'row']]);
        $browser->visit("/d/{$made['id']}/{$made['sheets'][0]['id']}");
        $browser->waitForSheet();
        [$x, $y] = $browser->run('const b = document.querySelector(`[data-item="${arguments[0]}"]`).getBoundingClientRect(); return [Math.round(b.x + b.width / 2), Math.round(b.y + b.height / 4)];', $ids[4]);
        $browser->run('document.querySelector(`[data-row="${arguments[0]}"]`)?.click()', $ids[4]);
        $times = Frames::dragging($browser, $x, $y, isFree: false);
        Waiting::until(static fn (): bool => $browser->run('return document.querySelectorAll(".sliding").length') === 0, 'nothing to slide any more');

        return $times;
    }

    /** How far the rail that is farthest from where the browser has it lies off, px. */
    public static function farthest(Browser $browser): float
    {
        $farthest = 0.0;
        for ($seed = 1; $seed <= self::TRIED; $seed += 400) {
            $rails = array_map(static fn (int $one): mixed => (new RandomRails($one))->rail(), range($seed, $seed + 399));
            foreach (self::laidOut($browser, array_map(RandomRails::html(...), $rails)) as $i => $seen) {
                $farthest = max($farthest, RandomRails::farthest($rails[$i], $seen)[0]);
            }
        }

        return $farthest;
    }

    /**
     * @param  list<string>  $html  of rails
     * @return list<array<string, array{float, float, float, float}>> where the browser has what lies in each, by id
     */
    public static function laidOut(Browser $browser, array $html): array
    {
        return $browser->run(<<<'JS'
            const box = document.createElement('div');
            document.body.append(box);
            const laid = arguments[0].map((html) => {
                box.innerHTML = `<section style='position:absolute;left:0;top:0;width:99000px;font-size:0;line-height:0'>${html}</section>`;
                return Object.fromEntries([...box.querySelectorAll('[data-id]')].map((node) => {
                    const at = node.getBoundingClientRect(), around = (node.parentElement.closest('[data-id]') ?? node).getBoundingClientRect();
                    return [node.dataset.id, [at.x - around.x, at.y - around.y, at.width, at.height]];
                }));
            });
            box.remove();
            return laid;
            JS, $html);
    }
}
