<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Arrange\Mover;
use AllSquare\Core\Arrange\Turner;
use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Selected;
use AllSquare\Core\Running\Traits\Repeatable;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Words;

/** Mirrors items across (x) or down (y), as one or each in itself. Words stay readable. */
final readonly class Mirror implements Command, Repeatable
{
    public static function name(): string
    {
        return 'mirror';
    }

    private function __construct(private Axis $axis, private bool $asOne)
    {
    }

    public static function from(Params $params): self
    {
        return new self($params->chosen('axis', Axis::class), $params->word('as') !== 'each');
    }

    public function needs(): Needs
    {
        return new Needs;
    }

    public function run(Draft $draft, array $items): Report
    {
        $selected = Selected::movable($draft, $items);
        $mover = new Mover($draft);
        $block = Rect::unionOf(array_map($mover->box(...), $selected->free)) ?? $draft->sheet()->box();
        $turner = new Turner($draft);
        foreach ($selected->free as $id) {
            $turner->mirror($id, $this->axis, $this->axis->centre($this->asOne ? $block : $mover->box($id)));
        }

        return new Report(sprintf('Mirrored %s %s%s', Words::of($draft, $selected->free), $this->axis->word(), count($selected->free) > 1 ? ($this->asOne ? ' as one' : ', each in itself') : '').$selected->note(), $selected->ids, $selected->leftOut());
    }
}
