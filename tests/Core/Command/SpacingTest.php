<?php

declare(strict_types=1);

namespace Tests\Core\Command;

use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Margins;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Scene;

/** Gaps, steps, insets, sizes and clearances by number. */
final class SpacingTest extends TestCase
{
    private function row(): Scene
    {
        return Scene::of(1000, 400)->put('a', 0, 0, 60, 40)->put('b', 100, 0, 80, 40)->put('c', 130, 0, 100, 40)->put('d', 400, 0, 60, 40);
    }

    /** @return array<string, array{string, list<float>}> */
    public static function steps(): array
    {
        return [
            'equal steps of the leading edges' => ['starts', [0.0, 133.0, 267.0, 400.0]],
            'of the centres' => ['centres', [0.0, 123.0, 247.0, 400.0]],
            'of the trailing edges' => ['ends', [0.0, 113.0, 227.0, 400.0]],
        ];
    }

    /** @param  list<float>  $expected */
    #[DataProvider('steps')]
    public function test_modes(string $mode, array $expected): void
    {
        $scene = $this->row();
        $scene->run('distribute', ['a', 'b', 'c', 'd'], ['axis' => 'x', 'mode' => $mode]);
        self::assertSame($expected, $scene->lefts('a', 'b', 'c', 'd'));
    }

    public function test_within_the_margins_and_the_sheet(): void
    {
        $scene = $this->row();
        $scene->sheet = $scene->sheet->with(['margins' => new Margins(left: 50, right: 50)]);
        $scene->run('distribute', ['a', 'b', 'c', 'd'], ['axis' => 'x', 'within' => 'margins']);
        self::assertSame([50.0, 310.0, 590.0, 890.0], $scene->lefts('a', 'b', 'c', 'd'));
        $scene->run('distribute', ['a', 'd'], ['axis' => 'x', 'within' => 'sheet']);
        self::assertSame([0.0, 940.0], $scene->lefts('a', 'd'));
    }

    public function test_what_does_not_fit_says_what_it_needs_and_has(): void
    {
        $scene = $this->row();
        $scene->sheet = $scene->sheet->with(['margins' => new Margins(left: 350, right: 400)]);
        $this->expectExceptionMessage('needs 300, has 250');
        $scene->run('distribute', ['a', 'b', 'c', 'd'], ['axis' => 'x', 'within' => 'margins']);
    }

    public function test_an_extent_that_divides_is_one_command(): void
    {
        $scene = Scene::of()->put('a', 0, 0, 60, 40)->put('b', 90, 0, 60, 40)->put('c', 200, 0, 60, 40)->put('d', 280, 0, 60, 40);
        $done = $scene->run('distribute', ['a', 'b', 'c', 'd'], ['axis' => 'x']);
        self::assertSame([['extent' => 339.0, 'gap' => 33.0], ['extent' => 342.0, 'gap' => 34.0]], $done->report->details['divides']);
        $done = $scene->run('distribute', ['a', 'b', 'c', 'd'], ['axis' => 'x', 'extent' => 339]);
        self::assertSame([33.0, 33.0, 33.0], $done->report->details['gaps']);
    }

    /** @return array<string, array{array<string, mixed>, list<float>}> */
    public static function gaps(): array
    {
        return [
            'the first is held' => [[], [0.0, 78.0, 176.0, 294.0]],
            'the last is held' => [['hold' => 'last'], [106.0, 184.0, 282.0, 400.0]],
            'the middle of all is held' => [['hold' => 'centre'], [53.0, 131.0, 229.0, 347.0]],
            'one of them is held' => [['anchor' => 'c'], [-46.0, 32.0, 130.0, 248.0]],
            'overlaps' => [['gap' => -10], [0.0, 50.0, 120.0, 210.0]],
            'a fraction is kept' => [['gap' => 2.5], [0.0, 62.5, 145.0, 247.5]],
        ];
    }

    /**
     * @param  array<string, mixed>  $params
     * @param  list<float>  $expected
     */
    #[DataProvider('gaps')]
    public function test_set_gap(array $params, array $expected): void
    {
        $scene = $this->row();
        $scene->run('set-gap', ['a', 'b', 'c', 'd'], ['axis' => 'x', 'gap' => 18, ...$params]);
        self::assertSame($expected, $scene->lefts('a', 'b', 'c', 'd'));
    }

    public function test_set_gap_by_sizing_keeps_the_outer_edges_and_each_its_share(): void
    {
        $scene = Scene::of()->put('a', 0, 0, 100, 40)->put('b', 130, 0, 200, 40)->put('c', 350, 0, 100, 40);
        $done = $scene->run('set-gap', ['a', 'b', 'c'], ['axis' => 'x', 'gap' => 5, 'by_size' => true]);
        self::assertSame([5.0, 5.0], $done->report->details['gaps']);
        self::assertSame([110.0, 220.0, 110.0], array_map(static fn (string $id): float => $scene->bounds($id)->w, ['a', 'b', 'c']));
        self::assertSame(450.0, $scene->bounds('c')->right());
    }

    public function test_eight_fare_cards_two_by_four_at_gaps_of_18(): void
    {
        $scene = Scene::of();
        $ids = [];
        foreach (range(0, 7) as $i) {
            $scene->put($ids[] = "card$i", 40 + $i % 4 * 143 + $i, 60 + intdiv($i, 4) * 92 + $i % 3, 120, 70);
        }
        $scene->run('square-up', $ids, ['gap' => 18]);
        self::assertSame([40.0, 178.0, 316.0, 454.0, 40.0, 178.0, 316.0, 454.0], $scene->lefts(...$ids));
        self::assertSame([60.0, 60.0, 60.0, 60.0, 148.0, 148.0, 148.0, 148.0], $scene->tops(...$ids));
    }

    public function test_the_same_inset_on_all_sides(): void
    {
        $scene = Scene::of()->put('frame', 100, 50, 400, 300)->put('picture', 130, 90, 300, 200);
        $scene->run('inset', ['picture'], ['value' => 36, 'by_size' => true]);
        self::assertEquals(['x' => 136.0, 'y' => 86.0, 'w' => 328.0, 'h' => 228.0], $scene->bounds('picture')->toArray());
        $done = $scene->run('inset', ['picture'], ['value' => 20, 'sides' => ['left', 'top']]);
        self::assertSame([120.0, 70.0], [$scene->bounds('picture')->x, $scene->bounds('picture')->y]);
        self::assertFalse($done->report->details['middle']);
    }

    public function test_an_inset_that_cannot_be_had_by_moving_is_put_in_the_middle_and_said(): void
    {
        $scene = Scene::of()->put('frame', 100, 50, 400, 300)->put('picture', 110, 60, 300, 200);
        $done = $scene->run('inset', ['picture'], ['value' => 36]);
        self::assertSame([150.0, 100.0], [$scene->bounds('picture')->x, $scene->bounds('picture')->y]);
        self::assertStringContainsString('put in the middle', $done->report->summary);
    }

    public function test_sizes_of_another(): void
    {
        $scene = $this->row();
        $scene->run('match-size', ['a', 'b', 'c'], ['dimension' => 'width', 'hold' => 'right']);
        self::assertSame([-40.0, 80.0, 130.0], $scene->lefts('a', 'b', 'c'));
        $scene->run('match-size', ['b', 'c'], ['dimension' => 'width', 'anchor' => 'd']);
        self::assertSame(60.0, $scene->bounds('c')->w);
        self::assertSame(60.0, $scene->bounds('b')->w);
    }

    public function test_a_clearance_moves_or_stretches(): void
    {
        $scene = Scene::of(1000, 400)->put('a', 0, 0, 100, 40)->put('b', 131, 0, 100, 40);
        $scene->run('set-clearance', ['b'], ['side' => 'left', 'value' => 24]);
        self::assertSame([124.0], $scene->lefts('b'));
        $done = $scene->run('set-clearance', ['b'], ['side' => 'left', 'value' => 10, 'by_size' => true]);
        self::assertSame([110.0, 114.0], [$scene->bounds('b')->x, $scene->bounds('b')->w]);
        self::assertStringContainsString('10 px from "a"', $done->report->summary);
        $scene->run('set-clearance', ['b'], ['side' => 'right', 'value' => 0]);
        self::assertSame(1000.0, $scene->bounds('b')->right());
    }

    /** @return array<string, array{string, list<string>, array<string, mixed>, string}> */
    public static function refused(): array
    {
        return [
            'aligning nothing' => ['align', [], ['edge' => 'left'], 'Nothing is selected'],
            'distributing two' => ['distribute', ['a', 'b'], ['axis' => 'x'], 'three items at least'],
            'a gap of one' => ['set-gap', ['a'], ['axis' => 'x', 'gap' => 4], 'select two at least'],
            'a gap of 1e9' => ['set-gap', ['a', 'b'], ['axis' => 'x', 'gap' => 1e9], 'beyond 1,000,000 px'],
            'gaps that need more than there is' => ['set-gap', ['a', 'b', 'c'], ['axis' => 'x', 'gap' => 500, 'by_size' => true], 'The gaps alone need 1000'],
            'an inset that leaves nothing' => ['inset', ['a'], ['value' => 900, 'by_size' => true], 'leaves nothing'],
            'an anchor that is not spaced' => ['set-gap', ['a', 'b'], ['axis' => 'x', 'gap' => 4, 'anchor' => 'd'], 'one of the items'],
            'squaring up one' => ['square-up', ['a'], [], 'two items at least'],
        ];
    }

    /**
     * @param  list<string>  $ids
     * @param  array<string, mixed>  $params
     */
    #[DataProvider('refused')]
    public function test_what_cannot_be_done_is_said_and_changes_nothing(string $command, array $ids, array $params, string $said): void
    {
        $scene = $this->row();
        $before = $scene->items;
        try {
            $scene->run($command, $ids, $params);
            self::fail('It was done.');
        } catch (Refusal $refusal) {
            self::assertStringContainsString($said, $refusal->getMessage());
            self::assertEquals($before, $scene->items);
        }
    }
}
