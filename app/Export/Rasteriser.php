<?php

declare(strict_types=1);

namespace App\Export;

use AllSquare\Core\Refusal;
use AllSquare\Core\Slice\HandingOver;
use Generator;
use Symfony\Component\Process\Process;

/** Paints SVG as PNG or PDF with rsvg-convert, one process for each picture, as many at once as there are processors. */
final readonly class Rasteriser
{
    private const AT_ONCE = 2;

    public function __construct(private Tools $tools)
    {
    }

    /**
     * @param  string  $svg  with its width and height in px
     * @return string PNG bytes: 8 bit RGBA
     *
     * @throws Refusal when there is no rasteriser, or it fails
     */
    public function png(string $svg): string
    {
        return $this->tools->finished($this->process(['--format', 'png'], $svg))->getOutput();
    }

    /**
     * @param  non-empty-list<string>  $svgs  one for each page, with their sizes in mm
     * @return string PDF bytes
     *
     * @throws Refusal when there is no rasteriser, or it fails
     */
    public function pdf(array $svgs): string
    {
        if (count($svgs) === 1) {
            return $this->tools->finished($this->process(['--format', 'pdf'], $svgs[0]))->getOutput();
        }
        $paths = [];
        try {
            foreach ($svgs as $svg) {
                $paths[] = $path = (string) tempnam(sys_get_temp_dir(), 'page');
                FileWriting::put($path, $svg);
            }

            return $this->tools->finished($this->process(['--format', 'pdf', ...$paths]))->getOutput();
        } finally {
            array_map(unlink(...), $paths);
        }
    }

    /**
     * Paints one after the other, several at once, and gives the key of each when its file is there. Of the pictures only
     * those that are being painted are held.
     *
     * @template T of array-key
     *
     * @param  iterable<T, array{svg: string, path: string, format: 'png'|'pdf'}>  $pictures
     * @return Generator<int, T>
     *
     * @throws Refusal when there is no rasteriser, or it fails
     */
    public function files(iterable $pictures): Generator
    {
        /** @var list<array{T, Process}> $running */
        $running = [];
        try {
            foreach ($pictures as $key => $picture) {
                if (count($running) >= self::AT_ONCE) {
                    [$first, $process] = array_shift($running);
                    $this->tools->finished($process);
                    yield $first;
                }
                $process = $this->process(['--format', $picture['format'], '--output', $picture['path']], $picture['svg']);
                $process->start();
                $running[] = [$key, $process];
            }
            foreach ($running as [$key, $process]) {
                $this->tools->finished($process);
                yield $key;
            }
        } finally {
            foreach ($running as [, $process]) {
                $process->stop(0);
            }
        }
    }

    /**
     * @param  array{int, int}  $pixels
     *
     * @throws Refusal when a side is longer than is painted
     */
    public static function refuseTooLarge(array $pixels): void
    {
        if (max($pixels) > HandingOver::LONGEST_SIDE) {
            throw Refusal::because(sprintf('A picture is %s px wide and high at most; this would be %s × %s.', number_format(HandingOver::LONGEST_SIDE), number_format($pixels[0]), number_format($pixels[1])), 'scales');
        }
    }

    /** @param  list<string>  $arguments */
    private function process(array $arguments, ?string $input = null): Process
    {
        // The date of a PDF would make every one another.
        return $this->tools->process('rsvg-convert', $arguments, $input, ['SOURCE_DATE_EPOCH' => '0']);
    }
}
