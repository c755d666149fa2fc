<?php

declare(strict_types=1);

namespace App\Export;

use AllSquare\Core\Refusal;
use Symfony\Component\Process\Exception\ExceptionInterface;
use Symfony\Component\Process\ExecutableFinder;
use Symfony\Component\Process\Process;

/** Paints SVG as PNG with rsvg-convert, one process for each picture, as many at once as there are processors. */
final readonly class Rasteriser
{
    private const AT_ONCE = 2;

    private const SECONDS = 60;

    public function __construct(private int $longestSide)
    {
    }

    /**
     * @param  array<array-key, string>  $svgs  each with its width and height in px
     * @return array<array-key, string> PNG bytes under the same keys: 8 bit RGBA
     *
     * @throws Refusal when there is no rasteriser, or it fails
     */
    public function pngs(array $svgs): array
    {
        $program = (new ExecutableFinder)->find('rsvg-convert')
            ?? throw Refusal::because('The rasteriser is missing. Install librsvg2-bin.');
        $waiting = $svgs;
        $running = $pngs = [];
        try {
            while ($waiting !== [] || $running !== []) {
                while ($waiting !== [] && count($running) < self::AT_ONCE) {
                    $key = array_key_first($waiting);
                    $running[$key] = new Process([$program, '--format', 'png', '--unlimited'], input: $waiting[$key], timeout: self::SECONDS);
                    $running[$key]->start();
                    unset($waiting[$key]);
                }
                $key = array_key_first($running);
                $running[$key]->wait();
                $pngs[$key] = $this->result($running[$key]);
                unset($running[$key]);
            }
        } catch (ExceptionInterface $error) {
            throw Refusal::because('The rasteriser did not finish: '.mb_strimwidth($error->getMessage(), 0, 200, '…'));
        } finally {
            array_map(static fn (Process $process): ?int => $process->stop(0), $running);
        }

        return array_replace(array_fill_keys(array_keys($svgs), ''), $pngs);
    }

    /**
     * @param  array{int, int}  $pixels
     *
     * @throws Refusal when a side is longer than is painted
     */
    public function refuseTooLarge(array $pixels): void
    {
        if (max($pixels) > $this->longestSide) {
            throw Refusal::because(sprintf('A picture is %s px wide and high at most; this would be %s × %s.', number_format($this->longestSide), number_format($pixels[0]), number_format($pixels[1])), 'scales');
        }
    }

    private function result(Process $process): string
    {
        if (! $process->isSuccessful()) {
            throw Refusal::because('The rasteriser failed: '.mb_strimwidth(trim($process->getErrorOutput()), 0, 200, '…'));
        }

        return $process->getOutput();
    }
}
