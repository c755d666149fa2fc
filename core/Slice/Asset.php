<?php

declare(strict_types=1);

namespace AllSquare\Core\Slice;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Sheet\FileFormat;
use AllSquare\Core\Sheet\Scale;
use AllSquare\Core\Sheet\Sheet;
use AllSquare\Core\Sheet\Slice;

/** One file that is to be made of a slice. */
final readonly class Asset
{
    /**
     * @param  Scale|null  $scale  null for drawings, which have none
     * @param  string  $file  its name in the archive
     * @param  Rect  $area  px of the sheet
     * @param  array{int, int}  $pixels  width and height
     * @param  string|null  $colour  that it is painted on, #rrggbb; null for none
     * @param  list<string>|null  $only  ids of the items it takes; null for all that lies there
     */
    public function __construct(
        public Slice $slice,
        public FileFormat $format,
        public ?Scale $scale,
        public string $file,
        public Rect $area,
        public array $pixels,
        public ?string $colour,
        public int $quality,
        public ?array $only,
    ) {
    }

    /**
     * Where it lies in the picture of the whole sheet at its scale, which it is then cut out of: the px are the same to the
     * last shade, whatever is painted around it.
     *
     * @return array{int, int}|null left and top in px of that picture; null where it takes its items alone, is painted to a
     *                              width or height of its own, or reaches past the sheet
     */
    public function inWhole(Sheet $sheet): ?array
    {
        if ($this->only !== null || $this->scale?->of !== 'x') {
            return null;
        }
        [$left, $top] = [(int) Length::whole($this->area->x * $this->factor()), (int) Length::whole($this->area->y * $this->factor())];
        [$w, $h] = $this->scale->pixels($sheet->picture());

        return $left >= 0 && $top >= 0 && $left + $this->pixels[0] <= $w && $top + $this->pixels[1] <= $h ? [$left, $top] : null;
    }

    public function factor(): float
    {
        return $this->scale?->factor($this->area) ?? 1.0;
    }
}
