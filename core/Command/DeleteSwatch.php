<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Swatch;

/** Takes a swatch out of those that are offered. What has its colour, on any sheet, keeps it. */
final readonly class DeleteSwatch implements Command
{
    private function __construct(private string $id)
    {
    }

    public static function name(): string
    {
        return 'delete-swatch';
    }

    public static function from(Params $params): self
    {
        return new self($params->word('swatch') ?? '');
    }

    public function needs(): Needs
    {
        return new Needs(sorts: [Swatch::class]);
    }

    public function run(Draft $draft, array $items): Report
    {
        $swatch = $draft->of(Swatch::class)->get($this->id);
        $draft->of(Swatch::class)->put($swatch->with(['gone' => true]));

        return new Report("Deleted the swatch \"$swatch->name\"; what has its colour keeps it", $items);
    }
}
