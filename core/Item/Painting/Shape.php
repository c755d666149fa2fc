<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Painting;

use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;

/** What an item has the shape of, in its own space and without its look. */
final readonly class Shape
{
    /**
     * @param  Element  $element  it as SVG has it
     * @param  string  $path  its edge as path data
     * @param  bool  $isOpen  whether it is a line without an inside
     * @param  string  $rule  what lies inside, where its edge crosses itself: nonzero or evenodd (SVG 2, section 13.4.2)
     * @param  Rect|null  $letters  of what is painted glyph by glyph, so that what is not of one colour is seen through it as through a stencil: a box round the letters
     * @param  bool  $hasSides  whether its edge goes all the way round what lies inside, so that an outline can lie on one side of it
     * @param  Point|null  $origin  where the top left of its frame lies, where that is not the origin of its space
     */
    public function __construct(public Element $element, public string $path, public bool $isOpen = false, public string $rule = 'nonzero', public bool $hasSides = true, public ?Rect $letters = null, public ?Point $origin = null)
    {
    }

    /** Of which the path is all there is to say. */
    public static function ofPath(string $path, bool $isOpen = false, string $rule = 'nonzero', bool $hasSides = true, ?Point $origin = null): self
    {
        return new self(new Element('path', ['d' => $path] + ($rule === 'nonzero' ? [] : ['fill-rule' => $rule])), $path, $isOpen, $rule, $hasSides && ! $isOpen, origin: $origin);
    }
}
