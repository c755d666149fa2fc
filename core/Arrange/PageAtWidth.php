<?php

declare(strict_types=1);

namespace AllSquare\Core\Arrange;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Division;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Margins;
use AllSquare\Core\Sheet\Sheet;
use AllSquare\Core\Sheet\SheetGrid;

/**
 * A proposal how a page looks at another width (RULES 13), read off how it lies at the one it has: its rails are laid out anew, its grid
 * has as many columns as fit, pins are kept, and what finds no room beside others goes on below.
 */
final readonly class PageAtWidth
{
    /** px, below which no margin is brought by itself */
    private const MARGIN = 16.0;

    /** @throws Refusal when it is no width of a page */
    public static function propose(Draft $draft, float $width): void
    {
        $was = $draft->sheet();
        if ($width < 1.0 || $width > Sheet::LONGEST_SIDE) {
            throw Refusal::because(sprintf('A page is from 1 to 30,000 px wide; this would be %s.', Spoken::withUnit($width)), 'width');
        }
        $is = self::sheet($was, $width);
        [$from, $to] = [$was->box(), $is->box()];
        // What lies beside the sheet, and what runs on all sheets, is left as it is.
        $clusters = (new Clusters($draft))->in(null, $from);
        $bottom = max([0.0, ...array_map(static fn (Cluster $cluster): float => $cluster->box->bottom(), $clusters)]);
        $reflow = new Reflow($draft);
        $end = $reflow->contents($clusters, $from, $to, $is->margins);
        $pins = new PinFit($draft);
        foreach ($draft->tree->children(null) as $item) {
            ($item->twin()?->runs() ?? false) && $pins->follow($item, $from, new Rect(0.0, 0.0, $to->w, $from->h));
        }
        // As far below the last thing as it was, and no lower than it has to be to hold it.
        $height = max(1.0, Length::whole($end + $from->h - $bottom));
        $draft->putSheet($clusters === [] ? $is : $is->with(['typedHeight' => round($height / $is->unit->pixels($is->ppi), 6)]));
    }

    /** Its margins and its grid at that width. */
    private static function sheet(Sheet $was, float $width): Sheet
    {
        $share = min(1.0, $width / $was->width());
        $side = static fn (float $margin): float => $margin <= self::MARGIN ? $margin : max(self::MARGIN, Length::whole($margin * $share));
        $margins = new Margins($side($was->margins->left), $was->margins->top, $side($was->margins->right), $was->margins->bottom);
        $columns = $was->grid->columns;
        if ($columns !== null) {
            $size = max(1.0, $columns->size($was->margins->left, $was->width() - $was->margins->right));
            $room = $width - $margins->left - $margins->right;
            $columns = new Division(max(1, min($columns->count, (int) round(($room + $columns->gutter) / ($size + $columns->gutter)))), min($columns->gutter, max(0.0, $room / 4)));
        }

        return $was->with([
            'typedWidth' => round($width / $was->unit->pixels($was->ppi), 6), 'margins' => $margins,
            'grid' => new SheetGrid($columns, $was->grid->rows, $was->grid->module, $was->grid->baseline),
        ]);
    }
}
