<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Item\Field\RailField;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Rail\Across;
use AllSquare\Core\Rail\Along;
use AllSquare\Core\Rail\Berth;
use AllSquare\Core\Rail\RailRules;
use AllSquare\Core\Rail\Sizing;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Selected;
use AllSquare\Core\Running\Traits\GoesOn;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Figures;
use AllSquare\Core\Sheet\Words;

/** Changes the numbers of rails; what is not said stays. What lies in them is laid out anew. */
final readonly class SetRail implements Command, GoesOn
{
    private function __construct(private Params $params)
    {
    }

    public static function name(): string
    {
        return 'set-rail';
    }

    public static function from(Params $params): self
    {
        return new self($params);
    }

    public function needs(): Needs
    {
        return new Needs;
    }

    public function run(Draft $draft, array $items): Report
    {
        $selected = Selected::movable($draft, $items);
        $rails = self::rails($draft, $selected->free);
        $given = $this->given($draft);
        if ($given === []) {
            throw Refusal::because('Say what of the rail is to change.', 'params');
        }
        foreach ($rails as $id) {
            $rail = $draft->item($id);
            $was = $rail->rail() ?? new RailRules;
            $is = self::changed($was, $given);
            isset($given['padding']) && self::refuseNoRoom($rail, $is);
            $draft->put($rail->withFields(['rail' => $is]));
            if (isset($given['across']) || $is->direction !== $was->direction) {
                self::straighten($draft, $id);
            }
        }

        $now = $draft->item($rails[0])->rail() ?? new RailRules;

        return new Report('Set '.Words::of($draft, $rails).': '.implode(', ', array_map(static fn (string $name): string => self::said($name, $now), array_keys($given))).$selected->note(), $selected->ids, $selected->leftOut());
    }

    private static function said(string $name, RailRules $rules): string
    {
        $size = static fn (Sizing $sizing, string $how, string $own): string => match ($sizing) {
            Sizing::Content => "as $how as what is in it",
            Sizing::Fixed => "of its own $own",
            Sizing::Share => "as $how as there is room",
        };

        return match ($name) {
            'direction' => $rules->direction === Axis::X ? 'a row' : 'a column',
            'gap' => 'gaps of '.Spoken::length($rules->gap),
            'padding' => 'padding '.implode(', ', array_map(Spoken::length(...), $rules->padding->toArray())),
            'across' => match ($rules->across) {
                Across::Start => 'at the start across',
                Across::Centre => 'centred across',
                Across::End => 'at the end across',
                Across::Stretch => 'stretched across',
            },
            'along' => match ($rules->along) {
                Along::Start => 'from the start on',
                Along::Centre => 'in the middle',
                Along::End => 'up to the end',
                Along::Between => 'what is left goes between',
            },
            'wrap' => $rules->wrap ? 'wraps' : 'in one line',
            'width' => $size($rules->width, 'wide', 'width'),
            'height' => $size($rules->height, 'high', 'height'),
            default => $name,
        };
    }

    /** @throws Refusal when the padding alone is larger than a rail that does not grow with what is in it */
    private static function refuseNoRoom(Item $rail, RailRules $rules): void
    {
        foreach ([[Axis::X, 'wide'], [Axis::Y, 'high']] as [$axis, $how]) {
            if ($rules->sizing($axis) === Sizing::Fixed && $rules->padding->both($axis) > $axis->size($rail->frame)) {
                throw Refusal::because(sprintf('%s is %s %s; its padding would take %s of that.', Words::quoted($rail), Spoken::withUnit($axis->size($rail->frame)), $how, Spoken::withUnit($rules->padding->both($axis))), 'padding');
            }
        }
    }

    /** What stood aside stands with the others, once it is said anew where they stand. */
    private static function straighten(Draft $draft, string $rail): void
    {
        foreach ($draft->tree->children($rail) as $child) {
            $berth = Berth::read(['aside' => 0] + $child->berth()->toArray());
            $draft->put($child->withFields(['berth' => $berth->toArray() === [] ? null : $berth]));
        }
    }

    /** @param  array<string, mixed>  $given */
    private static function changed(RailRules $was, array $given): RailRules
    {
        $padding = is_array($given['padding'] ?? null) ? [...$was->padding->toArray(), ...$given['padding']] : $was->padding->toArray();

        return RailRules::read(['padding' => $padding] + $given + $was->toArray());
    }

    /** @return array<string, mixed> */
    private function given(Draft $draft): array
    {
        $given = $this->params->all();
        $figures = new Figures($draft);
        $gap = $this->params->length('gap');
        if ($gap !== null) {
            $given['gap'] = $figures->within($gap, Axis::X, 'gap', RailField::MOST);
        }
        $padding = $this->params->value('padding');
        if ($padding !== null && ! is_array($padding)) {
            $length = $this->params->length('padding');
            $padding = $length === null ? [] : array_fill_keys(['left', 'top', 'right', 'bottom'], $length);
        }
        if (is_array($padding)) {
            $given['padding'] = [];
            foreach ($padding as $side => $length) {
                $px = $figures->size(is_string($length) ? $length : (float) (is_numeric($length) ? $length : 0.0), in_array($side, ['left', 'right'], true) ? Axis::X : Axis::Y, 'padding');
                $given['padding'][$side] = $figures->within($px, Axis::X, 'padding', RailField::MOST);
            }
        }

        return $given;
    }

    /**
     * @param  list<string>  $ids
     * @return non-empty-list<string> the rails among them
     *
     * @throws Refusal when there is none
     */
    public static function rails(Draft $draft, array $ids): array
    {
        $rails = array_values(array_filter($ids, static fn (string $id): bool => $draft->item($id)->rail() !== null));

        return $rails === [] ? throw Refusal::because('Select a rail.', 'items') : $rails;
    }
}
