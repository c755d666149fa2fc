<?php

declare(strict_types=1);

namespace App\Tools;

use AllSquare\Core\Refusal;
use AllSquare\Core\Slice\HandingOver;
use Generator;
use Symfony\Component\Process\Process;

/** Paints SVG as PNG or PDF with rsvg-convert, one process for each picture, as many at once as there are processors. */
final readonly class Rasteriser
{
    private const AT_ONCE = 2;

    private const LONG = 5_000_000;

    public function __construct(private Programs $programs)
    {
    }

    /**
     * @param  string  $svg  with its width and height in px
     * @param  int|null  $side  px of the longer side; null for its own size
     * @return string PNG bytes: 8 bit RGBA
     *
     * @throws Refusal when there is no rasteriser, or it fails
     */
    public function png(string $svg, ?int $side = null): string
    {
        return $this->programs->finished($this->process(['--format', 'png', ...$side === null ? [] : ['--width', (string) $side, '--height', (string) $side, '--keep-aspect-ratio']], $svg))->getOutput();
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
            return $this->programs->finished($this->process(['--format', 'pdf'], $svgs[0]))->getOutput();
        }
        $paths = [];
        try {
            foreach ($svgs as $svg) {
                $paths[] = $path = (string) tempnam(sys_get_temp_dir(), 'page');
                FileWriting::put($path, $svg);
            }

            return $this->programs->finished($this->process(['--unlimited', '--format', 'pdf', ...$paths]))->getOutput();
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
                    $this->programs->finished($process);
                    yield $first;
                }
                $process = $this->process(['--format', $picture['format'], '--output', $picture['path']], $picture['svg']);
                $process->start();
                $running[] = [$key, $process];
            }
            foreach ($running as [$key, $process]) {
                $this->programs->finished($process);
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
        // Pictures in a drawing are long attributes, which it would not read otherwise.
        $unlimited = strlen($input ?? '') > self::LONG ? ['--unlimited'] : [];

        // The date of a PDF would make every one another.
        return $this->programs->process('rsvg-convert', [...$unlimited, ...$arguments], $input, ['SOURCE_DATE_EPOCH' => '0']);
    }
}
