<?php

declare(strict_types=1);

namespace AllSquare\Core\Svg;

use AllSquare\Core\Geometry\Angle;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Kinds;
use AllSquare\Core\Refusal;
use AllSquare\Core\Text\FontLibrary;
use DOMElement;

/** Makes items of pictures that stand in a drawing itself. Those that lie elsewhere are never asked for. */
final readonly class PictureItems
{
    /** @param  callable(string): string|null  $keep  keeps a picture file and gives its key; null where there are no pictures */
    public function __construct(private mixed $keep, private LeftOut $leftOut, private FontLibrary $fonts)
    {
    }

    /** @param  array<string, string>  $said */
    public function make(DOMElement $element, array $said, UserSpace $at, string $id): ?Item
    {
        $href = References::href($element);
        if (preg_match('~^data:image/(?:png|jpe?g|webp|svg\+xml);base64,~i', $href, $found) !== 1 || ! is_callable($this->keep)) {
            $this->leftOut->add(str_starts_with($href, 'data:') ? 'a picture that cannot be used' : 'a picture from elsewhere');

            return null;
        }
        try {
            $key = ($this->keep)((string) base64_decode(substr($href, strlen($found[0])), false));
        } catch (Refusal) {
            $this->leftOut->add('a picture that cannot be used');

            return null;
        }
        $length = static fn (string $name, string $along): ?float => $at->lengths->read($said[$name] ?? '', $along, $at->style->fontSize);
        [$pw, $ph] = array_map(floatval(...), explode('x', (string) strtok($key, '-')));
        [$w, $h] = [$length('width', 'x'), $length('height', 'y')];
        $w ??= $h === null ? $pw : $h * $pw / $ph;
        $h ??= $w * $ph / $pw;
        if ($w <= 0.0 || $h <= 0.0) {
            return null;
        }
        if (! $at->toParent->isWithoutSkew()) {
            $this->leftOut->add('the skew of a picture');
        }
        if ($at->clips !== []) {
            $this->leftOut->add('the clip of a picture');
        }
        $box = new Rect($length('x', 'x') ?? 0.0, $length('y', 'y') ?? 0.0, $w, $h);
        [$factors, $flip, $angle] = $at->toParent->taken();
        $centre = $at->toParent->apply($box->centre());
        [$w, $h] = [$w * $factors->x, $h * $factors->y];
        $ratio = $said['preserveAspectRatio'] ?? '';
        $fit = match (true) {
            str_contains($ratio, 'none') => 'stretch',
            str_contains($ratio, 'slice') => 'cover',
            default => 'contain',
        };
        $opacity = $at->opacity * $at->style->number('opacity', 1.0);
        $kind = Kinds::ofSvg('image');
        $fields = ['picture' => $key, 'fit' => $fit] + ($opacity < 1.0 ? ['opacity' => round(max(0.0, $opacity), 6)] : []);

        return new Item($id, $at->parent, 0, $kind, '', new Rect($centre->x - $w / 2, $centre->y - $h / 2, $w, $h), Angle::keep($angle), false, false, [...$kind->fields()->defaults, ...$kind->fields()->taken($fields, $this->fonts)], flip: $flip);
    }
}
