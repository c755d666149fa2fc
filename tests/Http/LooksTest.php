<?php

declare(strict_types=1);

namespace Tests\Http;

use PHPUnit\Framework\Attributes\DataProvider;

/** Paths and looks over HTTP: what is refused and how, swatches on all sheets, contrast by the painted colours. */
final class LooksTest extends HttpTestCase
{
    /** @return array<string, array{array<string, mixed>, string}> */
    public static function offences(): array
    {
        $stop = ['at' => 0, 'colour' => '#17614f'];

        return [
            'a gradient without stops' => [['fill' => ['gradient' => 'linear', 'stops' => []]], 'needs 2 entries at least'],
            'with one' => [['fill' => ['gradient' => 'linear', 'stops' => [$stop]]], 'needs 2 entries at least'],
            'a stop past the end' => [['fill' => ['gradient' => 'radial', 'stops' => [$stop, ['at' => 1.5, 'colour' => '#17614f']]]], 'has to be 1 or less'],
            'a stop without a colour' => [['fill' => ['gradient' => 'linear', 'stops' => [$stop, ['at' => 1, 'colour' => 'quay']]]], 'colour such as #1a2b3c'],
            'a pattern too fine' => [['fill' => ['pattern' => 'stripes', 'pitch' => 0, 'colour' => '#17614f']], 'has to be 1 or more'],
            'no colour' => [['fill' => 'harbour'], 'colour such as #1a2b3c'],
            'dashes of nothing' => [['outline' => ['colour' => '#17614f', 'weight' => 1, 'dash' => [0, 0]]], 'draw nothing'],
            'a weight below 0' => [['outline' => ['colour' => '#17614f', 'weight' => -1]], 'has to be 0 or more'],
            'five shadows' => [['shadow' => array_fill(0, 5, ['colour' => '#17614f'])], '4 entries at most'],
            'a path that is none' => [['subpaths' => 'harbour'], 'That is no path data of SVG'],
            'a path of one point' => [['subpaths' => [['points' => [['x' => 1, 'y' => 1]]]]], 'needs two points at least'],
            'a point that is no number' => [['subpaths' => [['points' => [['x' => 'NaN', 'y' => 1], ['x' => 2, 'y' => 2]]]]], 'a number'],
            'a path of 50,000 points' => [['subpaths' => [['points' => array_fill(0, 50_000, ['x' => 1, 'y' => 2])]]], '10,000 points at most; this has 50,000'],
        ];
    }

    /** @param  array<string, mixed>  $params */
    #[DataProvider('offences')]
    public function test_what_cannot_be_is_said_in_a_plain_sentence_and_changes_nothing(array $params, string $why): void
    {
        ['sheet' => $sheet] = $this->begin();
        $item = $this->command($sheet, 'add-item', [], ['kind' => 'path', 'x' => 10, 'y' => 10, 'subpaths' => 'M0 0L50 0L50 50Z'])->assertOk()->json('created.0.id');
        $before = $this->bytes($sheet);
        $answer = $this->command($sheet, 'set', [$item], $params)->assertStatus(422);
        self::assertStringContainsString($why, (string) $answer->getContent());
        self::assertSame($before, $this->bytes($sheet));
    }

    public function test_a_swatch_is_that_of_all_sheets_of_its_document_and_of_its_file(): void
    {
        ['document' => $document, 'sheet' => $sheet] = $this->begin();
        $this->command($sheet, 'keep-swatch', [], ['name' => 'Quay', 'colour' => '#17614f'])->assertOk();
        $swatch = $this->getJson("/api/sheets/$sheet")->json('swatches.0');
        $this->command($sheet, 'add-item', [], ['kind' => 'box', 'x' => 0, 'y' => 0, 'w' => 50, 'h' => 50, 'fill' => ['swatch' => $swatch['key'], 'colour' => '#17614f']])->assertOk();
        $other = $this->postJson("/api/documents/$document/sheets", ['name' => 'Two', 'width' => 300, 'height' => 200, 'unit' => 'px', 'ppi' => 96])->assertCreated()->json('id');
        $this->command($other, 'set-swatch', [], ['swatch' => $swatch['id'], 'colour' => '#a83a24'])->assertOk();
        self::assertStringContainsString("fill='#a83a24'", (string) $this->get("/api/sheets/$sheet/render.svg")->getContent(), 'changed on one sheet, it is changed on the other');
        $this->postJson("/api/documents/$document/undo")->assertOk();
        self::assertStringContainsString("fill='#17614f'", (string) $this->get("/api/sheets/$sheet/render.svg")->getContent());
        $this->postJson("/api/documents/$document/redo")->assertOk();
        $file = (string) $this->get("/api/documents/$document/file")->getContent();
        $opened = $this->call('POST', '/api/documents/import', content: $file, server: ['CONTENT_TYPE' => 'application/json'])->assertCreated();
        self::assertStringContainsString("fill='#a83a24'", (string) $this->get("/api/sheets/{$opened->json('sheets.0.id')}/render.svg")->getContent());
        $this->command($sheet, 'delete-swatch', [], ['swatch' => $swatch['id']])->assertOk();
        self::assertStringContainsString("fill='#a83a24'", (string) $this->get("/api/sheets/$sheet/render.svg")->getContent(), 'what has its colour keeps it');
    }

    public function test_contrast_is_that_of_the_painted_colours(): void
    {
        ['sheet' => $sheet] = $this->begin(400, 300);
        $text = $this->command($sheet, 'add-item', [], ['kind' => 'text', 'x' => 40, 'y' => 40, 'text' => 'Pier', 'size' => 40, 'weight' => 700, 'fill' => '#000000'])->assertOk()->json('created.0.id');
        $of = fn (): array => $this->getJson("/api/sheets/$sheet/contrast?item=$text")->assertOk()->json();
        self::assertEqualsWithDelta(['ratio' => 21, 'needed' => 3], $of(), 0.3);
        $box = $this->command($sheet, 'add-item', [], ['kind' => 'box', 'x' => 0, 'y' => 0, 'w' => 200, 'h' => 200, 'fill' => '#808080'])->assertOk()->json('created.0.id');
        $this->command($sheet, 'order', [$box], ['to' => 'back'])->assertOk();
        // (0.2159 + 0.05) / 0.05, by the formula of WCAG
        self::assertEqualsWithDelta(5.32, $of()['ratio'], 0.05);
        // Black that is half seen through on grey comes to #404040.
        $this->command($sheet, 'set', [$text], ['opacity' => 0.5])->assertOk();
        self::assertEqualsWithDelta((0.2159 + 0.05) / (0.0513 + 0.05), $of()['ratio'], 0.1);
        $this->command($sheet, 'set', [$text], ['hidden' => true])->assertOk();
        self::assertNull($of()['ratio']);
        $this->getJson("/api/sheets/$sheet/contrast?item=$box")->assertStatus(422);
        $this->getJson("/api/sheets/$sheet/contrast?item=none")->assertStatus(404);
    }

    public function test_points_are_snapped_to_and_snap_themselves(): void
    {
        ['sheet' => $sheet] = $this->begin(400, 300);
        $path = $this->command($sheet, 'add-item', [], ['kind' => 'path', 'x' => 50, 'y' => 50, 'subpaths' => 'M0 0L60 40L100 0'])->assertOk()->json('created.0.id');
        $box = $this->command($sheet, 'add-item', [], ['kind' => 'box', 'x' => 200, 'y' => 200, 'w' => 30, 'h' => 30])->assertOk()->json('created.0.id');
        $lines = $this->postJson("/api/sheets/$sheet/snap", ['items' => [$box], 'mode' => 'move', 'tolerance' => 6, 'kinds' => ['edge']])->assertOk()->json('lines.x');
        self::assertContains(110.0, array_map(floatval(...), array_column($lines, 'at')), 'the middle point is no edge of the frame, and snapped to');
        // A point 3 px beside the left edge of the box goes onto it.
        $this->command($sheet, 'arrange-points', [], ['points' => ["$path:0:2"], 'command' => 'move-by', 'params' => ['dx' => 47, 'dy' => 0, 'snap' => ['tolerance' => 6, 'kinds' => ['edge']]]])->assertOk();
        $item = $this->getJson("/api/sheets/$sheet")->json('items.0');
        self::assertEquals(200, $item['frame']['x'] + $item['fields']['subpaths'][0]['points'][2]['x']);
    }

    public function test_a_pattern_runs_on_in_others(): void
    {
        ['sheet' => $sheet] = $this->begin(400, 300);
        $ids = array_map(fn (int $i): string => $this->command($sheet, 'add-item', [], ['kind' => 'box', 'x' => 50 * $i, 'y' => 0, 'w' => 50, 'h' => 40, 'fill' => $i === 0 ? ['pattern' => 'stripes', 'pitch' => 12, 'colour' => '#000000'] : '#ffffff'])->json('created.0.id'), [0, 1, 2]);
        $this->command($sheet, 'run-on', $ids)->assertOk();
        $fills = array_column(array_column($this->getJson("/api/sheets/$sheet")->json('items'), 'fields'), 'fill');
        self::assertEquals([0, -2, -4], array_map(static fn (array $fill): float|int => $fill['phase'] ?? 0, $fills));
        $this->command($sheet, 'run-on', array_reverse(array_slice($ids, 0, 1)))->assertStatus(422);
    }
}
