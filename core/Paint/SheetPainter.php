<?php

declare(strict_types=1);

namespace AllSquare\Core\Paint;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Sheet\Item;
use AllSquare\Core\Sheet\Tree;
use AllSquare\Core\Text\FontLibrary;

/** Puts the paintings of items together into one SVG: a whole sheet, or a part of it. */
final readonly class SheetPainter
{
    public function __construct(private FontLibrary $fonts)
    {
    }

    /**
     * @param  array<string, string>  $paintings  by item id, as their painters made them
     * @param  array<string, Rect>  $painted  the box each item paints, by id; what does not meet the view is left out
     * @param  Rect  $view  the part of the sheet, px
     * @param  array{int, int}  $pixels  width and height of the picture
     * @param  string|null  $background  #rrggbb, or null for a clear one
     */
    public function svg(Tree $tree, array $paintings, array $painted, Rect $view, array $pixels, ?string $background): string
    {
        $body = $this->children($tree, null, $paintings, $painted, $view);

        return sprintf(
            "<svg xmlns='http://www.w3.org/2000/svg' width='%d' height='%d' viewBox='%s %s %s %s' preserveAspectRatio='none'>%s%s%s</svg>\n",
            $pixels[0],
            $pixels[1],
            Length::text($view->x),
            Length::text($view->y),
            Length::text($view->w),
            Length::text($view->h),
            $this->glyphs($body),
            $background === null ? '' : $this->background($view, $background),
            $body,
        );
    }

    /**
     * @param  array<string, string>  $paintings
     * @param  array<string, Rect>  $painted
     */
    private function children(Tree $tree, ?string $parent, array $paintings, array $painted, Rect $view): string
    {
        $body = '';
        foreach ($tree->children($parent) as $item) {
            if ($item->hidden || $item->reference || (isset($painted[$item->id]) && ! $painted[$item->id]->meets($view))) {
                continue;
            }
            $inside = $item->kind->holdsItems()
                ? $this->children($tree, $item->id, $paintings, $painted, $view)
                : $paintings[$item->id] ?? '';
            if ($inside !== '') {
                $body .= sprintf("<g transform='%s'%s>%s</g>", $item->toParent()->toSvg(), $this->opacity($item), $inside);
            }
        }

        return $body;
    }

    private function opacity(Item $item): string
    {
        $opacity = $item->number('opacity');

        return $opacity >= 1.0 ? '' : " opacity='".Length::text($opacity)."'";
    }

    private function background(Rect $view, string $colour): string
    {
        return sprintf("<rect x='%s' y='%s' width='%s' height='%s' fill='%s'/>", Length::text($view->x), Length::text($view->y), Length::text($view->w), Length::text($view->h), $colour);
    }

    /** The outlines of those glyphs that are used, and of no others. */
    private function glyphs(string $body): string
    {
        preg_match_all("/href='#([a-z0-9-]+)-([0-9a-f]+)'/", $body, $uses, PREG_SET_ORDER);
        $defs = [];
        foreach ($uses as [, $font, $codePoint]) {
            $defs["$font-$codePoint"] ??= sprintf("<path id='%s-%s' d='%s'/>", $font, $codePoint, $this->fonts->outlines($font)[(int) hexdec($codePoint)] ?? '');
        }
        ksort($defs);

        return $defs === [] ? '' : '<defs>'.implode('', $defs).'</defs>';
    }
}
