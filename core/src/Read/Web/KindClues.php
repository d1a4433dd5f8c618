<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\SiteTitle;
use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Text\PressNames;

/** What kind of source a page is, by its metadata for sharing, its address and the way it is built. */
final class KindClues implements EvidenceReader
{
    private const SHARED = ['article' => 'online-article', 'video.other' => 'online-video', 'video' => 'online-video', 'video.movie' => 'film', 'video.episode' => 'tv-episode', 'video.tv_show' => 'tv-series', 'book' => 'book', 'profile' => 'social-profile', 'books.book' => 'book'];

    public function read(Document $page): array
    {
        $path = (string) parse_url($page->url, PHP_URL_PATH);
        $shared = self::SHARED[$page->meta('og:type')] ?? '';
        // The vocabulary for sharing has no word for what is only heard.
        $shared = $shared === 'tv-episode' && $page->matches('/\bpodcast|\.mp3|<audio/i') && ! $page->mentions('<video') ? 'podcast-episode' : $shared;
        $kind = static fn (string $kind, string $where, Confidence $confidence): array => Make::text(FieldPath::kind(), $kind, $where, $confidence);

        return [
            ...$kind(preg_match('~/wiki/(?!(?:File|Image):)[^/]~', $path) === 1 ? 'wiki-entry' : '', 'The address is an entry’s in a wiki.', Confidence::Stated),
            ...$kind(preg_match('~/wiki/\p{Lu}\p{L}{3,8}:.+\.(?:jpe?g|tiff?)$~iu', rawurldecode($path)) === 1 ? 'photograph' : '', 'The address is a picture’s in a wiki.', Confidence::Likely),
            ...$kind(preg_match('~/(?:press|news|media)-?releases?/[^/]~i', $path) === 1 ? 'press-release' : '', 'The address is a press release’s.', Confidence::Likely),
            ...$kind(self::says($page, '/^(?:press|news|media) release$|^for immediate release\b|^news provided by\b/iu') ? 'press-release' : '', 'The page calls itself a press release.', Confidence::Stated),
            ...$kind(self::says($page, '/^(?:dear|to the) editors?\b/iu') ? 'reader-letter' : '', 'It begins as a letter to the editor.', Confidence::Likely),
            ...$kind(preg_match('/\bdefinition\b|\bmeaning of\b/i', $page->tabName()) === 1 && preg_match('~/(?:dictionary|define|definition|word)s?/~i', $path) === 1 ? 'online-reference' : '', 'The page defines a word.', Confidence::Likely),
            ...$kind(preg_match('/\b(?:encyclop(?:a?edia|edic)|dictionary|lexicon)\b/i', ($page->meta('og:site_name') ?: SiteTitle::besides($page->tabName(), $page->text($page->first('//h1')))).' '.CopyrightLine::owner($page)) === 1 && self::isEntry($page, $path) ? 'online-reference' : '', 'The site is a reference work.', Confidence::Likely),
            ...$kind(self::isPrinted($page) ? 'online-article' : '', 'The page says that it appeared in print.', Confidence::Likely),
            ...$kind(self::isNamed($page, PressNames::NEWSPAPER) && ($shared === 'online-article' || self::isSigned($page)) ? 'newspaper-article' : '', 'The site’s name is a newspaper’s.', Confidence::Likely),
            ...$kind(self::isNamed($page, PressNames::PRESS) && self::isSigned($page) ? 'online-article' : '', 'The site is a newspaper’s or magazine’s, and the page is signed.', Confidence::Likely),
            ...$kind(self::isPodcast($page) ? 'podcast-episode' : '', 'The page plays sound and calls itself a podcast.', Confidence::Likely),
            ...$kind(preg_match('~/(?:photos?|pictures?|images?)/[^/]~', $path) === 1 && $page->meta('og:image') !== '' ? 'photograph' : '', 'The address is a picture’s own.', Confidence::Likely),
            ...$kind(preg_match('~^blog\.|^/(?:blog)/~', $page->host().$path) === 1 && $shared === 'online-article' ? 'blog-post' : '', 'The address is a blog’s.', Confidence::Likely),
            ...$kind($shared, 'Stated in the page’s metadata.', Confidence::Likely),
            ...$kind($page->meta('article:published_time') !== '' || self::isArticle($page) ? 'online-article' : '', 'It is built like an article, with a byline or a date.', Confidence::Likely),
        ];
    }

    private static function says(Document $page, string $pattern): bool
    {
        foreach (array_slice($page->blocks(), 0, 8) as $block) {
            if (preg_match($pattern, $block['text']) === 1) {
                return true;
            }
        }

        return false;
    }

    /** Whether the site's name ends in one of these words. */
    private static function isNamed(Document $page, string $words): bool
    {
        $site = $page->meta('og:site_name') ?: (string) preg_replace('/^.*\s[|·•–—-]\s/u', '', $page->tabName());

        return preg_match("/(?<![\\p{L}\\p{N}])(?:{$words})$/u", $site) === 1;
    }

    private static function isSigned(Document $page): bool
    {
        foreach (array_slice($page->blocks(), $page->headingBlock() + 1, 5) as $block) {
            if (preg_match('/^(?:by|words by|text by)\s+\p{L}/iu', $block['text']) === 1) {
                return true;
            }
        }

        return false;
    }

    private static function isPrinted(Document $page): bool
    {
        foreach ($page->mentions('appear') || $page->mentions('published in') ? $page->blocks() : [] as $block) {
            if (preg_match('/^(?:this|the) (?:article|story|essay|piece|feature) (?:first |originally )?(?:appear(?:s|ed)|was (?:first |originally )?published) in\b/iu', $block['text']) === 1) {
                return true;
            }
        }

        return false;
    }

    /** An entry's heading is the word the tab's name begins with, or its address ends in. */
    private static function isEntry(Document $page, string $path): bool
    {
        $heading = $page->text($page->first('//h1'));
        $slug = mb_strtolower((string) preg_replace('/[^\p{L}\p{N}]+/u', '-', $heading));

        return $heading !== '' && str_word_count($heading) <= 4 && (str_ends_with(mb_strtolower(rtrim($path, '/')), $slug) || mb_stripos($page->tabName(), $heading) === 0);
    }

    private static function isPodcast(Document $page): bool
    {
        return $page->mentions('<audio') && self::says($page, '/\bpodcast\b/iu');
    }

    /** One article element of its own with a heading and a byline or time in it. */
    private static function isArticle(Document $page): bool
    {
        $articles = $page->mentions('<article') ? $page->all('//article[.//h1]') : [];

        return count($articles) === 1 && ($page->meta('author', 'date') !== '' || $page->all('.//time|.//*[contains(@class,"byline") or contains(@class,"author")]', $articles[0]) !== []);
    }
}
