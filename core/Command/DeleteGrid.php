<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\NamedGrid;

/** Deletes a named grid of the document. Sheets that use it keep their grid. */
final readonly class DeleteGrid implements Command
{
    private function __construct(private string $grid)
    {
    }

    public static function name(): string
    {
        return 'delete-grid';
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
        $name = $draft->of(NamedGrid::class)->get($this->grid)->name;
        $draft->of(NamedGrid::class)->remove($this->grid);

        return new Report("Deleted the grid \"$name\"", $items);
    }
}
