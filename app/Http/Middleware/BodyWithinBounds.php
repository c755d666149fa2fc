<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Problem;
use Closure;
use Illuminate\Http\Request;
use stdClass;
use Symfony\Component\HttpFoundation\Response;

/** Takes JSON objects of a bounded size, files where files are sent, and nothing else. */
final class BodyWithinBounds
{
    /** Where a file is sent as it is: how large it may be, by which types it goes, and what is said of others. */
    private const FILES = [
        'api/pictures' => ['most' => 'allsquare.picture', 'called' => 'A picture', 'types' => 'image/[\w.+-]+|application/octet-stream', 'wanted' => 'Send the picture itself, with its own content type or application/octet-stream.'],
        'api/drawings/read' => ['most' => 'allsquare.drawing_file', 'called' => 'An SVG', 'types' => 'image/svg\+xml|application/octet-stream', 'wanted' => 'Send the drawing itself, with the content type image/svg+xml.'],
        'api/lists/read' => ['most' => 'allsquare.list', 'called' => 'A list', 'types' => 'text/(csv|plain|tab-separated-values)|application/octet-stream', 'wanted' => 'Send the list itself, with the content type text/csv.'],
        'api/fonts' => ['most' => 'allsquare.body', 'called' => 'A font', 'types' => 'font/[\w.-]+|application/(octet-stream|(x-)?font-[\w.-]+)', 'wanted' => 'Send the font file itself, with the content type application/octet-stream.'],
    ];

    /** What is opened besides documents as JSON, by its content type. */
    private const OPENED = [
        'image/svg+xml' => ['most' => 'allsquare.drawing_file', 'called' => 'An SVG'],
        'application/zip' => ['most' => 'allsquare.archive_file', 'called' => 'An archive'],
    ];

    public function handle(Request $request, Closure $next): Response
    {
        if ($request->getRealMethod() !== $request->getMethod()) {
            return Problem::json(400, 'A request is what its method says. Nothing overrides it here.');
        }
        if ($request->isMethodSafe() || ! $request->is('api/*')) {
            return $next($request);
        }
        $type = strtolower(trim(explode(';', (string) $request->headers->get('content-type', ''))[0]));
        $isOpened = $request->is('api/documents/import');
        $file = self::FILES[$request->path()] ?? ($isOpened ? self::OPENED[$type] ?? null : null);
        $most = (int) config($file['most'] ?? ($isOpened ? 'allsquare.file' : 'allsquare.body'));
        if ((int) $request->headers->get('content-length', '0') > $most || strlen($request->getContent()) > $most) {
            return Problem::json(413, sprintf('%s has %d MB at most.', $file['called'] ?? 'A request', $most / 1024 / 1024));
        }
        // PHP reads forms by itself and leaves no content: they are known by their type.
        if ($request->getContent() === '' && (int) $request->headers->get('content-length', '0') === 0 && ! $request->headers->has('transfer-encoding')) {
            return $next($request);
        }
        if ($file !== null) {
            return ! isset($file['types']) || preg_match("~^({$file['types']})$~", $type) === 1 ? $next($request) : Problem::json(415, $file['wanted']);
        }

        return preg_match('~^application/(json|[\w.-]+\+json)$~', $type) === 1
            ? $this->json($request, $next, $isOpened ? 256 : 64)
            : Problem::json(415, 'Send JSON, with the content type application/json.');
    }

    private function json(Request $request, Closure $next, int $depth): Response
    {
        $body = json_decode($request->getContent(), false, $depth);
        if (! $body instanceof stdClass && $body !== []) {
            return Problem::json(422, json_last_error() === JSON_ERROR_NONE ? 'The body has to be a JSON object.' : 'The body is not JSON: '.json_last_error_msg().'.');
        }
        $values = (array) json_decode($request->getContent(), true, $depth);
        $isFinite = true;
        array_walk_recursive($values, static function (mixed $value) use (&$isFinite): void {
            $isFinite = $isFinite && ! (is_float($value) && ! is_finite($value));
        });

        return $isFinite ? $next($request) : Problem::json(422, 'A number in it is larger than any that can be kept.');
    }
}
