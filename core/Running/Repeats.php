<?php

declare(strict_types=1);

namespace AllSquare\Core\Running;

use AllSquare\Core\Series\Counting;
use AllSquare\Core\Series\Layout;
use AllSquare\Core\Series\Repetition;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Words;

/** What block, ring and step-repeat have in common: copies that count up or take a list, kept as a series if wished. */
final readonly class Repeats
{
    private function __construct(private bool $asSeries, private Counting $counting)
    {
    }

    public static function from(Params $params): self
    {
        return new self($params->flag('series'), Counting::fromLines($params->flag('count_up'), $params->word('list')));
    }

    /**
     * @param  non-empty-list<string>  $originals  in the order of their places
     * @param  string  $done  what is said to have been done, with %s for the items
     */
    public function report(Draft $draft, Layout $layout, array $originals, Selected $selected, string $done): Report
    {
        $what = Words::of($draft, $originals);
        $repetition = new Repetition($draft, $layout, $this->counting);
        $members = $repetition->of($originals);
        $copies = array_values(array_diff($members, $originals));
        $details = ['members' => $members, 'copies' => $copies, 'originals' => $originals] + $selected->leftOut();
        $summary = sprintf('%s: %s%s', sprintf($done, $what), $layout->words($draft->sheet()->wholePixels), $this->asSeries ? ', as a series' : '').$selected->note();
        if ($this->asSeries) {
            return new Report($summary, [$repetition->kept($members)], $details);
        }

        return new Report($summary, $copies === [] ? $members : $copies, $details);
    }

    /**
     * @return non-empty-list<string> those of the selected items that can be repeated, back to front
     */
    public static function originals(Draft $draft, Selected $selected): array
    {
        $isFree = array_flip($selected->free);

        // @phpstan-ignore return.type (there is one at least, or it was refused)
        return array_values(array_filter($draft->tree->inOrder(), static fn (string $id): bool => isset($isFree[$id])));
    }
}
