<?php

declare(strict_types=1);

namespace Tests\Core\Command;

use AllSquare\Core\Refusal;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Scene;

/** The same width, the same height. */
final class MatchSizeTest extends TestCase
{
    private function three(): Scene
    {
        return Scene::of()->put('a', 0, 0, 100, 40)->put('b', 200, 10, 60, 80)->put('c', 400, 20, 81, 51);
    }

    /** @return array<string, array{array<string, mixed>, list<array{float, float}>}> */
    public static function sizes(): array
    {
        return [
            'as wide as the widest' => [['dimension' => 'width'], [[100.0, 40.0], [100.0, 80.0], [100.0, 51.0]]],
            'as high as the lowest' => [['dimension' => 'height', 'to' => 'smallest'], [[100.0, 40.0], [60.0, 40.0], [81.0, 40.0]]],
            'both, each of the largest' => [['dimension' => 'both', 'to' => 'largest'], [[100.0, 80.0], [100.0, 80.0], [100.0, 80.0]]],
            'as another' => [['dimension' => 'both', 'anchor' => 'c'], [[81.0, 51.0], [81.0, 51.0], [81.0, 51.0]]],
        ];
    }

    /**
     * @param  array<string, mixed>  $params
     * @param  list<array{float, float}>  $expected
     */
    #[DataProvider('sizes')]
    public function test_sizes(array $params, array $expected): void
    {
        $scene = $this->three();
        $scene->run('match-size', ['a', 'b', 'c'], $params);
        self::assertSame($expected, array_map(static fn (string $id): array => [$scene->bounds($id)->w, $scene->bounds($id)->h], ['a', 'b', 'c']));
        self::assertSame([0.0, 200.0, 400.0], $scene->lefts('a', 'b', 'c'), 'the top left is held');
    }

    /** @return array<string, array{string, array{float, float}}> */
    public static function held(): array
    {
        return [
            'top left' => ['top-left', [200.0, 10.0]],
            'top' => ['top', [180.0, 10.0]],
            'bottom right' => ['bottom-right', [160.0, -10.0]],
            'centre' => ['centre', [180.0, 0.0]],
            'left' => ['left', [200.0, 0.0]],
        ];
    }

    /** @param  array{float, float}  $expected */
    #[DataProvider('held')]
    public function test_the_point_that_is_held_stays(string $hold, array $expected): void
    {
        $scene = Scene::of()->put('model', 0, 300, 100, 100)->put('b', 200, 10, 60, 80);
        $scene->run('match-size', ['model', 'b'], ['dimension' => 'both', 'anchor' => 'model', 'hold' => $hold]);
        self::assertSame($expected, [$scene->bounds('b')->x, $scene->bounds('b')->y]);
    }

    public function test_a_turned_item_takes_it_along_its_own_axes(): void
    {
        $scene = $this->three();
        $scene->run('turn', ['b'], ['angle' => 30]);
        $scene->run('match-size', ['a', 'b'], ['dimension' => 'width', 'anchor' => 'a', 'hold' => 'centre']);
        self::assertSame([100.0, 80.0], [$scene->items['b']->frame->w, $scene->items['b']->frame->h]);
        self::assertEqualsWithDelta(230.0, $scene->bounds('b')->centre()->x, 0.001);
    }

    public function test_a_line_takes_a_length_and_no_height(): void
    {
        $scene = $this->three()->put('rule', 0, 300, 50, 0, ['kind' => 'line']);
        $scene->run('match-size', ['a', 'rule'], ['dimension' => 'width', 'anchor' => 'a']);
        self::assertSame([100.0, 0.0], [$scene->items['rule']->frame->w, $scene->items['rule']->frame->h]);
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage('Lines have a length and nothing across it');
        $scene->run('match-size', ['a', 'rule'], ['dimension' => 'height', 'anchor' => 'a']);
    }

    public function test_one_locked_item_is_what_the_others_take_it_from(): void
    {
        $scene = $this->three();
        $scene->run('set', ['c'], ['locked' => true]);
        $done = $scene->run('match-size', ['a', 'b', 'c'], ['dimension' => 'width', 'to' => 'anchor']);
        self::assertSame([81.0, 81.0, 81.0], array_map(static fn (string $id): float => $scene->bounds($id)->w, ['a', 'b', 'c']));
        self::assertStringContainsString('81 wide, as "c"', $done->report->summary);
    }

    public function test_an_anchor_has_to_be_named(): void
    {
        $this->expectExceptionMessage('Name the item whose size the others take.');
        $this->three()->run('match-size', ['a', 'b'], ['dimension' => 'width', 'to' => 'anchor']);
    }
}
