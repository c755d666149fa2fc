<?php

declare(strict_types=1);

namespace AllSquare\Core\Check;

use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Intent\Intent;
use AllSquare\Core\Intent\Meant;
use AllSquare\Core\Intent\Memory;
use AllSquare\Core\Intent\OddGaps;
use AllSquare\Core\Intent\Wish;
use AllSquare\Core\Item\By;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Traits\ShowsAsOne;
use AllSquare\Core\Measure\Baseline;
use AllSquare\Core\Measure\Boxes;
use AllSquare\Core\Measure\Grounds;
use AllSquare\Core\Measure\Ledger;
use AllSquare\Core\Measure\Nearby;
use AllSquare\Core\Measure\Planning;
use AllSquare\Core\Sheet\CheckSettings;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Guide;
use AllSquare\Core\Sheet\Placed;
use AllSquare\Core\Sheet\Plan;
use AllSquare\Core\Sheet\Sheet;
use AllSquare\Core\Sheet\Slice;
use AllSquare\Core\Sheet\Tree;
use AllSquare\Core\Sheet\TypeStyle;
use AllSquare\Core\Text\FontLibrary;

/** A sheet as checks look at it. What takes long to find out is found out once, when it is asked for. */
final class Looked
{
    public readonly Sheet $sheet;

    public readonly Tree $tree;

    public readonly FontLibrary $fonts;

    public readonly Plan $plan;

    public readonly Boxes $boxes;

    public readonly CheckSettings $settings;

    /** @var array<string, int> places in the plan, by id */
    public readonly array $place;

    private ?Grounds $grounds = null;

    private ?Ledger $ledger = null;

    /** @var list<Meant>|null */
    private ?array $meant = null;

    private ?Nearby $nearby = null;

    /** @var list<Item>|null */
    private ?array $leaves = null;

    /** @var array<string, Rect> */
    private array $inks = [];

    /** @param  Memory|null  $memory  of how things were meant to lie */
    public function __construct(private readonly Draft $draft, private readonly ?Memory $memory = null)
    {
        $this->sheet = $draft->sheet();
        $this->tree = $draft->tree;
        $this->fonts = $draft->fonts;
        $this->boxes = new Boxes($draft->tree, $draft->fonts);
        $this->plan = Planning::of($draft->tree, $this->boxes, By::Frame, new Baseline($draft->tree, $this->boxes, $draft->fonts, isForSnapping: false));
        $this->settings = array_values($draft->of(CheckSettings::class)->all())[0] ?? CheckSettings::none();
        $this->place = array_flip(array_map(static fn (Placed $one): string => $one->id, $this->plan->placed));
    }

    /** From which figure on a check finds something. */
    public function limit(Check $check): float
    {
        return $this->settings->limits[$check->about()->kind] ?? $check->about()->limit->default ?? 0.0;
    }

    /** @return list<Item> everything that is seen and paints something itself, back to front */
    public function leaves(): array
    {
        return $this->leaves ??= array_values(array_filter(array_map(fn (Placed $one): Item => $this->tree->item($one->id), $this->plan->placed), fn (Item $item): bool => (! $item->holdsItems() || $item->kind instanceof ShowsAsOne || ! $item->isFramedByItems()) && ! $this->isInShape($item)));
    }

    /** @return list<int> places among the leaves of those whose boxes meet one on the sheet, back to front */
    public function leavesMeeting(Rect $box): array
    {
        $this->nearby ??= new Nearby(array_map(fn (Item $item): Rect => $this->placed($item->id)->box, $this->leaves()));

        return $this->nearby->meeting($box);
    }

    /** @return list<Meant> how things were meant to lie, the innermost first */
    public function meant(): array
    {
        return $this->meant ??= $this->intent(false)->ofSheet();
    }

    public function intent(bool $sizes): Intent
    {
        return new Intent($this->sheet, $this->plan, $this->draft->of(Guide::class)->all(), Wish::of($this->sheet, sizes: $sizes), $this->memory);
    }

    /** Every gap and inset, with what is expected of those that are odd. */
    public function ledger(): Ledger
    {
        return $this->ledger ??= OddGaps::in(Ledger::of($this->plan, $this->sheet->box()), $this->meant());
    }

    /** @return string|null the id of what something lies on; null for the sheet */
    public function ground(string $id): ?string
    {
        $this->grounds ??= new Grounds($this->plan);
        $ground = isset($this->place[$id]) ? $this->grounds->of($this->place[$id]) : null;

        return $ground === null ? null : $this->plan->placed[$ground]->id;
    }

    public function placed(string $id): Placed
    {
        return $this->plan->placed[$this->place[$id]];
    }

    public function ink(string $id): Rect
    {
        return $this->inks[$id] ??= $this->boxes->ink($id);
    }

    /** Whether where it lies follows from numbers: of a series, or of a rail. */
    public function isRegular(string $id): bool
    {
        foreach ($this->tree->ancestors($id) as $holder) {
            if ($holder->keepsNumbers()) {
                return true;
            }
        }

        return false;
    }

    /** @return list<Slice> */
    public function slices(): array
    {
        return array_values($this->draft->of(Slice::class)->all());
    }

    /** @return list<TypeStyle> */
    public function styles(): array
    {
        return array_values($this->draft->of(TypeStyle::class)->all());
    }

    /** Whether it is a part of a shape that several make together. */
    private function isInShape(Item $item): bool
    {
        $parent = $item->parent === null ? null : $this->tree->item($item->parent);

        return $parent !== null && $parent->kind instanceof ShowsAsOne;
    }
}
