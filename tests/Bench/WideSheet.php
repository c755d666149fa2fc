<?php

declare(strict_types=1);

namespace Tests\Bench;

use RuntimeException;
use Tests\Support\RunningServer;

/** A sheet like the large one, of many more items: pasted in groups of twenty, on a jittered lattice. */
final readonly class WideSheet
{
    private const EACH = 20;

    private const AT_ONCE = 90;

    private const ACROSS = 40;

    public string $sheet;

    /** @var list<string> ids of ten items, of as many groups */
    public array $ten;

    /**
     * @param  int  $groups  each with twenty items in it
     * @param  int  $unsteady  of so many groups one is put down by eye; the others are square
     * @param  array<string, mixed>  $letters  fields of its texts
     */
    public function __construct(RunningServer $server, int $groups, int $unsteady = 1, array $letters = [])
    {
        mt_srand(20261125);
        $rows = (int) ceil($groups / self::ACROSS);
        $made = $server->call('POST', 'documents', ['name' => "$groups groups", 'sheet' => ['width' => self::ACROSS * 320, 'height' => $rows * 400]]);
        $this->sheet = $made['sheets'][0]['id'];
        foreach (array_chunk(range(0, $groups - 1), self::AT_ONCE) as $some) {
            $items = array_merge(...array_map(static fn (int $group): array => self::group($group, $group % $unsteady === 0, $letters), $some));
            $answer = $server->call('POST', "sheets/$this->sheet/commands", ['command' => 'paste', 'params' => ['file' => ['format' => 'allsquare-excerpt', 'version' => 2, 'items' => $items]]]);
            if (! isset($answer['created'])) {
                throw new RuntimeException('The sheet could not be made: '.json_encode($answer));
            }
        }
        $inside = array_filter($server->call('GET', "sheets/$this->sheet")['items'], static fn (array $item): bool => $item['kind'] === 'box');
        $this->ten = array_column(array_slice($inside, 100, 10), 'id');
    }

    /**
     * @param  array<string, mixed>  $letters
     * @return list<array<string, mixed>>
     */
    private static function group(int $group, bool $isUnsteady, array $letters): array
    {
        [$left, $top] = [($group % self::ACROSS) * 320, intdiv($group, self::ACROSS) * 400];
        $items = [['id' => "g$group", 'kind' => 'group', 'name' => 'Group', 'parent' => null, 'frame' => ['x' => $left, 'y' => $top, 'w' => 310, 'h' => 380], 'origin' => ['x' => $left, 'y' => $top]]];
        for ($i = 0; $i < self::EACH; $i++) {
            $frame = ['x' => $left + ($i % 5) * 62 + ($isUnsteady ? mt_rand(0, 6) : 0), 'y' => $top + intdiv($i, 5) * 96 + ($isUnsteady ? mt_rand(0, 6) : 0), 'w' => 52, 'h' => 76];
            $items[] = ['id' => "g{$group}i$i", 'parent' => "g$group", 'name' => 'Item', 'frame' => $frame] + ($i % 10 < 7 ? ['kind' => 'box'] : ['kind' => 'text', 'fields' => ['text' => 'Ferries to Skerry Point and Gannet Isle.', 'size' => 9, 'grow' => 'down', ...$letters]]);
        }

        return $items;
    }
}
