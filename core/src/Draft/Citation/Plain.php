<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Citation;

/** Words as they are compared: small letters of the Latin alphabet and figures, single spaces. */
final class Plain
{
    /** @var array<string, string> */
    private static array $known = [];

    public static function words(string $text): string
    {
        if (count(self::$known) > 20000) {
            self::$known = [];
        }

        return self::$known[$text] ??= self::made($text);
    }

    /** A title or a name of a group without the article it begins with. */
    public static function withoutArticle(string $text): string
    {
        return (string) preg_replace('/^(?:the|an?) (?=\S)/', '', self::words($text));
    }

    /** Whether two words differ by a slip of the pen: a letter more, less, another one, or two changed about. */
    public static function isSlip(string $a, string $b): bool
    {
        $longest = max(strlen($a), strlen($b));
        if ($a === $b || $longest < 5 || abs(strlen($a) - strlen($b)) > 2) {
            return false;
        }
        $isSwapped = strlen($a) === strlen($b) && count_chars($a, 1) === count_chars($b, 1);

        return levenshtein($a, $b) <= ($longest >= 8 || $isSwapped ? 2 : 1);
    }

    private static function made(string $text): string
    {
        $text = preg_match('/[^\x00-\x7F]/', $text) === 1
            ? (string) transliterator_transliterate('Any-Latin; Latin-ASCII', $text)
            : $text;

        return trim((string) preg_replace('/[^a-z0-9]+/', ' ', str_replace(["'", '’', '.'], '', strtolower($text))));
    }
}
