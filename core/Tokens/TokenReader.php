<?php

declare(strict_types=1);

namespace AllSquare\Core\Tokens;

use AllSquare\Core\Refusal;

/**
 * Reads a file of design tokens as the Design Tokens Community Group describes it (format module, 2025.10): groups in groups, the type
 * of a token its own or that of the nearest group that says one, values that refer to other tokens as `{group.name}`.
 */
final class TokenReader
{
    public const OWN = 'invalid.allsquare';

    private const DEEPEST = 32;

    private const MOST = 5_000;

    /** @var array<string, Token> by what it is said to be */
    private array $tokens = [];

    private function __construct()
    {
    }

    /**
     * @param  array<mixed>  $file
     * @return list<Token> in the order of the file
     *
     * @throws Refusal when it is no such file, refers to what is not there, or in circles
     */
    public static function read(array $file): array
    {
        $reader = new self;
        $reader->group($file, [], '');
        if ($reader->tokens === []) {
            throw Refusal::because('There are no design tokens in this file. A token has a "$value".', 'file');
        }

        return array_values(array_map(fn (Token $token): Token => $reader->resolved($token), $reader->tokens));
    }

    /**
     * @param  array<mixed>  $group
     * @param  list<string>  $path
     */
    private function group(array $group, array $path, string $type): void
    {
        if (count($path) > self::DEEPEST) {
            throw Refusal::because('The groups of this file lie more than '.self::DEEPEST.' deep in one another.', 'file');
        }
        $type = is_string($group['$type'] ?? null) ? $group['$type'] : $type;
        foreach ($group as $name => $value) {
            $name = (string) $name;
            if (! is_array($value) || str_starts_with($name, '$')) {
                continue;
            }
            if (! array_key_exists('$value', $value)) {
                $this->group($value, [...$path, $name], $type);

                continue;
            }
            $own = is_array($value['$extensions'] ?? null) ? $value['$extensions'][self::OWN] ?? null : null;
            $token = new Token([...$path, $name], is_string($value['$type'] ?? null) ? $value['$type'] : $type, $value['$value'], is_array($own) ? $own : []);
            $this->tokens[$token->said()] = $token;
            if (count($this->tokens) > self::MOST) {
                throw Refusal::because('A file of '.number_format(self::MOST).' tokens at most is read.', 'file');
            }
        }
    }

    private function resolved(Token $token): Token
    {
        $type = $token->type;
        $value = $this->value($token->value, [$token->said()], $type);

        return new Token($token->path, $type, $value, $token->own);
    }

    /**
     * @param  non-empty-list<string>  $from  what refers to it
     * @param  string  $type  that of what is referred to, where none is said yet
     */
    private function value(mixed $value, array $from, string &$type): mixed
    {
        if (is_array($value)) {
            $inner = 'part';

            return array_map(function (mixed $part) use ($from, &$inner): mixed {
                return $this->value($part, $from, $inner);
            }, $value);
        }
        if (! is_string($value) || preg_match('/^\{([^{}]+)\}$/', $value, $reference) !== 1) {
            return $value;
        }
        $named = $reference[1];
        if (in_array($named, $from, true) || count($from) > self::DEEPEST) {
            throw Refusal::because(sprintf('The token "%s" refers to itself.', mb_strimwidth($from[0], 0, 80, '…')), 'file');
        }
        $token = $this->tokens[$named] ?? throw Refusal::because(sprintf('The token "%s" refers to "%s", which is not in this file.', mb_strimwidth($from[0], 0, 80, '…'), mb_strimwidth($named, 0, 80, '…')), 'file');
        $type = $type === '' ? $token->type : $type;

        return $this->value($token->value, [...$from, $named], $type);
    }
}
