<?php

declare(strict_types=1);

namespace Tests\Core\Grid;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Unit;
use AllSquare\Core\Sheet\Division;
use AllSquare\Core\Sheet\Margins;
use AllSquare\Core\Sheet\NamedGrid;
use AllSquare\Core\Sheet\Sheet;
use AllSquare\Core\Sheet\SheetGrid;
use PHPUnit\Framework\TestCase;

final class SheetGridTest extends TestCase
{
    public function test_it_is_kept_and_read_again(): void
    {
        foreach ([new SheetGrid, new SheetGrid(new Division(12, 16.5)), new SheetGrid(rows: new Division(3, 0.0), baseline: 18.25), new SheetGrid(new Division(4, 24.0), new Division(6, 24.0), 8.0, 24.0)] as $grid) {
            self::assertEquals($grid, SheetGrid::fromArray(json_decode((string) json_encode($grid->toArray()), true)));
        }
        $named = new NamedGrid('g', 'Fares', new SheetGrid(new Division(4, 24.0)), new Margins(64.0, 40.0, 64.5, 40.0));
        self::assertEquals($named, NamedGrid::fromArray('g', 'Fares', json_decode((string) json_encode($named->toArray()), true)));
        self::assertTrue(SheetGrid::fromArray(['columns' => ['count' => 'many'], 'module' => 'x'])->isEmpty(), 'what cannot be read is not there');
    }

    public function test_whole_pixels_bring_both_edges_to_the_pixel(): void
    {
        $sheet = self::sheet(1000, Unit::Px)->with(['grid' => new SheetGrid(new Division(3, 10.0)), 'margins' => new Margins(left: 20.0, right: 20.0)]);
        self::assertSame([[20.0, 333.0], [343.0, 657.0], [667.0, 980.0]], SheetGrid::spans($sheet, Axis::X));
        self::assertSame([[20.0, 333.333], [343.333, 656.667], [666.667, 980.0]], SheetGrid::spans($sheet->with(['wholePixels' => false]), Axis::X));
        self::assertSame([], SheetGrid::spans($sheet, Axis::Y));
    }

    public function test_baselines_begin_at_the_top_margin_and_end_with_the_sheet(): void
    {
        $sheet = self::sheet(100, Unit::Px)->with(['grid' => new SheetGrid(baseline: 12.5), 'margins' => new Margins(top: 40.0)]);
        self::assertSame([40.0, 52.5, 65.0, 77.5, 90.0], SheetGrid::baselines($sheet));
        self::assertSame([], SheetGrid::baselines(self::sheet(100, Unit::Px)));
    }

    private static function sheet(float $side, Unit $unit): Sheet
    {
        return Sheet::create('sheet', 'Sheet', $side, $side, $unit, 96);
    }
}
