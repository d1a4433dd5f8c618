<?php

declare(strict_types=1);

namespace Bibrel\Core\Text;

/** Small helpers for single words. */
final class Letters
{
    public static function capital(string $word): string
    {
        return (string) preg_replace_callback('/^([^\p{L}\p{N}]*)(\p{L})/u', static fn (array $m): string => $m[1].mb_strtoupper($m[2]), $word);
    }

    public static function hasCapital(string $word): bool
    {
        return preg_match('/^\P{L}*\p{Lu}/u', $word) === 1;
    }

    /** Acronyms and words with a capital inside (NASA, eBook, McBride), or with a digit: never touched. */
    public static function isFixed(string $word): bool
    {
        return preg_match('/\p{L}.*\p{Lu}|\d/u', $word) === 1;
    }

    public static function isAllCapitals(string $text): bool
    {
        return preg_match_all('/\p{Lu}/u', $text) >= 4 && preg_match('/\p{Ll}/u', $text) !== 1;
    }
}
