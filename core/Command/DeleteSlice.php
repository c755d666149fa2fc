<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Slice;

/** Deletes slices; what lies beneath them stays. */
final readonly class DeleteSlice implements Command
{
    /** @param  list<string>  $ids */
    private function __construct(private array $ids)
    {
    }

    public static function name(): string
    {
        return 'delete-slice';
    }

    public static function from(Params $params): self
    {
        return new self($params->words('slices'));
    }

    public function needs(): Needs
    {
        return new Needs;
    }

    public function run(Draft $draft, array $items): Report
    {
        $ids = array_values(array_unique($this->ids));
        $first = $draft->of(Slice::class)->get($ids[0])->name;
        foreach ($ids as $id) {
            $draft->of(Slice::class)->remove($id);
        }

        return new Report(count($ids) === 1 ? "Deleted slice \"$first\"" : 'Deleted '.count($ids).' slices', $items);
    }
}
