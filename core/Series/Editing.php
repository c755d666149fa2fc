<?php

declare(strict_types=1);

namespace AllSquare\Core\Series;

use AllSquare\Core\Arrange\GroupFit;
use AllSquare\Core\Arrange\Ranks;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Draft;

/**
 * Gives a series other numbers: members are added or taken away at its end, and all are laid out anew.
 *
 * This is worked out in the series' own space, so that it comes out the same wherever the series was moved or turned.
 */
final readonly class Editing
{
    public function __construct(private Draft $draft)
    {
    }

    /**
     * @param  array<string, float|int|string|bool>  $changes  as Layout::edited() takes them, and `count_up`
     * @return array{Layout, Layout} before and after
     *
     * @throws Refusal when it is no series, has no such number, or does not fit
     */
    public function edit(string $id, array $changes): array
    {
        $group = $this->draft->item($id);
        $members = array_map(static fn (Item $item): string => $item->id, $this->draft->tree->children($id));
        $before = Layouts::of($group, count($members));
        $counting = Layouts::counting($group);
        if (is_bool($changes['count_up'] ?? null)) {
            $counting = new Counting($changes['count_up'], $counting->list);
            unset($changes['count_up']);
        }
        $after = $before->edited($changes, new Rect($group->origin->x, $group->origin->y, $group->frame->w, $group->frame->h));
        $kept = array_slice($members, 0, $after->count());
        if ($kept === []) {
            throw Refusal::because('A series keeps one member at least. To be rid of it, delete it.', 'count');
        }
        $aside = Aside::of($group);
        $first = [];
        foreach ($members as $place => $member) {
            $original = $before->originalAt($place);
            if ($place >= $after->count()) {
                $aside = isset($first[$original]) ? $aside : $aside->with($original, $this->draft, $member);
                $this->draft->remove($member);
            }
            $first[$original] = true;
        }
        $plane = $this->draft->plane($this->inside($id));
        [$returned, $aside] = $aside->returned($plane, $after, count($kept));
        $all = (new Repetition($plane, $after, $counting))->continued($kept, $returned);
        foreach (array_slice($all, count($kept)) as $added) {
            $plane->put($plane->item($added)->with(['rank' => 0]));
            $plane->put($plane->item($added)->with(['rank' => (new Ranks($plane))->top(null)]));
        }
        $this->takeOver($plane, $id);
        $this->draft->put($this->draft->item($id)->withFields(['series' => $aside->kept(Layouts::stored($after, $counting))]));
        (new GroupFit($this->draft))->fit($id, anew: true);

        return [$before, $after];
    }

    /** @return list<Item> with the members on the plane itself */
    private function inside(string $group): array
    {
        return array_map(
            static fn (Item $item): Item => $item->parent === $group ? $item->with(['parent' => null]) : $item,
            $this->draft->tree->descendants($group),
        );
    }

    private function takeOver(Draft $plane, string $group): void
    {
        foreach ($plane->change()->items as $id => [, $is]) {
            if ($is === null) {
                continue;
            }
            $is = $is->parent === null ? $is->with(['parent' => $group]) : $is;
            $this->draft->tree->has((string) $id) ? $this->draft->put($is) : $this->draft->add($is);
        }
    }
}
