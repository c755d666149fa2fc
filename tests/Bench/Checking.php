<?php

declare(strict_types=1);

namespace Tests\Bench;

use CurlHandle;
use Tests\Support\RunningServer;

/** Sheets looked through: one of 2,000 things of which a twentieth was put down by eye, and one of 1,000 on which work goes on meanwhile. */
final class Checking
{
    private const GROUPS = 96;

    private const UNSTEADY = 20;

    public readonly string $sheet;

    private ?CurlHandle $asked = null;

    public function __construct(private readonly RunningServer $server, private readonly LargeSheet $large)
    {
        $this->sheet = (new WideSheet($server, self::GROUPS, self::UNSTEADY, ['line_height' => 1.5]))->sheet;
    }

    /** @return array<string, array{callable(int): array{string, string, mixed}, float}> requests by name, and at most how many times the floor they may take */
    public function requests(): array
    {
        $one = $this->large->items[3][4];
        $move = fn (int $i): array => ['POST', "sheets/{$this->large->sheet}/commands", ['command' => 'move-by', 'items' => [$one], 'params' => ['dx' => $i % 2 === 0 ? 1 : -1, 'dy' => 0]]];

        return [
            '2,016 things looked through' => [fn (): array => ['GET', "sheets/$this->sheet/findings", null], 12.0],
            'one of 1,000 things moved while the sheet is looked through' => [function (int $i) use ($move): array {
                $this->ask();

                return $move($i);
            }, 3.0],
        ];
    }

    /** Sends the question for findings and does not wait for the answer, as the page does when the sheet has rested for a moment. */
    private function ask(): void
    {
        $multi = curl_multi_init();
        $this->asked = curl_init("{$this->server->address}/api/sheets/{$this->large->sheet}/findings");
        curl_setopt($this->asked, CURLOPT_RETURNTRANSFER, true);
        curl_multi_add_handle($multi, $this->asked);
        for ($i = 0; $i < 5; $i++) {
            curl_multi_exec($multi, $running);
            usleep(200);
        }
    }
}
