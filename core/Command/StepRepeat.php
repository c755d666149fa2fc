<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Arrange\Copies;
use AllSquare\Core\Arrange\Mover;
use AllSquare\Core\Arrange\Targets;
use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Matrix;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Repeats;
use AllSquare\Core\Running\RepeatsItems;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Selected;
use AllSquare\Core\Running\Traits\Repeatable;
use AllSquare\Core\Running\Traits\SelectsWhatItMade;
use AllSquare\Core\Series\StepLayout;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Figures;
use AllSquare\Core\Sheet\Words;

/** Copies items at a constant offset, turn and inset, so many times or until the margins (RULES 7). */
final readonly class StepRepeat implements Command, Repeatable, SelectsWhatItMade
{
    use RepeatsItems;

    public static function name(): string
    {
        return 'step-repeat';
    }

    public function run(Draft $draft, array $items): Report
    {
        $selected = Selected::movable($draft, $items);
        $originals = Repeats::originals($draft, $selected);
        $figures = new Figures($draft);
        $dx = $figures->read($this->params->length('dx') ?? 0.0, Axis::X, 'dx');
        $dy = $figures->read($this->params->length('dy') ?? 0.0, Axis::Y, 'dy');
        $inset = $figures->read($this->params->length('inset') ?? 0.0, Axis::X, 'inset');
        $angle = $this->params->number('angle') ?? 0.0;
        $count = $this->params->count('count');
        if (($count === null) === ($this->params->word('until') === null)) {
            throw Refusal::because('Say either how many copies or until where.', 'count');
        }
        $count ??= $this->untilMargins($draft, $originals, $dx, $dy, $angle, $inset);
        Copies::refuseTooMany($count * count($originals));

        return $this->repeats->report($draft, new StepLayout($count, $dx, $dy, $angle, $inset, count($originals)), $originals, $selected, 'Repeated %s');
    }

    /**
     * How many copies fit before one of them would lie past a margin that they are on their way to.
     *
     * @param  non-empty-list<string>  $originals
     */
    private function untilMargins(Draft $draft, array $originals, float $dx, float $dy, float $angle, float $inset): int
    {
        if ($dx === 0.0 && $dy === 0.0) {
            throw Refusal::because('Without an offset the copies would never reach a margin.', 'until');
        }
        $mover = new Mover($draft);
        $margins = (new Targets($draft, $mover))->margins()->box;
        for ($step = 1; $step <= Copies::MOST + 1; $step++) {
            foreach ($originals as $id) {
                $box = self::stepped($draft, $mover, $id, $step, $dx, $dy, $angle, $inset);
                $isOut = ($dx > 0 && $box->right() > $margins->right() + Length::SAME) || ($dx < 0 && $box->x < $margins->x - Length::SAME)
                    || ($dy > 0 && $box->bottom() > $margins->bottom() + Length::SAME) || ($dy < 0 && $box->y < $margins->y - Length::SAME);
                if ($isOut) {
                    return $step > 1 ? $step - 1 : throw Refusal::because(sprintf('The first copy of %s would already lie past the margin.', Words::quoted($draft->item($id))), 'until');
                }
            }
        }
        throw Refusal::because('At that offset it takes more than 2,000 copies to reach the margin.', 'until');
    }

    /** The bounds of a step; of a group that is turned along the way, those of its turned frame. */
    private static function stepped(Draft $draft, Mover $mover, string $id, int $step, float $dx, float $dy, float $angle, float $inset): Rect
    {
        $box = $mover->box($id);
        if ($angle === 0.0 && $inset === 0.0) {
            return $box->moved($step * $dx, $step * $dy);
        }
        $item = $draft->item($id);
        [$w, $h] = [max(0.0, $item->frame->w - 2 * $step * $inset), max(0.0, $item->frame->h - 2 * $step * $inset)];
        $centre = $box->centre();
        $frame = new Rect($centre->x + $step * $dx - $w / 2, $centre->y + $step * $dy - $h / 2, $w, $h);

        return Matrix::turnAbout($frame->centre(), $draft->tree->totalAngle($id) + $step * $angle)->bounds($frame);
    }
}
