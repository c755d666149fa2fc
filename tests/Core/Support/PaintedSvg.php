<?php

declare(strict_types=1);

namespace Tests\Core\Support;

use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Painting\Leaf;
use AllSquare\Core\Item\Painting\Painters;
use AllSquare\Core\Paint\SheetPainter;
use AllSquare\Core\Sheet\Tree;
use AllSquare\Core\Svg\SvgContent;
use AllSquare\Core\Svg\SvgReader;
use RuntimeException;
use Symfony\Component\Process\Process;

/** An SVG taken in and painted again, to be held against the rasteriser's painting of itself. */
final class PaintedSvg
{
    /** levels of 255 that a pixel may differ by and count as the same: edges are reckoned in steps */
    private const SAME = 25;

    /** What was taken in as a drawing of its own: as it would be handed over. */
    public static function again(SvgContent $content): string
    {
        return self::painter($content)->drawing(new Rect(0.0, 0.0, $content->width, $content->height), [(string) $content->width, (string) $content->height], null);
    }

    /** @return float the share of the pixels that differ, painted on white with that longer side */
    public static function difference(string $svg, int $side = 96): float
    {
        $content = SvgReader::read($svg, Fonts::library());
        $factor = $side / max($content->width, $content->height);
        $pixels = [(int) round($content->width * $factor), (int) round($content->height * $factor)];
        $is = self::png(self::painter($content)->picture(new Rect(0.0, 0.0, $content->width, $content->height), $factor, $pixels, '#ffffff'), null);
        $was = self::png($svg, $pixels);
        [$a, $b] = [imagecreatefromstring($is), imagecreatefromstring($was)];
        if ($a === false || $b === false) {
            throw new RuntimeException('Nothing was painted.');
        }
        $differ = 0;
        for ($y = 0; $y < $pixels[1]; $y++) {
            for ($x = 0; $x < $pixels[0]; $x++) {
                [$p, $q] = [imagecolorat($a, $x, $y), imagecolorat($b, $x, $y)];
                $differ += max(abs(($p >> 16 & 255) - ($q >> 16 & 255)), abs(($p >> 8 & 255) - ($q >> 8 & 255)), abs(($p & 255) - ($q & 255))) > self::SAME ? 1 : 0;
            }
        }

        return $differ / ($pixels[0] * $pixels[1]);
    }

    private static function painter(SvgContent $content): SheetPainter
    {
        $painters = new Painters(Fonts::library());
        $paintings = [];
        foreach ($content->items as $item) {
            $paintings[$item->id] = $painters->of($item)->paint(new Leaf($item));
        }

        return new SheetPainter(Fonts::library(), new Tree($content->items), $paintings, []);
    }

    /** @param  array{int, int}|null  $pixels */
    private static function png(string $svg, ?array $pixels): string
    {
        return (new Process(['rsvg-convert', '--background-color', 'white', ...$pixels === null ? [] : ['--width', (string) $pixels[0], '--height', (string) $pixels[1]]], input: $svg))->mustRun()->getOutput();
    }
}
