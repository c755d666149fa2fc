<?php

declare(strict_types=1);

namespace Tests\Http;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Tests\Support\SamplePicture;

/** Pictures: brought along, shown in frames, swapped, handed over, carried in files, and kept for as long as anything can bring them back. */
final class PicturesTest extends HttpTestCase
{
    private string $document = '';

    private string $sheet = '';

    protected function setUp(): void
    {
        parent::setUp();
        ['document' => $this->document, 'sheet' => $this->sheet] = $this->begin(400, 300);
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function upload(string $file, string $name = 'pier.png', string $type = 'application/octet-stream'): TestResponse
    {
        return $this->call('POST', '/api/pictures?name='.rawurlencode($name), server: ['CONTENT_TYPE' => $type, 'HTTP_ACCEPT' => 'application/json'], content: $file);
    }

    /** @param  array<string, mixed>  $fields */
    private function picture(string $key, float $x, float $y, float $w, float $h, array $fields = []): string
    {
        return $this->thing($this->sheet, 'picture', $x, $y, $w, $h, ['picture' => $key, ...$fields]);
    }

    private function painted(): string
    {
        return (string) $this->get("/api/sheets/$this->sheet/render.png")->assertOk()->getContent();
    }

    /** @param  array{int, int, int}  $colour */
    private static function assertColour(array $colour, string $png, int $x, int $y, string $message = ''): void
    {
        foreach (SamplePicture::colourAt($png, $x, $y) as $i => $part) {
            self::assertEqualsWithDelta($colour[$i], $part, 6, "$message at $x, $y");
        }
    }

    public function test_a_picture_is_kept_once_with_smaller_ones(): void
    {
        $file = SamplePicture::jpeg(1600, 1200);
        $kept = $this->upload($file, '../up/the pier.JPG')->assertCreated()->assertJson(['width' => 1600, 'height' => 1200, 'notes' => []])->json('picture');
        self::assertStringStartsWith('1600x1200-', $kept);
        self::assertSame($kept, $this->keptPicture($file), 'the same one again');
        self::assertSame('the pier', DB::table('pictures')->value('name'), 'without its folder and its ending');
        self::assertSame(1, DB::table('pictures')->count());
        self::assertCount(3, glob($this->data->path.'/pictures/*/*') ?: [], 'itself, and two that are smaller');
        foreach ([['', 1600], ['?size=256', 256], ['?size=200', 256], ['?size=300', 1024], ['?size=1500', 1600]] as [$asked, $width]) {
            $this->get("/api/pictures/$kept$asked")->assertOk()->assertHeader('content-type', 'image/jpeg');
            self::assertSame($width, (getimagesizefromstring($this->shown("$kept$asked")) ?: [0])[0], "$asked");
        }
        $this->get('/api/pictures/10x10-'.str_repeat('0', 40))->assertNotFound();
    }

    public function test_handing_over_says_what_is_painted_larger_than_it_is(): void
    {
        $key = $this->keptPicture(SamplePicture::png(200, 100));
        $this->picture($key, 0, 0, 100, 100, ['name' => 'Pier']);
        $wide = $this->picture($key, 200, 0, 100, 50, ['name' => 'Quay']);
        $this->command($this->sheet, 'add-slice', [], ['name' => 'left', 'x' => 0, 'y' => 0, 'w' => 150, 'h' => 150])->assertOk();
        $this->command($this->sheet, 'add-slice', [], ['name' => 'all', 'x' => 0, 'y' => 0, 'w' => 400, 'h' => 300])->assertOk();
        $this->command($this->sheet, 'add-slice', [$wide], ['name' => 'own', 'follow' => true, 'only' => true])->assertOk();
        $said = fn (array $scales, string $format): array => array_column(array_filter($this->postJson("/api/sheets/$this->sheet/export/plan", ['scales' => $scales, 'formats' => [$format]])->assertOk()->json('warnings'), static fn (array $one): bool => $one['kind'] === 'coarse'), 'text');
        self::assertSame([], $said(['1x'], 'png'), 'one covers with 100 %, one with 50');
        self::assertSame(['at 2x, "Pier" is painted at 200 % of its pixels', 'at 2x, "Pier" is painted at 200 % of its pixels'], $said(['1x', '2x'], 'png'));
        self::assertSame(['at 3x, "Pier" is painted at 300 % of its pixels', 'at 3x, "Pier" is painted at 300 % of its pixels, and 1 more above 100 %', 'at 3x, "Quay" is painted at 150 % of its pixels'], $said(['3x'], 'png'));
        self::assertSame([], $said(['3x'], 'svg'), 'a drawing has its own size');
        $this->command($this->sheet, 'place', [$wide], ['w' => 500, 'h' => 250])->assertOk();
        self::assertStringContainsString('"Quay" is painted at 250 % of its pixels', implode($said(['1x'], 'svg')));
    }

    public function test_what_is_painted_is_what_was_fitted(): void
    {
        [$red, $green, $blue, $yellow] = SamplePicture::COLOURS;
        $key = $this->keptPicture(SamplePicture::png(200, 100));
        $id = $this->picture($key, 100, 100, 100, 100);
        $png = $this->painted();
        // Covering, 200 × 100 is seen in its middle half.
        self::assertColour($red, $png, 101, 101);
        self::assertColour($green, $png, 198, 101);
        self::assertColour($blue, $png, 148, 198);
        self::assertColour($yellow, $png, 151, 198);
        self::assertColour([255, 255, 255], $png, 99, 150, 'beside it');

        $this->command($this->sheet, 'set', [$id], ['focus_x' => 0])->assertOk();
        self::assertColour($red, $this->painted(), 198, 101, 'its left end is kept in view');
        $this->command($this->sheet, 'fit-picture', [$id], ['fit' => 'contain'])->assertOk()->assertJsonPath('report.summary', 'Showed all of "Picture"');
        $png = $this->painted();
        self::assertColour([255, 255, 255], $png, 150, 124, 'above it');
        self::assertColour($red, $png, 101, 126);
        self::assertColour($yellow, $png, 198, 173);
        $ink = $this->getJson("/api/sheets/$this->sheet")->json('items.0.ink');
        self::assertEquals(['x' => 100, 'y' => 125, 'w' => 100, 'h' => 50], $ink);
        $this->command($this->sheet, 'fit-picture', [$id], ['fit' => 'stretch'])->assertOk();
        self::assertColour($blue, $this->painted(), 101, 198);
        $this->command($this->sheet, 'fit-picture', [$id], ['fit' => 'hand', 'scale' => 1])->assertOk()->assertJsonPath('report.summary', 'Laid "Picture" by hand, each pixel one px of the sheet');
        $png = $this->painted();
        self::assertColour([255, 255, 255], $png, 150, 90, 'cut off at its frame');
        self::assertColour($red, $png, 101, 101);
        self::assertColour($green, $png, 198, 101);
        $this->command($this->sheet, 'fit-picture', [$id], ['fit' => 'cover', 'scale' => 2])->assertStatus(422);
    }

    public function test_corners_and_opacity_are_those_of_a_box(): void
    {
        $id = $this->picture($this->keptPicture(SamplePicture::png(200, 200)), 100, 100, 100, 100, ['radius' => 50, 'outline' => ['colour' => '#000000', 'weight' => 10, 'side' => 'inside']]);
        $png = $this->painted();
        self::assertColour([255, 255, 255], $png, 104, 104, 'the corner is round');
        self::assertColour([0, 0, 0], $png, 104, 150, 'the outline lies over it');
        self::assertColour(SamplePicture::COLOURS[0], $png, 140, 140);
        $this->command($this->sheet, 'set', [$id], ['opacity' => 0.5, 'outline' => null])->assertOk();
        self::assertColour([228, 143, 143], $this->painted(), 140, 140, 'half clear');
    }

    public function test_swapped_in_place_nothing_else_changes(): void
    {
        $id = $this->picture($this->keptPicture(SamplePicture::png(200, 100)), 20, 30, 120, 90, ['radius' => 8, 'focus_x' => 0.2, 'name' => 'Harbour']);
        $before = $this->getJson("/api/sheets/$this->sheet")->json('items.0');
        $other = $this->keptPicture(SamplePicture::jpeg(300, 300));
        $this->command($this->sheet, 'swap-picture', [$id], ['pictures' => [$other]])->assertOk()->assertJsonPath('report.summary', 'Swapped the picture in "Harbour"');
        $after = $this->getJson("/api/sheets/$this->sheet")->json('items.0');
        self::assertSame($other, $after['fields']['picture']);
        unset($before['painting'], $after['painting'], $before['fields']['picture'], $after['fields']['picture']);
        self::assertSame($before, $after);
        $this->command($this->sheet, 'swap-picture', [$id], ['pictures' => [$other, $other]])->assertStatus(422);
        $this->command($this->sheet, 'swap-picture', [$this->box($this->sheet, 0, 0)], ['pictures' => [$other]])->assertStatus(422)->assertJsonPath('detail', 'Select a picture.');
        $unknown = '10x10-'.str_repeat('0', 40);
        $this->command($this->sheet, 'swap-picture', [$id], ['pictures' => [$unknown]])->assertStatus(422)->assertJsonPath('detail', 'A picture is not kept here. Bring it along again.');
        $this->command($this->sheet, 'swap-picture', [$id], ['pictures' => [$unknown]], ['dry' => true])->assertStatus(422);
        $this->command($this->sheet, 'set', [$id], ['picture' => null])->assertOk()->assertJsonPath('report.summary', fn (string $said): bool => str_contains($said, 'none'));
    }

    public function test_a_picture_covers_the_sheet_behind_everything(): void
    {
        $box = $this->box($this->sheet, 10, 10);
        $id = $this->picture($this->keptPicture(SamplePicture::png(200, 100)), 20, 30, 120, 90, ['angle' => 10]);
        $other = $this->box($this->sheet, 200, 10);
        $group = $this->command($this->sheet, 'group', [$id, $other])->assertOk()->json('created.0.id');
        $state = $this->bytes($this->sheet);
        $this->command($this->sheet, 'cover-sheet', [$id])->assertOk()->assertJsonPath('report.summary', 'Covered the sheet with "Picture": 400 × 300, behind everything');
        $items = $this->getJson("/api/sheets/$this->sheet")->json('items');
        self::assertSame([$id, $box, $group, $other], array_column($items, 'id'));
        self::assertEquals(['x' => 0, 'y' => 0, 'w' => 400, 'h' => 300], $items[0]['frame']);
        self::assertSame([0, 'cover', null], [(int) $items[0]['angle'], $items[0]['fields']['fit'], $items[0]['parent']]);
        $this->postJson("/api/documents/$this->document/undo")->assertOk();
        self::assertSame($state, $this->bytes($this->sheet));
    }

    public function test_drawings_hold_their_pictures(): void
    {
        $key = $this->keptPicture(SamplePicture::png(600, 300));
        $this->picture($key, 0, 0, 200, 100);
        $this->picture($key, 200, 100, 100, 100);
        $svg = (string) $this->get("/api/sheets/$this->sheet/render.svg")->assertOk()->getContent();
        self::assertSame(1, substr_count($svg, 'data:image/png;base64,'), 'once, however often it stands there');
        self::assertStringContainsString(base64_encode(SamplePicture::png(600, 300)), $svg, 'with all its pixels');
        $png = $this->painted();
        self::assertColour(SamplePicture::COLOURS[0], $png, 205, 105, 'where it stands again');
        self::assertColour(SamplePicture::COLOURS[3], $png, 295, 195, 'where it stands again');
        self::assertStringStartsWith('%PDF', (string) $this->get("/api/sheets/$this->sheet/render.pdf")->assertOk()->getContent());
        self::assertStringContainsString('<image', (string) $this->get("/api/sheets/$this->sheet/measured.svg")->assertOk()->getContent());
    }

    public function test_a_file_carries_its_pictures(): void
    {
        $this->picture($this->keptPicture(SamplePicture::jpeg(300, 200)), 0, 0, 100, 100);
        $this->picture($this->keptPicture(SamplePicture::webp(30, 20)), 0, 0, 100, 100);
        $file = (string) $this->get("/api/documents/$this->document/file")->assertOk()->getContent();
        self::assertCount(2, json_decode($file, true)['picture_files']);
        DB::table('pictures')->delete();
        $copy = $this->call('POST', '/api/documents/import', server: ['CONTENT_TYPE' => 'application/json'], content: $file)->assertCreated()->json('id');
        self::assertSame(2, DB::table('pictures')->count());
        self::assertSame($file, (string) $this->get("/api/documents/$copy/file")->getContent());
        $without = json_decode($file, true);
        unset($without['picture_files']);
        DB::table('pictures')->delete();
        $this->call('POST', '/api/documents/import', server: ['CONTENT_TYPE' => 'application/json'], content: (string) json_encode($without))->assertStatus(422)->assertJsonPath('detail', '2 pictures that the document shows are not in the file.');
    }

    /** A picture stays as long as a sheet shows it or the history can bring it back. */
    public function test_tidying_keeps_what_can_come_back(): void
    {
        [$shown, $undone, $deleted, $loose] = array_map(fn (int $shade): string => $this->keptPicture(SamplePicture::png(40, 30, $shade)), [1, 2, 3, 4]);
        $id = $this->picture($shown, 0, 0, 40, 30);
        $this->command($this->sheet, 'delete', [$this->picture($deleted, 0, 0, 40, 30)])->assertOk();
        $this->command($this->sheet, 'swap-picture', [$id], ['pictures' => [$undone]])->assertOk();
        $this->postJson("/api/documents/$this->document/undo")->assertOk();
        Artisan::call('allsquare:tidy');
        self::assertSame(4, DB::table('pictures')->count(), 'what was brought along today may be on its way to a sheet');
        Artisan::call('allsquare:tidy', ['--hours' => 0, '--dry' => true]);
        self::assertStringContainsString('Would delete 1 of 4 pictures', Artisan::output());
        Artisan::call('allsquare:tidy', ['--hours' => 0]);
        self::assertStringContainsString('Deleted 1 of 4 pictures', Artisan::output());
        self::assertEqualsCanonicalizing([$shown, $undone, $deleted], DB::table('pictures')->pluck('picture')->all());
        self::assertSame([], glob($this->data->path."/pictures/*/$loose*") ?: []);
        $this->postJson("/api/documents/$this->document/redo")->assertOk();
        self::assertSame($undone, $this->getJson("/api/sheets/$this->sheet")->json('items.0.fields.picture'));
    }

    public function test_a_picture_that_only_a_kit_shows_stays(): void
    {
        $key = $this->keptPicture(SamplePicture::png(40, 30));
        $frame = $this->picture($key, 0, 0, 40, 30);
        $kit = $this->command($this->sheet, 'keep-kit', [$frame], ['name' => 'Postcard'])->assertOk()->json('report.kit');
        $this->command($this->sheet, 'delete', [$frame])->assertOk();
        Artisan::call('allsquare:tidy', ['--hours' => 0]);
        self::assertSame([$key], DB::table('pictures')->pluck('picture')->all());
        $made = $this->command($this->sheet, 'add-kit', [], ['kit' => $kit])->assertOk()->json('created.0');
        self::assertSame($key, $made['fields']['picture']);
        $this->deleteJson("/api/documents/$this->document")->assertSuccessful();
        Artisan::call('allsquare:tidy', ['--hours' => 0]);
        self::assertSame([$key], DB::table('pictures')->pluck('picture')->all(), 'a deleted document can be brought back');
    }

    /** A file taken away by hand leaves an empty frame, and is there again once the picture is brought along again. */
    public function test_a_picture_whose_file_is_gone_is_brought_along_again(): void
    {
        $file = SamplePicture::png(40, 30, 7);
        $key = $this->keptPicture($file);
        $this->picture($key, 0, 0, 40, 30);
        $whole = $this->painted();
        array_map(unlink(...), glob($this->data->path."/pictures/*/$key*") ?: []);
        $this->get("/api/pictures/$key")->assertNotFound();
        $this->get("/api/sheets/$this->sheet/render.png")->assertOk();
        self::assertNotSame($whole, $this->painted());
        self::assertSame($key, $this->keptPicture($file));
        $this->get("/api/pictures/$key")->assertOk();
        self::assertSame($whole, $this->painted());
    }

    /** @return iterable<string, array{string, string}> names of files, and what the picture is called */
    public static function names(): iterable
    {
        yield 'a plain one' => ['Pier at noon.png', 'Pier at noon'];
        yield 'one with a folder' => ['C:\\pictures\\Quay.jpeg', 'Quay'];
        yield 'one with stops in it' => ['pier.2026.final.WEBP', 'pier.2026.final'];
        yield 'another ending stays' => ['notes.txt', 'notes.txt'];
        yield 'none' => ['', 'Picture'];
        yield 'nothing but an ending' => ['.png', 'Picture'];
        yield 'signs that are not seen' => ["Pi\u{0007}er.png", 'Pier'];
        yield 'a very long one' => [str_repeat('long ', 60).'.png', rtrim(mb_substr(str_repeat('long ', 60), 0, 120))];
    }

    #[DataProvider('names')]
    public function test_a_picture_is_called_like_its_file(string $file, string $name): void
    {
        $key = $this->upload(SamplePicture::png(20, 20), $file)->assertCreated()->json('picture');
        self::assertSame($name, trim((string) $this->getJson("/api/pictures/$key/about")->assertOk()->json('name')));
    }

    public function test_pictures_become_upright_and_srgb(): void
    {
        $this->upload(self::made(['-size', '40x20', 'gradient:red-blue', '-colorspace', 'CMYK', 'jpeg:-']))->assertCreated()->assertJson(['width' => 40, 'height' => 20, 'notes' => ['Its colours were brought from CMYK to sRGB.']]);
        $this->upload(self::made(['-size', '40x20', 'gradient:red-blue', '-depth', '16', 'png48:-']))->assertCreated()->assertJsonPath('notes', ['Its 16 bits a channel were brought to 8.']);
        $turned = $this->upload(self::turned(SamplePicture::jpeg(60, 40)))->assertCreated()->assertJson(['width' => 40, 'height' => 60, 'notes' => ['It was turned upright, as the camera says.']])->json('picture');
        self::assertColour(SamplePicture::COLOURS[2], $this->shown($turned), 5, 5, 'what was below left is above left');
        $this->upload(self::made(['-size', '40x20', 'xc:red', 'xc:blue', 'webp:-']))->assertCreated()->assertJsonPath('notes', ['It is animated: its first frame was taken.']);
        $this->upload('<svg xmlns="http://www.w3.org/2000/svg" width="20" height="10"><rect width="20" height="10" fill="#0a0"/></svg>')->assertCreated()->assertJson(['width' => 2048, 'height' => 1024, 'notes' => ['It was painted at 2,048 × 1,024 px.']]);
    }

    /** @return iterable<string, array{string, string}> */
    public static function bad(): iterable
    {
        $png = SamplePicture::png(40, 30);
        $jpeg = SamplePicture::jpeg(400, 300);
        yield 'no picture' => ["\x89PNG\r\n\x1a\n and then nothing of the kind", 'This is no picture that can be used. PNG, JPEG, WebP and SVG can.'];
        yield 'text' => ['The 07.15 to Merrow', 'This is no picture that can be used. PNG, JPEG, WebP and SVG can.'];
        yield 'nothing' => ['', 'This is no picture that can be used. PNG, JPEG, WebP and SVG can.'];
        yield 'a truncated JPEG' => [substr($jpeg, 0, intdiv(strlen($jpeg), 2)), 'This picture is broken: a part of it is missing or cannot be read.'];
        yield 'a truncated PNG' => [substr($png, 0, strlen($png) - 30), 'This picture is broken: a part of it is missing or cannot be read.'];
        yield 'too many pixels' => [substr($png, 0, 16).pack('NN', 40_000, 40_000).substr($png, 24), 'A picture is 16,000 px wide and high and has 100 megapixels at most; this has 40,000 × 40,000 px.'];
        yield 'entities' => ['<!DOCTYPE svg [<!ENTITY a "aaaa"><!ENTITY b "&a;&a;">]><svg xmlns="http://www.w3.org/2000/svg"><text>&b;</text></svg>', 'This SVG cannot be used as a picture: it defines entities, or is larger than 4 MB.'];
        yield 'broken SVG' => ['<svg xmlns="http://www.w3.org/2000/svg"><g></svg>', 'This SVG cannot be read.'];
    }

    #[DataProvider('bad')]
    public function test_what_is_no_picture_is_refused_with_the_reason(string $file, string $reason): void
    {
        $this->upload($file)->assertStatus(422)->assertJsonPath('detail', $reason);
        self::assertSame(0, DB::table('pictures')->count());
        self::assertSame([], glob($this->data->path.'/pictures/*/*') ?: []);
    }

    public function test_requests_that_are_no_pictures_are_refused(): void
    {
        $this->upload(SamplePicture::png(4, 3), type: 'application/json')->assertStatus(415);
        $this->upload(str_repeat('x', 24 * 1024 * 1024 + 1))->assertStatus(413)->assertJsonPath('detail', 'A picture has 24 MB at most.');
        $this->upload(SamplePicture::png(4, 3), str_repeat('a', 500)."\0/../x.png", 'image/png')->assertCreated();
    }

    public function test_a_svg_that_asks_for_files_is_painted_without_them(): void
    {
        $secret = $this->data->path.'/secret.png';
        file_put_contents($secret, SamplePicture::png(20, 20));
        $key = $this->keptPicture("<svg xmlns='http://www.w3.org/2000/svg' width='20' height='20'><image href='file://$secret' width='20' height='20'/><image href='$secret' width='20' height='20'/></svg>");
        $image = imagecreatefromstring($this->shown($key));
        self::assertNotFalse($image);
        self::assertSame(127, imagecolorsforindex($image, (int) imagecolorat($image, 500, 500))['alpha'], 'nothing is painted');
    }

    /** @return string the bytes that are answered */
    private function shown(string $picture): string
    {
        $answer = $this->get("/api/pictures/$picture")->assertOk()->baseResponse;
        self::assertInstanceOf(BinaryFileResponse::class, $answer);

        return (string) file_get_contents($answer->getFile()->getPathname());
    }

    /** @param  list<string>  $arguments */
    private static function made(array $arguments): string
    {
        return (string) shell_exec('convert '.implode(' ', array_map(escapeshellarg(...), $arguments)));
    }

    /** With the word of a camera that was held upright (Exif 2.3, orientation 6). */
    private static function turned(string $jpeg): string
    {
        $exif = "Exif\0\0MM\0*".pack('N', 8).pack('n', 1).pack('nnNnn', 0x0112, 3, 1, 6, 0).pack('N', 0);

        return substr($jpeg, 0, 2)."\xFF\xE1".pack('n', strlen($exif) + 2).$exif.substr($jpeg, 2);
    }
}
