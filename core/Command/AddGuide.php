<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Arrange\Guides;
use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Guide;

/** Puts a guide across the sheet. */
final readonly class AddGuide implements Command
{
    private function __construct(private Axis $axis, private float|string $at)
    {
    }

    public static function name(): string
    {
        return 'add-guide';
    }

    public static function from(Params $params): self
    {
        return new self($params->chosen('axis', Axis::class), $params->length('at') ?? 0.0);
    }

    public function needs(): Needs
    {
        return new Needs(sorts: [Guide::class]);
    }

    public function run(Draft $draft, array $items): Report
    {
        $guide = (new Guides($draft))->add($this->axis, $this->at);

        return new Report('Put '.$guide->words(), $items, ['guides' => [$guide->id]]);
    }
}
