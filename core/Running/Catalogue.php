<?php

declare(strict_types=1);

namespace AllSquare\Core\Running;

use AllSquare\Core\Refusal;

/** Every command by its name: one class in core/Command each. */
final class Catalogue
{
    private const COMMANDS = 'AllSquare\\Core\\Command\\';

    /** @var array<string, class-string<Command>>|null */
    private static ?array $all = null;

    /** @return array<string, class-string<Command>> in alphabetical order */
    public static function all(): array
    {
        if (self::$all === null) {
            self::$all = [];
            foreach (glob(dirname(__DIR__).'/Command/*.php') ?: [] as $path) {
                $class = self::COMMANDS.basename($path, '.php');
                if (is_subclass_of($class, Command::class)) {
                    self::$all[$class::name()] = $class;
                }
            }
            ksort(self::$all);
        }

        return self::$all;
    }

    /** @return array<string, list<string>> what each command can be asked, by its name: arranges-boxes */
    public static function traits(): array
    {
        return array_map(static function (string $class): array {
            $of = __NAMESPACE__.'\\Traits\\';
            $traits = array_filter(class_implements($class), static fn (string $interface): bool => str_starts_with($interface, $of));
            $words = array_map(static fn (string $interface): string => strtolower((string) preg_replace('/(?<!^)[A-Z]/', '-$0', substr($interface, strlen($of)))), array_values($traits));
            sort($words);

            return $words;
        }, self::all());
    }

    /**
     * @return class-string<Command>
     *
     * @throws Refusal when there is no such command
     */
    public static function named(string $name): string
    {
        $class = self::COMMANDS.str_replace('-', '', ucwords($name, '-'));
        if (preg_match('/^[a-z]+(-[a-z]+)*$/', $name) !== 1 || ! is_subclass_of($class, Command::class) || $class::name() !== $name) {
            throw Refusal::because(sprintf('There is no command "%s".', mb_strimwidth($name, 0, 40, '…')), 'command');
        }

        return $class;
    }

    /**
     * @param  array<string, mixed>  $params  checked against the command's schema
     *
     * @throws Refusal when there is no such command
     */
    public static function make(string $name, array $params): Command
    {
        return self::named($name)::from(new Params($params));
    }
}
