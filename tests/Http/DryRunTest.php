<?php

declare(strict_types=1);

namespace Tests\Http;

use Illuminate\Support\Facades\DB;
use Tests\Core\Support\RandomScene;

/** A dry run says what the real run does, and stores nothing. */
final class DryRunTest extends HttpTestCase
{
    private const COMMANDS = [
        ['align', ['edge' => 'left', 'and' => 'top']], ['align', ['edge' => 'middle', 'to' => 'ground']], ['align', ['edge' => 'right', 'to' => 'margins', 'as' => 'one']],
        ['distribute', ['axis' => 'x']], ['distribute', ['axis' => 'y', 'mode' => 'centres', 'within' => 'sheet']], ['set-gap', ['axis' => 'x', 'gap' => '0.5cm']],
        ['inset', ['value' => 12, 'sides' => ['left', 'top']]], ['match-size', ['dimension' => 'both', 'hold' => 'centre']], ['set-clearance', ['side' => 'bottom', 'value' => 9]],
        ['square-up', []], ['block', ['columns' => 2, 'column_gap' => 4, 'row_gap' => 4]], ['turn', ['angle' => -33]], ['mirror', ['axis' => 'y', 'as' => 'one']],
        ['ring', ['cx' => '50%', 'cy' => '50%', 'radius' => 150, 'count' => 9, 'facing' => 'inward', 'series' => true]], ['step-repeat', ['dx' => 12, 'dy' => 12, 'inset' => 1, 'count' => 2]],
        ['resize', ['handle' => 'right', 'dx' => 30, 'ratio' => true]], ['place', ['x' => '10mm', 'as' => 'one']], ['duplicate', ['dx' => 5]], ['group', []], ['ungroup', []],
        ['order', ['to' => 'back']], ['delete', []], ['set', ['fill' => '#a83a24', 'opacity' => 0.5]], ['move-by', ['dx' => 1, 'dy' => -1]], ['again', []],
        ['mend-gaps', []], ['set-grid', ['columns' => ['count' => 6, 'gutter' => 12, 'left' => 30, 'right' => 30], 'module' => 8]], ['fit-to-grid', ['columns' => [2, 4]]],
        ['guides-from-items', ['inset' => '4mm']], ['lock-guides', []], ['move-by', ['dx' => 9, 'dy' => 7, 'snap' => ['tolerance' => 12]]],
        ['resize', ['handle' => 'bottom', 'dy' => 20, 'snap' => ['tolerance' => 12, 'by' => 'ink']]], ['set', ['reference' => true]], ['set', ['reference' => false]],
    ];

    public function test_of_every_command_on_any_sheet(): void
    {
        foreach (RandomScene::seeds(4) as $seed) {
            $random = new RandomScene($seed);
            ['sheet' => $sheet] = $this->begin();
            foreach (range(1, 9) as $i) {
                $this->box($sheet, $random->number(-50, 900), $random->number(-50, 600), $random->number(5, 300), $random->number(5, 300), "Box, $i");
            }
            $this->command($sheet, 'add-item', [], ['kind' => 'text', 'text' => 'Berth 07', 'x' => 5, 'y' => 5, 'angle' => 20])->assertOk();
            foreach (range(1, 20) as $_) {
                [$command, $params] = $random->pick(self::COMMANDS);
                $ids = array_column($this->getJson("/api/sheets/$sheet")->json('items'), 'id');
                if ($ids === []) {
                    break;
                }
                $some = array_values(array_unique(array_map(static fn (): string => $random->pick($ids), range(1, 5))));
                $before = [$this->bytes($sheet), DB::table('history')->count(), $this->revision($sheet)];
                $dry = $this->command($sheet, $command, $some, $params, ['dry' => true]);
                self::assertSame($before, [$this->bytes($sheet), DB::table('history')->count(), $this->revision($sheet)], "seed $seed, $command: nothing was stored");
                $real = $this->command($sheet, $command, $some, $params);
                self::assertSame($real->getStatusCode(), $dry->getStatusCode(), "seed $seed, $command: {$dry->getContent()}");
                if ($real->getStatusCode() !== 200) {
                    self::assertSame($real->json('detail'), $dry->json('detail'));

                    continue;
                }
                self::assertSame($real->json('report.summary'), $dry->json('report.summary'), "seed $seed, $command");
                self::assertSame(self::landed($real->json('changed')), self::landed($dry->json('changed')), "seed $seed, $command");
                self::assertSame(self::landed($real->json('created')), self::landed($dry->json('created')), "seed $seed, $command");
                self::assertEqualsCanonicalizing($real->json('removed'), $dry->json('removed'));
            }
        }
    }

    public function test_it_is_refused_at_a_stale_revision_too(): void
    {
        ['sheet' => $sheet] = $this->begin();
        $a = $this->box($sheet, 0, 0);
        $this->command($sheet, 'move-by', [$a], ['dx' => 4], ['dry' => true, 'revision' => 0])->assertStatus(409)->assertJson(['revision' => 1]);
        $this->command($sheet, 'move-by', [$a], ['dx' => 4], ['dry' => true, 'revision' => 1])->assertOk()->assertJsonPath('revision', 1);
    }

    private function revision(string $sheet): int
    {
        return $this->getJson("/api/sheets/$sheet/revision")->json('revision');
    }

    /**
     * What can be compared of items whose ids, where they are new, differ from run to run.
     *
     * @param  list<array<string, mixed>>  $items
     * @return list<array<string, mixed>>
     */
    private static function landed(array $items): array
    {
        return array_map(static fn (array $item): array => array_intersect_key($item, array_flip(['kind', 'name', 'order', 'frame', 'angle', 'bounds', 'ink', 'fill', 'opacity'])), $items);
    }
}
