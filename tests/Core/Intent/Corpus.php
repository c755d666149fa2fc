<?php

declare(strict_types=1);

namespace Tests\Core\Intent;

use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Text\TextKind;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Support\Fonts;
use Tests\Core\Support\Scene;

/**
 * Layouts as people make them, each from a seed: square as they are made, and disturbed by so many px. Three in four are made on
 * a unit of 4, the others on whole pixels.
 */
final class Corpus
{
    public const KINDS = [
        'cards', 'form', 'table', 'icons', 'figures', 'steps', 'page', 'timeline', 'labels', 'dashboard', 'nested', 'cover', 'chart', 'list', 'legend', 'buttons',
    ];

    private const WORDS = ['Skerry', 'Gannet Isle', 'Departs', 'Merrow Sound', 'Quay 2', 'Fares', 'Day ticket', 'To the islands', '14:05', '12.40', 'Under 12', 'Return'];

    private Randomizer $chance;

    private Scene $scene;

    private int $unit;

    private int $count = 0;

    private function __construct(int $seed)
    {
        $this->chance = new Randomizer(new Mt19937($seed));
        $this->scene = Scene::of(1280, 800);
        $this->unit = $this->chance->getInt(0, 3) > 0 ? 4 : 1;
    }

    public static function square(string $kind, int $seed): Scene
    {
        $made = self::of($kind, $seed);
        $made->{$kind}();

        return $made->scene;
    }

    /** What places and sizes of it are multiples of, px. */
    public static function unit(string $kind, int $seed): int
    {
        return self::of($kind, $seed)->unit;
    }

    private static function of(string $kind, int $seed): self
    {
        return new self($seed * 100 + (int) array_search($kind, self::KINDS, true));
    }

    /** The same with every item shifted by up to so many px across and down, and, if wished, sized by up to so many. */
    public static function disturbed(string $kind, int $seed, int $px, int $sizes = 0): Scene
    {
        $scene = self::square($kind, $seed);
        $chance = new Randomizer(new Mt19937($seed * 7919 + $px * 31 + $sizes));
        foreach ($scene->items as $id => $item) {
            $frame = $item->frame->moved($chance->getInt(-$px, $px), $chance->getInt(-$px, $px));
            if ($sizes > 0 && $item->kind->name() !== 'text') {
                $frame = new Rect($frame->x, $frame->y, $frame->w + $chance->getInt(-$sizes, $sizes), $frame->h + $chance->getInt(-$sizes, $sizes));
            }
            $scene->items[$id] = $item->inFrame($frame);
        }

        return $scene;
    }

    private function value(int $from, int $to): int
    {
        return intdiv($this->chance->getInt($from, $to) + $this->unit - 1, $this->unit) * $this->unit;
    }

    private function box(float $x, float $y, float $w, float $h, string $kind = 'box'): string
    {
        $id = 'i'.++$this->count;
        $this->scene->put($id, $x, $y, $w, $h, ['kind' => $kind]);

        return $id;
    }

    /** A text in a frame that follows its words, which begins, is centred or ends at x. */
    private function text(float $x, float $y, float $size, string $align = 'start'): string
    {
        $id = 'i'.++$this->count;
        $words = self::WORDS[$this->chance->getInt(0, count(self::WORDS) - 1)];
        $this->scene->put($id, $x, $y, 0, 0, ['kind' => 'text', 'text' => $words, 'size' => $size, 'align' => $align]);
        $text = $this->scene->items[$id];
        $frame = (new TextKind)->fitted($text, true, Fonts::library())->frame;
        $before = ['start' => 0.0, 'centre' => floor($frame->w / 2), 'end' => $frame->w][$align];
        $this->scene->items[$id] = $text->inFrame(new Rect($x - $before, $y, $frame->w, $frame->h));

        return $id;
    }

    /** The same level with a box that begins at top and is so high. */
    private function textBeside(float $x, float $top, float $h, float $size, string $align = 'start'): void
    {
        $id = $this->text($x, $top, $size, $align);
        $frame = $this->scene->items[$id]->frame;
        $this->scene->items[$id] = $this->scene->items[$id]->inFrame($frame->moved(0.0, floor($h / 2) - floor($frame->h / 2)));
    }

    private function cards(): void
    {
        [$x, $y, $w, $h, $gap, $below] = [$this->value(40, 90), $this->value(40, 90), $this->value(120, 220), $this->value(90, 160), $this->value(18, 44), $this->value(6, 12)];
        [$columns, $rows] = [$this->chance->getInt(3, 5), $this->chance->getInt(1, 2)];
        $down = $this->value(24, 56);
        for ($i = 0; $i < $columns * $rows; $i++) {
            [$left, $top] = [$x + $i % $columns * ($w + $gap), $y + intdiv($i, $columns) * ($h + $below + 20 + $down)];
            $this->box($left, $top, $w, $h);
            $this->text($left, $top + $h + $below, 15);
        }
    }

    private function form(): void
    {
        [$x, $y, $gap, $h, $w, $down] = [$this->value(200, 260), $this->value(60, 120), $this->value(12, 20), $this->value(32, 44), $this->value(240, 400), $this->value(12, 28)];
        for ($i = 0, $n = $this->chance->getInt(4, 7); $i < $n; $i++) {
            $top = $y + $i * ($h + $down);
            $this->textBeside($x - $gap, $top, $h, 15, 'end');
            $this->box($x, $top, $w, $h);
        }
        $this->box($x, $y + $n * ($h + $down), $this->value(90, 140), $h);
    }

    private function table(): void
    {
        [$x, $y, $row] = [$this->value(50, 120), $this->value(50, 120), $this->value(28, 44)];
        $columns = [$x];
        for ($i = 1; $i < 4; $i++) {
            $columns[] = end($columns) + $this->value(170, 240);
        }
        for ($i = 0, $n = $this->chance->getInt(5, 9); $i < $n; $i++) {
            foreach ($columns as $k => $at) {
                $this->text($at, $y + $i * $row, 14, $k === 3 ? 'end' : 'start');
            }
        }
    }

    private function icons(): void
    {
        [$x, $y, $side, $gap] = [$this->value(40, 120), $this->value(40, 120), $this->value(24, 64), $this->value(16, 48)];
        $columns = $this->chance->getInt(4, 6);
        for ($i = 0, $n = $columns * $this->chance->getInt(2, 4); $i < $n; $i++) {
            $this->box($x + $i % $columns * ($side + $gap), $y + intdiv($i, $columns) * ($side + $gap), $side, $side, $i % 3 === 0 ? 'round' : 'box');
        }
    }

    private function figures(): void
    {
        [$x, $y, $w, $gap] = [$this->value(50, 100), $this->value(60, 120), $this->value(160, 220), $this->value(20, 48)];
        $h = $this->value(136, 160);
        for ($i = 0, $n = $this->chance->getInt(3, 5); $i < $n; $i++) {
            $left = $x + $i * ($w + $gap);
            $this->box($left, $y, $w, $h);
            $this->text($left + 16, $y + 12, 13);
            $this->text($left + 16, $y + 36, 32);
        }
    }

    private function steps(): void
    {
        [$x, $y, $side, $arrow, $gap] = [$this->value(50, 120), $this->value(120, 240), $this->value(80, 130), $this->value(32, 52), $this->value(12, 24)];
        for ($i = 0, $n = $this->chance->getInt(4, 5); $i < $n; $i++) {
            $left = $x + $i * ($side + 2 * $gap + $arrow);
            $this->box($left, $y, $side, $side);
            if ($i < $n - 1) {
                $this->box($left + $side + $gap, $y + floor($side / 2) - 2, $arrow, 4);
            }
        }
    }

    private function page(): void
    {
        [$x, $y, $w, $gutter] = [$this->value(50, 90), $this->value(50, 90), $this->value(220, 300), $this->value(20, 36)];
        $columns = 3;
        $this->box($x, $y, $columns * $w + ($columns - 1) * $gutter, $this->value(60, 100));
        $top = $y + 100 + $gutter;
        for ($i = 0; $i < $columns; $i++) {
            $this->box($x + $i * ($w + $gutter), $top, $w, 180);
            $this->box($x + $i * ($w + $gutter), $top + 180 + $gutter, $w, 120);
        }
    }

    private function timeline(): void
    {
        [$x, $y, $step, $side] = [$this->value(80, 140), $this->value(200, 300), $this->value(140, 190), 2 * $this->value(8, 14)];
        for ($i = 0, $n = $this->chance->getInt(4, 6); $i < $n; $i++) {
            $this->box($x + $i * $step - $side / 2, $y, $side, $side, 'round');
            $this->text($x + $i * $step, $y + $side + 12, 14, 'centre');
        }
    }

    private function labels(): void
    {
        [$x, $y, $value, $row] = [$this->value(50, 120), $this->value(50, 120), $this->value(200, 260), $this->value(28, 44)];
        for ($i = 0, $n = $this->chance->getInt(5, 8); $i < $n; $i++) {
            $this->text($x, $y + $i * $row, 14);
            $this->text($x + $value, $y + $i * $row, 14);
        }
    }

    private function dashboard(): void
    {
        [$x, $y, $cell, $gap] = [$this->value(40, 80), $this->value(40, 80), $this->value(140, 180), $this->value(16, 32)];
        $span = static fn (int $n): int => $n * $cell + ($n - 1) * $gap;
        foreach ([[0, 0, 2, 1], [2, 0, 1, 1], [3, 0, 1, 2], [0, 1, 1, 1], [1, 1, 2, 1], [0, 2, 3, 1], [3, 2, 1, 1]] as [$column, $row, $w, $h]) {
            $this->box($x + $column * ($cell + $gap), $y + $row * ($cell + $gap), $span($w), $span($h));
        }
    }

    private function nested(): void
    {
        [$x, $y, $w, $inset, $gap] = [$this->value(50, 90), $this->value(50, 90), $this->value(200, 260), $this->value(12, 24), $this->value(24, 48)];
        for ($i = 0; $i < 3; $i++) {
            $left = $x + $i * ($w + $gap);
            $this->box($left, $y, $w, 300);
            $this->box($left + $inset, $y + $inset, $w - 2 * $inset, 120);
            $this->text($left + $inset, $y + $inset + 120 + $inset, 18);
            $this->text($left + $inset, $y + $inset + 120 + $inset + 36, 13);
        }
    }

    private function cover(): void
    {
        $y = $this->value(80, 140);
        foreach ([[360, 200], [240, 60], [480, 40], [160, 48]] as [$w, $h]) {
            $this->box((1280 - $w) / 2, $y, $w, $h);
            $y += $h + 32;
        }
    }

    private function chart(): void
    {
        [$x, $base, $w, $gap] = [$this->value(90, 140), $this->value(420, 520), 2 * $this->value(14, 24), $this->value(20, 40)];
        for ($i = 0, $n = $this->chance->getInt(5, 8); $i < $n; $i++) {
            $h = $this->value(60, 300);
            $this->box($x + $i * ($w + $gap), $base - $h, $w, $h);
            $this->text($x + $i * ($w + $gap) + $w / 2, $base + 12, 12, 'centre');
        }
        for ($i = 0; $i < 5; $i++) {
            $this->textBeside($x - 16, $base - $i * 76, 0, 12, 'end');
        }
    }

    private function list(): void
    {
        [$x, $y, $side, $row, $gap] = [$this->value(50, 100), $this->value(50, 100), $this->value(40, 56), $this->value(68, 84), $this->value(14, 24)];
        for ($i = 0, $n = $this->chance->getInt(4, 7); $i < $n; $i++) {
            $this->box($x, $y + $i * $row, $side, $side, 'round');
            $this->text($x + $side + $gap, $y + $i * $row, 15);
            $this->text($x + $side + $gap, $y + $i * $row + $side - 16, 12);
        }
    }

    private function legend(): void
    {
        [$x, $y, $side, $row] = [$this->value(50, 100), $this->value(50, 100), 2 * $this->value(6, 10), $this->value(28, 40)];
        for ($i = 0, $n = $this->chance->getInt(4, 7); $i < $n; $i++) {
            $this->box($x, $y + $i * $row, $side, $side);
            $this->textBeside($x + $side + 12, $y + $i * $row, $side, 15);
        }
    }

    private function buttons(): void
    {
        [$x, $y, $h, $gap] = [$this->value(50, 100), $this->value(50, 100), $this->value(36, 52), $this->value(12, 28)];
        for ($row = 0; $row < 3; $row++) {
            $left = $x;
            for ($i = 0; $i < 4; $i++) {
                $w = $this->value(80, 170);
                $this->box($left, $y + $row * ($h + $gap), $w, $h);
                $left += $w + $gap;
            }
        }
    }
}
