<?php

declare(strict_types=1);

namespace Tests\Core\Measure;

use AllSquare\Core\Measure\Baseline;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Fonts;
use Tests\Core\Support\Scene;

/** The line that words stand on: of a text its first, of a group its highest, and none of what has no words. */
final class BaselineTest extends TestCase
{
    private const TEXT = ['kind' => 'text', 'text' => 'Quay', 'size' => 20, 'grow' => 'none', 'line_height' => 1.2];

    public function test_a_text_stands_on_its_first_line_and_a_group_on_its_highest(): void
    {
        $scene = Scene::of()->put('g', 0, 0, 0, 0, ['kind' => 'group'])->put('box', 0, 0, 200, 10, ['parent' => 'g'])
            ->put('low', 10, 100, 80, 24, [...self::TEXT, 'parent' => 'g'])->put('high', 10, 40, 80, 24, [...self::TEXT, 'parent' => 'g'])
            ->put('hidden', 10, 0, 80, 24, [...self::TEXT, 'parent' => 'g', 'hidden' => true])
            ->put('empty', 0, 0, 0, 0, ['kind' => 'group'])->put('child', 300, 0, 10, 10, ['parent' => 'empty'])->fitted();
        $lines = new Baseline($scene->draft()->tree, $scene->boxes(), Fonts::library());
        $high = $lines->of('high');
        self::assertNotNull($high);
        self::assertSame(60.0, $lines->of('low') - $high);
        self::assertGreaterThan(40 + 12, $high);
        self::assertLessThan(40 + 24, $high);
        self::assertNull($lines->of('box'));
        self::assertSame($high - 40, $lines->below('high', $scene->bounds('high'), false));
        self::assertSame($high, $lines->below('g', $scene->bounds('g'), false), 'the group begins at 0');
        self::assertSame(10.0, $lines->below('empty', $scene->bounds('empty'), false), 'without words its lower edge');
    }

    public function test_a_text_that_is_turned_has_no_line(): void
    {
        $scene = Scene::of()->put('t', 10, 40, 80, 24, [...self::TEXT, 'angle' => 90])->put('full', 10, 40, 80, 24, self::TEXT);
        $lines = new Baseline($scene->draft()->tree, $scene->boxes(), Fonts::library());
        self::assertNull($lines->of('t'));
        self::assertNotNull($lines->of('full'));
    }
}
