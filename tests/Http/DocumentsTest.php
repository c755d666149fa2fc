<?php

declare(strict_types=1);

namespace Tests\Http;

use Illuminate\Support\Facades\Artisan;

final class DocumentsTest extends HttpTestCase
{
    public function test_a_document_is_renamed_copied_deleted_and_brought_back(): void
    {
        ['document' => $document, 'sheet' => $sheet] = $this->begin();
        $this->box($sheet, 10, 20);
        $this->patchJson("/api/documents/$document", ['name' => 'Timetable'])->assertOk()->assertJson(['name' => 'Timetable']);
        $copy = $this->postJson("/api/documents/$document/copy")->assertCreated();
        self::assertSame('Timetable copy', $copy->json('name'));
        self::assertSame('Box', $this->getJson('/api/sheets/'.$copy->json('sheets.0.id'))->json('items.0.name'));
        $this->deleteJson("/api/documents/$document")->assertNoContent();
        $this->getJson("/api/documents/$document")->assertNotFound();
        $this->getJson("/api/sheets/$sheet")->assertNotFound();
        self::assertCount(1, $this->getJson('/api/documents')->json('documents'));
        $this->postJson("/api/documents/$document/restore")->assertOk();
        self::assertSame('Box', $this->getJson("/api/sheets/$sheet")->json('items.0.name'));
        $this->postJson("/api/documents/$document/undo")->assertOk();
        $this->getJson("/api/documents/$document")->assertJson(['name' => 'Trial']);
    }

    public function test_the_demo_is_square_but_for_one_sheet_and_stays_deleted(): void
    {
        Artisan::call('allsquare:demo');
        $document = $this->getJson('/api/documents')->json('documents.0');
        self::assertSame(['Kiosk', 'Kiosk, before squaring', 'Kiosk, phone', 'Icons', 'Boarding card', 'How a crossing works', 'Harbour chart', 'Sailing notice', 'Harbour fair', 'Fares', 'Timetable', 'My account', 'My account, phone'], array_column($document['sheets'], 'name'));
        $tops = fn (int $sheet): array => array_values(array_unique(array_column(array_column(array_filter(
            $this->getJson('/api/sheets/'.$document['sheets'][$sheet]['id'])->json('items'),
            static fn (array $item): bool => str_starts_with($item['name'], 'Card,'),
        ), 'bounds'), 'y')));
        self::assertSame([200], $tops(0));
        self::assertCount(4, $tops(1));
        $this->postJson("/api/documents/{$document['id']}/undo")->assertStatus(409);
        $all = $this->getJson('/api/documents')->json('documents');
        self::assertSame(['Merrow Sound Ferries', 'Merrow Sound, print', 'Merrow Sound, icons'], array_column($all, 'name'));
        foreach ($all as ['id' => $id]) {
            $this->deleteJson("/api/documents/$id");
        }
        Artisan::call('allsquare:demo');
        self::assertSame([], $this->getJson('/api/documents')->json('documents'));
    }

    public function test_fonts_are_fetched_by_their_hash(): void
    {
        $fonts = $this->getJson('/api/fonts')->assertOk();
        $hash = $fonts->json('hashes.overpass-700');
        $outlines = $this->getJson("/api/fonts/overpass-700/$hash")->assertOk();
        self::assertStringStartsWith('m', $outlines->json('65'));
        self::assertStringContainsString('immutable', (string) $outlines->headers->get('Cache-Control'));
        $this->getJson('/api/fonts/overpass-700/000000000000')->assertNotFound();
        $this->getJson('/api/fonts/none/000000000000')->assertNotFound();
    }

    public function test_pages_are_served_for_every_view(): void
    {
        foreach (['/', '/d/a/b', '/d/a/b/hand-over', '/up'] as $path) {
            $this->get($path)->assertOk();
        }
    }
}
