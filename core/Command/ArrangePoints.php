<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Item\By;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Points\PointPlane;
use AllSquare\Core\Points\PointRef;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Arranging;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Traits\GoesOn;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Words;

/** Moves, aligns or spaces points of paths by the commands that do so with items (RULES 15). */
final readonly class ArrangePoints implements Command, GoesOn
{
    /** @param  list<string>  $points */
    private function __construct(private array $points, private Command $command)
    {
    }

    public static function name(): string
    {
        return 'arrange-points';
    }

    /** @throws Refusal when that command does more than placing and sizing */
    public static function from(Params $params): self
    {
        return new self(array_values(array_unique($params->words('points'))), Arranging::command($params, 'Points'));
    }

    public function needs(): Needs
    {
        $inner = $this->command->needs();

        return new Needs(also: PointRef::items($this->points), sorts: $inner->sorts, plan: $inner->plan === null ? null : By::Frame, points: $inner->points);
    }

    public function run(Draft $draft, array $items): Report
    {
        $points = new PointPlane($draft, $this->points);
        $plane = $points->draft($this->command->needs()->plan !== null);
        $report = $this->command->run($plane, $this->points);
        foreach ($plane->tree->all() as $item) {
            $this->refuseCopies($item);
        }
        $points->take($plane);
        $paths = array_values(array_filter(PointRef::items($this->points), $draft->tree->has(...)));

        return new Report(Words::list($draft, $paths).': '.lcfirst($report->summary), $paths, ['points' => $this->points] + array_diff_key($report->details, ['moved' => true]));
    }

    private function refuseCopies(Item $item): void
    {
        if (! in_array($item->id, $this->points, true)) {
            throw Refusal::because('Points are not copied that way.', 'params');
        }
    }
}
