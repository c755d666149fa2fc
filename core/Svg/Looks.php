<?php

declare(strict_types=1);

namespace AllSquare\Core\Svg;

use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Look\Outline;

/** Fill and outline of SVG (SVG 2, section 13) as items keep them. */
final readonly class Looks
{
    public function __construct(private References $references, private Gradients $gradients, private Patterns $patterns, private LeftOut $leftOut)
    {
    }

    /**
     * @param  Affine  $toItem  from user space to the item's own, which begins at 0, 0
     * @param  Rect  $box  of the shape in user space
     * @param  Point  $size  of the item's frame, px
     * @return array<string, mixed>|string|null
     */
    public function fill(UserSpace $at, Affine $toItem, Rect $box, Point $size): array|string|null
    {
        return $this->paint($at, 'fill', '#000000', $toItem, $box, $size);
    }

    /** @return array{colour: array<string, mixed>|string, weight: float, ends?: string, joins?: string, dash?: list<float>}|null */
    public function outline(UserSpace $at, Affine $toItem, Rect $box, Point $size): ?array
    {
        $style = $at->style;
        $colour = $this->paint($at, 'stroke', 'none', $toItem, $box, $size);
        $width = $at->lengths->read($style->word('stroke-width', '1'), 'o', $style->fontSize) ?? 1.0;
        if ($colour === null || $width <= 0.0) {
            return null;
        }
        $scale = $at->toParent->scale();
        if (! $at->toParent->isEven()) {
            $this->leftOut->add('the unevenness of an outline');
        }
        $length = static fn (float $value): float => round($value * $scale, 6);

        return ['colour' => $colour, 'weight' => min(Outline::MOST, $length($width)), ...$this->line($at, $length)];
    }

    /**
     * @param  callable(float): float  $length
     * @return array{ends?: string, joins?: string, dash?: list<float>} dashes, ends and joins, where they are not as usual
     */
    private function line(UserSpace $at, callable $length): array
    {
        $style = $at->style;
        $dash = [];
        foreach (preg_split('/[\s,]+/', $style->word('stroke-dasharray', 'none'), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $one) {
            $read = $at->lengths->read($one, 'o', $style->fontSize);
            if ($read !== null) {
                $dash[] = max(0.0, $length($read));
            }
        }
        $dash = count($dash) % 2 === 1 ? [...$dash, ...$dash] : $dash;
        if (array_sum($dash) <= 0.0 || count($dash) > 12) {
            $dash = [];
        }
        if ($dash !== [] && abs($at->lengths->read($style->word('stroke-dashoffset', '0'), 'o', $style->fontSize) ?? 0.0) > 1e-9) {
            $this->leftOut->add('the shift of its dashes');
        }
        [$ends, $joins] = [$style->word('stroke-linecap', 'butt'), $style->word('stroke-linejoin', 'miter')];

        return [
            ...$dash === [] ? [] : ['dash' => $dash],
            ...in_array($ends, ['round', 'square'], true) ? ['ends' => $ends] : [],
            ...in_array($joins, ['round', 'bevel'], true) ? ['joins' => $joins] : [],
        ];
    }

    /** @return array<string, mixed>|string|null */
    private function paint(UserSpace $at, string $name, string $otherwise, Affine $toItem, Rect $box, Point $size): array|string|null
    {
        $value = $at->style->word($name, $otherwise);
        $opacity = $at->style->number("$name-opacity", 1.0);
        if (str_starts_with($value, 'url(')) {
            $server = $this->references->named($value);
            if ($server !== null && in_array($server->localName, ['linearGradient', 'radialGradient'], true)) {
                return self::seen($this->gradients->read($server, $at->style, $at->lengths, $toItem, $box, $size, $opacity));
            }
            if ($server !== null && $server->localName === 'pattern') {
                $pattern = $this->patterns->read($server, $at->lengths, $toItem, $box, $opacity);
                if ($pattern !== null) {
                    return $pattern;
                }
            }
            if ($server !== null) {
                $this->leftOut->add($server->localName === 'pattern' ? 'a pattern' : "what fills it: $server->localName");
            }
            $value = trim((string) preg_replace('/^url\([^)]*\)/', '', $value)) ?: 'none';
        }
        $value = in_array($value, ['currentColor', 'currentcolor', 'context-fill', 'context-stroke'], true) ? $at->style->word('color', '#000000') : $value;

        return $value === 'none' ? null : self::seen(CssColour::read($value, $opacity));
    }

    /**
     * @param  array<string, mixed>|string|null  $paint
     * @return array<string, mixed>|string|null null also for what is wholly clear
     */
    private static function seen(array|string|null $paint): array|string|null
    {
        return is_string($paint) && strlen($paint) === 9 && str_ends_with($paint, '00') ? null : $paint;
    }
}
