<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Archives\Archives;
use App\Models\Archive;
use App\Models\ArchiveState;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use ZipArchive;

/** Archives that are made in the queue: progress, what changed, what went wrong, and what a killed worker leaves. */
final class ArchivesTest extends HttpTestCase
{
    public function test_a_large_order_goes_to_the_queue_and_is_fetched_when_it_is_made(): void
    {
        ['sheet' => $sheet, 'document' => $document] = $this->sheetOf(21);
        $answer = $this->postJson("/api/sheets/$sheet/export", ['page' => true])->assertStatus(202);
        $id = $answer->json('id');
        $answer->assertHeader('Location', "/api/archives/$id")->assertJson(['state' => 'waiting', 'total' => 21, 'done' => 0]);
        $this->getJson("/api/archives/$id/file")->assertStatus(422)->assertJsonPath('detail', 'This archive is not made yet.');
        $this->work();
        $made = $this->getJson("/api/archives/$id")->assertOk()->assertJson(['state' => 'done', 'done' => 21, 'differences' => ['new' => 21, 'changed' => 0, 'same' => 0, 'gone' => 0]]);
        self::assertSame(['slice 1.png', 'slice 2.png'], array_slice(array_column($made->json('files'), 'name'), 0, 2));
        $files = $this->files($id);
        self::assertCount(23, $files);
        foreach (json_decode($files['manifest.json'], true)['files'] as $entry) {
            self::assertSame(hash('sha256', $files[$entry['file']]), $entry['sha256']);
        }
        self::assertStringContainsString('<img src="slice%201.png"', $files['index.html']);
        self::assertSame([$id], array_column($this->getJson("/api/documents/$document/archives")->json('archives'), 'id'));
        self::assertSame([], glob(storage_path('archives/*')), 'nothing is left of the making');
    }

    public function test_a_small_one_too_where_that_is_preferred(): void
    {
        ['sheet' => $sheet] = $this->sheetOf(1);
        $this->postJson("/api/sheets/$sheet/export", [], ['Prefer' => 'respond-async'])->assertStatus(202);
        $this->postJson("/api/sheets/$sheet/export")->assertOk();
    }

    public function test_of_the_next_one_only_what_changed_is_painted(): void
    {
        ['sheet' => $sheet, 'boxes' => $boxes] = $this->sheetOf(4);
        $order = ['scales' => [1, 2], 'formats' => ['png', 'svg']];
        $first = $this->made($sheet, $order);
        $this->command($sheet, 'set', [$boxes[2]], ['fill' => '#ff0000']);
        $second = $this->made($sheet, $order);
        self::assertSame(['new' => 0, 'changed' => 3, 'same' => 9, 'gone' => 0], $second['differences']);
        $painted = array_filter($second['files'], static fn (array $file): bool => ! $file['reused']);
        self::assertSame(['slice 3.png', 'slice 3@2x.png', 'slice 3.svg'], array_column($painted, 'name'));
        self::assertSame(array_diff_key($this->files($first['id']), ['slice 3.png' => 0, 'slice 3@2x.png' => 0, 'slice 3.svg' => 0, 'manifest.json' => 0]), array_diff_key($this->files($second['id']), ['slice 3.png' => 0, 'slice 3@2x.png' => 0, 'slice 3.svg' => 0, 'manifest.json' => 0]));
        $this->command($sheet, 'delete-slice', [], ['slices' => [$this->getJson("/api/sheets/$sheet")->json('slices.0.id')]]);
        $third = $this->made($sheet, ['scales' => [1]]);
        self::assertSame(['new' => 0, 'changed' => 0, 'same' => 3, 'gone' => 9], $third['differences']);
        self::assertContains('slice 1.png', json_decode($this->files($third['id'])['manifest.json'], true)['gone']);
    }

    public function test_what_is_called_off_is_not_made_and_can_be_tried_again(): void
    {
        ['sheet' => $sheet] = $this->sheetOf(2);
        $id = $this->ordered($sheet);
        $this->deleteJson("/api/archives/$id")->assertNoContent();
        $this->getJson("/api/archives/$id")->assertJson(['state' => 'cancelled']);
        $this->work();
        self::assertFileDoesNotExist(Archive::query()->findOrFail($id)->path());
        $this->postJson("/api/archives/$id/again")->assertStatus(202)->assertJson(['state' => 'waiting']);
        $this->work();
        $this->getJson("/api/archives/$id")->assertJson(['state' => 'done']);
        $this->postJson("/api/archives/$id/again")->assertStatus(422);
        $this->deleteJson("/api/archives/$id")->assertNoContent();
        $this->getJson("/api/archives/$id")->assertNotFound();
    }

    public function test_one_that_is_being_made_ends_before_its_next_file(): void
    {
        ['sheet' => $sheet] = $this->sheetOf(3);
        $id = $this->ordered($sheet);
        Archive::query()->whereKey($id)->update(['stopping' => true]);
        $this->work();
        $this->getJson("/api/archives/$id")->assertJson(['state' => 'cancelled', 'stopping' => false]);
        self::assertSame([], glob(config('allsquare.archives.folder').'/*') ?: []);
    }

    public function test_what_failed_says_why(): void
    {
        ['sheet' => $sheet, 'document' => $document] = $this->sheetOf(1);
        $id = $this->ordered($sheet);
        $path = (string) getenv('PATH');
        putenv("PATH={$this->data->path}");
        try {
            $this->work();
        } finally {
            putenv("PATH=$path");
        }
        $this->getJson("/api/archives/$id")->assertJson(['state' => 'failed', 'error' => 'The rasteriser is missing. Install librsvg2-bin.']);
        $this->postJson("/api/archives/$id/again")->assertStatus(202);
        // A file stands where the folder of the archives would be.
        touch(config('allsquare.archives.folder'));
        $this->work();
        $this->getJson("/api/archives/$id")->assertJson(['state' => 'failed', 'error' => 'The folder '.config('allsquare.archives.folder').' cannot be written.']);
        self::assertSame([], glob(storage_path('archives/*')) ?: []);
        unlink(config('allsquare.archives.folder'));
        $later = $this->ordered($sheet);
        $this->deleteJson("/api/documents/$document");
        $this->work();
        self::assertSame('The sheet was deleted before it was made.', Archive::query()->findOrFail($later)->error);
    }

    public function test_what_a_killed_worker_left_is_taken_up_by_the_next(): void
    {
        ['sheet' => $sheet] = $this->sheetOf(2);
        $id = $this->ordered($sheet);
        $stopped = $this->ordered($sheet);
        // As a worker leaves it that is killed in the middle: its job reserved, its archive begun, files half made.
        DB::connection('queue')->table('jobs')->update(['reserved_at' => time(), 'attempts' => 1]);
        Archive::query()->whereKey($id)->update(['state' => ArchiveState::Making, 'done' => 1]);
        Archive::query()->whereKey($stopped)->update(['state' => ArchiveState::Making, 'stopping' => true]);
        mkdir(storage_path("archives/$id"), 0o775, true);
        touch(storage_path("archives/$id/0.painted"));
        $this->work();
        $this->getJson("/api/archives/$id")->assertJson(['state' => 'done', 'done' => 2]);
        $this->getJson("/api/archives/$stopped")->assertJson(['state' => 'cancelled']);
        self::assertSame([], glob(storage_path('archives/*')));
    }

    public function test_one_that_kills_its_worker_every_time_fails_in_the_end(): void
    {
        ['sheet' => $sheet] = $this->sheetOf(1);
        $id = $this->ordered($sheet);
        DB::connection('queue')->table('jobs')->update(['attempts' => 3]);
        $this->work();
        $this->getJson("/api/archives/$id")->assertJson(['state' => 'failed', 'error' => 'Making it was cut short 3 times. Try again, or hand over less at a time.']);
    }

    public function test_an_order_whose_job_was_lost_is_made_all_the_same(): void
    {
        ['sheet' => $sheet] = $this->sheetOf(1);
        $id = $this->ordered($sheet);
        DB::connection('queue')->table('jobs')->delete();
        Archives::recover();
        self::assertSame(1, DB::connection('queue')->table('jobs')->count());
        $this->work();
        $this->getJson("/api/archives/$id")->assertJson(['state' => 'done']);
    }

    public function test_of_a_document_only_so_many_are_kept(): void
    {
        ['sheet' => $sheet, 'document' => $document] = $this->sheetOf(1);
        config(['allsquare.archives.kept' => 2]);
        $first = $this->made($sheet)['id'];
        $this->made($sheet);
        $third = $this->made($sheet)['id'];
        $kept = array_column($this->getJson("/api/documents/$document/archives")->json('archives'), 'id');
        self::assertCount(2, $kept);
        self::assertSame($third, $kept[0]);
        self::assertFileDoesNotExist(config('allsquare.archives.folder')."/$first.zip");
    }

    public function test_two_hundred_slices_are_one_archive_and_little_is_held(): void
    {
        ['sheet' => $sheet] = $this->begin(1200, 900);
        foreach (range(0, 199) as $i) {
            $requests[] = ['name' => "piece/$i", 'x' => $i % 20 * 60, 'y' => intdiv($i, 20) * 90, 'w' => 60, 'h' => 90];
        }
        $this->box($sheet, 0, 0, 1200, 900);
        foreach ($requests as $params) {
            $this->command($sheet, 'add-slice', [], $params)->assertOk();
        }
        $made = $this->made($sheet, ['scales' => [1, 2]]);
        self::assertSame(400, $made['total']);
        self::assertLessThan(200 * 1024 * 1024, memory_get_peak_usage());
    }

    /** @return array{sheet: string, document: string, boxes: list<string>} a sheet with so many slices, each from a box of its own */
    private function sheetOf(int $slices): array
    {
        ['sheet' => $sheet, 'document' => $document] = $this->begin(600, 300);
        $boxes = array_map(fn (int $i): string => $this->box($sheet, 10 + $i % 10 * 40, 10 + intdiv($i, 10) * 40, 30, 30, 'slice '.($i + 1)), range(0, $slices - 1));
        $this->command($sheet, 'add-slice', $boxes)->assertOk();

        return compact('sheet', 'document', 'boxes');
    }

    /** @param  array<string, mixed>  $order */
    private function ordered(string $sheet, array $order = []): string
    {
        return $this->postJson("/api/sheets/$sheet/export", $order, ['Prefer' => 'respond-async'])->assertStatus(202)->json('id');
    }

    /**
     * @param  array<string, mixed>  $order
     * @return array<string, mixed> the archive as the API gives it
     */
    private function made(string $sheet, array $order = []): array
    {
        $id = $this->ordered($sheet, $order);
        $this->work();

        return $this->getJson("/api/archives/$id")->assertJson(['state' => 'done'])->json();
    }

    private function work(): void
    {
        Artisan::call('allsquare:work', ['--once' => true]);
    }

    /** @return array<string, string> contents by name */
    private function files(string $archive): array
    {
        $this->get("/api/archives/$archive/file")->assertOk()->assertHeader('Content-Type', 'application/zip');
        $zip = new ZipArchive;
        self::assertTrue($zip->open(Archive::query()->findOrFail($archive)->path()));
        $files = [];
        for ($i = 0; $i < $zip->numFiles; $i++) {
            $files[(string) $zip->getNameIndex($i)] = (string) $zip->getFromIndex($i);
        }

        return $files;
    }
}
