<?php

declare(strict_types=1);

namespace Tests\Core\Recorded;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every command does what it did when it was recorded (write.php): on sheets by chance, with parameters by chance. */
final class RecordedTest extends TestCase
{
    /** @var array<int, list<array<string, mixed>>> by sheet */
    private static array $recorded = [];

    public static function setUpBeforeClass(): void
    {
        foreach (file(__DIR__.'/commands.jsonl', FILE_IGNORE_NEW_LINES) ?: [] as $line) {
            $one = json_decode($line, true, flags: JSON_THROW_ON_ERROR);
            self::$recorded[$one['sheet']][] = $one;
        }
    }

    public static function tearDownAfterClass(): void
    {
        self::$recorded = [];
    }

    /** @return iterable<string, array{int}> */
    public static function sheets(): iterable
    {
        foreach (range(1, Sheets::COUNT) as $number) {
            yield "sheet $number" => [$number];
        }
    }

    #[DataProvider('sheets')]
    public function test_commands_do_what_was_recorded(int $number): void
    {
        $recording = new Recording(Sheets::of($number));
        $lines = self::$recorded[$number] ?? [];
        self::assertGreaterThan(20, count($lines));
        foreach ($lines as $i => $line) {
            if (isset($line['measures'])) {
                self::assertSame($line['measures'], $recording->digest());
            } else {
                self::assertSame($line['did'], $recording->of($line['command'], $line['items'], $line['params']), "line $i: {$line['command']} ".json_encode($line['params']));
            }
        }
    }
}
