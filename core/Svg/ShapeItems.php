<?php

declare(strict_types=1);

namespace AllSquare\Core\Svg;

use AllSquare\Core\Geometry\Angle;
use AllSquare\Core\Geometry\Flip;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Field\PathField;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Kind;
use AllSquare\Core\Item\Kinds;
use AllSquare\Core\Path\Combining\Combination;
use AllSquare\Core\Path\Combining\How;
use AllSquare\Core\Path\Path;
use AllSquare\Core\Refusal;
use AllSquare\Core\Text\FontLibrary;

/** Makes items of shapes: boxes, rounds and lines where they are that, turned or not, and paths of everything else. */
final readonly class ShapeItems
{
    /** of the points of a path, as they are written in a drawing */
    private const DIGITS = 4;

    /** px that both radii of a corner may differ by and count as one */
    private const ROUND = 0.001;

    public function __construct(private Looks $looks, private LeftOut $leftOut, private FontLibrary $fonts)
    {
    }

    /**
     * @param  array<string, string>  $said
     * @return Item|null null where nothing is to be seen of it
     */
    public function make(string $name, array $said, UserSpace $at, string $id): ?Item
    {
        $at = self::lifted($at);
        $shapes = new Shapes($at->lengths);
        $path = $shapes->path($name, $said, $at->style->fontSize);
        $box = $path?->bounds();
        if ($path === null || $box === null || abs($at->toParent->determinant()) < 1e-12) {
            return null;
        }
        $rule = $at->style->word('fill-rule', 'nonzero') === 'evenodd' ? 'evenodd' : 'nonzero';
        $isCut = false;
        foreach ($at->clips as [$clip, $clipRule]) {
            [$cut, $isCut] = $this->cut($path, $rule, $clip, $clipRule, $at, $isCut);
            if ($cut === null) {
                return null;
            }
            [$path, $rule] = [$cut, $isCut ? 'nonzero' : $rule];
        }
        $ends = self::ends($path);

        return match (true) {
            $isCut => $this->path($path, $rule, $box, $at, $id),
            $ends !== null => $this->line($ends, $box, $at, $id),
            $name === 'rect' && $at->toParent->isWithoutSkew() => $this->box($shapes->box($said, $at->style->fontSize), $path, $rule, $box, $at, $id),
            in_array($name, ['circle', 'ellipse'], true) && $at->toParent->isWithoutSkew() => $this->framed(Kinds::ofSvg('circle'), $box, [], $at, $id),
            default => $this->path($path, $rule, $box, $at, $id),
        };
    }

    /** What is only filled, or only outlined, is seen through as a whole where what it lies in says how much its fill is. */
    private static function lifted(UserSpace $at): UserSpace
    {
        $isFilled = $at->style->word('fill', '#000000') !== 'none';
        $isOutlined = $at->style->word('stroke', 'none') !== 'none';
        $name = $isFilled ? 'fill-opacity' : 'stroke-opacity';

        return $isFilled === $isOutlined || ! $at->style->isInherited($name) ? $at : $at->styled($at->style->with($name, '1'))->fainter($at->style->number($name, 1.0));
    }

    /**
     * What is left of a shape within a clip.
     *
     * @return array{Path|null, bool} null where nothing is; whether any of it was cut off
     */
    private function cut(Path $path, string $rule, Path $clip, string $clipRule, UserSpace $at, bool $isCut): array
    {
        [$box, $hole] = [$path->bounds(), $clip->bounds()];
        if ($box === null || $hole === null || ! $box->meets($hole)) {
            return [null, $isCut];
        }
        $hasOutline = $at->style->word('stroke', 'none') !== 'none';
        $reach = $hasOutline ? ($at->lengths->read($at->style->word('stroke-width', '1'), 'o') ?? 1.0) / 2 : 0.0;
        if (self::isUpright($clip) && $hole->contains(new Rect($box->x - $reach, $box->y - $reach, $box->w + 2 * $reach, $box->h + 2 * $reach))) {
            return [$path, $isCut];
        }
        if ($hasOutline || ! $path->hasInside()) {
            $this->leftOut->add('the clip of something outlined');

            return [$path, $isCut];
        }
        try {
            $left = Combination::of([[$clip, $clipRule], [$path, $rule]], How::Overlap);
        } catch (Refusal) {
            $this->leftOut->add('a clip');

            return [$path, $isCut];
        }

        return [$left->subpaths === [] ? null : $left, true];
    }

    /** Whether it is an upright box. */
    private static function isUpright(Path $path): bool
    {
        $points = $path->subpaths[0]->points ?? [];
        if (count($path->subpaths) !== 1 || $path->subpaths[0]->hasCurves() || ! in_array(count($points), [4, 5], true)) {
            return false;
        }
        $box = $path->bounds();

        return $box !== null && array_filter($points, static fn ($point): bool => min(abs($point->at->x - $box->x), abs($point->at->x - $box->right())) > 1e-6 || min(abs($point->at->y - $box->y), abs($point->at->y - $box->bottom())) > 1e-6) === [];
    }

    /** @return array{Point, Point}|null of what is one straight part */
    private static function ends(Path $path): ?array
    {
        $run = $path->subpaths[0];

        return count($path->subpaths) === 1 && count($run->points) === 2 && ! $run->closed && ! $run->hasCurves() ? [$run->points[0]->at, $run->points[1]->at] : null;
    }

    /** @param  array{Point, Point}  $ends */
    private function line(array $ends, Rect $box, UserSpace $at, string $id): ?Item
    {
        [$from, $to] = array_map($at->toParent->apply(...), $ends);
        $length = hypot($to->x - $from->x, $to->y - $from->y);
        $size = new Point($length, 0.0);
        $outline = $this->looks->outline($at, Affine::shift(-$box->x, -$box->y), $box, $size);
        if ($outline === null) {
            return null;
        }
        $middle = new Point(($from->x + $to->x) / 2, ($from->y + $to->y) / 2);
        if ($length <= 0.0) {
            // Of no length, it is seen by its ends alone (SVG 2, section 13.5.4).
            $weight = $outline['weight'];
            $kind = ['round' => 'circle', 'square' => 'rect'][$outline['ends'] ?? ''] ?? null;

            return $kind === null ? null : $this->item(Kinds::ofSvg($kind), new Rect($middle->x - $weight / 2, $middle->y - $weight / 2, $weight, $weight), 0.0, Flip::None, ['fill' => $outline['colour']], $at, $id);
        }

        return $this->item(Kinds::ofSvg('line'), new Rect($middle->x - $length / 2, $middle->y, $length, 0.0), round(rad2deg(atan2($to->y - $from->y, $to->x - $from->x)), 6), Flip::None, ['outline' => $outline], $at, $id);
    }

    /** @param  array{float, float, float, float, float, float}  $rect */
    private function box(array $rect, Path $path, string $rule, Rect $box, UserSpace $at, string $id): ?Item
    {
        [, , , , $rx, $ry] = $rect;
        [$factors] = $at->toParent->taken();
        [$across, $down] = [$rx * $factors->x, $ry * $factors->y];

        return abs($across - $down) > self::ROUND ? $this->path($path, $rule, $box, $at, $id) : $this->framed(Kinds::ofSvg('rect'), $box, $across > 0.0 ? ['radius' => round(round($across, 7), 3)] : [], $at, $id);
    }

    /**
     * What is its frame, turned or not.
     *
     * @param  array<string, mixed>  $fields
     */
    private function framed(Kind $kind, Rect $box, array $fields, UserSpace $at, string $id): ?Item
    {
        [$factors, $flip, $angle] = $at->toParent->taken();
        $size = new Point(round($box->w * $factors->x, 6), round($box->h * $factors->y, 6));
        $toItem = (new Affine($factors->x, 0.0, 0.0, $factors->y))->after(Affine::shift(-$box->x, -$box->y));
        $look = $this->look($at, $toItem, $box, $size);
        $centre = $at->toParent->apply($box->centre());
        // What looks the same in a mirror is not mirrored, unless its look is not.
        $flip = array_filter($look ?? [], is_array(...)) === [] ? Flip::None : $flip;

        return $look === null ? null : $this->item($kind, new Rect($centre->x - $size->x / 2, $centre->y - $size->y / 2, $size->x, $size->y), $angle, $flip, [...$fields, ...$look], $at, $id);
    }

    private function path(Path $path, string $rule, Rect $box, UserSpace $at, string $id): ?Item
    {
        [$factors, $flip, $angle] = $at->toParent->isWithoutSkew() ? $at->toParent->taken() : [null, Flip::None, 0.0];
        $scaling = $factors === null ? $at->toParent : new Affine($factors->x, 0.0, 0.0, $factors->y);
        $is = $path->mapped($scaling->apply(...));
        $bounds = $is->bounds();
        if ($bounds === null || $path->countPoints() > PathField::MOST_POINTS) {
            $this->leftOut->add('a path of more than '.number_format(PathField::MOST_POINTS).' points');

            return null;
        }
        // Lengths are kept to 1/1000 px, points as they are written: what is handed over and taken in again is then the same.
        $from = new Point(self::begun($bounds->x), self::begun($bounds->y));
        $written = static fn (Point $p): Point => new Point(round($p->x, self::DIGITS), round($p->y, self::DIGITS));
        $own = $is->moved(-$from->x, -$from->y)->mapped($written);
        $size = $own->bounds() ?? $bounds;
        [$w, $h] = [Length::round(round($size->w, 7)), Length::round(round($size->h, 7))];
        $look = $this->look($at, Affine::shift(-$from->x, -$from->y)->after($scaling), $box, new Point($w, $h));
        if ($look === null) {
            return null;
        }
        $middle = new Point($from->x + $w / 2, $from->y + $h / 2);
        $centre = $factors === null ? $middle : $at->toParent->after($scaling->inverse() ?? new Affine)->apply($middle);
        [$left, $top] = [$centre->x - $w / 2, $centre->y - $h / 2];
        $frame = new Rect(Length::round($left), Length::round($top), $w, $h);
        // What that moves the frame by, its points are moved back.
        $kept = $angle === 0.0 && $flip === Flip::None ? $own->moved($left - $frame->x, $top - $frame->y)->mapped($written) : $own;
        $item = $this->item(Kinds::ofSvg('path'), $frame, $angle, $flip, [...$look, 'subpaths' => $kept->toArray(), ...$rule === 'evenodd' ? ['rule' => $rule] : []], $at, $id);

        return $item->fitted(false, $this->fonts);
    }

    /** Where a path begins: at 0 where it does but for what its frame and its points were rounded by. */
    private static function begun(float $at): float
    {
        return abs($at) < PathField::BEGINS ? 0.0 : $at;
    }

    /** @return array{fill: mixed, outline: mixed}|null null where nothing is painted */
    private function look(UserSpace $at, Affine $toItem, Rect $box, Point $size): ?array
    {
        $look = ['fill' => $this->looks->fill($at, $toItem, $box, $size), 'outline' => $this->looks->outline($at, $toItem, $box, $size)];

        return $look['fill'] === null && $look['outline'] === null ? null : $look;
    }

    /** @param  array<string, mixed>  $fields */
    private function item(Kind $kind, Rect $frame, float $angle, Flip $flip, array $fields, UserSpace $at, string $id): Item
    {
        $opacity = $at->opacity * $at->style->number('opacity', 1.0);
        $fields += $opacity >= 1.0 ? [] : ['opacity' => round(max(0.0, $opacity), 6)];

        return new Item($id, $at->parent, 0, $kind, '', $frame, Angle::keep($angle), false, false, [...$kind->fields()->defaults, ...$kind->fields()->taken($fields, $this->fonts)], flip: $flip);
    }
}
