<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Arrange\Copies;
use AllSquare\Core\Arrange\Mover;
use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Scope;
use AllSquare\Core\Running\Selected;
use AllSquare\Core\Running\Traits\Repeatable;
use AllSquare\Core\Running\Traits\SelectsWhatItMade;
use AllSquare\Core\Series\Counting;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Figures;
use AllSquare\Core\Sheet\Words;

/** Copies items; each copy lands directly above its source. */
final readonly class Duplicate implements Command, Repeatable, SelectsWhatItMade
{
    private function __construct(private float|string $dx, private float|string $dy, private Counting $counting, private ?Params $into)
    {
    }

    public static function name(): string
    {
        return 'duplicate';
    }

    public static function from(Params $params): self
    {
        return new self(
            $params->length('dx') ?? 0.0,
            $params->length('dy') ?? 0.0,
            Counting::fromLines($params->flag('count_up'), $params->word('list')),
            MoveInto::wish($params),
        );
    }

    public function needs(): Needs
    {
        $parent = $this->into?->word('parent');

        return new Needs(Scope::Order, $parent === null ? [] : [$parent]);
    }

    public function run(Draft $draft, array $items): Report
    {
        $selected = Selected::of($draft, $items);
        Copies::refuseTooMany(count($selected->ids));
        $figures = new Figures($draft);
        $mover = new Mover($draft);
        $copies = (new Copies($draft))->of($selected->ids);
        foreach ($copies as $i => $copy) {
            $source = $draft->item($selected->ids[$i]);
            $dx = $figures->read($this->dx, Axis::X, 'dx', $source);
            $dy = $figures->read($this->dy, Axis::Y, 'dy', $source);
            $box = $mover->box($copy);
            $mover->shift(
                $copy,
                $dx === 0.0 ? 0.0 : $mover->landing($copy, Axis::X, $box->x + $dx) - $box->x,
                $dy === 0.0 ? 0.0 : $mover->landing($copy, Axis::Y, $box->y + $dy) - $box->y,
            );
            $this->counting->apply($draft, $copy, $i, 1);
        }

        $said = MoveInto::follow($draft, $copies, $this->into, areNew: true);

        return new Report('Copied '.Words::of($draft, $selected->ids).$said, $copies, ['originals' => $selected->ids, 'copies' => $copies]);
    }
}
