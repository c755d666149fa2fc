<?php

declare(strict_types=1);

namespace Tests\Core\Arrange;

use AllSquare\Core\Arrange\Lanes;
use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Rect;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\RandomScene;

/** The rows and columns that a person meant. */
final class LanesTest extends TestCase
{
    /**
     * @param  array<string, Rect>  $boxes
     * @return list<list<string>>
     */
    private function rows(array $boxes): array
    {
        return Lanes::find($boxes, Axis::Y, array_flip(array_keys($boxes)))->lanes;
    }

    public function test_what_overlaps_by_half_of_the_smaller_is_one_row(): void
    {
        $row = ['a' => new Rect(0, 0, 50, 40), 'b' => new Rect(60, 20, 50, 40)];
        self::assertSame([['a', 'b']], $this->rows($row));
        $row['b'] = new Rect(60, 21, 50, 40);
        self::assertSame([['a'], ['b']], $this->rows($row));
        $row['b'] = new Rect(60, 35, 50, 10);
        self::assertSame([['a', 'b']], $this->rows($row), 'half of the smaller one');
    }

    public function test_a_stair_does_not_become_one_row(): void
    {
        $stair = [];
        foreach (range(0, 3) as $i) {
            $stair["s$i"] = new Rect($i * 60, $i * 18, 50, 40);
        }
        // Each overlaps the next by 22 of 40, but the first three have only 4 in common.
        self::assertSame([['s0', 's1'], ['s2', 's3']], $this->rows($stair));
    }

    public function test_one_that_would_join_two_rows_spans_them(): void
    {
        $boxes = ['a' => new Rect(0, 0, 50, 40), 'b' => new Rect(0, 60, 50, 40), 'tall' => new Rect(80, 0, 50, 100)];
        $lanes = Lanes::find($boxes, Axis::Y, array_flip(array_keys($boxes)));
        self::assertSame([['a'], ['b']], $lanes->lanes);
        self::assertSame(['tall' => 0], $lanes->spanning);
    }

    public function test_a_row_runs_from_left_to_right_and_what_lies_on_one_another_in_stacking_order(): void
    {
        $boxes = ['c' => new Rect(200, 2, 50, 40), 'a' => new Rect(0, 0, 50, 40), 'b' => new Rect(100, -3, 50, 40)];
        self::assertSame([['a', 'b', 'c']], $this->rows($boxes));
        $pile = ['x' => new Rect(0, 0, 50, 40), 'y' => new Rect(0, 0, 50, 40), 'z' => new Rect(0, 0, 50, 40)];
        self::assertSame(['x', 'y', 'z'], Lanes::readingOrder($pile, ['x' => 0, 'y' => 1, 'z' => 2]));
        self::assertSame(['z', 'y', 'x'], Lanes::readingOrder($pile, ['x' => 2, 'y' => 1, 'z' => 0]));
    }

    public function test_columns_are_found_alike(): void
    {
        foreach (RandomScene::seeds(60) as $seed) {
            $random = new RandomScene($seed);
            $boxes = $turned = [];
            foreach (range(1, 12) as $i) {
                $box = new Rect($random->number(0, 600), $random->number(0, 600), $random->number(0, 120), $random->number(0, 120));
                $boxes["b$i"] = $box;
                $turned["b$i"] = new Rect($box->y, $box->x, $box->h, $box->w);
            }
            $stack = array_flip(array_keys($boxes));
            $rows = Lanes::find($boxes, Axis::Y, $stack);
            $columns = Lanes::find($turned, Axis::X, $stack);
            self::assertSame($rows->lanes, $columns->lanes, "seed $seed");
            self::assertSame($rows->spanning, $columns->spanning, "seed $seed");
        }
    }

    public function test_everything_is_in_one_row_or_spans_some_and_the_order_given_does_not_matter(): void
    {
        foreach (RandomScene::seeds(60) as $seed) {
            $random = new RandomScene($seed);
            $boxes = [];
            foreach (range(1, 12) as $i) {
                $boxes["b$i"] = new Rect($random->number(0, 600), $random->number(0, 600), $random->number(1, 120), $random->number(1, 120));
            }
            $stack = array_flip(array_keys($boxes));
            $lanes = Lanes::find($boxes, Axis::Y, $stack);
            $found = [...array_merge(...$lanes->lanes), ...array_keys($lanes->spanning)];
            self::assertEqualsCanonicalizing(array_keys($boxes), $found, "seed $seed");
            self::assertSame($lanes->lanes, Lanes::find(array_reverse($boxes), Axis::Y, $stack)->lanes, "seed $seed");
            self::assertCount(count($boxes), array_unique(Lanes::readingOrder($boxes, $stack)), "seed $seed");
        }
    }
}
