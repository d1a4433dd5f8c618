<?php

declare(strict_types=1);

namespace Bibrel\Core\Text;

/** A list of common English words, to tell a name from a word that only stands in a headline. */
final class Words
{
    /** Endings that common words have, and names hardly ever. */
    private const ENDING = '/(?:ings?|[ts]ions?|ments?|ness(?:es)?|ity|ities|isms?|ists?'
        .'|olog(?:y|ies|ical|ists?)|graph(?:y|ic|ies)'
        .'|metr(?:y|ic|ics)|i[sz](?:ing|ed|ers?)|ified|ly|ful|less|[ai]bl[ey]|ics?|ical|ous|ive'
        .'|ships?|hood|wise|ware|like'
        .'|oids?|itis|emia|osis|oses|genic|phobia|scop(?:y|ic)|omes?|omics|agnostics?|ase|amines?|cytes?)$/';

    private const BEGINNING = '/^(?:bio|micro|nano|neuro|eco|tele|cyber|geo|psycho|socio|cryo|photo|hydro|thermo'
        .'|electro|multi'
        .'|inter|intra|trans|post|pre|re|un|non|anti|over|under|sub|super|hyper|hypo|meta|para|poly|mono'
        .'|auto|co|de|dis|mis'
        .'|semi|ultra|macro|mega|mid|out|up|video|web|agro|aero|tech|edu|info)-?(.{3,})$/';

    /** Second halves of compounds that make a place: Northmere, Oakford. */
    private const PLACE = '/(?:mere|ton|ham|ford|bridge|port|field|wood|land|mouth|chester|borough|burgh|dale|stead'
        .'|haven|ville|wick|worth|ley|by)$/';

    private static ?string $list = null;

    /** @var array<string, bool> words that were looked up already; a title's words are mostly the same few */
    private static array $known = [];

    /** @var array<string, bool> */
    private static array $looks = [];

    /** @param  string  $word in lower case */
    public static function isCommon(string $word): bool
    {
        return self::$known[$word] ??= self::isListed($word);
    }

    /**
     * Whether a word no list has is made as common words are: with their endings, or out of two of them.
     *
     * @param  string  $word  in lower case
     */
    public static function looksCommon(string $word): bool
    {
        return self::$looks[$word] ??= self::isCommon($word) || self::isMadeAsCommon($word);
    }

    private static function isMadeAsCommon(string $word): bool
    {
        if (mb_strlen($word) < 5 || preg_match('/[^a-z-]/', $word) === 1) {
            return false;
        }
        $stem = (string) preg_replace('/(?:es|s|ed|er|ers|ing)$/', '', $word);

        return preg_match(self::ENDING, $word) === 1 || self::isCommon($stem) || self::isCommon($stem.'e')
            || preg_match(self::BEGINNING, $word, $m) === 1 && self::looksCommon($m[1])
            || self::isCompound($word);
    }

    /** Whether a word is two common ones in one, and no name of a place: chatbot, but not Oakford. */
    private static function isCompound(string $word): bool
    {
        for ($i = 3, $end = strlen($word) - 3; $i <= $end; $i++) {
            [$first, $second] = [substr($word, 0, $i), substr($word, $i)];
            if (self::isCommon($first) && self::isCommon($second) && preg_match(self::PLACE, $second) !== 1) {
                return true;
            }
        }

        return false;
    }

    private static function isListed(string $word): bool
    {
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
