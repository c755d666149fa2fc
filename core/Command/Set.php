<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Arrange\Mover;
use AllSquare\Core\Arrange\Sizer;
use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\NinePoint;
use AllSquare\Core\Item\Field\Field;
use AllSquare\Core\Item\Field\FieldGroup;
use AllSquare\Core\Item\Field\Fields;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Kinds;
use AllSquare\Core\Item\Naming;
use AllSquare\Core\Item\Traits\FieldsFollow;
use AllSquare\Core\Item\Traits\HasWords;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Selected;
use AllSquare\Core\Running\SettingSaid;
use AllSquare\Core\Running\Traits\GoesOn;
use AllSquare\Core\Running\Traits\Repeatable;
use AllSquare\Core\Series\Counterparts;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Figures;
use AllSquare\Core\Sheet\Words;

/** Gives each item the same properties; frames are in the space of its parent. */
final readonly class Set implements Command, GoesOn, Repeatable
{
    /** What may be set on locked items too. */
    private const ALWAYS = ['locked', 'name', 'hidden', 'reference'];

    private const FRAME = ['x', 'y', 'w', 'h', 'angle'];

    private function __construct(private Params $params)
    {
    }

    public static function name(): string
    {
        return 'set';
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
        $given = $this->params->all();
        if ($given === []) {
            throw Refusal::because('Name at least one property to set.', 'params');
        }
        $always = array_diff(array_keys($given), self::ALWAYS) === [];
        $selected = match (true) {
            $always => Selected::of($draft, $items),
            isset($given['w']) || isset($given['h']) => Selected::changeable($draft, $items),
            default => Selected::movable($draft, $items),
        };
        $ids = $always ? $selected->ids : $selected->free;
        $before = array_map($draft->item(...), $ids);
        $look = (new Fields(...array_values(Kinds::fields())))->taken(array_diff_key($given, array_flip([...self::ALWAYS, ...self::FRAME])), $draft->fonts);
        $fitting = $this->fitting($draft, $ids, $look);
        $also = $this->counterparts($draft, $fitting, $look);
        foreach ($also as $id) {
            $this->look($draft, $id, self::shared($look));
        }
        $isFitting = array_flip($fitting);
        [$setsState, $setsFrame] = [array_intersect_key($given, array_flip(self::ALWAYS)) !== [], array_intersect_key($given, array_flip(self::FRAME)) !== []];
        foreach ($ids as $id) {
            if ($setsState) {
                $this->state($draft, $id);
            }
            if ($look !== [] && isset($isFitting[$id])) {
                $this->look($draft, $id, $look);
            }
            if ($setsFrame) {
                $this->frame($draft, $id);
            }
        }

        return new Report(
            SettingSaid::summary($draft, $given, $look === [] ? $ids : $fitting, $before).($also === [] ? '' : ' and '.count($also).' more of the series').($always ? '' : $selected->note()),
            $selected->ids,
            $this->leftOut($always ? [] : $selected->locked, array_diff($ids, $fitting), $look) + $this->missing($draft, $fitting),
        );
    }

    /**
     * @param  list<string>  $ids
     * @param  array<string, mixed>  $look
     * @return list<string> those whose kind has all of these properties
     */
    private function fitting(Draft $draft, array $ids, array $look): array
    {
        $fitting = array_values(array_filter($ids, static fn (string $id): bool => array_diff_key($look, $draft->item($id)->kind->fields()->defaults) === []));
        if ($fitting === [] && $ids !== []) {
            $item = $draft->item($ids[0]);
            $foreign = (string) array_key_first(array_diff_key($look, $item->kind->fields()->defaults));
            throw Refusal::because(sprintf('%s is a %s and has no %s.', Words::quoted($item), $item->kind->noun(1), str_replace('_', ' ', $foreign)), $foreign);
        }

        return $fitting;
    }

    /**
     * The look of one member of a series is that of all; its words are its own.
     *
     * @param  list<string>  $ids
     * @param  array<string, mixed>  $look
     * @return list<string> those besides the ones named
     */
    private function counterparts(Draft $draft, array $ids, array $look): array
    {
        if (self::shared($look) === []) {
            return [];
        }
        $counterparts = new Counterparts($draft->tree);
        $found = [];
        foreach ($ids as $id) {
            foreach (isset($found[$id]) ? [] : $counterparts->of($id) as $other) {
                $found[$other] = true;
            }
        }

        return array_values(array_diff(array_map(strval(...), array_keys($found)), $ids));
    }

    private function state(Draft $draft, string $id): void
    {
        $item = $draft->item($id);
        $name = $this->params->word('name');
        $draft->put($item->with([
            'name' => $name === null ? $item->name : Naming::checked($name),
            'locked' => $this->params->flag('locked', $item->locked),
            'hidden' => $this->params->flag('hidden', $item->hidden),
            'reference' => $this->params->flag('reference', $item->reference),
        ]));
    }

    /** @param  array<string, mixed>  $look */
    private function look(Draft $draft, string $id, array $look): void
    {
        $was = $draft->item($id);
        $item = $was->kind instanceof FieldsFollow ? $was->kind->withFields($was, $look) : $was->withFields($look);
        $draft->put($this->isOnlyPaint() ? $item : Naming::following($was, $item)->fitted($draft->sheet()->wholePixels, $draft->fonts));
    }

    private function isOnlyPaint(): bool
    {
        foreach ($this->given() as $field) {
            if ($field->group !== FieldGroup::Look) {
                return false;
            }
        }

        return true;
    }

    /** @return array<string, Field> those fields that were given */
    private function given(): array
    {
        return array_intersect_key(Kinds::fields(), $this->params->all());
    }

    /**
     * @param  array<string, mixed>  $look
     * @return array<string, mixed> what is not each item's own
     */
    private static function shared(array $look): array
    {
        return array_filter($look, static fn (string $name): bool => ! Kinds::fields()[$name]->isOwn, ARRAY_FILTER_USE_KEY);
    }

    private function frame(Draft $draft, string $id): void
    {
        $this->size($draft, $id);
        $this->place($draft, $id);
        $angle = $this->params->length('angle');
        if (is_float($angle)) {
            $draft->put($draft->item($id)->turnedTo($angle));
        }
    }

    private function size(Draft $draft, string $id): void
    {
        [$w, $h] = [$this->params->length('w'), $this->params->length('h')];
        if ($w === null && $h === null) {
            return;
        }
        $item = $draft->item($id);
        if ($h !== null && $item->isFlat()) {
            throw Refusal::because(Words::quoted($item).' is a '.$item->kind->noun(1).': it has a length and an angle, and no height.', 'h');
        }
        $figures = new Figures($draft);
        $exempt = (new Mover($draft))->isExempt($id);
        $kept = static fn (float $v): float => $exempt ? $v : Length::whole($v);
        (new Sizer($draft))->frame(
            $id,
            $w === null ? $item->frame->w : $kept($figures->size($w, Axis::X, 'w', $item)),
            $h === null ? $item->frame->h : $kept($figures->size($h, Axis::Y, 'h', $item)),
            NinePoint::TopLeft,
        );
    }

    private function place(Draft $draft, string $id): void
    {
        [$x, $y] = [$this->params->length('x'), $this->params->length('y')];
        if ($x === null && $y === null) {
            return;
        }
        $item = $draft->item($id);
        $figures = new Figures($draft);
        $draft->put($item->inFrame($item->frame->moved(
            $x === null ? 0.0 : $figures->read($x, Axis::X, 'x', $item) - $item->frame->x,
            $y === null ? 0.0 : $figures->read($y, Axis::Y, 'y', $item) - $item->frame->y,
        )->rounded()));
        $mover = new Mover($draft);
        $bounds = $mover->box($id);
        $mover->shift(
            $id,
            $x === null ? 0.0 : $mover->landing($id, Axis::X, $bounds->x) - $bounds->x,
            $y === null ? 0.0 : $mover->landing($id, Axis::Y, $bounds->y) - $bounds->y,
        );
    }

    /**
     * @param  list<string>  $locked
     * @param  array<int, string>  $unfit
     * @param  array<string, mixed>  $look
     * @return array<string, mixed>
     */
    private function leftOut(array $locked, array $unfit, array $look): array
    {
        $left = [
            ...array_map(static fn (string $id): array => ['id' => $id, 'why' => 'locked'], $locked),
            ...array_map(static fn (string $id): array => ['id' => $id, 'why' => 'has no '.implode(', ', array_keys($look))], array_values($unfit)),
        ];

        return $left === [] ? [] : ['left_out' => $left];
    }

    /**
     * @param  list<string>  $ids
     * @return array<string, mixed>
     */
    private function missing(Draft $draft, array $ids): array
    {
        $missing = [];
        if (array_filter($this->given(), static fn (Field $field): bool => $field->group === FieldGroup::Words) !== []) {
            foreach ($ids as $id) {
                $item = $draft->item($id);
                array_push($missing, ...($item->kind instanceof HasWords ? $item->kind->missing($item, $draft->fonts) : []));
            }
        }

        return $missing === [] ? [] : ['missing_characters' => array_values(array_unique($missing))];
    }
}
