<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Bylines;
use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\Finding;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\Role;

/** Values behind their names, as museums, archives and offices print them: "Artist", "Date made", "Report number: …". */
final class LabelledLines implements Clues
{
    private const WHERE = 'From the line “%s” on the page.';

    private const PEOPLE = ['artist' => Role::Artist, 'maker' => Role::Artist, 'painter' => Role::Artist, 'sculptor' => Role::Artist, 'photographer' => Role::Photographer, 'author' => Role::Author, 'authors' => Role::Author, 'author(s)' => Role::Author, 'creator' => Role::Author, 'host' => Role::Host, 'hosted by' => Role::Host, 'presenter' => Role::Host, 'director' => Role::Director];

    private const MADE = ['date made', 'date created', 'created', 'made', 'date of creation', 'production date', 'taken', 'taken on', 'date taken'];

    private const PUBLISHED = ['published', 'date published', 'publication date', 'release date', 'released', 'issued', 'date of publication', 'first published'];

    private const FIELDS = ['report number' => 'containers.0.number', 'report no.' => 'containers.0.number', 'publication number' => 'containers.0.number', 'medium' => 'medium', 'materials' => 'medium', 'medium and support' => 'medium', 'doi' => 'containers.0.doi', 'collection' => 'containers.0.collection', 'publisher' => 'containers.0.publisher', 'isbn' => 'isbn'];

    public function in(Document $page): array
    {
        $findings = [];
        $labels = [];
        foreach (self::pairs($page) as [$label, $value]) {
            $name = mb_strtolower(trim($label, " :\u{00A0}"));
            if (isset($labels[$name]) || mb_strlen($value) > 200) {
                continue;
            }
            $labels[$name] = true;
            $where = sprintf(self::WHERE, trim($label, ' :'));
            $findings = [...$findings, ...match (true) {
                isset(self::PEOPLE[$name]) => self::people(self::PEOPLE[$name], $value, $where),
                in_array($name, self::MADE, true) => Make::date($value, $where, Confidence::Likely, true, 'made'),
                in_array($name, self::PUBLISHED, true) => Make::date($value, $where, Confidence::Likely, true),
                isset(self::FIELDS[$name]) => Make::text(self::FIELDS[$name], $value, $where, Confidence::Likely, true),
                default => [],
            }];
        }
        $material = isset($labels['medium']) || isset($labels['materials']) || isset($labels['medium and support']);
        $maker = isset($labels['artist']) || isset($labels['maker']) || isset($labels['painter']) || isset($labels['sculptor']);
        $numbered = isset($labels['object number']) || isset($labels['accession number']) || isset($labels['inventory number']);
        $kind = match (true) {
            isset($labels['photographer']) => 'photograph',
            $material && $maker, $numbered && $maker, $material && $numbered => 'artwork',
            isset($labels['taken on']) || isset($labels['date taken']) => 'photograph',
            isset($labels['report number']) => 'report',
            default => '',
        };

        return [...Make::text('kind', $kind, 'From the way the page describes it.', Confidence::Likely), ...$findings];
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
