<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Arrange\Mover;
use AllSquare\Core\Arrange\Sizer;
use AllSquare\Core\Geometry\Angle;
use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\NinePoint;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Scope;
use AllSquare\Core\Running\Selected;
use AllSquare\Core\Running\Traits\ArrangesBoxes;
use AllSquare\Core\Running\Traits\Repeatable;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Words;

/** Makes items as wide or as high as another, one of their nine points staying where it is (RULES 5). */
final readonly class MatchSize implements ArrangesBoxes, Command, Repeatable
{
    public static function name(): string
    {
        return 'match-size';
    }

    private function __construct(private string $dimension, private string $to, private ?string $anchor, private NinePoint $hold)
    {
    }

    public static function from(Params $params): self
    {
        $anchor = $params->word('anchor');

        return new self(
            (string) $params->word('dimension'),
            $params->word('to') ?? ($anchor === null ? 'largest' : 'anchor'),
            $anchor,
            $params->choice('hold', NinePoint::class) ?? NinePoint::TopLeft,
        );
    }

    public function needs(): Needs
    {
        return new Needs(Scope::Branches, $this->anchor === null ? [] : [$this->anchor]);
    }

    public function run(Draft $draft, array $items): Report
    {
        $selected = Selected::changeable($draft, $items);
        $mover = new Mover($draft);
        $sizes = array_map(fn (string $id): Rect => $this->size($draft, $mover, $id), array_combine($selected->ids, $selected->ids));
        $anchor = $this->to === 'anchor' ? $this->anchor ?? $selected->locked[0] ?? throw Refusal::because('Name the item whose size the others take.', 'anchor') : null;
        $ids = array_values(array_filter($selected->free, static fn (string $id): bool => $id !== $anchor));
        if ($ids === [] || ($anchor === null && count($sizes) < 2)) {
            throw Refusal::because('Select two items at least: one takes the size of another.', 'items');
        }
        $model = $anchor === null ? null : $this->size($draft, $mover, $anchor);
        $w = $model === null ? $this->chosen(array_map(static fn (Rect $size): float => $size->w, $sizes)) : $model->w;
        $h = $model === null ? $this->chosen(array_map(static fn (Rect $size): float => $size->h, $sizes)) : $model->h;
        $sizer = new Sizer($draft);
        $sized = [];
        foreach ($ids as $id) {
            if ($this->setsHeightOfLine($draft, $id)) {
                continue;
            }
            $this->apply($draft, $mover, $sizer, $id, $this->dimension === 'height' ? $sizes[$id]->w : $w, $this->dimension === 'width' ? $sizes[$id]->h : $h);
            $sized[] = $id;
        }
        if ($sized === []) {
            throw Refusal::because('Lines have a length and nothing across it, so they cannot take a height.', 'dimension');
        }
        $said = match ($this->dimension) {
            'width' => Spoken::length($w).' wide',
            'height' => Spoken::length($h).' high',
            default => Spoken::length($w).' × '.Spoken::length($h),
        };
        $like = $anchor === null ? "the $this->to" : Words::quoted($draft->item($anchor));

        return new Report(sprintf('Made %s %s, as %s', Words::of($draft, $sized), $said, $like).$selected->note(), $selected->ids, $selected->leftOut());
    }

    /** What counts as an item's width and height: those of its bounds, or of its own frame when it is turned. */
    private function size(Draft $draft, Mover $mover, string $id): Rect
    {
        return $mover->boxes->standsUpright($id) ? $mover->box($id) : $draft->item($id)->frame;
    }

    /** @param  non-empty-array<float>  $lengths */
    private function chosen(array $lengths): float
    {
        return $this->to === 'smallest' ? min($lengths) : max($lengths);
    }

    private function apply(Draft $draft, Mover $mover, Sizer $sizer, string $id, float $w, float $h): void
    {
        if (! $mover->boxes->standsUpright($id)) {
            $sizer->frame($id, $w, $h, $this->hold);

            return;
        }
        $box = $mover->box($id);
        $point = $box->at($this->hold);
        $left = $point->x - $w * $this->hold->across();
        $top = $point->y - $h * $this->hold->down();
        $sizer->toBounds($id, new Rect(
            Length::same($w, $box->w) ? $box->x : $mover->landing($id, Axis::X, $left),
            Length::same($h, $box->h) ? $box->y : $mover->landing($id, Axis::Y, $top),
            $w,
            $h,
        ));
    }

    private function setsHeightOfLine(Draft $draft, string $id): bool
    {
        if (! $draft->item($id)->isFlat() || $this->dimension === 'both') {
            return false;
        }

        return ($this->dimension === 'height') !== Angle::isSideways($draft->tree->totalAngle($id));
    }
}
