<?php

declare(strict_types=1);

namespace Bibrel\Core\Read;

use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\Name;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Text;
use Bibrel\Core\Text\Vocabulary;

/** Takes a byline apart into contributors: "By Halima Brook, coast editor, and Noor Castellan". */
final class Bylines
{
    private const LEAD = '/^\s*(?:(?:an?\s+)?guest\s+(?:post|column|essay|article)\s+by|(?:story|text|words|report|review|article|essay|post|analysis|research|interview(?:ed)?)(?:\s+(?:and\s+(?:photos?|pictures|photographs)\s+)?by|\s*:)|(?:written|posted|published|updated|authored|compiled|researched|submitted|contributed|reported)\s+by|authors?\s*:|by\s*:|prepared\s+by|{by})\s*:?\s+/iu';

    /** The people of a house, who sign as one: "Tideline Editors". */
    private const DESK = '/^(?!(?:staff|contributing|senior|guest)\b)\p{Lu}\S*(?: \p{Lu}\S*)* (?:Editors|Staff|Writers|Contributors)$/u';

    private const NOBODY = '/^(?:.*\+|senior|news services?|wire (?:services?|reports?)|follow(?:ing)?(?: .*)?|more(?: .*)?|(?:story|text|words|photos?|posted|written)?\s*by|reviews?|authors|contributors|admin(?:istrator)?|administration|webmaster|editor|editors|staff|guest|user|root|author|unknown|anonymous|none|n\/a|null|undefined|default|team|web team|super ?user|unknown.*|(?:[\w.]+-)*(?:web|site|admin|content|comms)-?(?:team|master|admin|editor)|\d+)$/iu';

    /** Small words in the names of groups. */
    private const IN_GROUPS = ['do', 'les', 'of', 'the', 'for', 'in', 'on', 'at', 'to', 'für', 'e'];

    /** Names of papers and agencies, and their initials; two capitals before a name are a person's: "JT Marlow". */
    private const HOUSE = '/^(?:\p{Lu}{2,}|\p{Lu}{3,}(?: \p{Lu}\S*)*|\p{Lu}{2,}(?: \p{Lu}{2,})+)$|(?:^|\s)(?:Today|Times|Post|News|Journal|Herald|Tribune|Gazette|Press|Magazine|Sports|Service|Wire|Online|Staff)$/u';

    /** What is cut out of a byline, in this order. */
    private const CUT = [
        '/\S+@\S+\.\S+/u',
        '/\s*\bfiled\s+(?:under|in|to)\b.*$/iu',
        '/\s*\((?:[^)]*\b(?:writer|editor|reporter|correspondent|contributor|author|staff)s?\b[^)]*)\)/iu',
        // The years of somebody's life, as catalogues write them: "Hemming, Walter P., 1840-1911", "Corrigan, Niamh,
        // fl. 1760".

        '/,\s*(?:(?:(?:b|d|fl|born|died|active|approximately|ca?)\.?\s*)+\d{4}\??(?:\s*[-–]\s*\d{4})?|\d{4}\??\s*[-–]\s*(?:(?:ca?\.?\s*)?\d{4}\??)?)\.?(?=$|[;])/u',
        '/\s*\(@[^)]*\)/u',
        // The account after the name.
        '/(?<=\p{L})\s+@[\w.]+.*$/u',
        '/\s*\((?:now|earlier|later|until now|photos?|pictures|text|words)\)/iu',
        '/,\s*(?:aged?\s+)?\d{1,3}(?=$|[,;])/u',
        // The time and day of a posting.
        '/\s+(?:posted|published|updated)(?:\s.*)?$/iu',
        '/,?\s+(?:mon|tues|wednes|thurs|fri|satur|sun)day\b.*$/iu',
        '/,?\s+\d{1,2}\s*[\/.-]\s*\d{1,2}\s*[\/.-]\s*\d{2,4}\b.*$/u',
        '/\s+(?:at|on)\s+\d{1,2}[:.]\d{2}.*$/iu',
        '/\s+on\s+(?:(?:mon|tue|wed|thu|fri|sat|sun)\w*\b|\d).*$/iu',
        // Another sentence; not after a title or an initial.
        '/(?<![Pp]rof)(?<![Cc]apt)(?<=\p{Ll}{3})\.\s+\p{Lu}.*$/u',
        // Capitals are the name; what goes on in small letters is a post or a place.
        '/(?<=\p{Lu}{3})\s+(?:\p{Lu}\p{Ll}+|\p{Ll}{3,})\s+\p{Ll}.*$/u',
        // What somebody is, without a comma before it.

        '/(?<=\p{Ll})\s+(?:(?:senior|staff|chief|deputy|managing|executive|associate|contributing|national|special|assistant)\s+)+(?:\p{L}+\s+){0,2}(?:editor|reporter|correspondent|writer|columnist|contributor|producer|blogger|critic)\b.*$/iu',
        // What others did.

        '/[,;]?\s*(?:and\s+)?\b(?:photo(?:graph)?(?:s|y)?|pictures?|illustrations?|graphics?|art|edit(?:ed|ing)|translat(?:ed|ion)|reviewed|illustrated|photographed|produced|filmed|fact-?checked)\s+by\s+.*$/iu',
        '/,?\s+special\s+(?:to|for)\s+.*$/iu',
    ];

    /** @return list<Contributor> the people and groups named; empty where the text names nobody */
    public static function contributors(string $byline): array
    {
        $text = (string) preg_replace([self::lead(), '/^(?:the|di)\s+(?=\p{Lu})/u'], '', Text::line($byline));
        // A line may begin with the day and end with the name.
        $text = (string) preg_replace(
            '/^(?=[^,]*\d|(?:mon|tues|wednes|thurs|fri|satur|sun)day).{4,70}?\bby:?\s+(?=\p{Lu})/iu',
            '',
            $text,
        );
        $text = rtrim((string) preg_replace(self::CUT, '', $text), " \u{00A0}|/·•–—-");
        // What follows a dash, a bar or a bullet is a date, a desk or a place.
        $text = (preg_split(
            '/\s+[|·•–—]\s*|\s*\((?!.*@|[^)]{1,12}\)\s+\p{Lu})|\s+[-]\s+|(?<=\p{Ll})\/(?=\p{Lu})/u',
            trim($text),
            2,
        ) ?: [''])[0];
        $text = (string) preg_replace(
            '/[,;]?\s*(?:on\s+)?(?:\d{1,2}\s+)?(?<!\p{L})'.Vocabulary::all()->monthPattern().'(?!\p{L}).*\d{4}.*$/iu',
            '',
            $text,
        );
        // Where and for whom somebody wrote; an institute for research in something keeps its name.
        $person = (string) preg_replace(
            '/^(\p{Lu}\S*(?:\s+\S+){1,3}?)\s+(?:in|for)\s+(?:the\s+)?\p{Lu}.*$/u',
            '$1',
            $text,
        );
        $text = Name::looksLikeGroup($person) && self::isInstitution($person) ? $text : $person;
        // "Ondine Vale of the Dusk Survey": whom somebody belongs to.
        $text = preg_match('/^('.NameShape::pattern().') of the \p{Lu}.*$/u', $text, $m) === 1
            && ! Name::looksLikeGroup($m[1])
            && NameShape::isPersonal(Name::parse($m[1]), true)
            ? $m[1]
            : $text;
        $names = [];
        foreach (self::withoutHouse(self::split($text), $text) as $name) {
            $name = (string) preg_replace(['/,?\s+'.self::degree().'$/u', '/^the\s+(?=\p{Lu})/u'], '', $name);
            if (preg_match('/^(?:dr|prof|professor|mr|mrs|ms|miss|sir|rev)\.?\s+(.+)$/iu', $name, $m) === 1) {
                $name = $m[1];
            }
            $contributor = self::isSentence($name) ? null : self::contributor($name);
            if ($contributor !== null) {
                $names[] = $contributor;
            }
        }

        return $names;
    }

    /**
     * After somebody's name and a comma stands whom they write for: "Oona Pell, NORTH TODAY", "Oona Pell, Tarn News
     * Service".
     *
     * @param  list<string>  $names
     * @return list<string>
     */
    private static function withoutHouse(array $names, string $text): array
    {
        $isPerson = preg_match('/^\p{Lu}\p{Ll}\S* (?:\S+ )*\p{Lu}\S*\p{Ll}/u', $names[0] ?? '') === 1;

        return array_values(
            array_filter(
                $names,
                static fn (string $name, int $i): bool => $i === 0
                    || ! $isPerson
                    || preg_match(self::HOUSE, $name) !== 1 && ! Name::looksLikeGroup($name)
                    || preg_match('/\b(?:and|with|for)\s+(?:the\s+)?'.preg_quote($name, '/').'/iu', $text) === 1,
                ARRAY_FILTER_USE_BOTH,
            ),
        );
    }

    /** Words in small letters that are no part of any name: somebody is said to do something. */
    private static function isSentence(string $name): bool
    {
        preg_match_all('/(?<=\s)\p{Ll}[\p{L}’\']*(?=\s|$)/u', $name, $m);
        $plain = array_diff(
            $m[0],
            [...Vocabulary::all()->list('particles'), ...Vocabulary::all()->list('and'), ...self::IN_GROUPS],
        );

        return preg_match('/^\p{Lu}/u', $name) === 1 && count($plain) > 2;
    }

    /** One name on its own, as metadata gives it. */
    public static function contributor(string $name, ?bool $group = null): ?Contributor
    {
        $name = (string) preg_replace('/^by\s+(?=\p{Lu})/iu', '', ltrim(Text::line($name), ' ,;.:'));
        // The full stop of an initial at the end belongs to the name.
        $name = preg_match('/(?:^|[\s.-])\p{Lu}\.$/u', $name) === 1 ? $name : rtrim($name, ' ,;.:');
        if (preg_match('/\s(?:jr|sr)$/iu', $name) === 1) {
            $name .= '.';
        }
        if (self::isNobody($name)) {
            return null;
        }
        if (str_starts_with($name, '@')) {
            return new Contributor(Role::Author, Name::screen($name));
        }
        $isGroup = $group ?? Name::looksLikeGroup($name);

        return new Contributor(Role::Author, $isGroup ? Name::group($name) : Name::parse($name));
    }

    /** Whether it is no name: nothing, a role account, an address, a time, a whole text. */
    private static function isNobody(string $name): bool
    {
        return $name === ''
            || preg_match(self::NOBODY, $name) === 1
            || preg_match('~^(?:https?://|www\.)|@.+\.|/|[{}<>\[\]%=]~iu', $name) === 1
            || preg_match('/^\d|\d[:.]\d\d/', $name) === 1
            || mb_strlen($name) > 160;
    }

    /** Whether a text with an "of" or an "and" in it is one name all the same. */
    private static function isOneName(string $text): bool
    {
        $words = 'of|for|'.Vocabulary::all()->pattern('institutions');

        // Two single words are a house or a couple of names that one cannot part: "Mill & Moor".
        return Name::looksLikeGroup($text)
            && preg_match("/^(?:the\\s)?[^,;&]*\\b(?:{$words})\\b[^,;]*$/iu", $text) === 1
            || preg_match('/^[^\s,]+ & [^\s,]+$/u', $text) === 1;
    }

    /** @return list<string> */
    private static function split(string $text): array
    {
        if (self::isOneName($text)) {
            return [$text];
        }
        // A semicolon parts names that may each be inverted.
        if (preg_match('/^[^;,]+,[^;,]+(?:;[^;,]+,[^;,]+)+$/u', $text) === 1) {
            return preg_split('/\s*;\s*/u', $text) ?: [];
        }
        $and = Vocabulary::all()->pattern('and');
        $between = "/\\s*;\\s*|\\s*,?\\s+(?:{$and}|&)\\s+|\\s*,?\\s+as told to\\s+|\\s*,\\s*|\\s+\\/\\s+/iu";
        $parts = preg_split($between, $text, -1, PREG_SPLIT_NO_EMPTY) ?: [];
        $names = self::named($parts);
        // "Brook, Halima" inverted in metadata: two parts, one word each.
        if (count($parts) === 2
            && count($names) === 2
            && str_contains($text, ',')
            && preg_match('/^\S+$/u', $names[0]) === 1) {
            return [$names[0].', '.$names[1]];
        }

        return $names;
    }

    /**
     * @param  list<string>  $parts
     * @return list<string> those that are names, with the suffixes that stood alone
     */
    private static function named(array $parts): array
    {
        $names = [];
        foreach ($parts as $part) {
            if (preg_match('/^(?:jr|sr|ii|iii|iv)\.?$/iu', $part) === 1 && $names !== []) {
                $names[count($names) - 1] .= ", {$part}";
            } elseif (preg_match('/^'.self::degree().'$/u', $part) === 1) {
                continue;
            } elseif (! self::namesJob($part)
                || count($parts) === 1 && preg_match(self::DESK, $part) === 1
                || $names === []
                    && str_word_count($part) > 3
                    && ! preg_match('/^\p{Lu}\S+ \p{Lu}\S+ \p{Ll}/u', $part)) {
                $names[] = $part;
            }
        }

        return $names;
    }

    private static function lead(): string
    {
        return str_replace('{by}', Vocabulary::all()->pattern('by'), self::LEAD);
    }

    /** Whether a text says what somebody is: "coast editor". */
    public static function namesJob(string $text): bool
    {
        return preg_match('/\b(?:'.Vocabulary::all()->pattern('jobs').')\b/iu', $text) === 1;
    }

    /** Institutions are often named for a field or a place: "Institute for Research in Lamps". */
    private static function isInstitution(string $name): bool
    {
        return preg_match('/\b(?:'.Vocabulary::all()->pattern('institutions').')\b/iu', $name) === 1;
    }

    /** Degrees after a name, where they stand in capitals; "Ma" is a family name. */
    private static function degree(): string
    {
        return '(?:'.Vocabulary::all()->pattern('degrees').')\.?';
    }
}
