<?php

declare(strict_types=1);

namespace Tests\Core\Kit;

use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Kit\KitMaker;
use AllSquare\Core\Kit\Kits;
use AllSquare\Core\Kit\KitTypes;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\TypeScale;
use AllSquare\Core\Sheet\TypeStyle;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Fonts;

/** What kits are made with: distances by the unit of spacing, words by styles and scale. */
final class KitMakerTest extends TestCase
{
    private static function maker(float $unit, KitTypes $types = new KitTypes): KitMaker
    {
        return new KitMaker($unit, 1000.0, $types, Fonts::library());
    }

    public function test_distances_are_multiples_of_the_unit_and_one_at_least(): void
    {
        self::assertSame([16.0, 24.0, 8.0, 8.0, 160.0], array_map(self::maker(8.0)->span(...), [16.0, 20.0, 5.0, 1.0, 158.0]));
        self::assertSame([10.0, 20.0, 20.0], array_map(self::maker(10.0)->span(...), [4.0, 16.0, 24.0]));
        self::assertSame([16.0, 16.0, 24.0], array_map(self::maker(8.0)->up(...), [16.0, 9.0, 16.1]));
    }

    public function test_words_stand_in_the_middle_of_a_height_on_whole_pixels(): void
    {
        $maker = self::maker(8.0);
        $text = $maker->text('Book', 'label');
        self::assertSame([14.0, 600], [$text->number('size'), (int) $text->number('weight')]);
        $at = $maker->putMiddle($text, 3.0, 100.0, 41.0, 'Word');
        self::assertEqualsWithDelta(120.5, $at->centre()->y, 0.5);
        self::assertSame(0.0, fmod($at->y, 1.0));
        self::assertSame('Word', $maker->items()[0]->name);
    }

    public function test_words_break_in_a_width_that_is_given(): void
    {
        $maker = self::maker(8.0);
        [$wide, $narrow] = [$maker->text('Round the island in two hours', 'body'), $maker->text('Round the island in two hours', 'body', [], 100.0)];
        self::assertSame(100.0, $narrow->frame->w);
        self::assertGreaterThan(2 * $wide->frame->h, $narrow->frame->h);
    }

    public function test_styles_are_taken_by_name_where_their_size_fits_and_else_the_scale(): void
    {
        $style = static fn (string $key, string $name, float $size): TypeStyle => new TypeStyle($key, $key, $name, ['size' => $size, 'align' => 'both']);
        $styles = [$style('a', 'Display title', 72.0), $style('b', 'Title', 28.0), $style('c', 'Heading', 22.0), $style('d', 'Body', 15.0)];
        $types = new KitTypes($styles, new TypeScale('s', 18.0, 1.5, true));
        self::assertSame(['size' => 22.0, 'align' => 'start', 'style' => 'c'], $types->of('title'), 'the one nearest to 20');
        self::assertSame('d', $types->of('body')['style']);
        self::assertSame(['size' => 12.0, 'weight' => 400], $types->of('small'), 'a step below the base');
        self::assertSame(['size' => 40.0, 'weight' => 700], (new KitTypes)->of('figure'));
        self::assertSame([2000.0, 2000.0, 1.0], array_map(static fn (array $set): float => (new KitTypes([], new TypeScale('s', ...$set[0])))->of($set[1])['size'], [[[500.0, 4.0, true], 'figure'], [[1_999.7, 1.2, false], 'title'], [[1.0, 4.0, false], 'small']]), 'no larger and no smaller than letters can be');
    }

    public function test_every_kit_is_made_of_parts_that_do_not_leave_its_ground(): void
    {
        foreach (Kits::all() as $name => $kit) {
            $maker = self::maker(6.0);
            ($kit['make'])($maker);
            $items = $maker->items();
            self::assertGreaterThan(1, count($items), $name);
            $box = Rect::unionOf(array_map(static fn (Item $item): Rect => $item->frame, $items));
            self::assertSame(0.0, $box->x ?? null, $name);
            self::assertEqualsWithDelta(0.0, $box->y ?? null, 6.0, $name);
            self::assertCount(count($items), array_unique(array_map(static fn (Item $item): string => $item->id, $items)));
        }
        $this->expectException(Refusal::class);
        Kits::named('nothing');
    }
}
