<?php

declare(strict_types=1);

namespace Tests\Core\Slice;

use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Sheet\Background;
use AllSquare\Core\Sheet\Cut;
use AllSquare\Core\Sheet\FileFormat;
use AllSquare\Core\Sheet\HandOverSettings;
use AllSquare\Core\Sheet\Scale;
use AllSquare\Core\Sheet\Slice;
use AllSquare\Core\Sheet\Tree;
use AllSquare\Core\Slice\Areas;
use AllSquare\Core\Slice\Asset;
use AllSquare\Core\Slice\FileNames;
use AllSquare\Core\Slice\HandingOver;
use AllSquare\Core\Slice\Warning;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Scene;

/** Which files slices become: their areas, sizes, names, grounds, and what is to be known about them beforehand. */
final class HandingOverTest extends TestCase
{
    public function test_each_slice_is_a_file_for_each_size_and_format_and_drawings_come_once(): void
    {
        $done = self::over(Scene::of(100, 100)->put('a', 0, 0, 90, 90), [self::slice('pier', 10, 20, 30, 40)], ['scales' => [1, '2x', '60w'], 'formats' => ['png', 'svg', 'webp', 'pdf']]);
        self::assertSame([
            'pier.png 30 × 40', 'pier@2x.png 60 × 80', 'pier-60w.png 60 × 80', 'pier.svg 30 × 40',
            'pier.webp 30 × 40', 'pier@2x.webp 60 × 80', 'pier-60w.webp 60 × 80', 'pier.pdf 30 × 40',
        ], array_map(static fn (Asset $asset): string => "$asset->file {$asset->pixels[0]} × {$asset->pixels[1]}", $done->assets));
        self::assertSame([], $done->warnings);
    }

    public function test_what_a_slice_says_itself_is_not_overruled(): void
    {
        $cut = new Cut(background: Background::read('#FF0000'), scales: [Scale::read('3x')], formats: [FileFormat::Jpeg], quality: 40);
        $done = self::over(Scene::of(100, 100)->put('a', 0, 0, 90, 90), [self::slice('own', 0, 0, 10, 10, $cut), self::slice('plain', 0, 0, 10, 10)], ['scales' => [1], 'formats' => ['png'], 'background' => 'transparent', 'quality' => 80]);
        self::assertSame([['own@3x.jpg', '#ff0000', 40], ['plain.png', null, 80]], array_map(static fn (Asset $asset): array => [$asset->file, $asset->colour, $asset->quality], $done->assets));
    }

    public function test_several_sheets_of_one_archive_share_its_names(): void
    {
        $names = new FileNames;
        $scene = Scene::of(100, 100)->put('a', 0, 0, 90, 90);
        $files = array_map(static fn (int $i): string => self::over($scene, [self::slice('pier', 0, 0, 10, 10)], [], $names)->assets[0]->file, [1, 2]);
        self::assertSame(['pier.png', 'pier-2.png'], $files);
    }

    /** @return iterable<string, array{Slice, array<string, mixed>, list<array{string, string}>}> */
    public static function warnings(): iterable
    {
        yield 'none' => [self::slice('a', 0, 0, 20, 20), ['scales' => [1, 2, 1.5]], []];
        yield 'off the pixel' => [self::slice('a', 0.25, 0, 20, 20.5), [], [[Warning::OFF_PIXEL, 'off the pixel: x 0.25, h 20.5']]];
        yield 'a fraction' => [self::slice('a', 0, 0, 21, 20), ['scales' => [1.5]], [[Warning::FRACTION, '1.5x is 31.5 × 30, and becomes 32 × 30']]];
        yield 'a fraction that nothing mends' => [self::slice('a', 0, 0, 21, 20), ['scales' => ['90w']], [[Warning::ROUNDED, '90w is 90 × 85.714, and becomes 90 × 86']]];
        yield 'edges between pixels that nothing mends' => [self::slice('a', 7, 0, 20, 20), ['scales' => ['30w']], []];
        yield 'edges between pixels' => [self::slice('a', 1, 0, 20, 20), ['scales' => [1.5]], [[Warning::FRACTION, '1.5x falls between pixels: it begins at 1.5, 0']]];
        yield 'fractions do not matter to drawings' => [self::slice('a', 0, 0, 21, 20), ['scales' => [1.5], 'formats' => ['svg', 'pdf']], []];
        yield 'past the edge' => [self::slice('a', -5, 0, 20, 20), [], [[Warning::OUTSIDE, 'reaches past the edge of the sheet']]];
        yield 'nothing in it' => [self::slice('a', 90, 90, 5, 5), [], [[Warning::EMPTY, 'nothing is painted in it']]];
        yield 'a name' => [self::slice('a:b', 0, 0, 20, 20), [], [[Warning::RENAMED, 'becomes "a-b": not every system takes "a:b"']]];
        yield 'no clear JPEG' => [self::slice('a', 0, 0, 20, 20), ['formats' => ['jpeg'], 'background' => 'transparent'], [[Warning::NOT_CLEAR, 'JPEG cannot be clear; it is painted on #ffffff']]];
        yield 'too large' => [self::slice('a', 0, 0, 20, 20), ['scales' => ['16000h', '900h'], 'formats' => ['png']], []];
        yield 'far too large' => [self::slice('a', 0, 0, 80, 10), ['scales' => ['16000h']], [[Warning::TOO_LARGE, '16000h would be 128,000 × 16,000; a picture is 16,000 px wide and high at most']]];
    }

    /**
     * @param  array<string, mixed>  $settings
     * @param  list<array{string, string}>  $expected
     */
    #[DataProvider('warnings')]
    public function test_what_is_to_be_known_is_said_beforehand(Slice $slice, array $settings, array $expected): void
    {
        $done = self::over(Scene::of(100, 100)->put('a', 0, 0, 50, 50), [$slice], $settings);
        self::assertSame($expected, array_map(static fn (Warning $warning): array => [$warning->kind, $warning->text], $done->warnings));
    }

    public function test_pictures_painted_larger_than_they_are_are_said_of_the_largest_size_alone(): void
    {
        $key = static fn (string $size): string => "$size-".str_repeat('a', 40);
        $scene = Scene::of(200, 200)
            ->put('harbour', 0, 0, 80, 80, ['kind' => 'picture', 'picture' => $key('100x100')])
            ->put('pier', 100, 0, 80, 80, ['kind' => 'picture', 'picture' => $key('160x160')])
            ->put('g', 0, 0, 0, 0, ['kind' => 'group'])->put('inner', 0, 100, 60, 60, ['kind' => 'picture', 'picture' => $key('30x30'), 'parent' => 'g'])
            ->put('hidden', 0, 100, 60, 60, ['kind' => 'picture', 'picture' => $key('3x3'), 'hidden' => true])
            ->put('guide', 0, 100, 60, 60, ['kind' => 'picture', 'picture' => $key('3x3'), 'reference' => true])->fitted();
        $said = static fn (Slice $slice, array $scales): array => array_map(static fn (Warning $warning): string => $warning->text, array_values(array_filter(self::over($scene, [$slice], ['scales' => $scales])->warnings, static fn (Warning $warning): bool => $warning->kind === Warning::COARSE)));
        self::assertSame([], $said(self::slice('top', 0, 0, 200, 80), [1]));
        self::assertSame(['at 2x, "harbour" is painted at 160 % of its pixels'], $said(self::slice('top', 0, 0, 200, 80), [1, 2, 0.5]));
        self::assertSame(['at 3x, "harbour" is painted at 240 % of its pixels, and 1 more above 100 %'], $said(self::slice('top', 0, 0, 200, 80), [3]));
        self::assertSame(['at 1x, "inner" is painted at 200 % of its pixels'], $said(self::slice('below', 0, 100, 200, 100), [1]), 'neither what is hidden nor what is a reference');
        self::assertSame(['at 1x, "inner" is painted at 200 % of its pixels'], $said(self::slice('all', 0, 0, 200, 200, new Cut(items: ['g'], only: true)), [1]), 'what is in a group is taken with it');
        self::assertSame([], $said(self::slice('all', 0, 0, 200, 200, new Cut(items: ['pier'], only: true)), [1, 2]));
    }

    public function test_padding_lies_round_the_slice_and_trimming_takes_what_is_painted_in_it(): void
    {
        $outline = ['colour' => '#000000', 'weight' => 4.0];
        $scene = Scene::of(200, 200)->put('a', 20.5, 20, 30, 30, ['outline' => $outline])->put('b', 100, 100, 60, 60)->put('t', 10, 150, 40, 20, ['kind' => 'text', 'text' => ' ']);
        $areas = self::areas($scene);
        $area = static fn (Slice $slice): array => array_values($areas->of($slice)->toArray());
        self::assertSame([-5.0, 5.0, 60.0, 60.0], $area(self::slice('s', 0, 10, 50, 50, new Cut(padding: 5))));
        self::assertSame([18.0, 18.0, 35.0, 34.0], $area(self::slice('s', 0, 0, 90, 90, new Cut(trim: true))), 'with its outline, out to whole px');
        self::assertSame([18.0, 18.0, 12.0, 34.0], $area(self::slice('s', 0, 0, 30, 90, new Cut(trim: true))), 'no further than the slice');
        self::assertSame([18.0, 18.0, 35.0, 34.0], $area(self::slice('s', 20, 20, 31, 30, new Cut(items: ['a'], only: true, trim: true))), 'of its own item all of it');
        self::assertSame([98.0, 98.0, 64.0, 64.0], $area(self::slice('s', 90, 90, 100, 100, new Cut(padding: 2, trim: true))));
        self::assertSame([0.0, 140.0, 60.0, 40.0], $area(self::slice('s', 0, 140, 60, 40, new Cut(trim: true))), 'where nothing is painted, the slice itself');
    }

    public function test_what_is_taken_is_its_items_that_are_still_there(): void
    {
        $scene = Scene::of()->put('g', 0, 0, 0, 0, ['kind' => 'group'])->put('a', 10, 10, 20, 20, ['parent' => 'g'])->put('r', 0, 0, 90, 90, ['reference' => true])->put('h', 0, 0, 90, 90, ['hidden' => true])->fitted();
        $areas = self::areas($scene);
        self::assertNull($areas->taken(self::slice('s', 0, 0, 5, 5, new Cut(items: ['a']))));
        self::assertSame(['g'], $areas->taken(self::slice('s', 0, 0, 5, 5, new Cut(items: ['gone', 'g'], only: true))));
        self::assertFalse($areas->isEmpty(self::slice('s', 0, 0, 50, 50, new Cut(items: ['g'], only: true))), 'what is in a group is taken with it');
        self::assertTrue($areas->isEmpty(self::slice('s', 60, 60, 5, 5)), 'neither references nor what is hidden');
        self::assertTrue($areas->isEmpty(self::slice('s', 0, 0, 50, 50, new Cut(items: ['gone'], only: true))));
        self::assertTrue($areas->isEmpty(self::slice('s', 30, 10, 10, 10)), 'what only touches it is not in it');
    }

    public function test_what_lies_on_the_sheet_is_cut_out_of_its_picture(): void
    {
        $scene = Scene::of(101, 100)->put('a', 0, 0, 90, 90);
        $place = static fn (Slice $slice, string $scale): ?array => self::over($scene, [$slice], ['scales' => [$scale]])->assets[0]->inWhole($scene->sheet);
        self::assertSame([15, 30], $place(self::slice('s', 10, 20, 30, 30), '1.5x'));
        self::assertSame([16, 0], $place(self::slice('s', 10.5, 0, 30, 30), '1.5x'), 'half up, as the whole is');
        self::assertSame([0, 0], $place(self::slice('s', 0, 0, 101, 100), '0.5x'));
        self::assertNull($place(self::slice('s', 90, 0, 30, 30), '1x'), 'past the sheet');
        self::assertNull($place(self::slice('s', 0, 0, 30, 30), '90w'), 'to a width of its own');
        self::assertNull($place(self::slice('s', 0, 0, 30, 30, new Cut(items: ['a'], only: true)), '1x'), 'its items alone');
        self::assertNull($place(self::slice('s', 0, 0, 30, 30, new Cut(padding: 1)), '1x'), 'with padding past the sheet');
    }

    public function test_settings_and_cuts_are_kept_as_they_are_read(): void
    {
        $data = ['scales' => ['1x', '300w'], 'formats' => ['webp', 'svg'], 'background' => '#abcdef', 'quality' => 71, 'png' => 'palette', 'text' => 'font'];
        self::assertSame($data, HandOverSettings::fromArray($data)->toArray());
        $cut = ['items' => ['a', 'b'], 'follow' => false, 'only' => true, 'background' => 'transparent', 'padding' => 2.5, 'trim' => true, 'scales' => ['2x'], 'formats' => ['pdf'], 'quality' => 5];
        self::assertSame($cut, Cut::fromArray($cut)->toArray());
        self::assertSame((new Cut)->toArray(), Cut::fromArray([])->toArray());
        $this->expectExceptionMessage('A background is transparent, sheet, or a colour such as #1a2b3c.');
        Background::read('red');
    }

    private static function slice(string $name, float $x, float $y, float $w, float $h, Cut $cut = new Cut): Slice
    {
        return new Slice("id of $name", 0, $name, new Rect($x, $y, $w, $h), $cut);
    }

    /**
     * @param  list<Slice>  $slices
     * @param  array<string, mixed>  $settings
     */
    private static function over(Scene $scene, array $slices, array $settings, FileNames $names = new FileNames): HandingOver
    {
        return HandingOver::of($scene->sheet, $slices, HandOverSettings::fromArray($settings), self::areas($scene), $names);
    }

    private static function areas(Scene $scene): Areas
    {
        $boxes = $scene->boxes();

        return new Areas(new Tree($scene->items), array_filter(array_map(static fn ($item): ?Rect => $boxes->painted($item->id), $scene->items)));
    }
}
