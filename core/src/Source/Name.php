<?php

declare(strict_types=1);

namespace Bibrel\Core\Source;

use Bibrel\Core\Text\Vocabulary;

/**
 * The name of a person, a group, or somebody known by a screen name.
 *
 * Person: `family` is set, the rest may be empty; `particle` belongs to the family name ("van der"), `dropping` goes
 * after the given name when the name is inverted ("Brook, Halima de"). A mononym is a person with a family name only.
 * Group: `group` is the full name, `parent` the body it belongs to ("Ministry of Coasts" for "Office of Tides"),
 * `abbreviation` what the text calls it after its first citation. Screen: `screen` is the handle as shown; the real
 * name, where known, is in
 * `given` and `family`, or in `group`.
 */
final readonly class Name
{
    private const SUFFIX = '/^(?:(?:jr|sr)\.?|ii|iii|iv|v|vi)$/i';

    private function __construct(
        public NameKind $kind,
        public string $given = '',
        public string $family = '',
        public string $particle = '',
        public string $dropping = '',
        public string $suffix = '',
        public string $group = '',
        public string $screen = '',
        public bool $familyFirst = false,
        public string $parent = '',
        public string $abbreviation = '',
    ) {
    }

    public static function person(
        string $given,
        string $family,
        string $particle = '',
        string $dropping = '',
        string $suffix = '',
        bool $familyFirst = false,
    ): self {
        $clean = self::tidy(...);
        [$given, $family] = [$clean($given), $clean($family)];

        return $family === ''
            ? new self(NameKind::Person, family: $given, suffix: $clean($suffix))
            : new self(
                NameKind::Person,
                $given,
                $family,
                $clean($particle),
                $clean($dropping),
                $clean($suffix),
                familyFirst: $familyFirst,
            );
    }

    public static function group(string $name, string $parent = '', string $abbreviation = ''): self
    {
        return new self(
            NameKind::Group,
            group: self::tidy($name),
            parent: self::tidy($parent),
            abbreviation: self::tidy($abbreviation),
        );
    }

    public static function screen(string $handle, string $given = '', string $family = '', string $group = ''): self
    {
        return new self(
            NameKind::Screen,
            self::tidy($given),
            self::tidy($family),
            group: self::tidy($group),
            screen: self::tidy($handle),
        );
    }

    /** Reads a personal name typed as "Given Family", "Family, Given" or "Family, Given, Jr.". */
    public static function parse(string $typed): self
    {
        $typed = self::tidy($typed);
        $parts = array_values(
            array_filter(array_map(trim(...), explode(',', $typed)), static fn (string $part): bool => $part !== ''),
        )
            ?: [''];
        // After a family name alone, one letter is an initial.
        if (count($parts) >= 2
            && preg_match(self::SUFFIX, $parts[1]) === 1
            && ! (count($parts) === 2 && strlen($parts[1]) === 1 && ! str_contains($parts[0], ' '))) {
            if (isset($parts[2])) {
                [$particle, $family] = self::splitParticle(explode(' ', $parts[0]));

                return self::person($parts[2], $family, $particle, '', $parts[1]);
            }
            $direct = self::parse($parts[0]);

            return self::person($direct->given, $direct->family, $direct->particle, $direct->dropping, $parts[1]);
        }
        if (count($parts) >= 2) {
            [$particle, $family] = self::splitParticle(explode(' ', $parts[0]));

            return self::person($parts[1], $family, $particle, '', $parts[2] ?? '');
        }
        $words = explode(' ', $typed);
        $suffix = count($words) > 2 && preg_match(self::SUFFIX, (string) end($words)) === 1
            ? (string) array_pop($words)
            : '';
        if (count($words) === 1) {
            return self::person('', $words[0], suffix: $suffix);
        }
        $start = count($words) - 1;
        for ($i = 1; $i < count($words) - 1; $i++) {
            if (in_array($words[$i], Vocabulary::all()->list('particles'), true)) {
                $start = $i;
                break;
            }
        }
        [$particle, $family] = self::splitParticle(array_slice($words, $start));

        return self::person(implode(' ', array_slice($words, 0, $start)), $family, $particle, '', $suffix);
    }

    /** Whether a name that was typed or found as one string reads like an organisation's. */
    public static function looksLikeGroup(string $typed): bool
    {
        return self::isOrganisation($typed)
            || preg_match('/^the\s/i', $typed) === 1
            || preg_match('/\b(?:of|for|and)\b|&/iu', $typed) === 1
            || preg_match('/^[\p{Lu}]{2,6}$/u', trim($typed)) === 1;
    }

    /** A name nobody has said more of: a group where it looks like one, else a person. */
    public static function guessed(string $typed): self
    {
        return self::looksLikeGroup($typed) ? self::group($typed) : self::parse($typed);
    }

    /** Whether a name holds a word that only organisations have: "Survey", "Office". */
    public static function isOrganisation(string $typed): bool
    {
        return preg_match('/\b(?:'.Vocabulary::all()->pattern('organisations').')\b/iu', $typed) === 1;
    }

    /** Whether it stands for people who are not named: "et al.", "and others". */
    public function isOthers(): bool
    {
        $said = $this->group !== '' ? $this->group : ($this->given === '' ? $this->family : '');

        return strlen($said) < 14
            && preg_match('/^(?:(?:and |& )?others|et al(?:\.|ii|iae)?|et\.? al\.?)$/i', $said) === 1;
    }

    /**
     * The name as an entry has it: without degrees and forms of address, a generation out of the family name, initials
     * with their stops and spaces ("JRR" as "J. R. R.").
     *
     * Source: MLA Handbook, 9th ed., 2.72, 2.74, 5.11; APA Publication Manual, 7th ed., 9.8.
     */
    public function printed(): self
    {
        if ($this->kind !== NameKind::Person) {
            return $this;
        }
        $bare = $this->withoutHonours();
        [$family, $suffix] = self::generation($bare->family, $bare->suffix);
        $isShort = strlen($bare->given) < 4 || ctype_upper(str_replace(' ', '', $bare->given));
        $given = $isShort || str_contains($bare->given, '.')
            ? self::spacedInitials($bare->given, mb_strtoupper($family) === $family)
            : $bare->given;

        return $this->renamed($given, $family, $suffix);
    }

    /** @return array{string, string} family name and suffix, where the one holds the other: "King Jr." */
    private static function generation(string $family, string $suffix): array
    {
        $isInside = $suffix === '' && str_contains($family, ' ')
            && preg_match('/^(.+?),?\s+((?:jr|sr)\.?|ii|iii|iv)$/i', $family, $m) === 1;

        return $isInside ? [$m[1], $m[2]] : [$family, $suffix];
    }

    /** The same name where nothing changes. */
    private function renamed(string $given, string $family, string $suffix): self
    {
        return $given === $this->given && $family === $this->family && $suffix === $this->suffix
            ? $this
            : self::person($given, $family, $this->particle, $this->dropping, $suffix, $this->familyFirst);
    }

    /** Without degrees and forms of address, "Dr.", "PhD", which are no part of a name. */
    public function withoutHonours(): self
    {
        // Most names begin with none of them, and have no room for one at the end.
        $first = rtrim(strtolower(explode(' ', $this->given, 2)[0]), '.');
        if ($this->suffix === '' && ! str_contains($this->family, ' ') && ! str_contains($this->given, ',')
            && ! in_array($first, Vocabulary::all()->list('honorifics'), true)) {
            return $this;
        }
        $degrees = Vocabulary::all()->pattern('degrees');
        $off = "/(?:,\\s*|\\s+)(?:{$degrees})\\.?(?:,?\\s*(?:{$degrees})\\.?)*$/u";
        $address = '/^(?:(?:'.Vocabulary::all()->pattern('honorifics').')\.?\s+)+(?=\S)/i';
        $given = (string) preg_replace([$address, $off], '', $this->given);
        $family = (string) preg_replace($off, '', $given === '' || $this->given === ''
            ? (string) preg_replace($address, '', $this->family) : $this->family);
        $suffix = preg_match("/^(?:{$degrees})\\.?$/u", $this->suffix) === 1 ? '' : $this->suffix;

        return $this->renamed($given, $family, $suffix);
    }

    /** @param  bool  $isShouted  whether the whole name stands in capitals, so that capitals are no initials */
    private static function spacedInitials(string $given, bool $isShouted): string
    {
        if (! $isShouted && preg_match('/^\p{Lu}{2,3}$/u', $given) === 1
            || preg_match('/^\p{Lu}(?: \p{Lu})*$/u', $given) === 1) {
            return implode(' ', array_map(
                static fn (string $letter): string => "{$letter}.",
                mb_str_split(str_replace(' ', '', $given)),
            ));
        }

        return str_contains($given, '.') ? (string) preg_replace('/(?<=\b\p{Lu}\.)(?=\p{Lu})/u', ' ', $given) : $given;
    }

    public function isGroup(): bool
    {
        return $this->kind === NameKind::Group;
    }

    public function isPerson(): bool
    {
        return $this->kind === NameKind::Person;
    }

    public function isScreen(): bool
    {
        return $this->kind === NameKind::Screen;
    }

    public function isEmpty(): bool
    {
        return $this->given.$this->family.$this->group.$this->screen === '';
    }

    /** The family name with the particle that belongs to it. */
    public function surname(): string
    {
        return $this->particle === '' ? $this->family : self::join($this->particle, $this->family);
    }

    /** The name as one would say it: "Halima de la Brook Jr.". */
    public function direct(): string
    {
        return match ($this->kind) {
            NameKind::Group => $this->group,
            NameKind::Screen => $this->screen,
            NameKind::Person => $this->familyFirst
                ? self::join($this->surname(), $this->given, $this->suffix)
                : self::join($this->given, $this->dropping, $this->surname(), $this->suffix),
        };
    }

    /** The same for two names that say the same. */
    public function key(): string
    {
        return implode("\x1F", [
            $this->given, $this->family, $this->particle, $this->dropping, $this->suffix, $this->group, $this->screen,
            $this->parent, $this->abbreviation, (string) $this->familyFirst,
        ]);
    }

    public function equals(self $other): bool
    {
        return $this->toArray() === $other->toArray();
    }

    /** @param  array<string, mixed>  $json */
    public static function fromArray(array $json): self
    {
        $text = static fn (string $key): string => is_scalar($json[$key] ?? null) ? (string) $json[$key] : '';

        return match (true) {
            $text('screen') !== '' => self::screen($text('screen'), $text('given'), $text('family'), $text('group')),
            $text('group') !== '' => self::group($text('group'), $text('parent'), $text('abbreviation')),
            default => self::person(
                $text('given'),
                $text('family'),
                $text('particle'),
                $text('dropping'),
                $text('suffix'),
                (bool) ($json['familyFirst'] ?? false),
            ),
        };
    }

    /** @return array<string, string|bool> only what is filled */
    public function toArray(): array
    {
        return array_filter([
            'given' => $this->given,
            'family' => $this->family,
            'particle' => $this->particle,
            'dropping' => $this->dropping,
            'suffix' => $this->suffix,
            'group' => $this->group,
            'screen' => $this->screen,
            'familyFirst' => $this->familyFirst,
            'parent' => $this->parent,
            'abbreviation' => $this->abbreviation,
        ], static fn (string|bool $value): bool => $value !== '' && $value !== false);
    }

    public static function join(string ...$parts): string
    {
        $joined = '';
        foreach ($parts as $part) {
            $joined .= $part === '' ? '' : ($joined === '' ? $part : " {$part}");
        }

        return $joined;
    }

    /**
     * @param  list<string>  $words
     * @return array{string, string} particle and family name
     */
    private static function splitParticle(array $words): array
    {
        $particle = [];
        while (count($words) > 1 && in_array($words[0], Vocabulary::all()->list('particles'), true)) {
            $particle[] = array_shift($words);
        }

        return [implode(' ', $particle), implode(' ', $words)];
    }

    private static function tidy(string $text): string
    {
        return trim((string) preg_replace('/\s+/u', ' ', mb_scrub($text)));
    }
}
