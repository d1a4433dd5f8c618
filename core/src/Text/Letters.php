<?php

declare(strict_types=1);

namespace Bibrel\Core\Text;

/** Small helpers for single words; most words are plain ASCII and take the short way. */
final class Letters
{
    public static function capital(string $word): string
    {
        $first = $word[0] ?? '';
        if ($first >= 'a' && $first <= 'z') {
            return ucfirst($word);
        }

        return $first >= 'A' && $first <= 'Z' || $first >= '0' && $first <= '9'
            ? $word
            : (string) preg_replace_callback(
                '/^([^\p{L}\p{N}]*)(\p{L})/u',
                static fn (array $m): string => $m[1].mb_strtoupper($m[2]),
                $word,
            );
    }

    public static function lower(string $word): string
    {
        return ctype_alpha($word) ? strtolower($word) : mb_strtolower($word);
    }

    public static function hasCapital(string $word): bool
    {
        return ctype_alpha($word) ? $word[0] <= 'Z' : preg_match('/^\P{L}*\p{Lu}/u', $word) === 1;
    }

    /** Acronyms and words with a capital inside (NASA, eBook, McBride), or with a digit: never touched. */
    public static function isFixed(string $word): bool
    {
        if (ctype_alpha($word)) {
            $rest = substr($word, 1);

            return $rest !== '' && ! ctype_lower($rest);
        }

        return preg_match('/\p{L}.*\p{Lu}|\d/u', $word) === 1;
    }

    public static function isAllCapitals(string $text): bool
    {
        return strpbrk($text, 'abcdefghijklmnopqrstuvwxyz') === false
            && preg_match_all('/\p{Lu}/u', $text) >= 4 && preg_match('/\p{Ll}/u', $text) !== 1;
    }
}
