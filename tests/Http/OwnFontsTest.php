<?php

declare(strict_types=1);

namespace Tests\Http;

use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Core\Support\FontFiles;
use ZipArchive;

/** Fonts that are brought along: checked, used in a document, and carried in its file. */
final class OwnFontsTest extends HttpTestCase
{
    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function upload(string $file, string $type = 'application/octet-stream'): TestResponse
    {
        return $this->call('POST', '/api/fonts', server: ['CONTENT_TYPE' => $type, 'HTTP_ACCEPT' => 'application/json'], content: $file);
    }

    /** A font of our own: one that ships, by another name. */
    private static function harbour(string $name = 'Harbour', string $key = 'work-sans-400'): string
    {
        $text = (string) mb_convert_encoding($name, 'UTF-16BE', 'UTF-8');

        return FontFiles::trueType($key, ['name' => pack('nnn', 0, 1, 18).pack('nnnnnn', 3, 1, 0x409, 1, strlen($text), 0).$text]);
    }

    public function test_a_font_is_used_and_goes_with_the_file(): void
    {
        ['document' => $document, 'sheet' => $sheet] = $this->begin();
        $font = $this->upload(self::harbour(), 'font/ttf')->assertCreated()->assertJson(['font' => 'harbour-400', 'family' => 'harbour', 'name' => 'Harbour', 'weight' => 400, 'italic' => false])->json('font');
        $this->upload(self::harbour())->assertCreated()->assertJsonPath('font', $font);
        $bold = $this->upload(self::harbour('Harbour', 'work-sans-700'))->assertCreated()->assertJsonPath('weight', 700)->json('font');
        $this->command($sheet, 'add-font', [], ['font' => $font])->assertOk()->assertJsonPath('report.summary', 'Added the font Harbour, weight 400');
        $this->command($sheet, 'add-font', [], ['font' => $font])->assertStatus(422);
        $this->command($sheet, 'add-font', [], ['font' => $bold])->assertOk();
        $this->command($sheet, 'add-font', [], ['font' => 'nowhere-400'])->assertStatus(422);
        $own = $this->command($sheet, 'add-item', [], ['kind' => 'text', 'text' => 'Tortoise', 'font' => 'harbour'])->assertOk()->json('created.0');
        $same = $this->command($sheet, 'add-item', [], ['kind' => 'text', 'text' => 'Tortoise', 'font' => 'work-sans'])->assertOk()->json('created.0');
        self::assertSame($same['frame']['w'], $own['frame']['w']);
        self::assertStringContainsString('harbour-400', (string) json_encode($own['painting']));
        $hash = $this->getJson('/api/fonts')->json('hashes.harbour-400');
        self::assertSame($this->getJson('/api/fonts/work-sans-400/'.$this->getJson('/api/fonts')->json('hashes.work-sans-400'))->json(), $this->getJson("/api/fonts/harbour-400/$hash")->assertOk()->json());
        $this->command($sheet, 'add-slice', [], ['name' => 'a', 'x' => 0, 'y' => 0, 'w' => 200, 'h' => 100]);
        $archive = (string) $this->postJson("/api/sheets/$sheet/export", ['formats' => ['svg'], 'text' => 'font'])->assertOk()->streamedContent();
        self::assertStringContainsString('font-family:"harbour";font-weight:400;src:url(data:font/ttf;base64,', self::only($archive));

        // Undone, it is offered no more; what is set in it goes on being.
        $listed = $this->getJson("/api/sheets/$sheet")->json('own_fonts');
        self::assertSame(['harbour-400', 'harbour-700'], array_column($listed, 'font'));
        $this->command($sheet, 'remove-font', [], ['own_font' => $listed[0]['id']])->assertOk()->assertJsonCount(1, 'own_fonts');
        $file = (string) $this->get("/api/documents/$document/file")->assertOk()->getContent();
        self::assertSame(['harbour-400', 'harbour-700'], array_column(json_decode($file, true)['font_files'], 'font'), 'what a text is set in goes along, though it is not listed');

        // Where there is none of it yet.
        $svg = $this->drawing($sheet);
        $this->elsewhere();
        $opened = $this->call('POST', '/api/documents/import', server: ['CONTENT_TYPE' => 'application/json'], content: $file)->assertCreated();
        self::assertSame($svg, $this->drawing($opened->json('sheets.0.id')));
        self::assertSame($file, (string) $this->get("/api/documents/{$opened->json('id')}/file")->getContent());
    }

    public function test_two_fonts_of_one_name_are_told_apart_also_in_files(): void
    {
        ['document' => $document, 'sheet' => $sheet] = $this->begin();
        $font = $this->upload(self::harbour())->json('font');
        $this->command($sheet, 'add-font', [], ['font' => $font])->assertOk();
        $this->command($sheet, 'add-item', [], ['kind' => 'text', 'text' => 'Tortoise', 'font' => 'harbour', 'runs' => [['from' => 0, 'to' => 2, 'font' => 'harbour', 'weight' => 700]]])->assertOk();
        $file = (string) $this->get("/api/documents/$document/file")->getContent();
        $svg = $this->drawing($sheet);
        $this->elsewhere();
        $this->upload(self::harbour('Harbour', 'bitter-400'))->assertCreated()->assertJsonPath('family', 'harbour');
        $opened = $this->call('POST', '/api/documents/import', server: ['CONTENT_TYPE' => 'application/json'], content: $file)->assertCreated()->json('sheets.0.id');
        $item = $this->getJson("/api/sheets/$opened")->json('items.0');
        self::assertSame(['harbour-2', 'harbour-2'], [$item['fields']['font'], $item['fields']['runs'][0]['font']]);
        self::assertSame(str_replace('harbour', 'harbour-2', $svg), $this->drawing($opened));
        $this->upload(FontFiles::woff('abril-fatface-400'), 'font/woff')->assertCreated()->assertJsonPath('family', 'abril-fatface-2');
    }

    #[TestWith(['', 422, 'This font cannot be used. It is no TTF, OTF or WOFF file.'])]
    #[TestWith(["OTTO\0\1", 422, 'This font cannot be used. Its outlines are PostScript (CFF); fonts with TrueType outlines are read.'])]
    #[TestWith(['not a font at all', 422, 'This font cannot be used. It is no TTF, OTF or WOFF file.'])]
    public function test_what_is_no_font_is_refused_with_the_reason(string $file, int $status, string $reason): void
    {
        $this->upload($file)->assertStatus($status)->assertJsonPath('detail', $reason);
        self::assertSame(0, DB::table('font_files')->count());
    }

    public function test_what_is_too_large_or_of_another_type_is_refused(): void
    {
        $this->upload(str_repeat('x', 4 * 1024 * 1024 + 1))->assertStatus(413);
        $this->upload(self::harbour(), 'text/html')->assertStatus(415);
        $this->upload(self::harbour(''))->assertStatus(422)->assertJsonPath('detail', 'This font cannot be used. It has no name, so that it could not be told from others.');
        $this->upload(self::harbour("Quay\u{5E9}<b>"))->assertCreated()->assertJsonPath('family', 'quayb');
    }

    public function test_what_an_earlier_version_compiled_is_compiled_anew(): void
    {
        $font = $this->upload(self::harbour())->json('font');
        DB::table('font_files')->where('key', $font)->update(['compiler' => 1, 'metrics' => 'old']);
        ['sheet' => $sheet] = $this->begin();
        $this->command($sheet, 'add-item', [], ['kind' => 'text', 'text' => 'Quay', 'font' => 'harbour'])->assertOk();
        self::assertGreaterThan(1, DB::table('font_files')->value('compiler'));
    }

    private function drawing(string $sheet): string
    {
        return (string) $this->get("/api/sheets/$sheet/render.svg")->assertOk()->getContent();
    }

    /** In another installation, which knows nothing of this one. */
    private function elsewhere(): void
    {
        $this->tearDown();
        $this->setUp();
        self::assertSame(0, DB::table('font_files')->count());
    }

    /** The only file of an archive. */
    private static function only(string $archive): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'zip');
        file_put_contents($path, $archive);
        $zip = new ZipArchive;
        $zip->open($path);
        $file = (string) $zip->getFromIndex(0);
        unlink($path);

        return $file;
    }
}
