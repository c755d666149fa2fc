<?php

declare(strict_types=1);

namespace AllSquare\Core\Check;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Intent\Meant;
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
        foreach ($at->meant(sizes: true) as $level) {
            foreach ($level->changes() as $i) {
                $one = $level->placed[$i];
                // What is as large as its points need, as drawings are, is not meant to be as large as something else.
                if ($at->tree->item($one->id)->kind instanceof HasPoints) {
                    continue;
                }
                foreach (Axis::cases() as $axis) {
                    [$is, $expected] = [$axis->size($one->box), Length::round($axis->size($level->boxes[$i]))];
                    if (! Length::same($is, $expected) && $this->occurs($level, $axis, $expected) > $this->occurs($level, $axis, $is)) {
                        $side = $axis === Axis::X ? 'w' : 'h';
                        yield new Finding(
                            'near-size', [$one->id], $one->box,
                            sprintf('%s is %s %s', Words::quoted($at->tree->item($one->id)), Spoken::withUnit($is), $axis === Axis::X ? 'wide' : 'high'),
                            sprintf('Others like it are %s.', Spoken::withUnit($expected)),
                            $is, $expected, [new Fix('place', [$one->id], [$side => $expected, 'ref' => 'top-left'])], $axis->value,
                        );
                    }
                }
            }
        }
    }

    private function occurs(Meant $level, Axis $axis, float $size): int
    {
        return count(array_filter($level->placed, static fn (Placed $one): bool => Length::same($axis->size($one->box), $size)));
    }
}
