<?php

declare(strict_types=1);

namespace Tests\Vectors;

use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\By;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Painting\Painting;
use AllSquare\Core\Measure\Planning;
use AllSquare\Core\Snap\CandidateFinder;
use AllSquare\Core\Snap\Dragged;
use AllSquare\Core\Snap\Matches;
use AllSquare\Core\Snap\SnapKind;
use AllSquare\Core\Snap\Snapping;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Support\RandomScene;

/**
 * What PHP and the page have to agree about, as JSON that both are held to: where drags settle and what they meet, and what
 * lies under a point. `php tests/Vectors/write.php` writes it anew, where the rules have changed.
 */
final class Vectors
{
    private const SCENES = 24;

    private const DRAGS = 14;

    private const POINTS = 30;

    private const HANDLES = ['left', 'right', 'top', 'bottom', 'top-left', 'bottom-right'];

    public static function path(string $name): string
    {
        return __DIR__."/$name.json";
    }

    /** @return list<array<string, mixed>> */
    public static function snapping(): array
    {
        $vectors = [];
        for ($seed = 1; $seed <= self::SCENES; $seed++) {
            $random = new RandomScene($seed);
            $scene = $random->scene;
            $scene->run('add-guide', [], ['axis' => 'x', 'at' => $random->number(0, 900)]);
            $scene->run('set-grid', [], ['columns' => ['count' => $random->number(2, 6), 'gutter' => 12], 'baseline' => 24, 'module' => $random->maybe(40) ? 16 : null]);
            $placed = array_values(array_filter(Planning::before($scene->draft(), By::Frame)->placed, static fn ($one): bool => $one->isGround));
            if ($placed === []) {
                continue;
            }
            $one = $random->pick($placed);
            $sizes = $random->maybe(35);
            $dragged = $sizes ? Dragged::sized($one->box, $random->pick(self::HANDLES), $scene->sheet->wholePixels) : Dragged::moved($one->box, $scene->sheet->wholePixels, $one->baseline);
            $candidates = (new CandidateFinder($scene->sheet, Planning::before($scene->draft(), By::Frame), $scene->guides))->find(SnapKind::cases(), [$one->id], $dragged);
            $drags = [];
            for ($i = 0; $i < self::DRAGS; $i++) {
                $dx = $random->maybe(10) ? 0.0 : $random->number(-400_000, 400_000) / 1000;
                $dy = $random->maybe(10) ? 0.0 : $random->number(-300_000, 300_000) / 1000;
                $tolerance = $random->pick([4.0, 6.0, 11.5]);
                [$x, $y] = (new Snapping($candidates, $dragged, $tolerance))->snap($dx, $dy, $dx !== 0.0, $dy !== 0.0);
                $lines = array_values(array_unique(array_map(
                    static fn (array $line): string => $line['axis'].' '.sprintf('%.3f', $line['at']),
                    array_filter((new Matches($candidates, $dragged))->at($x, $y), static fn (array $line): bool => isset($line['at'])),
                )));
                sort($lines);
                $drags[] = ['tolerance' => $tolerance, 'dx' => $dx, 'dy' => $dy, 'x' => $x, 'y' => $y, 'lines' => $lines];
            }
            $vectors[] = ['seed' => $seed, 'candidates' => ['dragged' => $dragged->toArray(), ...$candidates->toArray()], 'drags' => $drags];
        }

        return $vectors;
    }

    /**
     * Points well inside things and well outside them: what is under them is reckoned in the space of each, by its shape.
     *
     * @return list<array<string, mixed>>
     */
    public static function hits(): array
    {
        $vectors = [];
        for ($seed = 1; $seed <= self::SCENES; $seed++) {
            $random = new RandomScene($seed);
            $tree = $random->scene->draft()->tree;
            $boxes = $random->scene->boxes();
            $items = array_map(static fn (string $id): array => self::asItem($tree->item($id), $boxes->bounds($id), $boxes->ink($id), $random->scene->painting($id)), $tree->inOrder());
            $chance = new Randomizer(new Mt19937($seed));
            $points = [];
            for ($i = 0; $i < self::POINTS; $i++) {
                $point = new Point($chance->getInt(-300, 1300), $chance->getInt(-300, 1000));
                $found = [];
                $isClear = true;
                foreach (array_reverse($tree->inOrder()) as $id) {
                    $item = $tree->item($id);
                    if ($item->holdsItems() || $tree->isHidden($id) || $tree->isLocked($id)) {
                        continue;
                    }
                    $inside = self::inside($item, $tree->toSheet($item->parent)->after($item->toParent())->inverse()->apply($point));
                    $isClear = $isClear && $inside !== null;
                    if ($inside === true) {
                        $found[] = $id;
                    }
                }
                if ($isClear) {
                    $points[] = ['x' => $point->x, 'y' => $point->y, 'under' => $found];
                }
            }
            $vectors[] = ['seed' => $seed, 'items' => $items, 'points' => $points];
        }

        return $vectors;
    }

    /** @return bool|null null near an edge, where a hand that is not quite still counts too */
    private static function inside(Item $item, Point $at): ?bool
    {
        $reach = 9.0;
        [$w, $h] = [$item->frame->w, $item->frame->h];
        $past = max(-$at->x, $at->x - $w, -$at->y, $at->y - $h);
        if ($past > $reach) {
            return false;
        }
        if ($past > -$reach) {
            return null;
        }
        if (in_array($item->kind->name(), ['arc', 'arrow'], true)) {
            return null;
        }
        if (! in_array($item->kind->name(), ['round', 'polygon'], true)) {
            return $item->isFlat() ? null : true;
        }
        $ratio = hypot(($at->x - $w / 2) / ($w / 2), ($at->y - $h / 2) / ($h / 2));
        if ($item->kind->name() === 'polygon') {
            // Round the middle there is always something of it.
            return $ratio < 0.25 ? true : null;
        }
        $room = abs($ratio - 1) * min($w, $h) / 2;

        return $room < $reach ? null : $ratio < 1;
    }

    /** @return array<string, mixed> */
    private static function asItem(Item $item, Rect $bounds, Rect $ink, Painting $painting): array
    {
        return [
            'id' => $item->id, 'kind' => $item->kind->name(), 'name' => $item->name, 'parent' => $item->parent, 'order' => $item->rank, 'frame' => $item->frame->toArray(), 'angle' => $item->angle,
            'bounds' => $bounds->toArray(), 'ink' => $ink->toArray(), 'locked' => $item->locked, 'hidden' => $item->hidden, 'reference' => $item->reference,
            'flip' => $item->flip->value, 'fields' => ['opacity' => $item->number('opacity')], 'painting' => (object) array_intersect_key($painting->toArray(), ['hit' => true]),
            ...($item->holdsItems() ? ['origin' => ['x' => $item->origin->x, 'y' => $item->origin->y]] : []),
        ];
    }

    /** @param  list<array<string, mixed>>  $vectors */
    public static function json(array $vectors): string
    {
        return '['.implode(",\n", array_map(static fn (array $one): string => json_encode($one, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE), $vectors))."]\n";
    }
}
