<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Source\Role;

/** Values behind their names, as museums, archives and offices print them: "Artist", "Date made", "Report number: …". */
final class LabelledLines implements Clues
{
    private const PEOPLE = ['artist' => Role::Artist, 'cartographer' => Role::Author, 'maker' => Role::Artist, 'painter' => Role::Artist, 'sculptor' => Role::Artist, 'photographer' => Role::Photographer, 'author' => Role::Author, 'authors' => Role::Author, 'author(s)' => Role::Author, 'creator' => Role::Author, 'host' => Role::Host, 'hosted by' => Role::Host, 'presenter' => Role::Host, 'director' => Role::Director];

    private const MADE = ['date made', 'date created', 'created', 'made', 'date of creation', 'production date', 'taken', 'taken on', 'date taken'];

    private const PUBLISHED = ['published', 'date published', 'publication date', 'release date', 'released', 'issued', 'date of publication', 'first published'];

    private const FIELDS = ['report number' => 'containers.0.number', 'report no.' => 'containers.0.number', 'publication number' => 'containers.0.number', 'medium' => 'medium', 'materials' => 'medium', 'medium and support' => 'medium', 'doi' => 'containers.0.doi', 'collection' => 'containers.0.collection', 'publisher' => 'containers.0.publisher', 'isbn' => 'isbn'];

    public function in(Document $page): array
    {
        $labels = $page->labels();
        $findings = [];
        foreach ($labels->found as $name => ['label' => $label, 'value' => $value]) {
            $where = Labels::where($label);
            $findings = [...$findings, ...match (true) {
                isset(self::PEOPLE[$name]) => Make::role(self::PEOPLE[$name], $value, $where),
                in_array($name, self::MADE, true) => Make::date($value, $where, Confidence::Likely, true, 'made'),
                in_array($name, self::PUBLISHED, true) => Make::date($value, $where, Confidence::Likely, true),
                isset(self::FIELDS[$name]) => Make::text(self::FIELDS[$name], $value, $where, Confidence::Likely, true),
                default => [],
            }];
        }
        $kind = match (true) {
            $labels->has('cartographer'), $labels->has('scale') && $labels->has('date') => 'map',
            $labels->has('photographer', 'taken on', 'date taken') => 'photograph',
            $labels->has('report number') => 'report',
            default => '',
        };

        return [
            ...Make::text('kind', $kind, 'From the way the page describes it.', Confidence::Likely),
            ...$findings,
            ...Make::date($kind === 'map' ? $labels->value('date') : '', Labels::where('Date'), Confidence::Likely, true, 'made'),
        ];
    }
}
