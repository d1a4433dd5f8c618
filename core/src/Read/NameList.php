<?php

declare(strict_types=1);

namespace Bibrel\Core\Read;

use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\Name;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Text;

/**
 * A list of people as entries print it, in which commas part families from given names as well as people: "Brook, H.,
 * Oake, J., & Stell, M.", "Brook, Halima, and Mara Oake", "Brook H, Oake J".
 */
final readonly class NameList
{
    private const FAMILY = '(?<!\p{L})(?:(?!and )\p{Ll}+ )*\p{Lu}[\p{L}\p{M}’\'-]*(?: \p{Lu}[\p{L}\p{M}’\'-]+)?';

    /** A family name of one word: of two, nobody could tell it from a name as one says it. */
    private const SINGLE = '(?<!\p{L})(?:(?!and )\p{Ll}+ )*\p{Lu}[\p{L}\p{M}’\'-]*';

    private const INITIALS = '(?:\p{Lu}\.[ -]?)+';

    private string $names;

    private bool $isCut;

    public function __construct(string $typed)
    {
        $text = Text::line($typed);
        $names = (string) preg_replace('/[,;]?\s*(?:\band\s+others|\bet\s+al\b\.?)\.?$/iu', '', $text);
        $this->isCut = $names !== $text;
        $this->names = trim($names, ' ,;');
    }

    /** @return list<Contributor> with "et al." as the last where the list says so; empty where it is no such list */
    public function people(): array
    {
        $names = $this->inverted()
            ?: $this->inMla()
            ?: $this->inMedicine()
            ?: ($this->isCut ? [Name::parse($this->names)] : []);
        $names = $names !== [] && $this->isCut ? [...$names, Name::group('et al.')] : $names;

        return array_map(static fn (Name $name): Contributor => new Contributor(Role::Author, $name), $names);
    }

    /** @return list<Name> "Brook, H., Oake, J. R., . . . Stell, M." */
    private function inverted(): array
    {
        $one = self::FAMILY.', '.self::INITIALS.'(?:, (?:Jr|Sr)\.?)?';
        $between = '(?:,? (?:&|and) |, (?:\. ?\. ?\. |… )?)';
        if (preg_match("/^{$one}(?:{$between}{$one})*$/u", "{$this->names} ") !== 1
            && preg_match("/^{$one}(?:{$between}{$one})*$/u", $this->names) !== 1) {
            return [];
        }
        preg_match_all("/{$one}/u", $this->names, $found);

        return array_map(static fn (string $name): Name => Name::parse(trim($name)), $found[0]);
    }

    /** @return list<Name> "Brook, Halima, and Mara Oake": the first inverted, the others as one says them */
    private function inMla(): array
    {
        $direct = '\p{Lu}[\p{L}\p{M}.’\'-]*(?: [\p{L}\p{M}.’\'-]+)+';
        $isList = preg_match(
            '/^('.self::SINGLE.', \p{Lu}[\p{L}.’\'-]*(?: \p{Lu}[\p{L}.’\'-]*)*)((?:, '.$direct.')*),? (?:and|&) ('
                .$direct.')$/u',
            $this->names,
            $m,
        ) === 1;

        return $isList
            ? array_map(
                static fn (string $name): Name => Name::parse($name),
                array_values(array_filter([$m[1], ...explode(', ', $m[2]), $m[3]])),
            )
            : [];
    }

    /** @return list<Name> "Brook H, Oake JR": two or more, families with initials without stops */
    private function inMedicine(): array
    {
        $one = '\p{Lu}[\p{L}\p{M}’\'-]*\p{Ll}(?: \p{Lu}[\p{L}\p{M}’\'-]*\p{Ll})? \p{Lu}{1,3}';
        if (preg_match("/^{$one}(?:[,;] {$one})+\\.?$/u", $this->names) !== 1) {
            return [];
        }

        return array_map(static function (string $name): Name {
            $at = (int) strrpos($name, ' ');

            return Name::person(substr($name, $at + 1), substr($name, 0, $at));
        }, preg_split('/[,;] /', rtrim($this->names, '.')) ?: []);
    }
}
