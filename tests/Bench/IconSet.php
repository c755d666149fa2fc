<?php

declare(strict_types=1);

namespace Tests\Bench;

use AllSquare\Core\Svg\SvgReader;
use Tests\Core\Support\Fonts;
use Tests\Core\Support\PaintedSvg;

/** Every file of an icon set taken in and painted again, against the rasteriser's painting of the file itself. */
final readonly class IconSet
{
    private const SAME = 0.005;

    private const NAMED = 20;

    public function __construct(private Figures $figures)
    {
    }

    public function print(): void
    {
        $files = glob(dirname(__DIR__, 2).'/node_modules/lucide-static/icons/*.svg') ?: [];
        $differ = [];
        $worst = 0.0;
        $others = 0;
        foreach ($files as $file) {
            $svg = (string) file_get_contents($file);
            $difference = PaintedSvg::difference($svg);
            $worst = max($worst, $difference);
            $differ += $difference > self::SAME ? [basename($file) => $difference] : [];
            $out = PaintedSvg::again(SvgReader::read($svg, Fonts::library()));
            $others += PaintedSvg::again(SvgReader::read($out, Fonts::library())) === $out ? 0 : 1;
        }
        arsort($differ);
        printf("%d icons taken in and painted at 96 px, the worst differs in %.2f %% of its pixels\n", count($files), $worst * 100);
        foreach (array_slice($differ, 0, self::NAMED) as $name => $difference) {
            printf("  %s: %.2f %%\n", $name, $difference * 100);
        }
        echo 'within 0.5 %: ';
        $this->figures->atLeast(98.0, 100 - 100 * count($differ) / max(1, count($files)), '% of them');
        echo 'not the same bytes out, in and out again: ';
        $this->figures->atMost(0.0, $others, 'of them');
    }
}
