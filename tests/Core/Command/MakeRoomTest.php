<?php

declare(strict_types=1);

namespace Tests\Core\Command;

use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Geometry\Unit;
use AllSquare\Core\Refusal;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Support\RandomScene;
use Tests\Core\Support\Scene;

/** Room made at a line, and closed up again (RULES 13). */
final class MakeRoomTest extends TestCase
{
    /** A head, two rows of cards, a rule down the side that straddles both, and a foot. */
    private static function scene(): Scene
    {
        return Scene::of(400, 600)
            ->put('head', 0, 0, 400, 60)
            ->put('a', 40, 100, 140, 80)->put('b', 220, 110, 140, 80)
            ->put('c', 40, 220, 140, 80)->put('d', 220, 220, 140, 80)
            ->put('rule', 10, 90, 10, 220)->put('foot', 0, 560, 400, 40);
    }

    public function test_everything_past_the_line_moves(): void
    {
        $scene = self::scene();
        $said = $scene->run('make-room', [], ['axis' => 'y', 'at' => 220, 'by' => 48])->report->summary;
        self::assertSame('Made room at 220: moved 3 boxes 48 px down', $said);
        self::assertSame([0.0, 100.0, 110.0, 268.0, 268.0, 90.0, 608.0], $scene->tops('head', 'a', 'b', 'c', 'd', 'rule', 'foot'));
    }

    public function test_what_straddles_the_line_stays_moves_or_is_stretched(): void
    {
        foreach (['stay' => [90.0, 220.0], 'move' => [138.0, 220.0], 'stretch' => [90.0, 268.0]] as $straddling => $expected) {
            $scene = self::scene();
            $scene->run('make-room', [], ['axis' => 'y', 'at' => 220, 'by' => '2*24', 'straddling' => $straddling]);
            self::assertSame($expected, [$scene->bounds('rule')->y, $scene->bounds('rule')->h], $straddling);
        }
    }

    public function test_the_sheet_goes_along(): void
    {
        $scene = self::scene();
        $said = $scene->run('make-room', [], ['axis' => 'y', 'at' => 220, 'by' => 40, 'sheet' => true])->report->summary;
        self::assertStringEndsWith('the sheet is higher', $said);
        self::assertSame([400.0, 640.0], [$scene->sheet->width(), $scene->sheet->height()]);
        self::assertSame(600.0, $scene->bounds('foot')->y, 'the foot still stands on the edge');
        $scene->run('make-room', [], ['axis' => 'x', 'at' => 220, 'by' => -30, 'sheet' => true]);
        self::assertSame([370.0, 190.0], [$scene->sheet->width(), $scene->bounds('b')->x]);
    }

    public function test_from_a_thing_it_is_the_edge_of_its_row(): void
    {
        $scene = self::scene();
        $said = $scene->run('make-room', [], ['axis' => 'y', 'from' => 'b', 'by' => 10])->report->summary;
        self::assertStringStartsWith('Made room at 100: ', $said, 'the other card of the row begins there; the rule is of no row');
        self::assertSame([110.0, 120.0, 0.0, 90.0], $scene->tops('a', 'b', 'head', 'rule'));
        $scene->run('make-room', [], ['axis' => 'x', 'from' => 'd', 'by' => 5]);
        self::assertSame([40.0, 225.0, 225.0], $scene->lefts('c', 'b', 'd'));
    }

    public function test_what_is_locked_stays_and_is_named(): void
    {
        $scene = self::scene()->put('stamp', 300, 400, 40, 40, ['locked' => true]);
        self::assertStringEndsWith('"stamp" is locked and stayed', $scene->run('make-room', [], ['axis' => 'y', 'at' => 220, 'by' => 48])->report->summary);
        self::assertSame(400.0, $scene->bounds('stamp')->y);
    }

    /** Room made and taken away again leaves the same bytes, whatever lies there. */
    public function test_the_same_distance_the_other_way_brings_everything_back(): void
    {
        $tried = 0;
        foreach (RandomScene::seeds(30) as $seed) {
            $random = new RandomScene($seed);
            $chance = new Randomizer(new Mt19937($seed));
            $scene = $random->scene;
            for ($i = 0; $i < 4; $i++) {
                $was = serialize([$scene->items, $scene->sheet]);
                $params = ['axis' => $chance->getInt(0, 1) === 0 ? 'x' : 'y', 'at' => $chance->getInt(-100, 900), 'straddling' => ['stay', 'move', 'stretch'][$chance->getInt(0, 2)], 'sheet' => $chance->getInt(0, 1) === 1];
                $by = $chance->getInt(1, 400_000) / 1000;
                try {
                    $scene->run('make-room', [], ['by' => $by] + $params);
                } catch (Refusal) {
                    continue;
                }
                $scene->run('make-room', [], ['by' => -$by] + $params);
                self::assertSame(strlen($was), strlen(serialize([$scene->items, $scene->sheet])), "seed $seed ".json_encode($params)." by $by");
                self::assertSame($was, serialize([$scene->items, $scene->sheet]), "seed $seed ".json_encode($params)." by $by");
                $tried++;
            }
        }
        self::assertGreaterThan(getenv('ALLSQUARE_SEED') ? 0 : 40, $tried);
    }

    public function test_in_the_unit_of_the_desk_and_from_its_zero(): void
    {
        $scene = Scene::of(100, 200, Unit::Mm)->put('a', 0, 377.953, 40, 40);
        $scene->unit = Unit::Mm;
        $scene->run('make-room', [], ['axis' => 'y', 'at' => '90', 'by' => '10']);
        self::assertEqualsWithDelta(377.953 + 37.795, $scene->bounds('a')->y, 0.001);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function refused(): iterable
    {
        yield 'no room' => [['axis' => 'y', 'at' => 220, 'by' => 0], 'Give a distance other than 0'];
        yield 'no line' => [['axis' => 'y', 'by' => 10], 'Where? Name a place'];
        yield 'nothing there' => [['axis' => 'y', 'at' => 590.5, 'by' => 10], 'There is nothing past that line'];
        yield 'nothing left of the sheet' => [['axis' => 'y', 'at' => 10, 'by' => -600, 'sheet' => true], 'nothing would be left of it'];
        yield 'beyond everything' => [['axis' => 'y', 'at' => 10, 'by' => 1_000_000, 'straddling' => 'move'], '1,000,000'];
    }

    /** @param  array<string, mixed>  $params */
    #[DataProvider('refused')]
    public function test_what_cannot_be_done_is_refused_and_changes_nothing(array $params, string $reason): void
    {
        $scene = self::scene();
        $scene->run('delete', ['foot']);
        $scene->run('place', ['d'], ['y' => 900]);
        $scene->run('delete', ['d']);
        $was = $scene->items;
        try {
            $scene->run('make-room', [], $params);
            self::fail('It was done.');
        } catch (Refusal $refusal) {
            self::assertStringContainsString($reason, $refusal->getMessage());
        }
        self::assertEquals($was, $scene->items);
        self::assertEquals(new Rect(0.0, 0.0, 400.0, 600.0), $scene->sheet->box());
    }
}
