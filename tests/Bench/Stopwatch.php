<?php

declare(strict_types=1);

namespace Tests\Bench;

use CurlHandle;
use RuntimeException;

/** Times requests: each on a new connection, one at a time, the measured ones interleaved with the floor. */
final readonly class Stopwatch
{
    public const ROUNDS = 200;

    public function __construct(private string $address, private int $rounds = self::ROUNDS)
    {
    }

    /**
     * @param  array<string, callable(int): array{string, string, mixed}>  $requests  method, path and body of a round, by name
     * @return array<string, array{median: float, p95: float}> milliseconds by name
     */
    public function compare(array $requests): array
    {
        $times = array_fill_keys(array_keys($requests), []);
        for ($round = -10; $round < $this->rounds; $round++) {
            foreach ($requests as $name => $request) {
                $took = $this->time(...$request($round));
                if ($round >= 0) {
                    $times[$name][] = $took;
                }
            }
        }

        return array_map(self::summary(...), $times);
    }

    /**
     * @param  list<float>  $times
     * @return array{median: float, p95: float}
     */
    public static function summary(array $times): array
    {
        sort($times);

        return ['median' => $times[intdiv(count($times), 2)], 'p95' => $times[(int) (count($times) * 0.95)]];
    }

    private function time(string $method, string $path, mixed $body): float
    {
        $curl = curl_init("$this->address/api/$path");
        if (! $curl instanceof CurlHandle) {
            throw new RuntimeException('curl does not start.');
        }
        curl_setopt_array($curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_FRESH_CONNECT => true, CURLOPT_FORBID_REUSE => true, CURLOPT_CUSTOMREQUEST => $method]);
        if ($body !== null) {
            curl_setopt_array($curl, [CURLOPT_POSTFIELDS => json_encode($body, JSON_THROW_ON_ERROR), CURLOPT_HTTPHEADER => ['Content-Type: application/json']]);
        }
        $start = hrtime(true);
        $answer = curl_exec($curl);
        $took = (hrtime(true) - $start) / 1e6;
        if (curl_getinfo($curl, CURLINFO_HTTP_CODE) !== 200) {
            throw new RuntimeException("$method $path: $answer");
        }

        return $took;
    }
}
