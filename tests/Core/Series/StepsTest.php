<?php

declare(strict_types=1);

namespace Tests\Core\Series;

use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Margins;
use AllSquare\Core\Sheet\Tree;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Scene;

/** Copies at a constant offset, turn and inset. */
final class StepsTest extends TestCase
{
    public function test_each_copy_is_turned_further_about_its_own_centre(): void
    {
        $scene = Scene::of()->put('vane', 100, 100, 60, 20);
        $members = $scene->run('step-repeat', ['vane'], ['dx' => 80, 'dy' => 10, 'angle' => 30, 'count' => 3])->report->details['members'];
        self::assertSame([0.0, 30.0, 60.0, 90.0], array_map(static fn (string $id): float => $scene->items[$id]->angle, $members));
        foreach ($members as $i => $id) {
            self::assertEqualsWithDelta(130 + 80 * $i, $scene->bounds($id)->centre()->x, 0.001);
            self::assertEqualsWithDelta(110 + 10 * $i, $scene->bounds($id)->centre()->y, 0.001);
        }
    }

    public function test_several_go_along_together(): void
    {
        $scene = Scene::of()->put('a', 0, 0, 10, 10)->put('b', 20, 5, 10, 10);
        $done = $scene->run('step-repeat', ['a', 'b'], ['dx' => 0, 'dy' => 40, 'count' => 2]);
        self::assertSame([0.0, 20.0, 0.0, 20.0, 0.0, 20.0], $scene->lefts(...$done->report->details['members']));
        self::assertSame([0.0, 5.0, 40.0, 45.0, 80.0, 85.0], $scene->tops(...$done->report->details['members']));
        self::assertCount(4, $done->report->details['copies']);
    }

    /** @return array<string, array{array<string, mixed>, int}> */
    public static function untilMargins(): array
    {
        return [
            'to the right' => [['dx' => 60, 'dy' => 0], 5],
            'to the left' => [['dx' => -30, 'dy' => 0], 2],
            'down' => [['dx' => 0, 'dy' => 25], 8],
            'up' => [['dx' => 0, 'dy' => -20], 1],
            'aslant, whichever comes first' => [['dx' => 60, 'dy' => 60], 3],
            'turning on the way' => [['dx' => 60, 'dy' => 0, 'angle' => 45], 5],
            'smaller and smaller' => [['dx' => 60, 'dy' => 0, 'inset' => 2], 5],
            'smaller, and so one more than at full size' => [['dx' => 69, 'dy' => 0, 'inset' => 1.5], 5],
            'larger, and so one fewer' => [['dx' => 55, 'dy' => 0, 'inset' => -3], 5],
            'upwards and smaller' => [['dx' => 0, 'dy' => -12, 'inset' => 6], 3],
        ];
    }

    /** @param  array<string, mixed>  $params */
    #[DataProvider('untilMargins')]
    public function test_until_the_margin_that_it_is_on_its_way_to(array $params, int $copies): void
    {
        $scene = Scene::of(500, 300)->put('post', 80, 40, 40, 40);
        $scene->sheet = $scene->sheet->with(['margins' => new Margins(left: 20, top: 20, right: 40, bottom: 20)]);
        $done = $scene->run('step-repeat', ['post'], [...$params, 'until' => 'margins']);
        self::assertCount($copies, $done->report->details['copies']);
        foreach ($done->report->details['copies'] as $id) {
            $box = $scene->bounds($id);
            self::assertTrue($box->x >= 19.999 && $box->y >= 19.999 && $box->right() <= 460.001 && $box->bottom() <= 280.001);
        }
    }

    public function test_a_line_stays_a_line_when_it_goes_further_in(): void
    {
        $scene = Scene::of()->put('rule', 100, 100, 200, 0, ['kind' => 'line']);
        $members = $scene->run('step-repeat', ['rule'], ['dx' => 0, 'dy' => 12, 'inset' => 10, 'count' => 2])->report->details['members'];
        self::assertSame([200.0, 180.0, 160.0], array_map(static fn (string $id): float => $scene->items[$id]->frame->w, $members));
        self::assertSame([0.0, 0.0, 0.0], array_map(static fn (string $id): float => $scene->items[$id]->frame->h, $members));
        self::assertSame([100.0, 110.0, 120.0], $scene->lefts(...$members));
    }

    public function test_what_the_inset_leaves_is_said(): void
    {
        foreach (['nothing is left of the first copy' => 60, 'only one copy has anything left' => 16, 'only 2 copies have anything left' => 9] as $said => $inset) {
            try {
                Scene::of()->put('a', 0, 0, 50, 50)->run('step-repeat', ['a'], ['dx' => 1, 'inset' => $inset, 'count' => 4]);
                self::fail("An inset of $inset was taken.");
            } catch (Refusal $refusal) {
                self::assertSame("With an inset of $inset, $said.", $refusal->getMessage());
            }
        }
    }

    public function test_a_step_of_a_fraction_stays_exact_and_every_copy_is_on_the_pixel(): void
    {
        $scene = Scene::of()->put('a', 0, 0, 10, 10);
        $members = $scene->run('step-repeat', ['a'], ['dx' => 33.4, 'dy' => 0, 'count' => 5])->report->details['members'];
        self::assertSame([0.0, 33.0, 67.0, 100.0, 134.0, 167.0], $scene->lefts(...$members));
        $scene->sheet = $scene->sheet->with(['wholePixels' => false]);
        $members = $scene->run('step-repeat', ['a'], ['dx' => 33.4, 'dy' => 0, 'count' => 5])->report->details['members'];
        self::assertSame([0.0, 33.4, 66.8, 100.2, 133.6, 167.0], $scene->lefts(...$members));
    }

    public function test_a_series_of_steps_is_edited_in_every_number(): void
    {
        $scene = Scene::of()->put('a', 0, 0, 40, 40);
        $series = $scene->run('step-repeat', ['a'], ['dx' => 50, 'dy' => 0, 'count' => 3, 'series' => true])->report->selection[0];
        $lefts = static fn (): array => $scene->lefts(...array_column((new Tree($scene->items))->children($series), 'id'));
        $scene->run('set-series', [$series], ['count' => 6, 'extent' => 'keep']);
        self::assertSame([0.0, 30.0, 60.0, 90.0, 120.0, 150.0], $lefts());
        $scene->run('set-series', [$series], ['dx' => 44]);
        self::assertSame([0.0, 44.0, 88.0, 132.0, 176.0, 220.0], $lefts());
        $scene->run('set-series', [$series], ['count' => 2, 'dy' => 7]);
        self::assertSame([0.0, 44.0], $lefts());
        $scene->run('set-series', [$series], ['angle' => 90, 'inset' => 5]);
        $last = (new Tree($scene->items))->children($series)[1];
        self::assertSame([30.0, 30.0, 90.0], [$last->frame->w, $last->frame->h, $last->angle]);
    }
}
