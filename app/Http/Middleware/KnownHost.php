<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Problem;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Answers only to the host names it is configured for, so that a name that is pointed at it from outside gets nothing. */
final class KnownHost
{
    public function handle(Request $request, Closure $next): Response
    {
        $host = strtolower((string) preg_replace('/:\d+$/', '', (string) $request->headers->get('host', '')));
        if (! in_array($host, (array) config('allsquare.hosts'), true)) {
            return Problem::json(421, 'This server does not answer to that host name.');
        }

        return $next($request);
    }
}
