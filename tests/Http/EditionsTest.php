<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Storage\Patch;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;

/** Files of earlier editions open as they did, and are written in the current one; rows and lines of the history of earlier versions are read. */
final class EditionsTest extends HttpTestCase
{
    /** @return iterable<string, array{string, list<string>}> the file, and what lies on its sheet in order */
    public static function editions(): iterable
    {
        yield 'the first' => ['1', ['Pier', 'Plank', 'Word']];
        yield 'the second' => ['2', ['Sign', 'Card', 'Skerry Point', 'Buoy', 'Rule', 'Block', 'Berth 01', 'Berth 02', 'Berth 03', 'Berth 04', 'Berth 05', 'Berth 06', 'Berth 07', 'Berth 08']];
    }

    /** @param  list<string>  $names */
    #[DataProvider('editions')]
    public function test_a_file_of_an_earlier_edition_opens(string $edition, array $names): void
    {
        $opened = $this->call('POST', '/api/documents/import', content: (string) file_get_contents(dirname(__DIR__)."/Core/Format/editions/$edition.json"), server: ['CONTENT_TYPE' => 'application/json'])->assertCreated();
        $content = $this->getJson('/api/sheets/'.$opened->json('sheets.0.id'));
        self::assertEqualsCanonicalizing($names, array_column($content->json('items'), 'name'));
        $file = (string) $this->get("/api/documents/{$opened->json('id')}/file")->getContent();
        self::assertSame(3, json_decode($file, true)['version']);
        $again = $this->call('POST', '/api/documents/import', content: $file, server: ['CONTENT_TYPE' => 'application/json'])->assertCreated()->json('id');
        self::assertSame($file, (string) $this->get("/api/documents/$again/file")->getContent());
    }

    public function test_all_of_the_second_edition_is_there(): void
    {
        $opened = $this->call('POST', '/api/documents/import', content: (string) file_get_contents(dirname(__DIR__).'/Core/Format/editions/2.json'), server: ['CONTENT_TYPE' => 'application/json'])->assertCreated();
        $content = $this->getJson('/api/sheets/'.$opened->json('sheets.0.id'))->assertOk();
        $items = array_column($content->json('items'), null, 'name');
        self::assertEquals(['fill' => '#dfeaec', 'outline' => ['colour' => '#24485a', 'weight' => 2], 'radius' => 8, 'radii' => null, 'shadow' => [], 'opacity' => 1, 'berth' => null, 'pins' => null, 'twin' => null, 'source' => null], $items['Card']['fields']);
        self::assertEquals(["Skerry Point\n10:40", 'bitter', 700, 18, 'centre', 'down'], array_map(static fn (string $name): mixed => $items['Skerry Point']['fields'][$name], ['text', 'font', 'weight', 'size', 'align', 'grow']));
        self::assertSame([4, 8], [$items['Block']['fields']['series']['columns'], $items['Block']['fields']['series']['count']]);
        self::assertSame([true, true, 10], [$items['Rule']['locked'], $items['Buoy']['hidden'], $items['Sign']['angle']]);
        self::assertSame([1, 1, 1, 1, 1], array_map(static fn (string $sort): int => count($content->json($sort)), ['guides', 'dimensions', 'slices', 'grids', 'presets']));
        self::assertSame([$items['Sign']['id']], $content->json('slices.0.items'));
        $this->command($content->json('sheet.id'), 'set-series', [$items['Block']['id']], ['columns' => 2])->assertOk();
    }

    /** In the first version a line of the history kept all fields of an item, whichever had changed. */
    public function test_a_line_of_the_history_of_an_earlier_version_is_undone_and_redone(): void
    {
        ['document' => $document, 'sheet' => $sheet] = $this->begin();
        $box = $this->box($sheet, 0, 0);
        $before = $this->bytes($sheet);
        $was = DB::table('items')->where('id', $box)->value('props');
        $this->command($sheet, 'set', [$box], ['fill' => '#123456', 'radius' => 4])->assertOk();
        $after = $this->bytes($sheet);
        $is = DB::table('items')->where('id', $box)->value('props');
        $rows = [['items', $box, ['props' => $was], ['props' => $is]]];
        DB::table('history')->where('command', 'set')->update(['patch' => gzcompress((string) json_encode(['version' => 1, 'rows' => $rows]))]);
        $this->postJson("/api/documents/$document/undo")->assertOk();
        self::assertSame($before, $this->bytes($sheet));
        $this->postJson("/api/documents/$document/redo")->assertOk();
        self::assertSame($after, $this->bytes($sheet));
    }

    public function test_a_line_keeps_the_fields_that_changed_and_no_others(): void
    {
        ['document' => $document, 'sheet' => $sheet] = $this->begin();
        $text = $this->command($sheet, 'add-item', [], ['kind' => 'text', 'text' => str_repeat('Skerry ', 400), 'x' => 0, 'y' => 0])->json('created.0.id');
        $this->command($sheet, 'set', [$text], ['fill' => '#123456'])->assertOk();
        $patch = Patch::unpack((string) DB::table('history')->where('command', 'set')->value('patch'));
        self::assertSame([['items', $text, ['fields' => ['fill' => '#20302d']], ['fields' => ['fill' => '#123456']]]], $patch->rows);
        DB::table('items')->where('id', $text)->update(['props' => DB::raw("json_set(props, '$.fill', '#ffffff')")]);
        $this->postJson("/api/documents/$document/undo")->assertStatus(409);
    }
}
