<?php

declare(strict_types=1);

namespace Tests\Http;

use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;

/** Whatever is sent: the right status, a problem document with a plain sentence, and nothing changed. */
final class BadInputTest extends HttpTestCase
{
    private string $document;

    private string $sheet;

    private string $box;

    private string $before;

    protected function setUp(): void
    {
        parent::setUp();
        ['document' => $this->document, 'sheet' => $this->sheet] = $this->begin();
        $this->box = $this->box($this->sheet, 10, 20);
        $locked = $this->box($this->sheet, 10, 20, name: 'Locked');
        $this->command($this->sheet, 'set', [$locked], ['locked' => true]);
        $this->before = $this->bytes($this->sheet);
    }

    /** @return iterable<string, array{int, string, string}> status, body with {box} and {locked} for ids, part of the sentence */
    public static function bodies(): iterable
    {
        yield 'an unknown item' => [404, '{"command":"move-by","items":["nope"],"params":{"dx":1}}', 'There is no item \"nope\"'];
        yield 'an unknown anchor' => [404, '{"command":"align","items":["{box}"],"params":{"edge":"left","anchor":"nope"}}', 'There is no item'];
        yield 'items that are no list' => [422, '{"command":"move-by","items":"{box}","params":{"dx":1}}', 'The selection has to be a list'];
        yield 'a wrong type' => [422, '{"command":"move-by","items":["{box}"],"params":{"dx":true}}', 'The distance across has to be a number or a text'];
        yield 'a value that is none' => [422, '{"command":"align","items":["{box}"],"params":{"edge":"west"}}', 'The edge has to be one of: left, centre'];
        yield 'not a number as text' => [422, '{"command":"move-by","items":["{box}"],"params":{"dx":"NaN"}}', 'cannot be read at character 1'];
        yield 'not a number' => [422, '{"command":"move-by","items":["{box}"],"params":{"dx":NaN}}', 'The body is not JSON'];
        yield 'too large a number' => [422, '{"command":"move-by","items":["{box}"],"params":{"dx":1000001}}', 'The distance across has to be 1,000,000 or less'];
        yield 'a number beyond every bound' => [422, '{"command":"move-by","items":["{box}"],"params":{"dx":1e400}}', 'larger than any that can be kept'];
        yield 'a place beyond the bound' => [422, '{"command":"move-by","items":["{box}"],"params":{"dx":999999}}', 'beyond 1,000,000 px'];
        yield 'a sum that cannot be read' => [422, '{"command":"place","items":["{box}"],"params":{"x":"5 apples"}}', 'at character 3: the units are'];
        yield 'a decimal comma' => [422, '{"command":"place","items":["{box}"],"params":{"x":"2,5"}}', 'decimals take a point'];
        yield 'an empty name' => [422, '{"command":"set","items":["{box}"],"params":{"name":""}}', 'cannot be empty'];
        yield 'a name of blanks' => [422, '{"command":"set","items":["{box}"],"params":{"name":"  "}}', 'A name cannot be empty.'];
        yield 'a negative size' => [422, '{"command":"place","items":["{box}"],"params":{"w":-5}}', 'The width cannot be negative'];
        yield 'a locked item moved' => [422, '{"command":"move-by","items":["{locked}"],"params":{"dx":1}}', '\"Locked\" is locked. Unlock first.'];
        yield 'a locked item deleted' => [422, '{"command":"delete","items":["{locked}"]}', '\"Locked\" is locked'];
        yield 'nothing selected' => [422, '{"command":"delete","items":[]}', 'Nothing is selected'];
        yield 'an unknown command' => [422, '{"command":"fly","items":["{box}"]}', 'There is no command \"fly\"'];
        yield 'a command that is a path' => [422, '{"command":"../../x"}', 'There is no command'];
        yield 'columns that do not fit' => [422, '{"command":"set-grid","params":{"columns":{"count":200,"gutter":20}}}', 'and each needs 1 px at least'];
        yield 'no columns at all' => [422, '{"command":"set-grid","params":{"columns":{"count":0}}}', 'At least 1 column.'];
        yield 'a gutter that is negative' => [422, '{"command":"set-grid","params":{"columns":{"count":3,"gutter":-4}}}', 'The gutter between columns has to be 0 or more'];
        yield 'a module that is nothing' => [422, '{"command":"set-grid","params":{"module":0}}', 'The module has to be 1 or more'];
        yield 'a grid that is none' => [422, '{"command":"keep-grid","params":{"name":"Fares"}}', 'This sheet has no grid yet'];
        yield 'a grid that nobody kept' => [404, '{"command":"use-grid","params":{"grid":"nope"}}', 'There is no grid \"nope\"'];
        yield 'a span of no grid' => [422, '{"command":"fit-to-grid","items":["{box}"],"params":{"columns":[1,2]}}', 'no columns yet'];
        yield 'half a span' => [422, '{"command":"fit-to-grid","items":["{box}"],"params":{"columns":[1]}}', 'needs 2 entries at least'];
        yield 'a guide that is not there' => [404, '{"command":"lock-guides","params":{"guides":["nope"]}}', 'There is no guide \"nope\"'];
        yield 'guides of nothing' => [422, '{"command":"guides-from-items","items":[]}', 'Nothing is selected'];
        yield 'a gap that is none' => [422, '{"command":"mend-gaps","params":{"gaps":[{"axis":"x","a":"{box}","b":"{locked}"}]}}', 'There is no such gap'];
        yield 'a dimension to itself' => [422, '{"command":"add-dimension","params":{"a":"{box}","b":"{box}","axis":"x"}}', 'between two things'];
        yield 'a dimension that is not there' => [404, '{"command":"delete-dimension","params":{"dimensions":["nope"]}}', 'There is no dimension'];
        yield 'snapping with no tolerance' => [422, '{"command":"move-by","items":["{box}"],"params":{"dx":1,"snap":{}}}', 'Missing: the tolerance'];
        yield 'an unknown unit' => [422, '{"command":"place","items":["{box}"],"params":{"x":"5"},"unit":"ell"}', 'The unit has to be one of: px'];
        yield 'an unknown parameter' => [422, '{"command":"move-by","items":["{box}"],"params":{"dx":1,"dz":1}}', 'Not known here: dz'];
        yield 'an unknown field' => [422, '{"command":"delete","items":["{box}"],"sneaky":1}', 'Not known here: sneaky'];
        yield 'a parameter missing' => [422, '{"command":"align","items":["{box}"]}', 'Missing: the edge'];
        yield 'no command' => [422, '{}', 'Missing: the command'];
        yield 'no JSON' => [422, 'hello', 'The body is not JSON'];
        yield 'half of JSON' => [422, '{"command":', 'The body is not JSON'];
        yield 'a list' => [422, '[1,2]', 'has to be a JSON object'];
        yield 'deeply nested' => [422, '{"command":'.str_repeat('[', 100).str_repeat(']', 100).'}', 'not JSON'];
        yield 'a colour that is none' => [422, '{"command":"set","items":["{box}"],"params":{"fill":"red\"/><script>"}}', 'a colour such as #1a2b3c'];
        yield 'broken UTF-8' => [422, "{\"command\":\"set\",\"items\":[\"{box}\"],\"params\":{\"name\":\"a\xff\"}}", 'not JSON'];
        yield 'a stale revision' => [409, '{"command":"delete","items":["{box}"],"revision":0}', 'changed from elsewhere'];
    }

    #[DataProvider('bodies')]
    public function test_a_command_that_makes_no_sense(int $status, string $body, string $sentence): void
    {
        $this->refused($status, $this->raw('POST', "/api/sheets/$this->sheet/commands", $body), stripslashes($sentence));
    }

    public function test_names_of_100_kb(): void
    {
        $long = str_repeat('n', 100_000);
        $this->refused(422, $this->raw('POST', "/api/sheets/$this->sheet/commands", (string) json_encode(['command' => 'set', 'items' => [$this->box], 'params' => ['name' => $long]])), 'has 200 characters at most; this has 100,000');
        $this->refused(422, $this->raw('POST', '/api/documents', (string) json_encode(['name' => $long, 'sheet' => ['width' => 10, 'height' => 10]])), '200 characters at most');
        $this->refused(422, $this->raw('PATCH', "/api/documents/$this->document", (string) json_encode(['name' => $long])), '200 characters at most');
    }

    public function test_a_body_of_20_mb(): void
    {
        $this->refused(413, $this->raw('POST', "/api/sheets/$this->sheet/commands", '{"command":"'.str_repeat('x', 20_000_000).'"}'), 'at most');
    }

    public function test_another_type_and_another_method(): void
    {
        $this->refused(415, $this->raw('POST', "/api/sheets/$this->sheet/commands", '{"command":"delete"}', ['CONTENT_TYPE' => 'text/plain']), 'application/json');
        $this->refused(405, $this->raw('PUT', '/api/documents', '{}'), 'does not take that method');
        $this->refused(405, $this->raw('GET', "/api/sheets/$this->sheet/commands", ''), 'does not take that method');
        $this->refused(404, $this->raw('GET', '/api/nowhere', ''), 'nothing at this address');
        $this->refused(404, $this->raw('GET', '/api/sheets/nope', ''), 'no such document or sheet');
        $this->refused(404, $this->raw('POST', '/api/sheets/nope/commands', '{"command":"delete","items":["x"]}'), 'no such document or sheet');
    }

    public function test_writes_from_another_site_and_foreign_host_names(): void
    {
        $body = (string) json_encode(['command' => 'delete', 'items' => [$this->box]]);
        foreach ([['HTTP_ORIGIN' => 'https://elsewhere.example'], ['HTTP_SEC_FETCH_SITE' => 'cross-site'], ['HTTP_SEC_FETCH_SITE' => 'same-site'], ['HTTP_ORIGIN' => 'null']] as $headers) {
            $this->refused(403, $this->raw('POST', "/api/sheets/$this->sheet/commands", $body, $headers), 'another site');
        }
        $this->raw('GET', "http://localhost:8000/api/sheets/$this->sheet", '')->assertOk();
        $this->raw('POST', "http://localhost/api/sheets/$this->sheet/commands", $body, ['HTTP_ORIGIN' => 'http://localhost', 'HTTP_SEC_FETCH_SITE' => 'same-origin'])->assertOk();
        $this->getJson("http://elsewhere.example/api/sheets/$this->sheet")->assertStatus(421)->assertJson(['detail' => 'This server does not answer to that host name.']);
    }

    public function test_documents_and_sheets_that_make_no_sense(): void
    {
        foreach ([
            [['name' => 'x'], 'Missing: the sheet'],
            [['name' => 'x', 'sheet' => ['width' => 0, 'height' => 5]], 'The width has to be'],
            [['name' => 'x', 'sheet' => ['width' => 40000, 'height' => 5]], 'A sheet is from 1 to 30,000 px'],
            [['name' => ' ', 'sheet' => ['width' => 5, 'height' => 5]], 'A name cannot be empty'],
            [['name' => 'x', 'sheet' => ['width' => 5, 'height' => 5, 'unit' => 'ell']], 'one of: px'],
        ] as [$body, $sentence]) {
            $this->refused(422, $this->raw('POST', '/api/documents', (string) json_encode($body)), $sentence);
        }
        self::assertCount(1, $this->getJson('/api/documents')->json('documents'));
    }

    /**
     * @param  array<string, string>  $server
     * @return TestResponse<Response>
     */
    private function raw(string $method, string $path, string $body, array $server = []): TestResponse
    {
        $locked = array_column($this->getJson("/api/sheets/$this->sheet")->json('items'), 'id', 'name')['Locked'];
        $body = str_replace(['{box}', '{locked}'], [$this->box, $locked], $body);

        return $this->call($method, $path, [], [], [], ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json', ...$server], $body);
    }

    /** @param  TestResponse<Response>  $answer */
    private function refused(int $status, TestResponse $answer, string $sentence): void
    {
        self::assertSame($status, $answer->getStatusCode(), (string) $answer->getContent());
        $answer->assertHeader('Content-Type', 'application/problem+json')->assertJsonStructure(['title', 'status', 'detail']);
        self::assertStringContainsString($sentence, (string) $answer->json('detail'));
        self::assertSame($status, $answer->json('status'));
        self::assertSame($this->before, $this->bytes($this->sheet), 'nothing has changed');
    }
}
