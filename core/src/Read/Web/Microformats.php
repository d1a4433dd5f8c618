<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Source\FieldPath;

/** A post marked as h-entry, or hentry in the older spelling (microformats). A page that lists several tells of none. */
final class Microformats implements EvidenceReader
{
    private const WHERE = 'From the marks around the post on the page.';

    /** Words in the names of companies. */
    private const HOUSE = '/\b(?:publish\w+|media|news\w*|press|broadcasting|network|group|inc|ltd|llc|limited|co)\b/i';

    public function read(Document $page): array
    {
        $posts = $page->withClass(['h-entry', 'hentry']);
        if (count($posts) !== 1) {
            return [];
        }
        $first = static fn (string ...$classes): ?\DOMElement => array_values(array_filter($page->withClass(array_values($classes), $posts[0]), static fn (\DOMElement $one): bool => ! $page->isBeside($one)))[0] ?? null;
        $date = $first('dt-published', 'published');
        $author = $first('p-author', 'author', 'vcard');
        $name = $author === null ? null : ($page->withClass(['fn', 'p-name'], $author)[0] ?? $author);

        // Newspapers and magazines mark their articles in the same way; a blog is somebody's own.
        $isBlog = preg_match('/\bblog/i', implode(' ', [$page->url, $page->meta('og:site_name'), $page->tabName(), $page->meta('generator')])) === 1
            || $page->meta('og:type') !== 'article' && preg_match(self::HOUSE, CopyrightLine::owner($page)) !== 1;

        return [
            ...Make::text(FieldPath::kind(), $isBlog ? 'blog-post' : 'online-article', self::WHERE, Confidence::Likely),
            ...Make::text(FieldPath::title(), $page->text($first('p-name', 'entry-title')), self::WHERE, Confidence::Stated, true),
            ...Make::byline($page->text($name), self::WHERE, Confidence::Stated, true),
            ...($date === null ? [] : Make::date($date->getAttribute('datetime') ?: $page->text($date), self::WHERE, Confidence::Stated)),
        ];
    }
}
