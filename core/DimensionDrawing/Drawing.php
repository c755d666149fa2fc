<?php

declare(strict_types=1);

namespace AllSquare\Core\DimensionDrawing;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Painting\Element;
use AllSquare\Core\Paint\Lettering;
use AllSquare\Core\Paint\PictureSource;
use AllSquare\Core\Paint\SvgWriter;
use AllSquare\Core\Text\FontLibrary;

/**
 * The measured sheet as SVG: the sheet, numbers on its parts, and dimensions along its four sides as on a technical drawing:
 * thin lines with short oblique ticks, the figure above (after ISO 129-1), extension lines to what is measured.
 */
final class Drawing
{
    private const INK = '#20302d';

    private const COLOURS = ['size' => self::INK, 'gap' => '#17614f', 'margin' => '#8a5406', 'grid' => '#8a5406'];

    private const HAIR = '#b9b2a0';

    private readonly Lettering $figures;

    private readonly Lettering $words;

    /** px of the sheet to one px of the drawing's letters: large sheets are written on with large letters */
    private readonly float $unit;

    /** @var array<string, Band> by side */
    private readonly array $bands;

    private readonly Rect $extent;

    public function __construct(private readonly MeasuredSheet $measured, private readonly FontLibrary $fonts)
    {
        $this->figures = new Lettering($fonts, 'overpass-mono', 600);
        $this->words = new Lettering($fonts, 'overpass', 400);
        $this->extent = $measured->extent();
        $this->unit = max(0.75, max($this->extent->w, $this->extent->h) / 1_100);
        $sides = ['top' => [], 'bottom' => [], 'left' => [], 'right' => []];
        $centre = $this->extent->centre();
        $isThere = [];
        foreach ($measured->measures as $measure) {
            if (isset($isThere[$measure->place()])) {
                continue;
            }
            $isThere[$measure->place()] = true;
            $middle = array_sum($measure->across) / 2;
            $sides[$measure->axis === Axis::X ? ($middle > $centre->y ? 'bottom' : 'top') : ($middle > $centre->x ? 'right' : 'left')][] = $measure;
        }
        $width = fn (Measure $measure): float => $this->figures->width(Length::text($measure->size), 11 * $this->unit) + 5 * $this->unit;
        $this->bands = array_map(static fn (array $measures): Band => new Band($measures, $width), $sides);
    }

    /** How many measures found no room beside the sheet and are listed only. */
    public function leftOut(): int
    {
        return array_sum(array_map(static fn (Band $band): int => count($band->left()), $this->bands));
    }

    /**
     * @param  list<Element>  $body  the sheet as it is painted, in its own space
     * @param  bool  $listed  with the list of all parts and measures beneath
     * @param  array<string, string>  $palette  the colours of swatches, by their keys
     * @param  PictureSource|null  $pictures  null where none are written
     * @return string a whole SVG, its size in px
     */
    public function svg(array $body, bool $listed, array $palette = [], ?PictureSource $pictures = null): string
    {
        $u = $this->unit;
        $reach = fn (string $side): float => ($this->bands[$side]->count() === 0 ? 24 : 26 + 17 * $this->bands[$side]->count()) * $u;
        $left = $this->extent->x - $reach('left');
        $top = $this->extent->y - $reach('top') - 26 * $u;
        $width = max($this->extent->w + $reach('left') + $reach('right'), 560 * $u);
        $height = $this->extent->h + $reach('top') + $reach('bottom') + 26 * $u;
        $sheet = $this->measured->sheet;
        $drawn = [$this->words->element(sprintf('%s, %s × %s px', $this->words->fitting($sheet->name, 14 * $u, $width / 2), Length::text($sheet->width()), Length::text($sheet->height())), $left + 12 * $u, $top + 18 * $u, 14 * $u, self::INK), ...$this->sheet($body), ...$this->dimensions(), ...$this->marks()];
        if ($listed) {
            [$list, $below] = (new Listing($this->measured, $this->fonts))->drawn($left + 12 * $u, $top + $height, $width - 24 * $u, $u);
            array_push($drawn, ...$list);
            $height += $below;
        }

        $writer = new SvgWriter($palette, $pictures);
        $text = $writer->write([Element::box(new Rect($left, $top, $width, $height), ['fill' => '#fffefb']), ...$drawn]);

        return sprintf(
            "<svg xmlns='http://www.w3.org/2000/svg' width='%s' height='%s' viewBox='%s %s %s %s'>%s%s</svg>\n",
            ...array_map(Length::text(...), [$width, $height, $left, $top, $width, $height]),
            ...[$writer->outlines($this->fonts), $text],
        );
    }

    /**
     * Paled, so that what is written on it can be read.
     *
     * @param  list<Element>  $body
     * @return list<Element>
     */
    private function sheet(array $body): array
    {
        $box = $this->measured->sheet->picture();
        $outlines = array_map(static fn (MeasuredPart $part): Element => Element::box($part->box), $this->measured->parts);

        return [
            Element::box($box, ['fill' => $this->measured->sheet->background ?? '#ffffff']),
            ...$body,
            Element::box($box, ['fill' => '#fffefb', 'fill-opacity' => '0.45']),
            new Element('g', ['fill' => '#a8680c', 'fill-opacity' => '0.18'], array_map(static fn (Rect $free): Element => Element::box($free), array_merge(...array_map(static fn (RailPart $rail): array => $rail->free(), array_values($this->measured->rails)), ...[[]]))),
            Element::box($box, ['fill' => 'none', 'stroke' => self::INK, 'stroke-width' => Length::text($this->unit)]),
            new Element('g', ['fill' => 'none', 'stroke' => '#17614f', 'stroke-width' => Length::text(0.6 * $this->unit)], array_values($outlines)),
        ];
    }

    /** @return list<Element> figures last, on grounds of their own: no line runs through them */
    private function dimensions(): array
    {
        $lines = $figures = [];
        foreach ($this->bands as $side => $band) {
            foreach ($band->placed() as [$measure, $line]) {
                [$drawn, $figure] = $this->dimension($side, $measure, $line);
                array_push($lines, ...$drawn);
                array_push($figures, ...$figure);
            }
        }

        return [...$lines, ...$figures];
    }

    /** @return array{list<Element>, list<Element>} the lines, and the figure on its ground */
    private function dimension(string $side, Measure $measure, int $line): array
    {
        $u = $this->unit;
        $out = (20 + 17 * $line) * $u;
        [$at, $away] = match ($side) {
            'top' => [$this->extent->y - $out, -1],
            'bottom' => [$this->extent->bottom() + $out, 1],
            'left' => [$this->extent->x - $out, -1],
            default => [$this->extent->right() + $out, 1],
        };
        $isAcross = $measure->axis === Axis::X;
        $point = static fn (float $along, float $across): string => $isAcross ? Length::text($along).' '.Length::text($across) : Length::text($across).' '.Length::text($along);
        $near = $away < 0 ? $measure->across[0] : $measure->across[1];
        $colour = self::COLOURS[$measure->kind->value];
        $extensions = $ticks = '';
        foreach ([$measure->from, $measure->to] as $end) {
            $extensions .= 'M'.$point($end, $near + 2 * $u * $away).'L'.$point($end, $at + 4 * $u * $away);
            $ticks .= 'M'.$point($end - 2.5 * $u, $at + 2.5 * $u * ($isAcross ? 1 : -1)).'L'.$point($end + 2.5 * $u, $at - 2.5 * $u * ($isAcross ? 1 : -1));
        }
        $drawn = [
            new Element('path', ['d' => $extensions, 'stroke' => self::HAIR, 'stroke-width' => Length::text(0.5 * $u)]),
            new Element('path', ['d' => 'M'.$point($measure->from, $at).'L'.$point($measure->to, $at).$ticks, 'stroke' => $colour, 'stroke-width' => Length::text(0.8 * $u)]),
        ];
        $text = Length::text($measure->size);
        $size = 11 * $u;
        [$middle, $half] = [($measure->from + $measure->to) / 2, $this->figures->width($text, $size) / 2 + $u];
        // Upright figures read from the right, above their line.
        $ground = $isAcross ? new Rect($middle - $half, $at - 12.5 * $u, 2 * $half, 10.5 * $u) : new Rect($at - 12.5 * $u, $middle - $half, 10.5 * $u, 2 * $half);
        $figure = [
            Element::box($ground, ['fill' => '#fffefb']),
            $isAcross ? $this->figures->element($text, $middle, $at - 3.5 * $u, $size, $colour, 0.5) : $this->figures->element($text, $at - 3.5 * $u, $middle, $size, $colour, 0.5, -90.0),
        ];

        return [$drawn, $figure];
    }

    /** @return list<Element> the number of each part, in a corner of it where no other stands; where there is none, it is in the list alone */
    private function marks(): array
    {
        $u = $this->unit;
        $taken = $drawn = [];
        foreach ($this->measured->parts as $part) {
            $text = (string) $part->number;
            $w = $this->figures->width($text, 10 * $u) + 7 * $u;
            $h = 13 * $u;
            $box = $part->box;
            $corners = [[$box->x, $box->y], [$box->right() - $w, $box->y], [$box->x, $box->bottom() - $h], [$box->right() - $w, $box->bottom() - $h], [$box->x + ($box->w - $w) / 2, $box->y + ($box->h - $h) / 2]];
            foreach ($corners as [$x, $y]) {
                $mark = new Rect($x, $y, $w, $h);
                if (array_filter($taken, static fn (Rect $other): bool => $other->meets($mark)) === []) {
                    $taken[] = $mark;
                    $drawn[] = Element::box($mark, ['rx' => Length::text(3 * $u), 'fill' => '#17614f']);
                    $drawn[] = $this->figures->element($text, $x + $w / 2, $y + 10 * $u, 10 * $u, '#ffffff', 0.5);
                    break;
                }
            }
        }

        return $drawn;
    }
}
