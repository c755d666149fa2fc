<?php

declare(strict_types=1);

namespace Tests\Core\Command;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Unit;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\SheetGrid;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Scene;

final class GridTest extends TestCase
{
    public function test_a_card_of_110_by_200_mm_is_divided(): void
    {
        $scene = Scene::of(110, 200, Unit::Mm, 250);
        self::assertSame([1083.0, 1969.0], [$scene->sheet->width(), $scene->sheet->height()]);
        $done = $scene->run('set-grid', [], ['columns' => ['count' => 7, 'gutter' => 18, 'left' => 60, 'right' => 60], 'rows' => ['count' => 11, 'gutter' => 18, 'top' => 60, 'bottom' => 60]]);
        $grid = $done->report->details['grid'];
        self::assertIsArray($grid);
        self::assertSame([122.143, false, 1.0, 57.0], [$grid['columns']['size'], $grid['columns']['whole'], $grid['columns']['remainder'], $grid['columns']['proposals'][0]['leading']]);
        self::assertSame([151.727, 64.0], [$grid['rows']['size'], $grid['rows']['proposals'][0]['leading']]);
        self::assertSame('Set the grid: 7 columns of 122.143, gutter 18; 11 rows of 151.727, gutter 18', $done->report->summary);

        $whole = $scene->run('set-grid', [], ['columns' => ['left' => 57, 'right' => 57]])->report->details['grid'];
        self::assertIsArray($whole);
        self::assertSame([123.0, true, []], [$whole['columns']['size'], $whole['columns']['whole'], $whole['columns']['proposals']]);
        self::assertSame([57.0, 60.0], [$scene->sheet->margins->left, $scene->sheet->margins->top], 'the margins are the sheet\'s, and what is not named stays');
    }

    public function test_lengths_are_sums_with_units_and_parts_are_taken_away(): void
    {
        $scene = Scene::of(960, 600);
        $scene->run('set-grid', [], ['columns' => ['count' => 2, 'gutter' => '1in/4', 'left' => '10%', 'right' => 96], 'module' => 8, 'baseline' => '18pt']);
        self::assertSame([[96.0, 468.0], [492.0, 864.0]], SheetGrid::spans($scene->sheet, Axis::X));
        self::assertSame([0.0, 24.0, 48.0], array_slice(SheetGrid::baselines($scene->sheet), 0, 3));
        $scene->run('set-grid', [], ['columns' => null, 'module' => null, 'baseline' => null]);
        self::assertTrue($scene->sheet->grid->isEmpty());
        self::assertSame(96.0, $scene->sheet->margins->right);
    }

    public function test_what_does_not_fit_leaves_the_sheet_as_it_was(): void
    {
        $scene = Scene::of(300, 300);
        $before = $scene->sheet;
        try {
            $scene->run('set-grid', [], ['columns' => ['count' => 30, 'gutter' => 12]]);
            self::fail('That does not fit.');
        } catch (Refusal $refusal) {
            self::assertStringContainsString('30 columns do not fit: margins and gutters leave -48 px of 300', $refusal->getMessage());
        }
        self::assertEquals($before, $scene->sheet);
    }

    public function test_items_are_fitted_to_spans(): void
    {
        $scene = Scene::of(1280, 800)->put('card', 10, 20, 50, 60)->put('sign', 300, 30, 20, 20, ['kind' => 'round']);
        $scene->run('set-grid', [], ['columns' => ['count' => 12, 'gutter' => 16, 'left' => 40, 'right' => 40], 'rows' => ['count' => 4, 'gutter' => 20, 'top' => 30, 'bottom' => 30]]);
        $spans = SheetGrid::spans($scene->sheet, Axis::X);
        $done = $scene->run('fit-to-grid', ['card', 'sign'], ['columns' => [3, 6]]);
        self::assertSame([$spans[2][0], $spans[5][1]], [$scene->bounds('card')->x, $scene->bounds('card')->right()]);
        self::assertSame([20.0, 60.0], [$scene->bounds('card')->y, $scene->bounds('card')->h], 'rows were not named');
        self::assertSame('Fitted 2 items to columns 3 to 6', $done->report->summary);
        $scene->run('fit-to-grid', ['card'], ['columns' => [12, 12], 'rows' => [4, 2]]);
        self::assertSame([1240.0, 770.0], [$scene->bounds('card')->right(), $scene->bounds('card')->bottom()]);

        foreach ([[['columns' => [0, 3]], 'There are 12 columns, counted from 1: 0-3 lies outside'], [['columns' => [3, 13]], '3-13 lies outside']] as [$params, $said]) {
            try {
                $scene->run('fit-to-grid', ['card'], $params);
                self::fail('There is no such column.');
            } catch (Refusal $refusal) {
                self::assertStringContainsString($said, $refusal->getMessage());
            }
        }
    }

    public function test_what_cannot_be_fitted_is_said(): void
    {
        $scene = Scene::of(600, 600)->put('card', 10, 20, 50, 60, ['angle' => 20])->put('rope', 10, 90, 50, 0, ['kind' => 'line']);
        foreach ([['card', ['columns' => [1, 2]], 'no columns yet'], ['card', ['columns' => [1, 1]], '"card" is turned'], ['rope', ['rows' => [1, 1]], '"rope" is a line']] as $i => [$id, $params, $said]) {
            if ($i === 1) {
                $scene->run('set-grid', [], ['columns' => ['count' => 4], 'rows' => ['count' => 4]]);
            }
            try {
                $scene->run('fit-to-grid', [$id], $params);
                self::fail($said);
            } catch (Refusal $refusal) {
                self::assertStringContainsString($said, $refusal->getMessage());
            }
        }
    }

    public function test_a_grid_is_kept_under_a_name_and_used_again(): void
    {
        $scene = Scene::of(1000, 600);
        $scene->run('set-grid', [], ['columns' => ['count' => 4, 'gutter' => 20, 'left' => 50, 'right' => 50]]);
        $scene->run('keep-grid', [], ['name' => 'Timetable']);
        $scene->run('set-grid', [], ['columns' => ['count' => 6]]);
        $scene->run('keep-grid', [], ['name' => 'Fares']);
        $again = $scene->run('keep-grid', [], ['name' => 'Fares']);
        self::assertCount(2, $scene->grids);
        self::assertTrue($again->change->isEmpty(), 'it was kept so already');
        $timetable = (string) array_key_first(array_filter($scene->grids, static fn ($grid): bool => $grid->name === 'Timetable'));
        self::assertSame('Laid the grid "Timetable" over the sheet', $scene->run('use-grid', [], ['grid' => $timetable])->report->summary);
        self::assertSame(4, $scene->sheet->grid->columns?->count);
        $scene->run('delete-grid', [], ['grid' => $timetable]);
        self::assertCount(1, $scene->grids);
        $this->expectExceptionMessage('There is no grid');
        $scene->run('use-grid', [], ['grid' => $timetable]);
    }
}
