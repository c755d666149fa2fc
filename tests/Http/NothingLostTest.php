<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Models\HistoryLine;
use Illuminate\Support\Facades\DB;

/** A value typed is a value kept, and what was done can be taken back. */
final class NothingLostTest extends HttpTestCase
{
    private string $document;

    private string $sheet;

    protected function setUp(): void
    {
        parent::setUp();
        ['document' => $this->document, 'sheet' => $this->sheet] = $this->begin(800, 600);
    }

    public function test_numbers_in_names_and_words_are_not_taken_for_numbers(): void
    {
        $box = $this->box($this->sheet, 0, 0, name: '01');
        foreach (['1', '1.0', '1e0', '01'] as $name) {
            $this->command($this->sheet, 'set', [$box], ['name' => $name])->assertOk()->assertJsonPath('changed.0.name', $name);
        }
        $text = $this->command($this->sheet, 'add-item', [], ['kind' => 'text', 'text' => '1.5', 'x' => 0, 'y' => 0])->json('created.0.id');
        $this->command($this->sheet, 'set', [$text], ['text' => '1.50'])->assertOk()->assertJsonPath('changed.0.fields.text', '1.50');
        $this->command($this->sheet, 'keep-preset', [], ['name' => '1'])->assertOk();
        self::assertSame('1.50', array_column($this->getJson("/api/sheets/$this->sheet")->json('items'), 'fields', 'id')[$text]['text']);
    }

    public function test_changes_of_unit_size_and_resolution_are_undone(): void
    {
        $tried = 0;
        foreach ([['unit' => 'mm'], ['ppi' => 250], ['unit' => 'in', 'ppi' => 300.7], ['width' => '1/3in'], ['width' => 777.77, 'unit' => 'pt'], ['unit' => 'cm', 'height' => '7.77cm']] as $params) {
            $before = $this->bytes($this->sheet);
            $this->command($this->sheet, 'set-sheet', [], $params)->assertOk();
            $after = $this->bytes($this->sheet);
            $this->postJson("/api/documents/$this->document/undo")->assertOk();
            self::assertSame($before, $this->bytes($this->sheet), (string) json_encode($params));
            $this->postJson("/api/documents/$this->document/redo")->assertOk();
            self::assertSame($after, $this->bytes($this->sheet), (string) json_encode($params));
            $tried++;
        }
        self::assertSame(6, $tried);
    }

    public function test_a_size_typed_in_a_unit_is_kept_in_it(): void
    {
        $this->command($this->sheet, 'set-sheet', [], ['unit' => 'mm', 'width' => '200mm', 'height' => '110mm'])->assertOk()
            ->assertJsonPath('settings.typed', ['width' => 200, 'height' => 110]);
    }

    public function test_steps_with_an_inset_and_a_turned_box_sized_in_proportion_are_undone(): void
    {
        $this->command($this->sheet, 'set-sheet', [], ['unit' => 'mm'])->assertOk();
        $box = $this->box($this->sheet, 10, 10, 24.783, 15.882);
        $turned = $this->command($this->sheet, 'add-item', [], ['kind' => 'box', 'x' => 200, 'y' => 200, 'w' => 100, 'h' => 60, 'angle' => 17])->json('created.0.id');
        foreach ([['step-repeat', [$box], ['count' => 4, 'inset' => 0.32]], ['resize', [$turned], ['handle' => 'top', 'dx' => 7, 'dy' => 11, 'ratio' => true]]] as [$command, $items, $params]) {
            $before = $this->bytes($this->sheet);
            $done = $this->command($this->sheet, $command, $items, $params)->assertOk();
            foreach ([...$done->json('created'), ...$done->json('changed')] as $item) {
                foreach ($item['frame'] as $length) {
                    self::assertEqualsWithDelta(round($length, 3), $length, 1e-9, 'to 1/1000 px');
                }
            }
            $this->postJson("/api/documents/$this->document/undo")->assertOk();
            self::assertSame($before, $this->bytes($this->sheet));
        }
    }

    public function test_a_history_that_is_stuck_already_gets_through(): void
    {
        $box = $this->box($this->sheet, 0, 0, 30, 30);
        $this->command($this->sheet, 'set', [$box], ['x' => 37])->assertOk();
        // As it was once stored: with 14 digits, beside a patch with 17.
        DB::table('items')->where('id', $box)->update(['x' => 37 * (1 + 4e-14)]);
        $this->postJson("/api/documents/$this->document/undo")->assertOk()->assertJsonPath('changed.0.frame.x', 0);
        self::assertTrue(HistoryLine::query()->orderByDesc('id')->firstOrFail()->undone);
    }

    public function test_numbers_are_stored_to_the_last_bit(): void
    {
        $box = $this->box($this->sheet, 0, 0);
        $tried = 0;
        foreach ([100 / 3, 0.1 + 0.2, -7 / 11, 1e-7 / 3, 0.3638401459656532] as $angle) {
            $said = $this->command($this->sheet, 'set', [$box], ['angle' => $angle])->assertOk()->json('changed.0.angle');
            self::assertSame($said, $this->getJson("/api/sheets/$this->sheet")->json('items.0.angle'));
            DB::table('items')->where('id', $box)->update(['angle' => $angle]);
            self::assertSame($angle, (float) DB::table('items')->where('id', $box)->value('angle'));
            $tried++;
        }
        self::assertSame(5, $tried);
    }

    public function test_the_ink_of_a_group_does_not_depend_on_what_was_touched_last(): void
    {
        $nothing = [
            ['kind' => 'box', 'x' => 300, 'y' => 300, 'w' => 90, 'h' => 90, 'fill' => null],
            ['kind' => 'box', 'x' => 300, 'y' => 300, 'w' => 90, 'h' => 90, 'opacity' => 0],
            ['kind' => 'line', 'x' => 300, 'y' => 300, 'w' => 90, 'outline' => null],
            ['kind' => 'text', 'x' => 300, 'y' => 300, 'w' => 90, 'h' => 90, 'text' => ' '],
        ];
        foreach ($nothing as $params) {
            $box = $this->box($this->sheet, 50, 50, 50, 50);
            $clear = $this->command($this->sheet, 'add-item', [], $params)->assertOk()->json('created.0.id');
            $group = $this->command($this->sheet, 'group', [$box, $clear])->assertOk()->json('created.0.id');
            $ink = fn (): array => array_column($this->getJson("/api/sheets/$this->sheet")->json('items'), 'ink', 'id')[$group];
            self::assertSame(['x' => 50, 'y' => 50, 'w' => 50, 'h' => 50], $ink());
            foreach ([$box, $clear] as $id) {
                $this->command($this->sheet, 'set', [$id], ['name' => "Named $id"])->assertOk();
                self::assertSame(['x' => 50, 'y' => 50, 'w' => 50, 'h' => 50], $ink(), $params['kind']);
                $this->postJson("/api/documents/$this->document/undo")->assertOk();
                self::assertSame(['x' => 50, 'y' => 50, 'w' => 50, 'h' => 50], $ink(), "$params[kind], undone");
            }
        }
    }

    public function test_groups_in_groups_have_one_bound_and_all_below_it_can_be_opened(): void
    {
        $group = $this->box($this->sheet, 0, 0);
        for ($depth = 1; $depth <= 24; $depth++) {
            $group = $this->command($this->sheet, 'group', [$group])->assertOk()->json('created.0.id');
        }
        $this->command($this->sheet, 'group', [$group])->assertStatus(422)->assertJsonPath('detail', 'Groups can lie in each other 24 deep at most.');
        $file = (string) $this->get("/api/documents/$this->document/file")->assertOk()->getContent();
        $opened = $this->call('POST', '/api/documents/import', server: ['CONTENT_TYPE' => 'application/json'], content: $file)->assertCreated()->json('id');
        self::assertSame($file, $this->get("/api/documents/$opened/file")->getContent());
    }

    public function test_a_frame_is_never_less_than_nothing_nor_wider_than_places_reach(): void
    {
        $this->command($this->sheet, 'set-grid', [], ['rows' => ['count' => 6, 'gutter' => 20]])->assertOk();
        $this->command($this->sheet, 'set-sheet', [], ['height' => 90])->assertOk();
        $box = $this->box($this->sheet, 0, 0);
        $this->command($this->sheet, 'fit-to-grid', [$box], ['rows' => [1, 1]])->assertStatus(422);
        $far = [$this->box($this->sheet, -900_010, 0), $this->box($this->sheet, 900_010, 0)];
        $this->command($this->sheet, 'group', $far)->assertStatus(422);
    }

    public function test_a_sheet_of_a_deleted_document_takes_no_commands(): void
    {
        $this->deleteJson("/api/documents/$this->document")->assertNoContent();
        foreach ([[], ['dry' => true]] as $more) {
            $this->command($this->sheet, 'add-guide', [], ['axis' => 'x', 'at' => 5], $more)->assertNotFound();
        }
        $this->postJson("/api/documents/$this->document/restore")->assertOk();
        self::assertSame([], $this->getJson("/api/sheets/$this->sheet")->json('guides'));
    }

    public function test_a_key_of_a_run_is_done_once_whatever_came_after(): void
    {
        $box = $this->box($this->sheet, 0, 0);
        foreach (['key-number-1', 'key-number-2', 'key-number-1', 'key-number-2'] as $key) {
            $this->command($this->sheet, 'move-by', [$box], ['dx' => 4], ['run' => 'arrow-run', 'key' => $key])->assertOk();
        }
        self::assertSame(8, $this->getJson("/api/sheets/$this->sheet")->json('items.0.frame.x'));
    }

    public function test_a_key_of_another_sheet_is_refused(): void
    {
        $other = $this->postJson("/api/documents/$this->document/sheets", ['name' => 'Two', 'width' => 50, 'height' => 50])->json('id');
        $this->command($this->sheet, 'add-guide', [], ['axis' => 'x', 'at' => 5], ['key' => 'key-number-1'])->assertOk();
        $this->command($other, 'add-guide', [], ['axis' => 'x', 'at' => 5], ['key' => 'key-number-1'])->assertStatus(422)->assertJsonPath('errors.key.0', 'That key was used for a request on another sheet of this document. Every request has a key of its own.');
    }
}
