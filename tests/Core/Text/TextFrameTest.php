<?php

declare(strict_types=1);

namespace Tests\Core\Text;

use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Geometry\Unit;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Fonts;
use Tests\Core\Support\Scene;

final class TextFrameTest extends TestCase
{
    public function test_a_text_that_grows_is_as_wide_as_its_kerned_letters_rounded_up(): void
    {
        $font = Fonts::library()->font('overpass', 700);
        $letters = array_map(static fn (string $c): int => (int) mb_ord($c), mb_str_split('Skerry Point'));
        $units = array_sum(array_map($font->advance(...), $letters)) + array_sum(array_map($font->kern(...), array_slice($letters, 0, -1), array_slice($letters, 1)));
        $scene = Scene::of();
        $id = $scene->run('add-item', [], ['kind' => 'text', 'text' => 'Skerry Point', 'x' => 10, 'y' => 20, 'size' => 24, 'weight' => 700])->report->selection[0];
        self::assertSame(ceil($units * 24 / $font->unitsPerEm), $scene->items[$id]->frame->w);
        self::assertSame(ceil(24 * 1.3), $scene->items[$id]->frame->h);

        $exact = Scene::of(100, 100, Unit::Mm, 96);
        $id = $exact->run('add-item', [], ['kind' => 'text', 'text' => 'Skerry Point', 'size' => 24, 'weight' => 700])->report->selection[0];
        self::assertEqualsWithDelta($units * 24 / $font->unitsPerEm, $exact->items[$id]->frame->w, 0.0005);
    }

    public function test_the_start_the_centre_or_the_end_stays_when_the_words_change(): void
    {
        foreach (['start' => 0.0, 'centre' => 0.5, 'end' => 1.0] as $align => $share) {
            $scene = Scene::of();
            $id = $scene->run('add-item', [], ['kind' => 'text', 'text' => 'Pier', 'x' => 100, 'y' => 50, 'align' => $align, 'font' => 'overpass-mono'])->report->selection[0];
            $before = $scene->bounds($id);
            $scene->run('set', [$id], ['text' => 'Pier and quay']);
            $after = $scene->bounds($id);
            self::assertGreaterThan($before->w, $after->w);
            self::assertEqualsWithDelta($before->x + $share * $before->w, $after->x + $share * $after->w, 0.5, $align);
            self::assertSame($before->y, $after->y);
        }
    }

    public function test_typing_a_width_wraps_and_typing_a_height_holds_the_frame(): void
    {
        $scene = Scene::of();
        $id = $scene->run('add-item', [], ['kind' => 'text', 'text' => 'one two three four', 'x' => 0, 'y' => 0])->report->selection[0];
        $one = $scene->items[$id]->frame->h;
        $scene->run('place', [$id], ['w' => 60]);
        self::assertSame('down', $scene->items[$id]->fields['grow']);
        self::assertSame(60.0, $scene->items[$id]->frame->w);
        self::assertGreaterThan($one, $scene->items[$id]->frame->h);
        $scene->run('place', [$id], ['h' => 17]);
        self::assertSame('none', $scene->items[$id]->fields['grow']);
        $scene->run('set', [$id], ['text' => 'short']);
        self::assertSame([60.0, 17.0], [$scene->items[$id]->frame->w, $scene->items[$id]->frame->h]);
    }

    public function test_an_empty_text_is_one_line_high(): void
    {
        $scene = Scene::of();
        $id = $scene->run('add-item', [], ['kind' => 'text', 'text' => '', 'x' => 0, 'y' => 0, 'size' => 20, 'line_height' => 1.5])->report->selection[0];
        self::assertSame([0.0, 30.0], [$scene->items[$id]->frame->w, $scene->items[$id]->frame->h]);
        self::assertSame('Text', $scene->items[$id]->name);
    }

    public function test_new_words_keep_a_centred_text_centred_turned_or_not(): void
    {
        $tried = 0;
        foreach ([0, 90, 30, -17.5, 180] as $angle) {
            $scene = Scene::of()->put('t', 100, 100, 40, 21, ['kind' => 'text', 'text' => 'Quay', 'align' => 'centre', 'grow' => 'both', 'angle' => $angle]);
            $middle = static fn (): array => [$scene->items['t']->toParent()->apply(new Point($scene->items['t']->frame->w / 2, 0.0))->x, $scene->items['t']->toParent()->apply(new Point($scene->items['t']->frame->w / 2, 0.0))->y];
            $before = $middle();
            foreach (['Harbour', 'Pier', 'Harbour light', 'i', 'Quay'] as $words) {
                $scene->run('set', ['t'], ['text' => $words]);
                self::assertEqualsWithDelta($before, $middle(), 0.002, "$words at $angle");
                $tried++;
            }
        }
        self::assertSame(25, $tried);
    }
}
