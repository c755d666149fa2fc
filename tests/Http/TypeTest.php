<?php

declare(strict_types=1);

namespace Tests\Http;

use PHPUnit\Framework\Attributes\TestWith;

/** Texts over HTTP: parts of their words, styles of the document, sizes, and what is asked while they are written. */
final class TypeTest extends HttpTestCase
{
    private string $document;

    private string $sheet;

    protected function setUp(): void
    {
        parent::setUp();
        ['document' => $this->document, 'sheet' => $this->sheet] = $this->begin();
    }

    /** @param  array<string, mixed>  $params */
    private function text(string $words, array $params = [], ?string $sheet = null): string
    {
        return $this->command($sheet ?? $this->sheet, 'add-item', [], ['kind' => 'text', 'text' => $words, 'x' => 10, 'y' => 10, ...$params])->assertOk()->json('created.0.id');
    }

    /** @return array<string, mixed> */
    private function item(string $id, ?string $sheet = null): array
    {
        return array_column($this->getJson('/api/sheets/'.($sheet ?? $this->sheet))->json('items'), null, 'id')[$id];
    }

    public function test_a_part_of_the_words_is_set_otherwise_and_follows_them(): void
    {
        $id = $this->text("Sailing notice\nfrom Skerry Point");
        $before = $this->item($id);
        $this->command($this->sheet, 'set-words', [$id], ['from' => 0, 'to' => 7, 'styles' => ['weight' => 700, 'size' => 32]])->assertOk()->assertJsonPath('report.summary', 'Set weight, size of "Sailing" in "Sailing notice from Skerry Point"');
        $this->command($this->sheet, 'set-words', [$id], ['from' => 20, 'to' => 26, 'styles' => ['italic' => true, 'align' => 'end']])->assertOk();
        $is = $this->item($id);
        self::assertSame([['from' => 0, 'to' => 7, 'size' => 32, 'weight' => 700], ['from' => 20, 'to' => 26, 'italic' => true]], $is['fields']['runs']);
        self::assertSame([['at' => 1, 'align' => 'end']], $is['fields']['paragraphs'], 'paragraphs are set whole');
        self::assertGreaterThan($before['frame']['h'], $is['frame']['h']);
        // Words put in before, within and behind.
        $this->command($this->sheet, 'set', [$id], ['text' => "The Sailings notice\nfrom Skerry Point"])->assertOk();
        self::assertSame([[0, 12], [25, 31]], array_map(static fn (array $run): array => [$run['from'], $run['to']], $this->item($id)['fields']['runs']), 'what is put in at the very beginning is as what follows');
        // What is set for all of it leaves no part out.
        $this->command($this->sheet, 'set', [$id], ['size' => 20, 'align' => 'centre'])->assertOk();
        self::assertSame([['from' => 0, 'to' => 12, 'weight' => 700], ['from' => 25, 'to' => 31, 'italic' => true]], $this->item($id)['fields']['runs']);
        self::assertSame([], $this->item($id)['fields']['paragraphs']);
        // All of it, part by part, is all of it.
        $this->command($this->sheet, 'set-words', [$id], ['from' => 0, 'to' => 60_000, 'styles' => ['weight' => 600]])->assertOk();
        self::assertSame([600, [['from' => 25, 'to' => 31, 'italic' => true]]], [$this->item($id)['fields']['weight'], $this->item($id)['fields']['runs']]);
        for ($i = 0; $i < 5; $i++) {
            $this->postJson("/api/documents/$this->document/undo")->assertOk();
        }
        self::assertSame($before, $this->item($id));
    }

    public function test_what_cannot_be_set_otherwise_is_refused(): void
    {
        $text = $this->text('Pier');
        $box = $this->box($this->sheet, 0, 0);
        $this->command($this->sheet, 'set-words', [$box], ['from' => 0, 'to' => 1, 'styles' => ['size' => 20]])->assertStatus(422)->assertJsonPath('detail', '"Box" is a box: it has no lines of words.');
        $this->command($this->sheet, 'set-words', [$text, $this->text('Quay')], ['from' => 0, 'to' => 1, 'styles' => ['size' => 20]])->assertStatus(422);
        $this->command($this->sheet, 'set-words', [$text], ['from' => 3, 'to' => 2, 'styles' => ['size' => 20]])->assertStatus(422);
        $this->command($this->sheet, 'set-words', [$text], ['from' => 0, 'to' => 2, 'styles' => ['size' => 0]])->assertStatus(422);
        $this->command($this->sheet, 'set-words', [$text], ['from' => 0, 'to' => 2, 'styles' => ['font' => 'nowhere']])->assertStatus(422);
        $this->command($this->sheet, 'set', [$text], ['tracking' => 1e6])->assertStatus(422);
        $this->command($this->sheet, 'set', [$text], ['text' => str_repeat('x', 60_001)])->assertStatus(422);
        $this->command($this->sheet, 'set', [$text], ['text' => str_repeat('word ', 2_000)])->assertOk();
        $this->command($this->sheet, 'set', [$text], ['text' => "Pier \u{5E9}\u{5DC}\u{5D5}\u{5DD} 漢"])->assertOk()->assertJsonPath('report.missing_characters', ["\u{5E9}", "\u{5DC}", "\u{5D5}", "\u{5DD}", '漢']);
    }

    public function test_a_style_is_changed_everywhere_at_once_and_back(): void
    {
        $other = $this->postJson("/api/documents/$this->document/sheets", ['name' => 'Two', 'width' => 400, 'height' => 300, 'unit' => 'px', 'ppi' => 96])->assertCreated()->json('id');
        [$here, $there, $own] = [$this->text('Here', ['size' => 20]), $this->text('There', [], $other), $this->text('With a weight of its own')];
        $style = $this->command($this->sheet, 'keep-style', [$here], ['name' => 'Heading'])->assertOk()->json('report.style');
        $this->command($this->sheet, 'keep-style', [$own], ['name' => 'Heading'])->assertStatus(422);
        $this->command($other, 'use-style', [$there], ['style' => $style])->assertOk()->assertJsonPath('report.summary', 'Set "There" in the style "Heading"');
        $this->command($this->sheet, 'use-style', [$own], ['style' => $style])->assertOk();
        self::assertEquals(20, $this->item($there, $other)['fields']['size']);
        $this->command($this->sheet, 'set', [$own], ['weight' => 700])->assertOk();
        $states = [$this->bytes($this->sheet), $this->bytes($other)];
        $revision = $this->getJson("/api/sheets/$other")->json('revision');

        $this->command($this->sheet, 'set-style', [], ['style' => $style, 'styles' => ['size' => 36, 'weight' => 600]])->assertOk()->assertJsonPath('report.summary', 'Changed the style "Heading" (2 texts on this sheet)');
        self::assertSame([36, 36, 36], [$this->item($here)['fields']['size'], $this->item($own)['fields']['size'], $this->item($there, $other)['fields']['size']]);
        self::assertSame([600, 700, 600], [$this->item($here)['fields']['weight'], $this->item($own)['fields']['weight'], $this->item($there, $other)['fields']['weight']], 'what a text has otherwise stays');
        self::assertEquals(47, $this->item($there, $other)['frame']['h'], 'its frame has followed: 1.3 times 36, rounded up');
        self::assertGreaterThan($revision, $this->getJson("/api/sheets/$other")->json('revision'));
        $changed = [$this->bytes($this->sheet), $this->bytes($other)];
        $this->postJson("/api/documents/$this->document/undo")->assertOk();
        self::assertSame($states, [$this->bytes($this->sheet), $this->bytes($other)], 'on both sheets');
        $this->postJson("/api/documents/$this->document/redo")->assertOk();
        self::assertSame($changed, [$this->bytes($this->sheet), $this->bytes($other)]);

        // The file keeps the styles, and its copy is as the document is.
        $file = (string) $this->get("/api/documents/$this->document/file")->assertOk()->getContent();
        $copy = $this->call('POST', '/api/documents/import', server: ['CONTENT_TYPE' => 'application/json'], content: $file)->assertCreated();
        self::assertSame($file, (string) $this->get("/api/documents/{$copy->json('id')}/file")->getContent());
        $copied = $this->getJson("/api/sheets/{$copy->json('sheets.0.id')}")->json();
        $this->command($copy->json('sheets.0.id'), 'set-style', [], ['style' => $copied['styles'][0]['id'], 'name' => 'Title'])->assertOk()->assertJsonPath('report.summary', 'Renamed the style "Heading" "Title"');

        $this->command($this->sheet, 'delete-style', [], ['style' => $style])->assertOk()->assertJsonPath('styles', []);
        self::assertSame(36, $this->item($here)['fields']['size'], 'what was of it stays as it is');
        $this->command($this->sheet, 'use-style', [$here], ['style' => null])->assertOk();
        self::assertNull($this->item($here)['fields']['style']);
        $this->command($this->sheet, 'use-style', [$this->box($this->sheet, 0, 0)], ['style' => $copied['styles'][0]['id']])->assertStatus(422);
        $this->command($this->sheet, 'set-style', [], ['style' => $style, 'name' => 'Gone'])->assertStatus(404);
    }

    public function test_the_scale_offers_sizes(): void
    {
        $this->command($this->sheet, 'set-scale', [], ['base' => 16, 'ratio' => 1.25, 'whole' => true])->assertOk()
            ->assertJsonPath('scales.0.sizes', [8, 10, 13, 16, 20, 25, 31, 39, 49, 61, 76])
            ->assertJsonPath('report.summary', 'Set the scale: 16 px, × 1.25: 8, 10, 13, 16, 20, 25, 31, 39, 49, 61, 76');
        $this->command($this->sheet, 'set-scale', [], ['whole' => false])->assertOk()->assertJsonPath('scales.0.sizes.2', 12.8);
        self::assertCount(1, $this->getJson("/api/sheets/$this->sheet")->json('scales'));
        $this->command($this->sheet, 'set-scale', [], ['ratio' => 1])->assertStatus(422);
    }

    public function test_the_largest_size_that_fits_is_found(): void
    {
        $id = $this->text('From Skerry Point at seven', ['w' => 200, 'h' => 90, 'runs' => [['from' => 5, 'to' => 11, 'size' => 32]]]);
        $this->command($this->sheet, 'fit-text', [$id], [])->assertOk();
        $fields = $this->item($id)['fields'];
        $size = $fields['size'];
        self::assertSame([true, 2 * $size], [$size > 16, $fields['runs'][0]['size']], 'runs keep their share');
        $overflow = fn (float $at): ?array => $this->postJson("/api/sheets/$this->sheet/setting", ['item' => $id, 'fields' => ['size' => $at, 'runs' => [['from' => 5, 'to' => 11, 'size' => 2 * $at]]]])->assertOk()->json('overflow');
        self::assertNull($overflow($size));
        $lines = $this->postJson("/api/sheets/$this->sheet/setting", ['item' => $id, 'fields' => ['size' => $size + 1, 'runs' => [['from' => 5, 'to' => 11, 'size' => 2 * $size + 2]]]])->json('lines');
        self::assertTrue($overflow($size + 1) !== null || count($lines) > 1);
        $narrow = $this->text('Harbourmaster', ['w' => 3, 'h' => 90]);
        $this->command($this->sheet, 'fit-text', [$narrow], [])->assertStatus(422)->assertJsonPath('detail', 'The words of "Harbourmaster" do not fit its frame of 3 × 90, however small they are.');
        $this->command($this->sheet, 'fit-text', [$this->box($this->sheet, 0, 0)], [])->assertStatus(422);
    }

    public function test_what_has_no_room_is_said(): void
    {
        $id = $this->text("one two\nthree four five", ['w' => 200, 'h' => 25]);
        $this->postJson("/api/sheets/$this->sheet/setting", ['item' => $id])->assertOk()->assertJsonPath('overflow', ['lines' => 1, 'words' => 3]);
        $this->command($this->sheet, 'set', [$id], ['grow' => 'down'])->assertOk();
        $this->postJson("/api/sheets/$this->sheet/setting", ['item' => $id])->assertOk()->assertJsonPath('overflow', null);
    }

    public function test_words_that_are_being_written_are_set_and_not_kept(): void
    {
        $id = $this->text('Pier');
        $before = $this->bytes($this->sheet);
        $answer = $this->postJson("/api/sheets/$this->sheet/setting", ['item' => $id, 'words' => "Pier\nnorth", 'styled' => ['from' => 5, 'to' => 10, 'styles' => ['weight' => 700]]])->assertOk();
        self::assertSame([[0, 4], [5, 10]], array_map(static fn (array $line): array => [$line['from'], $line['to']], $answer->json('lines')));
        self::assertSame([['from' => 5, 'to' => 10, 'weight' => 700]], $answer->json('fields.runs'));
        self::assertCount(5, $answer->json('lines.0.carets'));
        self::assertEquals(0, $answer->json('lines.1.carets.0'));
        self::assertSame($before, $this->bytes($this->sheet));
        $painted = $this->command($this->sheet, 'set', [$id], ['text' => "Pier\nnorth", 'runs' => [['from' => 5, 'to' => 10, 'weight' => 700]]])->assertOk()->assertJsonPath('report.summary', 'Changed the words of "Pier north"')->json('changed.0');
        self::assertSame([$answer->json('painting'), $answer->json('frame')], [$painted['painting'], $painted['frame']], 'and they are kept as they were set');
        $new = $this->postJson("/api/sheets/$this->sheet/setting", ['kind' => 'text', 'at' => ['x' => 5, 'y' => 6, 'w' => 80], 'words' => 'A new one that wraps'])->assertOk();
        self::assertSame([5, 6, 80], [$new->json('frame.x'), $new->json('frame.y'), $new->json('frame.w')]);
        self::assertGreaterThan(1, count($new->json('lines')));
    }

    public function test_the_lines_of_letters_are_snapped_to(): void
    {
        $this->command($this->sheet, 'set-sheet', [], ['whole_pixels' => false])->assertOk();
        $text = $this->text("Pier\nQuay", ['x' => 100, 'y' => 100, 'size' => 20, 'line_height' => 1.0]);
        $box = $this->box($this->sheet, 300, 300);
        $lines = fn (array $more = []): array => $this->postJson("/api/sheets/$this->sheet/snap", ['items' => [$box], 'mode' => 'move', 'tolerance' => 6] + $more)->assertOk()->json('lines.y');
        $found = array_column(array_filter($lines(), static fn (array $line): bool => str_contains($line['from'], 'height') || $line['from'] === 'last baseline'), 'at', 'from');
        $first = 100 + (20 - 25.32) / 2 + 17.66;
        self::assertEqualsWithDelta(['cap height' => $first - 14, 'x height' => $first - 10.22, 'last baseline' => $first + 20], $found, 0.001);
        // By another's ink, the same lines of letters.
        self::assertSame(array_column($lines(), 'at'), array_column($lines(['by' => 'ink']), 'at'));
        // A box is brought to the height of the small letters.
        $moved = $this->command($this->sheet, 'move-by', [$box], ['dx' => 0, 'dy' => $first - 10.22 - 300 + 1, 'snap' => ['tolerance' => 6]])->assertOk()->json('report.lines');
        self::assertContains('x height', array_merge(...array_column($moved, 'from')), (string) json_encode($moved));
        $this->command($this->sheet, 'turn', [$text], ['angle' => 8])->assertOk();
        self::assertNotContains('cap height', array_column($lines(), 'from'));
    }

    /** @param  array<string, mixed>  $body */
    #[TestWith([['words' => 'x'], 422])]
    #[TestWith([['item' => 'nothing'], 404])]
    #[TestWith([['kind' => 'box', 'fields' => ['text' => 'x']], 422])]
    #[TestWith([['kind' => 'cloud'], 422])]
    #[TestWith([['kind' => 'text', 'styled' => ['from' => -1, 'to' => 2, 'styles' => []]], 422])]
    #[TestWith([['kind' => 'text', 'fields' => ['font' => 'nowhere']], 422])]
    public function test_what_cannot_be_set_is_refused(array $body, int $status): void
    {
        $this->postJson("/api/sheets/$this->sheet/setting", $body)->assertStatus($status);
    }

    public function test_a_text_in_a_box_grows_with_its_words_about_its_centre(): void
    {
        $ids = array_map(fn (string $words): string => $this->text($words, ['x' => 200, 'padding' => 10, 'box_fill' => '#17614f', 'align' => 'centre']), ['Buy', 'Buy a ticket', 'Return']);
        $ids = [...$ids, $this->text('Pay', ['x' => 200, 'padding' => [8, 24, 8, 24], 'box_fill' => '#17614f', 'align' => 'centre'])];
        $before = array_map($this->item(...), $ids);
        $this->command($this->sheet, 'set', $ids, ['text' => 'Buy a return ticket'])->assertOk();
        foreach ($ids as $i => $id) {
            $is = $this->item($id);
            self::assertEqualsWithDelta($before[$i]['frame']['x'] + $before[$i]['frame']['w'] / 2, $is['frame']['x'] + $is['frame']['w'] / 2, 0.5);
            self::assertEqualsWithDelta($is['frame'], $is['ink'], 0.001, 'the box is what is seen');
            $carets = $this->postJson("/api/sheets/$this->sheet/setting", ['item' => $id])->json('lines.0.carets');
            self::assertEqualsWithDelta($is['frame']['w'], $carets[0] + end($carets), 0.01, 'the words stand in its middle');
        }
        self::assertEquals(8 + 8 + 21, ceil($this->item($ids[3])['frame']['h']));
    }
}
