<?php

declare(strict_types=1);

namespace App\Sheets;

use AllSquare\Core\Intent\Memory;
use Illuminate\Contracts\Cache\Repository;

/** What was understood of a sheet when it was last looked through, so that only what changed is understood anew. */
final class SheetMemory implements Memory
{
    private const SECONDS = 86_400;

    /** @var array<string, array{x: list<float>, y: list<float>}> */
    private array $known;

    /** @var array<string, array{x: list<float>, y: list<float>}> what holds now */
    private array $kept = [];

    public function __construct(private readonly Repository $cache, private readonly string $sheet)
    {
        $known = $cache->get($this->name());
        $this->known = is_array($known) ? $known : [];
    }

    public function leads(string $key): ?array
    {
        return $this->known[$key] ?? $this->kept[$key] ?? null;
    }

    public function keep(string $key, array $leads): void
    {
        $this->kept[$key] = $leads;
    }

    /** Keeps what holds now, and forgets the rest. */
    public function settle(): void
    {
        if (array_diff_key($this->kept, $this->known) !== [] || count($this->kept) < count($this->known)) {
            $this->cache->put($this->name(), $this->kept, self::SECONDS);
        }
    }

    private function name(): string
    {
        return "intent $this->sheet";
    }
}
