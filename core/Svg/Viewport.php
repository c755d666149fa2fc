<?php

declare(strict_types=1);

namespace AllSquare\Core\Svg;

use AllSquare\Core\Geometry\Rect;

/** The part of a drawing that is seen, and what of it is shown there (SVG 2, section 8). */
final class Viewport
{
    /**
     * The space of what is in it.
     *
     * @param  UserSpace  $at  that in which it lies, its top left at 0, 0
     * @param  array<string, string>  $said
     * @param  float  $width  of it, px
     */
    public static function shown(UserSpace $at, array $said, float $width, float $height): UserSpace
    {
        $box = self::box($said);
        if ($box === null || $box->w <= 0.0 || $box->h <= 0.0) {
            return $at->within(new Lengths($width, $height));
        }
        [$across, $down] = [$width / $box->w, $height / $box->h];
        $ratio = $said['preserveAspectRatio'] ?? 'xMidYMid';
        if (! str_contains($ratio, 'none')) {
            $across = $down = str_contains($ratio, 'slice') ? max($across, $down) : min($across, $down);
        }
        $share = static fn (string $axis): float => match (true) {
            str_contains($ratio, "{$axis}Min") => 0.0,
            str_contains($ratio, "{$axis}Max") => 1.0,
            default => 0.5,
        };
        $view = new Affine($across, 0.0, 0.0, $down, ($width - $box->w * $across) * $share('x') - $box->x * $across, ($height - $box->h * $down) * $share('Y') - $box->y * $down);

        return $at->transformed($view)->within(new Lengths($box->w, $box->h));
    }

    /**
     * What its `viewBox` says.
     *
     * @param  array<string, string>  $said
     */
    public static function box(array $said): ?Rect
    {
        $figures = array_map(floatval(...), preg_split('/[\s,]+/', trim($said['viewBox'] ?? ''), -1, PREG_SPLIT_NO_EMPTY) ?: []);

        return count($figures) === 4 && $figures[2] >= 0.0 && $figures[3] >= 0.0 ? new Rect(...$figures) : null;
    }

    /** A side or a place of it, px; null where none is given. */
    public static function side(string $text, string $along, Lengths $lengths): ?float
    {
        return $text === '' || $text === 'auto' ? null : $lengths->read($text, $along);
    }
}
