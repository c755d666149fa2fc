<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Arrange\Mover;
use AllSquare\Core\Arrange\Ranks;
use AllSquare\Core\Arrange\Reparenting;
use AllSquare\Core\Clipboard\Excerpt;
use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Scope;
use AllSquare\Core\Running\Traits\SelectsWhatItMade;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Figures;
use AllSquare\Core\Sheet\Words;

/**
 * Puts items that were copied, from this sheet or another one, onto the sheet: at the same place, or with their
 * common centre at a point. What was copied here lands directly above its source, anything else in front.
 */
final readonly class Paste implements Command, SelectsWhatItMade
{
    private function __construct(private Excerpt $excerpt, private mixed $at)
    {
    }

    public static function name(): string
    {
        return 'paste';
    }

    public static function from(Params $params): self
    {
        return new self(Excerpt::read($params->value('file')), $params->value('at'));
    }

    public function needs(): Needs
    {
        return new Needs(Scope::Order, $this->excerpt->sources());
    }

    public function run(Draft $draft, array $items): Report
    {
        $pasted = [];
        foreach ($this->excerpt->roots($draft) as $source => $made) {
            $id = array_key_first($made);
            foreach ($made as $item) {
                $draft->add($item);
            }
            $this->house($draft, (string) $id, (string) $source);
            $pasted[] = (string) $id;
        }
        $this->place($draft, $pasted);

        return new Report('Pasted '.Words::of($draft, $pasted), $pasted, ['copies' => $pasted]);
    }

    /** In the parent of its source, directly above it, where that is on this sheet and free; else in front on the sheet itself. */
    private function house(Draft $draft, string $id, string $source): void
    {
        $ranks = new Ranks($draft);
        $parent = $draft->tree->has($source) ? $draft->item($source)->parent : null;
        if (! $draft->tree->has($source) || ($parent !== null && $draft->tree->isLocked($parent))) {
            $draft->put($draft->item($id)->with(['rank' => $ranks->top(null)]));

            return;
        }
        (new Reparenting($draft))->move($id, $parent, 0);
        $ranks->above($parent, [$source => [$id]]);
    }

    /** @param  list<string>  $ids */
    private function place(Draft $draft, array $ids): void
    {
        $mover = new Mover($draft);
        $block = Rect::unionOf(array_map($mover->box(...), $ids));
        if (! is_array($this->at) || $block === null) {
            return;
        }
        $figures = new Figures($draft);
        $read = static fn (mixed $given, Axis $axis, string $field): float => $figures->read(is_string($given) ? $given : (is_numeric($given) ? (float) $given : 0.0), $axis, $field);
        $centre = $block->centre();
        $dx = $read($this->at['x'] ?? 0.0, Axis::X, 'at.x') - $centre->x;
        $dy = $read($this->at['y'] ?? 0.0, Axis::Y, 'at.y') - $centre->y;
        if ($draft->sheet()->wholePixels) {
            $dx = Length::whole($block->x + $dx) - $block->x;
            $dy = Length::whole($block->y + $dy) - $block->y;
        }
        foreach ($ids as $id) {
            $mover->shift($id, $dx, $dy);
        }
    }
}
