<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Arrange\Guides;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Sheet\Draft;

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
        return new Needs(guides: true);
    }

    public function run(Draft $draft, array $items): Report
    {
        $said = count($this->guides) === 1 ? $draft->guides->get($this->guides[0])->words() : count($this->guides).' guides';
        foreach ($this->guides as $id) {
            Guides::mustBeFree($draft->guides->get($id));
            $draft->guides->remove($id);
        }

        return new Report("Deleted $said", $items);
    }
}
