<?php

declare(strict_types=1);

namespace AllSquare\Core\Paint;

use AllSquare\Core\Geometry\Angle;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Matrix;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Look\Paint;
use AllSquare\Core\Item\Painting\Element;
use AllSquare\Core\Item\Painting\Letters;
use AllSquare\Core\Item\Painting\Painting;

/**
 * Turns what is blurred back for as long as it is: some renderers blur along the axes of the page however much something is turned,
 * which smears it one way. What is seen stays where it is.
 */
final class UprightFilters
{
    /** @param  float  $angle  degrees clockwise by which the painting is turned on the page */
    public static function of(Painting $painting, float $angle): Painting
    {
        $filters = array_filter($painting->defs, static fn (Element $def): bool => $def->name === 'filter');
        if ($filters === [] || Angle::isQuarter($angle)) {
            return $painting;
        }
        $turned = [];
        foreach ($filters as $filter) {
            $turned["url(#{$filter->attributes['id']})"] = self::turned($filter, $angle);
        }

        return new Painting(
            array_map(static fn (Element|Letters $one): Element|Letters => self::upright($one, $turned, $angle), $painting->body),
            $painting->hit,
            $painting->over,
            [...array_values(array_filter($painting->defs, static fn (Element $def): bool => $def->name !== 'filter')), ...array_values($turned)],
        );
    }

    /** A filter whose region holds what that of the other holds, turned. */
    private static function turned(Element $filter, float $angle): Element
    {
        [$x, $y, $w, $h] = array_map(static fn (string $name): float => (float) $filter->attributes[$name], ['x', 'y', 'width', 'height']);
        $box = array_map(Length::text(...), Matrix::turn($angle)->bounds(new Rect($x, $y, $w, $h))->toArray());

        return Paint::named(new Element('filter', ['x' => $box['x'], 'y' => $box['y'], 'width' => $box['w'], 'height' => $box['h']] + array_diff_key($filter->attributes, ['id' => true]), $filter->inside));
    }

    /** @param  array<string, Element>  $turned  filters by how they were referred to */
    private static function upright(Element|Letters $one, array $turned, float $angle): Element|Letters
    {
        if ($one instanceof Letters) {
            return $one;
        }
        $inside = array_map(static fn (Element|Letters|string $part): Element|Letters|string => is_string($part) ? $part : self::upright($part, $turned, $angle), $one->inside);
        $filter = $turned[$one->attributes['filter'] ?? ''] ?? null;
        if ($filter === null) {
            return new Element($one->name, $one->attributes, $inside);
        }
        $turn = Length::digits($angle, 6);
        $back = Length::digits(-$angle, 6);

        return new Element($one->name, array_diff_key($one->attributes, ['filter' => true]), [
            new Element('g', ['transform' => "rotate($back)", 'filter' => "url(#{$filter->attributes['id']})"], [new Element('g', ['transform' => "rotate($turn)"], $inside)]),
        ]);
    }
}
