<?php

declare(strict_types=1);

namespace Tests\Core\Recorded;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Intent\Intent;
use AllSquare\Core\Intent\OddGaps;
use AllSquare\Core\Intent\Wish;
use AllSquare\Core\Item\By;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Measure\EdgeGap;
use AllSquare\Core\Measure\Gap;
use AllSquare\Core\Measure\Ledger;
use AllSquare\Core\Measure\Planning;
use AllSquare\Core\Refusal;
use Tests\Core\Support\Scene;

/** What commands did on a sheet, in short lines that can be kept and compared. */
final readonly class Recording
{
    /** What is told at greater length is kept by its digest. */
    private const LONGEST = 400;

    public function __construct(private Scene $scene)
    {
    }

    /**
     * @param  list<string>  $ids
     * @param  array<string, mixed>  $params
     * @return array{said: string, told: string, changed: array<string, string>, around: string}
     */
    public function of(string $command, array $ids, array $params): array
    {
        [$items, $around] = [$this->scene->items, $this->around()];
        try {
            $report = $this->scene->run($command, $ids, $params)->report;
        } catch (Refusal $refusal) {
            return ['said' => 'Refused: '.$refusal->getMessage(), 'told' => '', 'changed' => [], 'around' => ''];
        }
        $changed = [];
        foreach ($items + $this->scene->items as $id => $_) {
            [$was, $is] = [isset($items[$id]) ? self::line($items[$id]) : 'none', isset($this->scene->items[$id]) ? self::line($this->scene->items[$id]) : 'none'];
            if ($was !== $is) {
                $changed[(string) $id] = $is;
            }
        }
        $now = $this->around();

        return ['said' => $report->summary, 'told' => self::shortly([$report->selection, $report->details]), 'changed' => $changed, 'around' => $around === $now ? '' : $now];
    }

    /** @return array<string, string> how much is measured on the sheet as it is now, and the digest of that */
    public function digest(): array
    {
        return array_map(static fn (array $lines): string => count($lines).' '.hash('xxh64', implode("\n", $lines)), $this->measures());
    }

    /** @return array{gaps: list<string>, insets: list<string>, boxes: list<string>} */
    private function measures(): array
    {
        $plan = Planning::before($this->scene->draft(), By::Frame);
        $ledger = OddGaps::in(Ledger::of($plan, $this->scene->sheet->box()), (new Intent($this->scene->sheet, $plan, $this->scene->guides, Wish::of($this->scene->sheet)))->ofSheet());
        $boxes = $this->scene->boxes();

        return [
            'gaps' => array_map(static fn (Gap $gap): string => "{$gap->axis->value} $gap->a $gap->b $gap->size from $gap->from beside ".implode(' to ', $gap->across).($gap->odd ? " for $gap->expected" : ''), $ledger->gaps),
            'insets' => array_map(static fn (EdgeGap $inset): string => "$inset->item {$inset->side->value} ".($inset->ground ?? 'sheet')." $inset->size".($inset->expected === null ? '' : " for $inset->expected"), $ledger->insets),
            'boxes' => array_map(static fn (string $id): string => "$id ".implode(', ', array_map(static fn (By $by): string => implode(' ', $boxes->box($id, $by)->toArray()), By::cases())), array_map(strval(...), array_keys($this->scene->items))),
        ];
    }

    private static function line(Item $item): string
    {
        $place = implode(' ', array_map(Length::text(...), [...array_values($item->frame->toArray()), $item->origin->x, $item->origin->y]));
        $flags = array_keys(array_filter(['locked' => $item->locked, 'hidden' => $item->hidden, 'reference' => $item->reference]));

        return "$item->name: $place @$item->angle in ".($item->parent ?? 'sheet')." #$item->rank ".implode(' ', $flags).' '.self::shortly(array_filter($item->fields, static fn (mixed $value, string $name): bool => $value !== null || ! in_array($name, ['berth', 'pins', 'twin', 'source'], true), ARRAY_FILTER_USE_BOTH));
    }

    /** The sheet, and all on it that is no item. */
    private function around(): string
    {
        return hash('xxh32', json_encode([array_filter(get_object_vars($this->scene->sheet), static fn (mixed $value, string $name): bool => $value !== null || $name !== 'page', ARRAY_FILTER_USE_BOTH), $this->scene->slices, $this->scene->guides, $this->scene->dimensions, $this->scene->grids, $this->scene->presets], JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION));
    }

    private static function shortly(mixed $told): string
    {
        $text = json_encode($told, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);

        return strlen($text) > self::LONGEST ? hash('xxh64', $text) : $text;
    }
}
