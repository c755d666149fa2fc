<?php

declare(strict_types=1);

namespace Tests\Http;

/** The layout grid, named grids, guides and dimensions, as they are kept. */
final class GridsAndGuidesTest extends HttpTestCase
{
    public function test_a_grid_is_kept_with_the_sheet_and_undone(): void
    {
        ['sheet' => $sheet, 'document' => $document] = $this->begin(1000, 600);
        $before = $this->bytes($sheet);
        $set = $this->command($sheet, 'set-grid', [], ['columns' => ['count' => 4, 'gutter' => 20, 'left' => 50, 'right' => 50], 'module' => 8])->assertOk();
        self::assertEquals([[50, 260], [280, 490], [510, 720], [740, 950]], $set->json('settings.grid.spans.x'));
        self::assertEquals(['count' => 4, 'gutter' => 20], $this->getJson("/api/sheets/$sheet")->json('sheet.grid.columns'));
        $this->command($sheet, 'set-grid', [], ['columns' => ['count' => 90, 'gutter' => 20]])->assertUnprocessable()->assertJsonPath('detail', '90 columns do not fit: margins and gutters leave -880 px of 900, and each needs 1 px at least.');
        $this->postJson("/api/documents/$document/undo")->assertOk();
        self::assertSame($before, $this->bytes($sheet));
    }

    public function test_a_named_grid_is_used_on_another_sheet(): void
    {
        ['sheet' => $sheet, 'document' => $document] = $this->begin(1000, 600);
        $this->command($sheet, 'set-grid', [], ['columns' => ['count' => 4, 'gutter' => 20, 'left' => 50, 'right' => 50]])->assertOk();
        $grid = $this->command($sheet, 'keep-grid', [], ['name' => 'Timetable'])->assertOk()->json('grids.0');
        self::assertSame(['Timetable', 4], [$grid['name'], $grid['columns']['count']]);
        $other = $this->postJson("/api/documents/$document/sheets", ['name' => 'Two', 'width' => 600, 'height' => 600, 'unit' => 'px', 'ppi' => 96])->json('id');
        self::assertSame([$grid], $this->getJson("/api/sheets/$other")->json('grids'));
        $this->command($other, 'use-grid', [], ['grid' => $grid['id']])->assertOk()->assertJsonPath('settings.margins.left', 50);
        $copy = $this->postJson("/api/documents/$document/copy")->assertSuccessful()->json();
        self::assertSame(['Timetable'], array_column($this->getJson('/api/sheets/'.$copy['sheets'][0]['id'])->json('grids'), 'name'));
        $this->command($other, 'delete-grid', [], ['grid' => $grid['id']])->assertOk()->assertJsonPath('grids', []);
        self::assertEquals(4, $this->getJson("/api/sheets/$other")->json('sheet.grid.columns.count'), 'sheets keep their grid');
        $this->postJson("/api/documents/$document/undo")->assertOk()->assertJsonPath('grids.0.name', 'Timetable');
    }

    public function test_locked_guides_survive_a_restart_and_undo(): void
    {
        ['sheet' => $sheet, 'document' => $document] = $this->begin();
        $guide = $this->command($sheet, 'add-guide', [], ['axis' => 'x', 'at' => '50%'])->json('guides.0.id');
        $this->command($sheet, 'lock-guides', [], ['guides' => [$guide]])->assertOk()->assertJsonPath('guides.0.locked', true);
        $this->command($sheet, 'move-guide', [], ['guide' => $guide, 'at' => 4])->assertUnprocessable();
        self::assertTrue($this->getJson("/api/sheets/$sheet")->json('guides.0.locked'));
        $this->postJson("/api/documents/$document/undo")->assertOk()->assertJsonPath('guides.0.locked', false);
        $this->command($sheet, 'move-guide', [], ['guide' => $guide, 'at' => '6in'])->assertOk()->assertJsonPath('guides.0.at', 576);
    }

    public function test_a_dimension_goes_and_comes_back_with_its_item(): void
    {
        ['sheet' => $sheet, 'document' => $document] = $this->begin();
        [$a, $b] = [$this->box($sheet, 0, 0), $this->box($sheet, 80, 0)];
        $made = $this->command($sheet, 'add-dimension', [], ['a' => $a, 'b' => $b, 'axis' => 'x'])->assertOk()->json('dimensions.0');
        $kept = $this->getJson("/api/sheets/$sheet")->json('dimensions');
        self::assertSame([$made], $kept);
        $this->command($sheet, 'delete', [$b])->assertOk()->assertJsonPath('dimensions', []);
        $this->postJson("/api/documents/$document/undo")->assertOk()->assertJsonPath('dimensions', $kept);
        $copy = $this->postJson("/api/sheets/$sheet/copy")->assertSuccessful()->json('id');
        $copied = $this->getJson("/api/sheets/$copy")->json();
        self::assertContains($copied['dimensions'][0]['a'], array_column($copied['items'], 'id'));
        $this->command($sheet, 'delete-dimension')->assertOk()->assertJsonPath('dimensions', []);
    }

    public function test_the_unit_of_a_call_is_kept_for_doing_it_again(): void
    {
        ['sheet' => $sheet] = $this->begin();
        [$a, $b] = [$this->box($sheet, 0, 0), $this->box($sheet, 80, 100)];
        $this->command($sheet, 'place', [$a], ['x' => '25.4'], ['unit' => 'mm'])->assertOk()->assertJsonPath('changed.0.bounds.x', 96);
        $this->command($sheet, 'again', [$b])->assertOk()->assertJsonPath('changed.0.bounds.x', 96);
        $this->command($sheet, 'place', [$b], ['x' => 25], ['unit' => 'mm'])->assertOk()->assertJsonPath('changed.0.bounds.x', 25);
        $this->command($sheet, 'place', [$b], ['x' => 25], ['unit' => 'ell'])->assertUnprocessable();
    }
}
