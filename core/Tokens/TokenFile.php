<?php

declare(strict_types=1);

namespace AllSquare\Core\Tokens;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Sheet\Sheet;
use AllSquare\Core\Sheet\Swatch;
use AllSquare\Core\Sheet\TypeScale;
use AllSquare\Core\Sheet\TypeStyle;
use AllSquare\Core\Text\FontLibrary;

/** What a document has agreed on as design tokens: its swatches, its scale, its styles, and the spacing of a sheet (DTCG format module, 2025.10). */
final readonly class TokenFile
{
    public function __construct(private FontLibrary $fonts)
    {
    }

    /**
     * @param  list<Swatch>  $swatches
     * @param  list<TypeStyle>  $styles
     * @return array<string, array<string, mixed>> groups without tokens are left out
     */
    public function write(array $swatches, ?TypeScale $scale, array $styles, Sheet $sheet): array
    {
        $colours = $typography = [];
        foreach (array_filter($swatches, static fn (Swatch $swatch): bool => ! $swatch->gone) as $swatch) {
            self::add($colours, $swatch->name, TokenValues::colour($swatch->colour));
        }
        foreach ($styles as $style) {
            $own = TokenStyle::own($style);
            self::add($typography, $style->name, (new TokenStyle($this->fonts))->value($style), $own === [] ? [] : ['styles' => $own]);
        }

        return array_filter([
            'color' => $colours === [] ? [] : ['$type' => 'color', ...$colours],
            'font-size' => $scale === null ? [] : self::sizes($scale),
            'typography' => $typography === [] ? [] : ['$type' => 'typography', ...$typography],
            'spacing' => self::spacing($sheet),
        ]);
    }

    /** @return array<string, mixed> */
    private static function sizes(TypeScale $scale): array
    {
        $sizes = ['$type' => 'dimension', 'base' => ['$value' => TokenValues::length($scale->base), '$extensions' => [TokenReader::OWN => ['ratio' => $scale->ratio, 'whole' => $scale->whole]]]];
        foreach ($scale->sizes() as $i => $size) {
            $sizes['step-'.($i + 1)] = ['$value' => TokenValues::length($size)];
        }

        return $sizes;
    }

    /** @return array<string, mixed> */
    private static function spacing(Sheet $sheet): array
    {
        $lengths = ['unit' => $sheet->unitOfSpacing, 'module' => $sheet->grid->module, 'baseline' => $sheet->grid->baseline];
        foreach ([Axis::X, Axis::Y] as $axis) {
            $lengths[$axis === Axis::X ? 'column-gutter' : 'row-gutter'] = $sheet->grid->division($axis)?->gutter;
        }
        foreach ($sheet->margins->toArray() as $side => $margin) {
            $lengths["margin-$side"] = $margin === 0.0 ? null : $margin;
        }
        $lengths = array_filter($lengths, static fn (?float $length): bool => $length !== null);

        return $lengths === [] ? [] : ['$type' => 'dimension', ...array_map(static fn (float $length): array => ['$value' => TokenValues::length($length)], $lengths)];
    }

    /**
     * Under its name, as far as the format allows that: no braces and full stops, no dollar sign at the beginning.
     *
     * @param  array<string, mixed>  $group
     * @param  array<string, mixed>  $value
     * @param  array<string, mixed>  $own
     */
    private static function add(array &$group, string $name, array $value, array $own = []): void
    {
        $key = $plain = (string) preg_replace('/[{}.]|^\$/', '-', $name);
        for ($i = 2; isset($group[$key]); $i++) {
            $key = "$plain $i";
        }
        $own = [...($key === $name ? [] : ['name' => $name]), ...$own];
        $group[$key] = ['$value' => $value, ...($own === [] ? [] : ['$extensions' => [TokenReader::OWN => $own]])];
    }
}
