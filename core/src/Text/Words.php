<?php

declare(strict_types=1);

namespace Bibrel\Core\Text;

/** A list of common English words, to tell a name from a word that only stands in a headline. */
final class Words
{
    /** Common words that, with a capital in a title, are far more often the name. */
    private const NAMES = [
        'august', 'china', 'turkey', 'jordan', 'chile', 'polish', 'cuba', 'african', 'asian', 'internet',
    ];

    private static ?string $list = null;

    /** @var array<string, bool> words that were looked up already; a title's words are mostly the same few */
    private static array $known = [];

    /** @param  string  $word in lower case */
    public static function isCommon(string $word): bool
    {
        return self::$known[$word] ??= self::isListed($word);
    }

    private static function isListed(string $word): bool
    {
        if (in_array($word, self::NAMES, true)) {
            return false;
        }
        self::$list ??= (string) file_get_contents(dirname(__DIR__, 2).'/data/english-words.txt');

        return self::$list === '' || self::has($word);
    }

    /** The list is sorted and one word a line, so half of what is left can be put aside at each look. */
    private static function has(string $word): bool
    {
        $list = (string) self::$list;
        [$low, $high] = [0, strlen($list) - 1];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            $start = strrpos($list, "\n", $middle - strlen($list));
            $end = (int) strpos($list, "\n", (int) $start + 1);
            $order = strcmp($word, substr($list, (int) $start + 1, $end - (int) $start - 1));
            if ($order === 0) {
                return true;
            }
            if ($order < 0) {
                $high = (int) $start;
            } else {
                $low = $end;
            }
        }

        return false;
    }
}
