<?php

declare(strict_types=1);

namespace AllSquare\Core\Arrange;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Measure\Ground;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Guide;
use AllSquare\Core\Sheet\Words;

/** Finds what things are aligned to and spaced within. Grounds are those of the moment this is made. */
final class Targets
{
    private ?Ground $ground = null;

    public function __construct(private readonly Draft $draft, private readonly Mover $mover)
    {
    }

    public function sheet(): Target
    {
        return new Target($this->draft->sheet()->box(), 'the sheet');
    }

    /** @throws Refusal when the margins leave nothing between them */
    public function margins(): Target
    {
        $sheet = $this->draft->sheet();
        $margins = $sheet->margins;
        if ($margins->left + $margins->right >= $sheet->width() || $margins->top + $margins->bottom >= $sheet->height()) {
            throw Refusal::because('The margins leave no room between them. Make them smaller in the settings of the sheet.');
        }

        return new Target(Rect::between($margins->left, $margins->top, $sheet->width() - $margins->right, $sheet->height() - $margins->bottom), 'the margins');
    }

    public function item(string $id): Target
    {
        return new Target($this->mover->box($id), Words::quoted($this->draft->item($id)));
    }

    /**
     * What these lie on together.
     *
     * @param  non-empty-list<string>  $ids
     */
    public function ground(array $ids, Rect $box): Target
    {
        $this->ground ??= new Ground($this->draft->tree, $this->mover->boxes);
        $found = $this->ground->of($ids, $box);

        return $found === null ? $this->sheet() : $this->item($found->id);
    }

    /** @throws Refusal when the guide runs the other way */
    public function guide(string $id, Axis $axis): Target
    {
        $guide = $this->draft->of(Guide::class)->get($id);
        if ($guide->axis !== $axis) {
            throw Refusal::because(sprintf('%s runs %s, so nothing can be brought onto it %s.', ucfirst($guide->words()), $guide->axis === Axis::X ? 'down the sheet' : 'across the sheet', $axis->word()), 'guide');
        }
        $sheet = $this->draft->sheet()->box();

        return new Target($axis === Axis::X ? new Rect($guide->at, 0.0, 0.0, $sheet->h) : new Rect(0.0, $guide->at, $sheet->w, 0.0), $guide->words());
    }
}
