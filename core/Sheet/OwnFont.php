<?php

declare(strict_types=1);

namespace AllSquare\Core\Sheet;

use AllSquare\Core\Item\Renaming;

/** A font that a document has besides those that ship with the application. */
final readonly class OwnFont implements Belonging
{
    /**
     * @param  string  $font  its key, which is that of the font file it comes from
     * @param  string  $family  the word by which texts name its family
     * @param  string  $name  what the family calls itself
     */
    public function __construct(public string $id, public string $font, public string $family, public string $name, public int $weight, public bool $italic)
    {
    }

    public function id(): string
    {
        return $this->id;
    }

    public static function sort(): string
    {
        return 'own_fonts';
    }

    public static function noun(): string
    {
        return 'font';
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
        return $other instanceof self ? [$this->family, $this->weight, $this->italic] <=> [$other->family, $other->weight, $other->italic] : 0;
    }

    public function toAnswer(): array
    {
        return ['id' => $this->id, ...$this->toFile(new Renaming([]))];
    }

    public function toFile(Renaming $ids): array
    {
        return ['font' => $this->font, 'family' => $this->family, 'name' => $this->name, 'weight' => $this->weight, 'italic' => $this->italic];
    }

    public static function fromFile(string $id, array $data, Renaming $ids): self
    {
        $word = static fn (string $name): string => is_string($data[$name] ?? null) ? $data[$name] : '';

        return new self($id, $word('font'), $word('family'), $word('name'), is_int($data['weight'] ?? null) ? $data['weight'] : 400, ($data['italic'] ?? null) === true);
    }

    public function renamed(string $id, Renaming $ids): self
    {
        return new self($id, $this->font, $this->family, $this->name, $this->weight, $this->italic);
    }
}
