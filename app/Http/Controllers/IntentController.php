<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Intent\Meant;
use AllSquare\Core\Intent\Pattern;
use AllSquare\Core\Intent\Relation;
use AllSquare\Core\Intent\Telling;
use AllSquare\Core\Intent\Wish;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Sheet\Figures;
use App\Contract\Schemas;
use App\Http\Body;
use App\Models\Sheet;
use App\Sheets\IntentReader;
use App\Sheets\SheetLoader;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Says which layout was meant. Nothing changes. */
final readonly class IntentController
{
    public function __construct(private Schemas $schemas, private IntentReader $reader, private SheetLoader $loader)
    {
    }

    public function read(Request $request, Sheet $sheet): JsonResponse
    {
        $this->schemas->check($body = Body::of($request), 'intent');
        $items = isset($body->items) ? array_values($body->items) : null;
        $draft = $this->loader->draft($sheet, new Needs, $items ?? []);
        array_map($draft->item(...), $items ?? []);
        $spoken = static fn (string $sentence): string => Spoken::in($sentence, $draft->unit, $draft->sheet()->ppi);
        try {
            $tolerance = isset($body->tolerance) ? (new Figures($draft))->read(is_string($body->tolerance) ? $body->tolerance : (float) $body->tolerance, Axis::X, 'tolerance') : null;
            $wish = Wish::of($draft->sheet(), $tolerance, $body->sizes ?? false);
        } catch (Refusal $refusal) {
            throw $refusal->said($spoken($refusal->getMessage()));
        }
        $meant = $this->reader->read($sheet, $items, $wish);
        $patterns = array_map(static fn (Meant $level): Pattern => $level->pattern(), $meant);
        $distances = array_merge(...array_map(static fn (Pattern $pattern): array => $pattern->distances, $patterns));
        $ofSort = static fn (string $sort): array => array_map(static fn (array $one): array => array_diff_key($one, ['sort' => true]), array_values(array_filter($distances, static fn (array $one): bool => $one['sort'] === $sort)));

        return new JsonResponse([
            'lines' => self::all($patterns, static fn (Pattern $pattern): array => $pattern->lines),
            'sizes' => self::all($patterns, static fn (Pattern $pattern): array => $pattern->sizes),
            'gaps' => $ofSort(Relation::GAP),
            'insets' => $ofSort(Relation::INSET),
            'symmetries' => self::all($patterns, static fn (Pattern $pattern): array => $pattern->symmetries),
            'moves' => array_merge(...array_map(self::moves(...), $meant)),
            'alone' => self::all($patterns, static fn (Pattern $pattern): array => $pattern->alone),
            'said' => $spoken(Telling::of($patterns, $draft->sheet()->zero)),
        ], options: JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
    }

    /**
     * @param  list<Pattern>  $patterns
     * @param  callable(Pattern): list<mixed>  $of
     * @return list<mixed>
     */
    private static function all(array $patterns, callable $of): array
    {
        return array_merge(...array_map($of, $patterns));
    }

    /** @return list<array{id: string, dx: float, dy: float, dw: float, dh: float}> px; of what lies in a group, beside where the group goes */
    private static function moves(Meant $meant): array
    {
        return array_map(static function (int $i) use ($meant): array {
            [$was, $is] = [$meant->placed[$i]->box, $meant->boxes[$i]];

            return ['id' => $meant->placed[$i]->id, 'dx' => Length::round($is->x - $was->x), 'dy' => Length::round($is->y - $was->y), 'dw' => Length::round($is->w - $was->w), 'dh' => Length::round($is->h - $was->h)];
        }, $meant->changes());
    }
}
