<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Item\Naming;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\NamedGrid;

/** Keeps the grid of the sheet, with its margins, under a name for all sheets of the document; in place of one of that name. */
final readonly class KeepGrid implements Command
{
    private const MOST = 100;

    private function __construct(private string $called)
    {
    }

    public static function name(): string
    {
        return 'keep-grid';
    }

    public static function from(Params $params): self
    {
        return new self($params->word('name') ?? '');
    }

    public function needs(): Needs
    {
        return new Needs(sorts: [NamedGrid::class]);
    }

    public function run(Draft $draft, array $items): Report
    {
        $sheet = $draft->sheet();
        if ($sheet->grid->isEmpty()) {
            throw Refusal::because('This sheet has no grid yet. Set it first.', 'name');
        }
        $name = Naming::checked($this->called);
        $same = array_filter($draft->of(NamedGrid::class)->all(), static fn (NamedGrid $grid): bool => $grid->name === $name);
        if ($same === [] && count($draft->of(NamedGrid::class)->all()) >= self::MOST) {
            throw Refusal::because('A document keeps 100 grids at most.', 'name');
        }
        $id = $same === [] ? $draft->nextId() : (string) array_key_first($same);
        $draft->of(NamedGrid::class)->put(new NamedGrid($id, $name, $sheet->grid, $sheet->margins));

        return new Report(($same === [] ? 'Kept' : 'Kept anew')." the grid as \"$name\"", $items, ['grid' => $id]);
    }
}
