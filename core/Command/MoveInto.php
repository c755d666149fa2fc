<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Arrange\Ranks;
use AllSquare\Core\Arrange\Reparenting;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Scope;
use AllSquare\Core\Running\Selected;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Words;

/** Puts items into a group, or out of groups onto the sheet itself. Nothing moves on the sheet. */
final readonly class MoveInto implements Command
{
    private function __construct(private ?string $parent, private ?int $index)
    {
    }

    public static function name(): string
    {
        return 'move-into';
    }

    public static function from(Params $params): self
    {
        return new self($params->word('parent'), $params->count('index'));
    }

    public function needs(): Needs
    {
        return new Needs(Scope::Order, $this->parent === null ? [] : [$this->parent]);
    }

    public function run(Draft $draft, array $items): Report
    {
        $selected = Selected::movable($draft, $items);
        self::refuseWrongParent($draft, $selected->free, $this->parent);
        $summary = sprintf('Put %s into %s', Words::of($draft, $selected->free), $this->parent === null ? 'the sheet itself' : Words::quoted($draft->item($this->parent)));
        self::put($draft, $selected->free, $this->parent, $this->index);

        return new Report($summary.$selected->note(), $selected->ids, $selected->leftOut());
    }

    /** Where things are put besides what a command does with them: a group and a place in it, as `into` says. */
    public static function wish(Params $params): ?Params
    {
        $given = $params->value('into');

        return is_array($given) ? new Params(array_filter($given, is_string(...), ARRAY_FILTER_USE_KEY)) : null;
    }

    /**
     * @param  list<string>  $ids
     * @param  bool  $areNew  whether they have just been made, so that nothing is said of where they lay
     * @return string what is said of it besides
     *
     * @throws Refusal when they cannot be put there
     */
    public static function follow(Draft $draft, array $ids, ?Params $wish, bool $areNew = false): string
    {
        if ($wish === null) {
            return '';
        }
        $parent = $wish->word('parent');
        self::refuseWrongParent($draft, $ids, $parent);
        $wasThere = array_filter($ids, static fn (string $id): bool => $draft->item($id)->parent !== $parent) === [];
        self::put($draft, $ids, $parent, $wish->count('index'));
        if ($wasThere && ! $areNew && $parent !== null && $ids !== []) {
            $order = array_column($draft->tree->children($parent), 'id');

            return sprintf(', to place %d of %d in %s', 1 + (int) array_search($ids[0], $order, true), count($order), Words::quoted($draft->item($parent)));
        }
        $zone = $wish->word('zone');
        if ($zone !== null && $parent === null) {
            MakeRunning::let($draft, $ids, $zone);

            return ", to run along the $zone of every sheet";
        }

        return ', '.($parent === null ? 'onto the sheet itself' : 'into '.Words::quoted($draft->item($parent)));
    }

    /**
     * @param  list<string>  $ids  in any order; theirs stays as it is
     * @param  int|null  $index  among what is there, from the back; null for in front of all
     */
    public static function put(Draft $draft, array $ids, ?string $parent, ?int $index): void
    {
        $isFree = array_flip($ids);
        $order = array_values(array_filter($draft->tree->inOrder(), static fn (string $id): bool => isset($isFree[$id])));
        $rehousing = new Reparenting($draft);
        $ranks = new Ranks($draft);
        foreach ($order as $id) {
            if ($draft->item($id)->parent !== $parent) {
                $rehousing->move($id, $parent, $ranks->top($parent));
            }
        }
        $ranks->insert($parent, $index ?? count($draft->tree->children($parent)), $order);
    }

    /**
     * @param  list<string>  $ids
     *
     * @throws Refusal when they cannot be put there
     */
    public static function refuseWrongParent(Draft $draft, array $ids, ?string $parent): void
    {
        if ($parent === null) {
            return;
        }
        $parent = $draft->item($parent);
        if (! $parent->holdsItems()) {
            throw Refusal::because(Words::quoted($parent).' cannot hold items.', 'parent');
        }
        if ($draft->tree->isLocked($parent->id)) {
            throw Refusal::because(Words::quoted($parent).' is locked. Unlock it first.', 'parent');
        }
        foreach ($ids as $id) {
            if ($id === $parent->id || $draft->tree->isWithin($parent->id, $id)) {
                throw Refusal::because(Words::quoted($draft->item($id)).' cannot be put into itself.', 'parent');
            }
        }
    }
}
