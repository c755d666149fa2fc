<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Painting;

use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Traits\PaintedWithItems;
use AllSquare\Core\Text\FontLibrary;

/** The painter of each kind of item. */
final class Painters
{
    /** Raised when what a painter writes changes, so that stored paintings are known to be old. */
    private const VERSION = 4;

    /** @var array<string, Painter> made when something of their kind is painted first */
    private array $byKind = [];

    public function __construct(private readonly FontLibrary $fonts)
    {
    }

    public function of(Item $item): Painter
    {
        return $this->byKind[$item->kind->name()] ??= $item->kind->painter($this->fonts);
    }

    /** Changes when the painting does: place, angle, name, opacity and its own numbers in a rail are not in it; what it holds is where it is painted with that. */
    public static function hash(Branch $branch): string
    {
        $item = $branch->item();
        $fields = $item->fields;
        unset($fields['opacity'], $fields['berth'], $fields['pins'], $fields['twin'], $fields['source']);
        $inside = [];
        foreach ($item->kind instanceof PaintedWithItems ? $branch->inside() : [] as $held) {
            $inside[] = [self::hash($held), $held->item()->frame->toArray(), $held->item()->angle, $held->item()->flip, $held->item()->hidden];
        }

        // By what is stored: one value that two points share is no other than two that are alike.
        return hash('xxh64', json_encode([self::VERSION, $item->kind->name(), $item->frame->w, $item->frame->h, $item->kind->fields()->stored($fields), $inside], JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE));
    }
}
