<?php

declare(strict_types=1);

namespace AllSquare\Core\Item;

/** How things of a kind are drawn by hand. */
final readonly class Tool
{
    /**
     * @param  int  $order  among the tools, from the first
     * @param  string  $name  Box
     * @param  string  $hint  what to do with it, as a sentence
     * @param  string  $icon  path data of SVG within 22 x 22, which is outlined
     * @param  float  $width  of one that is put on the sheet without being drawn, px
     * @param  string  $ghost  what is shown while one is drawn: its frame, an ellipse in it, a line from end to end, or nothing where it is typed
     * @param  string|null  $behind  the kind behind whose tool it stands, in a small menu
     */
    public function __construct(public int $order, public string $name, public string $hint, public string $icon, public float $width, public float $height, public string $ghost = 'frame', public ?string $behind = null)
    {
    }

    /** @return array<string, mixed> as GET /api/kinds gives it */
    public function toAnswer(): array
    {
        return ['order' => $this->order, 'name' => $this->name, 'hint' => $this->hint, 'icon' => $this->icon, 'width' => $this->width, 'height' => $this->height, 'ghost' => $this->ghost, 'behind' => $this->behind];
    }
}
