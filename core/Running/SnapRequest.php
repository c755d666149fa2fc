<?php

declare(strict_types=1);

namespace AllSquare\Core\Running;

use AllSquare\Core\Geometry\Angle;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\By;
use AllSquare\Core\Measure\Planning;
use AllSquare\Core\Points\SeenPoints;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Guide;
use AllSquare\Core\Snap\CandidateFinder;
use AllSquare\Core\Snap\Candidates;
use AllSquare\Core\Snap\Dragged;
use AllSquare\Core\Snap\Matches;
use AllSquare\Core\Snap\SnapKind;
use AllSquare\Core\Snap\Snapping;

/** How a drag is to snap when it ends: how near, to what, and which box of the items counts. */
final readonly class SnapRequest
{
    /**
     * @param  float  $tolerance  px of the sheet, inclusive
     * @param  list<SnapKind>  $kinds
     */
    public function __construct(private float $tolerance, private array $kinds, public By $by)
    {
    }

    public static function from(mixed $given): ?self
    {
        if (! is_array($given)) {
            return null;
        }
        $words = new Params(array_filter($given, is_string(...), ARRAY_FILTER_USE_KEY));

        return new self($words->number('tolerance') ?? 0.0, self::kinds($words->has('kinds') ? $words->words('kinds') : null), $words->choice('by', By::class) ?? By::Frame);
    }

    /**
     * @param  list<string>|null  $names  null for all
     * @return list<SnapKind> in their order
     */
    public static function kinds(?array $names): array
    {
        return array_values(array_filter(SnapKind::cases(), static fn (SnapKind $kind): bool => $names === null || in_array($kind->value, $names, true)));
    }

    public function needs(): Needs
    {
        return $this->by === By::Upright ? new Needs(Scope::Whole, sorts: [Guide::class]) : new Needs(sorts: [Guide::class], plan: $this->by, points: true);
    }

    /**
     * @param  list<string>  $ids  what is dragged
     * @param  float  $dx  how far, px
     * @return array{float, float, list<array<string, mixed>>} how far it goes, and what it meets there
     */
    public function snap(Draft $draft, array $ids, Dragged $dragged, float $dx, float $dy): array
    {
        $candidates = $this->candidates($draft, $ids, $dragged);
        // An axis along which nothing was dragged is held.
        [$dx, $dy] = (new Snapping($candidates, $dragged, $this->tolerance))->snap($dx, $dy, $dx !== 0.0, $dy !== 0.0);

        return [$dx, $dy, (new Matches($candidates, $dragged))->at($dx, $dy)];
    }

    /**
     * What it can snap to.
     *
     * @param  list<string>  $ids  what is dragged
     */
    public function candidates(Draft $draft, array $ids, ?Dragged $dragged): Candidates
    {
        return (new CandidateFinder($draft->sheet(), Planning::before($draft, $this->by), $draft->of(Guide::class)->all()))->find($this->kinds, $ids, $dragged, array_values(SeenPoints::of($draft->tree, array_values(array_filter($ids, $draft->tree->has(...))))));
    }

    /**
     * All of these as one block.
     *
     * @param  list<string>  $ids
     */
    public function block(Draft $draft, array $ids): Dragged
    {
        $plan = Planning::before($draft, $this->by);
        $is = array_flip($ids);
        $placed = array_values(array_filter($plan->placed, static fn ($one): bool => isset($is[$one->id])));
        $box = Rect::unionOf(array_map(static fn ($one): Rect => $one->box, $placed)) ?? new Rect(0.0, 0.0, 0.0, 0.0);
        $isExempt = ! $draft->sheet()->wholePixels || $this->by === By::Ink || array_filter($ids, static fn (string $id): bool => ! Angle::isQuarter($draft->tree->totalAngle($id))) !== [];

        return Dragged::moved($box, ! $isExempt, count($placed) === 1 ? $placed[0]->baseline : null);
    }
}
