<?php

declare(strict_types=1);

namespace Tests\Http;

use Illuminate\Testing\TestResponse;

/** Tables over HTTP: lists recognised, tables made of them, and given out as lists and as HTML. */
final class TablesTest extends HttpTestCase
{
    private const LIST = "Fare;Single;Return\r\nAdult;12,50;21,00\r\n\"Child; 4 to 15\";6,25;11,50\r\n";

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function send(string $list, string $query = '', string $type = 'text/csv'): TestResponse
    {
        return $this->call('POST', "/api/lists/read$query", server: ['CONTENT_TYPE' => $type, 'HTTP_ACCEPT' => 'application/json'], content: $list);
    }

    public function test_a_list_is_recognised_made_a_table_and_given_out_the_same(): void
    {
        ['sheet' => $sheet] = $this->begin(800, 600);
        $read = $this->send(self::LIST)->assertOk()->assertJsonPath('form.separator', ';')->assertJsonPath('form.decimal', ',')->assertJsonPath('form.header', true)->assertJsonPath('numeric', [false, true, true])->json();
        self::assertSame(['Child; 4 to 15', '6,25', '11,50'], $read['words'][2]);
        $table = $this->command($sheet, 'make-table', [], ['words' => $read['words'], 'form' => $read['form'], 'name' => 'Fares'])->assertOk()->assertJsonPath('report.summary', 'Made "Fares": 3 × 3 cells, 251 × 99')->json('report.selection.0');
        $this->get("/api/sheets/$sheet/tables/$table.csv")->assertOk()->assertHeader('content-type', 'text/csv; charset=utf-8')->assertDownload('Fares.csv');
        self::assertSame(self::LIST, $this->get("/api/sheets/$sheet/tables/$table.csv")->getContent());
        $this->send(self::LIST, '?separator=,&header=0')->assertOk()->assertJsonPath('words.0', ['Fare;Single;Return', '', ''])->assertJsonPath('form.header', false);
        $this->getJson("/api/sheets/$sheet/tables/nothing.csv")->assertStatus(404);
    }

    public function test_what_cannot_be_a_table_is_refused_with_the_limit(): void
    {
        $this->send('')->assertStatus(422)->assertJsonPath('detail', 'There is nothing in the list.');
        $this->send(str_repeat("a,b\n", 100_000))->assertStatus(422)->assertJsonPath('detail', 'The list has 100,000 rows of 2; a table holds 2,000 rows, 200 columns and 24,000 cells at most.');
        $this->send('a,b', type: 'image/png')->assertStatus(415)->assertJsonPath('detail', 'Send the list itself, with the content type text/csv.');
    }

    public function test_html_says_what_is_header_total_and_head(): void
    {
        ['sheet' => $sheet] = $this->begin(800, 600);
        $table = $this->command($sheet, 'make-table', [], ['words' => [['Fare', 'Prices', ''], ['Adult <16>', '12.50', "21\n22"], ['Total', '1', '2']], 'header' => 1, 'total' => 1])->json('report.selection.0');
        $this->command($sheet, 'set-table', [$table], ['heads' => 1])->assertOk();
        $this->command($sheet, 'span-cells', [$table], ['row' => 0, 'column' => 1, 'columns' => 2])->assertOk();
        $html = (string) $this->get("/api/sheets/$sheet/tables/$table.html")->assertOk()->getContent();
        self::assertMatchesRegularExpression('~<table class="table" aria-label="Table"><colgroup><col style="width: \d+px"><col style="width: \d+px"><col style="width: \d+px"></colgroup><thead>~', $html);
        self::assertMatchesRegularExpression('~<th scope="colgroup" colspan="2" class="c\d">Prices</th></tr></thead><tbody>~', $html);
        self::assertMatchesRegularExpression('~<th scope="row" class="c\d">Adult &lt;16&gt;</th>.*21<br>22</td></tr></tbody><tfoot>~', $html);
        self::assertStringContainsString('@font-face', $html);
    }

    public function test_its_inner_edges_are_what_a_drag_can_snap_to(): void
    {
        ['sheet' => $sheet] = $this->begin(800, 600);
        $this->command($sheet, 'make-table', [], ['words' => [['a', 'b'], ['c', 'd']], 'x' => 100, 'y' => 50, 'w' => 201]);
        $lines = $this->postJson("/api/sheets/$sheet/snap", ['mode' => 'draw', 'tolerance' => 5, 'kinds' => ['edge']])->assertOk()->json('lines');
        self::assertEquals([[201], [83]], [array_column($lines['x'], 'at'), array_column($lines['y'], 'at')]);
        self::assertSame(['column'], array_column($lines['x'], 'from'));
    }

    public function test_a_measured_sheet_says_a_table_as_a_table_too(): void
    {
        ['sheet' => $sheet] = $this->begin(800, 600);
        $this->command($sheet, 'make-table', [], ['words' => [['Pier', 'Gate'], ['4', '12']], 'header' => 1, 'name' => 'Gates']);
        $html = (string) $this->get("/api/sheets/$sheet/measured.html")->assertOk()->getContent();
        self::assertStringContainsString('<div class="heard"><table><caption>Gates</caption><thead><tr><th scope="col">Pier</th><th scope="col">Gate</th></tr></thead><tbody><tr><td>4</td><td>12</td></tr></tbody></table></div>', $html);
    }

    public function test_every_change_of_a_table_is_undone_to_the_byte(): void
    {
        ['sheet' => $sheet, 'document' => $document] = $this->begin(800, 600);
        $table = $this->command($sheet, 'make-table', [], ['words' => [['a', 'b', 'c'], ['d', 'e', 'f'], ['g', 'h', 'i']], 'w' => 300])->json('report.selection.0');
        $states = [];
        foreach ([
            ['set-cells', ['row' => 1, 'column' => 1, 'words' => [['x', 'y', 'z'], ['1', '2', '3'], ['4', '5', '6']]]],
            ['set-tracks', ['axis' => 'x', 'tracks' => [0], 'size' => 77]],
            ['set-tracks', ['axis' => 'y', 'tracks' => [0, 1], 'equal' => true]],
            ['add-tracks', ['axis' => 'x', 'at' => 1, 'count' => 2]],
            ['move-tracks', ['axis' => 'x', 'from' => 0, 'to' => 2]],
            ['span-cells', ['row' => 0, 'column' => 0, 'rows' => 2, 'columns' => 2]],
            ['set-table', ['header' => 1, 'padding' => 4, 'column_gap' => 3, 'zebra' => '#eef2ee', 'brackets' => ['shape' => 'square'], 'preset' => 'boxed']],
            ['set-cell-looks', ['rows' => [1], 'looks' => ['align' => 'end', 'ground' => '#f0c96a', 'fill' => '#17614f']]],
            ['delete-tracks', ['axis' => 'y', 'from' => 1]],
            ['take-apart', []],
            ['make-table', []],
        ] as [$command, $params]) {
            $states[] = $this->bytes($sheet);
            $table = $this->command($sheet, $command, [$table], $params)->assertOk()->json('report.selection.0');
        }
        $last = $this->bytes($sheet);
        foreach (array_reverse($states) as $i => $state) {
            $this->postJson("/api/documents/$document/undo")->assertOk();
            self::assertSame($state, $this->bytes($sheet), "undone, $i");
        }
        foreach ($states as $state) {
            $this->postJson("/api/documents/$document/redo")->assertOk();
        }
        self::assertSame($last, $this->bytes($sheet));
    }
}
