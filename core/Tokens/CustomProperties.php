<?php

declare(strict_types=1);

namespace AllSquare\Core\Tokens;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Refusal;

/** Design tokens as custom properties of CSS (css-variables-1): one for each colour and length, several for each style of texts. */
final class CustomProperties
{
    /**
     * @param  array<mixed>  $file  as TokenFile writes it
     *
     * @throws Refusal when it is no such file
     */
    public static function of(array $file): string
    {
        $lines = [];
        foreach ($file === [] ? [] : TokenReader::read($file) as $token) {
            foreach (self::values($token) as $after => $value) {
                $name = self::name($token->said()).$after;
                for ($plain = $name, $i = 2; isset($lines[$name]); $i++) {
                    $name = "$plain-$i";
                }
                $lines[$name] = "    --$name: $value;\n";
            }
        }

        return ":root {\n".implode('', $lines)."}\n";
    }

    /** @return array<string, string> what it is in CSS, by what is added to its name */
    private static function values(Token $token): array
    {
        if ($token->type === 'typography' && is_array($token->value)) {
            $value = $token->value;
            $family = is_string($value['fontFamily'] ?? null) ? $value['fontFamily'] : 'sans-serif';
            $weight = TokenValues::readWeight($value['fontWeight'] ?? null);

            return array_filter([
                '-font-family' => '"'.addcslashes($family, "\"\\\n").'"',
                '-font-size' => self::length($value['fontSize'] ?? null),
                '-font-weight' => $weight === null ? null : (string) $weight,
                '-letter-spacing' => self::length($value['letterSpacing'] ?? null),
                '-line-height' => is_numeric($value['lineHeight'] ?? null) ? Length::text((float) $value['lineHeight']) : null,
            ], static fn (?string $text): bool => $text !== null);
        }
        $text = TokenValues::readColour($token->value)?->css() ?? self::length($token->value);

        return $text === null ? [] : ['' => $text];
    }

    private static function length(mixed $value): ?string
    {
        $pixels = TokenValues::readLength($value);

        return $pixels === null ? null : Length::text($pixels).($pixels === 0.0 ? '' : 'px');
    }

    /** In small letters, with hyphens for everything but letters and figures. */
    private static function name(string $said): string
    {
        $name = trim((string) preg_replace('/[^\p{L}\p{N}]+/u', '-', mb_strtolower($said)), '-');

        return $name === '' ? 'token' : $name;
    }
}
