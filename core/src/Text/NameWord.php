<?php

declare(strict_types=1);

namespace Bibrel\Core\Text;

/** What core/data/names.php says of a word, as flags that `bin/names` sets and `Names` reads. */
final class NameWord
{
    public const NAME = 1;

    /** It is a common word as well: may, polish, bath. */
    public const COMMON = 2;

    /** As both, it is more often met as the name. */
    public const OFTEN = 4;

    public const PLACE = 8;

    /** A given name that several known people have. */
    public const GIVEN = 16;

    /** A people, a language, a faith, or what belongs to a place: Greek, Muslim. */
    public const PEOPLE = 32;

    /** A genus of plants or animals, which a species' own word in small letters follows. */
    public const GENUS = 64;

    /** A day, a month, a feast: Saturday, Ramadan. */
    public const TIME = 128;

    /** Words that stay small inside a name. */
    public const SMALL = [
        'a', 'an', 'the', 'and', 'of', 'in', 'on', 'at', 'to', 'for', 'by', 'de', 'la', 'le', 'du', 'des', 'del',
        'von', 'van',
        'der', 'und', 'et',
    ];
}
