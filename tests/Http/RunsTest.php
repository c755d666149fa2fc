<?php

declare(strict_types=1);

namespace Tests\Http;

/** A run of arrow presses is one line of the history, and no more than that. */
final class RunsTest extends HttpTestCase
{
    /** @return list<string> what the history says, the latest first */
    private function labels(string $document): array
    {
        return array_column($this->getJson("/api/documents/$document/history")->json('lines'), 'label');
    }

    /** @param  list<string>  $items */
    private function press(string $sheet, array $items, float $dx, float $dy, string $run): void
    {
        $this->command($sheet, 'move-by', $items, ['dx' => $dx, 'dy' => $dy], ['run' => $run])->assertOk();
    }

    public function test_other_items_another_run_and_another_command_begin_a_new_line(): void
    {
        ['document' => $document, 'sheet' => $sheet] = $this->begin();
        [$a, $b] = [$this->box($sheet, 0, 0, name: 'Oar'), $this->box($sheet, 200, 0, name: 'Thole')];
        $this->press($sheet, [$a], 1, 0, 'first-run');
        $this->press($sheet, [$a], 10, 0, 'first-run');
        $this->press($sheet, [$b], 1, 0, 'first-run');
        $this->press($sheet, [$b], 1, 0, 'second-run');
        $this->command($sheet, 'set', [$b], ['fill' => '#123456'])->assertOk();
        $this->press($sheet, [$b], 0, 2, 'second-run');
        self::assertSame(
            ['Moved "Thole" 2 px down', 'Set fill of "Thole" to #123456', 'Moved "Thole" 1 px right', 'Moved "Thole" 1 px right', 'Moved "Oar" 11 px right'],
            array_slice($this->labels($document), 0, 5),
        );
    }

    public function test_undone_and_redone_as_one(): void
    {
        ['document' => $document, 'sheet' => $sheet] = $this->begin();
        $a = $this->box($sheet, 0, 0);
        $before = $this->bytes($sheet);
        foreach ([[1, 0], [1, 0], [0, 10], [-3, 0]] as [$dx, $dy]) {
            $this->press($sheet, [$a], $dx, $dy, 'arrow-run');
        }
        $after = $this->bytes($sheet);
        self::assertSame('Moved "Box" 1 px left and 10 px down', $this->labels($document)[0]);
        $this->postJson("/api/documents/$document/undo")->assertOk()->assertJsonPath('selection', [$a]);
        self::assertSame($before, $this->bytes($sheet));
        $this->postJson("/api/documents/$document/redo")->assertOk();
        self::assertSame($after, $this->bytes($sheet));
    }

    public function test_after_an_undo_the_same_run_begins_a_line_of_its_own(): void
    {
        ['document' => $document, 'sheet' => $sheet] = $this->begin();
        $a = $this->box($sheet, 0, 0);
        $this->press($sheet, [$a], 5, 0, 'arrow-run');
        $this->postJson("/api/documents/$document/undo")->assertOk();
        $this->press($sheet, [$a], 7, 0, 'arrow-run');
        self::assertSame(['Moved "Box" 7 px right', 'Drew "Box" at 0, 0: 50 × 40'], $this->labels($document));
        $this->postJson("/api/documents/$document/redo")->assertStatus(409);
    }

    public function test_a_retry_of_a_press_with_its_key_is_done_once(): void
    {
        ['sheet' => $sheet] = $this->begin();
        $a = $this->box($sheet, 0, 0);
        $this->press($sheet, [$a], 1, 0, 'arrow-run');
        foreach (range(1, 3) as $_) {
            $answer = $this->command($sheet, 'move-by', [$a], ['dx' => 4], ['run' => 'arrow-run', 'key' => 'a-key-of-its-own-0001']);
            $answer->assertOk()->assertJsonPath('changed.0.frame.x', 5);
        }
    }

    public function test_steps_of_one_number_are_joined_and_say_what_it_was_at_first(): void
    {
        ['document' => $document, 'sheet' => $sheet] = $this->begin();
        $a = $this->box($sheet, 0, 0);
        $before = $this->bytes($sheet);
        foreach ([1, 2, 3] as $x) {
            $this->command($sheet, 'place', [$a], ['x' => $x, 'ref' => 'top-left'], ['run' => 'stepping'])->assertOk();
        }
        $after = $this->bytes($sheet);
        $this->command($sheet, 'place', [$a], ['y' => 7, 'ref' => 'top-left'], ['run' => 'stepping'])->assertOk();
        self::assertSame(['Placed "Box": y 7 (was 0)', 'Placed "Box": x 3 (was 0)', 'Drew "Box" at 0, 0: 50 × 40'], array_map(static fn (string $label): string => str_replace(['(was y ', '(was x '], '(was ', $label), $this->labels($document)));
        $this->postJson("/api/documents/$document/undo")->assertOk();
        self::assertSame($after, $this->bytes($sheet));
        $this->postJson("/api/documents/$document/undo")->assertOk();
        self::assertSame($before, $this->bytes($sheet));
    }

    public function test_what_is_no_step_is_not_joined(): void
    {
        ['document' => $document, 'sheet' => $sheet] = $this->begin();
        $a = $this->box($sheet, 0, 0);
        foreach ([1, 2] as $_) {
            $this->command($sheet, 'duplicate', [$a], ['dx' => 9], ['run' => 'arrow-run'])->assertOk();
        }
        self::assertCount(3, $this->labels($document));
    }
}
