<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Citation;

use Bibrel\Core\Source\Name;

/**
 * Who stands before the title of an MLA entry, the first inverted, with what they did (MLA Handbook, 9th ed.,
 * 5.3-5.22).
 */
final readonly class MlaPeople
{
    private const ROLES = [
        'editor' => 'editor', 'ed' => 'editor', 'translator' => 'translator', 'trans' => 'translator',
        'director' => 'director', 'compiler' => 'compiler', 'comp' => 'compiler', 'narrator' => 'narrator',
        'host' => 'host', 'performer' => 'performer', 'creator' => 'creator',
    ];

    public function __construct(private string $text)
    {
    }

    /** "Family, Given", several names, or an account. */
    public function areNames(): bool
    {
        return preg_match('/^[\p{Lu}@\p{Ll}][^,]{1,40},\s+\p{Lu}[^,]{0,60}(?:,.*)?\.$/u', $this->text) === 1
            && preg_match('/\d/', $this->text) !== 1
            || preg_match('/^@\S+\.$|\[@\S+\]\.$/u', $this->text) === 1;
    }

    /** @return list<array<string, mixed>> as contributors */
    public function contributors(): array
    {
        $text = $this->text;
        // The full stop after an initial is the name's as well as the sentence's.
        $text = preg_match('/(?:^|[\s.])\p{Lu}\.$/u', trim($text)) === 1 ? trim($text) : rtrim($text, ' .');
        if ($text === '') {
            return [];
        }
        $role = 'author';
        if (preg_match('/,\s*('.implode('|', array_keys(self::ROLES)).')s?\.?$/u', $text, $m) === 1) {
            $role = self::ROLES[$m[1]];
            $text = substr($text, 0, -strlen($m[0]));
        }
        $text = (string) preg_replace('/,?\s*et al\.?$/u', '', $text);
        $one = static fn (Name $name): array => ['role' => $role, 'name' => $name->toArray()];
        if (preg_match('/^(.+?)\s*\[(@\S+)\]$/u', $text, $m) === 1) {
            $name = Name::parse($m[1]);

            return [$one(Name::screen($m[2], $name->given, $name->surname()))];
        }
        if (str_starts_with($text, '@')) {
            return [$one(Name::screen($text))];
        }
        // "Family, Given": the first is inverted, a second follows "and".
        if (preg_match(
            '/^([^,]+),\s*([^,]+?)(?:,\s*(Jr\.?|Sr\.?|I{1,3}))?(?:,?\s+and\s+([^,]+(?:, (?:Jr|Sr)\.?)?))?$/u',
            $text,
            $m,
        ) === 1
            && preg_match('/\b(?:of|for|the)\b/u', $m[1]) !== 1) {
            $people = [
                $one(
                    Name::parse(
                        self::uncapitalised("{$m[1]}, {$m[2]}")
                            .(($m[3] ?? '') !== '' ? ', '.preg_replace('/(?<=[JS]r)$/', '.', $m[3]) : ''),
                    ),
                ),
            ];
            if (($m[4] ?? '') !== '') {
                $people[] = $one(
                    Name::looksLikeGroup($m[4]) ? Name::group($m[4]) : Name::parse(self::uncapitalised($m[4])),
                );
            }

            return $people;
        }
        $several = self::several(preg_split('/,\s*(?:and\s+|&\s*)?|\s+and\s+/u', $text) ?: []);
        if ($several !== []) {
            return array_map($one, $several);
        }

        return array_map($one, (new CitedGroups($text))->all());
    }

    /**
     * Three authors and more: the first inverted ("Authora, Ada, Bea Authorb, and Cy Authorc", as the 7th edition
     * has it), or each of them, as no style writes them and many people do.
     *
     * @param  list<string>  $parts  between commas
     * @return list<Name> none where the parts are no names
     */
    private static function several(array $parts): array
    {
        if (count($parts) < 3
            || array_filter(
                $parts,
                static fn (string $part): bool => preg_match(
                    '/^\p{Lu}[\p{L}.’\'-]*(?: (?:\p{Lu}|van |von |de |der )[\p{L}.’\'-]*){0,3}$/u',
                    $part,
                ) !== 1,
            ) !== []) {
            return [];
        }
        $isDirect = array_filter(
            array_slice($parts, 2),
            static fn (string $part): bool => ! str_contains($part, ' '),
        ) === [];

        return match (true) {
            $isDirect => [Name::parse("{$parts[0]}, {$parts[1]}"), ...array_map(Name::parse(...), array_slice($parts, 2))],
            count($parts) % 2 === 0 => array_map(static fn (array $pair): Name => Name::parse(implode(', ', $pair)), array_chunk($parts, 2)),
            default => [],
        };
    }

    /** Indexes print authors in capitals throughout. */
    private static function uncapitalised(string $name): string
    {
        return preg_match('/\p{Ll}/u', $name) === 1
            ? $name
            : (string) preg_replace_callback(
                '/\p{Lu}{3,}/u',
                static fn (array $m): string => mb_convert_case($m[0], MB_CASE_TITLE),
                $name,
            );
    }
}
