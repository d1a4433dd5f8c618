<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Citation;

use Bibrel\Core\Source\Name;
use Bibrel\Core\Text\Vocabulary;

/**
 * Who stands before the date of an APA entry, in their order and with their roles (Publication Manual, 7th ed.,
 * 9.7-9.12).
 */
final readonly class ApaPeople
{
    private const INITIALS = '\p{L}\.(?:[\s-]{0,2}\p{L}\.)*';

    private const ROLES = [
        'ed' => 'editor', 'director' => 'director', 'host' => 'host', 'executive producer' => 'executive-producer',
        'writer' => 'writer', 'trans' => 'translator', 'producer' => 'producer', 'comp' => 'compiler',
        'narr' => 'narrator', 'illus' => 'illustrator',
    ];

    /**
     * @param  list<array<string, mixed>>  $people  as contributors
     * @param  bool  $isTitle  whether the words are rather the title
     * @param  bool  $isShortened  whether others were left out
     */
    private function __construct(public array $people, public bool $isTitle, public bool $isShortened)
    {
    }

    public static function parse(string $before): self
    {
        $text = trim($before);
        $isShortened = preg_match('/…|\. \. \.|\bet al\b/u', $text) === 1;
        $text = (string) preg_replace(
            [
                '/,?\s*(?:…|\.\s\.\s\.)\s*/u',
                '/,?\s*et al\.?/u',
                '/(?<=\.),?\s+and\s+(?=\p{Lu}[\p{L}’\'-]+,\s\p{Lu}\.)/u',
            ],
            [', ', '', ', & '],
            $text,
        );
        $name = "[\\p{L}][\\p{L}’'. -]*?,\\s*".self::INITIALS.'(?:\\s(?:'.self::particles()
            .'))?(?:,?\\s*(?:Jr\\.|Sr\\.|I{1,3}))?';
        if (preg_match_all(
            "/(?<=^|[,&]\\s|&\\s|,\\s)({$name})(?:\\s*\\(([^()]{2,24}?)\\.?\\))?(?=\\s*(?:,|&|\\.|$))/u",
            $text,
            $all,
            PREG_SET_ORDER | PREG_OFFSET_CAPTURE,
        ) < 1) {
            $whole = self::whole($text);

            return $whole === [] ? self::one(trim($text, ' '), $isShortened) : new self($whole, false, $isShortened);
        }
        $people = [];
        $from = 0;
        foreach ($all as $m) {
            $people = [
                ...$people,
                ...self::between(substr($text, $from, $m[0][1] - $from)),
                ['role' => self::role($m[2][0] ?? ''), 'name' => self::person($m[1][0])->toArray()],
            ];
            $from = $m[0][1] + strlen($m[0][0]);
        }
        $people = [...$people, ...self::between(substr($text, $from))];
        // One role after several people is that of all of them.
        $role = (string) (array_values(
            array_filter(array_reverse(array_column($people, 'role')), static fn (string $one): bool => $one !== ''),
        )[0] ?? 'author');

        return new self(
            array_map(static fn (array $one): array => [...$one, 'role' => $one['role'] ?: $role], $people),
            false,
            $isShortened,
        );
    }

    /**
     * Names that are inverted and not shortened to initials, as other styles have them: "Brook, Halima, and Quist,
     * Rafael".
     *
     * @return list<array<string, mixed>> none where there are no such names
     */
    private static function whole(string $text): array
    {
        $names = preg_split('/,\s*(?:and|&)\s+|\s+(?:and|&)\s+|(?<=\p{Ll}),\s+(?=[\p{L}’\'-]+,)/u', trim($text, ' .'))
            ?: [];
        $isName = static fn (string $name): bool => preg_match(
            '/^\p{Lu}[\p{L}’\'-]+, \p{Lu}\p{Ll}[\p{L}’\'-]*(?: \p{Lu}[\p{L}.’\'-]*)?\.?$/u',
            $name,
        ) === 1
            && ! Name::isOrganisation($name);

        return array_filter($names, static fn (string $name): bool => ! $isName($name)) === []
            ? array_map(
                static fn (string $name): array => ['role' => 'author', 'name' => Name::parse($name)->toArray()],
                $names,
            )
            : [];
    }

    /** "Lund, H. von, Jr." */
    private static function person(string $name): Name
    {
        if (preg_match(
            '/^(.+?),\s*('.self::INITIALS.')(?:\s('.self::particles().'))?(?:,?\s*(Jr\.|Sr\.|I{1,3}))?$/u',
            $name,
            $m,
        ) !== 1) {
            return Name::parse($name);
        }
        $direct = Name::parse("{$m[1]}, {$m[2]}");

        return Name::person($direct->given, $direct->family, $direct->particle, $m[3] ?? '', $m[4] ?? '');
    }

    private static function role(string $word): string
    {
        return self::ROLES[(string) preg_replace('/s$/', '', mb_strtolower($word))]
            ?? self::ROLES[mb_strtolower($word)]
            ?? '';
    }

    /** A single group, account, or title. */
    private static function one(string $text, bool $isShortened): self
    {
        $role = preg_match('/^(.*?)\s*\(([^()]{2,24}?)\.?\)\.?$/u', $text, $m) === 1 ? self::role($m[2]) : '';
        $name = trim($role !== '' ? $m[1] : $text, ' .');
        if (preg_match('/^(.+?)\s*\[(@[\w.-]+)\]$/u', $name, $m) === 1
            || preg_match('/^(@[\w.-]+)$/u', $name, $m) === 1) {
            return new self(
                [['role' => $role ?: 'author', 'name' => ['screen' => $m[2] ?? $m[1], ...(isset($m[2]) ? array_diff_key(Name::guessed($m[1])->toArray(), ['screen' => '']) : [])]]],
                false,
                $isShortened,
            );
        }
        // A handful of words with capitals is an organisation; a sentence is the title.
        $isTitle = preg_match_all('/(?:^|\s)\p{Ll}{4,}/u', $name) > 0 || preg_match('/[\]?!]$|^“/u', $name) === 1;

        return new self(
            $isTitle || $name === ''
                ? []
                : array_map(
                    static fn (Name $one): array => ['role' => $role ?: 'author', 'name' => $one->toArray()],
                    (new CitedGroups($name))->all(),
                ),
            $isTitle,
            $isShortened,
        );
    }

    /** @return list<array<string, mixed>> a group among persons */
    private static function between(string $text): array
    {
        $name = trim((string) preg_replace('/^\s*(?:,|&|\.)+\s*|[\s,&]+$/u', '', $text), ' ,&.');

        return preg_match('/\p{L}{3}/u', $name) === 1 ? [['role' => '', 'name' => ['group' => $name]]] : [];
    }

    private static function particles(): string
    {
        return Vocabulary::all()->pattern('particles');
    }
}
