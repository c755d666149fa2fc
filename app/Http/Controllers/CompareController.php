<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use AllSquare\Core\Compare\Comparison;
use AllSquare\Core\Compare\Difference;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Geometry\Unit;
use AllSquare\Core\Sheet\SheetContent;
use AllSquare\Core\Text\FontLibrary;
use App\Contract\Schemas;
use App\Documents\DocumentFiles;
use App\Documents\Variants;
use App\Export\SheetPictures;
use App\Http\Body;
use App\Models\Sheet;
use App\Running\AnotherSheet;
use App\Sheets\Answers;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

/** Other arrangements of a sheet, in what they differ, and which one is chosen. */
final readonly class CompareController
{
    public function __construct(private Schemas $schemas, private Variants $variants, private AnotherSheet $another, private SheetPictures $pictures, private FontLibrary $fonts, private Answers $answers, private DocumentFiles $files)
    {
    }

    public function add(Request $request, Sheet $sheet): JsonResponse
    {
        $this->schemas->check($body = Body::of($request), 'variant');
        $added = $this->variants->add($sheet, $body->name ?? null, array_values(array_filter($body->items ?? [], is_string(...))));

        return new JsonResponse($this->answers->sheet($added) + ['revision' => $added->revision], 201);
    }

    public function choose(Request $request, Sheet $sheet): JsonResponse
    {
        $this->schemas->check($body = Body::of($request), 'choose');
        $chosen = $this->variants->choose($sheet, $body->over);

        return new JsonResponse($this->answers->sheet($chosen) + ['revision' => $chosen->revision]);
    }

    /** Nothing is changed by it. */
    public function compare(Request $request, Sheet $sheet): JsonResponse
    {
        $this->schemas->check($body = Body::of($request), 'compare');
        $which = (array) json_decode((string) json_encode($body), true);
        [$there, $svg] = isset($which['file']) ? $this->inFile($sheet, $which) : $this->another->within($sheet, $which, fn (Sheet $other): array => [$this->another->all($other), isset($which['line']) ? $this->pictures->of($other)->page() : null]);
        $of = new Comparison($this->another->all($sheet), $there, $this->fonts);
        $items = array_values(array_filter($which['items'] ?? [], is_string(...)));
        $unit = Unit::tryFrom(is_string($request->query('unit')) ? $request->query('unit') : '') ?? Unit::Px;
        $said = static fn (string $sentence): string => Spoken::in($sentence, $unit, $sheet->ppi);

        return new JsonResponse([
            'revision' => $sheet->revision,
            'there' => ['id' => isset($which['sheet']) ? $there->sheet->id : null, 'name' => $there->sheet->name, 'width' => $there->sheet->width(), 'height' => $there->sheet->height(), 'background' => $there->sheet->background, 'svg' => $svg],
            'same' => count($of->matching->there),
            'differences' => array_map(static fn (Difference $one): array => [
                'key' => $one->key, 'sort' => $one->sort->value, 'a' => $one->a, 'b' => $one->b, 'name' => $one->name, 'says' => $said($one->says), 'numbers' => (object) $one->numbers, 'here' => $one->here?->toArray(), 'there' => $one->there?->toArray(),
            ], $of->differences($items === [] ? null : $items)),
        ], options: JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
    }

    /**
     * A sheet of a file is put into a document for as long as it is painted.
     *
     * @param  array<mixed>  $which
     * @return array{SheetContent, string}
     */
    private function inFile(Sheet $sheet, array $which): array
    {
        $content = $this->another->content($sheet, $which);
        DB::beginTransaction();
        try {
            $document = $this->files->open(json_encode($which['file'], JSON_THROW_ON_ERROR));
            $painted = $document->sheets()->where('name', $content->sheet->name)->first() ?? $document->sheets()->firstOrFail();

            return [$content, $this->pictures->of($painted)->page()];
        } finally {
            DB::rollBack();
        }
    }
}
