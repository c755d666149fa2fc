<?php

declare(strict_types=1);

namespace AllSquare\Core\Item;

use AllSquare\Core\Item\Box\BoxKind;
use AllSquare\Core\Item\Group\GroupKind;
use AllSquare\Core\Item\Line\LineKind;
use AllSquare\Core\Item\Round\RoundKind;
use AllSquare\Core\Item\Text\TextKind;
use AllSquare\Core\Refusal;

/** All kinds of items, by name. */
final class Kinds
{
    /** @var array<string, Kind>|null */
    private static ?array $all = null;

    /** @return array<string, Kind> */
    public static function all(): array
    {
        if (self::$all === null) {
            foreach ([new BoxKind, new RoundKind, new LineKind, new TextKind, new GroupKind] as $kind) {
                self::$all[$kind->name()] = $kind;
            }
        }

        return self::$all ?? [];
    }

    /** @throws Refusal when there is no such kind */
    public static function named(string $name): Kind
    {
        return self::all()[$name]
            ?? throw Refusal::because("There is no kind of item \"$name\".", 'kind');
    }
}
