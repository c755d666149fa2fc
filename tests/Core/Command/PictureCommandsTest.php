<?php

declare(strict_types=1);

namespace Tests\Core\Command;

use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Traits\HasPicture;
use AllSquare\Core\Refusal;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Support\RandomScene;
use Tests\Core\Support\Scene;

/** Pictures fitted, swapped and brought behind everything. */
final class PictureCommandsTest extends TestCase
{
    /** The key of a made-up picture of that size. */
    private static function key(string $size, string $digit = 'a'): string
    {
        return "$size-".str_repeat($digit, 40);
    }

    /** A harbour and a pier, the second turned, and a card over both. */
    private static function scene(): Scene
    {
        return Scene::of(800, 600)
            ->put('harbour', 40, 40, 300, 200, ['kind' => 'picture', 'picture' => self::key('1200x600')])
            ->put('pier', 400, 40, 200, 200, ['kind' => 'picture', 'picture' => self::key('400x800', 'b'), 'fit' => 'contain', 'angle' => 30])
            ->put('card', 0, 300, 200, 100);
    }

    private static function placed(Scene $scene, string $id): Rect
    {
        $item = $scene->items[$id];

        return ($item->kind instanceof HasPicture ? $item->kind->placed($item) : null) ?? new Rect(0.0, 0.0, 0.0, 0.0);
    }

    public function test_pictures_are_fitted_and_boxes_are_left_as_they_are(): void
    {
        $scene = self::scene();
        $was = $scene->items['card'];
        $said = $scene->run('fit-picture', ['harbour', 'pier', 'card'], ['fit' => 'stretch'])->report->summary;
        self::assertSame('Stretched 2 pictures', $said);
        self::assertEquals([new Rect(0.0, 0.0, 300.0, 200.0), new Rect(0.0, 0.0, 200.0, 200.0)], [self::placed($scene, 'harbour'), self::placed($scene, 'pier')]);
        self::assertEquals($was, $scene->items['card']);
    }

    public function test_by_hand_a_picture_lies_as_it_lay(): void
    {
        $tried = 0;
        foreach (RandomScene::seeds(3) as $seed) {
            $chance = new Randomizer(new Mt19937($seed));
            for ($i = 0; $i < 100; $i++) {
                $size = $chance->getInt(50, 3000).'x'.$chance->getInt(50, 3000);
                $scene = Scene::of()->put('a', 0, 0, $chance->getInt(20, 900), $chance->getInt(20, 900), [
                    'kind' => 'picture', 'picture' => self::key($size), 'fit' => $chance->getInt(0, 1) === 1 ? 'cover' : 'contain', 'focus_x' => $chance->getInt(0, 100) / 100, 'focus_y' => $chance->getInt(0, 100) / 100,
                ]);
                $was = self::placed($scene, 'a');
                $scene->run('fit-picture', ['a'], ['fit' => 'hand']);
                $is = self::placed($scene, 'a');
                foreach (['x', 'y', 'w', 'h'] as $side) {
                    // Contained pictures lie on whole px, of which those by hand know nothing.
                    self::assertEqualsWithDelta($was->{$side}, $is->{$side}, 1.0, "seed $seed: $size, $side");
                }
                $tried++;
            }
        }
        self::assertSame(300, $tried);
    }

    public function test_pixel_for_pixel_and_about_a_focal_point(): void
    {
        $scene = self::scene();
        self::assertSame('Laid "harbour" by hand, each pixel one px of the sheet', $scene->run('fit-picture', ['harbour'], ['fit' => 'hand', 'scale' => 1])->report->summary);
        self::assertEquals(new Rect(-450.0, -200.0, 1200.0, 600.0), self::placed($scene, 'harbour'));
        self::assertSame('Laid "harbour" by hand, 33.33 %', $scene->run('fit-picture', ['harbour'], ['fit' => 'hand', 'scale' => 1 / 3, 'focus' => ['x' => 0.25, 'y' => 0.5]])->report->summary);
        self::assertEqualsWithDelta(50.0, self::placed($scene, 'harbour')->x, 0.001);
        $scene->run('fit-picture', ['harbour'], ['fit' => 'cover', 'focus' => ['x' => 0.0, 'y' => 0.0]]);
        self::assertEquals(new Rect(0.0, 0.0, 400.0, 200.0), self::placed($scene, 'harbour'));
    }

    public function test_a_swapped_picture_keeps_its_frame_its_fit_and_its_look(): void
    {
        $scene = self::scene();
        $scene->run('set', ['pier'], ['radius' => 12, 'opacity' => 0.5]);
        $was = $scene->items['pier'];
        $scene->run('swap-picture', ['pier'], ['pictures' => [self::key('640x480', 'c')]]);
        $is = $scene->items['pier'];
        self::assertSame(self::key('640x480', 'c'), $is->fields['picture']);
        self::assertEquals($was, $is->withFields(['picture' => $was->fields['picture']]));
        self::assertEquals(new Rect(0.0, 25.0, 200.0, 150.0), self::placed($scene, 'pier'));
    }

    public function test_several_pictures_go_one_into_each_frame_and_one_into_all(): void
    {
        $scene = self::scene();
        $shown = fn (): array => array_map(fn (string $id): mixed => $scene->items[$id]->fields['picture'], ['harbour', 'pier']);
        $scene->run('swap-picture', ['pier', 'harbour'], ['pictures' => [self::key('10x10', '1'), self::key('10x10', '2')]]);
        self::assertSame([self::key('10x10', '2'), self::key('10x10', '1')], $shown(), 'in the order in which they are named');
        $scene->run('swap-picture', ['harbour', 'pier'], ['pictures' => [self::key('10x10', '3')]]);
        self::assertSame([self::key('10x10', '3'), self::key('10x10', '3')], $shown());
    }

    public function test_a_picture_by_hand_that_is_swapped_covers_its_frame_by_as_much_as_before(): void
    {
        $scene = self::scene();
        $scene->run('fit-picture', ['harbour'], ['fit' => 'hand', 'scale' => 0.5]);
        $scene->run('swap-picture', ['harbour'], ['pictures' => [self::key('2400x1200', 'd')]]);
        self::assertSame(0.25, $scene->items['harbour']->number('scale'), 'one of twice the size at half of it');
        self::assertEquals(new Rect(-150.0, -50.0, 600.0, 300.0), self::placed($scene, 'harbour'));
    }

    public function test_a_picture_covers_the_sheet_behind_everything(): void
    {
        $scene = self::scene();
        $scene->run('group', ['pier', 'card'], ['name' => 'Front']);
        $said = $scene->run('cover-sheet', ['pier'])->report->summary;
        self::assertSame('Covered the sheet with "pier": 800 × 600, behind everything', $said);
        $pier = $scene->items['pier'];
        self::assertEquals([null, new Rect(0.0, 0.0, 800.0, 600.0), 0.0, 'cover'], [$pier->parent, $pier->frame, $pier->angle, $pier->fields['fit']]);
        $others = array_filter($scene->items, static fn (Item $item): bool => $item->parent === null && $item->id !== 'pier');
        self::assertLessThan(min(array_map(static fn (Item $item): int => $item->rank, $others)), $pier->rank);
    }

    public function test_a_picture_covers_what_bleeds_as_well(): void
    {
        $scene = self::scene();
        $scene->run('set-sheet', [], ['bleed' => 20]);
        $scene->run('cover-sheet', ['harbour']);
        self::assertEquals($scene->sheet->picture(), $scene->items['harbour']->frame);
    }

    /** @return iterable<string, array{string, list<string>, array<string, mixed>, string}> */
    public static function refused(): iterable
    {
        yield 'no picture to fit' => ['fit-picture', ['card'], ['fit' => 'cover'], 'Select a picture.'];
        yield 'a size that is not by hand' => ['fit-picture', ['harbour'], ['fit' => 'cover', 'scale' => 2], 'only where it lies by hand'];
        yield 'two pictures for three' => ['swap-picture', ['harbour', 'pier', 'third'], ['pictures' => [self::key('9x9', '1'), self::key('9x9', '2')]], 'There are 2 pictures for 3 frames.'];
        yield 'no frame to swap in' => ['swap-picture', ['card'], ['pictures' => [self::key('9x9')]], 'Select a picture.'];
        yield 'two that cover the sheet' => ['cover-sheet', ['harbour', 'pier'], [], 'One picture can cover the sheet. Select one.'];
        yield 'a card that covers the sheet' => ['cover-sheet', ['card'], [], 'Select a picture.'];
        yield 'one that is locked' => ['swap-picture', ['locked'], ['pictures' => [self::key('9x9')]], 'locked'];
    }

    /**
     * @param  list<string>  $ids
     * @param  array<string, mixed>  $params
     */
    #[DataProvider('refused')]
    public function test_what_cannot_be_done_is_refused_and_changes_nothing(string $command, array $ids, array $params, string $reason): void
    {
        $scene = self::scene()
            ->put('third', 0, 0, 10, 10, ['kind' => 'picture', 'picture' => self::key('20x20')])
            ->put('locked', 0, 0, 10, 10, ['kind' => 'picture', 'picture' => self::key('20x20'), 'locked' => true]);
        $was = $scene->items;
        try {
            $scene->run($command, $ids, $params);
            self::fail('It was done.');
        } catch (Refusal $refusal) {
            self::assertStringContainsString($reason, $refusal->getMessage());
        }
        self::assertEquals($was, $scene->items);
    }
}
