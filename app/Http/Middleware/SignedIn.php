<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Passphrase;
use App\Http\Problem;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;
use Symfony\Component\HttpFoundation\Response;

/** Where a passphrase is asked for, nothing is answered to those who have not given it, but the page that asks. */
final readonly class SignedIn
{
    public function __construct(private Passphrase $passphrase, private StartSession $sessions)
    {
    }

    public function handle(Request $request, Closure $next): Response
    {
        if (! $this->passphrase->isAskedFor() || $request->is('up')) {
            return $next($request);
        }

        return $this->sessions->handle($request, function (Request $request) use ($next): Response {
            return match (true) {
                $request->session()->get(Passphrase::GIVEN) === true, $request->is('sign-in') => $next($request),
                $request->is('api', 'api/*') => Problem::json(401, 'Sign in first: open this address in a browser and give the passphrase.'),
                default => redirect('/sign-in'),
            };
        });
    }
}
