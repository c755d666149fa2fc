<?php

declare(strict_types=1);

namespace Tests\Core\Command;

use AllSquare\Core\Geometry\Unit;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Scene;

/** What a command tells of the places that things got: which lie off the pixel, and which reach past the sheet now. */
final class PlacesToldTest extends TestCase
{
    /**
     * @param  array<string, mixed>  $params
     * @return array<string, mixed>
     */
    private static function told(Scene $scene, string $command, string $id, array $params): array
    {
        return array_intersect_key($scene->run($command, $id === '' ? [] : [$id], $params)->report->details, ['off_pixel' => true, 'past_sheet' => true]);
    }

    public function test_what_lies_on_whole_pixels_is_not_told(): void
    {
        self::assertSame([], self::told(Scene::of()->put('a', 10, 20, 30, 40), 'move-by', 'a', ['dx' => 5]));
    }

    /** A square of 20 turned by 45 degrees is 28.284 wide, and need not stand whole. */
    public function test_how_far_past_the_nearest_pixel_is_told_on_each_axis(): void
    {
        foreach ([['x', 12.25, 0.25, 0.0], ['x', 12.75, -0.25, 0.0], ['y', 7.5, 0.0, 0.5], ['y', 7.501, 0.0, -0.499]] as [$name, $at, $x, $y]) {
            $told = self::told(Scene::of()->put('a', 14.142 - 10, 14.142 - 10, 20, 20, ['angle' => 45]), 'set', 'a', [$name => $at + 14.142 - 10]);
            self::assertSame([['id' => 'a', 'x' => $x, 'y' => $y]], $told['off_pixel'] ?? null, "$name $at");
        }
    }

    public function test_a_sheet_without_whole_pixels_tells_none(): void
    {
        $scene = Scene::of(210, 297, Unit::Mm)->put('a', 10, 20, 30, 40);
        self::assertFalse($scene->sheet->wholePixels);
        self::assertSame([], self::told($scene, 'set', 'a', ['x' => 12.25]));
    }

    public function test_a_change_that_places_nothing_tells_nothing(): void
    {
        self::assertSame([], self::told(Scene::of()->put('a', 10.25, 20, 30, 40), 'set', 'a', ['name' => 'Quay', 'fill' => '#ff0000']));
    }

    public function test_what_reaches_past_the_sheet_is_told_when_it_begins_to(): void
    {
        $scene = Scene::of(400, 300)->put('a', 10, 20, 30, 40);
        self::assertSame(['past_sheet' => ['a']], self::told($scene, 'move-by', 'a', ['dx' => 361]));
        self::assertSame([], self::told($scene, 'move-by', 'a', ['dx' => 5]), 'it was past it before');
        self::assertSame([], self::told($scene, 'move-by', 'a', ['dx' => -6]), 'it stands at the edge');
        self::assertSame([], self::told(Scene::of(400, 300), 'add-item', '', ['kind' => 'box', 'x' => 390, 'y' => 0, 'w' => 20, 'h' => 20]), 'what is new is put where it is meant');
        self::assertSame([], self::told(Scene::of(400, 300)->put('a', 10, 20, 30, 40, ['hidden' => true]), 'move-by', 'a', ['dx' => 500]), 'what is hidden is not looked at');
    }
}
