<?php

declare(strict_types=1);

namespace Tests\Core\Intent;

use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Geometry\Unit;
use AllSquare\Core\Intent\Intent;
use AllSquare\Core\Intent\Meant;
use AllSquare\Core\Intent\Pattern;
use AllSquare\Core\Intent\Telling;
use AllSquare\Core\Intent\Wish;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Scene;

/** What was understood, in words and numbers. */
final class TellingTest extends TestCase
{
    private function said(Scene $scene, Point $zero = new Point(0, 0), Unit $unit = Unit::Px): string
    {
        $patterns = array_map(static fn (Meant $meant): Pattern => $meant->pattern(), (new Intent($scene->sheet, Scores::plan($scene), [], Wish::of($scene->sheet)))->ofSheet());

        return Spoken::in(Telling::of($patterns, $zero), $unit, 96);
    }

    private function row(int ...$lefts): Scene
    {
        $scene = Scene::of();
        foreach ($lefts as $i => $left) {
            $scene->put("b$i", $left, 96, 64, 40);
        }

        return $scene;
    }

    public function test_rows_columns_and_gaps_with_how_many_there_are(): void
    {
        self::assertSame('1 row at 96, gaps of 32 (2)', $this->said($this->row(96, 192, 288)));
        $scene = $this->row(96, 192, 288);
        foreach ([96, 192, 288] as $i => $left) {
            $scene->put("c$i", $left, 144, 64, 20);
        }
        self::assertSame('3 columns at 96, 192 and 288, 2 rows at 96 and 144, gaps of 32 (4) and 8 (3)', $this->said($scene));
    }

    public function test_places_are_counted_from_the_zero_and_said_in_the_unit(): void
    {
        self::assertSame('1 row at -4, gaps of 32 (2)', $this->said($this->row(96, 192, 288), new Point(10, 100)));
        self::assertSame('1 row at 1, gaps of 0.333 (2)', $this->said($this->row(96, 192, 288), unit: Unit::In));
    }

    public function test_more_than_five_are_counted(): void
    {
        $scene = Scene::of(2000, 800);
        foreach ([0, 100, 210, 330, 460, 600, 750] as $i => $left) {
            $scene->put("a$i", $left, 96, 64, 40)->put("b$i", $left, 200, 64, 40);
        }
        self::assertSame('7 columns, 2 rows at 96 and 200, gaps of 64 (7), 36 (2), 46 (2) and 4 other sizes', $this->said($scene));
    }

    public function test_insets_are_named_while_they_are_few(): void
    {
        $framed = static function (int ...$insets): Scene {
            $scene = Scene::of(2000, 800);
            foreach ($insets as $i => $inset) {
                $scene->put("f$i", 20 + 230 * $i, 40, 200, 200)->put("p$i", 20 + 230 * $i + $inset, 40 + $inset, 200 - 2 * $inset, 200 - 2 * $inset);
            }

            return $scene;
        };
        self::assertStringContainsString('insets of 12 (4) and 20 (4)', $this->said($framed(12, 20)));
        self::assertStringNotContainsString('inset', $this->said($framed(12, 20, 28, 36, 44, 52)));
    }

    public function test_where_nothing_is_in_line_that_is_said(): void
    {
        self::assertSame('nothing lies in line or at equal distances', $this->said(Scene::of()->put('a', 10, 20, 30, 40)->put('b', 200, 311, 77, 91)));
        self::assertSame('nothing lies side by side', $this->said(Scene::of()->put('a', 10, 20, 30, 40)));
    }

    public function test_what_is_in_groups_is_counted(): void
    {
        $scene = $this->row(96, 192, 288)->put('g', 0, 0, 0, 0, ['kind' => 'group'])->put('x', 96, 300, 160, 40, ['parent' => 'g'])->put('y', 96, 350, 160, 40, ['parent' => 'g'])->fitted();
        self::assertStringEndsWith('and what is in 1 group', $this->said($scene));
    }
}
