<?php

declare(strict_types=1);

namespace Tests\Core\Item;

use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Measure\Baseline;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Tree;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Fonts;
use Tests\Core\Support\Scene;

/** Texts in a box of their own: what is seen of them, and what becomes of them when shapes are combined. */
final class BoxedTextTest extends TestCase
{
    private const BUTTON = ['kind' => 'text', 'text' => 'Buy', 'x' => 100, 'y' => 100, 'padding' => [10, 20, 10, 20], 'box_fill' => '#17614f', 'fill' => '#ffffff', 'size' => 20, 'line_height' => 1.0, 'align' => 'centre'];

    /** @param  array<string, mixed>  $more */
    private static function button(Scene $scene, array $more = []): string
    {
        return $scene->run('add-item', [], $more + self::BUTTON)->report->selection[0];
    }

    public function test_box_and_words_are_painted_and_the_box_is_what_is_seen(): void
    {
        $scene = Scene::of();
        $id = self::button($scene, ['radius' => 6, 'outline' => ['colour' => '#000000', 'weight' => 4, 'side' => 'outside']]);
        $item = $scene->items[$id];
        self::assertSame(40.0, $item->frame->h, 'padding above and below the line');
        $svg = $scene->svg($id);
        self::assertStringContainsString("fill='#17614f'", $svg);
        self::assertStringContainsString("fill='#ffffff'", $svg);
        self::assertLessThan(strpos($svg, "fill='#ffffff'"), strpos($svg, "fill='#17614f'"), 'the words over the box');
        self::assertEqualsWithDelta(new Rect($item->frame->x - 4, 96.0, $item->frame->w + 8, 48.0), $scene->boxes()->ink($id), 0.001);
        $scene->run('set', [$id], ['shadow' => [['dx' => 0, 'dy' => 4, 'blur' => 6, 'colour' => '#00000080']]]);
        self::assertSame(1, substr_count($scene->svg($id), 'filter='), 'the box throws the shadow, and the words none');
        $scene->run('set', [$id], ['box_fill' => null, 'outline' => null, 'shadow' => []]);
        self::assertLessThan($item->frame->h, $scene->boxes()->ink($id)->h);
    }

    public function test_it_grows_about_its_edge_or_its_centre_and_words_stand_where_they_are_asked_to(): void
    {
        foreach (['start' => 0.0, 'centre' => 0.5, 'end' => 1.0] as $align => $share) {
            $scene = Scene::of();
            $id = self::button($scene, ['align' => $align]);
            $before = $scene->items[$id]->frame;
            $scene->run('set', [$id], ['text' => 'Buy a return ticket']);
            $after = $scene->items[$id]->frame;
            self::assertGreaterThan($before->w, $after->w);
            self::assertEqualsWithDelta($before->x + $share * $before->w, $after->x + $share * $after->w, 0.5, $align);
        }
        $baseline = static function (string $stand): float {
            $scene = Scene::of();
            $id = self::button($scene, ['w' => 100, 'h' => 100, 'stand' => $stand]);

            return (new Baseline(new Tree($scene->items), $scene->boxes(), Fonts::library()))->of($id) ?? 0.0;
        };
        [$top, $middle, $bottom] = array_map($baseline, ['top', 'middle', 'bottom']);
        self::assertEqualsWithDelta([30, 60], [$middle - $top, $bottom - $top], 0.001, 'half and all of what is free');
    }

    public function test_its_words_stay_on_what_it_is_combined_into(): void
    {
        $scene = Scene::of();
        $id = self::button($scene);
        $other = $scene->run('add-item', [], ['kind' => 'round', 'x' => 90, 'y' => 90, 'w' => 30, 'h' => 30])->report->selection[0];
        $made = $scene->run('combine', [$id, $other], ['how' => 'join', 'anchor' => $id])->report->selection[0];
        self::assertSame('Buy', $scene->items[$made]->name);
        self::assertSame('#17614f', $scene->items[$made]->kind->fields()->stored($scene->items[$made]->fields)['fill'], 'the look of the box');
        $svg = $scene->svg($made);
        self::assertStringContainsString("fill='#17614f'", $svg);
        self::assertStringContainsString("fill='#ffffff'", $svg);
        self::assertSame(3, substr_count($svg, '<use '), 'its three letters');
        $scene->run('set', [$id], ['text' => 'Buy two']);
        self::assertSame(6, substr_count($scene->svg($made), '<use '), 'they can be edited in it');
        $scene->run('release', [$made], []);
        self::assertSame('Buy two', $scene->items[$id]->word('text'));
    }

    public function test_it_is_no_path(): void
    {
        $scene = Scene::of();
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage('"Buy" stands in a box: one path cannot be both.');
        $scene->run('to-path', [self::button($scene)], []);
    }
}
