<?php

declare(strict_types=1);

namespace Tests\Core\Command;

use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Painting\Painting;
use AllSquare\Core\Paint\SheetPainter;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Tree;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Fonts;
use Tests\Core\Support\Scene;

/** Masks (RULES 13): as large as what masks, painted as far as it reaches, released again. */
final class MaskTest extends TestCase
{
    /** Two pictures of a harbour, as boxes, and in front of them a porthole. */
    private static function scene(): Scene
    {
        return Scene::of()->put('sea', 100, 100, 300, 120, ['fill' => '#24485a'])->put('ship', 180, 60, 60, 90, ['fill' => '#a83a24'])->put('porthole', 200, 80, 100, 100, ['kind' => 'round', 'fill' => '#123456']);
    }

    private static function drawing(Scene $scene): string
    {
        $paintings = array_map(static fn (Item $item): Painting => $scene->painting($item->id), $scene->items);

        return (new SheetPainter(Fonts::library(), new Tree($scene->items), $paintings, []))->drawing(new Rect(0, 0, 900, 600), ['900', '600'], null);
    }

    public function test_it_is_as_large_as_what_masks_and_its_ink_is_what_is_left(): void
    {
        $scene = self::scene();
        $done = $scene->run('mask', ['ship', 'porthole', 'sea']);
        self::assertSame('Masked 2 boxes by "porthole"', $done->report->summary);
        $mask = $done->report->selection[0];
        self::assertEquals(new Rect(200.0, 80.0, 100.0, 100.0), $scene->bounds($mask));
        self::assertEquals(new Rect(200.0, 80.0, 100.0, 100.0), $scene->boxes()->ink($mask));
        $scene->run('delete', ['sea']);
        self::assertEquals(new Rect(200.0, 80.0, 40.0, 70.0), $scene->boxes()->ink($mask), 'of the ship as much as lies in it');
        self::assertEquals(new Rect(180.0, 60.0, 60.0, 90.0), $scene->bounds('ship'), 'what is measured of it is not cut off');
    }

    public function test_what_masks_is_not_painted_and_cuts_off_the_others(): void
    {
        $scene = self::scene();
        $mask = $scene->run('mask', ['sea', 'ship', 'porthole'])->report->selection[0];
        $svg = self::drawing($scene);
        self::assertStringNotContainsString('#123456', $svg);
        self::assertMatchesRegularExpression("~<clipPath id='clip-([0-9a-f]{16})'><path d='M[^']+'/></clipPath><g clip-path='url\\(#clip-\\1\\)'>.*#24485a.*#a83a24~s", $svg);
    }

    public function test_a_text_masks_by_its_letters_and_another_than_the_foremost_can_be_named(): void
    {
        $scene = self::scene()->put('word', 110, 110, 200, 80, ['kind' => 'text', 'text' => 'SOUND', 'size' => 60]);
        $mask = $scene->run('mask', ['sea', 'word', 'porthole'], ['by' => 'word'])->report->selection[0];
        self::assertSame(['sea', 'porthole', 'word'], array_map(static fn (Item $item): string => $item->id, $scene->draft()->tree->children($mask)));
        self::assertGreaterThan(5, substr_count(self::drawing($scene), 'Z'));
        self::assertStringContainsString('#123456', self::drawing($scene));
    }

    public function test_it_moves_turns_and_is_released_as_it_was(): void
    {
        $scene = self::scene();
        $was = array_map(fn (string $id): Rect => $scene->bounds($id), ['sea', 'ship', 'porthole']);
        $mask = $scene->run('mask', ['sea', 'ship', 'porthole'])->report->selection[0];
        $scene->run('move-by', [$mask], ['dx' => 30, 'dy' => 7]);
        $scene->run('turn', [$mask], ['by' => 90]);
        $scene->run('turn', [$mask], ['by' => -90]);
        $scene->run('move-by', [$mask], ['dx' => -30, 'dy' => -7]);
        $scene->run('ungroup', [$mask]);
        self::assertEquals($was, array_map(fn (string $id): Rect => $scene->bounds($id), ['sea', 'ship', 'porthole']));
        self::assertSame([null, null, null], array_map(fn (string $id): ?string => $scene->items[$id]->parent, ['sea', 'ship', 'porthole']));
        self::assertStringContainsString('#123456', self::drawing($scene));
    }

    public function test_edited_inside_it_follows_what_masks(): void
    {
        $scene = self::scene();
        $mask = $scene->run('mask', ['sea', 'ship', 'porthole'])->report->selection[0];
        $scene->run('set', ['porthole'], ['w' => 140]);
        self::assertEquals(new Rect(200.0, 80.0, 140.0, 100.0), $scene->bounds($mask));
        $scene->run('set', ['porthole'], ['hidden' => true]);
        self::assertEquals($scene->bounds('ship'), $scene->bounds($mask), 'then the next one masks');
        $scene->run('mirror', [$mask], ['axis' => 'x']);
        self::assertSame('none', $scene->items[$mask]->flip->value);
    }

    /** @return iterable<string, array{list<string>, array<string, mixed>, string}> */
    public static function refused(): iterable
    {
        yield 'a mask of nothing' => [['porthole'], [], 'Select what is to be masked'];
        yield 'by a line' => [['sea', 'rule'], [], 'without an inside'];
        yield 'by another' => [['sea', 'ship'], ['by' => 'porthole'], 'one of those that are selected'];
        yield 'by a group' => [['sea', 'g'], [], 'without an inside'];
    }

    /**
     * @param  list<string>  $ids
     * @param  array<string, mixed>  $params
     */
    #[DataProvider('refused')]
    public function test_what_cannot_be_done_is_refused_and_changes_nothing(array $ids, array $params, string $reason): void
    {
        $scene = self::scene()->put('rule', 0, 0, 50, 0, ['kind' => 'line'])->put('g', 0, 0, 0, 0, ['kind' => 'group'])->put('in', 5, 5, 5, 5, ['parent' => 'g'])->fitted();
        $was = $scene->items;
        try {
            $scene->run('mask', $ids, $params);
            self::fail('It was done.');
        } catch (Refusal $refusal) {
            self::assertStringContainsString($reason, $refusal->getMessage());
        }
        self::assertEquals($was, $scene->items);
    }
}
