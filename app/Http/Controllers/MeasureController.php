<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use AllSquare\Core\Geometry\Side;
use AllSquare\Core\Item\By;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Measure\Boxes;
use AllSquare\Core\Measure\Clearance;
use AllSquare\Core\Measure\Clearances;
use AllSquare\Core\Measure\Distance;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Scope;
use AllSquare\Core\Running\Selected;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\FieldName;
use AllSquare\Core\Text\FontLibrary;
use App\Contract\Schemas;
use App\Http\Body;
use App\Models\Sheet;
use App\Sheets\IntentReader;
use App\Sheets\SheetLoader;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Answers questions about distances. Nothing changes. */
final readonly class MeasureController
{
    public function __construct(private Schemas $schemas, private SheetLoader $loader, private FontLibrary $fonts)
    {
    }

    /** What a selection, as one, lies on, and how far it is to what lies next on its four sides. */
    public function surroundings(Request $request, Sheet $sheet): JsonResponse
    {
        $this->schemas->check($body = Body::of($request), 'surroundings');
        $by = By::from($body->by ?? 'frame');
        $draft = $this->loader->draft($sheet, new Needs(Scope::beside($by)), $body->items);
        $clearances = new Clearances($draft->tree, new Boxes($draft->tree, $this->fonts), self::shown($draft, $body->items), $draft->sheet()->box(), $by);

        return new JsonResponse([
            'ground' => self::named($clearances->ground),
            'clearances' => array_map(static fn (Side $side): array => self::clearance($clearances->of($side)), Side::cases()),
        ], options: JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
    }

    /** Every gap of the sheet with how often each occurs; of a POST, those among the items named. */
    public function gaps(Request $request, Sheet $sheet, IntentReader $reader): JsonResponse
    {
        $items = null;
        $by = $request->query('by', 'frame');
        if ($request->isMethod('POST')) {
            $this->schemas->check($body = Body::of($request), 'gaps');
            [$items, $by] = [$body->items, $body->by ?? 'frame'];
        }
        $ledger = $reader->ledger($sheet, self::by($by));
        $ledger = $items === null ? $ledger : $ledger->among($items);

        return new JsonResponse([
            // Their public fields are what the API says of them.
            'gaps' => $ledger->gaps,
            'insets' => $ledger->insets,
            'census' => $ledger->census(),
        ], options: JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
    }

    /** How far two items lie from each other, or one from an edge of the sheet. */
    public function distance(Request $request, Sheet $sheet): JsonResponse
    {
        [$a, $b] = array_map(static fn (string $end): string => is_string($request->query($end)) ? $request->query($end) : throw Refusal::because('Name two things: a and b.', $end), ['a', 'b']);
        $by = self::by($request->query('by', 'frame'));
        $draft = $this->loader->draft($sheet, new Needs, Side::tryFrom($b) === null ? [$a, $b] : [$a]);

        return new JsonResponse(Distance::of($draft, $a, $b, $by)->toArray());
    }

    private static function by(mixed $given): By
    {
        return (is_string($given) ? By::tryFrom($given) : null) ?? throw Refusal::because(FieldName::first('by').' has to be one of: frame, ink, upright.', 'by');
    }

    /**
     * @param  list<string>  $items
     * @return non-empty-list<string>
     */
    private static function shown(Draft $draft, array $items): array
    {
        $ids = Selected::of($draft, $items)->ids;

        return $ids === [] ? throw Refusal::because('Nothing is selected. Select something first.', 'items') : $ids;
    }

    /** @return array<string, mixed> */
    private static function clearance(Clearance $clearance): array
    {
        return ['side' => $clearance->side->value, 'size' => $clearance->size, 'to' => self::named($clearance->to), 'inset' => $clearance->isInset];
    }

    /** @return array{id: string, name: string}|null null for the sheet */
    private static function named(?Item $item): ?array
    {
        return $item === null ? null : ['id' => $item->id, 'name' => $item->name];
    }
}
