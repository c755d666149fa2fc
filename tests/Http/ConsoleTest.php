<?php

declare(strict_types=1);

namespace Tests\Http;

use Symfony\Component\Process\Process;

/** Handing over and painting from the command line, as a person or a script runs it. */
final class ConsoleTest extends ConsoleTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $box = static fn (string $id, int $x, string $fill): array => ['id' => $id, 'kind' => 'box', 'name' => $id, 'frame' => ['x' => $x, 'y' => 10, 'w' => 20, 'h' => 20], 'fill' => $fill];
        $slice = static fn (string $id, int $x): array => ['name' => "icons/$id", 'x' => $x, 'y' => 10, 'w' => 20, 'h' => 20, 'items' => [$id], 'follow' => true];
        $this->write(['items' => [$box('bell', 10, '#ff0000'), $box('cup', 40, '#00ff00')], 'slices' => [$slice('bell', 10), $slice('cup', 40)]]);
    }

    public function test_a_document_file_is_handed_over_into_a_folder_and_only_what_changed_the_next_time(): void
    {
        $to = $this->data->path.'/out';
        $done = $this->artisan('allsquare:export', $this->file, "--to=$to", '--scales=1,2x,30w', '--formats=png,svg');
        self::assertSame(0, $done->getExitCode(), $done->getErrorOutput());
        self::assertSame("8 files in $to: 8 new, 0 changed, 0 as they were\n", $done->getOutput());
        self::assertSame([40, 40], array_slice((array) getimagesize("$to/icons/bell@2x.png"), 0, 2));
        self::assertSame([30, 30], array_slice((array) getimagesize("$to/icons/cup-30w.png"), 0, 2));
        $stamp = filemtime("$to/icons/bell.png");
        touch("$to/icons/bell.png", $stamp - 100);
        $data = json_decode((string) file_get_contents($this->file), true);
        $data['sheets'][0]['items'][1]['fill'] = '#0000ff';
        file_put_contents($this->file, json_encode($data));
        self::assertSame("8 files in $to: 0 new, 4 changed, 4 as they were\n", $this->artisan('allsquare:export', $this->file, "--to=$to", '--scales=1,2x,30w', '--formats=png,svg')->getOutput());
        clearstatcache();
        self::assertSame($stamp - 100, filemtime("$to/icons/bell.png"), 'what did not change is not written');
        unlink("$to/icons/cup.png");
        $this->artisan('allsquare:export', $this->file, "--to=$to", '--scales=1,2x,30w', '--formats=png,svg');
        self::assertFileExists("$to/icons/cup.png");
        self::assertSame([], glob("$to/.part*"));
        $picked = $this->artisan('allsquare:export', $this->file, "--to=$to/some", '--slices=icons/b*', '--page', '--measured');
        self::assertSame("4 files in $to/some: 4 new, 0 changed, 0 as they were\n", $picked->getOutput());
        self::assertFileExists("$to/some/index.html");
        self::assertFileExists("$to/some/measured/Pier.pdf");
    }

    public function test_a_sheet_is_painted_into_a_file(): void
    {
        foreach (['png' => "\x89PNG", 'jpg' => "\xff\xd8", 'webp' => 'RIFF', 'svg' => '<svg', 'pdf' => '%PDF'] as $ending => $begins) {
            $to = $this->data->path."/whole.$ending";
            self::assertSame("Painted $to\n", $this->artisan('allsquare:render', $this->file, "--to=$to", '--scale=2')->getOutput());
            self::assertStringStartsWith($begins, (string) file_get_contents($to));
        }
        self::assertSame([200, 120], array_slice((array) getimagesize($this->data->path.'/whole.png'), 0, 2));
    }

    public function test_what_is_wrong_is_said_in_one_sentence_with_its_exit_code(): void
    {
        $to = '--to='.$this->data->path.'/out';
        foreach ([
            [['allsquare:export', $this->file], 2, 'Say where to: --to=DIR.'],
            [['allsquare:export', $this->file, $to, '--formats=gif'], 2, 'There is no format "gif". There are: png, jpeg, webp, svg, pdf.'],
            [['allsquare:export', $this->file, $to, '--scales=big'], 2, 'A size reads like 2x, 300w or 200h; this is "big".'],
            [['allsquare:export', $this->file, $to, '--slices=nope'], 2, 'There are no such slices in this document.'],
            [['allsquare:export', $this->file, $to, '--quality=0'], 2, 'The quality is a whole number from 1 to 100.'],
            [['allsquare:export', $this->file, $to, '--preset=Shop'], 2, 'The document keeps no settings "Shop".'],
            [['allsquare:render', $this->file, '--to=x.gif'], 2, 'The ending of the file says its format. There are: png, jpg, jpeg, webp, svg, pdf.'],
            [['allsquare:render', $this->file, '--to=x.png', '--sheet=Quay'], 1, '"Trial" has no sheet "Quay". There are: Pier.'],
            [['allsquare:export', $this->file, "--to=$this->file/out"], 1, "The folder $this->file/out cannot be written."],
        ] as [$arguments, $code, $said]) {
            $done = $this->artisan(...$arguments);
            self::assertSame([$code, "All Square: $said\n", ''], [$done->getExitCode(), $done->getErrorOutput(), $done->getOutput()]);
        }
        file_put_contents($this->file, '{"format": "allsquare-document", "version": 2, "name": "x", "sheets": []}');
        self::assertSame(2, $this->artisan('allsquare:export', $this->file, $to)->getExitCode());
    }

    public function test_a_document_file_is_squared_up_and_written_anew(): void
    {
        $box = static fn (string $id, int $x, int $y): array => ['id' => $id, 'kind' => 'box', 'name' => $id, 'frame' => ['x' => $x, 'y' => $y, 'w' => 40, 'h' => 20], 'fill' => '#17614f'];
        $this->write(['width' => 400, 'height' => 200, 'items' => [$box('a', 20, 40), $box('b', 84, 41), $box('c', 149, 39), $box('d', 212, 40)]]);
        $before = (string) file_get_contents($this->file);
        $dry = $this->artisan('allsquare:square', $this->file, '--dry');
        self::assertSame([1, ''], [$dry->getExitCode(), $dry->getErrorOutput()]);
        self::assertSame("Pier, if it were done: Squared up 4 boxes: 1 row at 40, gaps of 24 (3); 2 moved, at most 1 px\n", $dry->getOutput());
        self::assertSame($before, file_get_contents($this->file));

        $done = $this->artisan('allsquare:square', $this->file);
        self::assertSame([1, ''], [$done->getExitCode(), $done->getErrorOutput()]);
        self::assertStringEndsWith("2 moved, at most 1 px\nWrote $this->file\n", $done->getOutput());
        $items = json_decode((string) file_get_contents($this->file), true)['sheets'][0]['items'];
        self::assertEquals([[20, 40], [84, 40], [148, 40], [212, 40]], array_map(static fn (array $item): array => [$item['frame']['x'], $item['frame']['y']], $items));
        self::assertSame([], glob("$this->file.part*"));

        // Square is square: nothing is written, and that is said by the exit code.
        $squared = (string) file_get_contents($this->file);
        $again = $this->artisan('allsquare:square', $this->file, '--sheet=Pier');
        self::assertSame([0, $squared], [$again->getExitCode(), file_get_contents($this->file)]);
        self::assertStringContainsString('nothing moved', $again->getOutput());
    }

    public function test_nonsense_is_not_squared_up(): void
    {
        $this->write(['items' => [['id' => 'a', 'kind' => 'box', 'name' => 'a', 'frame' => ['x' => 1, 'y' => 1, 'w' => 4, 'h' => 4]]]]);
        self::assertSame(0, $this->artisan('allsquare:square', $this->file)->getExitCode(), 'one thing alone is square');
        foreach ([
            [['--tolerance=0'], 'The tolerance has to be above 0 and at most 100 px.'],
            [['--tolerance=near'], '"near" cannot be read at character 1: a number is expected here.'],
            [['--sheet=Quay'], '"Trial" has no sheet "Quay". There are: Pier.'],
        ] as [$arguments, $said]) {
            $done = $this->artisan('allsquare:square', $this->file, ...$arguments);
            self::assertSame([2, "All Square: $said\n", ''], [$done->getExitCode(), $done->getErrorOutput(), $done->getOutput()]);
        }
        self::assertSame(2, $this->artisan('allsquare:square', 'no such document')->getExitCode());
    }

    public function test_a_full_disk_leaves_nothing_half_written(): void
    {
        $to = $this->data->path.'/out';
        mkdir($to);
        file_put_contents("$to/manifest.json", '{"files": []}');
        // No file may grow beyond 40 blocks of 1 kB, as on a disk that is full; the large one comes second.
        $done = new Process(['bash', '-c', 'trap "" XFSZ; ulimit -f 40; exec php artisan "$@"', '-', 'allsquare:export', $this->noisy(), "--to=$to"], dirname(__DIR__, 2), ['ALLSQUARE_DATA' => $this->data->path]);
        $done->run();
        self::assertSame(1, $done->getExitCode());
        self::assertStringContainsString('All Square: The files could not be written: the disk is full, or the folder does not take them. Nothing was left half written.', $done->getErrorOutput());
        self::assertSame(['.', '..', 'manifest.json'], scandir($to));
        self::assertSame('{"files": []}', file_get_contents("$to/manifest.json"));
    }

    /** The path of a document whose second slice is no small file. */
    private function noisy(): string
    {
        $items = array_map(static fn (int $i): array => ['kind' => 'round', 'name' => "r$i", 'frame' => ['x' => $i * 37 % 380, 'y' => $i * 53 % 380, 'w' => 20 + $i % 30, 'h' => 20 + $i % 17], 'fill' => sprintf('#%06x', $i * 7_919_001 % 0xFFFFFF)], range(1, 600));
        $this->write(['width' => 400, 'height' => 400, 'items' => $items, 'slices' => [
            ['name' => 'small', 'x' => 0, 'y' => 0, 'w' => 10, 'h' => 10], ['name' => 'large', 'x' => 0, 'y' => 0, 'w' => 400, 'h' => 400],
        ]]);

        return $this->file;
    }
}
