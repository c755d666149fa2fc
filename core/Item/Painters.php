<?php

declare(strict_types=1);

namespace AllSquare\Core\Item;

use AllSquare\Core\Item\Box\BoxPainter;
use AllSquare\Core\Item\Group\GroupPainter;
use AllSquare\Core\Item\Line\LinePainter;
use AllSquare\Core\Item\Round\RoundPainter;
use AllSquare\Core\Item\Text\TextPainter;
use AllSquare\Core\Text\FontLibrary;

/** The painter of each kind of item. */
final class Painters
{
    /** Raised when what a painter writes changes, so that stored paintings are known to be old. */
    private const VERSION = 1;

    /** @var array<string, Painter> made when something of their kind is painted first */
    private array $byKind = [];

    public function __construct(private readonly FontLibrary $fonts)
    {
    }

    public function of(Item $item): Painter
    {
        $kind = $item->kind->name();

        return $this->byKind[$kind] ??= match ($kind) {
            'box' => new BoxPainter,
            'round' => new RoundPainter,
            'line' => new LinePainter,
            'text' => new TextPainter($this->fonts),
            default => new GroupPainter,
        };
    }

    /** Changes when the painting does: place, angle, name and opacity are not in it. */
    public static function hash(Item $item): string
    {
        $props = $item->props;
        unset($props['opacity']);

        return hash('xxh64', serialize([self::VERSION, $item->kind->name(), $item->frame->w, $item->frame->h, $props]));
    }
}
