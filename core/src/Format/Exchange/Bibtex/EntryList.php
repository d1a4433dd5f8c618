<?php

declare(strict_types=1);

namespace Bibrel\Core\Format\Exchange\Bibtex;

use Bibrel\Core\Source\Name;
use Bibrel\Core\Source\Publishers;

/** A field that holds a list, whose members "and" parts: people, or houses. */
final readonly class EntryList
{
    public function __construct(private string $value)
    {
    }

    /** @return list<array<string, string>> people and groups, as CSL-JSON has names */
    public function names(): array
    {
        $names = array_filter(
            array_map(trim(...), $this->parted()),
            static fn (string $part): bool => $part !== '',
        );

        return array_values(array_map(self::name(...), $names));
    }

    /** Houses with a semicolon between them, where "and" parts houses; it is also a part of their names. */
    public function houses(): string
    {
        $houses = array_map(static fn (string $one): string => (new Latex($one))->text(), $this->parted());

        return array_filter($houses, Publishers::isHouse(...)) === $houses
            ? implode('; ', $houses)
            : (new Latex($this->value))->text();
    }

    /** @return list<string> the members, parted by "and" outside braces */
    private function parted(): array
    {
        $depth = 0;
        $parts = [''];
        foreach (preg_split('/(\{|\}|\s+and\s+)/i', $this->value, -1, PREG_SPLIT_DELIM_CAPTURE) ?: [] as $piece) {
            $depth += ($piece === '{' ? 1 : 0) - ($piece === '}' ? 1 : 0);
            if ($depth === 0 && preg_match('/^\s+and\s+$/i', $piece) === 1) {
                $parts[] = '';
            } else {
                $parts[count($parts) - 1] .= $piece;
            }
        }

        return $parts;
    }

    /** @return array<string, string> */
    private static function name(string $part): array
    {
        if (strtolower($part) === 'others') {
            return ['literal' => 'et al.'];
        }
        // A name wholly in braces is a group.
        if (preg_match('/^\{((?:[^{}]|\{[^{}]*\})*)\}$/', $part, $m) === 1) {
            return ['literal' => (new Latex($m[1]))->text()];
        }
        $pieces = array_map(trim(...), explode(',', (new Latex($part))->text()));
        // "Family, Jr., Given" is BibTeX's own order.
        $name = Name::parse(implode(', ', count($pieces) === 3 ? [$pieces[0], $pieces[2], $pieces[1]] : $pieces));
        $item = [
            'family' => $name->family,
            'given' => $name->given,
            'non-dropping-particle' => $name->particle,
            'suffix' => $name->suffix,
        ];

        return array_filter($item, static fn (string $one): bool => $one !== '');
    }
}
