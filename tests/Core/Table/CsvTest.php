<?php

declare(strict_types=1);

namespace Tests\Core\Table;

use AllSquare\Core\Refusal;
use AllSquare\Core\Table\Csv;
use AllSquare\Core\Table\CsvForm;
use AllSquare\Core\Table\CsvReading;
use AllSquare\Core\Table\Encoding;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Support\RandomScene;

/** Lists of values: RFC 4180 and its usual offences, read and written again. */
final class CsvTest extends TestCase
{
    /** @return array<string, array{string, list<list<string>>, array<string, mixed>}> */
    public static function lists(): array
    {
        return [
            'the standard' => ["Fare,Price\r\nAdult,\"12,50\"\r\n", [['Fare', 'Price'], ['Adult', '12,50']], ['separator' => ',', 'header' => true, 'decimal' => ',']],
            'quotes in quotes' => ["a,\"say \"\"aye\"\"\"\n1,2", [['a', 'say "aye"'], ['1', '2']], ['line_end' => "\n", 'ends_last' => false]],
            'a line end in a value' => ["Pier,Note\n4,\"left\r\nthen right\"\n", [['Pier', 'Note'], ['4', "left\r\nthen right"]], []],
            'semicolons and decimal commas' => ["Tarif;Preis\nErwachsene;12,50\nKinder;6,25\n", [['Tarif', 'Preis'], ['Erwachsene', '12,50'], ['Kinder', '6,25']], ['separator' => ';', 'decimal' => ',']],
            'tabs' => ["From\tTo\nSkerry\tGannet, Isle\n", [['From', 'To'], ['Skerry', 'Gannet, Isle']], ['separator' => "\t"]],
            'bars' => ["a|b|c\nd|e|f\n", [['a', 'b', 'c'], ['d', 'e', 'f']], ['separator' => '|']],
            'single quotes' => ["'a, b','c'\n'd','it''s'\n", [['a, b', 'c'], ['d', "it's"]], ['quote' => "'", 'separator' => ',']],
            'a quote in the middle is a letter' => ["12\" pipe,ok\n6\" pipe,no\n", [['12" pipe', 'ok'], ['6" pipe', 'no']], []],
            'a quote that was not doubled' => ["\"he said \"hi\" there\",x\n1,2\n", [['he said "hi" there', 'x'], ['1', '2']], []],
            'a last quote that is missing' => ["a,b\n\"c,d\n", [['a', 'b'], ['"c', 'd']], []],
            'blanks round quotes' => ["a, \"b, c\" ,d\n1,2,3\n", [['a', 'b, c', 'd'], ['1', '2', '3']], []],
            'rows of unlike length' => ["a,b,c\nd\ne,f\n", [['a', 'b', 'c'], ['d', '', ''], ['e', 'f', '']], []],
            'empty rows at the end, and one within' => ["a,b\n\nc,d\n\n\n", [['a', 'b'], ['', ''], ['c', 'd']], []],
            'one column' => ["Pier\n1\n2\n", [['Pier'], ['1'], ['2']], ['header' => true]],
            'a value behind the last separator' => ["a,b,\nc,d,", [['a', 'b', ''], ['c', 'd', '']], []],
            'old line ends' => ["a,b\rc,d\r", [['a', 'b'], ['c', 'd']], ['line_end' => "\r"]],
            'formulas are text' => ["=SUM(A1:A9),+1\n@x,-2+3\n", [['=SUM(A1:A9)', '+1'], ['@x', '-2+3']], []],
            'numbers alone have no header' => ["1,2\n3,4\n", [['1', '2'], ['3', '4']], ['header' => false]],
        ];
    }

    /**
     * @param  list<list<string>>  $rows
     * @param  array<string, mixed>  $form
     */
    #[DataProvider('lists')]
    public function test_what_is_written_is_recognised(string $list, array $rows, array $form): void
    {
        $read = CsvReading::of($list);
        self::assertSame($rows, $read->rows);
        self::assertEquals($form, array_intersect_key($read->form->toArray(), $form));
        self::assertSame($rows, CsvReading::of(Csv::write($read->rows, $read->form), $read->form->toArray())->rows, 'out and in again');
    }

    /** @return array<string, array{Encoding, string}> */
    public static function encodings(): array
    {
        $list = "Caf\u{E9},\u{20AC} 4,50\nCr\u{EA}pe,\u{20AC} 5,20\n";
        $encoded = static fn (Encoding $encoding): array => [$encoding, $encoding->encoded($list)];

        return array_map($encoded, array_column(Encoding::cases(), null, 'name'))
            + ['UTF-16 without a mark' => [Encoding::Utf16Le, mb_convert_encoding("Pier,Gate\n1,2\n", 'UTF-16LE', 'UTF-8')], 'and the other way round' => [Encoding::Utf16Be, mb_convert_encoding("Pier,Gate\n1,2\n", 'UTF-16BE', 'UTF-8')]];
    }

    #[DataProvider('encodings')]
    public function test_its_bytes_are_read_as_they_are_meant(Encoding $encoding, string $bytes): void
    {
        $read = CsvReading::of($bytes);
        self::assertSame($encoding, $read->form->encoding);
        self::assertContains($read->rows[0][0], ["Caf\u{E9}", 'Pier']);
        self::assertSame(2, count($read->rows));
        if (! str_contains($bytes, 'P')) {
            self::assertSame($bytes, Csv::write($read->rows, $read->form), 'out again the same');
        }
    }

    public function test_what_a_list_was_is_what_is_written(): void
    {
        foreach (["a,b\r\nc,\"d, e\"\r\n", "a;b\nc;d", "\"a\",\"b\"\n\"c\",\"d\"\n", "'a;b';c\n'd;e';f\n", "x\ty\n1\t2\n"] as $list) {
            $read = CsvReading::of($list);
            self::assertSame($list, Csv::write($read->rows, $read->form));
        }
    }

    public function test_any_values_come_back_whatever_the_form(): void
    {
        $tried = 0;
        $letters = ['a', 'Z', '0', '7', ' ', '"', "'", ',', ';', "\t", '|', "\n", "\r\n", '=', "\u{E9}", "\u{1F6A2}", '.', '-'];
        foreach (RandomScene::seeds(200) as $seed) {
            $chance = new Randomizer(new Mt19937($seed));
            $columns = $chance->getInt(1, 5);
            $rows = [];
            for ($r = 0, $n = $chance->getInt(1, 6); $r < $n; $r++) {
                for ($c = 0; $c < $columns; $c++) {
                    $rows[$r][$c] = implode('', array_map(static fn (): string => $letters[$chance->getInt(0, count($letters) - 1)], range(1, $chance->getInt(1, 7))));
                }
            }
            $form = new CsvForm(array_map(strval(...), array_keys(CsvForm::SEPARATORS))[$chance->getInt(0, 3)], CsvForm::QUOTES[$chance->getInt(0, 1)], lineEnd: CsvForm::LINE_ENDS[$chance->getInt(0, 1)], endsLast: $chance->getInt(0, 1) === 1, quotesAll: $chance->getInt(0, 1) === 1);
            self::assertSame($rows, CsvReading::of(Csv::write($rows, $form), $form->toArray())->rows, "seed $seed");
            $tried++;
        }
        self::assertSame(200, $tried);
    }

    public function test_a_list_that_is_too_long_is_refused_with_the_limit(): void
    {
        $began = hrtime(true);
        try {
            CsvReading::of(str_repeat("Skerry Point,12.50,07:30\n", 100_000));
            self::fail('100,000 rows were read.');
        } catch (Refusal $refusal) {
            self::assertSame('The list has 100,000 rows of 3; a table holds 2,000 rows, 200 columns and 24,000 cells at most.', $refusal->getMessage());
        }
        self::assertLessThan(5.0, (hrtime(true) - $began) / 1e9);
        foreach (['', "\n\n", ",,\n,,\n"] as $empty) {
            try {
                CsvReading::of($empty);
                self::fail('Nothing was read as something.');
            } catch (Refusal $refusal) {
                self::assertSame('There is nothing in the list.', $refusal->getMessage());
            }
        }
    }
}
