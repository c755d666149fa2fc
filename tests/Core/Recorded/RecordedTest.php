<?php

declare(strict_types=1);

namespace Tests\Core\Recorded;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\RandomScene;

/** Every command does what it did when it was recorded (write.php): on sheets by chance, with parameters by chance. */
final class RecordedTest extends TestCase
{
    /** @return iterable<string, array{int, list<array<string, mixed>>}> */
    public static function sheets(): iterable
    {
        $sheets = [];
        foreach (file(__DIR__.'/commands.jsonl', FILE_IGNORE_NEW_LINES) ?: [] as $line) {
            $one = json_decode($line, true, flags: JSON_THROW_ON_ERROR);
            $sheets[$one['sheet']][] = $one;
        }
        foreach ($sheets as $seed => $lines) {
            yield "sheet $seed" => [$seed, $lines];
        }
    }

    /** @param  list<array<string, mixed>>  $lines */
    #[DataProvider('sheets')]
    public function test_commands_do_what_was_recorded(int $seed, array $lines): void
    {
        $scene = (new RandomScene($seed))->scene;
        $recording = new Recording($scene);
        foreach ($lines as $i => $line) {
            if (isset($line['measures'])) {
                self::assertSame($line['measures'], array_map(static fn (array $measures): string => count($measures).' '.hash('xxh64', implode("\n", $measures)), $recording->measures()));
            } else {
                self::assertSame($line['did'], $recording->of($line['command'], $line['items'], $line['params']), "line $i: {$line['command']} ".json_encode($line['params']));
            }
        }
        self::assertNotSame([], $lines);
    }
}
