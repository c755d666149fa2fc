<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Item\By;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Catalogue;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Traits\ArrangesBoxes;
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
        $name = $params->word('command') ?? '';
        $arranging = array_keys(array_filter(Catalogue::all(), static fn (string $class): bool => is_subclass_of($class, ArrangesBoxes::class)));
        if (! in_array($name, $arranging, true)) {
            throw Refusal::because('Slices take: '.implode(', ', $arranging).'.', 'command');
        }
        $inner = $params->value('params');

        return new self($params->words('slices'), Catalogue::make($name, is_array($inner) ? array_filter($inner, is_string(...), ARRAY_FILTER_USE_KEY) : []));
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
