<?php

declare(strict_types=1);

namespace Tests\Http;

use PHPUnit\Framework\Attributes\DataProvider;

/** Guides, runs of moves, again, the clipboard and series as the interface asks for them. */
final class BenchCommandsTest extends HttpTestCase
{
    public function test_guides_are_kept_told_and_undone_and_copied_with_their_sheet(): void
    {
        ['document' => $document, 'sheet' => $sheet] = $this->begin();
        $this->command($sheet, 'set-zero', [], ['x' => 100])->assertOk();
        $answer = $this->command($sheet, 'add-guide', [], ['axis' => 'x', 'at' => '1in'])->assertOk();
        self::assertSame([['axis' => 'x', 'at' => 196]], array_map(static fn (array $g): array => ['axis' => $g['axis'], 'at' => $g['at']], $answer->json('guides')));
        $this->command($sheet, 'add-guide', [], ['axis' => 'y', 'at' => 40])->assertOk();
        self::assertCount(2, $this->getJson("/api/sheets/$sheet")->json('guides'));
        $copy = $this->postJson("/api/sheets/$sheet/copy")->assertCreated()->json('id');
        self::assertCount(2, $this->getJson("/api/sheets/$copy")->json('guides'));
        $this->postJson("/api/documents/$document/undo")->assertOk();
        $undone = $this->postJson("/api/documents/$document/undo")->assertOk();
        self::assertCount(1, $undone->json('guides'));
    }

    public function test_a_run_of_arrow_presses_is_one_line_and_undone_at_once(): void
    {
        ['document' => $document, 'sheet' => $sheet] = $this->begin();
        $a = $this->box($sheet, 10, 20, name: 'Buoy');
        $before = $this->bytes($sheet);
        foreach ([[1, 0], [1, 0], [10, 0], [0, -1]] as [$dx, $dy]) {
            $this->command($sheet, 'move-by', [$a], ['dx' => $dx, 'dy' => $dy], ['run' => 'run-number-1', 'key' => uniqid('key-number-')])->assertOk();
        }
        $this->command($sheet, 'move-by', [$a], ['dx' => 5, 'dy' => 0], ['run' => 'run-number-2'])->assertOk();
        $lines = array_column($this->getJson("/api/documents/$document/history")->json('lines'), 'label');
        self::assertSame(['Moved "Buoy" 5 px right', 'Moved "Buoy" 12 px right and 1 px up'], array_slice($lines, 0, 2));
        $this->postJson("/api/documents/$document/undo")->assertOk();
        $after = $this->bytes($sheet);
        $this->postJson("/api/documents/$document/undo")->assertOk();
        self::assertSame($before, $this->bytes($sheet));
        $this->postJson("/api/documents/$document/redo")->assertOk();
        self::assertSame($after, $this->bytes($sheet));
    }

    public function test_again_on_another_selection_and_after_a_moved_copy(): void
    {
        ['sheet' => $sheet, 'document' => $document] = $this->begin();
        [$a, $b] = [$this->box($sheet, 10, 20), $this->box($sheet, 300, 200)];
        $this->command($sheet, 'again', [$a])->assertStatus(422)->assertJsonPath('detail', 'There is nothing to do again yet. Arrange, set or copy something first.');
        $this->command($sheet, 'turn', [$a], ['by' => 20])->assertOk();
        $this->command($sheet, 'again', [$b])->assertOk()->assertJsonPath('changed.0.angle', 20);
        $copy = $this->command($sheet, 'duplicate', [$a], ['dx' => 4])->json('report.selection');
        $this->command($sheet, 'move-by', $copy, ['dx' => 0, 'dy' => 60])->assertOk();
        $next = $this->command($sheet, 'again', $copy)->assertOk()->json('created.0.frame');
        self::assertSame([18, 140], [$next['x'], $next['y']]);
        $this->postJson("/api/documents/$document/undo")->assertOk()->assertJsonPath('entry.command', 'duplicate');
    }

    public function test_what_a_selection_lies_on_and_what_lies_next(): void
    {
        ['sheet' => $sheet] = $this->begin(400, 300);
        $deck = $this->box($sheet, 50, 50, 300, 200, 'Deck');
        $a = $this->box($sheet, 100, 100, 40, 40);
        $b = $this->box($sheet, 180, 110, 40, 40, 'Buoy');
        $answer = $this->postJson("/api/sheets/$sheet/surroundings", ['items' => [$a]])->assertOk();
        self::assertSame(['id' => $deck, 'name' => 'Deck'], $answer->json('ground'));
        $bySide = array_column($answer->json('clearances'), null, 'side');
        self::assertSame(['side' => 'right', 'size' => 40, 'to' => ['id' => $b, 'name' => 'Buoy'], 'inset' => false], $bySide['right']);
        self::assertSame(['side' => 'left', 'size' => 50, 'to' => ['id' => $deck, 'name' => 'Deck'], 'inset' => true], $bySide['left']);
        $this->postJson("/api/sheets/$sheet/surroundings", ['items' => ['nowhere']])->assertNotFound();
        $this->postJson("/api/sheets/$sheet/surroundings", ['items' => []])->assertStatus(422);
    }

    public function test_a_dry_run_shows_where_all_would_land_and_stores_nothing(): void
    {
        ['sheet' => $sheet] = $this->begin();
        $ids = array_map(fn (int $i): string => $this->box($sheet, 10 + 60 * ($i % 3) + $i, 20 + 50 * intdiv($i, 3) - $i), range(0, 5));
        $before = $this->bytes($sheet);
        $dry = $this->command($sheet, 'square-up', $ids, more: ['dry' => true])->assertOk();
        self::assertSame($before, $this->bytes($sheet));
        $real = $this->command($sheet, 'square-up', $ids)->assertOk();
        self::assertSame($dry->json('changed'), $real->json('changed'));
        self::assertSame($dry->json('report.summary'), $real->json('report.summary'));
    }

    public function test_pasted_from_another_document(): void
    {
        ['sheet' => $from] = $this->begin();
        $item = $this->getJson("/api/sheets/$from")->json('items.0') ?? $this->command($from, 'add-item', [], ['kind' => 'text', 'text' => 'Skerry light', 'x' => 30, 'y' => 40])->json('created.0');
        $cut = array_diff_key($item, array_flip(['order', 'bounds', 'ink', 'painted', 'locked', 'painting']));
        ['sheet' => $to, 'document' => $document] = $this->begin();
        $answer = $this->command($to, 'paste', [], ['file' => ['format' => 'allsquare-excerpt', 'version' => 2, 'items' => [$cut]]])->assertOk();
        self::assertSame($item['frame'], $answer->json('created.0.frame'));
        self::assertSame('Pasted "Skerry light"', $answer->json('report.summary'));
        $this->postJson("/api/documents/$document/undo")->assertOk();
        self::assertSame([], $this->getJson("/api/sheets/$to")->json('items'));
    }

    /** @return array<string, array{string, array<string, mixed>}> */
    public static function garbage(): array
    {
        return [
            'pasting words' => ['paste', ['file' => 'words']],
            'pasting another file' => ['paste', ['file' => ['format' => 'x', 'version' => 1, 'items' => []]]],
            'pasting a script' => ['paste', ['file' => ['format' => 'allsquare-excerpt', 'version' => 2, 'items' => [['id' => 'a', 'kind' => 'box', 'name' => 'a', 'frame' => ['x' => 0, 'y' => 0, 'w' => 1, 'h' => 1], 'svg' => '<script/>']]]]],
            'a ring of none' => ['ring', ['cx' => 0, 'cy' => 0, 'radius' => 10, 'count' => 0]],
            'a ring of 100,000' => ['ring', ['cx' => 0, 'cy' => 0, 'radius' => 10, 'count' => 100000]],
            'a gap of a thousand million' => ['set-gap', ['axis' => 'x', 'gap' => 1e9]],
            'half a column' => ['block', ['columns' => 2.5]],
            'aligning to nothing there is' => ['align', ['edge' => 'left', 'to' => 'moon']],
            'a guide that is not there' => ['align', ['edge' => 'left', 'guide' => 'nowhere']],
            'turning by words' => ['turn', ['by' => 'much']],
        ];
    }

    /** @param  array<string, mixed>  $params */
    #[DataProvider('garbage')]
    public function test_garbage_is_answered_with_a_sentence_and_changes_nothing(string $command, array $params): void
    {
        ['sheet' => $sheet] = $this->begin();
        $ids = [$this->box($sheet, 0, 0), $this->box($sheet, 80, 0)];
        $before = $this->bytes($sheet);
        $answer = $this->command($sheet, $command, $ids, $params);
        self::assertContains($answer->getStatusCode(), [404, 422]);
        self::assertNotEmpty($answer->json('detail'));
        self::assertSame($before, $this->bytes($sheet));
    }
}
