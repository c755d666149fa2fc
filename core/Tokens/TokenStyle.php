<?php

declare(strict_types=1);

namespace AllSquare\Core\Tokens;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Item\Field\FillField;
use AllSquare\Core\Item\Field\NumberField;
use AllSquare\Core\Item\Look\Colour;
use AllSquare\Core\Sheet\TypeStyle;
use AllSquare\Core\Text\FontLibrary;

/** A style of texts as a typography token, and as one again. What the format has no word for stands in what this program adds to it. */
final readonly class TokenStyle
{
    private const IN_FORMAT = ['font', 'size', 'weight', 'line_height'];

    public function __construct(private FontLibrary $fonts)
    {
    }

    /** @return array<string, mixed> */
    public function value(TypeStyle $style): array
    {
        $styles = $style->styles;
        $number = static fn (string $name, float $otherwise): float => is_numeric($styles[$name] ?? null) ? (float) $styles[$name] : $otherwise;
        $font = is_string($styles['font'] ?? null) ? $styles['font'] : '';
        $size = $number('size', 16.0);

        return [
            'fontFamily' => $this->fonts->families()[$font]['name'] ?? $font,
            'fontSize' => TokenValues::length($size),
            'fontWeight' => (int) $number('weight', 400.0),
            'letterSpacing' => TokenValues::length($number('tracking', 0.0) * $size / 1000),
            'lineHeight' => $number('line_height', 1.3),
        ];
    }

    /** @return array{array<string, mixed>|null, string|null} the fields that it says, by name, as commands give them; and what of it is not here */
    public function read(Token $token): array
    {
        if (! is_array($token->value)) {
            return [null, null];
        }
        $value = $token->value;
        $styles = self::readOwn(is_array($token->own['styles'] ?? null) ? $token->own['styles'] : []);
        $missing = null;
        $family = $value['fontFamily'] ?? null;
        if ($family !== null) {
            $font = $this->font(is_array($family) ? array_values($family) : [$family]);
            $missing = $font === null ? 'the font '.mb_strimwidth(is_string($family) ? $family : (string) json_encode($family), 0, 60, '…').' is not here' : null;
            $styles += $font === null ? [] : ['font' => $font];
        }
        $size = TokenValues::readLength($value['fontSize'] ?? null);
        $size === null || $styles['size'] = min(2000.0, max(1.0, $size));
        $weight = TokenValues::readWeight($value['fontWeight'] ?? null);
        $weight === null || $styles['weight'] = $weight;
        $between = TokenValues::readLength($value['letterSpacing'] ?? null);
        if ($between !== null && $size > 0.0 && ! isset($styles['tracking'])) {
            $styles['tracking'] = min(5000.0, max(-500.0, Length::round($between / $size * 1000)));
        }
        $factor = $value['lineHeight'] ?? null;
        if ((is_int($factor) || is_float($factor)) && $factor > 0) {
            $styles['line_height'] = min(10.0, max(0.1, (float) $factor));
        }

        return [$styles === [] ? null : $styles, $missing];
    }

    /** @param  list<mixed>  $families  the first that is here is taken */
    private function font(array $families): ?string
    {
        foreach ($families as $wanted) {
            foreach ($this->fonts->families() as $key => $family) {
                if (is_string($wanted) && in_array(mb_strtolower($wanted), [mb_strtolower($family['name']), $key], true)) {
                    return $key;
                }
            }
        }

        return null;
    }

    /**
     * What the format has no words for.
     *
     * @return array<string, mixed>
     */
    public static function own(TypeStyle $style): array
    {
        return array_diff_key($style->stored(), array_flip(self::IN_FORMAT));
    }

    /**
     * Of what may have been written by anyone, what can be kept.
     *
     * @param  array<mixed>  $own
     * @return array<string, mixed>
     */
    private static function readOwn(array $own): array
    {
        $read = [];
        foreach (array_intersect_key(array_diff_key(TypeStyle::fields(), array_flip(self::IN_FORMAT)), $own) as $name => $field) {
            $value = $field->read($own[$name]);
            $value = match (true) {
                $field instanceof NumberField && is_numeric($value) => $field->within((float) $value),
                $field instanceof FillField => self::colour($own[$name]),
                default => $value,
            };
            $read += $value === null ? [] : [$name => $value];
        }

        return $read;
    }

    /** @return string|array<string, string>|null null where it is none, or refers to what can be no swatch */
    private static function colour(mixed $own): string|array|null
    {
        $isSwatch = is_array($own) && is_string($own['swatch'] ?? null) && preg_match('/'.Colour::SWATCH_PATTERN.'/D', $own['swatch']) === 1;

        return is_string($own) || $isSwatch ? Colour::read($own)?->stored() : null;
    }
}
