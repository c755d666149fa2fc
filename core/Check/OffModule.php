<?php

declare(strict_types=1);

namespace AllSquare\Core\Check;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Sheet\Placed;
use AllSquare\Core\Sheet\Words;

/** What lies beside the module of a sheet that all others keep to. */
final class OffModule implements Check
{
    public function about(): About
    {
        return new About('off-module', 'Off the module', isPlain: true);
    }

    /** Of fewer things it cannot be said that they keep to it. */
    private const LEAST = 4;

    public function find(Looked $at): iterable
    {
        $module = $at->sheet->grid->module;
        $places = array_values(array_filter($at->plan->placed, static fn (Placed $one): bool => $one->parent === null && ! $one->isTurned && ! $one->locked));
        if ($module === null || count($places) < self::LEAST) {
            return;
        }
        $zero = $at->sheet->zero;
        foreach (Axis::cases() as $axis) {
            $off = array_filter($places, static fn (Placed $one): bool => ! Length::same(self::rest($axis->lead($one->box), $module), 0.0));
            // What most do not keep to is no rule of the sheet.
            if (count($off) > count($places) / 4) {
                continue;
            }
            foreach ($off as $one) {
                $is = $axis->lead($one->box);
                $to = Length::round($is - self::rest($is, $module));
                yield new Finding(
                    'off-module', [$one->id], $one->box,
                    sprintf('%s lies off the module', Words::quoted($at->tree->item($one->id))),
                    sprintf('%s %s; the module of %s has %s.', strtoupper($axis->value), Spoken::length($is), Spoken::withUnit($module), Spoken::length($to)),
                    $is, $to, [new Fix('place', [$one->id], [$axis->value => $to - ($axis === Axis::X ? $zero->x : $zero->y)])], $axis->value,
                );
            }
        }
    }

    /** Past the nearest multiple, px. */
    private static function rest(float $at, float $module): float
    {
        return Length::round($at - round($at / $module) * $module);
    }
}
