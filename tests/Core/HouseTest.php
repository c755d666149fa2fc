<?php

declare(strict_types=1);

namespace Tests\Core;

use AllSquare\Core\Item\FieldSchemas;
use AllSquare\Core\Item\Kinds;
use AllSquare\Core\Running\Catalogue;
use AllSquare\Core\Running\CommandTraits;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;

/** How the code hangs together. */
final class HouseTest extends TestCase
{
    private const LONGEST_FILE = 300;

    /** The floors of the core, the lowest first: each knows those beneath it. */
    private const CORE = [
        'Geometry', 'Rail', 'Path', 'Text', 'Table', 'Item', 'Sheet', 'Paint', 'Measure', 'Arrange', 'Points', 'Snap', 'Intent', 'Slice', 'Series', 'Settle', 'Running', 'Clipboard', 'Kit', 'Tokens', 'Check', 'Compare', 'Command', 'DimensionDrawing', 'Format', 'Svg',
    ];

    /** The floors of the application, all above the core. */
    private const APP = ['Database', 'Storage', 'Tools', 'Pictures', 'Icons', 'Models', 'Contract', 'Sheets', 'History', 'Running', 'Documents', 'Export', 'Archives', 'Demo', 'Http', 'Console', 'Providers'];

    /** The floors of the page. */
    private const PAGE = ['api', 'sheet', 'stores', 'parts', 'desk', 'handover', 'compare', 'shelf', 'views'];

    public function test_the_core_knows_no_framework(): void
    {
        foreach ($this->files('core') as $path) {
            self::assertDoesNotMatchRegularExpression('/\b(Illuminate|App|Laravel)\\\\/', (string) file_get_contents($path), $path);
        }
    }

    public function test_floors_know_only_what_lies_beneath_them(): void
    {
        $looked = $this->lookUp('core', self::CORE, '/\bAllSquare\\\\Core\\\\(\w+)\\\\/')
            + $this->lookUp('app', self::APP, '/\bApp\\\\(\w+)\\\\/')
            + $this->lookUp('resources/js', self::PAGE, "#from '@/(\w+)/#");
        self::assertGreaterThan(2_000, $looked, 'names of other floors');
    }

    public function test_no_two_classes_of_the_core_have_one_name(): void
    {
        $names = array_count_values(array_map(static fn (string $path): string => basename($path), $this->files('core')));
        self::assertSame([], array_keys(array_filter($names, static fn (int $count): bool => $count > 1)));
    }

    public function test_no_one_asks_which_kind_an_item_is_of(): void
    {
        $names = implode('|', array_keys(Kinds::all()));
        $folders = implode('|', array_map(static fn (string $name): string => str_replace(' ', '', ucwords(str_replace('-', ' ', $name))), array_keys(Kinds::all())));
        foreach ($this->files('core') as $path) {
            if (preg_match("#/core/Item/($folders)/#", $path) !== 1) {
                $text = (string) file_get_contents($path);
                self::assertSame(0, preg_match("/\\bItem\\\\($folders)\\\\/", $text), $path);
                self::assertSame(0, preg_match("/kind->name\\(\\) *[!=]==|Kinds::named\\('/", $text), $path);
            }
        }
        foreach ([...$this->files('app'), ...$this->files('resources/js')] as $path) {
            $text = (string) file_get_contents($path);
            self::assertSame(0, preg_match("/\\bkind\\)? *(===|!==|==|!=) *['\"]($names)['\"]/", $text), $path);
            self::assertSame(0, preg_match("/\\bItem\\\\($folders)\\\\/", $text), $path);
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

    public function test_the_schemas_that_follow_from_kinds_and_commands_are_those_of_today(): void
    {
        $schema = dirname(__DIR__, 2).'/schema/';
        self::assertStringEqualsFile("{$schema}fields.json", FieldSchemas::text(), 'php artisan allsquare:schemas writes it anew');
        self::assertStringEqualsFile("{$schema}command-traits.json", CommandTraits::text(), 'php artisan allsquare:schemas writes it anew');
    }

    /**
     * @param  list<string>  $floors  the lowest first
     * @param  string  $names  finds where a file names another floor
     * @return int how many names of floors were looked at
     */
    private function lookUp(string $folder, array $floors, string $names): int
    {
        $height = array_flip($floors);
        $looked = 0;
        foreach ($this->files($folder) as $path) {
            $floor = explode('/', substr($path, strlen(dirname(__DIR__, 2)."/$folder/")))[0];
            if (! is_dir(dirname(__DIR__, 2)."/$folder/$floor") || $floor === 'theme') {
                continue;
            }
            self::assertArrayHasKey($floor, $height, "$path stands on no floor");
            preg_match_all($names, (string) file_get_contents($path), $found);
            foreach (array_intersect($found[1], $floors) as $other) {
                self::assertLessThanOrEqual($height[$floor], $height[$other], "$path knows of $other, which lies above it");
                $looked++;
            }
        }

        return $looked;
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
