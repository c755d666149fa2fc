<?php

declare(strict_types=1);

namespace Tests\Http;

/** Gaps, distances, snapping and colours, asked over HTTP. */
final class MeasuringTest extends HttpTestCase
{
    public function test_the_gaps_of_a_sheet_and_of_a_selection(): void
    {
        ['sheet' => $sheet] = $this->begin();
        $ids = array_map(fn (float $x): string => $this->box($sheet, $x, 100), [100.0, 174.0, 248.0, 327.0]);
        $all = $this->getJson("/api/sheets/$sheet/gaps")->assertOk()->json();
        self::assertSame([24, 24, 29], array_column($all['gaps'], 'size'));
        self::assertEquals(['axis' => 'x', 'a' => $ids[2], 'b' => $ids[3], 'size' => 29, 'from' => 298, 'to' => 327, 'across' => [100, 140], 'odd' => true, 'expected' => 24], $all['gaps'][2]);
        self::assertSame([['axis' => 'x', 'size' => 24, 'count' => 2], ['axis' => 'x', 'size' => 29, 'count' => 1]], $all['census']);
        $left = array_values(array_filter($all['insets'], static fn (array $inset): bool => $inset['item'] === $ids[0] && $inset['side'] === 'left'));
        self::assertEquals([['item' => $ids[0], 'ground' => null, 'side' => 'left', 'size' => 100, 'odd' => false, 'expected' => null]], $left);
        $some = $this->postJson("/api/sheets/$sheet/gaps", ['items' => [$ids[0], $ids[1], $ids[3]]])->assertOk()->json();
        self::assertSame([[$ids[0], $ids[1]]], array_map(static fn (array $gap): array => [$gap['a'], $gap['b']], $some['gaps']));
        $this->getJson("/api/sheets/$sheet/gaps?by=nose")->assertUnprocessable()->assertJsonPath('detail', 'The box to go by has to be one of: frame, ink, upright.');

        // By ink: an outline of 8 lies astride the edge.
        $this->command($sheet, 'set', $ids, ['outline' => ['colour' => '#000000', 'weight' => 8]])->assertOk();
        self::assertEquals([16, 16, 21], array_column($this->getJson("/api/sheets/$sheet/gaps?by=ink")->json('gaps'), 'size'));
        self::assertEquals([24, 24, 29], array_column($this->getJson("/api/sheets/$sheet/gaps?by=upright")->json('gaps'), 'size'));
    }

    public function test_odd_gaps_are_mended_whole_and_undone(): void
    {
        ['sheet' => $sheet, 'document' => $document] = $this->begin();
        foreach ([100.0, 174.0, 248.0, 327.0] as $x) {
            $this->box($sheet, $x, 100);
        }
        $before = $this->bytes($sheet);
        $dry = $this->command($sheet, 'mend-gaps', [], [], ['dry' => true])->assertOk();
        self::assertSame($before, $this->bytes($sheet));
        $done = $this->command($sheet, 'mend-gaps')->assertOk();
        self::assertSame('Brought 1 gap to 24 (was 29)', $done->json('report.summary'));
        self::assertSame($dry->json('changed'), $done->json('changed'));
        self::assertSame(0, count(array_filter($this->getJson("/api/sheets/$sheet/gaps")->json('gaps'), static fn (array $gap): bool => $gap['odd'])));
        $this->postJson("/api/documents/$document/undo")->assertOk();
        self::assertSame($before, $this->bytes($sheet));
    }

    public function test_distances(): void
    {
        ['sheet' => $sheet] = $this->begin();
        [$a, $b] = [$this->box($sheet, 0, 0, 30, 40), $this->box($sheet, 60, 80, 30, 40)];
        $this->getJson("/api/sheets/$sheet/distance?a=$a&b=$b")->assertOk()->assertExactJson(['across' => 30, 'down' => 40, 'nearest' => 50, 'centres' => 100]);
        $this->getJson("/api/sheets/$sheet/distance?a=$b&b=right")->assertOk()->assertJsonPath('across', 1190);
        $this->getJson("/api/sheets/$sheet/distance?a=$b&b=none")->assertNotFound();
    }

    public function test_what_a_drag_snaps_to_and_where_it_settles(): void
    {
        ['sheet' => $sheet] = $this->begin();
        [$a, $b] = [$this->box($sheet, 100, 100), $this->box($sheet, 400, 300, 60, 20)];
        $this->command($sheet, 'add-guide', [], ['axis' => 'y', 'at' => 320])->assertOk();
        $asked = ['items' => [$b], 'mode' => 'move', 'tolerance' => 6];
        $found = $this->postJson("/api/sheets/$sheet/snap", $asked)->assertOk()->json();
        self::assertSame([$a], $found['ids']);
        self::assertSame(['x' => [100], 'y' => [100], 'w' => [50], 'h' => [40]], $found['boxes']);
        self::assertSame(['guide', 'sheet', 'sheet', 'sheet'], array_column($found['lines']['y'], 'kind'));
        $settled = $this->postJson("/api/sheets/$sheet/snap", [...$asked, 'dx' => -301, 'dy' => 4])->json('settled');
        self::assertSame([-300, 0], [$settled['dx'], $settled['dy']]);
        self::assertSame([['x', 'edge', [$a]], ['y', 'guide']], [[$settled['lines'][0]['axis'], $settled['lines'][0]['kind'], $settled['lines'][0]['from']], [$settled['lines'][1]['axis'], $settled['lines'][1]['kind']]]);
        $moved = $this->command($sheet, 'move-by', [$b], ['dx' => -301, 'dy' => 4, 'snap' => ['tolerance' => 6]])->assertOk();
        self::assertSame([100, 300], [$moved->json('changed.0.bounds.x'), $moved->json('changed.0.bounds.y')]);
        self::assertSame($settled['lines'], $moved->json('report.lines'));
        $this->postJson("/api/sheets/$sheet/snap", [...$asked, 'kinds' => ['nose']])->assertUnprocessable();
        $this->postJson("/api/sheets/$sheet/snap", [...$asked, 'items' => ['nobody']])->assertNotFound();
    }

    /** What is stored of the boxes gives the same plan as reckoning them anew. */
    public function test_kept_boxes_snap_as_reckoned_ones_do(): void
    {
        ['sheet' => $sheet] = $this->begin();
        $a = $this->box($sheet, 100, 100);
        $text = $this->command($sheet, 'add-item', [], ['kind' => 'text', 'x' => 300, 'y' => 120, 'text' => 'Fares'])->json('created.0.id');
        $turned = $this->box($sheet, 500, 300, 70, 30);
        $this->command($sheet, 'set', [$turned], ['angle' => 30])->assertOk();
        $this->command($sheet, 'group', [$text, $turned])->assertOk();
        $this->command($sheet, 'set', [$this->box($sheet, 700, 300)], ['reference' => true])->assertOk();
        $this->command($sheet, 'set', [$this->box($sheet, 800, 300)], ['hidden' => true])->assertOk();
        $found = [];
        foreach (['frame', 'ink', 'upright'] as $by) {
            $found[$by] = $this->postJson("/api/sheets/$sheet/snap", ['items' => [$a], 'mode' => 'move', 'tolerance' => 6, 'by' => $by])->assertOk()->json();
        }
        self::assertCount(3, $found['frame']['ids']);
        self::assertSame($found['frame']['ids'], $found['upright']['ids']);
        self::assertSame($found['frame']['baselines'], $found['upright']['baselines']);
        self::assertNotSame($found['frame']['boxes'], $found['upright']['boxes']);
        self::assertNotSame($found['frame']['boxes'], $found['ink']['boxes']);
    }

    public function test_the_colour_at_a_point_is_what_is_painted_there(): void
    {
        ['sheet' => $sheet] = $this->begin(200, 100);
        $this->command($sheet, 'set', [$this->box($sheet, 20, 20)], ['fill' => '#17614f', 'outline' => null])->assertOk();
        $this->getJson("/api/sheets/$sheet/colour?x=30.7&y=30")->assertOk()->assertExactJson(['colour' => '#17614f']);
        $this->getJson("/api/sheets/$sheet/colour?x=200&y=100")->assertOk()->assertExactJson(['colour' => '#ffffff']);
        $this->command($sheet, 'set-sheet', [], ['background' => null])->assertOk();
        $this->getJson("/api/sheets/$sheet/colour?x=150&y=50")->assertOk()->assertExactJson(['colour' => null]);
        $this->getJson("/api/sheets/$sheet/colour?x=250&y=50")->assertUnprocessable();
    }

    public function test_a_reference_is_seen_by_nobody_outside(): void
    {
        ['sheet' => $sheet] = $this->begin(200, 100);
        $draft = $this->box($sheet, 20, 20);
        $this->command($sheet, 'set', [$draft], ['fill' => '#17614f', 'reference' => true])->assertOk()->assertJsonPath('changed.0.reference', true);
        $this->getJson("/api/sheets/$sheet/colour?x=30&y=30")->assertExactJson(['colour' => '#ffffff']);
        self::assertStringNotContainsString('#17614f', (string) $this->get("/api/sheets/$sheet/render.svg")->getContent());
        self::assertSame([], $this->getJson("/api/sheets/$sheet/gaps")->json('insets'));
        $this->command($sheet, 'move-by', [$draft], ['dx' => 5, 'dy' => 5])->assertUnprocessable();
    }
}
