<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Arrange\GroupFit;
use AllSquare\Core\Arrange\Ranks;
use AllSquare\Core\Arrange\Reparenting;
use AllSquare\Core\Geometry\Angle;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Kinds;
use AllSquare\Core\Item\Painting\GivesPath;
use AllSquare\Core\Item\Painting\Painters;
use AllSquare\Core\Item\Traits\Closed;
use AllSquare\Core\Item\Traits\HasWords;
use AllSquare\Core\Item\Traits\ShowsAsOne;
use AllSquare\Core\Item\Traits\WordsInBox;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Scope;
use AllSquare\Core\Running\Selected;
use AllSquare\Core\Running\Traits\SelectsWhatItMade;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Words;

/**
 * Makes one shape of several (RULES 15). The anchor gives it its name, its look and its turn; the shapes stay in it, the anchor
 * rearmost, and can be edited there or released again.
 */
final readonly class Combine implements Command, SelectsWhatItMade
{
    private const DONE = ['join' => 'Joined', 'cut' => 'Cut', 'overlap' => 'Kept the overlap of', 'difference' => 'Kept the difference of'];

    private function __construct(private string $how, private ?string $anchor)
    {
    }

    public static function name(): string
    {
        return 'combine';
    }

    public static function from(Params $params): self
    {
        return new self($params->word('how') ?? 'join', $params->word('anchor'));
    }

    public function needs(): Needs
    {
        return new Needs(Scope::Order);
    }

    public function run(Draft $draft, array $items): Report
    {
        $selected = Selected::movable($draft, $items);
        $order = array_values(array_intersect($draft->tree->inOrder(), $selected->free));
        if (count($order) < 2) {
            throw Refusal::because('Select two shapes at least: there is nothing to combine with one.', 'items');
        }
        $this->check($draft, $order);
        $anchor = $this->anchor ?? $order[0];
        if (! in_array($anchor, $order, true)) {
            throw Refusal::because('The anchor has to be one of the shapes that are combined.', 'anchor');
        }
        $others = array_values(array_diff($order, [$anchor]));
        $said = $this->how === 'cut'
            ? 'Cut '.Words::list($draft, $others).' from '.Words::quoted($draft->item($anchor))
            : self::DONE[$this->how].' '.Words::of($draft, $order).', with '.Words::quoted($draft->item($anchor)).' as the anchor';
        $made = $this->made($draft, $anchor, $others, $order);
        if ($made->kind instanceof ShowsAsOne && $made->kind->extent($made) === null) {
            throw Refusal::because($this->how === 'overlap' ? 'They do not overlap, so that nothing would be left.' : 'Nothing would be left of them.', 'how');
        }

        return new Report($said.$selected->note(), [$made->id], $selected->leftOut());
    }

    /**
     * @param  list<string>  $others
     * @param  list<string>  $order  all of them, back to front
     */
    private function made(Draft $draft, string $anchor, array $others, array $order): Item
    {
        $kind = Kinds::ofCombined();
        $parent = $draft->tree->commonParent($order);
        $place = (new Ranks($draft))->placeOfForemost($order, $parent);
        $like = $draft->item($anchor);
        $angle = Angle::keep($draft->tree->totalAngle($anchor) - ($parent === null ? 0.0 : $draft->tree->totalAngle($parent)));
        $seen = $like->kind instanceof WordsInBox ? $like->kind->box($like) ?? $like : $like;
        $look = array_intersect_key($seen->fields, array_flip(['fill', 'outline', 'shadow', 'opacity']));
        $stood = [];
        $item = new Item($draft->nextId(), $parent, 0, $kind, $like->name, new Rect(0.0, 0.0, 0.0, 0.0), $angle, false, false, [...$kind->fields()->defaults, ...$look, 'how' => $this->how]);
        $draft->add($item);
        $rehousing = new Reparenting($draft);
        foreach ([$anchor, ...$others] as $i => $id) {
            $was = $draft->item($id);
            $rehousing->move($id, $item->id, $i * Ranks::STEP);
            $is = $draft->item($id);
            $stood[] = ['parent' => $was->parent === $parent, 'rank' => $was->rank, 'x' => $was->frame->x, 'y' => $was->frame->y, 'angle' => $was->angle, 'in' => [$is->frame->x, $is->frame->y, $is->frame->w, $is->frame->h, $is->angle]];
        }
        (new Ranks($draft))->insert($parent, $place, [$item->id]);
        (new GroupFit($draft))->fit($item->id);
        $item = $draft->item($item->id);
        $space = $item->toParent();
        $item = $item->withFields(['operands' => [...(array) $item->fields['operands'], 'space' => [$space->angle, $space->dx, $space->dy], 'stood' => $stood]]);
        $draft->put($item);

        return $item;
    }

    /**
     * @param  list<string>  $ids
     *
     * @throws Refusal when one of them has no inside
     */
    private function check(Draft $draft, array $ids): void
    {
        $painters = new Painters($draft->fonts);
        foreach ($ids as $id) {
            $item = $draft->item($id);
            $painter = $painters->of($item);
            $path = $painter instanceof GivesPath ? $painter->path($item) : null;
            $why = match (true) {
                $path === null && $item->kind instanceof HasWords => 'says nothing, so that it has no shape',
                ! $painter instanceof GivesPath, ! $item->kind instanceof Closed && ! $item->kind instanceof HasWords => 'is a '.$item->kind->noun(1).', which has no inside',
                $path === null || ! $path->hasInside() => 'has no inside',
                ! $path->isClosed() => 'is open. Close it first',
                default => null,
            };
            if ($why !== null) {
                throw Refusal::because(Words::quoted($item)." $why: only closed shapes can be combined.", 'items');
            }
        }
    }
}
