<?php

declare(strict_types=1);

namespace AllSquare\Core\Sheet;

use AllSquare\Core\Item\Renaming;

/** Things that a document keeps under a name, to be put on sheets again and again: as they lie on the clipboard. */
final readonly class OwnKit implements Belonging
{
    /** letters by which it is known whether a kit is another than it was */
    private const EDITION = 12;

    /** @param  list<array<string, mixed>>  $items  an excerpt's, each group before what is in it */
    public function __construct(public string $id, public string $name, public array $items)
    {
    }

    public function id(): string
    {
        return $this->id;
    }

    public static function sort(): string
    {
        return 'kits';
    }

    public static function noun(): string
    {
        return 'kit';
    }

    public static function isOfDocument(): bool
    {
        return true;
    }

    public static function dependsOnItems(): bool
    {
        return false;
    }

    public function compare(Belonging $other): int
    {
        return $other instanceof self ? [mb_strtolower($this->name), $this->id] <=> [mb_strtolower($other->name), $other->id] : 0;
    }

    public function toAnswer(): array
    {
        return ['id' => $this->id, 'name' => $this->name, 'edition' => substr(hash('sha256', (string) json_encode($this->items)), 0, self::EDITION)];
    }

    public function toFile(Renaming $ids): array
    {
        return ['name' => $this->name, 'items' => $this->items];
    }

    public static function fromFile(string $id, array $data, Renaming $ids): self
    {
        // @phpstan-ignore argument.type (checked against the schema)
        return new self($id, is_string($data['name'] ?? null) ? $data['name'] : '', is_array($data['items'] ?? null) ? array_values($data['items']) : []);
    }

    public function renamed(string $id, Renaming $ids): self
    {
        return new self($id, $this->name, $this->items);
    }
}
