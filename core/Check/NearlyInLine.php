<?php

declare(strict_types=1);

namespace AllSquare\Core\Check;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Intent\Meant;
use AllSquare\Core\Sheet\Placed;
use AllSquare\Core\Sheet\Words;

/** What stands a little beside a line that others share, where the intent would have it on that (RULES 14). */
final class NearlyInLine implements Check
{
    public function about(): About
    {
        return new About('near-line', 'Nearly in line', isPlain: true);
    }

    public function find(Looked $at): iterable
    {
        $said = $this->saidOfGaps($at);
        foreach ($at->meant() as $level) {
            foreach (Axis::cases() as $axis) {
                yield from $this->along($at, $level, $axis, $said[$axis->value]);
            }
        }
    }

    /**
     * @param  array<string, true>  $said  what is found by its gaps along the axis
     * @return iterable<Finding>
     */
    private function along(Looked $at, Meant $level, Axis $axis, array $said): iterable
    {
        $changes = [];
        foreach ($level->changes() as $i) {
            $by = Length::round($axis->lead($level->boxes[$i]) - $axis->lead($level->placed[$i]->box));
            if (abs($by) >= Length::SAME && ! isset($said[$level->placed[$i]->id])) {
                $changes[$i] = $by;
            }
        }
        $done = [];
        // What holds others comes before them: they go along.
        uksort($changes, static fn (int $a, int $b): int => $level->placed[$b]->box->area() <=> $level->placed[$a]->box->area());
        foreach ($changes as $i => $by) {
            if (isset($done[$i])) {
                continue;
            }
            $one = $level->placed[$i];
            $ids = [$one->id];
            foreach ($changes as $k => $other) {
                if ($k !== $i && ! isset($done[$k]) && Length::same($other, $by) && $one->box->contains($level->placed[$k]->box)) {
                    $ids[] = $level->placed[$k]->id;
                    $done[$k] = true;
                }
            }
            $done[$i] = true;
            yield $this->finding($at, $level, $axis, $one, $by, $ids);
        }
    }

    /** @param  list<string>  $ids */
    private function finding(Looked $at, Meant $level, Axis $axis, Placed $one, float $by, array $ids): Finding
    {
        $name = Words::quoted($at->tree->item($one->id));
        $way = $axis === Axis::X ? ($by > 0 ? 'left of' : 'right of') : ($by > 0 ? 'above' : 'below');
        $line = $this->line($level, $axis, $one->id);
        $others = $line === null ? 0 : count($line['items']) - 1;
        $zero = $axis === Axis::X ? $at->sheet->zero->x : $at->sheet->zero->y;
        [$word, $is] = $line === null
            ? ['its place', Length::round($axis->lead($one->box) - $zero)]
            : [$others > 0 ? ($axis === Axis::X ? 'its column' : 'its row') : 'its line', Length::round($line['at'] - $by - $zero)];
        $expected = Length::round($is + $by);
        $edge = match ($line['edge'] ?? 'lead') {
            'lead' => $axis === Axis::X ? 'left' : 'top',
            'trail' => $axis === Axis::X ? 'right' : 'bottom',
            default => $line['edge'],
        };
        $detail = sprintf('%s %s; %s %s.', ucfirst($edge), Spoken::length($is), match (true) {
            $others > 1 => "the $others others",
            $others === 1 => 'the other one',
            default => 'meant was',
        }, Spoken::length($expected)).sprintf(' %s %s.', $axis === Axis::X ? ($by > 0 ? 'Moves right' : 'Moves left') : ($by > 0 ? 'Moves down' : 'Moves up'), Spoken::withUnit(abs($by)));

        return new Finding('near-line', $ids, $one->box, sprintf('%s stands %s %s %s', $name, Spoken::withUnit(abs($by)), $way, $word), $detail, $is, $expected, [new Fix('move-by', $ids, $axis === Axis::X ? ['dx' => $by, 'dy' => 0] : ['dx' => 0, 'dy' => $by])], $axis->value);
    }

    /** @return array{axis: string, edge: string, at: float, items: list<string>}|null the line with most others on it */
    private function line(Meant $level, Axis $axis, string $id): ?array
    {
        $best = null;
        foreach ($level->pattern()->lines as $line) {
            if ($line['axis'] === $axis->value && in_array($id, $line['items'], true) && ($best === null || count($line['items']) > count($best['items']))) {
                $best = $line;
            }
        }

        return $best;
    }

    /** @return array{x: array<string, true>, y: array<string, true>} what stands beside an odd gap, or has an odd inset, by axis */
    private function saidOfGaps(Looked $at): array
    {
        $said = ['x' => [], 'y' => []];
        foreach ($at->ledger()->gaps as $gap) {
            if ($gap->odd) {
                $said[$gap->axis->value] += [$gap->a => true, $gap->b => true];
            }
        }
        foreach ($at->ledger()->insets as $inset) {
            if ($inset->odd) {
                $said[$inset->side->axis()->value][$inset->item] = true;
            }
        }

        return $said;
    }
}
