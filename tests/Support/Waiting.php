<?php

declare(strict_types=1);

namespace Tests\Support;

use Closure;
use RuntimeException;

/** Waits for conditions, never for time. */
final class Waiting
{
    /**
     * @template T
     *
     * @param  callable(): T  $condition
     * @param  string|Closure(): string  $for  what is waited for; called when it was in vain
     * @return T the first value that is neither false nor null
     */
    public static function until(callable $condition, string|Closure $for, float $seconds = 30): mixed
    {
        $end = microtime(true) + $seconds;
        do {
            $value = $condition();
            if ($value !== false && $value !== null) {
                return $value;
            }
            usleep(20_000);
        } while (microtime(true) < $end);

        throw new RuntimeException("Waited $seconds s in vain for ".($for instanceof Closure ? $for() : $for).'.');
    }
}
