<?php

declare(strict_types=1);

namespace AllSquare\Core\Arrange;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Item\Text\TextFrame;
use AllSquare\Core\Sheet\Draft;

/** Scales what is not a frame along with it: type, the weight of outlines, radii of corners (RULES 8); no further than each can go. */
final readonly class LookScale
{
    private const LEAST_TYPE = 1.0;

    private const MOST_TYPE = 2000.0;

    private const MOST_OUTLINE = 1000.0;

    private const MOST_RADIUS = 10_000.0;

    public function __construct(private Draft $draft)
    {
    }

    /** @param  float  $factor  more than 0 */
    public function apply(string $id, float $factor): void
    {
        foreach ([$this->draft->item($id), ...$this->draft->tree->descendants($id)] as $item) {
            $props = $item->props;
            if (is_array($props['outline'] ?? null) && is_numeric($props['outline']['weight'] ?? null)) {
                $props['outline']['weight'] = min(self::MOST_OUTLINE, Length::settle((float) $props['outline']['weight'] * $factor));
            }
            if (isset($props['radius'])) {
                $props['radius'] = min(self::MOST_RADIUS, Length::settle($item->number('radius') * $factor));
            }
            if ($item->kind->name() === 'text') {
                $props['size'] = min(self::MOST_TYPE, max(self::LEAST_TYPE, Length::settle($item->number('size') * $factor)));
            }
            if ($props !== $item->props) {
                $this->draft->put((new TextFrame($this->draft->fonts))->fitted($item->withProps($props), $this->draft->sheet()->wholePixels));
            }
        }
    }
}
