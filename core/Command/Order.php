<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Arrange\Ranks;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Scope;
use AllSquare\Core\Running\Selected;
use AllSquare\Core\Running\Traits\Repeatable;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Words;

/** Puts items elsewhere in the stack of their parent, back to front. */
final readonly class Order implements Command, Repeatable
{
    private function __construct(private string|int $to)
    {
    }

    public static function name(): string
    {
        return 'order';
    }

    public static function from(Params $params): self
    {
        $to = $params->value('to');

        return new self(is_int($to) ? $to : (string) $params->word('to'));
    }

    public function needs(): Needs
    {
        return new Needs(Scope::Order);
    }

    public function run(Draft $draft, array $items): Report
    {
        $selected = Selected::movable($draft, $items);
        $byParent = [];
        foreach ($selected->free as $id) {
            $byParent[$draft->item($id)->parent ?? ''][] = $id;
        }
        foreach ($byParent as $parent => $ids) {
            $this->reorder($draft, $parent === '' ? null : (string) $parent, $ids);
        }
        $where = match ($this->to) {
            'front' => 'to the front',
            'back' => 'to the back',
            'forward' => 'one forward',
            'backward' => 'one back',
            default => 'to place '.((int) $this->to + 1).' from the back',
        };

        return new Report('Put '.Words::of($draft, $selected->free)." $where".$selected->note(), $selected->ids, $selected->leftOut());
    }

    /** @param  non-empty-list<string>  $ids */
    private function reorder(Draft $draft, ?string $parent, array $ids): void
    {
        $siblings = array_map(static fn (Item $item): string => $item->id, $draft->tree->children($parent));
        $moving = array_values(array_intersect($siblings, $ids));
        $others = array_values(array_diff($siblings, $ids));
        $index = match ($this->to) {
            'front' => count($others),
            'back' => 0,
            'forward' => self::othersBelow($siblings, $others, (string) end($moving)) + 1,
            'backward' => self::othersBelow($siblings, $others, $moving[0] ?? '') - 1,
            default => (int) $this->to,
        };
        $index = max(0, min($index, count($others)));
        if ([...array_slice($others, 0, $index), ...$moving, ...array_slice($others, $index)] !== $siblings) {
            (new Ranks($draft))->insert($parent, $index, $moving);
        }
    }

    /**
     * @param  list<string>  $siblings
     * @param  list<string>  $others
     */
    private static function othersBelow(array $siblings, array $others, string $id): int
    {
        return count(array_intersect(array_slice($siblings, 0, (int) array_search($id, $siblings, true)), $others));
    }
}
