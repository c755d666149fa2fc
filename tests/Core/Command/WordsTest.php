<?php

declare(strict_types=1);

namespace Tests\Core\Command;

use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Geometry\Unit;
use AllSquare\Core\Sheet\Words;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Scene;

/** The lines of the history: true plurals, 3 decimals at most, real values. */
final class WordsTest extends TestCase
{
    public function test_items_are_called_by_what_they_are(): void
    {
        $draft = Scene::of()
            ->put('a', 0, 0, 1, 1, ['name' => 'Card, one'])->put('b', 0, 0, 1, 1, ['name' => 'Card, two'])
            ->put('c', 0, 0, 1, 1, ['name' => 'Box, one'])->put('d', 0, 0, 1, 1, ['name' => 'Box, two'])
            ->put('e', 0, 0, 1, 0, ['kind' => 'line'])->put('f', 0, 0, 1, 0, ['kind' => 'line'])->draft();
        self::assertSame('"Card, one"', Words::of($draft, ['a']));
        self::assertSame('2 cards', Words::of($draft, ['a', 'b']));
        self::assertSame('2 boxes', Words::of($draft, ['c', 'd']));
        self::assertSame('2 lines', Words::of($draft, ['e', 'f']));
        self::assertSame('3 boxes', Words::of($draft, ['a', 'b', 'c']));
        self::assertSame('2 items', Words::of($draft, ['a', 'e']));
        self::assertSame('"Card, one", "Card, two" and "Box, one"', Words::list($draft, ['a', 'b', 'c']));
        self::assertSame('"Card, one", "Card, two", "Box, one" and 3 more', Words::list($draft, ['a', 'b', 'c', 'd', 'e', 'f']));
    }

    /** @return iterable<string, array{list<float>, string}> */
    public static function figures(): iterable
    {
        yield 'all the same' => [[24.0, 24.0, 24.0], '24'];
        yield 'a few' => [[24.0, 24.5, 25.125], '24, 24.5, 25.125'];
        yield 'many' => [[19.0, 31.0, 24.0, 24.0, 24.0, 24.0, 24.0], '19 to 31'];
        yield 'no more than three decimals' => [[1 / 3], '0.333'];
        yield 'below nought' => [[-0.0001], '0'];
        yield 'none' => [[], 'none'];
    }

    /** @param  list<float>  $figures */
    #[DataProvider('figures')]
    public function test_figures_are_said_shortly(array $figures, string $said): void
    {
        self::assertSame($said, Spoken::in(Words::figures($figures), Unit::Px, 96));
    }

    public function test_lengths_are_said_in_the_unit_of_the_desk(): void
    {
        $scene = Scene::of(200, 100, Unit::Mm, 96)->put('a', 0, 0, 37.795, 37.795);
        $scene->unit = Unit::Mm;
        self::assertSame('Moved "a" 15 mm right', $scene->run('move-by', ['a'], ['dx' => '15'])->report->summary);
        self::assertSame('Placed "a": w 12.5 (was w 10)', $scene->run('place', ['a'], ['w' => '12.5'])->report->summary);
        $scene->unit = Unit::In;
        $this->expectExceptionMessage('The gaps alone need 4, and there are 0.492 across.');
        $scene->put('b', 56.693, 0, 37.795, 10)->run('set-gap', ['a', 'b'], ['axis' => 'x', 'gap' => '4', 'by_size' => true]);
    }

    public function test_to_the_edge_of_a_sheet_of_200_mm_are_200_mm(): void
    {
        $scene = Scene::of(200, 100, Unit::Mm, 96)->put('a', 0, 0, 37.795, 37.795);
        $scene->unit = Unit::Mm;
        $scene->run('set-clearance', ['a'], ['side' => 'right', 'value' => '15']);
        self::assertEqualsWithDelta(200 / 25.4 * 96 - 15 / 25.4 * 96 - 37.795, $scene->bounds('a')->x, 0.001);
        self::assertSame([756.0, 378.0], [$scene->sheet->width(), $scene->sheet->height()]);
    }

    /** @return iterable<array{string, array<string, mixed>, string}> */
    public static function lines(): iterable
    {
        yield ['move-by', ['dx' => 3, 'dy' => -2], 'Moved "Pier" 3 px right and 2 px up'];
        yield ['move-by', ['dx' => -0.25], 'Moved "Pier": nothing moved'];
        yield ['set', ['angle' => 350], 'Turned "Pier" to -10° (was 0°)'];
        yield ['set', ['fill' => '#ffffff'], 'Set fill of "Pier" to #ffffff'];
        yield ['set', ['fill' => null], 'Set fill of "Pier" to none'];
        yield ['set', ['outline' => ['colour' => '#000000', 'weight' => 1.5]], 'Set outline of "Pier" to #000000 1.5 px'];
        yield ['set', ['locked' => true], 'Locked "Pier"'];
        yield ['set', ['x' => 12.25], 'Set x of "Pier" to 12'];
        yield ['set', ['h' => '20*2'], 'Set h of "Pier" to 40'];
        yield ['set', ['x' => 5, 'y' => 6], 'Set x, y of "Pier"'];
        yield ['resize', ['handle' => 'right', 'dx' => 10], 'Sized "Pier" to 40 × 20 (was 30 × 20)'];
        yield ['order', ['to' => 0], 'Put "Pier" to place 1 from the back'];
        yield ['delete', [], 'Deleted "Pier"'];
    }

    /** @param  array<string, mixed>  $params */
    #[DataProvider('lines')]
    public function test_each_command_says_what_it_did(string $command, array $params, string $line): void
    {
        $scene = Scene::of()->put('a', 10, 10, 30, 20, ['name' => 'Pier']);
        self::assertSame($line, $scene->run($command, ['a'], $params)->report->summary);
    }
}
