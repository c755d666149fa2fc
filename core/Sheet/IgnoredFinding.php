<?php

declare(strict_types=1);

namespace AllSquare\Core\Sheet;

use AllSquare\Core\Item\Renaming;

/** A finding of a sheet that is ignored, with the reason. It is found again as soon as the things that it is about are others. */
final readonly class IgnoredFinding implements Belonging
{
    /** by which a finding is known */
    public string $key;

    /**
     * @param  string  $kind  of the check that found it
     * @param  string  $about  what tells it from others about the same things
     * @param  list<string>  $items  what it is about
     * @param  string  $fingerprint  of these, as they were
     */
    public function __construct(public string $id, public string $kind, public string $about, public array $items, public string $fingerprint, public string $reason)
    {
        $this->key = self::keyOf($kind, $about, $items);
    }

    /** @param  list<string>  $items */
    public static function keyOf(string $kind, string $about, array $items): string
    {
        return $kind.'-'.substr(hash('xxh64', implode("\0", [$about, ...$items])), 0, 12);
    }

    public function id(): string
    {
        return $this->id;
    }

    public static function sort(): string
    {
        return 'ignored_findings';
    }

    public static function noun(): string
    {
        return 'ignored finding';
    }

    public static function isOfDocument(): bool
    {
        return false;
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
        return ['id' => $this->id, 'kind' => $this->kind, 'about' => $this->about, 'items' => $this->items, 'fingerprint' => $this->fingerprint, 'reason' => $this->reason];
    }

    public function toFile(Renaming $ids): array
    {
        return array_diff_key(['items' => $ids->all($this->items)] + $this->toAnswer(), ['id' => true]);
    }

    public static function fromFile(string $id, array $data, Renaming $ids): self
    {
        $word = static fn (string $name): string => is_string($data[$name] ?? null) ? $data[$name] : '';
        $items = is_array($data['items'] ?? null) ? array_values(array_filter($data['items'], is_string(...))) : [];

        return new self($id, $word('kind'), $word('about'), $ids->all($items), $word('fingerprint'), $word('reason'));
    }

    public function renamed(string $id, Renaming $ids): self
    {
        return new self($id, $this->kind, $this->about, $ids->all($this->items), $this->fingerprint, $this->reason);
    }
}
