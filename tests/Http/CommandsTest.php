<?php

declare(strict_types=1);

namespace Tests\Http;

use AllSquare\Core\Running\Catalogue;
use Tests\Core\Support\RandomScene;

final class CommandsTest extends HttpTestCase
{
    public function test_a_command_answers_with_what_changed_and_says_it(): void
    {
        ['sheet' => $sheet] = $this->begin();
        $a = $this->box($sheet, 10, 20, name: 'Card, a');
        $b = $this->box($sheet, 100, 26, name: 'Card, b');
        $answer = $this->command($sheet, 'align', [$a, $b], ['edge' => 'top'])->assertOk();
        self::assertSame([3, [], []], [$answer->json('revision'), $answer->json('created'), $answer->json('removed')]);
        self::assertSame([$b], array_column($answer->json('changed'), 'id'), 'only the one that moved');
        self::assertArrayNotHasKey('painting', $answer->json('changed.0'), 'its painting stayed the same');
        self::assertSame('Aligned 2 cards by tops to each other: 1 moved, by 6 px', $answer->json('report.summary'));
        self::assertSame([['id' => $b, 'dx' => 0, 'dy' => -6]], $answer->json('report.moved'));
    }

    public function test_every_command_is_listed_with_its_sentence_and_schema(): void
    {
        $commands = $this->getJson('/api/commands')->assertOk()->json('commands');
        self::assertSame(array_keys(Catalogue::all()), array_column($commands, 'command'));
        foreach ($commands as $command) {
            self::assertStringEndsWith('.', $command['sentence']);
            self::assertFalse($command['params']['additionalProperties'] ?? $command['params']['unevaluatedProperties'], $command['command']);
            self::assertStringNotContainsString('.json#', (string) json_encode($command['params']), 'it says all that is to know by itself');
        }
    }

    public function test_what_changes_nothing_keeps_the_revision_and_what_can_be_redone(): void
    {
        ['document' => $document, 'sheet' => $sheet] = $this->begin();
        $a = $this->box($sheet, 10, 20);
        $this->command($sheet, 'move-by', [$a], ['dx' => 5]);
        $this->postJson("/api/documents/$document/undo")->assertOk();
        $answer = $this->command($sheet, 'place', [$a], ['x' => 10])->assertOk();
        self::assertSame([3, [], [], []], [$answer->json('revision'), $answer->json('created'), $answer->json('changed'), $answer->json('removed')]);
        $this->postJson("/api/documents/$document/redo")->assertOk();
    }

    public function test_a_dry_run_says_what_the_real_one_does_and_stores_nothing(): void
    {
        foreach (RandomScene::seeds(6) as $seed) {
            $random = new RandomScene($seed);
            ['document' => $document, 'sheet' => $sheet] = $this->begin();
            $ids = [];
            foreach (range(1, 8) as $i) {
                $ids[] = $this->box($sheet, $random->number(-200, 900), $random->number(-200, 600), $random->number(0, 200), $random->number(0, 200));
            }
            foreach ([['align', ['edge' => 'middle']], ['distribute', ['axis' => 'x']], ['resize', ['handle' => 'left', 'dx' => -33]], ['group', []], ['duplicate', ['dx' => 3]], ['order', ['to' => 'back']], ['delete', []]] as [$command, $params]) {
                $some = array_slice($ids, 0, $random->number(3, 8));
                $before = $this->bytes($sheet);
                $lines = count($this->getJson("/api/documents/$document/history")->json('lines'));
                $dry = $this->command($sheet, $command, $some, $params, ['dry' => true])->assertOk()->json();
                self::assertSame($before, $this->bytes($sheet), "seed $seed, $command: nothing stored");
                self::assertCount($lines, $this->getJson("/api/documents/$document/history")->json('lines'));
                $real = $this->command($sheet, $command, $some, $params)->assertOk()->json();
                $changed = array_merge($real['created'], $real['changed'], $real['removed']) !== [];
                self::assertSame($real['revision'] - ($changed ? 1 : 0), $dry['revision']);
                foreach (['changed', 'removed'] as $part) {
                    self::assertEquals(self::plain($real[$part]), self::plain($dry[$part]), "seed $seed, $command, $part");
                }
                self::assertSame($real['report']['summary'], $dry['report']['summary']);
                self::assertCount(count($real['created']), $dry['created']);
                if ($changed) {
                    $this->postJson("/api/documents/$document/undo")->assertOk();
                }
            }
        }
    }

    public function test_a_retry_with_the_same_key_happens_once(): void
    {
        ['document' => $document, 'sheet' => $sheet] = $this->begin();
        $a = $this->box($sheet, 10, 20);
        $first = $this->command($sheet, 'move-by', [$a], ['dx' => 5], ['key' => 'key-of-the-first', 'revision' => 1])->assertOk();
        $again = $this->command($sheet, 'move-by', [$a], ['dx' => 5], ['key' => 'key-of-the-first', 'revision' => 1])->assertOk();
        self::assertSame($first->json('revision'), $again->json('revision'));
        self::assertSame(15, $again->json('changed.0.frame.x'));
        self::assertSame($first->json('report.summary'), $again->json('report.summary'));
        self::assertCount(2, $this->getJson("/api/documents/$document/history")->json('lines'));
    }

    public function test_two_on_one_sheet_the_second_is_told(): void
    {
        ['sheet' => $sheet] = $this->begin();
        $a = $this->box($sheet, 10, 20);
        $this->command($sheet, 'move-by', [$a], ['dx' => 5], ['revision' => 1])->assertOk();
        $before = $this->bytes($sheet);
        $stale = $this->command($sheet, 'move-by', [$a], ['dx' => 5], ['revision' => 1]);
        $stale->assertStatus(409)->assertJson(['status' => 409, 'revision' => 2])->assertHeader('Content-Type', 'application/problem+json');
        self::assertSame($before, $this->bytes($sheet));
    }

    public function test_sums_are_read_and_evaluated(): void
    {
        ['sheet' => $sheet] = $this->begin();
        $a = $this->box($sheet, 10, 20);
        $this->command($sheet, 'place', [$a], ['x' => '50% - w/2', 'w' => '1in'])->assertOk()->assertJsonPath('changed.0.bounds', ['x' => 615, 'y' => 20, 'w' => 96, 'h' => 40]);
        $this->postJson("/api/sheets/$sheet/evaluate", ['text' => 'w*2 + 1cm', 'axis' => 'x', 'item' => $a])->assertOk()->assertJson(['px' => 229.795]);
        $this->postJson("/api/sheets/$sheet/evaluate", ['text' => '2', 'axis' => 'x', 'unit' => 'in', 'zero' => 64])->assertJson(['px' => 256]);
        $this->postJson("/api/sheets/$sheet/evaluate", ['text' => '2,5', 'axis' => 'x'])->assertStatus(422);
    }

    public function test_a_sheet_is_always_the_same_bytes_with_its_items_in_tree_order(): void
    {
        ['sheet' => $sheet] = $this->begin();
        $ids = array_map(fn (int $i): string => $this->box($sheet, $i * 60, 0), range(0, 3));
        $group = $this->command($sheet, 'group', [$ids[1], $ids[0]])->json('created.0.id');
        $body = $this->get("/api/sheets/$sheet");
        self::assertSame($body->getContent(), $this->get("/api/sheets/$sheet")->getContent());
        self::assertSame([$group, $ids[0], $ids[1], $ids[2], $ids[3]], array_column($body->json('items'), 'id'));
        self::assertSame(['x' => 0, 'y' => 0], $body->json('items.0.origin'));
        self::assertSame('rect', $body->json('items.1.painting.body.0.0'));
    }

    public function test_what_lies_in_a_moved_group_is_told_too_but_not_stored_anew(): void
    {
        ['sheet' => $sheet] = $this->begin();
        $ids = array_map(fn (int $i): string => $this->box($sheet, $i * 60, 0), range(0, 2));
        $group = $this->command($sheet, 'group', $ids)->json('created.0.id');
        $answer = $this->command($sheet, 'set', [$group], ['angle' => 90]);
        self::assertCount(4, $answer->json('changed'));
        self::assertSame(0, $answer->json('changed.1.frame.x'), 'its frame is in the space of the group');
        self::assertNotSame(0, $answer->json('changed.1.bounds.x'));
    }

    /**
     * @param  list<mixed>  $part
     * @return list<mixed> without the painting, which a dry run of a sized item gives as well
     */
    private static function plain(array $part): array
    {
        return array_map(static function (mixed $item): mixed {
            if (is_array($item) && isset($item['parent']) && str_starts_with((string) $item['parent'], '01')) {
                $item['parent'] = 'a group';
            }

            return $item;
        }, $part);
    }
}
