<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Bylines;
use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\DateOf;
use Bibrel\Core\Read\Finding;
use Bibrel\Core\Read\NameShape;
use Bibrel\Core\Source\ContainerField;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\Role;

/** Values after their names, as museums, archives and offices print them: "Artist", "Date made", "Report number: …". */
final class LabelledLines implements EvidenceReader
{
    private const PEOPLE = ['artist' => Role::Artist, 'cartographer' => Role::Author, 'maker' => Role::Artist, 'painter' => Role::Artist, 'sculptor' => Role::Artist, 'photographer' => Role::Photographer, 'author' => Role::Author, 'authors' => Role::Author, 'author(s)' => Role::Author, 'byline' => Role::Author, 'creator' => Role::Author, 'host' => Role::Host, 'hosted by' => Role::Host, 'presenter' => Role::Host, 'director' => Role::Director, 'interviewee' => Role::Interviewee, 'interviewer' => Role::Interviewer];

    private const MADE = ['date made', 'date created', 'created', 'made', 'date of creation', 'production date', 'taken', 'taken on', 'date taken'];

    private const PUBLISHED = ['published', 'date published', 'publication date', 'release date', 'released', 'issued', 'date of publication', 'first published', 'publication year'];

    private const TOGETHER = [Role::Interviewee, Role::Interviewer, Role::Director, Role::Host];

    /** Kinds that bear the date they were made under the label "Date". */
    private const DATED = ['map', 'photograph', 'artwork', 'poster', 'archive-item', 'published-interview'];

    public function read(Document $page): array
    {
        $labels = $page->labels();
        $kind = self::kind($page);
        $findings = [];
        foreach ($labels->found as $name => ['label' => $label, 'value' => $value, 'lines' => $lines]) {
            $where = Labels::where($label);
            $findings = [...$findings, ...match (true) {
                // Of a thing an archive says what it is, its names are those of its makers.
                $name === 'names' => $kind === '' ? [] : self::people($kind === 'photograph' ? Role::Photographer : Role::Author, $lines, $where),
                isset(self::PEOPLE[$name]) => self::people($kind === 'photograph' && $name === 'creator' ? Role::Photographer : self::PEOPLE[$name], $lines, $where),
                in_array($name, self::MADE, true) => Make::date($value, $where, Confidence::Likely, true, DateOf::Making),
                in_array($name, self::PUBLISHED, true) => Make::date($value, $where, Confidence::Likely, true),
                $name === 'publisher' => [...Make::publisher($value, $where, Confidence::Likely, true), ...Make::date(preg_match('/(?:,\s*c?|\()([^,()]*(?:, )?\d{4})\)?\.?$/u', $value, $m) === 1 ? $m[1] : '', $where, Confidence::Likely, true)],
                // "1 photographic print" counts what the library has.
                $name === 'medium' && preg_match('/^\d/', $value) === 1 => [],
                default => self::field((string) $name) === null ? [] : Make::text(self::field((string) $name), $value, $where, Confidence::Likely, true),
            }];
        }

        return [
            ...Make::text(FieldPath::kind(), $kind, 'From the way the page describes it.', Confidence::Likely),
            ...self::together($findings),
            ...Make::date(in_array($kind, self::DATED, true) ? $labels->value('date') : '', Labels::where('Date'), Confidence::Likely, true, DateOf::Making),
            ...Make::date($labels->has('director') ? $labels->value('date') : '', Labels::where('Date'), Confidence::Likely, true),
        ];
    }

    /** Where the value of a label goes as it stands. */
    private static function field(string $label): ?FieldPath
    {
        return match ($label) {
            'report number', 'report no.', 'publication number' => ContainerField::Number->at(),
            'medium', 'materials', 'medium and support' => FieldPath::medium(),
            'doi' => ContainerField::Doi->at(),
            'collection' => ContainerField::Collection->at(),
            'isbn' => FieldPath::isbn(),
            default => null,
        };
    }

    /**
     * People who made a thing together, each in a part of their own, are one answer: who asks and who is asked.
     *
     * @param  list<Finding>  $findings
     * @return list<Finding>
     */
    private static function together(array $findings): array
    {
        $isPart = static fn (Finding $one): bool => $one->field === FieldPath::contributors() && in_array($one->people()[0]->role, self::TOGETHER, true);
        $parts = array_values(array_filter($findings, $isPart));
        if (count($parts) < 2) {
            return $findings;
        }
        $people = array_merge(...array_map(static fn (Finding $one): array => $one->people(), $parts));
        $evidence = implode('; ', array_map(static fn (Finding $one): string => $one->evidence->text, $parts));

        return [...Make::people($people, $parts[0]->evidence->where, Confidence::Likely, $evidence, true), ...array_values(array_filter($findings, static fn (Finding $one): bool => ! $isPart($one)))];
    }

    private static function kind(Document $page): string
    {
        $labels = $page->labels();

        return match (true) {
            $labels->has('cartographer'), $labels->has('scale') && $labels->has('date') => 'map',
            $labels->has('photographer', 'taken on', 'date taken') => 'photograph',
            $labels->has('report number') => 'report',
            $labels->has('isbn') && $labels->has('paperback', 'hardcover', 'hardback', 'print length', 'binding') => 'book',
            $labels->has('interviewee') => 'published-interview',
            $labels->has('held by') && $labels->has('reference', 'date') => 'archive-item',
            default => KindLabel::of($page) ?: ($labels->has('artist', 'painter', 'sculptor') && $labels->has('date') && ! $labels->has('album', 'label') ? 'artwork' : ''),
        };
    }

    /**
     * @param  list<string>  $lines  of the value, each with a name or several
     * @return list<Finding>
     */
    private static function people(Role $role, array $lines, string $where): array
    {
        // A raised number after a name leads to a note; "Print made by:" before it says what the label says.
        $lines = array_map(static fn (string $line): string => (string) preg_replace(['/(?<=\p{Ll})\d{1,2}(?=$|[\s,(])/u', '/^[\p{L} ]{2,30} by:\s+/u'], '', $line), $lines);
        // Of several lines those with a name count; the rest are posts, firms and accounts.
        $named = count($lines) < 2 ? [] : array_filter($lines, static fn (string $line): bool => NameShape::fills($line) || preg_match('/^'.NameShape::inverted().'/u', $line) === 1);
        $people = [];
        foreach ($named === [] ? $lines : $named as $line) {
            // After a catalogue's name stands what somebody did: "Feld, Oskar, 1879-1947, photographer".
            $did = preg_match('/^(.+?)(?|, (\p{Ll}+)\.?| \((\p{L}+)\))$/u', $line, $m) === 1 ? (self::PEOPLE[mb_strtolower($m[2])] ?? null) : null;
            foreach (Bylines::contributors($did === null ? $line : $m[1]) as $one) {
                $people[] = new Contributor($did ?? $role, $one->name);
            }
        }

        return Make::people($people, $where, Confidence::Likely, implode('; ', $lines), true);
    }
}
