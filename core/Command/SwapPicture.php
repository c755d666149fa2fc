<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Item\Traits\HasPicture;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Selected;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Words;

/** Shows another picture in the same frame: its size, its fit, its focal point and its look stay. Several pictures go one into each. */
final readonly class SwapPicture implements Command
{
    /** @param  list<string>  $pictures  their keys */
    private function __construct(private array $pictures)
    {
    }

    public static function name(): string
    {
        return 'swap-picture';
    }

    public static function from(Params $params): self
    {
        return new self($params->words('pictures'));
    }

    public function needs(): Needs
    {
        return new Needs;
    }

    public function run(Draft $draft, array $items): Report
    {
        $selected = Selected::movable($draft, $items);
        $frames = FitPicture::pictures($draft, $selected->free);
        if ($this->pictures === [] || (count($this->pictures) > 1 && count($this->pictures) !== count($frames))) {
            throw Refusal::because(sprintf('There are %d pictures for %d frames. Give one for all, or one for each.', count($this->pictures), count($frames)), 'pictures');
        }
        foreach ($frames as $i => $id) {
            $item = $draft->item($id);
            $draft->put($item->kind instanceof HasPicture ? $item->kind->showing($item, $this->pictures[$i] ?? $this->pictures[0]) : $item);
        }

        return new Report('Swapped the picture in '.Words::of($draft, $frames).$selected->note(), $selected->ids, $selected->leftOut());
    }
}
