<?php

declare(strict_types=1);

namespace App\Http;

use AllSquare\Core\Refusal;
use AllSquare\Core\UnknownItem;
use App\Contract\InvalidRequest;
use App\History\NothingToTravel;
use App\Sheets\StaleRevision;
use App\Storage\PatchMismatch;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use PDOException;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Throwable;

/** Errors as problem documents (RFC 9457). */
final class Problem
{
    private const TITLES = [
        400 => 'Cannot be read',
        401 => 'Sign in first',
        403 => 'Not from another site',
        404 => 'Not known',
        405 => 'Not this method',
        409 => 'Out of date',
        413 => 'Too large',
        415 => 'Wrong type',
        421 => 'Not this host',
        422 => 'Cannot be done',
        429 => 'Too often',
        500 => 'Something went wrong',
        503 => 'Not now',
        507 => 'No room',
    ];

    /** To a browser that opens an address, a page with the sentence; to everyone else, a problem document. */
    public static function answer(Throwable $error, Request $request): JsonResponse|Response
    {
        $problem = self::of($error);
        if (! str_contains((string) $request->headers->get('accept'), 'text/html') || str_starts_with($request->getPathInfo(), '/api')) {
            return $problem;
        }

        return new Response(view('problem', (array) $problem->getData(true)), $problem->getStatusCode());
    }

    public static function of(Throwable $error): JsonResponse
    {
        return match (true) {
            $error instanceof InvalidRequest => self::json(422, $error->getMessage(), ['errors' => $error->errors]),
            $error instanceof UnknownItem => self::json(404, $error->getMessage(), self::field($error)),
            $error instanceof Refusal => self::json(422, $error->getMessage(), self::field($error)),
            $error instanceof StaleRevision => self::json(409, $error->getMessage(), ['revision' => $error->current]),
            $error instanceof NothingToTravel, $error instanceof PatchMismatch => self::json(409, $error->getMessage()),
            $error->getPrevious() instanceof ModelNotFoundException, $error instanceof ModelNotFoundException => self::json(404, 'There is no such document or sheet. It may have been deleted.'),
            $error instanceof HttpExceptionInterface => self::json($error->getStatusCode(), self::sentence($error), headers: $error->getHeaders()),
            $error instanceof PDOException => self::ofDatabase($error),
            default => self::json(500, 'The server could not do this. Nothing was changed. The reason is in its log.'),
        };
    }

    /** What keeps the database from being read or written, in plain words. */
    private static function ofDatabase(PDOException $error): JsonResponse
    {
        $says = static fn (string ...$words): bool => array_filter($words, static fn (string $word): bool => str_contains($error->getMessage(), $word)) !== [];

        return match (true) {
            $says('database is locked') => self::json(503, 'The document is being written by someone else. Try again.'),
            $says('disk is full') => self::json(507, 'The disk is full. Nothing was changed. Make room and try again.'),
            $says('readonly database', 'read-only', 'unable to open database') => self::json(503, 'The data folder cannot be written. Nothing was changed. Look at who may write there, and whether the disk is read-only.'),
            $says('does not exist', 'no such table', 'no such column', 'not a database', 'malformed', 'disk I/O error') => self::json(503, 'The database in the data folder is gone, damaged, or not one of All Square. Put it back, or start with another data folder.'),
            default => self::json(500, 'The server could not do this. Nothing was changed. The reason is in its log.'),
        };
    }

    /**
     * @param  array<string, mixed>  $more
     * @param  array<string, mixed>  $headers
     */
    public static function json(int $status, string $detail, array $more = [], array $headers = []): JsonResponse
    {
        return new JsonResponse(
            ['title' => self::TITLES[$status] ?? 'Refused', 'status' => $status, 'detail' => $detail, ...$more],
            $status,
            [...$headers, 'Content-Type' => 'application/problem+json'],
            JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_INVALID_UTF8_SUBSTITUTE,
        );
    }

    /** @return array<string, mixed> */
    private static function field(Refusal $error): array
    {
        return $error->field === null ? [] : ['errors' => [$error->field => [$error->getMessage()]]];
    }

    private static function sentence(HttpExceptionInterface $error): string
    {
        return match ($error->getStatusCode()) {
            400 => 'This address cannot be read.',
            404 => 'There is nothing at this address.',
            429 => 'That was asked for too often. Wait a minute and try again.',
            405 => 'This address does not take that method.',
            413 => 'That is more than is taken at once.',
            default => $error->getMessage() !== '' ? $error->getMessage() : 'The request was refused.',
        };
    }
}
