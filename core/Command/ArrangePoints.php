<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Item\By;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Points\PointPlane;
use AllSquare\Core\Points\PointRef;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Catalogue;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Traits\ArrangesBoxes;
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
        $name = $params->word('command') ?? '';
        $arranging = array_keys(array_filter(Catalogue::all(), static fn (string $class): bool => is_subclass_of($class, ArrangesBoxes::class)));
        if (! in_array($name, $arranging, true)) {
            throw Refusal::because('Points take: '.implode(', ', $arranging).'.', 'command');
        }
        $inner = $params->value('params');

        return new self(array_values(array_unique($params->words('points'))), Catalogue::make($name, is_array($inner) ? array_filter($inner, is_string(...), ARRAY_FILTER_USE_KEY) : []));
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
