<?php

declare(strict_types=1);

namespace App\Export;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Painting\Element;
use AllSquare\Core\Paint\SvgWriter;
use AllSquare\Core\Text\FontLibrary;
use App\Tools\Rasteriser;

/** What was found on a sheet, with a picture of each place: as a page by itself, and as a PDF. */
final readonly class CheckReport
{
    /** Findings that are pictured; of more, a report is no help. */
    public const MOST = 300;

    private const STYLE = 'body{margin:32px auto;max-width:960px;padding:0 16px;font:14px/1.5 system-ui,sans-serif;color:#20302d;background:#fffefb}h1{font-size:22px}h2{font-size:15px;color:#55635e;border-bottom:1px solid #d3cdbd;margin:28px 0 8px}'
        .'svg{max-width:100%;height:auto}article{display:grid;grid-template-columns:260px 1fr;gap:16px;margin:12px 0;break-inside:avoid}article h3{font-size:14px;margin:0}article p{margin:2px 0;color:#55635e}.defs{position:absolute;width:0;height:0}';

    public function __construct(private FontLibrary $fonts, private Rasteriser $rasteriser)
    {
    }

    /** @param  array<string, mixed>  $answer  what the sheet was looked through for, as the API answers it */
    public function html(SheetPicture $picture, array $answer): string
    {
        $writer = new SvgWriter($picture->palette, $picture->pictures);
        $sheet = $writer->write([self::sheet($picture)]);
        $defs = "<svg xmlns='http://www.w3.org/2000/svg' class='defs' aria-hidden='true'><defs>{$writer->outlines($this->fonts)}$sheet</defs></svg>";
        $findings = self::pictured($answer);
        $whole = new ReportPicture($picture->sheet->picture(), 960, null);
        $parts = [];
        foreach ($answer['kinds'] as $kind) {
            $of = array_filter($findings, static fn (array $one): bool => $one['kind'] === $kind['kind']);
            if ($of !== []) {
                $parts[] = '<h2>'.HtmlPage::text($kind['heading']).' ('.count($kind['findings']).')</h2>';
                array_push($parts, ...array_map(static fn (int $i, array $one): string => self::article($i + 1, $one), array_keys($of), $of));
            }
        }
        $ignored = array_map(static fn (array $one): string => '<li>'.HtmlPage::text($one['says'].($one['reason'] === '' ? '' : ": “{$one['reason']}”")).'</li>', $answer['ignored']);

        return HtmlPage::of(
            self::title($picture, $answer), self::STYLE,
            implode("\n", [$defs, '<p>'.HtmlPage::text(self::looked($answer)).'</p>', $whole->html(array_map(static fn (array $one): Rect => self::place($one), $findings)), ...$parts, ...($ignored === [] ? [] : ['<h2>Ignored</h2><ul>', ...$ignored, '</ul>'])]),
        );
    }

    /** @param  array<string, mixed>  $answer */
    public function pdf(SheetPicture $picture, array $answer): string
    {
        $pages = new ReportPages($this->fonts, self::title($picture, $answer), self::looked($answer), $picture->sheet->picture());
        $headings = array_column($answer['kinds'], 'heading', 'kind');
        foreach (self::pictured($answer) as $i => $one) {
            $pages->add($i + 1, $headings[$one['kind']], $one['says'], $one['detail'], self::place($one));
        }

        return $this->rasteriser->pdf(array_map(function (array $page) use ($picture): string {
            $writer = new SvgWriter($picture->palette, $picture->pictures, 2.0);
            $body = $writer->write([new Element('defs', [], [self::sheet($picture)]), ...$page]);

            return sprintf("<svg xmlns='http://www.w3.org/2000/svg' width='210mm' height='297mm' viewBox='0 0 %d %d'>%s%s</svg>", ReportPages::WIDTH, ReportPages::HEIGHT, $writer->outlines($this->fonts), $body);
        }, $pages->drawn()));
    }

    /**
     * @param  array<string, mixed>  $answer
     * @return list<array<string, mixed>>
     */
    private static function pictured(array $answer): array
    {
        return array_slice(array_merge([], ...array_column($answer['kinds'], 'findings')), 0, self::MOST);
    }

    /** @param  array<string, mixed>  $answer */
    private static function title(SheetPicture $picture, array $answer): string
    {
        return $picture->sheet->name.': '.($answer['count'] === 0 ? 'all square' : "{$answer['count']} out of square");
    }

    /** @param  array<string, mixed>  $answer */
    private static function looked(array $answer): string
    {
        ['items' => $items, 'gaps' => $gaps, 'families' => $families] = $answer['looked'];
        $more = $answer['count'] > self::MOST ? sprintf(' The first %d are shown.', self::MOST) : '';

        return sprintf('%d %s, %d %s and %d %s looked at.%s', $items, $items === 1 ? 'item' : 'items', $gaps, $gaps === 1 ? 'gap' : 'gaps', $families, $families === 1 ? 'family' : 'families', $more);
    }

    /** @param  array<string, mixed>  $one */
    private static function article(int $number, array $one): string
    {
        $picture = ReportPicture::around(self::place($one), 260, 150);

        return sprintf('<article>%s<div><h3>%d %s</h3><p>%s</p></div></article>', $picture->html([self::place($one)]), $number, HtmlPage::text($one['says']), HtmlPage::text($one['detail']));
    }

    /** @param  array<string, mixed>  $one */
    private static function place(array $one): Rect
    {
        return new Rect(...$one['place']);
    }

    /** Once, to be shown again and again. */
    private static function sheet(SheetPicture $picture): Element
    {
        return new Element('g', ['id' => 'sheet'], [Element::box($picture->sheet->picture(), ['fill' => $picture->sheet->background ?? '#ffffff', 'stroke' => '#b9b2a0', 'stroke-width' => Length::text(max(1.0, $picture->sheet->width() / 1_000))]), ...$picture->body()]);
    }
}
