<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * What a browser may do with an answer (Content Security Policy Level 3; Fetch): pages run the scripts of this server alone,
 * none that stand in the page; nothing is shown in a frame, taken for another type, or told to another site.
 */
final class SafeAnswers
{
    private const PAGE = "default-src 'none'; script-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data: blob:; font-src 'self'; connect-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'";

    private const DATA = "default-src 'none'; style-src 'unsafe-inline'; img-src data:; font-src data:; base-uri 'none'; form-action 'none'; frame-ancestors 'none'";

    public function handle(Request $request, Closure $next): Response
    {
        $answer = $next($request);
        $headers = [
            'Content-Security-Policy' => $request->is('api', 'api/*') ? self::DATA : self::PAGE,
            'X-Content-Type-Options' => 'nosniff',
            'X-Frame-Options' => 'DENY',
            'Referrer-Policy' => 'no-referrer',
            'Cross-Origin-Resource-Policy' => 'same-origin',
        ];
        foreach ($headers as $name => $value) {
            $answer->headers->set($name, $value);
        }

        return $answer;
    }
}
