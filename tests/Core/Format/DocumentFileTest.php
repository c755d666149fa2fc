<?php

declare(strict_types=1);

namespace Tests\Core\Format;

use AllSquare\Core\Format\DocumentContent;
use AllSquare\Core\Format\DocumentFile;
use AllSquare\Core\Format\DocumentReader;
use AllSquare\Core\Format\Editions;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Dimension;
use AllSquare\Core\Sheet\Slice;
use AllSquare\Core\Sheet\Tree;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\CountedIds;
use Tests\Core\Support\Fonts;
use Tests\Core\Support\Scene;

/** Documents as JSON: out, in and out again in the same bytes; older editions brought up to date; nonsense refused. */
final class DocumentFileTest extends TestCase
{
    public function test_out_in_and_out_again_are_the_same_bytes(): void
    {
        $first = DocumentFile::write(self::content(self::scene()));
        $second = DocumentFile::write(self::read($first));
        self::assertSame($first, $second);
        self::assertSame($second, DocumentFile::write(self::read($second)));
    }

    public function test_everything_comes_back_as_it_was(): void
    {
        $scene = self::scene();
        $read = self::read(DocumentFile::write(self::content($scene)))->sheets[0];
        $byName = static fn (iterable $items): array => array_map(static fn (Item $item): array => [$item->frame->toArray(), $item->angle, $item->locked, $item->hidden, $item->reference, $item->fields, $item->origin], self::named($items));
        self::assertEquals($byName($scene->items), $byName($read->items));
        self::assertSame(array_map(static fn (string $id): string => $scene->items[$id]->name, (new Tree($scene->items))->inOrder()), array_map(static fn (string $id): string => array_column($read->items, null, 'id')[$id]->name, (new Tree($read->items))->inOrder()), 'in the same order');
        $items = array_column($read->items, 'name', 'id');
        $dimension = array_values($read->belongings->of(Dimension::class))[0];
        $slice = array_values($read->belongings->of(Slice::class))[0];
        self::assertSame(['a', 'b'], [$items[$dimension->a], $items[$dimension->b]]);
        self::assertSame(['a'], array_map(static fn (string $id): string => $items[$id], $slice->cut->items));
        self::assertTrue($slice->cut->follows);
        self::assertEquals($scene->sheet->with(['id' => '']), $read->sheet->with(['id' => '']));
        self::assertSame([], array_intersect(array_keys($items), array_keys($scene->items)), 'with ids of their own');
    }

    public function test_a_file_of_the_first_edition_is_brought_up_to_date(): void
    {
        $sheet = self::read((string) file_get_contents(__DIR__.'/editions/1.json'))->sheets[0];
        [$pier, $plank, $word] = array_map(static fn (string $name): Item => self::named($sheet->items)[$name], ['Pier', 'Plank', 'Word']);
        self::assertSame([$pier->id, null], [$plank->parent, $word->parent]);
        self::assertSame(4.0, $plank->number('radius'));
        self::assertGreaterThan(20.0, $word->frame->w, 'a text without a size gets that of its words');
        $slice = array_values($sheet->belongings->of(Slice::class))[0];
        self::assertSame(['cut', []], [$slice->name, $slice->cut->items]);
    }

    public function test_a_group_gets_the_frame_of_what_is_in_it(): void
    {
        $file = ['format' => DocumentFile::FORMAT, 'version' => 2, 'name' => 'By hand', 'sheets' => [['name' => 'One', 'width' => 300, 'height' => 200, 'items' => [
            ['kind' => 'group', 'name' => 'Pier', 'frame' => ['x' => 0, 'y' => 0, 'w' => 1, 'h' => 1], 'items' => [['kind' => 'box', 'name' => 'Plank', 'frame' => ['x' => 7, 'y' => 9, 'w' => 50, 'h' => 40]]]],
        ]]]];
        $items = self::named(self::read(json_encode($file, JSON_THROW_ON_ERROR))->sheets[0]->items);
        self::assertSame(['x' => 7.0, 'y' => 9.0, 'w' => 50.0, 'h' => 40.0], $items['Pier']->frame->toArray());
        self::assertSame(['x' => 7.0, 'y' => 9.0], ['x' => $items['Pier']->origin->x, 'y' => $items['Pier']->origin->y]);
    }

    /** @return iterable<string, array{string, string}> */
    public static function nonsense(): iterable
    {
        $document = static fn (array $sheet): string => json_encode(['format' => DocumentFile::FORMAT, 'version' => 2, 'name' => 'N', 'sheets' => [['name' => 'S', 'width' => 10, 'height' => 10, ...$sheet]]], JSON_THROW_ON_ERROR);
        $box = ['kind' => 'box', 'name' => 'b', 'frame' => ['x' => 0, 'y' => 0, 'w' => 1, 'h' => 1]];
        yield 'no JSON' => ['{"format":', 'This is not a document file'];
        yield 'another format' => ['{"format":"other"}', 'This file is not a document'];
        yield 'no version' => ['{"format":"allsquare-document"}', 'does not say which version'];
        yield 'a later one' => ['{"format":"allsquare-document","version":9}', 'written by a later version (9; up to 3 is read here)'];
        yield 'too large a sheet' => [$document(['width' => 40000]), 'A sheet is from 1 to 30,000 px'];
        yield 'two of one id' => [$document(['items' => [['id' => 'x', ...$box], ['id' => 'x', ...$box]]]), 'Two items have the id "x".'];
        yield 'a box that holds something' => [$document(['items' => [[...$box, 'items' => [$box]]]]), '"b" cannot hold items.'];
        yield 'a dimension of nothing' => [$document(['dimensions' => [['a' => 'x', 'b' => 'y', 'axis' => 'x']]]), 'A dimension names an item that is not there.'];
        yield 'a slice that follows nothing' => [$document(['slices' => [['name' => 's', 'x' => 0, 'y' => 0, 'w' => 1, 'h' => 1, 'follow' => true]]]), 'Slice "s" follows'];
        yield 'a slice of nothing' => [$document(['slices' => [['name' => 's', 'x' => 0, 'y' => 0, 'w' => 0, 'h' => 1]]]), 'A slice is wider and higher than 0'];
        yield 'a font there is not' => [$document(['items' => [[...$box, 'kind' => 'text', 'font' => 'nowhere']]]), 'There is no font "nowhere"'];
        $deep = $box;
        for ($i = 0; $i < 30; $i++) {
            $deep = ['kind' => 'group', 'items' => [$deep]] + $box;
        }
        $series = static fn (array $numbers): array => ['kind' => 'group', 'series' => ['kind' => 'block', ...$numbers], 'items' => [$box]] + $box;
        yield 'a series without columns' => [$document(['items' => [$series(['columns' => 0])]]), '"columns" is from 1 to 20,000'];
        yield 'a series of ten million columns' => [$document(['items' => [$series(['columns' => 10_000_000])]]), '"columns" is from 1 to 20,000'];
        yield 'a series beyond every place' => [$document(['items' => [$series(['columns' => 2, 'x' => 2_000_000])]]), '"x" is from -1,000,000'];
        yield 'a series with a list without end' => [$document(['items' => [$series(['columns' => 2, 'list' => array_fill(0, 2_001, 'x')])]]), 'more than 2,000 entries'];
        yield 'a series of a kind there is not' => [$document(['items' => [$series(['kind' => 'spiral'])]]), 'There is no series of the kind "spiral".'];
        yield 'originals aside that cannot be read' => [$document(['items' => [$series(['columns' => 2, 'aside' => [['number' => 1, 'items' => [$box, ['parent' => 7] + $box]]]])]]), 'originals aside that cannot be read'];
        yield 'groups in groups without end' => [$document(['items' => [$deep]]), '24 deep at most'];
    }

    #[DataProvider('nonsense')]
    public function test_nonsense_is_refused_with_the_reason(string $json, string $why): void
    {
        try {
            self::read($json);
            self::fail('it was taken');
        } catch (Refusal $refusal) {
            self::assertStringContainsString($why, $refusal->getMessage());
        }
        self::assertSame(3, Editions::CURRENT);
    }

    public function test_what_a_line_does_not_have_is_not_read(): void
    {
        $file = ['format' => DocumentFile::FORMAT, 'version' => 2, 'name' => 'N', 'sheets' => [['name' => 'S', 'width' => 10, 'height' => 10, 'items' => [
            ['kind' => 'line', 'name' => 'l', 'frame' => ['x' => 0, 'y' => 0, 'w' => 30, 'h' => 12], 'origin' => ['x' => 4, 'y' => 4]],
        ]]]];
        $line = self::read(json_encode($file, JSON_THROW_ON_ERROR))->sheets[0]->items[0];
        self::assertSame([0.0, 0.0, 0.0], [$line->frame->h, $line->origin->x, $line->origin->y]);
    }

    private static function scene(): Scene
    {
        $scene = Scene::of(640.5, 400, ppi: 120)
            ->put('a', 10.125, 20, 30, 40, ['outline' => ['colour' => '#24485a', 'weight' => 1.5], 'angle' => 33.3])
            ->put('b', 100, 20, 30, 40, ['kind' => 'round', 'fill' => null, 'opacity' => 0.4])
            ->put('t', 10, 200, 90, 20, ['kind' => 'text', 'text' => "Quay\nÉté ☂", 'size' => 13.7])
            ->put('l', 10, 300, 90, 0, ['kind' => 'line', 'locked' => true])
            ->put('r', 0, 0, 640, 400, ['reference' => true, 'hidden' => true]);
        $scene->run('group', ['a', 'b'], ['name' => 'Both']);
        $group = self::named($scene->items)['Both']->id;
        $scene->run('turn', [$group], ['angle' => 17]);
        $scene->run('ring', ['t'], ['cx' => 300, 'cy' => 200, 'radius' => 80, 'count' => 5, 'series' => true]);
        $scene->run('add-guide', [], ['axis' => 'x', 'at' => 33.3]);
        $scene->run('lock-guides', [], ['locked' => true]);
        $scene->run('set-sheet', [], ['margins' => ['left' => 12.5, 'top' => 10, 'right' => 0, 'bottom' => 10], 'background' => '#FBF9F3', 'unit_of_spacing' => 8]);
        $scene->run('set-zero', [], ['x' => 12.5]);
        $scene->run('set-grid', [], ['columns' => ['count' => 3, 'gutter' => 7.5], 'module' => 8]);
        $scene->run('keep-grid', [], ['name' => 'Three']);
        $scene->run('add-dimension', [], ['a' => 'a', 'b' => 'b', 'axis' => 'x']);
        $scene->run('add-slice', ['a'], ['follow' => true, 'name' => 'icons/{item}', 'scales' => [1, '300w'], 'padding' => 2.5]);
        $scene->run('add-slice', [], ['name' => 'plain', 'x' => 0.5, 'y' => 0, 'w' => 10, 'h' => 10]);
        $scene->run('keep-preset', [], ['name' => 'Shop', 'scales' => [1.5], 'background' => '#ABCDEF']);

        return $scene;
    }

    private static function content(Scene $scene): DocumentContent
    {
        return new DocumentContent('Trial', [$scene->draft()->content()], [...array_values($scene->grids), ...array_values($scene->presets)]);
    }

    private static function read(string $json): DocumentContent
    {
        return (new DocumentReader(Fonts::library(), new CountedIds('read')))->read(DocumentFile::decode($json));
    }

    /**
     * @param  iterable<Item>  $items
     * @return array<string, Item> by name; of several the last
     */
    private static function named(iterable $items): array
    {
        $named = [];
        foreach ($items as $item) {
            $named[$item->name] = $item;
        }

        return $named;
    }
}
