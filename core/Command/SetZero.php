<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Figures;

/** Moves the zero of the rulers; without figures, back to the top left. */
final readonly class SetZero implements Command
{
    private function __construct(private float|string|null $x, private float|string|null $y)
    {
    }

    public static function name(): string
    {
        return 'set-zero';
    }

    public static function from(Params $params): self
    {
        return new self($params->length('x'), $params->length('y'));
    }

    public function needs(): Needs
    {
        return new Needs;
    }

    public function run(Draft $draft, array $items): Report
    {
        $figures = new Figures($draft);
        $was = $draft->sheet()->zero;
        $zero = $this->x === null && $this->y === null ? new Point(0.0, 0.0) : new Point(
            $this->x === null ? $was->x : $figures->read($this->x, Axis::X, 'x'),
            $this->y === null ? $was->y : $figures->read($this->y, Axis::Y, 'y'),
        );
        $draft->putSheet($draft->sheet()->with(['zero' => $zero]));

        return new Report(sprintf('Put the zero at %s, %s (was %s, %s)', ...array_map(Spoken::length(...), [$zero->x, $zero->y, $was->x, $was->y])), $items);
    }
}
