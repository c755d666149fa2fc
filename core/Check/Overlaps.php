<?php

declare(strict_types=1);

namespace AllSquare\Core\Check;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Item\Look\Look;
use AllSquare\Core\Item\Painting\GivesPath;
use AllSquare\Core\Item\Painting\Painters;
use AllSquare\Core\Item\Traits\Closed;
use AllSquare\Core\Item\Traits\HasPicture;
use AllSquare\Core\Item\Traits\HasWords;
use AllSquare\Core\Path\Combining\Combination;
use AllSquare\Core\Path\Combining\How;
use AllSquare\Core\Path\Path;
use AllSquare\Core\Path\PathData;
use AllSquare\Core\Sheet\Placed;
use AllSquare\Core\Sheet\Words;

/** Things that have nothing to do with each other and lie over one another a little. */
final class Overlaps implements Check
{
    public function about(): About
    {
        return new About('overlap', 'Overlaps');
    }

    /** px: what only touches does not overlap */
    private const TOUCHES = 0.5;

    /** Pairs whose shapes are looked at closely; a map of more is looked at by boxes. */
    private const MOST = 400;

    public function find(Looked $at): iterable
    {
        $painters = new Painters($at->fonts);
        $looked = 0;
        foreach ($at->plan->siblings() as $places) {
            $places = array_values(array_filter($places, fn (int $place): bool => $this->counts($at, $at->plan->placed[$place])));
            foreach ($this->pairs($at, $places) as [$a, $b]) {
                $shared = ++$looked > self::MOST ? $at->plan->placed[$a]->box->within($at->plan->placed[$b]->box) : $this->shared($at, $painters, $a, $b);
                if ($shared === null || min($shared->w, $shared->h) <= self::TOUCHES) {
                    continue;
                }
                yield $this->finding($at, $a, $b, $shared);
            }
        }
    }

    /** What is grouped belongs together, and may overlap; what numbers place is overlapped on purpose. Of turned words the box says little. */
    private function counts(Looked $at, Placed $one): bool
    {
        $item = $at->tree->item($one->id);
        $parent = $one->parent === null ? null : $at->tree->item($one->parent);

        return ! $item->isFlat() && ! $item->holdsItems() && ! ($parent !== null && $parent->isFramedByItems()) && ! $at->isRegular($one->id) && ! ($one->isTurned && $item->kind instanceof HasWords)
            && ($item->kind instanceof HasWords || $item->kind instanceof HasPicture || ($item->kind instanceof Closed && Look::fill($item) !== null)) && $item->number('opacity') > 0;
    }

    /**
     * Those whose boxes share a little and that are not one on the other.
     *
     * @param  list<int>  $places
     * @return iterable<array{int, int}>
     */
    private function pairs(Looked $at, array $places): iterable
    {
        $boxes = [];
        foreach ($places as $place) {
            $one = $at->plan->placed[$place];
            $boxes[$place] = $at->tree->item($one->id)->kind instanceof HasWords ? $at->ink($one->id) : $one->box;
        }
        uasort($boxes, static fn (Rect $a, Rect $b): int => $a->x <=> $b->x);
        $order = array_keys($boxes);
        foreach ($order as $i => $a) {
            for ($k = $i + 1; $k < count($order) && $boxes[$order[$k]]->x < $boxes[$a]->right() - self::TOUCHES; $k++) {
                $b = $order[$k];
                $shared = $boxes[$a]->within($boxes[$b]);
                // What covers most of another lies on it, or is laid over it.
                if ($shared !== null && min($shared->w, $shared->h) > self::TOUCHES && $shared->area() < 0.5 * min($boxes[$a]->area(), $boxes[$b]->area())) {
                    yield [min($a, $b), max($a, $b)];
                }
            }
        }
    }

    private function shared(Looked $at, Painters $painters, int $a, int $b): ?Rect
    {
        $paths = [];
        foreach ([$a, $b] as $place) {
            $item = $at->tree->item($at->plan->placed[$place]->id);
            $painter = $painters->of($item);
            if ($item->kind instanceof HasWords || ! $painter instanceof GivesPath) {
                $paths[] = PathData::read(self::rectangle($item->kind instanceof HasWords ? $at->ink($item->id) : $at->plan->placed[$place]->box));

                continue;
            }
            $toSheet = $at->tree->toSheet($item->parent)->after($item->paintedToParent());
            $paths[] = $painter->path($item)?->mapped($toSheet->apply(...)) ?? new Path([]);
        }

        return Combination::of([[$paths[0], 'nonzero'], [$paths[1], 'nonzero']], How::Overlap)->bounds();
    }

    private static function rectangle(Rect $box): string
    {
        return sprintf('M%F %FH%FV%FH%FZ', $box->x, $box->y, $box->right(), $box->bottom(), $box->x);
    }

    private function finding(Looked $at, int $a, int $b, Rect $shared): Finding
    {
        [$below, $over] = [$at->plan->placed[$a], $at->plan->placed[$b]];
        $names = array_map(static fn (Placed $one): string => Words::quoted($at->tree->item($one->id)), [$over, $below]);
        $isAcross = $shared->w <= $shared->h;
        $by = ceil($isAcross ? $shared->w : $shared->h);
        $isBefore = $isAcross ? $over->box->centre()->x < $below->box->centre()->x : $over->box->centre()->y < $below->box->centre()->y;
        $by = $isBefore ? -$by : $by;

        return new Finding(
            'overlap', [$over->id, $below->id], $shared,
            sprintf('%s overlaps %s', $names[0], $names[1]),
            sprintf('They share %s × %s.', Spoken::length(Length::round($shared->w)), Spoken::length(Length::round($shared->h))),
            Length::round(min($shared->w, $shared->h)), 0.0, [new Fix('move-by', [$over->id], $isAcross ? ['dx' => $by, 'dy' => 0] : ['dx' => 0, 'dy' => $by])],
        );
    }
}
