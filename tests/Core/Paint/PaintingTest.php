<?php

declare(strict_types=1);

namespace Tests\Core\Paint;

use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Painting\Painters;
use AllSquare\Core\Item\Painting\Painting;
use AllSquare\Core\Paint\SheetPainter;
use AllSquare\Core\Sheet\Tree;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Fonts;
use Tests\Core\Support\Scene;

final class PaintingTest extends TestCase
{
    private const OUTLINE = ['colour' => '#000000', 'weight' => 4.0];

    public function test_paintings_are_in_the_items_own_space_without_place_and_angle(): void
    {
        $scene = Scene::of()->put('a', 10, 20, 30, 40.5, ['radius' => 5.0, 'angle' => 30, 'outline' => self::OUTLINE])->put('b', 500, 1, 30, 40.5, ['radius' => 5.0, 'outline' => self::OUTLINE]);
        self::assertSame("<rect width='30' height='40.5' rx='5' fill='#dfeaec' stroke='#000000' stroke-width='4'/>", $scene->svg('a'));
        self::assertSame(Painters::hash($scene->branch('a')), Painters::hash($scene->branch('b')));
    }

    /** @return iterable<string, array{string, array<string, mixed>, array{float, float, float, float}}> */
    public static function inks(): iterable
    {
        yield 'an outline lies astride the edge' => ['box', ['outline' => self::OUTLINE], [98, 98, 44, 24]];
        yield 'a box turned by 90' => ['box', ['angle' => 90], [110, 90, 20, 40]];
        yield 'what paints nothing has its bounds' => ['box', ['fill' => null], [100, 100, 40, 20]];
        yield 'a turned circle of a box stays a circle' => ['box', ['radius' => 10.0, 'angle' => 90], [110, 90, 20, 40]];
        // Half axes 20 and 10 at 30 degrees: sqrt(20² cos² + 10² sin²) and sqrt(20² sin² + 10² cos²).
        yield 'a turned round is exact' => ['round', ['angle' => 30], [120 - sqrt(325), 110 - sqrt(175), 2 * sqrt(325), 2 * sqrt(175)]];
    }

    /**
     * @param  array<string, mixed>  $more
     * @param  array{float, float, float, float}  $ink
     */
    #[DataProvider('inks')]
    public function test_ink(string $kind, array $more, array $ink): void
    {
        $scene = Scene::of()->put('a', 100, 100, 40, 20, ['kind' => $kind, ...$more]);
        foreach (array_values($scene->boxes()->ink('a')->toArray()) as $i => $value) {
            self::assertEqualsWithDelta($ink[$i], $value, 0.001);
        }
    }

    public function test_the_ink_of_letters_lies_within_their_frame_and_turns_with_it(): void
    {
        $scene = Scene::of()->put('t', 100, 100, 200, 40, ['kind' => 'text', 'text' => 'lo', 'size' => 20.0, 'grow' => 'none']);
        $ink = $scene->boxes()->ink('t');
        self::assertTrue($scene->bounds('t')->contains($ink));
        self::assertLessThan(40, $ink->w);

        $turned = $scene->put('t', 100, 100, 200, 40, ['kind' => 'text', 'text' => 'lo', 'size' => 20.0, 'grow' => 'none', 'angle' => 90])->boxes()->ink('t');
        self::assertEqualsWithDelta($ink->w, $turned->h, 0.002);
        // A hair off the quarter the outlines themselves are reckoned, and agree with their boxes.
        $slanted = $scene->put('t', 100, 100, 200, 40, ['kind' => 'text', 'text' => 'lo', 'size' => 20.0, 'grow' => 'none', 'angle' => 0.01])->boxes()->ink('t');
        self::assertEqualsWithDelta($ink->w, $slanted->w, 0.05);
        self::assertEqualsWithDelta($ink->h, $slanted->h, 0.05);
    }

    public function test_a_sheet_paints_what_meets_the_view_back_to_front_and_only_the_glyphs_it_needs(): void
    {
        $scene = Scene::of()
            ->put('back', 0, 0, 50, 50)
            ->put('far', 600, 0, 50, 50)
            ->put('unseen', 0, 0, 50, 50, ['hidden' => true])
            ->put('g', 0, 0, 0, 0, ['kind' => 'group', 'angle' => 10])
            ->put('word', 10, 10, 50, 20, ['kind' => 'text', 'text' => 'ab', 'parent' => 'g', 'opacity' => 0.5])
            ->fitted();
        $tree = new Tree($scene->items);
        $boxes = $scene->boxes();
        $paintings = array_map(static fn ($item): Painting => $scene->painting($item->id), $scene->items);
        $painted = array_map(static fn ($item): Rect => $boxes->ink($item->id), $scene->items);
        $svg = (new SheetPainter(Fonts::library(), $tree, $paintings, $painted))->picture(new Rect(0, 0, 100, 80), 2.0, [200, 160], '#ffffff');
        self::assertStringContainsString("width='200' height='160'", $svg);
        self::assertStringContainsString("transform='matrix(2 0 0 2 0 0)'", $svg);
        self::assertSame(1, substr_count($svg, "<rect width='50'"), 'neither the hidden one nor the one outside');
        self::assertSame(2, substr_count($svg, '<path id='), 'two glyphs');
        self::assertStringContainsString("opacity='0.5'", $svg);
        self::assertGreaterThan(strpos($svg, "<rect width='50'"), strpos($svg, '<use'));
        self::assertNotFalse(simplexml_load_string($svg));
    }
}
