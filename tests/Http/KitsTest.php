<?php

declare(strict_types=1);

namespace Tests\Http;

use AllSquare\Core\Kit\Kits;
use Illuminate\Support\Facades\Artisan;
use Tests\Support\SamplePicture;

/** Kits that come with the application, and those that documents keep. */
final class KitsTest extends HttpTestCase
{
    private string $document = '';

    private string $sheet = '';

    protected function setUp(): void
    {
        parent::setUp();
        ['document' => $this->document, 'sheet' => $this->sheet] = $this->begin(1280, 900);
    }

    /**
     * @param  array<string, mixed>  $params
     * @return list<array<string, mixed>> what came, the group first
     */
    private function placed(string $kit, array $params = []): array
    {
        $made = $this->command($this->sheet, 'add-kit', [], ['kit' => $kit, ...$params])->assertOk()->json('created');
        usort($made, static fn (array $a, array $b): int => [$a['parent'] !== null, $a['order']] <=> [$b['parent'] !== null, $b['order']]);

        return $made;
    }

    public function test_every_kit_is_one_group_of_parts_on_whole_pixels_within_it(): void
    {
        foreach ([8, 10, 4, 24] as $unit) {
            $this->command($this->sheet, 'set-sheet', [], ['unit_of_spacing' => $unit])->assertOk();
            foreach (array_keys(Kits::all()) as $kit) {
                $made = $this->placed($kit, ['x' => 640, 'y' => 450]);
                [$group] = $made;
                self::assertSame('group', $group['kind']);
                self::assertNull($group['parent']);
                self::assertGreaterThan(1, count($made), $kit);
                $box = $group['bounds'];
                foreach ($made as $item) {
                    foreach (['x', 'y', 'w', 'h'] as $side) {
                        if ($item['kind'] !== 'text' && $item['kind'] !== 'path') {
                            self::assertSame(0.0, fmod((float) $item['bounds'][$side], 1.0), "$kit: $side of {$item['name']} at a unit of $unit");
                        }
                    }
                    self::assertGreaterThanOrEqual($box['x'], $item['bounds']['x'], "$kit: {$item['name']}");
                    self::assertLessThanOrEqual($box['x'] + $box['w'] + 1e-3, $item['bounds']['x'] + $item['bounds']['w'], "$kit: {$item['name']} at a unit of $unit");
                    self::assertLessThanOrEqual($box['y'] + $box['h'] + 1e-3, $item['bounds']['y'] + $item['bounds']['h'], "$kit: {$item['name']} at a unit of $unit");
                }
                $this->command($this->sheet, 'delete', [$group['id']])->assertOk();
            }
        }
    }

    public function test_the_distances_of_a_kit_are_multiples_of_the_sheets_unit(): void
    {
        $this->command($this->sheet, 'set-sheet', [], ['unit_of_spacing' => 10])->assertOk();
        $by = array_column($this->placed('list-row'), null, 'name');
        self::assertEquals(20, $by['Mark']['bounds']['x'] - $by['Ground']['bounds']['x']);
        self::assertEquals(0, fmod($by['Ground']['bounds']['w'], 10));
        self::assertEquals($by['Ground']['bounds']['y'] + $by['Ground']['bounds']['h'] / 2, $by['Mark']['bounds']['y'] + $by['Mark']['bounds']['h'] / 2, 'the round in the middle of its row');
        $buttons = $this->placed('buttons');
        self::assertEquals(10, $buttons[2]['bounds']['x'] - $buttons[1]['bounds']['x'] - $buttons[1]['bounds']['w']);
    }

    public function test_a_kit_is_set_in_the_documents_own_styles_and_sizes(): void
    {
        $text = $this->thing($this->sheet, 'text', 0, 0, 200, 40, ['text' => 'Timetable', 'size' => 26, 'tracking' => 0.5]);
        $this->command($this->sheet, 'keep-style', [$text], ['name' => 'Card title'])->assertOk();
        $style = $this->getJson("/api/sheets/$this->sheet")->json('styles.0.key');
        // One that is far too large for a card is passed over.
        $huge = $this->thing($this->sheet, 'text', 0, 0, 200, 40, ['text' => 'Timetable', 'size' => 72, 'align' => 'both']);
        $this->command($this->sheet, 'keep-style', [$huge], ['name' => 'Title'])->assertOk();
        $by = array_column($this->placed('card'), null, 'name');
        self::assertEquals(26, $by['Title']['fields']['size']);
        self::assertSame($style, $by['Title']['fields']['style']);
        self::assertEquals(14, $by['Text']['fields']['size'], 'without a scale');
        $this->command($this->sheet, 'set-scale', [], ['base' => 18, 'ratio' => 1.5, 'whole' => true])->assertOk();
        $by = array_column($this->placed('card'), null, 'name');
        self::assertEquals(18, $by['Text']['fields']['size']);
    }

    public function test_a_kit_lies_about_the_point_and_a_strip_spans_the_sheet(): void
    {
        [$group] = $this->placed('card', ['x' => 400, 'y' => 300]);
        self::assertEqualsWithDelta(400, $group['bounds']['x'] + $group['bounds']['w'] / 2, 0.5);
        self::assertEqualsWithDelta(300, $group['bounds']['y'] + $group['bounds']['h'] / 2, 0.5);
        [$strip] = $this->placed('header', ['x' => 111, 'y' => 50]);
        self::assertEquals([0, 1280], [$strip['bounds']['x'], $strip['bounds']['w']]);
        $this->command($this->sheet, 'add-kit', [], ['kit' => 'nothing'])->assertStatus(422)->assertJsonPath('errors.kit.0', 'There is no kit "nothing".');
    }

    public function test_no_two_words_of_a_kit_lie_on_one_another_also_on_a_phone(): void
    {
        ['sheet' => $this->sheet] = $this->begin(360, 640);
        foreach (array_keys(Kits::all()) as $kit) {
            $texts = array_column(array_filter($this->placed($kit), static fn (array $item): bool => $item['kind'] === 'text'), 'bounds');
            foreach ($texts as $i => $a) {
                foreach (array_slice($texts, $i + 1) as $b) {
                    $apart = $b['x'] >= $a['x'] + $a['w'] || $a['x'] >= $b['x'] + $b['w'] || $b['y'] >= $a['y'] + $a['h'] || $a['y'] >= $b['y'] + $b['h'];
                    self::assertTrue($apart, $kit);
                }
            }
        }
        self::assertContains('Menu', array_column($this->placed('header'), 'name'));
    }

    public function test_a_kit_is_seen_as_it_will_look(): void
    {
        $before = $this->getJson("/api/sheets/$this->sheet")->json('revision');
        foreach (array_keys(Kits::all()) as $kit) {
            $svg = (string) $this->get("/api/sheets/$this->sheet/kits/$kit.svg")->assertOk()->assertHeader('content-type', 'image/svg+xml')->getContent();
            self::assertGreaterThan(2, substr_count($svg, "<g transform='translate("), $kit);
        }
        $answer = $this->getJson("/api/sheets/$this->sheet");
        self::assertSame($before, $answer->json('revision'));
        self::assertSame([], $answer->json('items'), 'nothing of it is kept');
        $this->get("/api/sheets/$this->sheet/kits/nothing.svg")->assertStatus(422);
    }

    public function test_things_are_kept_as_a_kit_and_put_again(): void
    {
        $box = $this->thing($this->sheet, 'box', 100, 100, 200, 80, ['fill' => '#17614f']);
        $round = $this->thing($this->sheet, 'round', 120, 120, 40, 40, ['fill' => '#f0c96a']);
        $this->command($this->sheet, 'turn', [$round], ['by' => 30])->assertOk();
        $before = (string) $this->get("/api/sheets/$this->sheet")->getContent();
        $answer = $this->command($this->sheet, 'keep-kit', [$box, $round], ['name' => 'Badge'])->assertOk();
        self::assertSame([[], [], []], [$answer->json('created'), $answer->json('changed'), $answer->json('removed')], 'nothing on the sheet changes');
        $kit = $answer->json('kits.0');
        self::assertSame('Badge', $kit['name']);
        $made = $this->placed($kit['id'], ['x' => 700, 'y' => 500]);
        self::assertSame(['Badge', 'group'], [$made[0]['name'], $made[0]['kind']]);
        self::assertSame([600, 460, 200, 80], array_map(intval(...), array_values($made[1]['bounds'])));
        self::assertEquals(30, $made[2]['angle']);
        $this->get("/api/sheets/$this->sheet/kits/$kit[id].svg")->assertOk()->assertSee('#f0c96a', false);

        // The same name again: another kit in its place.
        $again = $this->command($this->sheet, 'keep-kit', [$round], ['name' => 'badge'])->assertOk();
        self::assertSame([$kit['id'], 'badge'], [$again->json('kits.0.id'), $again->json('kits.0.name')]);
        self::assertCount(1, $again->json('kits'));
        self::assertNotSame($kit['edition'], $again->json('kits.0.edition'), 'what is in it is another');
        $this->postJson("/api/documents/$this->document/undo")->assertOk()->assertJsonPath('kits.0.name', 'Badge');

        $this->command($this->sheet, 'delete-kit', [], ['kit' => $kit['id']])->assertOk()->assertJsonPath('kits', []);
        self::assertCount(2 + 3, $this->getJson("/api/sheets/$this->sheet")->json('items'), 'what was put from it stays');
        for ($i = 0; $i < 3; $i++) {
            $this->postJson("/api/documents/$this->document/undo")->assertOk();
        }
        self::assertSame(json_decode($before, true)['items'], $this->getJson("/api/sheets/$this->sheet")->json('items'));
        $this->command($this->sheet, 'keep-kit', [], [])->assertStatus(422);
    }

    public function test_what_lies_in_a_turned_group_is_kept_as_it_is_seen(): void
    {
        $box = $this->thing($this->sheet, 'box', 100, 100, 200, 80);
        $group = $this->command($this->sheet, 'group', [$box, $this->thing($this->sheet, 'box', 400, 100, 20, 80)])->assertOk()->json('created.0.id');
        $this->command($this->sheet, 'turn', [$group], ['by' => 90])->assertOk();
        $bounds = $this->byId($box)['bounds'];
        $kit = $this->command($this->sheet, 'keep-kit', [$box], ['name' => 'Upright'])->assertOk()->json('kits.0.id');
        [$made] = $this->placed($kit);
        self::assertEqualsWithDelta($bounds['w'], $made['bounds']['w'], 1e-3);
        self::assertEqualsWithDelta(80, $made['bounds']['w'], 1e-3);
    }

    public function test_kits_go_with_the_document_and_are_seen_from_others(): void
    {
        $key = $this->keptPicture(SamplePicture::png(40, 30));
        $picture = $this->thing($this->sheet, 'picture', 10, 10, 40, 30, ['picture' => $key]);
        $box = $this->thing($this->sheet, 'box', 10, 60, 40, 30, ['fill' => '#17614f']);
        $this->command($this->sheet, 'keep-swatch', [$box], ['name' => 'Spruce', 'colour' => '#17614f'])->assertOk();
        $swatch = $this->getJson("/api/sheets/$this->sheet")->json('swatches.0');
        $this->command($this->sheet, 'set', [$box], ['fill' => ['swatch' => $swatch['key'], 'colour' => '#17614f']])->assertOk();
        $kit = $this->command($this->sheet, 'keep-kit', [$picture, $box], ['name' => 'Notice with picture'])->assertOk()->json('kits.0.id');
        $this->command($this->sheet, 'set-swatch', [], ['swatch' => $swatch['id'], 'colour' => '#884422'])->assertOk();
        $this->command($this->sheet, 'delete', [$picture, $box])->assertOk();

        $list = $this->getJson('/api/kits')->assertOk();
        self::assertCount(count(Kits::all()), $list->json('shipped'));
        self::assertSame([$kit, 'Notice with picture', $this->document, $this->sheet], array_values(array_intersect_key($list->json('kept.0'), array_flip(['id', 'name', 'document', 'sheet']))));
        $file = $this->getJson("/api/kits/$kit")->assertOk()->json('file');
        self::assertSame('#884422', $file['items'][2]['fields']['fill']['colour'], 'in the colour that its swatch has today');
        ['sheet' => $other] = $this->begin(400, 300);
        $this->command($other, 'paste', [], ['file' => $file, 'at' => ['x' => 200, 'y' => 150]])->assertOk();
        self::assertCount(3, $this->getJson("/api/sheets/$other")->json('items'));

        // In the document's file, with its picture; and in a copy of it.
        $text = (string) $this->get("/api/documents/$this->document/file")->assertOk()->getContent();
        self::assertStringContainsString('"Notice with picture"', $text);
        self::assertStringContainsString($key, json_encode(json_decode($text, true)['picture_files'], JSON_THROW_ON_ERROR));
        $opened = $this->call('POST', '/api/documents/import', content: $text, server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'])->assertCreated();
        self::assertSame($text, (string) $this->get("/api/documents/{$opened->json('id')}/file")->getContent(), 'out, in and out again');
        $copy = $this->postJson("/api/documents/$this->document/copy")->assertCreated()->json('sheets.0.id');
        self::assertSame('Notice with picture', $this->getJson("/api/sheets/$copy")->json('kits.0.name'));

        // A picture is kept as long as a kit shows it.
        Artisan::call('allsquare:tidy', ['--hours' => 0]);
        $this->get("/api/pictures/$key")->assertOk();
    }

    public function test_a_kit_in_a_file_has_to_be_one(): void
    {
        $file = ['format' => 'allsquare-document', 'version' => 3, 'name' => 'N', 'sheets' => [['name' => 'S', 'width' => 10, 'height' => 10]]];
        foreach ([['name' => 'K', 'items' => []], ['name' => 'K', 'items' => [['id' => '1', 'kind' => 'cloud', 'name' => 'c', 'frame' => ['x' => 0, 'y' => 0, 'w' => 1, 'h' => 1]]]], ['items' => []]] as $kit) {
            $this->call('POST', '/api/documents/import', content: json_encode($file + ['kits' => [$kit]], JSON_THROW_ON_ERROR), server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'])->assertStatus(422);
        }
    }

    /** @return array<string, mixed> */
    private function byId(string $id): array
    {
        return array_column($this->getJson("/api/sheets/$this->sheet")->json('items'), null, 'id')[$id];
    }
}
