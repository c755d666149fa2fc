<?php

declare(strict_types=1);

namespace AllSquare\Core\Sheet;

use AllSquare\Core\Item\Naming;
use AllSquare\Core\Item\Renaming;

/** Settings for handing over, kept under a name for all sheets of a document. */
final readonly class Preset implements Belonging
{
    public function __construct(public string $id, public string $name, public HandOverSettings $settings)
    {
    }

    public function id(): string
    {
        return $this->id;
    }

    public static function sort(): string
    {
        return 'presets';
    }

    public static function noun(): string
    {
        return 'preset';
    }

    public static function isOfDocument(): bool
    {
        return true;
    }

    public static function dependsOnItems(): bool
    {
        return false;
    }

    /** By name, those of one name in the order in which they were kept. */
    public function compare(Belonging $other): int
    {
        return $other instanceof self ? strcmp($this->name, $other->name) ?: strcmp($this->id, $other->id) : 0;
    }

    public function toAnswer(): array
    {
        return ['id' => $this->id, 'name' => $this->name, ...$this->settings->toArray()];
    }

    public function toFile(Renaming $ids): array
    {
        return ['name' => $this->name, ...$this->settings->toArray()];
    }

    public static function fromFile(string $id, array $data, Renaming $ids): self
    {
        return new self($id, Naming::given($data), HandOverSettings::fromArray($data));
    }

    public function renamed(string $id, Renaming $ids): self
    {
        return new self($id, $this->name, $this->settings);
    }
}
