<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

/** Documents a page points to that say more of it: its oEmbed answer, its feed, the record it exports. */
final class LinkedDocuments
{
    /** @return array{oembed: string, feed: string, ris: string} whole addresses; '' where there is none */
    public static function of(string $html, string $url): array
    {
        $page = Document::parse($html, $url);
        $at = static function (string $type) use ($page, $url): string {
            $link = $page->first("//*[(self::link or self::a) and @type='{$type}' and @href]");

            return $link === null ? '' : self::absolute($link->getAttribute('href'), $url);
        };

        return ['oembed' => $at('application/json+oembed'), 'feed' => $at('application/rss+xml') ?: $at('application/atom+xml'), 'ris' => $at('application/x-research-info-systems')];
    }

    private static function absolute(string $href, string $url): string
    {
        if (preg_match('~^https?://~i', $href) === 1) {
            return $href;
        }
        $scheme = (string) parse_url($url, PHP_URL_SCHEME);
        $host = (string) parse_url($url, PHP_URL_HOST);

        return match (true) {
            str_starts_with($href, '//') => "{$scheme}:{$href}",
            str_starts_with($href, '/') => "{$scheme}://{$host}{$href}",
            default => "{$scheme}://{$host}".preg_replace('~[^/]*$~', '', (string) parse_url($url, PHP_URL_PATH)).$href,
        };
    }
}
