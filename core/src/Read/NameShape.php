<?php

declare(strict_types=1);

namespace Bibrel\Core\Read;

use Bibrel\Core\Source\Name;
use Bibrel\Core\Text\Vocabulary;
use Bibrel\Core\Text\Words;

/** What a person's name looks like where a page prints it: two to four words with capitals, initials among them. */
final class NameShape
{
    /** "Original Published Date" has the shape of a name and is none. */
    private const LABEL = '/\b(?:dates?|published|updated|posted|modified|title|website|page|authors?|contributors?|credits?|about|share|read|more)\b/iu';

    /** For use inside a pattern with the flag "u". */
    public static function pattern(): string
    {
        return '\p{Lu}[\p{L}’\'.-]*(?: (?:(?:'.self::particles().') )?\p{Lu}[\p{L}’\'.-]*){1,3}';
    }

    /** A name as catalogues invert it: "Hallam, Petra", "van der Elst, J. J.". */
    public static function inverted(): string
    {
        return '(?:(?:'.self::particles()
            .') )*\p{Lu}[\p{L}’\'-]+(?: \p{Lu}[\p{L}’\'-]+)?, \p{Lu}[\p{L}’\'.-]*(?: \p{Lu}[\p{L}’\'.-]*){0,3}';
    }

    private static function particles(): string
    {
        static $particles = null;

        return $particles ??= str_replace('.', '\.', Vocabulary::all()->pattern('particles'));
    }

    /** Whether a line holds nothing but a person's name, perhaps after "By". */
    public static function fills(string $line): bool
    {
        return preg_match('/^(?:[Bb]y:? )?'.self::pattern().'$/u', $line) === 1 && ! self::isLabel($line);
    }

    public static function isLabel(string $line): bool
    {
        return preg_match(self::LABEL, $line) === 1;
    }

    /**
     * Whether what a site, a band or a house is called is the name of a person. Names are told from "Quiet Margin" and
     * "Heron Lights" by not being words; where somebody signs a text, one of two names may be one: "Ondine Vale", "Wen
     * Abara".
     */
    public static function isPersonal(Name $name, bool $signs = false): bool
    {
        $shown = $name->direct();
        if ($name->isGroup()
            || $name->isScreen()
            || $name->given === ''
            || Name::looksLikeGroup($shown)
            || preg_match('/^'.self::pattern().'$/u', $shown) !== 1) {
            return false;
        }
        $isWord = static fn (string $part): bool => Words::isCommon(mb_strtolower($part));

        $strange = [! $isWord((string) strtok($name->given, ' ')), ! $isWord($name->family)];

        return $signs ? in_array(true, $strange, true) : ! in_array(false, $strange, true);
    }
}
