<?php

declare(strict_types=1);

namespace AllSquare\Core\Running;

use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Traits\ArrangesBoxes;

/** The command by which what is no item, slices or points, is arranged as items are. */
final class Arranging
{
    /**
     * @param  string  $what  is arranged, for the refusal: Slices
     *
     * @throws Refusal when that command does more than placing and sizing
     */
    public static function command(Params $params, string $what): Command
    {
        $name = $params->word('command') ?? '';
        $arranging = array_keys(array_filter(Catalogue::all(), static fn (string $class): bool => is_subclass_of($class, ArrangesBoxes::class)));
        if (! in_array($name, $arranging, true)) {
            throw Refusal::because("$what take: ".implode(', ', $arranging).'.', 'command');
        }
        $inner = $params->value('params');

        return Catalogue::make($name, is_array($inner) ? array_filter($inner, is_string(...), ARRAY_FILTER_USE_KEY) : []);
    }
}
