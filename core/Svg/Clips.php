<?php

declare(strict_types=1);

namespace AllSquare\Core\Svg;

use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Path\Combining\Combination;
use AllSquare\Core\Path\Combining\How;
use AllSquare\Core\Path\Path;
use AllSquare\Core\Refusal;
use DOMElement;

/** What clips and masks let through, as one path (CSS Masking 1, sections 5 and 6). A mask is one where it is nothing but white shapes. */
final readonly class Clips
{
    public function __construct(private Cascade $cascade, private References $references)
    {
    }

    /**
     * @param  UserSpace  $at  where that lies which is seen through it
     * @param  callable(): (Rect|null)  $box  of that, in user space
     * @return array{Path, string}|null null where it cannot be told
     */
    public function path(DOMElement $clip, UserSpace $at, callable $box): ?array
    {
        $isMask = $clip->localName === 'mask';
        $said = $this->cascade->of($clip);
        $transform = Affine::read($said['transform'] ?? '') ?? new Affine;
        if (($said[$isMask ? 'maskContentUnits' : 'clipPathUnits'] ?? '') === 'objectBoundingBox') {
            $is = $box();
            if ($is === null) {
                return null;
            }
            $transform = (new Affine($is->w, 0.0, 0.0, $is->h, $is->x, $is->y))->after($transform);
        }
        $shapes = $this->shapes($clip, $transform, $at, $isMask, 0);
        if ($shapes === null || $shapes === []) {
            return null;
        }
        if (count($shapes) === 1) {
            return $shapes[0];
        }
        try {
            return [Combination::of($shapes, How::Join), 'nonzero'];
        } catch (Refusal) {
            return null;
        }
    }

    /** @return list<array{Path, string}>|null null where something in it is no shape */
    private function shapes(DOMElement $of, Affine $transform, UserSpace $at, bool $isMask, int $depth): ?array
    {
        $shapes = [];
        foreach ($of->childNodes as $child) {
            if (! $child instanceof DOMElement || in_array($child->localName, ['title', 'desc', 'metadata'], true)) {
                continue;
            }
            $said = $this->cascade->of($child);
            $style = $at->style->of($said, $at->lengths);
            $own = $transform->after(Affine::read($said['transform'] ?? '') ?? new Affine);
            if (! $style->isShown()) {
                continue;
            }
            if (in_array($child->localName, Shapes::NAMES, true)) {
                $path = (new Shapes($at->lengths))->path($child->localName, $said, $style->fontSize);
                $isSeen = ! $isMask || (in_array(CssColour::read($style->word('fill', '#000000'), $style->number('fill-opacity', 1.0) * $style->number('opacity', 1.0)), ['#ffffff'], true) && $style->word('stroke', 'none') === 'none');
                if ($path === null || ! $isSeen) {
                    return null;
                }
                $shapes[] = [$path->mapped($own->apply(...)), $style->word($isMask ? 'fill-rule' : 'clip-rule', 'nonzero') === 'evenodd' ? 'evenodd' : 'nonzero'];

                continue;
            }
            $inside = match (true) {
                $depth > 8 => null,
                $child->localName === 'g' => $this->shapes($child, $own, $at->styled($style), $isMask, $depth + 1),
                $child->localName === 'use' && $this->references->of($child) !== null => $this->used($child, $own->after(Affine::shift((float) ($said['x'] ?? 0), (float) ($said['y'] ?? 0))), $at->styled($style), $isMask, $depth),
                default => null,
            };
            if ($inside === null) {
                return null;
            }
            array_push($shapes, ...$inside);
        }

        return $shapes;
    }

    /** @return list<array{Path, string}>|null */
    private function used(DOMElement $use, Affine $transform, UserSpace $at, bool $isMask, int $depth): ?array
    {
        $of = $this->references->of($use);
        $holder = $of?->ownerDocument?->createElementNS(SvgSource::NS, 'g');
        if ($of === null || ! $holder instanceof DOMElement) {
            return null;
        }
        $holder->appendChild($of->cloneNode(true));

        return $this->shapes($holder, $transform, $at, $isMask, $depth + 1);
    }
}
