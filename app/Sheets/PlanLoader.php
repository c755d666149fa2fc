<?php

declare(strict_types=1);

namespace App\Sheets;

use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\By;
use AllSquare\Core\Item\Kind;
use AllSquare\Core\Item\Kinds;
use AllSquare\Core\Item\Traits\FramedByItems;
use AllSquare\Core\Item\Traits\HasBaseline;
use AllSquare\Core\Item\Traits\NoGround;
use AllSquare\Core\Measure\Baseline;
use AllSquare\Core\Measure\Boxes;
use AllSquare\Core\Measure\Planning;
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

    /** @param  bool  $baselines  whether the first lines of letters are wanted too */
    public function plan(string $sheet, By $by, bool $baselines = false): Plan
    {
        if ($by === By::Upright) {
            // Upright frames are not kept with the items.
            $tree = new Tree($this->loader->everything($sheet));
            $boxes = new Boxes($tree, $this->fonts);

            return Planning::of($tree, $boxes, $by, new Baseline($tree, $boxes, $this->fonts));
        }
        $box = $by === By::Ink ? 'ink' : 'bounds';
        $statement = DB::connection()->getPdo()->prepare(
            "SELECT id, parent_id, kind, {$box}_x, {$box}_y, {$box}_w, {$box}_h".($baselines ? ", angle, bounds_y, CASE WHEN flip IN ('none', 'across') AND kind IN ('".implode("', '", self::withBaseline())."') THEN props END" : '').'
            FROM items WHERE sheet_id = ? AND hidden = 0 AND reference = 0 ORDER BY parent_id, rank, id',
        );
        $statement->execute([$sheet]);
        $children = [];
        while ($row = $statement->fetch(PDO::FETCH_NUM)) {
            $children[$row[1] ?? ''][] = $row;
        }
        $seen = [];
        $this->walk($children, '', 0.0, $seen);

        return Plan::ofSeen($seen);
    }

    /**
     * @param  array<string, list<list<mixed>>>  $children  rows by parent
     * @param  list<Placed>  $seen  those found so far, which what is in the parent is added to
     * @return bool whether it shows anything
     */
    private function walk(array $children, string $parent, float $turned, array &$seen): bool
    {
        $before = count($seen);
        $kinds = Kinds::all();
        foreach ($children[$parent] ?? [] as $row) {
            [$id, $in, $kind, $x, $y, $w, $h] = $row;
            $angle = $row[7] ?? 0.0;
            $box = new Rect((float) $x, (float) $y, (float) $w, (float) $h);
            $is = $kinds[$kind];
            $baseline = isset($row[9]) && fmod($turned + $angle, 360.0) === 0.0 ? $row[8] + $this->baseline($is, $row[9]) : null;
            $place = count($seen);
            $seen[] = new Placed($id, $in, $box, ! $is instanceof NoGround, $baseline);
            if (! isset($children[$id]) && ! $is instanceof FramedByItems) {
                continue;
            }
            if (! $this->walk($children, $id, $turned + $angle, $seen) && $is instanceof FramedByItems) {
                array_splice($seen, $place);
            }
        }

        return count($seen) > $before;
    }

    private function baseline(Kind $kind, string $fields): ?float
    {
        return $kind instanceof HasBaseline ? $kind->baseline(json_decode($fields, true, flags: JSON_THROW_ON_ERROR), $this->fonts) : null;
    }

    /** @return list<string> the kinds with lines of letters */
    private static function withBaseline(): array
    {
        return array_keys(array_filter(Kinds::all(), static fn (Kind $kind): bool => $kind instanceof HasBaseline));
    }
}
