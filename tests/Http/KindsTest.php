<?php

declare(strict_types=1);

namespace Tests\Http;

use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Kind;
use AllSquare\Core\Item\Kinds;
use AllSquare\Core\Item\Look\Outline;
use AllSquare\Core\Item\Traits\Combines;
use AllSquare\Core\Item\Traits\Flat;
use AllSquare\Core\Item\Traits\HasWords;
use AllSquare\Core\Item\Traits\MasksOthers;
use App\Storage\ItemRows;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What every kind of item has to keep to, walked for all of them: what is forgotten of a new one fails here. */
final class KindsTest extends HttpTestCase
{
    /** @return iterable<string, array{string}> */
    public static function kinds(): iterable
    {
        foreach (array_keys(Kinds::all()) as $name) {
            yield $name => [$name];
        }
    }

    public function test_they_are_served_with_all_that_the_page_asks_of_them(): void
    {
        $kinds = $this->getJson('/api/kinds')->assertOk()->json('kinds');
        self::assertSame(array_keys(Kinds::all()), array_column($kinds, 'name'));
        foreach ($kinds as $kind) {
            self::assertNotSame($kind['noun'], $kind['nouns'], 'one and several');
            self::assertMatchesRegularExpression('/^M[\d .A-Za-z-]+$/', $kind['icon'], $kind['name']);
            foreach ($kind['fields'] as $field) {
                self::assertMatchesRegularExpression('/^(the|what) /', $field['noun']);
            }
        }
        self::assertStringContainsString(json_encode($kinds[0]['icon']) ?: '-', (string) $this->get('/')->getContent(), 'they come with the page');
    }

    /** What a command says in its parameters, or an item in its answer, is never called as a field is. */
    public function test_a_field_is_called_as_nothing_else_is_and_means_the_same_everywhere(): void
    {
        $taken = ['id', 'kind', 'name', 'parent', 'order', 'x', 'y', 'w', 'h', 'frame', 'angle', 'origin', 'locked', 'hidden', 'reference', 'flip', 'fields', 'items', 'file'];
        self::assertSame([], array_intersect($taken, array_keys(Kinds::fields())));
        foreach (Kinds::all() as $kind) {
            foreach ($kind->fields() as $name => $field) {
                self::assertSame(Kinds::fields()[$name]->schema(), $field->schema(), "{$kind->name()}: $name");
                self::assertEquals($field->default, $field->read($field->stored($field->default)), "{$kind->name()}: $name is read as it was stored");
            }
        }
    }

    #[DataProvider('kinds')]
    public function test_it_is_drawn_painted_hit_copied_mirrored_written_and_undone(string $name): void
    {
        ['document' => $document, 'sheet' => $sheet] = $this->begin(400, 300);
        $empty = $this->bytes($sheet);
        $item = $this->made($sheet, $name);
        self::assertSame($name, $item['kind']);
        self::assertSame(array_keys(Kinds::named($name)->fields()->defaults), array_keys($item['fields']));
        if (Kinds::named($name)->tool() !== null) {
            self::assertNotEmpty($item['painting']['body']);
            self::assertStringStartsWith('M', $item['painting']['hit']['path']);
            self::assertNotSame($item['frame'], $item['ink'], 'its ink is that of its outline');
        }
        $steps = [$this->bytes($sheet)];
        $each = [
            ['duplicate', ['dx' => 30, 'dy' => 40]], ['mirror', ['axis' => 'x']], ['mirror', ['axis' => 'y']], ['turn', ['by' => 30]],
            ['move-by', ['dx' => 3]], ['resize', ['handle' => 'right', 'dx' => 20, 'dy' => 0, 'scale_looks' => true]], ['set', ['opacity' => 0.5]], ['order', ['to' => 'front']], ['delete', []],
        ];
        foreach ($each as [$command, $params]) {
            $this->command($sheet, $command, [$item['id']], $params)->assertOk();
            $now = $this->bytes($sheet);
            if ($now !== end($steps)) {
                $steps[] = $now;
            }
        }
        self::assertGreaterThan(7, count($steps));
        foreach (array_reverse(array_slice($steps, 0, -1)) as $i => $before) {
            $this->postJson("/api/documents/$document/undo")->assertOk();
            self::assertSame($before, $this->bytes($sheet), "undone, $i");
        }
        $file = (string) $this->get("/api/documents/$document/file")->assertOk()->getContent();
        $opened = $this->call('POST', '/api/documents/import', content: $file, server: ['CONTENT_TYPE' => 'application/json'])->assertCreated()->json('id');
        self::assertSame($file, (string) $this->get("/api/documents/$opened/file")->getContent());
        $cut = array_diff_key($item, array_flip(['order', 'bounds', 'ink', 'painted', 'locked', 'painting']));
        if (($item['origin'] ?? null) === null) {
            $pasted = $this->command($sheet, 'paste', [], ['file' => ['format' => 'allsquare-excerpt', 'version' => 2, 'items' => [$cut]]])->assertOk();
            self::assertSame($item['fields'], $pasted->json('created.0.fields'));
            $this->postJson("/api/documents/$document/undo")->assertOk();
        }
        while ($this->postJson("/api/documents/$document/undo")->isOk()) {
            continue;
        }
        self::assertSame($empty, $this->bytes($sheet));
    }

    #[DataProvider('kinds')]
    public function test_each_of_its_fields_is_set_by_the_schema_kept_and_undone(string $name): void
    {
        ['document' => $document, 'sheet' => $sheet] = $this->begin(400, 300);
        $item = $this->made($sheet, $name);
        $before = $this->bytes($sheet);
        $tried = 0;
        foreach (Kinds::named($name)->fields() as $field) {
            if (! $field->isSet) {
                $this->command($sheet, 'set', [$item['id']], [$field->name => null])->assertStatus(422);

                continue;
            }
            $value = match (in_array($field->name, ['runs', 'paragraphs', 'focus_x', 'focus_y', 'scale'], true) ? $field->name : $field->type()) {
                'fill' => ['gradient' => 'linear', 'angle' => 30, 'stops' => [['at' => 0, 'colour' => '#12345678'], ['at' => 0.5, 'colour' => ['swatch' => 'quay', 'colour' => '#123456']]]],
                'shadows' => [['dx' => 1, 'dy' => 2, 'blur' => 3, 'spread' => -1, 'colour' => '#00000080', 'inner' => true]],
                'outline' => ['colour' => '#654321', 'weight' => 3, 'side' => 'inside', 'dash' => [4, 2], 'fitted' => true, 'ends' => 'round', 'joins' => 'bevel'], 'number' => 1, 'count' => 7, 'font' => 'bitter', 'font-weight' => 700, 'corners' => [1, 2, 3, 4], 'words' => 'Skerry',
                'picture' => null, 'focus_x', 'focus_y' => 0.25, 'scale' => 1.5,
                'switch' => true, 'sides' => [1, 2, 3, 4],
                'runs' => [['from' => 0, 'to' => 1, 'size' => 20, 'fill' => '#123456', 'italic' => true]],
                'paragraphs' => [['at' => 0, 'align' => 'end', 'indent' => 3]],
                'hidden' => isset($field->schema()['enum']) ? array_slice($field->schema()['enum'], -1)[0] : [['closed' => true, 'points' => [['x' => 0, 'y' => 0], ['x' => 30, 'y' => 0, 'out' => ['x' => 30, 'y' => 10]], ['x' => 0, 'y' => 40]]]],
                default => array_slice($field->schema()['enum'], -1)[0],
            };
            $this->command($sheet, 'set', [$item['id']], [$field->name => [[]]])->assertStatus(422);
            $told = $this->command($sheet, 'set', [$item['id']], [$field->name => $value])->assertOk();
            if ($told->json('changed') !== []) {
                self::assertEquals($value, $told->json('changed.0.fields')[$field->name], $field->name);
                $this->postJson("/api/documents/$document/undo")->assertOk();
                self::assertSame($before, $this->bytes($sheet), $field->name);
            }
            $tried++;
        }
        self::assertGreaterThan(0, $tried);
    }

    /** Its ink is what its pixels are, however it is turned and mirrored. */
    #[DataProvider('kinds')]
    public function test_its_ink_is_what_is_painted(string $name): void
    {
        if (Kinds::named($name)->tool() === null) {
            self::assertNull(Kinds::named($name)->tool());

            return;
        }
        $chance = new Randomizer(new Mt19937(crc32($name)));
        for ($i = 0; $i < 6; $i++) {
            ['sheet' => $sheet] = $this->begin(320, 320);
            $item = $this->made($sheet, $name, ['x' => 100, 'y' => 120, 'angle' => $chance->getInt(-180, 180)], $chance);
            foreach ($chance->pickArrayKeys(['x' => 1, 'y' => 1, 'none' => 1], $chance->getInt(1, 2)) as $axis) {
                $item = $axis === 'none' ? $item : $this->command($sheet, 'mirror', [$item['id']], ['axis' => $axis])->json('changed.0') ?? $item;
            }
            $picture = imagecreatefromstring((string) $this->get("/api/sheets/$sheet/render.png?scale=2")->assertOk()->getContent());
            self::assertNotFalse($picture);
            [$left, $top, $right, $bottom] = [PHP_INT_MAX, PHP_INT_MAX, -1, -1];
            for ($y = 0; $y < imagesy($picture); $y++) {
                for ($x = 0; $x < imagesx($picture); $x++) {
                    if (imagecolorat($picture, $x, $y) !== 0xFFFFFF) {
                        [$left, $top, $right, $bottom] = [min($left, $x), min($top, $y), max($right, $x + 1), max($bottom, $y + 1)];
                    }
                }
            }
            $ink = [$item['ink']['x'], $item['ink']['y'], $item['ink']['x'] + $item['ink']['w'], $item['ink']['y'] + $item['ink']['h']];
            foreach ([$left / 2, $top / 2, $right / 2, $bottom / 2] as $side => $painted) {
                self::assertEqualsWithDelta($ink[$side], $painted, 0.8, "sheet $i, side $side: ".json_encode(array_diff_key($item, ['painting' => 1])));
            }
        }
    }

    public function test_a_kind_that_there_is_not_is_an_error_and_never_nothing(): void
    {
        ['sheet' => $sheet] = $this->begin();
        $this->command($sheet, 'add-item', [], ['kind' => 'cloud', 'x' => 0, 'y' => 0, 'w' => 9, 'h' => 9])->assertStatus(422);
        $box = $this->box($sheet, 0, 0);
        DB::table('items')->where('id', $box)->update(['kind' => 'cloud']);
        $this->getJson("/api/sheets/$sheet")->assertStatus(422);
        $this->getJson("/api/sheets/$sheet/render.svg")->assertStatus(422);
    }

    public function test_a_row_says_all_of_an_item(): void
    {
        $fields = array_keys(get_class_vars(Item::class));
        self::assertSame(['id', 'parent', 'rank', 'kind', 'name', 'frame', 'angle', 'locked', 'hidden', 'fields', 'origin', 'reference', 'flip'], $fields, 'a new one has to be stored, answered and written as well');
        self::assertCount(17, ItemRows::BASE);
    }

    /**
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>
     */
    private function made(string $sheet, string $name, array $more = [], ?Randomizer $chance = null): array
    {
        $kind = Kinds::named($name);
        if ($kind instanceof Combines) {
            return $this->command($sheet, 'combine', [$this->box($sheet, 20, 20), $this->box($sheet, 90, 60)], ['how' => 'join'])->assertOk()->json('created.0');
        }
        if ($kind instanceof MasksOthers) {
            return $this->command($sheet, 'mask', [$this->box($sheet, 20, 20), $this->box($sheet, 40, 50)])->assertOk()->json('created.0');
        }
        if ($kind->tool() === null) {
            return $this->command($sheet, 'group', [$this->box($sheet, 20, 20), $this->box($sheet, 120, 90)])->assertOk()->json('created.0');
        }
        $size = $kind instanceof HasWords ? ['text' => 'Quay', 'size' => 40] : ($kind instanceof Flat ? ['w' => 90] : ['w' => 120, 'h' => 80]);

        return $this->command($sheet, 'add-item', [], ['kind' => $name, 'x' => 30, 'y' => 40, ...$size, ...self::looks($kind, $chance), ...$more])->assertOk()->json('created.0');
    }

    /** @return array<string, mixed> */
    private static function looks(Kind $kind, ?Randomizer $chance): array
    {
        $looks = [
            'outline' => ['colour' => '#24485a', 'weight' => $chance === null ? 4 : $chance->getInt(1, 12)] + ($chance === null ? [] : [
                'side' => Outline::SIDES[$chance->getInt(0, 2)], 'ends' => Outline::ENDS[$chance->getInt(0, 2)], 'joins' => Outline::JOINS[$chance->getInt(0, 2)],
            ]),
            'radius' => $chance === null ? 0 : $chance->getInt(0, 30), 'sides' => $chance === null ? 5 : $chance->getInt(3, 9),
            'star' => $chance === null || $chance->getInt(0, 1) === 0 ? null : $chance->getInt(20, 90) / 100,
        ];
        if ($chance !== null) {
            $looks += [
                'start' => $chance->getInt(-360, 360), 'sweep' => $chance->getInt(20, 340), 'hole' => $chance->getInt(0, 10) / 10,
                'shaft' => $chance->getInt(4, 100), 'head' => $chance->getInt(5, 130), 'heads' => $chance->getInt(0, 1) === 0 ? 'end' : 'both',
                'subpaths' => [['closed' => $chance->getInt(0, 1) === 1, 'points' => array_map(static fn (): array => self::point($chance), range(1, $chance->getInt(2, 5)))]],
                'radii' => $chance->getInt(0, 1) === 0 ? null : [$chance->getInt(0, 80), 0, $chance->getInt(0, 80), $chance->getInt(0, 80)],
            ];
        }

        return array_intersect_key($looks, $kind->fields()->defaults);
    }

    /** @return array<string, mixed> of a path, with control points or without */
    private static function point(Randomizer $chance): array
    {
        $at = static fn (): array => ['x' => $chance->getInt(0, 120), 'y' => $chance->getInt(0, 80)];

        return $at() + ($chance->getInt(0, 1) === 1 ? ['in' => $at()] : []) + ($chance->getInt(0, 1) === 1 ? ['out' => $at()] : []);
    }
}
