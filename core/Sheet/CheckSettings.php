<?php

declare(strict_types=1);

namespace AllSquare\Core\Sheet;

use AllSquare\Core\Item\Renaming;

/** Which checks a document does without, and from which figures on the others find something. A document has one at most. */
final readonly class CheckSettings implements Belonging
{
    /**
     * @param  list<string>  $off  kinds of checks
     * @param  array<string, float>  $limits  by kind, where they are not what they are at first
     */
    public function __construct(public string $id, public array $off, public array $limits)
    {
    }

    public static function none(): self
    {
        return new self('', [], []);
    }

    public function id(): string
    {
        return $this->id;
    }

    public static function sort(): string
    {
        return 'checks';
    }

    public static function noun(): string
    {
        return 'checks';
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
        return $other instanceof self ? strcmp($this->id, $other->id) : 0;
    }

    public function toAnswer(): array
    {
        return ['id' => $this->id, ...$this->toFile(new Renaming([]))];
    }

    public function toFile(Renaming $ids): array
    {
        return ['off' => $this->off] + ($this->limits === [] ? [] : ['limits' => $this->limits]);
    }

    public static function fromFile(string $id, array $data, Renaming $ids): self
    {
        $off = is_array($data['off'] ?? null) ? array_values(array_filter($data['off'], is_string(...))) : [];
        sort($off);
        $limits = [];
        foreach (is_array($data['limits'] ?? null) ? $data['limits'] : [] as $kind => $limit) {
            if (is_string($kind) && is_numeric($limit)) {
                $limits[$kind] = (float) $limit;
            }
        }
        ksort($limits);

        return new self($id, $off, $limits);
    }

    public function renamed(string $id, Renaming $ids): self
    {
        return new self($id, $this->off, $this->limits);
    }
}
