<?php

declare(strict_types=1);

namespace Bibrel\App\Logging;

use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Log;

/**
 * Reports an error without anything a person typed and without anybody's id: what kind it is, where it happened and by
 * which way it came there. Messages of the database hold the values of the query, so only their code is told.
 */
final class Discreet
{
    private const FRAMES = 25;

    public static function report(\Throwable $error): void
    {
        $told = [];
        for ($one = $error; $one !== null; $one = $one->getPrevious()) {
            $told[] = self::told($one);
        }
        Log::error(implode(' after ', $told), ['at' => self::way($error)]);
    }

    private static function told(\Throwable $error): string
    {
        $message = match (true) {
            $error instanceof QueryException, $error instanceof \PDOException => 'code '.($error->errorInfo[1] ?? $error->getCode()),
            // The engine's own words name variables and types, never their values.
            $error instanceof \Error, $error instanceof \ErrorException => preg_replace('/"[^"]{0,200}"/', '"…"', $error->getMessage()),
            default => 'code '.$error->getCode(),
        };

        return sprintf('%s (%s) in %s:%d', $error::class, $message, self::file($error->getFile()), $error->getLine());
    }

    /** @return list<string> */
    private static function way(\Throwable $error): array
    {
        $frames = array_slice($error->getTrace(), 0, self::FRAMES);

        return array_map(
            static fn (array $frame): string => self::file($frame['file'] ?? '').':'.($frame['line'] ?? 0),
            $frames,
        );
    }

    private static function file(string $path): string
    {
        return ltrim(str_replace(base_path(), '', $path), '/');
    }
}
