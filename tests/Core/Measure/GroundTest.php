<?php

declare(strict_types=1);

namespace Tests\Core\Measure;

use AllSquare\Core\Measure\Ground;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\RandomScene;
use Tests\Core\Support\Scene;

/** What something lies on. */
final class GroundTest extends TestCase
{
    /** @param  non-empty-list<string>  $ids */
    private function under(Scene $scene, array $ids): ?string
    {
        $boxes = $scene->boxes();
        $box = array_reduce($ids, static fn ($all, string $id) => $all === null ? $boxes->bounds($id) : $all->union($boxes->bounds($id)));

        return (new Ground($scene->draft()->tree, $boxes))->of($ids, $box)?->id;
    }

    public function test_the_smallest_that_holds_it_and_lies_beneath(): void
    {
        $scene = Scene::of()->put('page', 0, 0, 1000, 700)->put('panel', 50, 50, 400, 300)->put('a', 60, 60, 100, 100)->put('above', 55, 55, 200, 200);
        self::assertSame('panel', $this->under($scene, ['a']));
        self::assertSame('page', $this->under($scene, ['panel']));
        self::assertNull($this->under($scene, ['page']));
        $scene->run('move-by', ['a'], ['dx' => 330, 'dy' => 0]);
        self::assertSame('page', $this->under($scene, ['a']), 'it stands over the edge of the panel');
    }

    public function test_of_two_of_one_size_the_one_in_front(): void
    {
        $scene = Scene::of()->put('lower', 0, 0, 200, 200)->put('upper', 0, 0, 200, 200)->put('a', 10, 10, 20, 20);
        self::assertSame('upper', $this->under($scene, ['a']));
        $scene->run('order', ['upper'], ['to' => 'front']);
        self::assertSame('lower', $this->under($scene, ['a']));
    }

    public function test_hidden_things_carry_nothing_and_locked_ones_do(): void
    {
        $scene = Scene::of()->put('page', 0, 0, 800, 600, ['locked' => true])->put('panel', 0, 0, 300, 300, ['hidden' => true])->put('a', 10, 10, 20, 20);
        self::assertSame('page', $this->under($scene, ['a']));
    }

    public function test_neither_its_own_group_nor_what_is_in_it(): void
    {
        $scene = Scene::of()->put('page', 0, 0, 800, 600)
            ->put('card', 0, 0, 0, 0, ['kind' => 'group'])
            ->put('back', 20, 20, 300, 200, ['parent' => 'card'])->put('icon', 40, 40, 30, 30, ['parent' => 'card'])->fitted();
        self::assertSame('back', $this->under($scene, ['icon']));
        self::assertSame('page', $this->under($scene, ['back']), 'not the card, which is as large');
        self::assertSame('page', $this->under($scene, ['card']), 'not what lies in it');
    }

    public function test_several_lie_on_what_holds_them_all(): void
    {
        $scene = Scene::of()->put('page', 0, 0, 800, 600)->put('left', 0, 0, 300, 300)->put('right', 400, 0, 300, 300)->put('a', 10, 10, 20, 20)->put('b', 50, 10, 20, 20)->put('c', 410, 10, 20, 20);
        self::assertSame('left', $this->under($scene, ['a', 'b']));
        self::assertSame('page', $this->under($scene, ['a', 'c']));
        self::assertSame('right', $this->under($scene, ['c']));
    }

    public function test_what_is_looked_for_alone_is_what_is_found_among_all(): void
    {
        foreach (RandomScene::seeds(60) as $seed) {
            $random = new RandomScene($seed);
            $tree = $random->scene->draft()->tree;
            $boxes = $random->scene->boxes();
            $all = new Ground($tree, $boxes);
            foreach ($random->items() as $item) {
                $box = $boxes->bounds($item->id);
                $alone = (new Ground($tree, $boxes, $box))->of([$item->id], $box);
                self::assertSame($all->of([$item->id], $box)?->id, $alone?->id, "seed $seed, $item->id");
                if ($alone !== null) {
                    self::assertTrue($boxes->bounds($alone->id)->contains($box));
                    self::assertFalse($tree->isWithin($item->id, $alone->id) || $tree->isWithin($alone->id, $item->id));
                }
            }
        }
    }
}
