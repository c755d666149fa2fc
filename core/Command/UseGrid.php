<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\NamedGrid;
use AllSquare\Core\Sheet\SheetGrid;

/** Lays a named grid of the document, with its margins, over the sheet. */
final readonly class UseGrid implements Command
{
    private function __construct(private string $grid)
    {
    }

    public static function name(): string
    {
        return 'use-grid';
    }

    public static function from(Params $params): self
    {
        return new self($params->word('grid') ?? '');
    }

    public function needs(): Needs
    {
        return new Needs(sorts: [NamedGrid::class]);
    }

    public function run(Draft $draft, array $items): Report
    {
        $named = $draft->of(NamedGrid::class)->get($this->grid);
        $sheet = $draft->sheet()->with(['grid' => $named->grid, 'margins' => $named->margins]);
        foreach (['column' => Axis::X, 'row' => Axis::Y] as $what => $axis) {
            $named->grid->division($axis)?->mustFit(...[...SheetGrid::between($sheet, $axis), $what]);
        }
        $draft->putSheet($sheet);

        return new Report("Laid the grid \"$named->name\" over the sheet", $items);
    }
}
