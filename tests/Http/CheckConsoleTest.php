<?php

declare(strict_types=1);

namespace Tests\Http;

/** A build that fails where something is out of square, and says where; commands run as a batch. */
final class CheckConsoleTest extends ConsoleTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $card = static fn (int $i, int $x): array => ['id' => "card-$i", 'kind' => 'box', 'name' => "Card $i", 'frame' => ['x' => $x, 'y' => 100, 'w' => 100, 'h' => 80]];
        $this->write(['width' => 800, 'height' => 400, 'items' => array_map($card, range(1, 5), [40, 164, 288, 412, 540])]);
    }

    public function test_a_build_fails_on_an_odd_gap_and_says_where(): void
    {
        $told = $this->artisan('allsquare:check', $this->file);
        self::assertSame([1, "Pier, 512, 100: 28 px between \"Card 4\" and \"Card 5\". 24 px occurs 3 times on this sheet. [odd-gap]\n1 out of square\n"], [$told->getExitCode(), $told->getOutput()], $told->getErrorOutput());
        $json = $this->artisan('allsquare:check', $this->file, '--json');
        $read = json_decode($json->getOutput(), true, flags: JSON_THROW_ON_ERROR);
        self::assertSame([1, 1, 'Pier', 'odd-gap', 28, 24], [$json->getExitCode(), $read['count'], $read['sheets'][0]['sheet'], ...array_values(array_intersect_key($read['sheets'][0]['findings'][0], ['kind' => 1, 'measured' => 1, 'expected' => 1]))]);
        $sarif = $this->artisan('allsquare:check', $this->file, '--sarif');
        $run = json_decode($sarif->getOutput(), true, flags: JSON_THROW_ON_ERROR)['runs'][0];
        self::assertSame(['odd-gap', 'warning', 'Pier', $this->file], [$run['results'][0]['ruleId'], $run['results'][0]['level'], $run['results'][0]['locations'][0]['logicalLocations'][0]['name'], $run['results'][0]['locations'][0]['physicalLocation']['artifactLocation']['uri']]);
        self::assertContains('odd-gap', array_column($run['tool']['driver']['rules'], 'id'));
    }

    public function test_only_the_kinds_named_count_and_what_is_square_passes(): void
    {
        $passed = $this->artisan('allsquare:check', $this->file, '--fail-on=near-line,overlap');
        self::assertSame([0, "All square\n"], [$passed->getExitCode(), $passed->getOutput()]);
        $unknown = $this->artisan('allsquare:check', $this->file, '--fail-on=odd-gaps');
        self::assertSame(2, $unknown->getExitCode());
        self::assertStringStartsWith('All Square: There is no check "odd-gaps". There are: near-line, odd-gap,', $unknown->getErrorOutput());
        self::assertSame(2, $this->artisan('allsquare:check', $this->data->path.'/nowhere.json')->getExitCode());
    }

    public function test_a_batch_of_commands_happens_whole_or_not_at_all(): void
    {
        $was = (string) file_get_contents($this->file);
        $batch = $this->data->path.'/batch.json';
        $write = static fn (array ...$commands) => file_put_contents($batch, json_encode($commands));
        $write(['command' => 'mend'], ['sheet' => 'Pier', 'command' => 'set', 'items' => ['Card 5'], 'params' => ['name' => 'Last card']]);
        $dry = $this->artisan('allsquare:run', $batch, $this->file, '--dry');
        self::assertSame(0, $dry->getExitCode(), $dry->getErrorOutput());
        self::assertStringEqualsFile($this->file, $was);
        $done = $this->artisan('allsquare:run', $batch, $this->file);
        self::assertSame([0, $dry->getOutput()."Wrote $this->file\n"], [$done->getExitCode(), $done->getOutput()]);
        self::assertStringContainsString('Pier: Put 1 finding right: odd gaps (1); 1 moved, by 4 px', $done->getOutput());
        self::assertStringContainsString('"Last card"', (string) file_get_contents($this->file));
        self::assertSame(0, $this->artisan('allsquare:check', $this->file)->getExitCode());

        $was = (string) file_get_contents($this->file);
        $write(['command' => 'set', 'items' => ['Card 1'], 'params' => ['x' => 10]], ['command' => 'mend']);
        $write(['command' => 'set', 'items' => ['Card 1'], 'params' => ['name' => 'First card']], ['command' => 'align', 'items' => ['Card 9'], 'params' => ['edge' => 'left']]);
        $failed = $this->artisan('allsquare:run', $batch, $this->file);
        self::assertNotSame(0, $failed->getExitCode());
        self::assertStringContainsString('Command 2, align, on "Pier"', $failed->getErrorOutput());
        self::assertStringEqualsFile($this->file, $was);
        foreach (['{}', '[{"items": []}]', 'nonsense'] as $bad) {
            file_put_contents($batch, $bad);
            self::assertSame(2, $this->artisan('allsquare:run', $batch, $this->file)->getExitCode(), $bad);
        }
    }

    public function test_two_files_differ_thing_by_thing(): void
    {
        $other = $this->data->path.'/other.json';
        $data = json_decode((string) file_get_contents($this->file), true, flags: JSON_THROW_ON_ERROR);
        $data['sheets'][0]['items'][4]['frame']['x'] = 536;
        $data['sheets'][0]['items'][0]['name'] = 'First card';
        $data['sheets'][] = ['name' => 'Quay', 'width' => 100, 'height' => 60, 'items' => []];
        file_put_contents($other, json_encode($data));
        $told = $this->artisan('allsquare:diff', $this->file, $other);
        self::assertSame([1, "Pier: \"Card 1\" is gone\nPier: \"First card\" is added\nPier: \"Card 5\" moves left 4 px\nQuay: The sheet is added\n4 differences\n"], [$told->getExitCode(), self::sorted($told->getOutput())], $told->getErrorOutput());
        $json = json_decode($this->artisan('allsquare:diff', $this->file, $other, '--sheet=Pier', '--json')->getOutput(), true, flags: JSON_THROW_ON_ERROR);
        self::assertSame(3, $json['count']);
        self::assertContains(['dx' => -4, 'dy' => 0], array_column($json['sheets']['Pier'], 'numbers'));
        self::assertSame([0, "No difference\n"], [$this->artisan('allsquare:diff', $this->file, $this->file)->getExitCode(), $this->artisan('allsquare:diff', $this->file, $this->file)->getOutput()]);
        self::assertSame(2, $this->artisan('allsquare:diff', $this->file, $this->data->path.'/nowhere.json')->getExitCode());
    }

    /** What is gone lies behind all that is there. */
    private static function sorted(string $told): string
    {
        $lines = explode("\n", trim($told));
        $last = array_pop($lines);
        usort($lines, static fn (string $a, string $b): int => [! str_contains($a, 'gone'), ! str_contains($a, 'added'), $a] <=> [! str_contains($b, 'gone'), ! str_contains($b, 'added'), $b]);
        $pier = array_filter($lines, static fn (string $line): bool => str_starts_with($line, 'Pier'));

        return implode("\n", [...$pier, ...array_diff($lines, $pier), $last])."\n";
    }
}
