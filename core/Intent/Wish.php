<?php

declare(strict_types=1);

namespace AllSquare\Core\Intent;

use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Item\By;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Sheet;

/** What is asked of squaring. */
final readonly class Wish
{
    /** px at 96 ppi */
    private const TOLERANCE = 6.0;

    private const MOST = 100.0;

    /** of more things than this, one try says how steady the hand was */
    private const MANY = 80;

    /** In a group, an edge may be moved by such a part of its extent at most: what is small is drawn finely. */
    private const PART = 24;

    /** px at 96 ppi: a group that is no larger is a drawing, such as an icon, and no layout */
    private const DRAWING = 64.0;

    /**
     * @param  float  $tolerance  px that an edge may be moved, above 0
     * @param  bool  $sizes  whether sizes may change, by half of that
     * @param  bool  $whole  whether things are put on whole pixels
     * @param  float  $scale  how much finer the sheet is than 96 ppi
     * @param  list<float>  $spacings  px, that were chosen for the sheet
     * @param  bool  $isQuick  whether one try has to say how steady the hand was
     */
    private function __construct(public float $tolerance, public bool $sizes, public bool $whole, private float $scale, public array $spacings, public bool $isQuick = false)
    {
    }

    /**
     * @param  float|null  $tolerance  px; null for 6 at 96 ppi
     * @param  By  $by  by which boxes things are read: only frames are put on whole pixels
     *
     * @throws Refusal when it is none
     */
    public static function of(Sheet $sheet, ?float $tolerance = null, bool $sizes = false, By $by = By::Frame): self
    {
        $scale = max(1.0, $sheet->ppi / 96);
        $tolerance ??= self::TOLERANCE * $scale;
        if ($tolerance <= 0.0 || $tolerance > self::MOST * $scale) {
            throw Refusal::because(sprintf('The tolerance has to be above 0 and at most %s.', Spoken::withUnit(self::MOST * $scale)), 'tolerance');
        }

        return new self($tolerance, $sizes, $sheet->wholePixels && $by === By::Frame, $scale, self::spacings($sheet));
    }

    /** The same for what lies in a group; null where that is left alone. */
    public function within(Rect $group): ?self
    {
        $extent = max($group->w, $group->h);

        return $extent <= self::DRAWING * $this->scale ? null : new self(min($this->tolerance, floor($extent / self::PART)), $this->sizes, $this->whole, $this->scale, $this->spacings, $this->isQuick);
    }

    /** The same for so many things. */
    public function among(int $count): self
    {
        return new self($this->tolerance, $this->sizes, $this->whole, $this->scale, $this->spacings, $count > self::MANY);
    }

    /** @return list<float> the unit of spacing, the module and the gutters */
    private static function spacings(Sheet $sheet): array
    {
        $grid = $sheet->grid;

        return array_values(array_filter([$sheet->unitOfSpacing, $grid->module, $grid->columns?->gutter, $grid->rows?->gutter]));
    }
}
