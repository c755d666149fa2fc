<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Problem;
use Closure;
use Illuminate\Http\Request;
use stdClass;
use Symfony\Component\HttpFoundation\Response;

/** Takes JSON objects of a bounded size, and nothing else. */
final class BodyWithinBounds
{
    public function handle(Request $request, Closure $next): Response
    {
        if ($request->getRealMethod() !== $request->getMethod()) {
            return Problem::json(400, 'A request is what its method says. Nothing overrides it here.');
        }
        if ($request->isMethodSafe() || ! $request->is('api/*')) {
            return $next($request);
        }
        [$isFile, $isFont, $isPicture] = [$request->is('api/documents/import'), $request->is('api/fonts'), $request->is('api/pictures')];
        $most = (int) config(match (true) {
            $isFile => 'allsquare.file',
            $isPicture => 'allsquare.picture',
            default => 'allsquare.body',
        });
        if ((int) $request->headers->get('content-length', '0') > $most || strlen($request->getContent()) > $most) {
            return Problem::json(413, sprintf($isPicture ? 'A picture has %d MB at most.' : 'A request has %d MB at most.', $most / 1024 / 1024));
        }
        // PHP reads forms by itself and leaves no content: they are known by their type.
        if ($request->getContent() === '' && (int) $request->headers->get('content-length', '0') === 0 && ! $request->headers->has('transfer-encoding')) {
            return $next($request);
        }
        if ($isPicture) {
            return preg_match('~^(image/[\w.+-]+|application/octet-stream)\b~i', (string) $request->headers->get('content-type', '')) === 1
                ? $next($request)
                : Problem::json(415, 'Send the picture itself, with its own content type or application/octet-stream.');
        }
        if ($isFont) {
            return preg_match('~^(font/[\w.-]+|application/(octet-stream|(x-)?font-[\w.-]+))\b~i', (string) $request->headers->get('content-type', '')) === 1
                ? $next($request)
                : Problem::json(415, 'Send the font file itself, with the content type application/octet-stream.');
        }
        if (! preg_match('~^application/(json|[\w.-]+\+json)\b~i', (string) $request->headers->get('content-type', ''))) {
            return Problem::json(415, 'Send JSON, with the content type application/json.');
        }
        $body = json_decode($request->getContent(), false, $isFile ? 256 : 64);
        if (! $body instanceof stdClass && $body !== []) {
            return Problem::json(422, json_last_error() === JSON_ERROR_NONE ? 'The body has to be a JSON object.' : 'The body is not JSON: '.json_last_error_msg().'.');
        }

        $values = (array) json_decode($request->getContent(), true, $isFile ? 256 : 64);
        $isFinite = true;
        array_walk_recursive($values, static function (mixed $value) use (&$isFinite): void {
            $isFinite = $isFinite && ! (is_float($value) && ! is_finite($value));
        });

        return $isFinite ? $next($request) : Problem::json(422, 'A number in it is larger than any that can be kept.');
    }
}
