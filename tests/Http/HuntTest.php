<?php

declare(strict_types=1);

namespace Tests\Http;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Tests\Core\Support\RandomScene;

final class HuntTest extends HttpTestCase
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
    ];

    public function test_undoing_any_sequence_gives_back_the_same_bytes_and_redoing_too(): void
    {
        foreach (RandomScene::seeds(60) as $seed) {
            $random = new RandomScene($seed);
            ['document' => $document, 'sheet' => $sheet] = $this->begin();
            foreach (range(1, 6) as $_) {
                $this->box($sheet, $random->number(-100, 900), $random->number(-100, 600), $random->number(1, 200), $random->number(1, 200));
            }
            $this->command($sheet, 'add-item', [], ['kind' => 'text', 'text' => 'Quay', 'x' => 5, 'y' => 5])->assertOk();
            $states = [$this->bytes($sheet)];
            foreach (range(1, 24) as $_) {
                [$command, $params] = $random->pick(self::COMMANDS);
                $ids = array_column($this->getJson("/api/sheets/$sheet")->json('items'), 'id');
                $some = $ids === [] ? [] : array_values(array_unique(array_map(static fn (): string => $random->pick($ids), range(1, 4))));
                $revision = $this->getJson("/api/sheets/$sheet/revision")->json('revision');
                $answer = $this->command($sheet, $command, $some, $params);
                self::assertContains($answer->getStatusCode(), [200, 422], "seed $seed, $command: ".$answer->getContent());
                if ($answer->json('revision') > $revision) {
                    $states[] = $this->bytes($sheet);
                } else {
                    self::assertSame(end($states), $this->bytes($sheet), "seed $seed: what was refused changed nothing");
                }
            }
            for ($i = count($states) - 2; $i >= 0; $i--) {
                $line = DB::table('history')->where('undone', 0)->orderByDesc('id')->first();
                $u = $this->postJson("/api/documents/$document/undo");
                if ($u->getStatusCode() !== 200) {
                    $out = ['seed' => $seed, 'cmd' => $line->command, 'label' => $line->label, 'params' => $line->params, 'all' => DB::table('history')->orderBy('id')->get(['id', 'command', 'label', 'undone'])->all()];
                    foreach (\App\History\Patch::unpack($line->patch)->rows as [$t, $id, $b, $a]) {
                        $out['rows'][] = [$t, $id, $b, $a, (array) DB::table($t)->where('id', $id)->first()];
                    }
                    file_put_contents('/tmp/w/M'.$seed, json_encode($out, JSON_PRETTY_PRINT));
                }
                $u->assertOk();
                if ($states[$i] !== $this->bytes($sheet)) {
                    file_put_contents('/tmp/w/A', $states[$i]);
                    file_put_contents('/tmp/w/B', $this->bytes($sheet));
                    file_put_contents('/tmp/w/C', json_encode([$line->command, $line->label, $line->params, \App\History\Patch::unpack($line->patch)->rows], JSON_PRETTY_PRINT));
                }
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
}
