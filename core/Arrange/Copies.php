<?php

declare(strict_types=1);

namespace AllSquare\Core\Arrange;

use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Draft;

/** Copies items with all that is in them. Copies are neither locked nor references, so that they can be put where they belong. */
final readonly class Copies
{
    /** In one command. */
    public const MOST = 2_000;

    public function __construct(private Draft $draft)
    {
    }

    /** @throws Refusal beyond 2,000 copies at once */
    public static function refuseTooMany(int $copies): void
    {
        if ($copies > self::MOST) {
            throw Refusal::because(sprintf('2,000 copies at most are made at once; these would be %s.', number_format($copies)), 'count');
        }
    }

    /**
     * Copies each source and puts what was made directly above it.
     *
     * @param  list<string>  $sources  ids, as often as they are copied
     * @return list<string> ids of the copies, one for each source in turn
     */
    public function of(array $sources): array
    {
        $copies = $above = [];
        foreach ($sources as $source) {
            $parent = $this->draft->item($source)->parent;
            $copies[] = $copy = $this->into($source, $parent);
            $above[$parent ?? ''][$source][] = $copy;
        }
        foreach ($above as $parent => $byBelow) {
            (new Ranks($this->draft))->above($parent === '' ? null : (string) $parent, $byBelow);
        }

        return $copies;
    }

    private function into(string $source, ?string $parent): string
    {
        $id = $this->draft->nextId();
        $item = $this->draft->item($source);
        $inside = $this->draft->tree->children($source);
        $this->draft->add($item->with(['id' => $id, 'parent' => $parent, 'locked' => false, 'reference' => false])->withFields(['twin' => null, 'source' => null]));
        foreach ($inside as $child) {
            $this->into($child->id, $id);
        }

        return $id;
    }
}
