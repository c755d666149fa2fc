<?php

declare(strict_types=1);

namespace Tests\Core\Command;

use AllSquare\Core\Geometry\Flip;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Item\Field\PathField;
use AllSquare\Core\Path\PathData;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Tree;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Support\Scene;

/** Points of paths are moved, aligned and spaced as items are (RULES 15). */
final class PointsTest extends TestCase
{
    /** @param  array<string, mixed>  $more */
    private static function road(string $data = 'M0 0L100 20L180 90', array $more = []): Scene
    {
        $scene = Scene::of()->put('road', 50, 60, 10, 10, ['kind' => 'path', 'name' => 'Road', 'subpaths' => $data, ...$more]);
        $item = $scene->items['road'];
        $scene->items['road'] = $item->fitted(true, $scene->draft()->fonts);

        return $scene;
    }

    /** @return list<Point> of the first run, px of the sheet */
    private static function points(Scene $scene, string $id = 'road', int $run = 0): array
    {
        $item = $scene->items[$id];
        $toSheet = (new Tree($scene->items))->toSheet($item->parent)->after($item->paintedToParent());

        return array_map(static fn ($point): Point => $toSheet->apply($point->at), PathField::of($item->fields['subpaths'])->subpaths[$run]->points);
    }

    /** @return list<array{float, float}> */
    private static function places(Scene $scene, string $id = 'road', int $run = 0): array
    {
        return array_map(static fn (Point $p): array => [round($p->x, 3), round($p->y, 3)], self::points($scene, $id, $run));
    }

    public function test_its_frame_is_its_true_extent_and_sizing_scales_its_points(): void
    {
        $scene = self::road('M10 20C10 -20 90 -20 90 20L50 70Z');
        self::assertEqualsWithDelta(['x' => 60.0, 'y' => 50.0, 'w' => 80.0, 'h' => 80.0], $scene->items['road']->frame->toArray(), 0.001);
        $scene->run('place', ['road'], ['w' => 160, 'h' => 40]);
        self::assertEqualsWithDelta(['x' => 60.0, 'y' => 50.0, 'w' => 160.0, 'h' => 40.0], $scene->items['road']->frame->toArray(), 0.001);
        self::assertSame([[60.0, 65.0], [220.0, 65.0], [140.0, 90.0]], self::places($scene));
    }

    public function test_moving_a_point_leaves_the_others_where_they_are(): void
    {
        $scene = self::road();
        $done = $scene->run('arrange-points', [], ['points' => ['road:0:0'], 'command' => 'move-by', 'params' => ['dx' => -30, 'dy' => 45]]);
        self::assertSame([[20.0, 105.0], [150.0, 80.0], [230.0, 150.0]], self::places($scene));
        self::assertEquals(['x' => 20.0, 'y' => 80.0, 'w' => 210.0, 'h' => 70.0], $scene->items['road']->frame->toArray());
        self::assertSame('"Road": moved "point 1" 30 px left and 45 px down', $done->report->summary);
    }

    public function test_points_are_aligned_spaced_and_placed(): void
    {
        $scene = self::road('M0 0L30 7L90 3L100 20');
        $all = ['road:0:0', 'road:0:1', 'road:0:2', 'road:0:3'];
        $scene->run('arrange-points', [], ['points' => array_slice($all, 0, 3), 'command' => 'align', 'params' => ['edge' => 'top', 'to' => 'selection']]);
        self::assertSame([[50.0, 60.0], [80.0, 60.0], [140.0, 60.0], [150.0, 80.0]], self::places($scene));
        $scene->run('arrange-points', [], ['points' => $all, 'command' => 'distribute', 'params' => ['axis' => 'x', 'mode' => 'gaps']]);
        self::assertSame([50.0, 83.0, 117.0, 150.0], array_column(self::places($scene), 0));
        $scene->run('arrange-points', [], ['points' => ['road:0:3'], 'command' => 'place', 'params' => ['x' => 200, 'y' => 90]]);
        self::assertSame([200.0, 90.0], self::places($scene)[3]);
    }

    /** Whatever the path's own axes are, its points go where they are sent, and nowhere else. */
    public function test_points_of_turned_and_mirrored_paths_in_turned_groups(): void
    {
        $chance = new Randomizer(new Mt19937(21));
        $moved = 0;
        for ($i = 0; $i < 200; $i++) {
            $scene = Scene::of();
            $scene->sheet = $scene->sheet->with(['wholePixels' => false]);
            $scene->put('g', 0, 0, 0, 0, ['kind' => 'group', 'angle' => $chance->getInt(-180, 180)])
                ->put('road', 40, 30, 10, 10, ['kind' => 'path', 'parent' => 'g', 'angle' => $chance->getInt(-180, 180), 'flip' => Flip::cases()[$chance->getInt(0, 3)], 'subpaths' => 'M0 0C20 -30 60 10 100 20L180 90L-20 60Z']);
            $scene->items['road'] = $scene->items['road']->fitted(false, $scene->draft()->fonts);
            $scene->fitted();
            $before = self::points($scene);
            [$point, $dx, $dy] = [$chance->getInt(0, 2), $chance->getInt(-50, 50), $chance->getInt(-50, 50)];
            $scene->run('arrange-points', [], ['points' => ["road:0:$point"], 'command' => 'move-by', 'params' => ['dx' => $dx, 'dy' => $dy]]);
            foreach (self::points($scene) as $k => $is) {
                self::assertEqualsWithDelta($before[$k]->x + ($k === $point ? $dx : 0), $is->x, 0.0021, "path $i, point $k");
                self::assertEqualsWithDelta($before[$k]->y + ($k === $point ? $dy : 0), $is->y, 0.0021, "path $i, point $k");
                $moved++;
            }
        }
        self::assertSame(800, $moved);
    }

    public function test_a_smooth_control_point_turns_its_opposite(): void
    {
        $scene = self::road('M0 0L10 0');
        $scene->items['road'] = $scene->items['road']->withFields(['subpaths' => PathData::read('M0 50C20 50 30 20 50 20C70 20 80 50 100 50')]);
        $scene->items['road'] = $scene->items['road']->fitted(true, $scene->draft()->fonts);
        $scene->run('smooth-points', [], ['points' => ['road:0:1']]);
        $scene->run('arrange-points', [], ['points' => ['road:0:1:out'], 'command' => 'move-by', 'params' => ['dx' => 0, 'dy' => 10]]);
        $point = PathField::of($scene->items['road']->fields['subpaths'])->subpaths[0]->points[1];
        [$in, $out] = [$point->at->minus($point->in ?? $point->at), ($point->out ?? $point->at)->minus($point->at)];
        self::assertEqualsWithDelta(0.0, $in->x * $out->y - $in->y * $out->x, 0.01, 'on one line');
        self::assertGreaterThan(0, $in->y);
    }

    public function test_points_are_added_deleted_opened_and_joined(): void
    {
        $scene = self::road('M0 0L100 0L100 80L0 80Z');
        $added = $scene->run('add-point', [], ['part' => 'road:0:0', 'at' => 0.25]);
        self::assertSame(['road:0:1'], $added->report->details['points']);
        self::assertSame([75.0, 60.0], self::places($scene)[1]);
        $scene->run('open-path', [], ['point' => 'road:0:1']);
        self::assertSame([[75.0, 60.0], [150.0, 60.0], [150.0, 140.0], [50.0, 140.0], [50.0, 60.0], [75.0, 60.0]], self::places($scene));
        $scene->run('delete-points', [], ['points' => ['road:0:0', 'road:0:5']]);
        self::assertCount(4, self::points($scene));
        $scene->run('join-ends', [], ['points' => ['road:0:0', 'road:0:3']]);
        self::assertTrue(PathField::of($scene->items['road']->fields['subpaths'])->subpaths[0]->closed);
        $scene->run('delete-points', [], ['points' => ['road:0:0', 'road:0:1', 'road:0:2', 'road:0:3']]);
        self::assertArrayNotHasKey('road', $scene->items, 'nothing is left of a path without points');
    }

    public function test_ends_of_two_paths_are_joined(): void
    {
        $scene = self::road('M0 0L100 0')->put('lane', 300, 200, 1, 1, ['kind' => 'path', 'subpaths' => 'M0 0L0 50', 'angle' => 0]);
        $scene->items['lane'] = $scene->items['lane']->fitted(true, $scene->draft()->fonts);
        $scene->run('join-ends', [], ['points' => ['road:0:1', 'lane:0:1']]);
        self::assertSame([[50.0, 60.0], [150.0, 60.0], [300.0, 250.0], [300.0, 200.0]], self::places($scene));
        self::assertArrayNotHasKey('lane', $scene->items);
    }

    public function test_parts_are_made_level_upright_parallel_and_as_long_as_is_typed(): void
    {
        $scene = self::road('M0 0L100 20L180 90');
        $scene->run('set-part', [], ['parts' => ['road:0:0'], 'to' => 'level']);
        self::assertSame([[50.0, 60.0], [150.0, 60.0], [230.0, 150.0]], self::places($scene));
        $scene->run('set-part', [], ['parts' => ['road:0:1'], 'to' => 'upright', 'length' => 40]);
        self::assertSame([150.0, 100.0], self::places($scene)[2]);
        $scene->run('set-part', [], ['parts' => ['road:0:1'], 'angle' => 30, 'length' => 60]);
        self::assertSame([201.962, 90.0], self::places($scene)[2]);
        $scene->run('set-part', [], ['parts' => ['road:0:0'], 'parallel' => 'road:0:1', 'held' => 'end']);
        self::assertSame([63.397, 10.0], self::places($scene)[0]);
    }

    public function test_a_part_is_bent_out_of_the_way(): void
    {
        $scene = self::road('M0 0L200 0');
        $scene->run('bend-part', [], ['part' => 'road:0:0', 'from' => 40, 'to' => 90, 'by' => -25]);
        self::assertSame([[50.0, 60.0], [90.0, 60.0], [90.0, 35.0], [140.0, 35.0], [140.0, 60.0], [250.0, 60.0]], self::places($scene));
    }

    /** @return array<string, array{string, array<string, mixed>, string}> */
    public static function offences(): array
    {
        return [
            'no such point' => ['arrange-points', ['points' => ['road:0:9'], 'command' => 'move-by', 'params' => ['dx' => 1]], 'no such point'],
            'no such run' => ['delete-points', ['points' => ['road:4:0']], 'no such points'],
            'a box has no points' => ['smooth-points', ['points' => ['card:0:0']], 'Turn it into a path first'],
            'copies' => ['arrange-points', ['points' => ['road:0:0'], 'command' => 'set', 'params' => ['fill' => '#123456']], 'Points take:'],
            'no end' => ['join-ends', ['points' => ['road:0:1', 'road:0:2']], 'only the ends'],
            'twice the same' => ['join-ends', ['points' => ['road:0:2', 'road:0:2']], 'Choose two ends'],
            'nothing said' => ['set-part', ['parts' => ['road:0:0']], 'how long'],
            'a part that is not there' => ['set-part', ['parts' => ['road:0:2'], 'angle' => 3], 'no such part'],
            'beyond the part' => ['bend-part', ['part' => 'road:0:0', 'from' => 40, 'to' => 900, 'by' => 5], 'From and to lie on the part'],
            'opened at its end' => ['open-path', ['point' => 'road:0:0'], 'ends there already'],
        ];
    }

    /** @param  array<string, mixed>  $params */
    #[DataProvider('offences')]
    public function test_what_cannot_be_done_is_said(string $command, array $params, string $why): void
    {
        $scene = self::road()->put('card', 0, 0, 10, 10);
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage($why);
        $scene->run($command, [], $params);
    }

    public function test_a_path_has_no_more_points_than_can_be_handled(): void
    {
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage('A path has 10,000 points at most; this has 50,000.');
        Scene::of()->run('add-item', [], ['kind' => 'path', 'x' => 0, 'y' => 0, 'subpaths' => 'M0 0'.str_repeat('h1', 49_999)]);
    }
}
