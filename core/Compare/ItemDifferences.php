<?php

declare(strict_types=1);

namespace AllSquare\Core\Compare;

use AllSquare\Core\Geometry\Angle;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Item\Field\Field;
use AllSquare\Core\Item\Field\FieldGroup;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Traits\HasWords;
use AllSquare\Core\Sheet\Words;

/** In what a thing differs from what it is on the other sheet: its place, size, turn, looks, words and name. */
final readonly class ItemDifferences
{
    /** Fields of which each thing has its own: what it is one with on other sheets. */
    public const OWN = ['twin', 'source'];

    public function __construct(private Comparison $of)
    {
    }

    /** @return list<Difference> */
    public function found(): array
    {
        $found = [];
        foreach ($this->of->matching->there as $a => $b) {
            $one = $this->of->a->item((string) $a);
            $other = $this->of->b->item($b);
            array_push($found, ...$this->places($one, $other), ...$this->fields($one, $other), ...$this->switches($one, $other));
        }

        return $found;
    }

    /** @return list<Difference> */
    private function places(Item $one, Item $other): array
    {
        $found = [];
        $turned = Angle::keep($other->angle - $one->angle);
        $isTurned = ! Length::same($turned, 0.0);
        if ($isTurned) {
            $found[] = $this->difference(Sort::Turned, $one, $other, sprintf('is turned by %s°', Length::text($turned)), ['by' => $turned, 'to' => $other->angle]);
        }
        // What lies in something else now lies elsewhere for that; in a rail, its numbers say where things lie.
        $isPlaced = $this->of->sameParent($one->id, $other->id) && ($one->parent === null || $this->of->a->item($one->parent)->rail() === null);
        $isHeld = $this->of->isHeldTogether($one->id, $other->id);
        [$dx, $dy] = $isHeld ? self::shift($one, $other) : [Length::round($other->frame->x - $one->frame->x), Length::round($other->frame->y - $one->frame->y)];
        if ($isPlaced && ! ($isHeld && $isTurned) && (! Length::same($dx, 0.0) || ! Length::same($dy, 0.0))) {
            $found[] = $this->difference(Sort::Moved, $one, $other, 'moves '.self::way($dx, $dy), ['dx' => $dx, 'dy' => $dy]);
        }
        if (! $isHeld && ! (Length::same($one->frame->w, $other->frame->w) && Length::same($one->frame->h, $other->frame->h))) {
            $found[] = $this->difference(Sort::Sized, $one, $other, sprintf('is %s × %s, not %s × %s', ...array_map(Spoken::length(...), [$other->frame->w, $other->frame->h, $one->frame->w, $one->frame->h])), ['w' => $other->frame->w, 'h' => $other->frame->h, 'from' => ['w' => $one->frame->w, 'h' => $one->frame->h]]);
        }

        return $found;
    }

    /** @return array{float, float} px, by how much the space of what is in a group lies elsewhere */
    private static function shift(Item $one, Item $other): array
    {
        [$a, $b] = [$one->toParent(), $other->toParent()];
        [$dx, $dy] = [Length::round($b->dx - $a->dx), Length::round($b->dy - $a->dy)];

        // Where the space of a turned group lies is known to some thousandths.
        return max(abs($dx), abs($dy)) <= 0.002 ? [0.0, 0.0] : [$dx, $dy];
    }

    private static function way(float $dx, float $dy): string
    {
        $parts = [];
        if (! Length::same($dx, 0.0)) {
            $parts[] = ($dx > 0 ? 'right ' : 'left ').Spoken::withUnit(abs($dx));
        }
        if (! Length::same($dy, 0.0)) {
            $parts[] = ($dy > 0 ? 'down ' : 'up ').Spoken::withUnit(abs($dy));
        }

        return implode(' and ', $parts);
    }

    /** @return list<Difference> */
    private function fields(Item $one, Item $other): array
    {
        if ($one->kind !== $other->kind) {
            return [$this->difference(Sort::Reshaped, $one, $other, "becomes a {$other->kind->noun(1)}")];
        }
        $groups = [];
        foreach ($this->differing($one, $other) as $field) {
            $groups[self::sortOf($one, $other, $field)->value][] = $field;
        }
        $found = [];
        foreach ($groups as $sort => $fields) {
            $said = array_map(static fn (Field $field): string => sprintf('%s %s', $field->noun, $field->said($other->fields[$field->name])), $fields);
            $found[] = $this->difference(Sort::from($sort), $one, $other, match (Sort::from($sort)) {
                Sort::Reworded => sprintf('says "%s"', mb_strimwidth($other->kind instanceof HasWords ? strtr($other->kind->words($other), ["\n" => ' ']) : '', 0, 60, '…')),
                Sort::Restyled => 'has '.mb_strimwidth(implode(', ', $said), 0, 120, '…'),
                default => 'is shaped otherwise: '.implode(', ', array_map(static fn (Field $field): string => $field->noun, $fields)),
            }, ['fields' => array_map(static fn (Field $field): string => $field->name, $fields)]);
        }
        if ($one->flip !== $other->flip) {
            $found[] = $this->difference(Sort::Reshaped, $one, $other, 'is mirrored', [], 'flip');
        }

        return $found;
    }

    /** @return list<Field> */
    private function differing(Item $one, Item $other): array
    {
        $found = [];
        foreach ($one->kind->fields() as $name => $field) {
            if (($this->of->isOfOneSheet() || ! in_array($name, self::OWN, true)) && ($one->fields[$name] ?? null) !== ($other->fields[$name] ?? null) && json_encode($field->stored($one->fields[$name] ?? null), JSON_PRESERVE_ZERO_FRACTION) !== json_encode($field->stored($other->fields[$name] ?? null), JSON_PRESERVE_ZERO_FRACTION)) {
                $found[] = $field;
            }
        }

        return $found;
    }

    private static function sortOf(Item $one, Item $other, Field $field): Sort
    {
        $says = $one->kind instanceof HasWords && $other->kind instanceof HasWords && $one->kind->words($one) !== $other->kind->words($other);

        return match (true) {
            $says && $field->group === FieldGroup::Words => Sort::Reworded,
            $field->group === FieldGroup::Geometry => Sort::Reshaped,
            default => Sort::Restyled,
        };
    }

    /** @return list<Difference> */
    private function switches(Item $one, Item $other): array
    {
        $found = [];
        if ($one->name !== $other->name) {
            $found[] = $this->difference(Sort::Renamed, $one, $other, "is called \"$other->name\"", ['to' => $other->name]);
        }
        foreach (['hidden' => ['is hidden', 'is shown'], 'locked' => ['is locked', 'is not locked'], 'reference' => ['is a reference', 'is no reference']] as $name => [$on, $off]) {
            if ($one->{$name} !== $other->{$name}) {
                $found[] = $this->difference(Sort::Switched, $one, $other, $other->{$name} ? $on : $off, ['to' => $other->{$name}], $name);
            }
        }

        return $found;
    }

    /** @param  array<string, mixed>  $numbers */
    private function difference(Sort $sort, Item $one, Item $other, string $says, array $numbers = [], string $about = ''): Difference
    {
        return new Difference($sort, $one->id, $other->id, $one->name, Words::quoted($one)." $says", $numbers, $this->of->boxHere($one->id), $this->of->boxThere($other->id), $about);
    }
}
