<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Demo\MerrowSound;
use App\Models\Document;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\Support\SamplePicture;
use ZipArchive;

/** Documents as files, over HTTP: the demo with all that is in it, and files that are none. */
final class DocumentFilesTest extends HttpTestCase
{
    public function test_the_demo_out_in_and_out_again_is_the_same_bytes_and_looks_the_same(): void
    {
        $id = app(MerrowSound::class)->load()->id;
        $file = (string) $this->get("/api/documents/$id/file")->assertOk()->assertHeader('Content-Disposition', 'attachment; filename="Merrow Sound Ferries.allsquare.json"')->getContent();
        $opened = $this->import($file)->assertCreated();
        self::assertSame('Merrow Sound Ferries', $opened->json('name'));
        self::assertSame($file, (string) $this->get("/api/documents/{$opened->json('id')}/file")->getContent());
        foreach ($this->getJson("/api/documents/$id")->json('sheets') as $i => $sheet) {
            self::assertSame((string) $this->get("/api/sheets/{$sheet['id']}/render.svg")->getContent(), (string) $this->get("/api/sheets/{$opened->json("sheets.$i.id")}/render.svg")->getContent(), $sheet['name']);
        }
        $kiosk = $opened->json('sheets.0.id');
        self::assertCount(4, $this->getJson("/api/sheets/$kiosk")->json('slices'));
        // What is stored along is what would be computed anew.
        $before = $this->bytes($kiosk);
        Artisan::call('allsquare:rebuild');
        self::assertSame($before, $this->bytes($kiosk));
        $this->command($kiosk, 'add-item', [], ['kind' => 'box', 'x' => 1, 'y' => 1, 'w' => 9, 'h' => 9])->assertOk();
        $this->postJson("/api/documents/{$opened->json('id')}/undo")->assertOk();
    }

    public function test_a_combined_shape_of_which_nothing_is_left_goes_into_a_file_and_comes_out_of_it(): void
    {
        ['document' => $document, 'sheet' => $sheet] = $this->begin();
        [$left, $right] = [$this->box($sheet, 20, 20), $this->box($sheet, 40, 20)];
        $combined = $this->command($sheet, 'combine', [$left, $right], ['how' => 'overlap'])->assertOk()->json('created.0.id');
        $this->command($sheet, 'place', [$right], ['x' => 400])->assertOk();
        $items = array_column($this->getJson("/api/sheets/$sheet")->json('items'), null, 'id');
        self::assertSame([], $items[$combined]['fields']['outcome']);
        $file = (string) $this->get("/api/documents/$document/file")->assertOk()->getContent();
        $again = $this->import($file)->assertCreated()->json('id');
        self::assertSame($file, (string) $this->get("/api/documents/$again/file")->getContent());
    }

    public function test_the_largest_lengths_that_can_be_set_come_back_from_a_file(): void
    {
        ['document' => $document, 'sheet' => $sheet] = $this->begin();
        $this->command($sheet, 'set-sheet', [], ['unit_of_spacing' => 1_000_000])->assertOk();
        $this->command($sheet, 'set-grid', [], ['module' => '1000000', 'baseline' => '1000000'])->assertOk();
        $file = (string) $this->get("/api/documents/$document/file")->assertOk()->getContent();
        $copy = $this->getJson('/api/sheets/'.$this->import($file)->assertCreated()->json('sheets.0.id'));
        $copy->assertJsonPath('sheet.unit_of_spacing', 1_000_000)->assertJsonPath('sheet.grid.module', 1_000_000)->assertJsonPath('sheet.grid.baseline', 1_000_000);
    }

    public function test_all_documents_are_saved_at_once_and_what_cannot_be_is_told(): void
    {
        foreach (['Kiosk', 'Kiosk', 'Pier/2'] as $name) {
            $this->postJson('/api/documents', ['name' => $name, 'sheet' => ['width' => 100, 'height' => 100]])->assertCreated();
        }
        $broken = $this->postJson('/api/documents', ['name' => 'Lost', 'sheet' => ['width' => 100, 'height' => 100]])->assertCreated()->json('sheets.0.id');
        $picture = $this->keptPicture(SamplePicture::png(40, 30));
        $this->thing($broken, 'picture', 0, 0, 40, 30, ['picture' => $picture]);
        array_map(unlink(...), glob($this->data->path.'/pictures/*/*') ?: []);
        $answer = $this->get('/api/documents/files')->assertOk()->assertHeader('content-type', 'application/zip');
        self::assertInstanceOf(BinaryFileResponse::class, $answer->baseResponse);
        $zip = new ZipArchive;
        self::assertTrue($zip->open($answer->baseResponse->getFile()->getPathname()));
        $names = array_map($zip->getNameIndex(...), range(0, $zip->numFiles - 1));
        sort($names);
        self::assertSame(['Kiosk-2.allsquare.json', 'Kiosk.allsquare.json', 'Pier-2.allsquare.json', 'not saved.txt'], $names);
        self::assertStringStartsWith('Lost: ', (string) $zip->getFromName('not saved.txt'));
        $this->import((string) $zip->getFromName('Kiosk.allsquare.json'))->assertCreated();
    }

    public function test_what_is_no_document_is_refused_and_nothing_of_it_kept(): void
    {
        $sheet = ['name' => 'S', 'width' => 10, 'height' => 10];
        $file = static fn (array $more): string => json_encode(['format' => 'allsquare-document', 'version' => 2, 'name' => 'N', 'sheets' => [$sheet], ...$more], JSON_THROW_ON_ERROR);
        $this->import($file(['sheets' => []]))->assertStatus(422);
        $this->import($file(['colour' => 'red']))->assertStatus(422)->assertJsonPath('errors.params.0', 'Not known here: colour.');
        $this->import($file(['sheets' => [[...$sheet, 'items' => [['kind' => 'cloud', 'name' => 'c', 'frame' => ['x' => 0, 'y' => 0, 'w' => 1, 'h' => 1]]]]]]))->assertStatus(422);
        // The second sheet is wrong: the first is not kept either.
        $this->import($file(['sheets' => [$sheet, [...$sheet, 'slices' => [['name' => 's', 'x' => 0, 'y' => 0, 'w' => 0, 'h' => 0]]]]]))->assertStatus(422);
        $this->import('{"format": "allsquare-document", "version": 4}')->assertStatus(422)->assertJsonPath('detail', 'This file was written by a later version (4; up to 3 is read here). Bring All Square up to date to open it.');
        $this->call('POST', '/api/documents/import', content: '<table/>', server: ['CONTENT_TYPE' => 'text/html'])->assertStatus(415);
        self::assertSame(0, Document::query()->count());
        $this->get('/api/documents/nothing/file')->assertNotFound();
    }

    public function test_a_file_may_be_larger_than_other_requests(): void
    {
        $item = static fn (int $i): array => ['kind' => 'box', 'name' => str_repeat('long ', 38)."$i", 'frame' => ['x' => $i % 100, 'y' => $i, 'w' => 5, 'h' => 5]];
        $file = json_encode(['format' => 'allsquare-document', 'version' => 2, 'name' => 'Large', 'sheets' => [['name' => 'S', 'width' => 300, 'height' => 300, 'items' => array_map($item, range(1, 2_000))]]], JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT);
        $padded = $file.str_repeat(' ', 4 * 1024 * 1024);
        $sheet = $this->import($padded)->assertCreated()->json('sheets.0.id');
        self::assertCount(2_000, $this->getJson("/api/sheets/$sheet")->json('items'));
        $this->import($padded.str_repeat(' ', 32 * 1024 * 1024))->assertStatus(413);
    }

    /** @return TestResponse<Response> */
    private function import(string $file): TestResponse
    {
        return $this->call('POST', '/api/documents/import', content: $file, server: ['CONTENT_TYPE' => 'application/json']);
    }
}
