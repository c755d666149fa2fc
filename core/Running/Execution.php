<?php

declare(strict_types=1);

namespace AllSquare\Core\Running;

use AllSquare\Core\Arrange\PageParts;
use AllSquare\Core\Arrange\Twins;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Measure\Boxes;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Traits\ReachesEverySheet;
use AllSquare\Core\Settle\Settlers;
use AllSquare\Core\Sheet\Change;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Tree;
use AllSquare\Core\Sheet\Words;

/** Runs a command on a draft: what it does, what settles after it, and a report with what is off the pixel. */
final readonly class Execution
{
    private function __construct(public Change $change, public Report $report)
    {
    }

    /**
     * @param  list<string>  $items
     *
     * @throws Refusal when it cannot be done; the draft is then of no more use
     */
    public static function of(Command $command, Draft $draft, array $items): self
    {
        $spoken = static fn (string $sentence): string => Spoken::in($sentence, $draft->unit, $draft->sheet()->ppi);
        try {
            $done = self::run($command, $draft, $items);
        } catch (Refusal $refusal) {
            throw $refusal->said($spoken($refusal->getMessage()));
        }
        $details = $done->report->details;
        if (is_array($details['left_out'] ?? null)) {
            $details['left_out'] = array_map(
                static fn (mixed $one): mixed => is_array($one) && is_string($one['why'] ?? null) ? [...$one, 'why' => $spoken($one['why'])] : $one,
                $details['left_out'],
            );
        }

        return new self($done->change, new Report($spoken($done->report->summary), $done->report->selection, $details));
    }

    /**
     * What a command does on another sheet of the document than the one it was run on.
     *
     * @throws Refusal
     */
    public static function elsewhere(ReachesEverySheet $command, Draft $draft): self
    {
        $command->elsewhere($draft);
        Settlers::settle($draft);
        $change = $draft->change();
        self::refuseBeyond($draft, $change);

        return new self($change, new Report('', []));
    }

    /**
     * What a change of a running head or foot, or of a page that there is at several widths, does on another sheet of the document than
     * the one it was made on.
     *
     * @throws Refusal
     */
    public static function twins(Draft $made, Change $change, Draft $draft): self
    {
        (new Twins($draft, $made))->follow(Twins::in($change));
        (new PageParts($draft, $made))->follow(PageParts::in($change));
        Settlers::settle($draft);
        $done = $draft->change();
        self::refuseBeyond($draft, $done);

        return new self($done, new Report('', []));
    }

    /**
     * @param  list<string>  $items
     *
     * @throws Refusal
     */
    private static function run(Command $command, Draft $draft, array $items): self
    {
        $report = $command->run($draft, $items);
        if (! $draft->hasSettled()) {
            Settlers::settle($draft);
        }
        $change = $draft->change();
        self::refuseBeyond($draft, $change);
        $named = array_values(array_filter($report->selection, $draft->tree->has(...)));
        if (! isset($report->details['moved'])) {
            $report = $report->with(['moved' => Moves::of($draft, $items)->listed()]);
        }

        return new self($change, new Report($report->summary, $named, $report->details + self::places($draft, $change)));
    }

    /**
     * What no sheet takes: groups in groups past a depth, counted down to the last thing in them, and places and sizes
     * beyond a million pixels.
     *
     * @throws Refusal
     */
    private static function refuseBeyond(Draft $draft, Change $change): void
    {
        foreach ($change->touched() as $id) {
            $item = $draft->item($id);
            [$was] = $change->items[$id];
            foreach ($was === null || $was->parent !== $item->parent ? [$item, ...$draft->tree->descendants($id)] : [] as $inside) {
                if (count($draft->tree->ancestors($inside->id)) > Tree::DEEPEST) {
                    throw Refusal::because('Groups can lie in each other 24 deep at most.', 'items');
                }
            }
            foreach ([...$item->frame->toArray(), $item->origin->x, $item->origin->y] as $length) {
                if (abs($length) > Length::LIMIT) {
                    throw Refusal::because(Words::quoted($item).' would lie beyond 1,000,000 px, or be wider or higher than that.', 'items');
                }
            }
        }
    }

    /**
     * What is to be known of the places that things got: those that do not lie on whole pixels, and those that reach past
     * the sheet and did not before.
     *
     * @return array<string, mixed>
     */
    private static function places(Draft $draft, Change $change): array
    {
        $boxes = new Boxes($draft->tree, $draft->fonts);
        $before = null;
        $sheet = $draft->sheet()->box();
        $off = $past = [];
        foreach (array_diff($change->touched(), $change->refitted()) as $id) {
            [$was, $is] = $change->items[$id];
            if ($was !== null && $is !== null && $was->parent === $is->parent && $was->angle === $is->angle && $was->frame->same($is->frame)) {
                continue;
            }
            $bounds = $boxes->bounds($id);
            if ($was !== null && ! $sheet->contains($bounds) && ! $draft->tree->isHidden($id)) {
                $before ??= new Boxes($draft->before(), $draft->fonts);
                if ($sheet->contains($before->bounds($id))) {
                    $past[] = $id;
                }
            }
            [$x, $y] = [self::past($bounds->x), self::past($bounds->y)];
            if ($x !== 0.0 || $y !== 0.0) {
                $off[] = ['id' => $id, 'x' => $x, 'y' => $y];
            }
        }

        return ($off === [] || ! $draft->sheet()->wholePixels ? [] : ['off_pixel' => $off]) + ($past === [] ? [] : ['past_sheet' => $past]);
    }

    /** How far past the nearest whole pixel, in (-0.5, 0.5]. */
    private static function past(float $place): float
    {
        return Length::round($place - ceil($place - 0.5 - Length::SAME / 2));
    }
}
