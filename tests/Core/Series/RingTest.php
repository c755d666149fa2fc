<?php

declare(strict_types=1);

namespace Tests\Core\Series;

use AllSquare\Core\Geometry\Angle;
use AllSquare\Core\Sheet\Tree;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Scene;

/** Where the places of a ring lie, and which way what stands there looks. */
final class RingTest extends TestCase
{
    private function tick(): Scene
    {
        return Scene::of(1000, 1000)->put('tick', 10, 10, 4, 20);
    }

    /**
     * @param  array<string, mixed>  $params
     * @return list<array{float, float}> the centres of the members, from the ring's centre, to a whole pixel
     */
    private function places(Scene $scene, array $params): array
    {
        $done = $scene->run('ring', ['tick'], ['cx' => 500, 'cy' => 500, 'radius' => 100, ...$params]);

        return array_map(static function (string $id) use ($scene): array {
            $centre = $scene->bounds($id)->centre();

            return [round($centre->x - 500) + 0.0, round($centre->y - 500) + 0.0];
        }, $done->report->details['members']);
    }

    /** @return array<string, array{array<string, mixed>, list<array{float, float}>}> */
    public static function rings(): array
    {
        return [
            'four all round, from up, clockwise' => [['count' => 4], [[0.0, -100.0], [100.0, 0.0], [0.0, 100.0], [-100.0, 0.0]]],
            'counter-clockwise' => [['count' => 4, 'sweep' => -360], [[0.0, -100.0], [-100.0, 0.0], [0.0, 100.0], [100.0, 0.0]]],
            'more than once round is all round' => [['count' => 2, 'sweep' => 720], [[0.0, -100.0], [0.0, 100.0]]],
            'from the right' => [['count' => 2, 'start' => 90], [[100.0, 0.0], [-100.0, 0.0]]],
            'a quarter has both of its ends' => [['count' => 2, 'sweep' => 90], [[0.0, -100.0], [100.0, 0.0]]],
            'a quarter the other way' => [['count' => 3, 'sweep' => -180], [[0.0, -100.0], [-100.0, 0.0], [0.0, 100.0]]],
            'one place' => [['count' => 1, 'start' => 180], [[0.0, 100.0]]],
            'no radius' => [['count' => 2, 'radius' => 0], [[0.0, 0.0], [0.0, 0.0]]],
        ];
    }

    /**
     * @param  array<string, mixed>  $params
     * @param  list<array{float, float}>  $expected
     */
    #[DataProvider('rings')]
    public function test_places(array $params, array $expected): void
    {
        self::assertSame($expected, $this->places($this->tick(), $params));
    }

    /** @return array<string, array{string, list<float>}> */
    public static function facings(): array
    {
        return [
            'upright' => ['upright', [0.0, 0.0, 0.0, 0.0]],
            'outward' => ['outward', [0.0, 90.0, 180.0, -90.0]],
            'inward' => ['inward', [180.0, -90.0, 0.0, 90.0]],
        ];
    }

    /** @param  list<float>  $expected */
    #[DataProvider('facings')]
    public function test_facing_adds_to_the_angle_of_the_item(string $facing, array $expected): void
    {
        foreach ([0.0, 30.0] as $own) {
            $scene = $this->tick();
            $scene->run('turn', ['tick'], ['angle' => $own]);
            $done = $scene->run('ring', ['tick'], ['cx' => 500, 'cy' => 500, 'radius' => 100, 'count' => 4, 'facing' => $facing]);
            $angles = array_map(static fn (string $id): float => $scene->items[$id]->angle, $done->report->details['members']);
            self::assertSame(array_map(static fn (float $angle): float => Angle::keep($angle + $own), $expected), $angles);
        }
    }

    public function test_several_originals_take_turns_back_to_front(): void
    {
        $scene = Scene::of()->put('a', 0, 0, 10, 10)->put('b', 20, 0, 10, 10)->put('c', 40, 0, 10, 10);
        $done = $scene->run('ring', ['c', 'a', 'b'], ['cx' => 400, 'cy' => 400, 'radius' => 50, 'count' => 7]);
        $names = array_map(static fn (string $id): string => $scene->items[$id]->name, $done->report->details['members']);
        self::assertSame(['a', 'b', 'c', 'a', 'b', 'c', 'a'], $names);
        self::assertCount(4, $done->report->details['copies']);
    }

    public function test_fewer_places_than_originals_leave_the_rest_where_it_is(): void
    {
        $scene = Scene::of()->put('a', 0, 0, 10, 10)->put('b', 20, 0, 10, 10);
        $scene->run('ring', ['a', 'b'], ['cx' => 400, 'cy' => 400, 'radius' => 50, 'count' => 2, 'start' => 90]);
        self::assertSame([445.0, 345.0], $scene->lefts('a', 'b'));
    }

    public function test_a_ring_that_stays_a_series_is_given_other_numbers_wherever_it_was_moved(): void
    {
        $scene = $this->tick();
        $ring = $scene->run('ring', ['tick'], ['cx' => 500, 'cy' => 500, 'radius' => 100, 'count' => 12, 'facing' => 'outward', 'series' => true])->report->selection[0];
        $scene->run('move-by', [$ring], ['dx' => 40, 'dy' => -7]);
        $before = $scene->bounds($ring);
        $scene->run('set-series', [$ring], ['radius' => 160]);
        self::assertEqualsWithDelta($before->w + 120, $scene->bounds($ring)->w, 0.002);
        self::assertEqualsWithDelta(540, $scene->bounds($ring)->centre()->x, 0.002);
        $scene->run('set-series', [$ring], ['radius' => 100, 'count' => 5]);
        $scene->run('set-series', [$ring], ['count' => 12]);
        self::assertEquals($before, $scene->bounds($ring));
        self::assertCount(12, (new Tree($scene->items))->children($ring));
    }

    public function test_a_ring_that_is_sized_unevenly_is_no_ring_any_more(): void
    {
        $scene = $this->tick();
        $make = ['cx' => 500, 'cy' => 500, 'radius' => 100, 'count' => 8, 'series' => true];
        $ring = $scene->run('ring', ['tick'], $make)->report->selection[0];
        $box = $scene->bounds($ring);
        $scene->run('place', [$ring], ['w' => $box->w * 2, 'h' => $box->h * 2]);
        self::assertSame(200.0, $scene->items[$ring]->fields['series']['radius']);
        $scene->run('place', [$ring], ['w' => 300]);
        self::assertNull($scene->items[$ring]->fields['series']);
    }

    public function test_it_says_what_it_did(): void
    {
        $scene = $this->tick();
        $done = $scene->run('ring', ['tick'], ['cx' => 500, 'cy' => 500, 'radius' => 100, 'count' => 5, 'sweep' => 120]);
        self::assertStringStartsWith('Put "tick" on a ring: 5 places over 120°, radius 100', $done->report->summary);
    }
}
