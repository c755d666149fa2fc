<?php

declare(strict_types=1);

namespace Tests\Core\Rail;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Rail\Across;
use AllSquare\Core\Rail\Along;
use AllSquare\Core\Rail\Berth;
use AllSquare\Core\Rail\Flow;
use AllSquare\Core\Rail\Member;
use AllSquare\Core\Rail\Padding;
use AllSquare\Core\Rail\RailRules;
use AllSquare\Core\Rail\Sizing;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Rails by worked numbers (RULES 13); RailsTest holds them to what a browser makes of the same values. */
final class FlowTest extends TestCase
{
    /**
     * Three things of 40 × 20, 60 × 30 and 20 × 50 in a rail with a frame of 300 × 100.
     *
     * @param  array<int, Berth>  $berths
     * @return array<string, list<float>> x, y, w, h by id
     */
    private static function laid(RailRules $rules, array $berths = []): array
    {
        $inside = [];
        foreach ([[40.0, 20.0], [60.0, 30.0], [20.0, 50.0]] as $i => [$w, $h]) {
            $inside[] = new Member('abc'[$i], $w, $h, berth: $berths[$i] ?? new Berth);
        }

        return array_map(static fn (Rect $box): array => array_values($box->toArray()), Flow::of(new Member('rail', 300.0, 100.0, $rules, $inside)));
    }

    /** @return iterable<string, array{RailRules, list<list<float>>}> the rail, a, b and c */
    public static function rails(): iterable
    {
        $padding = new Padding(10.0, 5.0, 20.0, 15.0);
        yield 'a row as large as what lies in it' => [new RailRules(Axis::X, 8.0, $padding), [[0.0, 0.0, 166.0, 70.0], [10.0, 5.0, 40.0, 20.0], [58.0, 5.0, 60.0, 30.0], [126.0, 5.0, 20.0, 50.0]]];
        yield 'a column, centred' => [new RailRules(Axis::Y, 8.0, $padding, Across::Centre), [[0.0, 0.0, 90.0, 136.0], [20.0, 5.0, 40.0, 20.0], [10.0, 33.0, 60.0, 30.0], [30.0, 71.0, 20.0, 50.0]]];
        yield 'a row of its own width, with what is left between' => [new RailRules(Axis::X, 0.0, $padding, Across::End, Along::Between, width: Sizing::Fixed, height: Sizing::Fixed), [[0.0, 0.0, 300.0, 100.0], [10.0, 65.0, 40.0, 20.0], [125.0, 55.0, 60.0, 30.0], [260.0, 35.0, 20.0, 50.0]]];
        yield 'at the end, stretched' => [new RailRules(Axis::X, 10.0, new Padding, Across::Stretch, Along::End, width: Sizing::Fixed, height: Sizing::Fixed), [[0.0, 0.0, 300.0, 100.0], [160.0, 0.0, 40.0, 100.0], [210.0, 0.0, 60.0, 100.0], [280.0, 0.0, 20.0, 100.0]]];
        yield 'in the middle' => [new RailRules(Axis::X, 10.0, new Padding, Across::Start, Along::Centre, width: Sizing::Fixed), [[0.0, 0.0, 300.0, 50.0], [80.0, 0.0, 40.0, 20.0], [130.0, 0.0, 60.0, 30.0], [200.0, 0.0, 20.0, 50.0]]];
        yield 'lying over one another' => [new RailRules(Axis::X, -12.0), [[0.0, 0.0, 96.0, 50.0], [0.0, 0.0, 40.0, 20.0], [28.0, 0.0, 60.0, 30.0], [76.0, 0.0, 20.0, 50.0]]];
    }

    /** @param  list<list<float>>  $expected */
    #[DataProvider('rails')]
    public function test_things_lie_where_they_are_laid_out(RailRules $rules, array $expected): void
    {
        self::assertSame($expected, array_values(self::laid($rules)));
    }

    public function test_numbers_of_their_own(): void
    {
        $rules = new RailRules(Axis::X, 8.0, width: Sizing::Fixed);
        $laid = self::laid($rules, [1 => new Berth(before: 4.0, share: 1.0), 2 => new Berth(aside: -7.0, share: 3.0)]);
        // 300 less 40, two gaps of 8 and 4 more: 240 in four parts.
        self::assertSame([[52.0, 0.0, 60.0, 30.0], [120.0, -7.0, 180.0, 50.0]], [$laid['b'], $laid['c']]);
        self::assertSame([52.0, 0.0, 60.0, 30.0], self::laid(new RailRules(Axis::X, 8.0), [1 => new Berth(before: 4.0, share: 1.0)])['b'], 'in a rail as long as what lies in it nothing is left to be shared');
        self::assertSame(112.0, self::laid($rules, [1 => new Berth(share: 0.5)])['b'][2], 'half a part is half of what is left');
    }

    public function test_what_finds_no_room_goes_on_in_another_line(): void
    {
        $tags = array_map(static fn (int $i): Member => new Member("t$i", 50.0, 20.0), range(1, 5));
        $laid = Flow::of(new Member('rail', 120.0, 0.0, new RailRules(Axis::X, 10.0, wrap: true, width: Sizing::Fixed), $tags));
        self::assertSame([[0.0, 0.0], [60.0, 0.0], [0.0, 30.0], [60.0, 30.0], [0.0, 60.0]], array_map(static fn (int $i): array => [$laid["t$i"]->x, $laid["t$i"]->y], range(1, 5)));
        self::assertSame(80.0, $laid['rail']->h);
        self::assertSame(110.0 + 10.0 + 50.0, Flow::of(new Member('rail', 170.0, 0.0, new RailRules(Axis::X, 10.0, wrap: true, width: Sizing::Fixed), $tags))['t3']->x + 50.0, 'what fits to the hair stays');
    }

    public function test_words_that_wrap_push_what_follows(): void
    {
        $words = static fn (float $w): float => 20.0 * ceil(300.0 / $w);
        $column = static fn (float $width): array => Flow::of(new Member('rail', $width, 0.0, new RailRules(Axis::Y, 12.0, new Padding(10.0, 10.0, 10.0, 10.0), Across::Stretch, width: Sizing::Fixed), [
            new Member('words', 300.0, 20.0, height: $words), new Member('rule', 40.0, 2.0),
        ]));
        self::assertSame([[300.0, 20.0], 42.0, 54.0], [[$column(320.0)['words']->w, $column(320.0)['words']->h], $column(320.0)['rule']->y, $column(320.0)['rail']->h]);
        self::assertSame([[130.0, 60.0], 82.0, 94.0], [[$column(150.0)['words']->w, $column(150.0)['words']->h], $column(150.0)['rule']->y, $column(150.0)['rail']->h]);
    }

    public function test_rails_in_rails(): void
    {
        $row = new Member('row', 0.0, 0.0, new RailRules(Axis::X, 4.0, across: Across::Centre, width: Sizing::Share), [new Member('a', 30.0, 10.0), new Member('b', 30.0, 40.0), new Member('rest', 1.0, 5.0, berth: new Berth(share: 1.0))]);
        $laid = Flow::of(new Member('page', 200.0, 0.0, new RailRules(Axis::Y, 6.0, new Padding(20.0, 20.0, 20.0, 20.0), width: Sizing::Fixed), [new Member('head', 100.0, 30.0), $row]));
        self::assertEquals([new Rect(20.0, 56.0, 160.0, 40.0), new Rect(0.0, 15.0, 30.0, 10.0), new Rect(68.0, 17.5, 92.0, 5.0), 116.0], [$laid['row'], $laid['a'], $laid['rest'], $laid['page']->h]);
    }

    public function test_what_is_rigid_is_neither_stretched_nor_shared_out(): void
    {
        $inside = [new Member('turned', 40.0, 20.0, berth: new Berth(share: 1.0), isRigid: true), new Member('plain', 40.0, 20.0)];
        $laid = Flow::of(new Member('rail', 300.0, 100.0, new RailRules(across: Across::Stretch, width: Sizing::Fixed, height: Sizing::Fixed), $inside));
        self::assertEquals([new Rect(0.0, 0.0, 40.0, 20.0), new Rect(40.0, 0.0, 40.0, 100.0)], [$laid['turned'], $laid['plain']]);
    }

    public function test_rules_are_kept_as_they_are_read(): void
    {
        $data = ['direction' => 'column', 'gap' => -4.5, 'padding' => ['left' => 1.0, 'top' => 2.0, 'right' => 3.0, 'bottom' => 4.0], 'across' => 'stretch', 'along' => 'between', 'wrap' => true, 'width' => 'share', 'height' => 'fixed'];
        self::assertSame($data, RailRules::read($data)->toArray());
        self::assertEquals(new RailRules, RailRules::read(['direction' => 'sideways', 'gap' => 'wide', 'padding' => 7, 'across' => 4]));
        self::assertSame(['before' => 2.0, 'over' => 3], Berth::read(['before' => 2, 'aside' => 0, 'share' => -1, 'over' => 3])->toArray());
    }

    public function test_a_rail_is_as_large_as_its_padding_at_least(): void
    {
        $laid = Flow::of(new Member('rail', 10.0, 10.0, new RailRules(padding: new Padding(30.0, 0.0, 30.0, 0.0), width: Sizing::Fixed), [new Member('a', 5.0, 5.0)]));
        self::assertEquals([new Rect(0.0, 0.0, 60.0, 5.0), new Rect(30.0, 0.0, 5.0, 5.0)], [$laid['rail'], $laid['a']]);
    }
}
