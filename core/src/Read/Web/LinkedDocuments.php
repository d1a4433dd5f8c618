<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Format\Exchange\Ris;
use Bibrel\Core\Format\Unreadable;
use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\Finding;
use Bibrel\Core\Read\Reading;
use Bibrel\Core\Source\ContainerField;
use Bibrel\Core\Source\FieldPath;

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

    /**
     * A page with what the documents it points to say more.
     *
     * @param  array<string, string>  $linked  their text, by what they are; '' or missing where there is none to be had
     */
    public static function read(string $html, string $url, array $linked): Reading
    {
        $text = static fn (string $what): string => $linked[$what] ?? '';

        return WebPage::read($html, $url, [
            ...($text('oembed') === '' ? [] : Oembed::findings($text('oembed'))),
            ...($text('feed') === '' ? [] : Feed::findings($text('feed'), $url)),
            ...($text('ris') === '' ? [] : self::exported($text('ris'))),
        ]);
    }

    /** @return list<Finding> */
    private static function exported(string $ris): array
    {
        try {
            $sources = (new Ris)->read($ris);
        } catch (Unreadable) {
            return [];
        }
        if (count($sources) !== 1) {
            return [];
        }
        $reading = Reading::of($sources[0], 'From the record the page exports (RIS).', Confidence::Likely);
        $own = [ContainerField::Url->at(), ContainerField::Url->at(1), FieldPath::reached()];

        return array_values(array_filter($reading->findings, static fn (Finding $one): bool => ! in_array($one->field, $own, true)));
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
