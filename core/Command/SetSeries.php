<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Scope;
use AllSquare\Core\Running\Selected;
use AllSquare\Core\Running\Traits\GoesOn;
use AllSquare\Core\Running\Traits\SelectsWhatItMade;
use AllSquare\Core\Series\Editing;
use AllSquare\Core\Series\Layouts;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Figures;
use AllSquare\Core\Sheet\Words;

/** Gives series other numbers: how many, how far apart, in what extent (RULES 7). */
final readonly class SetSeries implements Command, GoesOn, SelectsWhatItMade
{
    private const ACROSS = ['column_gap', 'dx', 'cx', 'inset', 'radius'];

    private const DOWN = ['row_gap', 'dy', 'cy'];

    private function __construct(private Params $params)
    {
    }

    public static function name(): string
    {
        return 'set-series';
    }

    public static function from(Params $params): self
    {
        return new self($params);
    }

    public function needs(): Needs
    {
        return new Needs(Scope::Order);
    }

    public function run(Draft $draft, array $items): Report
    {
        if ($this->params->all() === []) {
            throw Refusal::because('Name at least one number of the series.', 'params');
        }
        $selected = Selected::of($draft, $items);
        $series = array_values(array_unique(array_map(static fn (string $id): string => self::seriesOf($draft, $id), $selected->ids)));
        Selected::changeable($draft, $series);
        $said = [];
        foreach ($series as $id) {
            // One that was a member of another may have gone with it.
            if (! $draft->tree->has($id)) {
                continue;
            }
            [$before, $after] = (new Editing($draft))->edit($id, $this->changes($draft));
            $whole = $draft->sheet()->wholePixels;
            [$was, $is] = [$before->words($whole), $after->words($whole)];
            $said[] = $was === $is ? $is : "$is (was $was)";
        }

        $series = array_values(array_filter($series, $draft->tree->has(...)));

        return new Report(sprintf('Changed %s: %s', Words::of($draft, $series), implode('; ', array_unique($said))), $series);
    }

    /** The series itself, or the innermost one that the item is a member of. */
    private static function seriesOf(Draft $draft, string $id): string
    {
        foreach ([$draft->item($id), ...$draft->tree->ancestors($id)] as $item) {
            if (Layouts::isSeries($item)) {
                return $item->id;
            }
        }
        throw Refusal::because(Words::quoted($draft->item($id)).' is no series. Select a block, a ring or a row of steps that was made as one.', 'items');
    }

    /** @return array<string, float|int|string|bool> */
    private function changes(Draft $draft): array
    {
        $figures = new Figures($draft);
        $changes = [];
        foreach ($this->params->all() as $name => $value) {
            $length = $this->params->length($name);
            $changes[$name] = match (true) {
                $length !== null && $name === 'radius' => $figures->size($length, Axis::X, $name),
                $length !== null && in_array($name, self::ACROSS, true) => $figures->read($length, Axis::X, $name),
                $length !== null && in_array($name, self::DOWN, true) => $figures->read($length, Axis::Y, $name),
                is_bool($value), is_int($value), is_float($value), is_string($value) => $value,
                default => throw Refusal::because("$name cannot be that.", $name),
            };
        }

        return $changes;
    }
}
