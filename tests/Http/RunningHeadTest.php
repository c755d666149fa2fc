<?php

declare(strict_types=1);

namespace Tests\Http;

/** What runs along the head or the foot of every sheet: one thing, shown and changed on all of them. */
final class RunningHeadTest extends HttpTestCase
{
    private string $document = '';

    private string $first = '';

    private string $second = '';

    protected function setUp(): void
    {
        parent::setUp();
        ['document' => $this->document, 'sheet' => $this->first] = $this->begin(400, 600);
        $this->second = (string) $this->postJson("/api/documents/$this->document/sheets", ['name' => 'Back', 'width' => 400, 'height' => 900])->assertCreated()->json('id');
    }

    /** @return list<array<string, mixed>> what runs on a sheet, from below */
    private function running(string $sheet): array
    {
        return array_values(array_filter((array) $this->getJson("/api/sheets/$sheet")->assertOk()->json('items'), static fn (array $item): bool => ($item['fields']['twin'] ?? null) !== null));
    }

    /** @return list<string> names and tops */
    private function said(string $sheet): array
    {
        return array_map(static fn (array $item): string => "{$item['name']} {$item['bounds']['y']}", $this->running($sheet));
    }

    public function test_it_is_shown_on_every_sheet_at_the_same_distance_from_its_edge(): void
    {
        [$line, $page] = [$this->box($this->first, 0, 20, 400, 30, 'Line'), $this->box($this->first, 180, 560, 40, 20, 'Page')];
        $this->command($this->first, 'make-running', [$line, $page])->assertOk()->assertJsonPath('report.summary', 'Let 2 boxes run along the head and foot of every sheet');
        self::assertSame(['Line 20', 'Page 560'], $this->said($this->first));
        self::assertSame(['Line 20', 'Page 860'], $this->said($this->second));
        $this->command($this->second, 'move-by', [$this->running($this->second)[1]['id']], ['dy' => -10])->assertOk();
        self::assertSame(['Line 20', 'Page 550'], $this->said($this->first), 'changed there, it is changed here');
        $this->command($this->first, 'set', [$line], ['fill' => '#17614f', 'h' => 44])->assertOk();
        self::assertSame(['#17614f', 44], [$this->running($this->second)[0]['fields']['fill'], $this->running($this->second)[0]['frame']['h']]);
    }

    public function test_the_foot_rides_on_the_bottom_edge(): void
    {
        $page = $this->box($this->first, 180, 560, 40, 20, 'Page');
        $this->command($this->first, 'make-running', [$page])->assertOk();
        $this->command($this->first, 'set-sheet', [], ['height' => 700])->assertOk();
        self::assertSame([['Page 660'], ['Page 860']], [$this->said($this->first), $this->said($this->second)]);
    }

    public function test_what_comes_into_it_and_goes_out_of_it(): void
    {
        [$a, $b] = [$this->box($this->first, 0, 0, 100, 30, 'A'), $this->box($this->first, 100, 0, 100, 30, 'B')];
        $group = $this->command($this->first, 'group', [$a, $b], ['name' => 'Head'])->json('report.selection.0') ?? $this->getJson("/api/sheets/$this->first")->json('items.0.parent');
        $this->command($this->first, 'make-running', [$group])->assertOk();
        self::assertCount(3, $this->running($this->second));
        $c = $this->box($this->first, 200, 0, 100, 30, 'C');
        $this->command($this->first, 'move-into', [$c], ['parent' => $group, 'index' => 2])->assertOk();
        self::assertSame(['A 0', 'B 0', 'C 0', 'Head 0'], $this->sorted($this->second));
        $this->command($this->first, 'delete', [$a])->assertOk();
        self::assertSame(['B 0', 'C 0', 'Head 0'], $this->sorted($this->second));
        $this->command($this->first, 'move-into', [$b], ['parent' => null])->assertOk();
        self::assertSame(['C 0', 'Head 0'], $this->sorted($this->second));
        self::assertSame(['C 0', 'Head 0'], $this->sorted($this->first));
        $this->postJson("/api/documents/$this->document/undo")->assertOk();
        $this->postJson("/api/documents/$this->document/undo")->assertOk();
        self::assertSame(['A 0', 'B 0', 'C 0', 'Head 0'], $this->sorted($this->second));
    }

    /** @return list<string> */
    private function sorted(string $sheet): array
    {
        $said = $this->said($sheet);
        sort($said);

        return $said;
    }

    public function test_undone_it_is_gone_everywhere_and_ended_it_stays_as_it_is(): void
    {
        $line = $this->box($this->first, 0, 20, 400, 30, 'Line');
        $was = [$this->bytes($this->first), $this->bytes($this->second)];
        $this->command($this->first, 'make-running', [$line])->assertOk();
        $this->postJson("/api/documents/$this->document/undo")->assertOk();
        self::assertSame($was, [$this->bytes($this->first), $this->bytes($this->second)]);
        $this->postJson("/api/documents/$this->document/redo")->assertOk();
        self::assertSame(['Line 20'], $this->said($this->second));
        $this->command($this->second, 'end-running', [$this->running($this->second)[0]['id']])->assertOk();
        self::assertSame([[], []], [$this->said($this->first), $this->said($this->second)]);
        self::assertCount(1, $this->getJson("/api/sheets/$this->second")->json('items'));
        $this->command($this->first, 'move-by', [$line], ['dx' => 5])->assertOk();
        self::assertSame(0, $this->getJson("/api/sheets/$this->second")->json('items.0.bounds.x'));
    }

    public function test_a_new_sheet_has_it_and_a_copied_one_too(): void
    {
        [$line, $page] = [$this->box($this->first, 0, 20, 400, 30, 'Line'), $this->box($this->first, 180, 560, 40, 20, 'Page')];
        $group = $this->command($this->first, 'group', [$page], ['name' => 'Foot'])->json('report.selection.0') ?? $page;
        $this->command($this->first, 'make-running', [$line, $group])->assertOk();
        $third = (string) $this->postJson("/api/documents/$this->document/sheets", ['name' => 'Third', 'width' => 400, 'height' => 300])->assertCreated()->json('id');
        self::assertSame(['Foot 260', 'Line 20', 'Page 260'], $this->sorted($third));
        $copy = (string) $this->postJson("/api/sheets/$third/copy")->assertCreated()->json('id');
        $this->command($copy, 'move-by', [array_column($this->running($copy), 'id', 'name')['Line']], ['dy' => 5])->assertOk();
        self::assertSame(['Foot 560', 'Line 25', 'Page 560'], $this->sorted($this->first));
        $this->postJson("/api/documents/$this->document/undo")->assertOk();
        $this->postJson("/api/documents/$this->document/undo")->assertOk();
        $this->postJson("/api/documents/$this->document/undo")->assertOk();
        $this->postJson("/api/documents/$this->document/redo")->assertOk();
        self::assertSame(['Foot 260', 'Line 20', 'Page 260'], $this->sorted($third));
    }

    public function test_a_copy_of_it_does_not_run(): void
    {
        $line = $this->box($this->first, 0, 20, 400, 30, 'Line');
        $this->command($this->first, 'make-running', [$line])->assertOk();
        $this->command($this->first, 'duplicate', [$line])->assertOk();
        self::assertSame([['Line 20'], ['Line 20']], [$this->said($this->first), $this->said($this->second)]);
        $this->command($this->first, 'delete', [$line])->assertOk();
        self::assertSame([[], []], [$this->said($this->first), $this->said($this->second)]);
    }
}
