<?php

declare(strict_types=1);

namespace Tests\Core\Command;

use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Traits\HasWords;
use AllSquare\Core\Kit\Kits;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\OwnKit;
use AllSquare\Core\Sheet\TypeStyle;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Support\RandomScene;
use Tests\Core\Support\Scene;

/** Kits put on the sheet, kept from it and deleted. */
final class KitCommandsTest extends TestCase
{
    /** @return list<Item> what lies in a group, from below */
    private static function parts(Scene $scene, string $group): array
    {
        $parts = array_values(array_filter($scene->items, static fn (Item $item): bool => $item->parent === $group));
        usort($parts, static fn (Item $a, Item $b): int => $a->rank <=> $b->rank);

        return $parts;
    }

    /** @return iterable<string, array{string}> */
    public static function shipped(): iterable
    {
        foreach (array_keys(Kits::all()) as $name) {
            yield $name => [$name];
        }
    }

    #[DataProvider('shipped')]
    public function test_every_kit_stands_in_the_middle_as_one_group_on_the_unit_of_spacing(string $kit): void
    {
        $scene = Scene::of(1000, 800)->put('there', 0, 0, 50, 50);
        $scene->run('set-sheet', [], ['unit_of_spacing' => 10]);
        $done = $scene->run('add-kit', [], ['kit' => $kit]);
        $group = $done->report->selection[0];
        self::assertCount(1, $done->report->selection);
        self::assertSame([null, Kits::named($kit)['title']], [$scene->items[$group]->parent, $scene->items[$group]->name]);
        self::assertGreaterThan($scene->items['there']->rank, $scene->items[$group]->rank, 'in front');
        $box = $scene->bounds($group);
        self::assertEqualsWithDelta(400.0, $box->centre()->y, 0.5);
        self::assertTrue(abs($box->centre()->x - 500.0) <= 0.5 || $box->x === 0.0, 'in the middle, or as wide as the sheet');
        self::assertEqualsWithDelta(Rect::unionOf(array_map(fn (Item $part): Rect => $scene->bounds($part->id), self::parts($scene, $group)))?->toArray() ?? [], $box->toArray(), 0.001);
        foreach (self::parts($scene, $group) as $part) {
            foreach (array_filter(self::parts($scene, $group), static fn (Item $other): bool => $part->kind instanceof HasWords && ! $other->kind instanceof HasWords && $other->frame->w > 0.0 && $other->frame->h > 0.0 && $other->frame->contains($part->frame)) as $ground) {
                self::assertGreaterThan($ground->rank, $part->rank, "\"$part->name\" before \"$ground->name\"");
            }
        }
        $grounds = array_filter(self::parts($scene, $group), static fn (Item $part): bool => ! $part->kind instanceof HasWords && $part->frame->w >= 20.0 && $part->frame->h >= 20.0);
        foreach ($grounds as $part) {
            self::assertEqualsWithDelta(0.0, fmod($part->frame->w + 0.001, 10.0), 0.002, "$kit: \"$part->name\" is {$part->frame->w} wide");
        }
    }

    public function test_a_kit_is_put_about_a_point(): void
    {
        $scene = Scene::of(1000, 800);
        $group = $scene->run('add-kit', [], ['kit' => array_key_first(Kits::all()), 'x' => 300, 'y' => 200])->report->selection[0];
        self::assertEqualsWithDelta([300.0, 200.0], [$scene->bounds($group)->centre()->x, $scene->bounds($group)->centre()->y], 0.5);
    }

    public function test_words_of_a_kit_are_of_the_styles_of_the_document_and_follow_them(): void
    {
        $scene = Scene::of(1000, 800)->put('title', 0, 0, 300, 40, ['kind' => 'text', 'text' => 'Sailings', 'size' => 22, 'weight' => 700]);
        $style = $scene->run('keep-style', ['title'], ['name' => 'Title'])->report->details['style'];
        $scene->run('add-kit', [], ['kit' => 'card']);
        $of = array_filter($scene->items, static fn (Item $item): bool => $item->id !== 'title' && ($item->fields['style'] ?? null) === $style);
        self::assertNotSame([], $of);
        $scene->run('set-style', [], ['style' => $style, 'styles' => ['weight' => 500]]);
        self::assertSame([500], array_values(array_unique(array_map(fn (string $id): mixed => $scene->items[$id]->fields['weight'], array_map(strval(...), array_keys($of))))));
    }

    public function test_what_is_kept_comes_back_as_it_was(): void
    {
        $tried = 0;
        foreach (RandomScene::seeds(4) as $seed) {
            $chance = new Randomizer(new Mt19937($seed));
            for ($i = 0; $i < 25; $i++) {
                $scene = self::byChance($chance);
                $root = $scene->run('group', ['a', 'b', 'c'], ['name' => 'Stop'])->report->selection[0];
                $kit = $scene->run('keep-kit', [$root], ['name' => 'Stop'])->report->details['kit'];
                $was = $scene->items;
                $again = $scene->run('add-kit', [], ['kit' => $kit, 'x' => 640, 'y' => 400])->report->selection[0];
                self::assertCount(count($was) + 4, $scene->items, "seed $seed");
                self::assertEqualsWithDelta([$scene->bounds($root)->w, $scene->bounds($root)->h], [$scene->bounds($again)->w, $scene->bounds($again)->h], 0.0015, "seed $seed");
                foreach (array_map(null, self::parts($scene, $root), self::parts($scene, $again)) as [$one, $other]) {
                    self::assertEquals([$one->kind, $one->name, $one->fields, $one->angle, $one->flip, $one->frame], [$other->kind, $other->name, $other->fields, $other->angle, $other->flip, $other->frame], "seed $seed");
                    self::assertSame($scene->svg($one->id), $scene->svg($other->id), "seed $seed");
                }
                $tried++;
            }
        }
        self::assertGreaterThanOrEqual(25, $tried);
    }

    /** A box, a round and a text, anywhere, turned and mirrored. */
    private static function byChance(Randomizer $chance): Scene
    {
        $scene = Scene::of();
        foreach (['a' => 'box', 'b' => 'round', 'c' => 'text'] as $id => $kind) {
            $scene->put($id, $chance->getInt(-200, 1000), $chance->getInt(-200, 700), $chance->getInt(10, 300), $chance->getInt(10, 300), ['kind' => $kind, 'angle' => $chance->getInt(-4, 4) * 22.5, 'opacity' => $chance->getInt(1, 10) / 10, ...$kind === 'text' ? ['text' => 'Pier 4', 'grow' => 'none'] : []]);
            if ($chance->getInt(0, 2) === 0) {
                $scene->run('mirror', [$id], ['axis' => 'x']);
            }
        }

        return $scene;
    }

    public function test_several_things_are_kept_as_one_group_and_stay_apart_on_the_sheet(): void
    {
        $scene = Scene::of()->put('a', 10, 10, 30, 30)->put('b', 50, 10, 30, 30)->put('c', 90, 10, 30, 30);
        $was = $scene->items;
        self::assertSame('Kept 2 boxes as the kit "Pair"', $scene->run('keep-kit', ['a', 'c'], ['name' => 'Pair'])->report->summary);
        self::assertEquals($was, $scene->items);
        $group = $scene->run('add-kit', [], ['kit' => array_key_first($scene->kits)])->report->selection[0];
        self::assertSame([['a', 'c'], 110.0], [array_map(static fn (Item $part): string => $part->name, self::parts($scene, $group)), $scene->bounds($group)->w]);
    }

    public function test_a_part_of_a_turned_group_is_kept_as_it_is_seen(): void
    {
        $scene = Scene::of()->put('g', 100, 100, 0, 0, ['kind' => 'group', 'angle' => 90])->put('a', 0, 0, 40, 20, ['parent' => 'g'])->put('b', 60, 0, 40, 20, ['parent' => 'g'])->fitted();
        $scene->run('keep-kit', ['a']);
        $copy = $scene->run('add-kit', [], ['kit' => array_key_first($scene->kits)])->report->selection[0];
        self::assertSame(['a', null, 90.0], [$scene->items[$copy]->name, $scene->items[$copy]->parent, $scene->items[$copy]->angle]);
        self::assertEqualsWithDelta([20.0, 40.0], [$scene->bounds($copy)->w, $scene->bounds($copy)->h], 0.001);
    }

    public function test_a_kit_of_the_same_name_takes_its_place_and_one_that_is_deleted_leaves_what_was_made(): void
    {
        $scene = Scene::of()->put('a', 0, 0, 30, 30)->put('b', 50, 0, 60, 60);
        $scene->run('keep-kit', ['a'], ['name' => 'Badge']);
        $made = $scene->run('add-kit', [], ['kit' => array_key_first($scene->kits)])->report->selection[0];
        $said = $scene->run('keep-kit', ['b'], ['name' => 'badge'])->report->summary;
        self::assertSame('Kept "b" as the kit "badge", in the place of the one of that name', $said);
        self::assertSame(['badge'], array_values(array_map(static fn (OwnKit $kit): string => $kit->name, $scene->kits)));
        self::assertSame([30.0, 60.0], [$scene->bounds($made)->w, $scene->bounds($scene->run('add-kit', [], ['kit' => array_key_first($scene->kits)])->report->selection[0])->w]);
        $count = count($scene->items);
        $scene->run('delete-kit', [], ['kit' => array_key_first($scene->kits)]);
        self::assertSame([[], $count], [$scene->kits, count($scene->items)]);
    }

    public function test_a_kit_of_a_deleted_style_is_made_without_it(): void
    {
        $scene = Scene::of()->put('t', 0, 0, 100, 30, ['kind' => 'text', 'text' => 'Pier', 'size' => 20]);
        $style = $scene->run('keep-style', ['t'], ['name' => 'Stop'])->report->details['style'];
        self::assertInstanceOf(TypeStyle::class, $scene->styles[$style]);
        $scene->run('keep-kit', ['t'], ['name' => 'Stop']);
        $scene->run('delete-style', [], ['style' => $style]);
        $made = $scene->run('add-kit', [], ['kit' => array_key_first($scene->kits)])->report->selection[0];
        self::assertSame(20.0, $scene->items[$made]->number('size'));
    }

    public function test_what_cannot_be_done_is_refused_and_changes_nothing(): void
    {
        $scene = Scene::of()->put('a', 0, 0, 30, 30);
        for ($i = 1; $i <= 200; $i++) {
            $scene->kits["k$i"] = new OwnKit("k$i", "Kit $i", []);
        }
        $was = [$scene->items, $scene->kits];
        foreach ([
            ['add-kit', [], ['kit' => 'nothing'], 'nothing'],
            ['keep-kit', ['a'], ['name' => 'One more'], 'A document keeps 200 kits of its own at most.'],
            ['keep-kit', ['a'], ['name' => ' '], 'name'],
            ['delete-kit', [], ['kit' => 'card'], 'kit'],
        ] as [$command, $ids, $params, $reason]) {
            try {
                $scene->run($command, $ids, $params);
                self::fail("$command was done.");
            } catch (Refusal $refusal) {
                self::assertStringContainsString($reason, $refusal->getMessage());
            }
            self::assertEquals($was, [$scene->items, $scene->kits], $command);
        }
        $scene->run('keep-kit', ['a'], ['name' => 'Kit 7']);
        self::assertCount(200, $scene->kits, 'in the place of another there is room');
    }
}
