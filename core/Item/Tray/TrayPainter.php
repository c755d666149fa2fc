<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Tray;

use AllSquare\Core\Item\Box\BoxPainter;
use AllSquare\Core\Item\Painting\Branch;
use AllSquare\Core\Item\Painting\Clip;
use AllSquare\Core\Item\Painting\Painting;

/** Paints a tray like a box, and cuts off what reaches past it where that is asked for. */
final class TrayPainter extends BoxPainter
{
    public function paint(Branch $branch): Painting
    {
        $painting = parent::paint($branch);
        $item = $branch->item();

        return ($item->fields['clip'] ?? false) === true ? $painting->within(new Clip($this->shape($item)->path ?? 'M0 0')) : $painting;
    }
}
