<?php

declare(strict_types=1);

namespace AllSquare\Core\Item;

use AllSquare\Core\Item\Field\Fields;
use AllSquare\Core\Item\Painting\Painter;
use AllSquare\Core\Text\FontLibrary;

/**
 * What an item is. A kind is added by the folder of its own in which all of it stands: what it is called and drawn with, its
 * fields, its painter, and as traits (Traits) what it can be asked. No one else asks which kind an item is of.
 */
interface Kind
{
    /** The word of the API and of files: box. */
    public function name(): string;

    /** The word of a sentence, for one or for several: box, boxes. */
    public function noun(int $count): string;

    /** Its sign in lists: path data of SVG within 14 x 14, which is outlined. */
    public function icon(): string;

    /** How it is drawn by hand; null for what is made from other items. */
    public function tool(): ?Tool;

    public function fields(): Fields;

    public function painter(FontLibrary $fonts): Painter;
}
