<?php

declare(strict_types=1);

namespace AllSquare\Core\Sheet;

use AllSquare\Core\Item\Look\Colour;
use AllSquare\Core\Item\Naming;
use AllSquare\Core\Item\Renaming;

/** A colour that a document keeps under a name: changed once, it is changed everywhere. */
final readonly class Swatch implements Belonging
{
    /** in a document */
    public const MOST = 200;

    /**
     * @param  string  $key  by which looks refer to it, which stays the same in copies and files of the document
     * @param  bool  $gone  whether it is offered no more; what has its colour keeps it
     */
    public function __construct(public string $id, public string $key, public string $name, public Colour $colour, public bool $gone = false)
    {
    }

    public function id(): string
    {
        return $this->id;
    }

    public static function sort(): string
    {
        return 'swatches';
    }

    public static function noun(): string
    {
        return 'swatch';
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

    public function toAnswer(): array
    {
        return ['id' => $this->id, ...$this->toFile(new Renaming([]))];
    }

    public function toFile(Renaming $ids): array
    {
        return ['key' => $this->key, 'name' => $this->name, 'colour' => $this->colour->hex, 'gone' => $this->gone];
    }

    public static function fromFile(string $id, array $data, Renaming $ids): self
    {
        return new self(
            $id,
            is_string($data['key'] ?? null) ? $data['key'] : $id,
            Naming::given($data),
            Colour::read($data['colour'] ?? null) ?? Colour::of('#000000'),
            ($data['gone'] ?? null) === true,
        );
    }

    public function renamed(string $id, Renaming $ids): self
    {
        return $this->with(['id' => $id]);
    }

    /** @param  array<string, mixed>  $changes */
    public function with(array $changes): self
    {
        // @phpstan-ignore argument.type (the fields by their names, of their types)
        return new self(...[...get_object_vars($this), ...$changes]);
    }
}
