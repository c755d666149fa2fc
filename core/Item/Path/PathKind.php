<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Path;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Field\ChoiceField;
use AllSquare\Core\Item\Field\FieldGroup;
use AllSquare\Core\Item\Field\Fields;
use AllSquare\Core\Item\Field\PathField;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Kind;
use AllSquare\Core\Item\Look\Look;
use AllSquare\Core\Item\Painting\Painter;
use AllSquare\Core\Item\Tool;
use AllSquare\Core\Item\Traits\Closed;
use AllSquare\Core\Item\Traits\FitsItsFrame;
use AllSquare\Core\Item\Traits\HasPoints;
use AllSquare\Core\Item\Traits\InSvg;
use AllSquare\Core\Path\Path;
use AllSquare\Core\Path\Subpath;
use AllSquare\Core\Text\FontLibrary;

/** Runs of points, joined by straight lines and curves (RULES 15). The frame is their true extent, and sizing it scales them. */
final class PathKind implements Closed, FitsItsFrame, HasPoints, InSvg, Kind
{
    private Fields $fields;

    public function name(): string
    {
        return 'path';
    }

    public function noun(int $count): string
    {
        return $count === 1 ? 'path' : 'paths';
    }

    public function svgElements(): array
    {
        return ['path'];
    }

    public function icon(): string
    {
        return 'M2 12 5 3l4 7 3-7';
    }

    public function tool(): Tool
    {
        return new Tool(8, 'Path', 'Click from point to point, or drag for a curve; Shift keeps to level, upright and 45°. Click the first point to close it, Enter or Escape to end it, Backspace takes the last point away', 'M3 18 8 5l6 11L19 4', 120.0, 80.0, 'path');
    }

    public function fields(): Fields
    {
        return $this->fields ??= new Fields(
            new PathField('subpaths', new Path([Subpath::ofCorners([new Point(0.0, 80.0), new Point(40.0, 0.0), new Point(80.0, 80.0), new Point(120.0, 0.0)], false)]), 'runs of points, in px from the frame\'s top left; or path data of SVG'),
            new ChoiceField('rule', 'what is inside where it crosses itself', 'Where it crosses itself', 'where it crosses itself', FieldGroup::Look, ['nonzero' => 'filled', 'evenodd' => 'a hole'], 'what lies inside where runs cross (SVG 2, section 13.4.2)'),
            Look::fillField(null),
            Look::outlineField('#20302d'),
            Look::shadowField(),
            Look::opacityField(),
        );
    }

    public function painter(FontLibrary $fonts): Painter
    {
        return new PathPainter;
    }

    public function path(Item $item): Path
    {
        return PathField::of($item->fields['subpaths']);
    }

    public function withPath(Item $item, Path $path): Item
    {
        return $item->withFields(['subpaths' => $path]);
    }

    /** Its points stay where they are on the sheet; the frame is brought to 1/1000 px, as all lengths are. */
    public function fitted(Item $item, bool $whole, FontLibrary $fonts): Item
    {
        $path = $this->path($item);
        $bounds = $path->bounds();
        if ($bounds === null) {
            return $item;
        }
        [$left, $top] = [Length::round($bounds->x), Length::round($bounds->y)];
        [$w, $h] = [Length::round(round($bounds->w, 7)), Length::round(round($bounds->h, 7))];
        if (max(abs($bounds->x), abs($bounds->y)) < PathField::BEGINS && $w === $item->frame->w && $h === $item->frame->h) {
            return $item;
        }
        if ($item->angle === 0.0 && $item->flip->within(1.0, 1.0)->flipped === false && ! $item->flip->isAcross()) {
            $frame = new Rect(Length::round($item->frame->x + $left), Length::round($item->frame->y + $top), $w, $h);

            return $this->withPath($item, $path->moved($item->frame->x - $frame->x, $item->frame->y - $frame->y))->inFrame($frame);
        }
        $was = $item->paintedToParent();
        $centre = $was->apply($bounds->centre());
        $is = $item->inFrame(new Rect(Length::round(round($centre->x - $w / 2, 6)), Length::round(round($centre->y - $h / 2, 6)), $w, $h));
        $back = $is->paintedToParent()->inverse();

        return $this->withPath($is, $path->mapped(static function (Point $p) use ($was, $back): Point {
            $moved = $back->apply($was->apply($p));

            return new Point(round($moved->x, 6), round($moved->y, 6));
        }));
    }

    public function sized(Item $was, Item $is, bool $exact, FontLibrary $fonts): Item
    {
        $path = $this->path($was);
        $bounds = $path->bounds();
        if ($bounds === null || ($was->frame->w === $is->frame->w && $was->frame->h === $is->frame->h)) {
            return $is;
        }

        return $this->withPath($is, self::stretched($path, $bounds, $is->frame->w, $is->frame->h));
    }

    /** With a frame that was drawn, its points fill that; without one they lie where they are. */
    public function drawn(Item $item, Rect $frame, array $given): Item
    {
        $path = $this->path($item);
        $bounds = $path->bounds();

        return $bounds === null || ($frame->w <= 0 && $frame->h <= 0) ? $item : $this->withPath($item, self::stretched($path, $bounds, $frame->w, $frame->h));
    }

    private static function stretched(Path $path, Rect $bounds, float $w, float $h): Path
    {
        [$across, $down] = [$bounds->w < Length::SAME ? 1.0 : $w / $bounds->w, $bounds->h < Length::SAME ? 1.0 : $h / $bounds->h];

        return $path->mapped(static fn (Point $p): Point => new Point(round(($p->x - $bounds->x) * $across, 6), round(($p->y - $bounds->y) * $down, 6)));
    }
}
