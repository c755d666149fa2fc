<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Arrange\Apart;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Traits\ShowsAsOne;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Scope;
use AllSquare\Core\Running\Selected;
use AllSquare\Core\Running\Traits\SelectsWhatItMade;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Words;

/** Takes combined shapes apart. What has not been changed since is as it was before, in its place from back to front too. */
final readonly class Release implements Command, SelectsWhatItMade
{
    public static function name(): string
    {
        return 'release';
    }

    public static function from(Params $params): self
    {
        return new self;
    }

    public function needs(): Needs
    {
        return new Needs(Scope::Order);
    }

    public function run(Draft $draft, array $items): Report
    {
        $selected = Selected::movable($draft, $items);
        $combined = array_values(array_filter($selected->free, static fn (string $id): bool => $draft->item($id)->kind instanceof ShowsAsOne));
        if ($combined === []) {
            throw Refusal::because('There is no combined shape among what is selected.', 'items');
        }
        $summary = 'Released '.Words::of($draft, $combined);
        $freed = [];
        foreach ($combined as $id) {
            $was = $draft->item($id);
            $inside = $draft->tree->children($id);
            $released = Apart::take($draft, $was);
            $this->restore($draft, $was, $inside);
            array_push($freed, ...$released);
        }

        return new Report($summary.$selected->note(), [...array_values(array_diff($selected->ids, $combined)), ...$freed], $selected->leftOut());
    }

    /**
     * Brings shapes back to the last digit, as far as neither they nor the combined shape have been moved.
     *
     * @param  list<Item>  $inside  as they lay in it
     */
    private function restore(Draft $draft, Item $combined, array $inside): void
    {
        $kept = is_array($combined->fields['operands'] ?? null) ? $combined->fields['operands'] : [];
        $stood = is_array($kept['stood'] ?? null) ? array_values($kept['stood']) : [];
        [$angle, $dx, $dy] = is_array($kept['space'] ?? null) && count($kept['space']) === 3 ? self::figures($kept['space']) : [NAN, NAN, NAN];
        $space = $combined->toParent();
        if (count($stood) !== count($inside) || $space->angle !== $angle || ! Length::same($space->dx, $dx) || ! Length::same($space->dy, $dy)) {
            return;
        }
        $ranks = array_map(static fn (Item $item): int => $item->rank, array_filter($draft->tree->children($combined->parent), static fn (Item $item): bool => ! in_array($item->id, array_map(static fn (Item $of): string => $of->id, $inside), true)));
        foreach ($inside as $i => $was) {
            $one = is_array($stood[$i]) ? $stood[$i] : [];
            $isAsItWas = ($one['parent'] ?? false) === true && self::figures($one['in'] ?? null) === [$was->frame->x, $was->frame->y, $was->frame->w, $was->frame->h, $was->angle];
            if (! $isAsItWas || ! is_numeric($one['x'] ?? null) || ! is_numeric($one['y'] ?? null) || ! is_numeric($one['angle'] ?? null) || ! is_numeric($one['rank'] ?? null)) {
                continue;
            }
            $item = $draft->item($was->id);
            $rank = (int) $one['rank'];
            $draft->put($item->with([
                'frame' => $item->frame->moved((float) $one['x'] - $item->frame->x, (float) $one['y'] - $item->frame->y),
                'angle' => (float) $one['angle'],
                'rank' => in_array($rank, $ranks, true) ? $item->rank : $rank,
            ]));
        }
    }

    /** @return list<float> */
    private static function figures(mixed $kept): array
    {
        return is_array($kept) ? array_map(static fn (mixed $figure): float => is_numeric($figure) ? (float) $figure : NAN, array_values($kept)) : [];
    }
}
