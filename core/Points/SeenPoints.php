<?php

declare(strict_types=1);

namespace AllSquare\Core\Points;

use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Item\Traits\HasPoints;
use AllSquare\Core\Sheet\Tree;

/** The points of the paths on a sheet that can be seen, which others are snapped to. */
final class SeenPoints
{
    /** More than so many would be a texture, and no places that someone means. */
    private const MOST = 4000;

    /**
     * @param  list<string>  $but  ids of items whose points, and those of what is in them, are left out
     * @return array<string, Point> px of the sheet, by the text of their reference
     */
    public static function of(Tree $tree, array $but = []): array
    {
        $seen = [];
        foreach ($tree->all() as $item) {
            if (! $item->kind instanceof HasPoints || $tree->isHidden($item->id) || $tree->isReference($item->id) || array_filter($but, static fn (string $id): bool => $tree->isWithin($item->id, $id)) !== []) {
                continue;
            }
            $toSheet = $tree->toSheet($item->parent)->after($item->paintedToParent());
            foreach ($item->kind->path($item)->subpaths as $r => $run) {
                foreach ($run->points as $p => $point) {
                    $seen[(new PointRef($item->id, $r, $p))->text()] = $toSheet->apply($point->at);
                }
            }
            if (count($seen) > self::MOST) {
                break;
            }
        }

        return $seen;
    }
}
