<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Citation;

use Bibrel\Core\Read\NameShape;
use Bibrel\Core\Source\Name;
use Bibrel\Core\Text\Words;

/** Authors an entry does not turn round: an organisation, somebody of one name, or two of them. */
final readonly class CitedGroups
{
    public function __construct(private string $text)
    {
    }

    /** @return non-empty-list<Name> */
    public function all(): array
    {
        // "Ministry of Coasts and Rivers" is one; two stand there only where each could stand alone.
        if (preg_match('/^(.+?),?\s+(?:and|&)\s+(.+)$/u', $this->text, $m) === 1
            && self::couldStandAlone($m[1])
            && self::couldStandAlone($m[2])) {
            // A person who stands first is inverted; a second is not.
            return [
                self::one($m[1]),
                NameShape::isPersonal(Name::parse($m[2]), true) ? Name::parse($m[2]) : self::one($m[2]),
            ];
        }

        return [self::one($this->text)];
    }

    private static function couldStandAlone(string $name): bool
    {
        return Name::isOrganisation($name)
            || NameShape::isPersonal(Name::parse($name), true)
            || preg_match('/^\p{Lu}\p{Ll}{4,}$/u', $name) === 1 && ! Words::isCommon(mb_strtolower($name));
    }

    private static function one(string $name): Name
    {
        return str_contains($name, ' ') || Name::looksLikeGroup($name) ? Name::group($name) : Name::person('', $name);
    }
}
