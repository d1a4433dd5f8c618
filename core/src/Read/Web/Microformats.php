<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Confidence;

/** A post marked as h-entry, or hentry in the older spelling (microformats). A page that lists several tells of none. */
final class Microformats implements Clues
{
    private const WHERE = 'From the marks around the post on the page.';

    public function in(Document $page): array
    {
        $posts = $page->withClass(['h-entry', 'hentry']);
        if (count($posts) !== 1) {
            return [];
        }
        $first = static fn (string ...$classes): ?\DOMElement => $page->withClass(array_values($classes), $posts[0])[0] ?? null;
        $date = $first('dt-published', 'published');
        $author = $first('p-author', 'author', 'vcard');
        $name = $author === null ? null : ($page->withClass(['fn', 'p-name'], $author)[0] ?? $author);

        return [
            ...Make::text('kind', 'blog-post', self::WHERE, Confidence::Likely),
            ...Make::text('title.main', $page->text($first('p-name', 'entry-title')), self::WHERE, Confidence::Stated, true),
            ...Make::byline($page->text($name), self::WHERE, Confidence::Stated, true),
            ...($date === null ? [] : Make::date($date->getAttribute('datetime') ?: $page->text($date), self::WHERE, Confidence::Stated)),
        ];
    }
}
