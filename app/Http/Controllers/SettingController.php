<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use AllSquare\Core\Command\SetWords;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item as CoreItem;
use AllSquare\Core\Item\Kinds;
use AllSquare\Core\Item\Painting\Leaf;
use AllSquare\Core\Item\Painting\Painters;
use AllSquare\Core\Item\Traits\FitsItsFrame;
use AllSquare\Core\Item\Traits\HasWords;
use AllSquare\Core\Item\Traits\SetsLines;
use AllSquare\Core\Refusal;
use AllSquare\Core\Text\FontLibrary;
use App\Contract\Schemas;
use App\Http\Body;
use App\Models\Item;
use App\Models\Sheet;
use App\Storage\ItemRows;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use stdClass;

/** Says how words would stand while they are being written, without keeping them. */
final readonly class SettingController
{
    public function __construct(private Schemas $schemas, private FontLibrary $fonts)
    {
    }

    public function set(Request $request, Sheet $sheet): JsonResponse
    {
        $this->schemas->check($body = Body::of($request), 'setting');
        $item = $this->written(isset($body->item) ? $this->stored($sheet, $body->item) : $this->drawn($body), $body)->fitted($sheet->toCore()->wholePixels, $this->fonts);

        return new JsonResponse([
            'frame' => $item->frame->toArray(),
            'fields' => $item->kind->fields()->stored($item->fields),
            'painting' => (object) (new Painters($this->fonts))->of($item)->paint(new Leaf($item))->toArray(),
            'lines' => $item->kind instanceof SetsLines ? $item->kind->lines($item, $this->fonts) : [],
            'overflow' => $item->kind instanceof SetsLines ? $item->kind->overflow($item, $this->fonts) : null,
            'missing_characters' => $item->kind instanceof HasWords ? $item->kind->missing($item, $this->fonts) : [],
        ], options: JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
    }

    /** First the fields as they are given, then other words, and then a part of these set otherwise. */
    private function written(CoreItem $item, stdClass $body): CoreItem
    {
        $given = self::plain($body->fields ?? new stdClass);
        $foreign = array_key_first(array_diff_key($given, $item->fields));
        if ($foreign !== null) {
            throw Refusal::because('A '.$item->kind->noun(1).' has no '.str_replace('_', ' ', (string) $foreign).'.', (string) $foreign);
        }
        $fields = $item->kind->fields();
        $item = $item->withFields($fields->taken($given, $this->fonts));
        if (isset($body->words)) {
            $taken = $fields->taken(['text' => $body->words], $this->fonts);
            $item = $item->kind instanceof SetsLines ? $item->kind->rewritten($item, $taken['text'], $body->caret ?? null) : $item->withFields($taken);
        }

        return isset($body->styled) && $item->kind instanceof SetsLines
            ? $item->kind->withStyles($item, $body->styled->from, $body->styled->to, SetWords::taken(self::plain($body->styled->styles), $this->fonts))
            : $item;
    }

    private function stored(Sheet $sheet, string $id): CoreItem
    {
        return ItemRows::toCore(Item::query()->toBase()->where('sheet_id', $sheet->id)->where('id', $id)->firstOrFail(ItemRows::BASE));
    }

    private function drawn(stdClass $body): CoreItem
    {
        $kind = isset($body->kind) ? Kinds::named($body->kind) : throw Refusal::because('Name an item, or the kind of one that is to be drawn.', 'kind');
        $frame = new Rect((float) ($body->at->x ?? 0.0), (float) ($body->at->y ?? 0.0), (float) ($body->at->w ?? 0.0), (float) ($body->at->h ?? 0.0));
        $item = new CoreItem('', null, 0, $kind, '', $frame, 0.0, false, false, $kind->fields()->defaults);

        return $kind instanceof FitsItsFrame ? $kind->drawn($item, $frame, []) : $item;
    }

    /** @return array<string, mixed> */
    private static function plain(stdClass $object): array
    {
        return json_decode((string) json_encode($object), true);
    }
}
