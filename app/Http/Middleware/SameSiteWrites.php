<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Problem;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Refuses writes whose headers say that the page of another site sent them (Fetch Metadata; RFC 6454). */
final class SameSiteWrites
{
    public function handle(Request $request, Closure $next): Response
    {
        if (! $request->isMethodSafe() && $this->isForeign($request)) {
            return Problem::json(403, 'Writes from the pages of another site are refused.');
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
