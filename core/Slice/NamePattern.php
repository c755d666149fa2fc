<?php

declare(strict_types=1);

namespace AllSquare\Core\Slice;

use AllSquare\Core\Refusal;

/**
 * Names for many slices from one pattern: "{sheet}/{item}-{nn}". What stands in braces is filled in; {nn} is a number of
 * two figures at least.
 */
final readonly class NamePattern
{
    public const WORDS = ['sheet', 'item', 'slice', 'row', 'column', 'w', 'h'];

    public function __construct(private string $pattern)
    {
    }

    /** Whether it can give more than one name. */
    public function varies(): bool
    {
        return preg_match('/\{(item|slice|row|column|n+)\}/', $this->pattern) === 1;
    }

    /**
     * @param  array<string, string>  $words  what to fill in, of WORDS those that are known here
     * @param  int  $number  from 1
     *
     * @throws Refusal for a word in braces that is not known here
     */
    public function name(array $words, int $number): string
    {
        return (string) preg_replace_callback('/\{([^{}]*)\}/', static function (array $found) use ($words, $number): string {
            if (preg_match('/^n+$/', $found[1]) === 1) {
                return str_pad((string) $number, strlen($found[1]), '0', STR_PAD_LEFT);
            }
            if (! isset($words[$found[1]])) {
                $known = implode(', ', array_map(static fn (string $word): string => '{'.$word.'}', [...array_keys($words), 'n']));
                throw Refusal::because(sprintf('In a name, {%s} stands for nothing here. There are: %s.', mb_strimwidth($found[1], 0, 20, '…'), $known), 'name');
            }

            return $words[$found[1]];
        }, $this->pattern);
    }
}
