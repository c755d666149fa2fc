<?php

declare(strict_types=1);

namespace Tests\Http;

use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Process\Process;
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

    public function test_what_cannot_be_handed_over_is_refused_with_the_reason(): void
    {
        ['sheet' => $sheet] = $this->begin(9000, 9000);
        $this->postJson("/api/sheets/$sheet/export")->assertStatus(422)->assertJson(['detail' => 'There are no slices to hand over. Cut some first.']);
        $this->command($sheet, 'add-slice', [], ['name' => 'a', 'x' => 0, 'y' => 0, 'w' => 9000, 'h' => 9000]);
        $this->postJson("/api/sheets/$sheet/export")->assertStatus(422)->assertJson(['detail' => 'a.png would have 81.0 megapixels; a picture has 64 at most.']);
        $this->postJson("/api/sheets/$sheet/export", ['scales' => [2]])->assertStatus(422)->assertJsonPath('detail', '"a": 2x would be 18,000 × 18,000; a picture is 16,000 px wide and high at most.');
        foreach ([['scales' => [0]], ['scales' => [17]], ['scales' => ['0x']], ['scales' => ['2.5w']], ['scales' => []], ['formats' => ['gif']], ['background' => 'red'], ['quality' => 101], ['more' => 1]] as $body) {
            $this->postJson("/api/sheets/$sheet/export", $body)->assertStatus(422)->assertHeader('Content-Type', 'application/problem+json');
        }
    }

    public function test_a_slice_has_formats_sizes_and_a_background_of_its_own(): void
    {
        ['sheet' => $sheet] = $this->begin(100, 100);
        $box = $this->box($sheet, 20, 20, 40, 30);
        $this->command($sheet, 'add-slice', [$box], ['name' => 'own', 'scales' => ['2x', '90w'], 'formats' => ['webp', 'svg'], 'background' => 'transparent', 'padding' => 5]);
        $this->command($sheet, 'add-slice', [], ['name' => 'plain', 'x' => 0, 'y' => 0, 'w' => 10, 'h' => 10]);
        $files = $this->archive($this->postJson("/api/sheets/$sheet/export", ['scales' => [1], 'formats' => ['jpeg', 'png']]));
        self::assertSame(['own@2x.webp', 'own-90w.webp', 'own.svg', 'plain.jpg', 'plain.png', 'manifest.json'], array_keys($files));
        $size = static fn (string $name): array => array_slice((array) getimagesizefromstring($files[$name]), 0, 2);
        self::assertSame([[100, 80], [90, 72], [10, 10]], [$size('own@2x.webp'), $size('own-90w.webp'), $size('plain.jpg')]);
        self::assertStringContainsString("width='50' height='40' viewBox='15 15 50 40'", $files['own.svg']);
        self::assertStringContainsString("<rect width='40'", $files['own.svg']);
        self::assertStringNotContainsString('#ffffff', $files['own.svg'], 'on nothing');
        $manifest = json_decode($files['manifest.json'], true)['files'];
        self::assertEquals(['name' => 'own', 'place' => ['x' => 15, 'y' => 15], 'size' => ['width' => 90, 'height' => 72], 'scale' => 1.8], array_intersect_key($manifest[1], array_flip(['name', 'place', 'size', 'scale'])));
    }

    public function test_transparency_is_kept_to_the_last_shade(): void
    {
        ['sheet' => $sheet] = $this->begin(64, 64);
        $this->command($sheet, 'add-item', [], ['kind' => 'round', 'x' => 4, 'y' => 4, 'w' => 50, 'h' => 50, 'fill' => '#24485a', 'opacity' => 0.43]);
        $this->command($sheet, 'add-slice', [], ['name' => 'a', 'x' => 0, 'y' => 0, 'w' => 64, 'h' => 64]);
        $order = ['background' => 'transparent', 'formats' => ['png', 'webp'], 'quality' => 100];
        $files = $this->archive($this->postJson("/api/sheets/$sheet/export", $order));
        $palette = $this->archive($this->postJson("/api/sheets/$sheet/export", ['png' => 'palette', ...$order]))['a.png'];
        $raw = fn (string $bytes, string $type): string => $this->raw($bytes, $type);
        self::assertSame($raw($files['a.png'], 'png'), $raw($palette, 'png'));
        self::assertSame($raw($files['a.png'], 'png'), $raw($files['a.webp'], 'webp'));
        self::assertSame(3, ord($palette[25]), 'colour type 3: a palette');
        self::assertSame(6, ord($files['a.png'][25]), 'colour type 6: RGB with alpha');
        $alphas = array_unique(array_map(static fn (string $pixel): int => ord($pixel[3]), str_split($raw($files['a.png'], 'png'), 4)));
        self::assertContains((int) round(0.43 * 255), $alphas);
        self::assertGreaterThan(40, count($alphas), 'edges in more shades than seven bits tell apart here');
    }

    public function test_only_its_items_and_only_what_is_painted(): void
    {
        ['sheet' => $sheet] = $this->begin(100, 100);
        $below = $this->box($sheet, 0, 0, 100, 100);
        $above = $this->command($sheet, 'add-item', [], ['kind' => 'round', 'x' => 30, 'y' => 30, 'w' => 20, 'h' => 20, 'fill' => '#ff0000', 'outline' => ['colour' => '#ff0000', 'weight' => 4]])->json('created.0.id');
        $this->command($sheet, 'add-slice', [$above], ['name' => 'alone', 'only' => true, 'trim' => true, 'background' => 'transparent']);
        $this->command($sheet, 'add-slice', [$above], ['name' => 'with']);
        $files = $this->archive($this->postJson("/api/sheets/$sheet/export"));
        $alone = imagecreatefromstring($files['alone.png']);
        $with = imagecreatefromstring($files['with.png']);
        self::assertNotFalse($alone);
        self::assertNotFalse($with);
        self::assertSame([24, 24], [imagesx($alone), imagesy($alone)], 'with all of its outline');
        self::assertSame([0x7F000000, 0xFF0000], [imagecolorat($alone, 0, 0), imagecolorat($alone, 12, 12)]);
        self::assertSame([20, 0xDFEAEC], [imagesx($with), imagecolorat($with, 0, 0)]);
        self::assertNotSame($below, $above);
    }

    public function test_texts_in_svg_are_outlines_or_text_with_its_font(): void
    {
        ['sheet' => $sheet] = $this->begin(200, 100);
        $this->command($sheet, 'add-item', [], ['kind' => 'text', 'text' => "Quay <3>\nto Skerry", 'x' => 5, 'y' => 5]);
        $this->command($sheet, 'add-slice', [], ['name' => 'a', 'x' => 0, 'y' => 0, 'w' => 200, 'h' => 100]);
        $outlines = $this->archive($this->postJson("/api/sheets/$sheet/export", ['formats' => ['svg']]))['a.svg'];
        $text = $this->archive($this->postJson("/api/sheets/$sheet/export", ['formats' => ['svg'], 'text' => 'font']))['a.svg'];
        self::assertStringNotContainsString('<text', $outlines);
        self::assertStringContainsString('>&lt;3&gt;</tspan>', $text);
        self::assertStringContainsString('@font-face{font-family:"overpass";font-weight:400', $text);
        self::assertNotFalse(simplexml_load_string($text));
    }

    public function test_a_pdf_has_the_true_size_and_all_sheets_go_into_one(): void
    {
        $made = $this->postJson('/api/documents', ['name' => 'Print', 'sheet' => ['name' => 'Card', 'width' => 110, 'height' => 200, 'unit' => 'mm', 'ppi' => 250]])->json();
        $sheet = $made['sheets'][0]['id'];
        $this->postJson("/api/documents/{$made['id']}/sheets", ['name' => 'Second', 'width' => 96, 'height' => 192])->assertCreated();
        $this->box($sheet, 10, 10);
        $this->command($sheet, 'add-slice', [], ['name' => 'a', 'x' => 0, 'y' => 0, 'w' => '55mm', 'h' => '20mm']);
        $files = $this->archive($this->postJson("/api/sheets/$sheet/export", ['formats' => ['pdf'], 'sheets' => 'all']));
        self::assertSame(['a.pdf', 'Print.pdf', 'manifest.json'], array_keys($files));
        $box = static fn (string $pdf): array => preg_match_all('~/MediaBox \[ ?0 0 ([\d.]+) ([\d.]+)~', $pdf, $found, PREG_SET_ORDER) > 0 ? array_map(static fn (array $one): array => [round((float) $one[1]), round((float) $one[2])], $found) : [];
        self::assertEquals([[156, 57]], $box($files['a.pdf']), '55 x 20 mm in points');
        // 1083 x 1969 px at 250 ppi are 110.03 x 200.05 mm.
        self::assertEqualsCanonicalizing([[312, 567], [72, 144]], $box($files['Print.pdf']));
        self::assertSame($files['Print.pdf'], $this->archive($this->postJson("/api/sheets/$sheet/export", ['formats' => ['pdf'], 'sheets' => 'all']))['Print.pdf'], 'nothing in it is dated');
    }

    public function test_names_are_safe_on_every_system(): void
    {
        ['sheet' => $sheet] = $this->begin(50, 50);
        foreach (['../../x', 'CON', 'a/b:c?', str_repeat('long ', 39), 'Same', 'same '] as $name) {
            $this->command($sheet, 'add-slice', [], ['name' => $name, 'x' => 0, 'y' => 0, 'w' => 5, 'h' => 5])->assertOk();
        }
        $names = array_keys($this->archive($this->postJson("/api/sheets/$sheet/export")));
        self::assertSame(['x.png', '_CON.png', 'a/b-c-.png'], array_slice($names, 0, 3));
        self::assertSame(['Same.png', 'same 2.png', 'manifest.json'], array_slice($names, 4));
        self::assertLessThan(130, strlen($names[3]));
        $warnings = $this->postJson("/api/sheets/$sheet/export/plan")->json('warnings');
        self::assertContains('becomes "x": not every system takes "../../x"', array_column($warnings, 'text'));
    }

    public function test_what_comes_of_it_is_said_beforehand(): void
    {
        ['sheet' => $sheet] = $this->begin(100, 100);
        $this->box($sheet, 10, 10, 20, 20);
        foreach (['half' => [10.5, 10, 20, 20], 'odd' => [10, 10, 51, 40], 'bare' => [60, 60, 10, 10], 'over' => [90, 10, 20, 20]] as $name => [$x, $y, $w, $h]) {
            $this->command($sheet, 'add-slice', [], compact('name', 'x', 'y', 'w', 'h'));
        }
        $plan = $this->postJson("/api/sheets/$sheet/export/plan", ['scales' => [1.5], 'formats' => ['png', 'jpeg'], 'background' => 'transparent'])->assertOk();
        $slices = array_column($this->getJson("/api/sheets/$sheet")->json('slices'), 'name', 'id');
        $said = [];
        foreach ($plan->json('warnings') as $warning) {
            $said[$slices[$warning['slice']]][] = $warning['text'];
        }
        $clear = 'JPEG cannot be clear; it is painted on #ffffff';
        self::assertSame([
            'half' => ['off the pixel: x 10.5', $clear],
            'odd' => ['1.5x is 76.5 × 60, and becomes 77 × 60', $clear],
            'bare' => ['nothing is painted in it', $clear],
            'over' => ['nothing is painted in it', 'reaches past the edge of the sheet', $clear],
        ], $said);
        self::assertSame(['half@1.5x.png', 'half@1.5x.jpg'], array_slice($plan->json('names'), 0, 2));
        self::assertTrue($plan->json('small'));
        $this->command($sheet, 'whole-slices', [], ['scales' => [1.5]])->assertOk()->assertJsonPath('report.summary', 'Put 2 slices onto whole pixels, outward');
        self::assertSame([], array_filter($this->postJson("/api/sheets/$sheet/export/plan", ['scales' => [1.5]])->json('warnings'), static fn (array $one): bool => in_array($one['kind'], ['off-pixel', 'fraction'], true)));
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

    /** The pixels of a picture, four bytes each. */
    private function raw(string $bytes, string $type): string
    {
        $process = new Process(['convert', "$type:-", '-depth', '8', 'rgba:-'], input: $bytes);

        return $process->mustRun()->getOutput();
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
