<?php

declare(strict_types=1);

namespace AllSquare\Core\Series;

use AllSquare\Core\Arrange\Copies;
use AllSquare\Core\Arrange\GroupFit;
use AllSquare\Core\Arrange\Mover;
use AllSquare\Core\Arrange\Ranks;
use AllSquare\Core\Arrange\Reparenting;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Kinds;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Draft;

/** Makes copies until there are as many as a layout has places, lays them out, and keeps them as a series if wished. */
final readonly class Repetition
{
    public function __construct(private Draft $draft, private Layout $layout, private Counting $counting)
    {
    }

    /**
     * @param  non-empty-list<string>  $originals
     * @return non-empty-list<string> all members in their order, originals and copies
     *
     * @throws Refusal when there are more originals than places, too many copies, or they do not fit
     */
    public function of(array $originals): array
    {
        $count = $this->layout->count();
        if ($count < count($originals)) {
            throw Refusal::because(sprintf('There are %d items and only %d %s for them.', count($originals), $count, $count === 1 ? 'place' : 'places'), 'count');
        }

        return $this->laid($this->grown($originals, [], countAll: true));
    }

    /**
     * Members that are there already, and copies of the first of them, in all places.
     *
     * @param  non-empty-list<string>  $members
     * @param  array<int, string>  $returned  originals that had been kept aside, by their number
     * @return non-empty-list<string>
     */
    public function continued(array $members, array $returned = []): array
    {
        return $this->laid($this->grown($returned, $members, countAll: false));
    }

    /**
     * The members, with copies for the places that are not taken yet.
     *
     * @param  array<int, string>  $originals  not placed yet, by their number
     * @param  list<string>  $members  placed already
     * @param  bool  $countAll  whether figures in all of them run on, or in the copies alone
     * @return non-empty-list<string>
     */
    private function grown(array $originals, array $members, bool $countAll): array
    {
        $count = max(1, $this->layout->count());
        Copies::refuseTooMany($count - count($members) - count($originals));
        $first = $copied = $sources = [];
        for ($place = 0; $place < $count; $place++) {
            $original = $this->layout->originalAt($place);
            if (! isset($members[$place])) {
                if (! isset($first[$original]) && isset($originals[$original])) {
                    $members[$place] = $originals[$original];
                } else {
                    $copied[] = $place;
                    $sources[] = $members[$first[$original] ?? 0] ?? throw Refusal::because('There is nothing left to copy.', 'items');
                }
            }
            $first[$original] ??= $place;
        }
        foreach ((new Copies($this->draft))->of($sources) as $i => $copy) {
            $members[$copied[$i]] = $copy;
        }
        ksort($members);
        foreach ($countAll ? range(0, $count - 1) : $copied as $place) {
            $this->counting->apply($this->draft, $members[$place], $place, $place - ($first[$this->layout->originalAt($place)] ?? 0));
        }

        // @phpstan-ignore return.type (as many as there are places)
        return array_values($members);
    }

    /**
     * @param  non-empty-list<string>  $members
     * @return non-empty-list<string>
     */
    private function laid(array $members): array
    {
        $this->layout->lay($this->draft, new Mover($this->draft), $members);

        return $members;
    }

    /**
     * Puts members into a group that keeps the layout's numbers, at the place of the foremost of them. Its own space
     * is that of the sheet now, whatever it lies in, because that is the space of those numbers.
     *
     * @param  non-empty-list<string>  $members  laid out, in their order
     */
    public function kept(array $members): string
    {
        $isMember = array_flip($members);
        $foremost = array_values(array_filter($this->draft->tree->inOrder(), static fn (string $id): bool => isset($isMember[$id])));
        $last = $this->draft->item((string) end($foremost));
        $place = 0;
        foreach ($this->draft->tree->children($last->parent) as $sibling) {
            if ($sibling->id === $last->id) {
                break;
            }
            $place += isset($isMember[$sibling->id]) ? 0 : 1;
        }
        $kind = Kinds::ofGroups();
        $group = new Item(
            $this->draft->nextId(), null, 0, $kind, ucfirst($this->layout::word()), new Rect(0.0, 0.0, 0.0, 0.0), 0.0, false, false,
            [...$kind->fields()->defaults, 'series' => Layouts::stored($this->layout, $this->counting)],
        );
        $this->draft->add($group);
        $rehousing = new Reparenting($this->draft);
        foreach ($members as $i => $id) {
            $rehousing->move($id, $group->id, $i * Ranks::STEP);
        }
        (new GroupFit($this->draft))->fit($group->id);
        if ($last->parent !== null) {
            $rehousing->move($group->id, $last->parent, 0);
        }
        (new Ranks($this->draft))->insert($last->parent, $place, [$group->id]);
        (new Editing($this->draft))->edit($group->id, []);

        return $group->id;
    }
}
