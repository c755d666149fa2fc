<?php

declare(strict_types=1);

namespace AllSquare\Core\Text;

use AllSquare\Core\Text\Reading\FontCompiler;
use RuntimeException;

/**
 * The fonts that ship with the application, as compiled by FontCompiler.
 *
 * @phpstan-import-type FontData from Font
 * @phpstan-import-type FontEntry from FontSource
 */
final readonly class CompiledFonts implements FontSource
{
    /** @var array<string, FontEntry> */
    private array $index;

    /**
     * @param  string  $folder  that they were compiled into
     * @param  string  $files  of families, from which they were compiled
     *
     * @throws RuntimeException when nothing has been compiled into that folder
     */
    public function __construct(private string $folder, private string $files)
    {
        $index = is_file("$folder/index.php") ? require "$folder/index.php" : null;
        if (! is_array($index) || $index['version'] !== FontCompiler::VERSION) {
            throw new RuntimeException('The fonts have not been compiled. Run: php artisan allsquare:compile');
        }
        /** @var array<string, FontEntry> $fonts */
        $fonts = $index['fonts'];
        $this->index = $fonts;
    }

    public function index(): array
    {
        return $this->index;
    }

    public function font(string $key): array
    {
        /** @var FontData $data */
        $data = require "$this->folder/$key.metrics.php";

        return $data;
    }

    public function outlines(string $key): array
    {
        /** @var array<int, string> $outlines */
        $outlines = require "$this->folder/$key.outlines.php";

        return $outlines;
    }

    public function file(string $key): string
    {
        return (string) file_get_contents("$this->files/{$this->index[$key]['family']}/$key.woff");
    }
}
