<?php

declare(strict_types=1);

namespace Tests\Bench;

use Tests\Support\RunningServer;

/** The sheet of 1,000: 700 boxes and 300 texts of 40 letters in 50 groups, on a jittered lattice. */
final class LargeSheet
{
    private const GROUPS = 50;

    private const EACH = 20;

    private const WORDS = 'Ferries to Skerry Point and Gannet Isle.';

    public readonly string $document;

    public readonly string $sheet;

    /** @var list<list<string>> ids of items by group */
    public array $items = [];

    public function __construct(private readonly RunningServer $server)
    {
        mt_srand(20261124);
        $made = $server->call('POST', 'documents', ['name' => 'A thousand', 'sheet' => ['width' => 3200, 'height' => 2000]]);
        $this->document = $made['id'];
        $this->sheet = $made['sheets'][0]['id'];
        for ($group = 0; $group < self::GROUPS; $group++) {
            $this->items[] = $this->group($group);
        }
    }

    /** @return list<string> */
    private function group(int $group): array
    {
        $ids = [];
        for ($i = 0; $i < self::EACH; $i++) {
            $x = ($group % 10) * 320 + ($i % 5) * 62 + mt_rand(0, 6);
            $y = intdiv($group, 10) * 400 + intdiv($i, 5) * 96 + mt_rand(0, 6);
            $item = $i % 10 < 7
                ? ['kind' => 'box', 'x' => $x, 'y' => $y, 'w' => 52, 'h' => 76, 'fill' => sprintf('#%06x', mt_rand(0x808080, 0xFFFFFF) & 0xFFFFFF)]
                : ['kind' => 'text', 'text' => self::WORDS, 'x' => $x, 'y' => $y, 'w' => 60, 'size' => 9];
            $ids[] = $this->command('add-item', [], $item)['created'][0]['id'];
        }
        $this->command('group', $ids, []);

        return $ids;
    }

    /**
     * @param  list<string>  $items
     * @param  array<string, mixed>  $params
     * @return array<string, mixed>
     */
    public function command(string $command, array $items, array $params): array
    {
        return $this->server->call('POST', "sheets/$this->sheet/commands", ['command' => $command, 'items' => $items, 'params' => (object) $params]);
    }
}
