<?php

declare(strict_types=1);

namespace Tests\Http;

use CurlHandle;
use PHPUnit\Framework\TestCase;
use Tests\Support\DataFolder;
use Tests\Support\RunningServer;

/** Several at once on one sheet, through the real server with its workers. */
final class ConcurrencyTest extends TestCase
{
    private DataFolder $data;

    private RunningServer $server;

    private string $sheet;

    private string $document;

    protected function setUp(): void
    {
        $this->data = new DataFolder;
        $this->server = new RunningServer($this->data->path, ['--empty']);
        $made = $this->server->call('POST', 'documents', ['name' => 'Trial', 'sheet' => ['width' => 800, 'height' => 600]]);
        $this->document = $made['id'];
        $this->sheet = $made['sheets'][0]['id'];
    }

    protected function tearDown(): void
    {
        $this->server->stop();
        $this->data->remove();
    }

    public function test_writes_at_once_all_happen_one_after_the_other(): void
    {
        $box = $this->command('add-item', [], ['kind' => 'box', 'x' => 0, 'y' => 0, 'w' => 10, 'h' => 10])['created'][0]['id'];
        $answers = $this->atOnce(array_fill(0, 16, ['command' => 'move-by', 'items' => [$box], 'params' => ['dx' => 1]]));
        self::assertSame(array_fill(0, 16, 200), array_column($answers, 'status'));
        $revisions = array_column(array_column($answers, 'body'), 'revision');
        sort($revisions);
        self::assertSame(range(2, 17), $revisions, 'each had a revision of its own');
        self::assertSame(16, $this->server->call('GET', "sheets/$this->sheet")['items'][0]['frame']['x']);
        self::assertCount(17, $this->server->call('GET', "documents/$this->document/history")['lines']);
    }

    public function test_of_several_that_expect_the_same_revision_one_happens(): void
    {
        $box = $this->command('add-item', [], ['kind' => 'box', 'x' => 0, 'y' => 0, 'w' => 10, 'h' => 10])['created'][0]['id'];
        $answers = $this->atOnce(array_fill(0, 8, ['command' => 'move-by', 'items' => [$box], 'params' => ['dx' => 1], 'revision' => 1]));
        $statuses = array_column($answers, 'status');
        sort($statuses);
        self::assertSame([200, ...array_fill(0, 7, 409)], $statuses);
        self::assertSame(1, $this->server->call('GET', "sheets/$this->sheet")['items'][0]['frame']['x']);
    }

    public function test_a_retry_that_overtakes_the_first_happens_once(): void
    {
        $box = $this->command('add-item', [], ['kind' => 'box', 'x' => 0, 'y' => 0, 'w' => 10, 'h' => 10])['created'][0]['id'];
        $answers = $this->atOnce(array_fill(0, 6, ['command' => 'duplicate', 'items' => [$box], 'params' => (object) [], 'key' => 'the-same-key-for-all']));
        self::assertSame(array_fill(0, 6, 200), array_column($answers, 'status'));
        self::assertCount(2, $this->server->call('GET', "sheets/$this->sheet")['items']);
        $copies = array_unique(array_map(static fn (array $answer): string => $answer['body']['created'][0]['id'], $answers));
        self::assertCount(1, $copies, 'all are told of the same copy');
    }

    public function test_undo_at_once_takes_back_one_line_each(): void
    {
        $box = $this->command('add-item', [], ['kind' => 'box', 'x' => 0, 'y' => 0, 'w' => 10, 'h' => 10])['created'][0]['id'];
        foreach (range(1, 8) as $_) {
            $this->command('move-by', [$box], ['dx' => 10]);
        }
        $answers = $this->atOnce(array_fill(0, 5, []), "documents/$this->document/undo");
        self::assertSame(array_fill(0, 5, 200), array_column($answers, 'status'));
        self::assertSame(30, $this->server->call('GET', "sheets/$this->sheet")['items'][0]['frame']['x']);
    }

    public function test_of_two_sheets_one_is_left_whoever_deletes_at_once(): void
    {
        foreach (range(1, 6) as $_) {
            $document = $this->server->call('POST', 'documents', ['name' => 'Two', 'sheet' => ['width' => 80, 'height' => 60]]);
            $second = $this->server->call('POST', "documents/{$document['id']}/sheets", ['width' => 80, 'height' => 60])['id'];
            $answers = $this->atOnce([[], []], ["sheets/{$document['sheets'][0]['id']}", "sheets/$second"], 'DELETE');
            $statuses = array_column($answers, 'status');
            sort($statuses);
            self::assertSame([204, 422], $statuses);
            self::assertCount(1, $this->server->call('GET', "documents/{$document['id']}")['sheets']);
        }
    }

    public function test_sheets_are_copied_and_renamed_beside_whoever_writes(): void
    {
        $box = $this->command('add-item', [], ['kind' => 'box', 'x' => 0, 'y' => 0, 'w' => 10, 'h' => 10])['created'][0]['id'];
        $move = ['command' => 'move-by', 'items' => [$box], 'params' => ['dx' => 1]];
        $answers = $this->atOnce([[], $move, [], $move, [], $move], ["sheets/$this->sheet/copy", "sheets/$this->sheet/commands", "sheets/$this->sheet/copy", "sheets/$this->sheet/commands", "sheets/$this->sheet/copy", "sheets/$this->sheet/commands"]);
        self::assertSame([201, 200, 201, 200, 201, 200], array_column($answers, 'status'));
        $answers = $this->atOnce([['name' => 'Fares'], ['name' => 'Timetable'], ['name' => 'Chart']], "sheets/$this->sheet", 'PATCH');
        self::assertSame([200, 200, 200], array_column($answers, 'status'));
        self::assertCount(4, $this->server->call('GET', "documents/$this->document")['sheets']);
    }

    /**
     * @param  list<string>  $items
     * @param  array<string, mixed>  $params
     * @return array<string, mixed>
     */
    private function command(string $command, array $items, array $params): array
    {
        return $this->server->call('POST', "sheets/$this->sheet/commands", ['command' => $command, 'items' => $items, 'params' => $params]);
    }

    /**
     * @param  list<array<string, mixed>>  $bodies
     * @param  list<string>|string|null  $paths  one for all, or one each
     * @return list<array{status: int, body: array<string, mixed>}>
     */
    private function atOnce(array $bodies, array|string|null $paths = null, string $method = 'POST'): array
    {
        $multi = curl_multi_init();
        $handles = array_map(function (array $body, int $i) use ($multi, $paths, $method): CurlHandle {
            $path = is_array($paths) ? $paths[$i] : $paths;
            $handle = curl_init("{$this->server->address}/api/".($path ?? "sheets/$this->sheet/commands"));
            self::assertNotFalse($handle);
            curl_setopt_array($handle, [CURLOPT_RETURNTRANSFER => true, CURLOPT_CUSTOMREQUEST => $method, CURLOPT_POSTFIELDS => json_encode((object) $body, JSON_THROW_ON_ERROR), CURLOPT_HTTPHEADER => ['Content-Type: application/json']]);
            curl_multi_add_handle($multi, $handle);

            return $handle;
        }, $bodies, array_keys($bodies));
        do {
            curl_multi_exec($multi, $running);
            curl_multi_select($multi, 0.1);
        } while ($running > 0);

        return array_map(static fn (CurlHandle $handle): array => ['status' => curl_getinfo($handle, CURLINFO_HTTP_CODE), 'body' => (array) json_decode((string) curl_multi_getcontent($handle), true)], $handles);
    }
}
