<?php

declare(strict_types=1);

namespace Tests\Http;

use AllSquare\Core\Check\Checks;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Item\Kinds;
use AllSquare\Core\Item\Traits\HoldsItems;
use AllSquare\Core\Kit\Kits;
use AllSquare\Core\Running\Catalogue;
use Illuminate\Support\Facades\Artisan;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Support\RandomScene;
use Tests\Support\ParamsByChance;
use Tests\Support\SamplePicture;

/**
 * Every command of the catalogue, with parameters made from its schema, on sheets with everything on them. A failing seed
 * is printed; ALLSQUARE_SEED=n tries it again, ALLSQUARE_COMMANDS=n makes each run as long.
 */
final class CatalogueTest extends HttpTestCase
{
    private const RUNS = 8;

    private const COMMANDS = 70;

    /** things on a sheet, above which some are deleted: copies of copies soon are thousands */
    private const MOST = 140;

    /** what a command is about, by name: chance alone seldom selects it */
    private const ABOUT = [
        'picture' => ['cover-sheet', 'fit-picture', 'swap-picture'],
        'text' => ['fit-text', 'set-words', 'keep-style', 'use-style'],
        'combined' => ['release'],
        'table' => ['set-cells', 'set-tracks', 'add-tracks', 'delete-tracks', 'move-tracks', 'span-cells', 'set-table', 'set-cell-looks', 'cut-table', 'take-apart'],
        'path' => ['add-point', 'bend-part', 'join-ends', 'open-path', 'smooth-points', 'set-part', 'delete-points'],
        'running' => ['end-running'],
        'series' => ['set-series'],
        'rail' => ['set-rail', 'end-rail'],
        'in a rail' => ['set-berth'],
        'in a tray' => ['set-pins'],
    ];

    /** what is never seen by the person: it is told by the call itself */
    private const AIDS = ['settings' => 'sheet', 'guides' => 'guides', 'grids' => 'grids', 'dimensions' => 'dimensions', 'slices' => 'slices', 'presets' => 'presets', 'swatches' => 'swatches', 'styles' => 'styles', 'scales' => 'scales', 'kits' => 'kits', 'checks' => 'checks', 'ignored_findings' => 'ignored_findings'];

    private Randomizer $chance;

    private string $document;

    private string $sheet;

    /** @var list<string> */
    private array $pictures = [];

    private string $about = '';

    /** @var list<string> names of commands in the order of their turn: none comes again before all have come */
    private array $turns = [];

    /** @var array<string, mixed> the sheet as it was read last */
    private array $read = [];

    /** @var array<string, int> how often each command was done, by name */
    private array $done = [];

    public function test_any_commands_one_after_another(): void
    {
        $tried = 0;
        foreach (RandomScene::seeds((int) (getenv('ALLSQUARE_RUNS') ?: self::RUNS)) as $seed) {
            $this->chance = new Randomizer(new Mt19937($seed));
            $this->about = "seed $seed";
            $this->furnish();
            $states = [$this->bytes($this->sheet)];
            $this->turns = [];
            $this->read = $this->getJson("/api/sheets/$this->sheet")->assertOk()->json();
            $count = (int) (getenv('ALLSQUARE_COMMANDS') ?: self::COMMANDS);
            for ($i = 0; $i < $count; $i++) {
                $state = $this->one($seed, $states[count($states) - 1]);
                $tried++;
                if ($state !== null) {
                    $states[] = $state;
                }
            }
            $this->backAndForth($seed, $states);
            $this->outAndIn($seed);
        }
        self::assertGreaterThan(0, $tried);
        if (! getenv('ALLSQUARE_SEED')) {
            self::assertGreaterThan(count(Catalogue::all()) * 0.7, count($this->done), 'commands that were done at least once');
        }
    }

    /** A command; @return string|null the bytes of the sheet, if it changed it */
    private function one(int $seed, string $before): ?string
    {
        $sheet = $this->read;
        $ids = array_column($sheet['items'], 'id');
        $this->turns = $this->turns ?: $this->chance->shuffleArray(array_keys(Catalogue::all()));
        $command = array_pop($this->turns);
        $params = (new ParamsByChance($this->chance, [
            'parent' => array_column(array_filter($sheet['items'], static fn (array $item): bool => Kinds::named($item['kind']) instanceof HoldsItems), 'id'),
            ...array_fill_keys(['anchor', 'anchors', 'item', 'ground', 'about', 'from', 'by'], $ids),
            'a' => $ids, 'b' => [...$ids, 'left', 'top', 'right', 'bottom'],
            ...array_fill_keys(['guide', 'guides'], array_column($sheet['guides'], 'id')),
            'slices' => array_column($sheet['slices'], 'id'),
            'dimensions' => array_column($sheet['dimensions'], 'id'),
            'grid' => array_column($sheet['grids'], 'id'),
            'preset' => array_column($sheet['presets'], 'id'),
            'swatch' => array_column($sheet['swatches'], 'id'),
            'style' => array_column($sheet['styles'], 'id'),
            'ignored' => array_column($sheet['ignored_findings'], 'id'),
            'kit' => [...array_keys(Kits::all()), ...array_column($sheet['kits'], 'id')],
            ...array_fill_keys(['picture', 'pictures'], $this->pictures),
            ...array_fill_keys(['part', 'parts', 'parallel', 'point'], self::points($sheet['items'])),
            'points' => [...self::points($sheet['items']), ...array_map(static fn (string $point): string => "$point:out", self::points($sheet['items']))],
        ]))->of($command);
        if ($command === 'paste' && $ids !== [] && $this->maybe(70)) {
            $params['file']['items'] = array_map(static fn (array $item): array => array_diff_key($item, array_flip(['order', 'bounds', 'ink', 'locked', 'reference', 'svg'])), array_slice($sheet['items'], 0, 6));
        }
        if ($command === 'take-over') {
            $params = $this->maybe(60) ? ['line' => $this->pick([0, ...array_column($this->getJson("/api/documents/$this->document/history")->json('lines'), 'line')])] : ['sheet' => $this->sheet];
        }
        if ($command === 'take-tokens' && $this->maybe(90)) {
            $params['file'] = $this->tokens();
        }
        if (in_array($command, ['mend', 'ignore-finding', 'set-check'], true) && $this->maybe(90)) {
            $params = $this->checked($command, $params);
        }
        if (count($ids) > self::MOST) {
            [$command, $params] = ['delete', []];
        }
        $some = $ids === [] || $this->maybe(6) ? [] : array_map(fn (): string => $this->pick($ids), range(1, $command === 'delete' && count($ids) > self::MOST ? self::MOST : $this->chance->getInt(1, 5)));
        $fitting = self::fitting($command, $sheet['items']);
        if ($fitting !== [] && $this->maybe(80)) {
            $some = [$this->pick($fitting)];
        }
        if ($this->maybe(80)) {
            $params = self::possible($command, $params, array_column($sheet['items'], 'kind', 'id')[$some[0] ?? ''] ?? null);
        }
        $what = "seed $seed: $command ".json_encode($params, JSON_INVALID_UTF8_SUBSTITUTE).' on '.implode(', ', $some);
        if ($this->maybe(20)) {
            $rehearsed = $this->command($this->sheet, $command, $some, $params, ['dry' => true]);
            self::assertContains($rehearsed->getStatusCode(), [200, 404, 422], "$what, rehearsed: ".$rehearsed->getContent());
            self::assertSame($before, $this->bytes($this->sheet), "$what, rehearsed, changed something");
        }
        $answer = $this->command($this->sheet, $command, $some, $params, $this->maybe(20) ? ['unit' => $this->pick(['mm', 'in', 'pt'])] : []);
        self::assertContains($answer->getStatusCode(), [200, 404, 422], "$what: ".$answer->getContent());
        $after = $this->getJson("/api/sheets/$this->sheet");
        self::assertSame(200, $after->getStatusCode(), $what);
        $this->read = $after->json();
        $bytes = $this->bytes($this->sheet);
        if ($answer->getStatusCode() !== 200 || $answer->json('revision') === $sheet['revision']) {
            self::assertSame($before, $bytes, "$what: refused, or to no effect, and yet something changed");
            self::assertSame($sheet['revision'], $after->json('revision'), $what);

            return null;
        }
        $this->done[$command] = ($this->done[$command] ?? 0) + 1;
        self::assertNotSame($before, $bytes, "$what: a new revision of the same sheet");
        $this->compare($answer->json(), $after->json(), $what);
        // By turns: it takes as long as all else.
        $this->maybe(40) && $this->rebuild($bytes, $what);

        return $bytes;
    }

    /**
     * @param  list<array<string, mixed>>  $items
     * @return list<string> ids of what the command is about
     */
    private static function fitting(string $command, array $items): array
    {
        $by = array_column($items, null, 'id');
        $about = array_key_first(array_filter(self::ABOUT, static fn (array $commands): bool => in_array($command, $commands, true)));

        return $about === null ? [] : array_column(array_filter($items, static fn (array $item): bool => match ($about) {
            'running' => in_array($item['fields']['twin']['zone'] ?? null, ['head', 'foot'], true),
            'series' => isset($item['fields']['series']),
            'rail' => isset($item['fields']['rail']),
            'in a rail' => isset($by[$item['parent'] ?? '']['fields']['rail']),
            'in a tray' => ($by[$item['parent'] ?? '']['kind'] ?? null) === 'tray',
            default => $item['kind'] === $about,
        }), 'id');
    }

    /**
     * Only what the kind has that is drawn or set.
     *
     * @param  array<string, mixed>  $params
     * @param  string|null  $kind  of the first of what is named
     * @return array<string, mixed>
     */
    private static function possible(string $command, array $params, ?string $kind): array
    {
        $kind = $command === 'add-item' ? $params['kind'] : ($command === 'set' ? $kind : null);
        if ($kind === null) {
            return $params;
        }
        $foreign = array_diff_key(Kinds::fields(), Kinds::named($kind)->fields()->defaults);

        return array_diff_key($params, $foreign, ['picture' => 0, 'parent' => 0]) + ($command === 'add-item' ? ['w' => 40] + ($kind === 'line' ? [] : ['h' => 30]) : []);
    }

    /**
     * What is really found, and checks that there are.
     *
     * @param  array<string, mixed>  $params
     * @return array<string, mixed>
     */
    private function checked(string $command, array $params): array
    {
        $kind = $this->pick(array_keys(Checks::all()));
        $found = $command === 'set-check' ? [] : array_column(array_merge(...array_column($this->getJson("/api/sheets/$this->sheet/findings")->assertOk()->json('kinds'), 'findings')), 'key');

        return match (true) {
            $command === 'set-check' => ['kind' => $kind] + (Checks::all()[$kind]->about()->limit === null ? ['on' => $this->maybe(30)] : ['limit' => Checks::all()[$kind]->about()->limit->most]),
            $command === 'ignore-finding' => ['reason' => 'on purpose', 'finding' => $this->pick([...$found, 'overlap-0'])],
            $found !== [] && $this->maybe(30) => ['findings' => array_slice($this->chance->shuffleArray($found), 0, 3)],
            default => $this->maybe(50) ? ['kinds' => [$kind]] : [],
        };
    }

    /** @return array<string, mixed> some that may be there already under the same name */
    private function tokens(): array
    {
        $colour = static fn (string $hex): array => ['$type' => 'color', '$value' => $hex];

        return [
            'color' => ['Quay' => $colour($this->pick(['#1a2b3c', '#a83a24'])), '01' => $colour('#17614f80')],
            'typography' => [$this->pick(['Quay', 'Title']) => ['$type' => 'typography', '$value' => ['fontFamily' => $this->pick(['Overpass', 'Nowhere']), 'fontSize' => $this->pick(['12px', '1.5rem']), 'fontWeight' => 700]]],
            'spacing' => ['unit' => ['$type' => 'dimension', '$value' => $this->pick(['8px', '10px'])]],
        ];
    }

    /**
     * What was answered is what is read.
     *
     * @param  array<string, mixed>  $answer
     * @param  array<string, mixed>  $sheet
     */
    private function compare(array $answer, array $sheet, string $what): void
    {
        $items = array_column($sheet['items'], null, 'id');
        foreach ([...$answer['created'], ...$answer['changed']] as $item) {
            self::assertArrayHasKey($item['id'], $items, $what);
            self::assertSame(array_intersect_key($items[$item['id']], $item), [...array_intersect_key($items[$item['id']], $item), ...$item], "$what: the answer is not what is read");
        }
        foreach ($answer['removed'] as $id) {
            self::assertArrayNotHasKey($id, $items, $what);
        }
        foreach (self::AIDS as $inAnswer => $inSheet) {
            if (isset($answer[$inAnswer])) {
                self::assertEquals($answer[$inAnswer], array_intersect_key($sheet[$inSheet], $answer[$inAnswer]), "$what: $inAnswer");
            }
        }
        foreach ($items as $item) {
            foreach ([$item['frame'], $item['bounds'], $item['ink']] as $box) {
                foreach ($box as $length) {
                    self::assertSame((float) $length, Length::round((float) $length), "$what: {$item['name']} is not stored to 1/1000 px");
                }
            }
        }
    }

    /** @param  list<string>  $states */
    private function backAndForth(int $seed, array $states): void
    {
        for ($i = count($states) - 2; $i >= 0; $i--) {
            $undone = $this->postJson("/api/documents/$this->document/undo")->assertOk();
            $this->assertBytes($states[$i], "seed $seed: undo to $i");
            $this->compare($undone->json(), $this->getJson("/api/sheets/$this->sheet")->json(), "seed $seed: undo to $i");
        }
        for ($i = 1; $i < count($states); $i++) {
            $this->postJson("/api/documents/$this->document/redo")->assertOk();
            $this->assertBytes($states[$i], "seed $seed: redo to $i");
            $this->maybe(40) && $this->rebuild($states[$i], "seed $seed: redo to $i");
        }
    }

    /** What is derived from the items is what is stored with them. */
    private function rebuild(string $bytes, string $what): bool
    {
        self::assertSame(0, Artisan::call('allsquare:rebuild'));
        $this->assertBytes($bytes, "$what, rebuilt");

        return true;
    }

    /** The same bytes; where they are not, what differs is named. */
    private function assertBytes(string $expected, string $what): void
    {
        $is = $this->bytes($this->sheet);
        if ($expected !== $is) {
            self::fail("$what:\n".implode("\n", self::differences(json_decode($expected, true), json_decode($is, true), '')));
        }
    }

    /** @return list<string> */
    private static function differences(mixed $a, mixed $b, string $path): array
    {
        if (! is_array($a) || ! is_array($b)) {
            return $a === $b ? [] : ["$path: ".json_encode($a).' is '.json_encode($b)];
        }
        $found = [];
        foreach (array_unique([...array_keys($a), ...array_keys($b)]) as $key) {
            array_push($found, ...self::differences($a[$key] ?? null, $b[$key] ?? null, "$path.$key"));
        }

        return $found;
    }

    private function outAndIn(int $seed): void
    {
        $file = (string) $this->get("/api/documents/$this->document/file")->assertOk()->getContent();
        $opened = $this->call('POST', '/api/documents/import', server: ['CONTENT_TYPE' => 'application/json'], content: $file);
        self::assertSame(201, $opened->getStatusCode(), "seed $seed: ".$opened->getContent());
        self::assertSame($file, (string) $this->get("/api/documents/{$opened->json('id')}/file")->getContent(), "seed $seed: out, in and out again");
    }

    /**
     * @param  list<array<string, mixed>>  $items
     * @return list<string> of all paths
     */
    private static function points(array $items): array
    {
        $points = [];
        foreach ($items as $item) {
            foreach ($item['fields']['subpaths'] ?? [] as $r => $run) {
                array_push($points, ...array_map(static fn (int $p): string => "{$item['id']}:$r:$p", array_keys($run['points'])));
            }
        }

        return $points;
    }

    /** A sheet with everything on it. */
    private function furnish(): void
    {
        $unit = $this->pick(['px', 'px', 'mm']);
        $made = $this->postJson('/api/documents', ['name' => 'Trial', 'sheet' => ['name' => 'One', 'width' => $unit === 'px' ? 800 : 210.5, 'height' => $unit === 'px' ? 600 : 148, 'unit' => $unit, 'ppi' => 96]])->assertCreated();
        [$this->document, $this->sheet] = [$made->json('id'), $made->json('sheets.0.id')];
        $length = fn (int $most): float => $this->maybe(70) ? $this->chance->getInt(0, $most) : $this->chance->getInt(0, $most * 1000) / 1000;
        $ids = [];
        foreach (['box', 'box', 'box', 'box', 'box', 'round', 'round', 'line', 'text', 'text', 'box', 'round'] as $kind) {
            $ids[] = $this->do('add-item', [], [
                'kind' => $kind, 'x' => $length(600), 'y' => $length(500), 'w' => 1 + $length(200), ...($kind === 'line' ? [] : ['h' => 1 + $length(150)]),
                'angle' => $this->pick([0, 0, 0, 90, 30, -17.5]), ...($kind === 'text' ? ['text' => $this->pick(['Quay', '', ' '])] : ['outline' => ['colour' => '#20302d', 'weight' => 2]]),
                ...(in_array($kind, ['box', 'round'], true) && $this->maybe(30) ? ['fill' => null, 'outline' => null] : []), 'opacity' => $this->pick([1, 1, 0.5, 0]),
            ])['created'][0]['id'];
        }
        $group = $this->do('group', [$ids[0], $ids[1], $ids[8]], [])['created'][0]['id'];
        $this->do('group', [$group, $ids[2]], []);
        $this->do('block', [$ids[3], $ids[4]], ['columns' => 2, 'rows' => 2, 'copies' => 'fill', 'series' => true]);
        $this->do('ring', [$ids[5]], ['cx' => 300, 'cy' => 200, 'radius' => 90, 'count' => 5, 'series' => true, 'facing' => 'outward']);
        $this->do('add-item', [], ['kind' => 'path', 'x' => $length(300), 'y' => $length(300), 'angle' => $this->pick([0, 0, 30]), 'subpaths' => 'M0 0L60 10C80 20 90 40 60 60L10 50ZM5 5L90 90L40 20']);
        $this->do('add-item', [], ['kind' => 'path', 'x' => $length(300), 'y' => $length(300), 'subpaths' => 'M0 0L60 0L60 30', 'outline' => ['colour' => '#20302d', 'weight' => 4, 'dash' => [6, 3], 'fitted' => true]]);
        $operands = array_map(fn (array $one): string => $this->do('add-item', [], ['x' => $length(400), 'y' => $length(300), 'w' => 90, 'h' => 70, 'angle' => $this->pick([0, 0, -10])] + $one)['created'][0]['id'], [['kind' => 'box'], ['kind' => 'polygon', 'w' => 200, 'h' => 200]]);
        $this->command($this->sheet, 'combine', $operands, ['how' => $this->pick(['join', 'difference'])])->assertOk();
        $tray = $this->do('add-item', [], ['kind' => 'tray', 'x' => $length(300), 'y' => $length(300), 'w' => 180, 'h' => 90, 'clip' => $this->maybe(50), 'angle' => $this->pick([0, 0, 12])])['created'][0]['id'];
        foreach ([0, 1, 2] as $i) {
            $this->do('add-item', [], ['kind' => 'box', 'x' => 10 + 60 * $i, 'y' => 12, 'w' => 40, 'h' => 30, 'parent' => $tray]);
        }
        $this->maybe(50) && $this->do('make-rail', [$tray], []);
        $this->do('mask', array_map(fn (int $at): string => $this->do('add-item', [], ['kind' => 'round', 'x' => $at, 'y' => $at, 'w' => 60, 'h' => 50])['created'][0]['id'], [300, 320]), []);
        $this->do('make-running', [$this->do('add-item', [], ['kind' => 'box', 'x' => 0, 'y' => 0, 'w' => 200, 'h' => 24])['created'][0]['id']], []);
        $words = array_map(static fn (int $row): array => array_map(static fn (int $column): string => $row === 0 ? "Pier $column" : (string) ($row * $column / 4), range(0, 6)), range(0, 6));
        $this->do('make-table', [], ['words' => $words, 'x' => $length(200), 'y' => $length(200), 'header' => 1, 'total' => 1] + ($this->maybe(50) ? ['w' => 400] : []));
        $this->do('keep-swatch', [], ['name' => 'Quay', 'colour' => '#17614f']);
        $rich = $this->do('add-item', [], [
            'kind' => 'text', 'text' => "Sailings\nfrom Skerry Point\nat 07.15", 'x' => $length(300), 'y' => $length(300), 'w' => 120, 'padding' => [4, 6, 8, 10], 'box_fill' => '#f0c96a', 'angle' => $this->pick([0, 0, 8]),
            'runs' => [['from' => 0, 'to' => 8, 'size' => 28, 'fill' => '#17614f'], ['from' => 14, 'to' => 20, 'italic' => true, 'underline' => true]], 'paragraphs' => [['at' => 1, 'list' => 'bullets', 'space_before' => 4]],
        ])['created'][0]['id'];
        $this->pictures = array_map(fn (int $shade): string => $this->call('POST', '/api/pictures', server: ['CONTENT_TYPE' => 'image/png'], content: SamplePicture::png(60, 40, $shade))->assertCreated()->json('picture'), [0, 9]);
        $this->do('add-item', [], ['kind' => 'picture', 'picture' => $this->pictures[0], 'x' => $length(300), 'y' => $length(300), 'w' => $length(90), 'h' => $length(90), 'fit' => $this->pick(['cover', 'contain', 'hand']), 'radius' => $this->pick([0, 12]), 'focus_x' => 0.3]);
        $this->do('keep-style', [$rich, $ids[8]], ['name' => 'Notice']);
        $this->do('set-scale', [], ['base' => 15, 'ratio' => 1.2]);
        $this->do('set', [$ids[10]], ['locked' => true]);
        $this->do('set', [$ids[11]], ['reference' => true]);
        $this->do('add-guide', [], ['axis' => 'x', 'at' => 100.5]);
        $this->do('add-guide', [], ['axis' => 'y', 'at' => '50%']);
        $this->do('set-grid', [], ['columns' => ['count' => 4, 'gutter' => 10, 'left' => 20, 'right' => 20], 'rows' => ['count' => 3, 'gutter' => 8, 'top' => 5, 'bottom' => 5], 'baseline' => 12]);
        $this->do('keep-grid', [], ['name' => 'Kept']);
        $this->do('add-dimension', [], ['a' => $ids[6], 'b' => $ids[7], 'axis' => 'x']);
        $this->do('add-slice', [$ids[6], $ids[2]], ['follow' => true]);
        $this->do('add-slice', [], ['name' => 'Part', 'x' => 10, 'y' => 10, 'w' => 100, 'h' => 80.5]);
        $this->do('keep-preset', [], ['name' => 'Mine', 'scales' => [2]]);
    }

    /**
     * @param  list<string>  $items
     * @param  array<string, mixed>  $params
     * @return array<string, mixed>
     */
    private function do(string $command, array $items, array $params): array
    {
        $answer = $this->command($this->sheet, $command, $items, $params);
        self::assertSame(200, $answer->getStatusCode(), "$this->about: $command ".$answer->getContent());

        return $answer->json();
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $options
     * @return T
     */
    private function pick(array $options): mixed
    {
        return $options[$this->chance->getInt(0, count($options) - 1)];
    }

    private function maybe(int $percent): bool
    {
        return $this->chance->getInt(1, 100) <= $percent;
    }
}
