<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Demo\Demo;
use App\Models\HistoryLine;
use App\Models\Sheet;

/** Findings over HTTP: what is not right on a sheet, put right, ignored and reported. */
final class ChecksTest extends HttpTestCase
{
    public function test_the_sheets_of_the_demo_are_all_square_but_for_one_which_is_put_right_in_a_step(): void
    {
        app(Demo::class)->load();
        $looked = $count = 0;
        foreach (Sheet::query()->get() as $sheet) {
            $answer = $this->getJson("/api/sheets/$sheet->id/findings")->assertOk()->json();
            $found = array_merge(...array_column($answer['kinds'], 'findings'));
            self::assertSame($answer['count'], count($found));
            if ($sheet->name !== 'Kiosk, before squaring') {
                self::assertSame([], array_column($found, 'says'), $sheet->name);
            } else {
                self::assertGreaterThan(30, count($found));
                $before = $this->getJson("/api/sheets/$sheet->id")->json('items');
                $done = $this->command($sheet->id, 'mend', [])->assertOk()->json('report');
                self::assertStringStartsWith('Put '.$done['mended'].' findings right: nearly in line (', $done['summary']);
                self::assertSame(0, $this->getJson("/api/sheets/$sheet->id/findings")->json('count'));
                $this->postJson("/api/documents/$sheet->document_id/undo")->assertOk();
                self::assertSame($before, $this->getJson("/api/sheets/$sheet->id")->json('items'));
                self::assertSame($count = $answer['count'], $this->getJson("/api/sheets/$sheet->id/findings")->json('count'));
            }
            $looked++;
        }
        self::assertSame(20, $looked);
        self::assertSame($count, $this->getJson('/api/documents')->json('documents.0.out_of_square'));
    }

    public function test_a_finding_says_where_it_is_in_the_unit_of_the_desk_and_is_put_right_by_its_key(): void
    {
        [$document, $sheet] = $this->row();
        $answer = $this->getJson("/api/sheets/$sheet/findings?unit=in")->json();
        $odd = array_column($answer['kinds'], null, 'kind')['odd-gap']['findings'];
        self::assertSame(['0.292 in between "Card" and "Card"', '0.25 in occurs 3 times on this sheet.', 28, 24, true], [$odd[0]['says'], $odd[0]['detail'], $odd[0]['measured'], $odd[0]['expected'], $odd[0]['fixable']]);
        self::assertSame(['x' => 512, 'y' => 100, 'w' => 28, 'h' => 80], $odd[0]['place']);
        self::assertSame(['items' => 5, 'gaps' => 4, 'families' => 0], $answer['looked']);
        $dry = $this->command($sheet, 'mend', [], ['findings' => [$odd[0]['key']]], ['dry' => true])->assertOk()->json();
        self::assertSame(1, $this->getJson("/api/sheets/$sheet/findings")->json('count'));
        $this->command($sheet, 'mend', [], ['findings' => [$odd[0]['key']]])->assertOk();
        self::assertSame($dry['report']['summary'], HistoryLine::query()->where('document_id', $document)->orderByDesc('id')->value('label'));
        self::assertSame(0, $this->getJson("/api/sheets/$sheet/findings")->json('count'));
        $this->command($sheet, 'mend', [], ['findings' => [$odd[0]['key']]])->assertStatus(422);
        $this->command($sheet, 'mend', [])->assertStatus(422)->assertJsonPath('detail', 'There is nothing here that can be put right by itself.');
    }

    public function test_what_is_ignored_stays_so_through_a_file_a_copy_and_undo(): void
    {
        [$document, $sheet] = $this->row();
        $key = array_column($this->getJson("/api/sheets/$sheet/findings")->json('kinds'), null, 'kind')['odd-gap']['findings'][0]['key'];
        $this->command($sheet, 'ignore-finding', [], ['finding' => $key, 'reason' => 'room for a fold'])->assertOk();
        $this->command($sheet, 'set-check', [], ['kind' => 'contrast', 'limit' => 7])->assertOk();
        $one = fn (string $id): array => $this->getJson("/api/sheets/$id/findings")->json();
        self::assertSame([0, 'room for a fold'], [$one($sheet)['count'], $one($sheet)['ignored'][0]['reason']]);
        $copy = $this->postJson("/api/sheets/$sheet/copy")->json('id');
        self::assertSame([0, 1], [$one($copy)['count'], count($one($copy)['ignored'])]);
        $again = $this->call('POST', '/api/documents/import', server: ['CONTENT_TYPE' => 'application/json'], content: (string) $this->get("/api/documents/$document/file")->getContent())->json();
        self::assertSame([0, 1], [$one($again['sheets'][0]['id'])['count'], count($one($again['sheets'][0]['id'])['ignored'])]);
        self::assertSame(7, array_column($one($again['sheets'][0]['id'])['kinds'], null, 'kind')['contrast']['limit']['value']);
        $this->command($sheet, 'look-again', [], ['ignored' => $one($sheet)['ignored'][0]['id']])->assertOk();
        self::assertSame(1, $one($sheet)['count']);
        $this->postJson("/api/documents/$document/undo")->assertOk();
        self::assertSame(0, $one($sheet)['count']);
        $this->command($sheet, 'ignore-finding', [], ['finding' => 'odd-gap-000000000000'])->assertStatus(422);
        $this->command($sheet, 'look-again', [], ['ignored' => '01jaaaaaaaaaaaaaaaaaaaaaaa'])->assertStatus(404);
    }

    public function test_a_picture_above_its_pixels_is_found_and_made_smaller(): void
    {
        ['sheet' => $sheet] = $this->begin();
        $image = imagecreatetruecolor(40, 30);
        ob_start();
        imagepng($image);
        $picture = $this->keptPicture((string) ob_get_clean());
        $id = $this->command($sheet, 'add-item', [], ['kind' => 'picture', 'picture' => $picture, 'x' => 100, 'y' => 100, 'w' => 40, 'h' => 30])->json('created.0.id');

        self::assertSame([], $this->enlarged($sheet));
        $this->command($sheet, 'place', [$id], ['w' => 60, 'h' => 45])->assertOk();
        self::assertSame([1.5, 'From 40 × 30 down it is sharp.'], [$this->enlarged($sheet)[0]['measured'], $this->enlarged($sheet)[0]['detail']]);
        $this->command($sheet, 'mend', [], ['kinds' => ['enlarged']])->assertOk();
        self::assertSame([], $this->enlarged($sheet));
    }

    public function test_the_report_pictures_each_place_as_a_page_and_as_a_pdf(): void
    {
        [, $sheet] = $this->row();
        $html = (string) $this->get("/api/sheets/$sheet/findings.html")->assertOk()->getContent();
        foreach (['<h1>One: 1 out of square</h1>', '<h2>Odd gaps (1)</h2>', '28 px between &quot;Card&quot; and &quot;Card&quot;', '5 items, 4 gaps and 0 families looked at.'] as $part) {
            self::assertStringContainsString($part, $html);
        }
        // The whole sheet, and the place by itself; both show the sheet that is written once.
        self::assertSame([2, 1], [substr_count($html, '#sheet'), substr_count($html, "id='sheet'") + substr_count($html, 'id="sheet"')]);
        $pdf = (string) $this->get("/api/sheets/$sheet/findings.pdf")->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent();
        self::assertStringStartsWith('%PDF', $pdf);
    }

    /**
     * @return list<array<string, mixed>>
     *
     * @phpstan-impure
     */
    private function enlarged(string $sheet): array
    {
        return array_column($this->getJson("/api/sheets/$sheet/findings")->json('kinds'), null, 'kind')['enlarged']['findings'];
    }

    /** @return array{string, string} a document with five cards, the last 4 px too far away, and its sheet */
    private function row(): array
    {
        ['document' => $document, 'sheet' => $sheet] = $this->begin();
        foreach ([40, 164, 288, 412, 540] as $x) {
            $this->command($sheet, 'add-item', [], ['kind' => 'box', 'name' => 'Card', 'x' => $x, 'y' => 100, 'w' => 100, 'h' => 80])->assertOk();
        }

        return [$document, $sheet];
    }
}
