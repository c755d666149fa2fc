<?php

declare(strict_types=1);

namespace App\Export;

use AllSquare\Core\DimensionDrawing\Drawing;
use AllSquare\Core\DimensionDrawing\Listing;
use AllSquare\Core\DimensionDrawing\MeasuredSheet;
use AllSquare\Core\DimensionDrawing\MeasuredSheetOptions;
use AllSquare\Core\DimensionDrawing\Stylesheet;
use AllSquare\Core\Format\TableHtml;
use AllSquare\Core\Text\FontLibrary;
use App\Sheets\PlanLoader;
use App\Tools\Rasteriser;

/** The measured sheet as SVG, PDF and a page. */
final readonly class MeasuredFiles
{
    private const STYLE = 'body{margin:32px;font:14px/1.5 system-ui,sans-serif;color:#20302d;background:#fffefb}h1{font-size:20px}'
        .'svg{max-width:100%;height:auto}table{border-collapse:collapse;margin:24px 0}th,td{padding:3px 12px;text-align:left;border-bottom:1px solid #d3cdbd}td:nth-child(n+3){text-align:right;font-variant-numeric:tabular-nums}'
        .'.heard{position:absolute;width:1px;height:1px;overflow:hidden;clip-path:inset(50%)}pre{padding:16px;background:#f2efe4;overflow:auto}';

    public function __construct(private PlanLoader $plans, private FontLibrary $fonts, private Rasteriser $rasteriser)
    {
    }

    public function measured(SheetPicture $picture, MeasuredSheetOptions $wish): MeasuredSheet
    {
        return MeasuredSheet::of($picture->sheet, $picture->tree, $this->plans->plan($picture->sheet->id, $wish->by), $wish, $this->fonts);
    }

    /** @param  bool  $listed  with the list of all parts and measures beneath the drawing */
    public function svg(SheetPicture $picture, MeasuredSheet $measured, bool $listed = true): string
    {
        return (new Drawing($measured, $this->fonts))->svg($picture->body(), $listed, $picture->palette, $picture->pictures);
    }

    public function pdf(SheetPicture $picture, MeasuredSheet $measured): string
    {
        return $this->rasteriser->pdf([$this->svg($picture, $measured)]);
    }

    /** A page by itself: the drawing, the list as tables, and the values as CSS. */
    public function html(SheetPicture $picture, MeasuredSheet $measured): string
    {
        $listing = new Listing($measured, $this->fonts);
        $row = static fn (array $cells, string $tag = 'td'): string => '<tr>'.implode('', array_map(static fn (string $cell): string => "<$tag>".HtmlPage::text($cell)."</$tag>", $cells)).'</tr>';
        $table = static fn (array $head, array $rows): string => $rows === [] ? '' : '<table><thead>'.$row($head, 'th').'</thead><tbody>'.implode("\n", array_map($row, $rows)).'</tbody></table>';
        $svg = $this->svg($picture, $measured, false);
        $parts = $table(['No.', 'Name', 'x', 'y', 'Width', 'Height'], $listing->parts());
        $distances = $table(['Between', 'Direction', 'px'], $listing->distances());
        // A drawing says nothing to who hears the page: tables are there as tables too.
        $tables = implode("\n", array_map(fn (int $number): string => '<div class="heard">'.(new TableHtml($measured->tree->item($measured->parts[$number - 1]->id), $this->fonts))->html(isPlain: true).'</div>', array_keys($measured->tables)));
        $css = HtmlPage::text((new Stylesheet($measured))->css());

        return HtmlPage::of($measured->sheet->name.', measured', self::STYLE, "$svg\n$tables\n$parts\n$distances\n<h2>As CSS</h2>\n<pre><code>$css</code></pre>");
    }
}
