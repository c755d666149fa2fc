<?php

declare(strict_types=1);

namespace Tests\Http;

/** The measured sheet over HTTP, and in an archive. */
final class MeasuredSheetTest extends HttpTestCase
{
    public function test_it_is_data_svg_pdf_and_a_page(): void
    {
        ['sheet' => $sheet] = $this->begin(400, 300);
        $a = $this->box($sheet, 36, 20, 100, 50, 'Left');
        $b = $this->box($sheet, 160, 20, 100, 50, 'Right & more');
        $data = $this->getJson("/api/sheets/$sheet/measured")->assertOk();
        self::assertEquals([['number' => 1, 'id' => $a, 'name' => 'Left', 'box' => ['x' => 36, 'y' => 20, 'w' => 100, 'h' => 50], 'upright' => ['x' => 36, 'y' => 20, 'w' => 100, 'h' => 50], 'angle' => 0]], array_slice($data->json('parts'), 0, 1));
        self::assertContains(['Left to Right & more', 'across', '24'], $data->json('distances'));
        self::assertSame(0, $data->json('left_out'));
        self::assertStringContainsString('.right-more {', $data->json('css'));
        $svg = $this->get("/api/sheets/$sheet/measured.svg")->assertOk()->assertHeader('Content-Type', 'image/svg+xml');
        self::assertNotFalse(simplexml_load_string((string) $svg->getContent()));
        self::assertStringStartsWith('%PDF', (string) $this->get("/api/sheets/$sheet/measured.pdf")->assertOk()->getContent());
        $page = (string) $this->get("/api/sheets/$sheet/measured.html")->assertOk()->getContent();
        self::assertStringContainsString('<tr><td>2</td><td>Right &amp; more</td><td>160</td>', $page);
        self::assertStringContainsString('left: 36px;', $page);
        self::assertSame([[$b]], [array_column($this->getJson("/api/sheets/$sheet/measured?items=$b")->json('parts'), 'id')]);
        self::assertSame([], $this->getJson("/api/sheets/$sheet/measured?show=size")->json('distances'));
        foreach (['show=colour', 'by=eye'] as $query) {
            $this->getJson("/api/sheets/$sheet/measured?$query")->assertStatus(422);
        }
        $this->getJson("/api/sheets/$sheet/measured?items=nope")->assertNotFound();
    }

    public function test_it_can_be_handed_over_along(): void
    {
        ['sheet' => $sheet] = $this->begin(200, 100);
        $this->box($sheet, 10, 10);
        $plan = $this->postJson("/api/sheets/$sheet/export/plan", ['measured' => true])->assertOk();
        self::assertSame(['measured/One.svg', 'measured/One.pdf', 'measured/One.html', 'manifest.json'], $plan->json('names'));
        $this->postJson("/api/sheets/$sheet/export", ['measured' => true])->assertOk()->assertHeader('Content-Type', 'application/zip');
    }
}
