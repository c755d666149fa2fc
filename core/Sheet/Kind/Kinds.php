<?php

declare(strict_types=1);

namespace AllSquare\Core\Sheet\Kind;

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
            foreach ([new Box, new Round, new Line, new Text, new Group] as $kind) {
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
