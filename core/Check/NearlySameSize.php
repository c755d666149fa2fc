<?php

declare(strict_types=1);

namespace AllSquare\Core\Check;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Item\Traits\HasPoints;
use AllSquare\Core\Sheet\Placed;
use AllSquare\Core\Sheet\Words;

/** Things that are nearly as large as others, where the intent would have them just as large. */
final class NearlySameSize implements Check
{
    public function about(): About
    {
        return new About('near-size', 'Nearly the same size', isPlain: true);
    }

    public function find(Looked $at): iterable
    {
        foreach ($at->intent(sizes: true)->sized() as [$placed, $sized]) {
            foreach ($placed as $i => $one) {
                // What is as large as its points need, as drawings are, is not meant to be as large as something else.
                if ($one->box === $sized[$i]->box || $at->tree->item($one->id)->kind instanceof HasPoints) {
                    continue;
                }
                foreach (Axis::cases() as $axis) {
                    [$is, $expected] = [$axis->size($one->box), Length::round($axis->size($sized[$i]->box))];
                    if (! Length::same($is, $expected) && self::occurs($placed, $axis, $expected) > self::occurs($placed, $axis, $is)) {
                        yield $this->finding($at, $one, $axis, $is, $expected);
                    }
                }
            }
        }
    }

    private function finding(Looked $at, Placed $one, Axis $axis, float $is, float $expected): Finding
    {
        return new Finding(
            'near-size', [$one->id], $one->box,
            sprintf('%s is %s %s', Words::quoted($at->tree->item($one->id)), Spoken::withUnit($is), $axis === Axis::X ? 'wide' : 'high'),
            sprintf('Others like it are %s.', Spoken::withUnit($expected)),
            $is, $expected, [new Fix('place', [$one->id], [$axis === Axis::X ? 'w' : 'h' => $expected, 'ref' => 'top-left'])], $axis->value,
        );
    }

    /** @param  list<Placed>  $placed */
    private static function occurs(array $placed, Axis $axis, float $size): int
    {
        return count(array_filter($placed, static fn (Placed $one): bool => Length::same($axis->size($one->box), $size)));
    }
}
