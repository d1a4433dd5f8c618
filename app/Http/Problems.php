<?php

declare(strict_types=1);

namespace Bibrel\App\Http;

use Bibrel\App\Lookup\LookupFailed;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Session\TokenMismatchException;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Errors as RFC 9457 problem details, each with a sentence that says what to do. */
final class Problems
{
    public static function register(Exceptions $exceptions): void
    {
        $exceptions->dontReport(LookupFailed::class);
        $exceptions->render(static function (\Throwable $error, Request $request): ?JsonResponse {
            if (! $request->is('api/*')) {
                return null;
            }

            return match (true) {
                $error instanceof LookupFailed => self::response(422, 'Nothing to look up', $error->getMessage()),
                $error instanceof ValidationException => self::response(422, 'The request cannot be used', implode(' ', array_merge(...array_values($error->errors())))),
                $error instanceof TokenMismatchException, $error instanceof HttpExceptionInterface && $error->getStatusCode() === 419 => self::response(419, 'The page has been open for a long time', 'Reload the page; your work is saved.'),
                $error instanceof ModelNotFoundException, $error instanceof NotFoundHttpException => self::response(404, 'Not found', 'This is not on your list of papers. It may belong to another browser.'),
                $error instanceof HttpExceptionInterface => self::response($error->getStatusCode(), 'The request cannot be carried out', $error->getMessage() ?: 'Reload the page and try again.'),
                default => self::response(500, 'Something went wrong on our side', 'Your work up to here is saved. Try again; if it happens again, reload the page.'),
            };
        });
    }

    /** @param  array<string, mixed>  $more */
    public static function response(int $status, string $title, string $detail, array $more = []): JsonResponse
    {
        return new JsonResponse(['type' => 'about:blank', 'title' => $title, 'status' => $status, 'detail' => $detail, ...$more], $status, ['Content-Type' => 'application/problem+json']);
    }
}
