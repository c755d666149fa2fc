<?php

declare(strict_types=1);

namespace Tests\Http;

/** A page at several widths (RULES 13): words, pictures and looks are one, where things lie is each sheet's own. */
final class WidthsTest extends HttpTestCase
{
    private string $document;

    private string $wide;

    protected function setUp(): void
    {
        parent::setUp();
        ['document' => $this->document, 'sheet' => $this->wide] = $this->begin(1280, 800);
    }

    /** @return array<string, array<string, mixed>> by name */
    private function items(string $sheet): array
    {
        return array_column($this->getJson("/api/sheets/$sheet")->assertOk()->json('items'), null, 'name');
    }

    private function at(float $width, ?string $of = null): string
    {
        return (string) $this->postJson('/api/sheets/'.($of ?? $this->wide).'/widths', ['width' => $width])->assertCreated()->json('id');
    }

    /** @return list<int|float> */
    private function frame(string $sheet, string $name): array
    {
        return array_values($this->items($sheet)[$name]['bounds']);
    }

    /** Four cards of 262 in a row, 24 apart, 80 from the sides, a title above and a line below. */
    private function cards(): void
    {
        $this->command($this->wide, 'add-item', [], ['kind' => 'text', 'text' => 'Where to today?', 'x' => 80, 'y' => 40, 'size' => 40, 'name' => 'Title'])->assertOk();
        foreach ([1, 2, 3, 4] as $i) {
            $this->box($this->wide, 80 + 286 * ($i - 1), 120, 262, 200, "Card $i");
        }
        $this->box($this->wide, 80, 344, 1120, 60, 'Bar');
        $this->command($this->wide, 'set-sheet', [], ['height' => 480])->assertOk();
    }

    public function test_what_finds_no_room_beside_others_goes_on_below(): void
    {
        $this->cards();
        $narrow = $this->at(390);
        $sheet = $this->getJson("/api/sheets/$narrow")->json('sheet');
        $inset = $this->frame($narrow, 'Card 1')[0];
        self::assertSame([390, 'One 390'], [$sheet['width'], $sheet['name']]);
        self::assertGreaterThanOrEqual(16, $inset);
        $room = 390 - 2 * $inset;
        self::assertSame([[$inset, $room], [$inset, $room], [$inset, $room], [$inset, $room], [$inset, $room]], array_map(fn (string $name): array => [$this->frame($narrow, $name)[0], $this->frame($narrow, $name)[2]], ['Card 1', 'Card 2', 'Card 3', 'Card 4', 'Bar']));
        $tops = array_map(fn (string $name): float => (float) $this->frame($narrow, $name)[1], ['Card 1', 'Card 2', 'Card 3', 'Card 4', 'Bar']);
        self::assertSame([224.0, 224.0, 224.0, 224.0], [$tops[1] - $tops[0], $tops[2] - $tops[1], $tops[3] - $tops[2], $tops[4] - $tops[3]], 'as far apart as they were');
        self::assertSame(76.0, $sheet['height'] - $tops[4] - 60, 'as far above the lower edge');
        $two = $this->at(800);
        self::assertSame($this->frame($two, 'Card 1')[1], $this->frame($two, 'Card 2')[1]);
        self::assertSame($this->frame($two, 'Card 3')[1], $this->frame($two, 'Card 4')[1]);
        self::assertGreaterThan($this->frame($two, 'Card 1')[1], $this->frame($two, 'Card 3')[1]);
    }

    public function test_words_and_looks_are_one_and_places_are_not(): void
    {
        $this->cards();
        $narrow = $this->at(390);
        $was = $this->frame($narrow, 'Card 1');
        $card = $this->items($this->wide)['Card 1']['id'];
        $this->command($this->wide, 'set', [$card], ['fill' => '#17614f', 'radius' => 12])->assertOk();
        $this->command($this->wide, 'move-by', [$card], ['dx' => 5, 'dy' => 7])->assertOk();
        self::assertSame(['#17614f', 12], [$this->items($narrow)['Card 1']['fields']['fill'], $this->items($narrow)['Card 1']['fields']['radius']]);
        self::assertSame($was, $this->frame($narrow, 'Card 1'));
        $title = $this->items($narrow)['Title'];
        $this->command($narrow, 'set', [$title['id']], ['text' => 'Where would you like to go today, and when?', 'name' => 'Question'])->assertOk();
        self::assertSame('Where would you like to go today, and when?', $this->items($this->wide)['Question']['fields']['text']);
        $this->postJson("/api/documents/$this->document/undo")->assertOk();
        self::assertSame(['Where to today?', 'Where to today?'], [$this->items($this->wide)['Title']['fields']['text'], $this->items($narrow)['Title']['fields']['text']]);
    }

    public function test_what_is_added_or_deleted_at_one_width_is_so_there_alone_until_it_is_shown_at_the_others(): void
    {
        $this->cards();
        $narrow = $this->at(390);
        $this->command($narrow, 'delete', [$this->items($narrow)['Card 4']['id']])->assertOk();
        self::assertArrayHasKey('Card 4', $this->items($this->wide));
        $extra = $this->box($this->wide, 1100, 20, 100, 40, 'Extra');
        self::assertArrayNotHasKey('Extra', $this->items($narrow));
        $this->command($this->wide, 'set-pins', [$extra], ['across' => 'end'])->assertOk();
        $this->command($this->wide, 'show-at-widths', [$extra])->assertOk();
        self::assertSame([210, 20, 100, 40], $this->frame($narrow, 'Extra'), 'as far from the right');
        $this->command($this->wide, 'show-at-widths', [$extra])->assertUnprocessable();
        $this->command($narrow, 'set', [$this->items($narrow)['Extra']['id']], ['fill' => '#123456'])->assertOk();
        self::assertSame('#123456', $this->items($this->wide)['Extra']['fields']['fill']);
        $this->command($narrow, 'keep-at-width', [$this->items($narrow)['Extra']['id']])->assertOk();
        $this->command($narrow, 'set', [$this->items($narrow)['Extra']['id']], ['fill' => '#654321'])->assertOk();
        self::assertSame(['#123456', '#654321'], array_map(fn (string $sheet): string => (string) $this->items($sheet)['Extra']['fields']['fill'], [$this->wide, $narrow]));
    }

    public function test_undone_the_page_is_there_at_one_width_with_the_same_bytes(): void
    {
        $this->cards();
        $was = $this->bytes($this->wide);
        $narrow = $this->at(390);
        self::assertNotSame($was, $this->bytes($this->wide), 'what lies on it is one with the other width');
        $this->postJson("/api/documents/$this->document/undo")->assertOk();
        self::assertSame($was, $this->bytes($this->wide));
        $this->getJson("/api/sheets/$narrow")->assertNotFound();
        $this->postJson("/api/documents/$this->document/redo")->assertOk();
        self::assertCount(6, $this->items($narrow));
    }

    public function test_rails_are_laid_out_at_the_new_width_and_wrap_where_they_have_to(): void
    {
        $tags = array_map(fn (int $i): string => $this->box($this->wide, 80 + 120 * $i, 100, 100, 30, "Tag $i"), range(0, 6));
        $this->command($this->wide, 'make-rail', $tags, ['name' => 'Tags'])->assertOk();
        $narrow = $this->at(390);
        $rail = $this->items($narrow)['Tags'];
        self::assertTrue($rail['fields']['rail']['wrap']);
        self::assertLessThanOrEqual(390, $rail['bounds']['x'] + $rail['bounds']['w']);
        self::assertGreaterThan($this->frame($narrow, 'Tag 0')[1], $this->frame($narrow, 'Tag 6')[1]);
        self::assertFalse($this->items($this->wide)['Tags']['fields']['rail']['wrap']);
    }

    public function test_what_lies_on_a_card_goes_with_it_and_what_spans_it_is_narrowed(): void
    {
        $this->box($this->wide, 40, 40, 1200, 200, 'Card');
        $this->box($this->wide, 64, 64, 1152, 60, 'Band');
        $this->box($this->wide, 1116, 140, 100, 40, 'Button');
        $narrow = $this->at(400);
        [$card, $band, $button] = array_map(fn (string $name): array => $this->frame($narrow, $name), ['Card', 'Band', 'Button']);
        self::assertSame([24, 24], [$band[0] - $card[0], $card[0] + $card[2] - $band[0] - $band[2]], 'the same insets');
        self::assertSame(24, $card[0] + $card[2] - $button[0] - $button[2], 'on the right it stays on the right');
        self::assertSame([100, 40, 200], [$button[2], $button[3], $card[3]]);
    }

    public function test_the_foot_runs_along_every_width_and_is_as_wide_as_each(): void
    {
        $this->cards();
        $foot = $this->box($this->wide, 0, 440, 1280, 40, 'Foot');
        $this->command($this->wide, 'make-running', [$foot])->assertOk();
        $narrow = $this->at(390);
        $height = $this->getJson("/api/sheets/$narrow")->json('sheet.height');
        self::assertSame([0, $height - 40, 390, 40], $this->frame($narrow, 'Foot'));
        $this->command($narrow, 'resize', [$this->items($narrow)['Foot']['id']], ['handle' => 'top', 'dx' => 0, 'dy' => -10])->assertOk();
        self::assertSame([0, 430, 1280, 50], $this->frame($this->wide, 'Foot'));
    }

    public function test_what_cannot_be_a_width_is_refused_in_plain_words(): void
    {
        foreach ([[0, 'width'], [40_000, 'width'], ['wide', 'width']] as [$width]) {
            $this->postJson("/api/sheets/$this->wide/widths", ['width' => $width])->assertUnprocessable();
        }
        $this->at(390);
        self::assertStringContainsString('shows the page at that width', (string) $this->postJson("/api/sheets/$this->wide/widths", ['width' => 390])->assertUnprocessable()->json('detail'));
        $this->command($this->wide, 'show-at-widths', [$this->box($this->wide, 0, 0, 10, 10, 'A')])->assertOk();
        $this->command($this->wide, 'set-sheet', [], ['page' => null])->assertOk();
        self::assertNull($this->getJson("/api/sheets/$this->wide")->json('sheet.page'));
        self::assertNull($this->items($this->wide)['A']['fields']['twin']);
    }

    public function test_a_copy_of_a_sheet_is_a_page_by_itself_and_a_file_keeps_the_widths(): void
    {
        $this->cards();
        $narrow = $this->at(390);
        $copy = (string) $this->postJson("/api/sheets/$narrow/copy")->assertCreated()->json('id');
        self::assertNull($this->getJson("/api/sheets/$copy")->json('sheet.page'));
        $this->command($copy, 'set', [$this->items($copy)['Card 1']['id']], ['fill' => '#000000'])->assertOk();
        self::assertNotSame('#000000', $this->items($narrow)['Card 1']['fields']['fill']);
        $file = (string) $this->get("/api/documents/$this->document/file")->assertOk()->getContent();
        $opened = $this->call('POST', '/api/documents/import', content: $file, server: ['CONTENT_TYPE' => 'application/json'])->assertCreated()->json('sheets');
        $this->command($opened[0]['id'], 'set', [$this->items($opened[0]['id'])['Card 1']['id']], ['fill' => '#010203'])->assertOk();
        self::assertSame('#010203', $this->items($opened[1]['id'])['Card 1']['fields']['fill']);
    }
}
