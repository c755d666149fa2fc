<?php

declare(strict_types=1);

namespace Tests\Http;

/** Series as they are kept with the sheet: edited, undone, broken up, copied. */
final class SeriesTest extends HttpTestCase
{
    /** @return array{document: string, sheet: string, series: string} twelve ticks on a ring */
    private function ring(): array
    {
        ['document' => $document, 'sheet' => $sheet] = $this->begin();
        $tick = $this->box($sheet, 10, 10, 4, 20, 'Tick');
        $made = $this->command($sheet, 'ring', [$tick], ['cx' => 400, 'cy' => 400, 'radius' => 200, 'count' => 12, 'facing' => 'outward', 'series' => true])->assertOk();

        return ['document' => $document, 'sheet' => $sheet, 'series' => $made->json('report.selection.0')];
    }

    /** @return list<array<string, mixed>> */
    private function members(string $sheet, string $series): array
    {
        return array_values(array_filter($this->getJson("/api/sheets/$sheet")->json('items'), static fn (array $item): bool => $item['parent'] === $series));
    }

    public function test_its_numbers_are_told_with_it(): void
    {
        ['sheet' => $sheet, 'series' => $series] = $this->ring();
        $group = current(array_filter($this->getJson("/api/sheets/$sheet")->json('items'), static fn (array $item): bool => $item['id'] === $series));
        self::assertSame('group', $group['kind']);
        self::assertEquals(['kind' => 'ring', 'count' => 12, 'radius' => 200, 'facing' => 'outward'], array_intersect_key($group['fields']['series'], ['kind' => 0, 'count' => 0, 'radius' => 0, 'facing' => 0]));
        self::assertCount(12, $this->members($sheet, $series));
    }

    public function test_to_n_and_back_is_the_same_bytes_but_for_the_ids_of_new_members(): void
    {
        ['document' => $document, 'sheet' => $sheet, 'series' => $series] = $this->ring();
        $this->command($sheet, 'turn', [$series], ['angle' => 10])->assertOk();
        $before = $this->bytes($sheet);
        $this->command($sheet, 'set-series', [$series], ['count' => 40])->assertOk()->assertJsonCount(28, 'created');
        $this->command($sheet, 'set-series', [$series], ['count' => 12])->assertOk()->assertJsonCount(28, 'removed');
        self::assertSame($before, $this->bytes($sheet));
        $this->command($sheet, 'set-series', [$series], ['radius' => 90])->assertOk();
        $this->command($sheet, 'set-series', [$series], ['radius' => 200])->assertOk();
        self::assertSame($before, $this->bytes($sheet));
        foreach (range(1, 4) as $_) {
            $this->postJson("/api/documents/$document/undo")->assertOk();
        }
        self::assertSame($before, $this->bytes($sheet));
    }

    public function test_members_that_were_taken_away_come_back_with_their_own_looks(): void
    {
        ['document' => $document, 'sheet' => $sheet, 'series' => $series] = $this->ring();
        $last = $this->members($sheet, $series)[11];
        $this->command($sheet, 'set', [$last['id']], ['name' => 'Twelve'])->assertOk();
        $states = [$this->bytes($sheet)];
        $this->command($sheet, 'set-series', [$series], ['count' => 6])->assertOk();
        self::assertSame(['Tick'], array_values(array_unique(array_column($this->members($sheet, $series), 'name'))));
        $this->postJson("/api/documents/$document/undo")->assertOk()->assertJsonCount(6, 'created');
        self::assertSame($states[0], $this->bytes($sheet));
        self::assertSame('Twelve', $this->members($sheet, $series)[11]['name']);
    }

    public function test_a_look_given_to_one_is_answered_for_all(): void
    {
        ['document' => $document, 'sheet' => $sheet, 'series' => $series] = $this->ring();
        $before = $this->bytes($sheet);
        $one = $this->members($sheet, $series)[4]['id'];
        $answer = $this->command($sheet, 'set', [$one], ['fill' => '#a83a24'])->assertOk();
        self::assertCount(12, array_filter($answer->json('changed'), static fn (array $item): bool => ($item['fields']['fill'] ?? null) === '#a83a24'));
        $this->postJson("/api/documents/$document/undo")->assertOk();
        self::assertSame($before, $this->bytes($sheet));
    }

    public function test_broken_up_it_is_twelve_items_where_they_were(): void
    {
        ['document' => $document, 'sheet' => $sheet, 'series' => $series] = $this->ring();
        $places = array_column($this->members($sheet, $series), 'bounds');
        $this->command($sheet, 'ungroup', [$series])->assertOk()->assertJsonPath('removed', [$series]);
        $items = $this->getJson("/api/sheets/$sheet")->json('items');
        self::assertCount(12, $items);
        self::assertSame($places, array_column($items, 'bounds'));
        $this->command($sheet, 'set-series', [$items[0]['id']], ['count' => 3])->assertStatus(422);
        $this->postJson("/api/documents/$document/undo")->assertOk();
        $this->command($sheet, 'set-series', [$series], ['count' => 3])->assertOk();
    }

    public function test_a_copied_series_is_a_series_of_its_own(): void
    {
        ['sheet' => $sheet, 'series' => $series] = $this->ring();
        $copy = $this->command($sheet, 'duplicate', [$series], ['dx' => 500])->assertOk()->json('report.selection.0');
        $this->command($sheet, 'set-series', [$copy], ['count' => 5])->assertOk();
        self::assertCount(12, $this->members($sheet, $series));
        self::assertCount(5, $this->members($sheet, $copy));
        $this->command($sheet, 'set', [$this->members($sheet, $copy)[0]['id']], ['fill' => '#123456'])->assertOk();
        self::assertNotContains('#123456', array_column(array_column($this->members($sheet, $series), 'fields'), 'fill'));
        $second = $this->postJson("/api/sheets/$sheet/copy")->assertCreated()->json('id');
        self::assertCount(2, array_filter($this->getJson("/api/sheets/$second")->json('items'), static fn (array $item): bool => ($item['fields']['series'] ?? null) !== null));
    }

    public function test_two_thousand_at_most_and_all_of_them_in_one_command(): void
    {
        ['document' => $document, 'sheet' => $sheet] = $this->begin(4000, 4000);
        $dot = $this->box($sheet, 0, 0, 4, 4, 'Dot');
        $before = $this->bytes($sheet);
        $this->command($sheet, 'block', [$dot], ['columns' => 50, 'rows' => 41, 'column_gap' => 4, 'row_gap' => 4, 'copies' => 'fill', 'series' => true])->assertStatus(422);
        self::assertSame($before, $this->bytes($sheet));
        $series = $this->command($sheet, 'block', [$dot], ['columns' => 50, 'rows' => 40, 'column_gap' => 4, 'row_gap' => 4, 'copies' => 'fill', 'series' => true])->assertOk()->json('report.selection.0');
        self::assertCount(2000, $this->members($sheet, $series));
        $this->command($sheet, 'align', [$series], ['edge' => 'centre', 'and' => 'middle', 'to' => 'sheet'])->assertOk();
        $this->command($sheet, 'ungroup', [$series])->assertOk();
        $all = array_column($this->getJson("/api/sheets/$sheet")->json('items'), 'id');
        $this->command($sheet, 'set-gap', $all, ['axis' => 'x', 'gap' => 0])->assertOk();
        foreach (range(1, 4) as $_) {
            $this->postJson("/api/documents/$document/undo")->assertOk();
        }
        self::assertSame($before, $this->bytes($sheet));
    }
}
