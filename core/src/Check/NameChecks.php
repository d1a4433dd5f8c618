<?php

declare(strict_types=1);

namespace Bibrel\Core\Check;

use Bibrel\Core\Read\Bylines;
use Bibrel\Core\Read\NameList;
use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\Fix;
use Bibrel\Core\Source\Issue;
use Bibrel\Core\Source\Name;
use Bibrel\Core\Source\Publishers;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Source\Text;
use Bibrel\Core\Text\Vocabulary;

/** Names as copied: "By", job titles, addresses, several people in one line, organisations typed as people. */
final class NameChecks implements Checks
{
    /** How many remarks on names one source has at most. */
    private const MOST = 12;

    public function on(Source $source): array
    {
        $issues = [];
        $seen = [];
        foreach ($source->contributors as $place => $one) {
            if ($one->name->isEmpty()) {
                continue;
            }
            $issues = [...$issues, ...array_filter([
                self::name($source, $place, $one), self::twice($source, $place, $one, $seen),
            ])];
            // Each carries the whole list with its mend; who has mended these is shown the next.
            if (count($issues) >= self::MOST) {
                break;
            }
        }

        return [...$issues, ...self::site($source)];
    }

    /** @return list<Issue> the first author who is the site or the publisher as well */
    private static function site(Source $source): array
    {
        $first = $source->contributors[0] ?? null;
        if ($first === null
            || ! $first->name->isPerson()
            || $first->name->isEmpty()
            || $source->kind->containment !== Containment::OnSite) {
            return [];
        }
        $name = $first->name->direct();
        $issues = [];
        foreach ([
            'title' => $source->container()->title, 'publisher' => $source->container()->publisher,
        ] as $what => $other) {
            if (Publishers::same($name, $other)) {
                $sentence = "The author and the {$what} are the same (“{$name}”). Is a person named anywhere?";
                $issues[] = self::fixed(
                    $source,
                    0,
                    'author-is-site',
                    $sentence,
                    'It is an organisation',
                    [Name::group($name)],
                );
            }
        }

        return $issues;
    }

    /**
     * The same person twice in one role.
     *
     * @param  array<string, true>  $seen
     */
    private static function twice(Source $source, int $place, Contributor $one, array &$seen): ?Issue
    {
        $key = $one->role->value.Text::folded($one->name->printed()->direct());
        $isKnown = isset($seen[$key]);
        $seen[$key] = true;
        $people = $source->contributors;
        unset($people[$place]);

        return ! $isKnown ? null : new Issue(
            'name-twice',
            FieldPath::contributors()->member($place),
            "“{$one->name->direct()}” stands there twice.",
            fix: new Fix('Take one off', array_values($people), FieldPath::contributors()),
        );
    }

    private static function name(Source $source, int $place, Contributor $one): ?Issue
    {
        $name = $one->name->direct();
        $fixed = static fn (string $id, string $sentence, string $label, Name ...$names): Issue => self::fixed(
            $source,
            $place,
            $id,
            $sentence,
            $label,
            array_values($names),
        );

        return match (true) {
            preg_match('/^(?:written\s+)?by\s+(?=\p{Lu})/iu', $name) === 1 => $fixed(
                'name-by',
                "“{$name}” begins with “By”, which is not part of the name.",
                'Take it off',
                ...self::split($name),
            ),
            $one->name->isOthers() => new Issue(
                'name-others',
                FieldPath::contributors()->member($place),
                "“{$name}” stands for people the source names. Add them: the styles say themselves when to leave some "
                    .'out.',
            ),
            preg_match('/\S+@\S+\.\S+/u', $name) === 1 => $fixed('name-mail', "“{$name}” holds an e-mail address, which is not part of a name.", ''),
            $one->name->isPerson() && $one->name->withoutHonours() !== $one->name => $fixed(
                'name-honours',
                'Degrees and forms of address are no part of a name: the entry says '
                    ."“{$one->name->printed()->direct()}”.",
                'Take them off',
                $one->name->withoutHonours(),
            ),
            $one->name->isPerson() => self::person($name, $fixed) ?? self::spelling($one->name, $fixed),
            $one->name->isGroup() && preg_match('/^\p{Lu}\p{Ll}+,\s\p{Lu}[\p{Ll}.]+$/u', $name) === 1 => $fixed(
                'name-person',
                "“{$name}” looks like a person, not an organisation.",
                'It is a person',
                Name::parse($name),
            ),
            default => null,
        };
    }

    /** A job with what stands before it, after a comma or at the end of the name. */
    private static function job(): string
    {
        [$ranks, $jobs] = [Vocabulary::all()->pattern('ranks'), Vocabulary::all()->pattern('jobs')];

        return "/(?:,\\s*(?:\\p{L}+\\s+){0,2}|\\s*\\b(?:(?:{$ranks})\\s+)+)(?:{$jobs})\\b.*$|\\s(?:{$jobs})$/iu";
    }

    /** @param  callable(string, string, string, Name...): Issue  $fixed */
    private static function person(string $name, callable $fixed): ?Issue
    {
        $isGroup = Name::isOrganisation($name);
        $job = self::job();

        return match (true) {
            (preg_match('/\s(?:and|&)\s|;/iu', $name) === 1 || count((new NameList($name))->people()) > 1)
                && ! $isGroup => $fixed(
                    'name-several',
                    "“{$name}” looks like more than one person.",
                    'Give each a line',
                    ...self::split($name),
                ),
            preg_match($job, $name) === 1 => $fixed(
                'name-job',
                "“{$name}” holds a job title, which is not part of the name.",
                'Take it off',
                Name::parse((string) preg_replace($job, '', $name)),
            ),
            $isGroup || preg_match('/^The\s/u', $name) === 1 => $fixed(
                'name-group',
                "“{$name}” looks like an organisation, and its name would be inverted.",
                'It is an organisation',
                Name::group($name),
            ),
            default => null,
        };
    }

    /**
     * A name in one box, in capitals or in small letters.
     *
     * @param  callable(string, string, string, Name...): Issue  $fixed
     */
    private static function spelling(Name $name, callable $fixed): ?Issue
    {
        $said = $name->direct();
        $capital = self::capitalised(...);
        $spelled = Name::person(
            $capital($name->given),
            $capital($name->family),
            $name->particle,
            $name->dropping,
            $name->suffix,
        );

        return match (true) {
            $name->given === ''
                && preg_match('/^\p{Lu}[\p{L}.’\'-]*(?: \p{Lu}[\p{L}.’\'-]*)+$/u', $name->family) === 1 => $fixed(
                    'name-whole',
                    "“{$said}” stands in one box. A family name and a given name go into their own, or the entry cannot "
                        .'put the family name first.',
                    'Part it',
                    Name::parse($name->family),
                ),
            preg_match('/\p{L}{4}/u', $name->family) === 1 && mb_strtoupper($name->family) === $name->family
                && mb_strtolower($name->family) !== $name->family => $fixed(
                    'name-capitals',
                    "“{$said}” stands in capitals.",
                    "Write “{$spelled->direct()}”",
                    $spelled,
                ),
            $name->particle === ''
                && $name->given !== ''
                && mb_strtolower($said) === $said
                && mb_strtoupper($said) !== $said => $fixed(
                    'name-small',
                    "“{$said}” stands in small letters.",
                    "Write “{$spelled->direct()}”",
                    $spelled,
                ),
            default => null,
        };
    }

    /** Each word with its first letter alone in capitals. */
    private static function capitalised(string $part): string
    {
        return (string) preg_replace_callback(
            '/\p{L}[\p{L}\p{M}]*/u',
            static fn (array $m): string => mb_strtoupper(mb_substr($m[0], 0, 1)).mb_strtolower(mb_substr($m[0], 1)),
            $part,
        );
    }

    /** @return list<Name> the people and organisations a line names */
    private static function split(string $text): array
    {
        $people = (new NameList($text))->people() ?: Bylines::contributors($text);

        return array_map(static fn (Contributor $one): Name => $one->name, $people);
    }

    /**
     * @param  list<Name>  $names  what the fix puts in the place of the name; none where there is no fix
     */
    private static function fixed(
        Source $source,
        int $place,
        string $id,
        string $sentence,
        string $label,
        array $names,
    ): Issue {
        $people = $source->contributors;
        $role = $people[$place]->role;
        array_splice(
            $people,
            $place,
            1,
            array_map(static fn (Name $name): Contributor => new Contributor($role, $name), $names),
        );

        return new Issue(
            $id,
            FieldPath::contributors()->member($place),
            $sentence,
            fix: $names === [] ? null : new Fix($label, array_values($people)),
        );
    }
}
