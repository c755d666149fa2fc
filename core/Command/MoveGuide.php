<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Arrange\Guides;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Guide;

/** Moves a guide to another place along its axis. */
final readonly class MoveGuide implements Command
{
    private function __construct(private string $guide, private float|string $at)
    {
    }

    public static function name(): string
    {
        return 'move-guide';
    }

    public static function from(Params $params): self
    {
        return new self((string) $params->word('guide'), $params->length('at') ?? 0.0);
    }

    public function needs(): Needs
    {
        return new Needs(sorts: [Guide::class]);
    }

    public function run(Draft $draft, array $items): Report
    {
        $was = $draft->of(Guide::class)->get($this->guide);
        $is = (new Guides($draft))->move($was, $this->at);

        return new Report('Moved '.$was->words().' to '.Spoken::length($is->at), $items);
    }
}
