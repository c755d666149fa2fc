<?php

declare(strict_types=1);

namespace Tests\Http;

/** Slices and presets as they are stored: through undo, copies and restarts; snapped to and checked. */
final class SlicesTest extends HttpTestCase
{
    public function test_a_deleted_item_takes_its_slice_along_and_brings_it_back(): void
    {
        ['sheet' => $sheet, 'document' => $document] = $this->begin();
        $box = $this->box($sheet, 10, 10);
        $this->command($sheet, 'add-slice', [$box], ['follow' => true, 'scales' => ['2x'], 'background' => 'transparent']);
        $before = $this->bytes($sheet);
        $this->command($sheet, 'delete', [$box])->assertOk()->assertJsonPath('slices', []);
        $this->postJson("/api/documents/$document/undo")->assertOk()->assertJsonPath('slices.0.follow', true);
        self::assertSame($before, $this->bytes($sheet));
        $moved = $this->command($sheet, 'move-by', [$box], ['dx' => 5, 'dy' => 0])->assertOk();
        self::assertEquals(15, $moved->json('slices.0.x'));
        $this->postJson("/api/documents/$document/undo")->assertOk();
        self::assertSame($before, $this->bytes($sheet));
    }

    public function test_a_copied_sheet_has_slices_of_its_own_items(): void
    {
        ['sheet' => $sheet] = $this->begin();
        $box = $this->box($sheet, 10, 10);
        $this->command($sheet, 'add-slice', [$box], ['follow' => true]);
        $copy = $this->postJson("/api/sheets/$sheet/copy")->assertCreated()->json('id');
        $twin = $this->getJson("/api/sheets/$copy")->json('items.0.id');
        self::assertSame([$twin], $this->getJson("/api/sheets/$copy")->json('slices.0.items'));
        self::assertEquals(20, $this->command($copy, 'move-by', [$twin], ['dx' => 10, 'dy' => 0])->json('slices.0.x'));
        self::assertEquals(10, $this->getJson("/api/sheets/$sheet")->json('slices.0.x'));
    }

    public function test_arranging_is_checked_as_that_command_is(): void
    {
        ['sheet' => $sheet, 'document' => $document] = $this->begin();
        $ids = [];
        foreach ([10, 45] as $y) {
            $ids[] = $this->command($sheet, 'add-slice', [], ['x' => 10, 'y' => $y, 'w' => 20, 'h' => 20])->json('report.slices.0');
        }
        $before = $this->bytes($sheet);
        $arrange = fn (string $command, array $params) => $this->command($sheet, 'arrange-slices', [], ['slices' => $ids, 'command' => $command, 'params' => (object) $params]);
        $arrange('align', ['edge' => 'sideways'])->assertStatus(422)->assertJsonPath('errors.edge.0', 'The edge has to be one of: left, centre, right, top, middle, bottom, baseline, last-baseline.');
        $arrange('delete', [])->assertStatus(422);
        $this->command($sheet, 'arrange-slices', [], ['slices' => ['nope'], 'command' => 'align', 'params' => ['edge' => 'top']])->assertNotFound();
        self::assertSame($before, $this->bytes($sheet));
        self::assertSame('Set the gaps of 2 slices down to 5 (were 15)', $arrange('set-gap', ['axis' => 'y', 'gap' => 5])->assertOk()->json('report.summary'));
        $this->postJson("/api/documents/$document/undo")->assertOk();
        self::assertSame($before, $this->bytes($sheet));
    }

    public function test_a_dragged_slice_snaps_to_items_and_to_other_slices(): void
    {
        ['sheet' => $sheet] = $this->begin();
        $box = $this->box($sheet, 300, 10, 50, 40);
        $ids = [];
        foreach ([10, 100] as $x) {
            $ids[] = $this->command($sheet, 'add-slice', [], ['x' => $x, 'y' => 200, 'w' => 20, 'h' => 20])->json('report.slices.0');
        }
        $asked = $this->postJson("/api/sheets/$sheet/snap", ['mode' => 'move', 'slices' => [$ids[0]], 'tolerance' => 6, 'dx' => 288, 'dy' => 2])->assertOk();
        self::assertEquals(['x' => 10, 'y' => 200, 'w' => 20, 'h' => 20], $asked->json('dragged.box'));
        self::assertSame([$box, $ids[1]], $asked->json('ids'));
        self::assertEquals([290, 0], [$asked->json('settled.dx'), $asked->json('settled.dy')], 'the edge of the box, the top of the other slice');
    }

    public function test_presets_belong_to_the_document(): void
    {
        ['sheet' => $sheet, 'document' => $document] = $this->begin();
        $kept = $this->command($sheet, 'keep-preset', [], ['name' => 'Shop', 'scales' => [2], 'formats' => ['webp'], 'quality' => 75])->assertOk();
        self::assertSame(['2x'], $kept->json('presets.0.scales'));
        $other = $this->postJson("/api/documents/$document/sheets", ['width' => 10, 'height' => 10])->json('id');
        self::assertSame('Shop', $this->getJson("/api/sheets/$other")->json('presets.0.name'));
        $copy = $this->postJson("/api/documents/$document/copy")->json('sheets.0.id');
        self::assertSame('Shop', $this->getJson("/api/sheets/$copy")->json('presets.0.name'));
        $this->postJson("/api/documents/$document/undo")->assertOk();
        $this->postJson("/api/documents/$document/undo")->assertOk();
        self::assertSame([], $this->getJson("/api/sheets/$sheet")->json('presets'));
        self::assertSame('Shop', $this->getJson("/api/sheets/$copy")->json('presets.0.name'));
    }
}
