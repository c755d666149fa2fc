<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Problem;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Refuses writes, and everything under /api, where the headers say that the page of another site asked for it
 * (Fetch Metadata; RFC 6454): another site can neither change anything nor have things drawn here.
 */
final class SameSite
{
    public function handle(Request $request, Closure $next): Response
    {
        if (($request->is('api', 'api/*') || ! $request->isMethodSafe()) && $this->isForeign($request)) {
            return Problem::json(403, 'What the pages of another site ask for is refused.');
        }

        return $next($request);
    }

    private function isForeign(Request $request): bool
    {
        $site = $request->headers->get('sec-fetch-site');
        if ($site !== null && ! in_array($site, ['same-origin', 'none'], true)) {
            return true;
        }
        $origin = $request->headers->get('origin');

        return $origin !== null && strtolower($origin) !== strtolower($request->getScheme().'://'.$request->headers->get('host'));
    }
}
