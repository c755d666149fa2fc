<?php

declare(strict_types=1);

namespace AllSquare\Core\Running;

use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\NamedGrid;
use AllSquare\Core\Sheet\Preset;

/** Deletes what a document keeps under a name. It is named by a parameter that is called as one of its sort is. */
trait DeletesKept
{
    private function __construct(private readonly string $id)
    {
    }

    /** @return class-string<NamedGrid>|class-string<Preset> */
    abstract private static function sort(): string;

    public static function from(Params $params): self
    {
        return new self($params->word(self::sort()::noun()) ?? '');
    }

    public function needs(): Needs
    {
        return new Needs(sorts: [self::sort()]);
    }

    public function run(Draft $draft, array $items): Report
    {
        $kept = $draft->of(self::sort());
        $name = $kept->get($this->id)->name;
        $kept->remove($this->id);

        return new Report(sprintf('Deleted the %s "%s"', self::sort()::noun(), $name), $items);
    }
}
