<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\Finding;
use Bibrel\Core\Read\SiteTitle;
use Bibrel\Core\Source\ContainerField;
use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\Text;

/** The heading of the text, the page's title element, and what stands after or before the bar in it. */
final class Headline implements EvidenceReader
{
    private const MARKED = ['entry-title', 'headline', 'article-title', 'post-title'];

    public function read(Document $page): array
    {
        $tab = $page->tabName();
        // A file's name is nobody's title, and neither is what an editor of pages puts there by itself.
        $tab = preg_match('/^[\w%-]+\.(?:html?|php|aspx?|pdf|docx?)$|^(?:untitled(?: document)?|document|new page(?: \d+)?|index|home ?page)$/i', $tab) === 1 ? '' : $tab;
        $heading = self::element($page);
        $title = $page->text($heading);
        // A number alone is followed by what it is the number of: "INL-88: Marking of hazards".
        if (preg_match('/^(?=\S*\d)[\p{Lu}\d.-]{2,16}$/u', $title) === 1 && preg_match('/^'.preg_quote($title, '/').'\s*[:–—-]\s+\S/u', $tab) === 1) {
            return [...Make::text(FieldPath::title(), $tab, 'From the name of the browser tab.', Confidence::Likely)];
        }

        if ($title === '') {
            $parted = self::withoutHeading($page, $tab);
            if ($parted !== []) {
                return $parted;
            }
        }

        return [
            ...($title === '' ? [] : Make::text(FieldPath::title(), $title, 'The main heading of the page.', $heading !== null && self::isOfText($page, $heading) ? Confidence::Stated : Confidence::Likely, true)),
            ...Make::text(FieldPath::title(), $tab, 'From the name of the browser tab.', Confidence::Likely),
            ...self::site($page, $tab, $title),
            ...($title === '' && $tab === '' ? Make::text(FieldPath::title(), $page->blocks()[0]['text'] ?? '', 'The first line of the page.', Confidence::Guess, true) : []),
        ];
    }

    /** The heading of the text; the one over the whole site links home or stands in the site's own head. */
    private static function element(Document $page): ?\DOMElement
    {
        $firsts = $page->mentions('<h1') ? $page->all('//h1') : [];
        $candidates = [
            ...array_filter([$page->heading()]),
            ...array_filter($firsts, static fn (\DOMElement $h1): bool => $h1->getAttribute('itemprop') === 'headline'),
            ...array_filter($firsts, static fn (\DOMElement $h1): bool => Surroundings::closest($h1, ['article', 'main']) !== null),
            ...array_filter($page->withClass(self::MARKED), static fn (\DOMElement $one): bool => self::isOwn($page, $one)),
            ...($page->mentions('<header') ? array_slice($page->all('//article[not(.//h1)]/header//h2'), 0, 1) : []),
            ...array_filter($firsts, static fn (\DOMElement $h1): bool => (Surroundings::closest($h1, ['header']) === null || Surroundings::closest($h1, ['article']) !== null) && $page->all('.//a[@rel="home" or @href="/"]', $h1) === []),
            ...$firsts,
            ...($firsts === [] ? array_slice($page->all('//h2'), 0, 1) : []),
        ];
        foreach ($candidates as $heading) {
            if ($page->text($heading) !== '' && ! $page->isBeside($heading)) {
                return $heading;
            }
        }

        return null;
    }

    /**
     * Where a page has no heading, that part of the tab's name is its title that stands alone on a line, and the part
     * furthest from it the site: "The Skerry Gazette - News - Pilot gig sold".
     *
     * @return list<Finding>
     */
    private static function withoutHeading(Document $page, string $tab): array
    {
        $parts = SiteTitle::parts($tab);
        $lines = array_column(array_slice($page->blocks(), 0, 30), 'text');
        $at = array_key_first(array_filter($parts, static fn (string $part, int $i): bool => str_contains($part, ' ') && in_array($part, $lines, true) && ($i > 0 || ! in_array(end($parts), $lines, true)), ARRAY_FILTER_USE_BOTH));
        if ($at === null || count($parts) < 2) {
            return [];
        }

        return [
            ...Make::text(FieldPath::title(), $parts[$at], 'A line of the page that the name of the browser tab says again.', Confidence::Likely, true),
            ...Make::text(ContainerField::Title->at(), $at === 0 ? (string) end($parts) : $parts[0], 'Next to the title in the name of the browser tab.', Confidence::Likely),
        ];
    }

    /** A teaser of another text is marked as a headline too; it stands in a list, or leads there. */
    private static function isOwn(Document $page, \DOMElement $marked): bool
    {
        $here = (string) parse_url($page->url, PHP_URL_PATH);
        $links = array_filter($page->all('.//a[@href]|ancestor::a[@href]', $marked), static fn (\DOMElement $link): bool => ! in_array((string) parse_url($link->getAttribute('href'), PHP_URL_PATH), [$here, ''], true));

        return $links === [] && Surroundings::closest($marked, ['li']) === null;
    }

    /** Whether a heading is marked as the text's, or stands in one article of its own; the page's name for itself, then. */
    private static function isOfText(Document $page, \DOMElement $heading): bool
    {
        return $heading->getAttribute('itemprop') === 'headline'
            || in_array($heading->localName, ['h1', 'h2'], true) && preg_match('/(?:^|[\s_-])(?:headline|(?:entry|article|post|story)[_-]*title|hed)(?:[\s_-]|$)/i', $heading->getAttribute('class')) === 1
            || $heading->localName === 'h1' && Surroundings::closest($heading, ['article']) !== null
            || $heading->localName === 'h2' && Surroundings::closest($heading, ['article']) !== null && Surroundings::closest($heading, ['header']) !== null;
    }

    /** The part of the tab's name that the host in the address repeats: "Bold Lantern: Colophon" at boldlantern. */
    private static function named(Document $page, string $element): string
    {
        $letters = static fn (string $text): string => Text::folded((string) preg_replace('/(?<=\S)\.[a-z]{2,10}$/i', '', $text));
        $host = $letters($page->host());
        // "app.tideboard.example" is Tideboard's as well.
        $own = $letters(array_slice(explode('.', $page->host()), -2)[0]);
        foreach (preg_split('/\s+[|·•–—»-]+\s+|\s*\|\s*|:\s+|\s*[\[\]]\s*/u', $element, -1, PREG_SPLIT_NO_EMPTY) ?: [] as $part) {
            if ($host !== '' && $part !== $element && in_array($letters($part), [$host, $own], true)) {
                return $part;
            }
        }

        return '';
    }

    /** @return list<Finding> */
    private static function site(Document $page, string $element, string $heading): array
    {
        $host = self::named($page, $element);
        if ($host !== '') {
            return Make::text(ContainerField::Title->at(), $host, 'In the name of the browser tab; the address says the same.', Confidence::Likely);
        }
        $beside = SiteTitle::besides($element, $heading);
        if ($beside !== '') {
            // Of several parts the last is the site, the others its sections.
            $parts = preg_split('/\s+[:>]\s+/u', implode(' > ', SiteTitle::parts($beside))) ?: [$beside];

            $site = str_ends_with($element, (string) end($parts)) ? (string) end($parts) : $parts[0];

            // What goes on in small letters describes the site: "Mereword, the free encyclopedia".
            return Make::text(ContainerField::Title->at(), (string) preg_replace('/,\s+(?:the|an?|your|our)\s+\p{Ll}.*$/u', '', $site), 'Next to the title in the name of the browser tab.', Confidence::Likely);
        }
        foreach (SiteTitle::parts($element) as $part) {
            foreach (array_slice($page->blocks(), 0, 3) as $block) {
                if ($block['text'] === $part && $part !== $heading && mb_strtolower($part) !== mb_strtolower($element)) {
                    return Make::text(ContainerField::Title->at(), $part, 'From the head of the page and the name of the browser tab.', Confidence::Likely, true);
                }
            }
        }

        $parts = SiteTitle::parts($element);
        $last = (string) end($parts);
        if ($heading !== '' && count($parts) > 1 && ! in_array($last, [$page->meta('dc.title'), $page->meta('og:title')], true) && stripos($last, $heading) === false && stripos($heading, $last) === false && preg_match('/^by\s/i', $last) !== 1 && stripos($element, $heading) !== false) {
            return Make::text(ContainerField::Title->at(), $last, 'After the title in the name of the browser tab.', Confidence::Likely);
        }

        return $heading === '' && SiteTitle::suffix($element) !== $page->meta('dc.title') ? Make::text(ContainerField::Title->at(), SiteTitle::suffix($element), 'Perhaps the part after the bar in the name of the browser tab.', Confidence::Guess) : [];
    }
}
