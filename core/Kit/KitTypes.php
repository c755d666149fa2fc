<?php

declare(strict_types=1);

namespace AllSquare\Core\Kit;

use AllSquare\Core\Item\Type\TypeFields;
use AllSquare\Core\Sheet\TypeScale;
use AllSquare\Core\Sheet\TypeStyle;

/** How the words of a kit are set: in the document's own styles and sizes, where it has such, so that a kit looks like what is there. */
final readonly class KitTypes
{
    /** how styles are called that may be for it, and px of the letters between which they are */
    private const STYLES = ['title' => ['/title|heading|head\b/i', 16.0, 32.0], 'body' => ['/body|text|paragraph|copy/i', 11.0, 20.0], 'small' => ['/small|note|caption|label/i', 9.0, 16.0], 'figure' => ['/figure|number|display/i', 28.0, 72.0]];

    /** steps of the scale from its base, and what there is without one: px and weight */
    private const SET = ['title' => [1, 20.0, 700], 'body' => [0, 14.0, 400], 'small' => [-1, 12.0, 400], 'label' => [0, 14.0, 600], 'figure' => [4, 40.0, 700]];

    /**
     * @param  list<TypeStyle>  $styles
     */
    public function __construct(private array $styles = [], private ?TypeScale $scale = null)
    {
    }

    /**
     * @param  key-of<self::SET>  $role
     * @return array<string, mixed> fields of a text, as it keeps them
     */
    public function of(string $role): array
    {
        [$step, $size, $weight] = self::SET[$role];
        $style = isset(self::STYLES[$role]) ? $this->style($size, ...self::STYLES[$role]) : null;
        if ($style !== null) {
            // A kit is laid out from its left.
            return [...$style->styles, 'align' => 'start', 'style' => $style->key];
        }

        return ['size' => min(TypeFields::MOST, max(TypeFields::LEAST, $this->scale?->at($step) ?? $size)), 'weight' => $weight];
    }

    /** The one of those that are called so whose size is nearest. */
    private function style(float $size, string $called, float $least, float $most): ?TypeStyle
    {
        $of = static fn (TypeStyle $style): float => is_numeric($style->styles['size'] ?? null) ? (float) $style->styles['size'] : $size;
        $fitting = array_values(array_filter($this->styles, static fn (TypeStyle $style): bool => preg_match($called, $style->name) === 1 && $of($style) >= $least && $of($style) <= $most));
        usort($fitting, static fn (TypeStyle $a, TypeStyle $b): int => abs($of($a) - $size) <=> abs($of($b) - $size));

        return $fitting[0] ?? null;
    }
}
