<?php

declare(strict_types=1);

namespace Tests\Bench;

use Tests\Support\RunningServer;

/** A sheet on which two boxes and a caption lie side by side again and again, each up to 3 px off. */
final readonly class NoisySheet
{
    private const OFF = 3;

    private const AT_ONCE = 1_000;

    public string $sheet;

    /** @var list<string> */
    public array $items;

    public function __construct(RunningServer $server, int $count)
    {
        mt_srand(20261127);
        $across = (int) ceil(sqrt($count));
        $made = $server->call('POST', 'documents', ['name' => "$count things", 'sheet' => ['width' => 80 + 72 * $across, 'height' => 80 + 96 * $across]]);
        $this->sheet = $made['sheets'][0]['id'];
        foreach (array_chunk(range(0, $count - 1), self::AT_ONCE) as $some) {
            $items = array_map(static fn (int $i): array => self::item($i, 40 + $i % $across * 72, 40 + intdiv($i, $across) * 96), $some);
            $server->call('POST', "sheets/$this->sheet/commands", ['command' => 'paste', 'params' => ['file' => ['format' => 'allsquare-excerpt', 'version' => 2, 'items' => $items]]]);
        }
        $this->items = array_column($server->call('GET', "sheets/$this->sheet")['items'], 'id');
    }

    /** @return array{string, string, mixed} */
    public function squaredUp(): array
    {
        return ['POST', "sheets/$this->sheet/commands", ['command' => 'square-up', 'items' => $this->items, 'params' => (object) [], 'dry' => true]];
    }

    /** @return array<string, mixed> */
    private static function item(int $i, int $x, int $y): array
    {
        $isCaption = $i % 3 === 2;
        $frame = ['x' => $x + mt_rand(-self::OFF, self::OFF), 'y' => $y + mt_rand(-self::OFF, self::OFF), 'w' => 52, 'h' => $isCaption ? 20 : 76];

        return ['id' => "i$i", 'name' => "Thing $i", 'parent' => null, 'frame' => $frame] + ($isCaption ? ['kind' => 'text', 'fields' => ['text' => 'Skerry', 'size' => 12]] : ['kind' => 'box']);
    }
}
