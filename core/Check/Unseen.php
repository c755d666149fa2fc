<?php

declare(strict_types=1);

namespace AllSquare\Core\Check;

use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Look\Colour;
use AllSquare\Core\Item\Look\Look;
use AllSquare\Core\Item\Traits\Closed;
use AllSquare\Core\Item\Traits\HasPoints;
use AllSquare\Core\Item\Traits\HasWords;
use AllSquare\Core\Item\Traits\WordsInBox;
use AllSquare\Core\Sheet\Words;

/** What has no size, says nothing, or has the colour of what it lies on. */
final class Unseen implements Check
{
    public function about(): About
    {
        return new About('unseen', 'Not to be seen');
    }

    public function find(Looked $at): iterable
    {
        foreach ($at->leaves() as $item) {
            $box = $at->placed($item->id)->box;
            // What is drawn by its outline alone may be level or upright.
            $isDrawn = $item->isFlat() || ($item->kind instanceof HasPoints && Look::outline($item) !== null);
            $isNothing = $isDrawn ? $box->w + $box->h <= 0.0 : min($item->frame->w, $item->frame->h) <= 0.0 && ! ($item->kind instanceof HasWords && trim($item->kind->words($item)) !== '');
            $isSilent = $item->kind instanceof HasWords && trim($item->kind->words($item)) === '' && ! ($item->kind instanceof WordsInBox && $item->kind->box($item) !== null);
            if ($isNothing || $isSilent) {
                yield new Finding('unseen', [$item->id], $box, Words::quoted($item).($isSilent ? ' says nothing' : ' has no size'), 'Nothing of it is seen. It is deleted.', null, null, [new Fix('delete', [$item->id], [])]);

                continue;
            }
            $ground = $this->groundColour($at, $item);
            $fill = Look::fill($item);
            if ($ground !== null && $fill instanceof Colour && ! $item->kind instanceof HasWords && $item->kind instanceof Closed && $fill->isOpaque() && $fill->hex === $ground->hex && Look::outline($item) === null && Look::shadows($item) === []) {
                yield new Finding('unseen', [$item->id], $box, Words::quoted($item).' has the colour of what it lies on', sprintf('Both are %s.', $fill->hex), null, null, []);
            }
        }
    }

    private function groundColour(Looked $at, Item $item): ?Colour
    {
        $ground = $at->ground($item->id);
        if ($ground === null) {
            return $at->sheet->background === null ? null : Colour::of($at->sheet->background);
        }
        $fill = Look::fill($at->tree->item($ground));

        return $fill instanceof Colour && $fill->isOpaque() ? $fill : null;
    }
}
