<?php

declare(strict_types=1);

namespace Bibrel\Core\Check;

use Bibrel\Core\Read\Bylines;
use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\Name;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\Publishers;

/** Names as copied: "By", job titles, addresses, several people in one line, organisations typed as people. */
final class NameChecks implements Checks
{
    private const GROUP = '/\b(?:Trust|Museum|University|Council|Society|Institute|Department|Ministry|Association|Foundation|Agency|Commission|Committee|Organi[sz]ation|Office|Bureau|Library|Archive|Survey|Team|Staff|Inc|Ltd)\b/u';

    private const JOB = '/(?:,\s*(?:\p{L}+\s+){0,2}|\s*\b(?:(?:senior|staff|chief|news|science|guest)\s+)*)(?:editor|reporter|correspondent|writer|columnist|journalist|professor|lecturer|researcher|curator)\b.*$/iu';

    public function on(Source $source): array
    {
        $points = [];
        foreach ($source->contributors as $place => $one) {
            $point = $one->name->isEmpty() ? null : self::name($source, $place, $one);
            if ($point !== null) {
                $points[] = $point;
            }
        }
        $first = $source->contributors[0] ?? null;
        if ($first !== null && ! $first->name->isGroup() && ! $first->name->isScreen() && ! $first->name->isEmpty()) {
            foreach (['title', 'publisher'] as $field) {
                if ($source->kind->containment === Containment::OnSite && Publishers::same($first->name->direct(), $source->container()->{$field})) {
                    $points[] = self::mended($source, 0, 'author-is-site', "The author and the {$field} are the same (“{$first->name->direct()}”). Is a person named anywhere?", 'It is an organisation', [new Contributor($first->role, Name::group($first->name->direct()))]);
                }
            }
        }

        return $points;
    }

    private static function name(Source $source, int $place, Contributor $one): ?Point
    {
        $name = $one->name->direct();
        $person = ! $one->name->isGroup() && ! $one->name->isScreen();
        $split = static fn (string $text): array => array_map(static fn (Contributor $found): Contributor => new Contributor($one->role, $found->name), Bylines::contributors($text));

        return match (true) {
            preg_match('/^(?:written\s+)?by\s+(?=\p{Lu})/iu', $name) === 1 => self::mended($source, $place, 'name-by', "“{$name}” begins with “By”, which is not part of the name.", 'Take it off', $split($name)),
            preg_match('/\S+@\S+\.\S+/u', $name) === 1 => new Point('name-mail', "contributors.{$place}", "“{$name}” holds an e-mail address, which is not part of a name."),
            $person && preg_match('/\s(?:and|&)\s|;/iu', $name) === 1 && preg_match(self::GROUP, $name) !== 1 => self::mended($source, $place, 'name-several', "“{$name}” looks like more than one person.", 'Give each a line', $split($name)),
            $person && preg_match(self::JOB, $name) === 1 => self::mended($source, $place, 'name-job', "“{$name}” holds a job title, which is not part of the name.", 'Take it off', [new Contributor($one->role, Name::parse((string) preg_replace(self::JOB, '', $name)))]),
            $person && (preg_match(self::GROUP, $name) === 1 || preg_match('/^The\s/u', $name) === 1) => self::mended($source, $place, 'name-group', "“{$name}” looks like an organisation, and its name would be turned round.", 'It is an organisation', [new Contributor($one->role, Name::group($name))]),
            $one->name->isGroup() && preg_match('/^\p{Lu}\p{Ll}+,\s\p{Lu}[\p{Ll}.]+$/u', $name) === 1 => self::mended($source, $place, 'name-person', "“{$name}” looks like a person, not an organisation.", 'It is a person', [new Contributor($one->role, Name::parse($name))]),
            default => null,
        };
    }

    /** @param  list<Contributor>  $instead */
    private static function mended(Source $source, int $place, string $id, string $sentence, string $mend, array $instead): Point
    {
        if ($instead === []) {
            return new Point($id, "contributors.{$place}", $sentence);
        }
        $people = $source->contributors;
        array_splice($people, $place, 1, $instead);

        return new Point($id, "contributors.{$place}", $sentence, '', $mend, array_map(static fn (Contributor $one): array => $one->toArray(), array_values($people)));
    }
}
