<?php

declare(strict_types=1);

namespace AllSquare\Core\Check;

use AllSquare\Core\Geometry\Angle;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Sheet\Words;

/** What is turned nearly level, upright or by half a right angle. */
final class NearlyStraight implements Check
{
    public function about(): About
    {
        return new About('near-angle', 'Nearly straight', isPlain: true, limit: new Limit('off by at most', 2.0, 0.1, 20.0, '°'));
    }

    public function find(Looked $at): iterable
    {
        $limit = $at->limit($this);
        foreach ($at->leaves() as $item) {
            $angle = $at->tree->totalAngle($item->id);
            $nearest = round($angle / 45) * 45;
            $off = abs($angle - $nearest);
            if ($off < 0.005 || $off > $limit || $at->isRegular($item->id)) {
                continue;
            }
            $expected = Angle::keep($item->angle + $nearest - $angle);
            yield new Finding(
                'near-angle', [$item->id], $at->placed($item->id)->box,
                sprintf('%s stands at %s°', Words::quoted($item), Length::text($angle)),
                sprintf('%s° is nearly that.', Length::text(Angle::keep($nearest))),
                $angle, $nearest, [new Fix('set', [$item->id], ['angle' => $expected])],
            );
        }
    }
}
