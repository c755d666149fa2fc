<?php

declare(strict_types=1);

namespace Tests\Core\Command;

use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Refusal;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Scene;

final class PlaceTest extends TestCase
{
    public function test_places_and_sizes_from_the_zero(): void
    {
        $scene = Scene::of()->put('a', 10, 20, 30, 40);
        $scene->sheet = $scene->sheet->with(['zero' => new Point(100, 50)]);
        $done = $scene->run('place', ['a'], ['x' => 0, 'y' => '10 + 5', 'w' => '2*w', 'h' => '1in/2']);
        self::assertEquals(['x' => 100.0, 'y' => 65.0, 'w' => 60.0, 'h' => 48.0], $scene->bounds('a')->toArray());
        self::assertSame('Placed "a": x 0, y 15, w 60, h 48 (was x -90, y -30, w 30, h 40)', $done->report->summary);
    }

    public function test_the_reference_point_stays_when_only_a_size_is_typed(): void
    {
        $scene = Scene::of()->put('a', 100, 100, 50, 50);
        $scene->run('place', ['a'], ['w' => 80, 'ref' => 'bottom-right']);
        self::assertEquals(['x' => 70.0, 'y' => 100.0, 'w' => 80.0, 'h' => 50.0], $scene->bounds('a')->toArray());
        $scene->run('place', ['a'], ['h' => 20, 'ref' => 'centre']);
        self::assertEquals(['x' => 70.0, 'y' => 115.0, 'w' => 80.0, 'h' => 20.0], $scene->bounds('a')->toArray());
    }

    public function test_several_as_one_scale_in_their_common_box(): void
    {
        $scene = Scene::of()->put('a', 0, 0, 50, 50)->put('b', 100, 0, 100, 25);
        $scene->run('place', ['a', 'b'], ['w' => 400, 'as' => 'one']);
        self::assertSame([0.0, 200.0], $scene->lefts('a', 'b'));
        self::assertSame([100.0, 200.0], [$scene->bounds('a')->w, $scene->bounds('b')->w]);
        $scene->run('place', ['a', 'b'], ['x' => 10, 'as' => 'one']);
        self::assertSame([10.0, 210.0], $scene->lefts('a', 'b'));
        $scene->run('place', ['a', 'b'], ['x' => 7]);
        self::assertSame([7.0, 7.0], $scene->lefts('a', 'b'), 'each');
    }

    public function test_sizes_and_places_become_whole(): void
    {
        $scene = Scene::of()->put('a', 0, 0, 50, 50);
        $scene->run('place', ['a'], ['x' => 10.5, 'w' => 33.4]);
        self::assertEquals(['x' => 11.0, 'y' => 0.0, 'w' => 33.0, 'h' => 50.0], $scene->bounds('a')->toArray());
        $scene->run('set-sheet', [], ['whole_pixels' => false]);
        $scene->run('place', ['a'], ['x' => 10.1, 'w' => 33.4]);
        self::assertEquals(['x' => 10.1, 'y' => 0.0, 'w' => 33.4, 'h' => 50.0], $scene->bounds('a')->toArray());
    }

    public function test_a_turned_item_is_sized_along_its_own_axes(): void
    {
        $scene = Scene::of()->put('a', 100, 100, 80, 40, ['angle' => 30]);
        $before = $scene->bounds('a');
        $scene->run('place', ['a'], ['w' => 120]);
        self::assertSame([120.0, 40.0], [$scene->items['a']->frame->w, $scene->items['a']->frame->h]);
        self::assertEqualsWithDelta($before->x, $scene->bounds('a')->x, 0.002);
        self::assertEqualsWithDelta($before->y, $scene->bounds('a')->y, 0.002);
    }

    public function test_a_group_scales_what_is_in_it(): void
    {
        $scene = Scene::of()
            ->put('g', 0, 0, 0, 0, ['kind' => 'group'])
            ->put('a', 100, 100, 50, 50, ['parent' => 'g'])
            ->put('b', 180, 100, 20, 100, ['parent' => 'g'])
            ->fitted();
        $scene->run('place', ['g'], ['w' => 300]);
        self::assertEquals(['x' => 100.0, 'y' => 100.0, 'w' => 300.0, 'h' => 100.0], $scene->bounds('g')->toArray());
        self::assertEquals(['x' => 340.0, 'y' => 100.0, 'w' => 60.0, 'h' => 100.0], $scene->bounds('b')->toArray());
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function refused(): iterable
    {
        yield 'a negative size' => [['w' => -5], 'The width cannot be negative, and this is -5 px.'];
        yield 'a negative sum' => [['h' => '10 - 20'], 'The height cannot be negative, and this is -10 px.'];
        yield 'beyond a million' => [['x' => '900000 * 2'], 'beyond 1,000,000 px'];
        yield 'a sum that cannot be read' => [['x' => '5 +'], 'cannot be read at character 4'];
        yield 'nothing' => [['ref' => 'top'], 'Give at least one of x, y, w and h.'];
    }

    /** @param  array<string, mixed>  $params */
    #[DataProvider('refused')]
    public function test_what_makes_no_sense_is_refused(array $params, string $sentence): void
    {
        $scene = Scene::of()->put('a', 10, 20, 30, 40);
        try {
            $scene->run('place', ['a'], $params);
            self::fail('It was done.');
        } catch (Refusal $refusal) {
            self::assertStringContainsString($sentence, $refusal->getMessage());
        }
        self::assertEquals(['x' => 10.0, 'y' => 20.0, 'w' => 30.0, 'h' => 40.0], $scene->bounds('a')->toArray());
    }

    public function test_a_line_has_no_height(): void
    {
        $this->expectExceptionMessage('"rule" is a line');
        Scene::of()->put('rule', 0, 0, 100, 0, ['kind' => 'line'])->run('place', ['rule'], ['h' => 5]);
    }

    public function test_of_several_it_says_what_each_was_or_what_all_were_as_one(): void
    {
        $scene = Scene::of()->put('a', 0, 0, 144, 40)->put('b', 200, 0, 143, 40)->put('c', 400, 0, 144, 40);
        self::assertSame('Placed 3 boxes each: w 144 (was w 144, 143, 144)', $scene->run('place', ['a', 'b', 'c'], ['w' => '1.5in'])->report->summary);
        self::assertSame('Placed 3 boxes: x 10 (was x 0)', $scene->run('place', ['a', 'b', 'c'], ['x' => 10, 'as' => 'one'])->report->summary);
        self::assertSame([10.0, 210.0, 410.0], $scene->lefts('a', 'b', 'c'));
        self::assertSame('Placed "b": x 0 (was x 210)', $scene->run('place', ['b'], ['x' => 0, 'as' => 'one'])->report->summary);
    }
}
