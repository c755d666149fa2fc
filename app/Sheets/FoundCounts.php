<?php

declare(strict_types=1);

namespace App\Sheets;

use App\Models\Document;
use App\Models\Sheet;
use Illuminate\Contracts\Cache\Repository;

/** How much was out of square on the sheets of a document when they were last looked through. */
final readonly class FoundCounts
{
    public function __construct(private Repository $cache)
    {
    }

    public function keep(Sheet $sheet, int $count): void
    {
        $known = $this->known($sheet->document_id);
        if (($known[$sheet->id] ?? null) !== [$sheet->revision, $count]) {
            $this->cache->forever(self::name($sheet->document_id), [...$known, $sheet->id => [$sheet->revision, $count]]);
        }
    }

    /** @return int|null on all sheets that have not changed since; null where none was looked through */
    public function of(Document $document): ?int
    {
        $known = $this->known($document->id);
        $counts = [];
        foreach ($document->sheets as $sheet) {
            if (($known[$sheet->id][0] ?? null) === $sheet->revision) {
                $counts[] = $known[$sheet->id][1];
            }
        }

        return $counts === [] ? null : array_sum($counts);
    }

    /** @return array<string, array{int, int}> revision and count, by sheet */
    private function known(string $document): array
    {
        $known = $this->cache->get(self::name($document));

        return is_array($known) ? $known : [];
    }

    private static function name(string $document): string
    {
        return "found $document";
    }
}
