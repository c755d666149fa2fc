<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Sheet\Dimension;
use AllSquare\Core\Sheet\Draft;

/** Takes dimensions off the sheet: those that are named, or all. */
final readonly class DeleteDimension implements Command
{
    /** @param  list<string>  $dimensions */
    private function __construct(private array $dimensions)
    {
    }

    public static function name(): string
    {
        return 'delete-dimension';
    }

    public static function from(Params $params): self
    {
        return new self(array_values(array_unique($params->words('dimensions'))));
    }

    public function needs(): Needs
    {
        return new Needs;
    }

    public function run(Draft $draft, array $items): Report
    {
        $ids = $this->dimensions === [] ? array_map(strval(...), array_keys($draft->of(Dimension::class)->all())) : $this->dimensions;
        array_map($draft->of(Dimension::class)->remove(...), $ids);

        return new Report('Took '.(count($ids) === 1 ? '1 dimension' : count($ids).' dimensions').' off the sheet', $items);
    }
}
