<?php

declare(strict_types=1);

namespace Tests\Http;

use Illuminate\Testing\TestResponse;
use Tests\Support\SamplePicture;

/** Drawings in SVG, over HTTP: read as what can be pasted, opened as documents, handed over again. */
final class DrawingsTest extends HttpTestCase
{
    private const HARBOUR = '<svg xmlns="http://www.w3.org/2000/svg" width="120" height="80"><rect id="Quay" x="10" y="20" width="60" height="30" fill="#24485a"/><g transform="translate(80 40) rotate(45)"><circle r="10" fill="gold"/><path d="M-20 0H20" stroke="#a83a24" stroke-width="3"/></g><text x="10" y="70" font-size="12">Skerry Point</text></svg>';

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function send(string $path, string $svg, string $type = 'image/svg+xml'): TestResponse
    {
        return $this->call('POST', $path, server: ['CONTENT_TYPE' => $type, 'HTTP_ACCEPT' => 'application/json'], content: $svg);
    }

    public function test_a_drawing_of_one_thing_is_called_as_its_file_where_it_says_no_name_itself(): void
    {
        $names = fn (string $inside): array => array_column($this->send('/api/drawings/read?name=pier.svg', "<svg xmlns='http://www.w3.org/2000/svg' width='24' height='24'>$inside</svg>")->assertOk()->json('excerpt.items'), 'name');
        self::assertSame(['pier'], $names("<rect width='9' height='9'/>"));
        self::assertSame(['Quay'], $names("<rect id='Quay' width='9' height='9'/>"));
        self::assertSame(['pier', 'Box', 'Box'], $names("<rect width='9' height='9'/><rect x='9' width='9' height='9'/>"));
    }

    public function test_a_drawing_is_read_and_pasted_as_a_group(): void
    {
        ['sheet' => $sheet, 'document' => $document] = $this->begin(400, 300);
        $state = $this->bytes($sheet);
        $read = $this->send('/api/drawings/read?name=harbour%20chart.svg', self::HARBOUR)->assertOk()->assertJson(['width' => 120, 'height' => 80, 'said' => '', 'left_out' => []])->json();
        $pasted = $this->command($sheet, 'paste', [], ['file' => $read['excerpt'], 'at' => ['x' => 200, 'y' => 150]])->assertOk()->assertJsonPath('report.summary', 'Pasted "harbour chart"');
        self::assertSame(['harbour chart', 'Quay', 'Group', 'Round', 'Line', 'Skerry Point'], array_column($this->getJson("/api/sheets/$sheet")->json('items'), 'name'));
        self::assertSame([45], array_values(array_filter(array_map(static fn (array $item): int => (int) $item['angle'], $pasted->json('created')))));
        $this->postJson("/api/documents/$document/undo")->assertOk();
        self::assertSame($state, $this->bytes($sheet));
        $single = $this->send('/api/drawings/read', '<svg xmlns="http://www.w3.org/2000/svg"><path id="Mark" d="M0 0L9 9L0 9Z"/></svg>')->assertOk()->json('excerpt.items');
        self::assertSame(['Mark'], array_column($single, 'name'));
        $this->send('/api/drawings/read', '<svg xmlns="http://www.w3.org/2000/svg"><script/></svg>')->assertOk()->assertJsonPath('excerpt', null)->assertJsonPath('said', 'Not taken over: a script.');
    }

    public function test_a_drawing_is_opened_handed_over_and_opened_again(): void
    {
        $opened = $this->send('/api/documents/import?name=..%2Fharbour.svg', self::HARBOUR)->assertCreated()->assertJsonPath('name', 'harbour')->assertJsonPath('said', '');
        $sheet = $opened->json('sheets.0.id');
        self::assertSame([120, 80], [$opened->json('sheets.0.width'), $opened->json('sheets.0.height')]);
        self::assertCount(5, $this->getJson("/api/sheets/$sheet")->json('items'));
        $this->command($sheet, 'delete', [$this->getJson("/api/sheets/$sheet")->json('items.4.id')])->assertOk();
        $svg = (string) $this->get("/api/sheets/$sheet/render.svg")->assertOk()->getContent();
        $again = $this->send('/api/documents/import?name=harbour.svg', $svg)->assertCreated()->json('sheets.0.id');
        // The sheet's ground is a thing of the drawing, which comes in as a box.
        $ground = $this->getJson("/api/sheets/$again")->json('items.0.id');
        $this->command($again, 'delete', [$ground])->assertOk();
        self::assertSame($svg, (string) $this->get("/api/sheets/$again/render.svg")->assertOk()->getContent());
    }

    public function test_pictures_in_it_are_kept(): void
    {
        ['sheet' => $sheet] = $this->begin(400, 300);
        $svg = '<svg xmlns="http://www.w3.org/2000/svg" width="90" height="60"><image width="60" height="60" preserveAspectRatio="xMidYMid slice" href="data:image/png;base64,'.base64_encode(SamplePicture::png(40, 20)).'"/><image width="9" height="9" href="data:image/png;base64,AAAA"/></svg>';
        $read = $this->send('/api/drawings/read?name=a', $svg)->assertOk()->assertJsonPath('left_out', [['what' => 'a picture that cannot be used', 'count' => 1]]);
        $this->command($sheet, 'paste', [], ['file' => $read->json('excerpt')])->assertOk();
        $item = $this->getJson("/api/sheets/$sheet")->json('items.0');
        self::assertStringStartsWith('40x20-', $item['fields']['picture']);
        self::assertSame('cover', $item['fields']['fit']);
    }

    public function test_what_is_no_drawing_is_refused(): void
    {
        $this->send('/api/drawings/read', 'The 07.15')->assertStatus(422)->assertJsonPath('detail', fn (string $said): bool => str_starts_with($said, 'This SVG cannot be read'));
        $this->send('/api/drawings/read', self::HARBOUR, 'application/json')->assertStatus(415);
        $this->send('/api/documents/import', '<html/>')->assertStatus(422)->assertJsonPath('detail', 'This is no SVG.');
        $this->send('/api/drawings/read', str_repeat(' ', 8 * 1024 * 1024 + 1))->assertStatus(413)->assertJsonPath('detail', 'An SVG has 8 MB at most.');
        $this->getJson('/api/documents')->assertJsonPath('documents', []);
    }

    public function test_a_document_goes_into_an_archive_with_its_pictures_beside_it(): void
    {
        ['sheet' => $sheet, 'document' => $document] = $this->begin(400, 300);
        $key = $this->keptPicture(SamplePicture::png(80, 60));
        $this->command($sheet, 'add-item', [], ['kind' => 'picture', 'picture' => $key, 'x' => 0, 'y' => 0, 'w' => 80, 'h' => 60])->assertOk();
        $archive = (string) $this->get("/api/documents/$document/file?as=zip")->assertOk()->assertHeader('content-type', 'application/zip')->streamedContent();
        $path = $this->data->path.'/document.zip';
        file_put_contents($path, $archive);
        $zip = new \ZipArchive;
        self::assertTrue($zip->open($path));
        self::assertSame(['document.json', "pictures/$key.png"], array_map(static fn (int $i): string => (string) $zip->getNameIndex($i), range(0, $zip->numFiles - 1)));
        self::assertStringNotContainsString('"data"', (string) $zip->getFromName('document.json'));
        \Illuminate\Support\Facades\DB::table('pictures')->delete();
        $copy = $this->send('/api/documents/import', $archive, 'application/zip')->assertCreated()->json('id');
        self::assertSame((string) $this->get("/api/documents/$document/file")->getContent(), (string) $this->get("/api/documents/$copy/file")->getContent());
        $this->send('/api/documents/import', 'PK nothing', 'application/zip')->assertStatus(422)->assertJsonPath('detail', 'This archive cannot be read.');
        $zip->deleteName('document.json');
        $zip->close();
        $this->send('/api/documents/import', (string) file_get_contents($path), 'application/zip')->assertStatus(422)->assertJsonPath('detail', 'There is no document in this archive: it has no document.json.');
    }
}
