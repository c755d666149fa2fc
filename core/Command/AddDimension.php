<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Geometry\Side;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Item\By;
use AllSquare\Core\Measure\Distance;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Sheet\Dimension;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Words;

/** Keeps the distance between two items, or from one to an edge of the sheet, on the sheet. It follows them. */
final readonly class AddDimension implements Command
{
    private const MOST = 500;

    private function __construct(private string $a, private string $b, private string $axis, private By $by)
    {
    }

    public static function name(): string
    {
        return 'add-dimension';
    }

    public static function from(Params $params): self
    {
        return new self($params->word('a') ?? '', $params->word('b') ?? '', $params->word('axis') ?? 'x', $params->choice('by', By::class) ?? By::Frame);
    }

    public function needs(): Needs
    {
        return new Needs(also: Side::tryFrom($this->b) === null ? [$this->a, $this->b] : [$this->a]);
    }

    public function run(Draft $draft, array $items): Report
    {
        $side = Side::tryFrom($this->b);
        if (count($draft->of(Dimension::class)->all()) >= self::MOST) {
            throw Refusal::because('A sheet has 500 dimensions at most.');
        }
        if ($this->a === $this->b) {
            throw Refusal::because('A dimension is between two things.', 'b');
        }
        if ($side !== null && $side->axis()->value !== $this->axis) {
            throw Refusal::because('To that edge of the sheet it is measured '.$side->axis()->word().'.', 'axis');
        }
        $distance = Distance::of($draft, $this->a, $this->b, $this->by);
        $figure = match ($this->axis) {
            'x' => $distance->across,
            'y' => $distance->down,
            default => $distance->nearest,
        };
        $id = $draft->nextId();
        $draft->of(Dimension::class)->put(new Dimension($id, $this->a, $this->b, $this->axis, $this->by));
        $to = $side === null ? Words::quoted($draft->item($this->b)) : "the $side->value edge of the sheet";

        return new Report(sprintf('Kept %s px %s from %s to %s', Spoken::length($figure), ['x' => 'across', 'y' => 'down'][$this->axis] ?? 'straight', Words::quoted($draft->item($this->a)), $to), $items, ['dimensions' => [$id]]);
    }
}
