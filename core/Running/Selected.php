<?php

declare(strict_types=1);

namespace AllSquare\Core\Running;

use AllSquare\Core\Item\Item;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Words;
use AllSquare\Core\UnknownItem;

/** The items a command was given, sorted by what may be done to them. */
final readonly class Selected
{
    /**
     * @param  list<string>  $ids  all that were named, each once, without those named together with their ancestor
     * @param  list<string>  $free  those of them that are not locked
     * @param  list<string>  $locked
     */
    private function __construct(public array $ids, public array $free, public array $locked)
    {
    }

    /**
     * @param  list<string>  $named
     *
     * @throws UnknownItem
     * @throws Refusal when nothing was named
     */
    public static function of(Draft $draft, array $named): self
    {
        if ($named === []) {
            throw Refusal::because('Nothing is selected. Select something first.', 'items');
        }
        $chosen = [];
        foreach ($named as $id) {
            $draft->item($id);
            $chosen[$id] = true;
        }
        $ids = array_values(array_filter(
            array_map(strval(...), array_keys($chosen)),
            static fn (string $id): bool => array_filter($draft->tree->ancestors($id), static fn (Item $group): bool => isset($chosen[$group->id])) === [],
        ));
        $free = array_values(array_filter($ids, static fn (string $id): bool => ! $draft->tree->isLocked($id)));

        return new self($ids, $free, array_values(array_diff($ids, $free)));
    }

    /**
     * For what locked items do not allow: the rest is done, unless all are locked.
     *
     * @param  list<string>  $named
     *
     * @throws Refusal when everything named is locked
     */
    public static function movable(Draft $draft, array $named): self
    {
        $selected = self::of($draft, $named);
        if ($selected->free === []) {
            throw Refusal::because(Words::list($draft, $selected->ids).(count($selected->ids) === 1 ? ' is' : ' are').' locked. Unlock first.', 'items');
        }

        return $selected;
    }

    /**
     * For sizing and deleting, which what is locked inside a group does not allow either.
     *
     * @param  list<string>  $named
     *
     * @throws Refusal when everything named is locked, or a group holds something locked
     */
    public static function changeable(Draft $draft, array $named): self
    {
        $selected = self::movable($draft, $named);
        foreach ($selected->free as $id) {
            foreach ($draft->tree->descendants($id) as $inside) {
                if ($inside->locked || $inside->reference) {
                    throw Refusal::because(sprintf('%s holds %s, which is locked. Unlock it first.', Words::quoted($draft->item($id)), Words::quoted($inside)), 'items');
                }
            }
        }

        return $selected;
    }

    /** @return array<string, mixed> what the report says of the items that were left alone */
    public function leftOut(): array
    {
        return $this->locked === [] ? [] : ['left_out' => array_map(static fn (string $id): array => ['id' => $id, 'why' => 'locked'], $this->locked)];
    }

    /** What is added to the line of the history about them. */
    public function note(): string
    {
        return $this->locked === [] ? '' : '; '.count($this->locked).' locked stayed';
    }
}
