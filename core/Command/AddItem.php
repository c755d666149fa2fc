<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Arrange\Mover;
use AllSquare\Core\Arrange\Ranks;
use AllSquare\Core\Geometry\Angle;
use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Kinds;
use AllSquare\Core\Item\Naming;
use AllSquare\Core\Item\Traits\FitsItsFrame;
use AllSquare\Core\Item\Traits\HasWords;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Scope;
use AllSquare\Core\Running\Traits\SelectsWhatItMade;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Figures;
use AllSquare\Core\Sheet\Words;

/** Puts a new item on the sheet, in front of everything in its parent. */
final readonly class AddItem implements Command, SelectsWhatItMade
{
    private const PLACE = ['kind', 'x', 'y', 'w', 'h', 'angle', 'parent', 'index', 'name'];

    private function __construct(private Params $params)
    {
    }

    public static function name(): string
    {
        return 'add-item';
    }

    public static function from(Params $params): self
    {
        return new self($params);
    }

    public function needs(): Needs
    {
        $parent = $this->params->word('parent');

        return new Needs(Scope::Order, $parent === null ? [] : [$parent]);
    }

    public function run(Draft $draft, array $items): Report
    {
        $item = $this->placed($draft, $this->made($draft));
        $draft->add($item);
        $index = $this->params->count('index');
        if ($index !== null) {
            (new Ranks($draft))->insert($item->parent, $index, [$item->id]);
        }
        $mover = new Mover($draft);
        $bounds = $mover->box($item->id);
        $mover->shift($item->id, $mover->landing($item->id, Axis::X, $bounds->x) - $bounds->x, $mover->landing($item->id, Axis::Y, $bounds->y) - $bounds->y);
        $item = $draft->item($item->id);

        return new Report(
            sprintf('Drew %s at %s, %s: %s', Words::quoted($item), Spoken::length($item->frame->x), Spoken::length($item->frame->y), self::size($item)),
            [$item->id],
            self::missing($draft, $item),
        );
    }

    private function made(Draft $draft): Item
    {
        $kind = Kinds::named((string) $this->params->word('kind'));
        if ($kind->tool() === null) {
            throw Refusal::because('A '.$kind->noun(1).' is made from items, with a command of its own.', 'kind');
        }
        $parent = $this->parent($draft);
        $given = array_diff_key($this->params->all(), array_flip(self::PLACE));
        $foreign = array_key_first(array_diff_key($given, $kind->fields()->defaults));
        if ($foreign !== null) {
            throw Refusal::because(sprintf('A %s has no %s.', $kind->name(), str_replace('_', ' ', $foreign)), $foreign);
        }
        $item = new Item(
            $draft->nextId(),
            $parent,
            (new Ranks($draft))->top($parent),
            $kind,
            '',
            new Rect(0.0, 0.0, 0.0, 0.0),
            Angle::keep((float) ($this->params->length('angle') ?? 0.0)),
            false,
            false,
            [...$kind->fields()->defaults, ...$kind->fields()->taken($given, $draft->fonts)],
        );

        return $item->with(['name' => Naming::checked($this->params->word('name') ?? Naming::ofItem($item))]);
    }

    private function parent(Draft $draft): ?string
    {
        $parent = $this->params->word('parent');
        if ($parent !== null && ! $draft->item($parent)->holdsItems()) {
            throw Refusal::because(Words::quoted($draft->item($parent)).' cannot hold items.', 'parent');
        }
        if ($parent !== null && $draft->tree->isLocked($parent)) {
            throw Refusal::because(Words::quoted($draft->item($parent)).' is locked. Unlock it first.', 'parent');
        }

        return $parent;
    }

    private function placed(Draft $draft, Item $item): Item
    {
        $figures = new Figures($draft);
        $whole = $draft->sheet()->wholePixels && Angle::isQuarter($item->angle);
        $kept = static fn (float $v): float => $whole ? Length::whole($v) : $v;
        $follows = $item->kind instanceof FitsItsFrame;
        $w = $this->params->length('w') ?? ($follows ? 0.0 : null) ?? throw Refusal::because('How wide? Give w.', 'w');
        $h = $this->params->length('h') ?? ($follows || $item->isFlat() ? 0.0 : null) ?? throw Refusal::because('How high? Give h.', 'h');
        $frame = new Rect(
            $figures->read($this->params->length('x') ?? 0.0, Axis::X, 'x', $item),
            $figures->read($this->params->length('y') ?? 0.0, Axis::Y, 'y', $item),
            $kept($figures->size($w, Axis::X, 'w', $item)),
            $kept($figures->size($h, Axis::Y, 'h', $item)),
        );
        if ($item->isFlat() && $frame->h > 0) {
            throw Refusal::because('A '.$item->kind->noun(1).' has no height: give its length as w, and its angle.', 'h');
        }
        $item = $item->inFrame($frame);
        // What was given is kept, also of what the frame says.
        if ($item->kind instanceof FitsItsFrame) {
            $item = $item->kind->drawn($item, $frame, array_intersect_key($item->fields, $this->params->all()));
        }

        return $item->fitted($whole, $draft->fonts);
    }

    private static function size(Item $item): string
    {
        return $item->isFlat()
            ? Spoken::length($item->frame->w).' long'
            : Spoken::length($item->frame->w).' × '.Spoken::length($item->frame->h);
    }

    /** @return array<string, mixed> */
    private static function missing(Draft $draft, Item $item): array
    {
        $missing = $item->kind instanceof HasWords ? $item->kind->missing($item, $draft->fonts) : [];

        return $missing === [] ? [] : ['missing_characters' => $missing];
    }
}
