<?php

declare(strict_types=1);

namespace Bibrel\Core\Text;

/** What the capitals of a title mean: nothing (there are none, or nothing else), names, or that it is a headline. */
enum TitleCapitals
{
    case None;
    case Throughout;
    case Names;
    case Headline;

    /** Words that are small in headlines of one habit or another, besides prepositions: they tell nothing. */
    private const FUNCTION_WORDS = [
        'although', 'am', 'are', 'based', 'be', 'because', 'been', 'being', 'both', 'can', 'cannot', 'concerning',
        'could',
        'did', 'do', 'does', 'due', 'each', 'either', 'following', 'had', 'has', 'have', 'he', 'her', 'here', 'hers',
        'him',
        'his', 'how', 'if', 'including', 'is', 'it', 'its', 'may', 'me', 'might', 'more', 'most', 'must', 'my',
        'neither',
        'not', 'only', 'other', 'our', 'ours', 'rather', 'shall', 'she', 'should', 'some', 'such', 'than', 'that',
        'their', 'theirs', 'them', 'then', 'there', 'these', 'they', 'this', 'those', 'though', 'till', 'unless',
        'until',
        'us', 'using', 'very', 'was', 'we', 'were', 'what', 'when', 'where', 'whether', 'which', 'while', 'who', 'whom',
        'whose', 'why', 'will', 'would', 'you', 'your', 'yours', 'among', 'amongst', 'worth', 'within', 'ago',
        'also', 'et', 'al',
    ];

    public static function of(string $title): self
    {
        // A title is asked about as a whole for each of its parts.
        static $last = ['', self::None];
        if ($last[0] !== $title) {
            $last = [$title, self::read($title)];
        }

        return $last[1];
    }

    private static function read(string $title): self
    {
        if (Letters::isAllCapitals($title)) {
            return self::Throughout;
        }
        static $tellNothing = null;
        $tellNothing ??= array_fill_keys(self::FUNCTION_WORDS, true) + HeadlineCase::SMALL + HeadlineCase::EITHER;
        // Most titles stand in headline capitals: no word in small letters but those that are always small.
        $small = array_filter(
            self::small($title),
            static fn (string $word): bool => ! isset($tellNothing[rtrim($word, '.')]) && mb_strlen($word) > 2,
        );
        if ($small === []) {
            return self::Headline;
        }
        // A title inside the title has capitals of its own.
        $own = preg_replace('~<i>.*?</i>|“[^”]*”|"[^"]*"~us', '', $title);
        preg_match_all('/(?<![\p{L}\p{N}\'’&.])\p{Lu}\p{Ll}[\p{L}\p{M}\'’]*/u', (string) $own, $found);
        $capitals = $found[0];
        if ($capitals === [] || count($capitals) === 1 && str_starts_with($title, $capitals[0])) {
            return preg_match('/\p{Lu}/u', $title) === 1 ? self::Names : self::None;
        }
        $epithets = count(array_filter($small, static fn (string $word): bool => self::isEpithet($word, $title)));
        $words = count(array_filter(
            array_slice($capitals, 1),
            static fn (string $word): bool => Words::isCommon(mb_strtolower($word)),
        ));

        return $words > 2 * (count($small) - $epithets) ? self::Headline : self::Names;
    }

    /** @return list<string> the words that begin with a small letter */
    private static function small(string $title): array
    {
        if (strspn($title, 'ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz ') === strlen($title)) {
            $found = [];
            foreach (explode(' ', $title) as $word) {
                if ($word !== '' && $word[0] >= 'a') {
                    $found[] = $word;
                }
            }

            return $found;
        }
        $text = preg_replace('~<span class="nocase">.*?</span>|</?\w+>~us', '', $title);
        preg_match_all('/(?<![\p{L}\p{N}\'’&.-])\p{Ll}[\p{L}\p{N}\p{M}\'’.&]*/u', (string) $text, $found);

        return $found[0];
    }

    /** The second word of a species: small, Latin, after a genus. */
    private static function isEpithet(string $word, string $title): bool
    {
        return ! Words::isCommon($word)
            && preg_match('/(\p{Lu}\p{Ll}+) '.preg_quote($word, '/').'\b/u', $title, $m) === 1
            && (Names::all()->flags(mb_strtolower($m[1])) & NameWord::GENUS || preg_match(
                '/(?:us|a|um|is|i|ae|ens|ans|ata|oides|ensis|ella)$/',
                $word,
            ) === 1);
    }
}
