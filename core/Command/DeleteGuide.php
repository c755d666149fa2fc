<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Arrange\Guides;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Guide;

/** Deletes guides. */
final readonly class DeleteGuide implements Command
{
    /** @param  list<string>  $guides */
    private function __construct(private array $guides)
    {
    }

    public static function name(): string
    {
        return 'delete-guide';
    }

    public static function from(Params $params): self
    {
        return new self(array_values(array_unique($params->words('guides'))));
    }

    public function needs(): Needs
    {
        return new Needs(sorts: [Guide::class]);
    }

    public function run(Draft $draft, array $items): Report
    {
        $said = count($this->guides) === 1 ? $draft->of(Guide::class)->get($this->guides[0])->words() : count($this->guides).' guides';
        foreach ($this->guides as $id) {
            Guides::mustBeFree($draft->of(Guide::class)->get($id));
            $draft->of(Guide::class)->remove($id);
        }

        return new Report("Deleted $said", $items);
    }
}
