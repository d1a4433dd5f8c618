<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\SiteTitle;

/**
 * The line a database prints under an article: "From: Folklore Review (Vol. 64, Issue 2)". The journal is the first
 * container, and the site it is read on its database.
 */
final class JournalLine implements Clues
{
    /** Labels of the line that says which journal or magazine an article is from. */
    private const FROM = ['from', 'source', 'published in', 'publication', 'publication title', 'journal', 'journal title', 'source title'];

    private const PLACES = ['volume' => 'containers.0.volume', 'issue' => 'containers.0.issue', 'pages' => 'containers.0.pages', 'page' => 'containers.0.pages', 'page range' => 'containers.0.pages'];

    public function in(Document $page): array
    {
        $labels = $page->labels();
        foreach (self::FROM as $label) {
            if (preg_match('/^(\p{L}.{2,90}?)[\s,;.(]+vol(?:ume)?\.?\s*(\d+)(?:[\s,.;(]+(?:no|issue|iss|nr)\.?\s*(\d+))?/iu', $labels->value($label), $m) !== 1) {
                continue;
            }
            $where = Labels::where(mb_convert_case($label, MB_CASE_TITLE));
            $findings = [
                ...Make::text('kind', 'journal-article', 'From the way the page describes it.', Confidence::Likely),
                ...Make::text('containers.0.title', $m[1], $where, Confidence::Stated, true),
                ...Make::text('containers.0.volume', $m[2], $where, Confidence::Stated, true),
                ...Make::text('containers.0.issue', $m[3] ?? '', $where, Confidence::Stated, true),
                ...Make::date($labels->value('date', 'publication date'), Labels::where('Date'), Confidence::Likely, true),
                ...Make::text('containers.1.title', self::database($page), 'The site’s name; the article itself is from a journal.', Confidence::Likely),
            ];
            foreach (self::PLACES as $name => $field) {
                $findings = [...$findings, ...Make::text($field, $labels->value($name), Labels::where(mb_convert_case($name, MB_CASE_TITLE)), Confidence::Likely, true)];
            }

            return $findings;
        }

        return [];
    }

    private static function database(Document $page): string
    {
        $heading = $page->text($page->first('//h1'));
        $others = array_values(array_filter(SiteTitle::parts($page->tabName()), static fn (string $part): bool => $part !== $heading));

        return $page->meta('og:site_name') ?: ($others[0] ?? '');
    }
}
