<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Bylines;
use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Source\ContainerField;
use Bibrel\Core\Source\FieldPath;

/** A citation record hidden in an empty span (COinS: OpenURL 1.0 in HTML). A page that lists several tells of none. */
final class Coins implements EvidenceReader
{
    private const WHERE = 'From a citation record hidden in the page (COinS).';

    private const KINDS = ['article' => 'journal-article', 'book' => 'book', 'bookitem' => 'chapter', 'proceeding' => 'conference-paper', 'conference' => 'conference-paper', 'report' => 'report', 'dissertation' => 'thesis'];

    public function read(Document $page): array
    {
        $spans = $page->withClass(['Z3988']);
        if (count($spans) !== 1) {
            return [];
        }
        $said = [];
        foreach (explode('&', $spans[0]->getAttribute('title')) as $pair) {
            [$key, $value] = explode('=', $pair, 2) + [1 => ''];
            $said[urldecode($key)][] = mb_scrub(urldecode($value));
        }
        $one = static fn (string ...$keys): string => (string) current(array_filter(array_map(static fn (string $key): string => $said["rft.{$key}"][0] ?? '', $keys)));
        $text = static fn (FieldPath $field, string $value): array => Make::text($field, $value, self::WHERE, Confidence::Stated);
        $names = $said['rft.au'] ?? ($one('aulast') === '' ? [] : [$one('aulast').($one('aufirst', 'auinit') === '' ? '' : ', '.$one('aufirst', 'auinit'))]);
        $pages = $one('spage') !== '' && $one('epage') !== '' ? $one('spage').'-'.$one('epage') : $one('pages', 'spage');
        $kind = self::KINDS[$one('genre')] ?? '';

        return [
            ...$text(FieldPath::kind(), $kind),
            ...$text(FieldPath::title(), $one('atitle', 'title', 'btitle')),
            ...$text(ContainerField::Title->at(), $one('jtitle') ?: ($one('atitle') === '' ? '' : $one('btitle'))),
            ...Make::people(array_map(static fn (string $name) => Bylines::contributor($name), $names), self::WHERE, Confidence::Stated, implode('; ', $names)),
            ...Make::date(CitationMeta::dashed($one('date')), self::WHERE, Confidence::Stated),
            ...$text(ContainerField::Volume->at(), $one('volume')),
            ...$text(ContainerField::Issue->at(), $one('issue')),
            ...$text(ContainerField::Pages->at(), $pages),
            ...$text(ContainerField::Publisher->at(), $one('pub')),
            ...$text(FieldPath::isbn(), $one('isbn')),
        ];
    }
}
