<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Item\Item;
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
use LogicException;

/**
 * Sets texts in the largest size at which all their words fit their frames, no word broken: whole pixels where the sheet has them,
 * tenths elsewhere. Or tracks them so that the longest line is as wide as the frame. Their frames stay as they are from then on.
 */
final readonly class FitText implements Command, Repeatable
{
    private const STEP = 0.1;

    private function __construct(private bool $byTracking)
    {
    }

    public static function name(): string
    {
        return 'fit-text';
    }

    public static function from(Params $params): self
    {
        return new self($params->word('by') === 'tracking');
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
        $name = $this->byTracking ? 'tracking' : 'size';
        $figures = [];
        foreach ($texts as $id) {
            $fitted = $this->fitted($draft, $draft->item($id));
            $draft->put($fitted);
            $figures[] = $fitted->number($name);
        }
        [$least, $most] = [min($figures), max($figures)];
        $said = Length::same($least, $most) ? Length::text($most) : Length::text($least).' to '.Length::text($most);
        $what = Words::of($draft, $texts);

        return new Report(
            ($this->byTracking ? sprintf('Tracked %s by %s, to the width of %s', $what, $said, count($texts) === 1 ? 'its frame' : 'their frames')
                : sprintf('Set %s at %s px, the largest that %s', $what, $said, count($texts) === 1 ? 'fits' : 'fit')).$selected->note(),
            $selected->ids,
        );
    }

    private function fitted(Draft $draft, Item $item): Item
    {
        if (! $item->kind instanceof SetsLines) {
            throw new LogicException('Only what sets lines is asked.');
        }
        $where = sprintf('%s × %s', Length::text($item->frame->w), Length::text($item->frame->h));
        if ($this->byTracking) {
            // What has followed its words has a frame of its own from now on.
            $still = $item->fields['grow'] === 'both' ? $item->withFields(['grow' => 'none']) : $item;

            return $item->kind->tracked($still, $draft->fonts)
                ?? throw Refusal::because(sprintf('No tracking from -500 to 5,000 makes the longest line of %s as wide as its frame of %s.', Words::quoted($item), $where), 'items');
        }

        return $item->kind->largest($item->withFields(['grow' => 'none']), $draft->sheet()->wholePixels ? 1.0 : self::STEP, $draft->fonts)
            ?? throw Refusal::because(sprintf('The words of %s do not fit its frame of %s, however small they are.', Words::quoted($item), $where), 'items');
    }
}
