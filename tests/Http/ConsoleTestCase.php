<?php

declare(strict_types=1);

namespace Tests\Http;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;
use Tests\Support\DataFolder;

/** The command line as a person or a script uses it, with data and a document file of its own. */
abstract class ConsoleTestCase extends TestCase
{
    protected DataFolder $data;

    protected string $file;

    protected function setUp(): void
    {
        $this->data = new DataFolder;
        mkdir($this->data->path.'/work/framework/views', 0o775, true);
        $this->file = $this->data->path.'/pier.json';
    }

    protected function tearDown(): void
    {
        $this->data->remove();
    }

    /** @param  array<string, mixed>  $sheet */
    protected function write(array $sheet): void
    {
        file_put_contents($this->file, json_encode(['format' => 'allsquare-document', 'version' => 2, 'name' => 'Trial', 'sheets' => [['name' => 'Pier', 'width' => 100, 'height' => 60, ...$sheet]]], JSON_THROW_ON_ERROR));
    }

    protected function artisan(string ...$arguments): Process
    {
        $process = new Process(['php', 'artisan', ...$arguments], dirname(__DIR__, 2), ['ALLSQUARE_DATA' => $this->data->path, 'SHELL_VERBOSITY' => '0'], timeout: 60);
        $process->run();

        return $process;
    }
}
