<?php

declare(strict_types=1);

namespace Tests\Core\Command;

use AllSquare\Core\Refusal;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Scene;

/** The same distance to what something lies on. */
final class InsetTest extends TestCase
{
    private function framed(): Scene
    {
        return Scene::of()->put('frame', 100, 50, 400, 300)->put('picture', 130, 90, 200, 100);
    }

    /** @return array<string, array{list<string>, array{float, float}}> */
    public static function sides(): array
    {
        return [
            'left' => [['left'], [112.0, 90.0]],
            'right and bottom' => [['right', 'bottom'], [288.0, 238.0]],
            'top' => [['top'], [130.0, 62.0]],
            'left and right cannot both: the middle' => [['left', 'right'], [200.0, 90.0]],
            'all four: the middle both ways' => [['left', 'top', 'right', 'bottom'], [200.0, 150.0]],
        ];
    }

    /**
     * @param  list<string>  $sides
     * @param  array{float, float}  $expected
     */
    #[DataProvider('sides')]
    public function test_by_moving(array $sides, array $expected): void
    {
        $scene = $this->framed();
        $done = $scene->run('inset', ['picture'], ['value' => 12, 'sides' => $sides]);
        self::assertSame($expected, [$scene->bounds('picture')->x, $scene->bounds('picture')->y]);
        self::assertSame([200.0, 100.0], [$scene->bounds('picture')->w, $scene->bounds('picture')->h], 'moving sizes nothing');
        self::assertSame(count($sides) > 1 && in_array('left', $sides, true), $done->report->details['middle']);
    }

    public function test_by_sizing_only_the_named_sides_go(): void
    {
        $scene = $this->framed();
        $scene->run('inset', ['picture'], ['value' => '1/4in', 'sides' => ['left', 'right'], 'by_size' => true]);
        self::assertEquals(['x' => 124.0, 'y' => 90.0, 'w' => 352.0, 'h' => 100.0], $scene->bounds('picture')->toArray());
        $scene->run('inset', ['picture'], ['value' => -10, 'by_size' => true]);
        self::assertEquals(['x' => 90.0, 'y' => 40.0, 'w' => 420.0, 'h' => 320.0], $scene->bounds('picture')->toArray(), 'beyond the frame');
    }

    public function test_a_part_of_the_ground_each_way(): void
    {
        $scene = $this->framed();
        $scene->run('inset', ['picture'], ['value' => '10%', 'by_size' => true]);
        self::assertEquals(['x' => 228.0, 'y' => 130.0], array_intersect_key($scene->bounds('picture')->toArray(), ['x' => 0, 'y' => 0]), 'of the sheet, which is its parent');
    }

    public function test_each_on_its_own_ground_and_several_as_one(): void
    {
        $scene = Scene::of()->put('p', 0, 0, 200, 200)->put('q', 300, 0, 200, 100)->put('a', 50, 50, 20, 20)->put('b', 350, 40, 20, 20);
        $scene->run('inset', ['a', 'b'], ['value' => 5, 'sides' => ['left', 'top']]);
        self::assertSame([5.0, 305.0], $scene->lefts('a', 'b'));
        self::assertSame([5.0, 5.0], $scene->tops('a', 'b'));

        $scene = Scene::of()->put('p', 0, 0, 600, 300)->put('a', 50, 50, 20, 20)->put('b', 350, 140, 20, 20);
        $scene->run('inset', ['a', 'b'], ['value' => 8, 'sides' => ['left', 'top'], 'as' => 'one']);
        self::assertSame([8.0, 308.0], $scene->lefts('a', 'b'));
        self::assertSame([8.0, 98.0], $scene->tops('a', 'b'));
    }

    public function test_what_is_turned_is_moved_by_its_bounds_and_not_sized(): void
    {
        $scene = $this->framed();
        $scene->run('turn', ['picture'], ['angle' => 30]);
        $scene->run('move-by', ['picture'], ['dx' => 20, 'dy' => 60]);
        $scene->run('inset', ['picture'], ['value' => 7, 'sides' => ['left', 'top']]);
        self::assertEqualsWithDelta([107, 57], [$scene->bounds('picture')->x, $scene->bounds('picture')->y], 0.002);
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage('turn it upright first');
        $scene->run('inset', ['picture'], ['value' => 7, 'by_size' => true]);
    }
}
