<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Arrange\Distribution;
use AllSquare\Core\Arrange\Mover;
use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Measure\By;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Draft;

/** Makes the gaps between items equal (RULES 5). */
final readonly class Distribute implements Command
{
    public static function name(): string
    {
        return 'distribute';
    }

    private function __construct(private Axis $axis, private ?string $within, private By $by)
    {
    }

    public static function from(Params $params): self
    {
        return new self(
            $params->chosen('axis', Axis::class),
            $params->word('within'),
            $params->choice('by', By::class) ?? By::Frame,
        );
    }

    public function needs(): Needs
    {
        return new Needs(Scope::Order);
    }

    public function run(Draft $draft, array $items): Report
    {
        $selected = Selected::movable($draft, $items);
        $mover = new Mover($draft, $this->by);
        $ids = array_values(array_filter($selected->free, static fn (string $id): bool => ! $mover->boxes->isEmptyGroup($id)));
        $least = $this->within === 'sheet' ? 2 : 3;
        if (count($ids) < $least) {
            throw Refusal::because(sprintf('Spacing needs %s at least, and %s can move.', $least === 2 ? 'two items' : 'three items', count($ids) === 1 ? 'only one' : 'only '.count($ids)), 'items');
        }
        $distribution = new Distribution($mover, $this->axis, $draft->tree->inOrder());
        /** @var non-empty-list<string> $ordered */
        $ordered = $distribution->ordered($ids);
        $were = $distribution->gaps($ordered);
        $within = $this->within === 'sheet' ? $draft->sheet()->box() : null;
        $rest = $distribution->even($ordered, $within);
        $gaps = $distribution->gaps($ordered);

        return new Report(
            $this->summary($draft, $ordered, $gaps, $were, $rest['divides']).$selected->note(),
            $selected->ids,
            ['gaps' => $gaps, 'were' => $were, ...$rest, ...$selected->leftOut()] + $this->fit($mover, $ordered, $gaps),
        );
    }

    /**
     * @param  list<string>  $ordered
     * @param  list<float>  $gaps
     * @param  list<float>  $were
     * @param  list<array{extent: float, gap: float}>  $divides
     */
    private function summary(Draft $draft, array $ordered, array $gaps, array $were, array $divides): string
    {
        $summary = sprintf('Spaced %s %s: gaps %s', Words::of($draft, $ordered), $this->axis->word(), Words::figures($gaps));
        if ($gaps !== $were) {
            $summary .= ' (were '.Words::figures($were).')';
        }
        if ($divides !== []) {
            $summary .= sprintf('; %s would divide into gaps of %s', Length::text($divides[0]['extent']), Length::text($divides[0]['gap']));
        }

        return $summary;
    }

    /**
     * What there is and what the sizes need, where they do not fit with gaps of 0 or more.
     *
     * @param  list<string>  $ordered
     * @param  list<float>  $gaps
     * @return array<string, mixed>
     */
    private function fit(Mover $mover, array $ordered, array $gaps): array
    {
        $sizes = array_sum(array_map(fn (string $id): float => $this->axis->size($mover->box($id)), $ordered));

        return array_sum($gaps) >= 0 ? [] : ['needs' => Length::settle($sizes), 'has' => Length::settle($sizes + array_sum($gaps))];
    }
}
