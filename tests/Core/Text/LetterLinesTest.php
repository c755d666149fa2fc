<?php

declare(strict_types=1);

namespace Tests\Core\Text;

use AllSquare\Core\Measure\Baseline;
use AllSquare\Core\Sheet\Tree;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Fonts;
use Tests\Core\Support\Scene;

/** The lines on which letters stand and to which they reach: to align by, and to snap to. */
final class LetterLinesTest extends TestCase
{
    /** @param  array<string, mixed>  $more */
    private static function text(Scene $scene, string $words, float $x, float $y, array $more = []): string
    {
        return $scene->run('add-item', [], ['kind' => 'text', 'text' => $words, 'x' => $x, 'y' => $y, 'line_height' => 1.0] + $more)->report->selection[0];
    }

    /** @return array<string, float> */
    private static function lines(Scene $scene, string $id): array
    {
        return (new Baseline(new Tree($scene->items), $scene->boxes(), Fonts::library()))->letterLines($id);
    }

    public function test_capitals_small_letters_and_the_last_line(): void
    {
        $scene = Scene::of();
        $font = Fonts::library()->font('overpass', 400);
        $one = self::text($scene, 'Pier', 0, 100, ['size' => 20]);
        $first = 100 + (20 - ($font->ascent + $font->descent) / 100) / 2 + $font->ascent / 100;
        self::assertEqualsWithDelta(['cap height' => $first - 14, 'x height' => $first - 10.22], self::lines($scene, $one), 0.001);
        $two = self::text($scene, "Pier\nQuay\nSlip", 0, 100, ['size' => 20, 'padding' => [5, 0, 0, 0]]);
        self::assertEqualsWithDelta($first + 5 + 40, self::lines($scene, $two)['last baseline'], 0.001);
        $middle = self::text($scene, 'Pier', 0, 100, ['size' => 20, 'w' => 100, 'h' => 60, 'stand' => 'middle']);
        self::assertEqualsWithDelta($first + 20 - 14, self::lines($scene, $middle)['cap height'], 0.001);
        $scene->run('turn', [$one], ['angle' => 8]);
        self::assertSame([], self::lines($scene, $one), 'only of what stands upright');
    }

    public function test_first_and_last_baselines_are_brought_onto_one_line(): void
    {
        $scene = Scene::of();
        $ids = [self::text($scene, "one\ntwo", 0, 40, ['size' => 20]), self::text($scene, "one\ntwo\nthree", 100, 90, ['size' => 31]), self::text($scene, 'one', 200, 7, ['size' => 12])];
        $last = fn (string $id): float => self::lines($scene, $id)['last baseline'] ?? (new Baseline(new Tree($scene->items), $scene->boxes(), Fonts::library()))->of($id) ?? 0.0;
        $report = $scene->run('align', $ids, ['edge' => 'last-baseline'])->report;
        self::assertStringContainsString('last baselines', $report->summary);
        $lines = array_map($last, $ids);
        self::assertEqualsWithDelta(0, max($lines) - min($lines), 1.0, 'on whole pixels');
        $scene->run('set-sheet', [], ['whole_pixels' => false]);
        $scene->run('align', $ids, ['edge' => 'last-baseline']);
        $lines = array_map($last, $ids);
        self::assertEqualsWithDelta(0, max($lines) - min($lines), 0.002);
        $before = $scene->items;
        $scene->run('align', $ids, ['edge' => 'last-baseline']);
        self::assertEquals($before, $scene->items, 'twice is once');
    }
}
