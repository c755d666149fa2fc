<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\IgnoredFinding;

/** Finds again what was ignored. */
final readonly class LookAgain implements Command
{
    private function __construct(private string $id)
    {
    }

    public static function name(): string
    {
        return 'look-again';
    }

    public static function from(Params $params): self
    {
        return new self($params->word('ignored') ?? '');
    }

    public function needs(): Needs
    {
        return new Needs(sorts: [IgnoredFinding::class]);
    }

    public function run(Draft $draft, array $items): Report
    {
        $draft->of(IgnoredFinding::class)->remove($this->id);

        return new Report('Looks again at what was ignored', $items);
    }
}
