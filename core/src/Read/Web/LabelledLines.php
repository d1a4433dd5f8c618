<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Bylines;
use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\Finding;
use Bibrel\Core\Read\SiteTitle;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\Role;

/** Values behind their names, as museums, archives and offices print them: "Artist", "Date made", "Report number: …". */
final class LabelledLines implements Clues
{
    private const WHERE = 'From the line “%s” on the page.';

    private const PEOPLE = ['artist' => Role::Artist, 'cartographer' => Role::Author, 'maker' => Role::Artist, 'painter' => Role::Artist, 'sculptor' => Role::Artist, 'photographer' => Role::Photographer, 'author' => Role::Author, 'authors' => Role::Author, 'author(s)' => Role::Author, 'creator' => Role::Author, 'host' => Role::Host, 'hosted by' => Role::Host, 'presenter' => Role::Host, 'director' => Role::Director];

    private const MADE = ['date made', 'date created', 'created', 'made', 'date of creation', 'production date', 'taken', 'taken on', 'date taken'];

    private const PUBLISHED = ['published', 'date published', 'publication date', 'release date', 'released', 'issued', 'date of publication', 'first published'];

    private const FIELDS = ['report number' => 'containers.0.number', 'report no.' => 'containers.0.number', 'publication number' => 'containers.0.number', 'medium' => 'medium', 'materials' => 'medium', 'medium and support' => 'medium', 'doi' => 'containers.0.doi', 'collection' => 'containers.0.collection', 'publisher' => 'containers.0.publisher', 'isbn' => 'isbn'];

    /** Labels of the line that says which journal or magazine an article in a database is from. */
    private const FROM = ['from', 'source', 'published in', 'publication', 'publication title', 'journal', 'journal title', 'source title'];

    private const WHERE_IN = ['volume' => 'containers.0.volume', 'issue' => 'containers.0.issue', 'pages' => 'containers.0.pages', 'page' => 'containers.0.pages', 'page range' => 'containers.0.pages'];

    private const MAKERS = ['artist', 'maker', 'creator', 'artist-name', 'object-artist'];

    public function in(Document $page): array
    {
        $findings = [];
        $labels = [];
        foreach (self::pairs($page) as [$label, $value]) {
            $name = mb_strtolower(trim($label, " :\u{00A0}"));
            if (isset($labels[$name]) || mb_strlen($value) > 200) {
                continue;
            }
            $labels[$name] = $value;
            $where = sprintf(self::WHERE, trim($label, ' :'));
            $findings = [...$findings, ...match (true) {
                isset(self::PEOPLE[$name]) => self::people(self::PEOPLE[$name], $value, $where),
                in_array($name, self::MADE, true) => Make::date($value, $where, Confidence::Likely, true, 'made'),
                in_array($name, self::PUBLISHED, true) => Make::date($value, $where, Confidence::Likely, true),
                isset(self::FIELDS[$name]) => Make::text(self::FIELDS[$name], $value, $where, Confidence::Likely, true),
                default => [],
            }];
        }
        if (isset($labels['date']) && (isset($labels['cartographer']) || isset($labels['scale']))) {
            $findings = [...$findings, ...Make::date($labels['date'], sprintf(self::WHERE, 'Date'), Confidence::Likely, true, 'made')];
        }
        $material = isset($labels['medium']) || isset($labels['materials']) || isset($labels['medium and support']);
        $maker = isset($labels['artist']) || isset($labels['maker']) || isset($labels['painter']) || isset($labels['sculptor']);
        $numbered = isset($labels['object number']) || isset($labels['accession number']) || isset($labels['inventory number']);
        if ($material && $maker) {
            $where = static fn (string $label): string => sprintf(self::WHERE, $label);
            $findings = [...$findings, ...Make::date($labels['date'] ?? '', $where('Date'), Confidence::Likely, true, 'made'), ...Make::text('title.main', $labels['title'] ?? '', $where('Title'), Confidence::Likely, true)];
        }
        $from = self::from($page, $labels);
        $made = $material || $numbered ? self::work($page, $maker) : [];
        $maker = $maker || $made !== [];
        $kind = match (true) {
            $from !== [] => 'journal-article',
            isset($labels['cartographer']), isset($labels['scale']) && isset($labels['date']) => 'map',
            isset($labels['photographer']) => 'photograph',
            $material && $maker, $numbered && $maker, $material && $numbered => 'artwork',
            isset($labels['taken on']) || isset($labels['date taken']) => 'photograph',
            isset($labels['report number']) => 'report',
            default => '',
        };

        return [...Make::text('kind', $kind, 'From the way the page describes it.', Confidence::Likely), ...$from, ...$findings, ...$made];
    }

    /**
     * "From: Folklore Review (Vol. 64, Issue 2)": the journal first, and the site it is read on as its database.
     *
     * @param  array<string, string>  $labels
     * @return list<Finding>
     */
    private static function from(Document $page, array $labels): array
    {
        foreach (self::FROM as $label) {
            if (preg_match('/^(\p{L}.{2,90}?)[\s,;.(]+vol(?:ume)?\.?\s*(\d+)(?:[\s,.;(]+(?:no|issue|iss|nr)\.?\s*(\d+))?/iu', $labels[$label] ?? '', $m) !== 1) {
                continue;
            }
            $where = sprintf(self::WHERE, mb_convert_case($label, MB_CASE_TITLE));
            $findings = [
                ...Make::text('containers.0.title', $m[1], $where, Confidence::Stated, true),
                ...Make::text('containers.0.volume', $m[2], $where, Confidence::Stated, true),
                ...Make::text('containers.0.issue', $m[3] ?? '', $where, Confidence::Stated, true),
                ...Make::date($labels['date'] ?? $labels['publication date'] ?? '', sprintf(self::WHERE, 'Date'), Confidence::Likely, true),
                ...Make::text('containers.1.title', self::site($page), 'The site’s name; the article itself is from a journal.', Confidence::Likely),
            ];
            foreach (self::WHERE_IN as $name => $field) {
                $findings = [...$findings, ...Make::text($field, $labels[$name] ?? '', sprintf(self::WHERE, mb_convert_case($name, MB_CASE_TITLE)), Confidence::Likely, true)];
            }

            return $findings;
        }

        return [];
    }

    private static function site(Document $page): string
    {
        $parts = SiteTitle::parts($page->tabName());
        $heading = $page->text($page->first('//h1'));
        $others = array_values(array_filter($parts, static fn (string $part): bool => $part !== $heading));

        return $page->meta('og:site_name') ?: ($others[0] ?? '');
    }

    /**
     * A museum's lines under the name of a work that carry no label: who made it, and a year alone.
     *
     * @return list<Finding>
     */
    private static function work(Document $page, bool $hasMaker): array
    {
        $findings = [];
        foreach ($hasMaker ? [] : $page->withClass(self::MAKERS) as $element) {
            if (! $page->isBeside($element)) {
                $findings = self::people(Role::Artist, $page->text($element), 'From the line with the maker’s name on the page.');
                break;
            }
        }
        foreach (array_slice($page->blocks(), $page->headingBlock() + 1, 4) as $block) {
            if (preg_match('/^(?:(?:c|ca|circa)\.?\s*)?(?:1\d{3}|20\d\d)$/iu', $block['text']) === 1) {
                return [...$findings, ...Make::date($block['text'], 'From the line under the headline.', Confidence::Likely, true, 'made')];
            }
        }

        return $findings;
    }

    /** @return list<Finding> */
    private static function people(Role $role, string $value, string $where): array
    {
        $people = array_map(static fn (Contributor $one): Contributor => new Contributor($role, $one->name), Bylines::contributors($value));

        return Make::people($people, $where, Confidence::Likely, $value, true);
    }

    /** @return list<array{string, string}> label and value */
    private static function pairs(Document $page): array
    {
        $pairs = [];
        foreach ($page->mentions('<dt') ? $page->all('//dl/dt') : [] as $term) {
            $value = $page->all('following-sibling::*[1][self::dd]', $term)[0] ?? null;
            $pairs[] = [$page->text($term), $page->text($value)];
        }
        foreach ($page->mentions('<tr') ? $page->all('//tr[count(*)=2]') : [] as $row) {
            $cells = $page->all('./*', $row);
            $pairs[] = [$page->text($cells[0]), $page->text($cells[1] ?? null)];
        }
        foreach ($page->matches('~>\s*(?:medium|materials|report number|publication number|collection|(?:accession|object|inventory) number)\s*:?\s*</~i') ? $page->all('//*[(self::li or self::div or self::p) and count(*)=2 and not(*[1]/*)]') : [] as $line) {
            $parts = $page->all('./*', $line);
            if (isset(self::FIELDS[mb_strtolower(trim($page->text($parts[0]), ' :'))]) || preg_match('/^(?:accession|object|inventory) number:?$/i', $page->text($parts[0])) === 1) {
                $pairs[] = [$page->text($parts[0]), $page->text($parts[1])];
            }
        }
        foreach ($page->blocks() as $block) {
            if (strlen($block['text']) > 300 || strpbrk($block['text'][0], 'ABCDEFGHIJKLMNOPQRSTUVWXYZ') === false) {
                continue;
            }
            if (str_contains($block['text'], ': ') && preg_match('/^(\p{Lu}[\p{L}() .]{2,24}):\s+(\S.*)$/u', $block['text'], $m) === 1) {
                $pairs[] = [$m[1], $m[2]];
            } elseif (strlen($block['text']) < 80 && preg_match('/^(Taken on|Taken|Hosted by|Released|Presented by)\s+(\S[^.]*)/u', $block['text'], $m) === 1) {
                $pairs[] = [$m[1], $m[2]];
            }
        }

        return array_values(array_filter($pairs, static fn (array $pair): bool => $pair[0] !== '' && $pair[1] !== ''));
    }
}
