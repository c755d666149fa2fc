<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Item\Traits\SetsLines;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Selected;
use AllSquare\Core\Running\Traits\Repeatable;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Words;

/**
 * Sets texts in the largest size at which all their words fit their frames, no word broken: whole pixels where the sheet has them,
 * tenths elsewhere. Their frames stay as they are from then on.
 */
final readonly class FitText implements Command, Repeatable
{
    private const STEP = 0.1;

    private function __construct()
    {
    }

    public static function name(): string
    {
        return 'fit-text';
    }

    public static function from(Params $params): self
    {
        return new self;
    }

    public function needs(): Needs
    {
        return new Needs;
    }

    public function run(Draft $draft, array $items): Report
    {
        $selected = Selected::movable($draft, $items);
        $texts = array_values(array_filter($selected->free, static fn (string $id): bool => $draft->item($id)->kind instanceof SetsLines));
        if ($texts === []) {
            throw Refusal::because('Select a text that is to fit its frame.', 'items');
        }
        $sizes = [];
        foreach ($texts as $id) {
            $item = $draft->item($id);
            $fitted = $item->kind instanceof SetsLines ? $item->kind->largest($item->withFields(['grow' => 'none']), $draft->sheet()->wholePixels ? 1.0 : self::STEP, $draft->fonts) : null;
            $draft->put($fitted ?? throw Refusal::because(sprintf('The words of %s do not fit its frame of %s × %s, however small they are.', Words::quoted($item), Length::text($item->frame->w), Length::text($item->frame->h)), 'items'));
            $sizes[] = $fitted->number('size');
        }
        [$least, $most] = [min($sizes), max($sizes)];

        return new Report(
            sprintf('Set %s at %s px, the largest that %s', Words::of($draft, $texts), Length::same($least, $most) ? Length::text($most) : Length::text($least).' to '.Length::text($most), count($texts) === 1 ? 'fits' : 'fit').$selected->note(),
            $selected->ids,
        );
    }
}
