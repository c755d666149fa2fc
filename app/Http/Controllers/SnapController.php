<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\By;
use AllSquare\Core\Measure\Planning;
use AllSquare\Core\Points\PointPlane;
use AllSquare\Core\Points\PointRef;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\SnapRequest;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Slice;
use AllSquare\Core\Slice\Plane;
use AllSquare\Core\Snap\Candidates;
use AllSquare\Core\Snap\Dragged;
use AllSquare\Core\Snap\Matches;
use AllSquare\Core\Snap\Snapping;
use App\Contract\Schemas;
use App\Http\Body;
use App\Models\Sheet;
use App\Sheets\SheetLoader;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use stdClass;

/** Says what a drag can snap to, once when it starts; the browser picks while it lasts. */
final readonly class SnapController
{
    public function __construct(private Schemas $schemas, private SheetLoader $loader)
    {
    }

    public function candidates(Request $request, Sheet $sheet): JsonResponse
    {
        $this->schemas->check($body = Body::of($request), 'snap');
        $items = array_values($body->items ?? []);
        $wish = new SnapRequest((float) $body->tolerance, SnapRequest::kinds($body->kinds ?? null), By::from($body->by ?? 'frame'));
        $points = array_values($body->points ?? []);
        $needs = $wish->needs();
        $draft = $this->loader->draft($sheet, new Needs($needs->scope, PointRef::items($points), $needs->sorts, $needs->plan, $needs->points), $items);
        if ($points !== [] && $items === []) {
            [$items, $draft] = [$points, (new PointPlane($draft, $points))->draft(true)];
        }
        if (isset($body->slices) && $items === []) {
            [$items, $draft] = [array_values($body->slices), (new Plane($draft))->of($draft->of(Slice::class)->all(), true)];
        }
        array_map($draft->item(...), $items);
        $dragged = self::dragged($draft, $wish, $body, $items);
        $candidates = $wish->candidates($draft, $items, $dragged);
        $answer = ['dragged' => $dragged?->toArray(), ...$candidates->toArray()];
        if ($dragged !== null && (isset($body->dx) || isset($body->dy))) {
            $answer['settled'] = self::snapped($candidates, $dragged, (float) $body->tolerance, (float) ($body->dx ?? 0), (float) ($body->dy ?? 0));
        }

        return new JsonResponse($answer, options: JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
    }

    /** @param  list<string>  $items */
    private static function dragged(Draft $draft, SnapRequest $wish, stdClass $body, array $items): ?Dragged
    {
        $whole = $draft->sheet()->wholePixels;
        if ($body->mode === 'draw') {
            return isset($body->from)
                ? Dragged::sized(new Rect((float) $body->from->x, (float) $body->from->y, 0.0, 0.0), 'bottom-right', $whole)
                : Dragged::moved(new Rect(0.0, 0.0, 0.0, 0.0), $whole);
        }
        // Of what is not shown there is nothing to drag.
        if (array_intersect($items, array_column(Planning::before($draft, $wish->by)->placed, 'id')) === []) {
            return null;
        }
        $block = $wish->block($draft, $items);

        return $body->mode === 'move' ? $block : Dragged::sized($block->box, $body->handle ?? 'bottom-right', $block->whole);
    }

    /** @return array<string, mixed> */
    private static function snapped(Candidates $candidates, Dragged $dragged, float $tolerance, float $dx, float $dy): array
    {
        [$x, $y] = (new Snapping($candidates, $dragged, $tolerance))->snap($dx, $dy, $dx !== 0.0, $dy !== 0.0);

        return ['dx' => $x, 'dy' => $y, 'lines' => (new Matches($candidates, $dragged))->at($x, $y)];
    }
}
