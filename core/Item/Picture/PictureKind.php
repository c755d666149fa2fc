<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Picture;

use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Field\ChoiceField;
use AllSquare\Core\Item\Field\CornersField;
use AllSquare\Core\Item\Field\FieldGroup;
use AllSquare\Core\Item\Field\Fields;
use AllSquare\Core\Item\Field\NumberField;
use AllSquare\Core\Item\Field\PictureField;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Kind;
use AllSquare\Core\Item\Look\Look;
use AllSquare\Core\Item\Painting\Painter;
use AllSquare\Core\Item\Tool;
use AllSquare\Core\Item\Traits\HasPicture;
use AllSquare\Core\Item\Traits\InSvg;
use AllSquare\Core\Text\FontLibrary;

/** A frame with a picture in it, which has the look of a box. */
final class PictureKind implements HasPicture, InSvg, Kind
{
    private Fields $fields;

    public function name(): string
    {
        return 'picture';
    }

    public function noun(int $count): string
    {
        return $count === 1 ? 'picture' : 'pictures';
    }

    public function svgElements(): array
    {
        return ['image'];
    }

    public function icon(): string
    {
        return 'M2 2.500h10v9H2zM2 9.500l3-3 3 3 2-2 2 2';
    }

    public function tool(): Tool
    {
        return new Tool(11, 'Picture', 'Choose pictures. They can be dropped on the sheet or pasted, too', 'M3 4h16v14H3zM3 15l5-5 5 5 2.500-2.500L19 16M13.500 7.500h2v2h-2z', 320.0, 200.0, 'chosen');
    }

    public function fields(): Fields
    {
        return $this->fields ??= new Fields(
            new PictureField('picture'),
            new ChoiceField('fit', 'the fit', 'Picture', 'fit', FieldGroup::Look, PictureFit::WAYS, 'how the picture lies in its frame', isOffered: false),
            NumberField::share('focus_x', 'the focal point across', 'Picture', 'across', FieldGroup::Look, 0.5, 'the point of the picture that is kept in view, from its left edge, 0 to 1', isOffered: false),
            NumberField::share('focus_y', 'the focal point down', 'Picture', 'down', FieldGroup::Look, 0.5, 'the same from its top edge', isOffered: false),
            NumberField::magnification('scale', 'the size of the picture', 'Picture', 'size', FieldGroup::Look, 'px of the sheet to each px of the picture, where it lies by hand'),
            Look::fillField(null),
            Look::outlineField(),
            Look::radiusField(),
            new CornersField('radii', 'radius'),
            Look::shadowField(),
            Look::opacityField(),
        );
    }

    public function painter(FontLibrary $fonts): Painter
    {
        return new PicturePainter($this);
    }

    public function picture(array $fields): ?string
    {
        return is_string($fields['picture'] ?? null) ? $fields['picture'] : null;
    }

    public function placed(Item $item): ?Rect
    {
        $size = $this->size($item);

        return $size === null || $item->frame->w <= 0.0 || $item->frame->h <= 0.0 ? null : self::fit($item)->placed($size->x, $size->y, $item->frame->w, $item->frame->h);
    }

    public function magnification(Item $item): float
    {
        $size = $this->size($item);

        return $size === null ? 0.0 : self::fit($item)->scale($size->x, $size->y, $item->frame->w, $item->frame->h);
    }

    public function fittedBy(Item $item, string $fit, ?float $scale = null, ?Point $focus = null): Item
    {
        $size = $this->size($item);
        $given = $focus === null ? [] : ['focus_x' => $focus->x, 'focus_y' => $focus->y];
        if ($fit !== 'hand' || $size === null) {
            return $item->withFields(['fit' => $fit, ...$given]);
        }
        $is = self::fit($item)->byHand($size->x, $size->y, $item->frame->w, $item->frame->h, $scale);

        return $item->withFields(['fit' => 'hand', 'focus_x' => $is->focus->x, 'focus_y' => $is->focus->y, 'scale' => $is->scale, ...$given]);
    }

    public function showing(Item $item, string $picture): Item
    {
        [$was, $other] = [$this->size($item), $item->withFields(['picture' => $picture])];
        $is = $this->size($other);
        if ($was === null || $is === null || $item->fields['fit'] !== 'hand') {
            return $other;
        }
        $least = static fn (Point $size): float => max($item->frame->w / $size->x, $item->frame->h / $size->y);

        return $other->withFields(['scale' => $item->number('scale') * $least($is) / $least($was)]);
    }

    /** @return Point|null the sides of the picture, px, as its key says them */
    private function size(Item $item): ?Point
    {
        $sides = explode('x', (string) strtok($this->picture($item->fields) ?? '', '-'));

        return count($sides) === 2 ? new Point((float) $sides[0], (float) $sides[1]) : null;
    }

    private static function fit(Item $item): PictureFit
    {
        return new PictureFit($item->word('fit'), new Point($item->number('focus_x'), $item->number('focus_y')), $item->number('scale'));
    }
}
