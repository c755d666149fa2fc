<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Measure\Boxes;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\CutParams;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Scope;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Figures;
use AllSquare\Core\Sheet\Slice;
use AllSquare\Core\Slice\NamePattern;
use AllSquare\Core\Slice\Slices;

/** Renames slices, several by a pattern; places and sizes them; sets what they take and as what they are written. */
final readonly class SetSlice implements Command
{
    private function __construct(private Params $params)
    {
    }

    public static function name(): string
    {
        return 'set-slice';
    }

    public static function from(Params $params): self
    {
        return new self($params);
    }

    public function needs(): Needs
    {
        // Which items they were cut from is known only once they are loaded.
        return new Needs($this->params->flag('follow') || str_contains($this->params->word('name') ?? '', '{item}') ? Scope::Whole : Scope::Branches);
    }

    public function run(Draft $draft, array $items): Report
    {
        $slices = array_map($draft->of(Slice::class)->get(...), array_values(array_unique($this->params->words('slices'))));
        $cuts = new CutParams($this->params, $draft);
        foreach ($slices as $i => $slice) {
            $placed = $slice->placed($this->box($draft, $slice->box));
            $cut = $cuts->on($placed->cut);
            $box = $cut->follows && ! $slice->cut->follows ? self::followed($draft, $cut->items[0]) : $placed->box;
            $slices[$i] = new Slice($slice->id, $slice->rank, $slice->name, $box, $cut);
        }
        $this->put($draft, $slices);

        return new Report(count($slices) > 1 ? 'Set '.count($slices).' slices' : 'Set slice '.$draft->of(Slice::class)->get($slices[0]->id)->words(), $items);
    }

    private function box(Draft $draft, Rect $was): Rect
    {
        $figures = new Figures($draft);
        [$x, $y, $w, $h] = array_map($this->params->length(...), ['x', 'y', 'w', 'h']);

        return new Rect(
            $x === null ? $was->x : $figures->read($x, Axis::X, 'x', null, $was),
            $y === null ? $was->y : $figures->read($y, Axis::Y, 'y', null, $was),
            $w === null ? $was->w : $figures->size($w, Axis::X, 'w', null, $was),
            $h === null ? $was->h : $figures->size($h, Axis::Y, 'h', null, $was),
        );
    }

    /**
     * Where a slice lies that begins to follow its item again.
     *
     * @throws Refusal when the item is gone
     */
    private static function followed(Draft $draft, string $item): Rect
    {
        if (! $draft->tree->has($item)) {
            throw Refusal::because('The item this slice was cut from is gone.', 'follow');
        }

        return Slice::checked(Slice::outward((new Boxes($draft->tree, $draft->fonts))->bounds($item)));
    }

    /**
     * @param  list<Slice>  $slices
     *
     * @throws Refusal when a name is taken, or several would get the same
     */
    private function put(Draft $draft, array $slices): void
    {
        $pattern = $this->params->word('name');
        $names = $pattern === null ? null : new NamePattern($pattern);
        if ($names !== null && count($slices) > 1 && ! $names->varies()) {
            throw Refusal::because('Several slices cannot have one name. Use a pattern such as {slice} or icon-{nn}.', 'name');
        }
        if ($names !== null) {
            // Their present names are free for each other.
            array_map(static fn (Slice $slice) => $draft->of(Slice::class)->remove($slice->id), $slices);
        }
        foreach ($slices as $i => $slice) {
            $name = $names === null ? $slice->name : trim($names->name(self::words($draft, $slice), $i + 1));
            $free = $names === null ? $name : (new Slices($draft))->free($name);
            if (count($slices) === 1 && $free !== $name) {
                throw Refusal::because(sprintf('There is another slice "%s" on this sheet.', $name), 'name');
            }
            $draft->of(Slice::class)->put(new Slice($slice->id, $slice->rank, $free, $slice->box, $slice->cut));
        }
    }

    /** @return array<string, string> what stands for the words of a pattern */
    private static function words(Draft $draft, Slice $slice): array
    {
        $item = $slice->cut->items[0] ?? '';

        return [
            'sheet' => $draft->sheet()->name,
            'slice' => $slice->name,
            'item' => $draft->tree->has($item) ? $draft->item($item)->name : $slice->name,
            'w' => Length::text($slice->box->w),
            'h' => Length::text($slice->box->h),
        ];
    }
}
