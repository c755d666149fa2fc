<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Arrange\Mover;
use AllSquare\Core\Arrange\Sizer;
use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Selected;
use AllSquare\Core\Running\Traits\ArrangesBoxes;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\SheetGrid;
use AllSquare\Core\Sheet\Words;

/** Places and sizes items to a span of the sheet's columns, rows, or both; counted from 1, both ends included (RULES 9). */
final readonly class FitToGrid implements ArrangesBoxes, Command
{
    /**
     * @param  array{int, int}|null  $columns
     * @param  array{int, int}|null  $rows
     */
    private function __construct(private ?array $columns, private ?array $rows)
    {
    }

    public static function name(): string
    {
        return 'fit-to-grid';
    }

    public static function from(Params $params): self
    {
        return new self(self::span($params->value('columns')), self::span($params->value('rows')));
    }

    public function needs(): Needs
    {
        return new Needs;
    }

    public function run(Draft $draft, array $items): Report
    {
        if ($this->columns === null && $this->rows === null) {
            throw Refusal::because('Give a span of columns or of rows, such as 3-6.', 'columns');
        }
        $selected = Selected::changeable($draft, $items);
        $across = $this->columns === null ? null : self::edges($draft, Axis::X, $this->columns, 'column');
        $down = $this->rows === null ? null : self::edges($draft, Axis::Y, $this->rows, 'row');
        $mover = new Mover($draft);
        $sizer = new Sizer($draft);
        foreach ($selected->free as $id) {
            $item = $draft->item($id);
            if (! $mover->boxes->standsUpright($id)) {
                throw Refusal::because(Words::quoted($item).' is turned and cannot fill a part of the grid. Turn it upright first.', 'items');
            }
            if ($item->isFlat() && $down !== null) {
                throw Refusal::because(Words::quoted($item).' is a line and has no height to be fitted to rows.', 'rows');
            }
            $box = $mover->box($id);
            [$left, $right] = $across ?? [$box->x, $box->right()];
            [$top, $bottom] = $down ?? [$box->y, $box->bottom()];
            $sizer->toBounds($id, Rect::between($left, $top, $right, $bottom));
        }
        $said = array_filter([self::said('column', $this->columns), self::said('row', $this->rows)]);

        return new Report('Fitted '.Words::of($draft, $selected->free).' to '.implode(', ', $said).$selected->note(), $selected->ids, $selected->leftOut());
    }

    /** @return array{int, int}|null */
    private static function span(mixed $given): ?array
    {
        return is_array($given) && is_numeric($given[0] ?? null) && is_numeric($given[1] ?? null)
            ? [(int) min($given[0], $given[1]), (int) max($given[0], $given[1])]
            : null;
    }

    /**
     * @param  array{int, int}  $span
     * @return array{float, float} px
     */
    private static function edges(Draft $draft, Axis $axis, array $span, string $what): array
    {
        $draft->sheet()->grid->division($axis)?->mustFit(...[...SheetGrid::between($draft->sheet(), $axis), $what]);
        $spans = SheetGrid::spans($draft->sheet(), $axis);
        if ($spans === []) {
            throw Refusal::because("This sheet has no {$what}s yet. Set its grid first.", "{$what}s");
        }
        [$first, $last] = $span;
        if ($first < 1 || $last > count($spans)) {
            throw Refusal::because(sprintf('There are %d %ss, counted from 1: %d-%d lies outside.', count($spans), $what, $first, $last), "{$what}s");
        }

        return [$spans[$first - 1][0], $spans[$last - 1][1]];
    }

    /** @param  array{int, int}|null  $span */
    private static function said(string $what, ?array $span): string
    {
        return match (true) {
            $span === null => '',
            $span[0] === $span[1] => "$what $span[0]",
            default => "{$what}s $span[0] to $span[1]",
        };
    }
}
