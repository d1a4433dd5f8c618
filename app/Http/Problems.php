<?php

declare(strict_types=1);

namespace Bibrel\App\Http;

use Bibrel\App\Exceptions\NoSuchLink;
use Bibrel\App\Exceptions\Removed;
use Bibrel\App\Exceptions\StaleVersion;
use Bibrel\App\Http\Resources\NoteResource;
use Bibrel\App\Http\Resources\SettingsResource;
use Bibrel\App\Http\Resources\SourceResource;
use Bibrel\App\Logging\Discreet;
use Bibrel\App\Lookup\LookupFailed;
use Bibrel\App\Models\Note;
use Bibrel\App\Models\Paper;
use Bibrel\App\Models\SourceRecord;
use Bibrel\App\Papers\PaperFull;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Contracts\Database\ConcurrencyErrorDetector;
use Illuminate\Contracts\Database\LostConnectionDetector;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\Exceptions\ThrottleRequestsException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Session\TokenMismatchException;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;

/** Errors as RFC 9457 problem details, each with a sentence that says what to do. */
final class Problems
{
    /** Seconds after which a database that is away may be back. */
    private const RETRY_AFTER = 5;

    public static function register(Exceptions $exceptions): void
    {
        $exceptions->dontReport([
            LookupFailed::class, StaleVersion::class, Removed::class, PaperFull::class, NoSuchLink::class,
        ]);
        // An outage is one event, however many requests meet it.
        $exceptions->throttle(static fn (\Throwable $error): Limit => Limit::perMinute(5)->by($error::class));
        $exceptions->report(static function (\Throwable $error): bool {
            Discreet::report($error);

            return false;
        });
        $exceptions->render(static function (\Throwable $error, Request $request): JsonResponse|Response|null {
            $problem = self::of($error);
            if ($request->is('api/*')) {
                return $problem;
            }

            // Documents and pages are asked for by a link: the sentence alone will do.
            return $problem->getStatusCode() === 404 && ! $request->is('papers/*')
                ? null
                : new Response($problem->getData(true)['detail'], $problem->getStatusCode(), [
                    'Content-Type' => 'text/plain; charset=utf-8',
                    ...array_filter(['Retry-After' => $problem->headers->get('Retry-After')]),
                ]);
        });
    }

    private static function of(\Throwable $error): JsonResponse
    {
        // The framework hands some errors on inside others.
        $inner = $error->getPrevious();

        return match (true) {
            $error instanceof StaleVersion => self::stale($error),
            $error instanceof Removed => self::removed($error),
            $error instanceof LookupFailed => self::response(422, 'Nothing to look up', $error->getMessage(), [
                'reason' => $error->reason->value,
            ]),
            $error instanceof NoSuchLink => self::response(404, 'There is nothing here', $error->getMessage()),
            $error instanceof PaperFull => self::response(422, 'The paper is full', $error->getMessage()),
            $error instanceof ValidationException => self::response(
                422,
                'The request cannot be used',
                implode(' ', array_unique(array_merge(...array_values($error->errors())))),
            ),
            $error instanceof ThrottleRequestsException => self::slower($error),
            $error instanceof TokenMismatchException,
            $error instanceof HttpExceptionInterface && $error->getStatusCode() === 419 => self::response(
                419,
                'The page has been open for a long time',
                'Reload the page. What you typed is kept in this browser.',
            ),
            $error instanceof ModelNotFoundException,
            $error instanceof HttpExceptionInterface && $error->getStatusCode() === 404 => self::response(
                404,
                'Not found',
                'This is not on your list of papers. It may belong to another browser, or is no longer shared with '
                    .'you.',
            ),
            $error instanceof HttpExceptionInterface => self::response(
                $error->getStatusCode(),
                'The request cannot be carried out',
                $error->getMessage() ?: 'Reload the page and try again.',
            ),
            self::isPassing($error), $inner !== null && self::isPassing($inner) => self::response(
                503,
                'The database is away',
                'Bibrel cannot save just now. What you type is kept in this browser and saved as soon as it can.',
                headers: ['Retry-After' => (string) self::RETRY_AFTER],
            ),
            default => self::response(
                500,
                'Something went wrong on our side',
                'This did not work, and the fault is ours. Try again. What you typed is kept in this browser until '
                    .'it is saved.',
            ),
        };
    }

    /** Whether the database went away, or two transactions ran into each other, so that trying again can help. */
    private static function isPassing(\Throwable $error): bool
    {
        return $error instanceof \PDOException
            && (app(LostConnectionDetector::class)->causedByLostConnection($error)
                || app(ConcurrencyErrorDetector::class)->causedByConcurrencyError($error)
                || in_array($error->errorInfo[1] ?? $error->getCode(), [1040, 1053, 1205, 2002, 2006, 2013], false));
    }

    private static function stale(StaleVersion $stale): JsonResponse
    {
        return self::response(
            409,
            'Changed elsewhere',
            'This was changed elsewhere, in another tab or by somebody else, while you worked on it here. Choose what to '
                .'keep.',
            ['theirs' => self::shown($stale->now)],
        );
    }

    private static function removed(Removed $error): JsonResponse
    {
        $removed = $error->removed;
        [$what, $name] = match (true) {
            $removed instanceof Paper => ['paper', $removed->title ?: 'Paper without a title'],
            $removed instanceof Note => ['note', mb_substr($removed->noted()->text, 0, 60)],
            default => ['source', $removed->name()],
        };

        return self::response(410, 'It was removed', "This {$what} was removed. Bring it back to go on working on it.", [
            'removed' => ['what' => $what, 'id' => $removed->id, 'name' => $name],
            'theirs' => self::shown($removed),
        ]);
    }

    /** @return array<string, mixed> */
    private static function shown(Paper|SourceRecord|Note $now): array
    {
        return match (true) {
            $now instanceof Paper => (new SettingsResource($now))->resolve(),
            $now instanceof Note => (new NoteResource($now))->resolve(),
            default => (new SourceResource($now, $now->paper()->withTrashed()->firstOrFail()->styleInUse()))->resolve(),
        };
    }

    private static function slower(ThrottleRequestsException $error): JsonResponse
    {
        $seconds = max(1, (int) ($error->getHeaders()['Retry-After'] ?? 60));
        $wait = $seconds === 1 ? 'a second' : "{$seconds} seconds";

        return self::response(
            429,
            'Too many requests',
            "That was a great deal at once. Nothing is lost; it goes on in {$wait}.",
            headers: ['Retry-After' => (string) $seconds],
        );
    }

    /**
     * @param  array<string, mixed>  $more
     * @param  array<string, string>  $headers
     */
    private static function response(
        int $status,
        string $title,
        string $detail,
        array $more = [],
        array $headers = [],
    ): JsonResponse {
        $problem = ['type' => 'about:blank', 'title' => $title, 'status' => $status, 'detail' => $detail, ...$more];

        return new JsonResponse($problem, $status, ['Content-Type' => 'application/problem+json', ...$headers]);
    }
}
