<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Demo\MerrowSound;
use App\Demo\UnsquaredKiosk;
use App\Models\Sheet;

/** Which layout was meant, asked over HTTP, and squared up. */
final class IntentTest extends HttpTestCase
{
    /** The worked sheet of the rules: three boxes with captions. */
    private const BOXES = [[63, 81], [249, 79], [431, 80]];

    private const CAPTIONS = [[65, 209], [248, 206], [432, 210]];

    /** @return array{string, list<string>} the sheet, the boxes and then the captions */
    private function worked(): array
    {
        ['sheet' => $sheet] = $this->begin();
        $ids = [];
        foreach ([[self::BOXES, 160, 120], [self::CAPTIONS, 160, 20]] as [$places, $w, $h]) {
            foreach ($places as [$x, $y]) {
                $ids[] = $this->box($sheet, $x, $y, $w, $h);
            }
        }

        return [$sheet, $ids];
    }

    public function test_the_worked_numbers_of_the_rules_and_nothing_changes(): void
    {
        [$sheet, $ids] = $this->worked();
        $before = $this->bytes($sheet);
        $read = $this->postJson("/api/sheets/$sheet/intent")->assertOk()->json();
        self::assertSame($before, $this->bytes($sheet));
        $lines = array_map(static fn (array $line): array => [$line['axis'], $line['at'], $line['items']], array_values(array_filter($read['lines'], static fn (array $line): bool => $line['edge'] === 'lead')));
        self::assertEquals(
            [['x', 64, [$ids[0], $ids[3]]], ['x', 248, [$ids[1], $ids[4]]], ['x', 432, [$ids[2], $ids[5]]], ['y', 80, array_slice($ids, 0, 3)], ['y', 208, array_slice($ids, 3)]],
            $lines,
        );
        $gaps = array_map(static fn (array $gap): array => [$gap['axis'], $gap['size'], count($gap['between'])], $read['gaps']);
        self::assertEqualsCanonicalizing([['x', 24, 4], ['y', 8, 3]], $gaps);
        self::assertSame([], $read['alone']);
        self::assertStringContainsString('3 columns at 64, 248 and 432', $read['said']);
        $moves = array_column($read['moves'], null, 'id');
        self::assertEquals([-1, -1], [$moves[$ids[3]]['dx'], $moves[$ids[3]]['dy']]);

        // Squaring up does what was read.
        $done = $this->command($sheet, 'square-up', $ids)->assertOk();
        self::assertEquals(array_map(static fn (array $move): array => array_slice($move, 0, 3), $read['moves']), $done->json('report.moved'));
        self::assertEquals($read['lines'], $done->json('report.lines'));
        self::assertSame([], $this->postJson("/api/sheets/$sheet/intent")->json('moves'));
    }

    public function test_of_some_items_and_of_what_is_in_a_group(): void
    {
        [$sheet, $ids] = $this->worked();
        $some = $this->postJson("/api/sheets/$sheet/intent", ['items' => [$ids[0], $ids[3]]])->assertOk()->json();
        self::assertSame([], array_diff(array_merge(...array_column($some['lines'], 'items')), [$ids[0], $ids[3]]));
        $group = $this->command($sheet, 'group', $ids, ['name' => 'Cards'])->json('created.0.id');
        $inside = $this->postJson("/api/sheets/$sheet/intent", ['items' => [$group]])->assertOk()->json();
        self::assertCount(5, array_filter($inside['lines'], static fn (array $line): bool => $line['edge'] === 'lead'));
        self::assertNotContains($group, array_column($inside['moves'], 'id'));
    }

    public function test_insets_the_middle_and_sizes(): void
    {
        ['sheet' => $sheet] = $this->begin();
        foreach ([100, 400] as $x) {
            $this->box($sheet, $x, 100, 240, 160);
            $this->box($sheet, $x + 20, 120, 200, 120);
        }
        $read = $this->postJson("/api/sheets/$sheet/intent")->json();
        self::assertEquals(['x', 20], [$read['insets'][0]['axis'], $read['insets'][0]['size']]);
        self::assertNotSame([], $read['symmetries']);
        self::assertContainsEquals([240, 2], array_map(static fn (array $size): array => [$size['size'], count($size['items'])], array_filter($read['sizes'], static fn (array $size): bool => $size['axis'] === 'x')));
    }

    public function test_nonsense_gets_a_plain_sentence(): void
    {
        [$sheet, $ids] = $this->worked();
        foreach ([0, -3, 101, '0', '200mm'] as $tolerance) {
            $this->postJson("/api/sheets/$sheet/intent", ['tolerance' => $tolerance])->assertUnprocessable()->assertJsonPath('detail', 'The tolerance has to be above 0 and at most 100 px.');
            $this->command($sheet, 'square-up', $ids, ['tolerance' => $tolerance])->assertUnprocessable()->assertJsonPath('detail', 'The tolerance has to be above 0 and at most 100 px.');
        }
        $this->postJson("/api/sheets/$sheet/intent", ['tolerance' => 'two'])->assertUnprocessable();
        $this->postJson("/api/sheets/$sheet/intent", ['items' => ['nobody']])->assertNotFound();
        $this->postJson("/api/sheets/$sheet/intent", ['colour' => 'red'])->assertUnprocessable();
        $this->postJson('/api/sheets/none/intent')->assertNotFound();
        ['sheet' => $empty] = $this->begin();
        self::assertSame([], $this->postJson("/api/sheets/$empty/intent")->assertOk()->json('moves'));
    }

    public function test_sizes_gaps_and_ends_as_asked_and_the_same_bytes_after_undo(): void
    {
        ['sheet' => $sheet, 'document' => $document] = $this->begin();
        $ids = array_map(fn (array $box): string => $this->box($sheet, ...$box), [[100, 100, 80, 60], [203, 101, 81, 60], [310, 99, 80, 60], [417, 100, 79, 60]]);
        $before = $this->bytes($sheet);
        $this->command($sheet, 'square-up', $ids, ['sizes' => true])->assertOk();
        self::assertEquals([80, 80, 80, 80], array_column(array_column($this->getJson("/api/sheets/$sheet")->json('items'), 'bounds'), 'w'));
        $this->postJson("/api/documents/$document/undo")->assertOk();
        self::assertSame($before, $this->bytes($sheet));
        $this->command($sheet, 'square-up', $ids, ['extent' => 'keep'])->assertOk();
        $kept = array_column($this->getJson("/api/sheets/$sheet")->json('items'), 'bounds');
        self::assertEquals([100, 496], [$kept[0]['x'], $kept[3]['x'] + $kept[3]['w']]);
        $this->postJson("/api/documents/$document/undo")->assertOk();
        $this->command($sheet, 'square-up', $ids, ['gap' => 40])->assertOk();
        $spread = array_column($this->getJson("/api/sheets/$sheet")->json('items'), 'bounds');
        foreach ([1, 2, 3] as $i) {
            self::assertEquals(40, $spread[$i]['x'] - $spread[$i - 1]['x'] - $spread[$i - 1]['w']);
        }
    }

    public function test_the_sheets_of_the_demo_are_square_but_for_the_one_that_is_to_be_squared(): void
    {
        app(MerrowSound::class)->load();
        $checked = 0;
        foreach (Sheet::query()->get() as $sheet) {
            $read = $this->postJson("/api/sheets/$sheet->id/intent")->json();
            $ledger = $this->getJson("/api/sheets/$sheet->id/gaps")->json();
            $odd = array_filter([...$ledger['gaps'], ...$ledger['insets']], static fn (array $gap): bool => $gap['odd']);
            if ($sheet->name === 'Kiosk, before squaring') {
                self::assertGreaterThanOrEqual(30, count($read['moves']));
                $this->pressOnce($sheet->id);
            } else {
                self::assertSame([[], []], [$read['moves'], $odd], $sheet->name);
            }
            $checked++;
        }
        self::assertSame(13, $checked);
    }

    /** One press brings the form and the key figures to where they were planned, but for what is a pixel between two. */
    private function pressOnce(string $sheet): void
    {
        $this->command($sheet, 'square-up', array_column(array_filter($this->getJson("/api/sheets/$sheet")->json('items'), static fn (array $item): bool => $item['parent'] === null), 'id'))->assertOk();
        $items = array_column($this->getJson("/api/sheets/$sheet")->json('items'), null, 'name');
        $there = 0;
        foreach (UnsquaredKiosk::planned() as [$kind, $name, $x, $y]) {
            $bounds = $items[$name]['bounds'];
            // What is set flush right is placed by its right edge.
            $stands = $bounds['x'] + (($items[$name]['fields']['align'] ?? '') === 'end' ? $bounds['w'] : 0);
            [$dx, $dy] = [abs($stands - $x), abs($bounds['y'] - $y)];
            self::assertLessThanOrEqual(1.0, max($dx, $dy), $name);
            $there += max($dx, $dy) < 0.001 ? 1 : 0;
        }
        self::assertGreaterThanOrEqual(24, $there);
        self::assertEquals([64, 358, 652, 946], array_map(static fn (string $name): float => $items["Card, $name"]['bounds']['x'], ['Skerry Point', 'Harbour Road', 'Long Strand', 'Gannet Isle']));
        self::assertSame([], $this->postJson("/api/sheets/$sheet/intent")->json('moves'));
    }
}
