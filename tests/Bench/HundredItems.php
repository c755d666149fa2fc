<?php

declare(strict_types=1);

namespace Tests\Bench;

/**
 * Every arranging command on a hundred items of the sheet of 1,000: those of five groups that lie side by side, as
 * they are selected by a person; or two of every group, for which everything has to be read and every group refitted.
 */
final readonly class HundredItems
{
    /** at most this many times the floor */
    public const MOST = 3.0;

    /** a dry run answers within this many milliseconds */
    public const DRY = 50.0;

    private const DRY_RUNS = [
        'align' => ['edge' => 'top', 'to' => 'sheet'],
        'align, centres on grounds' => ['edge' => 'middle', 'to' => 'ground', 'and' => 'centre'],
        'distribute' => ['axis' => 'x'],
        'set-gap' => ['axis' => 'y', 'gap' => 4],
        'inset' => ['value' => 8, 'sides' => ['left', 'top']],
        'match-size' => ['dimension' => 'both', 'to' => 'largest'],
        'set-clearance' => ['side' => 'right', 'value' => 24],
        'square-up' => [],
        'block' => ['columns' => 10, 'column_gap' => 6, 'row_gap' => 6],
        'ring' => ['cx' => 800, 'cy' => 800, 'radius' => 600, 'count' => 100],
        'step-repeat' => ['dx' => 10, 'dy' => 900, 'count' => 1],
        'duplicate' => ['dy' => 900],
        'resize' => ['handle' => 'bottom-right', 'dx' => 160, 'dy' => 40],
        'place' => ['x' => 11, 'w' => 55],
        'turn' => ['by' => 15, 'as' => 'one'],
        'mirror' => ['axis' => 'x', 'as' => 'one'],
        'move-by' => ['dx' => 5],
    ];

    public function __construct(private LargeSheet $large, private bool $isScattered = false)
    {
    }

    /** @return array<string, callable(int): array{string, string, mixed}> by name, for the stopwatch; nothing is stored */
    public function dryRuns(): array
    {
        $requests = [];
        foreach (self::DRY_RUNS as $name => $params) {
            $command = explode(',', $name)[0];
            $requests["$name of a hundred, dry"] = fn (): array => $this->request($command, $params, true);
        }
        $requests['surroundings of a hundred'] = fn (): array => ['POST', "sheets/{$this->large->sheet}/surroundings", ['items' => $this->ids()]];

        return $requests;
    }

    /** @return array<string, callable(int): array{string, string, mixed}> by name; every round of each changes the sheet */
    public function changes(): array
    {
        return [
            'move-by of a hundred' => fn (int $i): array => $this->request('move-by', ['dx' => $i % 2 === 0 ? 5 : -5]),
            'align of a hundred' => fn (int $i): array => $this->request('align', ['edge' => $i % 2 === 0 ? 'left' : 'right', 'to' => 'sheet', 'as' => 'one']),
            'set looks of a hundred' => fn (int $i): array => $this->request('set', ['opacity' => $i % 2 === 0 ? 0.5 : 1]),
            'mirror of a hundred' => fn (): array => $this->request('mirror', ['axis' => 'x', 'as' => 'one']),
        ];
    }

    /**
     * @param  array<string, mixed>  $params
     * @return array{string, string, mixed}
     */
    private function request(string $command, array $params, bool $dry = false): array
    {
        return ['POST', "sheets/{$this->large->sheet}/commands", ['command' => $command, 'items' => $this->ids(), 'params' => (object) $params, ...($dry ? ['dry' => true] : [])]];
    }

    /** @return list<string> */
    private function ids(): array
    {
        return $this->isScattered
            ? array_merge(...array_map(static fn (array $group): array => [$group[3], $group[11]], $this->large->items))
            : array_merge(...array_slice($this->large->items, 30, 5));
    }
}
