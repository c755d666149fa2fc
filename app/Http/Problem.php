<?php

declare(strict_types=1);

namespace App\Http;

use AllSquare\Core\Refusal;
use AllSquare\Core\UnknownItem;
use App\Contract\InvalidRequest;
use App\History\NothingToTravel;
use App\Sheets\PatchMismatch;
use App\Sheets\StaleRevision;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Database\QueryException;
use Illuminate\Http\JsonResponse;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Throwable;

/** Errors as problem documents (RFC 9457). */
final class Problem
{
    private const TITLES = [
        403 => 'Not from another site',
        404 => 'Not known',
        405 => 'Not this method',
        409 => 'Out of date',
        413 => 'Too large',
        415 => 'Wrong type',
        421 => 'Not this host',
        422 => 'Cannot be done',
        500 => 'Something went wrong',
        503 => 'Busy',
    ];

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
            $error instanceof QueryException && str_contains($error->getMessage(), 'database is locked') => self::json(503, 'The document is being written by someone else. Try again.'),
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
            404 => 'There is nothing at this address.',
            405 => 'This address does not take that method.',
            413 => 'That is more than is taken at once.',
            default => $error->getMessage() !== '' ? $error->getMessage() : 'The request was refused.',
        };
    }
}
