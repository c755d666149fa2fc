<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Arrange\Ranks;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Kinds;
use AllSquare\Core\Item\Naming;
use AllSquare\Core\Item\Traits\OnCircle;
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
 * Puts a text on the circle of each thing named: the largest that fits its frame, about its centre. Of a text on a circle it makes
 * another on the other side of the same circle, half way round, as on a badge.
 */
final readonly class TextOnCircle implements Command, SelectsWhatItMade
{
    private function __construct(private ?string $words)
    {
    }

    public static function name(): string
    {
        return 'text-on-circle';
    }

    public static function from(Params $params): self
    {
        return new self($params->word('text'));
    }

    public function needs(): Needs
    {
        return new Needs(Scope::Order);
    }

    public function run(Draft $draft, array $items): Report
    {
        $selected = Selected::of($draft, $items);
        if ($selected->ids === []) {
            throw Refusal::because('Select what the text is to stand on: a round, or a text on a circle.', 'items');
        }
        $made = [];
        foreach ($selected->ids as $id) {
            $item = $this->made($draft, $draft->item($id));
            $draft->add($item->with(['name' => Naming::checked(Naming::ofItem($item))])->fitted(false, $draft->fonts));
            $made[] = $item->id;
        }
        $one = $draft->item($made[0]);

        return new Report(
            count($made) === 1 ? sprintf('Put %s on a circle with a radius of %s', Words::quoted($one), Spoken::length($one->frame->w / 2)) : 'Put '.count($made).' texts on circles',
            $made,
        );
    }

    private function made(Draft $draft, Item $on): Item
    {
        $place = ['id' => $draft->nextId(), 'parent' => $on->parent, 'rank' => (new Ranks($draft))->top($on->parent), 'locked' => false, 'hidden' => false, 'reference' => false, 'origin' => new Point(0.0, 0.0)];
        if ($on->kind instanceof OnCircle) {
            $other = $on->kind->onOtherSide($on)->with($place);

            return $this->words === null ? $other : $other->withFields(['text' => $this->words]);
        }
        if (min($on->frame->w, $on->frame->h) < 2.0) {
            throw Refusal::because(Words::quoted($on).' has no room for a circle.', 'items');
        }
        $kind = Kinds::onCircles();
        $item = $on->with(['kind' => $kind, 'fields' => [...$kind->fields()->defaults, 'text' => $this->words ?? 'Text on a circle'], ...$place]);

        return $kind instanceof OnCircle ? $kind->round($item, min($on->frame->w, $on->frame->h) / 2) : $item;
    }
}
