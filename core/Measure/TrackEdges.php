<?php

declare(strict_types=1);

namespace AllSquare\Core\Measure;

use AllSquare\Core\Geometry\Flip;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Traits\HasCells;
use AllSquare\Core\Sheet\Tree;
use AllSquare\Core\Text\FontLibrary;

/** The edges of the columns and rows of a table on the sheet, but for its outer ones, which are those of its box. */
final class TrackEdges
{
    /**
     * @param  mixed  $tracks  where columns (x) and rows (y) begin and end, in turn, px from the table's top left
     * @param  Rect  $box  in which it stands upright
     * @return array{x: list<float>, y: list<float>}
     */
    public static function onSheet(mixed $tracks, Flip $flip, Rect $box): array
    {
        $edges = ['x' => [], 'y' => []];
        foreach (['x' => [$box->x, $box->w, $flip->isAcross()], 'y' => [$box->y, $box->h, $flip->isDown()]] as $axis => [$start, $size, $isMirrored]) {
            $given = is_array($tracks) && is_array($tracks[$axis] ?? null) ? array_filter($tracks[$axis], is_numeric(...)) : [];
            foreach (array_unique(array_map(floatval(...), $given), SORT_REGULAR) as $edge) {
                if ($edge > Length::SAME && $edge < $size - Length::SAME) {
                    $edges[$axis][] = $start + ($isMirrored ? $size - $edge : $edge);
                }
            }
        }

        return $edges;
    }

    /** @return array{x: list<float>, y: list<float>} none for what is no table that stands upright */
    public static function of(Tree $tree, string $id, Rect $bounds, FontLibrary $fonts): array
    {
        $item = $tree->item($id);

        return $item->kind instanceof HasCells && Length::same(fmod($tree->totalAngle($id), 360.0), 0.0)
            ? self::onSheet($item->kind->layout($item, $fonts)->edges(), $item->flip, $bounds)
            : ['x' => [], 'y' => []];
    }
}
