<?php

declare(strict_types=1);

namespace App\Export;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Geometry\Unit;
use AllSquare\Core\Item\Painting\Element;
use AllSquare\Core\Item\Painting\Painting;
use AllSquare\Core\Paint\PictureSource;
use AllSquare\Core\Paint\SheetPainter;
use AllSquare\Core\Sheet\Sheet as CoreSheet;
use AllSquare\Core\Sheet\Tree;
use AllSquare\Core\Slice\Areas;
use AllSquare\Core\Slice\Asset;
use AllSquare\Core\Text\FontFaces;
use AllSquare\Core\Text\FontLibrary;
use App\Models\Item;
use App\Models\Sheet;
use App\Models\Swatch;
use App\Storage\ItemRows;

/** A sheet as it was stored, ready to be painted as SVG, whole or in parts. */
final class SheetPicture
{
    /** px of a picture to each px of a page at most: 384 to the inch at 96 */
    private const PRINTED = 4.0;

    public readonly CoreSheet $sheet;

    public readonly Areas $areas;

    public readonly Tree $tree;

    /** @var array<string, string> the colours of swatches, by their keys */
    public readonly array $palette;

    private SheetPainter $painter;

    public function __construct(Sheet $sheet, FontLibrary $fonts, private readonly FontFaces $faces, public readonly PictureSource $pictures)
    {
        $items = $paintings = $painted = $painting = [];
        $columns = [...ItemRows::BASE, 'painting', 'paints', 'painted_x', 'painted_y', 'painted_w', 'painted_h'];
        foreach (Item::query()->toBase()->where('sheet_id', $sheet->id)->get($columns) as $row) {
            $items[] = ItemRows::toCore($row);
            $paintings[$row->id] = Painting::read(json_decode($row->painting, true, flags: JSON_THROW_ON_ERROR));
            $painted[$row->id] = new Rect((float) $row->painted_x, (float) $row->painted_y, (float) $row->painted_w, (float) $row->painted_h);
            if ((bool) $row->paints) {
                $painting[$row->id] = $painted[$row->id];
            }
        }
        $this->sheet = $sheet->toCore();
        $this->tree = new Tree($items);
        $this->areas = new Areas($this->tree, $painting);
        $this->palette = Swatch::palette($sheet->document_id);
        $this->painter = new SheetPainter($fonts, $this->tree, $paintings, $painted, $this->palette, $pictures);
    }

    /** The same sheet as if this item painted nothing. */
    public function without(string $id): self
    {
        $other = clone $this;
        $other->painter = $this->painter->without($id);

        return $other;
    }

    /**
     * @param  Rect  $area  px of the sheet
     * @param  array{int, int}  $pixels  of the picture
     * @param  string|null  $background  #rrggbb, or null for a clear one
     * @param  list<string>|null  $only  ids of the items that are painted; null for all
     */
    public function svg(Rect $area, float $factor, array $pixels, ?string $background, ?array $only = null): string
    {
        return $this->painter->picture($area, $factor, $pixels, $background, $only);
    }

    /**
     * What the rasteriser paints an asset from, or, of an SVG, the asset itself.
     *
     * @param  float  $factor  px that a px of an SVG is seen with at most, for its pictures
     */
    public function asset(Asset $asset, bool $outlines, float $factor = INF): string
    {
        if ($asset->format->isRaster()) {
            return $this->painter->picture($asset->area, $asset->factor(), $asset->pixels, $asset->colour, $asset->only);
        }
        $size = $asset->format->value === 'pdf'
            ? $this->millimetres($asset->area)
            : [Length::text($asset->area->w), Length::text($asset->area->h)];

        return $this->painter->drawing($asset->area, $size, $asset->colour, $asset->only, $outlines || $asset->format->value === 'pdf' ? null : $this->faces, $asset->format->value === 'pdf' ? self::PRINTED : $factor);
    }

    /** @return list<Element> what is on the sheet, in its space, for a drawing around it */
    public function body(): array
    {
        return $this->painter->body();
    }

    /** The whole sheet at its true size, for print. */
    public function page(): string
    {
        return $this->painter->drawing($this->sheet->picture(), $this->millimetres($this->sheet->picture()), $this->sheet->background, factor: self::PRINTED);
    }

    /** @return array{string, string} the sides of an area on paper: the whole sheet has the size that was typed, to which its px are rounded */
    private function millimetres(Rect $area): array
    {
        $unit = $this->sheet->unit === Unit::Px ? 25.4 / $this->sheet->ppi : $this->sheet->unit->pixels(25.4);
        $side = static fn (float $length, float $typed, float $pixels): string => Length::digits($length / $pixels * $typed * $unit, 6).'mm';

        return [$side($area->w, $this->sheet->typedWidth, $this->sheet->width()), $side($area->h, $this->sheet->typedHeight, $this->sheet->height())];
    }
}
