<?php

declare(strict_types=1);

namespace AllSquare\Core\Tokens;

use AllSquare\Core\Item\Look\Colour;
use AllSquare\Core\Refusal;
use AllSquare\Core\Text\FontLibrary;

/** What of a file of design tokens a document can take: colours, how words are set, a scale of sizes, a unit of spacing. */
final readonly class DesignTokens
{
    /** px by which the sizes of a scale may differ from the file's, and how many it takes to see one */
    private const NEAR = 0.6;

    private const FEWEST = 3;

    /**
     * @param  array<string, Colour>  $colours  by name
     * @param  array<string, array<string, mixed>>  $styles  fields of texts, by name
     * @param  array{base: float, ratio: float, whole: bool|null}|null  $scale
     * @param  float|null  $spacing  px
     * @param  list<string>  $leftOut  what is not taken, and why where that is not plain
     */
    private function __construct(public array $colours, public array $styles, public ?array $scale, public ?float $spacing, public array $leftOut)
    {
    }

    /**
     * @param  array<mixed>  $file
     *
     * @throws Refusal when it is none
     */
    public static function read(array $file, FontLibrary $fonts): self
    {
        $colours = $styles = $sizes = $leftOut = [];
        $scale = $spacing = null;
        $styled = new TokenStyle($fonts);
        foreach (TokenReader::read($file) as $token) {
            $colour = in_array($token->type, ['color', ''], true) ? TokenValues::readColour($token->value) : null;
            $length = in_array($token->type, ['dimension', ''], true) ? TokenValues::readLength($token->value) : null;
            [$fields, $missing] = $token->type === 'typography' ? $styled->read($token) : [null, null];
            $last = mb_strtolower($token->path[count($token->path) - 1]);
            $missing === null || $leftOut[] = "of {$token->said()}, $missing";
            if ($colour !== null) {
                $colours[$token->name()] = $colour;
            } elseif ($fields !== null) {
                $styles[$token->name()] = $fields;
            } elseif ($length > 0.0 && self::isSize($token)) {
                $sizes[$last] = $length;
                $scale ??= self::own($token, $length);
            } elseif ($length > 0.0 && $token->isIn('spacing') && in_array($last, ['unit', 'base'], true)) {
                $spacing = min(100_000.0, $length);
            } elseif (! $token->isIn('spacing') || $length === null) {
                $leftOut[] = $token->said();
            }
        }
        $scale ??= self::seen($sizes);

        return new self($colours, $styles, $scale, $spacing, [...$leftOut, ...($sizes !== [] && $scale === null ? ['the sizes of letters, which are no scale'] : [])]);
    }

    private static function isSize(Token $token): bool
    {
        return $token->isIn('font-size') || $token->isIn('fontsize') || $token->isIn('font-sizes') || $token->isIn('fontsizes') || $token->isIn('size');
    }

    /** @return array{base: float, ratio: float, whole: bool|null}|null as this program writes it */
    private static function own(Token $token, float $base): ?array
    {
        $ratio = $token->own['ratio'] ?? null;
        $whole = $token->own['whole'] ?? null;

        return is_int($ratio) || is_float($ratio) ? ['base' => self::base($base), 'ratio' => self::ratio((float) $ratio), 'whole' => is_bool($whole) ? $whole : null] : null;
    }

    /**
     * The scale that sizes are of, where they are one: each as many times the one before.
     *
     * @param  array<string, float>  $sizes  px, by name
     * @return array{base: float, ratio: float, whole: bool|null}|null
     */
    private static function seen(array $sizes): ?array
    {
        $base = $sizes['base'] ?? $sizes['md'] ?? $sizes['medium'] ?? $sizes['body'] ?? null;
        $sorted = array_values(array_unique($sizes));
        sort($sorted);
        $count = count($sorted);
        if ($count < self::FEWEST) {
            return null;
        }
        $ratio = round(($sorted[$count - 1] / $sorted[0]) ** (1 / ($count - 1)), 3);
        foreach ($sorted as $i => $size) {
            if ($ratio <= 1.0 || abs($sorted[0] * $ratio ** $i - $size) > self::NEAR + $size * 0.02) {
                return null;
            }
        }
        usort($sorted, static fn (float $a, float $b): int => abs($a - 16.0) <=> abs($b - 16.0));

        return ['base' => self::base($base ?? $sorted[0]), 'ratio' => self::ratio($ratio), 'whole' => array_filter($sorted, static fn (float $size): bool => fmod($size, 1.0) !== 0.0) === []];
    }

    private static function base(float $base): float
    {
        return min(500.0, max(1.0, $base));
    }

    private static function ratio(float $ratio): float
    {
        return min(4.0, max(1.01, $ratio));
    }
}
