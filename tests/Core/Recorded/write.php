<?php

declare(strict_types=1);

use AllSquare\Core\Running\Catalogue;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Recorded\Recording;
use Tests\Core\Recorded\Sheets;
use Tests\Support\ParamsByChance;

/*
 * Records anew what commands do, after a change that is meant to change it:
 *   php tests/Core/Recorded/write.php
 * Read the difference before it is committed: every line of it is a behaviour that changed.
 */
require dirname(__DIR__, 3).'/vendor/autoload.php';

const COMMANDS = 48;
/** Those with the most to get wrong come up more often. */
const OFTEN = ['align', 'distribute', 'set-gap', 'set-clearance', 'inset', 'block', 'ring', 'step-repeat', 'set-series', 'square-up', 'match-size', 'place', 'set', 'resize', 'fit-to-grid', 'move-by', 'mend-gaps', 'again'];

$names = array_values(array_filter(array_keys(Catalogue::all()), static fn (string $name): bool => ! in_array($name, ['arrange-slices', 'arrange-points'], true)));
array_push($names, ...OFTEN, ...OFTEN, ...OFTEN);
$file = fopen(__DIR__.'/commands.jsonl', 'w') ?: throw new RuntimeException('The recording cannot be written.');
$write = static fn (array $line) => fwrite($file, json_encode($line, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION)."\n");
for ($seed = 1; $seed <= Sheets::COUNT; $seed++) {
    $chance = new Randomizer(new Mt19937($seed + 1000));
    $scene = Sheets::of($seed);
    $recording = new Recording($scene);
    for ($done = 0; $done < COMMANDS; $done++) {
        $ids = array_map(strval(...), array_keys($scene->items));
        $command = $names[$chance->getInt(0, count($names) - 1)];
        if ($ids === [] || ($command === 'delete' && (count($ids) < 8 || $chance->getInt(1, 100) > 10))) {
            continue;
        }
        $params = (new ParamsByChance($chance, [
            'parent' => array_map(strval(...), array_keys(array_filter($scene->items, static fn ($item): bool => $item->holdsItems()))),
            ...array_fill_keys(['anchor', 'anchors', 'item', 'ground', 'about', 'a'], $ids),
            'b' => [...$ids, 'left', 'top', 'right', 'bottom'],
            ...array_fill_keys(['guide', 'guides'], array_map(strval(...), array_keys($scene->guides))),
            'slices' => array_map(strval(...), array_keys($scene->slices)),
            'dimensions' => array_map(strval(...), array_keys($scene->dimensions)),
            'grid' => array_map(strval(...), array_keys($scene->grids)),
            'preset' => array_map(strval(...), array_keys($scene->presets)),
        ]))->of($command);
        $some = array_map(static fn (): string => $ids[$chance->getInt(0, count($ids) - 1)], range(1, $chance->getInt(1, 6)));
        $before = clone $scene;
        $did = $recording->of($command, $some, $params);
        // Of what is refused one in four is kept; a sheet of 60 things is large enough.
        if (count($scene->items) > 60 || (str_starts_with($did['said'], 'Refused') && $chance->getInt(1, 4) > 1)) {
            $scene = $before;
            $recording = new Recording($scene);
            $done -= count($ids) > 40 ? 0 : 1;

            continue;
        }
        $write(['sheet' => $seed, 'command' => $command, 'items' => $some, 'params' => $params, 'did' => $did]);
    }
    $write(['sheet' => $seed, 'measures' => $recording->digest()]);
}
