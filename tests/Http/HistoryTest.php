<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Models\Item;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Tests\Core\Support\RandomScene;

final class HistoryTest extends HttpTestCase
{
    private const COMMANDS = [
        ['align', ['edge' => 'middle']], ['align', ['edge' => 'left', 'to' => 'sheet']], ['distribute', ['axis' => 'y']], ['move-by', ['dx' => 7, 'dy' => -3]],
        ['place', ['x' => 33, 'w' => 81]], ['resize', ['handle' => 'bottom-right', 'dx' => 12, 'dy' => 9]], ['group', []], ['ungroup', []],
        ['duplicate', ['dx' => 10]], ['delete', []], ['order', ['to' => 'front']], ['order', ['to' => 'back']], ['set', ['angle' => 25]],
        ['set', ['locked' => true]], ['set', ['hidden' => true]], ['set', ['fill' => '#123456']], ['set-sheet', ['width' => 900]], ['set-zero', ['x' => 5]], ['add-slice', []],
        ['turn', ['by' => 15, 'as' => 'one']], ['mirror', ['axis' => 'x']], ['square-up', []], ['inset', ['value' => 8]], ['match-size', ['dimension' => 'width']],
        ['set-gap', ['axis' => 'x', 'gap' => 12]], ['set-clearance', ['side' => 'left', 'value' => 20]], ['add-guide', ['axis' => 'x', 'at' => '25%']], ['remove-guides', []],
        ['block', ['columns' => 3, 'rows' => 3, 'copies' => 'fill', 'series' => true]], ['ring', ['cx' => 300, 'cy' => 300, 'radius' => 120, 'count' => 7, 'series' => true]],
        ['step-repeat', ['dx' => 20, 'dy' => 4, 'count' => 3]], ['set-series', ['count' => 5]], ['again', []], ['move-into', ['parent' => null]],
        ['align', ['edge' => 'centre', 'to' => 'ground']], ['align', ['edge' => 'baseline']], ['distribute', ['axis' => 'x', 'within' => 'sheet']],
        ['mend-gaps', []], ['set-grid', ['columns' => ['count' => 5, 'gutter' => 10], 'baseline' => 20]], ['set-grid', ['columns' => null]], ['fit-to-grid', ['columns' => [1, 2]]],
        ['keep-grid', ['name' => 'Trial']], ['guides-from-items', []], ['lock-guides', []], ['lock-guides', ['locked' => false]], ['set', ['reference' => true]],
        ['set', ['reference' => false]], ['add-dimension', []], ['add-dimension', []], ['delete-dimension', []], ['move-by', ['dx' => 6, 'dy' => 5, 'snap' => ['tolerance' => 9]]],
        ['add-slice', ['follow' => true]], ['add-slice', ['as' => 'one', 'only' => true, 'trim' => true]], ['add-slice', ['as' => 'children', 'name' => '{item}/{nn}']], ['add-slice', ['along' => 'guides']],
        ['whole-slices', ['scales' => [1.5]]], ['keep-preset', ['name' => 'Trial', 'scales' => [3]]], ['arrange-slices', []], ['set-slice', []], ['delete-slice', []],
        ['combine', ['how' => 'join']], ['combine', ['how' => 'difference']], ['combine', ['how' => 'cut']], ['release', []], ['to-path', []], ['keep-swatch', ['colour' => '#17614f']],
        ['set', ['fill' => ['gradient' => 'linear', 'stops' => [['at' => 0, 'colour' => '#17614f'], ['at' => 1, 'colour' => '#f0c96a80']]]]], ['set', ['shadow' => [['dy' => 4, 'blur' => 8, 'colour' => '#00000040']]]],
    ];

    public function test_undoing_any_sequence_gives_back_the_same_bytes_and_redoing_too(): void
    {
        foreach (RandomScene::seeds(5) as $seed) {
            $random = new RandomScene($seed);
            ['document' => $document, 'sheet' => $sheet] = $this->begin();
            foreach (range(1, 6) as $_) {
                $this->box($sheet, $random->number(-100, 900), $random->number(-100, 600), $random->number(1, 200), $random->number(1, 200));
            }
            $this->command($sheet, 'add-item', [], ['kind' => 'text', 'text' => 'Quay', 'x' => 5, 'y' => 5])->assertOk();
            $states = [$this->bytes($sheet)];
            foreach (range(1, 30) as $_) {
                [$command, $params] = $random->pick(self::COMMANDS);
                $ids = array_column($this->getJson("/api/sheets/$sheet")->json('items'), 'id');
                $some = $ids === [] ? [] : array_values(array_unique(array_map(static fn (): string => $random->pick($ids), range(1, 4))));
                if ($command === 'add-dimension') {
                    $params = ['a' => $some[0] ?? 'none', 'b' => $some[1] ?? 'left', 'axis' => 'x'];
                }
                if (in_array($command, ['arrange-slices', 'set-slice', 'delete-slice'], true)) {
                    $slices = array_slice(array_column($this->getJson("/api/sheets/$sheet")->json('slices'), 'id'), 0, 3);
                    $params = ['slices' => $slices === [] ? ['none'] : $slices] + match ($command) {
                        'arrange-slices' => ['command' => 'align', 'params' => ['edge' => $random->pick(['left', 'middle'])]],
                        'set-slice' => $random->pick([['x' => 12.5], ['padding' => 3], ['formats' => ['webp'], 'scales' => ['2x']], ['name' => 'n{nn}'], ['follow' => true]]),
                        default => [],
                    };
                    $ids = $slices === [] ? [] : $ids;
                }
                $revision = $this->getJson("/api/sheets/$sheet/revision")->json('revision');
                $answer = $this->command($sheet, $command, $some, $params);
                self::assertContains($answer->getStatusCode(), $ids === [] ? [200, 404, 422] : [200, 422], "seed $seed, $command: ".$answer->getContent());
                if ($answer->json('revision') > $revision) {
                    $states[] = $this->bytes($sheet);
                } else {
                    self::assertSame(end($states), $this->bytes($sheet), "seed $seed: what was refused changed nothing");
                }
            }
            for ($i = count($states) - 2; $i >= 0; $i--) {
                $this->postJson("/api/documents/$document/undo")->assertOk();
                self::assertSame($states[$i], $this->bytes($sheet), "seed $seed: undo to $i");
            }
            for ($i = 1; $i < count($states); $i++) {
                $this->postJson("/api/documents/$document/redo")->assertOk();
                self::assertSame($states[$i], $this->bytes($sheet), "seed $seed: redo to $i");
            }
            self::assertSame(0, Artisan::call('allsquare:rebuild'));
            self::assertSame(end($states), $this->bytes($sheet), "seed $seed: what is derived is what was stored");
        }
    }

    public function test_undo_says_what_it_took_back_and_what_was_selected(): void
    {
        ['document' => $document, 'sheet' => $sheet] = $this->begin();
        $a = $this->box($sheet, 10, 20);
        $copy = $this->command($sheet, 'duplicate', [$a], ['dx' => 100])->json('created.0.id');
        $undone = $this->postJson("/api/documents/$document/undo")->assertOk();
        $undone->assertJson(['sheet' => $sheet, 'revision' => 3, 'removed' => [$copy], 'selection' => [$a], 'entry' => ['label' => 'Copied "Box"', 'undone' => true]]);
        $redone = $this->postJson("/api/documents/$document/redo")->assertOk();
        self::assertSame([$copy], array_column($redone->json('created'), 'id'));
        self::assertNotEmpty($redone->json('created.0.painting'));
        self::assertSame([$copy], $redone->json('selection'));
    }

    public function test_a_new_command_drops_what_could_be_redone(): void
    {
        ['document' => $document, 'sheet' => $sheet] = $this->begin();
        $a = $this->box($sheet, 10, 20);
        $this->command($sheet, 'move-by', [$a], ['dx' => 5]);
        $this->postJson("/api/documents/$document/undo");
        $this->command($sheet, 'move-by', [$a], ['dy' => 5]);
        $this->postJson("/api/documents/$document/redo")->assertStatus(409)->assertJson(['detail' => 'There is nothing to redo.']);
    }

    public function test_nothing_to_undo_and_a_stale_undo(): void
    {
        ['document' => $document, 'sheet' => $sheet] = $this->begin();
        $this->postJson("/api/documents/$document/undo")->assertStatus(409)->assertJson(['detail' => 'There is nothing to undo.']);
        $this->box($sheet, 10, 20);
        $this->postJson("/api/documents/$document/undo", ['revision' => 0])->assertStatus(409)->assertJson(['revision' => 1]);
        $this->postJson("/api/documents/$document/undo", ['revision' => 1])->assertOk();
    }

    public function test_any_line_can_be_gone_to(): void
    {
        ['document' => $document, 'sheet' => $sheet] = $this->begin();
        $a = $this->box($sheet, 10, 20);
        foreach ([1, 2, 3] as $_) {
            $this->command($sheet, 'move-by', [$a], ['dx' => 10]);
        }
        $lines = array_reverse($this->getJson("/api/documents/$document/history")->json('lines'));
        self::assertSame('Moved "Box" 10 px right', $lines[1]['label']);
        $this->postJson("/api/documents/$document/history/{$lines[1]['line']}")->assertOk()->assertJsonPath('changed.0.frame.x', 20);
        $this->postJson("/api/documents/$document/history/{$lines[3]['line']}")->assertOk()->assertJsonPath('changed.0.frame.x', 40);
        $this->postJson("/api/documents/$document/history/0")->assertOk();
        self::assertSame([], $this->getJson("/api/sheets/$sheet")->json('items'));
        $this->postJson("/api/documents/$document/history/0")->assertStatus(409);
    }

    public function test_what_was_changed_behind_the_history_is_not_overwritten(): void
    {
        ['document' => $document, 'sheet' => $sheet] = $this->begin();
        $a = $this->box($sheet, 10, 20);
        $this->command($sheet, 'move-by', [$a], ['dx' => 5]);
        DB::table('items')->where('id', $a)->update(['x' => 99]);
        $this->postJson("/api/documents/$document/undo")->assertStatus(409);
        self::assertSame(99.0, (float) Item::query()->toBase()->where('id', $a)->value('x'));
    }

    public function test_sheets_are_added_renamed_moved_copied_and_deleted_with_undo(): void
    {
        ['document' => $document, 'sheet' => $sheet] = $this->begin();
        $a = $this->box($sheet, 10, 20);
        $this->command($sheet, 'group', [$a, $this->box($sheet, 80, 20)]);
        $names = fn (): array => array_column($this->getJson("/api/documents/$document")->json('sheets'), 'name');
        $second = $this->postJson("/api/documents/$document/sheets", ['name' => 'Two', 'width' => 110, 'height' => 200, 'unit' => 'mm', 'ppi' => 250])->assertCreated();
        self::assertSame([1083, 1969], [$second->json('width'), $second->json('height')]);
        $this->patchJson("/api/sheets/{$second->json('id')}", ['name' => 'Zwei', 'position' => 0])->assertOk();
        self::assertSame(['Zwei', 'One'], $names());
        $copy = $this->postJson("/api/sheets/$sheet/copy")->assertCreated()->json('id');
        self::assertSame(['Zwei', 'One', 'One copy'], $names());
        self::assertCount(3, $this->getJson("/api/sheets/$copy")->json('items'));
        $this->deleteJson("/api/sheets/$sheet")->assertNoContent();
        $this->getJson("/api/sheets/$sheet")->assertNotFound();
        $this->command($sheet, 'move-by', [$a], ['dx' => 1])->assertNotFound();
        foreach ([['Zwei', 'One', 'One copy'], ['Zwei', 'One'], ['One', 'Zwei'], ['One', 'Two'], ['One']] as $expected) {
            $this->postJson("/api/documents/$document/undo")->assertOk()->assertJson(['document_changed' => true]);
            self::assertSame($expected, $names());
        }
        $this->deleteJson("/api/sheets/$sheet")->assertStatus(422)->assertJson(['detail' => 'A document has one sheet at least. Delete the document instead.']);
        $this->postJson("/api/documents/$document/redo")->assertOk();
        self::assertSame(['One', 'Two'], $names());
        $this->box($sheet, 1, 1);
        self::assertSame(2, DB::table('sheets')->count(), 'sheets that nothing can bring back are gone');
    }
}
