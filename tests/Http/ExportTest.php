<?php

declare(strict_types=1);

namespace Tests\Http;

use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use ZipArchive;

final class ExportTest extends HttpTestCase
{
    public function test_every_slice_at_every_scale_has_exactly_its_pixels(): void
    {
        ['sheet' => $sheet] = $this->begin(200, 100);
        $this->box($sheet, 10, 20, 51, 40, 'pier/Box');
        $this->command($sheet, 'add-slice', [], ['name' => 'pier/Box', 'x' => 10, 'y' => 20, 'w' => 51, 'h' => 40])->assertOk();
        $this->command($sheet, 'add-slice', [], ['name' => '../all', 'x' => 0, 'y' => 0, 'w' => 200, 'h' => 100])->assertOk();
        $files = $this->archive($this->postJson("/api/sheets/$sheet/export", ['formats' => ['png'], 'scales' => [1, 1.5, 2]]));
        self::assertSame(['pier/Box.png', 'pier/Box@1.5x.png', 'pier/Box@2x.png', 'all.png', 'all@1.5x.png', 'all@2x.png', 'manifest.json'], array_keys($files));
        $sizes = array_map(static fn (string $png): array => array_slice((array) getimagesizefromstring($png), 0, 2), array_slice($files, 0, 6));
        self::assertSame([[51, 40], [77, 60], [102, 80], [200, 100], [300, 150], [400, 200]], array_values($sizes));

        $manifest = json_decode($files['manifest.json'], true);
        foreach ($manifest['files'] as $file) {
            self::assertSame(hash('sha256', $files[$file['file']]), $file['sha256']);
            self::assertSame(strlen($files[$file['file']]), $file['bytes']);
            self::assertSame(array_values($file['size']), $sizes[$file['file']]);
        }
    }

    public function test_what_is_painted_is_what_lies_there_on_the_background_asked_for(): void
    {
        ['sheet' => $sheet] = $this->begin(100, 100);
        $box = $this->box($sheet, 10, 10, 20, 20);
        $this->command($sheet, 'set', [$box], ['fill' => '#ff0000']);
        $this->command($sheet, 'set-sheet', [], ['background' => '#00ff00']);
        $this->command($sheet, 'add-slice', [], ['name' => 'a', 'x' => 5, 'y' => 5, 'w' => 10, 'h' => 10]);
        foreach (['sheet' => 0x00FF00, '#0000ff' => 0x0000FF, 'transparent' => 0x7F000000] as $background => $corner) {
            $png = $this->archive($this->postJson("/api/sheets/$sheet/export", ['background' => $background]))['a.png'];
            $image = imagecreatefromstring($png);
            self::assertNotFalse($image);
            self::assertSame($corner, imagecolorat($image, 0, 0), $background);
            self::assertSame(0xFF0000, imagecolorat($image, 9, 9), 'the box begins exactly at its pixel');
            self::assertSame($corner, imagecolorat($image, 4, 4));
            self::assertSame(0xFF0000, imagecolorat($image, 5, 5));
        }
    }

    public function test_only_the_slices_asked_for(): void
    {
        ['sheet' => $sheet] = $this->begin(100, 100);
        $ids = [];
        foreach (['a', 'b', 'c'] as $name) {
            $ids[] = $this->command($sheet, 'add-slice', [], ['name' => $name, 'x' => 0, 'y' => 0, 'w' => 10, 'h' => 10])->json('report.slices.0');
        }
        self::assertSame(['b.png', 'manifest.json'], array_keys($this->archive($this->postJson("/api/sheets/$sheet/export", ['slices' => [$ids[1]]]))));
        $this->postJson("/api/sheets/$sheet/export", ['slices' => ['nope']])->assertNotFound();
    }

    public function test_more_than_is_done_at_once_is_refused_with_the_limit(): void
    {
        ['sheet' => $sheet] = $this->begin(8000, 8000);
        $this->postJson("/api/sheets/$sheet/export")->assertStatus(422)->assertJson(['detail' => 'There are no slices to hand over. Cut some first.']);
        $this->command($sheet, 'add-slice', [], ['name' => 'a', 'x' => 0, 'y' => 0, 'w' => 8000, 'h' => 8000]);
        $this->postJson("/api/sheets/$sheet/export")->assertStatus(422)->assertJson(['detail' => 'At once, 20 megapixels are painted at most; this would be 64.0. Hand over fewer slices or smaller scales at a time.']);
        foreach (range(1, 10) as $i) {
            $this->command($sheet, 'add-slice', [], ['name' => "s$i", 'x' => 0, 'y' => 0, 'w' => 5, 'h' => 5]);
        }
        $this->postJson("/api/sheets/$sheet/export", ['scales' => [1, 2]])->assertStatus(422)->assertJsonPath('detail', 'At once, 20 files are made at most; this would be 22. Hand over fewer slices or scales at a time.');
        foreach ([['scales' => [0]], ['scales' => [17]], ['scales' => []], ['formats' => ['gif']], ['background' => 'red'], ['more' => 1]] as $body) {
            $this->postJson("/api/sheets/$sheet/export", $body)->assertStatus(422)->assertHeader('Content-Type', 'application/problem+json');
        }
    }

    public function test_a_sheet_is_rendered_as_svg_and_png_and_so_is_a_slice_of_it(): void
    {
        ['sheet' => $sheet] = $this->begin(120, 80);
        $this->command($sheet, 'add-item', [], ['kind' => 'text', 'text' => 'Quay', 'x' => 5, 'y' => 5]);
        $slice = $this->command($sheet, 'add-slice', [], ['name' => 'a', 'x' => 0, 'y' => 0, 'w' => 30, 'h' => 20])->json('report.slices.0');
        $svg = $this->get("/api/sheets/$sheet/render.svg")->assertOk();
        self::assertStringStartsWith('image/svg+xml', (string) $svg->headers->get('Content-Type'));
        self::assertNotFalse(simplexml_load_string((string) $svg->getContent()));
        $size = fn (string $query): array => array_slice((array) getimagesizefromstring((string) $this->get("/api/sheets/$sheet/render.png?$query")->assertOk()->getContent()), 0, 2);
        self::assertSame([240, 160], $size('scale=2'));
        self::assertSame([45, 30], $size("scale=1.5&slice=$slice"));
        foreach (['0', '-1', 'x', '99'] as $scale) {
            $this->get("/api/sheets/$sheet/render.png?scale=$scale")->assertStatus(422);
        }
    }

    /**
     * @param  TestResponse<Response>  $answer
     * @return array<string, string> contents by name
     */
    private function archive(TestResponse $answer): array
    {
        $answer->assertOk()->assertHeader('Content-Type', 'application/zip');
        $path = $this->data->path.'/archive.zip';
        file_put_contents($path, $answer->streamedContent());
        $zip = new ZipArchive;
        self::assertTrue($zip->open($path));
        $files = [];
        for ($i = 0; $i < $zip->numFiles; $i++) {
            $files[(string) $zip->getNameIndex($i)] = (string) $zip->getFromIndex($i);
        }

        return $files;
    }
}
