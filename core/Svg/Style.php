<?php

declare(strict_types=1);

namespace AllSquare\Core\Svg;

/** What is said of an element, with what it inherits (SVG 2, appendix F). */
final readonly class Style
{
    private const INHERITED = [
        'fill', 'fill-opacity', 'fill-rule', 'stroke', 'stroke-opacity', 'stroke-width', 'stroke-dasharray', 'stroke-dashoffset', 'stroke-linecap', 'stroke-linejoin', 'stroke-miterlimit',
        'color', 'font-family', 'font-size', 'font-weight', 'font-style', 'letter-spacing', 'text-anchor', 'visibility', 'clip-rule', 'line-height',
    ];

    /**
     * @param  array<string, string>  $said
     * @param  float  $fontSize  px
     * @param  array<string, string>  $own  what is said of the element itself
     */
    private function __construct(private array $said, public float $fontSize, private array $own = [])
    {
    }

    public static function initial(): self
    {
        return new self([], 16.0);
    }

    /** @param  array<string, string>  $said */
    public function of(array $said, Lengths $lengths): self
    {
        $inherited = array_intersect_key($this->said, array_flip(self::INHERITED));
        foreach ($said as $name => $value) {
            if ($value === 'inherit') {
                $said[$name] = $this->said[$name] ?? '';
            }
        }
        $size = $said['font-size'] ?? null;
        $fontSize = match (true) {
            $size === null || $size === '' => $this->fontSize,
            str_ends_with($size, '%') => $this->fontSize * (float) $size / 100,
            default => $lengths->read($size, 'o', $this->fontSize) ?? ['xx-small' => 9.0, 'x-small' => 10.0, 'small' => 13.0, 'medium' => 16.0, 'large' => 18.0, 'x-large' => 24.0, 'xx-large' => 32.0][$size] ?? $this->fontSize,
        };

        return new self([...$inherited, ...array_filter($said, static fn (string $value): bool => $value !== '')], $fontSize, $said);
    }

    public function word(string $name, string $otherwise = ''): string
    {
        return $this->said[$name] ?? $otherwise;
    }

    /** @return float a number, a share in per cent as one of 1 */
    public function number(string $name, float $otherwise): float
    {
        $said = $this->said[$name] ?? '';

        return match (true) {
            ! is_numeric(rtrim($said, '% ')) => $otherwise,
            str_ends_with($said, '%') => (float) $said / 100,
            default => (float) $said,
        };
    }

    /** Whether it is said of what the element lies in, not of itself. */
    public function isInherited(string $name): bool
    {
        return isset($this->said[$name]) && ! isset($this->own[$name]);
    }

    public function with(string $name, string $value): self
    {
        return new self([...$this->said, $name => $value], $this->fontSize, $this->own);
    }

    public function isShown(): bool
    {
        return ($this->said['display'] ?? '') !== 'none' && ! in_array($this->said['visibility'] ?? '', ['hidden', 'collapse'], true);
    }
}
