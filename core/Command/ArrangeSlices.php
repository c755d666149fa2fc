<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Item\By;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Arranging;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Slice;
use AllSquare\Core\Slice\Plane;

/** Moves, sizes, aligns or spaces slices by the commands that do so with items. A slice that is moved follows its item no more. */
final readonly class ArrangeSlices implements Command
{
    /** @param  list<string>  $ids */
    private function __construct(private array $ids, private Command $command)
    {
    }

    public static function name(): string
    {
        return 'arrange-slices';
    }

    /** @throws Refusal when that command does more than placing and sizing */
    public static function from(Params $params): self
    {
        return new self($params->words('slices'), Arranging::command($params, 'Slices'));
    }

    public function needs(): Needs
    {
        $inner = $this->command->needs();

        return new Needs(sorts: $inner->sorts, plan: $inner->plan === null ? null : By::Frame);
    }

    public function run(Draft $draft, array $items): Report
    {
        $ids = array_values(array_unique($this->ids));
        $slices = array_map($draft->of(Slice::class)->get(...), $ids);
        $plane = (new Plane($draft))->of($draft->of(Slice::class)->all(), $this->command->needs()->plan !== null);
        $report = $this->command->run($plane, $ids);
        foreach ($plane->tree->all() as $item) {
            $this->refuseCopies($draft, $item);
        }
        foreach ($slices as $slice) {
            $box = $plane->item($slice->id)->frame;
            if (! $box->same($slice->box)) {
                $draft->of(Slice::class)->put($slice->placed($box));
            }
        }

        return new Report($report->summary, $items, ['slices' => array_map(static fn (Slice $slice): string => $slice->id, $slices)] + array_diff_key($report->details, ['moved' => true]));
    }

    private function refuseCopies(Draft $draft, Item $item): void
    {
        if (! isset($draft->of(Slice::class)->all()[$item->id])) {
            throw Refusal::because('Slices are not copied that way.', 'params');
        }
    }
}
