<?php

declare(strict_types=1);

namespace Tests\Core;

use AllSquare\Core\Running\Catalogue;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;

/** How the code hangs together. */
final class HouseTest extends TestCase
{
    private const LONGEST_FILE = 300;

    public function test_the_core_knows_no_framework(): void
    {
        foreach ($this->files('core') as $path) {
            self::assertDoesNotMatchRegularExpression('/\b(Illuminate|App|Laravel)\\\\/', (string) file_get_contents($path), $path);
        }
    }

    public function test_no_file_is_longer_than_a_head_can_hold(): void
    {
        foreach ([...$this->files('core'), ...$this->files('app'), ...$this->files('resources/js')] as $path) {
            if (! str_ends_with($path, '.gen.ts')) {
                self::assertLessThanOrEqual(self::LONGEST_FILE * 1.1, count((array) file($path)), $path);
            }
        }
    }

    public function test_every_command_has_its_schema_and_every_schema_its_command(): void
    {
        $schemas = array_map(static fn (string $path): string => basename($path, '.json'), glob(dirname(__DIR__, 2).'/schema/commands/*.json') ?: []);
        sort($schemas);
        self::assertSame(array_keys(Catalogue::all()), $schemas);
    }

    /** @return list<string> */
    private function files(string $folder): array
    {
        $files = [];
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__, 2)."/$folder")) as $file) {
            if ($file->isFile()) {
                $files[] = $file->getPathname();
            }
        }

        return $files;
    }
}
