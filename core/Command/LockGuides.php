<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Guide;

/** Locks guides, or unlocks them: those that are named, or all. */
final readonly class LockGuides implements Command
{
    /** @param  list<string>  $guides */
    private function __construct(private array $guides, private bool $locked)
    {
    }

    public static function name(): string
    {
        return 'lock-guides';
    }

    public static function from(Params $params): self
    {
        return new self(array_values(array_unique($params->words('guides'))), $params->flag('locked', true));
    }

    public function needs(): Needs
    {
        return new Needs(sorts: [Guide::class]);
    }

    public function run(Draft $draft, array $items): Report
    {
        $guides = $this->guides === [] ? array_values($draft->of(Guide::class)->all()) : array_map($draft->of(Guide::class)->get(...), $this->guides);
        if ($guides === []) {
            throw Refusal::because('There are no guides on this sheet.', 'guides');
        }
        foreach ($guides as $guide) {
            $draft->of(Guide::class)->put(new Guide($guide->id, $guide->axis, $guide->at, $this->locked));
        }

        return new Report(($this->locked ? 'Locked ' : 'Unlocked ').(count($guides) === 1 ? $guides[0]->words() : count($guides).' guides'), $items);
    }
}
