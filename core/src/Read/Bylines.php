<?php

declare(strict_types=1);

namespace Bibrel\Core\Read;

use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\Name;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Text;

/** Takes a byline apart into contributors: "By Halima Brook, coast editor, and Noor Castellan". */
final class Bylines
{
    private const LEAD = '/^\s*(?:(?:story|text|words|report|review|article|essay|post|analysis|research)(?:\s+(?:and\s+(?:photos?|pictures|photographs)\s+)?by|\s*:)|(?:written|posted|published|authored|compiled|researched|submitted|contributed|reported)\s+by|authors?\s*:|by\s*:|by|prepared\s+by|par|por|von)\s*:?\s+/iu';

    /** Words for what somebody is, which are no part of a name. */
    public const JOB = '/\b(?:(?:editor|reporter|correspondent|writer|columnist|journalist|director|manager|officer|professor|lecturer|researcher|curator|student|contributor|historian|ecologist|archivist|librarian|scientist)s?|president|chair|staff)\b/iu';

    /** The people of a house, who sign as one: "Tideline Editors". */
    private const DESK = '/^(?!(?:staff|contributing|senior|guest)\b)\p{Lu}\S*(?: \p{Lu}\S*)* (?:Editors|Staff|Writers|Contributors)$/u';

    private const NOBODY = '/^(?:admin(?:istrator)?|administration|webmaster|editor|editors|staff|guest|user|root|author|unknown|anonymous|none|n\/a|null|undefined|default|team|web team|super ?user|unknown.*|(?:[\w.]+-)*(?:web|site|admin|content|comms)-?(?:team|master|admin|editor)|\d+)$/iu';

    /** Degrees behind a name, where they stand in capitals; "Ma" is a family name. */
    private const DEGREE = '(?:Ph\.?D|M\.?D|M\.?A|B\.?A|M\.?Sc|B\.?Sc|J\.?D|LL\.?M|MBA|MFA|MPH|RN|FRS)\.?';

    /** What is cut out of a byline, in this order. */
    private const CUT = [
        '/\S+@\S+\.\S+/u',
        '/\s*\(@[^)]*\)/u',
        '/\s*\((?:now|earlier|later|until now|photos?|pictures|text|words)\)/iu',
        '/,\s*(?:aged?\s+)?\d{1,3}(?=$|[,;])/u',
        // The time and day of a posting.
        '/\s+(?:at|on)\s+\d{1,2}[:.]\d{2}.*$/iu',
        '/\s+on\s+(?:(?:mon|tue|wed|thu|fri|sat|sun)\w*\b|\d).*$/iu',
        // Another sentence; not behind a title or an initial.
        '/(?<![Pp]rof)(?<![Cc]apt)(?<=\p{Ll}{3})\.\s+\p{Lu}.*$/u',
        // What others did.
        '/[,;]?\s*(?:and\s+)?\b(?:photo(?:graph)?(?:s|y)?|pictures?|illustrations?|graphics?|art|edit(?:ed|ing)|translat(?:ed|ion)|reviewed|illustrated|photographed|produced|filmed|fact-?checked)\s+by\s+.*$/iu',
        '/,?\s+special\s+(?:to|for)\s+.*$/iu',
    ];

    /** @return list<Contributor> the people and groups named; empty where the text names nobody */
    public static function contributors(string $byline): array
    {
        $text = (string) preg_replace([self::LEAD, '/^the\s+(?=\p{Lu})/u'], '', Text::line($byline));
        $text = (string) preg_replace(self::CUT, '', $text);
        // What follows a dash, a bar or a bullet is a date, a desk or a place.
        $text = (preg_split('/\s+[|·•–—]\s+|\s*\((?!.*@)|\s+[-]\s+|(?<=\p{Ll})\/(?=\p{Lu})/u', trim($text), 2) ?: [''])[0];
        $text = (string) preg_replace('/[,;]?\s*(?:on\s+)?(?:\d{1,2}\s+)?(?:jan(?:uary)?|feb(?:ruary)?|mar(?:ch)?|apr(?:il)?|may|june?|july?|aug(?:ust)?|sept?(?:ember)?|oct(?:ober)?|nov(?:ember)?|dec(?:ember)?)\b\.?.*\d{4}.*$/iu', '', $text);
        // Where and for whom somebody wrote; an institute for research in something keeps its name.
        $person = (string) preg_replace('/^(\p{Lu}\S*(?:\s+\S+){1,3}?)\s+(?:in|for)\s+(?:the\s+)?\p{Lu}.*$/u', '$1', $text);
        $text = Name::looksLikeGroup($person) ? $text : $person;
        $names = [];
        foreach (self::split($text) as $name) {
            $name = (string) preg_replace('/,?\s+'.self::DEGREE.'$/u', '', $name);
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

    /** Words in small letters that are no part of any name: somebody is said to do something. */
    private static function isSentence(string $name): bool
    {
        preg_match_all('/(?<=\s)\p{Ll}[\p{L}’\']*(?=\s|$)/u', $name, $m);
        $plain = array_diff($m[0], ['de', 'da', 'do', 'dos', 'das', 'del', 'della', 'di', 'du', 'la', 'le', 'les', 'van', 'von', 'der', 'den', 'ten', 'ter', 'zu', 'of', 'the', 'for', 'and', 'in', 'on', 'at', 'to', 'und', 'für', 'et', 'y', 'e', 'bin', 'ibn', 'al', 'el', 'af', 'av']);

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
        if ($name === '' || preg_match(self::NOBODY, $name) === 1 || preg_match('~^(?:https?://|www\.)|@.+\.|/|[{}<>\[\]%=]~iu', $name) === 1 || mb_strlen($name) > 160) {
            return null;
        }
        if (str_starts_with($name, '@')) {
            return new Contributor(Role::Author, Name::screen($name));
        }
        $isGroup = $group ?? Name::looksLikeGroup($name);

        return new Contributor(Role::Author, $isGroup ? Name::group($name) : Name::parse($name));
    }

    /** @return list<string> */
    private static function split(string $text): array
    {
        if (Name::looksLikeGroup($text) && preg_match('/^(?:the\s)?[^,;&]*\b(?:of|for|trust|museum|council|society|institute|university|office|department|ministry|association)\b[^,;]*$/iu', $text) === 1) {
            return [$text];
        }
        $parts = preg_split('/\s*;\s*|\s*,?\s+(?:and|with|avec|&|et|und|y)\s+|\s*,?\s+as told to\s+|\s*,\s*|\s+\/\s+/iu', $text, -1, PREG_SPLIT_NO_EMPTY) ?: [];
        $names = [];
        foreach ($parts as $part) {
            if (preg_match('/^(?:jr|sr|ii|iii|iv)\.?$/iu', $part) === 1 && $names !== []) {
                $names[count($names) - 1] .= ", {$part}";
            } elseif (preg_match('/^'.self::DEGREE.'$/u', $part) === 1) {
                continue;
            } elseif (preg_match(self::JOB, $part) !== 1 || count($parts) === 1 && preg_match(self::DESK, $part) === 1 || $names === [] && str_word_count($part) > 3 && ! preg_match('/^\p{Lu}\S+ \p{Lu}\S+ \p{Ll}/u', $part)) {
                $names[] = $part;
            }
        }
        // "Brook, Halima" turned round in metadata: two parts, one word each.
        if (count($parts) === 2 && count($names) === 2 && str_contains($text, ',') && preg_match('/^\S+$/u', $names[0]) === 1) {
            return [$names[0].', '.$names[1]];
        }

        return $names;
    }
}
