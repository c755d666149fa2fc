<?php

declare(strict_types=1);

namespace Tests\Core\Command;

use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\TypeScale;
use AllSquare\Core\Sheet\TypeStyle;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Scene;

/** Styles of texts and the scale of a document (RULES 17). */
final class StylesTest extends TestCase
{
    /** Three timetables' titles, two of them set alike, and a box without words. */
    private static function scene(): Scene
    {
        return Scene::of()
            ->put('one', 0, 0, 200, 40, ['kind' => 'text', 'text' => 'Merrow to Sound', 'size' => 24, 'weight' => 700])
            ->put('two', 0, 60, 200, 40, ['kind' => 'text', 'text' => 'Sound to Merrow', 'size' => 24, 'weight' => 700])
            ->put('three', 0, 120, 200, 40, ['kind' => 'text', 'text' => 'Round the island', 'size' => 18])
            ->put('box', 400, 0, 40, 40);
    }

    private static function kept(Scene $scene, string $name = 'Route'): TypeStyle
    {
        $id = $scene->run('keep-style', ['one', 'two', 'three'], ['name' => $name])->report->details['style'];
        self::assertIsString($id);

        return $scene->styles[$id];
    }

    public function test_texts_that_are_set_alike_are_of_a_style_that_is_kept(): void
    {
        $scene = self::scene();
        $style = self::kept($scene);
        self::assertSame(['Route', 24.0, 700], [$style->name, $style->styles['size'], $style->styles['weight']]);
        self::assertSame([true, true, false], array_map(fn (string $id): bool => $style->isOf($scene->items[$id]), ['one', 'two', 'three']));
        self::assertArrayNotHasKey('list', $style->styles, 'what a paragraph is for is no matter of style');
    }

    public function test_a_style_without_a_name_is_called_like_its_text(): void
    {
        $scene = self::scene();
        $scene->run('keep-style', ['three']);
        self::assertSame(['three'], array_values(array_map(static fn (TypeStyle $style): string => $style->name, $scene->styles)));
    }

    public function test_a_changed_style_changes_its_texts_but_not_what_they_have_otherwise(): void
    {
        $scene = self::scene();
        $style = self::kept($scene);
        $scene->run('set', ['two'], ['weight' => '400']);
        $scene->run('set-style', [], ['style' => $style->id, 'styles' => ['size' => 32, 'weight' => 600]]);
        self::assertSame([32.0, 32.0, 18.0], array_map(fn (string $id): float => $scene->items[$id]->number('size'), ['one', 'two', 'three']));
        self::assertSame([600, 400], array_map(fn (string $id): mixed => $scene->items[$id]->fields['weight'], ['one', 'two']), 'the second has a weight of its own');
    }

    public function test_the_frame_of_a_text_follows_its_style(): void
    {
        $scene = self::scene();
        $scene->run('set', ['one'], ['grow' => 'both']);
        $style = self::kept($scene);
        $was = $scene->bounds('one');
        $scene->run('set-style', [], ['style' => $style->id, 'styles' => ['size' => 48]]);
        self::assertEqualsWithDelta(2 * $was->w, $scene->bounds('one')->w, 2.0);
    }

    public function test_texts_are_put_into_a_style_and_taken_out_of_it(): void
    {
        $scene = self::scene();
        $style = self::kept($scene);
        $said = $scene->run('use-style', ['three', 'box'], ['style' => $style->id])->report->summary;
        self::assertStringStartsWith('Set "three" in the style "Route"', $said);
        self::assertSame([24.0, true], [$scene->items['three']->number('size'), $style->isOf($scene->items['three'])]);
        $scene->run('use-style', ['three'], ['style' => null]);
        self::assertSame([24.0, null], [$scene->items['three']->number('size'), $scene->items['three']->fields['style']], 'it stays as it is set');
    }

    public function test_texts_of_a_deleted_style_stay_as_they_are(): void
    {
        $scene = self::scene();
        $style = self::kept($scene);
        $was = $scene->items;
        $scene->run('delete-style', [], ['style' => $style->id]);
        self::assertSame([], $scene->styles);
        self::assertEquals($was, $scene->items);
    }

    /** @return iterable<string, array{string, list<string>, array<string, mixed>, string}> */
    public static function refused(): iterable
    {
        yield 'a style of no text' => ['keep-style', ['box'], ['name' => 'Box'], 'Select the text whose style is to be kept.'];
        yield 'a second one of the name' => ['keep-style', ['three'], ['name' => 'Route'], 'There is a style "Route" already'];
        yield 'a change of nothing' => ['set-style', [], ['style' => 'new-1'], 'Give the style another name, or say what of it changes.'];
        yield 'a box in a style' => ['use-style', ['box'], ['style' => 'new-1'], 'Select the texts that are to have the style.'];
        yield 'a style that is not there' => ['delete-style', [], ['style' => 'none'], 'none'];
    }

    /**
     * @param  list<string>  $ids
     * @param  array<string, mixed>  $params
     */
    #[DataProvider('refused')]
    public function test_what_cannot_be_done_is_refused_and_changes_nothing(string $command, array $ids, array $params, string $reason): void
    {
        $scene = self::scene();
        $style = self::kept($scene);
        [$items, $styles] = [$scene->items, $scene->styles];
        try {
            $scene->run($command, $ids, array_map(static fn (mixed $value): mixed => $value === 'new-1' ? $style->id : $value, $params));
            self::fail('It was done.');
        } catch (Refusal $refusal) {
            self::assertStringContainsString($reason, $refusal->getMessage());
        }
        self::assertEquals([$items, $styles], [$scene->items, $scene->styles]);
    }

    public function test_a_style_takes_no_name_of_another(): void
    {
        $scene = self::scene();
        $style = self::kept($scene);
        $scene->run('keep-style', ['three'], ['name' => 'Line']);
        self::assertSame('Renamed the style "Route" "Title"', $scene->run('set-style', [], ['style' => $style->id, 'name' => 'Title'])->report->summary);
        $this->expectExceptionMessage('There is a style "Line" already.');
        $scene->run('set-style', [], ['style' => $style->id, 'name' => 'Line']);
    }

    public function test_a_document_keeps_a_hundred_styles(): void
    {
        $scene = self::scene();
        for ($i = 1; $i <= TypeStyle::MOST; $i++) {
            $scene->styles["s$i"] = new TypeStyle("s$i", "s$i", "Style $i", []);
        }
        $this->expectExceptionMessage('A document keeps 100 styles at most.');
        $scene->run('keep-style', ['one'], ['name' => 'One too many']);
    }

    /** @return iterable<string, array{float, float, bool, list<float>}> */
    public static function scales(): iterable
    {
        yield 'a major third on whole px' => [16.0, 1.25, true, [8.0, 10.0, 13.0, 16.0, 20.0, 25.0, 31.0, 39.0, 49.0, 61.0, 76.0]];
        yield 'in thousandths' => [16.0, 1.25, false, [8.192, 10.24, 12.8, 16.0, 20.0, 25.0, 31.25, 39.063, 48.828, 61.035, 76.294]];
        yield 'an octave from a small base: none below 1 px' => [4.0, 2.0, true, [1.0, 2.0, 4.0, 8.0, 16.0, 32.0, 64.0, 128.0, 256.0, 512.0]];
        yield 'two octaves to the last below 2,000 px' => [900.0, 2.0, true, [113.0, 225.0, 450.0, 900.0, 1800.0]];
        yield 'steps too small to be seen: each size once' => [1600.0, 1.0001, true, [1600.0, 1601.0]];
    }

    /** @param  list<float>  $sizes */
    #[DataProvider('scales')]
    public function test_a_scale_is_a_base_and_steps_of_one_ratio(float $base, float $ratio, bool $whole, array $sizes): void
    {
        self::assertSame($sizes, (new TypeScale('s', $base, $ratio, $whole))->sizes());
    }

    public function test_a_document_has_one_scale_of_which_what_is_not_said_stays(): void
    {
        $scene = self::scene();
        $scene->run('set-scale', [], ['base' => 18, 'ratio' => 1.5]);
        $scene->run('set-scale', [], ['base' => 20]);
        self::assertSame([20.0, 1.5], [array_values($scene->scales)[0]->base, array_values($scene->scales)[0]->ratio]);
        $scene->run('set-scale', [], ['ratio' => 1.2]);
        self::assertCount(1, $scene->scales);
        $scale = array_values($scene->scales)[0];
        self::assertSame([20.0, 1.2, $scene->sheet->wholePixels], [$scale->base, $scale->ratio, $scale->whole]);
        self::assertSame([24.0, 24.0, 18.0], array_map(fn (string $id): float => $scene->items[$id]->number('size'), ['one', 'two', 'three']), 'no text changes by it');
    }
}
