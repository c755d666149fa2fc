<?php

declare(strict_types=1);

namespace AllSquare\Core\Slice;

use AllSquare\Core\Arrange\Ranks;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Naming;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Cut;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Slice;

/** The slices of a sheet under work: names are unique whatever their case, since they become files. */
final readonly class Slices
{
    public const MOST = 1_000;

    public function __construct(private Draft $draft)
    {
    }

    /** @param  string  $name  made unique by a number behind it */
    public function add(string $name, Rect $box, Cut $cut = new Cut): Slice
    {
        $slices = $this->draft->of(Slice::class)->all();
        if (count($slices) >= self::MOST) {
            throw Refusal::because('A sheet has 1,000 slices at most.');
        }
        $highest = $slices === [] ? 0 : max(array_map(static fn (Slice $slice): int => $slice->rank, $slices));
        $slice = new Slice($this->draft->nextId(), $highest + Ranks::STEP, $this->free($name), Slice::checked($box), $cut);
        $this->draft->of(Slice::class)->put($slice);

        return $slice;
    }

    /** The name, or the first of "name 2", "name 3" that is not taken. */
    public function free(string $name, ?string $besides = null): string
    {
        $name = Naming::checked($name);
        $taken = [];
        foreach ($this->draft->of(Slice::class)->all() as $slice) {
            if ($slice->id !== $besides) {
                $taken[mb_strtolower($slice->name)] = true;
            }
        }
        $free = $name;
        for ($n = 2; isset($taken[mb_strtolower($free)]); $n++) {
            $free = "$name $n";
        }

        return $free;
    }
}
