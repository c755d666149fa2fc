<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\Waiting;

/** Tables by hand: drawn, written into, sized and moved, made of lists; and as HTML, laid out as they are painted. */
final class TablesTest extends BrowserTestCase
{
    protected const DEMO = false;

    private const LIST = "Fare;Single;Return\nAdult;12,50;21\nChild;6,25;11,50\nTotal;18,75;32,50\n";

    public function test_a_table_is_drawn_and_written_by_the_keyboard(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet, 'document' => $document] = $this->openEmpty();
        $browser->press('Table');
        $browser->drag(100, 80, 460, 180);
        $browser->waitForStatus('Drew "Table"');
        $item = $this->item($sheet, 'Table');
        self::assertEqualsWithDelta([100, 80, 360, 100], array_values($item['frame']), 2);
        self::assertSame([3, 3], [count($item['fields']['table']['columns']), count($item['fields']['table']['rows'])], 'the larger it is drawn, the more columns and rows');

        $browser->run('document.querySelector(".plane").focus()');
        $browser->keys(WebDriverKeys::ENTER);
        $this->waitForCell('Row 1, column 1');
        $this->type('Pier');
        $browser->keys(WebDriverKeys::TAB);
        $this->waitForCell('Row 1, column 2');
        $this->type('Boats');
        $browser->keys(WebDriverKeys::ENTER);
        $this->waitForCell('Row 2, column 2');
        $this->type('Escaped');
        $browser->keys(WebDriverKeys::ESCAPE);
        $browser->keys([WebDriverKeys::CONTROL, WebDriverKeys::END]);
        $browser->keys(WebDriverKeys::NULL);
        $this->waitForCell('Row 3, column 3');
        $browser->keys(WebDriverKeys::TAB);
        $this->waitForCell('Row 4, column 1');
        self::assertSame([['Pier', 'Boats', ''], ['', '', ''], ['', '', ''], ['', '', '']], $this->words($sheet), 'Tab behind the last cell adds a row');

        // What is chosen is copied, and pasted into from its first cell on.
        $browser->keys([WebDriverKeys::CONTROL, WebDriverKeys::HOME]);
        $browser->keys(WebDriverKeys::NULL);
        $this->waitForCell('Row 1, column 1');
        $browser->keys([WebDriverKeys::SHIFT, WebDriverKeys::ARROW_RIGHT, WebDriverKeys::NULL]);
        $copied = $browser->run('const data = new DataTransfer(); document.activeElement.dispatchEvent(new ClipboardEvent("copy", {clipboardData: data, bubbles: true, cancelable: true})); return data.getData("text/plain");');
        self::assertSame("Pier\tBoats", $copied);
        $browser->keys(WebDriverKeys::ARROW_DOWN);
        $browser->keys(WebDriverKeys::ARROW_LEFT);
        $this->waitForCell('Row 2, column 1');
        $this->paste("4\t12\tx\ty\n5\t=1+1\t\"a\nb\"\tz", 'document.activeElement');
        $browser->waitForStatus('Wrote 8 cells of "Table", from row 2, column 1 on; 1 column was added');
        self::assertSame([['4', '12', 'x', 'y'], ['5', '=1+1', "a\nb", 'z']], array_slice($this->words($sheet), 1, 2), 'formulas are text');
        $browser->keys([WebDriverKeys::CONTROL, 'z']);
        $browser->keys(WebDriverKeys::NULL);
        Waiting::until(fn (): bool => count($this->words($sheet)[0]) === 3, 'what was pasted to be taken back');

        // Working in it ends; so does the selection.
        $browser->keys(WebDriverKeys::ESCAPE);
        Waiting::until(static fn (): bool => $browser->run('return document.querySelectorAll(".table-grid").length') === 0, 'the table to be left');
        self::assertNotSame('', $document);
    }

    public function test_columns_are_sized_by_their_edges_and_numbers_and_moved_by_their_bars(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet] = $this->openEmpty();
        $this->server->call('POST', "sheets/$sheet/commands", ['command' => 'make-table', 'params' => ['words' => [['a', 'b', 'c'], ['1', '2', '3']], 'x' => 100, 'y' => 100, 'w' => 300, 'name' => 'Fares']]);
        $this->server->call('POST', "sheets/$sheet/commands", ['command' => 'add-guide', 'params' => ['axis' => 'x', 'at' => 250]]);
        $this->reload();
        $browser->clickSheet(120, 110, double: true);
        $this->waitForCell('Row 1, column 1');

        // It meets the guide, and the others that share the frame give way.
        [$x, $y] = $this->middle('[data-edge=x0]');
        [$toX] = $browser->onScreen(247, 0);
        $browser->countQuestions();
        $browser->pointer($x, $y)->clickAndHold()->perform();
        $browser->driver->action()->moveByOffset(20, 0)->perform();
        $browser->waitForAnswers();
        $browser->driver->action()->moveByOffset($toX - $x - 20, 0)->perform();
        Waiting::until(static fn (): bool => str_contains((string) $browser->run('return document.querySelector(".words")?.textContent'), '150 wide'), 'the edge to meet the guide');
        $browser->driver->action()->release()->perform();
        $browser->waitForStatus('Set column 1 of "Fares" to 150 wide; it is 300');
        self::assertEquals([0, 150, 150, 225, 225, 300], $this->item($sheet, 'Fares')['painting']['tracks']['x']);

        // The numbers are of what is chosen.
        $this->pressBar('x1');
        $browser->see('.well.space [name="column size"]');
        $browser->fill('[name="column size"]', 'w + 1cm/2');
        $browser->waitForStatus('Set column 2 of "Fares" to 94 wide');
        $browser->run('document.querySelector(".well.space input[type=checkbox]").click()');
        $browser->fill('[name="column size"]', '100');
        $browser->waitForStatus('it is 306 × ');

        // Chosen already, it is dragged to another place.
        $this->pressBar('x1');
        [$x, $y] = $this->middle('[data-bar=x1]');
        [$toX] = $this->middle('[data-bar=x0]');
        $browser->pointer($x, $y)->clickAndHold()->moveByOffset($toX - $x - 30, 0)->release()->perform();
        $browser->waitForStatus('Moved column 2 of "Fares" to place 1');
        self::assertSame([['b', 'a', 'c'], ['2', '1', '3']], $this->words($sheet));

        $browser->press('looks');
        $browser->press('Decimal signs on one line, as in 0.0');
        $browser->waitForStatus('Set column 1 of "Fares": decimal signs on one line');
        self::assertSame('decimal', $this->item($sheet, 'Fares')['fields']['table']['columns'][0]['look']['align']);
        $browser->press('rules');
        $browser->fill('[name="weight of the rule"]', '2');
        $browser->waitForStatus('Set "Fares": rules');
        self::assertEquals(2, $this->item($sheet, 'Fares')['fields']['table']['rules']['across']['weight']);
        $browser->press('Done');
        Waiting::until(static fn (): bool => $browser->run('return document.querySelectorAll(".table-grid").length') === 0, 'the table to be left');
    }

    public function test_a_list_is_pasted_looked_at_and_becomes_a_table(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet] = $this->openEmpty();
        $browser->run('document.querySelector(".plane").focus()');
        $this->paste(self::LIST, 'document.querySelector(".plane")');
        $dialog = $browser->see('[role=dialog] .list');
        self::assertStringContainsString('4 rows of 3 values', $dialog->getText());
        self::assertSame([';', '"', 'UTF-8', ','], $browser->run('return [...document.querySelectorAll("[role=dialog] select")].map((one) => one.value)'));
        self::assertSame([true, true], $browser->run('return [...document.querySelectorAll("[role=dialog] .parts input")].map((one) => one.checked)'), 'a header, and totals, as the last row says');

        // Read otherwise, it is cut otherwise, and back.
        $select = static fn (string $value) => $browser->run('const one = document.querySelector("[role=dialog] select"); one.value = arguments[0]; one.dispatchEvent(new Event("change", {bubbles: true}))', $value);
        $select('|');
        Waiting::until(static fn (): bool => str_contains($browser->see('[role=dialog] .list')->getText(), '4 rows of 1 values'), 'it to be cut by bars');
        $select(';');
        Waiting::until(static fn (): bool => str_contains($browser->see('[role=dialog] .list')->getText(), '4 rows of 3 values'), 'it to be cut by semicolons');
        $browser->press('Make the table');
        $browser->waitForStatus('Made "Table": 3 × 4 cells');
        $table = $this->items($sheet)[0]['fields']['table'];
        self::assertSame(['Adult', '12,50', '21'], $table['cells'][1]);
        self::assertSame([1, ',', 'decimal'], [$table['header'], $table['decimal'], $table['columns'][1]['look']['align']]);

        $this->dropFile('sailings.csv', 'text/csv', str_repeat("a,b\n", 100_000));
        $browser->waitForStatus('sailings.csv: The list has 100,000 rows of 2; a table holds 2,000 rows');
    }

    public function test_a_matrix_is_made_of_numbers_that_are_typed(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet] = $this->openEmpty();
        $browser->run('[...document.querySelectorAll(".slot")].at(-1).querySelector(".more").click()');
        $browser->press('Matrix of numbers…', 'span');
        $browser->see('[role=dialog] textarea')->sendKeys(implode(' ', range(1, 100)));
        Waiting::until(static fn (): bool => str_contains($browser->see('[role=dialog] [role=status]')->getText(), '10 × 10 cells of 36 px'), 'what will be made to be said');
        $browser->press('Make the matrix');
        $browser->waitForStatus('Made "Matrix": 10 × 10 cells');
        $matrix = $this->item($sheet, 'Matrix');
        self::assertEquals(800 / 2, $matrix['frame']['x'] + $matrix['frame']['w'] / 2, 'in the middle of the page');
        self::assertEquals(36, $matrix['painting']['tracks']['x'][1] - $matrix['painting']['tracks']['x'][0]);
    }

    public function test_as_html_it_is_laid_out_as_it_is_painted(): void
    {
        $browser = $this->browser;
        $seed = (int) (getenv('ALLSQUARE_SEED') ?: random_int(1, 1 << 30));
        $chance = new Randomizer(new Mt19937($seed));
        ['sheet' => $sheet] = $this->openEmpty();
        $measured = 0;
        for ($i = 0; $i < 12; $i++) {
            $words = [];
            for ($r = 0, $rows = $chance->getInt(2, 6), $columns = $chance->getInt(2, 5); $r < $rows; $r++) {
                for ($c = 0; $c < $columns; $c++) {
                    $words[$r][$c] = ['', 'Skerry Point', (string) ($chance->getInt(0, 9999) / 100), 'Pier', 'by way of Long Strand'][$chance->getInt(0, 4)];
                }
            }
            $run = fn (string $command, array $items, array $params): array => $this->server->call('POST', "sheets/$sheet/commands", ['command' => $command, 'items' => $items, 'params' => (object) $params]);
            $table = $run('make-table', [], ['words' => $words, 'header' => 1, 'w' => $chance->getInt(300, 700), 'preset' => ['lined', 'striped', 'boxed', 'plain'][$chance->getInt(0, 3)]])['report']['selection'][0];
            $run('set-table', [$table], ['padding' => $chance->getInt(2, 12), 'column_gap' => $chance->getInt(0, 1) * 4, 'row_gap' => $chance->getInt(0, 1) * 3, 'brackets' => ['shape' => ['none', 'square'][$chance->getInt(0, 1)]]]);
            $run('set-cell-looks', [$table], ['columns' => [1], 'looks' => ['align' => ['start', 'centre', 'end', 'decimal'][$chance->getInt(0, 3)], 'size' => $chance->getInt(10, 20)]]);
            $run('set-tracks', [$table], ['axis' => 'y', 'tracks' => [1], 'size' => $chance->getInt(180, 240)]);
            $painted = $this->item($sheet, 'Table')['painting'];
            $this->browser->driver->get('data:text/html;base64,'.base64_encode((string) file_get_contents("{$this->server->address}/api/sheets/$sheet/tables/$table.html")));
            $seen = $browser->run('const table = document.querySelector("table").getBoundingClientRect(); return document.fonts.ready && [...document.querySelectorAll("th, td")].map((cell) => { const box = cell.getBoundingClientRect(); return [box.x - table.x, box.y - table.y, box.width, box.height]; });');
            foreach ($seen as $k => [$x, $y, $w, $h]) {
                [$r, $c] = [intdiv($k, $columns), $k % $columns];
                $tracks = $painted['tracks'];
                $from = $tracks['x'][0] - $this->gap($tracks['x']);
                $down = $this->gap($tracks['y']);
                self::assertEqualsWithDelta([$tracks['x'][2 * $c] - $from, $tracks['y'][2 * $r] + $down, $tracks['x'][2 * $c + 1] - $tracks['x'][2 * $c], $tracks['y'][2 * $r + 1] - $tracks['y'][2 * $r]], [$x, $y, $w, $h], 0.02, "seed $seed, table $i: row $r, column $c");
                $measured++;
            }
            $run('delete', [$table], []);
        }
        self::assertGreaterThan(12 * 4, $measured);
    }

    /** @param  list<float>  $edges */
    private function gap(array $edges): float
    {
        return count($edges) > 2 ? $edges[2] - $edges[1] : 0.0;
    }

    /** @return list<list<string>> */
    private function words(string $sheet): array
    {
        return array_map(static fn (array $row): array => array_map(static fn (mixed $cell): string => is_array($cell) ? $cell['text'] : $cell, $row), $this->items($sheet)[0]['fields']['table']['cells']);
    }

    private function waitForCell(string $words): void
    {
        $browser = $this->browser;
        Waiting::until(static fn (): bool => str_contains((string) $browser->run('return document.activeElement?.matches("textarea.cell") ? document.activeElement.ariaLabel : ""'), $words), $words);
    }

    private function type(string $words): void
    {
        $browser = $this->browser;
        $browser->keys($words);
        Waiting::until(static fn (): bool => $browser->run('return document.querySelector("textarea.cell.typing")?.value ?? ""') === $words, "\"$words\" to be typed");
    }

    private function paste(string $text, string $where): void
    {
        $this->browser->run("const data = new DataTransfer(); data.setData('text/plain', arguments[0]); $where.dispatchEvent(new ClipboardEvent('paste', {clipboardData: data, bubbles: true, cancelable: true}));", $text);
    }

    private function dropFile(string $name, string $type, string $content): void
    {
        $this->browser->run('const data = new DataTransfer(); data.items.add(new File([arguments[2]], arguments[0], {type: arguments[1]})); const plane = document.querySelector(".plane"), box = plane.getBoundingClientRect(); for (const name of ["dragover", "drop"]) plane.dispatchEvent(new DragEvent(name, {dataTransfer: data, bubbles: true, cancelable: true, clientX: box.x + 200, clientY: box.y + 200}));', $name, $type, $content);
    }

    /** @return array{int, int} px of the screen */
    private function middle(string $css): array
    {
        return $this->browser->run('const box = document.querySelector(arguments[0]).getBoundingClientRect(); return [Math.round(box.x + box.width / 2), Math.round(box.y + Math.min(box.height / 2, 20))];', $css);
    }

    private function pressBar(string $bar): void
    {
        [$x, $y] = $this->middle("[data-bar=$bar]");
        $this->browser->pointer($x, $y)->click()->perform();
        Waiting::until(fn (): bool => (bool) $this->browser->run('return document.querySelector(arguments[0]).classList.contains("all")', "[data-bar=$bar]"), 'the bar to be chosen');
    }
}
