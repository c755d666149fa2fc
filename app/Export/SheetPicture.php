<?php

declare(strict_types=1);

namespace App\Export;

use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Paint\SheetPainter;
use AllSquare\Core\Sheet\Tree;
use AllSquare\Core\Text\FontLibrary;
use App\Models\Item;
use App\Sheets\ItemRows;

/** A sheet as it was stored, ready to be painted as SVG, whole or in parts. */
final readonly class SheetPicture
{
    private Tree $tree;

    /** @var array<string, string> */
    private array $paintings;

    /** @var array<string, Rect> */
    private array $painted;

    private SheetPainter $painter;

    public function __construct(string $sheetId, FontLibrary $fonts)
    {
        $items = $paintings = $painted = [];
        $columns = [...ItemRows::BASE, 'svg', 'painted_x', 'painted_y', 'painted_w', 'painted_h'];
        foreach (Item::query()->toBase()->where('sheet_id', $sheetId)->get($columns) as $row) {
            $items[] = ItemRows::toCore($row);
            $paintings[$row->id] = $row->svg;
            $painted[$row->id] = new Rect($row->painted_x, $row->painted_y, $row->painted_w, $row->painted_h);
        }
        $this->tree = new Tree($items);
        [$this->paintings, $this->painted] = [$paintings, $painted];
        $this->painter = new SheetPainter($fonts);
    }

    /**
     * @param  Rect  $view  px of the sheet
     * @param  array{int, int}  $pixels  of the picture
     * @param  string|null  $background  #rrggbb, or null for a clear one
     */
    public function svg(Rect $view, array $pixels, ?string $background): string
    {
        return $this->painter->svg($this->tree, $this->paintings, $this->painted, $view, $pixels, $background);
    }
}
