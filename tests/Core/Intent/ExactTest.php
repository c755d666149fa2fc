<?php

declare(strict_types=1);

namespace Tests\Core\Intent;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Geometry\Unit;
use AllSquare\Core\Intent\Intent;
use AllSquare\Core\Intent\Things;
use AllSquare\Core\Intent\Wish;
use AllSquare\Core\Sheet\Margins;
use AllSquare\Core\Sheet\Sheet;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Scene;

/** On a sheet that was put down by eye, what was placed exactly stays. */
final class ExactTest extends TestCase
{
    /** Nine tiles, each up to 3 px off, of 160 x 100 with gaps of 24 from (80, 120). */
    private function tiles(): Scene
    {
        $scene = Scene::of(1280, 800);
        foreach ([[2, -1], [-2, 3], [0, 1], [3, -2], [-1, 0], [1, 2], [-3, 1], [2, -3], [0, 2]] as $i => [$dx, $dy]) {
            $scene->put("t$i", 80 + 184 * ($i % 3) + $dx, 120 + 124 * intdiv($i, 3) + $dy, 160, 100);
        }

        return $scene;
    }

    /** @return array<string, Rect> where everything was meant to be, by id */
    private function meant(Scene $scene): array
    {
        $level = (new Intent($scene->sheet, Scores::plan($scene), $scene->guides, Wish::of($scene->sheet)))->ofSheet()[0];

        return array_combine(array_column($level->placed, 'id'), $level->boxes);
    }

    public function test_what_lies_on_the_edges_of_the_sheet_stays_on_them(): void
    {
        $meant = $this->meant($this->tiles()->put('foot', 0, 752, 1280, 48)->put('bar', 1180, 0, 100, 64));
        self::assertEquals(new Rect(0, 752, 1280, 48), $meant['foot']);
        self::assertEquals(new Rect(1180, 0, 100, 64), $meant['bar']);
        self::assertSame([80.0, 120.0], [$meant['t1']->x - 184, $meant['t3']->y - 124]);
    }

    public function test_the_foot_of_a_sheet_stays_whatever_the_gaps_above_it_are(): void
    {
        // 26 px below the tiles, whose gaps are 24 or so.
        $scene = $this->tiles()->put('foot', 0, 494, 1280, 48);
        $scene->sheet = Sheet::create('s', 'Sheet', 1280, 542, Unit::Px, 96);
        self::assertEquals(new Rect(0, 494, 1280, 48), $this->meant($scene)['foot']);
    }

    public function test_what_lies_on_a_margin_or_a_guide_holds_its_line_there(): void
    {
        $scene = $this->tiles();
        $scene->sheet = $scene->sheet->with(['margins' => new Margins(82, 0, 0, 0)]);
        $meant = $this->meant($scene);
        // The first tile stands on the margin at 82, and its column with it.
        self::assertSame([82.0, 82.0, 82.0], [$meant['t0']->x, $meant['t3']->x, $meant['t6']->x]);
        $guided = $this->tiles();
        $guided->run('add-guide', [], ['axis' => 'y', 'at' => 123]);
        $meant = $this->meant($guided);
        self::assertSame([123.0, 123.0, 123.0], [$meant['t0']->y, $meant['t1']->y, $meant['t2']->y]);
    }

    public function test_what_is_exactly_in_the_middle_of_another_thing_stays_there(): void
    {
        // The ring ends 4 px before a column of right edges; it is a ring all the same.
        $scene = $this->tiles()->put('badge', 1100, 30, 40, 40, ['kind' => 'round'])->put('ring', 1106, 36, 28, 28, ['kind' => 'round']);
        foreach ([0, 1, 2] as $i) {
            $scene->put("note$i", 1038 + $i % 2, 200 + 90 * $i, 100, 40);
        }
        $meant = $this->meant($scene);
        self::assertSame([$meant['badge']->x + 20, $meant['badge']->y + 20], [$meant['ring']->x + 14, $meant['ring']->y + 14]);
    }

    public function test_an_inset_is_that_of_what_lies_next_to_the_side(): void
    {
        // Two rows in a panel: how far each is from the side beyond the other is no inset, though both come to 144.
        $scene = Scene::of(1280, 800)->put('panel', 100, 100, 400, 200);
        foreach (['a' => [120, 116, 360, 40], 'b' => [120, 244, 360, 40]] as $id => $box) {
            $scene->put($id, ...$box);
        }
        $level = (new Intent($scene->sheet, Scores::plan($scene), [], Wish::of($scene->sheet)))->ofSheet()[0];
        $insets = array_values(array_filter($level->pattern()->distances, static fn (array $one): bool => $one['sort'] === 'inset' && $one['axis'] === 'y'));
        self::assertEquals([['axis' => 'y', 'sort' => 'inset', 'size' => 16.0, 'between' => [['panel', 'a'], ['b', 'panel']]]], $insets);
    }

    public function test_a_text_counts_by_its_lead_its_middle_and_its_baseline(): void
    {
        $placed = Scores::plan(Scene::of()->put('t', 40, 40, 0, 0, ['kind' => 'text', 'text' => 'Quay', 'size' => 20, 'align' => 'end', 'grow' => 'both'])->put('b', 40, 90, 30, 20))->placed;
        $edges = static fn (Axis $axis): array => array_map(array_keys(...), Things::along($axis, $placed, [], [6.0, 6.0], true)->edges);
        self::assertSame([['lead', 'centre', 'baseline'], ['lead', 'centre', 'trail']], $edges(Axis::Y));
        // Across by the edge that it stands by, the other being ragged.
        self::assertSame([['trail'], ['lead', 'centre', 'trail']], $edges(Axis::X));
    }
}
