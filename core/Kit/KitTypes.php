<?php

declare(strict_types=1);

namespace AllSquare\Core\Kit;

use AllSquare\Core\Sheet\TypeScale;
use AllSquare\Core\Sheet\TypeStyle;

/** How the words of a kit are set: in the document's own styles and sizes, where it has such, so that a kit looks like what is there. */
final readonly class KitTypes
{
    private const WORDS = ['title' => '/title|heading|head\b/i', 'body' => '/body|text|paragraph|copy/i', 'small' => '/small|note|caption|label/i', 'figure' => '/figure|number|display/i'];

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
        foreach ($this->styles as $style) {
            if (isset(self::WORDS[$role]) && preg_match(self::WORDS[$role], $style->name) === 1) {
                return [...$style->styles, 'style' => $style->key];
            }
        }
        if ($this->scale !== null) {
            $size = $this->scale->base * $this->scale->ratio ** $step;
            $size = $this->scale->whole ? round($size) : round($size, 3);
        }

        return ['size' => max(1.0, $size), 'weight' => $weight];
    }
}
