<?php

declare(strict_types=1);

namespace Bibrel\Core\Source;

/**
 * One line of text, out of decoded JSON or anywhere else: valid UTF-8, white space folded, never an array or an object.
 */
final class Text
{
    /** @param  array<string, mixed>  $json */
    public static function of(array $json, string $key): string
    {
        $value = $json[$key] ?? '';

        return is_scalar($value) ? self::line((string) $value) : '';
    }

    public static function line(string $text): string
    {
        $text = trim($text);
        if (str_contains($text, '&') && str_contains($text, ';')) {
            $text = self::decoded($text);
        }
        // Most lines are plain words with single spaces, which is quick to see.
        if ($text === '' || preg_match('/^[!-~]++(?: [!-~]++)*+$/D', $text) === 1) {
            return $text;
        }

        return trim((string) preg_replace('/[\s\x{00A0}\x{200B}\x{FEFF}]+/u', ' ', mb_scrub($text)));
    }

    /** Without the entities of a web page, escaped twice or not; a lone ampersand stays. */
    private static function decoded(string $text): string
    {
        for ($times = 0; $times < 2 && preg_match('/&(?:#\d+|#x[\da-f]+|[a-z]+\d*);/i', $text) === 1; $times++) {
            $text = html_entity_decode($text, ENT_QUOTES | ENT_HTML5);
        }

        return $text;
    }

    /** The letters and digits alone, small, for telling whether two places say the same. */
    public static function folded(string $text): string
    {
        return (string) preg_replace('/[^\p{L}\p{N}]+/u', '', mb_strtolower($text));
    }
}
