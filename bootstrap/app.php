<?php

declare(strict_types=1);

use AllSquare\Core\Refusal;
use App\Contract\InvalidRequest;
use App\History\NothingToTravel;
use App\Http\Middleware\BodyWithinBounds;
use App\Http\Middleware\KnownHost;
use App\Http\Middleware\SafeAnswers;
use App\Http\Middleware\SameSite;
use App\Http\Middleware\SignedIn;
use App\Http\Problem;
use App\Sheets\StaleRevision;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\ConvertEmptyStringsToNull;
use Illuminate\Foundation\Http\Middleware\TrimStrings;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;

$app = Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
        api: __DIR__.'/../routes/api.php',
        health: '/up',
    )
    ->withCommands([__DIR__.'/../app/Console'])
    ->withMiddleware(function (Middleware $middleware): void {
        // One origin only, and bodies are taken as they were sent: " " is not null.
        $middleware->remove([HandleCors::class, TrimStrings::class, ConvertEmptyStringsToNull::class]);
        $middleware->group('web', []);
        $middleware->append([SafeAnswers::class, KnownHost::class, SameSite::class, BodyWithinBounds::class, SignedIn::class]);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->dontReport([Refusal::class, StaleRevision::class, InvalidRequest::class, NothingToTravel::class]);
        $exceptions->render(static fn (Throwable $error, Request $request) => Problem::answer($error, $request));
    })
    ->create();

$data = getenv('ALLSQUARE_DATA') ?: dirname(__DIR__).'/data';
$app->useStoragePath($data.'/work');

return $app;
