<?php

declare(strict_types=1);

namespace AllSquare\Core\Sheet;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Item\Naming;
use AllSquare\Core\Item\Renaming;
use AllSquare\Core\Refusal;

/** A named part of a sheet that is cut out and handed over. */
final readonly class Slice implements Belonging
{
    /** @param  Rect  $box  px of the sheet; more than 0 wide and high */
    public function __construct(
        public string $id,
        public int $rank,
        public string $name,
        public Rect $box,
        public Cut $cut = new Cut,
    ) {
    }

    public function id(): string
    {
        return $this->id;
    }

    public static function sort(): string
    {
        return 'slices';
    }

    public static function noun(): string
    {
        return 'slice';
    }

    public static function isOfDocument(): bool
    {
        return false;
    }

    public static function dependsOnItems(): bool
    {
        return true;
    }

    /** In the order in which they were cut. */
    public function compare(Belonging $other): int
    {
        return $other instanceof self ? [$this->rank, $this->id] <=> [$other->rank, $other->id] : 0;
    }

    public function toAnswer(): array
    {
        return ['id' => $this->id, 'name' => $this->name, ...$this->box->toArray(), ...$this->cut->toArray()];
    }

    public function toFile(Renaming $ids): array
    {
        $there = array_values(array_filter($this->cut->items, $ids->has(...)));
        $cut = array_filter([...$this->cut->toArray(), 'items' => $ids->all($there)], static fn (mixed $value): bool => ! in_array($value, [null, false, [], 0.0], true));

        return ['name' => $this->name, ...$this->box->toArray(), ...$cut];
    }

    public static function fromFile(string $id, array $data, Renaming $ids): self
    {
        $side = static fn (string $name): float => is_numeric($data[$name] ?? null) ? (float) $data[$name] : 0.0;
        $named = is_array($data['items'] ?? null) ? array_values(array_filter($data['items'], is_string(...))) : [];
        $items = $ids->all(array_values(array_filter($named, $ids->has(...))));
        $cut = Cut::fromArray([...$data, 'items' => $items]);
        $name = Naming::given($data);
        if (($cut->follows && count($items) !== 1) || ($cut->only && $items === [])) {
            throw Refusal::because(sprintf('Slice "%s" follows, or takes alone, an item that is not there.', $name), 'slices');
        }

        return new self($id, 0, $name, self::checked(new Rect($side('x'), $side('y'), $side('w'), $side('h'))), $cut);
    }

    public function renamed(string $id, Renaming $ids): self
    {
        return new self($id, $this->rank, $this->name, $this->box, $this->cut->with(['items' => $ids->all($this->cut->items)]));
    }

    /** In another box. A slice that is put somewhere by hand does not follow its item any more. */
    public function placed(Rect $box): self
    {
        return new self($this->id, $this->rank, $this->name, self::checked($box), $this->cut->with(['follows' => $this->cut->follows && $box->same($this->box)]));
    }

    /** The box out to whole pixels: what holds all of it. */
    public static function outward(Rect $box): Rect
    {
        return Rect::between(
            floor($box->x + Length::SAME),
            floor($box->y + Length::SAME),
            ceil($box->right() - Length::SAME),
            ceil($box->bottom() - Length::SAME),
        );
    }

    /**
     * As it is stored: to 1/1000 px.
     *
     * @throws Refusal for a slice with nothing in it
     */
    public static function checked(Rect $box): Rect
    {
        $box = $box->rounded();
        foreach (['w' => $box->w, 'h' => $box->h] as $side => $length) {
            if ($length < Length::SAME) {
                throw Refusal::because("A slice is wider and higher than 0; here $side is ".Spoken::length($length).'.', $side);
            }
        }

        return $box;
    }

    /** As it is said in a line of the history: its size, and where. */
    public function words(): string
    {
        return sprintf('"%s": %s × %s at %s, %s', $this->name, ...array_map(Spoken::length(...), [$this->box->w, $this->box->h, $this->box->x, $this->box->y]));
    }
}
