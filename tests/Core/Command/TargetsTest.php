<?php

declare(strict_types=1);

namespace Tests\Core\Command;

use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Margins;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Scene;

/** What things are aligned to: margins, guides, what each lies on, partners, baselines. */
final class TargetsTest extends TestCase
{
    public function test_the_margins(): void
    {
        $scene = Scene::of(1000, 500)->put('a', 300, 200, 100, 50);
        $scene->sheet = $scene->sheet->with(['margins' => new Margins(left: 20, right: 60, top: 40, bottom: 30)]);
        $done = $scene->run('align', ['a'], ['edge' => 'right', 'to' => 'margins']);
        self::assertSame([1000.0 - 60 - 100], $scene->lefts('a'));
        self::assertStringContainsString('to the margins', $done->report->summary);
    }

    public function test_margins_that_leave_no_room_are_refused(): void
    {
        $scene = Scene::of(100, 500)->put('a', 0, 0, 10, 10);
        $scene->sheet = $scene->sheet->with(['margins' => new Margins(left: 50, right: 50)]);
        $this->expectExceptionMessage('The margins leave no room between them');
        $scene->run('align', ['a'], ['edge' => 'left', 'to' => 'margins']);
    }

    public function test_a_guide_by_number(): void
    {
        $scene = Scene::of()->put('a', 10, 10, 101, 20)->put('b', 300, 50, 40, 20);
        $guide = $scene->run('add-guide', [], ['axis' => 'x', 'at' => '50%'])->report->details['guides'][0];
        self::assertSame(640.0, $scene->guides[$guide]->at);
        $scene->run('align', ['a', 'b'], ['edge' => 'centre', 'guide' => $guide]);
        self::assertSame([590.0, 620.0], $scene->lefts('a', 'b'));
    }

    public function test_a_guide_across_the_sheet(): void
    {
        $scene = Scene::of()->put('a', 10, 10, 100, 20)->put('b', 300, 50, 40, 40);
        $guide = $scene->run('add-guide', [], ['axis' => 'y', 'at' => 300])->report->details['guides'][0];
        $scene->run('align', ['a', 'b'], ['edge' => 'bottom', 'guide' => $guide]);
        self::assertSame([280.0, 260.0], $scene->tops('a', 'b'));
        self::assertSame([10.0, 300.0], $scene->lefts('a', 'b'));
    }

    public function test_a_common_edge_at_the_half_goes_up_in_front_and_down_behind(): void
    {
        foreach (['left' => [11.0, 11.0], 'right' => [30.0, 20.0]] as $edge => $lefts) {
            $scene = Scene::of()->put('a', 10.5, 0, 20, 20)->put('b', 20.5, 40, 30, 20);
            $scene->run('align', ['a', 'b'], ['edge' => $edge, 'to' => 'selection']);
            self::assertSame($lefts, $scene->lefts('a', 'b'), $edge);
        }
    }

    public function test_a_guide_that_runs_the_other_way_is_refused(): void
    {
        $scene = Scene::of()->put('a', 10, 10, 100, 20);
        $guide = $scene->run('add-guide', [], ['axis' => 'y', 'at' => 40])->report->details['guides'][0];
        $this->expectException(Refusal::class);
        $scene->run('align', ['a'], ['edge' => 'left', 'guide' => $guide]);
    }

    public function test_ten_icons_each_on_its_own_disc_in_one_action(): void
    {
        $scene = Scene::of();
        $icons = [];
        for ($i = 0; $i < 10; $i++) {
            $scene->put("disc$i", 20 + $i * 90, 100 + $i % 3, 60, 60, ['kind' => 'round']);
        }
        for ($i = 0; $i < 10; $i++) {
            $scene->put($icons[] = "icon$i", 31 + $i * 90, 109, 24, 30);
        }
        foreach (['centre', 'middle'] as $edge) {
            $done = $scene->run('align', $icons, ['edge' => $edge, 'to' => 'ground']);
        }
        for ($i = 0; $i < 10; $i++) {
            self::assertEquals($scene->bounds("disc$i")->centre(), $scene->bounds("icon$i")->centre());
        }
        self::assertStringContainsString('what each lies on', $done->report->summary);
    }

    public function test_each_partner_is_used_once_the_greatest_overlap_first(): void
    {
        $scene = Scene::of()
            ->put('disc1', 0, 0, 100, 100)->put('disc2', 200, 0, 100, 100)
            ->put('a', 60, 20, 40, 40)->put('b', 80, 20, 40, 40);
        $scene->run('align', ['a', 'b'], ['edge' => 'centre', 'as' => 'pairs', 'anchors' => ['disc1', 'disc2']]);
        self::assertSame([30.0, 230.0], $scene->lefts('a', 'b'));
    }

    public function test_as_one_onto_the_middle_of_the_sheet_keeps_places_between_them(): void
    {
        $scene = Scene::of(800, 600);
        foreach ([100, 70, 40, 10] as $i => $size) {
            $scene->put("ring$i", 20 + $i * 15, 20 + $i * 15, $size, $size, ['kind' => 'round']);
        }
        $rings = ['ring0', 'ring1', 'ring2', 'ring3'];
        $scene->run('align', $rings, ['edge' => 'centre', 'as' => 'one', 'to' => 'sheet']);
        $scene->run('align', $rings, ['edge' => 'middle', 'as' => 'one', 'to' => 'sheet']);
        self::assertSame([350.0, 365.0, 380.0, 395.0], $scene->lefts(...$rings));
        self::assertSame([250.0, 265.0, 280.0, 295.0], $scene->tops(...$rings));
    }

    public function test_first_baselines_go_to_the_highest(): void
    {
        $scene = Scene::of()
            ->put('small', 0, 40, 100, 30, ['kind' => 'text', 'text' => 'Skerry', 'size' => 16.0, 'grow' => 'none'])
            ->put('large', 120, 60, 200, 80, ['kind' => 'text', 'text' => 'Skerry', 'size' => 48.0, 'grow' => 'none'])
            ->put('box', 340, 10, 20, 20);
        $scene->run('align', ['small', 'large', 'box'], ['edge' => 'baseline']);
        $ink = static fn (string $id): float => $scene->boxes()->ink($id)->bottom();
        self::assertSame(30.0, $scene->bounds('box')->bottom());
        // The word has a descender, the same part of either size: the larger one's hangs lower.
        self::assertGreaterThan($ink('small'), $ink('large'));
        $once = $scene->tops('small', 'large', 'box');
        $scene->run('align', ['small', 'large', 'box'], ['edge' => 'baseline']);
        self::assertSame($once, $scene->tops('small', 'large', 'box'));
    }

    public function test_two_guides_at_one_place_and_other_garbage_are_refused(): void
    {
        $scene = Scene::of();
        $scene->run('add-guide', [], ['axis' => 'x', 'at' => 40]);
        foreach ([['axis' => 'x', 'at' => 40], ['axis' => 'x', 'at' => '12 bananas'], ['axis' => 'y', 'at' => 2_000_000]] as $params) {
            try {
                $scene->run('add-guide', [], $params);
                self::fail('accepted '.json_encode($params));
            } catch (Refusal) {
                self::assertCount(1, $scene->guides);
            }
        }
    }

    public function test_guides_are_moved_and_removed_by_direction(): void
    {
        $scene = Scene::of();
        $x = $scene->run('add-guide', [], ['axis' => 'x', 'at' => 40])->report->details['guides'][0];
        $scene->run('add-guide', [], ['axis' => 'y', 'at' => 50]);
        $scene->run('move-guide', [], ['guide' => $x, 'at' => 64]);
        self::assertSame(64.0, $scene->guides[$x]->at);
        $scene->run('remove-guides', [], ['axis' => 'y']);
        self::assertSame([$x], array_keys($scene->guides));
        $scene->run('delete-guide', [], ['guides' => [$x]]);
        self::assertSame([], $scene->guides);
    }
}
