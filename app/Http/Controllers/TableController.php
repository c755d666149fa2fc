<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use AllSquare\Core\Format\TableHtml;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Painting\Painters;
use AllSquare\Core\Item\Painting\WritesWords;
use AllSquare\Core\Item\Traits\HasCells;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Table\Csv;
use AllSquare\Core\Table\CsvForm;
use AllSquare\Core\Table\CsvReading;
use AllSquare\Core\Text\FontFaces;
use AllSquare\Core\UnknownItem;
use App\Export\HtmlPage;
use App\Http\Download;
use App\Models\Sheet;
use App\Sheets\SheetLoader;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Lists of values as tables are made of them, and tables as lists and as HTML. Nothing is changed by it. */
final readonly class TableController
{
    public function __construct(private SheetLoader $loader, private FontFaces $faces)
    {
    }

    /** What was recognised of a list: how it is written, which columns are numbers, and its words. What is known of it is given in the query. */
    public function read(Request $request): JsonResponse
    {
        $wish = array_intersect_key($request->query(), array_flip(['separator', 'quote', 'encoding', 'decimal', 'header']));
        if (isset($wish['header'])) {
            $wish['header'] = $wish['header'] === '1';
        }
        $read = CsvReading::of($request->getContent(), array_filter($wish, static fn (mixed $value): bool => is_string($value) || is_bool($value)));
        $columns = array_keys($read->rows[0]);

        return new JsonResponse(['form' => $read->form->toArray(), 'numeric' => array_map($read->isNumeric(...), $columns), 'words' => $read->rows], options: JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
    }

    public function csv(Sheet $sheet, string $table): Response
    {
        [$draft, $item] = $this->item($sheet, $table);
        assert($item->kind instanceof HasCells);
        $data = $item->kind->table($item);
        $form = $data->form ?? new CsvForm(decimal: $data->decimal);

        return new Response(Csv::write($data->words(), $form), 200, ['Content-Type' => 'text/csv', 'Content-Disposition' => Download::disposition($draft->item($item->id)->name, 'csv')]);
    }

    public function html(Sheet $sheet, string $table): Response
    {
        [$draft, $item] = $this->item($sheet, $table);
        $html = new TableHtml($item, $draft->fonts);
        $used = (new Painters($draft->fonts))->of($item);
        $fonts = $used instanceof WritesWords ? $this->faces->css($used->used($item)) : '';

        return new Response(HtmlPage::of($item->name, $fonts."\n".$html->css(), $html->html()), 200, ['Content-Type' => 'text/html; charset=utf-8', 'Content-Disposition' => Download::disposition($item->name, 'html')]);
    }

    /**
     * @return array{Draft, Item}
     *
     * @throws UnknownItem when there is no such table on the sheet
     */
    private function item(Sheet $sheet, string $id): array
    {
        $draft = $this->loader->draft($sheet, new Needs, [$id]);
        $item = $draft->item($id);

        return $item->kind instanceof HasCells ? [$draft, $item] : throw UnknownItem::named($id, 'table');
    }
}
