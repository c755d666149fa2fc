<?php

declare(strict_types=1);

namespace App\Sheets;

use AllSquare\Core\Geometry\Angle;
use AllSquare\Core\Geometry\Flip;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\By;
use AllSquare\Core\Item\Kind;
use AllSquare\Core\Item\Kinds;
use AllSquare\Core\Item\Traits\FollowsItsWords;
use AllSquare\Core\Item\Traits\FramedByItems;
use AllSquare\Core\Item\Traits\HasBaseline;
use AllSquare\Core\Item\Traits\HasCells;
use AllSquare\Core\Item\Traits\KeepsNumbers;
use AllSquare\Core\Item\Traits\NoGround;
use AllSquare\Core\Item\Traits\ShowsAsOne;
use AllSquare\Core\Measure\Baseline;
use AllSquare\Core\Measure\Boxes;
use AllSquare\Core\Measure\Planning;
use AllSquare\Core\Measure\TrackEdges;
use AllSquare\Core\Sheet\Placed;
use AllSquare\Core\Sheet\Plan;
use AllSquare\Core\Sheet\Tree;
use AllSquare\Core\Text\FontLibrary;
use Illuminate\Support\Facades\DB;
use PDO;

/** Reads where everything visible lies, from the boxes that are kept with the items: no item is built for it. */
final readonly class PlanLoader
{
    public function __construct(private FontLibrary $fonts, private SheetLoader $loader)
    {
    }

    /** @param  bool  $letters  whether it is wanted too how letters stand, what is turned and what is locked */
    public function plan(string $sheet, By $by, bool $letters = false): Plan
    {
        if ($by === By::Upright) {
            // Upright frames are not kept with the items.
            $tree = new Tree($this->loader->everything($sheet));
            $boxes = new Boxes($tree, $this->fonts);

            return Planning::of($tree, $boxes, $by, new Baseline($tree, $boxes, $this->fonts));
        }
        $box = $by === By::Ink ? 'ink' : 'bounds';
        $statement = DB::connection()->getPdo()->prepare(
            "SELECT id, parent_id, kind, {$box}_x, {$box}_y, {$box}_w, {$box}_h".($letters ? ", angle, bounds_y, locked, flip, CASE WHEN kind IN ('".implode("', '", self::kinds(KeepsNumbers::class))."') OR (flip IN ('none', 'across') AND kind IN ('".implode("', '", self::kinds(HasBaseline::class))."')) THEN props END, bounds_w, bounds_h, CASE WHEN kind IN ('".implode("', '", self::kinds(HasCells::class))."') THEN json_extract(painting, '$.tracks') END, bounds_x" : '').'
            FROM items WHERE sheet_id = ? AND hidden = 0 AND reference = 0 ORDER BY parent_id, rank, id',
        );
        $statement->execute([$sheet]);
        $children = [];
        while ($row = $statement->fetch(PDO::FETCH_NUM)) {
            $children[$row[1] ?? ''][] = $row;
        }
        $seen = [];
        $this->walk($children, '', 0.0, false, $seen);

        return Plan::ofSeen($seen);
    }

    /**
     * @param  array<string, list<list<mixed>>>  $children  rows by parent
     * @param  list<Placed>  $seen  those found so far, which what is in the parent is added to
     * @return array{bool, bool} whether it shows anything, and whether something in it stands otherwise than by quarters
     */
    private function walk(array $children, string $parent, float $turned, bool $isLocked, array &$seen): array
    {
        $before = count($seen);
        $kinds = Kinds::all();
        $someTurned = false;
        foreach ($children[$parent] ?? [] as $row) {
            [$id, $in, $kind, $x, $y, $w, $h] = $row;
            $angle = $turned + ($row[7] ?? 0.0);
            $locked = $isLocked || ($row[9] ?? 0) === 1;
            $is = $kinds[$kind];
            $box = new Rect((float) $x, (float) $y, (float) $w, (float) $h);
            $fields = isset($row[11]) ? json_decode($row[11], true, flags: JSON_THROW_ON_ERROR) + $is->fields()->defaults : null;
            $isUpright = fmod($angle, 360.0) === 0.0;
            $baseline = $fields !== null && $isUpright && $is instanceof HasBaseline ? $row[8] + $is->baseline($fields, (float) $row[12], (float) $row[13], $this->fonts) : null;
            $edge = $fields !== null && $isUpright && $is instanceof FollowsItsWords ? $is->standsBy($fields) : null;
            $place = count($seen);
            $isTurned = ! Angle::isQuarter($angle);
            $seen[] = $one = new Placed($id, $in, $box, ! $is instanceof NoGround, $baseline, $edge !== null && $row[10] === 'across' ? 1.0 - $edge : $edge, $locked, $isTurned, $turned !== 0.0, $fields !== null && $is instanceof KeepsNumbers && $is->keepsNumbers($fields), $baseline === null || $fields === null || ! $is instanceof HasBaseline ? [] : array_map(static fn (float $line): float => $row[8] + $line, $is->letterLines($fields, (float) $row[12], (float) $row[13], $this->fonts)), $isUpright && isset($row[14]) ? TrackEdges::onSheet(json_decode($row[14], true, flags: JSON_THROW_ON_ERROR), Flip::from($row[10]), new Rect((float) $row[15], (float) $row[8], (float) $row[12], (float) $row[13])) : ['x' => [], 'y' => []]);
            $someTurned = $someTurned || $isTurned;
            if ($is instanceof ShowsAsOne || (! isset($children[$id]) && ! $is instanceof FramedByItems)) {
                continue;
            }
            [$showsItems, $holdsTurned] = $this->walk($children, $id, $angle, $locked, $seen);
            if (! $showsItems && $is instanceof FramedByItems) {
                array_splice($seen, $place);
            } elseif ($holdsTurned) {
                array_splice($seen, $place, 1, [$one->inexact()]);
                $someTurned = true;
            }
        }

        return [count($seen) > $before, $someTurned];
    }

    /**
     * @param  class-string  $trait
     * @return list<string> names of the kinds with a trait
     */
    private static function kinds(string $trait): array
    {
        return array_keys(array_filter(Kinds::all(), static fn (Kind $kind): bool => $kind instanceof $trait));
    }
}
