<?php

declare(strict_types=1);

namespace Tests\Core\Command;

use AllSquare\Core\Item\Field\PathField;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Look\Look;
use AllSquare\Core\Item\Look\Paint;
use AllSquare\Core\Refusal;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use RuntimeException;
use Tests\Core\Support\Areas;
use Tests\Core\Support\Scene;

/** Combined shapes with what is in them (RULES 15). */
final class CombineTest extends TestCase
{
    /** @return list<Item> */
    private static function all(Scene $scene): array
    {
        $items = $scene->items;
        ksort($items);

        return array_values($items);
    }

    public function test_the_anchor_gives_name_look_and_turn(): void
    {
        $scene = Scene::of()->put('bar', 100, 100, 300, 60, ['name' => 'Bar', 'angle' => -10, 'fill' => '#17614f'])->put('notch', 360, 60, 60, 60, ['name' => 'Notch', 'kind' => 'polygon', 'fill' => '#a83a24']);
        $done = $scene->run('combine', ['notch', 'bar'], ['how' => 'cut']);
        $made = $scene->items[$done->report->selection[0]];
        self::assertSame(['Bar', -10.0, '#17614f', 'Cut "Notch" from "Bar"'], [$made->name, $made->angle, Look::fill($made)?->stored(), $done->report->summary]);
        $scene->run('set', [$made->id], ['angle' => 0]);
        $edges = PathField::of($scene->items[$made->id]->fields['outcome'])->subpaths[0]->parts();
        self::assertContains(0.0, array_map(static fn ($part): float => round($part->to->y - $part->from->y, 3), $edges), 'turned back, its edges are level');
    }

    public function test_released_they_are_the_same_bytes_as_before(): void
    {
        $chance = new Randomizer(new Mt19937(8));
        $released = 0;
        for ($i = 0; $i < 120; $i++) {
            $scene = Scene::of();
            $between = $chance->getInt(0, 1) === 1;
            foreach (['a', 'x', 'b', 'c'] as $id) {
                if ($id !== 'x' || $between) {
                    $scene->put($id, $chance->getInt(0, 400_000) / 1000, $chance->getInt(0, 300_000) / 1000, $chance->getInt(200, 400), $chance->getInt(200, 300), ['kind' => ['box', 'round', 'polygon'][$chance->getInt(0, 2)], 'angle' => $chance->getInt(0, 1) === 1 ? $chance->getInt(-180_000, 180_000) / 1000 : 0]);
                }
            }
            $before = serialize(self::all($scene));
            $made = $scene->run('combine', ['c', 'a', 'b'], ['how' => 'join', 'anchor' => ['a', 'b', 'c'][$chance->getInt(0, 2)]])->report->selection;
            $scene->run('release', $made);
            self::assertSame($before, serialize(self::all($scene)), "sheet $i");
            $released++;
        }
        self::assertSame(120, $released);
    }

    /** Two boxes side by side, joined, are filled as one box of their size is. */
    public function test_gradients_and_patterns_lie_in_its_frame_wherever_it_stands(): void
    {
        $stops = [['at' => 0, 'colour' => '#24485a'], ['at' => 1, 'colour' => '#fffefb']];
        foreach ([['gradient' => 'linear', 'angle' => 30, 'stops' => $stops], ['gradient' => 'radial', 'stops' => $stops], ['pattern' => 'stripes', 'pitch' => 12, 'angle' => 45, 'colour' => '#24485a']] as $fill) {
            $scene = Scene::of()->put('a', 340, 420, 100, 80, ['fill' => $fill])->put('b', 440, 420, 100, 80);
            $made = $scene->run('combine', ['a', 'b'], ['how' => 'join', 'anchor' => 'a'])->report->selection[0];
            $scene->put('whole', 340, 420, 200, 80, ['fill' => $fill]);
            $paint = fn (string $id): Paint => Look::fill($scene->items[$id])?->paint($scene->items[$id]->frame->w, $scene->items[$id]->frame->h) ?? throw new RuntimeException('no fill');
            $there = $paint('whole')->from(340, 420);
            $painted = json_encode($scene->painting((string) $made)->toArray(), JSON_THROW_ON_ERROR);
            foreach ([...$there->defs, ...$there->marks] as $element) {
                $written = json_encode($element->toArray(), JSON_THROW_ON_ERROR);
                self::assertStringContainsString($written, $painted);
                self::assertStringContainsString('translate(340 420)', $written);
            }
        }
    }

    public function test_it_follows_what_is_in_it_and_what_is_chosen_for_it(): void
    {
        $scene = Scene::of()->put('a', 0, 0, 100, 100)->put('b', 50, 50, 100, 100);
        $made = $scene->run('combine', ['a', 'b'], ['how' => 'join'])->report->selection[0];
        $area = static fn (): float => Areas::ofPath(PathField::of($scene->items[$made]->fields['outcome']));
        self::assertEqualsWithDelta(17_500, $area(), 0.01);
        $scene->run('set', [$made], ['how' => 'overlap']);
        self::assertEqualsWithDelta(2_500, $area(), 0.01);
        self::assertEquals(['x' => 50.0, 'y' => 50.0, 'w' => 50.0, 'h' => 50.0], $scene->items[$made]->frame->toArray());
        $scene->run('move-by', ['b'], ['dx' => -20]);
        self::assertEqualsWithDelta(3_500, $area(), 0.01);
        $scene->run('place', [$made], ['w' => 140, 'h' => 100]);
        self::assertEqualsWithDelta(14_000, $area(), 0.5);
        $scene->run('move-by', [$made], ['dx' => 33]);
        self::assertEqualsWithDelta(14_000, $area(), 0.5);
        $scene->run('delete', ['b']);
        self::assertArrayHasKey($made, $scene->items);
        $scene->run('delete', ['a']);
        self::assertArrayNotHasKey($made, $scene->items, 'nothing is left of it');
    }

    public function test_what_is_in_it_is_neither_seen_nor_measured_by_itself(): void
    {
        $scene = Scene::of()->put('a', 0, 0, 100, 100)->put('b', 200, 0, 100, 100)->put('c', 20, 20, 30, 30);
        $scene->run('combine', ['a', 'b', 'c'], ['how' => 'cut']);
        self::assertTrue($scene->draft()->tree->isHidden('b'));
        self::assertNull($scene->boxes()->shown('a') === null ? null : ($scene->draft()->tree->isHidden('a') ? null : true));
    }

    public function test_texts_are_shapes_by_their_letters_and_become_paths(): void
    {
        $scene = Scene::of()->put('a', 0, 0, 200, 100)->put('t', 20, 20, 160, 60, ['kind' => 'text', 'text' => 'Quay', 'size' => 60.0]);
        $ink = $scene->boxes()->ink('t');
        $made = $scene->run('combine', ['a', 't'], ['how' => 'cut'])->report->selection[0];
        self::assertGreaterThan(5, count(PathField::of($scene->items[$made]->fields['outcome'])->subpaths));
        $scene->run('release', [$made]);
        $scene->run('to-path', ['t']);
        self::assertSame('path', $scene->items['t']->kind->name());
        self::assertEqualsWithDelta($ink->toArray(), $scene->boxes()->ink('t')->toArray(), 0.01);
    }

    public function test_every_kind_turned_into_a_path_has_the_same_ink(): void
    {
        $tried = 0;
        foreach (['box' => ['radii' => [10, 0, 30, 5]], 'round' => [], 'polygon' => ['star' => 0.5, 'radius' => 4], 'arc' => ['sweep' => 200, 'hole' => 0.4], 'arrow' => [], 'line' => ['outline' => ['colour' => '#000000', 'weight' => 3]]] as $kind => $more) {
            $scene = Scene::of()->put('a', 100, 80, 120, $kind === 'line' ? 0 : 90, ['kind' => $kind, 'angle' => 33, ...$more]);
            $ink = $scene->boxes()->ink('a');
            $scene->run('to-path', ['a']);
            self::assertEqualsWithDelta($ink->toArray(), $scene->boxes()->ink('a')->toArray(), 0.02, $kind);
            $tried++;
        }
        self::assertSame(6, $tried);
    }

    /** @return array<string, array{list<string>, array<string, mixed>, string}> */
    public static function offences(): array
    {
        return [
            'one' => [['a'], ['how' => 'join'], 'Select two shapes at least'],
            'an open path' => [['a', 'open'], ['how' => 'join'], '"open" is open. Close it first: only closed shapes can be combined.'],
            'a line' => [['a', 'line'], ['how' => 'join'], 'has no inside'],
            'a text that says nothing' => [['a', 'text'], ['how' => 'join'], 'says nothing'],
            'a group' => [['a', 'group'], ['how' => 'join'], 'is a group, which has no inside'],
            'another anchor' => [['a', 'b'], ['how' => 'join', 'anchor' => 'line'], 'one of the shapes'],
            'what does not overlap' => [['a', 'b'], ['how' => 'overlap'], 'They do not overlap'],
            'cut away whole' => [['a', 'same'], ['how' => 'cut'], 'Nothing would be left'],
        ];
    }

    /**
     * @param  list<string>  $ids
     * @param  array<string, mixed>  $params
     */
    #[DataProvider('offences')]
    public function test_what_cannot_be_combined_is_said(array $ids, array $params, string $why): void
    {
        $scene = Scene::of()->put('a', 0, 0, 50, 50)->put('b', 100, 0, 50, 50)->put('same', 0, 0, 50, 50)->put('line', 0, 0, 40, 0, ['kind' => 'line'])
            ->put('text', 0, 0, 40, 20, ['kind' => 'text', 'text' => '  '])->put('open', 0, 0, 40, 40, ['kind' => 'path', 'subpaths' => 'M0 0H40V40'])
            ->put('group', 0, 0, 0, 0, ['kind' => 'group'])->put('in', 300, 0, 9, 9, ['parent' => 'group'])->fitted();
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage($why);
        $scene->run('combine', $ids, $params);
    }
}
