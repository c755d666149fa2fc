<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Sum;
use AllSquare\Core\Geometry\SumContext;
use AllSquare\Core\Geometry\Unit;
use App\Contract\Schemas;
use App\Http\Body;
use App\Models\Item;
use App\Models\Sheet;
use App\Storage\ItemRows;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Reads the sums that are typed into fields. Nothing changes. */
final readonly class EvaluateController
{
    public function __construct(private Schemas $schemas)
    {
    }

    /** On a sheet: with its resolution, percents of what something lies in, and that thing's own figures. */
    public function onSheet(Request $request, Sheet $sheet): JsonResponse
    {
        $this->schemas->check($body = Body::of($request), 'evaluate');
        $core = $sheet->toCore();
        $axis = Axis::from($body->axis);
        $item = isset($body->item) ? ItemRows::toCore(Item::query()->toBase()->where('sheet_id', $sheet->id)->where('id', $body->item)->firstOrFail(ItemRows::BASE)) : null;
        $parent = $item?->parent === null ? null : ItemRows::toCore(Item::query()->toBase()->where('id', $item->parent)->firstOrFail(ItemRows::BASE));
        $zero = (float) ($body->zero ?? 0);
        $pixels = Sum::pixels($body->text, new SumContext(
            $core->ppi,
            $axis->size($parent === null ? $core->box() : $parent->frame),
            // As its place is shown: from the zero.
            $item === null ? [] : [...$item->frame->toArray(), $axis->value => $axis->lead($item->frame) - $zero],
            Unit::from($body->unit ?? 'px'),
        ));

        return new JsonResponse(['px' => Length::round($pixels + $zero)]);
    }

    /** Before there is a sheet: plain figures and units. */
    public function alone(Request $request): JsonResponse
    {
        $this->schemas->check($body = Body::of($request), 'evaluate-alone');
        $pixels = Sum::pixels($body->text, new SumContext((float) ($body->ppi ?? 96), null, [], Unit::from($body->unit ?? 'px')));

        return new JsonResponse(['px' => round($pixels, 9)]);
    }
}
