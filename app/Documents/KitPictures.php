<?php

declare(strict_types=1);

namespace App\Documents;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Painting\Painters;
use AllSquare\Core\Measure\Boxes;
use AllSquare\Core\Paint\PictureSource;
use AllSquare\Core\Paint\SheetPainter;
use AllSquare\Core\Running\Catalogue;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Tree;
use AllSquare\Core\Sheet\TreeBranch;
use AllSquare\Core\Text\FontLibrary;
use App\Models\Sheet;
use App\Models\Swatch;
use App\Sheets\SheetLoader;

/** Kits as they will look on a sheet: by putting them on a draft of it, which is not kept. */
final readonly class KitPictures
{
    /** px that a kit is seen with in a list */
    private const SIDE = 256.0;

    public function __construct(private SheetLoader $loader, private FontLibrary $fonts, private PictureSource $pictures)
    {
    }

    /** @param  string  $kit  the name of one that comes with the application, or the id of one of the document's own */
    public function of(Sheet $sheet, string $kit): string
    {
        $command = Catalogue::make('add-kit', ['kit' => $kit]);
        // Nothing that lies on the sheet is needed for it.
        $draft = $this->loader->draft($sheet, new Needs(sorts: $command->needs()->sorts), []);

        return $this->painted($draft, $command->run($draft, [])->selection, $sheet->document_id);
    }

    /** @param  list<string>  $roots */
    private function painted(Draft $draft, array $roots, string $document): string
    {
        $boxes = new Boxes($draft->tree, $this->fonts);
        $area = Rect::unionOf(array_values(array_filter(array_map($boxes->painted(...), $roots)))) ?? new Rect(0.0, 0.0, 1.0, 1.0);
        $painters = new Painters($this->fonts);
        $items = $paintings = [];
        foreach ($roots as $root) {
            foreach ([$draft->item($root), ...$draft->tree->descendants($root)] as $item) {
                $items[] = $item;
                $paintings[$item->id] = $painters->of($item)->paint(new TreeBranch($draft->tree, $item));
            }
        }
        $painter = new SheetPainter($this->fonts, new Tree($items), $paintings, [], Swatch::palette($document), $this->pictures);

        return $painter->drawing($area, [Length::text($area->w), Length::text($area->h)], null, factor: self::SIDE / max(1.0, $area->w, $area->h));
    }
}
