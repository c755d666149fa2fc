<?php

declare(strict_types=1);

namespace Tests\Http;

use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;

/** Requests that nobody means to send, and machines on which something is missing: a plain sentence, never a failure without one. */
final class OddRequestsTest extends HttpTestCase
{
    /** @return iterable<string, array{string, string, string, int}> method, path, body, status */
    public static function requests(): iterable
    {
        $command = '/api/sheets/{sheet}/commands';
        foreach (['1e99', '9223372036854775808', '-1', '1.5'] as $revision) {
            yield "a revision of $revision" => ['POST', $command, '{"command":"delete","items":["{box}"],"revision":'.$revision.'}', 422];
            yield "undo at $revision" => ['POST', '/api/documents/{document}/undo', '{"revision":'.$revision.'}', 422];
            yield "a position of $revision" => ['PATCH', '/api/sheets/{sheet}', '{"position":'.$revision.'}', 422];
        }
        yield 'a gap that names nothing' => ['POST', $command, '{"command":"mend-gaps","params":{"gaps":[{}]}}', 422];
        yield 'rows that say nothing' => ['POST', $command, '{"command":"set-grid","params":{"rows":{}}}', 422];
        yield 'a distance between lists' => ['GET', '/api/sheets/{sheet}/distance?a[]=1&b=left', '', 422];
        yield 'a distance from nothing' => ['GET', '/api/sheets/{sheet}/distance?b=left', '', 422];
        yield 'a list of scales' => ['GET', '/api/sheets/{sheet}/render.png?scale[]=1', '', 422];
        yield 'more than is drawn at once' => ['GET', '/api/sheets/{sheet}/render.png?scale=12', '', 422];
        yield 'a line beyond every line' => ['POST', '/api/documents/{document}/history/9223372036854775808', '', 409];
        yield 'a number beyond every number' => ['POST', $command, '{"command":"move-by","items":["{box}"],"params":{"dx":1e999}}', 422];
        yield 'a file with such a number' => ['POST', '/api/documents/import', '{"format":"allsquare-document","version":2,"name":"x","sheets":[{"name":"y","width":1e999,"height":5}]}', 422];
        yield from self::ofPicturesIconsAndKits($command);
        yield 'an address outside' => ['GET', '/nowhere', '', 404];
        yield 'an address that cannot be read' => ['GET', '/api/%ff', '', 400];
    }

    /** @return iterable<string, array{string, string, string, int}> */
    private static function ofPicturesIconsAndKits(string $command): iterable
    {
        $key = '40x30-'.str_repeat('a', 40);
        yield 'a picture that is not kept' => ['GET', "/api/pictures/$key", '', 404];
        yield 'what is said of it' => ['GET', "/api/pictures/$key/about", '', 404];
        yield 'a picture by a path' => ['GET', '/api/pictures/..%2F..%2Fdatabase.sqlite', '', 404];
        yield 'a picture of no size' => ['GET', "/api/pictures/$key?size[]=256", '', 404];
        yield 'a frame for a picture that is not kept' => ['POST', $command, '{"command":"add-item","params":{"kind":"picture","x":0,"y":0,"picture":"'.$key.'"}}', 422];
        yield 'a picture of another name' => ['POST', $command, '{"command":"swap-picture","items":["{box}"],"params":{"pictures":["../../pier.png"]}}', 422];
        yield 'no picture to fit' => ['POST', $command, '{"command":"fit-picture","items":["{box}"],"params":{"fit":"cover"}}', 422];
        yield 'a focal point beyond the picture' => ['POST', $command, '{"command":"fit-picture","items":["{box}"],"params":{"fit":"hand","focus":{"x":4,"y":0}}}', 422];
        yield 'a picture that no library has' => ['POST', '/api/picture-library/nothing/take', '', 404];
        yield 'the drawing of one' => ['GET', '/api/picture-library/..%2F..%2Fenv.svg', '', 404];
        yield 'an icon that is no path' => ['POST', $command, '{"command":"add-icons","params":{"icons":[{"name":"x","path":"<svg/>"}]}}', 422];
        yield 'an icon of endless numbers' => ['POST', $command, '{"command":"add-icons","params":{"icons":[{"name":"x","path":"M0 0L1e400 5"}]}}', 422];
        yield 'a kit that there is not' => ['POST', $command, '{"command":"add-kit","params":{"kit":"nothing"}}', 422];
        yield 'a kit far outside' => ['POST', $command, '{"command":"add-kit","params":{"kit":"card","x":1e8,"y":0}}', 422];
        yield 'a picture of no kit' => ['GET', '/api/sheets/{sheet}/kits/nothing.svg', '', 422];
        yield 'another document\'s kit that there is not' => ['GET', '/api/kits/nothing', '', 404];
        yield 'nothing kept as a kit' => ['POST', $command, '{"command":"keep-kit","items":[],"params":{"name":"Empty"}}', 422];
        yield 'tokens that are none' => ['POST', $command, '{"command":"take-tokens","params":{"file":[1,2,3]}}', 422];
        yield 'tokens of no sheet' => ['GET', '/api/sheets/nothing/tokens.css', '', 404];
        yield 'a drawing that is none' => ['POST', '/api/drawings/read', '{"drawing":"not a drawing"}', 415];
    }

    #[DataProvider('requests')]
    public function test_is_answered_with_a_problem_document(string $method, string $path, string $body, int $status): void
    {
        ['document' => $document, 'sheet' => $sheet] = $this->begin();
        $names = ['{document}' => $document, '{sheet}' => $sheet, '{box}' => $this->box($sheet, 10, 20)];
        $before = $this->bytes($sheet);
        $answer = $this->raw($method, strtr($path, $names), strtr($body, $names));
        self::assertSame($status, $answer->getStatusCode(), (string) $answer->getContent());
        $answer->assertHeader('Content-Type', 'application/problem+json')->assertJsonStructure(['title', 'status', 'detail']);
        self::assertSame($before, $this->bytes($sheet));
    }

    public function test_whole_numbers_may_have_a_point(): void
    {
        ['document' => $document, 'sheet' => $sheet] = $this->begin();
        $this->raw('POST', "/api/sheets/$sheet/commands", '{"command":"add-guide","params":{"axis":"x","at":5},"revision":0.0}')->assertOk();
        $this->raw('POST', "/api/documents/$document/undo", '{"revision":1.0}')->assertOk();
        $this->raw('PATCH', "/api/sheets/$sheet", '{"position":0.0}')->assertOk();
    }

    public function test_forms_and_methods_that_are_overridden(): void
    {
        ['sheet' => $sheet] = $this->begin();
        $this->call('POST', "/api/sheets/$sheet/commands", ['command' => 'delete'], server: ['CONTENT_TYPE' => 'multipart/form-data; boundary=x', 'CONTENT_LENGTH' => '120'])->assertStatus(415);
        $this->call('POST', "/api/sheets/$sheet/copy", server: ['HTTP_X_HTTP_METHOD_OVERRIDE' => 'DELETE'])->assertStatus(400);
        $this->get("/api/sheets/$sheet")->assertOk();
    }

    public function test_what_another_site_asks_for_is_not_even_drawn(): void
    {
        ['sheet' => $sheet] = $this->begin();
        foreach (['render.png', 'render.svg', 'render.pdf', 'colour?x=1&y=1'] as $what) {
            $this->get("/api/sheets/$sheet/$what", ['Sec-Fetch-Site' => 'cross-site'])->assertForbidden();
            $this->get("/api/sheets/$sheet/$what", ['Sec-Fetch-Site' => 'same-origin'])->assertOk();
        }
        $this->get('/', ['Sec-Fetch-Site' => 'cross-site'])->assertOk();
    }

    public function test_drawing_has_a_rate(): void
    {
        config(['allsquare.drawing.a_minute' => 2]);
        ['sheet' => $sheet] = $this->begin();
        foreach ([200, 200, 429] as $status) {
            self::assertSame($status, $this->get("/api/sheets/$sheet/colour?x=1&y=1")->getStatusCode());
        }
        $this->get("/api/sheets/$sheet/colour?x=1&y=1")->assertJsonPath('detail', 'That was asked for too often. Wait a minute and try again.')->assertHeader('Retry-After');
    }

    public function test_every_answer_says_what_a_browser_may_do_with_it(): void
    {
        ['sheet' => $sheet] = $this->begin();
        foreach (['/', '/d/x', '/nowhere', "/api/sheets/$sheet", '/api/nowhere', "/api/sheets/$sheet/render.svg", "/api/sheets/$sheet/measured.html"] as $path) {
            $answer = $this->get($path);
            $policy = (string) $answer->headers->get('Content-Security-Policy');
            self::assertStringContainsString("default-src 'none'", $policy, $path);
            self::assertStringContainsString("frame-ancestors 'none'", $policy, $path);
            self::assertDoesNotMatchRegularExpression("/script-src[^;]*'unsafe/", $policy, $path);
            $answer->assertHeader('X-Content-Type-Options', 'nosniff')->assertHeader('X-Frame-Options', 'DENY')->assertHeader('Referrer-Policy', 'no-referrer');
        }
        self::assertDoesNotMatchRegularExpression('/<script(?![^>]*(\bsrc=|type="application\/json"))[^>]*>/', (string) $this->get('/')->getContent(), 'no script stands in the page');
    }

    public function test_a_browser_that_opens_an_address_gets_a_page(): void
    {
        $this->get('/nowhere', ['Accept' => 'text/html,*/*'])->assertNotFound()->assertSee('There is nothing at this address.')->assertSee('Back to the shelf');
    }

    public function test_the_catalogue_of_commands_is_their_schemas(): void
    {
        $commands = array_column(json_decode((string) $this->get('/api/commands')->getContent())->commands, null, 'command');
        self::assertIsObject($commands['again']->params->properties);
        self::assertSame('Does what was done last once more, on what is selected now.', $commands['again']->sentence);
    }

    public function test_a_database_that_cannot_be_used(): void
    {
        ['sheet' => $sheet] = $this->begin();
        $path = $this->data->path.'/allsquare.sqlite';
        DB::disconnect();
        rename($path, "$path.away");
        $this->assertUnusable("/api/sheets/$sheet", 'is gone, damaged, or not one of All Square');
        file_put_contents($path, str_repeat('this is no database. ', 400));
        $this->assertUnusable('/api/documents', 'is gone, damaged, or not one of All Square');
        file_put_contents($path, '');
        $this->assertUnusable('/api/documents', 'is gone, damaged, or not one of All Square');
        unlink($path);
        rename("$path.away", $path);
        DB::purge();
        $this->get("/api/sheets/$sheet")->assertOk();
    }

    public function test_a_disk_that_is_full_or_may_only_be_read(): void
    {
        ['sheet' => $sheet] = $this->begin();
        DB::statement('PRAGMA query_only = 1');
        $this->postJson("/api/sheets/$sheet/commands", ['command' => 'add-guide', 'params' => ['axis' => 'x', 'at' => 5]])
            ->assertStatus(503)->assertJsonPath('detail', 'The data folder cannot be written. Nothing was changed. Look at who may write there, and whether the disk is read-only.');
        DB::statement('PRAGMA query_only = 0');
        DB::statement('PRAGMA max_page_count = '.DB::scalar('PRAGMA page_count'));
        $this->postJson("/api/sheets/$sheet/commands", ['command' => 'set', 'items' => [$this->text($sheet)], 'params' => ['text' => str_repeat('Quay ', 3_000)]])
            ->assertStatus(507)->assertJsonPath('detail', 'The disk is full. Nothing was changed. Make room and try again.');
    }

    private function text(string $sheet): string
    {
        DB::statement('PRAGMA max_page_count = 1073741823');
        $id = $this->command($sheet, 'add-item', [], ['kind' => 'text', 'text' => 'x', 'x' => 1, 'y' => 1])->json('created.0.id');
        DB::statement('PRAGMA max_page_count = '.DB::scalar('PRAGMA page_count'));

        return $id;
    }

    private function assertUnusable(string $path, string $sentence): void
    {
        DB::purge();
        $answer = $this->getJson($path)->assertStatus(503);
        self::assertStringContainsString($sentence, (string) $answer->json('detail'));
    }

    /** @return TestResponse<Response> */
    private function raw(string $method, string $path, string $body): TestResponse
    {
        return $this->call($method, $path, [], [], [], ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => '*/*'], $body);
    }
}
