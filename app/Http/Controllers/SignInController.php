<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Passphrase;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Asks for the passphrase, where there is one. */
final readonly class SignInController
{
    public function __construct(private Passphrase $passphrase)
    {
    }

    public function ask(): View|RedirectResponse
    {
        return $this->passphrase->isAskedFor() ? view('sign-in', ['wrong' => false]) : redirect('/');
    }

    public function give(Request $request): Response|RedirectResponse
    {
        $given = $request->input('passphrase');
        if (! is_string($given) || ! $this->passphrase->is($given)) {
            return new Response(view('sign-in', ['wrong' => true]), 422);
        }
        $request->session()->regenerate();
        $request->session()->put(Passphrase::GIVEN, true);

        return redirect('/');
    }
}
