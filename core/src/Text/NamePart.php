<?php

declare(strict_types=1);

namespace Bibrel\Core\Text;

/**
 * What a word may be in a name of several words, or says of one: flags that `Names::parts` makes of name-patterns.php.
 */
final class NamePart
{
    public const SERIES = 1;

    public const HEAD = 2;

    public const HEAD_OF = 4;

    public const TAIL = 8;

    public const TAIL_OF_PEOPLE = 16;

    public const DIRECTION = 32;

    /** The first of two words that close a name: Civil War, National Park. */
    public const BEFORE_TAIL = 64;

    public const LAST_TAIL = 128;

    /** A common word as well, but hardly ever in a title. */
    public const NAME = 256;

    /** A common word as well, and as often the one as the other. */
    public const EITHER = 512;

    /** What stands around it tells. */
    public const SURROUNDED = 1024;

    /** Before a surname: Mr., Ms. */
    public const COURTESY = 2048;

    /** After a name, as often a part of it as not: Station, Famine. */
    public const TAIL_ASKED = 4096;

    /** After an ordinal: the Second Amendment. */
    public const ORDINAL_TAIL = 8192;

    /** What makes a word worth a look at its neighbours. */
    public const LOOKED_AT = self::SERIES | self::HEAD | self::HEAD_OF | self::COURTESY | self::DIRECTION
        | self::ORDINAL_TAIL | self::TAILS;

    public const TAILS = self::TAIL | self::TAIL_OF_PEOPLE | self::BEFORE_TAIL;

    /** By the key in name-patterns.php. */
    public const OF = [
        'series' => self::SERIES,
        'heads' => self::HEAD,
        'headsOf' => self::HEAD_OF,
        'courtesies' => self::COURTESY,
        'tails' => self::TAIL,
        'tailsOfPeoples' => self::TAIL_OF_PEOPLE,
        'directions' => self::DIRECTION,
        'tailsAsked' => self::TAIL_ASKED,
        'ordinalTails' => self::ORDINAL_TAIL,
        'beforeTails' => self::BEFORE_TAIL,
        'lastTails' => self::LAST_TAIL,
        'names' => self::NAME,
        'either' => self::EITHER,
    ];
}
