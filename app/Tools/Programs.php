<?php

declare(strict_types=1);

namespace App\Tools;

use AllSquare\Core\Refusal;
use Symfony\Component\Process\Exception\ExceptionInterface;
use Symfony\Component\Process\ExecutableFinder;
use Symfony\Component\Process\Process;

/** The programs that paint and encode pictures. */
final readonly class Programs
{
    public const RASTERISER = 'rsvg-convert';

    public const ENCODER = 'convert';

    public const PALETTE = 'optipng';

    private const CALLED = [
        self::RASTERISER => ['The rasteriser', 'librsvg2-bin'],
        self::ENCODER => ['The program that cuts and encodes pictures', 'imagemagick'],
        self::PALETTE => ['The program that writes PNG with a palette', 'optipng'],
    ];

    private const SECONDS = 300;

    /**
     * @param  key-of<self::CALLED>  $program
     * @param  list<string>  $arguments
     * @param  array<string, string>  $environment
     *
     * @throws Refusal when it is not installed
     */
    public function process(string $program, array $arguments, ?string $input = null, array $environment = []): Process
    {
        [$called, $package] = self::CALLED[$program];
        $path = (new ExecutableFinder)->find($program) ?? throw Refusal::because("$called is missing. Install $package.");

        return new Process([$path, ...$arguments], cwd: self::folder(), env: $environment, input: $input, timeout: self::SECONDS);
    }

    /** An empty folder, so that no picture or drawing that is named by a relative path is found. */
    private static function folder(): string
    {
        $folder = storage_path('tools');
        is_dir($folder) || @mkdir($folder, 0o700, true);

        return is_dir($folder) ? $folder : sys_get_temp_dir();
    }

    /** @throws Refusal when it did not end well, with what it said */
    public function finished(Process $process): Process
    {
        try {
            $process->isStarted() ? $process->wait() : $process->run();
        } catch (ExceptionInterface $error) {
            throw Refusal::because(self::called($process).' did not finish: '.self::short($error->getMessage()));
        }
        if ($process->isSuccessful()) {
            return $process;
        }
        $said = self::short($process->getErrorOutput().' '.$process->getOutput());
        throw Refusal::because(FileWriting::isAboutSpace($said) ? FileWriting::full() : self::called($process)." failed: $said");
    }

    private static function called(Process $process): string
    {
        foreach (self::CALLED as $program => [$called]) {
            if (str_contains(strtok($process->getCommandLine(), ' ') ?: '', $program)) {
                return $called;
            }
        }

        return 'A program';
    }

    private static function short(string $text): string
    {
        return mb_strimwidth(trim((string) preg_replace('/\s+/', ' ', mb_scrub($text))), 0, 200, '…');
    }
}
