<?php

declare(strict_types=1);

namespace AllSquare\Core\Sheet;

use AllSquare\Core\Equality;
use AllSquare\Core\Item\Field\Field;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Naming;
use AllSquare\Core\Item\Renaming;
use AllSquare\Core\Item\Type\TypeFields;

/** How words are set, kept by a document under a name: changed once, it is changed everywhere. */
final readonly class TypeStyle implements Belonging
{
    /** in a document */
    public const MOST = 100;

    /**
     * @param  string  $key  by which texts refer to it, which stays the same in copies and files of the document
     * @param  array<string, mixed>  $styles  of letters and paragraphs by name, as their fields keep them
     */
    public function __construct(public string $id, public string $key, public string $name, public array $styles)
    {
    }

    public function id(): string
    {
        return $this->id;
    }

    public static function sort(): string
    {
        return 'styles';
    }

    public static function noun(): string
    {
        return 'style';
    }

    public static function isOfDocument(): bool
    {
        return true;
    }

    public static function dependsOnItems(): bool
    {
        return false;
    }

    /** In the order in which they were kept. */
    public function compare(Belonging $other): int
    {
        return $other instanceof self ? strcmp($this->key, $other->key) : 0;
    }

    /** @return array<string, Field> what a style says, by name */
    public static function fields(): array
    {
        return array_diff_key(TypeFields::ofRuns() + TypeFields::ofParagraphs(), ['shift' => true, 'list' => true]);
    }

    /**
     * @param  array<mixed>  $styles  as they are stored
     * @return array<string, mixed>
     */
    public static function read(array $styles): array
    {
        $read = [];
        foreach (array_intersect_key(self::fields(), $styles) as $name => $field) {
            $read[$name] = $field->read($styles[$name]);
        }

        return $read;
    }

    /** @return array<string, mixed> as they are stored, always in one order */
    public function stored(): array
    {
        $stored = [];
        foreach (array_intersect_key(self::fields(), $this->styles) as $name => $field) {
            $stored[$name] = $field->stored($this->styles[$name]);
        }

        return $stored;
    }

    /** @return array<string, mixed> how the words of an item are set, as far as a style says it */
    public static function of(Item $item): array
    {
        return array_intersect_key($item->fields, self::fields());
    }

    /** Whether an item is set in it. */
    public function isOf(Item $item): bool
    {
        return ($item->fields['style'] ?? null) === $this->key;
    }

    /** Whether an item is set just as it says, as far as its kind has that. */
    public function isHow(Item $item): bool
    {
        return array_filter(array_intersect_key($this->styles, $item->fields), static fn (mixed $value, string $name): bool => ! Equality::of($value, $item->fields[$name]), ARRAY_FILTER_USE_BOTH) === [];
    }

    /**
     * An item of this style as it is after the style has become another: what it has otherwise stays.
     *
     * @return array<string, mixed> what changes
     */
    public function followed(Item $item, self $is): array
    {
        $changes = [];
        foreach (array_intersect_key($is->styles, $item->fields) as $name => $value) {
            if (! Equality::of($value, $item->fields[$name]) && (! array_key_exists($name, $this->styles) || Equality::of($this->styles[$name], $item->fields[$name]))) {
                $changes[$name] = $value;
            }
        }

        return $changes;
    }

    public function toAnswer(): array
    {
        return ['id' => $this->id, ...$this->toFile(new Renaming([]))];
    }

    public function toFile(Renaming $ids): array
    {
        return ['key' => $this->key, 'name' => $this->name, 'styles' => $this->stored()];
    }

    public static function fromFile(string $id, array $data, Renaming $ids): self
    {
        return new self($id, is_string($data['key'] ?? null) ? $data['key'] : $id, Naming::given($data), self::read(is_array($data['styles'] ?? null) ? $data['styles'] : []));
    }

    public function renamed(string $id, Renaming $ids): self
    {
        return new self($id, $this->key, $this->name, $this->styles);
    }
}
