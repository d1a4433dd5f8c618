<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\Finding;
use Bibrel\Core\Read\Xml;

/** What a site's feed (RSS 2.0 or Atom) says of one of its pages: who wrote it and when it came out. */
final class Feed
{
    private const WHERE = 'From the site’s feed.';

    /** @return list<Finding> none where the feed does not list the page */
    public static function findings(string $xml, string $url): array
    {
        $items = Xml::parse($xml)?->query('//*[local-name()="item" or local-name()="entry"]') ?? false;
        foreach ($items === false ? [] : $items as $item) {
            if (! $item instanceof \DOMElement) {
                continue;
            }
            $said = ['link' => [], 'creator' => [], 'author' => [], 'pubDate' => [], 'published' => [], 'title' => []];
            foreach ($item->childNodes as $child) {
                if ($child instanceof \DOMElement && isset($said[$child->localName])) {
                    $said[$child->localName][] = $child->localName === 'link' && $child->hasAttribute('href') ? $child->getAttribute('href') : trim((string) preg_replace('/\s+/', ' ', $child->textContent));
                }
            }
            $same = array_filter($said['link'], static fn (string $link): bool => self::bare($link) === self::bare($url));
            if ($same !== []) {
                return [
                    ...Make::byline($said['creator'][0] ?? $said['author'][0] ?? '', self::WHERE, Confidence::Likely),
                    ...Make::date(self::day($said['pubDate'][0] ?? $said['published'][0] ?? ''), self::WHERE, Confidence::Likely),
                ];
            }
        }

        return [];
    }

    /** "Mon, 03 Mar 2025 08:00:00 GMT" as "2025-03-03". */
    private static function day(string $date): string
    {
        $time = strtotime($date);

        return $date === '' || $time === false ? '' : date('Y-m-d', $time);
    }

    private static function bare(string $url): string
    {
        return rtrim((string) preg_replace('~^https?://(?:www\.)?|[?#].*$~i', '', $url), '/');
    }
}
