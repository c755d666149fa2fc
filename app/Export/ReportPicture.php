<?php

declare(strict_types=1);

namespace App\Export;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Painting\Element;
use AllSquare\Core\Paint\SvgWriter;

/** A part of a sheet in a report, with the places of findings marked on it. */
final readonly class ReportPicture
{
    private const MARK = '#a83a24';

    private const GROUND = '#e6e2d6';

    /** px of the sheet that are seen at least, so that it can be told where it is */
    private const LEAST = 220.0;

    /**
     * @param  Rect  $seen  px of the sheet
     * @param  float  $width  px of the report
     * @param  float|null  $height  px of the report; null as the proportions have it
     */
    public function __construct(private Rect $seen, private float $width, private ?float $height)
    {
    }

    /** With what lies around a place. */
    public static function around(Rect $place, float $width, float $height): self
    {
        $w = max(self::LEAST, 1.6 * $place->w, 1.6 * $place->h * $width / $height);
        $centre = $place->centre();
        $h = $w * $height / $width;

        return new self(new Rect($centre->x - $w / 2, $centre->y - $h / 2, $w, $h), $width, $height);
    }

    /** @param  list<Rect>  $places */
    public function html(array $places): string
    {
        return (new SvgWriter)->write([$this->element(0.0, 0.0, $places, ['xmlns' => 'http://www.w3.org/2000/svg', 'aria-hidden' => 'true'])]);
    }

    /**
     * @param  float  $x  px of the report
     * @param  float  $y  px of the report
     * @param  list<Rect>  $places
     * @param  array<string, string>  $more
     */
    public function element(float $x, float $y, array $places, array $more = []): Element
    {
        $unit = $this->seen->w / $this->width;
        $marks = array_map(static fn (Rect $place): Element => Element::box(new Rect($place->x - 2 * $unit, $place->y - 2 * $unit, $place->w + 4 * $unit, $place->h + 4 * $unit)), $places);

        return new Element('svg', [
            'x' => Length::text($x), 'y' => Length::text($y), 'width' => Length::text($this->width), 'height' => Length::text($this->height()),
            'viewBox' => implode(' ', array_map(Length::text(...), array_values($this->seen->toArray()))), ...$more,
        ], [
            Element::box($this->seen, ['fill' => self::GROUND]),
            new Element('use', ['href' => '#sheet']),
            new Element('g', ['fill' => self::MARK, 'fill-opacity' => '0.08', 'stroke' => self::MARK, 'stroke-width' => Length::text(1.5 * $unit)], $marks),
            Element::box($this->seen, ['fill' => 'none', 'stroke' => '#b9b2a0', 'stroke-width' => Length::text(1.5 * $unit)]),
        ]);
    }

    public function height(): float
    {
        return $this->height ?? $this->width * $this->seen->h / $this->seen->w;
    }
}
