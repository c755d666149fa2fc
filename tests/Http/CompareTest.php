<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Demo\MerrowSound;
use App\Models\Sheet;

/** Two arrangements of a sheet over HTTP: in what they differ, taken over singly, and one of them chosen. */
final class CompareTest extends HttpTestCase
{
    public function test_a_variant_is_known_by_its_things_whatever_is_done_to_them_and_one_is_chosen(): void
    {
        ['document' => $document, 'sheet' => $sheet, 'boxes' => [$a, $b, $c]] = $this->three();
        $variant = $this->postJson("/api/sheets/$sheet/variants", ['name' => 'Airy'])->assertCreated();
        $variant->assertJsonPath('name', 'Airy')->assertJsonPath('variant', ['of' => $sheet, 'items' => []])->assertJsonPath('position', 1);
        $other = $variant->json('id');
        self::assertSame([], $this->differences($sheet, ['sheet' => $other]));
        [$a2, $b2, $c2] = array_column($this->getJson("/api/sheets/$other")->json('items'), 'id');
        $this->command($other, 'set', [$a2], ['name' => 'Something else', 'fill' => '#17614f'])->assertOk();
        $this->command($other, 'place', [$b2], ['x' => 164, 'w' => 80])->assertOk();
        $this->command($other, 'delete', [$c2])->assertOk();
        $this->box($other, 400, 20, 30, 30, 'New');
        $this->command($other, 'set-sheet', [], ['background' => '#f2efe4'])->assertOk();
        $said = array_column($this->differences($sheet, ['sheet' => $other]), 'says', 'sort');
        self::assertSame([
            'sheet' => 'The sheet has the background #f2efe4', 'restyled' => '"A" has the fill #17614f', 'renamed' => '"A" is called "Something else"', 'moved' => '"B" moves right 24 px', 'sized' => '"B" is 80 × 40, not 50 × 40', 'added' => '"New" is added', 'gone' => '"C" is gone',
        ], $said);

        // One of them, and back again.
        $moved = array_column($this->differences($sheet, ['sheet' => $other]), null, 'sort')['moved'];
        self::assertSame([24, 0], [$moved['numbers']['dx'], $moved['numbers']['dy']]);
        $before = $this->bytes($sheet);
        $this->command($sheet, 'take-over', [], ['sheet' => $other, 'differences' => [$moved['key']]])->assertOk()->assertJsonPath('report.summary', 'Took over 1 difference of "Airy": moved (1)');
        self::assertSame(164, array_column($this->getJson("/api/sheets/$sheet")->json('items'), null, 'id')[$b]['frame']['x']);
        self::assertCount(6, $this->differences($sheet, ['sheet' => $other]));
        $this->command($sheet, 'take-over', [], ['sheet' => $other, 'differences' => [$moved['key']]])->assertStatus(422);
        $this->postJson("/api/documents/$document/undo")->assertOk();
        self::assertSame($before, $this->bytes($sheet));

        // All of them.
        $this->command($sheet, 'take-over', [], ['sheet' => $other])->assertOk();
        self::assertSame([], $this->differences($sheet, ['sheet' => $other]));
        self::assertSame($this->plain($other), $this->plain($sheet));
        $this->postJson("/api/documents/$document/undo")->assertOk();

        // The variant takes the place and the name of its source; undone, both are there.
        $this->postJson("/api/sheets/$other/choose", ['over' => $sheet])->assertOk()->assertJsonPath('name', 'One')->assertJsonPath('variant', null);
        self::assertSame([$other], array_column($this->getJson("/api/documents/$document")->json('sheets'), 'id'));
        $this->postJson("/api/documents/$document/undo")->assertOk();
        self::assertSame([[$sheet, 'One'], [$other, 'Airy']], array_map(static fn (array $one): array => [$one['id'], $one['name']], $this->getJson("/api/documents/$document")->json('sheets')));
        self::assertSame($sheet, $this->getJson("/api/sheets/$other")->json('sheet.variant.of'));
        $this->postJson("/api/sheets/$sheet/choose", ['over' => $other])->assertOk()->assertJsonPath('name', 'One');
        $this->postJson("/api/sheets/$sheet/choose", ['over' => $other])->assertStatus(422);
    }

    public function test_of_a_selection_only_what_is_about_it_differs(): void
    {
        ['sheet' => $sheet, 'boxes' => [$a, $b]] = $this->three();
        $variant = $this->postJson("/api/sheets/$sheet/variants", ['items' => [$a]])->assertCreated()->assertJsonPath('name', 'One, variant');
        $this->postJson("/api/sheets/$sheet/variants", ['items' => ['nothing']])->assertStatus(422);
        self::assertSame('One, variant 2', $this->postJson("/api/sheets/$sheet/variants", [])->json('name'));
        $items = array_column($this->getJson("/api/sheets/{$variant->json('id')}")->json('items'), 'id', 'name');
        $this->command($variant->json('id'), 'move-by', [$items['A'], $items['B']], ['dx' => 0, 'dy' => 9])->assertOk();
        self::assertCount(2, $this->differences($sheet, ['sheet' => $variant->json('id')]));
        self::assertSame(['A'], array_column($this->differences($sheet, ['sheet' => $variant->json('id'), 'items' => $variant->json('variant.items')]), 'name'));
        $this->command($sheet, 'take-over', [$a], ['sheet' => $variant->json('id')])->assertOk();
        self::assertSame(['B'], array_column($this->differences($sheet, ['sheet' => $variant->json('id')]), 'name'));
        self::assertSame(20, array_column($this->getJson("/api/sheets/$sheet")->json('items'), null, 'id')[$b]['frame']['y']);
    }

    public function test_a_sheet_against_a_line_of_its_history_and_against_a_file(): void
    {
        ['document' => $document, 'sheet' => $sheet, 'boxes' => [$a, $b, $c]] = $this->three();
        $file = $this->getJson("/api/documents/$document/file")->json();
        $line = max(array_column($this->getJson("/api/documents/$document/history")->json('lines'), 'line'));
        $this->command($sheet, 'delete', [$c])->assertOk();
        $this->command($sheet, 'move-by', [$a], ['dx' => 7, 'dy' => 0])->assertOk();
        $lines = $this->getJson("/api/documents/$document/history")->json('lines');
        $then = $this->postJson("/api/sheets/$sheet/compare", ['line' => $line])->assertOk();
        self::assertSame(['"A" moves left 7 px', '"C" is added'], array_column($then->json('differences'), 'says'));
        self::assertStringContainsString('<svg', $then->json('there.svg'));
        // Looking back changed nothing.
        self::assertSame($lines, $this->getJson("/api/documents/$document/history")->json('lines'));
        self::assertSame(2, count($this->getJson("/api/sheets/$sheet")->json('items')));
        $this->postJson("/api/sheets/$sheet/compare", ['line' => 99_999])->assertStatus(422);
        self::assertSame([], $this->postJson("/api/sheets/$sheet/compare", ['line' => max(array_column($lines, 'line'))])->assertOk()->json('differences'));

        $inFile = $this->postJson("/api/sheets/$sheet/compare", ['file' => $file])->assertOk();
        self::assertSame(['"A" moves left 7 px', '"C" is added'], array_column($inFile->json('differences'), 'says'));
        self::assertStringContainsString('<svg', $inFile->json('there.svg'));
        self::assertCount(1, $this->getJson('/api/documents')->json('documents'));
        $this->postJson("/api/sheets/$sheet/compare", ['file' => ['format' => 'nothing']])->assertStatus(422);
        $this->postJson("/api/sheets/$sheet/compare", [])->assertStatus(422);

        $this->command($sheet, 'take-over', [], ['line' => $line])->assertOk();
        self::assertSame([$a, $b, $c], array_column($this->getJson("/api/sheets/$sheet")->json('items'), 'id'), 'what was deleted comes back as itself');
        $this->postJson("/api/documents/$document/undo")->assertOk();
        $this->command($sheet, 'take-over', [], ['file' => $file])->assertOk();
        self::assertSame(['A', 'B', 'C'], array_column($this->getJson("/api/sheets/$sheet")->json('items'), 'name'));
    }

    public function test_what_a_thing_was_copied_from_is_kept_in_files_and_by_pasting(): void
    {
        ['document' => $document, 'sheet' => $sheet] = $this->three();
        $variant = $this->postJson("/api/sheets/$sheet/variants", [])->json('id');
        $items = $this->getJson("/api/sheets/$variant")->json('items');
        $this->command($variant, 'set', [$items[0]['id']], ['name' => 'Another'])->assertOk();
        $file = (string) $this->get("/api/documents/$document/file")->getContent();
        self::assertStringContainsString('"source": "1:1"', $file);
        $again = $this->call('POST', '/api/documents/import', server: ['CONTENT_TYPE' => 'application/json'], content: $file)->json('sheets');
        self::assertSame(['"A" is called "Another"'], array_column($this->differences($again[0]['id'], ['sheet' => $again[1]['id']]), 'says'));
        self::assertSame($file, (string) $this->get("/api/documents/{$again[0]['document']}/file")->getContent());
    }

    public function test_every_sheet_of_the_demo_differs_from_its_copy_in_nothing(): void
    {
        app(MerrowSound::class)->load();
        foreach (Sheet::query()->get() as $sheet) {
            $copy = $this->postJson("/api/sheets/$sheet->id/variants", [])->assertCreated()->json('id');
            self::assertSame([], array_column($this->differences($sheet->id, ['sheet' => $copy]), 'says'), $sheet->name);
        }
        // Drawn by eye and put right: what moved, in px.
        $byName = Sheet::query()->where('removed', false)->pluck('id', 'name');
        $before = $byName['Kiosk, before squaring'];
        $this->command($before, 'mend', [])->assertOk();
        $moved = $this->differences($before, ['sheet' => $byName['Kiosk, before squaring, variant']]);
        self::assertSame(['moved'], array_values(array_unique(array_column($moved, 'sort'))));
        self::assertCount(30, $moved);
    }

    /**
     * @param  array<string, mixed>  $with
     * @return list<array<string, mixed>>
     *
     * @phpstan-impure
     */
    private function differences(string $sheet, array $with): array
    {
        return $this->postJson("/api/sheets/$sheet/compare", $with)->assertOk()->json('differences');
    }

    /** @return list<array<string, mixed>> everything on a sheet but ids, ranks and what it was copied from */
    private function plain(string $sheet): array
    {
        return array_map(static function (array $item): array {
            unset($item['id'], $item['order'], $item['fields']['source']);

            return $item;
        }, $this->getJson("/api/sheets/$sheet")->json('items'));
    }

    /** @return array{document: string, sheet: string, boxes: list<string>} */
    private function three(): array
    {
        $made = $this->begin();

        return [...$made, 'boxes' => array_map(fn (string $name, int $x): string => $this->box($made['sheet'], $x, 20, name: $name), ['A', 'B', 'C'], [40, 140, 240])];
    }
}
