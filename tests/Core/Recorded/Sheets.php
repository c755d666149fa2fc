<?php

declare(strict_types=1);

namespace Tests\Core\Recorded;

use Tests\Core\Support\RandomScene;
use Tests\Core\Support\Scene;

/** The sheets that commands are recorded on, by number: anything at all, and boards that are almost square. */
final class Sheets
{
    public const COUNT = 56;

    public static function of(int $number): Scene
    {
        return $number % 2 === 0 ? (new RandomScene($number))->scene : self::board(new RandomScene($number));
    }

    /** Rows and columns with gaps that mostly agree, labels on them, a group, guides, a grid, slices. */
    private static function board(RandomScene $random): Scene
    {
        $scene = Scene::of(1280, 800);
        [$columns, $gap] = [$random->number(2, 5), $random->pick([12, 16, 24])];
        [$w, $h] = [$random->number(60, 160), $random->number(30, 90)];
        $off = static fn (): int => $random->maybe(30) ? $random->number(-5, 5) : 0;
        foreach (range(0, $columns * $random->number(2, 4) - 1) as $i) {
            [$x, $y] = [40 + $i % $columns * ($w + $gap) + $off(), 60 + intdiv($i, $columns) * ($h + $gap) + $off()];
            $scene->put("card$i", $x, $y, $w + ($random->maybe(20) ? $random->number(-9, 9) : 0), $h, ['kind' => $random->pick(['box', 'box', 'round']), 'locked' => $random->maybe(4), 'radius' => 4.0]);
            if ($random->maybe(40)) {
                $scene->put("label$i", $x + 8, $y + 6, 40, 18, ['kind' => 'text', 'text' => "Quay 0$i", 'size' => 11.0, 'grow' => $random->pick(['none', 'down'])]);
            }
        }
        $scene->put('group', 0, 0, 0, 0, ['kind' => 'group', 'angle' => $random->pick([0, 0, 90, 20])]);
        foreach (range(0, 3) as $i) {
            $scene->put("in$i", 900 + $i * 50 + $off(), 500 + $off(), 38, 30 + $off(), ['parent' => 'group']);
        }
        $scene->fitted();
        $scene->run('set-grid', [], ['columns' => ['count' => 6, 'gutter' => 20, 'left' => 40, 'right' => 40], 'rows' => ['count' => 4, 'gutter' => 16, 'top' => 60, 'bottom' => 60], 'module' => 8, 'baseline' => 24]);
        $scene->run('add-guide', [], ['axis' => 'x', 'at' => 640]);
        $scene->run('add-guide', [], ['axis' => 'y', 'at' => 301]);
        $scene->run('set-zero', [], ['x' => 40, 'y' => 60]);
        $scene->run('add-slice', ['card0', 'card1'], ['as' => 'each', 'follow' => true]);

        return $scene;
    }
}
