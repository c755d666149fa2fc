<?php

declare(strict_types=1);

namespace AllSquare\Core\Sheet;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Geometry\Unit;
use AllSquare\Core\Refusal;

/**
 * A sheet: its size, its unit, and how things are placed on it.
 *
 * It keeps the size as it was typed, with its unit, because print uses it; its pixels are that size rounded half up.
 */
final readonly class Sheet
{
    public const LONGEST_SIDE = 30_000;

    /**
     * @param  float  $typedWidth  in $unit
     * @param  float  $ppi  pixels per inch, 1 to 2400
     * @param  bool  $wholePixels  whether places and sizes are brought to whole pixels
     * @param  string|null  $background  #rrggbb, or null for a clear one
     * @param  Point  $zero  where the rulers' 0 lies, in px from the top left
     * @param  float|null  $unitOfSpacing  px
     * @param  SheetGrid  $grid  between the margins
     * @param  string|null  $page  what it has in common with the sheets that show the same page at other widths
     */
    public function __construct(
        public string $id,
        public string $name,
        public float $typedWidth,
        public float $typedHeight,
        public Unit $unit,
        public float $ppi,
        public bool $wholePixels,
        public Margins $margins,
        public ?string $background,
        public Point $zero,
        public ?float $unitOfSpacing = null,
        public SheetGrid $grid = new SheetGrid,
        public ?string $page = null,
    ) {
        foreach (['width' => $this->width(), 'height' => $this->height()] as $side => $length) {
            if ($length < 1 || $length > self::LONGEST_SIDE) {
                throw Refusal::because(sprintf('A sheet is from 1 to 30,000 px wide and high; this %s would be %s px.', $side, Length::text($length)), $side);
            }
        }
    }

    /** A new sheet: whole pixels when it is made in px, white, no margins. */
    public static function create(string $id, string $name, float $width, float $height, Unit $unit, float $ppi): self
    {
        return new self($id, $name, $width, $height, $unit, $ppi, $unit === Unit::Px, new Margins, '#ffffff', new Point(0.0, 0.0));
    }

    public function width(): float
    {
        return Length::whole($this->typedWidth * $this->unit->pixels($this->ppi));
    }

    public function height(): float
    {
        return Length::whole($this->typedHeight * $this->unit->pixels($this->ppi));
    }

    /**
     * The sheet as things on it are measured to: where whole pixels are off, it is as large as it was typed, so that 15 mm
     * from the edge of a sheet of 200 mm are 15 mm.
     */
    public function box(): Rect
    {
        $side = fn (float $typed, float $pixels): float => $this->wholePixels ? $pixels : Length::round($typed * $this->unit->pixels($this->ppi));

        return new Rect(0.0, 0.0, $side($this->typedWidth, $this->width()), $side($this->typedHeight, $this->height()));
    }

    /** The sheet as it is painted, in whole pixels. */
    public function picture(): Rect
    {
        return new Rect(0.0, 0.0, $this->width(), $this->height());
    }

    /** @param  array<string, mixed>  $changes fields of the sheet by name */
    public function with(array $changes): self
    {
        // @phpstan-ignore argument.type (the fields by their names, of their types)
        return new self(...[...get_object_vars($this), ...$changes]);
    }
}
