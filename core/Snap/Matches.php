<?php

declare(strict_types=1);

namespace AllSquare\Core\Snap;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;

/**
 * What something that was dragged lies on a line with, where it came to lie: sight lines from end to end of all that
 * meet there, gaps that are equal, sizes that are the same (RULES 10). All are true of the places given.
 *
 * @phpstan-type Sight array{axis: string, at: float, kind: string, from: list<string>, low: float, high: float}
 * @phpstan-type Equal array{axis: string, kind: string, size: float, from: list<string>, gaps?: list<array{float, float, float}>}
 */
final class Matches
{
    /** More names than this say nothing. */
    private const MOST = 12;

    /** @var array<string, Sight> by axis and place */
    private array $lines = [];

    public function __construct(private readonly Candidates $candidates, private readonly Dragged $dragged)
    {
    }

    /** @return list<Sight|Equal> by axis, then by place; equal gaps and sizes last */
    public function at(float $dx, float $dy): array
    {
        $this->lines = [];
        $box = $this->dragged->after($dx, $dy);
        $equal = [];
        foreach ([[Axis::X, $dx], [Axis::Y, $dy]] as [$axis, $by]) {
            foreach ($this->dragged->parts($axis) as $part) {
                $this->meet($axis, $part, $this->dragged->at($axis, $part) + $by, $box);
            }
            array_push($equal, ...$this->gaps($axis, $box), ...$this->sizes($axis, $box));
        }
        ksort($this->lines);

        return [...array_values($this->lines), ...$equal];
    }

    private function meet(Axis $axis, SnapPart $part, float $place, Rect $box): void
    {
        foreach ($this->candidates->lines($axis) as $line) {
            if (Length::same($line->at, $place) && Snapping::meets($part, $line)) {
                $this->add($axis, $line->at, $line->kind, $line->from, $line->low, $line->high, $box);
            }
        }
        if ($part === SnapPart::Baseline) {
            foreach ($this->candidates->baselines as $i => $at) {
                if (Length::same($at, $place) && $this->candidates->has(SnapKind::Edge)) {
                    $this->addItem($axis, $at, SnapKind::Edge, $i, $box);
                }
            }

            return;
        }
        [$edges, $centres] = [$this->candidates->has(SnapKind::Edge), $this->candidates->has(SnapKind::Centre)];
        foreach ($edges || $centres ? $this->candidates->boxes : [] as $i => $other) {
            $lead = $axis->lead($other);
            $size = $axis->size($other);
            if ($edges && (Length::same($lead, $place) || Length::same($lead + $size, $place))) {
                $this->addItem($axis, $place, SnapKind::Edge, $i, $box);
            } elseif ($centres && Length::same($lead + $size / 2, $place)) {
                $this->addItem($axis, $place, SnapKind::Centre, $i, $box);
            }
        }
        $module = $this->candidates->module;
        if ($module !== null && $part !== SnapPart::Centre && Length::same($place, floor($place / $module + 0.5) * $module)) {
            $this->add($axis, $place, SnapKind::Module, 'module', INF, -INF, $box);
        }
    }

    private function addItem(Axis $axis, float $at, SnapKind $kind, int $i, Rect $box): void
    {
        $across = $axis->across();
        $other = $this->candidates->boxes[$i];
        $this->add($axis, $at, $kind, $this->candidates->ids[$i], $across->lead($other), $across->trail($other), $box);
    }

    private function add(Axis $axis, float $at, SnapKind $kind, string $from, float $low, float $high, Rect $box): void
    {
        $across = $axis->across();
        $at = Length::round($at);
        $key = $axis->value.sprintf('%020.3f', $at + Length::LIMIT * 2);
        $was = $this->lines[$key] ?? ['axis' => $axis->value, 'at' => $at, 'kind' => $kind->value, 'from' => [], 'low' => $across->lead($box), 'high' => $across->trail($box)];
        if ($kind->rank() < SnapKind::from($was['kind'])->rank()) {
            $was['kind'] = $kind->value;
        }
        if (count($was['from']) < self::MOST && ! in_array($from, $was['from'], true)) {
            $was['from'][] = $from;
        }
        $this->lines[$key] = [...$was, 'low' => Length::round(min($was['low'], $low)), 'high' => Length::round(max($was['high'], $high))];
    }

    /** @return list<Equal> with each gap concerned: from, to, and where across it is drawn */
    private function gaps(Axis $axis, Rect $box): array
    {
        $across = $axis->across();
        [$lead, $trail] = [$axis->lead($box), $axis->trail($box)];
        $found = [];
        foreach ($this->candidates->gaps($axis) as $gap) {
            $is = $gap->part === SnapPart::Lead ? $lead : $trail;
            if (! Length::same($is, $gap->at) || $across->lead($box) >= $gap->high || $across->trail($box) <= $gap->low) {
                continue;
            }
            $end = $axis->trail($this->candidates->boxes[$gap->a]);
            $begin = $axis->lead($this->candidates->boxes[$gap->b]);
            $middle = Length::round((max($gap->low, $across->lead($box)) + min($gap->high, $across->trail($box))) / 2);
            $isBetween = $gap->part === SnapPart::Lead && $lead < $begin;
            $pair = $isBetween ? [[$end, $lead], [$trail, $begin]] : [[$end, $begin], $gap->part === SnapPart::Lead ? [$axis->trail($this->candidates->boxes[$gap->b]), $lead] : [$trail, $axis->lead($this->candidates->boxes[$gap->a])]];
            $found[(string) $gap->size] ??= ['axis' => $axis->value, 'kind' => SnapKind::Gap->value, 'size' => $gap->size, 'from' => [], 'gaps' => []];
            $of = &$found[(string) $gap->size];
            $of['from'] = array_slice(array_values(array_unique([...$of['from'], $this->candidates->ids[$gap->a], $this->candidates->ids[$gap->b]])), 0, self::MOST);
            foreach ($pair as [$from, $to]) {
                $one = [Length::round($from), Length::round($to), $middle];
                if (! in_array($one, $of['gaps'], true)) {
                    $of['gaps'][] = $one;
                }
            }
            unset($of);
        }

        return array_values($found);
    }

    /** @return list<Equal> */
    private function sizes(Axis $axis, Rect $box): array
    {
        if (! $this->dragged->sizes || $this->dragged->parts($axis) === [] || ! $this->candidates->has(SnapKind::Size)) {
            return [];
        }
        $same = [];
        foreach ($this->candidates->boxes as $i => $other) {
            if (Length::same($axis->size($other), $axis->size($box))) {
                $same[] = $this->candidates->ids[$i];
            }
        }

        return $same === [] ? [] : [['axis' => $axis->value, 'kind' => SnapKind::Size->value, 'size' => Length::round($axis->size($box)), 'from' => array_slice($same, 0, self::MOST)]];
    }
}
