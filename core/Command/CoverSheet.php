<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Arrange\Ranks;
use AllSquare\Core\Arrange\Reparenting;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Item\Traits\HasPicture;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Scope;
use AllSquare\Core\Running\Selected;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Words;

/** Lets a picture cover the whole sheet, behind everything else. */
final readonly class CoverSheet implements Command
{
    public static function name(): string
    {
        return 'cover-sheet';
    }

    public static function from(Params $params): self
    {
        return new self;
    }

    public function needs(): Needs
    {
        return new Needs(Scope::Order);
    }

    public function run(Draft $draft, array $items): Report
    {
        $selected = Selected::movable($draft, $items);
        $pictures = FitPicture::pictures($draft, $selected->free);
        if (count($pictures) > 1) {
            throw Refusal::because('One picture can cover the sheet. Select one.', 'items');
        }
        $id = $pictures[0];
        if ($draft->item($id)->parent !== null) {
            (new Reparenting($draft))->move($id, null, (new Ranks($draft))->top(null));
        }
        $box = $draft->sheet()->picture();
        $item = $draft->item($id)->inFrame($box)->turnedTo(0.0);
        $draft->put($item->kind instanceof HasPicture ? $item->kind->fittedBy($item, 'cover') : $item);
        (new Ranks($draft))->insert(null, 0, [$id]);

        return new Report(sprintf('Covered the sheet with %s: %s × %s, behind everything', Words::quoted($item), Spoken::length($box->w), Spoken::length($box->h)), [$id]);
    }
}
