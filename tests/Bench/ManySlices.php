<?php

declare(strict_types=1);

namespace Tests\Bench;

use Symfony\Component\Process\Process;
use Tests\Support\RunningServer;
use Tests\Support\Waiting;

/** 200 slices of the sheet of 1,000 at 1x and 2x, against the bare rasteriser; several at once; what it holds in memory. */
final class ManySlices
{
    private const SLICES = 200;

    /** The bare rasteriser takes minutes for all: of every tenth slice its time is taken, and ten times that. */
    private const SAMPLED = 10;

    public function __construct(private readonly RunningServer $server, private readonly LargeSheet $large)
    {
        for ($i = 0; $i < self::SLICES; $i++) {
            [$x, $y, $w, $h] = self::view($i);
            $large->command('add-slice', [], ['name' => "s$i", 'x' => $x, 'y' => $y, 'w' => $w, 'h' => $h]);
        }
    }

    /** @return float milliseconds from the order to the archive */
    public function ours(): float
    {
        $start = hrtime(true);
        $this->done($this->ordered('#ffffff'));

        return (hrtime(true) - $start) / 1e6;
    }

    /** @return float milliseconds for one process for each slice and scale, on the whole sheet's SVG, one after another */
    public function bare(): float
    {
        $whole = (string) file_get_contents("{$this->server->address}/api/sheets/{$this->large->sheet}/render.svg");
        $start = hrtime(true);
        for ($i = 0; $i < self::SLICES; $i += self::SAMPLED) {
            [$x, $y, $w, $h] = self::view($i);
            foreach ([1, 2] as $scale) {
                $svg = (string) preg_replace("/width='[\d.]+' height='[\d.]+' viewBox='[^']*'/", sprintf("width='%d' height='%d' viewBox='%d %d %d %d'", $w * $scale, $h * $scale, $x, $y, $w, $h), $whole, 1);
                (new Process(['rsvg-convert', '--format', 'png'], input: $svg))->mustRun();
            }
        }

        return (hrtime(true) - $start) / 1e6 * self::SAMPLED;
    }

    /** @return list<string> what became of five orders at once, each with a colour of its own, so that all is painted */
    public function fiveAtOnce(): array
    {
        $ids = array_map($this->ordered(...), ['#fffff1', '#fffff2', '#fffff3', '#fffff4', '#fffff5']);

        return array_map(fn (string $id): string => $this->done($id)['state'], $ids);
    }

    /** @return float the most memory that the worker held, MB */
    public function memory(): float
    {
        $most = 0.0;
        foreach (RunningServer::descendants($this->server->pid()) as $pid) {
            $isWorker = str_contains((string) @file_get_contents("/proc/$pid/cmdline"), 'allsquare:work');
            if ($isWorker && preg_match('/VmHWM:\s+(\d+) kB/', (string) @file_get_contents("/proc/$pid/status"), $held) === 1) {
                $most = max($most, (int) $held[1] / 1024);
            }
        }

        return $most;
    }

    private function ordered(string $background): string
    {
        return $this->server->call('POST', "sheets/{$this->large->sheet}/export", ['scales' => [1, 2], 'background' => $background])['id'];
    }

    /** @return array<string, mixed> */
    private function done(string $id): array
    {
        return Waiting::until(function () use ($id): ?array {
            $archive = $this->server->call('GET', "archives/$id");

            return in_array($archive['state'], ['waiting', 'making'], true) ? null : $archive;
        }, 'the archive to be made', 600);
    }

    /** @return array{int, int, int, int} */
    private static function view(int $i): array
    {
        return [($i % 20) * 160, intdiv($i, 20) * 200, 160, 200];
    }
}
