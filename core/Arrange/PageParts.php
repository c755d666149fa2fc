<?php

declare(strict_types=1);

namespace AllSquare\Core\Arrange;

use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Field\Field;
use AllSquare\Core\Item\Field\FieldGroup;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Sheet\Change;
use AllSquare\Core\Sheet\Draft;

/**
 * What is shown of one page at several widths (RULES 13): its words, pictures and looks are one on all of them, where it lies is each
 * sheet's own. What is added or deleted at one width is so at that one alone, until it is shared.
 */
final readonly class PageParts
{
    /**
     * @param  Draft  $draft  of another width
     * @param  Draft  $made  of the width it was done at, as it is now
     */
    public function __construct(private Draft $draft, private Draft $made)
    {
    }

    /** @return list<array{Item|null, Item}> what of a change may be seen at the other widths as well */
    public static function in(Change $change): array
    {
        $pairs = [];
        foreach ($change->items as [$was, $is]) {
            if ($is !== null && self::key($is) !== null && ($was === null || self::key($was) === null || self::shared($was, $is) !== [])) {
                $pairs[] = [$was, $is];
            }
        }

        return $pairs;
    }

    private static function key(Item $item): ?string
    {
        $twin = $item->twin();

        return $twin === null || $twin->runs() ? null : $twin->key;
    }

    /** @param  list<array{Item|null, Item}>  $pairs  as in() gave them */
    public function follow(array $pairs): void
    {
        if ($this->draft->sheet()->page === null || $this->draft->sheet()->page !== $this->made->sheet()->page) {
            return;
        }
        $here = array_map(strval(...), array_flip(array_filter(array_map(self::key(...), $this->draft->tree->all()))));
        $order = array_flip($this->made->tree->inOrder());
        usort($pairs, static fn (array $a, array $b): int => $order[$a[1]->id] <=> $order[$b[1]->id]);
        foreach ($pairs as [$was, $is]) {
            $key = (string) self::key($is);
            if (isset($here[$key]) && $was !== null) {
                $this->change($here[$key], self::shared($was, $is));
            } elseif (! isset($here[$key]) && $was !== null && self::key($was) === null) {
                $here[$key] = $this->add($is, $is->parent === null ? null : $here[self::key($this->made->item($is->parent)) ?? ''] ?? null);
            }
        }
    }

    /** @return array<string, mixed> what changed that is one at all widths: the name, and fields that are no geometry */
    private static function shared(Item $was, Item $is): array
    {
        $changed = $was->name === $is->name ? [] : ['name' => $is->name];
        if ($was->kind !== $is->kind) {
            return $changed;
        }
        foreach ($is->kind->fields() as $name => $field) {
            if (self::isShared($field, $is->fields[$name]) && json_encode($field->stored($was->fields[$name])) !== json_encode($field->stored($is->fields[$name]))) {
                $changed['fields'][$name] = $is->fields[$name];
            }
        }

        return $changed;
    }

    /** Of what shape something has, that is shared which does not grow with it: how many sides, but no lengths. */
    private static function isShared(Field $field, mixed $value): bool
    {
        return $field->group !== FieldGroup::Geometry || ($field->isSet && $field->scaled($value, 2.0) === $value);
    }

    /** @param  array<string, mixed>  $changed  as shared() gave it */
    private function change(string $id, array $changed): void
    {
        $item = $this->draft->item($id);
        if (isset($changed['name']) && is_string($changed['name'])) {
            $item = $item->with(['name' => $changed['name']]);
        }
        if (is_array($changed['fields'] ?? null)) {
            $fields = array_intersect_key($changed['fields'], $item->fields);
            $item = $item->withFields($fields)->fitted($this->draft->sheet()->wholePixels, $this->draft->fonts);
        }
        $this->draft->put($item);
    }

    /** Where its pins have it; what is wider than the page is as wide as that. */
    private function add(Item $is, ?string $parent): string
    {
        $id = $this->draft->nextId();
        [$from, $to] = [$this->made->sheet()->box(), $this->draft->sheet()->box()];
        $frame = $parent === null && $is->parent === null ? PinFit::placed($is, $is->frame, $from, $to, $this->draft->sheet()->wholePixels, ! $is->isFramedByItems())->rounded() : $is->frame;
        if ($parent === null && $is->angle === 0.0 && ! $is->isFramedByItems() && $frame->w > $to->w) {
            $frame = new Rect(0.0, $frame->y, $to->w, $frame->h);
        }
        $item = $is->with(['id' => $id, 'parent' => $parent, 'rank' => (new Ranks($this->draft))->top($parent), 'frame' => $frame]);
        $this->draft->add($frame->w === $is->frame->w ? $item : $item->fitted($this->draft->sheet()->wholePixels, $this->draft->fonts));

        return $id;
    }
}
