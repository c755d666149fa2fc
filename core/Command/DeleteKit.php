<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\OwnKit;

/** Deletes a kit of the document. What was put on sheets from it stays. */
final readonly class DeleteKit implements Command
{
    private function __construct(private string $id)
    {
    }

    public static function name(): string
    {
        return 'delete-kit';
    }

    public static function from(Params $params): self
    {
        return new self($params->word('kit') ?? '');
    }

    public function needs(): Needs
    {
        return new Needs(sorts: [OwnKit::class]);
    }

    public function run(Draft $draft, array $items): Report
    {
        $kit = $draft->of(OwnKit::class)->get($this->id);
        $draft->of(OwnKit::class)->remove($kit->id);

        return new Report("Deleted the kit \"$kit->name\"; what was put on sheets from it stays", $items);
    }
}
