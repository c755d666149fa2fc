<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Compare\Comparison;
use AllSquare\Core\Compare\Difference;
use AllSquare\Core\Compare\TakingOver;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Scope;
use AllSquare\Core\Running\Traits\ReadsAnother;
use AllSquare\Core\Sheet\Belongings;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\SheetContent;

/** Makes the sheet like another one in the differences that are named, or in all of them. */
final readonly class TakeOver implements Command, ReadsAnother
{
    private function __construct(private Params $params, private ?SheetContent $another)
    {
    }

    public static function name(): string
    {
        return 'take-over';
    }

    public static function from(Params $params): self
    {
        return new self($params, null);
    }

    public function another(): array
    {
        return array_filter(['sheet' => $this->params->value('sheet'), 'line' => $this->params->value('line'), 'file' => $this->params->value('file')], static fn (mixed $one): bool => $one !== null);
    }

    public function with(SheetContent $another): static
    {
        return new self($this->params, $another);
    }

    public function needs(): Needs
    {
        return new Needs(Scope::Whole, sorts: array_values(array_filter(Belongings::SORTS, static fn (string $sort): bool => ! $sort::isOfDocument())));
    }

    public function run(Draft $draft, array $items): Report
    {
        $another = $this->another ?? throw Refusal::because('Say which sheet is to be compared with.', 'sheet');
        $of = new Comparison($draft->content(), $another, $draft->fonts);
        $all = $of->differences();
        $wanted = $items === [] ? $all : $of->differences($items);
        if ($this->params->has('differences')) {
            $keys = array_flip($this->params->words('differences'));
            $wanted = array_values(array_filter($all, static fn (Difference $one): bool => isset($keys[$one->key])));
            if ($wanted === []) {
                throw Refusal::because('There is no such difference any more. Compare again.', 'differences');
            }
        }
        $taken = (new TakingOver($draft, $of))->take($wanted, $all);
        $counts = array_count_values(array_map(static fn (Difference $one): string => $one->sort->value, $taken));
        $said = implode(', ', array_map(static fn (string $sort, int $count): string => "$sort ($count)", array_keys($counts), $counts));

        return new Report(sprintf('Took over %d %s of "%s"%s', count($taken), count($taken) === 1 ? 'difference' : 'differences', $another->sheet->name, $said === '' ? '' : ": $said"), $items, ['taken' => count($taken)]);
    }
}
