<?php

declare(strict_types=1);

namespace Tests\Core\Item;

use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Item\CircleText\CircleSetting;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Text\PlacedPiece;
use AllSquare\Core\Item\Text\Typesetting;
use AllSquare\Core\Refusal;
use AllSquare\Core\Text\Setting\LetterStyle;
use AllSquare\Core\Text\Setting\Setter;
use AllSquare\Core\Text\Setting\StyledText;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Fonts;
use Tests\Core\Support\Scene;

final class CircleTextTest extends TestCase
{
    /** @param  array<string, mixed>  $more */
    private static function item(string $text, array $more = []): Item
    {
        $scene = Scene::of(600, 600);
        $id = $scene->run('add-item', [], ['kind' => 'circle-text', 'text' => $text, 'x' => 100, 'y' => 100, 'w' => 200, 'h' => 200, 'size' => 20] + $more)->report->selection[0];

        return $scene->items[$id];
    }

    /** @return list<PlacedPiece> */
    private static function pieces(Item $item): array
    {
        return (new CircleSetting(new Typesetting(Fonts::library())))->pieces($item);
    }

    /**
     * Where the middle of each letter's advance stands: distance from the centre, and degrees clockwise from straight up.
     *
     * @return list<array{float, float}>
     */
    private static function feet(Item $item): array
    {
        return array_map(static function (PlacedPiece $placed) use ($item): array {
            $foot = $placed->at->plus((new Point($placed->piece->width / 2, 0.0))->turned($placed->angle))->minus(new Point($item->frame->w / 2, $item->frame->w / 2));

            return [round(hypot($foot->x, $foot->y), 3), round(rad2deg(atan2($foot->x, -$foot->y)), 3)];
        }, self::pieces($item));
    }

    public function test_letters_stand_on_the_circle_as_far_apart_as_on_a_line(): void
    {
        $item = self::item('Tower');
        $set = Setter::set(StyledText::plain('Tower', new LetterStyle(Fonts::library()->font('overpass', 400), 20.0)), INF, false);
        $feet = self::feet($item);
        self::assertSame(array_fill(0, 5, 100.0), array_column($feet, 0));
        $piece = $set->lines[0]->pieces[0];
        foreach ($feet as $i => [, $angle]) {
            $middle = ($piece->places[$i] + $piece->style->advance($piece->codePoints[$i]) / 2) * $piece->style->scale() - $set->width / 2;
            self::assertEqualsWithDelta(rad2deg($middle / 100), $angle, 0.02, "letter $i, kerned as on a line");
            self::assertEqualsWithDelta($angle, self::pieces($item)[$i]->angle, 0.02, 'it stands upright on the circle');
        }
    }

    public function test_inside_the_tops_look_to_the_centre_and_it_is_read_the_other_way(): void
    {
        $item = self::item('AB', ['side' => 'inside', 'middle' => 180]);
        [[$r, $first], [, $second]] = self::feet($item);
        self::assertSame(100.0, $r);
        // At the bottom the first letter stands to the left, past half way round, and both stand upright there.
        self::assertEqualsWithDelta([true, true], [$first < -170, $second > 170], 0);
        [$a, $b] = array_map(static fn (PlacedPiece $placed): float => fmod($placed->angle + 540.0, 360.0) - 180.0, self::pieces($item));
        self::assertEqualsWithDelta([$first + 180, $second - 180], [$a, $b], 0.002);
    }

    public function test_words_are_spread_at_equal_steps(): void
    {
        $middles = static function (Item $item): array {
            $words = [];
            $feet = self::feet($item);
            foreach (self::pieces($item) as $i => $placed) {
                $words[] = $feet[$i][1];
            }

            return $words;
        };
        self::assertEqualsWithDelta([0, 90, 180, -90], $middles(self::item('0 3 6 9', ['spread' => 360, 'spread_by' => 'words'])), 0.001, 'all the way round');
        self::assertEqualsWithDelta([-90, -30, 30, 90], $middles(self::item('0 3 6 9', ['spread' => 180, 'spread_by' => 'words'])), 0.001);
        self::assertEqualsWithDelta([-60, 0, 60, 120], $middles(self::item('0 3 6 9', ['spread' => 180, 'spread_by' => 'words', 'middle' => 30])), 0.001);
        self::assertEqualsWithDelta([0], $middles(self::item('0', ['spread' => 90, 'spread_by' => 'words'])), 0.001);
    }

    public function test_letters_are_spread_with_equal_room_between_them(): void
    {
        $item = self::item('HHHH', ['spread' => 90, 'spread_by' => 'letters']);
        $feet = array_column(self::feet($item), 1);
        $half = rad2deg(self::pieces($item)[0]->piece->width / 2 / 100);
        self::assertEqualsWithDelta([-45 + $half, 45 - $half], [$feet[0], $feet[3]], 0.002, 'from end to end of the arc');
        self::assertEqualsWithDelta($feet[1] - $feet[0], $feet[2] - $feet[1], 0.002);
        self::assertEqualsWithDelta($feet[2] - $feet[1], $feet[3] - $feet[2], 0.002);
    }

    public function test_its_frame_is_the_circle_and_stays_one(): void
    {
        $scene = Scene::of(600, 600);
        $id = $scene->run('add-item', [], ['kind' => 'circle-text', 'x' => 100, 'y' => 100, 'w' => 300, 'h' => 200])->report->selection[0];
        self::assertEquals([100, 200, 200, 'Text on a circle'], [$scene->items[$id]->number('circle'), $scene->items[$id]->frame->w, $scene->items[$id]->frame->h, $scene->items[$id]->word('text')]);
        self::assertEquals(250, $scene->items[$id]->frame->centre()->x);
        $scene->run('set', [$id], ['circle' => 60.5]);
        self::assertEquals([250, 200, 121], [$scene->items[$id]->frame->centre()->x, $scene->items[$id]->frame->centre()->y, $scene->items[$id]->frame->h]);
        $scene->run('place', [$id], ['w' => 90]);
        self::assertEquals([45, 90, 90], [$scene->items[$id]->number('circle'), $scene->items[$id]->frame->w, $scene->items[$id]->frame->h]);
    }

    public function test_it_is_put_on_rounds_and_made_a_badge(): void
    {
        $scene = Scene::of(600, 600)->put('r', 100, 100, 240, 200, ['kind' => 'round', 'angle' => 20])->put('l', 0, 0, 90, 0, ['kind' => 'line']);
        $report = $scene->run('text-on-circle', ['r'], ['text' => 'Merrow Sound'])->report;
        self::assertSame('Put "Merrow Sound" on a circle with a radius of 100', $report->summary);
        $text = $scene->items[$report->selection[0]];
        self::assertEquals([100, 220, 200, 20], [$text->number('circle'), $text->frame->centre()->x, $text->frame->centre()->y, $text->angle]);
        $other = $scene->items[$scene->run('text-on-circle', [$text->id], ['text' => 'Ferries'])->report->selection[0]];
        self::assertEquals(['inside', 180, 'Ferries'], [$other->word('side'), $other->number('middle'), $other->word('text')]);
        self::assertEquals($text->frame, $other->frame);
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage('"l" has no room for a circle.');
        $scene->run('text-on-circle', ['l'], []);
    }

    public function test_nothing_to_say_paints_nothing(): void
    {
        self::assertSame([], self::pieces(self::item('  ')));
        self::assertCount(3, self::pieces(self::item("a\nb")), 'a line end is a blank');
    }
}
