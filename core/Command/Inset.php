<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Arrange\Mover;
use AllSquare\Core\Arrange\Sizer;
use AllSquare\Core\Arrange\Target;
use AllSquare\Core\Arrange\Targets;
use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Geometry\Side;
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
use AllSquare\Core\Sheet\Figures;
use AllSquare\Core\Sheet\Words;

/** Gives items the same distance to what they lie on, on the sides named or all four (RULES 5). */
final readonly class Inset implements ArrangesBoxes, Command, Repeatable
{
    public static function name(): string
    {
        return 'inset';
    }

    /** @param  list<Side>  $sides */
    private function __construct(private float|string $value, private array $sides, private bool $bySize, private bool $asOne)
    {
    }

    public static function from(Params $params): self
    {
        $sides = array_values(array_filter(array_map(Side::tryFrom(...), $params->words('sides'))));

        return new self($params->length('value') ?? 0.0, $sides === [] ? Side::cases() : $sides, $params->flag('by_size'), $params->word('as') === 'one');
    }

    public function needs(): Needs
    {
        return new Needs(Scope::Beneath);
    }

    public function run(Draft $draft, array $items): Report
    {
        $selected = $this->bySize ? Selected::changeable($draft, $items) : Selected::movable($draft, $items);
        $mover = new Mover($draft);
        $ids = array_values(array_filter($selected->free, fn (string $id): bool => ! $mover->boxes->showsNothing($id) && (! $this->bySize || $mover->boxes->standsUpright($id))));
        if ($ids === []) {
            throw Refusal::because('What is turned cannot be sized to an inset; move it, or turn it upright first.', 'items');
        }
        $blocks = $this->asOne ? [$ids] : array_map(static fn (string $id): array => [$id], $ids);
        $targets = new Targets($draft, $mover);
        $plans = [];
        foreach ($blocks as $block) {
            $box = Rect::unionOf(array_map($mover->box(...), $block)) ?? $draft->sheet()->box();
            $plans[] = [$block, $box, $targets->ground($block, $box)];
        }
        $middled = false;
        foreach ($plans as [$block, $box, $ground]) {
            $middled = ($this->bySize ? $this->size($draft, $block, $box, $ground) : $this->move($draft, $mover, $block, $box, $ground)) || $middled;
        }
        $value = Words::px((new Figures($draft))->read($this->value, Axis::X, 'value'));
        $on = count($plans) === 1 ? $plans[0][2]->name : 'what each lies on';
        $summary = sprintf('Inset %s by %s in %s%s', Words::of($draft, $ids), $value, $on, $this->bySize ? ', by sizing' : '');

        return new Report($summary.($middled ? '; both sides cannot have it by moving: put in the middle' : '').$selected->note(), $selected->ids, $selected->leftOut() + ['middle' => $middled]);
    }

    /** @param  non-empty-list<string>  $block */
    private function size(Draft $draft, array $block, Rect $box, Target $ground): bool
    {
        $ends = [];
        foreach (Side::cases() as $side) {
            $inset = (new Figures($draft))->read($this->value, $side->axis(), 'value', $draft->item($block[0]));
            $ends[$side->value] = in_array($side, $this->sides, true) ? $side->of($ground->box) + ($side->isLeading() ? $inset : -$inset) : $side->of($box);
        }
        $target = Rect::between($ends['left'], $ends['top'], $ends['right'], $ends['bottom']);
        if ($target->w < 0 || $target->h < 0) {
            throw Refusal::because(sprintf('An inset of that size leaves nothing: %s is %s × %s.', $ground->name, Spoken::length($ground->box->w), Spoken::length($ground->box->h)), 'value');
        }
        foreach ($block as $id) {
            (new Sizer($draft))->scale($id, $box, $target);
        }

        return false;
    }

    /**
     * @param  non-empty-list<string>  $block
     * @return bool whether two sides across from each other could not both have it
     */
    private function move(Draft $draft, Mover $mover, array $block, Rect $box, Target $ground): bool
    {
        $by = [];
        $middled = false;
        foreach (Axis::cases() as $axis) {
            $inset = (new Figures($draft))->read($this->value, $axis, 'value', $draft->item($block[0]));
            $sides = array_values(array_filter($this->sides, static fn (Side $side): bool => $side->axis() === $axis));
            $leading = $axis->lead($ground->box) + $inset;
            $trailing = $axis->trail($ground->box) - $inset - $axis->size($box);
            $to = match (true) {
                $sides === [] => $axis->lead($box),
                count($sides) === 2 => ($leading + $trailing) / 2,
                default => $sides[0]->isLeading() ? $leading : $trailing,
            };
            $middled = $middled || (count($sides) === 2 && ! Length::same($leading, $trailing));
            $whole = count($block) === 1 ? ! $mover->isExempt($block[0]) : $draft->sheet()->wholePixels;
            $by[] = $sides === [] ? 0.0 : ($whole ? Length::whole($to) : $to) - $axis->lead($box);
        }
        foreach ($block as $id) {
            $mover->shift($id, $by[0], $by[1]);
        }

        return $middled;
    }
}
